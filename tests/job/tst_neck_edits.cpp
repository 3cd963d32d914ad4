#include "common/jobs.h"
#include "job/document/json.h"
#include "job/edits/neck_edits.h"

#include <QTest>

#include <cmath>

using namespace fm;
using namespace fm::test;

namespace {

NeckDesign neck_of(const Value& document) {
    const JobResult read = read_job(document);
    return read.job ? read.job->design.neck : NeckDesign{};
}

} // namespace

/// Edits of the neck keep what they do not change.
class TestNeckEdits : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void init() { document_ = demo_document("kittiwake"); }

    void frets_carry_their_lists() {
        Value document = with_fret_offset(document_, 19, 5, 0.07);
        document = with(document, "saddle.compensation.weights", Value::Array(19, Value(2.0)));
        const NeckDesign more = neck_of(with_frets(document, 22));
        QCOMPARE(more.frets, 22);
        QCOMPARE(more.fret_offsets_mm.size(), std::size_t(22));
        QCOMPARE(more.fret_offsets_mm[4], 0.07);
        QCOMPARE(more.fret_offsets_mm[21], 0.0);
        QCOMPARE(neck_of(with_frets(document, 15)).frets, 15);
    }
    void an_offset_comes_and_goes() {
        const Value high = with_fret_offset(document_, 19, 19, -0.03);
        QCOMPARE(neck_of(high).fret_offsets_mm.back(), -0.03);
        QVERIFY(with_fret_offset(high, 19, 19, 0.0) == document_);
    }
    void a_fan_opens_and_closes() {
        const Value fanned = with_scales(document_, true, neck_of(document_));
        const NeckDesign neck = neck_of(fanned);
        QVERIFY(neck.fanned());
        QCOMPARE(neck.mean_scale_mm(), 584.0);
        QCOMPARE(neck_of(with_scales(fanned, false, neck)).scale_bass_mm, 584.0);
    }
    void board_shapes() {
        for (const BoardShape shape : {BoardShape::flat, BoardShape::cylinder, BoardShape::cone}) {
            const Value changed = with_board_shape(document_, shape, neck_of(document_));
            QCOMPARE(neck_of(changed).shape, shape);
            if (shape != BoardShape::flat) QCOMPARE(neck_of(changed).radius_nut_mm, 300.0);
            const Value back = with_board_shape(changed, BoardShape::cone, neck_of(changed));
            QCOMPARE(neck_of(back).shape, BoardShape::cone);
        }
    }
    void another_way_of_reading_keeps_the_curve() {
        const Neck before(neck_of(document_));
        for (const auto& [from, to] :
             {std::pair{1, 12}, std::pair{0, 12}, std::pair{1, 19}, std::pair{2, 9}}) {
            const NeckDesign read = neck_of(with_relief_between(document_, before, from, to));
            QCOMPARE(read.relief->from_fret, from);
            QCOMPARE(read.relief->to_fret, to);
            const Neck after(read);
            for (double x = 0; x < 380; x += 20)
                QVERIFY(std::abs(after.relief_curve_mm(x) - before.relief_curve_mm(x)) < 0.01);
        }
        const Value none = without(document_, "neck.relief");
        QCOMPARE(neck_of(with_relief_between(none, Neck(neck_of(none)), 1, 12)).relief->depth_mm, 0.0);
    }
    void the_middle_fret_is_the_nearest() {
        const Neck neck(neck_of(document_));
        const double middle = 0.5 * (neck.fret_x_mm(1, 584) + neck.fret_x_mm(12, 584));
        const int at = middle_fret(neck, 1, 12);
        for (int fret = 2; fret < 12; ++fret)
            QVERIFY(std::abs(neck.fret_x_mm(at, 584) - middle) <=
                    std::abs(neck.fret_x_mm(fret, 584) - middle));
        QCOMPARE(middle_fret(neck, 3, 5), 4);
    }

private:
    Value document_;
};

QTEST_APPLESS_MAIN(TestNeckEdits)
#include "tst_neck_edits.moc"
