#include "sheet/pages/table_fit.h"

#include <algorithm>
#include <array>
#include <numeric>

namespace fm {

namespace {

/// Words over two lines, as narrow as they go; over one where they are but one.
std::vector<std::string> halved(const std::string& words, double em_mm) {
    std::vector<std::string> best{words};
    double narrowest = width_of(words, em_mm);
    for (std::size_t at = words.find(' '); at != std::string::npos; at = words.find(' ', at + 1)) {
        const std::vector<std::string> lines{words.substr(0, at), words.substr(at + 1)};
        const double wide = std::max(width_of(lines[0], em_mm), width_of(lines[1], em_mm));
        if (wide < narrowest) narrowest = wide, best = lines;
    }
    return best;
}

/// A number over what it is in the other unit, which stands in brackets; else all as one line.
std::vector<std::string> over_brackets(const std::string& words) {
    const std::size_t at = words.find(" (");
    if (at == std::string::npos) return {words};
    return {words.substr(0, at), words.substr(at + 1)};
}

double widest(const std::vector<std::string>& lines, double em_mm, bool bold = false) {
    double most = 0;
    for (const std::string& line : lines) most = std::max(most, width_of(line, em_mm, bold));
    return most;
}

TableColumns columns_of(const std::vector<TableColumn>& columns,
                        const std::vector<std::vector<std::string>>& rows, TableFit fit) {
    TableColumns out{fit, {}, {}, 1};
    for (std::size_t c = 0; c < columns.size(); ++c) {
        double cells = columns[c].blank ? 14.0 : 0.0;
        for (const auto& row : rows)
            cells = std::max(cells, widest(out.cell(c, row[c]), fit.em_mm, columns[c].bold));
        std::vector<std::string> head{columns[c].head};
        if (fit.halved_heads && widest(head, SheetPage::small_em) > cells)
            head = halved(columns[c].head, SheetPage::small_em);
        out.lines = std::max(out.lines, head.size());
        out.natural.push_back(std::max(cells, widest(head, SheetPage::small_em)));
        out.heads.push_back(std::move(head));
    }
    return out;
}

} // namespace

double TableColumns::sum() const {
    return std::accumulate(natural.begin(), natural.end(), 0.0);
}

std::vector<std::string> TableColumns::cell(std::size_t column, const std::string& words) const {
    if (!fit.is_tall() || column == 0) return {words};
    std::vector<std::string> split = over_brackets(words);
    if (fit.cells == TableFit::Cells::halved && split.size() == 1) split = halved(words, fit.em_mm);
    return split;
}

TableColumns fitted_columns(const std::vector<TableColumn>& columns,
                            const std::vector<std::vector<std::string>>& rows, double width_mm) {
    constexpr double usual_gap_mm = 2.5;
    using Cells = TableFit::Cells;
    constexpr std::array ways{TableFit{false, SheetPage::body_em, Cells::on_one_line},
                              TableFit{true, SheetPage::body_em, Cells::on_one_line},
                              TableFit{true, SheetPage::small_em, Cells::on_one_line},
                              TableFit{true, SheetPage::small_em, Cells::unit_under},
                              TableFit{true, SheetPage::small_em, Cells::halved}};
    const double room = width_mm - usual_gap_mm * static_cast<double>(columns.size() - 1);
    for (const TableFit& way : ways)
        if (TableColumns fitted = columns_of(columns, rows, way); fitted.sum() <= room) return fitted;
    return columns_of(columns, rows, ways.back());
}

} // namespace fm
