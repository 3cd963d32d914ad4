#include "common/jobs.h"

#include <QTest>

#include <cmath>

using namespace fm;
using namespace fm::test;

/// Every limit of a job: what is wrong is named by key, value and what is allowed.
class TestReadJob : public QObject {
    Q_OBJECT
private Q_SLOTS:
    /// A job's own list takes the place of the shop's list of the same tools, and of no other.
    void own_tools_hide_only_their_own_list() {
        const Tools shops{{0.5, 0.6}, {0.1, 0.2}, {0.05}, {184.0}};
        const Job job =
            job_of(with(demo_document("teal"), "tools", parse_json(R"({"nut_files_mm": [0.7]})")));
        const Tools both = tools_with(shops, job.tools);
        QCOMPARE(both.nut_files_mm, std::vector<double>{0.7});
        QCOMPARE(both.feelers_mm, shops.feelers_mm);
        QCOMPARE(both.shims_mm, shops.shims_mm);
        QCOMPARE(both.radius_blocks_mm, shops.radius_blocks_mm);
    }
    void faults_are_named_data();
    void faults_are_named();
    void missing_keys_are_named_data();
    void missing_keys_are_named();
    void all_faults_are_told_at_once();
    void defaults_are_those_of_the_page();
    void limits_themselves_are_allowed();
    void unknown_keys_do_not_matter();
    void a_newer_version_is_for_reading_only();
    void demo_jobs_are_good();
    void readings_follow_their_order();
    void a_relief_moves_the_nut_with_the_neck();
};

void TestReadJob::faults_are_named_data() {
    QTest::addColumn<QString>("key");
    QTest::addColumn<QString>("json");
    QTest::addColumn<QString>("says");
    const auto row = [](const char* key, const char* json, const char* says) {
        QTest::addRow("%s = %s", key, json)
            << QString::fromLatin1(key) << QString::fromLatin1(json) << QString::fromUtf8(says);
    };
    row("format", "\"other\"", "format is \"other\"; allowed are fair-measure-job");
    row("version", "0", "version is 0; allowed is 1 to 1000");
    row("version", "1.5", "version is 1.5; a whole number");
    row("a4_hz", "20", "a4_hz is 20; allowed is 200 to 900");
    row("handed", "\"both\"", "handed is \"both\"; allowed are right, left");
    row("unit", "\"cm\"", "unit is \"cm\"; allowed are mm, in, thou, 64ths");
    row("units.gap", "\"cm\"", "units.gap is \"cm\"; allowed are mm, in, thou, 64ths");
    row("title", "5", "title is 5; text is needed");
    row("neck", "[]", "neck is […]; an object with keys is needed");
    row("neck.scale_mm", "199", "neck.scale_mm is 199; allowed is 200 to 1200");
    row("neck.scale_mm", "1201", "allowed is 200 to 1200");
    row("neck.scale_mm", "\"556\"", "neck.scale_mm is \"556\"; a number is needed");
    row("neck.scale_mm", "null", "neck.scale_mm is null; a number is needed");
    row("neck.scale_bass_mm", "600", "neck.scale_treble_mm is missing");
    row("neck.frets", "11", "neck.frets is 11; allowed is 12 to 36");
    row("neck.frets", "37", "allowed is 12 to 36");
    row("neck.body_joint_fret", "9", "neck.body_joint_fret is 9; allowed is 10 to 20");
    row("neck.body_joint_fret", "21", "allowed is 10 to 20");
    row("neck.fret_height_mm", "0.19", "neck.fret_height_mm is 0.19; allowed is 0.2 to 3");
    row("neck.radius_mm", "99", "neck.radius_mm is 99; allowed is 100");
    row("neck.radius_nut_mm", "300", "neck.radius_end_mm is missing");
    row("neck.relief.depth_mm", "2.1", "neck.relief.depth_mm is 2.1; allowed is -1 to 2");
    row("neck.relief.at_fret", "14", "the reading's fret must lie between the two");
    row("neck.relief.between_frets", "[14, 16]", "the first below the body joint, fret 14");
    row("neck.relief.between_frets", "[1]", "neck.relief.between_frets has 1 entries; 2 are needed");
    row("neck.fret_offsets_mm", "[0, 0]", "neck.fret_offsets_mm has 2 entries; 20 are needed");
    row("neck.perpendicular_fret", "21", "neck.perpendicular_fret is 21; allowed is 0 to 20");
    row("temperament", "{\"cents\": [100]}", "temperament.cents has 1 entries; 12 are needed");
    row("temperament", "{\"cents\": [100,200,300,400,500,600,700,800,900,1000,1100,1199]}",
        "value 12 is 1199");
    row("temperament", "{\"cents\": [100,90,300,400,500,600,700,800,900,1000,1100,1200]}", "value 2 is 90");
    row("strings", "[]", "strings has 0 entries; allowed are 1 to 14");
    row("strings[0].diameter_mm", "0.14", "strings[0].diameter_mm is 0.14; allowed is 0.15 to 4");
    row("strings[0].pitch", "\"H2\"", "strings[0].pitch is \"H2\"; a note such as G2");
    row("strings[0].pitch", "\"C-1\"", "allowed is 15 to 2000");
    row("strings[0].pitch_hz", "14", "strings[0].pitch_hz is 14; allowed is 15 to 2000");
    row("strings[0].wound", "1", "strings[0].wound is 1; true or false is needed");
    row("strings[0].core", "\"wire\"",
        "strings[0].core is \"wire\"; allowed are steel, nylon, fluorocarbon, gut, nylon_floss");
    row("strings[3]", "7", "strings[3] is 7; an object with keys is needed");
    row("nut.spacing.method", "\"fair\"", "allowed are equal_centres, equal_gaps, blend, given");
    row("nut.spacing.method", "\"blend\"", "nut.spacing.blend is missing");
    row("nut.spacing.method", "\"given\"", "nut.spacing.each_mm is missing");
    row("nut.spacing.bias_mm", "0", "nut.spacing.bias_mm has no meaning beside edge_margin_mm");
    row("nut.spacing.spread_mm", "40", "nut.spacing.spread_mm stands beside edge_margin_mm");
    row("nut.spacing.edge_margin_mm.bass", "40", "outer strings' centres");
    row("nut.spacing.course_centres_mm", "2", "stands beside course_gap_mm");
    row("nut.height.method", "\"low\"", "allowed are open_gap, pressed_gap, zero_fret");
    row("nut.height.bass_mm", "3.1", "nut.height.bass_mm is 3.1; allowed is 0 to 3");
    row("nut.height.each_mm", "[0.3]", "nut.height.each_mm has 1 entries; 10 are needed");
    row("nut.height.pressed_fret", "4", "allowed is 2 to 3");
    row("nut.set_forward_mm", "2.1", "nut.set_forward_mm is 2.1; allowed is 0 to 2");
    row("nut.seat", "\"round\"", "allowed are square, angled, curved");
    row("nut.seat", "\"curved\"", "nut.seat_radius_mm is missing");
    row("nut.posts", "[{}]", "nut.posts has 1 entries; 10 are needed");
    row("nut.blank", "{\"length_mm\": 50}", "nut.blank.height_mm is missing");
    row("nut.in_slot.wound", "-1", "nut.in_slot.wound is -1");
    row("saddle.spacing.spread_mm", "3", "the strings between need");
    row("saddle.action.bass_mm", "0.1", "saddle.action.bass_mm is 0.1; allowed is 0.2 to 12");
    row("saddle.action.measured", "\"shut\"", "allowed are open, capo_1");
    row("saddle.compensation", "{\"method\": \"fixed\"}", "saddle.compensation.fixed_mm is missing");
    row("saddle.compensation.weights", "[1, 2]", "saddle.compensation.weights has 2 entries; 20 are needed");
    row("bridge.height_mm", "\"auto\"", "with a tailpiece a number is needed");
    row("bridge.anchor", "\"glue\"", "allowed are pins, tie, hole, tailpiece");
    row("bridge.exit", "{\"behind_mm\": 10}", "bridge.exit.above_top_mm is missing");
    row("player.pluck_share_down", "1.1", "player.pluck_share_down is 1.1; allowed is 0 to 1");
    row("readings[0].state", "\"later\"", "allowed are found, during, left");
    row("readings[0].strings[2].slot", "\"tight\"", "allowed are wiggles, binds, filled");
    row("readings[0].strings[2].cents", "{\"0\": 1}", "readings[0].strings[2].cents.0: a fret from 1 to 20");
    row("readings[0].strings[2].cents", "{\"12\": 201}", "cents.12 is 201; allowed is -200 to 200");
    row("readings[0].strings[2].cents_against", "\"fork\"", "allowed are open, harmonic");
    row("readings[0].replaces", "3", "readings[0].replaces: there is no entry before it to replace");
    row("readings[0].replaces", "0", "readings[0].replaces: there is no entry before it to replace");
    row("readings[0].relief.at_fret", "15", "the reading's fret must lie between the two");
    row("neck.relief.at_fret", "1", "neck.relief.between_frets is 1 and 14, read at 1");
    row("strings[0].core_mm", "1.12", "a wound string's core must be thinner than the string, 1.12 mm");
    row("strings[0].core_mm", "5", "strings[0].core_mm is 5; allowed is 0.05 to 4");
    row("strings[1].core", "\"gut\"", "strings[1].core_mm is missing");
    row("strings[0].unit_mass_g_m", "0", "strings[0].unit_mass_g_m is 0; allowed is 0.01 to 500");
    row("strings[0].end_stiffness", "6", "allowed is -5 to 5");
    row("saddle.compensation.weights", "[0,0,0,0,0,0,0,0,0,0,0,0,0,0,0,0,0,0,0,0]", "are all 0");
    row("saddle.compensation.nut", "\"some\"", "allowed are keep, common, each");
    row("saddle.travel_mm", "[5, -5]", "saddle.travel_mm is 5 to -5; the first must be the smaller");
    row("saddle.travel_mm", "[5]", "saddle.travel_mm has 1 entries; 2 are needed");
    row("saddle.height_by", "\"wedges\"", "allowed are bottom_and_top, saddle_screws, side_screws");
    row("saddle.screws_across_mm", "{\"bass\": 20, \"treble\": -20}", "saddle.screws_across_mm.bass is 20");
    row("saddle.existing", "{\"height\": {\"bass_mm\": 9}}", "saddle.existing.height.treble_mm is missing");
    row("bridge.existing", "{}", "bridge.existing.height_mm is missing");
    row("bridge.neck_pocket", "{\"length_mm\": 60}", "bridge.neck_pocket.pivot_x_mm is missing");
    row("bridge.height_min_mm", "12", "bridge.height_min_mm is 12; allowed is 0 to 11");
    row("player.finger_behind_mm", "-1", "player.finger_behind_mm is -1; allowed is 0 to 60");
    row("uncertainty", "{\"nut.colour\": 0.1}", "uncertainty.nut.colour names no measured input");
    row("uncertainty", "{\"neck.fret_height_mm\": \"eye\"}", "uncertainty.neck.fret_height_mm is \"eye\"");
    row("temperament", "{\"cents\": [5,200,300,400,500,600,700,800,900,1000,1100,1200]}",
        "temperament.cents puts fret 1 only");
    row("readings[0].strings", "[{}]", "readings[0].strings has 1 entries; 10 are needed");
    row("tools", "{\"feelers_mm\": [0]}", "tools.feelers_mm[0] is 0");
}

void TestReadJob::faults_are_named() {
    QFETCH(QString, key);
    QFETCH(QString, json);
    QFETCH(QString, says);
    const Value document = with(demo_document("curlew"), key.toStdString(), parse_json(json.toStdString()));
    const JobResult result = read_job(document);
    QVERIFY(!result.job);
    QStringList told;
    for (const Message& problem : result.problems) told << QString::fromStdString(english(problem));
    QVERIFY2(told.join(QLatin1Char('\n')).contains(says), qPrintable(told.join(QLatin1Char('\n'))));
}

void TestReadJob::missing_keys_are_named_data() {
    QTest::addColumn<QString>("key");
    for (const char* key : {"format",
                            "neck",
                            "neck.scale_mm",
                            "neck.frets",
                            "neck.body_joint_fret",
                            "neck.fret_height_mm",
                            "neck.nut_width_mm",
                            "neck.end_width_mm",
                            "neck.relief.depth_mm",
                            "neck.relief.at_fret",
                            "neck.relief.between_frets",
                            "strings",
                            "strings[1].pitch",
                            "strings[1].diameter_mm",
                            "nut.spacing",
                            "nut.spacing.course_gap_mm",
                            "nut.height",
                            "nut.height.bass_mm",
                            "nut.board_above_seat_mm",
                            "saddle.spacing",
                            "saddle.spacing.spread_mm",
                            "saddle.action",
                            "bridge.plane_above_top_mm",
                            "bridge.exit"})
        QTest::newRow(key) << QString::fromLatin1(key);
}

void TestReadJob::missing_keys_are_named() {
    QFETCH(QString, key);
    const JobResult result = read_job(without(demo_document("curlew"), key.toStdString()));
    QVERIFY(!result.job);
    QVERIFY2(english(result.problems.front()).starts_with(key.toStdString() + " is missing"),
             english(result.problems.front()).c_str());
}

void TestReadJob::all_faults_are_told_at_once() {
    Value document = with(demo_document("curlew"), "neck.fret_height_mm", 9);
    document = with(document, "strings[4].diameter_mm", 9);
    QCOMPARE(read_job(document).problems.size(), std::size_t(2));
    const JobResult many = read_job(with(document, "tools.nut_files_mm", Value::Array(200000, Value("x"))));
    QVERIFY(many.problems.size() < 10); // not one for each of two hundred thousand
    QCOMPARE(english(read_job(Value(5)).problems.front()),
             std::string("the file is 5; an object with keys is needed"));
}

void TestReadJob::defaults_are_those_of_the_page() {
    Value document = demo_document("kittiwake");
    for (const char* key : {"unit", "neck.end_at_mm", "neck.fallaway_mm", "neck.relief", "nut.thickness_mm",
                            "nut.seat", "nut.headstock_angle_deg", "nut.posts", "saddle.compensation",
                            "saddle.thickness_mm", "bridge", "readings"})
        document = without(document, key);
    const Job job = job_of(document);
    const NutDesign& nut = job.design.nut;
    QVERIFY(job.units == units_in(Unit::mm));
    QVERIFY(job.unit == Unit::mm && !job.left_handed && job.a4_hz == 440 && !job.design.neck.end_at_mm);
    QVERIFY(nut.thickness_mm == 5 && nut.seat == Seat::square && nut.headstock_angle_deg == 0 &&
            nut.floor_angle_share == 0.6 && nut.saw_allowance_mm == 0.3);
    QVERIFY(nut.slot_clearance_mm.plain == 0.05 && nut.slot_clearance_mm.wound == 0.08 &&
            nut.in_slot.plain == 1 && nut.in_slot.wound == 0.5 && nut.file_over_mm == 0.05);
    QVERIFY(nut.pressed_fret == 3 && nut.posts.empty() && nut.set_forward_mm == 0);
    QVERIFY(job.design.saddle.compensation == CompensationMethod::octave &&
            job.design.saddle.measured == ActionMeasure::open);
    QCOMPARE(Neck(job.design.neck).relief_factor(), 0.0);
}

void TestReadJob::limits_themselves_are_allowed() {
    const Value document = demo_document("curlew");
    const auto good = [&](const char* key, double value) {
        return read_job(with(document, key, value)).job.has_value();
    };
    QVERIFY(good("neck.scale_mm", 200) && good("neck.scale_mm", 1200) && good("neck.fret_height_mm", 0.2) &&
            good("neck.fret_height_mm", 3));
    QVERIFY(read_job(with(document, "nut.posts", Value::Array{})).job->design.nut.posts.empty());
    QVERIFY(read_job(with(document, "neck.fret_offsets_mm", Value::Array{})).job.has_value());
    QVERIFY(good("nut.height.bass_mm", 0) && good("nut.height.bass_mm", 3) && good("nut.set_forward_mm", 2) &&
            good("saddle.action.bass_mm", 12));
    QVERIFY(good("neck.radius_mm", 100) && good("neck.relief.depth_mm", -1) &&
            good("neck.relief.depth_mm", 2));
}

void TestReadJob::unknown_keys_do_not_matter() {
    const Value document = demo_document("curlew");
    Value more = with(document, "weather.outside", "fog");
    more = with(more, "strings[3].maker_note", Value::Array{1, "two", Value()});
    QVERIFY(solve(job_of(more).design).strings[3].slot.floor_above_seat_mm ==
            solve(job_of(document).design).strings[3].slot.floor_above_seat_mm);
    QCOMPARE(parse_json(written_json(more)), more);
}

void TestReadJob::a_newer_version_is_for_reading_only() {
    QVERIFY(job_of(with(demo_document("curlew"), "version", 2)).read_only());
    QVERIFY(!job_of(demo_document("curlew")).read_only());
}

void TestReadJob::demo_jobs_are_good() {
    for (const char* name : {"curlew", "lantern", "kittiwake", "groundswell", "teal"}) {
        const Job job = job_of(demo_document(name));
        for (const Message& doubt : solve(job.design).warnings)
            QCOMPARE(doubt.id, std::string("headroom_low")); // teal's worn frets are what its owner came for
        QVERIFY(job.design.saddle.compensation != CompensationMethod::fixed);
    }
}

void TestReadJob::readings_follow_their_order() {
    const Design design = job_of(demo_document("kittiwake")).design;
    ReadingEntry first, second, correction;
    first.when = "2031-03-02";
    second.when = "2031-03-01";
    first.strings.resize(4);
    second.strings.resize(4);
    first.strings[0].open_gap_fret1_mm = 0.5;
    second.strings[0].open_gap_fret1_mm = 0.7;
    second.strings[0].action12_mm = 2.5;
    const Solution target = solve(design);
    QCOMPARE(*known_heights(design, target, {first, second})[0].nut_gap_mm, 0.5); // by time
    ReadingEntry untimed = second;
    untimed.when.clear();
    QCOMPARE(*known_heights(design, target, {first, untimed})[0].nut_gap_mm, 0.7); // as written
    correction = second;
    correction.strings[0].open_gap_fret1_mm = 0.6;
    correction.replaces = 0;
    correction.when = "2031-04-01";
    // It takes the first entry's place, its time included: later than the second.
    QCOMPARE(*known_heights(design, target, {first, second, correction})[0].nut_gap_mm, 0.6);
    ReadingEntry nut_only = first;
    QVERIFY(!known_heights(design, target, {nut_only})[0].above_fret_line_mm); // held until the action comes
    ReadingEntry action_only;
    action_only.strings.resize(4);
    action_only.strings[0].action12_mm = 2.5;
    const auto together = known_heights(design, target, {nut_only, action_only});
    nut_only.strings[0].action12_mm = 2.5;
    QVERIFY(std::abs(*together[0].above_fret_line_mm -
                     *known_heights(design, target, {nut_only})[0].above_fret_line_mm) < 1e-12);
    nut_only.strings[0].open_gap_fret1_mm = 0.0;
    QVERIFY(known_heights(design, target, {nut_only})[0].only_at_least);
}

void TestReadJob::a_relief_moves_the_nut_with_the_neck() {
    // Numbers read under different reliefs agree on one instrument: a stays with the neck, z_s with the body.
    const Design design = job_of(demo_document("kittiwake")).design;
    const Solution target = solve(design);
    NeckDesign bowed = design.neck;
    bowed.relief = Relief{0.3, 6, 1, 12};
    const Neck straight_neck(design.neck), bowed_neck(bowed);
    constexpr double above = 0.21, saddle_z = 4.4;
    const StringOnNeck on_straight(straight_neck, target.strings[1].line),
        on_bowed(bowed_neck, target.strings[1].line);
    const EndHeights straight_ends{on_straight.fret_line_under_string_mm() + above, saddle_z};
    const EndHeights bowed_ends{on_bowed.fret_line_under_string_mm() + above, saddle_z};
    ReadingEntry nut, action;
    nut.strings.resize(4);
    action.strings.resize(4);
    nut.strings[1].open_gap_fret1_mm = open_gap_mm(on_straight, straight_ends, 1);
    action.relief = bowed.relief;
    action.strings[1].action12_mm = open_gap_mm(on_bowed, bowed_ends, 12);
    const KnownString known = known_heights(design, target, {nut, action})[1];
    QVERIFY(std::abs(*known.above_fret_line_mm - above) < 1e-9);
    QVERIFY(std::abs(*known.saddle_z_mm - saddle_z) < 1e-9);
    const auto floors = found_floors_mm(target, {{}, known, {}, {}});
    QVERIFY(!floors[0] && std::abs(*floors[1] - target.strings[1].slot.floor_above_seat_mm -
                                   (above - target.strings[1].above_fret_line_mm)) < 1e-12);
}

QTEST_APPLESS_MAIN(TestReadJob)
#include "tst_read_job.moc"
