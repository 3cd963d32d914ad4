#include "core/words/message.h"

#include "core/words/message_tables.h"
#include "core/words/symptom.h"
#include "core/words/units.h"

#include <charconv>
#include <unordered_map>

namespace fm {

namespace {

std::string shortest_text(double value) {
    char buffer[64];
    // Eight figures: more than anybody reads, and none of the dust of binary fractions.
    const auto end = std::to_chars(buffer, buffer + sizeof buffer, value, std::chars_format::general, 8);
    return {buffer, end.ptr};
}

struct EnglishText {
    std::string operator()(const std::string& text) const { return text; }
    std::string operator()(LengthMm length) const { return length_text(length.mm, Unit::mm); }
    std::string operator()(AngleDeg angle) const { return fixed_text(angle.deg, 1) + "°"; }
    std::string operator()(double value) const { return shortest_text(value); }
    std::string operator()(int value) const { return std::to_string(value); }
};

} // namespace

InputError::InputError(Message message)
    : std::runtime_error(english(message)), message_(std::move(message)) {}

std::string_view english_template(std::string_view id) {
    static const std::unordered_map<std::string_view, std::string_view> sentences = [] {
        std::unordered_map<std::string_view, std::string_view> all;
        for (const auto& table :
             {job_messages(), working_messages(), std::span<const MessageEntry>(symptom_sentences),
              symptom_messages(), survey_messages(), story_messages()})
            for (const MessageEntry& entry : table) all.emplace(entry.id, entry.sentence);
        return all;
    }();
    const auto found = sentences.find(id);
    return found == sentences.end() ? std::string_view{} : found->second;
}

std::string filled(std::string_view sentence, const Message& message,
                   const std::function<std::string(const Argument&)>& show) {
    std::string text;
    for (std::size_t i = 0; i < sentence.size(); ++i) {
        const std::size_t close = sentence[i] == '{' ? sentence.find('}', i) : std::string_view::npos;
        if (close == std::string_view::npos) {
            text += sentence[i];
            continue;
        }
        const std::string_view name = sentence.substr(i + 1, close - i - 1);
        if (name == "where")
            text += message.where;
        else if (const auto index = static_cast<std::size_t>(name[0] - '0'); index < message.arguments.size())
            text += show(message.arguments[index]);
        i = close;
    }
    return text;
}

std::string english(const Message& message) {
    const std::string_view sentence = english_template(message.id);
    if (sentence.empty()) return message.id;
    return filled(sentence, message,
                  [](const Argument& argument) { return std::visit(EnglishText{}, argument); });
}

} // namespace fm
