#pragma once
// The English tables behind english_template().
#include <span>
#include <string_view>

// Marks a sentence for the translators' tool without a word of Qt in the core.
#ifndef QT_TRANSLATE_NOOP
#define QT_TRANSLATE_NOOP(context, sentence) sentence
#endif

namespace fm {

struct MessageEntry {
    std::string_view id;
    std::string_view sentence;
};

std::span<const MessageEntry> job_messages();
std::span<const MessageEntry> working_messages();
std::span<const MessageEntry> symptom_messages();
std::span<const MessageEntry> survey_messages();
std::span<const MessageEntry> story_messages();

} // namespace fm
