#include "cli/commands.h"

#include <cerrno>
#include <clocale>
#include <csignal>
#include <cstdio>
#include <cstring>
#include <string>
#include <vector>

int main(int argc, char** argv) {
    std::setlocale(LC_ALL, "C");
    std::signal(SIGPIPE, SIG_IGN); // a pipe whose reader has gone is told like a full disk
    const std::vector<std::string> words(argv + 1, argv + argc);
    const fm::CommandResult result = fm::run_command(words);
    std::fwrite(result.errors.data(), 1, result.errors.size(), stderr);
    if (std::fwrite(result.output.data(), 1, result.output.size(), stdout) != result.output.size() ||
        std::fflush(stdout) != 0) {
        std::fprintf(stderr, "error: standard output could not be written: %s\n", std::strerror(errno));
        return fm::exit_not_written;
    }
    return result.exit_code;
}
