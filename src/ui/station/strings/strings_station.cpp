#include "ui/station/strings/strings_station.h"

#include "core/words/word_of.h"
#include "job/edits/edits.h"
#include "job/edits/intonation_edits.h"
#include "job/edits/string_edits.h"
#include "job/exchange/string_set.h"
#include "sheet/drawing/fonts.h"
#include "ui/field/row_delegate.h"
#include "ui/look/flow_layout.h"
#include "ui/look/plain_button.h"
#include "ui/look/texts.h"
#include "ui/look/theme.h"
#include "ui/state/record_time.h"

#include <QEvent>
#include <QFileDialog>
#include <QFileInfo>
#include <QHeaderView>
#include <QMenu>
#include <QPainter>
#include <QVBoxLayout>

namespace fm {

namespace {

using Ink = StringsModel::Ink;

/// Yours in pencil, what follows in ink, estimates as such, what is doubtful with a mark.
class StringsDelegate : public RowDelegate {
public:
    using RowDelegate::RowDelegate;

    void paint(QPainter* painter, const QStyleOptionViewItem& option,
               const QModelIndex& index) const override {
        const auto i = static_cast<std::size_t>(index.row());
        const auto ink = static_cast<Ink>(index.data(StringsModel::ink_role).toInt());
        const bool chosen = option.state & QStyle::State_Selected || i == view_.string;
        painter->save();
        paint_ground(painter, option, index, chosen);
        const bool name = index.column() == 0;
        QFont font = shipped_font(name ? i == view_.string
                                       : index.column() == static_cast<int>(StringsModel::Column::tension));
        font.setPixelSize(16);
        const bool rough = ink == Ink::estimated || ink == Ink::assumed;
        font.setItalic(ink == Ink::estimated);
        QString text = index.data().toString();
        if (rough) text = QStringLiteral("≈ ") + text;
        if (ink == Ink::doubtful) text = QStringLiteral("▲ ") + text;
        const QRect box = option.rect.adjusted(name ? 14 : 2, 0, -8, 0);
        while (font.pixelSize() > 9 && QFontMetrics(font).boundingRect(text).width() + 4 > box.width())
            font.setPixelSize(font.pixelSize() - 1); // never cut
        painter->setFont(font);
        painter->setPen(ink == Ink::yours      ? theme().yours
                        : rough                ? theme().caption
                        : ink == Ink::doubtful ? theme().warning
                                               : theme().ink);
        painter->drawText(box, int((name ? Qt::AlignLeft : Qt::AlignRight) | Qt::AlignVCenter), text);
        if ((ink == Ink::yours || ink == Ink::assumed) && index.flags() & Qt::ItemIsEditable) {
            painter->setPen(QPen(rough ? theme().caption : theme().yours, 1, Qt::DotLine));
            const int wide = painter->fontMetrics().horizontalAdvance(text);
            const int y = box.center().y() + 11;
            painter->drawLine(box.right() - wide, y, box.right(), y);
        }
        paint_focus(painter, option);
        painter->restore();
    }
};

} // namespace

StringsStation::StringsStation(Session& session, const ViewState& view, QWidget* parent)
    : WindowPage(parent), session_(session), view_(view), binder_(session),
      model_(new StringsModel(session, this)), table_(new EntryTable), total_(new QLabel) {
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(24, 8, 16, 12);
    column->setSpacing(8);
    head_ = new QBoxLayout(QBoxLayout::LeftToRight);
    head_->setSpacing(14);
    auto* words = new QHBoxLayout;
    words->setSpacing(14);
    auto* title = new QLabel(tr("Strings"));
    QFont font = shipped_font(true);
    font.setPixelSize(26);
    title->setFont(font);
    words->addWidget(title);
    total_->setAccessibleName(tr("Total tension"));
    QFont strong = shipped_font(true);
    strong.setPixelSize(17);
    total_->setFont(strong);
    words->addWidget(total_, 1);
    head_->addLayout(words, 1);
    auto* buttons = new QWidget;
    auto* flow = new FlowLayout(buttons, 14);
    auto* read = plain_button(tr("Read a set…"),
                              tr("Pitch, gauge and make-up of all strings from a CSV file (Ctrl+I)"));
    add_ = plain_button(tr("Add one"), tr("A string like the chosen one, on its treble side (Ins)"));
    take_out_ = plain_button(tr("Take out"), tr("The chosen string, and all that is said of it (Ctrl+Del)"));
    for (QToolButton* each : {add_, take_out_, read}) flow->addWidget(each);
    sets_ = plain_button(tr("Shop's sets") + QStringLiteral(" ▾"), tr("A set from the shop's list"));
    sets_->setPopupMode(QToolButton::InstantPopup);
    sets_->setMenu(new QMenu(sets_));
    connect(sets_->menu(), &QMenu::aboutToShow, this, &StringsStation::list_sets);
    flow->addWidget(sets_);
    head_->addWidget(buttons);
    column->addLayout(head_);
    table_->setModel(model_);
    table_->setItemDelegate(new StringsDelegate(session, view, table_));
    table_->setAccessibleName(tr("Strings"));
    table_->verticalHeader()->hide();
    lay_out_table(table_, 24);
    table_->setSelectionMode(QAbstractItemView::ContiguousSelection);
    table_->setSelectionBehavior(QAbstractItemView::SelectRows);
    table_->viewport()->installEventFilter(this);
    column->addWidget(table_, 1);
    auto* under = new QWidget;
    auto* foot = new FlowLayout(under, 16);
    core_ = new ChoiceRow(tr("Core of the chosen string"), {{tr("steel"), {}, {}},
                                                            {tr("nylon"), {}, {}},
                                                            {tr("fluorocarbon"), {}, {}},
                                                            {tr("gut"), {}, {}},
                                                            {tr("nylon fibres"), {}, {}}});
    core_->setAccessibleName(tr("Core of the chosen string"));
    foot->addWidget(core_);
    auto* tuned = new QWidget;
    auto* tuned_column = new QVBoxLayout(tuned);
    tuned_column->setContentsMargins(0, 0, 0, 0);
    tuned_column->setSpacing(3);
    auto* tuned_label = new QLabel(tr("tuned to A4, Hz"));
    tuned_label->setProperty("caption", true);
    tuned_column->addWidget(tuned_label);
    auto* a4 = new ValueField(QStringLiteral("a4_hz"), tr("tuned to A4"), FieldKind::number, this);
    a4->setFixedWidth(84);
    binder_.bind(a4, [](const State& state) { return std::optional(state.job.a4_hz); });
    tuned_column->addWidget(a4);
    foot->addWidget(tuned);
    together_ = plain_button(tr("One course"), tr("The selected neighbours stand together as a course"));
    alone_ = plain_button(tr("Single"), tr("The selected strings stand alone again"));
    auto* fitted =
        plain_button(tr("New strings"),
                     tr("Into the record, with its date: what a tuner said of the old ones counts no more"));
    connect(fitted, &QToolButton::clicked, this, [this] {
        commit(tr("new strings fitted"), with_new_strings(session_.document(), time_of_record()));
    });
    foot->addWidget(fitted);
    foot->addWidget(together_);
    foot->addWidget(alone_);
    column->addWidget(under);
    connect(read, &QToolButton::clicked, this, &StringsStation::choose_set);
    connect(add_, &QToolButton::clicked, this, &StringsStation::add_string);
    connect(take_out_, &QToolButton::clicked, this, &StringsStation::take_string_out);
    connect(together_, &QToolButton::clicked, this, [this] { group(true); });
    connect(alone_, &QToolButton::clicked, this, [this] { group(false); });
    connect(core_, &ChoiceRow::picked, this, [this](int core) {
        const std::string key = "strings[" + std::to_string(view_.string) + "].core";
        commit(tr("core"),
               with(session_.document(), key, std::string(word_of(static_cast<CoreMaterial>(core)))));
    });
    connect(model_, &StringsModel::changed, this, &StringsStation::commit);
    connect(model_, &StringsModel::not_understood, this, &StringsStation::refused);
    connect(this, &StringsStation::refused, table_, &EntryTable::refuse);
    connect(table_, &QTableView::activated, this, &StringsStation::toggle_wound);
    connect(table_->selectionModel(), &QItemSelectionModel::currentChanged, this,
            [this](const QModelIndex& now) {
                if (!now.isValid()) return;
                Q_EMIT string_picked(static_cast<std::size_t>(now.row()));
                Q_EMIT number_picked(now.data(number_key_role).toString());
            });
}

/// In a small window the buttons stand under the title.
void StringsStation::resizeEvent(QResizeEvent* event) {
    WindowPage::resizeEvent(event);
    head_->setDirection(width() < 760 ? QBoxLayout::TopToBottom : QBoxLayout::LeftToRight);
}

void StringsStation::commit(const QString& name, const Value& document) {
    const auto problems = session_.commit(name, document);
    if (problems.empty()) return;
    Q_EMIT refused(session_.told(problems));
    refresh();
}

bool StringsStation::on_pitch() const {
    return table_->currentIndex().column() == static_cast<int>(StringsModel::Column::pitch);
}

void StringsStation::choose_set() {
    const QString path = QFileDialog::getOpenFileName(this, tr("Read a set of strings"), {},
                                                      tr("String sets (*.csv *.txt *.tsv)"));
    if (!path.isEmpty()) read_set(path);
}

void StringsStation::put_on(const QString& name, const Value& set) {
    try {
        commit(tr("strings from %1").arg(name), with_string_set(session_.document(), set));
    } catch (const InputError& error) {
        Q_EMIT refused(message_text(error.message(), session_.state().job.units));
    }
}

void StringsStation::read_set(const QString& path) {
    try {
        put_on(QFileInfo(path).fileName(), strings_of_csv(load_file(path).text.toStdString()));
    } catch (const InputError& error) {
        Q_EMIT refused(message_text(error.message(), session_.state().job.units));
    }
}

void StringsStation::take_set(const ShopStringSet& set) {
    put_on(QString::fromStdString(set.name), set.strings);
}

void StringsStation::list_sets() {
    sets_->menu()->clear();
    const std::size_t strings = session_.state().job.design.strings.size();
    for (const ShopStringSet& set : session_.workshop().string_sets()) {
        QAction* action = sets_->menu()->addAction(QString::fromStdString(set.name));
        action->setEnabled(set.strings.array()->size() == strings || session_.state().job.readings.empty());
        connect(action, &QAction::triggered, this, [this, set] { take_set(set); });
    }
    if (sets_->menu()->isEmpty())
        sets_->menu()->addAction(tr("none in the workshop's file"))->setEnabled(false);
}

void StringsStation::add_string() {
    const std::size_t count = session_.state().job.design.strings.size();
    if (count >= most_strings) return Q_EMIT refused(tr("a job has %1 strings at most").arg(most_strings));
    commit(tr("a string more"), with_string_added(session_.document(), view_.string));
    Q_EMIT string_picked(view_.string + 1);
}

void StringsStation::take_string_out() {
    if (session_.state().job.design.strings.size() < 2) return Q_EMIT refused(tr("one string stays"));
    commit(
        tr("%1 taken out").arg(QString::fromStdString(session_.state().job.design.string_name(view_.string))),
        with_string_removed(session_.document(), view_.string));
}

void StringsStation::group(bool together) {
    const QModelIndexList rows = table_->selectionModel()->selectedRows();
    if (rows.isEmpty()) return;
    int first = rows.front().row();
    int last = first;
    for (const QModelIndex& row : rows) {
        first = std::min(first, row.row());
        last = std::max(last, row.row());
    }
    if (together && first == last) return Q_EMIT refused(tr("select two or more neighbouring strings"));
    commit(together ? tr("one course") : tr("single strings"),
           with_course(session_.document(), static_cast<std::size_t>(first), static_cast<std::size_t>(last),
                       together));
}

void StringsStation::toggle_wound(const QModelIndex& index) {
    if (index.column() != static_cast<int>(StringsModel::Column::wound) || session_.read_only()) return;
    const auto i = static_cast<std::size_t>(index.row());
    StringDesign made = session_.state().job.design.strings[i];
    const std::string string = "strings[" + std::to_string(i) + "]";
    // Plain, wound, and then with what, one wrap after the other.
    constexpr auto wraps = words_of(Wrap{});
    const std::size_t next = made.wrap ? static_cast<std::size_t>(*made.wrap) + 1 : 0;
    const bool was_wound = made.wound;
    made.wound = !was_wound || next < wraps.size();
    made.wrap = was_wound && made.wound ? std::optional(static_cast<Wrap>(next)) : std::nullopt;
    Value document = without(with(session_.document(), string + ".wound", made.wound), string + ".wrap");
    if (made.wrap) document = with(document, string + ".wrap", std::string(word_of(*made.wrap)));
    if (!made.wound) document = without(document, string + ".core_mm"); // a plain string is its own core
    commit(StringsModel::make_words(made), document);
}

void StringsStation::refresh() {
    if (!session_.is_open()) return;
    const State& state = session_.state();
    model_->refresh();
    const double total_n = state.solution.total_tension_n();
    // Only where the same instrument had other strings when it was opened.
    const State& opened = session_.as_opened();
    const bool compares = opened.job.design.strings.size() == state.job.design.strings.size() &&
                          opened.job.design.strings != state.job.design.strings;
    const double more_n = compares ? total_n - opened.solution.total_tension_n() : 0.0;
    const Units& in = state.job.units;
    total_->setText(
        tr("total tension %1 %2").arg(tension_number(total_n, in, 0), tension_unit_text(in.tension)) +
        (std::abs(more_n) < 0.5
             ? QString()
             : QStringLiteral(", ") + (more_n > 0 ? tr("%1 more than when the job was opened")
                                                  : tr("%1 less than when the job was opened"))
                                          .arg(tension_number(std::abs(more_n), in, 0))));
    core_->set_chosen(static_cast<int>(state.job.design.strings[view_.string].core));
    core_->setEnabled(!session_.read_only());
    for (QToolButton* button : {together_, alone_, add_, take_out_})
        button->setEnabled(!session_.read_only());
    const QModelIndex current = table_->currentIndex();
    if (current.row() != static_cast<int>(view_.string)) {
        const QSignalBlocker quiet(table_->selectionModel());
        table_->setCurrentIndex(
            model_->index(static_cast<int>(view_.string), current.isValid() ? current.column() : 1));
    }
    binder_.refresh();
    fit();
    table_->viewport()->update();
}

void StringsStation::fit() {
    const int rows = std::max(1, model_->rowCount());
    table_->verticalHeader()->setDefaultSectionSize(std::clamp(table_->viewport()->height() / rows, 24, 44));
    const int width = table_->viewport()->width();
    for (int column = 0; column < StringsModel::columns; ++column)
        table_->setColumnWidth(column, width * (column + 1) / StringsModel::columns -
                                           width * column / StringsModel::columns);
}

bool StringsStation::eventFilter(QObject* watched, QEvent* event) {
    if (watched == table_->viewport() && event->type() == QEvent::Resize) fit();
    return QWidget::eventFilter(watched, event);
}

StationKind strings_kind() {
    return {Station::strings,
            StationWords::tr("Strings"),
            StationWords::tr("The strings: pitch, gauge, make-up, tension (Alt+3)"),
            StationWords::tr("S&trings"),
            StationWords::tr("Go to the strings"),
            [](const State& state) {
                const Units& in = state.job.units;
                return StationWords::tr("%1 %2 in all")
                    .arg(tension_number(state.solution.total_tension_n(), in, 0),
                         tension_unit_text(in.tension));
            },
            [](const State&) { return true; },
            [](const State&) { return StationWords::tr("Gauge every string"); },
            [](const Design&) {
                return StationWords::tr(
                    "Strings under tension: mind the eyes. Slacken before cutting or taking one off.");
            },
            [](const State&, const ViewState&) { return QStringLiteral("tension_n"); },
            [](Session& session, const ViewState& view, QWidget* parent) -> WindowPage* {
                return new StringsStation(session, view, parent);
            }};
}

} // namespace fm
