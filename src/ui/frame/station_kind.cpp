#include "ui/frame/station_kind.h"

namespace fm {

QString caution_of(const std::string& material) {
    if (material == "brass")
        return StationWords::tr(
            "Brass may hold lead: wash hands. File toward the vice, mind the edges. Follow your tools' "
            "instructions and local rules.");
    if (material == "hardwood")
        return StationWords::tr(
            "Some woods sensitise: mask and extraction. Blades away from the hand. Follow your tools' "
            "instructions and local rules.");
    return StationWords::tr(
        "Dust: mask and extraction. Files and saws away from the hand. Follow your tools' instructions "
        "and local rules.");
}

QString caution_under_tension() {
    return StationWords::tr(
        "Strings under tension: mind the eyes. Slacken before a crown or a screw is moved.");
}

} // namespace fm
