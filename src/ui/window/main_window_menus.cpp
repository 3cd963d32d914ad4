// The window's menus: every action in one, with a shortcut and a tooltip; and what stands beside them.
#include "ui/field/keep_typed.h"
#include "ui/look/text_scale.h"
#include "ui/look/theme.h"
#include "ui/window/main_window.h"

#include <QActionGroup>
#include <QHBoxLayout>
#include <QLabel>
#include <QLocale>
#include <QMenuBar>
#include <QTime>
#include <QToolButton>

#include <functional>

namespace fm {

namespace {
constexpr int most_pages = 6;
} // namespace

QAction* MainWindow::add(QMenu* menu, const QString& text, const QKeySequence& keys, const QString& tip,
                         const std::function<void()>& act) {
    auto* action = menu->addAction(text);
    action->setShortcut(keys);
    const QString shown = keys.toString(QKeySequence::NativeText);
    action->setToolTip(shown.isEmpty() ? tip : tip + QStringLiteral(" (") + shown + QLatin1Char(')'));
    action->setStatusTip(tip);
    connect(action, &QAction::triggered, this, [this, act] {
        keep_typed(this);
        act();
    });
    return action;
}

void MainWindow::build_menus() {
    QMenu* file = menuBar()->addMenu(tr("&Job"));
    file->setToolTipsVisible(true);
    add(file, tr("&Jobs"), QKeySequence(tr("Ctrl+J")),
        tr("The workshop's jobs, looked for as you type, and what to begin from"),
        [this] { show_first(!first_shown_); });
    add(file, tr("&New…"), QKeySequence::New, tr("Begin a job from a kind of instrument"), [this] {
        show_first(true);
        first_->kinds()->setFocus();
    });
    add(file, tr("&Open…"), QKeySequence::Open, tr("Open a job file"), [this] { open_dialog(); });
    recent_ = file->addMenu(tr("&Recent"));
    connect(recent_, &QMenu::aboutToShow, this, &MainWindow::fill_recent);
    add(file, tr("Open the &demo workshop"), QKeySequence(tr("Ctrl+Shift+D")),
        tr("Copies the shipped example jobs into your data folder and opens the first"),
        [this] { open_demo(); });
    add(file, tr("Save under another &name…"), QKeySequence(tr("Ctrl+Shift+S")),
        tr("Write the job to another file and go on there; every change is saved by itself"),
        [this] { save_as_dialog(); });
    file->addSeparator();
    add(file, tr("&Print sheets…"), QKeySequence::Print, tr("Print the chosen sheets in true size"), [this] {
        if (!session_.is_open()) return;
        choose_station(Station::sheets);
        sheets()->print_dialog();
    });
    add(file, tr("Sheets as a &file…"), QKeySequence(tr("Ctrl+E")),
        tr("Save the chosen sheets as PDF, SVG or DXF"), [this] {
            if (!session_.is_open()) return;
            choose_station(Station::sheets);
            sheets()->save_dialog();
        });
    add(file, tr("A part for a &machine…"), QKeySequence(tr("Ctrl+Shift+M")),
        tr("Save nut, saddle or bridge alone, with the way of a cutter, or as a solid"), [this] {
            if (!session_.is_open()) return;
            choose_station(Station::sheets);
            sheets()->machine()->save_dialog();
        });
    file->addSeparator();
    add(file, tr("The s&hop's things…"), QKeySequence(tr("Ctrl+Shift+H")),
        tr("Files, feelers, gauges, shims, blocks, strings, blanks, prices, minutes"),
        [this] { show_shop(); });
    add(file, tr("P&references…"), QKeySequence(tr("Ctrl+,")),
        tr("Language, colours, text size; units and hands of new jobs"), [this] { show_preferences(); });
    file->addSeparator();
    add(file, tr("&Quit"), QKeySequence(tr("Ctrl+Q")), tr("Close the window; the job is saved"),
        [this] { close(); });

    QMenu* edit = menuBar()->addMenu(tr("&Edit"));
    edit->setToolTipsVisible(true);
    add_undo(edit);
    edit->addSeparator();
    add(edit, tr("&Read a set of strings…"), QKeySequence(tr("Ctrl+I")),
        tr("Pitch, gauge and make-up of all strings from a CSV file"), [this] {
            if (!session_.is_open()) return;
            choose_station(Station::strings);
            strings()->choose_set();
        });
    add(edit, tr("&Add a string"), QKeySequence(Qt::Key_Insert),
        tr("A string like the chosen one, on its treble side"), [this] {
            if (session_.is_open()) strings()->add_string();
        });
    add(edit, tr("&Take the string out"), QKeySequence(Qt::CTRL | Qt::Key_Delete),
        tr("The chosen string, and all that is said of it"), [this] {
            if (session_.is_open()) strings()->take_string_out();
        });
    QMenu* kinds = edit->addMenu(tr("Of another &kind"));
    kinds->menuAction()->setToolTip(
        tr("What is assumed, chosen and wanted becomes the kind's; what was measured and read stays"));
    connect(kinds, &QMenu::aboutToShow, this, [this, kinds] {
        kinds->clear();
        for (const InstrumentKind& kind : first_->offered()) {
            QAction* action = kinds->addAction(FirstScreen::name_of(kind).left(80));
            action->setCheckable(true);
            action->setEnabled(session_.is_open());
            action->setChecked(session_.is_open() && session_.state().job.kind == word_of_kind(kind));
            connect(action, &QAction::triggered, this, [this, kind] { change_kind(kind); });
        }
    });
    add(edit, tr("&Copy the cut list"), QKeySequence(tr("Ctrl+Shift+C")),
        tr("Copy the cut list, or the board, as text and as a table"), [this] {
            if (view_.page == Page::board) return board()->copy();
            StationFrame* station = drawn_station();
            if (station && view_.table) return copy_list(*station->table()->rows());
            NumbersList* list = station ? station->list() : nullptr;
            list ? list->copy() : cut_list()->copy();
        });
    build_view_menu();
    build_bench_menu();
    build_help_menu();
}

/// What fills the window, in sight beside the menus, and when the job was kept.
void MainWindow::build_corner() {
    corner_ = new QWidget;
    auto* row = new QHBoxLayout(corner_);
    row->setContentsMargins(0, 0, 10, 0);
    row->setSpacing(6);
    kept_ = new QLabel;
    kept_->setProperty("caption", true);
    kept_->setAlignment(Qt::AlignRight | Qt::AlignVCenter);
    kept_->ensurePolished();
    // As wide as it can become: the menus are laid out once.
    kept_->setMinimumWidth(kept_->fontMetrics().horizontalAdvance(
                               kept_words(QLocale().toString(QTime(22, 58), QLocale::ShortFormat))) +
                           8);
    row->addWidget(kept_);
    row->addSpacing(10);
    const auto add_button = [row](const QString& name, const QString& tip) {
        auto* button = new QToolButton;
        button->setText(name);
        button->setToolTip(tip);
        button->setProperty("corner", true);
        button->setFocusPolicy(Qt::NoFocus);
        row->addWidget(button);
        return button;
    };
    const std::tuple<Page, QString, QString> pages[] = {
        {Page::plan, tr("Plan"),
         tr("Neck, saddle, nut in order, and how much; the same again leads back (N)")},
        {Page::board, tr("Board"), tr("Where it sounds and where it buzzes; the same again leads back (S)")},
        {Page::heard, tr("Heard"),
         tr("From what was heard to what is wrong; the same again leads back (W)")}};
    for (const auto& [page, name, tip] : pages) {
        QToolButton* button = add_button(name, tip);
        button->setCheckable(true);
        connect(button, &QToolButton::clicked, this, [this, page = page] {
            show_page(page, view_.page != page);
            refresh();
        });
        page_buttons_.emplace_back(page, button);
    }
    connect(add_button(tr("Bench"),
                       tr("One string, one number, readable from across the room; Esc leads back (F)")),
            &QToolButton::clicked, this, [this] { go_to_bench(); });
    menuBar()->setCornerWidget(corner_);
    corner_->hide();
}

void MainWindow::add_undo(QMenu* edit) {
    QUndoStack* steps = session_.undo_stack();
    QAction* undo = add(edit, tr("&Undo"), QKeySequence::Undo, tr("Take the last step back"),
                        [this] { session_.undo_stack()->undo(); });
    QAction* redo = add(edit, tr("Re&do"), {}, tr("Make the step again (Ctrl+Shift+Z)"),
                        [this] { session_.undo_stack()->redo(); });
    redo->setShortcuts({QKeySequence(tr("Ctrl+Shift+Z")), QKeySequence(tr("Ctrl+Y"))});
    undo->setEnabled(false);
    redo->setEnabled(false);
    connect(steps, &QUndoStack::canUndoChanged, undo, &QAction::setEnabled);
    connect(steps, &QUndoStack::canRedoChanged, redo, &QAction::setEnabled);
    // A step may be named by what a person wrote.
    const auto named = [](QString name) { return name.replace(QLatin1Char('&'), QStringLiteral("&&")); };
    connect(steps, &QUndoStack::undoTextChanged, undo, [undo, named](const QString& step) {
        undo->setText(step.isEmpty() ? tr("&Undo") : tr("&Undo: %1").arg(named(step)));
    });
    connect(steps, &QUndoStack::redoTextChanged, redo, [redo, named](const QString& step) {
        redo->setText(step.isEmpty() ? tr("Re&do") : tr("Re&do: %1").arg(named(step)));
    });
}

void MainWindow::build_bench_menu() {
    QMenu* menu = menuBar()->addMenu(tr("&Bench"));
    menu->setToolTipsVisible(true);
    add(menu, tr("At the &bench"), QKeySequence(Qt::Key_F),
        tr("The whole window for filing: one string, one number, readable from across the room"),
        [this] { go_to_bench(); });
    menu->addSeparator();
    QMenu* order = menu->addMenu(tr("&Order of the strings"));
    auto* group = new QActionGroup(order);
    const QString names[] = {tr("bass to treble"), tr("treble to bass"), tr("the most to take off first"),
                             tr("round and round, a pass each")};
    for (int i = 0; i < 4; ++i) {
        QAction* action = add(order, names[i], {}, tr("Which string comes next at the bench"), [this, i] {
            change_bench_habits([i](BenchHabits& habits) { habits.order = static_cast<FilingHabit>(i); });
        });
        action->setCheckable(true);
        group->addAction(action);
    }
    QAction* sounds =
        add(menu, tr("&Sounds"), QKeySequence(tr("Ctrl+Shift+L")),
            tr("One sound when a string is there, three when it is too deep"),
            [this] { change_bench_habits([](BenchHabits& habits) { habits.sounds = !habits.sounds; }); });
    sounds->setCheckable(true);
    connect(menu, &QMenu::aboutToShow, this, [this, group, sounds] {
        const BenchHabits& habits = session_.workshop().bench();
        group->actions()[static_cast<int>(habits.order)]->setChecked(true);
        sounds->setChecked(habits.sounds);
    });
}

void MainWindow::build_view_menu() {
    QMenu* look = menuBar()->addMenu(tr("&View"));
    look->setToolTipsVisible(true);
    const auto group = [look](const QString& name) {
        QMenu* menu = look->addMenu(name);
        menu->setToolTipsVisible(true);
        return menu;
    };
    build_stations_menu(group(tr("S&tations")));
    add(look, tr("The p&lan"), QKeySequence(Qt::Key_N),
        tr("Step after step what to do, how much, what the gauges should read then, how long it takes; again "
           "for the station"),
        [this] { show_plan(view_.page != Page::plan); });
    add(look, tr("Sound and bu&zz on the board"), QKeySequence(Qt::Key_S),
        tr("The whole board: error, headroom and gaps of every string at every fret; again for the station"),
        [this] { show_board(view_.page != Page::board); });
    add(look, tr("The &verdict"), QKeySequence(Qt::Key_V),
        tr("What to do with nut and saddle as found, argued, and what was decided; again for the station"),
        [this] { show_verdict(view_.page != Page::verdict); });
    add(look, tr("What was hea&rd"), QKeySequence(Qt::Key_W),
        tr("A buzz, a note out of tune, a ping: where, the cheapest test, the likeliest cause; again for the "
           "station"),
        [this] { show_symptoms(view_.page != Page::heard); });
    look->addSeparator();
    build_drawing_menu(group(tr("&Drawing and list")));
    build_pages_menu(group(tr("Pages &under the drawing")));
    build_text_menu(group(tr("Te&xt, colours, language")));
    look->addSeparator();
    add(look, tr("&Whole working"), QKeySequence(Qt::Key_Space),
        tr("Show or hide the whole working of the chosen number"),
        [this] { working_->show_whole(!working_->whole_shown()); });
    add(look, tr("&Compare schools"), QKeySequence(Qt::Key_C),
        tr("The numbers that differ between the schools of the choice in sight, side by side"),
        [this] { show_comparison(); });
    add(look, tr("Next &unit"), QKeySequence(Qt::Key_U), tr("mm, inch, thou, sixty-fourths"),
        [this] { next_unit(); });
    add(look, tr("&Next"), QKeySequence(tr("Ctrl+G")),
        tr("Goes where the work goes on, as it says at the left"), [this] { go_next(); });
    add(look, tr("Find a nu&mber or an action"), QKeySequence(tr("Ctrl+K")),
        tr("Find any number, value or action by its words"), [this] { show_finder(); });
}

void MainWindow::build_stations_menu(QMenu* stations) {
    for (const StationKind& kind : kinds_)
        add(stations, kind.menu,
            QKeySequence(QStringLiteral("Alt+%1").arg(static_cast<int>(kind.station) + 1)), kind.menu_tip,
            [this, station = kind.station] { choose_station(station); });
}

void MainWindow::build_drawing_menu(QMenu* drawing) {
    add(drawing, tr("&Found or target"), QKeySequence(Qt::Key_T),
        tr("Draw the slots as found, or the target"),
        [this] { choose_side(view_.side == NutSide::found ? NutSide::target : NutSide::found); });
    add(drawing, tr("&Blank or fitted nut"), QKeySequence(Qt::Key_B),
        tr("The list for an uncut blank, or for a nut that is in"),
        [this] { choose_stage(view_.stage == CutStage::blank ? CutStage::fitted : CutStage::blank); });
    add(drawing, tr("Nut or what lies be&hind it"), QKeySequence(Qt::Key_H),
        tr("Draw the nut, or the string's way from it to the post"), [this] {
            if (!session_.is_open()) return;
            if (view_.station != Station::nut) choose_station(Station::nut);
            choose_behind(!view_.behind);
        });
    add(drawing, tr("Bridge or its &place"), QKeySequence(Qt::Key_P),
        tr("Draw the bridge, or its place on the instrument"), [this] {
            if (!session_.is_open()) return;
            if (view_.station != Station::bridge) choose_station(Station::bridge);
            choose_placing(!view_.placing);
        });
    add(drawing, tr("The drawing as a tab&le"), QKeySequence(Qt::Key_L),
        tr("The values of this drawing as a table, or the drawing again"), [this] {
            if (!session_.is_open()) return;
            const bool of_its_own = view_.page != Page::station || shown()->other_side_shown();
            show_table(!(of_its_own ? shown()->other_side_shown().value_or(true) : view_.table));
        });
    add(drawing, tr("Next &datum"), QKeySequence(Qt::Key_D),
        tr("Measure floors over the seat, the board, the frets, or from the blank's top"),
        [this] { choose_datum(static_cast<Datum>((static_cast<int>(view_.datum) + 1) % 4)); });
    add(drawing, tr("Next &measure on the board"), QKeySequence(Qt::Key_M),
        tr("Cents, headroom, open gap, behind the finger"), [this] {
            if (view_.page == Page::board)
                choose_measure(static_cast<BoardMeasure>((static_cast<int>(view_.measure) + 1) % 4));
        });
    add(drawing, tr("String toward the &bass"), QKeySequence(Qt::Key_BracketLeft),
        tr("Choose the next string toward the bass"), [this] { step_string(-1); });
    add(drawing, tr("String toward the t&reble"), QKeySequence(Qt::Key_BracketRight),
        tr("Choose the next string toward the treble"), [this] { step_string(1); });
    drawing->addSeparator();
    add(drawing, tr("Drawing larger"), QKeySequence(tr("Alt++")),
        tr("Enlarge the drawing: + on it, or Ctrl and the wheel"), [this] { zoom(1.25); });
    add(drawing, tr("Drawing smaller"), QKeySequence(tr("Alt+-")), tr("Draw it smaller: − on it"),
        [this] { zoom(0.8); });
    add(drawing, tr("Whole dra&wing"), QKeySequence(tr("Alt+0")), tr("The whole drawing again: 0 on it"),
        [this] { zoom(0); });
}

void MainWindow::build_pages_menu(QMenu* pages) {
    for (int i = 0; i < most_pages; ++i)
        add(pages, tr("Page %1 under the drawing").arg(i + 1),
            QKeySequence(QStringLiteral("Ctrl+%1").arg(i + 1)), tr("Show these choices under the drawing"),
            [this, i] {
                if (StationFrame* station = drawn_station()) station->pages()->show_page(i);
            });
}

void MainWindow::build_text_menu(QMenu* text) {
    const auto resize_text = [this](int steps) {
        Q_EMIT text_size_chosen(steps == 0 ? 100 : text_size_beside(text_size_now(), steps));
    };
    QAction* larger = add(text, tr("Text larger"), QKeySequence(tr("Ctrl++")),
                          tr("Everything in the window larger"), [resize_text] { resize_text(1); });
    larger->setShortcuts({QKeySequence(tr("Ctrl++")), QKeySequence(tr("Ctrl+="))});
    add(text, tr("Text smaller"), QKeySequence(tr("Ctrl+-")), tr("Everything in the window smaller"),
        [resize_text] { resize_text(-1); });
    add(text, tr("Text as usual"), QKeySequence(tr("Ctrl+0")),
        tr("Everything in the window in its usual size"), [resize_text] { resize_text(0); });
    add(text, tr("Full screen"), QKeySequence(Qt::Key_F11),
        tr("The window over the whole screen, or as before"),
        [this] { setWindowState(windowState() ^ Qt::WindowFullScreen); });
    evening_ = add(text, tr("E&vening"), QKeySequence(tr("Ctrl+Shift+E")), tr("Dark colours for the evening"),
                   [this] { choose_evening(!theme().evening); });
    evening_->setCheckable(true);
    QMenu* language = text->addMenu(tr("&Language"));
    const std::pair<QString, QString> languages[] = {{tr("of the system"), {}},
                                                     {QStringLiteral("English"), QStringLiteral("en")},
                                                     {QStringLiteral("Deutsch"), QStringLiteral("de")}};
    for (const auto& [name, code] : languages)
        add(language, name, {}, tr("The window's language"),
            [this, code = code] { Q_EMIT language_chosen(code); });
}

void MainWindow::build_help_menu() {
    QMenu* help = menuBar()->addMenu(tr("&Help"));
    help->setToolTipsVisible(true);
    add(help, tr("&Help on this station"), QKeySequence(Qt::Key_F1),
        tr("What this station is for, how its numbers come about, what to mind"), [this] { show_help(); });
    QAction* keys = add(help, tr("&Keys"), QKeySequence(Qt::Key_Question),
                        tr("All shortcuts of this station"), [this] { show_keys(); });
    keys->setShortcuts({QKeySequence(Qt::Key_Question), QKeySequence(Qt::SHIFT | Qt::Key_Question)});
}

} // namespace fm
