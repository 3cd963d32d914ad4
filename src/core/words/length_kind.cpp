#include "core/words/length_kind.h"

#include <algorithm>

namespace fm {

namespace {

struct Part {
    std::string_view of_key;
    LengthKind kind;
};

// The first that is part of the key counts.
constexpr std::array parts{Part{"action", LengthKind::action},      Part{"gap", LengthKind::gap},
                           Part{"relief", LengthKind::gap},         Part{"nut.height", LengthKind::gap},
                           Part{"over_frets", LengthKind::gap},     Part{"take_off", LengthKind::gap},
                           Part{"saw_allowance", LengthKind::gap},  Part{"fret_offsets", LengthKind::gap},
                           Part{"guide_below", LengthKind::gap},    Part{"file_over", LengthKind::gap},
                           Part{"press_depth", LengthKind::gap},    Part{"slot", LengthKind::small},
                           Part{"blank.height", LengthKind::small}, Part{"thickness", LengthKind::small},
                           Part{"margin", LengthKind::small},       Part{"residuals", LengthKind::small},
                           Part{"scale", LengthKind::along},        Part{"radius", LengthKind::along},
                           Part{"nut_width", LengthKind::along},    Part{"end_width", LengthKind::along},
                           Part{"length_mm", LengthKind::along},    Part{"spread", LengthKind::along},
                           Part{"spacing.each", LengthKind::along}, Part{"centre", LengthKind::along},
                           Part{"behind_mm", LengthKind::along},    Part{"across_mm", LengthKind::along},
                           Part{"end_at", LengthKind::along},       Part{"pivot_x", LengthKind::along},
                           Part{"outline", LengthKind::along},      Part{"arching", LengthKind::along},
                           Part{"crown_found", LengthKind::along},  Part{"saddle_x", LengthKind::along},
                           Part{"placing", LengthKind::along}};

} // namespace

LengthKind length_kind_of(std::string_view key) {
    const auto part = std::find_if(parts.begin(), parts.end(), [key](const Part& each) {
        return key.find(each.of_key) != std::string_view::npos;
    });
    return part == parts.end() ? LengthKind::small : part->kind;
}

} // namespace fm
