#include "cli/sheet_command.h"

#include "job/job_file.h"
#include "sheet/fonts.h"
#include "sheet/nut_sheet.h"

#include <QDate>
#include <QGuiApplication>
#include <QTemporaryDir>

#include <array>

namespace fm {

std::string write_sheet(const SheetRequest& request) {
    qputenv("QT_QPA_PLATFORM", "offscreen"); // sheets need fonts, not a display
    const QTemporaryDir runtime;             // the toolkit wants one, and says so where there is none
    if (qEnvironmentVariableIsEmpty("XDG_RUNTIME_DIR"))
        qputenv("XDG_RUNTIME_DIR", runtime.path().toLocal8Bit());
    int argc = 1;
    std::array<char, 17> name{"fair-measure-cli"};
    std::array<char*, 2> argv{name.data(), nullptr};
    const QGuiApplication app(argc, argv.data());
    load_fonts();
    const Paper paper = request.letter ? Paper::letter : Paper::a4;
    const std::string date = QDate::currentDate().toString(Qt::ISODate).toStdString();
    const QString path = QString::fromStdString(request.path);
    const QByteArray bytes =
        sheet_bytes(nut_sheet({request.job, request.solution, request.tools, paper, date}), paper, path);
    if (bytes.isEmpty()) return "-o is " + request.path + "; it must end in .pdf, .svg or .dxf";
    save_file(path, bytes, nullptr);
    return {};
}

} // namespace fm
