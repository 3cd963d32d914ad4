#pragma once
// What a thread worked, for tests of how long an answer takes.
#include <algorithm>
#include <fstream>
#include <sched.h>
#include <sstream>
#include <string>
#include <time.h>
#include <unistd.h>
#include <vector>

namespace fm::test {

/// This thread's own time [s].
inline double thread_seconds() {
    timespec now{};
    clock_gettime(CLOCK_THREAD_CPUTIME_ID, &now);
    return static_cast<double>(now.tv_sec) + 1e-9 * static_cast<double>(now.tv_nsec);
}

/// What a virtual machine's host has kept from each processor: the system counts that as the work of the
/// thread that was on it [s].
inline std::vector<double> stolen_seconds() {
    std::vector<double> stolen;
    std::ifstream file("/proc/stat");
    std::string line;
    std::getline(file, line); // all together
    while (std::getline(file, line) && line.rfind("cpu", 0) == 0) {
        std::istringstream words(line.substr(3));
        double number = 0;
        double jiffies = 0;
        words >> number;
        for (int column = 0; column < 8; ++column) words >> jiffies;
        stolen.resize(std::max(stolen.size(), static_cast<std::size_t>(number) + 1));
        stolen[static_cast<std::size_t>(number)] = jiffies / static_cast<double>(sysconf(_SC_CLK_TCK));
    }
    return stolen;
}

/// From its making on: what this thread worked [ms], without and with what the host kept from the processor
/// it was on; from one that has moved to another processor the lesser of both is taken off.
class OwnTime {
public:
    double ms() const {
        const std::vector<double> stolen = stolen_seconds();
        const auto kept_s = [&](int processor) {
            const auto at = static_cast<std::size_t>(std::max(processor, 0));
            return at < std::min(stolen.size(), stolen_s_.size()) ? stolen[at] - stolen_s_[at] : 0;
        };
        return ms_with_host() - 1e3 * std::min(kept_s(processor_), kept_s(sched_getcpu()));
    }
    double ms_with_host() const { return 1e3 * (thread_seconds() - worked_s_); }

private:
    int processor_ = sched_getcpu();
    double worked_s_ = thread_seconds();
    std::vector<double> stolen_s_ = stolen_seconds();
};

} // namespace fm::test
