#pragma once
// The saddle on a page, alone or under the nut: a floating bridge's top, a bar or single saddles in its
// stead.
#include "sheet/pages/sheet_page.h"
#include "sheet/views/saddle_views.h"

namespace fm {

class SaddleOnPage {
public:
    static constexpr double side_words_mm = 20; ///< BASS and TREBLE beside it in true size

    /// @param page where it is drawn; it may be another page later on
    explicit SaddleOnPage(SheetPage& page);

    static std::string name(const SheetContext& context);
    /// What stands under the sheet's title.
    static std::vector<std::string> facts(const SheetContext& context);
    /// Whether the part, with its words or with its figures in the sheet's units, is wider than a standing
    /// page.
    static bool lies(const SheetContext& context);

    /// The farthest it goes from the centreline.
    double reach_mm() const { return std::max(-span_.from_mm, span_.to_mm); }
    /// A strip of the strings' places under the page's place, and beneath it the part, both about that
    /// middle.
    /// @param with_front or its dimensioned view is in true size itself @returns the lowest place drawn at
    double true_size(double centre, bool with_front);
    /// The dimensioned view under the page's place, which goes below it.
    void dimensioned(double factor);
    /// The largest scale of those at which it leaves that much room above the page's foot.
    double largest_factor(double below_mm);
    /// What the dimensioned view's figures are counted from.
    std::string scheme() const;

    /// The crowns from above, along at that scale, across several times as large: its head, and room it
    /// needs.
    std::string plan_head() const;
    double plan_room(double factor) const;
    void plan(double factor);

    std::vector<TableColumn> columns(bool with_compensation = true) const;
    /// What a string's row of the list says behind its name.
    std::vector<std::string> row(std::size_t string, bool with_compensation = true);
    std::vector<std::string> notes();

private:
    struct Stretch {
        SaddleSpan depth;
        double across; ///< scale across
    };
    const Design& design() const { return page_.design(); }
    double along(std::size_t string) const;
    double middle(double factor) const;
    Stretch stretch(double factor) const;
    void front(Point ground, double scale);
    void strip(double centre, double top);
    double most_string_mm() const;
    std::vector<Ordinate> places();
    std::vector<Ordinate> heights();
    std::string crown_head() const;
    std::string crown_place(std::size_t string);

    SheetPage& page_;
    SaddleSpan span_;
    double highest_; ///< with what stands over its notches
    SaddleViewOptions options_;
};

} // namespace fm
