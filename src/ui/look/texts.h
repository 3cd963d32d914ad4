#pragma once
#include "core/solution/working.h"
#include "core/words/length.h"
#include "core/words/message.h"
#include "core/words/units.h"

#include <QString>

#include <optional>

namespace fm {

/// Numbers and sentences as the window shows them: in the user's language and locale.
QString number_text(double value, int decimals);
/// An amount of money, with its currency where the shop names one.
QString money_text(double amount, const std::string& currency);
/// A length without its unit; 64ths as "7/64" and, on a second line, what remains: "+ 5 thou".
QString length_number(double mm, Unit unit);
/// The same on one line, with the unit: "1,19 mm", "7/64 + 5 thou".
QString length_with_unit(double mm, Unit unit);
/// A length as it is said in passing, without closing noughts: "52", "6.5".
QString length_short(double mm, Unit unit);
/// What a field holds when it is edited: enough digits that nothing is lost to a person.
QString length_for_edit(double mm, Unit unit);
QString unit_text(Unit unit);
/// A tension in the unit a job tells it in.
QString tension_number(double tension_n, const Units& units, int decimals);
QString tension_unit_text(TensionUnit unit);
/// A length as a person types it, in mm; or what is not understood, and where.
struct TypedLength {
    std::optional<double> mm;
    QString fault;
};
/// What is not understood of it, and at which character.
QString length_fault(const QString& text, const LengthError& error);
TypedLength typed_length(const QString& text, Unit unit);
QString angle_text(double deg);
/// What a way of a screw comes to in turns of its thread: "1.3 turns"; "" where its pitch is not known.
QString turns_text(double mm, const std::optional<double>& pitch_mm);

/// The sentence, name or formula of an id in the user's language.
QString words_of(std::string_view id);
/// A sentence of the core in a person's language.
QString translated(std::string_view english);
QString message_text(const Message& message, const Units& units = {});
/// The same, with what it is about before it where the sentence does not say so.
QString located_text(const Message& message, const Units& units = {});

/// "8 · D3 floor over seat 5.82 = board 4.80 + fret 1.05 …" without the string's name.
QString working_line(const Working& working, Unit unit);
QString term_value(double value, TermKind kind, Unit unit);

} // namespace fm
