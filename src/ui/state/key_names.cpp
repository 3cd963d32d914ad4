#include "ui/state/key_names.h"

#include "core/words/length_kind.h"
#include "job/read/job.h"
#include "ui/look/texts.h"

#include <QCoreApplication>
#include <QRegularExpression>

#include <utility>

namespace fm {

namespace {

struct KeyWords {
    Q_DECLARE_TR_FUNCTIONS(fm::KeyWords)
};

/// Keys that have no field of their own, by how they end.
QString name_of_ending(const QString& key) {
    const std::pair<const char*, QString> endings[] = {
        {"open_gap_fret1_mm", KeyWords::tr("gap over fret 1")},
        {"pressed_gap_mm", KeyWords::tr("gap over fret 1, pressed")},
        {"action12_mm", KeyWords::tr("height over fret 12")},
        {"action12_capo_mm", KeyWords::tr("height over fret 12, capo at 1")},
        {"slot_width_mm", KeyWords::tr("width of the slot")},
        {"humidity_pct", KeyWords::tr("humidity in percent")},
        {"relief.depth_mm", KeyWords::tr("relief")},
        {"crown_found_mm", KeyWords::tr("from fret 12 to the crown")},
        {"crown_moved_mm", KeyWords::tr("how far the crown was moved")},
        {"diameter_mm", KeyWords::tr("gauge")},
        {"core_mm", KeyWords::tr("core")},
        {"unit_mass_g_m", KeyWords::tr("mass, grams in a metre")},
        {"pitch", KeyWords::tr("pitch")},
        {"behind_mm", KeyWords::tr("post behind the nut")},
        {"across_mm", KeyWords::tr("post from the centreline")},
        {"below_mm", KeyWords::tr("post below the fret tops")},
        {"nut.spacing", KeyWords::tr("the strings' places at the nut")},
        {"saddle.spacing", KeyWords::tr("the strings' places at the saddle")},
        {"between_frets", KeyWords::tr("the frets the string is held at")}};
    for (const auto& [ending, name] : endings)
        if (key.endsWith(QLatin1String(ending))) return name;
    if (key.contains(QLatin1String(".cents."))) return KeyWords::tr("cents");
    return {};
}

const QRegularExpression& index_in_brackets() {
    static const QRegularExpression brackets(QStringLiteral("\\[(\\d+)\\]"));
    return brackets;
}

bool is_length(const QString& key) {
    return key.contains(QLatin1String("_mm"));
}

} // namespace

void KeyNames::name(const QString& key, const QString& name) {
    names_.insert(QString(key).replace(index_in_brackets(), QStringLiteral("[]")), name);
}

QString KeyNames::name_of(const QString& key, const Job* job) const {
    static const QRegularExpression of_string(QStringLiteral("strings\\[(\\d+)\\]"));
    const QString pattern = QString(key).replace(index_in_brackets(), QStringLiteral("[]"));
    QString name = names_.value(pattern);
    if (name.isEmpty())
        name = names_.value(QString(pattern).remove(QStringLiteral("[]"))); // a list by one field
    if (name.isEmpty()) name = name_of_ending(pattern);
    if (name.isEmpty()) {
        name = pattern;
        name.remove(QStringLiteral("_mm")).remove(QStringLiteral("_deg")).remove(QStringLiteral("[]"));
        name.replace(QLatin1Char('_'), QLatin1Char(' ')).replace(QLatin1Char('.'), QStringLiteral(", "));
    }
    const QRegularExpressionMatch string = of_string.match(key);
    const auto place = string.hasMatch() ? string.captured(1).toUInt() : 0U;
    if (!job || !string.hasMatch() || place >= job->design.strings.size()) return name;
    return KeyWords::tr("%1 of %2").arg(name, QString::fromStdString(job->design.string_name(place)));
}

QString KeyNames::told(const Message& problem, const Job* job) const {
    Message said = problem;
    const QString key = QString::fromStdString(problem.where);
    said.where = name_of(key, job).toStdString();
    for (Argument& argument : said.arguments) {
        const double* number = std::get_if<double>(&argument);
        if (number && is_length(key)) argument = LengthMm{*number, length_kind_of(problem.where)};
        if (number && key.endsWith(QLatin1String("_deg"))) argument = AngleDeg{*number};
    }
    return message_text(said, job ? job->units : Units());
}

} // namespace fm
