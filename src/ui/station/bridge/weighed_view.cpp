#include "ui/station/bridge/weighed_view.h"

#include "core/words/word_of.h"
#include "ui/look/texts.h"
#include "ui/look/theme.h"

#include <QPainter>

#include <algorithm>

namespace fm {

namespace {

constexpr int bar_px = 9;
constexpr int gap_px = 14;
constexpr double room_right = 0.62; // of a bar's way, so that its figure stands beside it

} // namespace

WeighedView::WeighedView(Session& session, const ViewState& view, QWidget* parent)
    : QWidget(parent), session_(session), view_(view) {
    setAccessibleName(tr("What the new bridge changes"));
    setSizePolicy(QSizePolicy::Fixed, QSizePolicy::Fixed);
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
        const auto length = [&](double mm) { return length_with_unit(mm, state.job.unit); };
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

QSize WeighedView::pair_size() const {
    const int letters = fontMetrics().horizontalAdvance(QLatin1Char('0'));
    return {32 * letters, fontMetrics().height() + 2 * (bar_px + 5)};
}

QSize WeighedView::sizeHint() const {
    const QSize pair = pair_size();
    return {3 * pair.width() + 2 * gap_px, pair.height() + fontMetrics().height()};
}

void WeighedView::refresh() {
    if (!has_something()) return;
    QStringList words;
    for (const Pair& pair : pairs())
        words << tr("%1: as found %2, new %3").arg(pair.name, pair.found_words, pair.made_words);
    setAccessibleDescription(words.join(QStringLiteral("; ")));
    setToolTip(words.join(QLatin1Char('\n')));
    updateGeometry();
    update();
}

void WeighedView::paintEvent(QPaintEvent*) {
    if (!has_something()) return;
    QPainter painter(this);
    const QSize size = pair_size();
    const int line = fontMetrics().height();
    const QString string = QString::fromStdString(session_.state().job.design.string_name(
        std::min(view_.string, session_.state().solution.strings.size() - 1)));
    int left = 0;
    for (const Pair& pair : pairs()) {
        const double most = std::max({pair.found, pair.made, pair.limit.value_or(0.0), 1e-9});
        const double wide = room_right * size.width();
        const auto reach = [&](double value) { return wide * std::max(0.0, value) / most; };
        painter.setPen(theme().caption);
        painter.drawText(QRect(left, 0, size.width(), line), Qt::AlignLeft | Qt::AlignVCenter, pair.name);
        double top = line + 2;
        for (const bool made : {false, true}) {
            const double value = made ? pair.made : pair.found;
            painter.fillRect(QRectF(left, top, std::max(1.0, reach(value)), bar_px),
                             made ? theme().yours : theme().hairline);
            painter.setPen(made ? theme().ink : theme().caption);
            painter.drawText(
                QRectF(left + reach(value) + 6, top - 4, size.width() - reach(value) - 6, bar_px + 8),
                Qt::AlignLeft | Qt::AlignVCenter,
                (made ? tr("new %1") : tr("found %1")).arg(made ? pair.made_words : pair.found_words));
            top += bar_px + 5;
        }
        if (pair.limit) {
            painter.setPen(QPen(theme().warning, 1.5));
            const double x = left + reach(*pair.limit);
            painter.drawLine(QPointF(x, line), QPointF(x, top - 2));
        }
        left += size.width() + gap_px;
    }
    painter.setPen(theme().caption);
    painter.drawText(QRectF(0, size.height(), width(), line), Qt::AlignLeft,
                     tr("at %1; the mark: what is borne").arg(string));
}

} // namespace fm
