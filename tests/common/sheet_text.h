#pragma once
// What sheets say, for tests that read them.
#include "sheet/pages/sheet_book.h"

#include <QStringList>

namespace fm::test {

/// Every text, length and height that is written on them.
inline QStringList words_on(const std::vector<Sheet>& sheets) {
    QStringList words;
    for (const Sheet& sheet : sheets)
        for (const Item& item : sheet.page.items) {
            if (const auto* text = std::get_if<Text>(&item)) words << QString::fromStdString(text->text);
            if (const auto* line = std::get_if<LinearDimension>(&item))
                words << QString::fromStdString(line->text);
            if (const auto* height = std::get_if<OrdinateDimension>(&item))
                words << QString::fromStdString(height->text);
        }
    return words;
}

} // namespace fm::test
