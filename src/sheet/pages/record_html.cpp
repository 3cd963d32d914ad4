#include "sheet/pages/record_html.h"

#include "core/words/word_of.h"
#include "sheet/drawing/sheet_files.h"
#include "sheet/pages/shop_words.h"
#include "sheet/pages/story_pictures.h"
#include "sheet/words/job_work.h"
#include "sheet/words/owner_words.h"
#include "sheet/words/sheet_words.h"

#include <QString>

namespace fm {

namespace {

QString safe(const std::string& text) {
    return QString::fromStdString(text).toHtmlEscaped();
}

QString heading(const char* text) {
    return QStringLiteral("<h2>%1</h2>\n").arg(safe(translate("sheet", text)));
}

QString row(const std::vector<std::string>& cells, const char* cell) {
    QString html = QStringLiteral("<tr>");
    for (const std::string& each : cells)
        html += QStringLiteral("<%1>%2</%1>").arg(QLatin1String(cell), safe(each));
    return html + QStringLiteral("</tr>\n");
}

QString numbers(const Job& job) {
    const JobBeforeAfter story = before_and_after(job);
    const auto shown = [&](const std::optional<double>& mm) {
        return mm ? sheet_number(*mm, job.unit) : std::string("–");
    };
    QString html =
        QStringLiteral("<table>\n") +
        row({translate("sheet", "string"), translate("sheet", "fret 1, before"), translate("sheet", "now"),
             translate("sheet", "fret 12, before"), translate("sheet", "now")},
            "th");
    for (std::size_t i = 0; i < story.strings.size(); ++i) {
        const StringBeforeAfter& each = story.strings[i];
        html += row({job.design.string_name(i), shown(each.nut_gap_mm.found), shown(each.nut_gap_mm.now),
                     shown(each.action_mm.found), shown(each.action_mm.now)},
                    "td");
    }
    const std::string way = way_of_reading(story.nut_way);
    return html +
           QStringLiteral("</table>\n<p>%1</p>\n")
               .arg(safe((way.empty() ? "" : way + " · ") +
                         with_values(translate("sheet", "lengths in %1"), std::string(word_of(job.unit)))));
}

} // namespace

std::string story_words(const StoryLine& line, Unit unit) {
    std::string words;
    for (const Message& message : line.says)
        words += (words.empty() ? "" : "; ") + sheet_message(message, unit);
    if (!line.text.empty()) words += (words.empty() ? "" : ": ") + line.text;
    if (!line.reason.empty()) words += " (" + line.reason + ")";
    if (line.corrected) words += " · " + translate("sheet", "corrected");
    return words;
}

namespace {

QString page_begun(const Job& job, const std::string& date, const SheetShop& shop) {
    return QStringLiteral(
               "<!DOCTYPE html>\n<html><head><meta charset='utf-8'><title>%1</title>\n"
               "<style>body { font-family: sans-serif; max-width: 46em; margin: 2em auto; } "
               "td, th { padding: 2px 14px 2px 0; text-align: right; } "
               "td:first-child, th:first-child, .story td { text-align: left; vertical-align: top; }"
               "</style></head>\n<body><h1>%1</h1>\n<p>%2%3%4</p>\n")
        .arg(safe(job.title), shop.name.empty() ? QString() : safe(shop.name) + QStringLiteral(" · "),
             safe(sheet_date(date)),
             job.owner.empty()
                 ? QString()
                 : QStringLiteral(" · ") + safe(with_values(translate("sheet", "owner %1"), job.owner)));
}

QString sentences(const std::vector<std::string>& words) {
    QString html = QStringLiteral("<ul>\n");
    for (const std::string& each : words) html += QStringLiteral("<li>%1</li>\n").arg(safe(each));
    return html + QStringLiteral("</ul>\n");
}

} // namespace

namespace {

/// A drawing within the page, with its words for who does not see it.
QString picture(const Drawing& drawing, const char* words) {
    QString svg = QString::fromUtf8(svg_of(drawing));
    svg.remove(0, svg.indexOf(QLatin1String("<svg")));
    return QStringLiteral("<figure role='img' aria-label='%1'>%2<figcaption>%1</figcaption></figure>\n")
        .arg(safe(translate("sheet", words)), svg);
}

constexpr double picture_mm = 170;

QString next_time(const Job& job, const Solution& solution, const Tools& tools) {
    const auto number = [&job](double mm) { return sheet_number(mm, job.unit); };
    const ShopWords words = shop_words(job, solution, tools, number);
    QString html = sentences(words.facts) + QStringLiteral("<table>\n") + row(words.columns, "th");
    for (const std::vector<std::string>& cells : words.rows) html += row(cells, "td");
    html += QStringLiteral("</table>\n<p>%1</p>\n")
                .arg(safe(with_values(translate("sheet", "lengths in %1"), std::string(word_of(job.unit)))));
    if (!job.design.nut.clamping)
        html += picture(
            nut_picture(job, solution, picture_mm, number),
            QT_TRANSLATE_NOOP("sheet", "The nut from the front: at every slot its floor over the seat"));
    return html;
}

} // namespace

QByteArray record_html(const State& state, const Tools& tools, const std::string& date,
                       const SheetShop& shop) {
    const Job job = worked_job(state);
    QString html = page_begun(job, date, shop);
    html += heading("For the next time") + next_time(job, state.solution, tools) +
            heading("Before and after") + numbers(job) + heading("In order") +
            QStringLiteral("<table class='story'>\n");
    for (const StoryLine& line : story_of(job)) {
        const std::string when = sheet_moment(line.when);
        html += row({when, story_words(line, job.unit)}, "td");
    }
    return (html + QStringLiteral("</table>\n</body></html>\n")).toUtf8();
}

QByteArray owner_html(const State& state, const std::string& date, const SheetShop& shop) {
    const Job job = worked_job(state);
    const auto number = [&job](double mm) { return sheet_number(mm, job.unit); };
    const OwnerWords words = owner_words(job, number, shop);
    const QString html =
        page_begun(job, date, shop) + heading("What was found") + sentences(words.found) +
        heading("What was done") + sentences(words.done) + heading("Before and after") +
        picture(before_after_picture(job, state.solution, picture_mm, number),
                QT_TRANSLATE_NOOP("sheet", "ring: before; full: now; dash: what was aimed at")) +
        heading("The numbers that matter") + numbers(job) + heading("What was left, and what to watch") +
        sentences(words.left);
    return (html + QStringLiteral("</body></html>\n")).toUtf8();
}

} // namespace fm
