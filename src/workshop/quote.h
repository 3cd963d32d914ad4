#pragma once
// What nut and saddle of a job take from the shop: a blank, minutes, money.
#include "workshop/workshop.h"

#include <optional>
#include <vector>

namespace fm {

/// One blank of the shop against what the part needs.
struct BlankOffer {
    const ShopBlank* blank = nullptr; ///< in the shop's tables
    BlankFit fit;
};

struct PartQuote {
    const char* part = "nut"; ///< or "saddle"
    std::string material;
    Blank needs;
    std::vector<BlankOffer> offers;      ///< of the part's material
    const ShopBlank* cheapest = nullptr; ///< that fits; none: nullptr
    double minutes = 0;
    Price price;
};

/// Nut, and the saddle where its height is known. @param shop must outlive what is returned
std::vector<PartQuote> quotes(const Design& design, const Solution& solution, const ShopTables& shop);

} // namespace fm
