#include "workshop/quote.h"

namespace fm {

namespace {

PartQuote quote(const char* part, const std::string& material, const Blank& needs,
                std::vector<Operation> operations, std::size_t strings, const ShopTables& shop) {
    PartQuote made{part, material, needs, {}, nullptr, 0, {}};
    for (const ShopBlank& blank : shop.blanks) {
        if (blank.material != material) continue;
        made.offers.push_back({&blank, blank_fit(needs, blank.size)});
        if (made.offers.back().fit.fits() && (!made.cheapest || blank.price < made.cheapest->price))
            made.cheapest = &blank;
    }
    for (Operation& operation : operations)
        if (operation.count == 0.0) operation.count = static_cast<double>(strings);
    made.minutes = minutes_of(operations, shop.material_factors, material);
    made.price = price_of(made.minutes, shop.rate_per_hour, made.cheapest ? made.cheapest->price : 0.0,
                          shop.premium_share);
    return made;
}

} // namespace

std::vector<PartQuote> quotes(const Design& design, const Solution& solution, const ShopTables& shop) {
    const std::size_t strings = design.strings.size();
    std::vector<PartQuote> list;
    list.push_back(quote("nut", design.nut.material, nut_needs(design, solution, shop.allowance_mm),
                         shop.nut_operations, strings, shop));
    if (const auto needs = saddle_needs(design, solution, shop.allowance_mm))
        list.push_back(
            quote("saddle", design.saddle.material, *needs, shop.saddle_operations, strings, shop));
    return list;
}

} // namespace fm
