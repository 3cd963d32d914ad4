// Any bytes as the user's settings: what is read of them is within what is allowed, and what is kept over
// them is read again.
#include "fuzz.h"
#include "settings/settings.h"
#include "sheet/machine/machine_files.h"
#include "sheet/pages/sheet_book.h"

#include <QCoreApplication>
#include <QDir>
#include <QFile>
#include <QSettings>
#include <QTemporaryDir>

using namespace fm;

namespace {

const QString job = QStringLiteral("/workshop/teal.fmjob");

void must_be_in_range() {
    using namespace settings;
    evening();
    sheets_tell_second_unit();
    must(language().size() <= 16 && sheet_language().size() <= 16, "a language is a code");
    if (const auto percent = text_size()) must(*percent >= 100 && *percent <= 200, "text has a size");
    must(window_geometry().size() <= 1024, "a geometry is small");
    must(last_job().size() <= 4096 && opening_job().size() <= 4096, "a path has an end");
    must(recent_jobs().size() <= 8, "eight are remembered");
    for (const QString& path : recent_jobs()) must(!path.isEmpty() && path.size() <= 4096, "of each a path");
    if (const auto view = view_of(job))
        for (const int number : {view->string, view->datum, view->stage, view->side, view->page})
            must(number >= 0, "places count from nought");
    const auto order = static_cast<int>(plan_order());
    must(order == 0 || order == 1, "there are two orders");
    if (const auto choice = bench_choice())
        must(static_cast<int>(choice->part) <= 2, "there are three parts");
    must(gauge_unit() == Unit::mm || gauge_unit() == Unit::in, "a gauge has one of two units");
    must(gauge_kind() < gauge_kinds.size(), "a gauge is of a kind");
    must(gauge_port().size() <= 256 && sheet_printer().size() <= 256, "names have an end");
    must(paper() == Paper::a4 || paper() == Paper::letter, "there are two papers");
    must(settings::sheet_parts().size() <= fm::sheet_parts().size(), "every sheet once");
    if (const auto mm = cutter_mm()) must(*mm >= least_cutter_mm && *mm <= most_cutter_mm, "a cutter fits");
}

void must_be_kept() {
    using namespace settings;
    keep_cutter_mm(1.5);
    must(cutter_mm() == 1.5, "a cutter is kept");
    keep_view(job, {.string = 3, .station = QStringLiteral("nut"), .bench = BenchPart::saddle});
    const auto view = view_of(job);
    must(view && view->string == 3 && view->bench == BenchPart::saddle, "a view is kept");
    keep_recent_job(job);
    must(recent_jobs().first() == job, "a job is remembered");
    keep_sheet_parts({SheetPart::bridge, SheetPart::card});
    must(settings::sheet_parts() == std::vector{SheetPart::bridge, SheetPart::card}, "sheets are kept");
    keep_bench_choice({.job = job, .part = BenchPart::nut, .readings = 12, .place = 4});
    const auto choice = bench_choice();
    must(choice && choice->readings == 12 && choice->place == 4, "a choice is kept");
    keep_text_size(130);
    must(text_size() == 130, "a size is kept");
}

} // namespace

extern "C" int LLVMFuzzerTestOneInput(const std::uint8_t* data, std::size_t size) {
    static const QTemporaryDir dir;
    // The toolkit remembers a file by its name and time: each trial is another's settings.
    static unsigned trial = 0;
    QSettings::setPath(QSettings::NativeFormat, QSettings::UserScope, dir.path());
    QCoreApplication::setOrganizationName(QStringLiteral("fuzz"));
    QCoreApplication::setApplicationName(QString::number(trial++));
    const QString path =
        dir.filePath(QStringLiteral("fuzz/%1.conf").arg(QCoreApplication::applicationName()));
    must(QDir().mkpath(dir.filePath(QStringLiteral("fuzz"))), "there is room");
    QFile file(path);
    must(file.open(QIODevice::WriteOnly | QIODevice::Truncate), "there is room");
    file.write(reinterpret_cast<const char*>(data), static_cast<qint64>(size));
    file.close();
    settings::put_aside_foreign(dir.path());
    must(QSettings().fileName() == path, "these are the settings");
    must_be_in_range();
    if (size % 8 == 0) { // which takes its time
        must_be_kept();
        must_be_in_range();
    }
    QFile::remove(path);
    QFile::remove(path + QStringLiteral(".put-aside"));
    return 0;
}
