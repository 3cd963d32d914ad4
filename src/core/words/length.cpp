#include "core/words/length.h"

#include "core/words/length_tokens.h"

#include <cmath>

namespace fm {

using length_detail::Token;
using length_detail::TokenKind;

namespace {

constexpr std::size_t longest_text = 200;
constexpr int deepest_brackets = 40;

/// A value on the way: a bare number, whose unit is still open, or a length in mm.
struct Part {
    double value = 0;
    bool length = false;
};

/// sum := product {(+|-) product}; product := signed {(*|/) signed}; signed := [-|+] atom;
/// atom := number [unit] | fraction [unit] | ( sum ). The unit at the very end governs all bare numbers.
class Parser {
public:
    Parser(const std::vector<Token>& tokens, std::size_t begin, std::size_t end, const LengthOptions& options)
        : tokens_(tokens), at_(begin), end_(end), options_(options), governing_(options.bare_unit) {
        if (end_ > begin + 1 && tokens_[end_ - 1].kind == TokenKind::unit &&
            tokens_[end_ - 2].kind != TokenKind::fraction) {
            governing_ = tokens_[end_ - 1].unit;
            --end_;
        }
    }

    /// The length in mm, or nothing and error().
    std::optional<double> run() {
        Part whole = sum();
        if (!error_ && at_ != end_) fail(LengthFault::operator_expected);
        if (error_) return std::nullopt;
        const double mm = as_length(whole).value;
        if (!std::isfinite(mm)) fail(LengthFault::too_large);
        return error_ ? std::nullopt : std::optional(mm);
    }

    const std::optional<LengthError>& error() const { return error_; }
    bool fraction_as_inches() const { return fraction_as_inches_; }

private:
    TokenKind kind() const { return at_ < end_ ? tokens_[at_].kind : TokenKind::end; }
    std::size_t place() const { return tokens_[at_].at; }
    void fail(LengthFault fault) {
        if (!error_) error_ = LengthError{fault, place()};
    }

    Part as_length(Part part) const {
        return part.length ? part : Part{part.value * mm_per(governing_), true};
    }

    Part sum() {
        Part left = product();
        while (!error_ && (kind() == TokenKind::plus || kind() == TokenKind::minus)) {
            const double sign = kind() == TokenKind::plus ? 1.0 : -1.0;
            ++at_;
            Part right = product();
            if (left.length != right.length) {
                left = as_length(left);
                right = as_length(right);
            }
            left.value += sign * right.value;
        }
        return left;
    }

    Part product() {
        Part left = signed_atom();
        while (!error_ && (kind() == TokenKind::times || kind() == TokenKind::divide)) {
            const bool times = kind() == TokenKind::times;
            ++at_;
            const std::size_t right_at = at_;
            const Part right = signed_atom();
            if (error_) break;
            left = times ? multiplied(left, right) : divided(left, right, right_at);
        }
        return left;
    }

    Part multiplied(Part left, Part right) {
        if (left.length && right.length) fail(LengthFault::length_times_length);
        return {left.value * right.value, left.length || right.length};
    }

    Part divided(Part left, Part right, std::size_t right_at) {
        if (right.value == 0) error_ = LengthError{LengthFault::divide_by_zero, tokens_[right_at].at};
        if (right.length && !left.length)
            error_ = LengthError{LengthFault::number_over_length, tokens_[right_at].at};
        if (error_) return left;
        return {left.value / right.value, left.length && !right.length};
    }

    Part signed_atom() {
        double sign = 1.0;
        while (kind() == TokenKind::minus || kind() == TokenKind::plus) {
            if (kind() == TokenKind::minus) sign = -sign;
            ++at_;
        }
        Part part = atom();
        part.value *= sign;
        return part;
    }

    Part atom() {
        if (kind() == TokenKind::number) return with_unit(tokens_[at_++].value);
        if (kind() == TokenKind::fraction) return fraction(tokens_[at_++].value);
        if (kind() != TokenKind::open) {
            fail(LengthFault::number_expected);
            return {};
        }
        if (++depth_ > deepest_brackets) {
            fail(LengthFault::too_deep);
            return {};
        }
        ++at_;
        const Part inner = sum();
        if (!error_ && kind() != TokenKind::close) fail(LengthFault::bracket_open);
        if (!error_) ++at_;
        --depth_;
        return inner;
    }

    Part with_unit(double number) {
        if (kind() != TokenKind::unit) return {number, false};
        return {number * mm_per(tokens_[at_++].unit), true};
    }

    Part fraction(double value) {
        if (kind() == TokenKind::unit) return with_unit(value);
        if (options_.fractions_in_bare) return {value, false};
        fraction_as_inches_ = true;
        return {value * mm_per_inch, true};
    }

    const std::vector<Token>& tokens_;
    std::size_t at_;
    std::size_t end_;
    LengthOptions options_;
    Unit governing_;
    int depth_ = 0;
    bool fraction_as_inches_ = false;
    std::optional<LengthError> error_;
};

std::size_t find_less(const std::vector<Token>& tokens) {
    for (std::size_t i = 0; i < tokens.size(); ++i)
        if (tokens[i].kind == TokenKind::less) return i;
    return tokens.size();
}

/// "this leaf goes, that one does not": the middle, and half the step over the root of three.
LengthResult between_leaves(const std::vector<Token>& tokens, std::size_t less, std::size_t end,
                            LengthOptions options) {
    const bool unit_last = end > less + 2 && tokens[end - 1].kind == TokenKind::unit;
    Parser upper(tokens, less + 1, end, options);
    const auto does_not_go = upper.run();
    if (!does_not_go) return {std::nullopt, *upper.error()};
    const bool own_unit = less > 0 && tokens[less - 1].kind == TokenKind::unit;
    if (unit_last && !own_unit) options.bare_unit = tokens[end - 1].unit;
    Parser lower(tokens, 0, less, options);
    const auto goes = lower.run();
    if (!goes) return {std::nullopt, *lower.error()};
    if (!(*goes < *does_not_go)) return {std::nullopt, {LengthFault::leaf_order, tokens[less].at}};
    WrittenLength length;
    length.mm = 0.5 * (*goes + *does_not_go);
    length.uncertainty_mm = 0.5 * (*does_not_go - *goes) / std::sqrt(3.0);
    length.fraction_as_inches = lower.fraction_as_inches() || upper.fraction_as_inches();
    length.above_mm = goes;
    length.below_mm = does_not_go;
    return {length, {}};
}

LengthResult plain_length(const std::vector<Token>& tokens, std::size_t begin, std::size_t end,
                          const LengthOptions& options) {
    Parser parser(tokens, begin, end, options);
    const auto mm = parser.run();
    if (!mm) return {std::nullopt, *parser.error()};
    WrittenLength length;
    length.mm = *mm;
    length.fraction_as_inches = parser.fraction_as_inches();
    return {length, {}};
}

/// "> a": the leaf goes. "< a": it does not.
LengthResult bound(const std::vector<Token>& tokens, std::size_t end, const LengthOptions& options) {
    if (!options.one_sided) return {std::nullopt, {LengthFault::one_sided, tokens.front().at}};
    LengthResult leaf = plain_length(tokens, 1, end, options);
    if (leaf)
        (tokens.front().kind == TokenKind::greater ? leaf.length->above_mm : leaf.length->below_mm) =
            leaf.length->mm;
    return leaf;
}

} // namespace

LengthResult parse_length(std::string_view text, const LengthOptions& options) {
    if (text.size() > longest_text) return {std::nullopt, {LengthFault::too_long, longest_text}};
    const length_detail::Tokens tokens = length_detail::tokens_of(text);
    if (tokens.error) return {std::nullopt, *tokens.error};
    const std::size_t end = tokens.list.size() - 1;
    if (end == 0) return {std::nullopt, {LengthFault::empty, 0}};
    const TokenKind first = tokens.list.front().kind;
    if (first == TokenKind::less || first == TokenKind::greater) return bound(tokens.list, end, options);
    if (first == TokenKind::just) return plain_length(tokens.list, 1, end, options);
    const std::size_t less = find_less(tokens.list);
    if (less < end) return between_leaves(tokens.list, less, end, options);
    return plain_length(tokens.list, 0, end, options);
}

const char* message_id(LengthFault fault) {
    switch (fault) {
    case LengthFault::empty: return "reading_empty";
    case LengthFault::too_long: return "reading_too_long";
    case LengthFault::unknown_sign: return "reading_unknown_sign";
    case LengthFault::number_expected: return "reading_number_expected";
    case LengthFault::operator_expected: return "reading_operator_expected";
    case LengthFault::bracket_open: return "reading_bracket_open";
    case LengthFault::too_deep: return "reading_too_deep";
    case LengthFault::bad_number: return "reading_bad_number";
    case LengthFault::fraction_not_proper: return "reading_fraction_not_proper";
    case LengthFault::divide_by_zero: return "reading_divide_by_zero";
    case LengthFault::length_times_length: return "reading_length_times_length";
    case LengthFault::number_over_length: return "reading_number_over_length";
    case LengthFault::leaf_order: return "reading_leaf_order";
    case LengthFault::one_sided: return "reading_one_sided";
    case LengthFault::too_large: return "reading_too_large";
    }
    return "reading_unknown_sign";
}

} // namespace fm
