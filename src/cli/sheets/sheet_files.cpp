#include "cli/sheets/sheet_files.h"

#include "core/words/word_of.h"
#include "job/document/job_file.h"
#include "sheet/drawing/fonts.h"
#include "sheet/machine/machine_files.h"
#include "sheet/pages/record_html.h"
#include "sheet/pages/sheet_book.h"

#include <QDate>
#include <QGuiApplication>
#include <QTemporaryDir>

#include <array>
#include <optional>
#include <thread>

namespace fm {

namespace {

/// What is drawn needs fonts, not a display.
class Fonts {
public:
    Fonts() {
        qputenv("QT_QPA_PLATFORM", "offscreen");
        if (qEnvironmentVariableIsEmpty(
                "XDG_RUNTIME_DIR")) // the toolkit wants one, and says so where there is none
            qputenv("XDG_RUNTIME_DIR", runtime_.path().toLocal8Bit());
        app_.emplace(count_, names_.data());
        load_fonts();
    }

private:
    QTemporaryDir runtime_;
    int count_ = 1;
    std::array<char, 17> name_{"fair-measure-cli"};
    std::array<char*, 2> names_{name_.data(), nullptr};
    std::optional<QGuiApplication> app_;
};

} // namespace

std::string write_for_machine(const SheetRequest& request, const MachineStyle& style, bool force,
                              std::string& told, std::string& refused) {
    const auto kind = of_word<MachinePartKind>(request.part);
    if (!kind) return "--part is " + request.part + "; a machine cuts nut, saddle, bridge";
    if (!has_part(request.state.job, *sheet_part_of_word(request.part)))
        return "--part is " + request.part + "; the job has no " + request.part;
    const QString path = QString::fromStdString(request.path);
    const Fonts fonts; // of what is said on it
    const MachineFile file = machine_file(request.state, *kind, path, style);
    if (file.bytes.isEmpty()) return "-o is " + request.path + "; " + file.fault;
    if (!force)
        for (const std::string& line : file.refused) refused += line + "\n";
    if (!refused.empty()) return {};
    save_file(path, file.bytes, nullptr);
    for (const std::string& line : file.unreached) told += line + "\n";
    return {};
}

std::string write_sheets(const SheetRequest& request) {
    const auto part = sheet_part_of_word(request.part);
    if (part && !has_part(request.state.job, *part))
        return "--part is " + request.part + "; the job has no " + request.part;
    const std::vector<SheetPart> parts = part ? std::vector{*part} : parts_of(request.state.job);
    const Fonts fonts;
    State state = request.state;
    state.job.unit = request.unit.value_or(state.job.unit);
    SheetStyle style;
    style.paper = request.letter ? Paper::letter : Paper::a4;
    style.date = QDate::currentDate().toString(Qt::ISODate).toStdString();
    style.second_unit = request.second_unit;
    style.shop = request.shop;
    PrintScale scale;
    if (request.printer) {
        scale = print_scale(request.printer->bar_x_mm, request.printer->bar_y_mm);
        style.printer = SheetPrinter{request.printer->name, scale};
    }
    const QString path = QString::fromStdString(request.path);
    if (path.endsWith(QLatin1String(".html"))) {
        if (part != SheetPart::owner && part != SheetPart::shop)
            return "-o is " + request.path + "; only owner and shop are pages for a browser";
        save_file(path,
                  part == SheetPart::owner ? owner_html(state, style.date, style.shop)
                                           : record_html(state, request.tools, style.date, style.shop),
                  nullptr);
        return {};
    }
    const unsigned threads = std::max(1U, std::thread::hardware_concurrency());
    const SheetBook book{state, request.tools, style, floors_sure_mm(state, threads)};
    const QByteArray bytes = sheet_bytes(pages_of(printing_of(book, parts).sheets), style.paper, path, scale);
    if (bytes.isEmpty()) return "-o is " + request.path + "; it must end in .pdf, .svg or .dxf";
    save_file(path, bytes, nullptr);
    return {};
}

} // namespace fm
