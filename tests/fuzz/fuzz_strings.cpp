// Any bytes as a string set: a clean error, or one to fourteen strings as a job has them.
#include "core/words/message.h"
#include "fuzz.h"
#include "job/document/json.h"
#include "job/exchange/string_set.h"

using namespace fm;

extern "C" int LLVMFuzzerTestOneInput(const std::uint8_t* data, std::size_t size) {
    try {
        const Value read = strings_of_csv(text_of(data, size));
        must(!read.array()->empty() && read.array()->size() <= 14, "one to fourteen");
        (void)compact_json(read);
    } catch (const InputError& error) {
        must(error.what()[0] != '\0', "errors have words");
    }
    return 0;
}
