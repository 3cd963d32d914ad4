// The layout of one page from top to bottom.
#include "core/solution/check.h"
#include "sheet/drawing/pens.h"
#include "sheet/machine/part_notices.h"
#include "sheet/pages/part_sheets.h"
#include "sheet/views/saddle_views.h"

#include <QCoreApplication>

#include <algorithm>
#include <cmath>

namespace fm {

namespace {

constexpr double strip_mm = 7;
constexpr double em = SheetPage::small_em;
constexpr double side_room_mm = 20; // for BASS and TREBLE
constexpr double left_room_mm = 12; // for BASS beside the plan

bool is_bridge_top(const SheetContext& context) {
    return !context.solution.notches.empty();
}

std::string name_of(const SheetContext& context) {
    if (is_bridge_top(context)) return translate("sheet", "Bridge top");
    if (context.solution.single) return translate("sheet", "Single saddles");
    return context.job.design.has_slot() ? translate("sheet", "Saddle") : translate("sheet", "Bar on posts");
}

std::string ground_words(SaddleGround ground, bool over_packing) {
    switch (ground) {
    case SaddleGround::slot_floor:
        return over_packing ? translate("sheet", "heights from what lies in the slot, not from its floor")
                            : translate("sheet", "heights from the slot's floor");
    case SaddleGround::soundboard: return translate("sheet", "heights over the soundboard");
    case SaddleGround::fret_plane: break;
    }
    return translate("sheet", "heights over the fret plane");
}

std::vector<std::string> facts_of(const SheetContext& context) {
    const SaddleDesign& saddle = context.job.design.saddle;
    const auto number = [&](double mm) { return sheet_number(mm, context.job.unit); };
    std::vector<std::string> facts;
    if (context.job.design.has_slot()) { // the others are bought, or part of the bridge
        facts.push_back(material_name(saddle.material));
        if (saddle.blank)
            facts.front() += ", " + translate("sheet", "blank") + " " + number(saddle.blank->length_mm) +
                             " × " + number(saddle.blank->height_mm) + " × " +
                             number(saddle.blank->thickness_mm);
        facts.push_back(with_values(translate("sheet", "ends rounded %1"),
                                    number(context.solution.saddle.end_radius_mm)));
    }
    if (const auto& radius = context.solution.saddle.crown_radius_mm) {
        std::string words = with_values(translate("sheet", "crown radius %1"), number(*radius));
        if (const auto block = nearest_block_mm(*radius, crown_span_along_mm(context.solution),
                                                context.tools.radius_blocks_mm))
            words += ", " + with_values(translate("sheet", "block %1"), number(*block));
        facts.push_back(words);
    }
    facts.push_back(context.job.left_handed ? translate("sheet", "left-handed")
                                            : translate("sheet", "right-handed"));
    return facts;
}

class SaddlePage {
public:
    explicit SaddlePage(const SheetContext& context)
        : span_(saddle_span(context.solution)), highest_(highest_of(context)), page_(begun(context)),
          design_(page_.design()) {
        options_.mirrored = page_.job().left_handed;
    }

    std::vector<Sheet> drawn() {
        page_.notices(saddle_notices(page_.job(), page_.solution()));
        true_size();
        enlargement();
        plan();
        // Many strings under a long head: their list goes on a page of its own.
        if (page_.y() - SheetPage::tight_table_room(design_.strings.size()) < page_.bottom() + 9.0) turn();
        list();
        notes();
        page_.doubts(about_the_saddle);
        sheets_.push_back({page_.finished(), page_.figures()});
        return std::move(sheets_);
    }

private:
    void turn() {
        sheets_.push_back({page_.finished(), page_.figures()});
        page_ = begun(page_.context());
    }
    SheetPage begun(const SheetContext& context) const {
        return {context, "saddle", name_of(context), facts_of(context), scale_text(1.0), lies(context)};
    }
    /// Whether the part, with its words or with its figures in the sheet's units, is wider than a standing
    /// page.
    bool lies(const SheetContext& context) const {
        const double page_mm = paper_width_mm(context.style.paper);
        double words = label_width(context, highest_, translate("sheet", "highest"), em);
        if (const auto top = bridge_top_mm(context.job.design, context.solution))
            words = std::max(words, label_width(context, *top, translate("sheet", "bridge's top"), em));
        const double figures = SheetPage::leader_mm + 1.0 + words;
        return 2.0 * (reach() + side_room_mm) > page_mm ||
               left_room_mm + 2.0 * (reach() + 5.0) + figures > page_mm - 2 * SheetPage::margin_mm;
    }
    static double highest_of(const SheetContext& context) {
        double highest_mm = saddle_highest_mm(context.job.design, context.solution);
        if (context.solution.bridge && is_bridge_top(context))
            for (const Notch& notch : context.solution.notches)
                highest_mm = std::max(highest_mm, notch.made_top_over_top_mm);
        return highest_mm;
    }
    double reach() const { return std::max(-span_.from_mm, span_.to_mm); }
    double along(std::size_t i) const {
        return -page_.bass_side() * page_.solution().strings[i].saddle_along_mm;
    }
    static std::string string_name(std::size_t i, const char* what) {
        return "saddle.strings[" + std::to_string(i) + "]." + what;
    }
    Drawing front() const { return saddle_front(design_, page_.solution(), options_); }

    void true_size() {
        const double centre = page_.middle();
        page_.heading(translate("sheet", "True size 1:1"),
                      translate("sheet", "seen from the tail; over it a strip of string places"));
        const double strip_top = page_.y() - 5.5;
        page_.text(centre, strip_top + 1.0, translate("sheet", "centreline"), em, TextAnchor::middle);
        strip(centre, strip_top);
        page_.go_to(strip_top - strip_mm - 3.0 - most_string_mm() - highest_);
        page_.page().origin = {centre, page_.y()};
        const bool to_be_cut = saddle_ground(design_, page_.solution()) != SaddleGround::fret_plane;
        page_.page().place(to_be_cut ? front() : as_picture(front()), 1.0, page_.page().origin);
        page_.side_words(centre, reach() + 3.0, page_.y() + 0.4 * highest_);
        page_.centreline(centre, page_.y() - 1.0, strip_top + 0.6, Layer::scribe);
        if (design_.saddle.material == "hardwood")
            page_.text(centre - reach() - 6.0, page_.y() - 3.4, grain_words(), em, TextAnchor::right);
        page_.down(5.0);
        page_.rule();
    }

    double most_string_mm() const {
        double most = 0;
        for (const StringDesign& string : design_.strings) most = std::max(most, string.diameter_mm);
        return most;
    }

    void strip(double centre, double top) {
        const double low = top - strip_mm;
        const double ends[2] = {centre - page_.bass_side() * span_.from_mm,
                                centre - page_.bass_side() * span_.to_mm};
        page_.page().add(rectangle_path(Layer::scribe, {std::min(ends[0], ends[1]), low},
                                        {std::max(ends[0], ends[1]), top}, pens::faint));
        for (std::size_t i = 0; i < design_.strings.size(); ++i)
            page_.page().add(
                line_path(Layer::scribe, {centre + along(i), low}, {centre + along(i), top}, pens::fine));
        page_.side_words(centre, reach() + 3.0, low + 0.5 * strip_mm - 0.3 * em);
    }

    /// Along the part from its bass end: the strings, the centreline, the other end.
    std::vector<Ordinate> places() {
        const auto from_bass = [&](const std::string& name, double along_mm) {
            const double mm = along_mm - span_.from_mm;
            return Ordinate{along_mm, 0.0, page_.figure(name, mm), mm};
        };
        std::vector<Ordinate> values{{span_.from_mm, 0.0, page_.number(0), 0.0}};
        for (std::size_t i = 0; i < design_.strings.size(); ++i)
            values.push_back(
                from_bass(string_name(i, "from_bass"), page_.solution().strings[i].saddle_along_mm));
        Ordinate middle = from_bass("saddle.centreline", 0.0);
        middle.label += " " + translate("sheet", "centreline");
        values.push_back(middle);
        values.push_back(from_bass("saddle.length", span_.to_mm));
        return values;
    }

    std::vector<Ordinate> heights() {
        std::vector<Ordinate> values{
            {0.0, 0.0, page_.figure("saddle.highest", highest_) + " " + translate("sheet", "highest"),
             highest_}};
        if (const auto top = bridge_top_mm(design_, page_.solution()))
            values.push_back(
                {0.0, 0.0, page_.figure("saddle.bridge_top", *top) + " " + translate("sheet", "bridge's top"),
                 *top});
        return values;
    }

    void enlargement() {
        const std::vector<Ordinate> along_it = places();
        const std::vector<Ordinate> up = heights();
        const double figures_room = SheetPage::longest(along_it) + 14.0;
        const double right_room = SheetPage::leader_mm + 1.0 + SheetPage::longest(up) + 5.0;
        const double rows = SheetPage::table_room(design_.strings.size()) + 26.0;
        const double plan_room = 30.0;
        const double high = page_.y() - page_.bottom() - rows - figures_room - plan_room - 22.0;
        const double wide = page_.width() - left_room_mm - right_room;
        factor_ = fm::enlargement(2.0 * reach() + 10.0, wide, highest_ + most_string_mm(), high);
        page_.heading(
            with_values(translate("sheet", "Enlarged %1"), scale_text(factor_)),
            translate("sheet", "along the part from its bass end") + "; " +
                ground_words(saddle_ground(design_, page_.solution()), design_.saddle.under_mm > 0));
        centre_ = page_.left() + left_room_mm + factor_ * (reach() + 5.0);
        const double top = page_.y() - figures_room;
        const Point ground{centre_, top - factor_ * (highest_ + most_string_mm())};
        page_.page().place(as_picture(front()), factor_, ground);
        std::vector<Ordinate> slots = along_it;
        for (Ordinate& value : slots)
            value.place = ground.x - page_.bass_side() * factor_ * value.place, value.from = top;
        page_.ordinates_along(slots, {ground.x - page_.bass_side() * factor_ * span_.from_mm, ground.y},
                              top + SheetPage::leader_mm, top + SheetPage::line_off_mm);
        page_.centreline(centre_, ground.y - 1.5, top + 1.0, Layer::dimension);
        const double edge = ground.x + factor_ * (reach() + 5.0);
        std::vector<Ordinate> levels = up;
        for (Ordinate& value : levels) value.from = edge, value.place = ground.y + factor_ * value.measured;
        page_.ordinates_up(levels, ground, edge + SheetPage::leader_mm, edge + SheetPage::line_off_mm);
        page_.go_to(ground.y - 3.0);
    }

    /// From above, across drawn several times as large as along.
    void plan() {
        const SaddleSpan depth = saddle_plan_depth(design_, page_.solution());
        constexpr double most_high_mm = 20.0;
        constexpr double more_of_a_line = 4.0; // nothing stands round the crowns that could look wrong
        const bool line_alone = !design_.has_slot() && !page_.solution().single;
        double stretch = line_alone ? more_of_a_line * factor_ : factor_;
        const double run = std::max(0.5, depth.to_mm - depth.from_mm);
        if (stretch * run > most_high_mm) stretch = most_high_mm / run;
        const double high =
            12.0 + 2.0 * factor_ + (depth.to_mm - depth.from_mm) * stretch; // head and rule, too
        if (page_.y() - high < page_.bottom()) turn();
        page_.heading(plan_head(), translate("sheet", "not to scale across; the figures are in the list"));
        Drawing view = saddle_plan(design_, page_.solution(), options_, stretch / factor_);
        const Point front{centre_, page_.y() - factor_ - 2.5 + depth.from_mm * stretch};
        page_.page().place(as_picture(std::move(view)), factor_, front);
        page_.side_words(centre_, factor_ * (reach() + 2.0),
                         front.y - 0.5 * (depth.from_mm + depth.to_mm) * stretch);
        page_.text(centre_ + factor_ * (reach() + 2.0) + 18.0, front.y - depth.from_mm * stretch - 0.75 * em,
                   translate("sheet", "HEAD"), em);
        page_.go_to(front.y - depth.to_mm * stretch - factor_ - 1.5);
        page_.rule();
    }

    std::string plan_head() const {
        if (page_.solution().single)
            return translate("sheet", "From above: the crowns from the reference edge");
        if (design_.has_slot())
            return translate("sheet", "From above: the crowns between front and back face");
        return design_.bridge->floats()
                   ? translate("sheet", "From above: the crowns from the bridge's middle line")
                   : translate("sheet", "From above: the crowns from the line of the posts");
    }

    std::string crown_head() const {
        const auto& single = page_.solution().single;
        if (!single)
            return design_.has_slot() ? translate("sheet", "crown behind front face")
                                      : translate("sheet", "crown behind that line");
        return single->edge ? translate("sheet", "crown from the edge")
                            : translate("sheet", "crown from the nut line");
    }

    std::string crown_place(std::size_t i) {
        const auto& single = page_.solution().single;
        const StraightSaddle& line = page_.solution().straight_saddle;
        if (!single && !design_.has_slot())
            return page_.figure(string_name(i, "behind_line"), line.line_to_crown_mm[i]);
        return page_.figure(string_name(i, "crown"),
                            single ? single->strings[i].from_edge_mm.value_or(single->strings[i].crown_x_mm)
                                   : line.front_to_crown_mm[i]);
    }

    void list() {
        const bool top = is_bridge_top(page_.context());
        std::vector<TableColumn> columns{
            {translate("sheet", "string")}, {translate("sheet", "to the string"), true}, {crown_head()}};
        const bool reserves = page_.solution().single && page_.solution().single->least_reserve();
        const bool shared = !design_.saddle.groups.empty();
        if (reserves)
            for (const char* head : {QT_TRANSLATE_NOOP("sheet", "left toward the nut"),
                                     QT_TRANSLATE_NOOP("sheet", "left away from it")})
                columns.push_back({translate("sheet", head)});
        if (shared) columns.push_back({translate("sheet", "pays, cents")});
        if (top)
            for (const char* head :
                 {QT_TRANSLATE_NOOP("sheet", "notch width"), QT_TRANSLATE_NOOP("sheet", "notch depth")})
                columns.push_back({translate("sheet", head)});
        else
            columns.push_back({translate("sheet", "compensation")});
        std::vector<std::vector<std::string>> rows;
        for (std::size_t i = 0; i < design_.strings.size(); ++i) {
            std::vector<std::string> row{
                design_.string_name(i),
                page_.figure(string_name(i, "height"), saddle_height_mm(design_, page_.solution(), i)),
                crown_place(i)};
            if (reserves) {
                const Reserve& left = *page_.solution().single->strings[i].reserve;
                row.push_back(page_.number(left.toward_nut_mm));
                row.push_back(page_.number(left.from_nut_mm));
            }
            if (shared) row.push_back(fixed_text(page_.solution().single->strings[i].shared_cents, 1));
            if (top) {
                const Notch& notch = page_.solution().notches[i];
                row.push_back(page_.figure(string_name(i, "notch_width"), notch.width_mm));
                row.push_back(page_.figure(string_name(i, "notch_depth"), notch.depth_mm));
            } else
                row.push_back(page_.figure(string_name(i, "compensation"),
                                           page_.solution().strings[i].compensation_mm));
            rows.push_back(std::move(row));
        }
        page_.table(columns, rows, page_.bottom() + 24.0);
    }

    void notes() {
        page_.down(1.0);
        if (page_.solution().single) return;
        const double angle = page_.solution().straight_saddle.line.angle_deg;
        if (design_.has_slot())
            page_.paragraph(
                with_values(translate("sheet", "Thickness %1; it holds in its slot without being forced."),
                            page_.figure("saddle.thickness", design_.saddle.thickness_mm)));
        page_.paragraph(with_values(
            translate("sheet", "The crowns' line stands at %1 to the square, the %2 end further back."),
            page_.angle_figure("saddle.angle", std::abs(angle)),
            angle < 0 ? translate("sheet", "bass") : translate("sheet", "treble")));
    }

    std::vector<Sheet> sheets_; // those before the one that is being drawn
    SaddleSpan span_;
    double highest_; ///< with what stands over its notches
    SheetPage page_;
    const Design& design_;
    SaddleViewOptions options_;
    double factor_ = 1;
    double centre_ = 0;
};

} // namespace

std::vector<Sheet> saddle_sheets(const SheetContext& context) {
    return SaddlePage(context).drawn();
}

} // namespace fm
