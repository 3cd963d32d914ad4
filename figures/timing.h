#pragma once
// Times and slopes for the figures.
#include <algorithm>
#include <chrono>
#include <cmath>
#include <vector>

namespace fm::figures {

/// Median time of one call in microseconds.
template <class Work> double median_us(int runs, const Work& work) {
    std::vector<double> times;
    for (int i = 0; i < runs; ++i) {
        const auto start = std::chrono::steady_clock::now();
        work();
        times.push_back(
            std::chrono::duration<double, std::micro>(std::chrono::steady_clock::now() - start).count());
    }
    std::nth_element(times.begin(), times.begin() + runs / 2, times.end());
    return times[static_cast<std::size_t>(runs / 2)];
}

/// Slope of the best straight line through the logarithms: the power with which y grows with x.
inline double power_of_growth(const std::vector<double>& x, const std::vector<double>& y) {
    double mean_x = 0;
    double mean_y = 0;
    const auto count = static_cast<double>(x.size());
    for (std::size_t i = 0; i < x.size(); ++i) {
        mean_x += std::log(x[i]) / count;
        mean_y += std::log(y[i]) / count;
    }
    double joint = 0;
    double squares = 0;
    for (std::size_t i = 0; i < x.size(); ++i) {
        joint += (std::log(x[i]) - mean_x) * (std::log(y[i]) - mean_y);
        squares += (std::log(x[i]) - mean_x) * (std::log(x[i]) - mean_x);
    }
    return joint / squares;
}

} // namespace fm::figures
