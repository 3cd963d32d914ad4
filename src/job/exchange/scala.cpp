#include "job/exchange/scala.h"

#include "core/string/stiff_string.h"
#include "core/words/message.h"

#include <charconv>
#include <cmath>
#include <optional>
#include <vector>

namespace fm {

namespace {

constexpr double octave_slack_cents = 0.05; // files write the octave as 2/1 or as 1200.0, some rounded

[[noreturn]] void fail(const char* id, int line, std::string value) {
    throw InputError({id, Severity::error, "the scale", {line, std::move(value)}});
}

std::string_view trimmed(std::string_view text) {
    while (!text.empty() && (text.front() == ' ' || text.front() == '\t')) text.remove_prefix(1);
    while (!text.empty() && (text.back() == ' ' || text.back() == '\t' || text.back() == '\r'))
        text.remove_suffix(1);
    return text;
}

struct Line {
    int number = 0;
    std::string_view text;
};

/// The lines that are no comments.
std::vector<Line> lines_of(std::string_view text) {
    std::vector<Line> lines;
    int number = 0;
    while (!text.empty()) {
        const std::size_t end = text.find('\n');
        const std::string_view line = trimmed(text.substr(0, end));
        ++number;
        if (!line.starts_with('!')) lines.push_back({number, line});
        text = end == std::string_view::npos ? std::string_view{} : text.substr(end + 1);
    }
    return lines;
}

/// The first word of a line: what follows a pitch is a remark.
std::string_view first_word(std::string_view text) {
    return text.substr(0, text.find_first_of(" \t"));
}

template <class Number> std::optional<Number> whole_number(std::string_view text) {
    Number value{};
    const auto [end, error] = std::from_chars(text.data(), text.data() + text.size(), value);
    if (error != std::errc() || end != text.data() + text.size()) return std::nullopt;
    return value;
}

/// A pitch with a point is cents; without one it is a ratio or a whole number.
std::optional<double> cents_of(std::string_view word) {
    if (word.find('.') != std::string_view::npos) {
        const auto cents = whole_number<double>(word);
        return cents && std::isfinite(*cents) ? cents : std::nullopt;
    }
    const std::size_t slash = word.find('/');
    const auto over = whole_number<long long>(word.substr(0, slash));
    const auto under = slash == std::string_view::npos ? std::optional(1LL)
                                                       : whole_number<long long>(word.substr(slash + 1));
    if (!over || !under || *over <= 0 || *under <= 0) return std::nullopt;
    return cents_of_ratio(static_cast<double>(*over) / static_cast<double>(*under));
}

} // namespace

Value temperament_of_scl(std::string_view text) {
    if (text.size() > largest_scale_bytes) fail("scl_too_large", 1, std::to_string(text.size()));
    const std::vector<Line> lines = lines_of(text);
    if (lines.size() < 2) fail("scl_ends_early", static_cast<int>(lines.size()), {});
    const std::string_view count = first_word(lines[1].text);
    if (whole_number<int>(count) != 12)
        fail("scl_not_twelve", lines[1].number, std::string(count.substr(0, 40)));
    Value::Array cents;
    double before = 0;
    for (std::size_t i = 0; i < 12; ++i) {
        if (i + 2 >= lines.size()) fail("scl_ends_early", lines.back().number, {});
        const Line& line = lines[i + 2];
        const std::string_view word = first_word(line.text);
        const auto value = cents_of(word);
        if (!value) fail("scl_not_a_pitch", line.number, std::string(word.substr(0, 40)));
        if (*value <= before) fail("scl_not_rising", line.number, std::string(word.substr(0, 40)));
        if (i == 11 && std::abs(*value - 1200.0) > octave_slack_cents)
            fail("scl_no_octave", line.number, std::string(word.substr(0, 40)));
        cents.emplace_back(i == 11 ? 1200.0 : *value);
        before = *value;
    }
    Value::Object temperament;
    temperament.emplace_back("name", std::string(lines[0].text.substr(0, 200)));
    temperament.emplace_back("cents", std::move(cents));
    return temperament;
}

} // namespace fm
