#include "cli/program.h"

#include <cerrno>
#include <clocale>
#include <csignal>
#include <cstdio>
#include <cstring>

namespace fm {

int run_program(int argc, char** argv, CommandResult (*sheet)(const Words&)) {
    std::setlocale(LC_ALL, "C");
    std::signal(SIGPIPE, SIG_IGN); // a pipe whose reader has gone is told like a full disk
    const CommandResult result = run_command({argv + 1, argv + argc}, sheet);
    std::fwrite(result.errors.data(), 1, result.errors.size(), stderr);
    if (std::fwrite(result.output.data(), 1, result.output.size(), stdout) != result.output.size() ||
        std::fflush(stdout) != 0) {
        std::fprintf(stderr, "error: standard output could not be written: %s\n", std::strerror(errno));
        return exit_not_written;
    }
    return result.exit_code;
}

} // namespace fm
