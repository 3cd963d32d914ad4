// The whole board in one view, and where every fret stands.
#include "sheet/pages/part_sheets.h"
#include "sheet/views/bridge_views.h"

#include <algorithm>
#include <cmath>

namespace fm {

namespace {

constexpr double em = SheetPage::small_em;

/// The largest usual reduction at which the board fits a width.
double reduction(double length_mm, double room_mm) {
    for (const double parts : {1.0, 2.0, 2.5, 3.0, 4.0, 5.0})
        if (length_mm / parts <= room_mm) return 1.0 / parts;
    return 1.0 / 8.0;
}

class BoardPage {
public:
    explicit BoardPage(const SheetContext& context)
        : context_(context), scale_(scale_of(context)),
          page_(context, {"board"}, translate("sheet", "Fret plan"), facts(context), scale_text(scale_),
                true),
          neck_(page_.design().neck) {}

    std::vector<Sheet> drawn() {
        plan();
        frets();
        std::vector<Sheet> sheets;
        if (page_.y() - SheetPage::table_room(page_.design().strings.size()) < page_.bottom()) {
            sheets.push_back({page_.finished(), page_.figures()});
            page_ = SheetPage(context_, {"board"}, translate("sheet", "Fret plan"), facts(context_),
                              scale_text(scale_), true);
        }
        strings();
        sheets.push_back({page_.finished(), page_.figures()});
        return sheets;
    }

private:
    static double length_of(const SheetContext& context) {
        return context.solution.straight_saddle.slot_x_at_centre_mm + 30.0;
    }
    static double scale_of(const SheetContext& context) {
        return reduction(length_of(context),
                         paper_height_mm(context.style.paper) - 2.0 * SheetPage::margin_mm - 16.0);
    }
    static std::vector<std::string> facts(const SheetContext& context) {
        const NeckDesign& neck = context.job.design.neck;
        const auto number = [&](double mm) {
            return sheet_number(mm, context.job.unit == Unit::thou ? Unit::in : context.job.unit);
        };
        std::vector<std::string> facts{
            neck.fanned() ? with_values(translate("sheet", "scale lengths %1 and %2"),
                                        number(neck.scale_bass_mm), number(neck.scale_treble_mm))
                          : with_values(translate("sheet", "scale length %1"), number(neck.scale_bass_mm))};
        if (neck.shape == BoardShape::flat) facts.push_back(translate("sheet", "flat board"));
        if (neck.shape == BoardShape::cylinder)
            facts.push_back(with_values(translate("sheet", "radius %1"),
                                        sheet_radius(neck.radius_nut_mm, context.job.unit)));
        if (neck.shape == BoardShape::cone)
            facts.push_back(with_values(translate("sheet", "radius %1 to %2"),
                                        sheet_radius(neck.radius_nut_mm, context.job.unit),
                                        sheet_radius(neck.radius_end_mm, context.job.unit)));
        if (neck.fallaway_mm != 0.0)
            facts.push_back(with_values(translate("sheet", "fallaway %1"), number(neck.fallaway_mm)));
        if (std::any_of(neck.fret_offsets_mm.begin(), neck.fret_offsets_mm.end(),
                        [](double mm) { return mm != 0.0; }))
            facts.push_back(
                with_values(translate("sheet", "frets up to %1 off their line, see under the table"),
                            number(worst_offset(neck))));
        facts.push_back(context.job.left_handed ? translate("sheet", "left-handed")
                                                : translate("sheet", "right-handed"));
        return facts;
    }

    static double worst_offset(const NeckDesign& neck) {
        return std::abs(*std::max_element(neck.fret_offsets_mm.begin(), neck.fret_offsets_mm.end(),
                                          [](double a, double b) { return std::abs(a) < std::abs(b); }));
    }

    /// Which frets stand higher or lower than their line: in words, they are few.
    void offsets() {
        const std::vector<double>& all = page_.design().neck.fret_offsets_mm;
        std::string words;
        for (std::size_t i = 0; i < all.size(); ++i)
            if (all[i] != 0.0)
                words += (words.empty() ? "" : "; ") + std::to_string(i + 1) + " " +
                         (all[i] > 0 ? "+" : "−") + page_.number(std::abs(all[i]));
        if (words.empty()) return;
        page_.down(1.0);
        page_.paragraph(
            with_values(translate("sheet", "Frets that stand off their line (+ higher): %1"), words));
    }

    void plan() {
        BridgeViewOptions options;
        options.mirrored = page_.job().left_handed;
        const Drawing view = as_picture(placing_board(page_.design(), page_.solution(), options, 1.0));
        double half = 0;
        double begin = 0;
        for (const Item& item : view.items)
            for (const Vertex& v : std::get<Path>(item).vertices) {
                half = std::max(half, std::abs(v.at.y));
                begin = std::min(begin, v.at.x);
            }
        page_.heading(
            with_values(translate("sheet", "Whole board, scale %1"), scale_text(scale_)),
            translate("sheet", "along the instrument from the nut line; across from the centreline"));
        const Point origin{page_.left() + 8.0 - scale_ * begin, page_.y() - 4.0 - scale_ * half};
        page_.page().origin = origin;
        page_.page().place(view, scale_, origin);
        page_.go_to(origin.y - scale_ * half - 3.5);
        const StringLine& lower = page_.job().left_handed ? page_.solution().strings.back().line
                                                          : page_.solution().strings.front().line;
        double last = -1e9;
        for (int fret = 1; fret <= neck_.frets(); ++fret) {
            const double x = origin.x + scale_ * lower.plan_x_mm(neck_.fret_x_mm(fret, lower.scale_mm));
            if (x - last < 5.0) continue;
            last = x;
            page_.text(x, page_.y(), std::to_string(fret), em, TextAnchor::middle);
        }
        page_.down(2.0);
        page_.rule();
    }

    /// Where a fret crosses an outer string, along the instrument in plan.
    double fret_at(const StringSolution& string, int fret) const {
        return string.line.plan_x_mm(neck_.fret_x_mm(fret, string.line.scale_mm));
    }

    /// All frets in blocks side by side.
    void frets() {
        const bool fanned = page_.design().neck.fanned();
        const int blocks = neck_.frets() > 24 ? 4 : 3;
        const int rows = (neck_.frets() + blocks - 1) / blocks;
        std::vector<TableColumn> columns;
        for (int block = 0; block < blocks; ++block) {
            columns.push_back({translate("sheet", "fret")});
            columns.push_back({fanned ? translate("sheet", "at the bass string")
                                      : translate("sheet", "from the nut line")});
            if (fanned) columns.push_back({translate("sheet", "at the treble string")});
            columns.push_back({translate("sheet", "board wide")});
        }
        std::vector<std::vector<std::string>> cells;
        for (int row = 0; row < rows; ++row) {
            std::vector<std::string> line;
            for (int block = 0; block < blocks; ++block) add_fret(line, block * rows + row + 1, fanned);
            cells.push_back(std::move(line));
        }
        const double strings = SheetPage::table_room(page_.design().strings.size());
        const bool both = page_.y() - SheetPage::table_room(cells.size()) - strings - 3.0 > page_.bottom();
        page_.table(columns, cells, page_.bottom() + (both ? strings + 3.0 : 2.0));
        page_.down(1.0);
        page_.rule();
    }

    void add_fret(std::vector<std::string>& line, int fret, bool fanned) {
        const std::size_t columns = fanned ? 4 : 3;
        if (fret > neck_.frets()) {
            line.resize(line.size() + columns);
            return;
        }
        const std::string name = "board.frets[" + std::to_string(fret) + "].";
        const double mean = neck_.fret_x_mm(fret, neck_.mean_scale_mm());
        line.push_back(std::to_string(fret));
        line.push_back(fanned ? page_.figure(name + "bass", fret_at(page_.solution().strings.front(), fret))
                              : page_.figure(name + "x", mean));
        if (fanned)
            line.push_back(page_.figure(name + "treble", fret_at(page_.solution().strings.back(), fret)));
        line.push_back(page_.figure(name + "wide", 2.0 * neck_.half_width_mm(mean)));
    }

    void strings() {
        const std::vector<TableColumn> columns{
            {translate("sheet", "string")},        {translate("sheet", "gauge")},
            {translate("sheet", "at the nut")},    {translate("sheet", "at fret 12")},
            {translate("sheet", "at the saddle")}, {translate("sheet", "speaking length")}};
        std::vector<std::vector<std::string>> rows;
        for (std::size_t i = 0; i < page_.design().strings.size(); ++i) {
            const StringSolution& string = page_.solution().strings[i];
            const std::string name = "board.strings[" + std::to_string(i) + "].";
            const double twelve = string.line.y_mm(neck_.fret_x_mm(12, string.line.scale_mm));
            rows.push_back(
                {page_.design().string_name(i), page_.number(page_.design().strings[i].diameter_mm),
                 page_.figure(name + "nut", string.line.nut_y_mm), page_.figure(name + "12", twelve),
                 page_.figure(name + "saddle", string.line.saddle_y_mm),
                 page_.figure(name + "length", string.line.saddle_x_mm - string.line.set_forward_mm)});
        }
        page_.table(columns, rows, page_.bottom());
        offsets();
    }

    const SheetContext& context_;
    double scale_;
    SheetPage page_;
    Neck neck_;
};

} // namespace

std::vector<Sheet> board_sheets(const SheetContext& context) {
    return BoardPage(context).drawn();
}

} // namespace fm
