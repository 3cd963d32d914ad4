#include "core/shop/shop_work.h"
#include "core/solution/nut_plan.h"

#include <algorithm>
#include <cmath>
#include <numbers>

namespace fm {

namespace {

double short_by(double needed_mm, double there_mm) {
    return needed_mm > there_mm + 1e-9 ? needed_mm - there_mm : 0.0;
}

} // namespace

Blank nut_needs(const Design& design, const Solution& solution, const BlankAllowance& allowance) {
    double top_mm = 0; // over the seat's middle
    const double radians = std::numbers::pi / 180.0;
    const double to_y = std::cos(solution.nut_angle_deg * radians);
    for (const StringSolution& string : solution.strings)
        top_mm = std::max(top_mm, string.slot.made_top_above_seat_mm -
                                      seat_fall_mm(design.nut, string.slot.along_mm * to_y));
    top_mm += seat_fall_mm(design.nut, 0.5 * design.neck.nut_width_mm); // a curved seat's ends hang lower
    if (design.nut.seat == Seat::angled) // the bottom slants from front to back
        top_mm += design.nut.thickness_mm * std::tan(design.nut.headstock_angle_deg * radians);
    const double length_mm = design.neck.nut_width_mm / std::cos(solution.nut_angle_deg * radians);
    return {length_mm + 2 * allowance.ends_mm, top_mm + allowance.ends_mm,
            design.nut.thickness_mm + deepest_step_mm(solution) + allowance.thickness_mm};
}

std::optional<Blank> saddle_needs(const Design& design, const Solution& solution,
                                  const BlankAllowance& allowance) {
    double height_mm = 0;
    std::vector<double> along_mm;
    for (const StringSolution& string : solution.strings) {
        if (!string.bridge || !string.bridge->saddle_height_mm) return std::nullopt;
        height_mm = std::max(height_mm, *string.bridge->saddle_height_mm);
        along_mm.push_back(string.saddle_along_mm);
    }
    return Blank{saddle_length_mm(design.saddle, along_mm) + 2 * allowance.ends_mm,
                 height_mm + allowance.ends_mm, design.saddle.thickness_mm + allowance.thickness_mm};
}

BlankFit blank_fit(const Blank& needed, const Blank& blank) {
    return {short_by(needed.length_mm, blank.length_mm), short_by(needed.height_mm, blank.height_mm),
            short_by(needed.thickness_mm, blank.thickness_mm)};
}

double minutes_of(const std::vector<Operation>& operations, const std::vector<MaterialFactor>& factors,
                  const std::string& material, std::size_t strings) {
    double factor = 1;
    for (const MaterialFactor& known : factors)
        if (known.material == material) factor = known.factor;
    double minutes = 0;
    for (const Operation& operation : operations)
        minutes += operation.minutes * (operation.each_string ? static_cast<double>(strings) : 1.0);
    return minutes * factor;
}

double corrected_minutes(double table_minutes, const std::vector<double>& logged_minutes) {
    constexpr double table_counts = 3;
    double sum = table_counts * table_minutes;
    for (const double minutes : logged_minutes) sum += minutes;
    return sum / (table_counts + static_cast<double>(logged_minutes.size()));
}

Price price_of(double minutes, double rate_per_hour, double material, double premium_share) {
    const double work = minutes / 60.0 * rate_per_hour;
    return {work, material, premium_share * (work + material)};
}

const Finish* finish_of(std::string_view material) {
    static const std::vector<Finish> finishes{
        {"bone", {240, 320, 400, 600, 1000, 2000}, "finish.buff", "finish.no_wet_paper", "caution.bone_dust"},
        {"synthetic", {320, 400, 600, 1000}, "finish.buff", "finish.no_heat", "caution.dust"},
        {"brass", {320, 400, 600}, "finish.satin", "finish.scratches", "caution.brass"},
        {"hardwood", {240, 320, 400, 600}, "finish.oil", "finish.grain", "caution.wood_dust"}};
    for (const Finish& finish : finishes)
        if (finish.material == material) return &finish;
    return nullptr;
}

} // namespace fm
