#include "ui/window/main_window.h"

#include "core/words/word_of.h"
#include "job/edits/edits.h"
#include "settings/settings.h"
#include "sheet/drawing/fonts.h"
#include "ui/field/keep_typed.h"
#include "ui/look/text_scale.h"
#include "ui/look/texts.h"
#include "ui/look/theme.h"

#include <QAbstractItemView>
#include <QApplication>
#include <QCloseEvent>
#include <QDateTime>
#include <QDragEnterEvent>
#include <QFileInfo>
#include <QHBoxLayout>
#include <QMimeData>
#include <QScrollArea>
#include <QScrollBar>
#include <QTimer>
#include <QToolButton>
#include <QUrl>

namespace fm {

namespace {
constexpr std::size_t most_kept_stations = 2; // each takes up to 7 MB, and a tenth of a second to be made

constexpr int menus_px = 34;
constexpr int rail_below_px = 760; // then the path shows numbers alone

/// What is moved up and down under the window's frame: as wide as that, and as high as all of it needs.
class MovedAbout : public QWidget {
public:
    explicit MovedAbout(QWidget* parent) : QWidget(parent), held_(new QWidget(this)) {}
    QWidget* held() const { return held_; }

protected:
    void resizeEvent(QResizeEvent*) override { held_->setGeometry(rect()); }

private:
    QWidget* held_;
};
} // namespace

MainWindow::MainWindow(Workshop workshop, const std::function<void(MainWindow&)>& up_first) {
    setWindowTitle(tr("Fair Measure"));
    resize(1280, 800);
    setMinimumSize(least_window);
    if (up_first) up_first(*this);
    setAcceptDrops(true);
    session_.set_workshop(std::move(workshop));
    build();
    build_menus();
    build_corner();
    connect_parts();
    qApp->installEventFilter(this);
    show_first(true);
    if (up_first) fit_to_size();
}

MainWindow::~MainWindow() {
    session_.disconnect();  // a job that cannot be saved would tell widgets that are gone
    qApp->disconnect(this); // the focus leaves windows that go after this one's own part has
    delete bench_;
    delete centralWidget(); // its parts read the session, which goes before a window's children do
}

void MainWindow::build() {
    // Enlarged text may leave the window less room than it needs: then lists stand beneath what they stood
    // beside, and all of it is moved up and down. Each part is made where it stays, from the window inwards:
    // what is moved between parents is styled anew.
    auto* frame = new QScrollArea(this);
    setCentralWidget(frame);
    frame->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    frame->setFrameShape(QFrame::NoFrame);
    frame->setWidgetResizable(true);
    frame->setFocusPolicy(Qt::NoFocus);
    auto* moved = new MovedAbout(frame->viewport());
    moved_about_ = moved;
    QWidget* centre = moved->held();
    auto* across = new QHBoxLayout(centre);
    across->setContentsMargins(0, 0, 0, 0);
    across->setSpacing(0);
    path_ = new StationPath(session_, view_, kinds_, centre);
    path_->setFixedWidth(192);
    across->addWidget(path_);
    auto* right = new QVBoxLayout;
    right->setSpacing(0);
    way_ = new StringWay(session_, centre);
    right->addWidget(way_);
    notice_ = new Notice(centre);
    right->addWidget(notice_);
    middle_ = new QStackedWidget(centre);
    nut(); // what opens first
    first_ = new FirstScreen(kinds_, middle_);
    middle_->addWidget(first_);
    right->addWidget(middle_, 1);
    working_ = new WorkingBar(session_, centre);
    right->addWidget(working_);
    across->addLayout(right, 1);
    frame->setWidget(moved_about_);
    connect(middle_, &QStackedWidget::currentChanged, this, [this, frame] {
        fit_room();
        frame->verticalScrollBar()->setValue(0);
    });
    connect(qApp, &QApplication::focusChanged, this, &MainWindow::bring_focus_to_sight);
}

void MainWindow::bring_focus_to_sight() {
    auto* frame = qobject_cast<QScrollArea*>(centralWidget());
    QWidget* now = QApplication::focusWidget();
    if (!frame || !now || !frame->widget()->isAncestorOf(now)) return;
    QRect place(QPoint(0, 0), now->size());
    if (const auto* table = qobject_cast<const QAbstractItemView*>(now)) { // its cell
        const QRect cell = table->visualRect(table->currentIndex());
        if (cell.isValid()) place = cell.translated(table->viewport()->pos());
    }
    const int top = now->mapTo(frame->viewport(), place.topLeft()).y();
    const int half = frame->viewport()->height() / 2;
    // What is large and begins in sight stays where it is.
    if (place.height() >= half && top >= 0 && top < half) return;
    const QPoint from = now->mapTo(frame->widget(), place.topLeft());
    frame->ensureVisible(from.x() + place.width(), from.y() + place.height(), 24, 24);
    frame->ensureVisible(from.x(), from.y(), 24, 24);
}

void MainWindow::connect_parts() {
    connect(&session_, &Session::changed, this, &MainWindow::refresh);
    connect(&session_, &Session::opened, this, [this] {
        kept_->clear();
        place_first(false);
        notice_->hide();                                             // it was about the job before
        if (bench_) bench_->worker().begin(bench_->worker().part()); // what its hand does counts from here
        restore_view();
        if (session_.read_only()) say(session_.read_only_why());
        settings::keep_last_job(session_.path());
        settings::keep_recent_job(session_.path());
        named_by_ = QString::fromStdString(session_.state().job.title);
    });
    connect(&session_, &Session::moved, this, [this] {
        settings::keep_last_job(session_.path());
        settings::keep_recent_job(session_.path());
    });
    // Not in the midst of a step.
    connect(&session_, &Session::kept, this, &MainWindow::follow_title, Qt::QueuedConnection);
    connect(&session_, &Session::kept, this, [this] {
        const QString when = QLocale().toString(QTime::currentTime(), QLocale::ShortFormat);
        kept_->setText(kept_words(when));
        kept_->setToolTip(
            tr("Every change is saved by itself, last at %1, to %2").arg(when, session_.path()));
    });
    connect(&session_, &Session::trouble, this, [this](const QString& text, bool readable) {
        notice_->say_trouble(text, readable ? Notice::read_again | Notice::elsewhere
                                            : Notice::Ways(Notice::elsewhere));
        if (bench_) bench_->say(text);
    });
    connect(&session_, &Session::trouble_over, notice_, &Notice::trouble_over);
    connect(notice_, &Notice::chosen, this, &MainWindow::go_way);
    connect(path_, &StationPath::job_picked, this, &MainWindow::go_to_job);
    connect(path_, &StationPath::next_asked, this, &MainWindow::go_next);
    connect(path_, &StationPath::all_jobs_asked, this, [this] { show_first(true); });
    connect(first_, &FirstScreen::job_picked, this, [this](const QString& path) {
        go_to_job(path);
        // It was open already, and stays; one that cannot be opened is told of here.
        if (session_.is_open() && QFileInfo(path) == QFileInfo(session_.path())) show_first(false);
    });
    first_->let_move_open([this](const QString& from, const QString& to) {
        if (!session_.is_open() || QFileInfo(from) != QFileInfo(session_.path())) return false;
        session_.move_to(to);
        return true;
    });
    connect(first_, &FirstScreen::kind_picked, this, &MainWindow::begin_kind);
    connect(first_, &FirstScreen::same_asked, this, &MainWindow::begin_same);
    connect(first_, &FirstScreen::kind_asked, this, &MainWindow::keep_kind);
    connect(first_, &FirstScreen::file_asked, this, &MainWindow::open_dialog);
    connect(first_, &FirstScreen::demo_asked, this, &MainWindow::open_demo);
    connect(path_, &StationPath::station_picked, this, &MainWindow::choose_station);
    connect(way_, &StringWay::string_stepped, this, &MainWindow::step_string);
    connect(way_, &StringWay::nut_touched, this, [this] { choose_station(Station::nut); });
    connect(way_, &StringWay::neck_touched, this, [this] { choose_station(Station::neck); });
    connect(way_, &StringWay::saddle_touched, this, [this] { choose_station(Station::saddle); });
    connect(way_, &StringWay::bridge_touched, this, [this] { choose_station(Station::bridge); });
}

void MainWindow::leave_field() {
    keep_typed(this);
    if (auto* field = qobject_cast<ValueField*>(focusWidget())) field->clearFocus();
}

void MainWindow::learn_hand() {
    if (bench_ && !bench_->isHidden()) bench_->worker().keep_hand();
}

bool MainWindow::open(const QString& path) {
    leave_field();
    keep_view();
    learn_hand();
    try {
        session_.open(path);
        return true;
    } catch (const InputError& error) {
        notice_->say(
            tr("%1 was not opened: %2").arg(QFileInfo(path).fileName(), message_text(error.message())),
            error.message().id == "job_not_left" ? Notice::read_again | Notice::elsewhere
                                                 : Notice::Ways(Notice::none));
        return false;
    }
}

void MainWindow::go_to_job(const QString& path) {
    const QString open_file = session_.is_open() ? QFileInfo(session_.path()).canonicalFilePath() : QString();
    const bool is_open = !open_file.isEmpty() && QFileInfo(path).canonicalFilePath() == open_file;
    if (!is_open || notice_->offers(Notice::read_again)) open(path);
}

void MainWindow::refresh() {
    if (!session_.is_open() || first_shown_) return;
    const auto count = session_.state().job.design.strings.size();
    view_.string = std::min(view_.string, count - 1);
    view_.fret = std::min(view_.fret, session_.state().job.design.neck.frets);
    const std::pair shape(count, session_.state().job.design.neck.frets);
    if (shape != shape_) refresh_all_lists();
    shape_ = shape;
    path_->refresh();
    way_->set_string(view_.string);
    WindowPage* const page = shown(); // made now, if it is gone to for the first time
    middle_->setCurrentWidget(view_.page == Page::station
                                  ? stations_[static_cast<std::size_t>(view_.station)].holder
                                  : pages_[view_.page].holder);
    page->refresh();
    if (StationFrame* drawn = page->frame()) {
        drawn->show_table(view_.table);
        if (const auto left = left_.extract(view_.station)) {
            drawn->pages()->show_page(left.mapped().page);
            const std::vector<PartCanvas*> drawings = drawn->canvases();
            for (std::size_t i = 0; i < drawings.size(); ++i) drawings[i]->set_sight(left.mapped().sights[i]);
        }
    }
    if (view_.page == Page::station && (seen_.empty() || seen_.front() != view_.station)) {
        std::erase(seen_, view_.station);
        seen_.insert(seen_.begin(), view_.station);
        // Once what led here has ended.
        QTimer::singleShot(0, this, [this] { let_go_out_of_sight(most_kept_stations); });
    }
    if (bench_) bench_->refresh();
    for (const auto& [which, button] : page_buttons_) button->setChecked(view_.page == which);
    show_working();
    const QString title = QString::fromStdString(session_.state().job.title).left(100);
    setWindowTitle(title.isEmpty() ? tr("Fair Measure") : tr("%1 · Fair Measure").arg(title));
}

void MainWindow::refresh_all_lists() {
    for (const Held& each : stations_)
        if (each.page && each.page->lists_strings()) each.page->refresh();
    for (const auto& [which, each] : pages_)
        if (each.page->lists_strings()) each.page->refresh();
}

void MainWindow::show_working() {
    working_->setVisible(shown()->shows_numbers());
    fit_room();
    const bool whole = number_of_key(session_.state().solution, key_name_.toStdString()).has_value();
    working_->show_number(whole ? key_name_
                                : QString::fromStdString(string_key(view_.string, key_name_.toStdString())),
                          shown()->note(view_.string));
}

void MainWindow::choose_string(std::size_t string) {
    if (!session_.is_open() || string == view_.string || string >= session_.state().job.design.strings.size())
        return;
    // A number of a list with an item for every string goes with the string.
    if (auto number = number_of_key(session_.state().solution, key_name_.toStdString())) {
        if (number->quantity->of_string()) number->string = string;
        if (number->quantity->along_strings()) number->item = string;
        key_name_ = QString::fromStdString(number->text());
    }
    view_.string = string;
    refresh();
}

void MainWindow::change_view(const ViewChange& change) {
    if (!session_.is_open()) return;
    ViewState changed = view_;
    change(changed);
    if (changed == view_) return;
    leave_field();
    const QString first = first_number();
    view_ = changed;
    if (first_number() != first) key_name_ = first_number();
    refresh();
    if (view_.page == Page::board) show_place();
}

void MainWindow::choose_fret(int fret) {
    change_view([fret](ViewState& view) { view.fret = fret; });
}

void MainWindow::choose_point(std::size_t point) {
    change_view([point](ViewState& view) { view.point = point; });
}

void MainWindow::step_string(int by) {
    if (!session_.is_open()) return;
    const auto count = static_cast<int>(session_.state().job.design.strings.size());
    choose_string(static_cast<std::size_t>(std::clamp(static_cast<int>(view_.string) + by, 0, count - 1)));
}

void MainWindow::choose_side(NutSide side) {
    change_view([side](ViewState& view) {
        view.side = side;
        view.behind = false;
    });
}

void MainWindow::choose_stage(CutStage stage) {
    change_view([stage](ViewState& view) { view.stage = stage; });
}

void MainWindow::choose_placing(bool placing) {
    change_view([placing](ViewState& view) { view.placing = placing; });
}

void MainWindow::choose_behind(bool behind) {
    change_view([behind](ViewState& view) { view.behind = behind; });
    nut()->take_focus();
}

void MainWindow::choose_datum(Datum datum) {
    change_view([datum](ViewState& view) { view.datum = datum; });
    key_name_ = QString::fromLatin1(key_of(datum));
    if (session_.is_open()) show_working();
}

void MainWindow::choose_measure(BoardMeasure measure) {
    change_view([measure](ViewState& view) { view.measure = measure; });
}

void MainWindow::choose_station(Station station) {
    if (!session_.is_open()) return;
    if (first_shown_) show_first(false);
    leave_field();
    view_.station = station;
    view_.page = Page::station;
    key_name_ = first_number();
    refresh();
    shown()->take_focus();
    if (!bench_ || bench_->isHidden()) return;
    // At the bench the station's own part is worked on; without one the bench is left.
    const auto part = bench_part(station);
    part ? go_to_bench(*part) : bench_->leave();
}

/// The working of the place on the board.
void MainWindow::show_place() {
    key_name_ = board()->table()->currentIndex().data(number_key_role).toString();
    show_working();
}

void MainWindow::show_page(Page page, bool shown) {
    if (first_shown_) show_first(false);
    if (!session_.is_open() || shown == (view_.page == page)) return;
    leave_field();
    view_.page = shown ? page : Page::station;
    if (page == Page::board) key_name_ = first_number();
    if (page == Page::verdict && shown)
        verdict()->choose_part(bench_part(view_.station).value_or(BenchPart::nut));
    refresh();
    if (!shown) return;
    this->page(page)->take_focus();
    if (page == Page::board) show_place();
}

void MainWindow::next_unit() {
    if (!session_.is_open()) return;
    const Unit next = static_cast<Unit>((static_cast<int>(session_.state().job.unit) + 1) % 4);
    const auto problems =
        session_.commit(tr("unit %1").arg(unit_text(next)),
                        without(with(session_.document(), "unit", std::string(word_of(next))), "units"));
    if (!problems.empty()) say(session_.told(problems));
}

void MainWindow::apply_theme(bool evening) {
    // After the widgets are built: dressed one by one as they find their parents, they would be dressed many
    // times.
    set_theme(evening);
    const QString style = style_sheet_of(theme());
    const bool other = qApp->styleSheet() != style;
    if (other) let_go_out_of_sight(0); // what nobody sees need not be dressed
    // One sheet in another's place is found for every widget by itself: four times as long as none, then one.
    if (other) qApp->setStyleSheet(QString());
    qApp->setPalette(palette_of(theme()));
    if (other) qApp->setStyleSheet(style);
    notice_->dress();
    if (evening_) evening_->setChecked(evening);
    for (QWidget* widget : findChildren<QWidget*>()) widget->update();
}

void MainWindow::say(const QString& text) {
    notice_->say(text, session_.read_only() ? Notice::elsewhere : Notice::none);
}

void MainWindow::say_shop_faults() {
    const std::vector<Message>& faults = session_.workshop().faults();
    if (faults.empty()) return;
    QString text = located_text(faults.front());
    if (faults.size() > 1)
        text += QLatin1Char(' ') + tr("(and %n more)", "", static_cast<int>(faults.size()) - 1);
    say(text);
}

QString MainWindow::notice() const {
    return notice_->text();
}

void MainWindow::resizeEvent(QResizeEvent* event) {
    QMainWindow::resizeEvent(event);
    if (path_) fit_to_size();
}

void MainWindow::fit_to_size() {
    const bool narrow = is_narrow();
    const bool rail = width() < rail_below_px;
    path_->show_as_rail(rail);
    path_->setFixedWidth(rail ? StationPath::rail_px : narrow ? 178 : 192);
    for (QWidget* list : lists_) place_list(list);
    fit_room();
    if (bench_) bench_->setGeometry(rect());
    working_->setFixedHeight(narrow ? 78 : 60); // the line of working wraps
}

bool MainWindow::is_stacked() const {
    return width() < whole_window.width();
}

/// A list stands beside its station, or beneath where the window is small.
void MainWindow::place_list(QWidget* list) const {
    auto* row = qobject_cast<QBoxLayout*>(list->parentWidget()->layout());
    row->setDirection(is_stacked() ? QBoxLayout::TopToBottom : QBoxLayout::LeftToRight);
    list->setMinimumWidth(is_stacked() ? 0 : list_width());
    list->setMaximumWidth(is_stacked() ? QWIDGETSIZE_MAX : list_width());
    list->setMinimumHeight(is_stacked() ? 360 : 0);
    row->itemAt(0)->widget()->setMinimumHeight(is_stacked() ? whole_window.height() - 200 : 0);
}

void MainWindow::fit_room() {
    int needs = whole_window.height() - menus_px;
    if (middle_->currentWidget() && middle_->currentWidget()->layout()) {
        const int around = (way_->isHidden() ? 0 : way_->sizeHint().height()) +
                           (working_->isHidden() && !is_stacked() ? 0 : working_->minimumHeight());
        needs = std::max(needs, middle_->currentWidget()->layout()->minimumSize().height() + around);
    }
    moved_about_->setMinimumHeight(needs);
}

void MainWindow::closeEvent(QCloseEvent* event) {
    if (!path_) return event->ignore(); // it is being made
    leave_field();
    keep_view();
    learn_hand();
    // A job that cannot be written stays open: closing would lose the last steps.
    const bool may_go = session_.save() || leaves_a_copy_;
    event->setAccepted(may_go);
    if (!may_go) notice_->offer(Notice::leave);
}

void MainWindow::keyPressEvent(QKeyEvent* event) {
    if (event->key() != Qt::Key_Escape) return QMainWindow::keyPressEvent(event);
    // What lies on top goes first.
    const bool covered =
        working_->whole_shown() || (overlay_ && overlay_->isVisible()) || !notice_->isHidden();
    working_->show_whole(false);
    if (overlay_) overlay_->hide();
    notice_->hide();
    if (covered) return;
    if (first_shown_) return show_first(false);
    view_.page != Page::station ? show_page(view_.page, false) : show_table(false);
}

void MainWindow::dragEnterEvent(QDragEnterEvent* event) {
    const QList<QUrl> urls = event->mimeData()->urls();
    if (urls.size() == 1 && urls.front().isLocalFile()) event->acceptProposedAction();
}

void MainWindow::dropEvent(QDropEvent* event) {
    const QList<QUrl> urls = event->mimeData()->urls();
    if (!urls.isEmpty()) open(urls.front().toLocalFile());
    event->acceptProposedAction();
}

bool MainWindow::eventFilter(QObject* watched, QEvent* event) {
    if (event->type() == QEvent::MouseButtonPress) {
        const auto* pressed = qobject_cast<QWidget*>(watched);
        if (pressed && pressed->window() == this && pressed != QApplication::focusWidget()) keep_typed(this);
    }
    if (event->type() == QEvent::LayoutRequest && moved_about_ && watched->parent() == moved_about_)
        fit_room();                                                  // what is in sight needs another height
    if (event->type() == QEvent::KeyRelease) bring_focus_to_sight(); // keys go from cell to cell
    // Space presses a button that has the focus; everywhere else it shows the working.
    if (event->type() == QEvent::ShortcutOverride) {
        const auto* key = static_cast<QKeyEvent*>(event);
        if (key->key() == Qt::Key_Space && qobject_cast<QAbstractButton*>(watched)) {
            event->accept();
            return true;
        }
        // Where one begins, letters look for something.
        const QString typed = key->text();
        const auto* widget = qobject_cast<QWidget*>(watched);
        if (first_shown_ && widget && first_->isAncestorOf(widget) && !typed.isEmpty() &&
            typed[0].isPrint() && !(key->modifiers() & (Qt::ControlModifier | Qt::AltModifier))) {
            event->accept();
            return true;
        }
        // On a pitch the letters of notes begin to write one, on what was heard those of its words.
        const bool letter = typed.size() == 1 && typed[0].isLetter() &&
                            (key->modifiers() == Qt::NoModifier || key->modifiers() == Qt::ShiftModifier);
        if (letter && session_.is_open() && shown()->takes_letter(watched, typed[0].toLower())) {
            event->accept();
            return true;
        }
    }
    return QMainWindow::eventFilter(watched, event);
}

} // namespace fm
