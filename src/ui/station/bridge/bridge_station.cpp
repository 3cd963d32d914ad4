#include "ui/station/bridge/bridge_station.h"

#include "core/design/bridge_kind.h"
#include "core/solution/check.h"
#include "sheet/words/sheet_words.h"
#include "ui/look/texts.h"

#include <cmath>
#include <numbers>

namespace fm {

namespace {

QString kind_words(BridgeKind kind) {
    switch (kind) {
    case BridgeKind::pinned: return BridgeStation::tr("pinned");
    case BridgeKind::tied: return BridgeStation::tr("tied");
    case BridgeKind::through: return BridgeStation::tr("through holes");
    case BridgeKind::glued_tailpiece: return BridgeStation::tr("glued, tailpiece");
    case BridgeKind::floating: return BridgeStation::tr("floating, tailpiece");
    case BridgeKind::floating_wheels: return BridgeStation::tr("floating on wheels");
    case BridgeKind::plate: return BridgeStation::tr("a plate, a saddle for each string");
    case BridgeKind::plate_shared: return BridgeStation::tr("a plate with shared saddles");
    case BridgeKind::posts: return BridgeStation::tr("a bar on two posts");
    }
    return {};
}

} // namespace

BridgeStation::BridgeStation(Session& session, const ViewState& view, QWidget* parent)
    : StationFrame(session, view, tr("Bridge"), parent), drawings_(new QStackedWidget(drawing())),
      bridge_(new BridgeCanvas(session, binder_, view, drawings_)),
      placing_(new PlacingCanvas(session, binder_, view, drawings_)),
      pages_(new BridgePages(session, binder_, view, this)),
      list_(new NumbersList(session, view, tr("At the bridge"), {})) {
    drawings_->addWidget(bridge_);
    drawings_->addWidget(placing_);
    hold(drawings_, pages_);
    connect(pages_->background(), &BackgroundPage::two_points_asked, this,
            [this] { canvas()->ask_two_points(); });
    for (PartCanvas* drawing : canvases())
        connect(drawing, &PartCanvas::two_points, pages_->background(), &BackgroundPage::take_two_points);
    show_views({tr("bridge"), tr("its place")}, tr("P"), tr("Which drawing"));
    connect(list_, &NumbersList::row_picked, this, &BridgeStation::string_picked);
}

/// What the strings have of this bridge.
std::vector<NumberColumn> BridgeStation::columns() const {
    const Solution& solution = session_.state().solution;
    const NumberColumn from_edge = number_column(tr("from edge"), "strings[].from_edge_mm", Tone::strong);
    if (solution.single && solution.single->strings.front().move_mm)
        return {number_column(tr("move"), "strings[].crown_move_mm", Tone::strong),
                number_column(tr("turns"), "strings[].crown_turns"), from_edge};
    if (solution.single && !session_.state().job.design.saddle.groups.empty())
        return {from_edge, number_column(tr("shared, ct"), "strings[].shared_cents"),
                number_column(tr("breaks"), "strings[].break_angle_deg")};
    if (solution.single)
        return {from_edge, number_column(tr("to nut"), "strings[].reserve_toward_nut_mm"),
                number_column(tr("from nut"), "strings[].reserve_from_nut_mm")};
    std::vector<NumberColumn> all{number_column(tr("breaks"), "strings[].break_angle_deg", Tone::strong),
                                  number_column(tr("down, N"), "strings[].saddle_down_force_n")};
    if (solution.bridge && solution.bridge->posts) {
        all.push_back({tr("bass, %"),
                       [](const State& state, std::size_t i) -> std::optional<double> {
                           const auto& share = state.solution.strings[i].bridge->bass_share;
                           return share ? std::optional(100.0 * *share) : std::nullopt;
                       },
                       nullptr, Tone::plain, QuantityKind::factor});
        return all;
    }
    if (session_.state().plan && !session_.state().plan->breaks_found_deg.empty() &&
        session_.state().job.design.bridge->existing)
        all.insert(all.begin() + 1, NumberColumn{tr("before"),
                                                 [](const State& s, std::size_t i) -> std::optional<double> {
                                                     return s.plan && i < s.plan->breaks_found_deg.size()
                                                                ? std::optional(s.plan->breaks_found_deg[i])
                                                                : std::nullopt;
                                                 },
                                                 nullptr, Tone::plain, QuantityKind::angle});
    else if (solution.bridge && solution.bridge->height_mm)
        all.push_back(number_column(tr("exposed"), "strings[].exposure_mm"));
    return all;
}

void BridgeStation::pick_view(int view) {
    Q_EMIT view_asked([placing = view == 1](ViewState& shown) { shown.placing = placing; });
}

void BridgeStation::bring(const QWidget* field) {
    if (placing_->isAncestorOf(field)) pick_view(1);
}

QString BridgeStation::foot() const {
    const State& state = session_.state();
    if (!state.solution.bridge) return tr("no bridge in this job: choose its kind");
    QStringList lines{tr("turning moment %1 N·m").arg(number_text(state.solution.bridge->moment_nm, 2))};
    if (state.plan && state.plan->moment_found_nm)
        lines.front() += tr(", as found %1").arg(number_text(*state.plan->moment_found_nm, 2));
    const BridgeSolution& bridge = *state.solution.bridge;
    const auto length = [&](double mm) { return length_with_unit(mm, state.job.units.small()); };
    if (bridge.ream_mm) lines << tr("reamer %1 past the drilled hole").arg(length(*bridge.ream_mm));
    if (bridge.mouth_mm)
        lines << (*bridge.mouth_mm < 0 ? tr("slot's mouth %1 before the crowns")
                                       : tr("slot's mouth %1 behind the crowns"))
                     .arg(length(std::abs(*bridge.mouth_mm)));
    if (bridge.best_lean_deg) {
        double tips_n = 0;
        double down_n = 0;
        for (const BridgeString& string : bridge.strings) {
            tips_n += *string.tipping_n;
            down_n += string.down_force_n;
        }
        lines << tr("saddle tipped %1 N, %2 less per ° back")
                     .arg(number_text(tips_n, 0), number_text(down_n * std::numbers::pi / 180.0, 1));
    }
    if (bridge.posts)
        lines << tr("bears %1 N at bass, %2 N at treble")
                     .arg(number_text(bridge.posts->bass_down_n, 0),
                          number_text(bridge.posts->treble_down_n, 0));
    if (bridge.tailpiece_n) lines << tr("tailpiece pulled by %1 N").arg(number_text(*bridge.tailpiece_n, 0));
    if (bridge.each_screw_n) lines << tr("each screw holds %1 N").arg(number_text(*bridge.each_screw_n, 0));
    if (bridge.feet && bridge.feet->radius_mm)
        lines << (bridge.feet->rise_mm > 0 ? tr("bottom hollow %1, radius %2")
                                           : tr("bottom round %1, radius %2"))
                     .arg(length(std::abs(bridge.feet->rise_mm)),
                          QString::fromStdString(
                              sheet_radius(std::abs(*bridge.feet->radius_mm), state.job.units.small())));
    if (const auto packing = bridge.neck_packing_mm)
        lines
            << tr("packing in the neck pocket: %1").arg(length_with_unit(*packing, state.job.units.small()));
    return lines.join(QLatin1Char('\n'));
}

void BridgeStation::refresh() {
    if (!session_.is_open()) return;
    const State& state = session_.state();
    QStringList facts;
    if (state.job.design.bridge) {
        facts << kind_words(*kind_of_bridge(state.job.design));
        if (const auto height = state.solution.bridge->height_mm)
            facts << tr("%1 high").arg(length_with_unit(*height, state.job.units.small()));
    } else {
        facts << tr("none in this job");
    }
    show_facts(facts);
    choose_view(view_.placing ? 1 : 0);
    show_doubts(doubts_that(about_the_bridge));
    binder_.refresh();
    pages_->refresh();
    drawings_->setCurrentIndex(view_.placing ? 1 : 0);
    canvas()->refresh();
    const ColumnsOf of{state.job.design.saddle.are_single(),
                       state.solution.single && state.solution.single->strings.front().move_mm,
                       !state.job.design.saddle.groups.empty(),
                       state.solution.bridge && state.solution.bridge->posts,
                       state.solution.bridge && state.solution.bridge->height_mm,
                       state.plan && !state.plan->breaks_found_deg.empty() && state.job.design.bridge &&
                           state.job.design.bridge->existing};
    if (columns_of_ != of) list_->set_columns(columns());
    columns_of_ = of;
    list_->set_foot(foot());
    list_->refresh();
}

namespace {

QString bridge_state(const State& state) {
    if (!state.solution.bridge) return StationWords::tr("none in this job");
    const auto height = state.solution.bridge->height_mm;
    if (height && state.job.design.has_slot())
        return StationWords::tr("%1 high").arg(length_with_unit(*height, state.job.units.small()));
    switch (state.job.design.bridge->stands) {
    case BridgeStands::floating: return StationWords::tr("floating");
    case BridgeStands::plate: return StationWords::tr("single saddles");
    case BridgeStands::posts: return StationWords::tr("on two posts");
    case BridgeStands::glued: break;
    }
    return StationWords::tr("glued");
}

QString next_at_bridge(const State& state) {
    if (!state.solution.bridge) return StationWords::tr("Nothing to do: none in this job");
    switch (state.job.design.bridge->stands) {
    case BridgeStands::floating: return StationWords::tr("Set it up by fret 12, both sides");
    case BridgeStands::plate:
        return state.solution.single && state.solution.single->edge
                   ? StationWords::tr("Check the edge at both outer strings")
                   : StationWords::tr("Give the saddles' travel");
    case BridgeStands::posts: return StationWords::tr("Check the posts' line, both sides");
    case BridgeStands::glued: break;
    }
    return StationWords::tr("Check the place at both outer strings");
}

QString what_can_hurt(const Design& design) {
    switch (design.bridge ? design.bridge->stands : BridgeStands::glued) {
    case BridgeStands::floating:
        return StationWords::tr(
            "Change strings one at a time: with all of them off it falls, and what stands "
            "inside under a foot can fall, too.");
    case BridgeStands::plate:
        return StationWords::tr("Unplug everything before working near a wire. Drill with the work clamped, "
                                "no deeper than the screws.");
    case BridgeStands::posts:
        return StationWords::tr("Slacken the strings before posts are turned far. Drill in a press with the "
                                "work clamped; what is drilled through is.");
    case BridgeStands::glued: break;
    }
    return StationWords::tr(
        "Slacken the strings before lifting a bridge or pulling pins. Drill with the work "
        "clamped. A lifted bridge is a job for a trained repairer.");
}

QString first_bridge_number(const State& state, const ViewState& view) {
    return state.job.design.bridge && !view.placing ? QStringLiteral("break_angle_deg")
                                                    : mark_key(state.solution.placing.by, "bass", "fret12");
}

} // namespace

StationKind bridge_kind() {
    return {Station::bridge,
            StationWords::tr("Bridge"),
            StationWords::tr("The bridge: height, anchor, outline, its place (Alt+6)"),
            StationWords::tr("Brid&ge"),
            StationWords::tr("Go to the bridge"),
            bridge_state,
            [](const State& state) { return state.job.design.bridge.has_value(); },
            next_at_bridge,
            what_can_hurt,
            first_bridge_number,
            [](Session& session, const ViewState& view, QWidget* parent) -> WindowPage* {
                return new BridgeStation(session, view, parent);
            }};
}

} // namespace fm
