#pragma once
// What a job takes from the shop: blanks, minutes, money; what was ordered, and what of that is spent.
// Source: docs/mathematics.md, "Blanks, time and price".
#include "core/found/plan.h"
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
    OrderedPart part = OrderedPart::nut;
    std::string material;                ///< "" where none is worked
    std::optional<Blank> needs;          ///< of a part cut from a blank, its size known
    std::vector<BlankOffer> offers;      ///< of the part's material
    const ShopBlank* cheapest = nullptr; ///< that fits; none: nullptr
    double minutes = 0;
    Price price;                  ///< of what the tables hold
    std::vector<Message> missing; ///< what they do not hold, and so is not in the price
};

struct JobQuote {
    std::vector<PartQuote>
        parts; ///< what was ordered, else the nut, and the saddle where its height is known
    double total = 0;
    double spent = 0;           ///< by the minutes that were written down
    std::optional<double> sum;  ///< that was ordered
    std::optional<double> left; ///< of it

    bool complete() const;
};

/// @param solution by the plan, once there are readings @param plan of the set-up, if there is one
/// @param shop must outlive what is returned
JobQuote quote_of(const Job& job, const Solution& solution, const std::optional<Plan>& plan,
                  const ShopTables& shop);

/// Of one part alone. @param shop must outlive what is returned
PartQuote quote_of_part(OrderedPart part, const Job& job, const Solution& solution,
                        const std::optional<Plan>& plan, const ShopTables& shop);

/// What saw and finish take in this shop.
inline BlankAllowance allowance_of(const ShopTables& shop) {
    return {shop.allowance_mm, shop.thickness_allowance_mm};
}

} // namespace fm
