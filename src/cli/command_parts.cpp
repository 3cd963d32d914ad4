#include "cli/command_parts.h"

#include "core/solution/check.h"
#include "job/document/job_file.h"
#include "job/document/json.h"

#include <QFileInfo>

#include <algorithm>
#include <array>
#include <cstdio>

namespace fm {

namespace {

std::string standard_input() {
    std::string text;
    std::array<char, 65536> part{};
    for (std::size_t got = 1; got > 0 && text.size() <= largest_job_bytes;) {
        got = std::fread(part.data(), 1, part.size(), stdin);
        text.append(part.data(), got);
    }
    return text;
}

} // namespace

std::string line_of(const Message& message) {
    const char* word = message.severity == Severity::error     ? "error"
                       : message.severity == Severity::warning ? "warning"
                                                               : "note";
    const bool named =
        message.where.empty() || english_template(message.id).find("{where}") != std::string_view::npos;
    return std::string(word) + ": " + (named ? "" : message.where + ": ") + english(message) + "\n";
}

CommandResult told(const std::vector<Message>& problems) {
    CommandResult result;
    result.exit_code = exit_unsolvable;
    for (const Message& problem : problems) {
        result.errors += line_of(problem);
        result.exit_code = std::max(result.exit_code, exit_code_of(problem));
    }
    return result;
}

int exit_code_of(const Message& problem) {
    for (const char* not_there : {"file_missing", "file_is_folder", "file_not_regular", "folder_missing"})
        if (problem.id == not_there) return exit_usage;
    for (const char* not_written : {"file_not_written", "workshop_not_changed", "file_exists", "file_busy",
                                    "file_gone", "file_changed_on_disk", "job_held"})
        if (problem.id == not_written) return exit_not_written;
    return exit_unsolvable;
}

CommandResult printed(const Value& value, const Words& words) {
    return {words.has("--pretty") ? written_json(value) : compact_json(value) + "\n", {}, 0};
}

Value document_at(const std::string& path) {
    if (path == "-") return parse_json(standard_input());
    return parse_json(load_file(QString::fromStdString(path)).text.toStdString());
}

SolvedJob solved_job(const std::string& path) {
    return solved_job(document_at(path));
}

SolvedJob solved_job(const Value& document) {
    SolvedJob solved;
    JobResult read = read_job(document);
    solved.problems = std::move(read.problems);
    if (!read.job) return solved;
    solved.job = std::move(read.job);
    solved.solution = solve(solved.job->design);
    for (const Message& doubt : solved.solution.warnings)
        if (unsolvable(doubt)) solved.problems.push_back(doubt);
    return solved;
}

Shop shop_of(const Words& words, const std::vector<std::string>& needed) {
    const auto folder = words.option("--workshop");
    if (!folder) return {};
    const QString path = QString::fromStdString(*folder);
    if (!QFileInfo(path).isDir()) throw InputError({"folder_missing", Severity::error, {}, {*folder}});
    Shop shop{Workshop(path), {}};
    if (const auto faults = shop.workshop.faults_of(needed); !faults.empty())
        throw InputError(faults.front());
    for (const Message& fault : shop.workshop.faults()) shop.left_out += line_of(fault);
    return shop;
}

CommandResult Shop::told_with(CommandResult result) const {
    result.errors = left_out + result.errors;
    return result;
}

std::optional<std::size_t> string_option(const Words& words, const Design& design, std::string& fault) {
    const auto word = words.option("--string");
    if (!word) return std::nullopt;
    const auto count = static_cast<int>(design.strings.size());
    const auto number = whole_number_in(*word, 1, count);
    if (!number) {
        fault = "--string is " + *word + "; allowed is 1 to " + std::to_string(count);
        return std::nullopt;
    }
    return static_cast<std::size_t>(count - *number);
}

} // namespace fm
