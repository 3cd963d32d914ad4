#pragma once
#include "ui/bench/bench_view.h"
#include "ui/shop/shop_window.h"
#include "ui/state/session.h"
#include "ui/station/bridge/bridge_station.h"
#include "ui/station/intonation/intonation_station.h"
#include "ui/station/neck/neck_station.h"
#include "ui/station/nut/nut_station.h"
#include "ui/station/record/record_station.h"
#include "ui/station/saddle/saddle_station.h"
#include "ui/station/sheets/sheet_station.h"
#include "ui/station/strings/strings_station.h"
#include "ui/station/survey/survey_station.h"
#include "ui/view/fret_board.h"
#include "ui/view/plan_view.h"
#include "ui/view/symptom_view.h"
#include "ui/view/verdict_view.h"
#include "ui/window/finder.h"
#include "ui/window/first_screen.h"
#include "ui/window/help_window.h"
#include "ui/window/notice.h"
#include "ui/window/preferences.h"
#include "ui/window/station_path.h"
#include "ui/window/stations.h"
#include "ui/window/string_way.h"
#include "ui/window/working_panel.h"

#include <QMainWindow>
#include <QPointer>
#include <QStackedWidget>

#include <array>
#include <functional>
#include <map>

class QToolButton;

namespace fm {

/// The window: stations down the left, the string's way across the top, the station and its cut list, the
/// working.
class MainWindow : public QMainWindow {
    Q_OBJECT
public:
    /// @param up_first places it, and may show it, before anything is made that stands in it
    explicit MainWindow(Workshop workshop, const std::function<void(MainWindow&)>& up_first = {});
    ~MainWindow() override;

    /// Opens a job; says what is wrong instead, in the window, and keeps the open one.
    bool open(const QString& path);
    /// Begins a job of one of the kinds the first screen offers, and opens it where its first measures are
    /// typed.
    void begin_kind(int kind);
    /// Begins another job of the instrument of one that is kept.
    void begin_same(const QString& from);
    /// The open job as one of another kind, in a step.
    void change_kind(const InstrumentKind& kind);
    /// The workshop's jobs and what to begin from, in place of everything; or the open job again.
    void show_first(bool shown);
    FirstScreen* first() { return first_; }
    bool shows_first() const { return first_shown_; }
    Session& session() { return session_; }
    const ViewState& view() const { return view_; }
    // Each is made when it is first gone to.
    WindowPage* station(Station station);
    WindowPage* page(Page page); ///< not Page::station
    SurveyStation* survey() { return static_cast<SurveyStation*>(station(Station::survey)); }
    NeckStation* neck() { return static_cast<NeckStation*>(station(Station::neck)); }
    StringsStation* strings() { return static_cast<StringsStation*>(station(Station::strings)); }
    NutStation* nut() { return static_cast<NutStation*>(station(Station::nut)); }
    SaddleStation* saddle() { return static_cast<SaddleStation*>(station(Station::saddle)); }
    BridgeStation* bridge() { return static_cast<BridgeStation*>(station(Station::bridge)); }
    IntonationStation* intonation() { return static_cast<IntonationStation*>(station(Station::intonation)); }
    SheetStation* sheets() { return static_cast<SheetStation*>(station(Station::sheets)); }
    RecordStation* record() { return static_cast<RecordStation*>(station(Station::record)); }
    CutList* cut_list() { return nut()->cut_list(); }
    FretBoard* board() { return static_cast<FretBoard*>(page(Page::board)); }
    PlanView* plan() { return static_cast<PlanView*>(page(Page::plan)); }
    VerdictView* verdict() { return static_cast<VerdictView*>(page(Page::verdict)); }
    SymptomView* symptoms() { return static_cast<SymptomView*>(page(Page::heard)); }
    BenchView* bench() { return bench_; } ///< once gone to
    WorkingBar* working() { return working_; }
    Finder* finder() { return finder_; } ///< once asked for
    HelpWindow* help() { return help_; } ///< while it is open
    QString notice() const;
    ShopWindow* shop() { return shop_; }                ///< once asked for
    Preferences* preferences() { return preferences_; } ///< while they are open
    /// The shop's own things. @param list its key in workshop.json, "": the one shown last
    void show_shop(const char* list = "");
    void show_preferences();
    /// Says something in the window, above the station.
    void say(const QString& text);

    /// Says what of the workshop could not be read, if anything.
    void say_shop_faults();

    void choose_station(Station station);
    void choose_string(std::size_t string);
    void choose_fret(int fret);
    /// A point of the survey.
    void choose_point(std::size_t point);
    void choose_side(NutSide side);
    void choose_stage(CutStage stage);
    /// The bridge itself, or its place.
    void choose_placing(bool placing);
    /// The nut itself, or what lies behind it.
    void choose_behind(bool behind);
    void choose_datum(Datum datum);
    /// A page in place of the station, or the station again.
    void show_page(Page page, bool shown);
    void show_board(bool shown) { show_page(Page::board, shown); }
    void choose_measure(BoardMeasure measure);
    void show_plan(bool shown) { show_page(Page::plan, shown); }
    void show_verdict(bool shown) { show_page(Page::verdict, shown); }
    void show_symptoms(bool shown) { show_page(Page::heard, shown); }
    /// The whole window for filing: the part of the station in sight, else the nut.
    void go_to_bench();
    void go_to_bench(BenchPart part);
    /// Enlarges what is in sight, or draws it smaller; 0: the whole of it again.
    void zoom(double factor);
    /// The drawing's values as a table, or the drawing again.
    void show_table(bool shown);
    /// The text that lies over everything, or "".
    QString overlay() const;
    void apply_theme(bool evening);

Q_SIGNALS:
    void language_chosen(const QString& language);
    void text_size_chosen(int percent);

protected:
    void resizeEvent(QResizeEvent* event) override;
    void closeEvent(QCloseEvent* event) override;
    void keyPressEvent(QKeyEvent* event) override;
    void dragEnterEvent(QDragEnterEvent* event) override;
    void dropEvent(QDropEvent* event) override;
    bool eventFilter(QObject* watched, QEvent* event) override;

private:
    void build();
    void fit_to_size();
    bool is_narrow() const { return width() < 1180; }
    int list_width() const { return is_narrow() ? 312 : 352; }
    bool is_stacked() const;
    void place_list(QWidget* list) const;
    /// Scrolls to what has the focus, as far as it is out of sight.
    void bring_focus_to_sight();
    /// As high as what is in sight needs.
    void fit_room();
    void connect_parts();
    /// What is made, and beside what it stands.
    struct Held {
        WindowPage* page = nullptr;
        QWidget* holder = nullptr;
    };
    /// The page is made where it stays: what is moved between parents is styled anew each time.
    Held held(const std::function<WindowPage*(QWidget* parent)>& make);
    /// Stations out of sight but the `kept` seen last are made anew as they are gone to, as they were left.
    void let_go_out_of_sight(std::size_t kept);
    WindowPage* made_page(Page page, QWidget* parent);
    /// By the word of a link.
    void go_to_named(const QString& station);
    void connect_page(WindowPage* page);
    /// What fills the window now.
    WindowPage* shown();
    /// A station in sight that is a drawing with pages.
    StationFrame* drawn_station() { return session_.is_open() ? shown()->frame() : nullptr; }
    /// The working the station in sight opens with.
    QString first_number() const;
    /// Looks in another way.
    void change_view(const ViewChange& change);
    void build_menus();
    void build_corner();
    static QString kept_words(const QString& when) { return tr("kept %1").arg(when); }
    void add_undo(QMenu* edit);
    void build_view_menu();
    void build_stations_menu(QMenu* stations);
    void build_drawing_menu(QMenu* drawing);
    void build_pages_menu(QMenu* pages);
    void build_text_menu(QMenu* text);
    QList<QAction*> actions_in_menus() const;
    void go_next();
    void build_bench_menu();
    void build_help_menu();
    void change_bench_habits(const std::function<void(BenchHabits&)>& change);
    QAction* add(QMenu* menu, const QString& text, const QKeySequence& keys, const QString& tip,
                 const std::function<void()>& act);
    void refresh();
    /// Lists out of sight know the job's strings and frets too, before anything asks them.
    void refresh_all_lists();
    void show_working();
    void show_place();
    /// A value still being typed becomes its step, as when the field is left.
    void leave_field();
    /// What the hand at the bench did goes to the shop.
    void learn_hand();
    void step_string(int by);
    void next_unit();
    void fill_recent();
    /// Opens what was picked; the open job stays as it is, with its steps to undo, unless its file was
    /// changed.
    void go_to_job(const QString& path);
    /// Where a job was looked at last: kept beside the recent jobs, never in the job.
    void keep_view();
    void restore_view();
    QString path_for_job(const QString& title, const QString& start);
    void go_way(Notice::Way way);
    /// Closes with a job that cannot be saved: a copy is kept elsewhere, and its place is said.
    void leave_with_copy();
    /// The first screen stands alone; what belongs to a job stands beside a job.
    void place_first(bool shown);
    QString kept_anew(const QString& name, const std::function<Value(const std::string&)>& job);
    void open_dialog();
    void open_demo();
    void save_as_dialog();
    void show_keys();
    void show_help();
    /// Schools of a choice side by side; without one the choice in sight.
    void show_comparison(ChoiceRow* choice = nullptr);
    /// Rich text over everything; the same again takes it away.
    void show_overlay(const QString& name, const QString& html);
    /// Goes to what a doubt is about.
    void follow_doubt(const QString& where);
    /// All stations with fields, made if they were not.
    std::vector<std::pair<Station, StationFrame*>> all_stations();
    void go_to(Station station, ValueField* field);
    /// Any number, value or action by its words.
    void show_finder();
    void follow_title();
    void keep_kind(const QString& from);
    void choose_evening(bool evening);
    void add_action_entries(std::vector<Finder::Entry>& entries) const;
    void add_field_entries(Station station, StationFrame* frame, std::vector<Finder::Entry>& entries);
    void add_choice_entries(Station station, StationFrame* frame, std::vector<Finder::Entry>& entries);
    void add_symptom_entries(std::vector<Finder::Entry>& entries);
    void add_shop_entries(std::vector<Finder::Entry>& entries);
    void add_number_entries(std::vector<Finder::Entry>& entries);

    Session session_;
    ViewState view_;
    std::pair<std::size_t, int> shape_; ///< strings and frets the lists know
    std::vector<StationKind> kinds_ = station_kinds();
    StationPath* path_ = nullptr;
    StringWay* way_ = nullptr;
    std::array<Held, station_count> stations_;
    std::map<Page, Held> pages_;
    std::vector<Station> seen_; ///< stations gone to, the newest first
    /// How a station stood when it was let go: its page, and how each of its drawings was looked at.
    struct Left {
        int page;
        std::vector<PartCanvas::Sight> sights;
    };
    std::map<Station, Left> left_;
    BenchView* bench_ = nullptr;  ///< over everything, while it is open
    std::vector<QWidget*> lists_; ///< beside the stations
    QStackedWidget* middle_ = nullptr;
    QWidget* moved_about_ = nullptr;
    FirstScreen* first_ = nullptr;
    bool first_shown_ = false;
    WorkingBar* working_ = nullptr;
    Notice* notice_ = nullptr;
    bool leaves_a_copy_ = false;
    QLabel* overlay_ = nullptr; ///< keys, or schools side by side, over everything
    Finder* finder_ = nullptr;
    QPointer<HelpWindow> help_;         ///< while it is open: its drawings are large
    ShopWindow* shop_ = nullptr;        ///< once asked for
    QPointer<Preferences> preferences_; ///< while they are open
    QMenu* recent_ = nullptr;
    QAction* evening_ = nullptr;
    QWidget* corner_ = nullptr; ///< beside the menus
    QLabel* kept_ = nullptr;
    std::vector<std::pair<Page, QToolButton*>> page_buttons_;
    QString named_by_; ///< the title the job's file may be called by
    QString key_name_ = QStringLiteral("floor_above_seat_mm");
};

} // namespace fm
