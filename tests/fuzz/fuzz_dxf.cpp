// Any bytes as a DXF drawing: clean errors, or lines that can be painted.
#include "core/words/message.h"
#include "fuzz.h"
#include "sheet/drawing/dxf_outline.h"

#include <cmath>

using namespace fm;

extern "C" int LLVMFuzzerTestOneInput(const std::uint8_t* data, std::size_t size) {
    try {
        const QByteArray bytes(reinterpret_cast<const char*>(data), static_cast<qsizetype>(size));
        const DxfOutline outline = dxf_outline_of(bytes, QStringLiteral("fuzzed.dxf"));
        must(!outline.lines.empty(), "something is drawn");
        for (const auto& line : outline.lines) {
            must(line.size() > 1, "lines lead somewhere");
            for (const Point& p : line) must(std::isfinite(p.x) && std::isfinite(p.y), "points are numbers");
        }
    } catch (const InputError& error) {
        must(error.what()[0] != '\0', "errors have words");
    }
    return 0;
}
