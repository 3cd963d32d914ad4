#pragma once
// What an owner is told of a job, sentence by sentence: on paper and in a browser.
#include "core/found/reading_way.h"
#include "job/read/job.h"
#include "sheet/words/sheet_shop.h"

#include <functional>
#include <string>
#include <vector>

namespace fm {

struct OwnerWords {
    std::vector<std::string> found;
    std::vector<std::string> done;
    std::vector<std::string> left; ///< and what to watch
};

/// @param label a length as the page writes it, without its unit
OwnerWords owner_words(const Job& job, const std::function<std::string(double)>& label,
                       const SheetShop& shop = {});

/// "held down at fret 3 while it was read", or "" for the open string.
std::string way_of_reading(const ReadingWay& nut);

} // namespace fm
