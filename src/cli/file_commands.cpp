// What reads or writes another kind of file, or one reading: convert, temperament, strings, sheet.
#include "cli/command_parts.h"
#include "cli/sheet_command.h"
#include "core/reading.h"
#include "job/job_file.h"
#include "job/json.h"
#include "job/scala.h"
#include "job/string_set.h"

#include <cmath>

namespace fm {

namespace {

/// Without the dust of binary fractions: to a billionth.
std::string tidy_text(double value) {
    return number_text(std::round(value * 1e9) / 1e9);
}

/// A file of another format read by `read`; its faults name the file.
CommandResult imported(const Words& words, Value (*read)(std::string_view)) {
    const std::string& path = words.plain[0];
    const std::string text = load_file(QString::fromStdString(path)).text.toStdString();
    try {
        return printed(read(text), words);
    } catch (const InputError& error) {
        Message message = error.message();
        message.where = path;
        return told({message});
    }
}

} // namespace

CommandResult convert_command(const Words& words) {
    const std::string& text = words.plain[0];
    const ReadingResult result = parse_reading(text);
    if (!result) {
        Message fault{
            message_id(result.error.fault), Severity::error, {}, {static_cast<int>(result.error.at) + 1}};
        return {{}, "error: \"" + text + "\": " + english(fault) + "\n", 1};
    }
    std::string line;
    const auto to = words.option("--to");
    if (to && !unit_of_word(*to)) return usage("--to is " + *to + "; allowed are mm, in, thou, 64ths");
    for (const Unit unit : {Unit::mm, Unit::in, Unit::thou, Unit::sixty_fourths}) {
        if (to && unit_of_word(*to) != unit) continue;
        const double mm = result.reading->mm;
        const std::string shown = unit == Unit::sixty_fourths
                                      ? length_text(mm, unit)
                                      : tidy_text(mm / mm_per(unit)) + " " + std::string(unit_word(unit));
        line += (line.empty() ? "" : "  ") + shown;
    }
    if (result.reading->uncertainty_mm) line += "  ±" + tidy_text(*result.reading->uncertainty_mm) + " mm";
    if (result.reading->fraction_as_inches) line += "  (fraction taken as inches)";
    return {line + "\n", {}, 0};
}

CommandResult temperament_command(const Words& words) {
    return imported(words, temperament_of_scl);
}

CommandResult strings_command(const Words& words) {
    return imported(words, strings_of_csv);
}

CommandResult sheet_command(const Words& words) {
    const std::string part = words.option("--part").value_or("nut");
    if (part != "nut") return usage("--part is " + part + "; this version draws nut");
    const auto file = words.option("-o");
    if (!file) return usage("sheet needs -o FILE");
    const std::string paper = words.option("--paper").value_or("a4");
    if (paper != "a4" && paper != "letter") return usage("--paper is " + paper + "; allowed are a4, letter");
    const Workshop workshop = workshop_of(words);
    const SolvedJob solved = solved_job(words.plain[0]);
    if (!solved.good()) return told(solved.problems);
    const std::string fault = write_sheet(
        {*solved.job, solved.solution, tools_of(*solved.job, workshop), *file, paper == "letter"});
    if (!fault.empty()) return usage(fault);
    return {};
}

} // namespace fm
