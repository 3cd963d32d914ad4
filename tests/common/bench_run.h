#pragma once
// Kittiwake set up at the bench of the real window, with the simulated gauge over its pseudo-terminal.
#include "common/run.h"
#include "common/window.h"
#include "core/words/word_of.h"
#include "ui/bench/bench_gauge.h"
#include "ui/bench/bench_view.h"

#include <QSignalSpy>

namespace fm::test {

constexpr double bench_u_mm = 0.015;

/// A person at the number pad who presses + until the program says that all is there.
class BenchRun {
public:
    explicit BenchRun(MainWindow& window) : window_(window) {}

    /// Starts the simulated gauge on the open job. @returns whether it is heard
    bool begin(unsigned seed, double took = 1) {
        window_.go_to_bench(BenchPart::relief);
        bench().gauge()->program = program("fair-measure-gauge");
        bench().gauge()->serial().set_press_silence_ms(0);
        window_.session().save();
        bench().gauge()->simulate(window_.session().path(),
                                  {QStringLiteral("--seed"), QString::number(seed), QStringLiteral("--took"),
                                   QString::number(took)});
        return QTest::qWaitFor([this] { return bench().gauge()->serial().is_open(); });
    }
    /// Relief, saddle, nut. @returns what did not go as it should, "" if all did
    QString set_up() {
        for (const BenchPart part : {BenchPart::relief, BenchPart::saddle, BenchPart::nut}) {
            window_.go_to_bench(part);
            const QString fault = works();
            if (!fault.isEmpty()) return fault;
        }
        return {};
    }
    /// Called after every reading kept, before the next.
    std::function<void()> after_reading = [] {};
    int overshoots() const { return overshoots_; }
    int overshoots_told() const { return overshoots_told_; }

    BenchView& bench() { return *window_.bench(); }
    /// The true gap of a string and what it should be.
    std::pair<double, double> truth(BenchPart part, std::size_t string) {
        const auto count = window_.session().state().job.design.strings.size();
        const QByteArray answer = bench().gauge()->ask("truth " + QByteArray(word_of(part).data()) + ' ' +
                                                       QByteArray::number(count - string));
        const QList<QByteArray> words = answer.simplified().split(' ');
        return words.size() == 3 ? std::pair(words[0].toDouble(), words[2].toDouble()) : std::pair(99.0, 0.0);
    }

private:
    bool all_there() {
        const auto& filings = bench().worker().filings();
        return !bench().worker().whole() && std::all_of(filings.begin(), filings.end(),
                                                        [](const Filing& filing) { return filing.done(); });
    }
    QString works() {
        for (int step = 0; step < 600; ++step) {
            if (all_there()) return {};
            const Filing was = *bench().worker().in_hand();
            const bool whole = bench().worker().whole().has_value();
            if (was.state == FilingState::too_deep) {
                mend(was);
                continue;
            }
            QSignalSpy kept(&bench().worker(), &BenchWorker::kept);
            QTest::keyClick(bench().field(), Qt::Key_Plus);
            if (whole) continue;
            if (kept.isEmpty() && !kept.wait(5000)) {
                // A gap next to nothing looks like one in the other unit: it is asked about, and it is as it
                // is.
                if (bench().message().isEmpty()) return QStringLiteral("no reading came");
                QTest::keyClick(bench().field(), Qt::Key_Slash);
                if (kept.isEmpty()) return QStringLiteral("stuck: ") + bench().message();
            }
            count(was);
            after_reading();
        }
        return QStringLiteral("it did not end");
    }
    /// Too deep: filled or packed as the bench says, told, and read again.
    void mend(const Filing& was) {
        const auto count = window_.session().state().job.design.strings.size();
        if (bench().worker().part() == BenchPart::nut)
            bench().gauge()->tell("filled " + QByteArray::number(count - was.string) + ' ' +
                                  QByteArray::number(0.2 - was.all_mm, 'f', 6));
        else
            bench().gauge()->tell("lowered saddle " + QByteArray::number(was.all_mm, 'f', 6) + ' ' +
                                  QByteArray::number(was.all_mm, 'f', 6));
        QTest::keyClick(bench().field(), Qt::Key_Return, Qt::ControlModifier);
    }
    /// Whether a reading below the target by more than two standard deviations was told.
    void count(const Filing& was) {
        if (bench().worker().part() != BenchPart::nut || was.state != FilingState::to_file) return;
        const ReadingEntry& entry = window_.session().state().job.readings.back();
        if (*entry.strings[was.string].open_gap_fret1_mm >= was.wanted_mm - 2 * bench_u_mm) return;
        ++overshoots_;
        overshoots_told_ += bench().worker().in_hand()->string == was.string && bench().words().warning;
    }

    MainWindow& window_;
    int overshoots_ = 0;
    int overshoots_told_ = 0;
};

} // namespace fm::test
