#include "core/message.h"

#include "core/units.h"

#include <charconv>

namespace fm {

namespace {

// Marks a sentence for the translators' tool without a word of Qt in the core.
#define QT_TRANSLATE_NOOP(context, sentence) sentence

struct Entry {
    std::string_view id;
    std::string_view sentence;
};

constexpr Entry table[] = {
    // A job's text and keys.
    {"file_too_large", QT_TRANSLATE_NOOP("messages", "the file has {0} bytes; a job may have at most {1}")},
    {"file_missing", QT_TRANSLATE_NOOP("messages", "there is no file {0}")},
    {"file_is_folder", QT_TRANSLATE_NOOP("messages", "{0} is a folder; a job file is needed")},
    {"file_not_readable", QT_TRANSLATE_NOOP("messages", "{0} cannot be read: {1}")},
    {"file_not_written",
     QT_TRANSLATE_NOOP("messages", "{0} could not be written, the old file stands: {1}")},
    {"file_changed_on_disk",
     QT_TRANSLATE_NOOP("messages", "{0} was changed by another program since it was read; nothing was written over it")},
    {"job_held", QT_TRANSLATE_NOOP("messages", "{0} is open in another window; it opens for reading only")},
    {"json_not_valid", QT_TRANSLATE_NOOP("messages", "this is no JSON: line {0}, column {1}")},
    {"json_ends_early", QT_TRANSLATE_NOOP("messages", "the file ends too early: line {0}, column {1}")},
    {"json_key_twice", QT_TRANSLATE_NOOP("messages", "the key \"{0}\" stands twice in one object")},
    {"json_too_deep", QT_TRANSLATE_NOOP("messages", "objects are nested deeper than {0} levels")},
    {"key_missing", QT_TRANSLATE_NOOP("messages", "{where} is missing")},
    {"course_distance_missing",
     QT_TRANSLATE_NOOP("messages", "{where} is missing: strings in courses need course_gap_mm or course_centres_mm")},
    {"not_a_number", QT_TRANSLATE_NOOP("messages", "{where} is {0}; a number is needed")},
    {"not_a_whole_number", QT_TRANSLATE_NOOP("messages", "{where} is {0}; a whole number from {1} to {2} is needed")},
    {"not_true_or_false", QT_TRANSLATE_NOOP("messages", "{where} is {0}; true or false is needed")},
    {"not_a_text", QT_TRANSLATE_NOOP("messages", "{where} is {0}; text is needed")},
    {"not_a_list", QT_TRANSLATE_NOOP("messages", "{where} is {0}; a list is needed")},
    {"not_an_object", QT_TRANSLATE_NOOP("messages", "{where} is {0}; an object with keys is needed")},
    {"not_a_pitch", QT_TRANSLATE_NOOP("messages", "{where} is \"{0}\"; a note such as G2, C#3 or Bb1 is needed")},
    {"not_one_of", QT_TRANSLATE_NOOP("messages", "{where} is {0}; allowed are {1}")},
    {"number_out_of_range", QT_TRANSLATE_NOOP("messages", "{where} is {0}; allowed is {1} to {2}")},
    {"number_too_small", QT_TRANSLATE_NOOP("messages", "{where} is {0}; allowed is {1} or more")},
    {"wrong_count", QT_TRANSLATE_NOOP("messages", "{where} has {0} entries; {1} are needed")},
    {"count_out_of_range", QT_TRANSLATE_NOOP("messages", "{where} has {0} entries; allowed are {1} to {2}")},
    {"one_or_the_other", QT_TRANSLATE_NOOP("messages", "{where} stands beside {0}; only one of the two is allowed")},
    {"bias_with_margin",
     QT_TRANSLATE_NOOP("messages", "{where} has no meaning beside edge_margin_mm; leave it out, 0 included")},
    {"radius_under_half_width",
     QT_TRANSLATE_NOOP("messages", "{where} is {0}; it must be more than half the nut's width, {1}")},
    {"radius_runs_out",
     QT_TRANSLATE_NOOP("messages", "{where} is {0}: at the last fret the radius would be {1}; at least {2} is needed")},
    {"relief_frets",
     QT_TRANSLATE_NOOP("messages", "{where} is {0} and {1}, read at {2}; the reading's fret must lie between the two, "
                                   "and the first below the body joint, fret {3}")},
    {"temperament_order",
     QT_TRANSLATE_NOOP("messages", "{where}: value {0} is {1}; the twelve must rise from above 0 to 1200 at the last")},
    {"auto_height_of_tailpiece",
     QT_TRANSLATE_NOOP("messages", "{where} is \"auto\"; with a tailpiece a number is needed, or no key")},
    {"string_too_far_out",
     QT_TRANSLATE_NOOP("messages", "{where} puts a string {0} from the centreline; allowed is up to {1}")},
    {"spread_too_small",
     QT_TRANSLATE_NOOP("messages", "{where} puts the outer strings' centres {0} apart; the strings between need {1}")},
    // Doubts about a solved job.
    {"compensation_pending",
     QT_TRANSLATE_NOOP("messages", "this version computes fixed compensation only; solved as fixed 0, the file keeps "
                                   "its method")},
    {"strings_touch", QT_TRANSLATE_NOOP("messages", "{0} and {1} touch: the space between them is {2}")},
    {"strings_close", QT_TRANSLATE_NOOP("messages", "{0} and {1} stand {2} apart; {3} is wanted")},
    {"nut_below_frets",
     QT_TRANSLATE_NOOP("messages", "{0}: the nut would stand {1} below the fret tops; raise its target or the action")},
    {"press_at_2",
     QT_TRANSLATE_NOOP("messages", "{0}: pressed at fret 3 the string lies on fret 2; read it with pressed fret 2")},
    {"edge_near_nut",
     QT_TRANSLATE_NOOP("messages", "{0} stands {2} from the board's edge at the nut; {3} is wanted: less spread, or bias "
                                   "away from that edge")},
    {"edge_near_fret",
     QT_TRANSLATE_NOOP("messages", "{0} stands {2} from the board's edge at fret {1}; {3} is wanted: less spread at the "
                                   "saddle, bias, or shift the bridge")},
    {"newer_version",
     QT_TRANSLATE_NOOP("messages", "this job was written by a newer version ({0}); it opens for reading only")},
    // Reading fields.
    {"reading_empty", QT_TRANSLATE_NOOP("messages", "nothing is written here; a length is needed")},
    {"reading_too_long", QT_TRANSLATE_NOOP("messages", "too long: at most 200 characters")},
    {"reading_unknown_sign",
     QT_TRANSLATE_NOOP("messages", "not understood at character {0}; numbers, + - * / ( ), mm, in, \", thou and 64ths are")},
    {"reading_number_expected", QT_TRANSLATE_NOOP("messages", "a number is missing at character {0}")},
    {"reading_operator_expected", QT_TRANSLATE_NOOP("messages", "character {0}: + - * or / is missing before it")},
    {"reading_bracket_open", QT_TRANSLATE_NOOP("messages", "a bracket is not closed at character {0}")},
    {"reading_too_deep", QT_TRANSLATE_NOOP("messages", "too many brackets inside each other at character {0}")},
    {"reading_bad_number", QT_TRANSLATE_NOOP("messages", "no number at character {0}: one decimal mark, no thousands marks")},
    {"reading_fraction_not_proper",
     QT_TRANSLATE_NOOP("messages", "the fraction at character {0} after a whole number must be smaller than one")},
    {"reading_divide_by_zero", QT_TRANSLATE_NOOP("messages", "division by nothing at character {0}")},
    {"reading_length_times_length",
     QT_TRANSLATE_NOOP("messages", "a length times a length at character {0} is no length")},
    {"reading_number_over_length",
     QT_TRANSLATE_NOOP("messages", "a number divided by a length at character {0} is no length")},
    {"reading_leaf_order",
     QT_TRANSLATE_NOOP("messages", "at character {0}: before the < stands the leaf that goes, the thinner one")},
    {"reading_too_large", QT_TRANSLATE_NOOP("messages", "the length is too large")},
};

std::string shortest_text(double value) {
    char buffer[64];
    const auto end = std::to_chars(buffer, buffer + sizeof buffer, value);
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

InputError::InputError(Message message) : std::runtime_error(english(message)), message_(std::move(message)) {}

std::string_view english_template(std::string_view id) {
    for (const Entry& entry : table)
        if (entry.id == id) return entry.sentence;
    return {};
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
    return filled(sentence, message, [](const Argument& argument) { return std::visit(EnglishText{}, argument); });
}

} // namespace fm
