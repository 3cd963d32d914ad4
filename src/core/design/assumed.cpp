#include "core/design/assumed.h"

#include "core/words/message_tables.h"

#include <algorithm>
#include <charconv>
#include <cmath>
#include <utility>

namespace fm {

namespace {

/// How far off an assumed value is: by so much, and by a share of it. The first row whose words stand in the
/// key holds.
struct Off {
    std::string_view words;
    double off;
    double share;
};
constexpr Off offs[] = {{"neck.scale_", 3.0, 0},
                        {"width_mm", 1.5, 0},
                        {"spread_mm", 1.5, 0},
                        {"neck.fret_height_mm", 0.15, 0},
                        {"nut.board_above_seat_mm", 0.6, 0},
                        {"neck.radius_", 0, 0.15},
                        {"strings[]", 0, 0.05},
                        {"_deg", 2.0, 0}};
constexpr double other_share = 0.1;
constexpr double other_least_mm = 0.05;
constexpr double other_most_mm = 2.0;

} // namespace

bool can_be_assumed(const Field& field) {
    constexpr std::string_view measured_by_choice[] = {"strings[].core_mm", "nut.spacing.spread_mm",
                                                       "saddle.spacing.spread_mm"};
    if (field.key.starts_with("player.")) return false;
    return field.sure.measured() || std::find(std::begin(measured_by_choice), std::end(measured_by_choice),
                                              field.key) != std::end(measured_by_choice);
}

FieldPlace place_of_key(std::string_view key) {
    FieldPlace place;
    std::string row(key);
    if (const auto open = key.find('['); open != std::string_view::npos) {
        const char* const digits = key.data() + open + 1;
        const auto read = std::from_chars(digits, key.data() + key.size(), place.item);
        if (read.ec != std::errc() || read.ptr == key.data() + key.size() || *read.ptr != ']') return {};
        row.erase(open + 1, static_cast<std::size_t>(read.ptr - digits));
    }
    for (const Field& field : fields())
        if (field.key == row) place.field = &field;
    return place.field && place.field->key_of(place.item) == key ? place : FieldPlace{};
}

std::string_view assumed_name(const Field& field) {
    constexpr std::pair<std::string_view, std::string_view> fuller[] = {
        {"neck.fret_height_mm", QT_TRANSLATE_NOOP("messages", "fret height")},
        {"neck.radius_mm", QT_TRANSLATE_NOOP("messages", "board's radius")},
        {"nut.board_above_seat_mm", QT_TRANSLATE_NOOP("messages", "board over seat")},
        {"nut.thickness_mm", QT_TRANSLATE_NOOP("messages", "nut's thickness")},
        {"nut.blank.height_mm", QT_TRANSLATE_NOOP("messages", "height of the nut's blank")},
        {"saddle.slot_depth_mm", QT_TRANSLATE_NOOP("messages", "depth of the saddle's slot")},
        {"strings[].diameter_mm", QT_TRANSLATE_NOOP("messages", "string gauge")}};
    for (const auto& [key, name] : fuller)
        if (field.key == key) return name;
    return field.name;
}

double assumed_uncertainty(const Field& field, double value) {
    for (const Off& off : offs)
        if (field.key.find(off.words) != std::string_view::npos) return off.off + off.share * std::abs(value);
    return std::clamp(other_share * std::abs(value), other_least_mm, other_most_mm);
}

std::vector<AssumedValue> assumed_values(const Design& design) {
    std::vector<std::pair<std::size_t, AssumedValue>> found; // by the place of the row
    for (const std::string& key : design.assumed) {
        const FieldPlace place = place_of_key(key);
        if (!place.field) continue;
        const auto row = static_cast<std::size_t>(place.field - fields().data());
        if (const auto value = place.field->get(design, place.item))
            found.push_back({row * 1000 + place.item, {key, place.field, *value}});
    }
    std::sort(found.begin(), found.end(), [](const auto& a, const auto& b) { return a.first < b.first; });
    std::vector<AssumedValue> values;
    for (auto& [place, value] : found) values.push_back(std::move(value));
    return values;
}

std::vector<Message> assumed_notes(const Design& design) {
    std::vector<Message> notes;
    for (const AssumedValue& value : assumed_values(design))
        notes.push_back({"assumed", Severity::note, value.key, {}});
    return notes;
}

bool is_assumed(const Design& design, std::string_view key) {
    return std::find(design.assumed.begin(), design.assumed.end(), key) != design.assumed.end();
}

} // namespace fm
