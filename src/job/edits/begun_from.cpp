#include "job/edits/begun_from.h"

namespace fm {

Value same_instrument(const Value& document, const std::string& title, double plane_mm) {
    Value job = with(document, "title", title);
    for (const char* of_the_work :
         {"readings", "record", "sheets", "ordered", "survey", "survey_own", "plan", "backgrounds"})
        job = without(job, of_the_work);
    const Value* strings = job.member("strings");
    const std::size_t count = strings && strings->array() ? strings->array()->size() : 0;
    for (std::size_t i = 0; i < count; ++i) job = without(job, "strings[" + std::to_string(i) + "].photo");
    if (job.member("bridge") && !find(job, "bridge.plane_above_top_mm"))
        job = with(job, "bridge.plane_above_top_mm", plane_mm);
    return job;
}

} // namespace fm
