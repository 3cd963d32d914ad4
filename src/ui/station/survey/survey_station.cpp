#include "ui/station/survey/survey_station.h"

#include "sheet/drawing/picture_file.h"
#include "ui/look/texts.h"
#include "ui/station/survey/survey_readings.h"

#include <QDropEvent>
#include <QMimeData>

namespace fm {

namespace {

constexpr std::array read_columns{Read::nut_gap, Read::action, Read::slot_width};

std::vector<NumberColumn> columns() {
    std::vector<NumberColumn> list;
    const std::array names{SurveyStation::tr("fret 1"), SurveyStation::tr("fret 12"),
                           SurveyStation::tr("slot")};
    for (std::size_t k = 0; k < read_columns.size(); ++k) {
        NumberColumn column{
            names[k],
            [what = read_columns[k]](const State& s, std::size_t i) { return as_found(s, what, i); }, nullptr,
            Tone::yours};
        column.typed = true;
        list.push_back(std::move(column));
    }
    return list;
}

} // namespace

SurveyStation::SurveyStation(Session& session, const ViewState& view, QWidget* parent)
    : StationFrame(session, view, tr("Survey"), parent), canvas_(new SurveyCanvas(session, binder_, view)),
      pages_(new SurveyPages(session, binder_, view)),
      list_(new NumbersList(session, view, tr("As found"), {})) {
    hold(canvas_, pages_);
    setAcceptDrops(true);
    list_->set_columns(columns());
    connect(canvas_, &SurveyCanvas::point_picked, this, &SurveyStation::go_to_point);
    connect(canvas_, &SurveyCanvas::point_stepped, this, &SurveyStation::step_point);
    connect(canvas_, &SurveyCanvas::point_marked, this, &SurveyStation::mark_and_go_on);
    connect(canvas_, &SurveyCanvas::reading_entered, this, &SurveyStation::go_on);
    connect(list_->model(), &NumbersModel::typed, this,
            [this](int row, double mm, int column) { take(row, column, mm); });
    connect(list_, &NumbersList::row_picked, this, &SurveyStation::string_picked);
    connect(pages_, &SurveyPages::gauge_picked, this, [this](const QString& of, const QString& gauge) {
        Q_EMIT view_asked([of, word = gauge.toStdString()](ViewState& shown) {
            (of == QLatin1String("nut")      ? shown.gauges.nut
             : of == QLatin1String("action") ? shown.gauges.action
                                             : shown.gauges.relief) = word;
        });
    });
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

void SurveyStation::take(int string, int column, double mm) {
    const State& state = session_.state();
    const auto problems = session_.commit(
        tr("reading %1, %2")
            .arg(QString::fromStdString(state.job.design.string_name(static_cast<std::size_t>(string))),
                 length_with_unit(mm, state.job.unit)),
        with_read(session_.document(), state, read_columns[static_cast<std::size_t>(column) - 1],
                  static_cast<std::size_t>(string), mm, view_.gauges, session_.sitting()));
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
            [](Session& session, const ViewState& view) -> WindowPage* {
                return new SurveyStation(session, view);
            },
            unsafe_words};
}

} // namespace fm
