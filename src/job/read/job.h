#pragma once
// A job as values: the document as it was written, and what it says.
#include "core/design/design.h"
#include "core/design/survey.h"
#include "core/found/readings.h"
#include "core/words/message.h"
#include "core/words/units.h"
#include "job/document/ordered.h"
#include "job/document/value.h"
#include "job/edits/intonation_edits.h"
#include "job/read/background.h"
#include "job/read/printed.h"
#include "job/read/record.h"

#include <optional>
#include <string>
#include <vector>

namespace fm {

constexpr int newest_job_version = 1;

struct NamedFile {
    double mm = 0;
    std::string name;
};

/// The shop's own things that a job is cut with.
struct Tools {
    std::vector<double> nut_files_mm;
    std::vector<double> feelers_mm;
    std::vector<double> shims_mm;
    std::vector<double> radius_blocks_mm;
    std::vector<NamedFile> nut_file_names = {}; ///< what the shop calls some of its files
    bool usual_files = false;                   ///< the files are what a shop usually has, not yet this one's

    /// What the shop calls a file of that width; "" where it has no name for it.
    std::string_view name_of_file(double width_mm) const;
};

/// The lists of tools a job has of its own; what it does not name is the shop's.
struct OwnTools {
    std::optional<std::vector<double>> nut_files_mm;
    std::optional<std::vector<double>> feelers_mm;
    std::optional<std::vector<double>> shims_mm;
    std::optional<std::vector<double>> radius_blocks_mm;
};

struct Job {
    std::string title;
    std::string owner;
    std::string kind; ///< that it began from, or became: a shipped one's word, or a shop's name; "" for none
    int version = newest_job_version;
    double a4_hz = 440;
    bool left_handed = false;
    Unit unit = Unit::mm; ///< of what is not said by kind, and of a bare number
    Units units;          ///< of each kind of length
    Design design;
    std::vector<SurveyFinding> survey; ///< one a point, in the order of survey_points()
    std::vector<OwnPoint> own_points;
    std::vector<std::string> slot_photos; ///< of each string's slot, a file in the job's folder; "" for none
    ReadingLog readings;
    std::vector<PrintedSheets> sheets;       ///< what was printed, in order
    IntonationWay intonation;                ///< how cents are read and crowns moved
    std::vector<RecordEntry> record;         ///< what was heard, decided, left, done and noted
    std::optional<Background> behind_bridge; ///< what lies behind its drawing
    std::optional<Background> behind_board;  ///< and behind the board with the bridge's place
    Ordered ordered;                         ///< by the owner
    OwnTools tools;                          ///< a job's own lists win over the workshop's, one by one

    bool read_only() const { return version > newest_job_version; }
};

/// What a document says, or everything that is wrong with it.
struct JobResult {
    std::optional<Job> job; ///< none if there is any error
    std::vector<Message> problems;
};

class Reader;

/// Lists of tools as an object of a job or of the workshop's file; its faults go to the reader's list.
OwnTools read_tools(Reader tools);
/// The tools with a job's own lists in the place of the shop's.
Tools tools_with(const Tools& shops, const OwnTools& own);

/// Reads and checks a whole document. Source: docs/job-file.md. Never throws for bad data.
JobResult read_job(const Value& document);

} // namespace fm
