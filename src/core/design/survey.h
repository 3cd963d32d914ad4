#pragma once
// What to look at before anything is touched, and what a finding means for the work.
// Source: docs/mathematics.md, "Survey".
#include "core/words/message.h"

#include <array>
#include <optional>
#include <string>
#include <string_view>
#include <vector>

namespace fm {

/// What a finding says of the work: worth knowing, to be mended first, or no set-up until it is mended.
enum class SurveyWeight { known, first, unsafe };

/// Where on the instrument it is looked for.
enum class SurveyPlace { top, bridge, saddle, joint, neck, board, nut, head, strings };

struct SurveyPoint {
    std::string_view word; ///< in the job file
    SurveyPlace place;
    SurveyWeight weight;

    std::string name_id() const { return "survey.name." + std::string(word); }
    std::string look_id() const { return "survey.look." + std::string(word); }
    std::string found_id() const { return "survey.found." + std::string(word); }
};

/// In the order they are looked at: the structure first, then neck, frets, nut and saddle, strings.
const std::vector<SurveyPoint>& survey_points();

/// Doubtful: to be looked at again; it stops nothing.
enum class SurveyMark { fine, found, doubtful };
constexpr std::array<std::string_view, 3> words_of(SurveyMark) {
    return {"fine", "found", "doubtful"};
}

/// What was seen at one point.
struct SurveyFinding {
    std::optional<SurveyMark> mark; ///< none: not looked at
    std::string note;
    std::string photo; ///< a file in the job's folder of pictures
};

/// What a person looks at besides: it has a name, no place and no weight.
struct OwnPoint {
    std::string name;
    SurveyFinding finding;
};

/// What the findings mean, the gravest first; one finding a point, in their order.
std::vector<Message> survey_doubts(const std::vector<SurveyFinding>& findings);

/// What was found or is doubtful at points of one's own, a note each.
std::vector<Message> own_point_notes(const std::vector<OwnPoint>& points);

/// The first finding that makes a set-up unsafe: its place among the points.
std::optional<std::size_t> unsafe_finding(const std::vector<SurveyFinding>& findings);

/// Words of the points at which something was found.
std::vector<std::string_view> found_words(const std::vector<SurveyFinding>& findings);

/// How many points are to be looked at again.
int doubtful_points(const std::vector<SurveyFinding>& findings);

/// How many points have been looked at.
int looked_at(const std::vector<SurveyFinding>& findings);

} // namespace fm
