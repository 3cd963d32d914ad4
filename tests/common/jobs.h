#pragma once
// Jobs for tests: the demo's, a plain one, and random ones from a seed.
#include "job/job.h"
#include "job/json.h"

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
            Value string = with(Value(Value::Object{}), "pitch_hz", 40.0 * std::pow(1.26, i));
            string = with(string, "diameter_mm", number(0.2, 1.4));
            string = with(string, "wound", chance(0.5));
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
        out = with(out, "saddle.compensation.method", "fixed");
        return with(out, "saddle.compensation.fixed_mm", number(0, 4));
    }

    double number(double low, double high) {
        const double value = std::uniform_real_distribution<double>(low, high)(random_);
        return std::round(value * 1000.0) / 1000.0;
    }
    int whole(int low, int high) { return std::uniform_int_distribution<int>(low, high)(random_); }
    bool chance(double share) { return std::bernoulli_distribution(share)(random_); }

private:
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
