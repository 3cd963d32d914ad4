#include "ui/station/survey/survey_station.h"

#include "core/design/inputs.h"
#include "sheet/drawing/picture_file.h"
#include "ui/look/reading_text.h"
#include "ui/look/texts.h"
#include "ui/station/survey/survey_readings.h"

#include <QDropEvent>
#include <QMimeData>

namespace fm {

namespace {

using Words = std::function<QString(const State&, std::size_t)>;

/// Width and what is seen of it.
QString slot_words(const State& state, std::size_t string) {
    const SlotSeen& slot = state.known[string].slot;
    if (slot.empty()) return {};
    const auto width = as_found(state, Read::slot_width, string);
    return (width ? length_number(*width, unit_of(state, Read::slot_width)) + QLatin1Char('\n') : QString()) +
           SeenRow::names(slot).replace(QStringLiteral(", "), QStringLiteral("\n"));
}

Words leaves_words(Read what) {
    return [what](const State& state, std::size_t string) {
        const auto leaves = leaves_as_found(state, what, string);
        return leaves ? leaves_text(*leaves, unit_of(state, what)) : QString();
    };
}

NumberColumn found_column(const QString& name, Read what) {
    NumberColumn column{name, [what](const State& s, std::size_t i) { return as_found(s, what, i); }, nullptr,
                        Tone::yours};
    column.typed = true;
    column.leaves = what == Read::nut_gap || what == Read::action;
    column.length = kind_of(what);
    column.thing = thing_of(what);
    column.taps = what == Read::nut_gap;
    column.words = what == Read::slot_width ? Words(slot_words) : leaves_words(what);
    return column;
}

/// What was found of one thing, what is wanted, and how far the one is from the other.
std::vector<NumberColumn> set_against(Read what) {
    NumberColumn off{SurveyStation::tr("off by"),
                     [what](const State& s, std::size_t i) -> std::optional<double> {
                         const auto found = as_found(s, what, i);
                         const auto target = wanted(s, what, i);
                         return found && target ? std::optional(*found - *target) : std::nullopt;
                     }};
    off.words = [value = off.value, what](const State& s, std::size_t i) {
        const auto mm = value(s, i);
        return mm && *mm > 0 ? QLatin1Char('+') + length_number(*mm, unit_of(s, what)) : QString();
    };
    return {
        found_column(SurveyStation::tr("found"), what),
        {SurveyStation::tr("wanted"), [what](const State& s, std::size_t i) { return wanted(s, what, i); }},
        std::move(off)};
}

/// What each of the lists is of; the first is of all that was found.
constexpr std::array compared{Read::nut_gap, Read::action, Read::crown};

std::vector<NumberColumn> columns_of(std::size_t list) {
    if (list > 0) return set_against(compared[list - 1]);
    return {found_column(SurveyStation::tr("fret 1"), Read::nut_gap),
            found_column(SurveyStation::tr("fret 12"), Read::action),
            found_column(SurveyStation::tr("slot"), Read::slot_width)};
}

constexpr std::array all_columns{Read::nut_gap, Read::action, Read::slot_width};

} // namespace

SurveyStation::SurveyStation(Session& session, const ViewState& view, QWidget* parent)
    : StationFrame(session, view, tr("Survey"), parent),
      canvas_(new SurveyCanvas(session, binder_, view, drawing())),
      pages_(new SurveyPages(session, binder_, view, this)),
      list_(new NumbersList(session, view, tr("As found"),
                            {{tr("all"), {}, {}},
                             {tr("fret 1"), tr("gap over fret 1: found and wanted"), {}},
                             {tr("fret 12"), tr("height over fret 12: found and wanted"), {}},
                             {tr("crown"), tr("from fret 12 to the crown: found and wanted"), {}}})) {
    hold(canvas_, pages_);
    setAcceptDrops(true);
    show_list(0);
    connect(list_, &NumbersList::list_picked, this, &SurveyStation::show_list);
    connect(canvas_, &SurveyCanvas::point_picked, this, &SurveyStation::go_to_point);
    connect(canvas_, &SurveyCanvas::point_stepped, this, &SurveyStation::step_point);
    connect(canvas_, &SurveyCanvas::point_marked, this, &SurveyStation::mark_and_go_on);
    connect(canvas_, &SurveyCanvas::reading_entered, this, &SurveyStation::go_on);
    connect(list_->model(), &NumbersModel::typed, this,
            [this](int row, const WrittenLength& read, int column) { take(row, column, read); });
    connect(list_, &NumbersList::row_picked, this, &SurveyStation::string_picked);
    connect(pages_, &SurveyPages::gauge_picked, this, &SurveyStation::name_gauge);
}

/// For the readings to come; and for what was just typed, if nobody had said with what.
void SurveyStation::name_gauge(const QString& of, const QString& gauge, double own_u_mm) {
    const GaugeUsed named{gauge.toStdString(), own_u_mm > 0 ? std::optional(own_u_mm) : std::nullopt};
    const bool nut = of == QLatin1String("nut");
    const bool action = of == QLatin1String("action");
    const ReadingGauges& chosen = view_.gauges;
    const bool first = (nut ? chosen.nut : action ? chosen.action : chosen.relief).empty();
    Q_EMIT view_asked([nut, action, named](ViewState& shown) {
        ReadingGauges& gauges = shown.gauges;
        (nut ? gauges.nut : action ? gauges.action : gauges.relief) = named.name;
        (nut ? gauges.nut_u_mm : action ? gauges.action_u_mm : gauges.relief_u_mm) = named.own_u_mm;
    });
    if (!first) return;
    const Value document = with_gauge_named(session_.document(), of.toStdString(), named.written(),
                                            session_.sitting().toStdString());
    if (document == session_.document()) return;
    const Gauge* usual = gauge_of_word(named.name);
    const auto problems = session_.commit(usual ? words_of(usual->id) : gauge, document);
    if (!problems.empty()) Q_EMIT refused(session_.told(problems));
}

void SurveyStation::show_list(int list) {
    shown_list_ = static_cast<std::size_t>(list);
    list_->set_columns(columns_of(shown_list_));
    list_->set_chosen(list);
    list_->refresh();
}

void SurveyStation::go_to_point(std::size_t point) {
    Q_EMIT view_asked([point](ViewState& view) { view.point = point; });
}

void SurveyStation::step_point(int by) {
    const auto count = static_cast<int>(survey_points().size());
    go_to_point(static_cast<std::size_t>(std::clamp(static_cast<int>(view_.point) + by, 0, count - 1)));
}

void SurveyStation::mark_and_go_on(int mark) {
    pages_->mark(mark);
    if (mark == 1) step_point(1); // what was found wants its note first
}

void SurveyStation::go_on(ValueField* field) {
    const std::size_t count = session_.state().job.design.strings.size();
    if (view_.string + 1 < count) {
        Q_EMIT string_picked(view_.string + 1);
        field->selectAll();
        return;
    }
    Q_EMIT string_picked(0);
    field->nextInFocusChain()->setFocus(Qt::TabFocusReason);
}

void SurveyStation::take(int string, int column, const WrittenLength& read) {
    const State& state = session_.state();
    const Read what =
        shown_list_ > 0 ? compared[shown_list_ - 1] : all_columns[static_cast<std::size_t>(column) - 1];
    const auto problems = session_.commit(
        tr("reading %1, %2")
            .arg(QString::fromStdString(state.job.design.string_name(static_cast<std::size_t>(string))),
                 reading_said(read, unit_of(state, what))),
        with_read(session_.document(), state, what, static_cast<std::size_t>(string), read, view_.gauges,
                  session_.sitting()));
    if (!problems.empty()) Q_EMIT refused(session_.told(problems));
}

void SurveyStation::dragEnterEvent(QDragEnterEvent* event) {
    const QList<QUrl> urls = event->mimeData()->urls();
    if (urls.size() == 1 && urls.front().isLocalFile() && picture_fault(urls.front().toLocalFile()).isEmpty())
        event->acceptProposedAction();
}

void SurveyStation::dropEvent(QDropEvent* event) {
    pages_->take_photo(event->mimeData()->urls().front().toLocalFile());
    event->acceptProposedAction();
}

void SurveyStation::refresh() {
    if (!session_.is_open()) return;
    const State& state = session_.state();
    const int seen = looked_at(state.job.survey);
    const auto found = survey_doubts(state.job.survey);
    auto doubts = found;
    doubts.insert(doubts.end(), state.reading_doubts.begin(), state.reading_doubts.end());
    QStringList facts{tr("%1 of %2 looked at").arg(seen).arg(survey_points().size())};
    if (!found.empty()) facts << tr("%1 found").arg(found.size());
    if (const int doubtful = doubtful_points(state.job.survey); doubtful > 0)
        facts << tr("%1 doubtful").arg(doubtful);
    show_facts(facts);
    show_doubts(doubts_of(doubts));
    binder_.refresh();
    pages_->refresh();
    canvas_->refresh();
    const SurveyPoint& point = survey_points()[view_.point];
    list_->set_foot(
        words_of(point.look_id()),
        tr("%1 of %2 · %3").arg(view_.point + 1).arg(survey_points().size()).arg(words_of(point.name_id())));
    list_->refresh();
}

namespace {

QString survey_state(const State& state) {
    const int seen = looked_at(state.job.survey);
    const auto unsafe = unsafe_finding(state.job.survey);
    const std::size_t found = survey_doubts(state.job.survey).size();
    return seen == 0   ? StationWords::tr("not looked at")
           : unsafe    ? QStringLiteral("▲ ") + words_of(survey_points()[*unsafe].name_id())
           : found > 0 ? StationWords::tr("%1 found").arg(found)
                       : StationWords::tr("%1 of %2 looked at").arg(seen).arg(survey_points().size());
}

QString next_at_survey(const State& state) {
    const auto& points = survey_points();
    for (std::size_t i = 0; i < points.size(); ++i)
        if (!state.job.survey[i].mark)
            return StationWords::tr("Look for: %1").arg(words_of(points[i].name_id()));
    const auto& all = state.found.strings;
    const bool read =
        std::all_of(all.begin(), all.end(), [](const auto& s) { return s.has_nut() && s.has_action(); });
    return read ? StationWords::tr("Looked at and read")
                : StationWords::tr("Read gap and height, string by string");
}

/// What makes the set-up unsafe stays in sight from every station.
std::optional<Message> unsafe_words(const State& state) {
    if (!unsafe_finding(state.job.survey)) return std::nullopt;
    return survey_doubts(state.job.survey).front();
}

} // namespace

StationKind survey_kind() {
    return {Station::survey,
            StationWords::tr("Survey"),
            StationWords::tr("The survey: what to look at, readings as found (Alt+1)"),
            StationWords::tr("Su&rvey"),
            StationWords::tr("Go to the survey"),
            survey_state,
            [](const State& state) { return looked_at(state.job.survey) > 0; },
            next_at_survey,
            [](const Design&) {
                return StationWords::tr(
                    "Strings under tension: mind the eyes. A lifted bridge, a loose brace or a stuck rod "
                    "is a job for a trained repairer.");
            },
            [](const State&, const ViewState&) { return QStringLiteral("action12_mm"); },
            [](Session& session, const ViewState& view, QWidget* parent) -> WindowPage* {
                return new SurveyStation(session, view, parent);
            },
            unsafe_words};
}

} // namespace fm
