// A nut across fanned frets: its ends and its slots as readers that are not ours measure them in what leaves
// the program, against the angle of the nut and every string's own direction.
#include "common/jobs.h"
#include "common/run.h"
#include "core/solution/nut_plan.h"

#include <QFile>
#include <QTemporaryDir>
#include <QTest>

#include <cmath>
#include <numbers>

using namespace fm;
using namespace fm::test;

namespace {

constexpr double exact_mm = 0.001;

struct Slanted {
    double front_mm = 0; ///< its middle on the front face
    double back_mm = 0;
    double wide_mm = 0;  ///< along the front face
    double floor_mm = 0; ///< its floor at the front face, and at the back
    double back_floor_mm = 0;
    double radius_mm = 0; ///< of the floor
};

/// What the nut must be, from the angles alone.
struct Wanted {
    double thickness_mm = 0;
    double bass_mm = 0; ///< the bass end at the front: a solid counts from there
    Slanted body;
    std::vector<Slanted> slots;
};

Wanted wanted_of(const Job& job, const Solution& solution) {
    const double angle = solution.nut_angle_deg * std::numbers::pi / 180.0;
    const double hand = job.left_handed ? -1.0 : 1.0;
    Wanted wanted;
    wanted.thickness_mm = job.design.nut.thickness_mm;
    wanted.bass_mm = hand * nut_plan_of(job.design, solution).bass.along_mm;
    for (std::size_t i = 0; i < solution.strings.size(); ++i) {
        const StringSolution& string = solution.strings[i];
        const StringLine& line = string.line;
        double run = 0;
        if (job.design.nut.posts.empty()) {
            const double long_mm = line.saddle_x_mm - line.set_forward_mm;
            const double aside = std::asin((line.saddle_y_mm - line.nut_y_mm) / long_mm);
            run = -std::tan(angle + aside);
        } else {
            const Post& post = job.design.nut.posts[i];
            run = std::tan(std::atan2(post.across_mm - line.nut_y_mm, post.behind_mm) - angle);
        }
        const double front = hand * string.slot.along_mm;
        wanted.slots.push_back(
            {front, front + hand * run * wanted.thickness_mm, string.slot.width_mm / std::cos(std::atan(run)),
             string.slot.floor_above_seat_mm,
             string.slot.floor_above_seat_mm - string.slot.floor_back_drop_mm, 0.5 * string.slot.width_mm});
    }
    return wanted;
}

/// The one of these that stands where it is looked for; a slot of its width far away counts as none.
const Slanted* nearest(const std::vector<Slanted>& all, double front_mm) {
    const Slanted* best = nullptr;
    for (const Slanted& each : all)
        if (!best || std::abs(each.front_mm - front_mm) < std::abs(best->front_mm - front_mm)) best = &each;
    return best;
}

QString told(const Slanted& seen, const Slanted& wanted) {
    return QStringLiteral("front %1 (%2), back %3 (%4), wide %5 (%6)")
        .arg(seen.front_mm, 0, 'f', 4)
        .arg(wanted.front_mm, 0, 'f', 4)
        .arg(seen.back_mm, 0, 'f', 4)
        .arg(wanted.back_mm, 0, 'f', 4)
        .arg(seen.wide_mm, 0, 'f', 4)
        .arg(wanted.wide_mm, 0, 'f', 4);
}

bool equal(const Slanted& seen, const Slanted& wanted) {
    return std::abs(seen.front_mm - wanted.front_mm) < exact_mm &&
           std::abs(seen.back_mm - wanted.back_mm) < exact_mm &&
           std::abs(seen.wide_mm - wanted.wide_mm) < exact_mm;
}

/// Of a drawing: what is as deep as the nut is thick. The whole nut is the longest, and the page's zero its
/// middle line.
std::vector<Slanted> slanted_in(const Value& seen, double thickness_mm) {
    std::vector<Slanted> all;
    for (const Value& slab : *find(seen, "slabs")->array()) {
        const auto& numbers = *slab.array();
        if (std::abs(numbers[3].number() - thickness_mm) > exact_mm) continue;
        all.push_back({numbers[0].number(), numbers[1].number(), numbers[2].number()});
    }
    return all;
}

/// Of a solid: the outermost corners of a slot on one face, from which its middle and its width follow; where
/// the slot is shallower than its round floor, they stand on the floor's ellipse.
std::optional<std::pair<double, double>> walls(const Value& corners, double middle_mm, double floor_mm,
                                               const Slanted& slot) {
    std::optional<std::pair<double, double>> left;
    std::optional<std::pair<double, double>> right;
    for (const Value& corner : *corners.array()) {
        const double x = (*corner.array())[0].number();
        const double y = (*corner.array())[1].number();
        if (std::abs(x - middle_mm) > 0.5 * slot.wide_mm + 0.005 || y < floor_mm) continue;
        const double below = std::max(0.0, floor_mm + slot.radius_mm - y) / slot.radius_mm;
        const double share = std::sqrt(1.0 - below * below); // of half the width
        if (x < middle_mm && (!left || x < left->first)) left = {x, share};
        if (x > middle_mm && (!right || x > right->first)) right = {x, share};
    }
    if (!left || !right) return std::nullopt;
    const double half = (right->first - left->first) / (left->second + right->second);
    return std::pair{left->first + half * left->second, 2.0 * half};
}

} // namespace

class TestFannedNut : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void slots_run_as_the_strings_do_data() {
        QTest::addColumn<bool>("left");
        QTest::addColumn<bool>("posts");
        QTest::addColumn<double>("square_fret");
        for (const bool left : {false, true})
            for (const bool posts : {false, true})
                for (const double square : {0.0, 7.0, 12.0})
                    QTest::addRow("%s, %s, square at %g", left ? "left" : "right",
                                  posts ? "posts" : "no posts", square)
                        << left << posts << square;
    }

    void slots_run_as_the_strings_do() {
        QFETCH(const bool, left);
        QFETCH(const bool, posts);
        QFETCH(const double, square_fret);
        Value document = with(demo_document("groundswell"), "handed", left ? "left" : "right");
        document = with(document, "neck.perpendicular_fret", square_fret);
        if (posts) {
            Value::Array list;
            for (int i = 0; i < 5; ++i) {
                Value post = with(Value(Value::Object{}), "behind_mm", 40.0 + 25.0 * i);
                list.push_back(with(with(post, "across_mm", i < 3 ? -22.0 : 22.0), "below_mm", 9.0));
            }
            document = with(document, "nut.posts", std::move(list));
        }
        const Job job = job_of(document);
        QCOMPARE(job.left_handed, left);
        const Solution solution = solve(job.design);
        if (square_fret > 0) QVERIFY(std::abs(solution.nut_angle_deg) > 5.0);
        const Wanted wanted = wanted_of(job, solution);
        const QTemporaryDir dir;
        const QString file = dir.filePath(QStringLiteral("a.fmjob"));
        QFile out(file);
        QVERIFY(out.open(QIODevice::WriteOnly));
        out.write(QByteArray::fromStdString(written_json(document)));
        out.close();
        for (const char* type : {"svg", "dxf", "pdf"})
            drawn(file, dir, QLatin1String(type), wanted, job, solution);
        if (QTest::currentTestFailed()) return;
        for (const char* type : {"step", "stl"}) solid(file, dir, QLatin1String(type), wanted);
    }

private:
    static void drawn(const QString& file, const QTemporaryDir& dir, const QString& type,
                      const Wanted& wanted, const Job& job, const Solution& solution) {
        const QString path = dir.filePath(QStringLiteral("nut.") + type);
        const Ran ran =
            run(program("fair-measure-cli"), {QStringLiteral("sheet"), file, QStringLiteral("--part"),
                                              QStringLiteral("nut"), QStringLiteral("-o"), path});
        QVERIFY2(ran.exit_code == 0, ran.errors.constData());
        std::vector<Slanted> all = slanted_in(measured("measure_fanned.py", path), wanted.thickness_mm);
        QVERIFY(!all.empty());
        const Slanted body = *std::max_element(
            all.begin(), all.end(), [](const Slanted& a, const Slanted& b) { return a.wide_mm < b.wide_mm; });
        // The ends run with the board's edges: half its taper to either side of the middle.
        const Neck neck(job.design.neck);
        const double taper = std::atan(neck.half_width_mm(1.0) - neck.half_width_mm(0.0));
        const double angle = solution.nut_angle_deg * std::numbers::pi / 180.0;
        const double hand = job.left_handed ? -1.0 : 1.0;
        const double runs[] = {std::tan(-angle + taper), std::tan(-angle - taper)};
        const double moved = hand * 0.5 * (runs[0] + runs[1]) * wanted.thickness_mm;
        QVERIFY2(std::abs(body.back_mm - body.front_mm - moved) < exact_mm,
                 qPrintable(QStringLiteral("%1: the body moves %2, wanted %3")
                                .arg(type)
                                .arg(body.back_mm - body.front_mm)
                                .arg(moved)));
        // The page's zero: a paper's is its corner, and its first slot tells where the drawing's is.
        std::erase_if(all, [&](const Slanted& each) { return each.wide_mm > 20.0; });
        std::sort(all.begin(), all.end(),
                  [](const Slanted& a, const Slanted& b) { return a.front_mm < b.front_mm; });
        QCOMPARE(all.size(), wanted.slots.size());
        const double first = std::min(wanted.slots.front().front_mm, wanted.slots.back().front_mm);
        const double zero = type == QLatin1String("dxf") ? 0.0 : all.front().front_mm - first;
        for (Slanted& each : all) each.front_mm -= zero, each.back_mm -= zero;
        for (const Slanted& slot : wanted.slots) {
            const Slanted* seen = nearest(all, slot.front_mm);
            QVERIFY2(equal(*seen, slot), qPrintable(type + QStringLiteral(": ") + told(*seen, slot)));
        }
    }

    static void solid(const QString& file, const QTemporaryDir& dir, const QString& type,
                      const Wanted& wanted) {
        const QString path = dir.filePath(QStringLiteral("nut.") + type);
        const Ran ran = run(program("fair-measure-cli"),
                            {QStringLiteral("sheet"), file, QStringLiteral("--machine"),
                             QStringLiteral("--part"), QStringLiteral("nut"), QStringLiteral("-o"), path});
        if (ran.errors.contains("built without")) QSKIP("built without solids");
        QVERIFY2(ran.exit_code == 0, ran.errors.constData());
        const Value seen = measured("measure_fanned.py", path);
        QVERIFY(std::abs(find(seen, "thickness")->number() - wanted.thickness_mm) < exact_mm);
        for (Slanted slot : wanted.slots) {
            slot.front_mm -= wanted.bass_mm;
            slot.back_mm -= wanted.bass_mm;
            const auto front = walls(*find(seen, "front"), slot.front_mm, slot.floor_mm, slot);
            const auto back = walls(*find(seen, "back"), slot.back_mm, slot.back_floor_mm, slot);
            QVERIFY2(front && back, qPrintable(type));
            const Slanted cut{front->first, back->first, front->second};
            QVERIFY2(equal(cut, slot), qPrintable(type + QStringLiteral(": ") + told(cut, slot)));
        }
    }
};

QTEST_GUILESS_MAIN(TestFannedNut)
#include "tst_fanned_nut.moc"
