#include "ui/station/sheets/sheet_station.h"

#include "core/words/word_of.h"
#include "job/document/job_file.h"
#include "settings/settings.h"
#include "sheet/drawing/fonts.h"
#include "ui/look/flow_layout.h"
#include "ui/look/plain_button.h"
#include "ui/look/texts.h"

#include <QCoreApplication>
#include <QDateTime>
#include <QDir>
#include <QFileDialog>
#include <QFileInfo>
#include <QLocale>
#include <QPainter>
#include <QPrintDialog>
#include <QScrollArea>
#include <QToolButton>
#include <QTranslator>
#include <QVBoxLayout>

#include <algorithm>
#include <limits>
#include <thread>

namespace fm {

namespace {

/// The languages of sheets, in the order of the choice: the window's, then these.
constexpr std::array language_codes{"", "en", "de"};

QString part_words(SheetPart part) {
    return QCoreApplication::translate("sheet", sheet_parts()[static_cast<std::size_t>(part)].english);
}

} // namespace

SheetStation::SheetStation(Session& session, QWidget* parent)
    : WindowPage(parent), session_(session), pages_(new PageView), facts_(new QLabel) {
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(24, 8, 0, 0);
    column->setSpacing(8);
    auto* head = new QHBoxLayout;
    head->setSpacing(14);
    auto* title = new QLabel(tr("Sheets"));
    QFont font = shipped_font(true);
    font.setPixelSize(26);
    title->setFont(font);
    head->addWidget(title);
    facts_->setProperty("caption", true);
    facts_->setAccessibleName(tr("What is shown"));
    head->addWidget(facts_, 1);
    column->addLayout(head);
    column->addWidget(pages_, 1);
    panel_ = build_panel();
    restore();
}

QWidget* SheetStation::part_boxes() {
    auto* parts = new QWidget;
    auto* boxes = new FlowLayout(parts, 6, 0);
    for (const SheetPartName& name : sheet_parts()) {
        auto* box = new QCheckBox(part_words(name.part));
        box->setMinimumSize(136, 32); // two beside one another, if their names are no longer
        box->setToolTip(tr("Print or save this sheet"));
        boxes->addWidget(box);
        boxes_.emplace_back(name.part, box);
        connect(box, &QCheckBox::clicked, this, [this] {
            keep();
            draw();
        });
    }
    return parts;
}

QWidget* SheetStation::build_panel() {
    auto* panel = new QWidget;
    auto* column = new QVBoxLayout(panel);
    column->setContentsMargins(12, 12, 10, 12);
    column->setSpacing(9);
    column->addWidget(part_boxes());
    paper_ = new ChoiceRow(tr("Paper"), {{QStringLiteral("A4"), {}, {}}, {QStringLiteral("Letter"), {}, {}}});
    second_ = new ChoiceRow(tr("Second unit"), {{tr("none"), {}, {}}, {tr("in brackets"), {}, {}}});
    auto* choices = new QWidget;
    auto* row = new FlowLayout(choices, 16);
    row->addWidget(paper_);
    row->addWidget(second_);
    column->addWidget(choices);
    language_ = new ChoiceRow(tr("Language of the sheets"), {{tr("the window's"), {}, {}},
                                                             {QStringLiteral("English"), {}, {}},
                                                             {QStringLiteral("Deutsch"), {}, {}}});
    column->addWidget(language_);
    for (ChoiceRow* choice : {paper_, second_, language_})
        connect(choice, &ChoiceRow::picked, this, [this] {
            keep();
            draw();
        });
    printer_ = new PrinterPanel(session_);
    connect(printer_, &PrinterPanel::picked, this, &SheetStation::draw);
    connect(printer_, &PrinterPanel::refused, this, &SheetStation::refused);
    column->addWidget(printer_);
    auto* ways = new QWidget;
    auto* buttons = new FlowLayout(ways, 9);
    auto* print = plain_button(tr("Print…"), tr("Print these sheets in true size (Ctrl+P)"));
    auto* save = plain_button(tr("Save as a file…"), tr("Save these sheets as PDF, SVG or DXF (Ctrl+E)"));
    connect(print, &QToolButton::clicked, this, &SheetStation::print_dialog);
    connect(save, &QToolButton::clicked, this, &SheetStation::save_dialog);
    buttons->addWidget(print);
    buttons->addWidget(save);
    column->addWidget(ways);
    record_ = new QLabel;
    record_->setWordWrap(true);
    record_->setProperty("caption", true);
    record_->setAccessibleName(tr("Printed before"));
    column->addWidget(record_);
    machine_ = new MachinePanel(session_);
    connect(machine_, &MachinePanel::refused, this, &SheetStation::refused);
    column->addWidget(machine_);
    column->addStretch(1);
    // Where height is short it scrolls.
    auto* room = new QScrollArea;
    room->setFrameShape(QFrame::NoFrame);
    room->setWidgetResizable(true);
    room->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    room->setFocusPolicy(Qt::NoFocus);
    room->setWidget(panel);
    return room;
}

std::vector<SheetPart> SheetStation::parts() const {
    std::vector<SheetPart> wanted;
    for (const auto& [part, box] : boxes_)
        if (box->isChecked() && has_part(session_.state().job, part)) wanted.push_back(part);
    return wanted;
}

void SheetStation::choose_parts(const std::vector<SheetPart>& wanted) {
    for (const auto& [part, box] : boxes_)
        box->setChecked(std::find(wanted.begin(), wanted.end(), part) != wanted.end());
    keep();
    if (session_.is_open()) draw();
}

void SheetStation::choose_paper(Paper paper) {
    paper_->set_chosen(paper == Paper::letter ? 1 : 0);
    keep();
    if (session_.is_open()) draw();
}

void SheetStation::keep() const {
    std::vector<SheetPart> parts;
    for (const auto& [part, box] : boxes_)
        if (box->isChecked()) parts.push_back(part);
    settings::keep_sheet_parts(parts);
    settings::keep_paper(paper_->chosen() == 1 ? Paper::letter : Paper::a4);
    settings::keep_sheets_tell_second_unit(second_->chosen() == 1);
    settings::keep_sheet_language(
        QLatin1String(language_codes[static_cast<std::size_t>(language_->chosen())]));
}

void SheetStation::restore() {
    const std::vector<SheetPart> parts = settings::sheet_parts();
    for (const auto& [part, box] : boxes_)
        box->setChecked(std::find(parts.begin(), parts.end(), part) != parts.end());
    paper_->set_chosen(settings::paper() == Paper::letter ? 1 : 0);
    second_->set_chosen(settings::sheets_tell_second_unit() ? 1 : 0);
    const QString code = settings::sheet_language();
    for (std::size_t i = 0; i < language_codes.size(); ++i)
        if (code == QLatin1String(language_codes[i])) language_->set_chosen(static_cast<int>(i));
}

SheetStyle SheetStation::style() const {
    SheetStyle style;
    style.paper = paper_->chosen() == 1 ? Paper::letter : Paper::a4;
    style.second_unit = second_->chosen() == 1;
    style.date = QDate::currentDate().toString(Qt::ISODate).toStdString();
    const ShopTables& tables = session_.workshop().tables();
    style.shop = {session_.workshop().name().toStdString(), tables.rate_per_hour, tables.currency};
    if (const ShopPrinter* printer = printer_->chosen()) style.printer = SheetPrinter{printer->name, scale()};
    return style;
}

PrintScale SheetStation::scale() const {
    const ShopPrinter* printer = printer_->chosen();
    return printer ? print_scale(printer->bar_x_mm, printer->bar_y_mm) : PrintScale{};
}

void SheetStation::refresh() {
    if (!session_.is_open()) return;
    for (const auto& [part, box] : boxes_) box->setEnabled(has_part(session_.state().job, part));
    printer_->refresh();
    machine_->refresh();
    draw();
    show_record();
}

void SheetStation::draw() {
    const auto state = session_.shared_state();
    if (sure_of_ != state) {
        sure_of_ = state;
        floor_sure_mm_.assign(state->job.design.strings.size(), std::numeric_limits<double>::quiet_NaN());
        how_sure_.ask([state](const std::atomic<bool>&) { return floors_sure_mm(*state); },
                      [this](std::vector<double> sure_mm) {
                          floor_sure_mm_ = std::move(sure_mm);
                          draw_pages();
                      });
    }
    draw_pages();
}

void SheetStation::settle() {
    if (!how_sure_.is_working()) return;
    how_sure_.stop();
    floor_sure_mm_ = floors_sure_mm(*sure_of_, std::max(1U, std::thread::hardware_concurrency()));
    draw_pages();
}

void SheetStation::draw_pages() {
    const SheetBook book{*sure_of_, session_.tools(), style(), floor_sure_mm_};
    const QString code = QLatin1String(language_codes[static_cast<std::size_t>(language_->chosen())]);
    {
        QTranslator translator;
        if (!code.isEmpty())
            (void)translator.load(
                QLocale(code), QStringLiteral("fair-measure"), QStringLiteral("_"),
                QStringLiteral(":/translations")); // English has none: it is what is written
        const SheetLanguage language(code.isEmpty() ? nullptr : &translator,
                                     code.isEmpty() ? QLocale() : QLocale(code));
        printing_ = printing_of(book, parts());
    }
    pages_->show_pages(pages_of(printing_.sheets));
    const auto pages = static_cast<int>(printing_.sheets.size());
    facts_->setText(pages == 0 ? tr("choose a sheet")
                               : (pages == 1 ? tr("1 page") : tr("%1 pages").arg(pages)) +
                                     QStringLiteral(" · ") + tr("revision %1").arg(printing_.revision));
    Q_EMIT drawn(has_changed());
}

bool SheetStation::has_changed() const {
    const std::vector<PrintedSheets>& prints = session_.state().job.sheets;
    return !prints.empty() && printing_.revision != prints.back().revision;
}

void SheetStation::show_record() {
    const std::vector<PrintedSheets>& prints = session_.state().job.sheets;
    constexpr std::size_t most_shown = 3;
    QStringList lines;
    for (std::size_t i = prints.size(); i-- > 0 && static_cast<std::size_t>(lines.size()) < most_shown;) {
        QStringList names;
        for (const std::string& word : prints[i].parts)
            if (const auto part = sheet_part_of_word(word)) names << part_words(*part);
        const QDateTime when = QDateTime::fromString(QString::fromStdString(prints[i].when), Qt::ISODate);
        lines << tr("%1, revision %2: %3")
                     .arg(QLocale().toString(when, QLocale::ShortFormat))
                     .arg(prints[i].revision)
                     .arg(names.join(QStringLiteral(", ")));
    }
    record_->setText(lines.isEmpty()
                         ? tr("Not printed yet. What changes after a print is marked ▲ on the next.")
                         : tr("Printed:") + QLatin1Char('\n') + lines.join(QLatin1Char('\n')));
}

QByteArray SheetStation::bytes_for(const QString& path) {
    settle();
    if (printing_.sheets.empty()) return {};
    return sheet_bytes(pages_of(printing_.sheets), style().paper, path, scale());
}

void SheetStation::record(const QString& what) {
    show_record();
    std::vector<SheetPart> of_job = parts(); // a printer's test page is none of the job's
    std::erase(of_job, SheetPart::printer);
    if (session_.read_only() || of_job.empty()) return;
    const std::string when = QDateTime::currentDateTime().toString(Qt::ISODate).toStdString();
    const auto problems =
        session_.commit(what, with_printed(session_.document(), record_of(printing_, of_job, style(), when)));
    if (!problems.empty()) Q_EMIT refused(session_.told(problems));
}

void SheetStation::save_to(const QString& path) {
    if (printing_.sheets.empty()) return Q_EMIT refused(tr("choose a sheet first"));
    const QByteArray bytes = bytes_for(path);
    if (bytes.isEmpty())
        return Q_EMIT refused(tr("%1 must end in .pdf, .svg or .dxf").arg(QFileInfo(path).fileName()));
    try {
        save_file(path, bytes, nullptr);
    } catch (const InputError& error) {
        return Q_EMIT refused(message_text(error.message()));
    }
    record(tr("sheets saved as %1").arg(QFileInfo(path).fileName()));
}

bool SheetStation::print_on(QPrinter& printer) {
    settle();
    const std::vector<Drawing> pages = pages_of(printing_.sheets);
    if (pages.empty()) return false;
    const auto turn = [&](const Drawing& page) {
        printer.setPageOrientation(page.width > page.height ? QPageLayout::Landscape : QPageLayout::Portrait);
    };
    printer.setPageSize(QPageSize(style().paper == Paper::a4 ? QPageSize::A4 : QPageSize::Letter));
    printer.setFullPage(true); // the page's own corner is the origin, so that nothing is scaled or moved
    turn(pages.front());
    QPainter painter;
    bool good = painter.begin(&printer);
    for (std::size_t i = 0; good && i < pages.size(); ++i) {
        if (i > 0) {
            turn(pages[i]);
            good = printer.newPage();
        }
        if (good) paint_page(painter, pages[i], printer.resolution() / 25.4, scale());
    }
    good = good && painter.end() && printer.printerState() != QPrinter::Error;
    if (!good) {
        Q_EMIT refused(tr("the printer did not take the sheets; the job is as it was"));
        return false;
    }
    record(tr("sheets printed"));
    return true;
}

void SheetStation::save_dialog() {
    if (!session_.is_open()) return;
    const std::vector<SheetPart> wanted = parts();
    const QString ending =
        wanted.size() == 1 ? QLatin1String(word_of(wanted.front())) : QLatin1String("sheets");
    const QFileInfo job(session_.path());
    const QString start =
        QDir(job.path())
            .filePath(job.completeBaseName() + QLatin1Char('-') + ending + QStringLiteral(".pdf"));
    const QString path = QFileDialog::getSaveFileName(
        this, tr("Save the sheets"), start, tr("PDF (*.pdf);;SVG in mm (*.svg);;DXF in mm (*.dxf)"));
    if (!path.isEmpty()) save_to(path);
}

void SheetStation::print_dialog() {
    if (!session_.is_open()) return;
    if (printing_.sheets.empty()) return Q_EMIT refused(tr("choose a sheet first"));
    QPrinter printer(QPrinter::HighResolution);
    printer.setDocName(QString::fromStdString(session_.state().job.title));
    QPrintDialog dialog(&printer, this);
    dialog.setWindowTitle(tr("Print at 100 %, not fitted to the page"));
    if (dialog.exec() == QDialog::Accepted) print_on(printer);
}

StationKind sheets_kind() {
    return {Station::sheets,
            StationWords::tr("Sheets"),
            StationWords::tr("The sheets: templates, lists and cards on paper (Alt+8)"),
            StationWords::tr("Sheet&s"),
            StationWords::tr("Go to the sheets: templates, lists and cards"),
            [](const State& state) {
                return state.job.sheets.empty()
                           ? StationWords::tr("not printed")
                           : StationWords::tr("revision %1 printed").arg(state.job.sheets.back().revision);
            },
            [](const State& state) { return !state.job.sheets.empty(); },
            [](const State& state) {
                return state.job.sheets.empty() ? StationWords::tr("Print the sheets of the parts to be cut")
                                                : StationWords::tr("Cut by the sheets that were printed");
            },
            [](const Design&) {
                return StationWords::tr(
                    "Print at 100 %. Measure the bars with a caliper before anything is cut by a sheet.");
            },
            [](const State&, const ViewState& view) { return QString::fromLatin1(key_of(view.datum)); },
            [](Session& session, const ViewState&, QWidget* parent) -> WindowPage* {
                return new SheetStation(session, parent);
            }};
}

} // namespace fm
