// What reads another kind of file, or one reading: convert, temperament, strings, printer.
#include "cli/command_parts.h"
#include "core/words/length.h"
#include "core/words/word_of.h"
#include "job/document/job_file.h"
#include "job/document/json.h"
#include "job/exchange/scala.h"
#include "job/exchange/string_set.h"

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
    const LengthResult result = parse_length(text);
    if (!result) {
        Message fault{
            message_id(result.error.fault), Severity::error, {}, {static_cast<int>(result.error.at) + 1}};
        return {{}, "error: \"" + text + "\": " + english(fault) + "\n", 1};
    }
    std::string line;
    const auto to = words.option("--to");
    if (to && !of_word<Unit>(*to)) return usage("--to is " + *to + "; allowed are mm, in, thou, 64ths");
    for (const Unit unit : {Unit::mm, Unit::in, Unit::thou, Unit::sixty_fourths}) {
        if (to && of_word<Unit>(*to) != unit) continue;
        const double mm = result.length->mm;
        const std::string shown = unit == Unit::sixty_fourths
                                      ? length_text(mm, unit)
                                      : tidy_text(mm / mm_per(unit)) + " " + std::string(word_of(unit));
        line += (line.empty() ? "" : "  ") + shown;
    }
    if (result.length->uncertainty_mm) line += "  ±" + tidy_text(*result.length->uncertainty_mm) + " mm";
    if (result.length->fraction_as_inches) line += "  (fraction taken as inches)";
    return {line + "\n", {}, 0};
}

CommandResult temperament_command(const Words& words) {
    return imported(words, temperament_of_scl);
}

CommandResult strings_command(const Words& words) {
    return imported(words, strings_of_csv);
}

CommandResult printer_command(const Words& words) {
    const auto folder = words.option("--workshop");
    if (!folder) return usage("printer needs --workshop DIR");
    ShopPrinter printer{words.plain[0]};
    for (const auto& [name, bar] :
         {std::pair{"--bar-x", &printer.bar_x_mm}, std::pair{"--bar-y", &printer.bar_y_mm}}) {
        const auto text = words.option(name);
        if (!text) return usage(std::string("printer needs ") + name + " READING");
        const LengthResult written = parse_length(*text);
        if (!written) return usage(std::string(name) + " is " + *text + "; it must be a length");
        *bar = written.length->mm;
    }
    (void)shop_of(words, {}); // a folder that is not there is told
    keep_printer(QString::fromStdString(*folder), printer);
    return {};
}

} // namespace fm
