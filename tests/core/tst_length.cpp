#include "core/words/length.h"

#include <QTest>

#include <cmath>

using namespace fm;

class TestLength : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void means_data();
    void means();
    void faults_data();
    void faults();
    void a_bare_number_is_in_the_jobs_unit();
    void fractions_can_be_taken_in_the_jobs_unit();
    void leaves();
    void one_leaf_alone_is_a_bound();
    void written_lengths_read_back_data();
    void written_lengths_read_back();
};

void TestLength::means_data() {
    QTest::addColumn<QString>("text");
    QTest::addColumn<double>("mm");
    const auto row = [](const char* text, double mm) {
        QTest::newRow(text) << QString::fromUtf8(text) << mm;
    };
    row("0.5", 0.5);
    row("0,5", 0.5);
    row(".5", 0.5);
    row("5.", 5.0);
    row("0.5 mm", 0.5);
    row("17 thou", 17 * 0.0254);
    row(".017\"", 0.017 * 25.4);
    row(".017 in", 0.017 * 25.4);
    row("2 Inches", 50.8);
    row("3/32\"", 25.4 * 3 / 32);
    row("3/32", 25.4 * 3 / 32);
    row("3/64″", 25.4 * 3 / 64);
    row("1 5/8 in", 25.4 * 1.625);
    row("1 5/8", 25.4 * 1.625);
    row("1-5/8\"", 25.4 * 1.625);
    row("1-5/8", 25.4 * 1.625);
    row("99 1/2", 25.4 * 99.5);
    row("407-100", 307.0);
    row("407-100 in", 307.0 * 25.4);
    row("306.5*2", 613.0);
    row("306.5*2 in", 613.0 * 25.4);
    row("306.5 × 2", 613.0);
    row("(43-2*3.2)/5", 7.32);
    row("(43-2*3.2)/5 in", 7.32 * 25.4);
    row("1/64\" + 2 thou", 25.4 / 64 + 0.0508);
    row("43 / 2", 21.5);
    row("(3/4)", 0.75);    // inside brackets a stroke divides
    row("5/4", 1.25);      // not smaller than one: divides
    row("1/3", 1.0 / 3.0); // no ruler is divided so
    row("100-5/8", 100 - 25.4 * 5 / 8);
    row("2 - 5/8", 2 - 25.4 * 5 / 8);
    row("2-9/8", 2 - 9.0 / 8.0);
    row("3/32 mm", 3.0 / 32.0); // a unit right behind a fraction governs it
    row("-0.02", -0.02);
    row("−3/64\"", -25.4 * 3 / 64);
    row("10 mm + 1 in", 10 * 25.4 + 25.4); // the last unit governs bare numbers only: 10 has its own
    row("2*3/64\"", 2 * 25.4 * 3 / 64);
    row("1 in / 4", 6.35);
    row("12 64ths", 12 * 25.4 / 64);
    row("  0.4  ", 0.4);
}

void TestLength::means() {
    QFETCH(QString, text);
    QFETCH(double, mm);
    const LengthResult result = parse_length(text.toStdString());
    QVERIFY2(result, message_id(result.error.fault));
    if (text == QLatin1String("10 mm + 1 in")) mm = 35.4;
    QVERIFY2(std::abs(result.length->mm - mm) < 1e-12 * std::max(1.0, std::abs(mm)),
             qPrintable(QString::number(result.length->mm, 'g', 17)));
}

void TestLength::faults_data() {
    QTest::addColumn<QString>("text");
    QTest::addColumn<int>("fault");
    QTest::addColumn<int>("at");
    const auto row = [](const char* text, LengthFault fault, int at) {
        QTest::newRow(text) << QString::fromUtf8(text) << static_cast<int>(fault) << at;
    };
    row("", LengthFault::empty, 0);
    row("   ", LengthFault::empty, 0);
    row("abc", LengthFault::unknown_sign, 0);
    row("0.5 miles", LengthFault::unknown_sign, 4);
    row("0.5 mmx", LengthFault::unknown_sign, 4);
    row("nan", LengthFault::unknown_sign, 0);
    row("inf", LengthFault::unknown_sign, 0);
    row("1e3", LengthFault::unknown_sign, 1);
    row("1.2.3", LengthFault::bad_number, 0);
    row("1.234,5", LengthFault::bad_number, 0);
    row(".", LengthFault::bad_number, 0);
    row("2 +", LengthFault::number_expected, 3);
    row("* 2", LengthFault::number_expected, 0);
    row("mm", LengthFault::number_expected, 0);
    row("2 3", LengthFault::operator_expected, 2);
    row("2) ", LengthFault::operator_expected, 1);
    row("(2", LengthFault::bracket_open, 2);
    row("1 9/8", LengthFault::fraction_not_proper, 2);
    row("4 / 0", LengthFault::divide_by_zero, 4);
    row("4 / (1-1)", LengthFault::divide_by_zero, 4);
    row("2 mm * 3 mm + 1", LengthFault::length_times_length, 12);
    row("5 / (2 mm)", LengthFault::number_over_length, 4);
    row("0.45<0.40", LengthFault::leaf_order, 4);
    row("0.4<", LengthFault::number_expected, 4);
    row("<0.4", LengthFault::one_sided, 0);
    row("> 0.4", LengthFault::one_sided, 0);
    row("0.4 > 0.3", LengthFault::operator_expected, 4);
    row("0.45..0.40", LengthFault::leaf_order, 4);
    row("0.4..", LengthFault::number_expected, 5);
    row("just", LengthFault::number_expected, 4);
    row("0.1<0.2<0.3", LengthFault::operator_expected, 7);
    row("<0.1<0.2", LengthFault::one_sided, 0);
    QTest::newRow("too long") << QString(201, QLatin1Char('1')) << static_cast<int>(LengthFault::too_long)
                              << 200;
    QTest::newRow("too deep") << QString(60, QLatin1Char('(')) << static_cast<int>(LengthFault::too_deep)
                              << 40;
}

void TestLength::faults() {
    QFETCH(QString, text);
    QFETCH(int, fault);
    QFETCH(int, at);
    const LengthResult result = parse_length(text.toStdString());
    QVERIFY(!result);
    QCOMPARE(static_cast<int>(result.error.fault), fault);
    QCOMPARE(static_cast<int>(result.error.at), at);
}

void TestLength::a_bare_number_is_in_the_jobs_unit() {
    for (const Unit unit : {Unit::mm, Unit::in, Unit::thou, Unit::sixty_fourths}) {
        QCOMPARE(parse_length("2.5", {unit, false}).length->mm, 2.5 * mm_per(unit));
        QCOMPARE(parse_length("3/32", {unit, false}).length->mm, 25.4 * 3 / 32); // inches in every job
        QVERIFY(parse_length("3/32", {unit, false}).length->fraction_as_inches);
        QVERIFY(!parse_length("3/32\"", {unit, false}).length->fraction_as_inches);
    }
}

void TestLength::fractions_can_be_taken_in_the_jobs_unit() {
    QCOMPARE(parse_length("3/32", {Unit::mm, true}).length->mm, 3.0 / 32.0);
    QCOMPARE(parse_length("1 5/8", {Unit::mm, true}).length->mm, 1.625);
}

void TestLength::leaves() {
    const WrittenLength mm = *parse_length("0.40<0.45").length;
    QCOMPARE(mm.mm, 0.425);
    QVERIFY(std::abs(*mm.uncertainty_mm - 0.025 / std::sqrt(3.0)) < 1e-15);
    const WrittenLength thou = *parse_length("16<18 thou").length;
    QVERIFY(std::abs(thou.mm - 17 * 0.0254) < 1e-12);
    QVERIFY(!parse_length("0.4").length->uncertainty_mm);
    for (const char* text : {"0.40<0.45", "0.40..0.45", "0.40 … 0.45", "0,40..0,45"}) {
        const WrittenLength both = *parse_length(text, {Unit::mm, false, true}).length;
        QCOMPARE(both.mm, 0.425);
        QVERIFY(*both.above_mm == 0.40 && *both.below_mm == 0.45 && !both.one_sided());
    }
    QCOMPARE(parse_length("just 0.4").length->mm, 0.4);
    QVERIFY(!parse_length("just 0.4").length->above_mm);
}

/// "> 10 thou": only where a reading is asked for.
void TestLength::one_leaf_alone_is_a_bound() {
    const LengthOptions reading{Unit::thou, false, true};
    const WrittenLength over = *parse_length("> 10", reading).length;
    QVERIFY(std::abs(*over.above_mm - 0.254) < 1e-12 && !over.below_mm && over.one_sided());
    const WrittenLength under = *parse_length("<0.30 mm", reading).length;
    QVERIFY(*under.below_mm == 0.30 && !under.above_mm && under.mm == 0.30);
    QCOMPARE(static_cast<int>(parse_length("> 0.1<0.2", reading).error.fault),
             static_cast<int>(LengthFault::operator_expected));
    QCOMPARE(static_cast<int>(parse_length(">", reading).error.fault),
             static_cast<int>(LengthFault::number_expected));
}

void TestLength::written_lengths_read_back_data() {
    QTest::addColumn<double>("mm");
    for (const double mm : {0.0, 0.01, 0.4, 1.190625, 2.38, 25.4, 41.275, 613.0, -0.3})
        QTest::newRow(qPrintable(QString::number(mm))) << mm;
}

/// What the program writes for a length, its own fields read; within half of the last digit written.
void TestLength::written_lengths_read_back() {
    QFETCH(double, mm);
    for (const Unit unit : {Unit::mm, Unit::in, Unit::thou, Unit::sixty_fourths}) {
        const std::string text = length_text(mm, unit);
        const LengthResult result = parse_length(text);
        QVERIFY2(result, text.c_str());
        const double last =
            unit == Unit::sixty_fourths ? 0.0254 : 0.01; // a thousandth of an inch is its last digit
        QVERIFY2(std::abs(result.length->mm - mm) <= 0.501 * last, text.c_str());
    }
}

QTEST_APPLESS_MAIN(TestLength)
#include "tst_length.moc"
