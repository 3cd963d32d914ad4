#pragma once
// What the core has to say: an id and typed values, never a finished sentence. English tables
// (message_table*.cpp) serve the command line; the window translates the same table by id.
#include "core/words/units.h"

#include <functional>
#include <stdexcept>
#include <string>
#include <string_view>
#include <variant>
#include <vector>

namespace fm {

enum class Severity { note, warning, error };

struct LengthMm {
    double mm;
    LengthKind kind = LengthKind::small;
};
/// Of a gap, or of what comes off for one.
inline LengthMm gap_of(double mm) {
    return {mm, LengthKind::gap};
}
struct AngleDeg {
    double deg;
};
/// A value of a message: text that is the same in every language (a key, a string's name, a file), a length,
/// an angle, a plain number or a whole number.
using Argument = std::variant<std::string, LengthMm, AngleDeg, double, int>;

struct Message {
    std::string id;
    Severity severity = Severity::error;
    std::string where; ///< the key in the job file it is about, "strings[2].diameter_mm"; may be empty
    std::vector<Argument> arguments;
};

/// Bad data from outside: names the key, its value and what is allowed. A fault of ours is a
/// std::logic_error.
class InputError : public std::runtime_error {
public:
    explicit InputError(Message message);
    const Message& message() const { return message_; }

private:
    Message message_;
};

/// The English sentence of an id, with {0}, {1} … where the values go and {where} for the key; "" if unknown.
std::string_view english_template(std::string_view id);

/// Puts the values into a sentence. `show` turns a value into text (it knows unit and locale).
std::string filled(std::string_view sentence, const Message& message,
                   const std::function<std::string(const Argument&)>& show);

/// The English sentence with lengths in mm.
std::string english(const Message& message);

} // namespace fm
