// Somebody else's DXF, as it lies behind a part.
#include "common/run.h"
#include "core/words/message.h"
#include "sheet/drawing/dxf_outline.h"

#include <QCoreApplication>
#include <QDir>
#include <QFile>
#include <QTemporaryDir>
#include <QTest>

#include <cmath>

using namespace fm;
using namespace fm::test;

class TestDxfOutline : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void inches_become_mm() {
        const DxfOutline outline = dxf_outline(made("inch"));
        QVERIFY(outline.units_told);
        QCOMPARE(outline.lines.size(), std::size_t{1});
        QVERIFY(near(outline.low, {0, 0}) && near(outline.high, {101.6, 25.4}));
    }
    void without_units_numbers_are_mm() {
        const DxfOutline outline = dxf_outline(made("unitless"));
        QVERIFY(!outline.units_told);
        QVERIFY(near(outline.high, {30, 40}));
    }
    void blocks_stand_where_they_are_put() {
        // Two holes 20 apart in a block, turned a quarter and doubled: radius 5, 40 apart along y from (100,
        // 50).
        const DxfOutline outline = dxf_outline(made("blocks"));
        QCOMPARE(outline.lines.size(), std::size_t{2});
        QVERIFY(near(outline.low, {95, 45}, 0.02) && near(outline.high, {105, 95}, 0.02));
    }
    void curves_are_followed() {
        const DxfOutline outline = dxf_outline(made("spline"));
        QCOMPARE(outline.lines.size(), std::size_t{3});
        // A spline of four points is a Bézier curve: at its middle (0 + 3·10 + 3·20 + 30)/8, (0 + 60 − 60)/8.
        double least = 1e9;
        for (const auto& line : outline.lines)
            for (const Point& p : line) least = std::min(least, std::hypot(p.x - 15.0, p.y - 0.0));
        QVERIFY(least < 0.1);
        QVERIFY(near(outline.high, {90, 10}, 0.02)); // the arc's ends
        for (const auto& line : outline.lines)
            for (const Point& p : line)
                if (p.x > 35 && p.x < 65)
                    QVERIFY(std::abs(std::pow((p.x - 50) / 10, 2) + std::pow(p.y / 5, 2) - 1) < 0.01);
    }
    void old_polylines_bulge() {
        const DxfOutline outline = dxf_outline(made("old"));
        QVERIFY(near(outline.high, {15, 10}, 0.02)); // half a circle about (10, 5)
    }
    void what_is_no_outline_is_named() {
        const DxfOutline outline = dxf_outline(made("words"));
        QCOMPARE(outline.lines.size(), std::size_t{1});
        QCOMPARE(outline.left_out, (std::vector<std::string>{"POINT", "TEXT"}));
    }
    void what_is_no_dxf_is_refused() {
        QCOMPARE(fault(written("")), QStringLiteral("dxf_none"));
        QCOMPARE(fault(written("hello\nworld\n")), QStringLiteral("dxf_no_code"));
        QCOMPARE(fault(written(QByteArray("\x00\xff\x13\n\n\n", 6))), QStringLiteral("dxf_no_code"));
        QCOMPARE(fault(written("AutoCAD Binary DXF\r\n\x1a")), QStringLiteral("dxf_binary"));
        QCOMPARE(fault(dir_.filePath(QStringLiteral("nowhere.dxf"))), QStringLiteral("file_missing"));
        QCOMPARE(fault(made("empty")), QStringLiteral("dxf_nothing_drawn"));
        QFile whole(made("spline"));
        QVERIFY(whole.open(QIODevice::ReadOnly));
        const QByteArray bytes = whole.readAll();
        QCOMPARE(fault(written(bytes.left(bytes.size() * 2 / 3))), QStringLiteral("dxf_broken_off"));
    }
    void counts_nobody_draws_are_refused() {
        for (const char* entity : {"0\nLWPOLYLINE\n90\n2000000000\n", "0\nSPLINE\n72\n-5\n",
                                   "0\nSPLINE\n73\n99999999999\n", "0\nHATCH\n91\n1000000000\n"})
            QCOMPARE(fault(written("0\nSECTION\n2\nENTITIES\n" + QByteArray(entity) + "0\nENDSEC\n0\nEOF\n")),
                     QStringLiteral("dxf_count"));
    }
    void numbers_that_are_none_are_left_out() {
        const QByteArray good = "0\nLINE\n8\n0\n10\n0\n20\n0\n11\n5\n21\n5\n";
        const QByteArray bad = "0\nLINE\n8\n0\n10\nnan\n20\ninf\n11\n1e300\n21\n5\n";
        const DxfOutline outline =
            dxf_outline(written("0\nSECTION\n2\nENTITIES\n" + bad + good + "0\nENDSEC\n0\nEOF\n"));
        for (const auto& line : outline.lines)
            for (const Point& p : line)
                QVERIFY(std::isfinite(p.x) && std::isfinite(p.y) && std::abs(p.x) < 1e7);
    }
    void a_block_within_itself_ends() {
        const QByteArray block =
            "0\nSECTION\n2\nBLOCKS\n0\nBLOCK\n8\n0\n2\nA\n70\n0\n10\n0\n20\n0\n0\nLINE\n8\n0\n10\n0\n20\n0\n"
            "11\n1\n21\n1\n0\nINSERT\n8\n0\n2\nA\n10\n1\n20\n0\n0\nENDBLK\n8\n0\n0\nENDSEC\n";
        const QByteArray insert =
            "0\nSECTION\n2\nENTITIES\n0\nINSERT\n8\n0\n2\nA\n10\n0\n20\n0\n0\nENDSEC\n0\nEOF\n";
        QVERIFY(dxf_outline(written(block + insert)).lines.size() < 100);
    }
    void two_hundred_megabytes_are_refused_at_once() {
        const QString path = dir_.filePath(QStringLiteral("huge.dxf"));
        QFile file(path);
        QVERIFY(file.open(QIODevice::WriteOnly) &&
                file.resize(qint64{200} * 1000 * 1000)); // holes, no blocks on disk
        QCOMPARE(fault(path), QStringLiteral("dxf_too_large"));
    }
    void spoiled_files_do_no_harm() {
        QFile whole(made("blocks"));
        QVERIFY(whole.open(QIODevice::ReadOnly));
        const QByteArray bytes = whole.readAll();
        unsigned seed = 1;
        for (int i = 0; i < 120; ++i) {
            QByteArray spoiled = bytes;
            for (int k = 0; k < 4; ++k) {
                seed = seed * 1664525U + 1013904223U;
                spoiled[static_cast<qsizetype>(seed) % spoiled.size()] =
                    static_cast<char>('0' + (seed >> 16) % 43);
            }
            (void)fault(written(spoiled)); // taken whole or refused by name
        }
    }

private:
    static bool near(Point a, Point b, double within = 1e-9) {
        return std::abs(a.x - b.x) < within && std::abs(a.y - b.y) < within;
    }
    QString made(const char* kind) {
        const QString path = dir_.filePath(QLatin1String(kind) + QStringLiteral(".dxf"));
        const Ran ran =
            run(QStringLiteral(PYTHON), {QStringLiteral(TOOLS "/make_dxf.py"), QLatin1String(kind), path});
        if (ran.exit_code != 0) throw std::runtime_error(ran.errors.toStdString());
        return path;
    }
    QString written(const QByteArray& text) {
        const QString path = dir_.filePath(QStringLiteral("text.dxf"));
        QFile file(path);
        if (file.open(QIODevice::WriteOnly)) file.write(text);
        return path;
    }
    static QString fault(const QString& path) {
        try {
            (void)dxf_outline(path);
        } catch (const InputError& error) {
            return QString::fromStdString(error.message().id);
        }
        return {};
    }
    QTemporaryDir dir_;
};

QTEST_GUILESS_MAIN(TestDxfOutline)
#include "tst_dxf_outline.moc"
