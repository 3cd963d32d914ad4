#include "ui/window/comparison.h"

#include "core/solution/quantities.h"
#include "core/solution/working.h"
#include "core/words/length_kind.h"
#include "ui/look/texts.h"

#include <QCoreApplication>

#include <algorithm>
#include <cmath>

namespace fm {

namespace {

struct Comparison {
    Q_DECLARE_TR_FUNCTIONS(fm::Comparison)
};

/// Less than anybody can read.
double step_of(QuantityKind kind) {
    return kind == QuantityKind::length ? 0.005 : 0.05;
}

/// What a list says at its head: fret 1, the open string.
bool is_compared(const NumberKey& key, std::size_t string) {
    if (key.quantity->of_string() && key.string != string) return false;
    return !key.quantity->size || key.item == 0;
}

QString shown(double value, QuantityKind kind, Unit unit) {
    return kind == QuantityKind::length ? length_with_unit(value, unit) : term_value(value, kind, unit);
}

struct Row {
    QString title;
    QStringList values;
    double apart = 0; ///< in steps
};

std::optional<Row> row_of(const NumberKey& key, const std::vector<Alternative>& schools,
                          const Alternative& first) {
    Row row;
    std::optional<double> least;
    std::optional<double> most;
    for (const Alternative& school : schools) {
        const auto there = school.state ? number_of_key(school.state->solution, key.text()) : std::nullopt;
        const auto value = there ? value_of(school.state->solution, *there) : std::nullopt;
        row.values << (value ? shown(*value, key.quantity->kind,
                                     first.state->job.units.of(length_kind_of(key.text())))
                             : QStringLiteral("–"));
        if (!value) continue;
        least = std::min(least.value_or(*value), *value);
        most = std::max(most.value_or(*value), *value);
    }
    if (!least || *most - *least < step_of(key.quantity->kind)) return std::nullopt;
    row.apart = (*most - *least) / step_of(key.quantity->kind);
    row.title = translated(key.quantity->title);
    return row;
}

/// What differs, the farthest apart first.
std::vector<Row> rows_of(const std::vector<Alternative>& schools, const Alternative& first,
                         std::size_t string) {
    std::vector<Row> rows;
    for (const NumberKey& key : all_numbers(first.state->solution))
        if (is_compared(key, string))
            if (auto row = row_of(key, schools, first))
                if (std::none_of(rows.begin(), rows.end(),
                                 [&](const Row& r) { return r.title == row->title; }))
                    rows.push_back(std::move(*row));
    std::stable_sort(rows.begin(), rows.end(), [](const Row& a, const Row& b) { return a.apart > b.apart; });
    return rows;
}

} // namespace

QString comparison(const QString& choice, const std::vector<Alternative>& schools, std::size_t string,
                   std::size_t most) {
    const auto first = std::find_if(schools.begin(), schools.end(),
                                    [](const auto& school) { return school.state != nullptr; });
    if (first == schools.end()) return {};
    std::vector<Row> rows = rows_of(schools, *first, string);
    if (rows.size() > most) rows.resize(most);
    const QString cell = QStringLiteral("<td style='padding: 2px 20px 2px 0'>%1</td>");
    QString html =
        QStringLiteral("<b>%1 · %2</b><table><tr><td></td>")
            .arg(choice.toHtmlEscaped(),
                 QString::fromStdString(first->state->job.design.string_name(string)).toHtmlEscaped());
    for (const Alternative& school : schools)
        html += cell.arg((school.chosen ? QStringLiteral("<b>● %1</b>") : QStringLiteral("<b>%1</b>"))
                             .arg(school.name.toHtmlEscaped()));
    html += QStringLiteral("</tr>");
    for (const Row& row : rows) {
        html += QStringLiteral("<tr>") + cell.arg(row.title.toHtmlEscaped());
        for (const QString& value : row.values) html += cell.arg(value.toHtmlEscaped());
        html += QStringLiteral("</tr>");
    }
    html += QStringLiteral("<tr>") + cell.arg(Comparison::tr("doubts"));
    for (const Alternative& school : schools)
        html += cell.arg(school.state ? QString::number(school.state->solution.warnings.size())
                                      : school.why_not.toHtmlEscaped());
    html += QStringLiteral("</tr></table>");
    if (rows.empty())
        html += Comparison::tr("No number changes, only the way it is read.") + QStringLiteral("<br>");
    for (const Alternative& school : schools)
        if (!school.trade.isEmpty())
            html += QStringLiteral("<br><b>%1</b>: %2")
                        .arg(school.name.toHtmlEscaped(), school.trade.toHtmlEscaped());
    return html;
}

} // namespace fm
