#pragma once
// The words of a written length. A detail of length.cpp, kept apart so that each file holds one idea.
#include "core/words/length.h"

#include <vector>

namespace fm::length_detail {

enum class TokenKind {
    number,
    fraction,
    unit,
    plus,
    minus,
    times,
    divide,
    open,
    close,
    less,
    greater,
    just,
    end
};

struct Token {
    TokenKind kind = TokenKind::end;
    std::size_t at = 0;
    double value = 0;     // number; fraction: in inches or in the unit right behind it
    Unit unit = Unit::mm; // unit
};

struct Tokens {
    std::vector<Token> list; // ends with TokenKind::end
    std::optional<LengthError> error;
};

/// Splits the text. Outside brackets, 5/8, 1 5/8 and 1-5/8 come out as one fraction.
Tokens tokens_of(std::string_view text);

} // namespace fm::length_detail
