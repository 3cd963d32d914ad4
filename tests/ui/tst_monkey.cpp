// Somebody who knows nothing presses everywhere: clicks, double clicks, wheel, keys and typed readings at
// random places of the real window, with a fixed seed. FAIR_MEASURE_MONKEY says how many actions a job, or
// for how long: "20 min".
#include "common/jobs.h"
#include "common/own_time.h"
#include "common/window.h"
#include "job/document/json.h"

#include <QDrag>
#include <QFileDialog>
#include <QMenu>
#include <QMouseEvent>
#include <QPointer>
#include <QPrintDialog>
#include <QTimer>
#include <QWheelEvent>
#include <QWindow>

#include <chrono>
#include <cstdio>
#include <random>

using namespace fm;
using namespace fm::test;

namespace {

QStringList* said_by_qt = nullptr;

void listen(QtMsgType, const QMessageLogContext&, const QString& message) {
    // The platforms of tests talk of themselves (the last is the X platform's own, of a window that is shown
    // while another closes), and the test's own hand misses a window that closes under it, or drags words
    // while others still wait to be dropped: a person has one mouse.
    for (const char* own : {"This plugin does not support", "XDG_RUNTIME_DIR", "occurs outside target window",
                            "setNetWmStateOnUnmappedWindow", "QDragManager::drag in possibly invalid state"})
        if (message.contains(QLatin1String(own))) return;
    if (said_by_qt) *said_by_qt << message;
}

double resident_mb() {
    long pages = 0;
    if (std::FILE* file = std::fopen("/proc/self/statm", "r")) {
        if (std::fscanf(file, "%*s %ld", &pages) != 1) pages = 0;
        std::fclose(file);
    }
    return static_cast<double>(pages) * 4096 / 1e6;
}

qsizetype descriptors() {
    return QDir(QStringLiteral("/proc/self/fd")).entryList(QDir::AllEntries | QDir::System).size();
}

} // namespace

class TestMonkey : public QObject {
    Q_OBJECT
public:
    static void initMain() { keep_memory_small(); } // as the program does, before anything takes memory
private Q_SLOTS:
    void initTestCase() {
        prepare_application("fair-measure-monkey-test");
        said_by_qt = &said_;
        qInstallMessageHandler(listen);
    }
    void cleanupTestCase() {
        qInstallMessageHandler(nullptr);
        said_by_qt = nullptr;
    }

    void presses_everywhere_data() {
        QTest::addColumn<QString>("job");
        QTest::addColumn<QSize>("size");
        const bool both = qEnvironmentVariableIsSet("FAIR_MEASURE_LONG");
        int place = 0; // one size a job, in turns
        for (const char* job : {"kittiwake", "curlew", "lantern", "groundswell", "teal"}) {
            const bool large = place++ % 2 == 0;
            for (const QSize size : {QSize(1280, 800), QSize(1024, 700)})
                if (both || large == (size.width() == 1280))
                    QTest::addRow("%s, %d", job, size.width()) << QString::fromLatin1(job) << size;
        }
    }

    void presses_everywhere() {
        QFETCH(const QString, job);
        QFETCH(const QSize, size);
        const QStringList asked = qEnvironmentVariable("FAIR_MEASURE_MONKEY").split(QLatin1Char(' '));
        const bool timed = asked.size() == 2 && asked[1] == QLatin1String("min");
        minutes_ = timed ? asked[0].toDouble() : 0;
        actions_ = asked[0].isEmpty() ? qEnvironmentVariableIsSet("FAIR_MEASURE_LONG") ? 2000 : 200
                                      : asked[0].toInt();
        began_ = std::chrono::steady_clock::now();
        generator_.seed(static_cast<unsigned>(qHash(job) + static_cast<size_t>(size.width())) + seed_more());
        window_ = std::make_unique<WindowOnDemo>();
        window_->start(job.toLatin1().constData());
        (*window_)->resize(size);
        QApplication::processEvents();
        const std::string opened = written_json((*window_)->session().document());
        job_file_ = (*window_)->session().path();
        been_elsewhere_ = false;
        opened_anew_.clear();
        connect(&(*window_)->session(), &Session::opened, this, [this] {
            opened_anew_ << QStringLiteral("opened anew after %1: %2").arg(done_).arg((*window_)->notice());
        });
        done_ = 0;
        base_mb_ = 0;
        most_mb_ = 0;
        slowest_ms_ = slowest_with_host_ms_ = 0;
        findings_.clear();
        said_.clear();
        trail_.clear();
        QEventLoop loop;
        ended_ = [&loop] { loop.quit(); };
        QTimer::singleShot(0, this, &TestMonkey::step);
        loop.exec();
        settle();
        // Everything is undone to the first byte, unless the monkey went to another job and came back.
        if (!been_elsewhere_) {
            QUndoStack* steps = (*window_)->session().undo_stack();
            while (steps->canUndo()) steps->undo();
            if (written_json((*window_)->session().document()) != opened)
                findings_ << QStringLiteral("undo does not lead back to what was opened: %1")
                                 .arg(opened_anew_.join(QStringLiteral(", ")));
        }
        for (const QString& message : said_) findings_ << QStringLiteral("Qt says: ") + message;
        const double grown_mb = base_mb_ > 0 ? resident_mb() - base_mb_ : 0;
        const qsizetype more = base_mb_ > 0 ? descriptors() - base_descriptors_ : 0;
        if (more > 8) findings_ << QStringLiteral("%1 files more are open").arg(more);
        if (qEnvironmentVariableIsEmpty("ASAN_OPTIONS") && grown_mb > 30)
            findings_ << QStringLiteral("grew by %1 MB").arg(grown_mb);
        if (qEnvironmentVariableIsEmpty("ASAN_OPTIONS") && most_mb_ > 120)
            findings_ << QStringLiteral("%1 MB at most").arg(most_mb_);
        std::printf("%s: %d actions, slowest answer %.0f ms (%s), %.0f MB at most (%s), grew %.1f MB, "
                    "%d files more\n",
                    QTest::currentDataTag(), done_, slowest_ms_, qPrintable(slowest_), most_mb_,
                    qPrintable(largest_), grown_mb, static_cast<int>(more));
        QVERIFY2(
            findings_.isEmpty(),
            qPrintable(findings_.mid(0, 12).join(QLatin1Char('\n')) + QStringLiteral("\nafter: ") +
                       trail_.mid(std::max<qsizetype>(0, trail_.size() - 12)).join(QStringLiteral("; "))));
        window_.reset();
    }

private:
    unsigned seed_more() const {
        return static_cast<unsigned>(qEnvironmentVariableIntValue("FAIR_MEASURE_SEED"));
    }
    unsigned random(unsigned below) { return static_cast<unsigned>(generator_() % below); }

    /// What is pressed on: a menu that is open, a dialog, else one of the windows.
    QWidget* target() {
        if (QWidget* popup = QApplication::activePopupWidget()) return popup;
        if (QWidget* modal = QApplication::activeModalWidget()) return modal;
        QWidgetList windows;
        for (QWidget* each : QApplication::topLevelWidgets())
            if (each->isVisible() && each->isWindow() && each->windowHandle() && !each->inherits("QTipLabel"))
                windows << each;
        if (windows.size() > 1 && random(4) != 0) return &window_->window();
        return windows.isEmpty()
                   ? &window_->window()
                   : windows[static_cast<qsizetype>(random(static_cast<unsigned>(windows.size())))];
    }

    void step() {
        // While one is under way the next waits, unless a menu or a dialog waits in it for somebody.
        const bool waits = QApplication::activePopupWidget() || QApplication::activeModalWidget();
        if (depth_ > 0 && !waits) {
            if (QGuiApplication::platformName() == QLatin1String("xcb"))
                QDrag::cancel(); // words that are being dragged wait for a hand
            return QTimer::singleShot(2, this, &TestMonkey::step);
        }
        if (depth_ > 0 && share_done() >= 1) {
            close_all();
            return QTimer::singleShot(2, this, &TestMonkey::step);
        }
        if (share_done() >= 1 || !window_) {
            if (std::exchange(ending_, true)) return;
            close_all();
            ending_ = false;
            return ended_();
        }
        QTimer::singleShot(0, this, &TestMonkey::step);
        ++done_;
        ++depth_;
        const Asked outer = asked_;
        asked();
        const QString what = act();
        answered();
        asked_ = outer;
        --depth_;
        if (slow_ms_ > 0)
            findings_ << QStringLiteral("answered after %1 ms: %2").arg(std::exchange(slow_ms_, 0)).arg(what);
        been_elsewhere_ = been_elsewhere_ || (*window_)->session().path() != job_file_;
        if (done_ % 50 == 0) look();
        if (base_mb_ == 0 && done_ >= 200 && share_done() >= 0.1) {
            base_mb_ = resident_mb();
            base_descriptors_ = descriptors();
        }
        if (done_ % 20000 == 0) {
            std::printf("after %d: slowest answer %.0f ms (%.0f with the host's; %s), %.0f MB, %.0f at most "
                        "(%s), %d steps to undo\n",
                        done_, slowest_ms_, slowest_with_host_ms_, qPrintable(slowest_), resident_mb(),
                        most_mb_, qPrintable(largest_), (*window_)->session().undo_stack()->count());
            std::fflush(stdout);
        }
    }

    /// Of what was asked for: 1 when it is over.
    double share_done() const {
        if (minutes_ == 0) return static_cast<double>(done_) / actions_;
        const auto passed = std::chrono::steady_clock::now() - began_;
        return std::chrono::duration<double, std::ratio<60>>(passed).count() / minutes_;
    }

    /// A press or a key begins.
    void asked() { asked_ = {std::chrono::steady_clock::now(), OwnTime(), done_}; }
    /// It ends once everything is drawn again. A busy machine makes anything late: what counts is that the
    /// window worked for it, less what the machine's host kept from it meanwhile, or that it hung.
    void answered() {
        QApplication::processEvents();
        if (asked_.press != done_) return; // others came meanwhile: the time is theirs
        const auto passed = std::chrono::steady_clock::now() - asked_.at;
        const double ms = std::chrono::duration<double, std::milli>(passed).count();
        const double own_ms = asked_.worked.ms();
        const double most_ms = qEnvironmentVariableIsEmpty("ASAN_OPTIONS") ? 500 : 4000;
        if (own_ms > most_ms || ms > 10 * most_ms) slow_ms_ = std::max(slow_ms_, own_ms);
        if (own_ms > slowest_ms_) slowest_ = where();
        slowest_ms_ = std::max(slowest_ms_, own_ms);
        slowest_with_host_ms_ = std::max(slowest_with_host_ms_, asked_.worked.ms_with_host());
    }

    /// What stood there, for who looks for a cause.
    QString where() const {
        const ViewState& view = (*window_)->view();
        return QStringLiteral("press %1, station %2, page %3, %4 widgets, %5 readings")
            .arg(done_)
            .arg(static_cast<int>(view.station))
            .arg(static_cast<int>(view.page))
            .arg(QApplication::allWidgets().size())
            .arg((*window_)->session().state().job.readings.size());
    }

    /// What is in the file can be read again.
    void look() {
        if (resident_mb() > most_mb_) largest_ = where();
        most_mb_ = std::max(most_mb_, resident_mb());
        const Session& session = (*window_)->session();
        try {
            if (!(parse_json(written_json(session.document())) == session.document()) ||
                !read_job(session.document()).job)
                findings_ << QStringLiteral("the document does not read back");
        } catch (const InputError& error) {
            findings_ << QString::fromUtf8(error.what());
        }
    }

    void close_all() {
        for (int i = 0; i < 20; ++i) {
            if (QWidget* popup = QApplication::activePopupWidget())
                popup->close();
            else if (auto* dialog = qobject_cast<QDialog*>(QApplication::activeModalWidget()))
                dialog->reject();
            else
                break;
            QApplication::processEvents();
        }
    }

    void settle() {
        close_all();
        for (QWidget* each : QApplication::topLevelWidgets())
            if (each != &window_->window() && each->isVisible() && !each->inherits("QMenu")) each->hide();
        if (QWidget* focus = QApplication::focusWidget())
            focus->clearFocus(); // what is half typed becomes its step
        QApplication::processEvents();
    }

    QString act() {
        QWidget* on = target();
        // Dialogs for files and printers could write anywhere: they are turned down.
        if (auto* dialog = qobject_cast<QDialog*>(on);
            dialog &&
            (dialog->inherits("QFileDialog") || dialog->inherits("QPrintDialog") || random(3) == 0)) {
            dialog->reject();
            return note(QStringLiteral("a dialog turned down"));
        }
        if (!on->windowHandle()) return {};
        const QSize room =
            on->size().boundedTo(on->windowHandle()->size()); // it may be on its way to its size
        const QPoint at(static_cast<int>(random(static_cast<unsigned>(std::max(1, room.width())))),
                        static_cast<int>(random(static_cast<unsigned>(std::max(1, room.height())))));
        const QString where = QStringLiteral("%1,%2 of %3")
                                  .arg(at.x())
                                  .arg(at.y())
                                  .arg(QLatin1String(on->metaObject()->className()));
        switch (random(16)) {
        case 0: // a wheel
            turn(on, at, random(2) ? 120 : -120);
            return note(QStringLiteral("wheel ") + where);
        case 1: {
            const QPointer<QWidget> there(on);
            click(on, Qt::LeftButton, at);
            if (there && there->isVisible() && there->windowHandle())
                click(there, Qt::LeftButton, at); // within the time of a double one
            return note(QStringLiteral("double click ") + where);
        }
        case 2:
            click(on, random(2) ? Qt::RightButton : Qt::MiddleButton, at);
            return note(QStringLiteral("other button ") + where);
        case 3: {
            const QPointer<QWindow> there(on->windowHandle());
            QTest::mousePress(there, Qt::LeftButton, {}, at);
            if (there)
                QTest::mouseMove(
                    there, at + QPoint(static_cast<int>(random(60)) - 30, static_cast<int>(random(60)) - 30));
            if (there) QTest::mouseRelease(there, Qt::LeftButton, {}, at);
            return note(QStringLiteral("drag ") + where);
        }
        case 4:
        case 5:
        case 6: return note(QStringLiteral("key ") + press_key(on));
        case 7:
        case 8:
        case 9: return note(QStringLiteral("typed ") + type(on));
        default: click(on, Qt::LeftButton, at); return note(QStringLiteral("click ") + where);
        }
    }

    QString note(const QString& what) {
        trail_ << what;
        if (trail_.size() > 200) trail_.removeFirst();
        if (!window_->window().isVisible()) window_->window().show(); // it was closed
        return what;
    }

    void turn(QWidget* on, QPoint at, int delta) {
        QWidget* hit = on->childAt(at);
        if (!hit) hit = on;
        QWheelEvent event(hit->mapFrom(on, at), on->mapToGlobal(at), {}, {0, delta}, Qt::NoButton, {},
                          Qt::NoScrollPhase, false);
        QApplication::sendEvent(hit, &event);
    }

    /// Down and up; what goes down may take the window away.
    static void click(QWidget* on, Qt::MouseButton button, QPoint at) {
        const QPointer<QWindow> there(on->windowHandle());
        QTest::mousePress(there, button, {}, at);
        if (there) QTest::mouseRelease(there, button, {}, at);
    }

    /// To the window as the desktop sends it; to what pops up as the toolkit passes it on, since a key may
    /// end it.
    void strike(QWidget* on, Qt::Key key, Qt::KeyboardModifiers modifiers, const QString& sign = {}) {
        if (on == &window_->window()) {
            const QPointer<QWindow> there(on->windowHandle());
            QTest::sendKeyEvent(QTest::Press, there, key, sign, modifiers);
            if (there) QTest::sendKeyEvent(QTest::Release, there, key, sign, modifiers);
            return;
        }
        QWidget* focus = on->focusWidget();
        const QPointer<QWidget> to(focus ? focus : on);
        for (const QEvent::Type type : {QEvent::KeyPress, QEvent::KeyRelease}) {
            QKeyEvent event(type, key, modifiers, sign);
            if (to) QApplication::sendEvent(to, &event);
        }
    }

    static QString text_of(Qt::Key key, Qt::KeyboardModifiers modifiers) {
        if (modifiers != Qt::NoModifier || key > Qt::Key_AsciiTilde) return {};
        return QString(QChar(static_cast<ushort>(key))).toLower();
    }

    QString press_key(QWidget* on) {
        static const Qt::Key plain[] = {
            Qt::Key_Return, Qt::Key_Tab,       Qt::Key_Backtab,  Qt::Key_Escape,      Qt::Key_Up,
            Qt::Key_Down,   Qt::Key_Left,      Qt::Key_Right,    Qt::Key_Home,        Qt::Key_End,
            Qt::Key_Delete, Qt::Key_Backspace, Qt::Key_Space,    Qt::Key_F1,          Qt::Key_F2,
            Qt::Key_Insert, Qt::Key_PageDown,  Qt::Key_Question, Qt::Key_BracketLeft, Qt::Key_BracketRight,
            Qt::Key_Slash,  Qt::Key_Asterisk,  Qt::Key_Minus,    Qt::Key_Plus,        Qt::Key_0,
            Qt::Key_1,      Qt::Key_2};
        const unsigned kind = random(6);
        Qt::Key key = plain[random(std::size(plain))];
        Qt::KeyboardModifiers modifiers;
        if (kind == 0) key = static_cast<Qt::Key>(Qt::Key_A + random(26));
        if (kind == 1) {
            key = static_cast<Qt::Key>(Qt::Key_1 + random(9));
            modifiers = random(2) ? Qt::AltModifier : Qt::ControlModifier;
        }
        if (kind == 2) {
            static const Qt::Key control[] = {Qt::Key_Z, Qt::Key_Y, Qt::Key_K, Qt::Key_0,     Qt::Key_Return,
                                              Qt::Key_C, Qt::Key_A, Qt::Key_V, Qt::Key_Delete};
            key = control[random(std::size(control))];
            modifiers = Qt::ControlModifier;
        }
        strike(on, key, modifiers, text_of(key, modifiers));
        return QKeySequence(static_cast<int>(key) | static_cast<int>(modifiers)).toString();
    }

    QString type(QWidget* on) {
        static const QStringList texts{
            QStringLiteral("0.3"),       QStringLiteral("1/64\""),       QStringLiteral("5"),
            QStringLiteral("44"),        QStringLiteral("-2"),           QStringLiteral("17 thou"),
            QStringLiteral("x"),         QStringLiteral("3*1,1"),        QStringLiteral("0.9"),
            QStringLiteral("12"),        QStringLiteral("640"),          QStringLiteral("0"),
            QStringLiteral("1e9"),       QStringLiteral("<b>"),          QStringLiteral("E3"),
            QStringLiteral("0.40<0.45"), QStringLiteral("7/64 + 5 thou")};
        const QString text = texts[static_cast<qsizetype>(random(static_cast<unsigned>(texts.size())))];
        const QPointer<QWidget> there(on); // a key may close it
        const bool popup = QApplication::activePopupWidget() == on;
        const auto takes_keys = [&] {
            return there && there->isVisible() && there->windowHandle() &&
                   (popup || !QApplication::activePopupWidget());
        };
        for (const QChar c : text) {
            if (!takes_keys()) continue;
            strike(there, QTest::asciiToKey(c.toLatin1()), {}, c);
            answered(); // every key is one
            asked();
        }
        if (random(3) && takes_keys()) strike(there, random(3) ? Qt::Key_Return : Qt::Key_Tab, {});
        return text;
    }

    std::unique_ptr<WindowOnDemo> window_;
    std::mt19937 generator_;
    int actions_ = 0;
    double minutes_ = 0; ///< instead, where they were asked for
    std::chrono::steady_clock::time_point began_;
    int done_ = 0;
    int depth_ = 0;
    bool ending_ = false;
    bool been_elsewhere_ = false;
    QStringList opened_anew_;
    double slowest_ms_ = 0;
    double slowest_with_host_ms_ = 0;
    QString slowest_;    ///< where that was
    double slow_ms_ = 0; ///< of what took too long, in the press that is being made
    struct Asked {
        std::chrono::steady_clock::time_point at;
        OwnTime worked;
        int press = 0;
    };
    Asked asked_;
    double base_mb_ = 0;
    double most_mb_ = 0; ///< of all that were looked at
    QString largest_;    ///< where that was
    qsizetype base_descriptors_ = 0;
    QString job_file_;
    QStringList findings_;
    QStringList said_;
    QStringList trail_;
    std::function<void()> ended_;
};

QTEST_MAIN(TestMonkey)
#include "tst_monkey.moc"
