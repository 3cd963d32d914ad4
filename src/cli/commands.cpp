#include "cli/commands.h"

#include "cli/command_parts.h"

#include <algorithm>
#include <sstream>

namespace fm {

namespace {

constexpr const char* help_text = R"(usage: fair-measure-cli COMMAND [OPTIONS]

  solve JOB...                  the whole solution as JSON, one line a job
  plan JOB...                   the setup plan from the job's readings as JSON, one line a job
      [--order neck_saddle_nut|neck_nut_saddle]
  explain JOB KEY               how a number of the solution comes about, and how sure it is;
                                KEY as in: strings[2].floor_above_seat_mm   [--json]
  check JOB                     what is wrong or doubtful in a job, one line each
  convert READING [--to mm|in|thou|64ths]
                                one reading, as the fields take it
  sheet JOB --part nut|saddle|bridge|placing|board|cuts|card|owner|shop|printer|all -o FILE.pdf|.svg|.dxf
      [--paper a4|letter] [--unit mm|in|thou|64ths] [--second-unit] [--printer NAME]
                                true-size templates; owner, shop: the record, as FILE.html too; printer: the
                                test page of a printer
  sheet JOB --machine --part nut|saddle|bridge [--cutter DIAMETER] -o FILE.svg|.dxf|.step|.stl
                                the part alone for a machine, a layer for every operation; with a cutter its
                                way, and a line for every place it does not get to
  printer NAME --bar-x READING --bar-y READING --workshop DIR
                                what the bars of its test page read: sheets for it come out true
  fit JOB [--string N] [--write]
                                the stiffness of a string's ends (and its stretch) from measured cents;
                                --write puts it into the job
  intonation JOB                how far each crown goes by the cents that count: new strings, a set-up or a
                                changed crown make those before them not count
  least-action JOB [--hand soft|normal|hard] [--pluck N]
                                how low the strings may go for a hand, or a force in newtons
  symptom JOB WORD [--string N] [--fret N] [--also N:FRET,...]
                                ranked causes of what was heard: open_buzz, note_buzz, ...; --also: where else
  quote JOB                     blanks, minutes and price of nut and saddle, from the shop's tables
  temperament FILE.scl          a Scala scale file as the job's "temperament"
  strings FILE.csv              a string set as the job's "strings"

  --workshop DIR                the shop's files, feelers, blocks, shims and tables
  --pretty                      JSON spread over lines
  --help, --version             COMMAND --help: that command alone

JOB is a job file, or - for standard input. Strings are named by player's number: the treble string is 1.
Exit: 0 done; 1 the job cannot be solved; 2 wrong usage, or a file or folder that is not there; 3 what was
asked for could not be written.
)";

constexpr std::size_t any_number = 100000;

const std::vector<Command>& commands() {
    constexpr KnownOption workshop{"--workshop", true};
    constexpr KnownOption pretty{"--pretty", false};
    constexpr KnownOption string{"--string", true};
    static const std::vector<Command> table{
        {"solve", "a job file", 1, any_number, {workshop, pretty}, solve_command},
        {"plan", "a job file", 1, any_number, {workshop, pretty, {"--order", true}}, plan_command},
        {"explain", "a job file and a key", 2, 2, {workshop, pretty, {"--json", false}}, explain_command},
        {"check", "one job file", 1, 1, {workshop}, check_command},
        {"convert", "one reading", 1, 1, {{"--to", true}}, convert_command},
        {"sheet",
         "one job file",
         1,
         1,
         {workshop,
          {"--part", true},
          {"-o", true},
          {"--paper", true},
          {"--unit", true},
          {"--second-unit", false},
          {"--printer", true},
          {"--machine", false},
          {"--cutter", true}},
         sheet_command},
        {"printer",
         "the name of one printer",
         1,
         1,
         {workshop, {"--bar-x", true}, {"--bar-y", true}},
         printer_command},
        {"fit", "one job file", 1, 1, {workshop, pretty, string, {"--write", false}}, fit_command},
        {"intonation", "one job file", 1, 1, {workshop, pretty}, intonation_command},
        {"least-action",
         "one job file",
         1,
         1,
         {workshop, pretty, {"--hand", true}, {"--pluck", true}},
         least_action_command},
        {"symptom",
         "a job file and a symptom",
         2,
         2,
         {workshop, pretty, string, {"--fret", true}, {"--also", true}},
         symptom_command},
        {"quote", "one job file", 1, 1, {workshop, pretty}, quote_command},
        {"temperament", "one scale file", 1, 1, {pretty}, temperament_command},
        {"strings", "one file", 1, 1, {pretty}, strings_command}};
    return table;
}

/// The help's lines on one command: those that begin with its name and what stands under them.
std::string help_of(const Command& command) {
    std::istringstream lines(help_text);
    std::string help = "usage: fair-measure-cli " + std::string(command.name) + " ...\n\n";
    bool its_own = false;
    for (std::string line; std::getline(lines, line);) {
        const bool begins = line.starts_with("  ") && line.size() > 2 && line[2] != ' ';
        if (begins || line.empty()) its_own = line.starts_with("  " + std::string(command.name) + " ");
        if (its_own) help += line + "\n";
    }
    help += "\noptions:";
    for (const KnownOption& option : command.options)
        help += std::string(" ") + option.name + (option.takes_value ? " VALUE" : "");
    return help + "\n";
}

CommandResult dispatched(const std::vector<std::string>& words) {
    const auto command = std::find_if(commands().begin(), commands().end(),
                                      [&words](const Command& one) { return one.name == words[0]; });
    if (command == commands().end()) return usage("unknown command " + words[0]);
    if (std::find_if(words.begin() + 1, words.end(),
                     [](const std::string& word) { return word == "--help" || word == "-h"; }) != words.end())
        return {help_of(*command), {}, 0};
    std::string fault;
    const auto sorted = sorted_words({words.begin() + 1, words.end()}, command->options, fault);
    if (!sorted) return usage(fault);
    if (sorted->plain.size() < command->least || sorted->plain.size() > command->most)
        return usage(words[0] + " needs " + command->needs);
    return command->run(*sorted);
}

} // namespace

CommandResult usage(const std::string& fault) {
    return {{}, fault + "\n\n" + help_text, exit_usage};
}

CommandResult run_command(const std::vector<std::string>& words) {
    if (words.empty()) return usage("a command is needed");
    if (words[0] == "--help" || words[0] == "-h") return {help_text, {}, 0};
    if (words[0] == "--version") return {"fair-measure-cli " FAIR_MEASURE_VERSION "\n", {}, 0};
    try {
        return dispatched(words);
    } catch (const InputError& error) {
        return {{}, std::string("error: ") + error.what() + "\n", exit_code_of(error.message())};
    }
}

} // namespace fm
