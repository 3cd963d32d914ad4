#include "job/read/printed.h"

#include "job/document/reader.h"

#include <algorithm>
#include <cmath>

namespace fm {

namespace {

constexpr double least_change = 0.005; // half of what a sheet in mm or degrees can show

std::string word_of_figure(const std::string& name) {
    return name.substr(0, name.find('.'));
}

} // namespace

Figures printed_before(const std::vector<PrintedSheets>& prints) {
    Figures last;
    for (const PrintedSheets& print : prints)
        for (const auto& [name, value] : print.figures) last[name] = value;
    return last;
}

bool has_sheet(const Figures& figures, const std::string& word) {
    const auto first = figures.lower_bound(word + ".");
    return first != figures.end() && word_of_figure(first->first) == word;
}

bool has_changed(const Figures& before, const std::string& name, double value) {
    const auto was = before.find(name);
    if (was == before.end()) return has_sheet(before, word_of_figure(name));
    return std::abs(was->second - value) >= least_change;
}

int revision_of(const std::vector<PrintedSheets>& prints, const Figures& figures) {
    int last = 0;
    for (const PrintedSheets& print : prints) last = std::max(last, print.revision);
    const Figures before = printed_before(prints);
    const bool changed = std::any_of(figures.begin(), figures.end(), [&](const auto& figure) {
        return has_changed(before, figure.first, figure.second);
    });
    return changed ? last + 1 : std::max(1, last);
}

std::vector<PrintedSheets> read_printed(Reader& root) {
    std::vector<PrintedSheets> prints;
    for (Reader& item : root.objects("sheets", 0, 10000, false)) {
        PrintedSheets print;
        print.when = item.text_or("when", "");
        print.parts = item.texts("parts");
        print.paper = item.text_or("paper", "");
        print.printer = item.text_or("printer", "");
        print.revision = item.whole_or("revision", 1, 1, 1000000);
        Reader figures = item.object("figures", false);
        for (const std::string& name : figures.keys())
            print.figures[name] = figures.number(name, {-1e6, 1e6});
        prints.push_back(std::move(print));
    }
    return prints;
}

Value with_printed(const Value& document, const PrintedSheets& print) {
    Value::Array parts;
    for (const std::string& part : print.parts) parts.emplace_back(part);
    Value::Object figures;
    for (const auto& [name, value] : print.figures)
        figures.emplace_back(name, std::round(value * 1e4) / 1e4); // a tenth of what counts as a change
    Value::Object entry{{"when", print.when}, {"parts", std::move(parts)}, {"paper", print.paper}};
    if (!print.printer.empty()) entry.emplace_back("printer", print.printer);
    entry.emplace_back("revision", print.revision);
    entry.emplace_back("figures", std::move(figures));
    const Value* list = find(document, "sheets");
    const Value changed = list && list->array() ? document : with(document, "sheets", Value::Array{});
    const std::size_t count = find(changed, "sheets")->array()->size();
    return with(changed, "sheets[" + std::to_string(count) + "]", Value(std::move(entry)));
}

} // namespace fm
