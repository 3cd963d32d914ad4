// The English of a job's story, line by line.
#include "core/words/message_tables.h"

namespace fm {

namespace {

constexpr MessageEntry story_table[] = {
    {"wait.neck", QT_TRANSLATE_NOOP("messages", "the neck settles")},
    {"wait.glue", QT_TRANSLATE_NOOP("messages", "the glue cures")},
    {"wait.strings", QT_TRANSLATE_NOOP("messages", "the strings stretch")},
    {"meanwhile.blank",
     QT_TRANSLATE_NOOP("messages", "clean the seat, look out files and leaves, measure the blank")},
    {"meanwhile.nut_top", QT_TRANSLATE_NOOP("messages", "mark and clean the slots of the nut")},
    {"meanwhile.saddle_crowns", QT_TRANSLATE_NOOP("messages", "shape the saddle's crowns, write the record")},
    {"meanwhile.record", QT_TRANSLATE_NOOP("messages", "write the record")},
    {"story.found", QT_TRANSLATE_NOOP("messages", "as found")},
    {"story.left", QT_TRANSLATE_NOOP("messages", "as left")},
    {"story.humidity", QT_TRANSLATE_NOOP("messages", "humidity {0} %")},
    {"story.relief", QT_TRANSLATE_NOOP("messages", "relief {0}")},
    {"story.nut_read", QT_TRANSLATE_NOOP("messages", "{0} gaps at the nut read")},
    {"story.saddle_read", QT_TRANSLATE_NOOP("messages", "{0} heights at fret 12 read")},
    {"story.tightened", QT_TRANSLATE_NOOP("messages", "rod tightened by {0}/8 of a turn")},
    {"story.loosened", QT_TRANSLATE_NOOP("messages", "rod loosened by {0}/8 of a turn")},
    {"story.shimmed", QT_TRANSLATE_NOOP("messages", "nut shimmed by {0}")},
    {"story.bottom",
     QT_TRANSLATE_NOOP("messages", "{0} off the saddle's bottom at the bass, {1} at the treble")},
    {"story.packed", QT_TRANSLATE_NOOP("messages", "saddle packed by {0} at the bass, {1} at the treble")},
    {"story.screws_down",
     QT_TRANSLATE_NOOP("messages",
                       "saddle's screws turned down: {0} at the bass, {1} at the treble; minus is up")},
    {"story.screw_up", QT_TRANSLATE_NOOP("messages", "{0}: saddle turned up by {1}")},
    {"story.screw_pass", QT_TRANSLATE_NOOP("messages", "{0}: saddle to be turned down by {1}")},
    {"story.filled", QT_TRANSLATE_NOOP("messages", "{0}: slot filled by {1}")},
    {"story.slot_pass", QT_TRANSLATE_NOOP("messages", "{0}: {1} asked off the slot")},
    {"story.crown_pass", QT_TRANSLATE_NOOP("messages", "{0}: {1} asked off the saddle")},
    {"story.gap", QT_TRANSLATE_NOOP("messages", "{0}: gap {1}")},
    {"story.action", QT_TRANSLATE_NOOP("messages", "{0}: {1} over fret 12")},
    {"story.crown_longer", QT_TRANSLATE_NOOP("messages", "{0}: crown {1} longer")},
    {"story.crown_shorter", QT_TRANSLATE_NOOP("messages", "{0}: crown {1} shorter")},
    {"story.cents", QT_TRANSLATE_NOOP("messages", "{0}: {1} cents at fret {2}")},
    {"story.heard.way_flat", QT_TRANSLATE_NOOP("messages", "{0}: way flat at fret {1}, by ear")},
    {"story.heard.flat", QT_TRANSLATE_NOOP("messages", "{0}: flat at fret {1}, by ear")},
    {"story.heard.bit_flat", QT_TRANSLATE_NOOP("messages", "{0}: a bit flat at fret {1}, by ear")},
    {"story.heard.in_tune", QT_TRANSLATE_NOOP("messages", "{0}: in tune at fret {1}, by ear")},
    {"story.heard.bit_sharp", QT_TRANSLATE_NOOP("messages", "{0}: a bit sharp at fret {1}, by ear")},
    {"story.heard.sharp", QT_TRANSLATE_NOOP("messages", "{0}: sharp at fret {1}, by ear")},
    {"story.heard.way_sharp", QT_TRANSLATE_NOOP("messages", "{0}: way sharp at fret {1}, by ear")},
    {"story.taken_back", QT_TRANSLATE_NOOP("messages", "a reading was taken back")},
    {"story.at", QT_TRANSLATE_NOOP("messages", "{0}, fret {1}")},
    {"story.cause", QT_TRANSLATE_NOOP("messages", "the cause")},
    {"story.cause_open", QT_TRANSLATE_NOOP("messages", "the cause is not found yet")},
    {"story.tested.gone", QT_TRANSLATE_NOOP("messages", "gone with the test for")},
    {"story.tested.better", QT_TRANSLATE_NOOP("messages", "better with the test for")},
    {"story.tested.same", QT_TRANSLATE_NOOP("messages", "the same with the test for")},
    {"story.decided", QT_TRANSLATE_NOOP("messages", "decided")},
    {"story.left_undone", QT_TRANSLATE_NOOP("messages", "left undone")},
    {"story.minutes", QT_TRANSLATE_NOOP("messages", "{0} minutes")},
    {"story.printed", QT_TRANSLATE_NOOP("messages", "sheets printed, revision {0}")},
};

} // namespace

std::span<const MessageEntry> story_messages() {
    return story_table;
}

} // namespace fm
