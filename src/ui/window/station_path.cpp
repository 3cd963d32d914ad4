#include "ui/window/station_path.h"

#include "core/found/cents_rounds.h"
#include "core/found/nut_verdict.h"
#include "job/read/story.h"
#include "sheet/drawing/fonts.h"
#include "ui/field/stop_bar.h"
#include "ui/look/texts.h"
#include "ui/look/theme.h"

#include <QFileInfo>
#include <QGridLayout>
#include <QMenu>
#include <QPainter>
#include <QStyleOptionToolButton>
#include <QStylePainter>
#include <QToolButton>
#include <QVBoxLayout>

#include <array>
#include <cmath>

namespace fm {

namespace {

constexpr int state_left = 56;    // left of a station's state, and a little room at its right
constexpr int name_left = 4;      // in its row
constexpr int state_px = 17;      // the line beneath a name
constexpr int short_height = 740; // below it rows are low
constexpr int short_row = 38;
constexpr int tall_row = 49;
constexpr int longest_shown = 60; // of a title or an owner; a file may hold megabytes

/// The part of a row that its name has, the rest is its state's: both close together, rows apart.
int name_high(int row) {
    return row - state_px - (row >= tall_row ? 4 : 0);
}

/// Its name at the left and above: the state stands beneath.
class StationButton : public QToolButton {
protected:
    void paintEvent(QPaintEvent*) override {
        QStylePainter painter(this);
        QStyleOptionToolButton option;
        initStyleOption(&option);
        const QString text = std::exchange(option.text, QString());
        painter.drawComplexControl(QStyle::CC_ToolButton, option);
        painter.setFont(font());
        painter.setPen(palette().color(QPalette::ButtonText));
        const bool alone = layout() == nullptr;
        const int under = alone ? 0 : height() - name_high(height());
        painter.drawText(rect().adjusted(name_left, 0, 0, -under),
                         static_cast<int>(alone ? Qt::AlignCenter : Qt::AlignBottom | Qt::AlignLeft), text);
    }
};

QToolButton* bare_button(const QString& text, const QString& tip) {
    auto* button = new StationButton;
    button->setText(text);
    button->setToolTip(tip);
    button->setAutoRaise(true);
    button->setMinimumHeight(32);
    button->setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Fixed);
    button->setToolButtonStyle(Qt::ToolButtonTextOnly);
    button->setStyleSheet(
        QStringLiteral("QToolButton { border: none; padding: 0 6px 0 0; text-align: left; } "
                       "QToolButton::menu-indicator { image: none; }"));
    return button;
}

/// What can hurt somebody while this material is cut.
QString caution_of(const std::string& material) {
    if (material == "brass")
        return StationPath::tr(
            "Brass may hold lead: wash hands. File toward the vice, mind the edges. Follow your tools' "
            "instructions and local rules.");
    if (material == "hardwood")
        return StationPath::tr(
            "Some woods sensitise: mask and extraction. Blades away from the hand. Follow your tools' "
            "instructions and local rules.");
    return StationPath::tr(
        "Dust: mask and extraction. Files and saws away from the hand. Follow your tools' instructions "
        "and local rules.");
}

QString caution_at(Station station, const Design& design) {
    switch (station) {
    case Station::survey:
        return StationPath::tr(
            "Strings under tension: mind the eyes. A lifted bridge, a loose brace or a stuck rod "
            "is a job for a trained repairer.");
    case Station::neck:
        return StationPath::tr("Truss rod: small turns, stop when it binds, know its direction. When unsure, "
                               "ask a trained repairer.");
    case Station::strings:
        return StationPath::tr(
            "Strings under tension: mind the eyes. Slacken before cutting or taking one off.");
    case Station::nut: return caution_of(design.nut.material);
    case Station::saddle:
        return design.saddle.by_screws()
                   ? StationPath::tr(
                         "Strings under tension: mind the eyes. Slacken before a crown or a screw is moved.")
                   : caution_of(design.saddle.material);
    case Station::bridge:
        return StationPath::tr(
            "Slacken the strings before lifting a bridge or pulling pins. Drill with the work "
            "clamped. A lifted bridge is a job for a trained repairer.");
    case Station::intonation:
        return StationPath::tr(
            "Strings under tension: mind the eyes. Slacken before a crown or a screw is moved.");
    case Station::record: return {};
    case Station::sheets:
        return StationPath::tr("Print at 100 %. Measure the bars with a caliper before anything is cut by a "
                               "sheet.");
    }
    return {};
}

/// What a nut found so calls for next.
QString next_at_nut(const State& state) {
    const bool read = std::any_of(state.known.begin(), state.known.end(),
                                  [](const auto& k) { return k.above_fret_line_mm.has_value(); });
    if (!read) return StationPath::tr("Fret tops onto the blank");
    if (!state.nut) return StationPath::tr("Read the gaps over fret 1");
    switch (state.nut->step.decision.choice) {
    case NutChoice::leave: return StationPath::tr("Leave it: within the gauge");
    case NutChoice::file: return StationPath::tr("File to the gaps wanted");
    case NutChoice::below: return StationPath::tr("Take it down from below");
    case NutChoice::fill: return StationPath::tr("Fill the low or wide slots");
    case NutChoice::shim: return StationPath::tr("Shim the nut, then file");
    case NutChoice::replace: return StationPath::tr("Make a new nut");
    case NutChoice::choose: return StationPath::tr("Shim or fill: decide");
    }
    return {};
}

QString next_at_neck(const State& state) {
    if (!state.found.relief) return StationPath::tr("Read the relief");
    if (!state.plan || state.plan->relief.left())
        return StationPath::tr("Leave the relief: within the gauge");
    const double more_mm = *state.plan->relief.to_mm - state.plan->relief.from->depth_mm;
    return more_mm < 0 ? StationPath::tr("Tighten the rod: less relief")
                       : StationPath::tr("Slacken the rod: more relief");
}

QString next_at_saddle(const State& state) {
    if (!state.plan) return StationPath::tr("Fit the thickness to its slot");
    if (state.plan->saddle.left()) return StationPath::tr("Leave it: within the gauge");
    if (state.plan->saddle.choice == SaddleChoice::renew) return StationPath::tr("Make a new saddle");
    if (state.job.design.saddle.by_screws()) {
        // Two screws give what two screws can: only what they are to be turned counts.
        std::vector<double> turns;
        if (const auto& screws = state.plan->saddle.screws_mm)
            turns = {screws->bass_mm, screws->treble_mm};
        else
            for (const auto& mm : state.plan->saddle.take_off_mm) turns.push_back(mm.value_or(0.0));
        const auto [least, most] = std::minmax_element(turns.begin(), turns.end());
        return *most > 0 && *least < 0 ? StationPath::tr("Turn the screws, each its own way")
               : *most > 0             ? StationPath::tr("Turn the screws down")
                                       : StationPath::tr("Turn the screws up");
    }
    if (state.plan->saddle.cut.pack_mm > 0) return StationPath::tr("Pack it up, or make a new one");
    return StationPath::tr("Take its bottom down, then the top");
}

QString bridge_words(const State& state) {
    if (!state.solution.bridge) return StationPath::tr("none in this job");
    const auto height = state.solution.bridge->height_mm;
    return height ? StationPath::tr("%1 high").arg(length_with_unit(*height, state.job.unit))
                  : StationPath::tr("floating");
}

QString sheet_words(const State& state) {
    if (state.job.sheets.empty()) return StationPath::tr("not printed");
    return StationPath::tr("revision %1 printed").arg(state.job.sheets.back().revision);
}

/// How many strings a tuner was held to as they stand now; "" for none.
QString intonation_words(const State& state) {
    const std::size_t strings = state.job.design.strings.size();
    int read = 0;
    int before = 0;
    for (const CentsOfString& each : cents_rounds(state.job.readings, strings)) {
        before += !each.reads.empty();
        read += std::any_of(each.reads.begin(), each.reads.end(),
                            [](const CentsRead& one) { return one.counts; });
    }
    if (before == 0) return {};
    return read == 0 ? StationPath::tr("to be read again")
                     : StationPath::tr("%1 of %2 read").arg(read).arg(strings);
}

QString next_at_survey(const State& state) {
    const auto& points = survey_points();
    for (std::size_t i = 0; i < points.size(); ++i)
        if (!state.job.survey[i].mark)
            return StationPath::tr("Look for: %1").arg(words_of(points[i].name_id()));
    const auto& all = state.found.strings;
    const bool read =
        std::all_of(all.begin(), all.end(), [](const auto& s) { return s.has_nut() && s.has_action(); });
    return read ? StationPath::tr("Looked at and read")
                : StationPath::tr("Read gap and height, string by string");
}

/// The one next thing to do at a station.
QString next_words(const State& state, Station station, bool sheets_changed) {
    const auto stopped = [&](BenchPart part) { return stop_at(state.stops, part) != nullptr; };
    if ((station == Station::neck && stopped(BenchPart::relief)) ||
        (station == Station::saddle && stopped(BenchPart::saddle)) ||
        (station == Station::nut && stopped(BenchPart::nut)))
        return StationPath::tr("Stop: the plan (N) says why");
    switch (station) {
    case Station::survey: return next_at_survey(state);
    case Station::neck: return next_at_neck(state);
    case Station::strings: return StationPath::tr("Gauge every string");
    case Station::nut: return next_at_nut(state);
    case Station::saddle: return next_at_saddle(state);
    case Station::bridge:
        return state.solution.bridge ? StationPath::tr("Check the place at both outer strings")
                                     : StationPath::tr("Nothing to do: none in this job");
    case Station::intonation:
        return intonation_words(state).isEmpty() ? StationPath::tr("Read fret 12 of every string, in cents")
                                                 : StationPath::tr("Move, tune, and read again");
    case Station::record: return StationPath::tr("Write down what was done, and what was left");
    case Station::sheets:
        if (state.job.sheets.empty()) return StationPath::tr("Print the sheets of the parts to be cut");
        return sheets_changed ? StationPath::tr("Print again what has changed")
                              : StationPath::tr("Cut by the sheets that were printed");
    }
    return {};
}

} // namespace

StationPath::StationPath(const Session& session, const ViewState& view, QWidget* parent)
    : QWidget(parent), session_(session), view_(view) {
    setAttribute(Qt::WA_OpaquePaintEvent);
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(16, 14, 6, 14);
    column->setSpacing(0);
    title_ = add_label(column, 24, true);
    // Facts are short lines: the jobs stand at the right of the last.
    auto* facts_row = new QGridLayout;
    facts_row->setSpacing(0);
    column->addLayout(facts_row);
    facts_ = add_label(column, 13, false);
    facts_->setProperty("caption", true);
    column->removeWidget(facts_);
    facts_row->addWidget(facts_, 0, 0);
    jobs_ = bare_button(QStringLiteral("▾"), {});
    jobs_->setAccessibleName(tr("Jobs"));
    jobs_->setPopupMode(QToolButton::InstantPopup);
    jobs_->setMenu(new QMenu(jobs_));
    jobs_->setFixedSize(32, 32);
    connect(jobs_->menu(), &QMenu::aboutToShow, this, &StationPath::list_jobs);
    facts_row->addWidget(jobs_, 0, 0, Qt::AlignRight | Qt::AlignBottom);
    column->addSpacing(10);
    stations_.push_back(add_station(column, Station::survey, tr("Survey"),
                                    tr("The survey: what to look at, readings as found (Alt+1)")));
    stations_.push_back(
        add_station(column, Station::neck, tr("Neck"), tr("The neck: scale, frets, board, relief (Alt+2)")));
    stations_.push_back(add_station(column, Station::strings, tr("Strings"),
                                    tr("The strings: pitch, gauge, make-up, tension (Alt+3)")));
    stations_.push_back(
        add_station(column, Station::nut, tr("Nut"), tr("The nut: spacing, heights, slots (Alt+4)")));
    stations_.push_back(add_station(column, Station::saddle, tr("Saddle"),
                                    tr("The saddle: action, crowns, the piece (Alt+5)")));
    stations_.push_back(add_station(column, Station::bridge, tr("Bridge"),
                                    tr("The bridge: height, anchor, outline, its place (Alt+6)")));
    stations_.push_back(add_station(column, Station::intonation, tr("Intonation"),
                                    tr("The intonation: cents as read, crowns as moved (Alt+7)")));
    stations_.push_back(add_station(column, Station::sheets, tr("Sheets"),
                                    tr("The sheets: templates, lists and cards on paper (Alt+8)")));
    stations_.push_back(add_station(column, Station::record, tr("Record"),
                                    tr("The record: found, heard, decided, done and left (Alt+9)")));
    column->addStretch(1);
    caution_ = add_label(column, 13, false);
    caution_->setProperty("caption", true);
    column->addSpacing(14);
    auto* next_caption = add_label(column, 13, false);
    next_caption->setProperty("caption", true);
    next_caption->setText(tr("Next"));
    next_ = add_label(column, 16, false);
}

StationPath::Entry StationPath::add_station(QVBoxLayout* column, Station station, const QString& name,
                                            const QString& tip) {
    Entry entry;
    auto* row = new QHBoxLayout;
    row->addSpacing(30);
    entry.button = bare_button(name, tip);
    entry.button->setProperty("station", true);
    QFont font = shipped_font(true);
    font.setPixelSize(17);
    entry.button->setFont(font);
    connect(entry.button, &QToolButton::clicked, this, [this, station] { Q_EMIT station_picked(station); });
    // The state stands on the button, under its name: a press on either goes there.
    auto* words = new QVBoxLayout(entry.button);
    words->setContentsMargins(name_left, 0, 0, 0);
    words->addStretch(1);
    entry.state = new QLabel;
    entry.state->setSizePolicy(QSizePolicy::Ignored, QSizePolicy::Maximum);
    entry.state->setProperty("caption", true);
    words->addWidget(entry.state);
    row->addWidget(entry.button, 1);
    column->addLayout(row);
    return entry;
}

QRect StationPath::row_of(const Entry& entry) const {
    return QRect(entry.button->mapTo(this, QPoint(0, 0)), entry.button->size());
}

void StationPath::resizeEvent(QResizeEvent* event) {
    QWidget::resizeEvent(event);
    // Cautions and the next thing are never cut: the rows give way.
    const bool is_short = height() < short_height;
    for (const Entry& entry : stations_) {
        entry.button->setFixedHeight(is_short ? short_row : tall_row);
        entry.button->layout()->setContentsMargins(name_left, 0, 0,
                                                   is_short ? 0 : tall_row - state_px - name_high(tall_row));
    }
    layout()->setContentsMargins(16, is_short ? 8 : 14, 6, is_short ? 6 : 14);
    refresh();
}

QLabel* StationPath::add_label(QVBoxLayout* column, int px, bool bold) {
    auto* label = new QLabel;
    QFont font = shipped_font(bold);
    font.setPixelSize(px);
    label->setFont(font);
    label->setWordWrap(true);
    column->addWidget(label);
    return label;
}

void StationPath::refresh() {
    if (!session_.is_open()) return;
    const State& state = session_.state();
    const Design& design = state.job.design;
    const Unit unit = state.job.unit == Unit::mm ? Unit::mm : Unit::in; // a scale is no matter of thou
    title_->setText(state.job.title.empty() ? QFileInfo(session_.path()).completeBaseName()
                                            : QString::fromStdString(state.job.title).left(longest_shown));
    const auto courses = static_cast<int>(course_starts(design.strings).size());
    const auto strings = static_cast<int>(design.strings.size());
    QStringList facts;
    facts << (courses < strings ? tr("%1 strings, %2 courses").arg(strings).arg(courses)
              : strings == 1    ? tr("1 string")
                                : tr("%1 strings").arg(strings));
    facts << (design.neck.fanned()
                  ? tr("scale %1 to %2 %3")
                        .arg(length_short(design.neck.scale_bass_mm, unit),
                             length_short(design.neck.scale_treble_mm, unit), unit_text(unit))
                  : tr("scale %1 %2").arg(length_short(design.neck.scale_bass_mm, unit), unit_text(unit)));
    if (!state.job.owner.empty())
        facts << tr("owner %1").arg(QString::fromStdString(state.job.owner).left(longest_shown));
    if (state.job.left_handed) facts << tr("left-handed");
    facts_->setText(facts.join(QLatin1Char('\n')));
    const bool read = std::any_of(state.known.begin(), state.known.end(),
                                  [](const auto& k) { return k.above_fret_line_mm.has_value(); });
    const auto& relief = design.neck.relief;
    const int seen = looked_at(state.job.survey);
    const auto found = survey_doubts(state.job.survey);
    const auto unsafe = unsafe_finding(state.job.survey);
    const QString rounds = intonation_words(state);
    const std::size_t written = story_of(state.job).size();
    const std::array words{seen == 0 ? tr("not looked at")
                           : unsafe  ? QStringLiteral("▲ ") + words_of(survey_points()[*unsafe].name_id())
                           : !found.empty() ? tr("%1 found").arg(found.size())
                                            : tr("%1 of %2 looked at").arg(seen).arg(survey_points().size()),
                           relief ? tr("relief %1").arg(length_with_unit(relief->depth_mm, state.job.unit))
                                  : tr("straight"),
                           tr("%1 N in all").arg(number_text(state.solution.total_tension_n(), 0)),
                           strings == 1 ? (read ? tr("read, 1 slot") : tr("1 slot to cut"))
                           : read       ? tr("read, %1 slots").arg(strings)
                                        : tr("%1 slots to cut").arg(strings),
                           state.plan ? tr("read at fret 12") : tr("to be made"),
                           bridge_words(state),
                           rounds.isEmpty() ? tr("not read") : rounds,
                           sheet_words(state),
                           written == 0   ? tr("nothing written yet")
                           : written == 1 ? tr("1 line")
                                          : tr("%1 lines").arg(written)};
    const std::array begun{seen > 0,
                           relief.has_value(),
                           true,
                           read,
                           state.plan.has_value(),
                           design.bridge.has_value(),
                           !rounds.isEmpty(),
                           !state.job.sheets.empty(),
                           written > 0};
    bool moved = station_shown_ != view_.station;
    for (std::size_t i = 0; i < stations_.size(); ++i) {
        // One line, so that nothing below moves; the whole of it in the tooltip.
        stations_[i].state->ensurePolished();
        stations_[i].state->setText(
            stations_[i].state->fontMetrics().elidedText(words[i], Qt::ElideRight, width() - state_left));
        const bool warns = i == 0 && unsafe;
        if (stations_[i].state->property("warning").toBool() != warns) { // stays in sight from every station
            stations_[i].state->setProperty("warning", warns);
            stations_[i].state->setStyleSheet(stations_[i].state->styleSheet());
        }
        stations_[i].state->setToolTip(warns ? message_text(found.front(), unit) : words[i]);
        stations_[i].button->setAccessibleDescription(words[i]);
        moved = moved || stations_[i].begun != begun[i];
        stations_[i].begun = begun[i];
    }
    station_shown_ = view_.station;
    next_->setText(next_words(state, view_.station, sheets_changed_));
    caution_->setText(caution_at(view_.station, design));
    const QString& name = session_.workshop().name();
    jobs_->setToolTip(name.isEmpty() ? tr("The jobs of this workshop") : tr("The jobs of %1").arg(name));
    if (moved) update(); // the rings; labels repaint themselves
}

void StationPath::set_sheets_changed(bool changed) {
    if (sheets_changed_ == changed) return;
    sheets_changed_ = changed;
    refresh();
}

void StationPath::list_jobs() {
    QMenu* menu = jobs_->menu();
    menu->clear();
    const QString open_file = QFileInfo(session_.path()).canonicalFilePath();
    for (const QString& path : session_.workshop().jobs()) {
        const QFileInfo info(path);
        QString name = info.completeBaseName();
        name[0] = name[0].toUpper();
        QAction* action = menu->addAction(name);
        action->setToolTip(tr("Open %1").arg(info.fileName()));
        action->setCheckable(true);
        action->setChecked(info.canonicalFilePath() == open_file);
        connect(action, &QAction::triggered, this, [this, path] { Q_EMIT job_picked(path); });
    }
}

void StationPath::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    painter.fillRect(rect(), theme().side);
    painter.setRenderHint(QPainter::Antialiasing);
    const QRect row = row_of(stations_[static_cast<std::size_t>(view_.station)]);
    painter.fillRect(QRect(0, row.top(), width(), row.height() + 2), theme().ground);
    painter.fillRect(QRect(0, row.top(), 5, row.height() + 2), theme().ink);
    if (!session_.is_open()) return;
    // Empty: nothing yet; half: begun.
    for (const Entry& entry : stations_) {
        const QRectF ring(
            20, entry.button->mapTo(this, QPoint(0, 0)).y() + name_high(entry.button->height()) - 18, 14, 14);
        painter.setPen(QPen(theme().ink, 1.6));
        painter.setBrush(theme().ground);
        painter.drawEllipse(ring);
        if (!entry.begun) continue;
        painter.setBrush(theme().ink);
        painter.drawPie(ring, 90 * 16, -180 * 16);
    }
}

} // namespace fm
