#include "ui/station/intonation/intonation_station.h"

#include "core/found/cents_rounds.h"
#include "core/found/fit.h"
#include "core/solution/set_forward.h"
#include "core/words/word_of.h"
#include "job/edits/edits.h"
#include "job/edits/intonation_edits.h"
#include "ui/look/drawn_words.h"
#include "ui/look/flow_layout.h"
#include "ui/look/plain_button.h"
#include "ui/look/texts.h"
#include "ui/look/theme.h"
#include "ui/look/title_label.h"
#include "ui/state/record_time.h"

#include <QHeaderView>
#include <QMouseEvent>
#include <QPainter>
#include <QScrollArea>
#include <QVBoxLayout>

#include <algorithm>
#include <cmath>

namespace fm {

namespace {
constexpr double hands_px = 34; // the lines under the picture that say what the bands are
} // namespace

CrownCanvas::CrownCanvas(const Session& session, const ViewState& view, const IntonationModel& model,
                         QWidget* parent)
    : QWidget(parent), session_(session), view_(view), model_(model) {
    setAccessibleName(tr("The saddle from above"));
}

double CrownCanvas::row_y(std::size_t string) const {
    const auto count = static_cast<double>(session_.state().job.design.strings.size());
    const auto row = static_cast<double>(
        session_.state().job.left_handed ? string : session_.state().job.design.strings.size() - 1 - string);
    return 40 + (height() - 74 - hands_px) * (row + 0.5) / count;
}

void CrownCanvas::mousePressEvent(QMouseEvent* event) {
    const auto count = session_.state().job.design.strings.size();
    std::size_t nearest = 0;
    for (std::size_t i = 0; i < count; ++i)
        if (std::abs(row_y(i) - event->position().y()) < std::abs(row_y(nearest) - event->position().y()))
            nearest = i;
    Q_EMIT string_picked(nearest);
}

void CrownCanvas::paintEvent(QPaintEvent*) {
    if (!session_.is_open()) return;
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    const State& state = session_.state();
    const Design& design = state.job.design;
    const auto& advice = model_.advice();
    // Every string has its own middle: where its crown should stand. The scale holds the farthest one and the
    // saddle.
    double reach_mm = 0.6 * design.saddle.thickness_mm;
    for (const auto& each : advice)
        if (each) reach_mm = std::max(reach_mm, std::abs(each->move_mm) * 1.2);
    for (const auto& each : by_hand_.heavy_mm)
        if (each) reach_mm = std::max(reach_mm, std::abs(*each) * 1.2);
    const double middle = width() * 0.52;
    const double per_mm = (width() * 0.40) / reach_mm;
    QFont font = this->font();
    font.setPixelSize(14);
    painter.setFont(font);
    painter.setPen(theme().caption);
    painter.drawText(QRectF(0, 4, middle - 20, 24), Qt::AlignRight | Qt::AlignVCenter,
                     tr("← toward the nut"));
    painter.drawText(QRectF(middle + 20, 4, width() - middle - 20, 24), Qt::AlignLeft | Qt::AlignVCenter,
                     tr("longer →"));
    const double top = 34;
    const double bottom = height() - 34 - hands_px;
    painter.fillRect(QRectF(middle - design.saddle.thickness_mm * per_mm / 2, top,
                            design.saddle.thickness_mm * per_mm, bottom - top),
                     theme().material);
    painter.setPen(QPen(theme().hairline, 1));
    for (const double side : {-0.5, 0.5})
        painter.drawLine(QPointF(middle + side * design.saddle.thickness_mm * per_mm, top),
                         QPointF(middle + side * design.saddle.thickness_mm * per_mm, bottom));
    painter.setPen(QPen(theme().missing, 1.5, Qt::DashLine));
    painter.drawLine(QPointF(middle, top - 6), QPointF(middle, bottom + 6));
    painter.setPen(theme().missing);
    painter.drawText(QRectF(middle - 160, bottom + 6, 320, 24), Qt::AlignCenter,
                     tr("where each crown should stand"));
    paint_hands(painter, middle, per_mm);
    const auto earlier = earlier_moves_mm();
    for (std::size_t i = 0; i < design.strings.size(); ++i) {
        const double y = row_y(i);
        const bool chosen = i == view_.string;
        painter.setPen(QPen(chosen ? theme().ink : theme().string,
                            std::clamp(1.8 * design.strings[i].diameter_mm, 1.0, 4.0)));
        painter.drawLine(QPointF(84, y), QPointF(width() - 4, y));
        font.setBold(chosen);
        font.setPixelSize(std::clamp(
            static_cast<int>((bottom - top) / static_cast<double>(design.strings.size())) - 3, 10, 14));
        painter.setFont(font);
        painter.setPen(theme().ink);
        painter.drawText(QRectF(4, y - 14, 78, 28), Qt::AlignLeft | Qt::AlignVCenter,
                         QString::fromStdString(design.string_name(i)));
        if (i >= advice.size() || !advice[i]) continue;
        paint_earlier(painter, earlier[i], y, [&](double move_mm) { return middle - move_mm * per_mm; });
        const double x = middle - advice[i]->move_mm * per_mm;
        const double u_px = std::max(2.0, advice[i]->u_mm * per_mm);
        if (advice[i]->there) {
            painter.setPen(QPen(theme().missing, 3));
            painter.drawPolyline(QPolygonF{QPointF(x - 8, y), QPointF(x - 2, y + 7), QPointF(x + 8, y - 8)});
            continue;
        }
        painter.setPen(QPen(theme().caption, 1)); // as far as the readings can tell
        painter.drawLine(QPointF(x - u_px, y - 9), QPointF(x - u_px, y + 9));
        painter.drawLine(QPointF(x + u_px, y - 9), QPointF(x + u_px, y + 9));
        painter.setPen(QPen(theme().ink, 2));
        painter.setBrush(theme().ground);
        painter.drawEllipse(QPointF(x, y), 6, 6);
        const double to = middle - (advice[i]->move_mm - model_.moves_mm()[i].value_or(0)) * per_mm;
        if (std::abs(to - x) < 9) continue;
        const double way = to > x ? 1 : -1;
        painter.setPen(QPen(theme().take_off, 3));
        painter.drawLine(QPointF(x + way * 7, y), QPointF(to - way * 6, y));
        painter.setPen(Qt::NoPen);
        painter.setBrush(theme().take_off);
        painter.drawPolygon(
            QPolygonF{QPointF(to, y), QPointF(to - way * 10, y - 6), QPointF(to - way * 10, y + 6)});
        font.setBold(true);
        painter.setFont(font);
        painter.setPen(theme().take_off);
        const QString words =
            model_.data(model_.index(static_cast<int>(i), IntonationModel::move_column), Qt::DisplayRole)
                .toString();
        // Beside the line all crowns should stand on, never across it.
        const double wide = QFontMetricsF(font).horizontalAdvance(words) + 4;
        const double centre = way > 0 ? std::min(0.5 * (x + to), to - 0.5 * wide - 4)
                                      : std::max(0.5 * (x + to), to + 0.5 * wide + 4);
        painter.drawText(QRectF(centre - 0.5 * wide, y - 25, wide, 18), Qt::AlignCenter | Qt::TextDontClip,
                         words);
    }
}

void CrownCanvas::refresh() {
    update();
    if (!session_.is_open() || hands_of_ == session_.shared_state()) return;
    hands_of_ = session_.shared_state();
    by_hand_ = crowns_by_hand(hands_of_->work_design, hands_of_->solution);
}

/// From where a light hand would have each crown to where a heavy one would.
void CrownCanvas::paint_hands(QPainter& painter, double middle, double per_mm) const {
    const State& state = session_.state();
    const std::size_t count = state.job.design.strings.size();
    if (by_hand_.light_mm.size() != count) return;
    const Unit unit = state.job.units.small();
    const QColor hand = theme().yours;
    QColor pale = hand;
    pale.setAlphaF(0.22F);
    for (std::size_t i = 0; i < count; ++i) {
        const auto& light_mm = by_hand_.light_mm[i];
        const auto& heavy_mm = by_hand_.heavy_mm[i];
        if (!light_mm || !heavy_mm) continue;
        const double y = row_y(i);
        const double light = std::clamp(middle + *light_mm * per_mm, 88.0, width() - 8.0);
        const double heavy = std::clamp(middle + *heavy_mm * per_mm, 88.0, width() - 8.0);
        painter.fillRect(QRectF(QPointF(light, y - 5), QPointF(heavy, y + 5)), pale);
        painter.setPen(QPen(hand, 1.4));
        for (const double x : {light, heavy}) painter.drawLine(QPointF(x, y - 5), QPointF(x, y + 5));
        if (i != view_.string) continue;
        const auto told = [unit](double mm) {
            return (mm > 0 ? QStringLiteral("+") : QString()) + length_with_unit(mm, unit);
        };
        const double low = height() - hands_px;
        painter.fillRect(QRectF(84, low + 5, 26, 10), pale);
        painter.setPen(QPen(hand, 1.4));
        for (const double x : {84.0, 110.0}) painter.drawLine(QPointF(x, low + 5), QPointF(x, low + 15));
        write_wrapped(painter, QRectF(118, low + 2, width() - 122, hands_px - 2),
                      tr("From a light hand's crown to a heavy hand's: %1 %2 and %3")
                          .arg(QString::fromStdString(state.job.design.string_name(i)), told(*light_mm),
                               told(*heavy_mm)),
                      hand, 14, 10);
    }
}

std::vector<std::vector<double>> CrownCanvas::earlier_moves_mm() const {
    const State& state = session_.state();
    const auto& advice = model_.advice();
    std::vector<std::vector<double>> all(state.job.design.strings.size());
    const auto rounds = cents_rounds(state.job.readings, all.size());
    for (std::size_t i = 0; i < std::min(all.size(), advice.size()); ++i) {
        if (!advice[i] || advice[i]->cents_per_mm == 0) continue;
        for (const CentsRead& read : rounds[i].reads)
            if (read.fret == 12)
                all[i].push_back(-(read.cents + state.job.intonation.flat_cents) / advice[i]->cents_per_mm);
        if (!all[i].empty()) all[i].pop_back(); // the newest is the crown itself
    }
    return all;
}

/// Where the crown stood when it was read before, a row a reading, the older the paler.
void CrownCanvas::paint_earlier(QPainter& painter, const std::vector<double>& moves_mm, double y,
                                const std::function<double(double)>& x_of) const {
    const double row_px =
        (height() - 74 - hands_px) / static_cast<double>(session_.state().job.design.strings.size());
    const auto most = static_cast<std::size_t>(std::clamp((0.5 * row_px - 10) / 8, 0.0, 4.0));
    for (std::size_t back = 1; back <= std::min(most, moves_mm.size()); ++back) {
        QColor pale = theme().caption;
        pale.setAlphaF(static_cast<float>(1.0 - 0.2 * static_cast<double>(back)));
        painter.setPen(QPen(pale, 1.4));
        painter.setBrush(Qt::NoBrush);
        const double x = std::clamp(x_of(moves_mm[moves_mm.size() - back]), 88.0, width() - 8.0);
        painter.drawEllipse(QPointF(x, y + 6 + 8 * static_cast<double>(back)), 3.5, 3.5);
    }
}

IntonationStation::IntonationStation(Session& session, const ViewState& view, QWidget* parent)
    : WindowPage(parent), session_(session), view_(view), model_(new IntonationModel(session, this)),
      canvas_(new CrownCanvas(session, view, *model_)), facts_(new QLabel), advice_(new QLabel),
      by_(new ChoiceRow(
          tr("Moved"),
          {{tr("each crown"), {}, {}}, {tr("one line"), {}, {}}, {tr("nut and crowns"), {}, {}}})),
      against_(
          new ChoiceRow(tr("Read against"), {{tr("the open string"), {}, {}}, {tr("its harmonic"), {}, {}}})),
      flat_(new ValueField(QStringLiteral("intonation.flat_cents"), tr("aimed flat, cents"),
                           FieldKind::number, this)),
      fret_field_(new ValueField(QStringLiteral("fret"), tr("fret that is read"), FieldKind::whole, this)) {
    // A short window scrolls: nothing lies over anything.
    auto* around = new QVBoxLayout(this);
    around->setContentsMargins(0, 0, 0, 0);
    auto* scroll = new QScrollArea;
    scroll->setWidgetResizable(true);
    scroll->setFrameShape(QFrame::NoFrame);
    scroll->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    scroll->setFocusPolicy(Qt::NoFocus);
    auto* inside = new QWidget;
    scroll->setWidget(inside);
    around->addWidget(scroll);
    auto* column = new QVBoxLayout(inside);
    column->setContentsMargins(24, 10, 16, 10);
    column->setSpacing(8);
    column->addWidget(title_label(tr("Intonation")));
    facts_->setProperty("caption", true);
    facts_->setWordWrap(true);
    column->addWidget(facts_);
    column->addWidget(canvas_, 1);
    advice_->setWordWrap(true);
    advice_->setTextFormat(Qt::RichText);
    advice_->setAccessibleName(tr("Advice"));
    column->addWidget(advice_);
    auto* ways = new QWidget;
    auto* row = new FlowLayout(ways, 18);
    row->addWidget(by_);
    row->addWidget(against_);
    for (ValueField* field : {fret_field_, flat_}) {
        auto* labelled = new QWidget;
        auto* one = new QVBoxLayout(labelled);
        one->setContentsMargins(0, 0, 0, 0);
        one->setSpacing(2);
        auto* caption = new QLabel(field->name());
        caption->setProperty("caption", true);
        one->addWidget(caption);
        field->setFixedWidth(90);
        one->addWidget(field);
        row->addWidget(labelled);
    }
    column->addWidget(ways);
    panel_ = build_panel();
    connect(by_, &ChoiceRow::picked, this, [this](int index) {
        commit(tr("crowns moved: %1").arg(by_->options()[static_cast<std::size_t>(index)].name),
               with(session_.document(), "intonation.by", std::string(word_of(static_cast<MoveBy>(index)))));
    });
    connect(against_, &ChoiceRow::picked, this, [this](int index) {
        commit(tr("cents against %1").arg(against_->options()[static_cast<std::size_t>(index)].name),
               with(session_.document(), "intonation.against",
                    std::string(word_of(static_cast<CentsAgainst>(index)))));
    });
    connect(flat_, &ValueField::committed, this, [this](double cents) {
        flat_->set_problem(commit(tr("aimed %1 cents flat").arg(number_text(cents, 1)),
                                  with(session_.document(), "intonation.flat_cents", cents)));
    });
    connect(fret_field_, &ValueField::committed, this,
            [this](double fret) { choose_fret(static_cast<int>(fret)); });
    connect(canvas_, &CrownCanvas::string_picked, this, &IntonationStation::string_picked);
    connect(model_, &IntonationModel::not_understood, this, &IntonationStation::refused);
    connect(model_, &IntonationModel::typed, this, [this](int string, double cents) {
        const auto i = static_cast<std::size_t>(string);
        const Job& job = session_.state().job;
        commit(tr("%1: %2 cents at fret %3")
                   .arg(QString::fromStdString(job.design.string_name(i)), number_text(cents, 1))
                   .arg(fret_),
               with_cents(session_.document(), job.design.strings.size(), i, {fret_, cents},
                          job.intonation.against, session_.sitting().toStdString(), time_of_record()));
    });
    connect(model_, &IntonationModel::heard, this, [this](int string, PitchHeard heard) {
        const auto i = static_cast<std::size_t>(string);
        const Job& job = session_.state().job;
        commit(tr("%1: heard at fret %2").arg(QString::fromStdString(job.design.string_name(i))).arg(fret_),
               with_pitch_heard(session_.document(), job.design.strings.size(), i, {fret_, heard},
                                session_.sitting().toStdString(), time_of_record()));
    });
    connect(model_, &IntonationModel::crown_measured, this, [this](int string, double mm) {
        const auto i = static_cast<std::size_t>(string);
        const Job& job = session_.state().job;
        commit(tr("%1: %2 from fret 12 to its crown")
                   .arg(QString::fromStdString(job.design.string_name(i)),
                        length_with_unit(mm, job.units.small())),
               with_crown_found(session_.document(), job.design.strings.size(), i, mm,
                                session_.sitting().toStdString(), time_of_record()));
    });
}

bool IntonationStation::takes_letter(const QObject* watched, QChar letter) {
    return watched == table_ && table_->currentIndex().column() == IntonationModel::read_column &&
           IntonationModel::begins_heard(letter);
}

QWidget* IntonationStation::build_panel() {
    auto* panel = new QWidget;
    panel->setAutoFillBackground(true);
    auto* column = new QVBoxLayout(panel);
    column->setContentsMargins(14, 12, 14, 12);
    column->setSpacing(8);
    table_ = new EntryTable;
    table_->setModel(model_);
    table_->setAccessibleName(tr("Cents and moves"));
    connect(this, &IntonationStation::refused, table_, &EntryTable::refuse);
    table_->verticalHeader()->hide();
    table_->verticalHeader()->setDefaultSectionSize(36);
    table_->horizontalHeader()->setSectionResizeMode(QHeaderView::Stretch);
    table_->setShowGrid(false);
    table_->setItemDelegate(new CellDelegate(table_));
    table_->setTabKeyNavigation(false);
    table_->setToolTip(
        tr("Type what the tuner reads, in cents, + sharp, or what you hear: flat, a bit sharp; Enter "
           "goes on to the next string"));
    column->addWidget(table_, 1);
    moved_ = plain_button(tr("Moved, tuned"),
                          tr("The crowns were moved as the list says: the next round begins (Ctrl+Enter)"));
    moved_->setShortcut(QKeySequence(tr("Ctrl+Return")));
    connect(moved_, &QToolButton::clicked, this, &IntonationStation::moved);
    QToolButton* strings = plain_button(
        tr("New strings"), tr("New strings were fitted: cents of the old ones are kept, and do not count"));
    connect(strings, &QToolButton::clicked, this, [this] {
        commit(tr("new strings fitted"), with_new_strings(session_.document(), time_of_record()));
    });
    auto* buttons = new QWidget;
    auto* row = new FlowLayout(buttons, 8);
    row->addWidget(moved_);
    row->addWidget(strings);
    column->addWidget(buttons);
    fit_ = new QLabel;
    fit_->setWordWrap(true);
    fit_->setProperty("caption", true);
    fit_->setAccessibleName(tr("Fit to the instrument"));
    column->addWidget(fit_);
    use_fit_ = plain_button(tr("Use this fit"), tr("Writes what fits these readings into the string"));
    connect(use_fit_, &QToolButton::clicked, this, &IntonationStation::use_fit);
    column->addWidget(use_fit_, 0, Qt::AlignLeft);
    connect(table_->selectionModel(), &QItemSelectionModel::currentRowChanged, this,
            [this](const QModelIndex& now) {
                if (now.isValid()) Q_EMIT string_picked(static_cast<std::size_t>(now.row()));
            });
    return panel;
}

QString IntonationStation::commit(const QString& name, const Value& document) {
    QString problem = session_.told(session_.commit(name, document));
    if (!problem.isEmpty()) Q_EMIT refused(problem);
    refresh();
    return problem;
}

void IntonationStation::choose_fret(int fret) {
    const int last = session_.state().job.design.neck.frets;
    QString problem;
    if (fret < 1 || fret > last)
        problem = tr("fret %1 is read; allowed is 1 to %2").arg(fret).arg(last);
    else
        fret_ = fret;
    refresh();
    fret_field_->set_problem(problem);
    if (!problem.isEmpty()) Q_EMIT refused(problem);
}

void IntonationStation::moved() {
    const auto& moves = model_->moves_mm();
    if (std::none_of(moves.begin(), moves.end(), [](const auto& mm) { return mm.has_value(); }))
        return Q_EMIT refused(tr("Nothing is to be moved: read the cents first"));
    commit(tr("crowns moved"), with_crowns_moved(session_.document(), moves, time_of_record()));
}

void IntonationStation::use_fit() {
    const State& state = session_.state();
    const auto made = fit(state.job.design, state.written, state.job.readings, view_.string);
    if (!made || !made->crown_known) return;
    commit(tr("fit of %1").arg(QString::fromStdString(state.job.design.string_name(view_.string))),
           with_fit(session_.document(), view_.string, *made));
}

QString IntonationStation::fit_words() const {
    const State& state = session_.state();
    const auto made = fit(state.job.design, state.written, state.job.readings, view_.string);
    if (!made)
        return tr("With cents at two or more frets of a string the stiffness of its ends can be fitted, with "
                  "six its stretch.");
    QString words =
        tr("%1: ends %2 ± %3 fit %4 readings; they are missed by %5 cents instead of %6.")
            .arg(QString::fromStdString(state.job.design.string_name(view_.string)),
                 number_text(made->end_stiffness.value, 2), number_text(made->end_stiffness.standard, 2))
            .arg(made->residuals.size())
            .arg(number_text(made->rms_after_cents, 1), number_text(made->rms_before_cents, 1));
    for (const Message& note : made->notes) words += QLatin1Char(' ') + message_text(note, state.job.units);
    return words;
}

/// What each further tenth of a millimetre of the design's own set-forward gains.
QString IntonationStation::gain_words() const {
    const State& state = session_.state();
    QStringList tenths;
    for (const SetForwardGain& gain : set_forward_gains(state.work_design, state.solution))
        if (gain.forward_mm > 0)
            tenths << tr("%1: %2").arg(length_number(gain.forward_mm, state.job.units.small()),
                                       number_text(gain.gained_cents, 2));
    if (tenths.isEmpty()) return {};
    return QLatin1Char(' ') +
           tr("The design sets it forward; what each further tenth gains of all errors, in cents: %1.")
               .arg(tenths.join(QStringLiteral(" · ")));
}

/// What is to be known before a crown is moved.
QString IntonationStation::warning_words() const {
    const Job& job = session_.state().job;
    QStringList ask;
    QString words;
    for (const auto& each : model_->advice()) {
        if (!each || each->there) continue;
        const QString name = QString::fromStdString(job.design.string_name(each->string)).toHtmlEscaped();
        if (!each->ask_frets.empty()) ask << name;
        if (each->apart_cents > 0)
            words += tr("<b>%1:</b> two readings of one fret differ by %2 cents; type the right one again. ")
                         .arg(name, number_text(each->apart_cents, 1));
        if (each->leaves_saddle_mm != 0)
            words += tr("<b>%1:</b> its crown would stand %2 beyond its saddle: that is a matter of the "
                        "bridge's place, not of the crown. ")
                         .arg(name, length_with_unit(std::abs(each->leaves_saddle_mm), job.units.small()));
        if (each->fret12_off_cents)
            words += tr("<b>%1:</b> fret 12 itself stands wrong by %2 cents against its neighbours and is "
                        "left out. ")
                         .arg(name, number_text(*each->fret12_off_cents, 1));
    }
    if (!ask.isEmpty())
        words += tr("<b>Read frets 11 and 13 too</b> before a crown moves that far (%1): a fret 12 that "
                    "stands wrong itself shows there.")
                     .arg(ask.join(QStringLiteral(", ")));
    return words;
}

QString IntonationStation::advice_words() const {
    const Unit unit = session_.state().job.units.small();
    const auto signed_length = [&](double mm) {
        return (mm > 0 ? QStringLiteral("+") : QString()) + length_with_unit(mm, unit);
    };
    const auto& by = session_.state().job.intonation.by;
    const State& state = session_.state();
    const SaddleDesign& saddle = state.job.design.saddle;
    if (by == MoveBy::line && model_->line() && saddle.by_two_screws() && saddle.screws_across_mm &&
        state.solution.strings.size() > 1) { // what is set there stands where the posts do
        const double bass_y = state.solution.strings.front().line.saddle_y_mm;
        const double treble_y = state.solution.strings.back().line.saddle_y_mm;
        const auto at = [&](double y) {
            return model_->line()->bass_mm +
                   (model_->line()->treble_mm - model_->line()->bass_mm) * (y - bass_y) / (treble_y - bass_y);
        };
        return tr("<b>The line:</b> %1 at the bass post, %2 at the treble post; what is left is %3 cents at "
                  "most.")
            .arg(signed_length(at(saddle.screws_across_mm->bass_mm)),
                 signed_length(at(saddle.screws_across_mm->treble_mm)),
                 number_text(model_->line()->worst_cents, 1));
    }
    if (by == MoveBy::line && model_->line())
        return tr("<b>The line:</b> %1 at the bass string, %2 at the treble string; what is left is %3 cents "
                  "at most.")
            .arg(signed_length(model_->line()->bass_mm), signed_length(model_->line()->treble_mm),
                 number_text(model_->line()->worst_cents, 1));
    if (by == MoveBy::nut) {
        if (!model_->nut())
            return tr("For the nut, read one of frets 1 to 5 and fret 12 of a string: low frets sharp and "
                      "the octave true is the nut.") +
                   gain_words();
        return tr("<b>The nut:</b> its front %1 ± %2 toward the bridge (%3 strings tell it); the low frets "
                  "are %4 cents off.")
                   .arg(signed_length(model_->nut()->forward_mm), length_number(model_->nut()->u_mm, unit))
                   .arg(model_->nut()->strings)
                   .arg(number_text(model_->nut()->low_frets_cents, 1)) +
               gain_words();
    }
    QString warned = warning_words();
    if (!warned.isEmpty()) return warned;
    return tr("Sharp: lengthen. Flat: shorten. Move, tune, press at fret 12 as it is played, read again; "
              "moves written down join the readings. "
              "Strings under tension: mind the eyes, slacken before a screw is turned.");
}

void IntonationStation::refresh() {
    if (!session_.is_open()) return;
    const Job& job = session_.state().job;
    fret_ = std::min(fret_, job.design.neck.frets);
    model_->refresh(fret_);
    const QModelIndex current = table_->currentIndex();
    if (current.row() != static_cast<int>(view_.string)) {
        const QSignalBlocker quiet(table_->selectionModel());
        table_->setCurrentIndex(
            model_->index(static_cast<int>(view_.string),
                          current.isValid() ? current.column() : int(IntonationModel::read_column)));
    }
    int read = 0;
    int there = 0;
    int rounds = 0;
    for (const auto& each : model_->advice()) {
        if (!each) continue;
        ++read;
        there += each->there;
        rounds = std::max(rounds, each->moves);
    }
    const auto& strings = model_->rounds();
    const bool before = std::any_of(strings.begin(), strings.end(),
                                    [](const CentsOfString& each) { return !each.reads.empty(); });
    facts_->setText(
        read == 0 && before
            ? tr("read before strings, heights or crowns were changed: those cents are kept, pale, and do "
                 "not count; read fret %1 again")
                  .arg(fret_)
        : read == 0
            ? tr("not read yet: type what the tuner says of the note at fret %1, string by string").arg(fret_)
            : tr("%1 of %2 read · %3 there: two readings within %4 cents · round %5")
                  .arg(read)
                  .arg(job.design.strings.size())
                  .arg(there)
                  .arg(number_text(session_.workshop().intonation().near_cents, 1))
                  .arg(rounds + 1));
    by_->set_chosen(static_cast<int>(job.intonation.by));
    against_->set_chosen(job.intonation.against == CentsAgainst::open ? 0 : 1);
    flat_->show_value(job.intonation.flat_cents, job.units.small());
    fret_field_->show_value(fret_, job.units.small());
    advice_->setText(advice_words());
    fit_->setText(fit_words());
    const auto made = fit(job.design, session_.state().written, job.readings, view_.string);
    use_fit_->setEnabled(made && made->crown_known);
    canvas_->refresh();
}

namespace {

/// How many strings a tuner was held to as they stand now; "" for none.
QString rounds_read(const State& state) {
    const std::size_t strings = state.job.design.strings.size();
    int read = 0;
    int before = 0;
    for (const CentsOfString& each : cents_rounds(state.job.readings, strings)) {
        before += !each.reads.empty();
        read += std::any_of(each.reads.begin(), each.reads.end(),
                            [](const CentsRead& one) { return one.counts; });
    }
    if (before == 0) return {};
    return read == 0 ? StationWords::tr("to be read again")
                     : StationWords::tr("%1 of %2 read").arg(read).arg(strings);
}

} // namespace

StationKind intonation_kind() {
    return {Station::intonation,
            StationWords::tr("Intonation"),
            StationWords::tr("The intonation: cents as read, crowns as moved (Alt+7)"),
            StationWords::tr("&Intonation"),
            StationWords::tr("Go to the intonation: cents and crowns"),
            [](const State& state) {
                const QString read = rounds_read(state);
                return read.isEmpty() ? StationWords::tr("not read") : read;
            },
            [](const State& state) { return !rounds_read(state).isEmpty(); },
            [](const State& state) {
                return rounds_read(state).isEmpty()
                           ? StationWords::tr("Read fret 12 of every string, in cents")
                           : StationWords::tr("Move, tune, and read again");
            },
            [](const Design&) { return caution_under_tension(); },
            [](const State&, const ViewState&) { return QStringLiteral("compensation_mm"); },
            [](Session& session, const ViewState& view, QWidget* parent) -> WindowPage* {
                return new IntonationStation(session, view, parent);
            }};
}

} // namespace fm
