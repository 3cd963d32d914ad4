// The order in which a nut is cut: as a bench works, with sizes that add up; and what its template and plan
// draw of it.
#include "common/jobs.h"
#include "common/sheet_text.h"
#include "core/shop/shop_work.h"
#include "core/solution/nut_plan.h"
#include "sheet/drawing/fonts.h"
#include "sheet/machine/part_notices.h"
#include "sheet/views/nut_views.h"
#include "sheet/views/saddle_views.h"

#include <QRegularExpression>
#include <QTest>

#include <cmath>

using namespace fm;
using namespace fm::test;

namespace {

QStringList said(const Job& job, SheetPart part) {
    const auto state = state_of(job, {});
    const Tools tools{{0.25, 0.41, 0.61, 0.9, 1.2, 2.1}, {0.1, 0.2, 0.5}, {}, {}};
    return words_on(printing_of({*state, tools, SheetStyle{}, {}}, {part}).sheets);
}

QString joined(const Job& job, SheetPart part) {
    return said(job, part).join(QLatin1Char(' '));
}

std::vector<double> numbers_in(const QString& words) {
    std::vector<double> numbers;
    static const QRegularExpression number(QStringLiteral("\\d+\\.\\d+"));
    for (auto it = number.globalMatch(words); it.hasNext();)
        numbers.push_back(it.next().captured().toDouble());
    return numbers;
}

Job kittiwake_with(const char* key, const char* json) {
    return job_of(with(demo_document("kittiwake"), key, parse_json(json)));
}

constexpr double shown_mm = 0.0051; // what two decimals round away

} // namespace

class TestOrderOfCuts : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void initTestCase() { load_fonts(); }

    void the_top_is_roughed_before_the_saw() {
        const QString all = joined(job_of(demo_document("curlew")), SheetPart::cuts);
        int last = -1;
        for (const char* step :
             {"Blank: at least", "Square one face", "Thickness", "Length", "Rough the top first",
              "Rub the fret tops", "Cut out the template", "Saw each slot", "Then its own file",
              "Round the back", "String up.", "Take the top down", "Finish through", "Grease"}) {
            const auto at = static_cast<int>(all.indexOf(QLatin1String(step)));
            QVERIFY2(at > last, step);
            last = at;
        }
    }

    /// As deep as the list says, from where the top is roughed to, the saw stands where the nut's list has
    /// it.
    void saw_depths_come_from_the_roughed_top_data() {
        QTest::addColumn<Value>("document");
        QTest::newRow("square") << demo_document("curlew");
        QTest::newRow("fanned") << demo_document("groundswell");
        Value curved = with(demo_document("kittiwake"), "nut.seat", "curved");
        QTest::newRow("curved") << with(curved, "nut.seat_radius_mm", 240.0);
    }
    void saw_depths_come_from_the_roughed_top() {
        QFETCH(const Value, document);
        const Job job = job_of(document);
        const auto state = state_of(job, {});
        const Solution& solution = state->solution;
        const double to_y = std::cos(solution.nut_angle_deg * std::numbers::pi / 180.0);
        const QStringList words = said(state->job, SheetPart::cuts);
        const double top = nut_rough_top_mm(state->job.design, solution);
        QVERIFY(top > nut_height_mm(state->job.design, solution));
        QVERIFY(words.join(QLatin1Char(' ')).contains(QString::number(top, 'f', 2)));
        for (std::size_t i = 0; i < solution.strings.size(); ++i) {
            const auto row = words.indexOf(QString::fromStdString(state->job.design.string_name(i)));
            QVERIFY(row >= 0);
            const SlotWork& slot = solution.strings[i].slot;
            const double saw_over_middle = top - words[row + 1].toDouble();
            QVERIFY(std::abs(saw_over_middle + seat_fall_mm(state->job.design.nut, slot.along_mm * to_y) -
                             slot.saw_to_above_seat_mm) < shown_mm);
            QVERIFY(words[row + 1].toDouble() > 0.0);
            QVERIFY(std::abs(words[row + 2].toDouble() - slot.floor_above_seat_mm) < shown_mm);
        }
    }

    void a_blank_is_the_part_and_what_saw_and_finish_take() {
        for (const char* name : {"curlew", "kittiwake", "groundswell"}) {
            const QString all = joined(job_of(demo_document(name)), SheetPart::cuts);
            const auto from = all.indexOf(QLatin1String("Blank: at least"));
            const std::vector<double> size = numbers_in(all.mid(from, 160));
            QVERIFY(size.size() >= 8); // three of the blank, three of the part, at the ends, in thickness
            QVERIFY(std::abs(size[0] - size[3] - 2.0 * size[6]) < 2.0 * shown_mm);
            QVERIFY(std::abs(size[1] - size[4] - size[6]) < 2.0 * shown_mm);
            QVERIFY(std::abs(size[2] - size[5] - size[7]) < 2.0 * shown_mm);
        }
    }

    /// The ends of a curved seat hang lower than its middle: the blank has them, too.
    void a_curved_seat_needs_a_higher_blank() {
        const auto needs = [](const Value& document) {
            const Job job = job_of(document);
            return nut_needs(job.design, solve(job.design), {}).height_mm;
        };
        const Value square = with(demo_document("kittiwake"), "nut.seat", "square");
        Value curved = with(square, "nut.seat", "curved");
        curved = with(curved, "nut.seat_radius_mm", 120.0);
        const Job job = job_of(curved);
        QVERIFY(needs(curved) > needs(square) + 0.5 * seat_fall_mm(job.design.nut, 17.0));
    }

    void a_zero_frets_nut_is_not_cut_by_readings() {
        const Job job = kittiwake_with("nut.zero_fret", R"({"height_mm": 1.1, "guide_below_mm": 0.2})");
        const QString cuts = joined(job, SheetPart::cuts);
        const QString nut = cuts.left(cuts.indexOf(QLatin1String("Saddle,")));
        QVERIFY(nut.contains(QLatin1String("The zero fret carries the strings")));
        QVERIFY(!nut.contains(QLatin1String("String up")) && !nut.contains(QLatin1String("reads")));
        QVERIFY(!joined(job, SheetPart::nut).contains(QLatin1String("string up, read again")));
    }

    void a_bought_nut_is_not_cut_from_a_blank() {
        const QString slotted = joined(kittiwake_with("nut.ready_slotted", "true"), SheetPart::cuts);
        QVERIFY(slotted.contains(QLatin1String("Lower it from below")));
        QVERIFY(!slotted.contains(QLatin1String("Saw each slot")));
        const QString locking = joined(kittiwake_with("nut.clamping", "true"), SheetPart::cuts);
        QVERIFY(locking.contains(QLatin1String("A locking nut is bought")));
        QVERIFY(!locking.left(locking.indexOf(QLatin1String("Saddle,"))).contains(QLatin1String("Grease")));
        // Nor by its own sheet, nor by a machine.
        const Job locked = kittiwake_with("nut.clamping", "true");
        const QString drawn = joined(locked, SheetPart::nut);
        QVERIFY(drawn.contains(QLatin1String("nothing of it is cut")));
        QVERIFY(!drawn.contains(QLatin1String("Stop at the floor")));
        QVERIFY(machine_notices(locked, solve(locked.design), MachinePartKind::nut)
                    .front()
                    .find("nothing of it is cut") != std::string::npos);
    }

    /// No 0.0° by silence: where nobody said how the floors fall, the sheet asks.
    void a_fall_nobody_gave_is_asked_for() {
        Value document = without(without(demo_document("kittiwake"), "nut.posts"), "nut.headstock_angle_deg");
        document = with(document, "nut.seat", "square");
        const QString asked = joined(job_of(document), SheetPart::nut);
        QVERIFY(asked.contains(QLatin1String("How the floors fall toward the head is not known")));
        QVERIFY(asked.contains(QLatin1String("not given")) && !asked.contains(QStringLiteral("0.0°")));
        const QString level = joined(job_of(with(document, "nut.floor_angle_share", 0.0)), SheetPart::nut);
        QVERIFY(level.contains(QStringLiteral("0.0° · 0.00")) && !level.contains(QLatin1String("not known")));
        const Job known = job_of(demo_document("kittiwake"));
        const SlotWork slot = solve(known.design).strings[0].slot;
        QVERIFY(slot.floor_back_drop_mm > 0.1);
    }

    /// A front face that goes in steps is drawn so, every step where its string is and as deep as it is.
    void steps_are_drawn_and_told() {
        const Job job = kittiwake_with("saddle.compensation", R"({"method": "octave", "nut": "each"})");
        const auto state = state_of(job, {});
        const Solution& solution = state->solution;
        QVERIFY(draws_steps(solution));
        const Drawing plan = nut_plan(state->job.design, solution, {});
        const auto* body = std::get_if<Path>(&plan.items.front());
        QVERIFY(body && body->closed);
        const QStringList words = said(job, SheetPart::nut);
        const auto forward = words.indexOf(QStringLiteral("forward"));
        QVERIFY(forward > 0);
        for (const StringSolution& string : solution.strings) {
            double y = 1.0; // of the face at that string
            for (std::size_t i = 0; i + 1 < body->vertices.size(); ++i) {
                const Point a = body->vertices[i].at;
                const Point b = body->vertices[i + 1].at;
                if (a.y == b.y && a.y <= 0 && (a.x - string.slot.along_mm) * (b.x - string.slot.along_mm) < 0)
                    y = a.y;
            }
            QVERIFY(std::abs(y + string.line.set_forward_mm) < 1e-9);
            QVERIFY(words.contains(QString::number(string.line.set_forward_mm, 'f', 2)));
        }
        const double without_steps = state->job.design.nut.thickness_mm + BlankAllowance{}.thickness_mm;
        QVERIFY(std::abs(nut_needs(state->job.design, solution, {}).thickness_mm - without_steps -
                         deepest_step_mm(solution)) < 1e-9);
        QVERIFY(joined(job, SheetPart::cuts).contains(QLatin1String("cut every string's place back")));
        bool listed = false;
        for (const std::string& line : machine_notices(job, solution, MachinePartKind::nut))
            listed = listed || line.find("the steps of the front face") != std::string::npos;
        QVERIFY(listed);
    }

    /// A saddle longer at one end than at the other, wherever it is drawn.
    void each_end_of_a_saddle_has_its_margin() {
        const Job job = kittiwake_with("saddle.end_margin_mm", R"({"bass": 8.5, "treble": 3})");
        const Solution solution = solve(job.design);
        const double bass = solution.strings.front().saddle_along_mm;
        const double treble = solution.strings.back().saddle_along_mm;
        QVERIFY(std::abs(solution.saddle.length_mm - (treble - bass + 11.5)) < 1e-9);
        const SaddleSpan span = saddle_span(solution);
        QVERIFY(std::abs(bass - span.from_mm - 8.5) < 1e-9 && std::abs(span.to_mm - treble - 3.0) < 1e-9);
        for (const bool mirrored : {false, true}) {
            SaddleViewOptions options;
            options.mirrored = mirrored;
            double least = 1e9;
            double most = -1e9;
            for (const Item& item : saddle_front(job.design, solution, options).items)
                if (const auto* path = std::get_if<Path>(&item);
                    path && path->layer == Layer::cut && path->closed)
                    for (const Vertex& v : path->vertices)
                        least = std::min(least, v.at.x), most = std::max(most, v.at.x);
            QVERIFY(std::abs(least - (mirrored ? -span.to_mm : span.from_mm)) < 1e-6);
            QVERIFY(std::abs(most - (mirrored ? -span.from_mm : span.to_mm)) < 1e-6);
        }
        const JobResult bad = read_job(
            with(demo_document("kittiwake"), "saddle.end_margin_mm", parse_json(R"({"bass": 8.5})")));
        QVERIFY(!bad.job &&
                english(bad.problems.front()).find("saddle.end_margin_mm.treble") != std::string::npos);
    }
};

QTEST_MAIN(TestOrderOfCuts)
#include "tst_order_of_cuts.moc"
