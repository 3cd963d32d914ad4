// The commands there are: a row each.
#include "cli/commands.h"

#include "cli/command_parts.h"

#include <algorithm>

namespace fm {

namespace {

constexpr const char* usage_line =
    "usage: fair-measure-cli COMMAND [OPTIONS]; --help lists the commands, COMMAND --help says more of one\n";
constexpr const char* all_jobs = R"(
JOB is a job file, or - for standard input. Strings are named by player's number: the treble string is 1.
Exit: 0 done; 1 the job cannot be solved; 2 wrong usage, or a file or folder that is not there; 3 what was
asked for could not be written.
)";

constexpr std::size_t any_number = 100000;

const std::vector<Command>& commands() {
    constexpr KnownOption workshop{"workshop", "DIR", "The shop's files, feelers, blocks, shims and tables."};
    constexpr KnownOption pretty{"pretty", "", "JSON spread over lines."};
    constexpr KnownOption string{"string", "N", "The string, by player's number."};
    static const std::vector<Command> table{
        {"solve",
         "JOB...",
         "a job file",
         1,
         any_number,
         "the whole solution as JSON, one line a job",
         "",
         {workshop, pretty},
         solve_command},
        {"plan",
         "JOB...",
         "a job file",
         1,
         any_number,
         "the setup plan from the job's readings as JSON, one line a job",
         "",
         {workshop, pretty, {"order", "ORDER", "neck_saddle_nut or neck_nut_saddle."}},
         plan_command},
        {"explain",
         "JOB KEY",
         "a job file and a key",
         2,
         2,
         "how a number of the solution comes about, and how sure it is",
         "KEY as in: strings[2].floor_above_seat_mm",
         {workshop, pretty, {"json", "", "For programs."}},
         explain_command},
        {"check",
         "JOB",
         "one job file",
         1,
         1,
         "what is wrong or doubtful in a job, one line each",
         "",
         {workshop},
         check_command},
        {"convert",
         "READING",
         "one reading",
         1,
         1,
         "one reading, as the fields take it",
         "",
         {{"to", "UNIT", "mm, in, thou or 64ths."}},
         convert_command},
        {"sheet",
         "JOB",
         "one job file",
         1,
         1,
         "true-size templates, or one part alone for a machine",
         "owner, shop: the record, as FILE.html too; printer: the test page of a printer. For a machine "
         "there is a "
         "layer for every operation; with a cutter its way, and a line for every place it does not get to.",
         {{"part", "PART",
           "nut, saddle, bridge, owner, all ...; a word that is none lists them. For a machine nut, saddle "
           "or "
           "bridge."},
          {"o", "FILE", "What is written: .pdf, .svg or .dxf; for a machine .svg, .dxf, .step or .stl."},
          {"paper", "PAPER", "a4 or letter."},
          {"unit", "UNIT", "mm, in, thou or 64ths."},
          {"second-unit", "", "The other unit, too."},
          {"printer", "NAME", "Drawn so that it comes out true on that printer of the shop."},
          {"machine", "", "The part alone, for a machine."},
          {"cutter", "DIAMETER", "The way of a cutter of that diameter."},
          {"one-contour", "", "The outline with its slots as notches, instead of slots on their own."},
          {"force", "",
           "For a machine in spite of a stop, or of a slot the cutter does not get into (else exit 3)."},
          workshop},
         nullptr},
        {"printer",
         "NAME",
         "the name of one printer",
         1,
         1,
         "what the bars of its test page read: sheets for it come out true",
         "",
         {{"bar-x", "READING", "The bar across the page."},
          {"bar-y", "READING", "The bar along the page."},
          workshop},
         printer_command},
        {"fit",
         "JOB",
         "one job file",
         1,
         1,
         "the stiffness of a string's ends (and its stretch) from measured cents",
         "",
         {string, {"write", "", "Put it into the job."}, workshop, pretty},
         fit_command},
        {"intonation",
         "JOB",
         "one job file",
         1,
         1,
         "how far each crown goes by the cents that count",
         "New strings, a set-up or a changed crown make those before them not count.",
         {workshop, pretty},
         intonation_command},
        {"least-action",
         "JOB",
         "one job file",
         1,
         1,
         "how low the strings may go for a hand, or a force in newtons",
         "",
         {{"hand", "HAND", "soft, normal or hard."},
          {"pluck", "N", "The force it plucks with."},
          workshop,
          pretty},
         least_action_command},
        {"symptom",
         "JOB WORD",
         "a job file and a symptom",
         2,
         2,
         "ranked causes of what was heard: open_buzz, note_buzz, ...",
         "",
         {string,
          {"fret", "N", "The fret it was heard at."},
          {"also", "N:FRET,...", "Where else it was heard."},
          workshop,
          pretty},
         symptom_command},
        {"quote",
         "JOB",
         "one job file",
         1,
         1,
         "blanks, minutes and price of nut and saddle, from the shop's tables",
         "",
         {workshop, pretty},
         quote_command},
        {"temperament",
         "FILE.scl",
         "one scale file",
         1,
         1,
         "a Scala scale file as the job's \"temperament\"",
         "",
         {pretty},
         temperament_command},
        {"strings",
         "FILE.csv",
         "one file",
         1,
         1,
         "a string set as the job's \"strings\"",
         "",
         {pretty},
         strings_command}};
    return table;
}

std::string all_help() {
    constexpr std::size_t column = 26;
    std::string help = usage_line + std::string("\n");
    for (const Command& command : commands()) {
        std::string called = "  " + std::string(command.name) + " " + command.plain;
        called.resize(std::max(column, called.size() + 2), ' ');
        help += called + command.summary + "\n";
    }
    return help + all_jobs;
}

CommandResult dispatched(const std::vector<std::string>& words, CommandResult (*sheet)(const Words&)) {
    const auto command = std::find_if(commands().begin(), commands().end(),
                                      [&words](const Command& one) { return one.name == words[0]; });
    if (command == commands().end()) return usage("unknown command " + words[0]);
    const std::vector<std::string> rest(words.begin() + 1, words.end());
    for (const std::string& word : rest)
        if (word == "--help" || word == "-h") return {help_of(*command), {}, 0};
    std::string fault;
    const auto sorted = sorted_words(rest, *command, fault);
    if (!sorted) return usage(fault);
    if (sorted->plain.size() < command->least || sorted->plain.size() > command->most)
        return usage(words[0] + " needs " + command->needs);
    return command->run ? command->run(*sorted) : sheet(*sorted);
}

} // namespace

CommandResult usage(const std::string& fault) {
    return {{}, fault + "\n\n" + usage_line, exit_usage};
}

CommandResult run_command(const std::vector<std::string>& words, CommandResult (*sheet)(const Words&)) {
    if (words.empty()) return usage("a command is needed");
    if (words[0] == "--help" || words[0] == "-h") return {all_help(), {}, 0};
    if (words[0] == "--version") return {"fair-measure-cli " FAIR_MEASURE_VERSION "\n", {}, 0};
    try {
        return dispatched(words, sheet);
    } catch (const InputError& error) {
        return {{}, std::string("error: ") + error.what() + "\n", exit_code_of(error.message())};
    }
}

} // namespace fm
