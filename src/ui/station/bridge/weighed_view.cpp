#include "ui/station/bridge/weighed_view.h"

#include "ui/look/texts.h"
#include "ui/look/theme.h"

#include <QPainter>

#include <algorithm>
#include <array>

namespace fm {

WeighedView::WeighedView(Session& session, const ViewState& view, QWidget* parent)
    : QWidget(parent), session_(session), view_(view) {
    setAccessibleName(tr("What the new bridge changes"));
    QFont small = font();
    small.setPixelSize(13);
    setFont(small);
}

bool WeighedView::has_something() const {
    const State& state = session_.state();
    return state.plan && state.plan->moment_found_nm && state.solution.bridge &&
           state.job.design.bridge->existing;
}

std::vector<WeighedView::Pair> WeighedView::pairs() const {
    const State& state = session_.state();
    const Plan& plan = *state.plan;
    const BridgeDesign& bridge = *state.job.design.bridge;
    const std::size_t i = std::min(view_.string, state.solution.strings.size() - 1);
    const BridgeString& at = *state.solution.strings[i].bridge;
    std::vector<Pair> list;
    const auto degrees = [](double deg) { return number_text(deg, 1) + QStringLiteral("°"); };
    const auto moment = [](double nm) { return tr("%1 N·m").arg(number_text(nm, 2)); };
    if (i < plan.exposures_found_mm.size() && at.exposure_mm) {
        const auto length = [&](double mm) { return length_with_unit(mm, state.job.units.small()); };
        list.push_back({tr("saddle exposed"), plan.exposures_found_mm[i], *at.exposure_mm,
                        length(plan.exposures_found_mm[i]), length(*at.exposure_mm), std::nullopt});
    }
    list.push_back({tr("breaks"), plan.breaks_found_deg[i], at.break_angle_deg,
                    degrees(plan.breaks_found_deg[i]), degrees(at.break_angle_deg),
                    bridge.break_angle_min_deg});
    const double found_nm = *plan.moment_found_nm;
    const double made_nm = state.solution.bridge->moment_nm;
    constexpr double raised = 1.1; // what is said as more than the top was used to
    list.push_back(
        {tr("turns the top"), found_nm, made_nm, moment(found_nm), moment(made_nm), raised * found_nm});
    return list;
}

void WeighedView::refresh() {
    if (!has_something()) return;
    QStringList words;
    for (const Pair& pair : pairs())
        words << tr("%1: as found %2, new %3").arg(pair.name, pair.found_words, pair.made_words);
    setAccessibleDescription(words.join(QStringLiteral("; ")));
    setToolTip(words.join(QLatin1Char('\n')));
    update();
}

void WeighedView::paintEvent(QPaintEvent*) {
    if (!has_something()) return;
    constexpr double gap_px = 8;
    constexpr double bar_share = 0.38; // of a pair's width: its figure stands beside the bar
    QPainter painter(this);
    const int row = row_px();
    const std::array rows{tr("found"), tr("new")};
    double left = 0;
    for (std::size_t i = 0; i < rows.size(); ++i) {
        const QRectF at(0, (static_cast<double>(i) + 1) * row, width(), row);
        painter.setPen(i == 0 ? theme().caption : theme().ink);
        painter.drawText(at, Qt::AlignLeft | Qt::AlignVCenter, rows[i]);
        left = std::max(left, fontMetrics().horizontalAdvance(rows[i]) + gap_px);
    }
    const std::vector<Pair> all = pairs();
    const double wide = (width() - left) / static_cast<double>(all.size());
    for (const Pair& pair : all) {
        const double most = std::max({pair.found, pair.made, pair.limit.value_or(0.0), 1e-9});
        const auto reach = [&](double value) { return bar_share * wide * std::max(0.0, value) / most; };
        painter.setPen(theme().caption);
        painter.drawText(QRectF(left, 0, wide - gap_px, row), Qt::AlignLeft | Qt::AlignVCenter, pair.name);
        for (const bool made : {false, true}) {
            const double top = (made ? 2.0 : 1.0) * row;
            const double bar = std::max(1.0, reach(made ? pair.made : pair.found));
            painter.fillRect(QRectF(left, top + 0.25 * row, bar, 0.5 * row),
                             made ? theme().ink : theme().hairline);
            painter.setPen(made ? theme().ink : theme().caption);
            const double beside = bar_share * wide + 5; // beyond the longest bar, and the mark
            painter.drawText(QRectF(left + beside, top, wide - beside, row), Qt::AlignLeft | Qt::AlignVCenter,
                             made ? pair.made_words : pair.found_words);
        }
        if (pair.limit) {
            painter.setPen(QPen(theme().warning, 1.5));
            const double x = left + reach(*pair.limit);
            painter.drawLine(QPointF(x, 1.1 * row), QPointF(x, 2.9 * row));
        }
        left += wide;
    }
}

} // namespace fm
