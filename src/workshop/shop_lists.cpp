#include "workshop/shop_lists.h"

#include "core/words/length.h"
#include "core/words/message.h"
#include "job/exchange/csv.h"

#include <QtGlobal>

#include <algorithm>
#include <array>
#include <charconv>
#include <cmath>

namespace fm {

namespace {

constexpr std::array<std::string_view, 2> parts{QT_TRANSLATE_NOOP("shop", "nut"),
                                                QT_TRANSLATE_NOOP("shop", "saddle")};
constexpr auto length = ShopCell::length;
constexpr auto number = ShopCell::number;
constexpr auto text = ShopCell::text;

constexpr const char* size_key = "mm"; // of a length with a name beside it

ShopList lengths(std::string_view key, const char* name, const char* told, LengthKind kind) {
    return {key, name, told, {{size_key, QT_TRANSLATE_NOOP("shop", "size"), length, true, kind}}, true};
}

/// The same with a name beside each.
ShopList named_lengths(std::string_view key, std::string_view names, const char* name, const char* told,
                       LengthKind kind) {
    ShopList list = lengths(key, name, told, kind);
    list.columns.push_back({"name", QT_TRANSLATE_NOOP("shop", "called"), text});
    list.names = names;
    return list;
}

ShopList operations(std::string_view key, const char* name) {
    return {key,
            name,
            QT_TRANSLATE_NOOP("shop", "What a new part takes, in the shop's plainest material."),
            {{"name", QT_TRANSLATE_NOOP("shop", "operation"), text, true},
             {"minutes", QT_TRANSLATE_NOOP("shop", "minutes"), number, true},
             {"each_string", QT_TRANSLATE_NOOP("shop", "each string"), ShopCell::flag}}};
}

std::vector<ShopList> all_lists() {
    return {
        named_lengths("nut_files_mm", "nut_file_names", QT_TRANSLATE_NOOP("shop", "Nut files"),
                      QT_TRANSLATE_NOOP("shop",
                                        "Widths of the files for slots, and what you call them. Every "
                                        "slot is given the one that fits."),
                      LengthKind::small),
        lengths("feelers_mm", QT_TRANSLATE_NOOP("shop", "Feelers"),
                QT_TRANSLATE_NOOP("shop", "Leaves to read gaps with, and to stop the file on."),
                LengthKind::gap),
        lengths("shims_mm", QT_TRANSLATE_NOOP("shop", "Shims"),
                QT_TRANSLATE_NOOP("shop", "What goes under a nut, a saddle or a neck."), LengthKind::gap),
        lengths("radius_blocks_mm", QT_TRANSLATE_NOOP("shop", "Radius blocks"),
                QT_TRANSLATE_NOOP("shop", "Blocks a saddle's top is sanded on."), LengthKind::along),
        {"gauges",
         QT_TRANSLATE_NOOP("shop", "Gauges"),
         QT_TRANSLATE_NOOP("shop", "Gauges of your own and how far one may be off: one standard deviation."),
         {{"name", QT_TRANSLATE_NOOP("shop", "gauge"), text, true},
          {"u_mm", QT_TRANSLATE_NOOP("shop", "\u00b1"), length, true, LengthKind::gap}}},
        {"blanks",
         QT_TRANSLATE_NOOP("shop", "Blanks"),
         QT_TRANSLATE_NOOP("shop", "What nuts and saddles are made from."),
         {{"name", QT_TRANSLATE_NOOP("shop", "blank"), text},
          {"material", QT_TRANSLATE_NOOP("shop", "material"), text},
          {"length_mm", QT_TRANSLATE_NOOP("shop", "long"), length, true, LengthKind::along},
          {"height_mm", QT_TRANSLATE_NOOP("shop", "high"), length, true},
          {"thickness_mm", QT_TRANSLATE_NOOP("shop", "thick"), length, true},
          {"price", QT_TRANSLATE_NOOP("shop", "price"), number}}},
        {"string_sets",
         QT_TRANSLATE_NOOP("shop", "String sets"),
         QT_TRANSLATE_NOOP("shop", "Sets kept together, bass first; a set is read from a CSV file."),
         {{"name", QT_TRANSLATE_NOOP("shop", "set"), text, true},
          {"strings", QT_TRANSLATE_NOOP("shop", "strings"), ShopCell::strings, true}}},
        {"heights",
         QT_TRANSLATE_NOOP("shop", "Wanted heights"),
         QT_TRANSLATE_NOOP(
             "shop", "What is wanted under the outer strings, to set a job by: by way of playing, and for "
                     "kinds that are called so (nylon, bass), or for all."),
         {{"name", QT_TRANSLATE_NOOP("shop", "played"), text, true},
          {"kind", QT_TRANSLATE_NOOP("shop", "kind"), text},
          {"gap_bass_mm", QT_TRANSLATE_NOOP("shop", "fret 1, bass"), length, true, LengthKind::gap},
          {"gap_treble_mm", QT_TRANSLATE_NOOP("shop", "treble"), length, true, LengthKind::gap},
          {"action_bass_mm", QT_TRANSLATE_NOOP("shop", "fret 12, bass"), length, true, LengthKind::action},
          {"action_treble_mm", QT_TRANSLATE_NOOP("shop", "treble"), length, true, LengthKind::action}}},
        operations("nut_operations", QT_TRANSLATE_NOOP("shop", "A new nut")),
        operations("saddle_operations", QT_TRANSLATE_NOOP("shop", "A new saddle")),
        operations("bridge_operations", QT_TRANSLATE_NOOP("shop", "A new bridge")),
        {"ready_parts",
         QT_TRANSLATE_NOOP("shop", "Parts bought ready"),
         QT_TRANSLATE_NOOP("shop", "Set against what is made by hand."),
         {{"part", QT_TRANSLATE_NOOP("shop", "part"), ShopCell::word, true, LengthKind::small, parts},
          {"name", QT_TRANSLATE_NOOP("shop", "name"), text},
          {"price", QT_TRANSLATE_NOOP("shop", "price"), number, true},
          {"minutes", QT_TRANSLATE_NOOP("shop", "minutes to fit"), number}}},
        {"material_factors",
         QT_TRANSLATE_NOOP("shop", "Materials"),
         QT_TRANSLATE_NOOP("shop", "How much longer, or shorter, work in a material takes."),
         {{"material", QT_TRANSLATE_NOOP("shop", "material"), text, true},
          {"factor", QT_TRANSLATE_NOOP("shop", "times"), number, true}}},
        {"setup_minutes",
         QT_TRANSLATE_NOOP("shop", "Minutes of a set-up"),
         QT_TRANSLATE_NOOP("shop", "What each step takes, and the waits between them."),
         {{"", QT_TRANSLATE_NOOP("shop", "step"), text}, {"", QT_TRANSLATE_NOOP("shop", "minutes"), number}},
         false,
         {},
         {{"setup_minutes.rod", QT_TRANSLATE_NOOP("shop", "truss rod"), number},
          {"setup_minutes.saddle_bottom", QT_TRANSLATE_NOOP("shop", "saddle's bottom"), number},
          {"setup_minutes.saddle_top", QT_TRANSLATE_NOOP("shop", "saddle's top, each string"), number},
          {"setup_minutes.screw", QT_TRANSLATE_NOOP("shop", "a screw of the saddles"), number},
          {"setup_minutes.pack", QT_TRANSLATE_NOOP("shop", "packing a saddle"), number},
          {"setup_minutes.slot", QT_TRANSLATE_NOOP("shop", "a slot of the nut"), number},
          {"setup_minutes.shim", QT_TRANSLATE_NOOP("shop", "shimming a nut"), number},
          {"setup_minutes.fill", QT_TRANSLATE_NOOP("shop", "filling a slot"), number},
          {"setup_minutes.intonation", QT_TRANSLATE_NOOP("shop", "intonation, each string"), number},
          {"setup_minutes.neck_settles", QT_TRANSLATE_NOOP("shop", "the neck settles"), number},
          {"setup_minutes.glue_cures", QT_TRANSLATE_NOOP("shop", "glue cures"), number},
          {"setup_minutes.strings_stretch", QT_TRANSLATE_NOOP("shop", "the strings stretch"), number}}},
        {"bench.hands",
         QT_TRANSLATE_NOOP("shop", "Hands at the bench"),
         QT_TRANSLATE_NOOP("shop", "What was learned of the hand: how much of a pass asked for it takes. "
                                   "Emptied it is learned anew."),
         {{"", QT_TRANSLATE_NOOP("shop", "what"), text}, {"", QT_TRANSLATE_NOOP("shop", "value"), number}},
         false,
         {},
         {{"bench.hands.nut.passes", QT_TRANSLATE_NOOP("shop", "nut: passes seen"), number},
          {"bench.hands.nut.took", QT_TRANSLATE_NOOP("shop", "nut: takes, of 1 asked for"), number},
          {"bench.hands.nut.scatter", QT_TRANSLATE_NOOP("shop", "nut: give or take"), number},
          {"bench.hands.saddle.passes", QT_TRANSLATE_NOOP("shop", "saddle: passes seen"), number},
          {"bench.hands.saddle.took", QT_TRANSLATE_NOOP("shop", "saddle: takes, of 1 asked for"), number},
          {"bench.hands.saddle.scatter", QT_TRANSLATE_NOOP("shop", "saddle: give or take"), number}}},
        {"rate_per_hour",
         QT_TRANSLATE_NOOP("shop", "Money and allowances"),
         QT_TRANSLATE_NOOP("shop", "What an hour costs, and what a blank must be larger by."),
         {{"", QT_TRANSLATE_NOOP("shop", "what"), text}, {"", QT_TRANSLATE_NOOP("shop", "value"), number}},
         false,
         {},
         {{"name", QT_TRANSLATE_NOOP("shop", "name of the shop"), text},
          {"rate_per_hour", QT_TRANSLATE_NOOP("shop", "an hour"), number},
          {"premium_share", QT_TRANSLATE_NOOP("shop", "on top, as a share"), number},
          {"currency", QT_TRANSLATE_NOOP("shop", "currency"), text},
          {"allowance_mm", QT_TRANSLATE_NOOP("shop", "blank larger by"), length},
          {"thickness_allowance_mm", QT_TRANSLATE_NOOP("shop", "blank thicker by"), length},
          {"intonation.tuner_u_cents", QT_TRANSLATE_NOOP("shop", "tuner, \u00b1 cents"), number},
          {"intonation.near_cents", QT_TRANSLATE_NOOP("shop", "near enough, cents"), number}}}};
}

Value numbers(std::initializer_list<double> list) {
    Value::Array rows;
    for (const double each : list) rows.emplace_back(each);
    return rows;
}

Value heights(const char* name, double gap_bass, double gap_treble, double action_bass, double action_treble,
              const char* kind = "") {
    Value::Object row{{"name", name}};
    if (*kind) row.emplace_back("kind", kind);
    for (const auto& [key, mm] :
         {std::pair("gap_bass_mm", gap_bass), std::pair("gap_treble_mm", gap_treble),
          std::pair("action_bass_mm", action_bass), std::pair("action_treble_mm", action_treble)})
        row.emplace_back(key, mm);
    return row;
}

std::optional<double> plain_number(std::string_view text_of) {
    std::string digits(text_of);
    std::replace(digits.begin(), digits.end(), ',', '.');
    double value = 0;
    const auto [end, error] = std::from_chars(digits.data(), digits.data() + digits.size(), value);
    if (error != std::errc() || end != digits.data() + digits.size()) return std::nullopt;
    return value;
}

std::string csv_text(const Value& value) {
    if (value.text()) return csv_cell(*value.text());
    if (value.flag()) return *value.flag() ? "yes" : "no";
    if (!value.is_number()) return {};
    char buffer[32];
    const auto end = std::to_chars(buffer, buffer + sizeof buffer, value.number());
    return {buffer, end.ptr};
}

} // namespace

const std::vector<ShopList>& shop_lists() {
    static const std::vector<ShopList> lists = all_lists();
    return lists;
}

const Value* shop_cell_of(const ShopList& list, const Value& row, const ShopColumn& column) {
    if (list.of_numbers && !row.object()) return row.is_number() && column.key == size_key ? &row : nullptr;
    return row.member(column.key);
}

Value with_shop_cell(const ShopList& list, const Value& row, const ShopColumn& column, const Value& cell) {
    Value members{Value::Object{}};
    for (const ShopColumn& each : list.columns) {
        const Value* there = &each == &column ? &cell : shop_cell_of(list, row, each);
        if (there && !there->is_null()) members = with(members, each.key, *there);
    }
    if (members.object()->empty()) return list.of_numbers ? Value() : members;
    const Value* size = members.member(size_key);
    return list.of_numbers && size && members.object()->size() == 1 ? *size : members;
}

bool is_whole(const ShopList& list, const Value& row) {
    return std::all_of(list.columns.begin(), list.columns.end(), [&](const ShopColumn& column) {
        return !column.needed || shop_cell_of(list, row, column) != nullptr;
    });
}

Value usual_rows(const ShopList& list) {
    if (list.key == "nut_files_mm")
        return numbers({0.25, 0.33, 0.41, 0.51, 0.61, 0.66, 0.76, 0.91, 1.02, 1.17, 1.32, 1.42});
    if (list.key == "feelers_mm")
        return numbers({0.05, 0.1, 0.15, 0.2, 0.25, 0.3, 0.35, 0.4, 0.5, 0.6, 0.7, 0.8, 0.9, 1.0});
    if (list.key == "shims_mm") return numbers({0.1, 0.2, 0.3, 0.5, 1.0});
    if (list.key == "radius_blocks_mm") return numbers({184, 241, 254, 305, 356, 406, 508});
    if (list.key == "heights")
        return Value::Array{
            heights("low", 0.35, 0.25, 1.8, 1.4),          heights("usual", 0.45, 0.32, 2.3, 1.8),
            heights("high", 0.55, 0.40, 3.0, 2.4),         heights("slide", 1.0, 0.9, 4.5, 4.0),
            heights("low", 0.55, 0.40, 3.0, 2.5, "nylon"), heights("usual", 0.70, 0.50, 3.8, 3.2, "nylon"),
            heights("low", 0.40, 0.30, 2.0, 1.6, "bass"),  heights("usual", 0.55, 0.40, 2.6, 2.1, "bass")};
    return Value::Array{};
}

Value::Array shop_rows(const Value& document, const ShopList& list) {
    if (!list.values.empty()) {
        Value::Array rows;
        for (const ShopColumn& value : list.values) {
            const Value* there = find(document, value.key);
            rows.push_back(there ? *there : Value());
        }
        return rows;
    }
    const Value* there = find(document, list.key);
    Value::Array rows = there && there->array() ? *there->array() : Value::Array{};
    const Value* names = list.names.empty() ? nullptr : find(document, list.names);
    if (!names || !names->array()) return rows;
    for (const Value& each : *names->array()) {
        const Value* size = each.member(size_key);
        const Value* name = each.member("name");
        if (!size || !name || !name->text()) continue;
        for (Value& row : rows)
            if (row == *size) row = with_shop_cell(list, row, list.columns.back(), *name);
    }
    return rows;
}

namespace {

/// Marked as what a shop usually has, or not.
Value with_mark(const Value& document, const ShopList& list, bool usual) {
    Value::Array marks;
    if (const Value* before = find(document, "usual"); before && before->array()) marks = *before->array();
    std::erase(marks, Value(std::string(list.key)));
    if (usual) marks.emplace_back(std::string(list.key));
    return marks.empty() ? without(document, "usual") : with(document, "usual", std::move(marks));
}

} // namespace

Value with_shop_rows(const Value& document, const ShopList& list, const Value::Array& rows) {
    Value changed = document;
    if (!list.values.empty()) {
        for (std::size_t i = 0; i < list.values.size(); ++i)
            changed = rows[i].is_null() ? without(changed, list.values[i].key)
                                        : with(changed, list.values[i].key, rows[i]);
        return changed;
    }
    Value::Array whole;
    for (const Value& row : rows)
        if (is_whole(list, row)) whole.push_back(row);
    if (list.of_numbers) {
        const auto size = [&list](const Value& row) {
            return shop_cell_of(list, row, list.columns.front())->number();
        };
        std::stable_sort(whole.begin(), whole.end(),
                         [&size](const Value& a, const Value& b) { return size(a) < size(b); });
        whole.erase(std::unique(whole.begin(), whole.end(),
                                [&size](const Value& a, const Value& b) { return size(a) == size(b); }),
                    whole.end());
        Value::Array names;
        for (Value& row : whole) {
            if (row.is_number()) continue;
            names.push_back(row);
            row = *row.member(size_key);
        }
        if (!list.names.empty())
            changed =
                names.empty() ? without(changed, list.names) : with(changed, list.names, std::move(names));
    }
    if (whole.empty()) return with_mark(without(changed, list.key), list, false);
    // The usual set put where nothing stood; written once more as it stands it is the shop's own.
    const bool usual = shop_rows(document, list).empty() && Value(whole) == usual_rows(list);
    return with_mark(with(changed, list.key, std::move(whole)), list, usual);
}

Value begun_shop(const Value& document) {
    Value changed = document;
    for (const ShopList& list : shop_lists())
        if (list.of_numbers && !find(changed, list.key))
            changed = with_shop_rows(changed, list, *usual_rows(list).array());
    return changed;
}

std::optional<Value> shop_cell(const ShopColumn& column, const std::string& typed, Unit unit,
                               Message& fault) {
    const std::string shown = typed.substr(0, 40);
    switch (column.cell) {
    case ShopCell::text: return Value(typed.substr(0, 80));
    case ShopCell::flag: return Value(typed == "yes" || typed == "true" || typed == "1" || typed == "x");
    case ShopCell::word:
        if (std::find(column.words.begin(), column.words.end(), typed) != column.words.end())
            return Value(typed);
        fault = {"shop_word", Severity::error, {}, {shown}};
        return std::nullopt;
    case ShopCell::number:
        if (const auto value = plain_number(typed)) return Value(*value);
        fault = {"shop_number", Severity::error, {}, {shown}};
        return std::nullopt;
    case ShopCell::strings: fault = {"shop_word", Severity::error, {}, {shown}}; return std::nullopt;
    case ShopCell::length: break;
    }
    const LengthResult read = parse_length(typed, {unit, false});
    if (!read) {
        fault = {message_id(read.error.fault), Severity::error, {}, {static_cast<int>(read.error.at) + 1}};
        return std::nullopt;
    }
    return Value(std::round(read.length->mm * 1e6) / 1e6);
}

std::string csv_of(const ShopList& list, const Value::Array& rows) {
    std::string out;
    for (std::size_t c = 0; c < list.columns.size(); ++c)
        out += (c > 0 ? "," : "") + std::string(list.of_numbers && c == 0 ? list.key : list.columns[c].key);
    for (const Value& row : rows) {
        out += '\n';
        for (std::size_t c = 0; c < list.columns.size(); ++c) {
            const Value* cell = shop_cell_of(list, row, list.columns[c]);
            out += (c > 0 ? "," : "") + (cell ? csv_text(*cell) : std::string());
        }
    }
    return out + '\n';
}

Value::Array rows_of_csv(const ShopList& list, std::string_view csv, const Units& units) {
    std::vector<CsvRow> cells = csv_rows(csv, list.name);
    const auto names_a_column = [&list](const std::string& cell) {
        return (list.of_numbers && cell == list.key) ||
               std::any_of(list.columns.begin(), list.columns.end(), [&cell](const ShopColumn& column) {
                   return !column.key.empty() && column.key == cell;
               });
    };
    // With a header the cells say what they are, lengths are in mm; without, they stand as in the table.
    std::vector<const ShopColumn*> order;
    const bool headed =
        !cells.empty() && std::any_of(cells.front().begin(), cells.front().end(), names_a_column);
    if (headed) {
        for (const std::string& name : cells.front()) {
            const ShopColumn* of = list.of_numbers && name == list.key ? &list.columns.front() : nullptr;
            for (const ShopColumn& column : list.columns)
                if (column.key == name) of = &column;
            order.push_back(of);
        }
        cells.erase(cells.begin());
    } else
        for (const ShopColumn& column : list.columns) order.push_back(&column);
    Value::Array rows;
    for (std::size_t r = 0; r < cells.size(); ++r) {
        Value row;
        for (std::size_t c = 0; c < cells[r].size() && c < order.size(); ++c) {
            if (!order[c] || cells[r][c].empty()) continue;
            Message fault;
            const auto value =
                shop_cell(*order[c], cells[r][c], headed ? Unit::mm : units.of(order[c]->length), fault);
            if (!value)
                throw InputError(
                    {"shop_csv",
                     Severity::error,
                     list.name,
                     {static_cast<int>(r + 1 + (headed ? 1 : 0)), order[c]->name, english(fault)}});
            row = with_shop_cell(list, row, *order[c], *value);
        }
        rows.push_back(std::move(row));
    }
    return rows;
}

} // namespace fm
