#include "cli/sheet_program.h"

#include <filesystem>
#include <unistd.h>
#include <vector>

namespace fm {

CommandResult become_sheet_program(const Words& words) {
    std::error_code missing;
    const std::filesystem::path self = std::filesystem::read_symlink("/proc/self/exe", missing);
    const std::string program = self.parent_path() / "fair-measure-sheets";
    std::vector<std::string> whole{program, "sheet"};
    whole.insert(whole.end(), words.as_written.begin(), words.as_written.end());
    std::vector<char*> arguments;
    for (std::string& word : whole) arguments.push_back(word.data());
    arguments.push_back(nullptr);
    execv(program.c_str(), arguments.data());
    return {{}, "error: " + program + " is not there, or cannot be run\n", exit_usage};
}

} // namespace fm
