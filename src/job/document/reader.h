#pragma once
// Reads one object of a document, names every fault by key, value and what is allowed, and goes on.
#include "core/words/message.h"
#include "core/words/word_of.h"
#include "job/document/value.h"

#include <limits>
#include <optional>
#include <string>
#include <string_view>
#include <vector>

namespace fm {

struct Range {
    double least = -std::numeric_limits<double>::max();
    double most = std::numeric_limits<double>::max();
};

class Reader {
public:
    /// @param object may be null or of a wrong type: then it reads as empty (the fault is told by whoever
    /// holds it)
    Reader(const Value* object, std::string path, std::vector<Message>& problems)
        : object_(object), path_(std::move(path)), problems_(&problems) {}

    bool has(std::string_view key) const;
    bool has_object(std::string_view key) const;
    bool has_list(std::string_view key) const;
    bool has_flag(std::string_view key) const;
    /// Whether an empty array stands under the key.
    bool empty_list(std::string_view key) const;
    std::string path(std::string_view key) const;
    /// The keys the object has, as written.
    std::vector<std::string> keys() const;

    double number(std::string_view key, Range range); ///< required
    double number_or(std::string_view key, double otherwise, Range range);
    std::optional<double> number_if(std::string_view key, Range range);
    int whole(std::string_view key, int least, int most); ///< required
    int whole_or(std::string_view key, int otherwise, int least, int most);
    bool flag_or(std::string_view key, bool otherwise);
    std::string text_or(std::string_view key, std::string otherwise);
    /// The text under a key, or "" if there is none or it is no text.
    std::string_view word_at(std::string_view key) const;
    /// One of the words; its index. @param otherwise index if missing, or none: required
    std::size_t word(std::string_view key, const std::vector<std::string_view>& words,
                     std::optional<std::size_t> otherwise);
    /// One of the words of an enum (core/words/word_of.h), if the key is there.
    template <class E> std::optional<E> choice_if(std::string_view key) {
        if (!has(key)) return std::nullopt;
        return choice<E>(key);
    }
    /// The same, required.
    template <class E> E choice(std::string_view key) {
        constexpr auto words = words_of(E{});
        return static_cast<E>(word(key, {words.begin(), words.end()}, std::nullopt));
    }
    template <class E> E choice_or(std::string_view key, E otherwise) {
        return choice_if<E>(key).value_or(otherwise);
    }
    /// An array of texts; empty if there is none.
    std::vector<std::string> texts(std::string_view key);
    /// An array of numbers. @param count what it must hold, none: any
    std::vector<double> numbers(std::string_view key, Range range, std::optional<std::size_t> count);
    /// An array of arrays of whole numbers, each from 0 to less than `count`.
    std::vector<std::vector<std::size_t>> index_lists(std::string_view key, std::size_t count);
    /// The object under a key, required or not; a wrong type is told once.
    Reader object(std::string_view key, bool required);
    /// The array under a key, each item an object.
    std::vector<Reader> objects(std::string_view key, std::size_t least, std::size_t most, bool required);

    /// How many faults there are so far, in the whole document.
    std::size_t faults() const { return problems_->size(); }
    void fault(const char* id, std::string_view key, std::vector<Argument> arguments = {});

private:
    const Value* at(std::string_view key) const { return object_ ? object_->member(key) : nullptr; }
    /// @param item which of a list under the key, if it is one
    std::optional<double> checked(const Value& value, std::string_view key, Range range,
                                  std::optional<std::size_t> item = {});
    const Value* required_value(std::string_view key);

    const Value* object_;
    std::string path_;
    std::vector<Message>* problems_;
};

/// A short text of a value for a message: at most 40 characters of its JSON.
std::string shown_value(const Value& value);

} // namespace fm
