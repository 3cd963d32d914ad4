// How often a plan leaves alone what is right, and sees what is wrong: instruments read again and again with
// the usual gauges and their scatter, from a seed.
//   figures-plan [TRIALS [SEED]]
#include "common/read_again.h"

#include <cstdio>
#include <cstdlib>

using namespace fm;
using namespace fm::test;

int main(int argc, char** argv) {
    const int trials = argc > 1 ? std::atoi(argv[1]) : 1000;
    const auto seed = static_cast<unsigned>(argc > 2 ? std::atoi(argv[2]) : 1);
    const auto percent = [trials](int count) { return 100.0 * count / trials; };
    std::printf("%d plans each, seed %u, in %%\n", trials, seed);
    std::printf("%-12s %-8s %28s %20s %18s\n", "", "", "right: left relief/saddle/nut", "a slot 0.16 high",
                "actions 0.5 high");
    for (const char* demo : {"kittiwake", "curlew", "teal", "lantern"})
        for (const NutReadBy by : {NutReadBy::open, NutReadBy::pressed}) {
            ReadAgain instrument(demo, by, seed);
            const LeftCount right = instrument.trials(trials, {});
            const LeftCount slot = instrument.trials(trials, {0.16, instrument.strings() / 2, 0});
            const LeftCount actions = instrument.trials(trials, {0, std::nullopt, 0.5});
            std::printf("%-12s %-8s %13.1f %6.1f %6.1f %17.1f %18.1f\n", demo,
                        by == NutReadBy::open ? "open" : "pressed", percent(right.relief),
                        percent(right.saddle), percent(right.nut), percent(slot.slot_filed),
                        percent(actions.saddle_lowered));
        }
    return 0;
}
