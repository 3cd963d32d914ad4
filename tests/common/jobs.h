#pragma once
// Jobs for tests: the demo's, a plain one, and random ones from a seed.
#include "job/document/json.h"
#include "job/read/job.h"

#include <QFile>
#include <QString>

#include <random>
#include <stdexcept>

namespace fm::test {

inline QByteArray file_bytes(const QString& path) {
    QFile file(path);
    if (!file.open(QIODevice::ReadOnly)) throw std::runtime_error("no test file " + path.toStdString());
    return file.readAll();
}

inline Value document_of(const QString& path) {
    return parse_json(file_bytes(path).toStdString());
}
inline Value demo_document(const char* name) {
    return document_of(QStringLiteral(DEMO_DATA "/%1.fmjob").arg(QLatin1String(name)));
}

inline Job job_of(const Value& document) {
    JobResult result = read_job(document);
    if (!result.job) throw std::runtime_error(english(result.problems.front()));
    return std::move(*result.job);
}

/// How many random jobs a test takes: few in a quick check, many where FAIR_MEASURE_LONG is set.
/// FAIR_MEASURE_RUNS says another number.
inline unsigned jobs_from_seeds(unsigned quick, unsigned thorough) {
    if (const int asked = qEnvironmentVariableIntValue("FAIR_MEASURE_RUNS"); asked > 0)
        return static_cast<unsigned>(asked);
    return qEnvironmentVariableIsSet("FAIR_MEASURE_LONG") ? thorough : quick;
}

/// A sensible job from a seed: 1 … 14 strings, every spacing and height school, fans, cones, posts, courses.
class RandomJob {
public:
    explicit RandomJob(unsigned seed) : random_(seed) {}

    Value document() {
        const int count = whole(1, 14);
        Value out = parse_json(R"({"format": "fair-measure-job", "version": 1})");
        out = with(out, "title", "Random");
        const double nut_width = 22.0 + 6.5 * count + number(0, 4);
        neck(out, nut_width);
        const bool courses = count > 3 && chance(0.3);
        Value::Array strings;
        for (int i = 0; i < count; ++i) {
            Value string = make_up(60.0 * std::pow(1.19, i));
            if (courses) string = with(string, "course", i / 2 + 1);
            strings.push_back(string);
        }
        out = with(out, "strings", strings);
        spacing(out, "nut.spacing", courses, 0.7 * nut_width, count, true);
        height(out, count);
        out = with(out, "nut.board_above_seat_mm", number(3.5, 6));
        if (chance(0.4)) out = with(out, "nut.set_forward_mm", number(0, 0.6));
        if (chance(0.3)) posts(out, count);
        spacing(out, "saddle.spacing", courses, 0.95 * nut_width, count, false);
        out = with(out, "saddle.action.bass_mm", number(1.8, 3));
        out = with(out, "saddle.action.treble_mm", number(1.2, 2.2));
        if (chance(0.3)) out = with(out, "saddle.action.measured", "capo_1");
        compensation(out);
        if (chance(0.5)) bridge(out);
        if (chance(0.5)) player(out);
        return out;
    }

    /// The same with readings on some or all strings, in one to three entries.
    Value document_with_readings() {
        Value out = document();
        const std::size_t count = find(out, "strings")->array()->size();
        Value::Array entries;
        for (int entry = whole(1, 3); entry > 0; --entry) {
            Value::Array strings;
            for (std::size_t i = 0; i < count; ++i) strings.push_back(read_string(entry == 1));
            entries.push_back(with(Value(Value::Object{}), "strings", strings));
        }
        if (const Value* relief = find(out, "neck.relief"))
            entries.front() = with(entries.front(), "relief", with(*relief, "depth_mm", number(0, 0.4)));
        return with(out, "readings", entries);
    }

    double number(double low, double high) {
        const double value = std::uniform_real_distribution<double>(low, high)(random_);
        return std::round(value * 1000.0) / 1000.0;
    }
    int whole(int low, int high) { return std::uniform_int_distribution<int>(low, high)(random_); }
    bool chance(double share) { return std::bernoulli_distribution(share)(random_); }

private:
    /// A string whose tension at that pitch is one that is played: 40 … 120 N at some 640 mm.
    Value make_up(double pitch_hz) {
        const double unit_mass_g_m = number(40, 120) / std::pow(1.28 * pitch_hz, 2) * 1000.0;
        const double solid_mm = std::sqrt(unit_mass_g_m * 4.0 / 7.85 / 3.14159);
        const bool wound = solid_mm > 0.6 || chance(0.2);
        Value string = with(Value(Value::Object{}), "pitch_hz", std::round(pitch_hz * 1000.0) / 1000.0);
        const double diameter_mm = std::round((wound ? 1.1 : 1.0) * std::max(0.2, solid_mm) * 100.0) / 100.0;
        string = with(with(string, "diameter_mm", diameter_mm), "wound", wound);
        if (wound && chance(0.4)) string = with(string, "core_mm", std::round(40.0 * diameter_mm) / 100.0);
        return string;
    }

    void compensation(Value& out) {
        const int method = whole(0, 3);
        out = with(out, "saddle.compensation.method",
                   method == 0   ? "fixed"
                   : method == 1 ? "all_frets"
                                 : "octave");
        if (method == 0) out = with(out, "saddle.compensation.fixed_mm", number(0, 4));
        if (chance(0.3)) out = with(out, "saddle.compensation.nut", chance(0.5) ? "common" : "each");
        out = with(out, "saddle.thickness_mm", number(2.5, 4));
        if (chance(0.6)) out = with(out, "saddle.slot_depth_mm", number(4, 6));
    }

    void bridge(Value& out) {
        out = with(out, "bridge.plane_above_top_mm", number(9, 13));
        const int anchor = whole(0, 3);
        out = with(out, "bridge.anchor",
                   anchor == 0   ? "pins"
                   : anchor == 1 ? "tie"
                   : anchor == 2 ? "hole"
                                 : "tailpiece");
        if (anchor == 0) {
            out = with(out, "bridge.pins.behind_mm", number(8, 14));
            if (chance(0.5)) {
                const bool even = find(out, "strings")->array()->size() % 2 == 0;
                out = with(out, "bridge.pins.line", even ? "square" : "equal_angle");
            }
        } else {
            out = with(out, "bridge.exit.behind_mm", anchor == 3 ? number(80, 150) : number(10, 20));
            out = with(out, "bridge.exit.above_top_mm", number(1, 5));
        }
        if (anchor == 3 || chance(0.4)) out = with(out, "bridge.height_mm", number(7, 10));
    }

    void player(Value& out) {
        out = with(out, "player.finger_behind_mm", number(4, 15));
        out = with(out, "player.press_depth_mm", number(0.1, 0.4));
        out = with(out, "player.end_stiffness", number(0, 1));
        out = with(out, "player.pluck_from_saddle_mm", number(40, 250));
        if (chance(0.5)) out = with(out, "player.after_length_mm", number(0, 200));
    }

    Value read_string(bool whole_string) {
        Value string{Value::Object{}};
        if (whole_string || chance(0.5)) {
            if (chance(0.5))
                string = with(string, "open_gap_fret1_mm", number(0, 0.9));
            else
                string = with(with(string, "pressed_gap_mm", number(0, 0.4)), "pressed_fret", whole(2, 3));
        }
        if (whole_string || chance(0.5))
            string = with(string, chance(0.5) ? "action12_mm" : "action12_capo_mm", number(1.2, 3.8));
        if (chance(0.2)) string = with(string, "slot_width_mm", number(0.3, 2));
        if (chance(0.1)) string = with(string, "slot", chance(0.5) ? "wiggles" : "filled");
        return string;
    }

    void neck(Value& out, double nut_width) {
        const double scale = number(420, 880);
        if (chance(0.25)) {
            out = with(out, "neck.scale_bass_mm", scale + number(5, 30));
            out = with(out, "neck.scale_treble_mm", scale);
            out = with(out, "neck.perpendicular_fret", whole(0, 12));
        } else {
            out = with(out, "neck.scale_mm", scale);
        }
        const int frets = whole(12, 24);
        const int joint = whole(11, frets);
        out = with(out, "neck.frets", frets);
        out = with(out, "neck.body_joint_fret", joint);
        out = with(out, "neck.fret_height_mm", number(0.8, 1.4));
        out = with(out, "neck.nut_width_mm", nut_width);
        out = with(out, "neck.end_width_mm", 1.28 * nut_width);
        if (chance(0.4))
            out = with(out, "neck.radius_mm", number(250, 500) + 3.0 * nut_width);
        else if (chance(0.5)) {
            out = with(out, "neck.radius_nut_mm", number(250, 400) + 3.0 * nut_width);
            out = with(out, "neck.radius_end_mm", number(300, 600) + 3.0 * nut_width);
        }
        if (chance(0.7)) {
            out = with(out, "neck.relief.depth_mm", number(-0.05, 0.3));
            out = with(out, "neck.relief.at_fret", 6);
            out = with(out, "neck.relief.between_frets", Value::Array{1, joint});
        }
        if (chance(0.3)) out = with(out, "neck.fallaway_mm", number(0, 0.3));
    }

    void spacing(Value& out, const std::string& key, bool courses, double spread, int count, bool nut) {
        const int method = whole(0, 2);
        out = with(out, key + ".method",
                   method == 0   ? "equal_centres"
                   : method == 1 ? "equal_gaps"
                                 : "blend");
        if (method == 2) out = with(out, key + ".blend", number(0, 1));
        if (nut && chance(0.4)) {
            out = with(out, key + ".edge_margin_mm.bass", number(2.5, 4));
            out = with(out, key + ".edge_margin_mm.treble", number(2.5, 4));
        } else if (count > 1) {
            out = with(out, key + ".spread_mm", spread);
            out = with(out, key + ".bias_mm", number(-0.5, 0.5));
        }
        if (courses)
            out = with(out, key + (chance(0.5) ? ".course_gap_mm" : ".course_centres_mm"), number(1.6, 2.4));
    }

    void height(Value& out, int count) {
        const int method = whole(0, 2);
        out = with(out, "nut.height.method",
                   method == 0   ? "open_gap"
                   : method == 1 ? "pressed_gap"
                                 : "zero_fret");
        if (method == 1) out = with(out, "nut.height.pressed_fret", whole(2, 3));
        const double usual = method == 0 ? 0.4 : 0.1;
        if (chance(0.3)) {
            Value::Array each;
            for (int i = 0; i < count; ++i) each.emplace_back(usual + number(0, 0.1));
            out = with(out, "nut.height.each_mm", each);
        } else {
            out = with(out, "nut.height.bass_mm", usual + number(0, 0.1));
            out = with(out, "nut.height.treble_mm", usual);
        }
    }

    void posts(Value& out, int count) {
        Value::Array list;
        for (int i = 0; i < count; ++i) {
            Value post = with(Value(Value::Object{}), "behind_mm", number(30, 150));
            post = with(post, "across_mm", number(-20, 20));
            list.push_back(with(post, "below_mm", number(5, 20)));
        }
        out = with(out, "nut.posts", list);
    }

    std::mt19937 random_;
};

} // namespace fm::test
