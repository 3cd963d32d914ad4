#include "cli/commands.h"

#include "cli/sheet_command.h"
#include "cli/solution_json.h"
#include "core/reading.h"
#include "job/job_file.h"
#include "job/json.h"
#include "workshop/workshop.h"

#include <cmath>
#include <optional>

namespace fm {

namespace {

constexpr const char* help_text = R"(usage: fair-measure-cli COMMAND [OPTIONS]

  solve JOB                     the whole solution as JSON
  check JOB                     what is wrong or doubtful in a job, one line each
  convert READING [--to mm|in|thou|64ths]
                                one reading, as the fields take it
  sheet JOB --part nut -o FILE.pdf|.svg|.dxf [--paper a4|letter]
                                a true-size template
  --workshop DIR                the shop's files and feelers (solve, check, sheet)
  --help, --version

Exit: 0 done; 1 the job cannot be solved; 2 wrong usage.
)";

CommandResult usage(const std::string& fault) {
    return {{}, fault + "\n\n" + help_text, 2};
}

std::string line_of(const Message& message) {
    const char* word = message.severity == Severity::error     ? "error"
                       : message.severity == Severity::warning ? "warning"
                                                               : "note";
    const bool named =
        message.where.empty() || english_template(message.id).find("{where}") != std::string_view::npos;
    return std::string(word) + ": " + (named ? "" : message.where + ": ") + english(message) + "\n";
}

/// The words of a command: what stands alone, and the options with their values.
struct Words {
    std::vector<std::string> plain;
    std::vector<std::pair<std::string, std::string>> options;

    std::optional<std::string> option(const std::string& name) const {
        for (const auto& [key, value] : options)
            if (key == name) return value;
        return std::nullopt;
    }
};

std::optional<Words> sorted_words(const std::vector<std::string>& words,
                                  const std::vector<std::string>& known, std::string& fault) {
    Words sorted;
    for (std::size_t i = 1; i < words.size(); ++i) {
        const bool negative_number = words[i].size() > 1 && words[i][0] == '-' &&
                                     (words[i][1] == '.' || (words[i][1] >= '0' && words[i][1] <= '9'));
        if (!words[i].starts_with('-') || negative_number) {
            sorted.plain.push_back(words[i]);
            continue;
        }
        bool is_known = false;
        for (const std::string& name : known) is_known = is_known || name == words[i];
        if (!is_known) {
            fault = "unknown option " + words[i];
            return std::nullopt;
        }
        if (i + 1 >= words.size()) {
            fault = words[i] + " needs a value";
            return std::nullopt;
        }
        sorted.options.emplace_back(words[i], words[i + 1]);
        ++i;
    }
    return sorted;
}

Job loaded_job(const std::string& path, std::vector<Message>& problems, bool& good) {
    JobResult result = read_job(parse_json(load_file(QString::fromStdString(path)).text.toStdString()));
    problems = std::move(result.problems);
    good = result.job.has_value();
    return good ? std::move(*result.job) : Job{};
}

CommandResult told(const std::vector<Message>& problems) {
    CommandResult result;
    for (const Message& problem : problems) result.errors += line_of(problem);
    result.exit_code = 1;
    return result;
}

/// The shop a command is to use; none: an empty one. @throws InputError for a broken workshop.json
Workshop workshop_of(const Words& words) {
    const auto folder = words.option("--workshop");
    return folder ? Workshop(QString::fromStdString(*folder)) : Workshop();
}

CommandResult solve_command(const Words& words) {
    std::vector<Message> problems;
    bool good = false;
    const Job job = loaded_job(words.plain[0], problems, good);
    if (!good) return told(problems);
    const Workshop workshop = workshop_of(words);
    return {
        compact_json(solution_json(job.design, solve(job.design), tools_of(job, workshop))) + "\n", {}, 0};
}

CommandResult check_command(const Words& words) {
    (void)workshop_of(words); // a broken one is told
    std::vector<Message> problems;
    bool good = false;
    const Job job = loaded_job(words.plain[0], problems, good);
    if (good) {
        problems = solve(job.design).warnings;
        if (job.read_only()) problems.push_back({"newer_version", Severity::note, "version", {job.version}});
    }
    CommandResult result;
    for (const Message& problem : problems) {
        result.output += line_of(problem);
        if (problem.severity == Severity::error) result.exit_code = 1;
    }
    return result;
}

/// Without the dust of binary fractions: to a billionth.
std::string tidy_text(double value) {
    return number_text(std::round(value * 1e9) / 1e9);
}

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

CommandResult sheet_command(const Words& words, int argc, char** argv) {
    const std::string part = words.option("--part").value_or("nut");
    if (part != "nut") return usage("--part is " + part + "; this version draws nut");
    const auto file = words.option("-o");
    if (!file) return usage("sheet needs -o FILE");
    const std::string paper = words.option("--paper").value_or("a4");
    if (paper != "a4" && paper != "letter") return usage("--paper is " + paper + "; allowed are a4, letter");
    std::vector<Message> problems;
    bool good = false;
    const Job job = loaded_job(words.plain[0], problems, good);
    if (!good) return told(problems);
    const Workshop workshop = workshop_of(words);
    const std::string fault =
        write_sheet({job, tools_of(job, workshop), *file, paper == "letter"}, argc, argv);
    if (!fault.empty()) return usage(fault);
    return {};
}

CommandResult dispatched(const std::vector<std::string>& words, int argc, char** argv) {
    const std::string& command = words[0];
    const bool known = command == "solve" || command == "check" || command == "convert" || command == "sheet";
    if (!known) return usage("unknown command " + command);
    std::vector<std::string> options;
    if (command == "convert")
        options = {"--to"};
    else if (command == "sheet")
        options = {"--part", "-o", "--paper", "--workshop"};
    else
        options = {"--workshop"};
    std::string fault;
    const auto sorted = sorted_words(words, options, fault);
    if (!sorted) return usage(fault);
    if (sorted->plain.size() != 1)
        return usage(command + (command == "convert" ? " needs one reading" : " needs one job file"));
    if (command == "convert") return convert_command(*sorted);
    if (command == "sheet") return sheet_command(*sorted, argc, argv);
    return command == "solve" ? solve_command(*sorted) : check_command(*sorted);
}

} // namespace

CommandResult run_command(const std::vector<std::string>& words, int argc, char** argv) {
    if (words.empty()) return usage("a command is needed");
    if (words[0] == "--help" || words[0] == "-h") return {help_text, {}, 0};
    if (words[0] == "--version") return {"fair-measure-cli " FAIR_MEASURE_VERSION "\n", {}, 0};
    try {
        return dispatched(words, argc, argv);
    } catch (const InputError& error) {
        return {{}, std::string("error: ") + error.what() + "\n", 1};
    }
}

} // namespace fm
