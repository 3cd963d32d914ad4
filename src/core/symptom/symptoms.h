#pragma once
// From what was heard to what is wrong: ranked causes, each with its test and with the size of its effect on
// this very instrument. Source: docs/mathematics.md, "Symptom to cause".
#include "core/found/found_instrument.h"
#include "core/words/symptom.h"
#include "core/words/word_of.h"

#include <optional>
#include <string>
#include <vector>

namespace fm {

struct HeardPlace {
    std::size_t string = 0;
    int fret = 0; ///< where it was fretted; 0: open
};

/// What became of what was heard when a cause's test was made.
enum class TestResult { same, better, gone };
constexpr std::array<std::string_view, 3> words_of(TestResult) {
    return {"same", "better", "gone"};
}
struct TestAnswer {
    std::string cause;
    TestResult result = TestResult::same;
};

struct Heard {
    Symptom symptom = Symptom::open_buzz;
    std::size_t string = 0;
    int fret = 0;                    ///< where it was fretted; 0: open
    std::vector<HeardPlace> also;    ///< everywhere else it was heard, where that was tried
    std::vector<TestAnswer> answers; ///< tests that were made
};

/// How large an effect is, in words and a number of the model.
struct Effect {
    Message text;
    double weight = 0;                           ///< 0 … 1: how well this cause explains what was heard
    std::optional<FoundInstrument::Change> cure; ///< as a change of the instrument, where it is one
};

/// What a cure does to another string.
struct SideEffect {
    std::size_t string = 0;
    double headroom_before_n = 0; ///< the least of the string
    double headroom_after_n = 0;
    double player_force_n = 0;     ///< what this hand plucks it with
    double back_gap_before_mm = 0; ///< the least; 0: none
    double back_gap_after_mm = 0;
};

struct Cause {
    std::string id;      ///< "slot_low"; message id "cause.…"
    std::string test_id; ///< message ids of its test and its cure, by how this instrument is set
    std::string cure_id;
    int test_effort = 1;          ///< 1: a touch … 5: bench work; the cheapest test comes first
    bool stop = false;            ///< structural: no setting up before it is mended
    std::optional<Effect> effect; ///< none: nothing computed speaks for or against it
    double weight = 0;            ///< that it ranks by: with the pattern of places and the tests made
    std::vector<SideEffect> side_effects;
    bool test_is_read = false; ///< its test is a reading that is there already

    /// What its cure would change; none where nothing speaks for it.
    std::optional<FoundInstrument::Change> cure() const {
        return effect && effect->weight > 0.0 ? effect->cure : std::nullopt;
    }
};

struct Diagnosis {
    std::vector<Cause> causes;             ///< the likeliest first
    std::vector<std::size_t> tests;        ///< causes in the order of their tests: the cheapest first
    std::vector<std::string> missing_keys; ///< readings that would help and are not there yet
};

/// @param heard strings and frets inside the design
/// @param found words of the survey's points at which something was found
Diagnosis diagnosis(const Design& design, const Solution& target, const ReadingLog& entries,
                    const Heard& heard, const std::vector<std::string_view>& found = {});

} // namespace fm
