#pragma once
// What a thread worked, for tests of how long an answer takes.
#include <cstdio>
#include <ctime>
#include <unistd.h>

namespace fm::test {

/// This thread's own time [s].
inline double thread_seconds() {
    timespec now{};
    clock_gettime(CLOCK_THREAD_CPUTIME_ID, &now);
    return static_cast<double>(now.tv_sec) + 1e-9 * static_cast<double>(now.tv_nsec);
}

/// What a virtual machine's host has kept from it: the system counts that as the threads' own work [s].
inline double stolen_seconds() {
    unsigned long long jiffies = 0;
    if (std::FILE* file = std::fopen("/proc/stat", "r")) {
        if (std::fscanf(file, "cpu %*u %*u %*u %*u %*u %*u %*u %llu", &jiffies) != 1) jiffies = 0;
        std::fclose(file);
    }
    return static_cast<double>(jiffies) / static_cast<double>(sysconf(_SC_CLK_TCK));
}

/// From its making on: what this thread worked [ms], without and with what the host kept.
class OwnTime {
public:
    double ms() const { return ms_with_host() - 1e3 * (stolen_seconds() - stolen_s_); }
    double ms_with_host() const { return 1e3 * (thread_seconds() - worked_s_); }

private:
    double worked_s_ = thread_seconds();
    double stolen_s_ = stolen_seconds();
};

} // namespace fm::test
