#pragma once
// The nut on a page, alone or beside the saddle: its template and its front in true size, its dimensioned
// views, the rows of its list.
#include "core/solution/nut_plan.h"
#include "sheet/pages/sheet_page.h"
#include "sheet/views/nut_views.h"

namespace fm {

class NutOnPage {
public:
    static constexpr double side_words_mm = 17; ///< BASS and TREBLE, HEAD and FRONT, beside what is true size

    /// @param page where it is drawn; it may be another page later on
    explicit NutOnPage(SheetPage& page);

    /// What stands under the sheet's title.
    static std::vector<std::string> facts(const Job& job, const Solution& solution);
    /// Whether the part, with its words or with its figures in the sheet's units, is wider than a standing
    /// page.
    static bool lies(const SheetContext& context);

    /// Half of it in true size, the ends of a leaning one too.
    double half_mm() const { return half_; }
    /// What the template is for.
    static std::string template_words();
    /// The template under the page's place, and beneath it the front as it is cut, both about that middle.
    /// @param with_front or its dimensioned view is in true size itself @returns the lowest place drawn at
    double true_size(double centre, bool with_front);
    /// The dimensioned views under the page's place, which goes below them.
    void dimensioned(double factor);
    /// The largest scale of those at which they leave that much room above the page's foot.
    double largest_factor(double below_mm);

    std::vector<TableColumn> columns() const;
    /// What a string's row of the list says behind its name.
    std::vector<std::string> row(std::size_t string);
    std::string note() const;
    /// What its figures are counted from.
    std::string scheme() const;

private:
    /// Room the figures round the dimensioned views need.
    struct Room {
        double left, right, end, above;
    };
    struct Figured {
        std::vector<Ordinate> along, left, right;
        std::string thickness;
    };
    const Design& design() const { return page_.design(); }
    std::pair<double, double> ends() const;
    Drawing end_seen() const;
    void stick_on(Point fold);
    double steps() const;
    double rough_top() const;
    double end_fall_mm() const;
    double seat_fall(double along_mm) const;
    Figured figured();
    Room room_of(const Figured& figures) const;
    Ordinate edge_height(const char* name, bool of_bass);
    std::vector<Ordinate> heights_right();
    std::vector<Ordinate> along_front();
    double at_head_mm(std::size_t string) const;
    void front(Point seat, double scale);
    void plan_view(Point plan, double factor, const std::string& thickness);
    void angle_words(double room);
    void words_under_front(Point seat, double factor);
    void end_view(Point front, double factor);
    void dimensions_along(std::vector<Ordinate> values, Point seat, double factor);
    void height_dimensions(std::vector<Ordinate> right, std::vector<Ordinate> left, Point seat,
                           double factor);
    std::string sure_words(double sure_mm) const;

    SheetPage& page_;
    NutPlan plan_;
    double half_; // with room for ends that run aside
    NutViewOptions options_;
    double edge_fall_ = 0; // of a curved seat
    double height_ = 0;    // highest point over the seat's middle
};

} // namespace fm
