#include "core/design/survey.h"

#include <algorithm>

namespace fm {

const std::vector<SurveyPoint>& survey_points() {
    using enum SurveyPlace;
    using enum SurveyWeight;
    static const std::vector<SurveyPoint> points{
        {"bridge_lifting", bridge, unsafe}, {"brace_loose", top, unsafe},
        {"crack_open", top, first},         {"top_sunk", top, first},
        {"neck_joint_open", joint, unsafe}, {"headstock_cracked", head, unsafe},
        {"rod_stuck", head, unsafe},        {"neck_twisted", neck, first},
        {"neck_humped", joint, first},      {"fret_loose", board, first},
        {"frets_worn", board, first},       {"fret_ends", board, known},
        {"nut_packed", nut, known},         {"slots_filled", nut, known},
        {"slots_widened", nut, known},      {"saddle_packed", saddle, known},
        {"saddle_leans", saddle, first},    {"posts_slip", strings, first},
        {"strings_old", strings, first}};
    return points;
}

std::vector<Message> survey_doubts(const std::vector<SurveyFinding>& findings) {
    std::vector<Message> doubts;
    const auto& points = survey_points();
    for (const SurveyWeight weight : {SurveyWeight::unsafe, SurveyWeight::first, SurveyWeight::known})
        for (std::size_t i = 0; i < std::min(findings.size(), points.size()); ++i)
            if (findings[i].mark == SurveyMark::found && points[i].weight == weight)
                doubts.push_back({points[i].found_id(),
                                  weight == SurveyWeight::known ? Severity::note : Severity::warning,
                                  "survey." + std::string(points[i].word),
                                  {}});
    return doubts;
}

std::vector<Message> own_point_notes(const std::vector<OwnPoint>& points) {
    std::vector<Message> notes;
    for (std::size_t i = 0; i < points.size(); ++i) {
        const SurveyFinding& finding = points[i].finding;
        const std::string where = "survey_own[" + std::to_string(i) + "]";
        const std::string words = points[i].name + (finding.note.empty() ? "" : ": " + finding.note);
        if (finding.mark == SurveyMark::found)
            notes.push_back({"own_point_found", Severity::note, where, {words}});
        if (finding.mark == SurveyMark::doubtful)
            notes.push_back({"own_point_doubtful", Severity::note, where, {words}});
    }
    return notes;
}

std::optional<std::size_t> unsafe_finding(const std::vector<SurveyFinding>& findings) {
    for (std::size_t i = 0; i < findings.size(); ++i)
        if (findings[i].mark == SurveyMark::found && survey_points()[i].weight == SurveyWeight::unsafe)
            return i;
    return std::nullopt;
}

std::vector<std::string_view> found_words(const std::vector<SurveyFinding>& findings) {
    std::vector<std::string_view> words;
    for (std::size_t i = 0; i < std::min(findings.size(), survey_points().size()); ++i)
        if (findings[i].mark == SurveyMark::found) words.push_back(survey_points()[i].word);
    return words;
}

int doubtful_points(const std::vector<SurveyFinding>& findings) {
    return static_cast<int>(std::count_if(findings.begin(), findings.end(),
                                          [](const auto& f) { return f.mark == SurveyMark::doubtful; }));
}

int looked_at(const std::vector<SurveyFinding>& findings) {
    return static_cast<int>(
        std::count_if(findings.begin(), findings.end(), [](const auto& f) { return f.mark.has_value(); }));
}

} // namespace fm
