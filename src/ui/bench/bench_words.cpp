#include "ui/bench/bench_words.h"

#include "core/shop/tools.h"
#include "settings/settings.h"
#include "ui/bench/bench_view.h"
#include "ui/field/decision_bar.h"
#include "ui/field/stop_bar.h"
#include "ui/look/texts.h"

#include <algorithm>
#include <cmath>

namespace fm {

namespace {

/// A length for one glance; the smallest passes with one more decimal, so that they do not read as nothing.
QString big_number(double mm, Unit unit) {
    if (unit == Unit::mm && std::abs(mm) < 0.0095) return number_text(mm, 3);
    return length_number(mm, unit).section(QLatin1Char('\n'), 0, 0);
}

QString unit_words(double mm, Unit unit) {
    if (unit != Unit::sixty_fourths) return unit_text(unit);
    const QString lines = length_number(mm, unit);
    return lines.endsWith(QLatin1String("thou")) && !lines.contains(QLatin1Char('\n'))
               ? QString() // less than a sixty-fourth is said in thousandths
               : QStringLiteral("″ ") + lines.section(QLatin1Char('\n'), 1);
}

QString course_words(const Design& design, std::size_t string) {
    const auto starts = course_starts(design.strings);
    if (starts.size() == design.strings.size()) return {};
    std::size_t course = 0;
    while (course + 1 < starts.size() && starts[course + 1] <= string) ++course;
    const std::size_t next = course + 1 < starts.size() ? starts[course + 1] : design.strings.size();
    const QString number = QString::number(starts.size() - course);
    if (next - starts[course] < 2) return BenchView::tr("course %1").arg(number);
    return (string == starts[course] ? BenchView::tr("course %1, low") : BenchView::tr("course %1, high"))
        .arg(number);
}

QString file_words(const Session& session, std::size_t i) {
    const Design& design = session.state().job.design;
    const StringDesign& string = design.strings[i];
    const FileChoice file =
        file_for_slot(session.tools().nut_files_mm, string.diameter_mm,
                      design.nut.slot_clearance_mm.of(string.wound), design.nut.file_over_mm);
    if (file.fit == FileFit::unlisted) return BenchView::tr("the shop's files are not listed");
    if (file.fit == FileFit::none) return BenchView::tr("no file of the shop fits");
    QString width = length_short(file.width_mm, session.state().job.units.small());
    if (const std::string_view name = session.tools().name_of_file(file.width_mm); !name.empty())
        width +=
            QStringLiteral(" (%1)").arg(QString::fromUtf8(name.data(), static_cast<qsizetype>(name.size())));
    return file.fit == FileFit::fits ? BenchView::tr("file %1").arg(width)
                                     : BenchView::tr("file %1, rocked").arg(width);
}

/// Leaves on the board that stop the file at the end of this pass.
QString leaves_words(const Session& session, const Filing& filing) {
    const SlotWork& slot = session.state().solution.strings[filing.string].slot;
    const double floor_mm = slot.floor_over_board_mm + filing.all_mm - filing.pass_mm;
    const auto stack = feeler_stack(session.tools().feelers_mm, floor_mm);
    if (!stack) return {};
    QStringList leaves;
    for (const double leaf : stack->leaves_mm) leaves << length_short(leaf, session.state().job.units.gap());
    return BenchView::tr("Leaves on the board under the file: %1.").arg(leaves.join(QStringLiteral(" + ")));
}

QString hand_words(const Hand& hand, const Filing& filing, Unit unit) {
    if (filing.by_gauge_mm - filing.pass_mm < 0.005) return {};
    return BenchView::tr("The gauge alone would allow %1; this hand took %2 of its passes, give or take %3.")
        .arg(length_with_unit(filing.by_gauge_mm, unit), number_text(hand.took, 2),
             number_text(hand.scatter, 2));
}

QString too_deep_words(const Session& session, const BenchWorker& bench, const Filing& filing) {
    const Unit unit = session.state().job.units.of(length_kind_of(bench.part()));
    const double missing_mm = -filing.all_mm;
    if (bench.part() == BenchPart::saddle && session.state().job.design.saddle.by_screws())
        return BenchView::tr("Read again to be sure. Turn it up at the screw by %1 (Ctrl+Enter when it is).")
            .arg(length_with_unit(missing_mm, unit));
    if (bench.part() == BenchPart::saddle)
        return BenchView::tr(
                   "Read again to be sure. Packing under the saddle by %1 (Ctrl+Enter when it is in), or a "
                   "new saddle.")
            .arg(length_with_unit(missing_mm, unit));
    const double shim_mm = shim_of_raise_mm(missing_mm, session.state().job.design.nut.shim_step_mm);
    return BenchView::tr(
               "Read again to be sure. Fill the slot by %1 or more (Ctrl+Enter when it is filled), or lift "
               "the nut by %2. "
               "The nut station weighs it up.")
        .arg(length_with_unit(missing_mm, unit), length_with_unit(shim_mm, unit));
}

/// Where this part stands on the way: what should have come first, why its mark is not the one wanted, and
/// where it leads on.
void say_way(BenchWords& words, const State& state, const BenchWorker& bench, const Filing& filing,
             Unit unit) {
    const BenchPart part = bench.part();
    words.all_there = !bench.whole() && std::all_of(bench.filings().begin(), bench.filings().end(),
                                                    [](const Filing& each) { return each.done(); });
    if (!state.plan) return;
    const Plan& plan = *state.plan;
    if (const auto skipped = skipped_before(plan, settings::plan_order(), part);
        skipped && !words.all_there) {
        words.leads_to = skipped;
        words.first = BenchView::tr("▲ First %1: it moves what is read here").arg(part_name(*skipped));
    } else if (words.all_there) {
        const auto next = next_part(plan, settings::plan_order());
        if (next != part) words.leads_to = next;
    }
    if (part == BenchPart::relief || bench.whole()) return;
    const double in_the_end_mm = way_of(state.job.design, part).of(state.written.strings[filing.string]);
    QStringList still;
    for (const BenchPart each : {BenchPart::relief, BenchPart::saddle, BenchPart::nut})
        if (each != part && is_work(plan, each)) still << part_name(each);
    if (still.isEmpty() || std::abs(filing.wanted_mm - in_the_end_mm) < least_read_mm) return;
    words.apart = BenchView::tr("%1 here becomes %2 after these steps: %3")
                      .arg(length_with_unit(filing.wanted_mm, unit), length_with_unit(in_the_end_mm, unit),
                           still.join(QStringLiteral(", ")));
}

void say_relief(BenchWords& words, const BenchWorker& bench, const Filing& filing, Unit unit,
                const State& state) {
    words.string = BenchView::tr("Relief");
    const std::optional<Relief> at = state.plan ? state.plan->relief.from : state.job.design.neck.relief;
    if (at)
        words.under_string = BenchView::tr("string held at frets %1 and %2, gap read at %3")
                                 .arg(at->from_fret)
                                 .arg(at->to_fret)
                                 .arg(at->at_fret);
    words.field = BenchView::tr("gap under the string");
    words.note = BenchView::tr(
        "Small turns; stop when it binds; know which way it goes. When unsure, a professional.");
    if (filing.state == FilingState::to_read) return;
    words.number = big_number(std::abs(filing.pass_mm), unit);
    words.unit = unit_words(std::abs(filing.pass_mm), unit);
    if (filing.done()) return;
    const bool tighten = filing.pass_mm > 0;
    words.sentence = tighten ? BenchView::tr("less relief: tighten the rod")
                             : BenchView::tr("more relief: loosen the rod");
    const auto turn = bench.rod_turn();
    words.sentence += turn && *turn != 0 ? BenchView::tr(", about %1, then read").arg(turn_words(*turn))
                      : turn             ? BenchView::tr(" by less than an eighth, then read")
                                         : BenchView::tr(" a little, then read");
    if (bench.turned_eighths() != 0)
        words.note =
            BenchView::tr("Turned: %1 %2. + changes it.")
                .arg(turn_words(bench.turned_eighths()),
                     bench.turned_eighths() > 0 ? BenchView::tr("tighter") : BenchView::tr("looser"));
    else
        words.note += QLatin1Char(' ') + BenchView::tr("+ logs the turn, an eighth a press.");
}

/// Two side screws or posts: two numbers, each with its way.
void say_two_screws(BenchWords& words, const SaddleDesign& saddle, const EdgeMargins& down, Unit unit) {
    const Unit told = unit == Unit::sixty_fourths ? Unit::thou : unit; // no room for two remainders
    const auto way = [&](double mm) {
        return (mm < 0 ? QStringLiteral("↑") : QStringLiteral("↓")) + big_number(std::abs(mm), told);
    };
    const bool posts = saddle.height_by == HeightBy::posts;
    words.string = posts ? BenchView::tr("Both posts") : BenchView::tr("Both screws");
    words.number = way(down.bass_mm) + QStringLiteral("  ") + way(down.treble_mm);
    words.unit = unit_text(told);
    words.sentence = BenchView::tr("at the bass, and at the treble");
    if (saddle.screw_pitch_mm)
        words.sentence = BenchView::tr("%1 at the bass, %2 at the treble")
                             .arg(turns_text(down.bass_mm, saddle.screw_pitch_mm),
                                  turns_text(down.treble_mm, saddle.screw_pitch_mm));
    words.note = posts
                     ? BenchView::tr("Posts are never turned under tension: slacken, turn, tune, then read.")
                     : BenchView::tr("Strings under tension: mind the eyes. Slacken, turn, tune, then read.");
}

void say_whole(BenchWords& words, const Design& design, const BenchWorker& bench, Unit unit) {
    const EdgeMargins& off = *bench.whole();
    words.number = big_number(std::abs(off.bass_mm), unit);
    words.unit = unit_words(std::abs(off.bass_mm), unit);
    words.string =
        bench.part() == BenchPart::nut ? BenchView::tr("The whole nut") : BenchView::tr("The whole saddle");
    words.under_string.clear();
    words.number_is_reading = false;
    words.place.clear();
    if (bench.part() == BenchPart::saddle && design.saddle.by_screws())
        return say_two_screws(words, design.saddle, off, unit);
    if (bench.part() == BenchPart::nut && off.bass_mm > 0) {
        words.sentence = BenchView::tr("off the nut's bottom in one, before its slots are filed");
        words.note =
            BenchView::tr("Slacken the strings. Bottom flat and square on the stone; dust: mask. String "
                          "up before reading.");
        return;
    }
    if (bench.part() == BenchPart::nut && design.nut.clamping) {
        words.sentence = BenchView::tr("shims under the whole block");
        words.note = BenchView::tr(
            "Slacken the strings. Shims lie flat under all of it; its screws snug, no more. Lock it "
            "only once it is in tune, then read.");
        return;
    }
    if (bench.part() == BenchPart::nut)
        words.sentence = BenchView::tr("shim under the nut, before its slots are filed");
    else if (off.bass_mm < 0)
        words.sentence = BenchView::tr("packing under the saddle at the bass end, %1 at the treble end")
                             .arg(length_with_unit(-off.treble_mm, unit));
    else
        words.sentence = BenchView::tr("off the saddle's bottom at the bass string, %1 at the treble string")
                             .arg(length_with_unit(off.treble_mm, unit));
    words.note = bench.part() == BenchPart::nut
                     ? BenchView::tr("Slacken the strings. Clean joint; the shim is glued to "
                                     "the nut, not to the seat. Glue: fumes, eyes, fingers.")
                     : BenchView::tr("Slacken the strings. Bottom flat and square on the "
                                     "stone; dust: mask. String up before reading.");
}

/// A string on a screw of its own: to the mark at once, down or up. Under two screws it has none of its own.
void say_screw(BenchWords& words, const SaddleDesign& saddle, const Filing& filing) {
    words.note = BenchView::tr("Strings under tension: mind the eyes. Slacken, turn, tune, then read.");
    if (saddle.by_two_screws()) {
        words.sentence = BenchView::tr("off what the two screws can give: read every string, then turn both");
        return;
    }
    const QString turns = turns_text(filing.pass_mm, saddle.screw_pitch_mm);
    const bool down = filing.pass_mm > 0;
    words.sentence = turns.isEmpty() ? (down ? BenchView::tr("lower at the screw, then tune and read")
                                             : BenchView::tr("raise at the screw, then tune and read"))
                                     : (down ? BenchView::tr("lower at the screw, %1, then tune and read")
                                             : BenchView::tr("raise at the screw, %1, then tune and read"))
                                           .arg(turns);
}

void say_filing(BenchWords& words, const Session& session, const BenchWorker& bench, const Filing& filing,
                Unit unit) {
    words.number = big_number(std::abs(filing.pass_mm), unit);
    words.unit = unit_words(std::abs(filing.pass_mm), unit);
    const bool nut = bench.part() == BenchPart::nut;
    const bool screws = session.state().job.design.saddle.by_screws();
    switch (filing.state) {
    case FilingState::to_read: break;
    case FilingState::to_file:
        if (!nut && screws) return say_screw(words, session.state().job.design.saddle, filing);
        words.sentence = nut ? BenchView::tr("off the slot in this pass, then string up and read")
                             : BenchView::tr("off the top under this string, then string up and read");
        words.note =
            nut ? leaves_words(session, filing) + QLatin1Char(' ') + hand_words(bench.hand(), filing, unit)
                : hand_words(bench.hand(), filing, unit);
        break;
    case FilingState::read_again:
        words.number = big_number(filing.all_mm, unit);
        words.unit = unit_words(filing.all_mm, unit);
        words.sentence = BenchView::tr("over its target: too near to file. Read it once more");
        words.note = BenchView::tr("Each reading makes the mean surer; * leaves the string as it is.");
        break;
    case FilingState::there: words.sentence = BenchView::tr("this string is there"); break;
    case FilingState::left:
        words.number = QStringLiteral("0");
        words.unit.clear();
        words.sentence = BenchView::tr("nothing to do here: left as found, within what the gauge can tell");
        words.note = BenchView::tr("The verdict says why, and lets it be done all the same.");
        break;
    case FilingState::too_deep:
        words.warning = true;
        words.number = big_number(-filing.all_mm, unit);
        words.unit = unit_words(filing.all_mm, unit);
        words.sentence = nut ? BenchView::tr("too deep: so much is missing under the string")
                             : BenchView::tr("too low: so much is missing under the string");
        words.note = too_deep_words(session, bench, filing);
        break;
    }
}

/// What comes before a first reading, where the plan makes a part anew, or fills this slot; "" elsewhere.
QString made_first_words(const State& state, BenchPart part, std::size_t string) {
    if (!state.plan || part == BenchPart::relief) return {};
    const bool screws = state.job.design.saddle.by_screws();
    if (part == BenchPart::saddle)
        return state.plan->saddle.choice == SaddleChoice::renew && !screws
                   ? BenchView::tr("is wanted here: make the new saddle to its sheet, then read")
                   : QString();
    const NutDecision& nut = state.plan->nut.decision;
    if (nut.choice == NutChoice::replace)
        return BenchView::tr("is wanted here: cut the new nut to its sheet, then read");
    if (nut.choice == NutChoice::choose)
        return BenchView::tr("is wanted here: a shim or fillings? The verdict (V) first");
    const bool filled = nut.choice == NutChoice::fill &&
                        std::find(nut.fill.begin(), nut.fill.end(), string) != nut.fill.end();
    return filled ? BenchView::tr("is wanted here: fill this slot first and cut it anew, then read")
                  : QString();
}

} // namespace

QString turn_words(int eighths) {
    switch (std::abs(eighths)) {
    case 1: return BenchView::tr("an eighth of a turn");
    case 2: return BenchView::tr("a quarter turn");
    case 3: return BenchView::tr("three eighths of a turn");
    default: return BenchView::tr("half a turn");
    }
}

BenchWords bench_words(const Session& session, const BenchWorker& bench) {
    const State& state = session.state();
    const Unit unit = state.job.units.of(length_kind_of(bench.part()));
    BenchWords words;
    const bool nut = bench.part() == BenchPart::nut;
    const bool relief = bench.part() == BenchPart::relief;
    words.job = BenchView::tr("%1, %2").arg(QString::fromStdString(state.job.title).left(40),
                                            nut      ? BenchView::tr("nut")
                                            : relief ? BenchView::tr("relief")
                                                     : BenchView::tr("saddle"));
    if (const Stop* stop = stop_at(state.stops, bench.part())) {
        words.stopped = words.warning = true;
        words.number = BenchView::tr("Stop");
        words.sentence = message_text(stop->text, state.job.units);
        words.note = stopped_words();
        return words;
    }
    const Filing* filing = bench.in_hand();
    if (!filing) {
        words.number = QStringLiteral("–");
        words.sentence =
            BenchView::tr("no string has both a nut and an action reading yet: take them at the survey");
        return words;
    }
    const Design& design = state.job.design;
    if (!relief) {
        words.string = QString::fromStdString(design.string_name(filing->string));
        QStringList under;
        for (const QString& each :
             {course_words(design, filing->string), nut ? file_words(session, filing->string) : QString()})
            if (!each.isEmpty()) under << each;
        words.under_string = under.join(QStringLiteral(" · "));
        words.place = BenchView::tr("string %1 of %2").arg(bench.place() + 1).arg(bench.filings().size());
        const ReadingWay way = way_of(design, bench.part());
        words.field = nut          ? (way.open() ? BenchView::tr("gap over fret 1")
                                                 : BenchView::tr("gap over fret 1, pressed at %1").arg(way.held_at))
                      : way.open() ? BenchView::tr("height over fret 12")
                                   : BenchView::tr("over fret 12, capo at 1");
    }
    words.uncertainty =
        QStringLiteral("± ") +
        (unit == Unit::mm ? number_text(filing->gauge_u_mm, 3) : length_with_unit(filing->gauge_u_mm, unit));
    relief ? say_relief(words, bench, *filing, unit, state)
           : say_filing(words, session, bench, *filing, unit);
    if (filing->state == FilingState::to_read) {
        words.number = big_number(filing->expected_mm.value_or(filing->wanted_mm), unit);
        words.unit = unit_words(filing->expected_mm.value_or(filing->wanted_mm), unit);
        words.sentence = BenchView::tr("is what it should read now: read it before the first stroke");
        if (bench.part() == BenchPart::saddle && session.state().job.design.saddle.by_screws())
            words.sentence = BenchView::tr("is what it should read now: read it before the screw is turned");
        const QString first = made_first_words(state, bench.part(), filing->string);
        if (!first.isEmpty()) {
            words.number = big_number(filing->wanted_mm, unit);
            words.unit = unit_words(filing->wanted_mm, unit);
            words.sentence = first;
        }
        if (relief) words.sentence = BenchView::tr("was read last: read it again before the rod is touched");
    }
    if (relief && filing->state == FilingState::left)
        words.sentence = BenchView::tr("nothing to do here: left as found, within what the gauge can tell");
    else if (relief && filing->done())
        words.sentence = BenchView::tr("from what is wanted: the neck is there");
    words.now = filing->now_mm
                    ? (filing->readings > 1 ? BenchView::tr("%1 now, mean of %2") : BenchView::tr("%1 now"))
                          .arg(length_with_unit(*filing->now_mm, unit))
                    : QString();
    if (filing->readings > 1) words.now = words.now.arg(filing->readings);
    const bool to_the_mark = bench.part() == BenchPart::saddle && design.saddle.by_screws();
    words.stop =
        filing->state == FilingState::to_file && !relief && !to_the_mark
            ? BenchView::tr("%1 stop").arg(
                  length_number(filing->stop_mm(), unit).replace(QLatin1Char('\n'), QLatin1Char(' ')))
            : QString();
    words.goal =
        BenchView::tr("%1 wanted")
            .arg(length_number(filing->wanted_mm, unit).replace(QLatin1Char('\n'), QLatin1Char(' ')));
    words.number_is_reading = filing->state == FilingState::to_read;
    if (bench.whole()) say_whole(words, design, bench, unit);
    say_way(words, state, bench, *filing, unit);
    return words;
}

} // namespace fm
