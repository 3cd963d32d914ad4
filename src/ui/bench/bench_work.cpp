#include "ui/bench/bench_work.h"

#include "core/design/inputs.h"
#include "core/words/word_of.h"
#include "job/read/story.h"
#include "settings/settings.h"
#include "ui/look/texts.h"
#include "ui/state/record_time.h"

#include <QDateTime>

#include <algorithm>
#include <cmath>

namespace fm {

namespace {
constexpr int most_eighths = 4;  // half a turn at once is more than any rod should be given
constexpr double proud_mm = 0.2; // a filled slot is filled proud and cut anew
} // namespace

BenchWorker::BenchWorker(Session& session, QObject* parent) : QObject(parent), session_(session) {}

void BenchWorker::begin(BenchPart part) {
    part_ = part;
    from_entry_ = entries();
    turned_ = 0;
    refresh();
}

void BenchWorker::refresh() {
    const State& state = session_.state();
    const Design& design = state.job.design;
    const ReadingLog& readings = state.job.readings;
    // A shop that knows its hand adds this sitting's passes; else all of this job's are looked at.
    const Hand& known = session_.workshop().bench().hand(part_);
    const std::size_t from = known.passes > 0 ? from_entry_ : 0;
    hand_ = hand_of(pass_outcomes(design, state.written, readings, part_, from), known);
    filings_ = filing_of(design, state.written, readings, part_, hand_);
    whole_ = whole_first(design, state.written, readings, part_);
    const auto chosen = remembered_choice();
    place_ = chosen
                 ? *chosen
                 : filing_in_hand(filings_, readings, part_, session_.workshop().bench().order).value_or(0);
}

const Filing* BenchWorker::in_hand() const {
    return place_ < filings_.size() ? &filings_[place_] : nullptr;
}

std::optional<int> BenchWorker::rod_turn() const {
    const Filing* filing = in_hand();
    if (part_ != BenchPart::relief || !filing) return std::nullopt;
    return rod_turn_eighths(session_.state().job.design, session_.state().job.readings, filing->pass_mm);
}

std::string BenchWorker::gauge() const {
    return gauge_.empty() ? typed_gauge() : gauge_;
}

std::string BenchWorker::typed_gauge() const {
    const ReadingGauges& found = session_.state().found.gauges;
    const std::string& word = part_ == BenchPart::nut      ? found.nut
                              : part_ == BenchPart::saddle ? found.action
                                                           : found.relief;
    if (!word.empty()) return word;
    return part_ == BenchPart::saddle ? "half_mm_rule" : "feeler";
}

void BenchWorker::set_gauge(const std::string& word, std::optional<double> u_mm) {
    gauge_ = word;
    gauge_u_mm_ = u_mm;
}

void BenchWorker::turn(int eighths) {
    turned_ = std::clamp(eighths, -most_eighths, most_eighths);
}

QString BenchWorker::commit(const QString& name, const BenchEntry& entry) {
    const State& state = session_.state();
    const auto problems =
        session_.commit(name, with_bench_entry(session_.document(), state.job.design, state.job.readings,
                                               entry, time_of_record()));
    if (!problems.empty()) return session_.told(problems);
    // Readings of other stations come after this one.
    session_.begin_sitting(
        QDateTime::currentDateTime().addMSecs(1).toString(QStringLiteral("yyyy-MM-ddTHH:mm:ss.zzz")));
    steps_.push_back(session_.undo_stack()->index());
    settings::forget_bench_choice();
    turned_ = 0;
    session_.save();
    refresh();
    return {};
}

QString BenchWorker::keep(double mm, std::optional<double> u_mm, ReadBy by) {
    const Filing* filing = in_hand();
    if (!filing) return {};
    BenchEntry entry;
    entry.read_mm = mm;
    const bool by_gauge = by == ReadBy::gauge && !gauge_.empty();
    entry.gauge = by_gauge ? gauge_ : typed_gauge();
    entry.work.part = part_;
    entry.work.u_mm = u_mm || !by_gauge ? u_mm : gauge_u_mm_;
    if (part_ == BenchPart::relief)
        entry.work.turned_eighths = turned_;
    else {
        entry.work.string = filing->string;
        if (filing->state == FilingState::to_file) entry.work.wanted_mm = filing->pass_mm;
    }
    const Job& job = session_.state().job;
    const QString name =
        part_ == BenchPart::relief
            ? tr("relief read, %1").arg(length_with_unit(mm, job.units.of(length_kind_of(part_))))
            : tr("reading %1, %2")
                  .arg(QString::fromStdString(job.design.string_name(filing->string)),
                       length_with_unit(mm, job.units.of(length_kind_of(part_))));
    QString problem = commit(name, entry);
    if (problem.isEmpty()) Q_EMIT kept();
    return problem;
}

QString BenchWorker::whole_done() {
    if (!whole_) return {};
    BenchEntry entry;
    entry.work.part = part_;
    entry.work.whole_mm = whole_;
    const Unit unit = session_.state().job.units.of(length_kind_of(part_));
    const QString name = part_ == BenchPart::nut
                             ? tr("nut shimmed by %1").arg(length_with_unit(-whole_->bass_mm, unit))
                         : session_.state().job.design.saddle.by_screws() ? tr("screws turned")
                         : whole_->bass_mm < 0                            ? tr("saddle raised")
                                                                          : tr("saddle's bottom taken down");
    return commit(name, entry);
}

QString BenchWorker::raised() {
    const Filing* filing = in_hand();
    if (!filing || filing->state != FilingState::too_deep) return {};
    const double by_mm = -filing->all_mm + proud_mm;
    BenchEntry entry;
    entry.work.part = part_;
    const bool screws = part_ == BenchPart::saddle && session_.state().job.design.saddle.by_screws();
    if (part_ == BenchPart::saddle && !screws)
        entry.work.whole_mm = EdgeMargins{filing->all_mm, filing->all_mm};
    else if (screws) {
        entry.work.string = filing->string;
        entry.work.wanted_mm = filing->all_mm; // turned up by exactly that: nothing is left proud
    } else {
        entry.work.string = filing->string;
        entry.work.wanted_mm = -by_mm;
    }
    const QString string = QString::fromStdString(session_.state().job.design.string_name(filing->string));
    return commit(screws                       ? tr("saddle of %1 turned up").arg(string)
                  : part_ == BenchPart::saddle ? tr("saddle packed")
                                               : tr("slot of %1 filled").arg(string),
                  entry);
}

QString BenchWorker::take_back() {
    QUndoStack* stack = session_.undo_stack();
    if (!steps_.empty() && steps_.back() == stack->index()) {
        steps_.pop_back();
        stack->undo();
    } else if (ends_at_bench(session_.document())) {
        // Of an earlier sitting: an entry that takes its place and says nothing.
        const auto problems =
            session_.commit(tr("reading taken back"),
                            without_reading(session_.document(), entries() - 1, "taken back at the bench"));
        if (!problems.empty()) return session_.told(problems);
        steps_.clear();
    } else
        return tr("Nothing was read at the bench last: there is nothing to take back");
    settings::forget_bench_choice();
    session_.save();
    refresh();
    return {};
}

void BenchWorker::next_string() {
    if (filings_.size() < 2) return;
    const FilingHabit habit = session_.workshop().bench().order;
    // With nothing left to do the strings are still walked through.
    place_ =
        next_filing(filings_, place_, habit)
            .value_or(habit == FilingHabit::treble_to_bass ? (place_ + filings_.size() - 1) % filings_.size()
                                                           : (place_ + 1) % filings_.size());
    remember_choice();
}

void BenchWorker::choose(std::size_t string) {
    for (std::size_t i = 0; i < filings_.size(); ++i)
        if (filings_[i].string == string && part_ != BenchPart::relief) {
            place_ = i;
            remember_choice();
        }
}

void BenchWorker::remember_choice() const {
    settings::keep_bench_choice(
        {.job = session_.path(), .part = part_, .readings = entries(), .place = place_});
}

std::optional<std::size_t> BenchWorker::remembered_choice() const {
    const auto kept = settings::bench_choice();
    const bool holds =
        kept && kept->job == session_.path() && kept->part == part_ && kept->readings == entries();
    return holds && kept->place < filings_.size() ? std::optional(kept->place) : std::nullopt;
}

std::optional<double> BenchWorker::in_other_unit(double mm) const {
    const Filing* filing = in_hand();
    if (!filing || part_ == BenchPart::relief) return std::nullopt;
    const double expected_mm =
        filing->now_mm ? filing->stop_mm() : filing->expected_mm.value_or(filing->wanted_mm);
    if (expected_mm <= 0) return std::nullopt;
    // Far off as it stands, and near if it was read in the other unit: a factor of 25 is never a matter of
    // filing.
    constexpr double far = 3;
    constexpr double near = 1.7;
    const auto apart = [&](double value) { return std::max(value / expected_mm, expected_mm / value); };
    if (mm <= 0 || apart(mm) < far) return std::nullopt;
    for (const double other_mm : {mm * mm_per_inch, mm / mm_per_inch})
        if (apart(other_mm) < near) return other_mm;
    return std::nullopt;
}

void BenchWorker::keep_hand() {
    if (part_ == BenchPart::relief || session_.workshop().folder().isEmpty() || !session_.is_open()) return;
    const State& state = session_.state();
    const auto passes =
        pass_outcomes(state.job.design, state.written, state.job.readings, part_, from_entry_);
    BenchHabits habits = session_.workshop().bench();
    Hand& known = part_ == BenchPart::nut ? habits.nut_hand : habits.saddle_hand;
    const Hand learned = hand_of(passes, known);
    from_entry_ = entries();
    if (learned.passes == known.passes) return;
    known = learned;
    try {
        keep_bench(session_.workshop().folder(), habits);
        session_.set_workshop(Workshop(session_.workshop().folder()));
    } catch (const InputError&) {
        // A shop that cannot be written to learns nothing; the job holds its passes all the same.
    }
}

} // namespace fm
