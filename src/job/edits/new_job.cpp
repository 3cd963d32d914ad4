#include "job/edits/new_job.h"

#include "job/document/json.h"
#include "job/edits/assumed_edits.h"

namespace fm {

Value new_job(const std::string& title) {
    constexpr const char* plain = R"({
  "format": "fair-measure-job",
  "version": 1,
  "defaults": 2,
  "title": "",
  "neck": {
    "scale_mm": 600.0, "frets": 20, "body_joint_fret": 14,
    "fret_height_mm": 1.0, "nut_width_mm": 40.0, "end_width_mm": 50.0
  },
  "strings": [ { "pitch": "A3", "diameter_mm": 0.4 } ],
  "nut": {
    "spacing": { "method": "equal_centres", "spread_mm": 32.0 },
    "height": { "method": "open_gap", "bass_mm": 0.45, "treble_mm": 0.35 },
    "board_above_seat_mm": 4.5
  },
  "saddle": {
    "spacing": { "method": "equal_centres", "spread_mm": 42.0 },
    "action": { "measured": "open", "bass_mm": 2.2, "treble_mm": 1.8 }
  }
})";
    return with_all_assumed(with(parse_json(plain), "title", title));
}

} // namespace fm
