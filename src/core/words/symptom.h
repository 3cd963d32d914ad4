#pragma once
// What is heard and complained of: each with its word and its sentence. What may be the cause of it stands in
// core/symptom/symptoms.cpp.
#include "core/words/message_tables.h"
#include "core/words/word_of.h"

#include <array>
#include <string_view>

namespace fm {

enum class Symptom {
    open_buzz,          ///< the open string buzzes, and stops when fret 1 is held
    note_buzz,          ///< a fretted note buzzes toward the bridge
    all_buzz,           ///< everything up the neck buzzes
    behind_finger_buzz, ///< stops when the string is touched between nut and finger
    first_frets_sharp,  ///< the first frets are sharp, the octave true
    sharp_up_the_neck,
    flat_up_the_neck,
    sharp_when_pressed, ///< only under a heavy hand
    sitar_at_nut,
    muffled_at_saddle,
    ping_when_tuning,
    weak_sound,
    bridge_moves, ///< rotates or lifts
    changed_with_season,
    rattle,          ///< anywhere, behind nut and bridge too
    chokes_in_bend,  ///< a note dies when its string is drawn aside
    flat_after_bend, ///< or after the arm
    dead_note,       ///< one note does not ring on
    string_breaks    ///< or wears its slot
};
/// Their words in commands and job files.
constexpr std::array<std::string_view, 19> words_of(Symptom) {
    return {"open_buzz",         "note_buzz",           "all_buzz",         "behind_finger_buzz",
            "first_frets_sharp", "sharp_up_the_neck",   "flat_up_the_neck", "sharp_when_pressed",
            "sitar_at_nut",      "muffled_at_saddle",   "ping_when_tuning", "weak_sound",
            "bridge_moves",      "changed_with_season", "rattle",           "chokes_in_bend",
            "flat_after_bend",   "dead_note",           "string_breaks"};
}
constexpr std::size_t symptom_count = words_of(Symptom{}).size();

inline constexpr MessageEntry symptom_sentences[] = {
    {"symptom.open_buzz",
     QT_TRANSLATE_NOOP("messages", "the open string buzzes and stops when fret 1 is held")},
    {"symptom.note_buzz", QT_TRANSLATE_NOOP("messages", "a fretted note buzzes toward the bridge")},
    {"symptom.all_buzz", QT_TRANSLATE_NOOP("messages", "everything up the neck buzzes")},
    {"symptom.behind_finger_buzz",
     QT_TRANSLATE_NOOP("messages", "a buzz that stops when the string is touched between nut and finger")},
    {"symptom.first_frets_sharp",
     QT_TRANSLATE_NOOP("messages", "the first frets are sharp, the octave is true")},
    {"symptom.sharp_up_the_neck", QT_TRANSLATE_NOOP("messages", "sharp all the way up")},
    {"symptom.flat_up_the_neck", QT_TRANSLATE_NOOP("messages", "flat all the way up")},
    {"symptom.sharp_when_pressed", QT_TRANSLATE_NOOP("messages", "sharp only under a heavy hand")},
    {"symptom.sitar_at_nut", QT_TRANSLATE_NOOP("messages", "a sitar-like sound from the nut")},
    {"symptom.muffled_at_saddle",
     QT_TRANSLATE_NOOP("messages", "a muffled or sizzling sound from the saddle")},
    {"symptom.ping_when_tuning", QT_TRANSLATE_NOOP("messages", "ping and jump when tuning")},
    {"symptom.weak_sound", QT_TRANSLATE_NOOP("messages", "a weak, unfocused sound")},
    {"symptom.bridge_moves", QT_TRANSLATE_NOOP("messages", "the bridge rotates or lifts")},
    {"symptom.changed_with_season", QT_TRANSLATE_NOOP("messages", "it changed with the season")},
    {"symptom.rattle", QT_TRANSLATE_NOOP("messages", "a rattle or ring somewhere, behind nut or bridge too")},
    {"symptom.chokes_in_bend", QT_TRANSLATE_NOOP("messages", "a note chokes when it is bent")},
    {"symptom.flat_after_bend", QT_TRANSLATE_NOOP("messages", "flat after a bend or the arm")},
    {"symptom.dead_note", QT_TRANSLATE_NOOP("messages", "one note is dead: it does not ring on")},
    {"symptom.string_breaks", QT_TRANSLATE_NOOP("messages", "a string breaks, or wears its slot")}};
static_assert(std::size(symptom_sentences) == symptom_count);

} // namespace fm
