#include "ui/station/saddle/saddle_station.h"

#include "core/part/saddle_piece.h"
#include "core/solution/check.h"
#include "sheet/words/sheet_words.h"
#include "ui/field/stop_bar.h"
#include "ui/look/reading_text.h"
#include "ui/look/texts.h"

namespace fm {

SaddleStation::SaddleStation(Session& session, const ViewState& view, QWidget* parent)
    : StationFrame(session, view, tr("Saddle"), parent),
      canvas_(new SaddleCanvas(session, binder_, view, drawing())),
      pages_(new SaddlePages(session, binder_, view, this)),
      list_(new NumbersList(session, view, tr("Saddle list"),
                            {{tr("new saddle"), {}, tr("B")}, {tr("fitted saddle"), {}, tr("B")}})) {
    hold(canvas_, pages_);
    show_views({tr("found"), tr("target")}, tr("T"), tr("Which state is drawn"));
    connect(canvas_, &SaddleCanvas::outer_toggled, pages_, &SaddlePages::toggle_outer);
    connect(list_, &NumbersList::row_picked, this, &SaddleStation::string_picked);
    connect(list_, &NumbersList::list_picked, this, [this](int stage) {
        Q_EMIT view_asked([stage](ViewState& shown) { shown.stage = static_cast<CutStage>(stage); });
    });
    connect(list_->model(), &NumbersModel::typed, this, [this](int string, const WrittenLength& read) {
        take(static_cast<std::size_t>(string), action_way(session_.state().job.design), read);
    });
}

void SaddleStation::pick_view(int view) {
    Q_EMIT view_asked([view](ViewState& shown) {
        shown.side = view == 0 ? NutSide::found : NutSide::target;
        shown.behind = false;
    });
}

void SaddleStation::choose_columns() {
    const State& state = session_.state();
    const SaddleGround ground = saddle_ground(state.job.design, state.solution);
    const bool notched = !state.solution.notches.empty();
    const bool single = state.solution.single.has_value();
    const auto wanted = std::tuple(view_.stage, ground, state.job.design.saddle.by_screws(), notched, single,
                                   state.job.design.has_slot());
    if (columns_ == wanted) return;
    columns_ = wanted;
    if (view_.stage == CutStage::fitted) {
        const auto top = [](const State& s, std::size_t i) -> std::optional<double> {
            const auto cut = saddle_change_cut(s);
            return cut && i < cut->top_mm.size() ? cut->top_mm[i] : std::nullopt;
        };
        NumberColumn now{tr("at 12"), [](const State& s, std::size_t i) { return s.known[i].action_mm; },
                         [](std::size_t i) { return string_key(i, "action12_mm"); }, Tone::yours};
        now.typed = true;
        now.leaves = true;
        now.thing = ReadThing::action12;
        now.words = [](const State& s, std::size_t i) {
            const KnownString& known = s.known[i];
            return !known.action_mm && known.action_bound
                       ? leaves_text(*known.action_bound, s.job.units.action())
                       : QString();
        };
        NumberColumn wanted_action{tr("wanted"),
                                   [](const State& s, std::size_t i) -> std::optional<double> {
                                       return action_way(s.job.design).of(s.solution.strings[i]);
                                   },
                                   [](std::size_t i) { return string_key(i, "action12_mm"); }, Tone::plain};
        const bool screws = state.job.design.saddle.by_screws();
        NumberColumn off{screws ? tr("down") : tr("take off"),
                         [](const State& s, std::size_t i) { return saddle_change_mm(s)[i]; },
                         [](std::size_t i) { return string_key(i, "saddle_z_mm"); }, Tone::take_off};
        NumberColumn of_top{tr("top"), top, [](std::size_t i) { return string_key(i, "saddle_z_mm"); },
                            Tone::dust};
        off.length = of_top.length = LengthKind::gap;
        if (screws) return list_->set_columns({now, wanted_action, off});
        return list_->set_columns({now, wanted_action, off, of_top});
    }
    const char* height = ground == SaddleGround::slot_floor   ? "saddle.height_mm[]"
                         : ground == SaddleGround::soundboard ? "strings[].height_over_top_mm"
                                                              : "strings[].saddle_z_mm";
    const NumberColumn last = notched ? number_column(tr("notch"), "notches[].width_mm")
                                      : number_column(tr("off"), "straight_saddle.residuals_mm[]");
    list_->set_columns({number_column(tr("height"), height, Tone::strong),
                        single ? number_column(tr("from edge"), "strings[].from_edge_mm")
                        : state.job.design.has_slot()
                            ? number_column(tr("crown"), "straight_saddle.front_to_crown_mm[]")
                            : number_column(tr("from line"), "straight_saddle.line_to_crown_mm[]"),
                        number_column(tr("longer"), "strings[].compensation_mm"), last});
}

QString SaddleStation::foot() const {
    const State& state = session_.state();
    const Unit unit = state.job.units.small();
    const SaddleDesign& saddle = state.job.design.saddle;
    QStringList lines;
    if (view_.stage == CutStage::fitted) {
        if (stop_at(state.stops, BenchPart::saddle)) return stopped_words();
        const auto cut = saddle_change_cut(state);
        if (!cut) return tr("nothing read yet: type what the gauge says over fret 12");
        if (saddle.height_by == HeightBy::saddle_screws)
            return tr("every saddle by its own screw; minus is up");
        if (state.plan && state.plan->saddle.screws_mm)
            return tr("screws down: bass %1, treble %2; minus is up")
                .arg(length_with_unit(state.plan->saddle.screws_mm->bass_mm, unit),
                     length_with_unit(state.plan->saddle.screws_mm->treble_mm, unit));
        if (cut->pack_mm > 0)
            lines << tr("pack under it, or a new saddle: %1").arg(length_with_unit(cut->pack_mm, unit));
        lines << tr("off the bottom: bass %1, treble %2")
                     .arg(length_with_unit(cut->bottom_mm.bass_mm, unit),
                          length_with_unit(cut->bottom_mm.treble_mm, unit));
        return lines.join(QLatin1Char('\n'));
    }
    if (const auto least = state.solution.single ? state.solution.single->least_reserve() : std::nullopt)
        lines << tr("reserve: %1 toward the nut, %2 away from it")
                     .arg(length_with_unit(least->toward_nut_mm, unit),
                          length_with_unit(least->from_nut_mm, unit));
    const auto radius = state.solution.saddle.crown_radius_mm;
    if (!radius) {
        lines << tr("top straight");
    } else {
        const Unit coarse = state.job.units.along();
        const auto block =
            nearest_block_mm(*radius, crown_span_along_mm(state.solution), session_.tools().radius_blocks_mm);
        lines << (block ? tr("top on radius %1, nearest block %2")
                              .arg(length_short(std::round(*radius), coarse),
                                   length_short(*block, coarse) + QLatin1Char(' ') + unit_text(coarse))
                        : tr("top on radius %1").arg(length_with_unit(std::round(*radius), coarse)));
    }
    return lines.join(QLatin1Char('\n'));
}

void SaddleStation::refresh() {
    if (!session_.is_open()) return;
    const State& state = session_.state();
    const Design& design = state.job.design;
    const Unit unit = state.job.units.small();
    QStringList facts;
    if (design.has_slot()) facts << QString::fromStdString(material_name(design.saddle.material)).left(40);
    facts << (state.solution.single                      ? tr("single saddles")
              : design.bridge && design.bridge->floats() ? tr("the floating bridge's top")
              : !design.has_slot()                       ? tr("the bar's top")
                                   : tr("%1 × %2").arg(length_short(state.solution.saddle.length_mm, unit),
                                                       length_short(design.saddle.thickness_mm, unit)));
    if (!state.solution.straight_saddle.fits && design.has_slot())
        facts << tr("a straight line does not hold every crown");
    show_facts(facts);
    choose_view(view_.side == NutSide::found ? 0 : 1);
    Doubts doubts;
    const auto changes = saddle_change_mm(state);
    if (view_.side == NutSide::found &&
        std::none_of(changes.begin(), changes.end(), [](const auto& mm) { return mm.has_value(); }))
        doubts.push_back({tr("nothing read yet: enter the action in the list of the fitted saddle"), {}});
    for (const Doubt& doubt : doubts_that(about_the_saddle)) doubts.push_back(doubt);
    show_doubts(doubts);
    binder_.refresh();
    pages_->refresh();
    canvas_->refresh();
    choose_columns();
    list_->set_chosen(static_cast<int>(view_.stage));
    list_->set_foot(foot());
    list_->refresh();
}

namespace {

QString next_at_saddle(const State& state) {
    const Design& design = state.job.design;
    if (!state.plan && state.solution.single)
        return StationWords::tr("Set every crown from the reference edge");
    if (!state.plan && !design.has_slot())
        return design.bridge->floats() ? StationWords::tr("Cut the notches of its top")
                                       : StationWords::tr("Set the bar square, then its height");
    if (!state.plan) return StationWords::tr("Fit the thickness to its slot");
    if (state.plan->saddle.left()) return StationWords::tr("Leave it: within the gauge");
    if (state.plan->saddle.choice == SaddleChoice::renew) return StationWords::tr("Make a new saddle");
    if (state.job.design.saddle.by_screws()) {
        // Two screws give what two screws can: only what they are to be turned counts.
        std::vector<double> turns;
        if (const auto& screws = state.plan->saddle.screws_mm)
            turns = {screws->bass_mm, screws->treble_mm};
        else
            for (const auto& mm : state.plan->saddle.take_off_mm) turns.push_back(mm.value_or(0.0));
        const auto [least, most] = std::minmax_element(turns.begin(), turns.end());
        return *most > 0 && *least < 0 ? StationWords::tr("Turn the screws, each its own way")
               : *most > 0             ? StationWords::tr("Turn the screws down")
                                       : StationWords::tr("Turn the screws up");
    }
    if (state.plan->saddle.cut.pack_mm > 0) return StationWords::tr("Pack it up, or make a new one");
    return StationWords::tr("Take its bottom down, then the top");
}

} // namespace

StationKind saddle_kind() {
    return {Station::saddle,
            StationWords::tr("Saddle"),
            StationWords::tr("The saddle: action, crowns, the piece (Alt+5)"),
            StationWords::tr("Sa&ddle"),
            StationWords::tr("Go to the saddle"),
            [](const State& state) {
                if (state.plan) return StationWords::tr("read at fret 12");
                const bool bought = !state.job.design.has_slot() && state.solution.notches.empty();
                return bought ? StationWords::tr("to be set") : StationWords::tr("to be made");
            },
            [](const State& state) { return state.plan.has_value(); },
            next_at_saddle,
            [](const Design& design) {
                return design.saddle.by_screws() ? caution_under_tension()
                                                 : caution_of(design.saddle.material);
            },
            [](const State&, const ViewState&) { return QStringLiteral("saddle_z_mm"); },
            [](Session& session, const ViewState& view, QWidget* parent) -> WindowPage* {
                return new SaddleStation(session, view, parent);
            }};
}

} // namespace fm
