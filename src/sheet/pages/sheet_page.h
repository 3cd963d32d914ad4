#pragma once
// One page of a job's sheets: its title block, its check bars, and what parts are laid out with between them.
#include "core/words/word_of.h"
#include "job/read/job.h"
#include "sheet/drawing/drawing.h"
#include "sheet/drawing/sheet_files.h"
#include "sheet/words/sheet_shop.h"
#include "sheet/words/sheet_words.h"

#include <map>
#include <optional>
#include <set>

namespace fm {

/// The printer the pages are meant for, where it was measured.
struct SheetPrinter {
    std::string name;
    PrintScale scale;
};

/// How sheets are printed.
struct SheetStyle {
    Paper paper = Paper::a4;
    std::string date; ///< ISO 8601
    SheetShop shop;
    bool second_unit = false;
    std::optional<SheetPrinter> printer;
    int revision = 1;
    Figures before;          ///< what was printed last, to mark what has changed since
    std::string before_date; ///< ISO 8601
};

/// What every page is drawn from.
struct SheetContext {
    const Job& job;
    const Solution& solution;
    const Tools& tools;
    SheetStyle style;
    std::vector<double>
        floor_sure_mm;        ///< ± of every slot's floor; not a number: not known yet; empty: not asked for
    std::string by_plan = {}; ///< at the head: what the heights come from (sheet/words/job_work.h)
    std::vector<std::string> stops = {}; ///< in a box at the head: what nobody has passed
};

/// A column of a table; the first stands left, the others right.
struct TableColumn {
    std::string head;
    bool bold = false;
    bool blank = false;     ///< to be written into by hand
    std::string group = {}; ///< stands over all columns of it
};

/// A value along a row of ordinates.
struct Ordinate {
    double place = 0; ///< of the feature, along the row
    double from = 0;  ///< of the feature, across it
    std::string label;
    double measured = 0;
    bool runs = true; ///< from the datum of the row; else from a place of its own, which its words say
};

class SheetPage {
public:
    static constexpr double margin_mm = 12;
    static constexpr double body_em = 3.0;
    static constexpr double small_em = 2.5;
    static constexpr double leader_mm = 8;     ///< from a part to its figures
    static constexpr double line_off_mm = 2.6; ///< from a part to the line of running dimensions

    /// @param words of its parts, which their figures' names begin with; @param name what the sheet is of;
    /// @param facts under the title; @param scale "" for none: then it has no check bars either
    SheetPage(const SheetContext& context, const std::vector<std::string>& words, const std::string& name,
              const std::vector<std::string>& facts, const std::string& scale, bool landscape = false);

    const Job& job() const { return context_->job; }
    const Design& design() const { return context_->job.design; }
    const Solution& solution() const { return context_->solution; }
    const SheetContext& context() const { return *context_; }
    double left() const { return margin_mm; }
    double right() const { return page_.width - margin_mm; }
    double width() const { return right() - left(); }
    /// Where the check bars begin, on a page that is to scale: nothing else goes below.
    double bottom() const { return margin_mm + (to_scale_ ? 17.0 : 2.0); }
    double middle() const { return 0.5 * page_.width; }
    /// Bass is at this side: −1 left, 1 right.
    double bass_side() const { return job().left_handed ? 1.0 : -1.0; }
    Drawing& page() { return page_; }

    /// The place where the next thing goes; it only falls.
    double y() const { return y_; }
    void down(double mm) { y_ -= mm; }
    void go_to(double y) { y_ = y; }

    std::string number(double mm) const { return sheet_number(mm, unit_); }
    std::string unit() const { return std::string(word_of(unit_)); }
    /// A length as it stands at a dimension, the second unit in brackets if wanted.
    std::string label(double mm) const;
    /// The same for a number that is remembered: marked if it is not what was printed last.
    std::string figure(const std::string& name, double mm);
    /// An angle that is remembered.
    std::string angle_figure(const std::string& name, double deg);

    void text(double x, double y, const std::string& words, double em = body_em,
              TextAnchor anchor = TextAnchor::left, bool bold = false);
    void rule();
    /// What the page does not show of the part, boxed at its head, and down.
    void notices(const std::vector<std::string>& sentences);
    /// A heading on the left with a remark on the right, and down.
    void heading(const std::string& words, const std::string& remark = {});
    /// Words over as many lines as they need, and down.
    void paragraph(const std::string& words, double indent_mm = 0, double em = small_em, double right_mm = 0);
    /// What is doubtful about the part, as far as there is room: nobody should cut by a sheet that hides it.
    void doubts(bool (*belongs)(const Message&));
    bool has_room_for_doubts(bool (*belongs)(const Message&)) const;
    /// How a bar to be measured looks: half of its cross lines, how far its words stand off it, their size.
    struct BarLook {
        double tick_mm;
        double words_off_mm;
        double em_mm;
    };
    /// A bar of that true length with cross lines at its ends.
    void bar(Point from, double length, bool upright, const std::string& words, const BarLook& look);
    /// Scribed on the part in true size; elsewhere a picture of it.
    void centreline(double x, double low, double high, Layer layer);
    /// BASS and TREBLE outside a part.
    void side_words(double centre, double half, double y);

    /// A table over the whole width but what stands beside it, in what room there is down to `low`, and down.
    void table(const std::vector<TableColumn>& columns, const std::vector<std::vector<std::string>>& rows,
               double low, double beside_mm = 0);
    /// The least height it takes there.
    double least_table_mm(const std::vector<TableColumn>& columns,
                          const std::vector<std::vector<std::string>>& rows) const;
    /// Whether all its columns have room beside one another, every row on one line.
    bool table_fits(const std::vector<TableColumn>& columns,
                    const std::vector<std::vector<std::string>>& rows) const;
    /// Room a table of so many rows needs at least.
    static double table_room(std::size_t rows) { return 8.0 + static_cast<double>(rows) * least_row_mm; }
    /// And where it must be on that page.
    static double tight_table_room(std::size_t rows) {
        return 8.0 + static_cast<double>(rows) * tight_row_mm;
    }

    /// Figures upright over or under a part, spread so that none overlap: leaders end at `end`.
    /// @param line_at of running dimensions: where their line is, from the datum, which is marked and told as
    /// 0
    void ordinates_along(std::vector<Ordinate> values, Point datum, double end,
                         std::optional<double> line_at = {});
    /// Figures beside a part, lying: leaders end at `end`.
    void ordinates_up(std::vector<Ordinate> values, Point datum, double end,
                      std::optional<double> line_at = {});
    static double longest(const std::vector<Ordinate>& values);

    /// What the page has remembered.
    const Figures& figures() const { return figures_; }
    Drawing finished();

private:
    static constexpr double least_row_mm = 4.7;
    static constexpr double tight_row_mm = 3.9; ///< where there is no room for those
    static constexpr double two_line_row_mm = 7.2;
    static constexpr double most_row_mm = 6.2;
    /// What each feature of a part may be off by, in the sheet's unit; "" for pages of no part.
    std::string tolerances_of(const std::string& word) const;
    /// What is doubtful as it stands there, every sentence on its lines.
    std::vector<std::string> doubt_words(bool (*belongs)(const Message&)) const;
    double paragraph_room(const std::string& words) const;
    void group_heads(const std::vector<TableColumn>& columns, const std::vector<double>& begins,
                     const std::vector<double>& ends);
    void title_block(const std::vector<std::string>& facts, const std::string& scale);
    /// Of the first angle, its right edge there.
    void projection_symbol(Point right_end);
    void ordinates(std::vector<Ordinate> values, Point datum, double end, std::optional<double> line_at,
                   bool of_height);
    void check_bars();
    /// Its words, marked if it is not what was printed last.
    std::string marked(const std::string& name, double value, const std::string& words);

    const SheetContext* context_;
    Drawing page_;
    double y_ = 0;
    Figures figures_;
    Unit unit_;
    std::set<std::string> changed_;
    bool to_scale_ = false;
    bool printed_before_ = false;
    std::vector<std::pair<std::string, std::string>> tolerances_; ///< of every part by its name
    Point changed_at_; ///< where the title block says what has changed
};

/// Whether an angle is more than the nothing it would be printed as.
bool is_shown_angle(double deg);

/// A view in which nothing is to be worked: its lines go to the layer of dimensions.
Drawing as_picture(Drawing view);
/// A view in true size that a hand works to: its lines half as wide, as fine as can be seen.
Drawing as_worked_to(Drawing view);

/// Places for labels of a given width near wanted places, in order, none overlapping, moved as little as
/// possible, all between two bounds if they fit there.
std::vector<double> spread_places(const std::vector<double>& wanted, double apart, double low = -1e9,
                                  double high = 1e9);

/// How wide a length of a part and a word behind it stand on its sheet.
double label_width(const SheetContext& context, double mm, const std::string& word, double em);

/// A scale to enlarge by, the largest of the usual ones at which a size fits: 1 if none does.
double enlargement(double width_mm, double room_wide_mm, double height_mm, double room_high_mm);
/// The next smaller of those scales, 1 after the last.
double next_smaller_scale(double factor);
/// "5:1", "2.5:1", "1:2".
std::string scale_text(double factor);

} // namespace fm
