#include "sheet/pages/shop_words.h"

#include "job/read/story.h"
#include "sheet/words/sheet_words.h"

#include <QCoreApplication>

#include <set>

namespace fm {

namespace {

/// The newest relief that was read, else none.
std::optional<double> relief_read_mm(const JobBeforeAfter& story) {
    return story.relief_mm.now ? story.relief_mm.now : story.relief_mm.found;
}

/// Each gauge that was used, once: a common one by its sentence, the shop's own by its name.
std::string gauges_words(const Job& job) {
    std::set<std::string> used;
    for (const ReadingEntry& entry : job.readings.in_order())
        for (const std::string& gauge : {entry.gauges.nut, entry.gauges.action, entry.gauges.relief}) {
            if (gauge.empty()) continue;
            const bool is_common = !english_template("gauge." + gauge).empty();
            used.insert(is_common ? sheet_sentence("gauge." + gauge)
                                  : with_values(translate("sheet", "read with %1"), gauge));
        }
    std::string words;
    for (const std::string& each : used) words += (words.empty() ? "" : ", ") + each;
    return words;
}

std::string piece_words(const char* name, const std::string& material, double thickness_mm, Unit unit) {
    return translate("sheet", name) + ": " + material_name(material) + ", " +
           with_values(translate("sheet", "%1 thick"), sheet_length(thickness_mm, unit));
}

} // namespace

ShopWords shop_words(const Job& job, const Solution& solution, const Tools& tools,
                     const std::function<std::string(double)>& number) {
    const Design& design = job.design;
    const JobBeforeAfter story = before_and_after(job);
    ShopWords words;
    words.facts.push_back(piece_words(QT_TRANSLATE_NOOP("sheet", "Nut"), design.nut.material,
                                      design.nut.thickness_mm, job.unit));
    if (design.has_slot())
        words.facts.push_back(piece_words(QT_TRANSLATE_NOOP("sheet", "Saddle"), design.saddle.material,
                                          design.saddle.thickness_mm, job.unit));
    if (design.neck.relief) {
        std::string relief = with_values(translate("sheet", "Relief: %1 aimed at, held at frets %2"),
                                         sheet_length(design.neck.relief->depth_mm, job.unit),
                                         std::to_string(design.neck.relief->from_fret) + " – " +
                                             std::to_string(design.neck.relief->to_fret));
        if (const auto read = relief_read_mm(story))
            relief += ", " + with_values(translate("sheet", "%1 read last"), sheet_length(*read, job.unit));
        words.facts.push_back(relief);
    }
    if (const std::string gauges = gauges_words(job); !gauges.empty()) words.facts.push_back(gauges);
    const bool has_slots = !design.nut.clamping;
    words.columns = {translate("sheet", "string"),
                     translate("sheet", "gauge"),
                     translate("sheet", "fret 1, aimed at"),
                     translate("sheet", "read last"),
                     translate("sheet", "fret 12, aimed at"),
                     translate("sheet", "read last")};
    if (has_slots)
        for (const char* column : {QT_TRANSLATE_NOOP("sheet", "floor"), QT_TRANSLATE_NOOP("sheet", "slot"),
                                   QT_TRANSLATE_NOOP("sheet", "file")})
            words.columns.push_back(translate("sheet", column));
    const auto last = [&](const BeforeAfter& value) {
        const std::optional<double>& mm = value.now ? value.now : value.found;
        return mm ? number(*mm) : std::string("–");
    };
    for (std::size_t i = 0; i < solution.strings.size(); ++i) {
        const StringSolution& string = solution.strings[i];
        std::vector<std::string> row{design.string_name(i),
                                     number(design.strings[i].diameter_mm),
                                     number(story.nut_way.of(string)),
                                     last(story.strings[i].nut_gap_mm),
                                     number(action_way(design).of(string)),
                                     last(story.strings[i].action_mm)};
        if (has_slots) {
            row.push_back(number(string.slot.floor_above_seat_mm));
            row.push_back(number(string.slot.width_mm));
            row.push_back(file_words(job, tools, i));
        }
        words.rows.push_back(std::move(row));
    }
    return words;
}

std::string file_words(const Job& job, const Tools& tools, std::size_t string) {
    const StringDesign& one = job.design.strings[string];
    const NutDesign& nut = job.design.nut;
    const auto number = [&](double mm) { return sheet_number(mm, job.unit); };
    const FileChoice file = file_for_slot(tools.nut_files_mm, one.diameter_mm,
                                          nut.slot_clearance_mm.of(one.wound), nut.file_over_mm);
    std::string called(tools.name_of_file(file.width_mm));
    if (!called.empty()) called = " " + called;
    std::string width = (tools.usual_files ? "\u2248" : "") + number(file.width_mm) + called;
    switch (file.fit) {
    case FileFit::fits: return width;
    case FileFit::rock:
        return width + " " + with_values(translate("sheet", "rock %1"), number(file.short_mm));
    case FileFit::none: return translate("sheet", "none fits");
    case FileFit::unlisted: return translate("sheet", "not listed");
    }
    return {};
}

} // namespace fm
