#include "workshop/quote.h"

#include "workshop/schedule.h"

#include <algorithm>

namespace fm {

namespace {

class Quoting {
public:
    Quoting(const Job& job, const Solution& solution, const std::optional<Plan>& plan, const ShopTables& shop)
        : job_(job), solution_(solution), plan_(plan), shop_(shop) {}

    std::vector<OrderedPart> parts() const {
        if (!job_.ordered.parts.empty()) return job_.ordered.parts;
        std::vector<OrderedPart> usual{OrderedPart::nut};
        if (saddle_needs(job_.design, solution_, allowance_of(shop_))) usual.push_back(OrderedPart::saddle);
        return usual;
    }

    PartQuote quote(OrderedPart part) const {
        PartQuote made;
        made.part = part;
        double material_price = 0;
        switch (part) {
        case OrderedPart::nut:
            material_price =
                cut(made, job_.design.nut.material, nut_needs(job_.design, solution_, allowance_of(shop_)),
                    shop_.nut_operations);
            break;
        case OrderedPart::saddle:
            material_price =
                cut(made, job_.design.saddle.material,
                    saddle_needs(job_.design, solution_, allowance_of(shop_)), shop_.saddle_operations);
            break;
        case OrderedPart::bridge:
            by_operations(made, shop_.bridge_operations);
            miss(made, "quote.no_bridge_wood"); // tables of blanks are of nuts and saddles
            break;
        case OrderedPart::ready_nut: material_price = ready(made, "nut"); break;
        case OrderedPart::ready_saddle: material_price = ready(made, "saddle"); break;
        case OrderedPart::set_up:
            if (plan_)
                made.minutes = schedule_of(*plan_, job_.design, shop_).work_minutes;
            else
                miss(made, "quote.nothing_read");
            break;
        }
        if (shop_.rate_per_hour <= 0 && made.minutes > 0) miss(made, "quote.no_rate");
        made.price = price_of(made.minutes, shop_.rate_per_hour, material_price, shop_.premium_share);
        return made;
    }

private:
    static void miss(PartQuote& made, const char* id, std::vector<Argument> arguments = {}) {
        made.missing.push_back({id, Severity::warning, {}, std::move(arguments)});
    }

    void by_operations(PartQuote& made, const std::vector<Operation>& operations) const {
        if (operations.empty()) return miss(made, "quote.no_operations");
        const bool known =
            made.material.empty() ||
            std::any_of(shop_.material_factors.begin(), shop_.material_factors.end(),
                        [&](const MaterialFactor& each) { return each.material == made.material; });
        if (!known) miss(made, "quote.no_factor", {made.material});
        made.minutes =
            minutes_of(operations, shop_.material_factors, made.material, job_.design.strings.size());
    }

    /// A part cut from a blank. @returns the blank's price
    double cut(PartQuote& made, const std::string& material, const std::optional<Blank>& needs,
               const std::vector<Operation>& operations) const {
        made.material = material;
        made.needs = needs;
        by_operations(made, operations);
        return from_blank(made);
    }

    double from_blank(PartQuote& made) const {
        if (!made.needs) {
            miss(made, "quote.no_height");
            return 0;
        }
        for (const ShopBlank& blank : shop_.blanks) {
            if (blank.material != made.material) continue;
            made.offers.push_back({&blank, blank_fit(*made.needs, blank.size)});
            if (made.offers.back().fit.fits() && (!made.cheapest || blank.price < made.cheapest->price))
                made.cheapest = &blank;
        }
        if (!made.cheapest)
            miss(made, made.offers.empty() ? "quote.no_blank" : "quote.no_blank_fits", {made.material});
        return made.cheapest ? made.cheapest->price : 0;
    }

    double ready(PartQuote& made, const char* part) const {
        const ReadyPart* cheapest = nullptr;
        for (const ReadyPart& each : shop_.ready_parts)
            if (each.part == part && (!cheapest || each.price < cheapest->price)) cheapest = &each;
        if (!cheapest) {
            miss(made, "quote.no_ready_part");
            return 0;
        }
        made.minutes = cheapest->minutes;
        return cheapest->price;
    }

    const Job& job_;
    const Solution& solution_;
    const std::optional<Plan>& plan_;
    const ShopTables& shop_;
};

} // namespace

bool JobQuote::complete() const {
    return std::all_of(parts.begin(), parts.end(),
                       [](const PartQuote& part) { return part.missing.empty(); });
}

PartQuote quote_of_part(OrderedPart part, const Job& job, const Solution& solution,
                        const std::optional<Plan>& plan, const ShopTables& shop) {
    return Quoting(job, solution, plan, shop).quote(part);
}

JobQuote quote_of(const Job& job, const Solution& solution, const std::optional<Plan>& plan,
                  const ShopTables& shop) {
    const Quoting quoting(job, solution, plan, shop);
    JobQuote made;
    for (const OrderedPart part : quoting.parts()) {
        made.parts.push_back(quoting.quote(part));
        made.total += made.parts.back().price.total();
    }
    made.spent = minutes_worked(job.record) / 60.0 * shop.rate_per_hour;
    made.sum = job.ordered.sum;
    if (made.sum) made.left = *made.sum - made.spent;
    return made;
}

} // namespace fm
