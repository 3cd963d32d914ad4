#include "core/words/length_kind.h"

#include <algorithm>

namespace fm {

namespace {

struct KeyPart {
    std::string_view of_key;
    LengthKind kind;
};

// The first that is part of the key counts.
constexpr std::array parts{
    KeyPart{"action", LengthKind::action},      KeyPart{"gap", LengthKind::gap},
    KeyPart{"relief", LengthKind::gap},         KeyPart{"nut.height", LengthKind::gap},
    KeyPart{"over_frets", LengthKind::gap},     KeyPart{"take_off", LengthKind::gap},
    KeyPart{"saw_allowance", LengthKind::gap},  KeyPart{"fret_offsets", LengthKind::gap},
    KeyPart{"guide_below", LengthKind::gap},    KeyPart{"file_over", LengthKind::gap},
    KeyPart{"press_depth", LengthKind::gap},    KeyPart{"slot", LengthKind::small},
    KeyPart{"blank.height", LengthKind::small}, KeyPart{"thickness", LengthKind::small},
    KeyPart{"margin", LengthKind::small},       KeyPart{"residuals", LengthKind::small},
    KeyPart{"scale", LengthKind::along},        KeyPart{"radius", LengthKind::along},
    KeyPart{"nut_width", LengthKind::along},    KeyPart{"end_width", LengthKind::along},
    KeyPart{"length_mm", LengthKind::along},    KeyPart{"spread", LengthKind::along},
    KeyPart{"spacing.each", LengthKind::along}, KeyPart{"centre", LengthKind::along},
    KeyPart{"behind_mm", LengthKind::along},    KeyPart{"across_mm", LengthKind::along},
    KeyPart{"end_at", LengthKind::along},       KeyPart{"pivot_x", LengthKind::along},
    KeyPart{"outline", LengthKind::along},      KeyPart{"arching", LengthKind::along},
    KeyPart{"crown_found", LengthKind::along},  KeyPart{"saddle_x", LengthKind::along},
    KeyPart{"placing", LengthKind::along}};

} // namespace

LengthKind length_kind_of(std::string_view key) {
    const auto part = std::find_if(parts.begin(), parts.end(), [key](const KeyPart& each) {
        return key.find(each.of_key) != std::string_view::npos;
    });
    return part == parts.end() ? LengthKind::small : part->kind;
}

} // namespace fm
