#include "cli/explain_text.h"

#include "cli/json_parts.h"
#include "core/words/message.h"

#include <array>
#include <cmath>
#include <cstdio>

namespace fm {

namespace {

const char* unit_of(QuantityKind kind) {
    switch (kind) {
    case QuantityKind::length: return "mm";
    case QuantityKind::angle: return "deg";
    case QuantityKind::cents: return "cents";
    case QuantityKind::force: return "N";
    case QuantityKind::stress: return "MPa";
    case QuantityKind::unit_mass: return "g/m";
    case QuantityKind::moment: return "N·m";
    case QuantityKind::factor: return "";
    }
    return "";
}

std::string words_of(std::string_view id) {
    return std::string(english_template(id));
}

std::string value_text(double value, QuantityKind kind) {
    std::array<char, 64> text{};
    const int size = std::snprintf(text.data(), text.size(), "%12.6f %s", value == 0.0 ? 0.0 : value,
                                   unit_of(kind)); // no minus before a nought
    return {text.data(), static_cast<std::size_t>(size)};
}

/// Two figures that count: an uncertainty is known no better.
std::string about(double value, QuantityKind kind) {
    std::array<char, 64> text{};
    const int size = std::snprintf(text.data(), text.size(), "%.2g %s", std::abs(value), unit_of(kind));
    return {text.data(), static_cast<std::size_t>(size)};
}

std::size_t shown_length(std::string_view text) {
    std::size_t count = 0;
    for (const char c : text) count += (static_cast<unsigned char>(c) & 0xC0U) != 0x80U ? 1 : 0;
    return count;
}

std::string head(const Explained& e) {
    std::string line = e.working.key + ": ";
    if (e.working.string) line += e.design.string_name(*e.working.string) + ", ";
    line += e.working.title;
    if (e.working.fret) line += *e.working.fret == 0 ? ", open" : ", fret " + std::to_string(*e.working.fret);
    return line + "\n";
}

} // namespace

std::string explained_text(const Explained& e) {
    std::string text = head(e) + "  " + std::string(e.working.formula) + "\n";
    std::size_t widest = 0;
    for (const Term& term : e.working.terms) widest = std::max(widest, shown_length(std::string(term.name)));
    for (const Term& term : e.working.terms) {
        const std::string name = std::string(term.name);
        text += std::string("  ") + term.sign + " " + name + std::string(widest - shown_length(name), ' ') +
                value_text(term.value, term.kind);
        if (!term.key.empty()) text += "   " + term.key;
        text += "\n";
    }
    text += "  =" + std::string(widest + 1, ' ') + value_text(e.working.result, e.working.kind) + "\n";
    text += "  ± " + about(e.sure.standard, e.working.kind) + "\n";
    for (const Contribution& part : e.sure.contributions)
        text += "    " + about(part.change, e.working.kind) + " from " + std::string(part.name) + " (" +
                words_of(part.gauge_id) + "), " + part.key + "\n";
    return text;
}

Value explained_json(const Explained& e) {
    Value::Array terms;
    for (const Term& term : e.working.terms) {
        const char* source = term.key.empty() ? "step" : term.computed ? "computed" : "job";
        terms.push_back(Members()
                            .add("name", std::string(term.name))
                            .add("sign", std::string(1, term.sign))
                            .add("value", term.value)
                            .add("unit", unit_of(term.kind))
                            .add("source", source)
                            .add("key", term.key.empty() ? Value() : Value(term.key))
                            .take());
    }
    Value::Array parts;
    for (const Contribution& part : e.sure.contributions)
        parts.push_back(Members()
                            .add("name", std::string(part.name))
                            .add("read_with", words_of(part.gauge_id))
                            .add("key", part.key)
                            .add("change", part.change)
                            .take());
    return Members()
        .add("key", e.working.key)
        .add("string", e.working.string ? Value(e.design.string_name(*e.working.string)) : Value())
        .add("fret", e.working.fret ? Value(*e.working.fret) : Value())
        .add("title", std::string(e.working.title))
        .add("formula", std::string(e.working.formula))
        .add("terms", std::move(terms))
        .add("result", e.working.result)
        .add("unit", unit_of(e.working.kind))
        .add("uncertainty", e.sure.standard)
        .add("contributions", std::move(parts))
        .take();
}

} // namespace fm
