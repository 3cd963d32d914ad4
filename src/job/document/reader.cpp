#include "job/document/reader.h"

#include "job/document/json.h"

#include <cmath>

namespace fm {

constexpr std::size_t most_numbers = 1000; // the longest list anybody owns or measures

std::string shown_value(const Value& value) {
    std::string text = value.array() ? "[…]" : value.object() ? "{…}" : compact_json(value);
    constexpr std::size_t longest = 40;
    if (text.size() <= longest) return text;
    std::size_t end = longest;
    while (end > 0 && (static_cast<unsigned char>(text[end]) & 0xC0) == 0x80) --end; // not inside a character
    return text.substr(0, end) + "…";
}

bool Reader::has(std::string_view key) const {
    return at(key) != nullptr;
}

bool Reader::has_object(std::string_view key) const {
    const Value* value = at(key);
    return value && value->object();
}

bool Reader::has_flag(std::string_view key) const {
    const Value* value = at(key);
    return value && value->flag();
}

bool Reader::has_list(std::string_view key) const {
    const Value* value = at(key);
    return value && value->array();
}

bool Reader::empty_list(std::string_view key) const {
    const Value* value = at(key);
    return value && value->array() && value->array()->empty();
}

std::string Reader::path(std::string_view key) const {
    return path_.empty() ? std::string(key) : path_ + "." + std::string(key);
}

std::vector<std::string> Reader::keys() const {
    std::vector<std::string> list;
    if (object_ && object_->object())
        for (const auto& [key, value] : *object_->object()) list.push_back(key);
    return list;
}

void Reader::fault(const char* id, std::string_view key, std::vector<Argument> arguments) {
    problems_->push_back({id, Severity::error, path(key), std::move(arguments)});
}

const Value* Reader::required_value(std::string_view key) {
    const Value* value = at(key);
    if (!value) fault("key_missing", key);
    return value;
}

std::optional<double> Reader::checked(const Value& value, std::string_view key, Range range,
                                      std::optional<std::size_t> item) {
    const auto tell = [&](const char* id, std::vector<Argument> arguments) {
        const std::string where = path(key) + (item ? "[" + std::to_string(*item) + "]" : "");
        problems_->push_back({id, Severity::error, where, std::move(arguments)});
        return std::nullopt;
    };
    if (!value.is_number()) return tell("not_a_number", {shown_value(value)});
    const double number = value.number();
    if (number >= range.least && number <= range.most) return number;
    if (range.most == std::numeric_limits<double>::max())
        return tell("number_too_small", {number, range.least});
    return tell("number_out_of_range", {number, range.least, range.most});
}

double Reader::number(std::string_view key, Range range) {
    const Value* value = required_value(key);
    return value ? checked(*value, key, range).value_or(0.0) : 0.0;
}

double Reader::number_or(std::string_view key, double otherwise, Range range) {
    return number_if(key, range).value_or(otherwise);
}

std::optional<double> Reader::number_if(std::string_view key, Range range) {
    const Value* value = at(key);
    return value ? checked(*value, key, range) : std::nullopt;
}

int Reader::whole(std::string_view key, int least, int most) {
    return required_value(key) ? whole_or(key, least, least, most) : least;
}

int Reader::whole_or(std::string_view key, int otherwise, int least, int most) {
    const Value* value = at(key);
    if (!value) return otherwise;
    const auto number = checked(*value, key, {static_cast<double>(least), static_cast<double>(most)});
    if (!number) return otherwise;
    if (*number != std::floor(*number)) {
        fault("not_a_whole_number", key, {*number, least, most});
        return otherwise;
    }
    return static_cast<int>(*number);
}

bool Reader::flag_or(std::string_view key, bool otherwise) {
    const Value* value = at(key);
    if (!value) return otherwise;
    if (const bool* flag = value->flag()) return *flag;
    fault("not_true_or_false", key, {shown_value(*value)});
    return otherwise;
}

std::string Reader::text_or(std::string_view key, std::string otherwise) {
    const Value* value = at(key);
    if (!value) return otherwise;
    if (const std::string* text = value->text()) return *text;
    fault("not_a_text", key, {shown_value(*value)});
    return otherwise;
}

std::string_view Reader::word_at(std::string_view key) const {
    const Value* value = at(key);
    return value && value->text() ? std::string_view(*value->text()) : std::string_view();
}

std::size_t Reader::word(std::string_view key, const std::vector<std::string_view>& words,
                         std::optional<std::size_t> otherwise) {
    const Value* value = otherwise ? at(key) : required_value(key);
    if (!value) return otherwise.value_or(0);
    if (const std::string* text = value->text())
        for (std::size_t i = 0; i < words.size(); ++i)
            if (*text == words[i]) return i;
    std::string allowed;
    for (const std::string_view word : words) allowed += (allowed.empty() ? "" : ", ") + std::string(word);
    fault("not_one_of", key, {shown_value(*value), allowed});
    return otherwise.value_or(0);
}

std::vector<std::string> Reader::texts(std::string_view key) {
    std::vector<std::string> list;
    const Value* value = at(key);
    if (!value) return list;
    const Value::Array* items = value->array();
    if (!items || items->size() > most_numbers) {
        fault("not_a_list", key, {shown_value(*value)});
        return list;
    }
    for (const Value& item : *items) {
        if (item.text()) {
            list.push_back(*item.text());
            continue;
        }
        fault("not_a_text", key, {shown_value(item)});
        return list;
    }
    return list;
}

std::vector<double> Reader::numbers(std::string_view key, Range range, std::optional<std::size_t> count) {
    std::vector<double> list;
    const Value* value = at(key);
    if (!value) return list;
    const Value::Array* items = value->array();
    if (!items) {
        fault("not_a_list", key, {shown_value(*value)});
        return list;
    }
    if (count && items->size() != *count) {
        fault("wrong_count", key, {static_cast<int>(items->size()), static_cast<int>(*count)});
        return list;
    }
    if (items->size() > most_numbers) { // a fault for each of a million would help nobody
        fault("count_out_of_range", key,
              {static_cast<int>(items->size()), 0, static_cast<int>(most_numbers)});
        return list;
    }
    for (std::size_t i = 0; i < items->size(); ++i)
        list.push_back(checked((*items)[i], key, range, i).value_or(0.0));
    return list;
}

std::vector<std::vector<std::size_t>> Reader::index_lists(std::string_view key, std::size_t count) {
    std::vector<std::vector<std::size_t>> lists;
    const Value* value = at(key);
    if (!value) return lists;
    const Value::Array* items = value->array();
    if (!items || items->size() > count) {
        fault(items ? "count_out_of_range" : "not_a_list", key,
              items ? std::vector<Argument>{static_cast<int>(items->size()), 0, static_cast<int>(count)}
                    : std::vector<Argument>{shown_value(*value)});
        return lists;
    }
    for (std::size_t i = 0; i < items->size(); ++i) {
        const std::string list = std::string(key) + "[" + std::to_string(i) + "]";
        std::vector<std::size_t>& indices = lists.emplace_back();
        const Value::Array* places = (*items)[i].array();
        if (!places || places->size() > count) { // a fault for each of a million would help nobody
            fault(places ? "count_out_of_range" : "not_a_list", list,
                  places ? std::vector<Argument>{static_cast<int>(places->size()), 0, static_cast<int>(count)}
                         : std::vector<Argument>{shown_value((*items)[i])});
            continue;
        }
        for (const Value& item : *places) {
            if (item.whole() && *item.whole() >= 0 && static_cast<std::size_t>(*item.whole()) < count)
                indices.push_back(static_cast<std::size_t>(*item.whole()));
            else
                fault("index_out_of_range", list, {shown_value(item), static_cast<int>(count) - 1});
        }
    }
    return lists;
}

Reader Reader::object(std::string_view key, bool required) {
    const Value* value = required ? required_value(key) : at(key);
    if (value && !value->object()) fault("not_an_object", key, {shown_value(*value)});
    return {value, path(key), *problems_};
}

std::vector<Reader> Reader::objects(std::string_view key, std::size_t least, std::size_t most,
                                    bool required) {
    std::vector<Reader> list;
    const Value* value = required ? required_value(key) : at(key);
    if (!value) return list;
    const Value::Array* items = value->array();
    if (!items) {
        fault("not_a_list", key, {shown_value(*value)});
        return list;
    }
    if (items->size() < least || items->size() > most) {
        const int count = static_cast<int>(items->size());
        if (least == most)
            fault("wrong_count", key, {count, static_cast<int>(least)});
        else
            fault("count_out_of_range", key, {count, static_cast<int>(least), static_cast<int>(most)});
        return list;
    }
    for (std::size_t i = 0; i < items->size(); ++i) {
        const std::string where = path(key) + "[" + std::to_string(i) + "]";
        const Value& item = (*items)[i];
        if (!item.object())
            problems_->push_back({"not_an_object", Severity::error, where, {shown_value(item)}});
        list.push_back({&item, where, *problems_});
    }
    return list;
}

} // namespace fm
