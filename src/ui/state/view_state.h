#pragma once
#include "core/found/readings.h"

#include <array>
#include <cstddef>
#include <optional>
#include <string_view>

namespace fm {

/// The stations there are, in the order of the work.
enum class Station { survey, neck, strings, nut, saddle, bridge, intonation, sheets, record };
/// What they are called where a person does not read it: settings, the command line.
constexpr std::array<std::string_view, 9> words_of(Station) {
    return {"survey", "neck", "strings", "nut", "saddle", "bridge", "intonation", "sheets", "record"};
}
inline constexpr std::size_t station_count = words_of(Station{}).size();
/// The part of a station that is worked on at the bench, if it has one.
constexpr std::optional<BenchPart> bench_part(Station station) {
    switch (station) {
    case Station::neck: return BenchPart::relief;
    case Station::nut: return BenchPart::nut;
    case Station::saddle: return BenchPart::saddle;
    default: return std::nullopt;
    }
}
enum class Datum { seat, board, frets, blank_top };
enum class CutStage { blank, fitted };
enum class NutSide { found, target };
/// What the board shows of every string and fret.
enum class BoardMeasure { cents, headroom, open_gap, behind_finger };

/// The key of a slot's floor measured over that datum.
constexpr const char* key_of(Datum datum) {
    switch (datum) {
    case Datum::seat: return "floor_above_seat_mm";
    case Datum::board: return "floor_over_board_mm";
    case Datum::frets: return "floor_over_frets_mm";
    case Datum::blank_top: return "floor_below_blank_top_mm";
    }
    return "";
}

/// What fills the window beside the path: a station, or a page in its place.
enum class Page { station, board, verdict, plan, heard };

/// How a station is looked at: belongs to the window, not to the job.
struct ViewState {
    Station station = Station::nut;
    std::size_t string = 0; ///< chosen string, from the bass
    int fret = 1;           ///< chosen fret, on the neck
    std::size_t point = 0;  ///< chosen point of the survey
    ReadingGauges gauges;   ///< what the next readings are taken with, where that was chosen
    Datum datum = Datum::seat;
    CutStage stage = CutStage::blank;
    NutSide side = NutSide::target;
    bool behind = false;  ///< what lies behind the nut instead of the nut
    bool placing = false; ///< the bridge's place instead of the bridge
    bool table = false;   ///< the drawing's values as a table
    Page page = Page::station;
    BoardMeasure measure = BoardMeasure::cents;

    friend bool operator==(const ViewState&, const ViewState&) = default;
};

} // namespace fm
