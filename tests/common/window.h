#pragma once
// The real window on a copy of the demo workshop, for tests that drive it.
#include "sheet/drawing/fonts.h"
#include "ui/window/main_window.h"
#include "ui/window/start.h"

#include <QAccessible>
#include <QApplication>
#include <QDir>
#include <QSettings>
#include <QStandardPaths>
#include <QTableView>
#include <QTemporaryDir>
#include <QTest>

#include <array>
#include <memory>

namespace fm::test {

/// Once a program: fonts, style, and settings of the test's own.
inline void prepare_application(const char* name) {
    QCoreApplication::setApplicationName(QLatin1String(name));
    QStandardPaths::setTestModeEnabled(true);
    QSettings().clear();
    QLocale::setDefault(QLocale::c());
    load_fonts();
    dress(*qobject_cast<QApplication*>(QCoreApplication::instance()));
    QAccessible::setActive(true);
    keep_memory_small();
}

/// A workshop of the test's own and a window on it.
class WindowOnDemo {
public:
    WindowOnDemo() {
        QSettings().clear();
        copy_demo_workshop(dir_.path());
    }
    MainWindow* operator->() const { return window_.get(); }
    MainWindow& window() const { return *window_; }
    const State& state() const { return window_->session().state(); }
    QString path(const char* name) const { return QDir(dir_.path()).filePath(QLatin1String(name)); }

    /// A new window with that job.
    void start(const char* job) {
        window_.reset();
        window_ = std::make_unique<MainWindow>(Workshop(dir_.path()));
        window_->open(path(job) + QStringLiteral(".fmjob"));
        window_->apply_theme(false);
        window_->show();
        window_->activateWindow();
        QVERIFY(QTest::qWaitForWindowActive(window_.get()));
    }
    /// That job as shipped, in the same window as if just opened: much quicker than another window.
    void again(const char* job) {
        if (!window_) return start(job);
        QVERIFY(window_->session().save());
        QSettings().clear();
        const QString file = path(job) + QStringLiteral(".fmjob");
        QFile::remove(file);
        copy_demo_workshop(dir_.path());
        window_->resize(1280, 800);
        QVERIFY(window_->open(file));
    }
    /// The station with a drawing that is in sight.
    StationFrame* frame() const {
        const std::array<StationFrame*, 5> all{window_->survey(), window_->neck(), window_->nut(),
                                               window_->saddle(), window_->bridge()};
        for (StationFrame* each : all)
            if (each->isVisible()) return each;
        return nullptr;
    }
    void press(Qt::Key key, Qt::KeyboardModifiers modifiers = Qt::NoModifier) const {
        QTest::keyClick(window_.get(), key, modifiers);
    }

private:
    QTemporaryDir dir_;
    std::unique_ptr<MainWindow> window_;
};

/// A cell of a table as a screen reader says it. Without a screen reader Qt does not tell its cells that the
/// model was reset: what it holds of the table is let go first.
inline QString spoken_cell(QTableView* view, int row, int column) {
    QAccessible::deleteAccessibleInterface(
        QAccessible::uniqueId(QAccessible::queryAccessibleInterface(view)));
    QAccessibleInterface* table = QAccessible::queryAccessibleInterface(view);
    QAccessibleInterface* cell =
        table && table->tableInterface() ? table->tableInterface()->cellAt(row, column) : nullptr;
    return cell ? cell->text(QAccessible::Name) : QString();
}

} // namespace fm::test
