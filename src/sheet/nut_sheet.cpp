// The layout of one page from top to bottom: longer than other files because every block starts where the one
// above ends.
#include "sheet/nut_sheet.h"

#include "core/tools.h"
#include "sheet/fonts.h"
#include "sheet/nut_views.h"

#include <QCoreApplication>

#include <algorithm>
#include <cmath>

namespace fm {

namespace {

constexpr double margin_mm = 12;
constexpr double body_em = 3.0;
constexpr double small_em = 2.5;
constexpr double least_row_mm = 4.7;
constexpr double most_row_mm = 6.2;
constexpr double strip_mm = 7;
constexpr double dimension_step_mm = 4;
constexpr double leader_mm = 7;
constexpr Stroke rule{0.13, Ink::faint, LineStyle::solid};

// Named as the translators' tool expects it: a context, then the English.
std::string translate(const char* context, const char* text) {
    return QCoreApplication::translate(context, text).toStdString();
}
std::string translate(const char* context, const char* text, const std::string& value) {
    return QCoreApplication::translate(context, text).arg(QString::fromStdString(value)).toStdString();
}

std::string seat_name(Seat seat) {
    switch (seat) {
    case Seat::square: return translate("sheet", "seat square");
    case Seat::angled: return translate("sheet", "seat at the headstock's angle");
    case Seat::curved: return translate("sheet", "seat curved");
    }
    return {};
}

class Page {
public:
    explicit Page(const NutSheet& sheet)
        : sheet_(sheet), design_(sheet.job.design), width_(paper_width_mm(sheet.paper)),
          y_(paper_height_mm(sheet.paper) - margin_mm) {
        page_.width = width_;
        page_.height = paper_height_mm(sheet.paper);
        page_.title = translate("sheet", "Nut") + " · " + sheet.job.title;
        options_.mirrored = sheet.job.left_handed;
        options_.strings = false;
        half_ = nut_half_length_mm(design_, sheet.solution);
        edge_fall_ = seat_fall_mm(design_.nut, 0.5 * design_.neck.nut_width_mm);
        height_ = nut_height_mm(design_, sheet.solution);
        bass_sign_ = sheet.job.left_handed ? 1.0 : -1.0;
    }

    Drawing drawn() {
        title_block();
        true_size();
        enlargement();
        cut_list();
        check_bars();
        return std::move(page_);
    }

private:
    std::string number(double mm) const { return sheet_number(mm, sheet_.job.unit); }
    std::string unit() const { return std::string(unit_word(sheet_.job.unit)); }

    void text(double x, double y, const std::string& words, double em = body_em,
              TextAnchor anchor = TextAnchor::left, bool bold = false) {
        Text item;
        item.at = {x, y};
        item.text = words;
        item.em_mm = em;
        item.anchor = anchor;
        item.bold = bold;
        page_.add(item);
    }

    void ruled(double y) { page_.add(line_path(Layer::text, {margin_mm, y}, {width_ - margin_mm, y}, rule)); }

    /// A title shortened to a width; a job's title may be long.
    static std::string fitted(const std::string& words, double em, double most_mm, bool bold) {
        constexpr int longest = 200; // more never fits a line; measuring it would take its time
        QString shown = QString::fromStdString(words).left(longest);
        if (text_width(shown, em, bold) <= most_mm) return shown.toStdString();
        while (!shown.isEmpty() && text_width(shown + QChar(0x2026), em, bold) > most_mm) shown.chop(1);
        return (shown + QChar(0x2026)).toStdString();
    }

    void title_block() {
        const double right = width_ - margin_mm;
        y_ -= 5;
        text(margin_mm, y_, fitted(page_.title, 6, right - margin_mm - 45, true), 6, TextAnchor::left, true);
        text(right, y_, sheet_.date, body_em, TextAnchor::right);
        y_ -= 6.5;
        std::string facts = material_name(design_.nut.material);
        if (const auto& blank = design_.nut.blank)
            facts += ", " + translate("sheet", "blank") + " " + number(blank->length_mm) + " × " +
                     number(blank->height_mm) + " × " + number(blank->thickness_mm);
        facts += " · " + seat_name(design_.nut.seat);
        facts += " · " + (sheet_.job.left_handed ? translate("sheet", "left-handed")
                                                 : translate("sheet", "right-handed"));
        if (!sheet_.job.owner.empty()) facts += " · " + translate("sheet", "owner %1", sheet_.job.owner);
        text(margin_mm, y_, fitted(facts, body_em, right - margin_mm - 40, false));
        text(right, y_, translate("sheet", "all lengths in %1", unit()), body_em, TextAnchor::right);
        y_ -= 3;
        ruled(y_);
    }

    void side_words(double centre, double half, double y) {
        for (const double side : {-1.0, 1.0})
            text(centre + side * (half + 3.0), y,
                 side == bass_sign_ ? translate("sheet", "BASS") : translate("sheet", "TREBLE"), small_em,
                 side < 0 ? TextAnchor::right : TextAnchor::left);
    }

    void true_size() {
        const double centre = 0.5 * width_;
        y_ -= 5;
        text(margin_mm, y_, translate("sheet", "True size 1:1"), body_em, TextAnchor::left, true);
        text(margin_mm, y_ - 4.5, translate("sheet", "first a strip of slot centres"), small_em);
        text(margin_mm, y_ - 8.5, translate("sheet", "to stick on the blank"), small_em);
        const double strip_top = y_ + 2.0;
        strip(centre, strip_top);
        y_ = strip_top - strip_mm - 4.0 - height_;
        page_.origin = {centre, y_};
        page_.place(nut_front(design_, sheet_.solution, options_), 1.0, page_.origin);
        side_words(centre, half_, y_ + 0.4 * height_);
        const Drawing end = nut_end(design_, sheet_.solution, options_);
        const double end_x = sheet_.job.left_handed ? centre - half_ - 22.0
                                                    : centre + half_ + 22.0; // front face toward the part
        page_.place(end, 1.0, {end_x, y_});
        y_ -= 5.0 + edge_fall_ + design_.nut.thickness_mm;
        page_.place(nut_plan(design_, sheet_.solution, options_), 1.0, {centre, y_});
        text(centre + half_ + 3.0, y_ + design_.nut.thickness_mm - 0.75 * small_em,
             translate("sheet", "HEAD"), small_em);
        y_ -= 4;
        ruled(y_);
    }

    /// Slot centres on a strip to cut out and stick on the blank.
    void strip(double centre, double top) {
        const double low = top - strip_mm;
        page_.add(rectangle_path(Layer::scribe, {centre - half_, low}, {centre + half_, top}, rule));
        for (const StringSolution& string : sheet_.solution.strings) {
            const double x = centre - bass_sign_ * string.slot.along_mm;
            page_.add(line_path(Layer::scribe, {x, low}, {x, top}, {0.13, Ink::line, LineStyle::solid}));
        }
        side_words(centre, half_, low + 0.5 * strip_mm - 0.3 * small_em);
    }

    /// A height of the enlarged front, from the seat, with the word that names it.
    struct Height {
        double mm;
        std::string label;
    };

    /// Heights to the right of the front view: the far edge and the lines across it.
    std::vector<Height> heights_right() const {
        const std::vector<Point> profile = nut_top_profile(design_, sheet_.solution);
        const double edge = (bass_sign_ < 0 ? profile.back() : profile.front()).y - edge_fall_;
        const double board = design_.nut.board_above_seat_mm;
        const double fret_tops = board + design_.neck.fret_height_mm;
        std::vector<Height> heights{{edge, number(edge) + " " + translate("sheet", "edge")},
                                    {board, number(board) + " " + translate("sheet", "board")},
                                    {fret_tops, number(fret_tops) + " " + translate("sheet", "fret tops")},
                                    {height_, number(height_) + " " + translate("sheet", "highest")}};
        std::sort(heights.begin(), heights.end(),
                  [](const Height& p, const Height& q) { return p.mm < q.mm; });
        return heights;
    }

    Height height_left() const {
        const std::vector<Point> profile = nut_top_profile(design_, sheet_.solution);
        const double edge = (bass_sign_ < 0 ? profile.front() : profile.back()).y - edge_fall_;
        return {edge, number(edge)};
    }

    static double width_of(const std::string& words, double em) {
        return text_width(QString::fromStdString(words), em);
    }

    double right_room() const {
        double widest = 0;
        for (const Height& height : heights_right())
            widest = std::max(widest, width_of(height.label, small_em));
        return leader_mm + 1.0 + widest;
    }
    double left_room() const {
        return std::max(leader_mm + 1.0 + width_of(height_left().label, small_em),
                        width_of(translate("sheet", "FRONT"), small_em) + 2.0);
    }

    /// Room over the enlarged front for the slots' figures, which stand upright.
    double figures_room() const {
        double longest = 0;
        for (const StringSolution& string : sheet_.solution.strings)
            longest = std::max(longest, width_of(number(std::abs(string.slot.along_mm)), small_em));
        return longest + 13.0;
    }

    double enlargement_factor() const {
        const double wide = width_ - 2 * margin_mm - left_room();
        const double beside_plan =
            dimension_step_mm + width_of(number(design_.nut.thickness_mm), small_em) + 8.0;
        const double rows = static_cast<double>(design_.strings.size());
        const double high = y_ - margin_mm - 16.0 - (rows + 2) * least_row_mm - figures_room() - 30.0;
        for (const double factor : {5.0, 4.0, 3.0, 2.5, 2.0, 1.5}) {
            const double beside = std::max(right_room(), beside_plan + factor * design_.nut.thickness_mm);
            const bool fits_wide = factor * 2 * half_ + beside <= wide;
            const bool fits_high = factor * (height_ + edge_fall_ + design_.nut.thickness_mm) <= high;
            if (fits_wide && fits_high) return factor;
        }
        return 1.0;
    }

    /// In the enlargement nothing is to be cut: its lines go to the layer of dimensions.
    static Drawing as_picture(Drawing view) {
        for (Item& item : view.items)
            if (Path* path = std::get_if<Path>(&item)) path->layer = Layer::dimension;
        return view;
    }

    void enlargement() {
        const double factor = enlargement_factor();
        y_ -= 5;
        text(margin_mm, y_,
             translate("sheet", "Enlarged %1:1", fixed_text(factor, factor == std::floor(factor) ? 0 : 1)),
             body_em, TextAnchor::left, true);
        text(width_ - margin_mm, y_,
             translate("sheet", "slot centres from the centreline, along the nut; heights from the seat, in "
                                "the middle but for the edges"),
             small_em, TextAnchor::right);
        const double centre = margin_mm + left_room() + factor * half_;
        const Point seat{centre, y_ - figures_room() - factor * height_};
        page_.place(as_picture(nut_front(design_, sheet_.solution, options_)), factor, seat);
        slot_dimensions(seat, factor);
        height_dimensions(seat, factor);
        LinearDimension length{{seat.x - factor * half_, seat.y - factor * edge_fall_},
                               {seat.x + factor * half_, seat.y - factor * edge_fall_},
                               false,
                               seat.y - factor * edge_fall_ - 7.0,
                               number(2 * half_),
                               2 * half_};
        page_.add(length);
        const double thickness = design_.nut.thickness_mm;
        const Point plan{centre, seat.y - factor * edge_fall_ - 13.0 - factor * thickness};
        page_.place(as_picture(nut_plan(design_, sheet_.solution, options_)), factor, plan);
        page_.add(LinearDimension{{centre + factor * half_, plan.y},
                                  {centre + factor * half_, plan.y + factor * thickness},
                                  true,
                                  centre + factor * half_ + dimension_step_mm,
                                  number(thickness),
                                  thickness});
        text(margin_mm, plan.y + factor * thickness - 0.75 * small_em, translate("sheet", "HEAD"), small_em);
        text(margin_mm, plan.y, translate("sheet", "FRONT"), small_em);
        words_under_front(seat, factor);
        end_view({centre + factor * half_ + dimension_step_mm + width_of(number(thickness), small_em) + 8.0,
                  plan.y},
                 factor);
        y_ = plan.y - 5.0;
        ruled(y_);
    }

    void words_under_front(Point seat, double factor) {
        const double y = seat.y - factor * edge_fall_ - 4.4;
        for (const double side : {-1.0, 1.0})
            text(seat.x + side * (factor * half_ - 1.2), y,
                 side == bass_sign_ ? translate("sheet", "BASS") : translate("sheet", "TREBLE"), small_em,
                 side < 0 ? TextAnchor::left : TextAnchor::right);
    }

    void end_view(Point front, double factor) {
        const NutViewOptions unmirrored; // a section reads the same for both hands
        const double angled =
            design_.nut.seat == Seat::angled
                ? design_.nut.thickness_mm * std::tan(design_.nut.headstock_angle_deg * 0.017453292519943295)
                : 0.0;
        const Point seat{front.x, front.y + factor * angled};
        NutViewOptions options = unmirrored;
        options.strings = false;
        page_.place(as_picture(nut_end(design_, sheet_.solution, options)), factor, seat);
        const std::string angle = fixed_text(design_.nut.headstock_angle_deg, 1) + "°";
        const std::string words = design_.nut.seat == Seat::angled
                                      ? translate("sheet", "end view, seat %1", angle)
                                      : translate("sheet", "end view");
        const double middle = front.x + 0.5 * factor * design_.nut.thickness_mm;
        const double most = width_ - margin_mm - 0.5 * width_of(words, small_em);
        text(std::min(middle, most), front.y - 3.2, words, small_em, TextAnchor::middle);
    }

    void slot_dimensions(Point seat, double factor) {
        std::vector<double> wanted;
        for (const StringSolution& string : sheet_.solution.strings)
            wanted.push_back(seat.x - bass_sign_ * factor * string.slot.along_mm);
        const bool reversed = bass_sign_ > 0;
        if (reversed) std::reverse(wanted.begin(), wanted.end());
        std::vector<double> places = spread_places(wanted, small_em * 1.25);
        if (reversed) std::reverse(places.begin(), places.end());
        const double leader_end = seat.y + factor * height_ + 7.0;
        for (std::size_t i = 0; i < sheet_.solution.strings.size(); ++i) {
            const SlotWork& slot = sheet_.solution.strings[i].slot;
            const double x = seat.x - bass_sign_ * factor * slot.along_mm;
            const double top = seat.y + factor * slot.made_top_above_seat_mm;
            OrdinateDimension dimension{{seat.x, seat.y},
                                        {x, top + 1.5},
                                        {places[i], leader_end},
                                        false,
                                        number(std::abs(slot.along_mm)),
                                        std::abs(slot.along_mm),
                                        small_em};
            page_.add(dimension);
        }
    }

    void height_dimensions(Point seat, double factor) {
        const double edge = factor * half_;
        const std::vector<Height> right = heights_right();
        std::vector<double> wanted;
        for (const Height& height : right) wanted.push_back(seat.y + factor * height.mm);
        const std::vector<double> places = spread_places(wanted, small_em * 1.15);
        for (std::size_t i = 0; i < right.size(); ++i) {
            const Point feature{seat.x + edge, wanted[i]};
            page_.add(OrdinateDimension{seat,
                                        feature,
                                        {feature.x + leader_mm, places[i]},
                                        true,
                                        right[i].label,
                                        right[i].mm,
                                        small_em});
        }
        const Height left = height_left();
        const Point feature{seat.x - edge, seat.y + factor * left.mm};
        page_.add(OrdinateDimension{
            seat, feature, {feature.x - leader_mm, feature.y}, true, left.label, left.mm, small_em});
    }

    struct Column {
        std::string head;
        double right;
    };

    void cut_list() {
        const double left = margin_mm;
        const double wide = width_ - 2 * margin_mm;
        const std::vector<Column> columns{
            {translate("sheet", "string"), 0.0},     {translate("sheet", "saw to"), 0.22},
            {translate("sheet", "floor"), 0.35},     {translate("sheet", "depth"), 0.48},
            {translate("sheet", "width"), 0.61},     {translate("sheet", "file"), 0.86},
            {translate("sheet", "floor angle"), 1.0}};
        y_ -= 4.5;
        for (const Column& column : columns)
            text(left + column.right * wide, y_, column.head, small_em,
                 column.right == 0.0 ? TextAnchor::left : TextAnchor::right);
        y_ -= 1.5;
        ruled(y_);
        const double room = (y_ - margin_mm - 16.0) / static_cast<double>(design_.strings.size());
        const double row_mm = std::clamp(room, least_row_mm, most_row_mm);
        for (std::size_t i = 0; i < design_.strings.size(); ++i) {
            y_ -= row_mm - 1.0;
            const SlotWork& slot = sheet_.solution.strings[i].slot;
            const std::vector<std::string> cells{design_.string_name(i),
                                                 number(slot.saw_to_above_seat_mm),
                                                 number(slot.floor_above_seat_mm),
                                                 number(slot.depth_mm),
                                                 number(slot.width_mm),
                                                 file_words(i),
                                                 fixed_text(slot.floor_angle_deg, 1) + "°"};
            for (std::size_t c = 0; c < cells.size(); ++c)
                text(left + columns[c].right * wide, y_, cells[c], body_em,
                     c == 0 ? TextAnchor::left : TextAnchor::right, c == 2);
            y_ -= 1.0;
        }
    }

    std::string file_words(std::size_t i) const {
        const StringDesign& string = design_.strings[i];
        const FileChoice file =
            file_for_slot(sheet_.tools.nut_files_mm, string.diameter_mm,
                          design_.nut.slot_clearance_mm.of(string.wound), design_.nut.file_over_mm);
        switch (file.fit) {
        case FileFit::fits: return number(file.width_mm);
        case FileFit::rock:
            return number(file.width_mm) + " " + translate("sheet", "rock %1", number(file.short_mm));
        case FileFit::none: return translate("sheet", "none fits");
        }
        return {};
    }

    void check_bars() {
        const double y = margin_mm + 3.0;
        bar(margin_mm, y, 100.0, "100 mm");
        bar(margin_mm, y + 8.0, 4.0 * mm_per_inch, "4 in");
        text(margin_mm + 106.0, y + 6.0, translate("sheet", "Print at 100 %, not fitted to the page."),
             small_em);
        text(margin_mm + 106.0, y + 2.0, translate("sheet", "Check both bars with a caliper before cutting."),
             small_em);
    }

    void bar(double x, double y, double length, const std::string& words) {

        const Stroke stroke{0.13, Ink::line, LineStyle::solid};
        page_.add(line_path(Layer::dimension, {x, y}, {x + length, y}, stroke));
        for (const double end : {x, x + length})
            page_.add(line_path(Layer::dimension, {end, y - 1.5}, {end, y + 1.5}, stroke));
        text(x + 0.5 * length, y + 0.9, words, small_em, TextAnchor::middle);
    }

    const NutSheet& sheet_;
    const Design& design_;
    double width_;
    double y_;
    NutViewOptions options_;
    double half_ = 0;
    double height_ = 0;    // highest point over the seat's middle
    double edge_fall_ = 0; // of a curved seat
    double bass_sign_ = -1;
    Drawing page_;
};

} // namespace

std::string material_name(const std::string& material) {
    if (material == "bone") return translate("sheet", "bone");
    if (material == "brass") return translate("sheet", "brass");
    if (material == "hardwood") return translate("sheet", "hardwood");
    if (material == "synthetic") return translate("sheet", "synthetic");
    return material;
}

std::string sheet_number(double length_mm, Unit unit) {
    if (unit != Unit::sixty_fourths) return fixed_text(length_mm / mm_per(unit), usual_decimals(unit));
    const SixtyFourths parts = sixty_fourths(length_mm);
    const std::string rest = fixed_text(std::abs(parts.remainder_mm), 2);
    if (rest == "0.00") return fraction_text(parts.count);
    return fraction_text(parts.count) + (parts.remainder_mm < 0 ? "-" : "+") + rest.substr(1);
}

std::vector<double> spread_places(const std::vector<double>& wanted, double apart) {
    // Clusters of touching labels sit at the mean of what they want; merge until none overlap.
    struct Cluster {
        double middle;
        std::size_t count;
    };
    std::vector<Cluster> clusters;
    for (const double place : wanted) {
        clusters.push_back({place, 1});
        while (clusters.size() > 1) {
            const Cluster b = clusters.back();
            const Cluster a = clusters[clusters.size() - 2];
            const double room = 0.5 * apart * static_cast<double>(a.count + b.count);
            if (b.middle - a.middle >= room) break;
            const auto na = static_cast<double>(a.count);
            const auto nb = static_cast<double>(b.count);
            clusters.pop_back();
            clusters.back() = {(a.middle * na + b.middle * nb) / (na + nb), a.count + b.count};
        }
    }
    std::vector<double> places;
    for (const Cluster& cluster : clusters)
        for (std::size_t i = 0; i < cluster.count; ++i)
            places.push_back(cluster.middle +
                             apart * (static_cast<double>(i) - 0.5 * static_cast<double>(cluster.count - 1)));
    return places;
}

Drawing nut_sheet(const NutSheet& sheet) {
    return Page(sheet).drawn();
}

} // namespace fm
