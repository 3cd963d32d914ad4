#include "job/document/json.h"

#include "core/words/message.h"

#include <nlohmann/json.hpp>

#include <algorithm>
#include <charconv>
#include <cmath>
#include <cstdint>
#include <set>

namespace fm {

namespace {

constexpr std::size_t deepest_level = 64;
constexpr std::size_t line_width = 110;

[[noreturn]] void refuse_text(const char* id, std::vector<Argument> arguments) {
    throw InputError({id, Severity::error, {}, std::move(arguments)});
}

/// Builds a Value from the library's events, so that levels and keys are judged while they come.
class Builder : public nlohmann::json_sax<nlohmann::json> {
public:
    explicit Builder(std::string_view text) : text_(text) {}

    Value take() { return std::move(root_); }

    bool null() override { return add(Value()); }
    bool boolean(bool value) override { return add(Value(value)); }
    bool number_integer(number_integer_t value) override {
        return add(Value(static_cast<std::int64_t>(value)));
    }
    bool number_unsigned(number_unsigned_t value) override {
        if (value > static_cast<number_unsigned_t>(INT64_MAX)) return add(Value(static_cast<double>(value)));
        return add(Value(static_cast<std::int64_t>(value)));
    }
    bool number_float(number_float_t value, const string_t&) override { return add(Value(value)); }
    bool string(string_t& value) override { return add(Value(std::move(value))); }
    bool binary(binary_t&) override { return false; }
    bool start_object(std::size_t) override { return open(Value(Value::Object{})); }
    bool start_array(std::size_t) override { return open(Value(Value::Array{})); }
    bool end_object() override { return close(); }
    bool end_array() override { return close(); }
    bool key(string_t& name) override {
        if (!keys_.back().insert(name).second) refuse_text("json_key_twice", {name});
        open_.back()->object()->emplace_back(name, Value());
        return true;
    }
    bool parse_error(std::size_t position, const std::string&, const nlohmann::detail::exception&) override {
        const std::size_t at = std::min(position == 0 ? 0 : position - 1, text_.size());
        int line = 1;
        std::size_t line_start = 0;
        for (std::size_t i = 0; i < at; ++i) {
            if (text_[i] != '\n') continue;
            ++line;
            line_start = i + 1;
        }
        refuse_text(at >= text_.size() ? "json_ends_early" : "json_not_valid",
                    {line, static_cast<int>(at - line_start) + 1});
    }

private:
    Value* place(Value&& value) {
        if (open_.empty()) {
            root_ = std::move(value);
            return &root_;
        }
        if (Value::Array* items = open_.back()->array()) {
            items->push_back(std::move(value));
            return &items->back();
        }
        Value& member = open_.back()->object()->back().second;
        member = std::move(value);
        return &member;
    }
    bool add(Value&& value) {
        place(std::move(value));
        return true;
    }
    bool open(Value&& value) {
        if (open_.size() >= deepest_level) refuse_text("json_too_deep", {static_cast<int>(deepest_level)});
        // Earlier pointers stay good: a container grows only while it is the innermost open one.
        open_.push_back(place(std::move(value)));
        keys_.emplace_back();
        return true;
    }
    bool close() {
        open_.pop_back();
        keys_.pop_back();
        return true;
    }

    std::string_view text_;
    Value root_;
    std::vector<Value*> open_;
    std::vector<std::set<std::string>> keys_;
};

void write_quoted(const std::string& text, std::string& out) {
    const bool plain = std::all_of(text.begin(), text.end(),
                                   [](char c) { return c >= ' ' && c <= '~' && c != '"' && c != '\\'; });
    if (plain)
        out += '"' + text + '"';
    else
        out += nlohmann::json(text).dump(-1, ' ', false, nlohmann::json::error_handler_t::replace);
}

/// Writes on one line, and gives up once that is longer than wanted. @returns whether it is all there
bool write_compact(const Value& value, bool spaced, std::size_t longest, std::string& out) {
    if (const auto* text = value.text())
        write_quoted(*text, out);
    else if (const auto* flag = value.flag())
        out += *flag ? "true" : "false";
    else if (const auto* whole = value.whole())
        out += std::to_string(*whole);
    else if (value.is_number())
        out += number_text(value.number());
    else if (const auto* items = value.array()) {
        out += '[';
        for (std::size_t i = 0; i < items->size(); ++i) {
            if (i) out += spaced ? ", " : ",";
            if (!write_compact((*items)[i], spaced, longest, out)) return false;
        }
        out += ']';
    } else if (const auto* members = value.object()) {
        out += spaced && !members->empty() ? "{ " : "{";
        for (std::size_t i = 0; i < members->size(); ++i) {
            if (i) out += spaced ? ", " : ",";
            write_quoted((*members)[i].first, out);
            out += spaced ? ": " : ":";
            if (!write_compact((*members)[i].second, spaced, longest, out)) return false;
        }
        out += spaced && !members->empty() ? " }" : "}";
    } else
        out += "null";
    return out.size() <= longest;
}

void write_lines(const Value& value, std::size_t indent, std::size_t used, std::string& out) {
    const auto* items = value.array();
    const auto* members = value.object();
    const bool outermost = indent == 0 && members;
    const bool may_be_lines = items || members;
    std::string one_line;
    const std::size_t room = !may_be_lines ? SIZE_MAX : used > line_width ? 0 : line_width - used;
    if (!outermost && write_compact(value, true, room, one_line)) {
        out += one_line;
        return;
    }
    const std::string margin(indent + 2, ' ');
    const std::size_t count = items ? items->size() : members->size();
    out += items ? "[" : "{";
    for (std::size_t i = 0; i < count; ++i) {
        out += (i ? ",\n" : "\n") + margin;
        std::string name;
        if (members) {
            write_quoted((*members)[i].first, name);
            name += ": ";
        }
        out += name;
        write_lines(items ? (*items)[i] : (*members)[i].second, indent + 2, margin.size() + name.size(), out);
    }
    out += "\n" + std::string(indent, ' ') + (items ? "]" : "}");
}

} // namespace

std::string number_text(double value) {
    if (!std::isfinite(value)) return "null";
    char buffer[64];
    const auto end = std::to_chars(buffer, buffer + sizeof buffer, value);
    std::string text(buffer, end.ptr);
    if (text.find_first_of(".e") == std::string::npos) text += ".0";
    return text;
}

Value parse_json(std::string_view text) {
    if (text.size() > largest_job_bytes)
        refuse_text("file_too_large",
                    {static_cast<double>(text.size()), static_cast<double>(largest_job_bytes)});
    Builder builder(text);
    if (!nlohmann::json::sax_parse(text.begin(), text.end(), &builder)) refuse_text("json_not_valid", {1, 1});
    return builder.take();
}

std::string written_json(const Value& document) {
    std::string text;
    write_lines(document, 0, 0, text);
    return text + "\n";
}

std::string file_text(const Value& document) {
    std::string text = written_json(document);
    if (text.size() > largest_job_bytes) text = compact_json(document) + "\n";
    if (text.size() > largest_job_bytes)
        refuse_text("file_too_large",
                    {static_cast<double>(text.size()), static_cast<double>(largest_job_bytes)});
    return text;
}

std::string compact_json(const Value& document) {
    std::string text;
    write_compact(document, false, SIZE_MAX, text);
    return text;
}

} // namespace fm
