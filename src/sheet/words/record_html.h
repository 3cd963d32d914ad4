#pragma once
#include "job/read/story.h"
#include "sheet/words/sheet_shop.h"

#include <QByteArray>

namespace fm {

/// The record as a page for a browser: before and after, and the story in order. It needs nothing beside it.
QByteArray record_html(const Job& job, const std::string& date, const SheetShop& shop = {});

/// What its owner is told, as a page for a browser: found, done, the numbers, left and to watch.
QByteArray owner_html(const Job& job, const std::string& date, const SheetShop& shop = {});

/// A line of the story in the application's language, lengths in that unit.
std::string story_words(const StoryLine& line, Unit unit);

} // namespace fm
