// The English of the survey: what each point is called, how it is looked at, what a finding means.
#include "core/words/message_tables.h"

namespace fm {

namespace {

constexpr MessageEntry survey_table[] = {
    {"survey.name.bridge_lifting", QT_TRANSLATE_NOOP("messages", "bridge lifting")},
    {"survey.look.bridge_lifting",
     QT_TRANSLATE_NOOP("messages",
                       "Slip a thin card along the bridge's edges, the back one first: it finds no gap.")},
    {"survey.found.bridge_lifting",
     QT_TRANSLATE_NOOP("messages", "bridge lifting: no set-up until it is glued down; slacken the strings, "
                                   "it is a job for a trained repairer")},
    {"survey.name.brace_loose", QT_TRANSLATE_NOOP("messages", "loose brace or sunk top")},
    {"survey.look.brace_loose",
     QT_TRANSLATE_NOOP("messages", "Tap the top and the back, then sight along the top: nothing rattles, no "
                                   "dip before the bridge, no hump behind it.")},
    {"survey.found.brace_loose",
     QT_TRANSLATE_NOOP("messages", "loose brace or sunk top: no set-up until it is mended; slacken the "
                                   "strings, it is a job for a trained repairer")},
    {"survey.name.crack_open", QT_TRANSLATE_NOOP("messages", "open crack")},
    {"survey.look.crack_open",
     QT_TRANSLATE_NOOP(
         "messages",
         "Look along the grain of top, back and ribs in slanting light: no line opens under a light press.")},
    {"survey.found.crack_open",
     QT_TRANSLATE_NOOP("messages", "open crack: close it first, it changes height and sound")},
    {"survey.name.top_sunk", QT_TRANSLATE_NOOP("messages", "top sunk or waved")},
    {"survey.look.top_sunk",
     QT_TRANSLATE_NOOP("messages",
                       "Lay a straightedge across the top before the bridge and behind it: no hollow "
                       "and no wave deeper than 2 mm.")},
    {"survey.found.top_sunk",
     QT_TRANSLATE_NOOP("messages",
                       "top sunk or waved: look inside for a loose brace, and fit a new bridge to the "
                       "top as it is; deeper than 2 mm is a job for a trained repairer")},
    {"survey.name.neck_joint_open", QT_TRANSLATE_NOOP("messages", "neck joint open")},
    {"survey.look.neck_joint_open",
     QT_TRANSLATE_NOOP("messages",
                       "Hold the body and press the neck to and fro: no line opens at the joint.")},
    {"survey.found.neck_joint_open",
     QT_TRANSLATE_NOOP("messages",
                       "neck joint open: no set-up until it holds; every height read now is lost")},
    {"survey.name.headstock_cracked", QT_TRANSLATE_NOOP("messages", "headstock cracked")},
    {"survey.look.headstock_cracked",
     QT_TRANSLATE_NOOP("messages",
                       "Look behind the nut and between the posts, strings up to pitch: no line.")},
    {"survey.found.headstock_cracked",
     QT_TRANSLATE_NOOP(
         "messages",
         "headstock cracked: slacken the strings; no set-up until it is mended by a trained repairer")},
    {"survey.name.rod_stuck", QT_TRANSLATE_NOOP("messages", "truss rod stuck or at its end")},
    {"survey.look.rod_stuck",
     QT_TRANSLATE_NOOP("messages",
                       "Set the wrench and feel, without force: the nut gives a little both ways.")},
    {"survey.found.rod_stuck",
     QT_TRANSLATE_NOOP("messages", "truss rod stuck or at its end: do not force it, it breaks; relief cannot "
                                   "be set until a trained repairer has seen it")},
    {"survey.name.neck_twisted", QT_TRANSLATE_NOOP("messages", "neck twisted")},
    {"survey.look.neck_twisted",
     QT_TRANSLATE_NOOP("messages",
                       "Sight from the body's end over the first fret and the last: they lie parallel.")},
    {"survey.found.neck_twisted",
     QT_TRANSLATE_NOOP("messages", "neck twisted: the actions of the two sides cannot both be had; "
                                   "straighten it first or say what is left")},
    {"survey.name.neck_humped", QT_TRANSLATE_NOOP("messages", "hump at the joint")},
    {"survey.look.neck_humped",
     QT_TRANSLATE_NOOP("messages", "Lay a straightedge on the frets: it does not ride on the joint.")},
    {"survey.found.neck_humped",
     QT_TRANSLATE_NOOP("messages",
                       "hump at the joint: level it first, relief and action cannot make up for it")},
    {"survey.name.fret_loose", QT_TRANSLATE_NOOP("messages", "high or loose fret")},
    {"survey.look.fret_loose",
     QT_TRANSLATE_NOOP(
         "messages",
         "Rock a short straightedge over three frets at a time, press each end: nothing rocks or gives.")},
    {"survey.found.fret_loose",
     QT_TRANSLATE_NOOP("messages", "high or loose fret: seat or level it first, it buzzes at any action")},
    {"survey.name.frets_worn", QT_TRANSLATE_NOOP("messages", "frets worn")},
    {"survey.look.frets_worn",
     QT_TRANSLATE_NOOP("messages",
                       "Look under the strings at the first frets: no flats, no grooves a nail finds.")},
    {"survey.found.frets_worn",
     QT_TRANSLATE_NOOP("messages",
                       "frets worn: dress them first, heights read over grooves are not the frets'")},
    {"survey.name.fret_ends", QT_TRANSLATE_NOOP("messages", "sharp fret ends")},
    {"survey.look.fret_ends",
     QT_TRANSLATE_NOOP("messages", "Run a finger along both edges of the board: no end stands out.")},
    {"survey.found.fret_ends",
     QT_TRANSLATE_NOOP(
         "messages",
         "sharp fret ends: the board has shrunk; dress them, and read again when the air is back")},
    {"survey.name.nut_packed", QT_TRANSLATE_NOOP("messages", "packing under the nut")},
    {"survey.look.nut_packed",
     QT_TRANSLATE_NOOP(
         "messages",
         "Look along the seat from both ends: bare wood, no paper, no glue line thicker than a hair.")},
    {"survey.found.nut_packed",
     QT_TRANSLATE_NOOP("messages",
                       "packing under the nut: it goes when the nut is lifted, and the height with it")},
    {"survey.name.slots_filled", QT_TRANSLATE_NOOP("messages", "slots filled before")},
    {"survey.look.slots_filled",
     QT_TRANSLATE_NOOP("messages", "Look into each slot under the glass: one colour, no shine of glue.")},
    {"survey.found.slots_filled",
     QT_TRANSLATE_NOOP("messages",
                       "slots filled before: a filling wears sooner; a new nut may be the quicker way")},
    {"survey.name.slots_widened", QT_TRANSLATE_NOOP("messages", "slots too wide")},
    {"survey.look.slots_widened",
     QT_TRANSLATE_NOOP("messages", "Push each string sideways in its slot: it does not move.")},
    {"survey.found.slots_widened",
     QT_TRANSLATE_NOOP("messages",
                       "slots too wide: note their widths, such slots count as too wide in the verdict")},
    {"survey.name.saddle_packed", QT_TRANSLATE_NOOP("messages", "packing under the saddle")},
    {"survey.look.saddle_packed",
     QT_TRANSLATE_NOOP("messages", "Look into both ends of the slot: the piece stands on wood.")},
    {"survey.found.saddle_packed",
     QT_TRANSLATE_NOOP("messages",
                       "packing under the saddle: the height to take off counts from what it stands on")},
    {"survey.name.saddle_leans", QT_TRANSLATE_NOOP("messages", "saddle leans or is loose")},
    {"survey.look.saddle_leans",
     QT_TRANSLATE_NOOP("messages", "Push the saddle's top to and fro: it stands upright and still.")},
    {"survey.found.saddle_leans",
     QT_TRANSLATE_NOOP("messages",
                       "saddle leans or is loose: fit it first, its crown moves with every turn of a post")},
    {"survey.name.posts_slip", QT_TRANSLATE_NOOP("messages", "a post slips")},
    {"survey.look.posts_slip",
     QT_TRANSLATE_NOOP("messages", "Tune up from below and wait: the pitch stays.")},
    {"survey.found.posts_slip",
     QT_TRANSLATE_NOOP("messages", "a post slips: mend it first, nothing read at a sinking pitch holds")},
    {"survey.name.strings_old", QT_TRANSLATE_NOOP("messages", "old or unknown strings")},
    {"survey.look.strings_old",
     QT_TRANSLATE_NOOP("messages",
                       "Look and feel along each string: clean, even, of the gauge in the list.")},
    {"survey.found.strings_old",
     QT_TRANSLATE_NOOP(
         "messages",
         "old or unknown strings: put the set on that will stay; gaps and intonation belong to it")},
};

} // namespace

std::span<const MessageEntry> survey_messages() {
    return survey_table;
}

} // namespace fm
