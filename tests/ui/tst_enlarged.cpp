#include "common/hands.h"
#include "common/views.h"
#include "ui/window/station_path.h"

#include <QScrollArea>
#include <QScrollBar>
#include <QTableView>
#include <QToolButton>

using namespace fm;
using namespace fm::test;

/// Text at 150 % in windows of 1280 × 800 and 1024 × 700: what stood beside stands beneath, all of it is
/// moved up and down, and what has the focus is always in sight. That every text is whole there holds
/// tst_texts.
class TestEnlarged : public QObject {
    Q_OBJECT
public:
    static void initMain() { qputenv("QT_SCALE_FACTOR", "1.5"); }
private Q_SLOTS:
    void initTestCase() {
        prepare_application("fair-measure-enlarged-test");
        window_ = std::make_unique<WindowOnDemo>();
        window_->start("kittiwake");
        window()->resize(853, 533);
        QApplication::processEvents();
        QCOMPARE(window()->size(), QSize(853, 533));
    }
    void cleanupTestCase() { window_.reset(); }

    /// Nothing lies beyond the edge at the right, and what lies under the lower one is as high as it needs.
    void nothing_is_squeezed() {
        for (const QSize size : {QSize(853, 533), QSize(683, 467)}) {
            window()->resize(size);
            for (const View& view : working_views) {
                view.show(*window());
                QApplication::processEvents();
                QVERIFY2(frame()->widget()->width() == frame()->viewport()->width(), view.name);
                QVERIFY2(frame()->widget()->height() >= 660, view.name);
                QVERIFY2(frame()->verticalScrollBar()->maximum() > 0, view.name);
                if (StationFrame* drawn = window_->frame()) {
                    QVERIFY2(drawn->height() >= 480, view.name);
                    if (QWidget* list = drawn->beside()) {
                        const int under = drawn->mapTo(window(), QPoint(0, drawn->height())).y();
                        QVERIFY2(list->mapTo(window(), QPoint(0, 0)).y() >= under, view.name);
                        QVERIFY2(list->height() >= 300, view.name);
                    }
                }
                if (window()->bench() && window()->bench()->isVisible()) window()->bench()->leave();
                if (window()->view().table) window()->show_table(false);
            }
        }
        window()->resize(853, 533);
    }

    /// In the smallest the path shows its numbers alone; names are told, and a press goes there.
    void the_path_becomes_a_rail() {
        window()->resize(683, 467);
        QApplication::processEvents();
        auto* path = window()->findChild<StationPath*>();
        QCOMPARE(path->width(), StationPath::rail_px);
        for (QToolButton* button : path->findChildren<QToolButton*>())
            if (button->text() == QLatin1String("5")) {
                QCOMPARE(button->accessibleName(), QStringLiteral("Saddle"));
                click_on(button);
            }
        QCOMPARE(window()->view().station, Station::saddle);
        window()->resize(853, 533);
        QApplication::processEvents();
        for (QToolButton* button : path->findChildren<QToolButton*>())
            QVERIFY(button->text() != QLatin1String("5"));
    }

    /// By the keyboard one never leaves what is in sight.
    void what_has_the_focus_is_in_sight() {
        for (const Station station : {Station::survey, Station::nut, Station::saddle, Station::strings}) {
            window()->choose_station(station);
            for (int step = 0; step < 25; ++step) {
                QTest::keyClick(QApplication::focusWidget() ? QApplication::focusWidget() : window(),
                                Qt::Key_Tab);
                QApplication::processEvents();
                const QWidget* focus = QApplication::focusWidget();
                if (!focus || !frame()->widget()->isAncestorOf(focus)) continue;
                const QRect port = frame()->viewport()->rect();
                QRect place(QPoint(), focus->size());
                if (const auto* table = qobject_cast<const QTableView*>(focus)) // the cell that is current
                    place = table->visualRect(table->currentIndex()).translated(table->viewport()->pos());
                if (place.isEmpty()) continue;
                const QRect seen(focus->mapTo(frame()->widget(), place.topLeft()) - offset(), place.size());
                const QRect part = seen.intersected(port);
                // All of what fits, or a good part of it.
                const bool whole = seen.width() <= port.width() - 48 && seen.height() <= port.height() - 48;
                QVERIFY2(whole ? part == seen : part.width() > 200 && part.height() > 40,
                         qPrintable(QLatin1String(focus->metaObject()->className()) + QLatin1Char(' ') +
                                    focus->objectName()));
            }
        }
    }

    /// What is typed where it was scrolled to is written.
    void a_field_far_down_is_typed_into() {
        window()->choose_station(Station::saddle);
        QApplication::processEvents();
        auto* field =
            window()->saddle()->canvas()->findChild<ValueField*>(QStringLiteral("saddle.thickness_mm"));
        QVERIFY(field && field->isVisible());
        field->setFocus();
        QApplication::processEvents();
        const QPoint at = field->mapTo(window(), field->rect().center());
        QVERIFY(window()->rect().contains(at));
        QTest::mouseClick(window()->windowHandle(), Qt::LeftButton, {}, at);
        QVERIFY(field->hasFocus());
        QTest::keyClick(field, Qt::Key_A, Qt::ControlModifier);
        QTest::keyClicks(field, QStringLiteral("3.2"));
        QTest::keyClick(field, Qt::Key_Return);
        QCOMPARE(window_->state().job.design.saddle.thickness_mm, 3.2);
    }

    /// With room for all there is nothing to be moved.
    void with_room_there_are_no_bars() {
        window()->resize(1280, 800);
        QApplication::processEvents();
        QCOMPARE(frame()->horizontalScrollBar()->maximum(), 0);
        QCOMPARE(frame()->verticalScrollBar()->maximum(), 0);
        QCOMPARE(frame()->widget()->size(), frame()->viewport()->size());
        window()->resize(1024, 700);
        QApplication::processEvents();
        QCOMPARE(frame()->horizontalScrollBar()->maximum(), 0);
        QCOMPARE(frame()->verticalScrollBar()->maximum(), 0);
    }

private:
    MainWindow* window() { return &window_->window(); }
    QScrollArea* frame() { return qobject_cast<QScrollArea*>(window()->centralWidget()); }
    QPoint offset() {
        return {frame()->horizontalScrollBar()->value(), frame()->verticalScrollBar()->value()};
    }

    std::unique_ptr<WindowOnDemo> window_;
};

QTEST_MAIN(TestEnlarged)
#include "tst_enlarged.moc"
