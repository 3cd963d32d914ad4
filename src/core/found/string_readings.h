#pragma once
// What gauges said of single strings. Source: docs/mathematics.md, "Readings".
#include <algorithm>
#include <array>
#include <cstddef>
#include <iterator>
#include <map>
#include <optional>
#include <string>
#include <string_view>
#include <utility>
#include <vector>

namespace fm {

/// What was seen of a slot; `fine` clears what was seen before.
enum class SlotFound { wiggles, binds, filled, floor_flat, floor_forward, front_untouched, fine };
constexpr std::array<std::string_view, 7> words_of(SlotFound) {
    return {"wiggles", "binds", "filled", "floor_flat", "floor_forward", "front_untouched", "fine"};
}
/// All that was seen of one slot at once; empty: nothing was said.
using SlotSeen = std::vector<SlotFound>;
inline bool seen(const SlotSeen& slot, SlotFound what) {
    return std::find(slot.begin(), slot.end(), what) != slot.end();
}

/// Leaves a reading was taken with: the one that goes and the one that does not. One of them alone is a
/// bound: shown and compared, never planned by.
struct ReadingBound {
    std::string key; ///< of the reading
    std::optional<double> above_mm;
    std::optional<double> below_mm;

    bool one_sided() const { return above_mm.has_value() != below_mm.has_value(); }
    friend bool operator==(const ReadingBound&, const ReadingBound&) = default;
};

enum class CentsAgainst { open, harmonic };
constexpr std::array<std::string_view, 2> words_of(CentsAgainst) {
    return {"open", "harmonic"};
}

/// What a tuner said of one fretted note.
struct CentsReading {
    int fret = 12;
    double cents = 0;

    friend bool operator==(const CentsReading&, const CentsReading&) = default;
};

/// What an ear said of one fretted note: a direction and no amount.
enum class PitchHeard { way_flat, flat, bit_flat, in_tune, bit_sharp, sharp, way_sharp };
constexpr std::array<std::string_view, 7> words_of(PitchHeard) {
    return {"way_flat", "flat", "bit_flat", "in_tune", "bit_sharp", "sharp", "way_sharp"};
}
/// +1 sharp, −1 flat, 0 in tune.
constexpr int side_of(PitchHeard heard) {
    return heard == PitchHeard::in_tune ? 0 : heard > PitchHeard::in_tune ? 1 : -1;
}

struct HeardReading {
    int fret = 12;
    PitchHeard heard = PitchHeard::in_tune;

    friend bool operator==(const HeardReading&, const HeardReading&) = default;
};

struct StringReadings {
    std::optional<double> open_gap_fret1_mm;
    std::optional<double> pressed_gap_mm;
    int pressed_fret = 3;
    std::optional<double> action12_mm;
    std::optional<double> action12_capo_mm;
    std::optional<double> slot_width_mm;
    SlotSeen slot;
    std::vector<CentsReading> cents;
    CentsAgainst cents_against = CentsAgainst::open;
    std::vector<HeardReading> heard;
    std::optional<double> crown_moved_mm; ///< before these readings; + lengthens
    // Of a reading that says itself how sure it is, between two leaves.
    std::optional<double> nut_u_mm;
    std::optional<double> action_u_mm;
    std::vector<ReadingBound> bounds;
    std::optional<double> crown_found_mm; ///< fret 12 to crown along the string, as these cents were read

    bool has_nut() const { return open_gap_fret1_mm || pressed_gap_mm; }
    bool has_action() const { return action12_mm || action12_capo_mm; }

    friend bool operator==(const StringReadings&, const StringReadings&) = default;
};

/// What was read of each string of an instrument. A string nothing was read of takes no room: at the bench an
/// entry is about one of fourteen.
class StringsRead {
public:
    std::size_t size() const { return size_; }
    bool empty() const { return size_ == 0; }
    void resize(std::size_t strings) {
        size_ = strings;
        read_.erase(read_.lower_bound(strings), read_.end());
    }
    void push_back(StringReadings read) {
        if (read != StringReadings{}) read_[size_] = std::move(read);
        ++size_;
    }

    const StringReadings& operator[](std::size_t string) const {
        static const StringReadings nothing;
        const auto at = read_.find(string);
        return at == read_.end() ? nothing : at->second;
    }
    StringReadings& operator[](std::size_t string) { return read_[string]; }

    /// Those something was read of, by string.
    std::map<std::size_t, StringReadings>& read() { return read_; }

    /// Every string in turn, read or not.
    class Each {
    public:
        using iterator_category = std::input_iterator_tag;
        using value_type = StringReadings;
        using difference_type = std::ptrdiff_t;
        using pointer = const StringReadings*;
        using reference = const StringReadings&;

        Each(const StringsRead& all, std::size_t string) : all_(&all), string_(string) {}
        reference operator*() const { return (*all_)[string_]; }
        Each& operator++() {
            ++string_;
            return *this;
        }
        Each operator++(int) { return {*all_, string_++}; }
        friend bool operator==(const Each&, const Each&) = default;

    private:
        const StringsRead* all_;
        std::size_t string_;
    };
    Each begin() const { return {*this, 0}; }
    Each end() const { return {*this, size_}; }

private:
    std::map<std::size_t, StringReadings> read_;
    std::size_t size_ = 0;
};

} // namespace fm
