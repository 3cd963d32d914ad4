#include "settings/settings.h"

#include "core/words/word_of.h"
#include "sheet/machine/machine_files.h"
#include "sheet/pages/sheet_book.h"

#include <QCoreApplication>
#include <QFile>
#include <QFileInfo>
#include <QSettings>

#include <algorithm>

namespace fm::settings {

namespace {

constexpr int most_recent = 8;
constexpr qsizetype longest_path = 4096;    // PATH_MAX
constexpr qsizetype longest_name = 256;     // of a printer, a port
constexpr qsizetype longest_code = 16;      // of a language
constexpr qsizetype longest_list = 64;      // of words
constexpr qsizetype most_geometry = 1024;   // the toolkit's are under a hundred bytes
constexpr int most_of_anything = 1'000'000; // strings, pages, readings

const QString evening_key = QStringLiteral("evening");
const QString language_key = QStringLiteral("language");
const QString text_size_key = QStringLiteral("text_size");
const QString window_key = QStringLiteral("window");
const QString last_key = QStringLiteral("last");
const QString opening_key = QStringLiteral("opening");
const QString recent_key = QStringLiteral("recent");
const QString order_key = QStringLiteral("plan/order");
const QString choice_key = QStringLiteral("bench/choice");
const QString unit_key = QStringLiteral("gauge/unit");
const QString kind_key = QStringLiteral("gauge/kind");
const QString port_key = QStringLiteral("gauge/port");
const QString paper_key = QStringLiteral("paper");
const QString parts_key = QStringLiteral("sheets/parts");
const QString second_key = QStringLiteral("sheets/second_unit");
const QString sheet_language_key = QStringLiteral("sheets/language");
const QString printer_key = QStringLiteral("sheets/printer");
const QString cutter_key = QStringLiteral("sheets/cutter_mm");
const QString one_contour_key = QStringLiteral("sheets/one_contour");

void keep(const QString& key, const QVariant& value) {
    QSettings().setValue(key, value);
}

void keep_at_once(const QString& key, const QVariant& value) {
    QSettings settings;
    value.isNull() ? settings.remove(key) : settings.setValue(key, value);
    settings.sync();
}

/// A text no longer than that; of any other it is as if there were none.
QString text(const QString& key, qsizetype longest) {
    QString value = QSettings().value(key).toString();
    return value.size() <= longest && !value.contains(QChar(0)) ? value : QString();
}

QStringList list(const QString& key, qsizetype longest) {
    QStringList values = QSettings().value(key).toStringList();
    values.removeIf([longest](const QString& value) {
        return value.isEmpty() || value.size() > longest || value.contains(QChar(0));
    });
    return values.mid(0, longest_list);
}

/// A whole number from 0 on.
int count(const QString& text) {
    return std::clamp(text.toInt(), 0, most_of_anything);
}

QString code(const QString& key) {
    const QString value = text(key, longest_code);
    const bool fits = std::all_of(value.begin(), value.end(), [](QChar letter) {
        return letter.isLetter() || letter == QLatin1Char('_') || letter == QLatin1Char('-');
    });
    return fits ? value : QString();
}

template <typename Enum> QString word(Enum value) {
    return QString::fromLatin1(word_of(value).data());
}

QString view_key(const QString& job) {
    return QStringLiteral("views/") + QString::fromLatin1(job.toUtf8().toHex());
}

} // namespace

bool evening() {
    return QSettings().value(evening_key).toBool();
}

void keep_evening(bool evening) {
    keep(evening_key, evening);
}

QString language() {
    return code(language_key);
}

void keep_language(const QString& code) {
    keep(language_key, code);
}

std::optional<int> text_size() {
    const int percent = QSettings().value(text_size_key).toInt();
    const bool known = std::find(text_sizes.begin(), text_sizes.end(), percent) != text_sizes.end();
    return known ? std::optional(percent) : std::nullopt;
}

void keep_text_size(int percent) {
    keep_at_once(text_size_key, percent);
}

QByteArray window_geometry() {
    const QByteArray geometry = QSettings().value(window_key).toByteArray();
    return geometry.size() <= most_geometry ? geometry : QByteArray();
}

void keep_window_geometry(const QByteArray& geometry) {
    keep(window_key, geometry);
}

QString last_job() {
    return text(last_key, longest_path);
}

void keep_last_job(const QString& path) {
    keep(last_key, path);
}

QString opening_job() {
    return text(opening_key, longest_path);
}

void keep_opening_job(const QString& path) {
    keep_at_once(opening_key, path.isEmpty() ? QVariant() : QVariant(path));
}

QStringList recent_jobs() {
    return list(recent_key, longest_path).mid(0, most_recent);
}

void keep_recent_job(const QString& path) {
    QStringList paths = recent_jobs();
    paths.removeAll(path);
    paths.prepend(path);
    keep(recent_key, QStringList(paths.mid(0, most_recent)));
}

std::optional<JobView> view_of(const QString& job) {
    const QStringList kept = QSettings().value(view_key(job)).toStringList();
    if (kept.size() != 7) return std::nullopt;
    return JobView{.string = count(kept[0]),
                   .datum = count(kept[1]),
                   .stage = count(kept[2]),
                   .side = count(kept[3]),
                   .page = count(kept[4]),
                   .station = kept[5].left(longest_name),
                   .bench = of_word<BenchPart>(kept[6].toStdString())};
}

void keep_view(const QString& job, const JobView& view) {
    QStringList kept;
    for (const int number : {view.string, view.datum, view.stage, view.side, view.page})
        kept << QString::number(number);
    keep(view_key(job), kept << view.station << (view.bench ? word(*view.bench) : QString()));
}

PlanOrder plan_order() {
    return static_cast<PlanOrder>(std::clamp(QSettings().value(order_key).toInt(), 0, 1));
}

void keep_plan_order(PlanOrder order) {
    keep(order_key, static_cast<int>(order));
}

std::optional<BenchChoice> bench_choice() {
    const QStringList kept = QSettings().value(choice_key).toStringList();
    if (kept.size() != 4) return std::nullopt;
    const auto part = of_word<BenchPart>(kept[1].toStdString());
    if (!part || kept[0].size() > longest_path) return std::nullopt;
    return BenchChoice{.job = kept[0],
                       .part = *part,
                       .readings = static_cast<std::size_t>(count(kept[2])),
                       .place = static_cast<std::size_t>(count(kept[3]))};
}

void keep_bench_choice(const BenchChoice& choice) {
    keep(choice_key, QStringList{choice.job, word(choice.part), QString::number(choice.readings),
                                 QString::number(choice.place)});
}

void forget_bench_choice() {
    QSettings().remove(choice_key);
}

Unit gauge_unit() {
    return text(unit_key, longest_code) == QLatin1String("in") ? Unit::in : Unit::mm;
}

void keep_gauge_unit(Unit unit) {
    keep(unit_key, word(unit));
}

std::size_t gauge_kind() {
    return static_cast<std::size_t>(
        std::clamp(QSettings().value(kind_key).toInt(), 0, static_cast<int>(gauge_kinds.size()) - 1));
}

void keep_gauge_kind(std::size_t kind) {
    keep(kind_key, static_cast<int>(kind));
}

QString gauge_port() {
    return text(port_key, longest_name);
}

void keep_gauge_port(const QString& port) {
    keep(port_key, port);
}

Paper paper() {
    return text(paper_key, longest_code) == QLatin1String("letter") ? Paper::letter : Paper::a4;
}

void keep_paper(Paper paper) {
    keep(paper_key, paper == Paper::letter ? QStringLiteral("letter") : QStringLiteral("a4"));
}

std::vector<SheetPart> sheet_parts() {
    if (!QSettings().contains(parts_key)) return {SheetPart::nut};
    std::vector<SheetPart> parts;
    for (const QString& name : list(parts_key, longest_code)) {
        const auto part = sheet_part_of_word(name.toStdString());
        if (part && std::find(parts.begin(), parts.end(), *part) == parts.end()) parts.push_back(*part);
    }
    return parts;
}

void keep_sheet_parts(const std::vector<SheetPart>& parts) {
    QStringList words;
    for (const SheetPart part : parts) words << QLatin1String(word_of(part));
    keep(parts_key, words);
}

bool sheets_tell_second_unit() {
    return QSettings().value(second_key).toBool();
}

void keep_sheets_tell_second_unit(bool second) {
    keep(second_key, second);
}

QString sheet_language() {
    return code(sheet_language_key);
}

void keep_sheet_language(const QString& code) {
    keep(sheet_language_key, code);
}

QString sheet_printer() {
    return text(printer_key, longest_name);
}

void keep_sheet_printer(const QString& name) {
    keep(printer_key, name);
}

std::optional<double> cutter_mm() {
    const double mm = QSettings().value(cutter_key).toDouble();
    return mm >= least_cutter_mm && mm <= most_cutter_mm ? std::optional(mm) : std::nullopt;
}

void keep_cutter_mm(std::optional<double> mm) {
    keep(cutter_key, mm.value_or(0.0));
}

bool one_contour() {
    return QSettings().value(one_contour_key).toBool();
}

void keep_one_contour(bool is_one) {
    keep(one_contour_key, is_one);
}

namespace {

constexpr const char* older_organisation = "Unknown Organization";
constexpr qint64 most_bytes = 4 << 20;

/// Whether a file holds what no version of this program wrote: packed values of any type, or far too much.
bool is_foreign(const QString& path) {
    const QFileInfo info(path);
    if (!info.exists()) return false;
    QFile file(path);
    if (!info.isFile() || info.size() > most_bytes) return true;
    if (!file.open(QIODevice::ReadOnly)) return false; // nothing will be read of it
    const QByteArray bytes = file.read(most_bytes);
    return bytes.contains("@Variant") || bytes.contains("@DateTime");
}

} // namespace

QString put_aside_foreign(const QString& folder) {
    // Their places are known without the toolkit's reader: it would have unpacked them already.
    const QString now =
        QCoreApplication::organizationName() + QLatin1Char('/') + QCoreApplication::applicationName();
    const QString before = QLatin1String(older_organisation) + QStringLiteral("/fair-measure");
    QString aside;
    for (const QString& name : {now, before}) {
        const QString path = folder + QLatin1Char('/') + name + QStringLiteral(".conf");
        if (!is_foreign(path)) continue;
        aside = path + QStringLiteral(".put-aside");
        QFile::remove(aside);
        if (!QFile::rename(path, aside)) QFile::remove(path);
    }
    return aside;
}

void take_over_older() {
    QSettings now;
    if (!now.allKeys().isEmpty()) return;
    const QSettings before(QLatin1String(older_organisation), QStringLiteral("fair-measure"));
    for (const QString& key : before.allKeys()) now.setValue(key, before.value(key));
}

} // namespace fm::settings
