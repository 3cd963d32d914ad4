#include "common/jobs.h"
#include "common/run.h"
#include "common/window.h"

#include <QDir>
#include <QFileInfo>
#include <QPainter>

#include <cmath>

using namespace fm;
using namespace fm::test;

/// What lies behind the bridge and the board: a drawing of somebody else, or a scanned picture set true.
class TestBackground : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void initTestCase() { prepare_application("fair-measure-background-test"); }
    void init() {
        window_ = std::make_unique<WindowOnDemo>();
        window_->start("kittiwake");
        window()->choose_station(Station::bridge);
        window()->bridge()->pages()->show_page_of(page());
    }
    void cleanup() { window_.reset(); }

    void two_points_set_a_picture_true() {
        lay(ruler_picture());
        QVERIFY(state().job.behind_bridge && !state().job.behind_bridge->is_true);
        QVERIFY(says().contains(QStringLiteral("not true yet")));
        // The ruler's marks are 400 pixels apart and 50 mm on the bench.
        const BackgroundPoint a = placed(*state().job.behind_bridge, {100, 60});
        const BackgroundPoint b = placed(*state().job.behind_bridge, {500, 60});
        click_on(QStringLiteral("Set true by two points…"));
        click_at(a);
        click_at(b);
        auto* apart = page()->findChild<ValueField*>(QString(), Qt::FindDirectChildrenOnly);
        for (ValueField* field : page()->findChildren<ValueField*>())
            if (field->key() == QLatin1String("apart_mm")) apart = field;
        QVERIFY(apart->isVisible() && apart->hasFocus());
        QTest::keyClicks(apart, QStringLiteral("50"));
        QTest::keyClick(apart, Qt::Key_Return);
        const Background truly = *state().job.behind_bridge;
        QVERIFY(truly.is_true);
        const BackgroundPoint p = placed(truly, {100, 60});
        const BackgroundPoint q = placed(truly, {500, 60});
        // As well as a pixel can be hit.
        QVERIFY2(std::abs(std::hypot(q.x - p.x, q.y - p.y) - 50.0) < 0.5,
                 qPrintable(QString::number(std::hypot(q.x - p.x, q.y - p.y))));
        QVERIFY(std::hypot(p.x - a.x, p.y - a.y) < 0.3); // the first stays where it is
        QVERIFY(says().contains(QStringLiteral("true to scale")));
        window_->press(Qt::Key_Z, Qt::ControlModifier);
        QVERIFY(!state().job.behind_bridge->is_true);
    }

    void a_drawing_lies_behind_the_board() {
        window()->choose_placing(true);
        lay(made_dxf("inch"));
        QVERIFY(state().job.behind_board && !state().job.behind_bridge);
        QVERIFY(state().job.behind_board->is_true);
        const QImage with = window()->grab().toImage();
        click_on(QStringLiteral("Take away"));
        QVERIFY(!state().job.behind_board);
        QVERIFY(!find(window()->session().document(), "backgrounds"));
        QVERIFY(window()->grab().toImage() != with);
    }

    void its_place_is_typed() {
        lay(made_dxf("blocks"));
        for (const auto& [key, text] : {std::pair{"x_mm", "12.5"}, std::pair{"y_mm", "-3"},
                                        std::pair{"turn_deg", "90"}, std::pair{"mm_per_unit", "2"}})
            for (ValueField* field : page()->findChildren<ValueField*>())
                if (field->key() == QStringLiteral("backgrounds.bridge.") + QLatin1String(key))
                    QVERIFY2(field->enter(QLatin1String(text)).isEmpty(), key);
        const Background behind = *state().job.behind_bridge;
        QCOMPARE(behind.x_mm, 12.5);
        const BackgroundPoint p = placed(behind, {1, 0});
        QVERIFY(std::abs(p.x - 12.5) < 1e-9 && std::abs(p.y - (-3 + 2)) < 1e-9);
        const BackgroundPoint back = own_point(behind, p);
        QVERIFY(std::abs(back.x - 1) < 1e-9 && std::abs(back.y) < 1e-9);
    }

    void its_file_goes_with_the_job() {
        lay(made_dxf("words"));
        QVERIFY(says().contains(QStringLiteral("left out: POINT, TEXT")));
        const QString copy = QDir(folder()).filePath(QStringLiteral("copy.fmjob"));
        window()->session().save_as(copy);
        QVERIFY(QFileInfo::exists(QDir(folder()).filePath(QStringLiteral("copy.files/behind-bridge.dxf"))));
        QFile::remove(QDir(folder()).filePath(QStringLiteral("copy.files/behind-bridge.dxf")));
        window()->open(copy);
        window()->choose_station(Station::bridge);
        QVERIFY(!window()->grab().isNull()); // a file that is gone is said, and the rest is drawn
    }

    void what_cannot_be_laid_is_told() {
        const QString garbage = QDir(folder()).filePath(QStringLiteral("garbage.dxf"));
        QFile file(garbage);
        QVERIFY(file.open(QIODevice::WriteOnly));
        file.write("nothing of the kind");
        file.close();
        lay(garbage);
        QVERIFY2(window()->notice().contains(QStringLiteral("garbage.dxf is no DXF")),
                 qPrintable(window()->notice()));
        QFile::rename(garbage, garbage + QStringLiteral(".png"));
        lay(garbage + QStringLiteral(".png"));
        QVERIFY(window()->notice().contains(QStringLiteral("no picture")));
        QVERIFY(!state().job.behind_bridge);
        QVERIFY(!QFileInfo::exists(window()->session().pictures())); // nothing half taken
    }

    void a_bad_key_is_named() {
        const Value document = parse_json(R"({"file": "../secret.png"})");
        const JobResult result = read_job(with(demo_document("kittiwake"), "backgrounds.bridge", document));
        QVERIFY(!result.job);
        QCOMPARE(result.problems.front().where, std::string("backgrounds.bridge.file"));
    }

private:
    /// Laid behind the drawing, once it is read.
    void lay(const QString& path) {
        page()->lay(path);
        QTRY_VERIFY(!page()->is_reading());
        QThreadPool::globalInstance()->waitForDone(); // the canvas has its own
        QApplication::processEvents();
    }
    MainWindow* window() { return window_->operator->(); }
    const State& state() { return window_->state(); }
    BackgroundPage* page() { return window()->bridge()->pages()->background(); }
    QString folder() { return QFileInfo(window_->path("curlew")).path(); }
    QString says() {
        for (QLabel* label : page()->findChildren<QLabel*>())
            if (label->accessibleName() == QStringLiteral("What is behind the drawing")) return label->text();
        return {};
    }
    void click_on(const QString& words) {
        for (QToolButton* button : page()->findChildren<QToolButton*>())
            if (button->text() == words) return QTest::mouseClick(button, Qt::LeftButton);
        QFAIL(qPrintable(words));
    }
    /// Where the drawing puts a point: found by the known place of its zero and its scale.
    void click_at(BackgroundPoint mm) {
        PartCanvas* canvas = window()->bridge()->canvas();
        const QPointF at = canvas->to_widget().map(QPointF(mm.x, mm.y));
        QTest::mouseClick(canvas, Qt::LeftButton, {}, at.toPoint());
    }
    QString ruler_picture() {
        QImage image(800, 400, QImage::Format_RGB32);
        image.fill(Qt::white);
        QPainter painter(&image);
        for (const int x : {100, 500}) painter.drawLine(x, 320, x, 360);
        painter.end();
        const QString path = QDir(folder()).filePath(QStringLiteral("scan.png"));
        image.save(path);
        return path;
    }
    QString made_dxf(const char* kind) {
        const QString path = QDir(folder()).filePath(QLatin1String(kind) + QStringLiteral(".dxf"));
        run(QStringLiteral(PYTHON), {QStringLiteral(TOOLS "/make_dxf.py"), QLatin1String(kind), path});
        return path;
    }
    std::unique_ptr<WindowOnDemo> window_;
};

QTEST_MAIN(TestBackground)
#include "tst_background.moc"
