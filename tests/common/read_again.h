#pragma once
// An instrument that stands somewhere, read many times with the usual gauges and their scatter.
#include "common/jobs.h"
#include "core/found/plan.h"

#include <cmath>

namespace fm::test {

/// How the nut is read in a trial.
enum class NutReadBy { open, pressed };

/// Where the instrument truly stands, off its targets.
struct Fault {
    double slot_mm = 0;                ///< one slot higher
    std::optional<std::size_t> string; ///< which
    double action_mm = 0;              ///< over fret 12, all strings
};

/// How often each step of a plan was left, and was not, of so many trials.
struct LeftCount {
    int trials = 0;
    int relief = 0;
    int saddle = 0;
    int nut = 0;
    int slot_filed = 0; ///< of the string with the fault
    int saddle_lowered = 0;
};

class ReadAgain {
public:
    ReadAgain(const char* demo, NutReadBy by, unsigned seed)
        : job_(job_of(demo_document(demo))), by_(by), random_(seed) {
        // Every instrument is wanted with some relief, so that each step can be judged.
        if (!job_.design.neck.relief)
            job_.design.neck.relief =
                Relief{0.1, job_.design.neck.body_joint_fret / 2, 1, job_.design.neck.body_joint_fret};
        job_.design.choices = {};
        target_ = solve(job_.design);
    }

    std::size_t strings() const { return target_.strings.size(); }

    /// Feelers for relief and nut, a rule in half millimetres for the action: what plans take for granted.
    ReadingEntry read(const Fault& fault) {
        const Neck neck(job_.design.neck);
        ReadingEntry entry;
        entry.relief = job_.design.neck.relief;
        entry.relief->depth_mm += noise(0.015);
        for (std::size_t i = 0; i < target_.strings.size(); ++i) {
            const StringSolution& string = target_.strings[i];
            const StringOnNeck on(neck, string.line);
            const double u12 = on.fret_share(12);
            EndHeights ends = string.ends;
            ends.saddle_z_mm += fault.action_mm / u12;
            if (fault.string == i) ends.nut_z_mm += fault.slot_mm;
            StringReadings read;
            if (by_ == NutReadBy::open)
                read.open_gap_fret1_mm = open_gap_mm(on, ends, 1) + noise(0.015);
            else
                read.pressed_gap_mm = pressed_gap_mm(on, ends, read.pressed_fret) + noise(0.015);
            read.action12_mm = open_gap_mm(on, ends, 12) + noise(0.1);
            entry.strings.push_back(read);
        }
        return entry;
    }

    LeftCount trials(int count, const Fault& fault) {
        LeftCount left;
        left.trials = count;
        for (int k = 0; k < count; ++k) {
            const Plan made = *plan(job_.design, target_, {read(fault)}, PlanOrder::neck_saddle_nut);
            left.relief += made.relief.left();
            left.saddle += made.saddle.left();
            left.nut += made.nut.left();
            left.saddle_lowered += !made.saddle.left() && made.saddle.cut.pack_mm == 0;
            left.slot_filed += fault.string && *made.nut.take_off_mm[*fault.string] > 0;
        }
        return left;
    }

private:
    double noise(double u_mm) { return std::normal_distribution<double>(0, u_mm)(random_); }

    Job job_;
    Solution target_;
    NutReadBy by_;
    std::mt19937 random_;
};

} // namespace fm::test
