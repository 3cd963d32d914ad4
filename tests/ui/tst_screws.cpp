// A saddle on screws is turned, not cut: no view speaks of bone, packing or dust, and what is to be done
// names screws.
#include "common/jobs.h"
#include "common/text_log.h"
#include "common/views.h"

#include <QLabel>
#include <QTextDocument>

using namespace fm;
using namespace fm::test;

namespace {

/// Everything a person reads now, as painted.
QString read_in(MainWindow& window) {
    QStringList all;
    QWidgetList widgets{&window};
    const QWidget* bench = window.bench();
    const bool at_bench = bench && bench->isVisible();
    for (QWidget* each : window.findChildren<QWidget*>())
        if (each->isVisible() && !each->isWindow() && !each->visibleRegion().isEmpty()) widgets << each;
    for (QWidget* widget : widgets) {
        if (at_bench && widget != bench && !bench->isAncestorOf(widget)) continue;
        TextLog log(widget->size());
        widget->render(&log, {}, {}, QWidget::RenderFlags());
        for (const auto& text : log.texts()) all << text.text;
    }
    return all.join(QLatin1Char(' ')).toLower();
}

} // namespace

class TestScrews : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void initTestCase() { prepare_application("fair-measure-screws-test"); }

    void what_is_said_is_turning_data() {
        QTest::addColumn<QString>("by");
        QTest::newRow("each string's own") << QStringLiteral("saddle_screws");
        QTest::newRow("two at the sides") << QStringLiteral("side_screws");
    }
    void what_is_said_is_turning() {
        QFETCH(const QString, by);
        WindowOnDemo window;
        window.start("kittiwake");
        Session& session = window->session();
        QVERIFY(session
                    .commit(QStringLiteral("screws"),
                            with(session.document(), "saddle.height_by", by.toStdString()))
                    .empty());
        int looked = 0;
        for (const View& view : other_views) {
            const QByteArray name(view.name);
            if (name != "plan" && name != "verdict, saddle" && name != "bench, saddle") continue;
            window->choose_station(Station::saddle);
            view.show(window.window());
            for (int round = 0; round < 4; ++round) QTest::qWait(2);
            const QString read = read_in(window.window());
            QVERIFY2(read.contains(QStringLiteral("screw")), name + ": " + read.toUtf8());
            for (const char* of_bone :
                 {"packing", "its bottom", "bottom down", "saddle's bottom", "on the stone", "new saddle"})
                QVERIFY2(!read.contains(QLatin1String(of_bone)),
                         name + ": " + of_bone + " in: " + read.toUtf8());
            if (window->bench() && window->bench()->isVisible()) window->bench()->leave();
            ++looked;
        }
        QCOMPARE(looked, 3);
        window->choose_station(Station::saddle);
        QApplication::processEvents();
        const QString side = read_in(window.window());
        QVERIFY2(side.contains(QStringLiteral("screw")) && !side.contains(QStringLiteral("files and saws")),
                 side.toUtf8());
    }
};

QTEST_MAIN(TestScrews)
#include "tst_screws.moc"
