#pragma once
#include <optional>
#include <vector>

namespace fm {

enum class FileFit { fits, rock, none, unlisted };

struct FileChoice {
    FileFit fit = FileFit::none;
    double width_mm = 0; ///< of the file; 0 when none fits, or none is listed
    double short_mm = 0; ///< how much wider the slot must be rocked
};

/// The file of the shop's set for a slot.
/// @param files_mm       widths of the files the shop owns, any order; none listed: nothing is said of them
/// @param diameter_mm    the string's; @param clearance_mm what the slot is wider
/// @param over_mm        how much wider than the slot a file may be
/// Source: docs/mathematics.md, "Files and feelers".
FileChoice file_for_slot(const std::vector<double>& files_mm, double diameter_mm, double clearance_mm,
                         double over_mm);

/// The stack of at most three different leaves that comes nearest above a height: the file stops on it.
/// Leaves are listed thickest first; none when no stack reaches the height, or the height is not above 0.
struct FeelerStack {
    std::vector<double> leaves_mm;
    double height_mm = 0;
};
std::optional<FeelerStack> feeler_stack(const std::vector<double>& feelers_mm, double height_mm);

} // namespace fm
