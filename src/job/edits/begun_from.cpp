#include "job/edits/begun_from.h"

namespace fm {

Value same_instrument(const Value& document, const std::string& title, double plane_mm) {
    Value job = with(document, "title", title);
    for (const char* of_the_work :
         {"readings", "record", "sheets", "ordered", "survey", "plan", "backgrounds"})
        job = without(job, of_the_work);
    if (job.member("bridge") && !find(job, "bridge.plane_above_top_mm"))
        job = with(job, "bridge.plane_above_top_mm", plane_mm);
    return job;
}

} // namespace fm
