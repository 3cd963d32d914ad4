#pragma once
// The instrument the figures solve: the demo's ten strings, with as many frets and strings as asked.
#include "common/jobs.h"
#include "core/solution/solution.h"

namespace fm::figures {

inline Design design_of(int frets, std::size_t strings, CompensationMethod method, SetForward forward) {
    Design design = test::job_of(test::demo_document("curlew")).design;
    design.neck.frets = frets;
    design.neck.body_joint_fret = std::min(design.neck.body_joint_fret, frets);
    if (design.neck.relief) design.neck.relief->to_fret = std::min(design.neck.relief->to_fret, frets);
    design.saddle.compensation = method;
    design.saddle.set_forward = forward;
    design.strings.resize(strings);
    design.nut.posts.resize(strings);
    return design;
}

} // namespace fm::figures
