#pragma once
#include <cstddef>

namespace fm {

enum class Datum { seat, board, frets, blank_top };
enum class CutStage { blank, fitted };
enum class NutSide { found, target };

/// How a station is looked at: belongs to the window, not to the job.
struct ViewState {
    std::size_t string = 0; ///< chosen string, from the bass
    Datum datum = Datum::seat;
    CutStage stage = CutStage::blank;
    NutSide side = NutSide::target;
};

} // namespace fm
