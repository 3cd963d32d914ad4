#pragma once
// What a tuner's readings say of a string: the stiffness of its ends, and with enough of them its stretch.
// Source: docs/mathematics.md, "Fit to the instrument".
#include "core/found/as_found.h"
#include "core/found/cents_rounds.h"

#include <optional>
#include <vector>

namespace fm {

/// A fitted value and one standard deviation of it.
struct Fitted {
    double value = 0;
    double standard = 0;
};

struct FitResidual {
    int fret = 0;
    double measured_cents = 0; ///< against the open string: readings against the harmonic are converted
    double before_cents = 0;   ///< the model with the usual values, less what was measured
    double after_cents = 0;    ///< the model as fitted, less what was measured
};

struct Fit {
    Fitted end_stiffness;
    std::optional<Fitted> stretch_stiffness_n; ///< only from six or more readings spread over the neck
    std::vector<FitResidual> residuals;
    double rms_before_cents = 0;
    double rms_after_cents = 0;
    double correlation = 0;     ///< of the two, −1 … 1; near either end they cannot be told apart
    bool crown_known = false;   ///< where it stood was measured: else this may be shown, not used
    std::vector<Message> notes; ///< the conditioning, said aloud
};

/// Fits one string to its readings that count, its crown where it was measured; else where the design has it.
/// @param readings cents at two or more frets @returns nothing with fewer, or for a string that cannot sound
std::optional<Fit> fit(const Design& design, const Solution& target, const ReadingLog& entries,
                       std::size_t string);

/// How far the crown moves for end stiffness from 0 to 0.5: how well it can be predicted [mm].
struct CrownRange {
    double at_0_mm = 0;
    double at_half_mm = 0;
};
std::optional<CrownRange> crown_range(const Design& design, const Solution& solution, std::size_t string);

/// How far to move a crown for a reading at fret 12 against the open string, aimed `flat_cents` flat on
/// purpose [mm,
/// + lengthens]. Source: docs/mathematics.md, "Moving a crown".
double crown_move_mm(const StringOnNeck& string, double cents, double flat_cents);

} // namespace fm
