#pragma once
#include "core/found/plan.h"
#include "core/found/reading_log.h"
#include "sheet/drawing/sheet_files.h"
#include "sheet/pages/part_sheets.h"

#include <QByteArray>
#include <QString>
#include <QStringList>

#include <array>
#include <optional>
#include <vector>

/// What the program remembers of a person's choices between two starts, in the user's settings: the one place
/// that reads and writes them. Whatever stands there (another version's, a hand's, a broken disk's), what is
/// read is within what is allowed, or what a new user has.
namespace fm::settings {

/// Sizes of the text a person can choose, in percent of the usual.
inline constexpr std::array text_sizes{100, 115, 130, 150, 175, 200};
/// Kinds of a digital gauge, as in the job file.
inline constexpr std::array gauge_kinds{"dial", "caliper"};

bool evening();
void keep_evening(bool evening);
/// A code as in `--language`; empty: the desktop's.
QString language();
void keep_language(const QString& code);
/// One of `text_sizes`, or none: the desktop's.
std::optional<int> text_size();
/// Written at once: the program begins again with it.
void keep_text_size(int percent);
QByteArray window_geometry();
void keep_window_geometry(const QByteArray& geometry);

/// Path of the job that was open last; empty: none.
QString last_job();
void keep_last_job(const QString& path);
/// Path of the job a start is opening: it stays where that start does not come to its end.
QString opening_job();
/// Written at once. @param path empty: it came to its end
void keep_opening_job(const QString& path);
/// Jobs opened before, the newest first; at most eight.
QStringList recent_jobs();
/// As the newest of them.
void keep_recent_job(const QString& path);

/// How a job was looked at last. The numbers count from 0 and are not negative; who shows them knows how many
/// there are.
struct JobView {
    int string = 0;
    int datum = 0;
    int stage = 0;
    int side = 0;
    int page = 0;
    QString station;
    std::optional<BenchPart> bench; ///< where it was at the bench
};
std::optional<JobView> view_of(const QString& job);
void keep_view(const QString& job, const JobView& view);

/// In which order this bench works the parts of a set-up: a habit, for every job.
PlanOrder plan_order();
void keep_plan_order(PlanOrder order);
/// A string a person chose at the bench out of its turn; it holds until something is read.
struct BenchChoice {
    QString job;
    BenchPart part = BenchPart::nut;
    std::size_t readings = 0; ///< how many there were
    std::size_t place = 0;
};
std::optional<BenchChoice> bench_choice();
void keep_bench_choice(const BenchChoice& choice);
void forget_bench_choice();
/// Unit of a gauge that does not say it.
Unit gauge_unit();
void keep_gauge_unit(Unit unit);
/// Place in `gauge_kinds`.
std::size_t gauge_kind();
void keep_gauge_kind(std::size_t kind);
QString gauge_port();
void keep_gauge_port(const QString& port);

Paper paper();
void keep_paper(Paper paper);
std::vector<SheetPart> sheet_parts();
void keep_sheet_parts(const std::vector<SheetPart>& parts);
bool sheets_tell_second_unit();
void keep_sheets_tell_second_unit(bool second);
/// As `language`; empty: the window's.
QString sheet_language();
void keep_sheet_language(const QString& code);
/// Name of the shop's printer; empty: one that was not measured.
QString sheet_printer();
void keep_sheet_printer(const QString& name);
/// From `least_cutter_mm` to `most_cutter_mm`.
std::optional<double> cutter_mm();
void keep_cutter_mm(std::optional<double> mm);
/// Whether a machine is given slots as notches of the outline.
bool one_contour();
void keep_one_contour(bool is_one);

/// Before anything is read: a file this program cannot have written is put aside, for the toolkit unpacks
/// whatever stands in one, of any size. @param folder of all programs' settings @returns where it is now; ""
/// where there was none
QString put_aside_foreign(const QString& folder);
/// Settings of versions that named no organisation become this one's where it has none.
void take_over_older();

} // namespace fm::settings
