#include "core/words/length_tokens.h"

#include <array>
#include <charconv>
#include <utility>

namespace fm::length_detail {

namespace {

struct Spelling {
    std::string_view text;
    TokenKind kind;
    Unit unit = Unit::mm;
};

// Longer spellings stand before those they begin with.
constexpr std::array spellings{
    Spelling{"64ths", TokenKind::unit, Unit::sixty_fourths},
    Spelling{"64th", TokenKind::unit, Unit::sixty_fourths},
    Spelling{"inches", TokenKind::unit, Unit::in},
    Spelling{"inch", TokenKind::unit, Unit::in},
    Spelling{"thou", TokenKind::unit, Unit::thou},
    Spelling{"mm", TokenKind::unit, Unit::mm},
    Spelling{"in", TokenKind::unit, Unit::in},
    Spelling{"''", TokenKind::unit, Unit::in},
    Spelling{"\"", TokenKind::unit, Unit::in},
    Spelling{"\u2033", TokenKind::unit, Unit::in}, // double prime
    Spelling{"\u201d", TokenKind::unit, Unit::in}, // typographic quote
    Spelling{"+", TokenKind::plus},
    Spelling{"-", TokenKind::minus},
    Spelling{"\u2212", TokenKind::minus}, // minus sign
    Spelling{"*", TokenKind::times},
    Spelling{"\u00d7", TokenKind::times}, // multiplication sign
    Spelling{"/", TokenKind::divide},
    Spelling{"\u00f7", TokenKind::divide}, // division sign
    Spelling{"(", TokenKind::open},
    Spelling{")", TokenKind::close},
    Spelling{"<", TokenKind::less},
    Spelling{"..", TokenKind::less},
    Spelling{"\u2026", TokenKind::less}, // ellipsis
    Spelling{">", TokenKind::greater},
    Spelling{"just", TokenKind::just},
};

bool is_digit(char c) {
    return c >= '0' && c <= '9';
}
bool is_letter(char c) {
    return (c >= 'a' && c <= 'z') || (c >= 'A' && c <= 'Z');
}
char lowered(char c) {
    return c >= 'A' && c <= 'Z' ? static_cast<char>(c - 'A' + 'a') : c;
}

class Splitter {
public:
    explicit Splitter(std::string_view text) : text_(text) {}

    Tokens run() {
        while (!tokens_.error && skip_space()) next();
        tokens_.list.push_back({TokenKind::end, text_.size()});
        return std::move(tokens_);
    }

private:
    bool skip_space() {
        while (at_ < text_.size()) {
            if (text_[at_] == ' ' || text_[at_] == '\t')
                at_ += 1;
            else if (text_.substr(at_).starts_with("\u00a0"))
                at_ += 2; // no-break space
            else if (text_.substr(at_).starts_with("\u202f"))
                at_ += 3; // narrow no-break space
            else
                return true;
        }
        return false;
    }

    void next() {
        if (brackets_ == 0 && take_fraction()) return;
        if (!text_.substr(at_).starts_with("64th") && take_number()) return;
        take_word();
    }

    /// A run of digits at a place: its value and where it ends; no value if there is none or it is too long.
    std::pair<std::optional<int>, std::size_t> whole_at(std::size_t at) const {
        std::size_t end = at;
        while (end < text_.size() && is_digit(text_[end])) ++end;
        int value = 0;
        if (end == at || end - at > 6 ||
            std::from_chars(text_.data() + at, text_.data() + end, value).ec != std::errc{})
            return {std::nullopt, end};
        return {value, end};
    }

    bool continues_number(std::size_t at) const {
        return at < text_.size() && (is_digit(text_[at]) || text_[at] == '.' || text_[at] == ',');
    }

    struct Ratio {
        int above = 0;
        int below = 1;
        std::size_t end = 0;
    };

    /// 5/8 at a place: two whole numbers, nothing but a stroke between, over 2, 4 … 64.
    std::optional<Ratio> ratio_at(std::size_t at) const {
        const auto [above, stroke] = whole_at(at);
        if (!above || stroke >= text_.size() || text_[stroke] != '/') return std::nullopt;
        const auto [below, end] = whole_at(stroke + 1);
        if (!below || continues_number(end)) return std::nullopt;
        for (const int allowed : {2, 4, 8, 16, 32, 64})
            if (*below == allowed) return Ratio{*above, *below, end};
        return std::nullopt;
    }

    bool take_fraction() {
        const std::size_t start = at_;
        if (!is_digit(text_[start])) return false;
        if (const auto alone = ratio_at(start)) {
            if (alone->above >= alone->below) return false; // 5/4 divides
            push_fraction(start, 0, *alone);
            return true;
        }
        const auto [whole, end] = whole_at(start);
        if (!whole || *whole >= 100 || continues_number(end) || end >= text_.size()) return false;
        std::size_t part = end;
        if (text_[part] == '-')
            ++part;
        else
            while (part < text_.size() && text_[part] == ' ') ++part;
        if (part == end) return false;
        const auto ratio = ratio_at(part);
        if (!ratio) return false;
        if (ratio->above >= ratio->below) {
            if (text_[end] == '-') return false; // 2-9/8 subtracts
            tokens_.error = {LengthFault::fraction_not_proper, part};
            return true;
        }
        push_fraction(start, *whole, *ratio);
        return true;
    }

    void push_fraction(std::size_t start, int whole, const Ratio& ratio) {
        tokens_.list.push_back(
            {TokenKind::fraction, start, whole + static_cast<double>(ratio.above) / ratio.below});
        at_ = ratio.end;
    }

    bool take_number() {
        const std::size_t start = at_;
        std::string digits;
        int marks = 0;
        while (continues_number(at_) && !text_.substr(at_).starts_with("..")) {
            const bool mark = !is_digit(text_[at_]);
            marks += mark ? 1 : 0;
            digits += mark ? '.' : text_[at_];
            ++at_;
        }
        if (digits.empty()) return false;
        Token token{TokenKind::number, start};
        const auto parsed = std::from_chars(digits.data(), digits.data() + digits.size(), token.value);
        if (marks > 1 || digits == "." || parsed.ec != std::errc{})
            tokens_.error = {LengthFault::bad_number, start};
        tokens_.list.push_back(token);
        return true;
    }

    void take_word() {
        std::string rest;
        for (const char c : text_.substr(at_, 8)) rest += lowered(c);
        for (const Spelling& spelling : spellings) {
            if (!rest.starts_with(spelling.text)) continue;
            const std::size_t end = at_ + spelling.text.size();
            if (is_letter(spelling.text.front()) && end < text_.size() && is_letter(text_[end])) continue;
            if (spelling.kind == TokenKind::open) ++brackets_;
            if (spelling.kind == TokenKind::close && brackets_ > 0) --brackets_;
            tokens_.list.push_back({spelling.kind, at_, 0.0, spelling.unit});
            at_ = end;
            return;
        }
        tokens_.error = {LengthFault::unknown_sign, at_};
    }

    std::string_view text_;
    std::size_t at_ = 0;
    int brackets_ = 0;
    Tokens tokens_;
};

} // namespace

Tokens tokens_of(std::string_view text) {
    return Splitter(text).run();
}

} // namespace fm::length_detail
