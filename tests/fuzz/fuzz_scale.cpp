// Any bytes as a scale file: a clean error, or twelve cents that rise to the octave.
#include "core/words/message.h"
#include "fuzz.h"
#include "job/exchange/scala.h"

using namespace fm;

extern "C" int LLVMFuzzerTestOneInput(const std::uint8_t* data, std::size_t size) {
    try {
        const Value read = temperament_of_scl(text_of(data, size));
        const Value::Array& cents = *find(read, "cents")->array();
        must(cents.size() == 12 && cents[11].number() == 1200.0, "twelve, up to the octave");
        double before = 0;
        for (const Value& value : cents) {
            must(value.number() > before, "rising");
            before = value.number();
        }
    } catch (const InputError& error) {
        must(error.what()[0] != '\0', "errors have words");
    }
    return 0;
}
