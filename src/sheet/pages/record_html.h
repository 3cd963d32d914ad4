#pragma once
#include "core/shop/tools.h"
#include "job/read/story.h"
#include "job/state/state.h"
#include "sheet/words/sheet_shop.h"

#include <QByteArray>

namespace fm {

/// The record as a page for a browser: what a colleague needs next time, before and after, and the story in
/// order. It needs nothing beside it.
QByteArray record_html(const State& state, const Tools& tools, const std::string& date,
                       const SheetShop& shop = {});

/// What its owner is told, as a page for a browser: found, done, the numbers, left and to watch.
QByteArray owner_html(const State& state, const std::string& date, const SheetShop& shop = {});

/// A line of the story in the application's language, lengths in that unit.
std::string story_words(const StoryLine& line, Unit unit);

} // namespace fm
