#include "common/jobs.h"
#include "core/solution.h"

#include <QDir>
#include <QTest>

#include <cmath>

using namespace fm;
using namespace fm::test;

/// Results computed independently of this program for twenty-three jobs, most of them random:
/// tests/data/cases.
class TestCases : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void equals_data() {
        QTest::addColumn<QString>("job");
        const QDir dir(QStringLiteral(TEST_DATA "/cases"));
        for (const QString& name : dir.entryList({QStringLiteral("*.fmjob")}))
            QTest::newRow(qPrintable(name)) << dir.filePath(name);
    }

    void equals() {
        QFETCH(QString, job);
        const Value document = document_of(job);
        const Design design = job_of(document).design;
        const Solution solution = solve(design);
        const Value expected = document_of(job.chopped(6) + QStringLiteral(".solve.json"));
        const Value::Array& strings = *find(expected, "strings")->array();
        QCOMPARE(strings.size(), solution.strings.size());
        const bool fixed = design.saddle.compensation == CompensationMethod::fixed;
        for (std::size_t i = 0; i < strings.size(); ++i) {
            expected_ = &strings[i];
            const StringSolution& s = solution.strings[i];
            // Independent of where the saddle ends up.
            same("nut_centre_mm", s.line.nut_y_mm);
            same("saddle_centre_mm", s.line.saddle_y_mm);
            same("scale_mm", s.line.scale_mm);
            same("slot_width_mm", s.slot.width_mm);
            same("slot_depth_mm", s.slot.depth_mm);
            if (fixed) compare_heights(s);
        }
        if (fixed)
            QVERIFY(std::abs(find(expected, "nut.angle_deg")->number() - solution.nut_angle_deg) < 1e-6);
    }

    void every_case_is_there() {
        QCOMPARE(QDir(QStringLiteral(TEST_DATA "/cases")).entryList({QStringLiteral("*.fmjob")}).size(), 23);
    }

private:
    static constexpr double tolerance = 1e-6; // mm and degrees; the independent results have twelve digits

    void same(const char* key, double value) {
        const Value* there = expected_->member(key);
        QVERIFY2(there && there->is_number(), key);
        QVERIFY2(std::abs(there->number() - value) < tolerance,
                 qPrintable(QStringLiteral("%1: %2 not %3")
                                .arg(QLatin1String(key))
                                .arg(value, 0, 'g', 12)
                                .arg(there->number(), 0, 'g', 12)));
    }

    void compare_heights(const StringSolution& s) {
        same("nut_along_mm", s.slot.along_mm);
        same("saddle_along_mm", s.saddle_along_mm);
        same("nut_z_mm", s.nut_z_over_fret_line_mm);
        same("above_fret_line_mm", s.above_fret_line_mm);
        same("saddle_z_mm", s.ends.saddle_z_mm);
        same("floor_above_seat_mm", s.slot.floor_above_seat_mm);
        same("floor_over_board_mm", s.slot.floor_over_board_mm);
        same("top_above_seat_mm", s.slot.top_above_seat_mm);
        same("action12_mm", s.action12_mm);
        same("action12_capo_mm", s.action12_capo_mm);
        same("saddle_x_mm", s.line.saddle_x_mm);
        same("set_forward_mm", s.line.set_forward_mm);
        const Value::Array& gaps = *expected_->member("open_gaps_mm")->array();
        QCOMPARE(gaps.size(), s.open_gaps_mm.size());
        for (std::size_t n = 0; n < gaps.size(); ++n)
            QVERIFY(std::abs(gaps[n].number() - s.open_gaps_mm[n]) < tolerance);
        QVERIFY(std::abs(find(*expected_, "pressed_gap_mm.2")->number() - s.pressed_gap_2_mm) < tolerance);
        QVERIFY(std::abs(find(*expected_, "pressed_gap_mm.3")->number() - s.pressed_gap_3_mm) < tolerance);
        if (!s.bend) return;
        same("nut_break_angle_deg", s.bend->break_angle_deg);
        same("nut_side_angle_deg", s.bend->side_angle_deg);
        same("nut_bend_deg", s.bend->bend_deg);
    }

    const Value* expected_ = nullptr;
};

QTEST_APPLESS_MAIN(TestCases)
#include "tst_cases.moc"
