#pragma once
// The bare words of a DXF file: pairs of a group code and a value.
#include <charconv>
#include <string>
#include <string_view>

namespace fm {

class DxfTags {
public:
    DxfTags& text(int code, std::string_view value) {
        out_ += std::to_string(code);
        out_ += '\n';
        out_ += value;
        out_ += '\n';
        return *this;
    }
    DxfTags& whole(int code, int value) { return text(code, std::to_string(value)); }
    DxfTags& number(int code, double value) {
        char buffer[64];
        const auto end = std::to_chars(buffer, buffer + sizeof buffer, value, std::chars_format::fixed, 9);
        return text(code, std::string_view(buffer, static_cast<std::size_t>(end.ptr - buffer)));
    }
    DxfTags& point(int code, double x, double y) {
        return number(code, x).number(code + 10, y).number(code + 20, 0.0);
    }
    void raw(const std::string& tags) { out_ += tags; }
    const std::string& str() const { return out_; }

private:
    std::string out_;
};

/// A handle as DXF writes it: a number in capital hexadecimal digits.
inline std::string dxf_handle(unsigned number) {
    char buffer[16];
    const auto end = std::to_chars(buffer, buffer + sizeof buffer, number, 16);
    std::string text(buffer, end.ptr);
    for (char& c : text)
        if (c >= 'a' && c <= 'f') c = static_cast<char>(c - 'a' + 'A');
    return text;
}

/// Text for a DXF value: other than ASCII as \U+XXXX, control signs as spaces.
std::string dxf_text(std::string_view utf8);

} // namespace fm
