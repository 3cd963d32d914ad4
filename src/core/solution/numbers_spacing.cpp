#include "core/solution/numbers_parts.h"

namespace fm {

namespace {

/// One end of the strings.
struct End {
    double StringLine::*centre_mm;
    std::string_view centre_key;
    std::vector<double> Solution::*gaps_mm;
    const char* spacing_key;
};
constexpr End at_nut{&StringLine::nut_y_mm, "nut_centre_mm", &Solution::nut_gaps_mm, "nut.spacing"};
constexpr End at_saddle{&StringLine::saddle_y_mm, "saddle_centre_mm", &Solution::saddle_gaps_mm,
                        "saddle.spacing"};

double centre_mm(const Asked& a, std::size_t k, const End& end) {
    return a.solution.strings[k].line.*end.centre_mm;
}

Term half_widths(const Asked& a, std::size_t k, char sign) {
    return computed("name.half_widths",
                    0.5 * (a.design.strings[k].diameter_mm + a.design.strings[k + 1].diameter_mm),
                    string_key(k, "diameter_mm"), sign);
}

Working centre(const Asked& a, const End& end) {
    Working w = worked(
        QT_TRANSLATE_NOOP("messages",
                          "from the outer string: every clear space and half of the two strings beside it"),
        {computed("name.outer_centre", centre_mm(a, 0, end), end.spacing_key)});
    for (std::size_t k = 0; k < a.i; ++k) {
        w.terms.push_back(computed("name.clear_gap", (a.solution.*end.gaps_mm)[k], end.spacing_key));
        w.terms.push_back(half_widths(a, k, '+'));
    }
    return w;
}

Working gap(const Asked& a, const End& end) {
    const std::size_t k = a.number.item;
    return worked(QT_TRANSLATE_NOOP("messages", "the next centre less this one and half of both strings"),
                  {computed("name.next_centre", centre_mm(a, k + 1, end), string_key(k + 1, end.centre_key)),
                   computed("name.this_centre", centre_mm(a, k, end), string_key(k, end.centre_key), '-'),
                   half_widths(a, k, '-')});
}

} // namespace

Working nut_centre(const Asked& asked) {
    return centre(asked, at_nut);
}
Working saddle_centre(const Asked& asked) {
    return centre(asked, at_saddle);
}
Working nut_gap(const Asked& asked) {
    return gap(asked, at_nut);
}
Working saddle_gap(const Asked& asked) {
    return gap(asked, at_saddle);
}

} // namespace fm
