#pragma once
// Blanks, time and price over the shop's own tables. Source: docs/mathematics.md, "Blanks, time and price".
#include "core/solution/solution.h"

#include <optional>
#include <string>
#include <vector>

namespace fm {

/// A blank of the shop.
struct ShopBlank {
    std::string name;
    std::string material;
    Blank size;
    double price = 0;
};

/// What saw and finish take: at both ends of a blank and in its height, and in its thickness.
struct BlankAllowance {
    double ends_mm = 0.5;
    double thickness_mm = 0.05;
};

/// What a part needs, allowance for saw and finish included, and by how much a blank misses it.
Blank nut_needs(const Design& design, const Solution& solution, const BlankAllowance& allowance);
/// Nothing where the saddle's height is not known: no bridge, or no slot depth.
std::optional<Blank> saddle_needs(const Design& design, const Solution& solution,
                                  const BlankAllowance& allowance);

struct BlankFit {
    double length_short_mm = 0; ///< 0: enough
    double height_short_mm = 0;
    double thickness_short_mm = 0;
    bool fits() const { return length_short_mm == 0 && height_short_mm == 0 && thickness_short_mm == 0; }
};
BlankFit blank_fit(const Blank& needed, const Blank& blank);

/// Minutes of an operation, by the shop's table; logged times correct it.
struct Operation {
    std::string name;
    double minutes = 0;
    bool each_string = false; ///< done once a string, else once a part
};
struct MaterialFactor {
    std::string material;
    double factor = 1;
};
double minutes_of(const std::vector<Operation>& operations, const std::vector<MaterialFactor>& factors,
                  const std::string& material, std::size_t strings);

/// The table's minutes drawn toward what the clock said: the table counts as three of its own jobs.
double corrected_minutes(double table_minutes, const std::vector<double>& logged_minutes);

struct Price {
    double work = 0;
    double material = 0;
    double premium = 0;
    double total() const { return work + material + premium; }
};
Price price_of(double minutes, double rate_per_hour, double material, double premium_share);

/// How a material is finished: grits in order, the last step, what to keep from it. Message ids.
struct Finish {
    std::string_view material;
    std::vector<int> grits;
    const char* last_step_id;
    const char* avoid_id;
    const char* caution_id;
};
const Finish* finish_of(std::string_view material);

} // namespace fm
