#pragma once
// What a colleague needs to know of an instrument when it comes back: on paper and in a browser.
#include "core/shop/tools.h"
#include "job/read/job.h"

#include <functional>
#include <string>
#include <vector>

namespace fm {

struct ShopWords {
    std::vector<std::string> facts;             ///< materials, relief, what it was read with, time
    std::vector<std::string> columns;           ///< of a table with a row for every string
    std::vector<std::vector<std::string>> rows; ///< gauge, aimed at and read, slot and file
};

/// @param solution of the heights it is made to @param number a length as the page writes it, without its
/// unit
ShopWords shop_words(const Job& job, const Solution& solution, const Tools& tools,
                     const std::function<std::string(double)>& number);

/// The file of the shop's set for a slot, as sheets say it.
std::string file_words(const Job& job, const Tools& tools, std::size_t string);

} // namespace fm
