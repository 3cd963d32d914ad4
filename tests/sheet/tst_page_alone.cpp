// Somebody who has the printed page and nothing else: another program reads its texts with their places, and
// the nut made from them is the one that was solved.
#include "common/jobs.h"
#include "common/run.h"
#include "core/design/bridge_kind.h"
#include "core/solution/nut_plan.h"
#include "job/state/state.h"
#include "sheet/drawing/fonts.h"
#include "sheet/pages/sheet_book.h"
#include "sheet/views/nut_views.h"

#include <QRegularExpression>
#include <QTemporaryDir>
#include <QTest>

#include <cmath>
#include <map>
#include <optional>

using namespace fm;
using namespace fm::test;

namespace {

struct Word {
    double left, top, right, low; // [pt], y down
    QString text;
    bool is_upright() const { return text.size() > 2 && low - top > 1.05 * (right - left); }
};

/// A number as it stands on the page, a mark of what has changed before it.
std::optional<double> number_of(const QString& text) {
    bool is_number = false;
    const double number = QString(text).remove(QChar(0x25B2)).remove(QChar(0x00B0)).toDouble(&is_number);
    return is_number ? std::optional(number) : std::nullopt;
}

class Page {
public:
    explicit Page(const QString& pdf) {
        const Ran ran = run(QStringLiteral("pdftotext"), {QStringLiteral("-bbox"), pdf, QStringLiteral("-")});
        static const QRegularExpression word(QStringLiteral(
            "<word xMin=\"([\\d.]+)\" yMin=\"([\\d.]+)\" xMax=\"([\\d.]+)\" yMax=\"([\\d.]+)\">(.*)</word>"));
        for (const QString& line : QString::fromUtf8(ran.output).split(QLatin1Char('\n')))
            if (const auto m = word.match(line); m.hasMatch())
                words_.push_back({m.captured(1).toDouble(), m.captured(2).toDouble(),
                                  m.captured(3).toDouble(), m.captured(4).toDouble(), m.captured(5)});
    }

    /// Upright numbers from the left; not the bar's, which says its unit.
    std::vector<double> upright() const {
        std::vector<std::pair<double, double>> found;
        for (std::size_t i = 0; i < words_.size(); ++i) {
            const bool is_bar = i + 1 < words_.size() && words_[i + 1].text == QLatin1String("mm");
            if (const auto number = number_of(words_[i].text); number && words_[i].is_upright() && !is_bar)
                found.emplace_back(words_[i].left, *number);
        }
        std::sort(found.begin(), found.end());
        std::vector<double> numbers;
        for (const auto& each : found) numbers.push_back(each.second);
        return numbers;
    }

    /// The numbers of the row of a table that begins with these words.
    std::vector<double> row(const QString& begins) const {
        for (const Word& first : words_) {
            std::vector<Word> line;
            for (const Word& word : words_)
                if (std::abs(word.low - first.low) < 1.0 && word.left >= first.left && !word.is_upright())
                    line.push_back(word);
            std::sort(line.begin(), line.end(), [](const Word& a, const Word& b) { return a.left < b.left; });
            QStringList texts;
            for (const Word& word : line) texts << word.text;
            if (!(texts.join(QLatin1Char(' ')) + QLatin1Char(' ')).startsWith(begins + QLatin1Char(' ')))
                continue;
            std::vector<double> numbers;
            for (const QString& text : texts.mid(begins.split(QLatin1Char(' ')).size()))
                if (const auto number = number_of(text)) numbers.push_back(*number);
            return numbers;
        }
        return {};
    }

    /// The lying number right before a word, none where there is not exactly one such word.
    std::optional<double> before(const QString& text) const {
        std::optional<double> found;
        for (std::size_t i = 1; i < words_.size(); ++i)
            if (words_[i].text == text && !words_[i].is_upright())
                if (const auto number = number_of(words_[i - 1].text);
                    number && std::abs(words_[i].low - words_[i - 1].low) < 1.0) {
                    if (found) return std::nullopt;
                    found = number;
                }
        return found;
    }

    /// How often every number stands on it below its head, without marks and the points of a sentence.
    std::map<QString, int> numbers() const {
        std::map<QString, int> found;
        bool in_head = true;
        for (const Word& word : words_) {
            in_head = in_head && word.text != QLatin1String("True");
            static const QRegularExpression around(QStringLiteral("^[\u25B2(]*|[\u00B0),.;:]*$"));
            const QString bare = QString(word.text).remove(around);
            if (!in_head && number_of(bare)) ++found[bare];
        }
        return found;
    }

    bool has(const QString& text) const {
        return std::any_of(words_.begin(), words_.end(), [&](const Word& each) { return each.text == text; });
    }

private:
    std::vector<Word> words_;
};

Page page_of(const SheetBook& book, SheetPart part) {
    const QTemporaryDir dir;
    const QString path = dir.filePath(QStringLiteral("page.pdf"));
    QFile file(path);
    if (!file.open(QIODevice::WriteOnly)) throw std::runtime_error("no file");
    std::vector<Drawing> pages;
    for (Sheet& sheet : sheets_of(book, {part})) pages.push_back(std::move(sheet.page));
    file.write(sheet_bytes(pages, book.style.paper, path));
    file.close();
    return Page(path);
}

} // namespace

class TestPageAlone : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void initTestCase() { load_fonts(); }

    void the_nut_is_made_from_its_page_data() {
        QTest::addColumn<QString>("name");
        QTest::addColumn<QString>("unit");
        for (const char* name : {"curlew", "lantern", "kittiwake", "groundswell", "teal"})
            for (const char* unit : {"mm", "in", "thou"})
                QTest::addRow("%s, %s", name, unit) << QString::fromLatin1(name) << QString::fromLatin1(unit);
    }

    void the_nut_is_made_from_its_page() {
        QFETCH(const QString, name);
        QFETCH(const QString, unit);
        const Value document = with(demo_document(name.toLatin1().constData()), "unit", unit.toStdString());
        const auto state = state_of(document).state;
        const Tools tools;
        const SheetBook book{*state, tools, SheetStyle{}, {}};
        const Page page = page_of(book, SheetPart::nut);
        const Design& design = state->work_design;
        const Solution& solution = state->solution;
        const double unit_mm = unit == QLatin1String("mm")   ? 1.0
                               : unit == QLatin1String("in") ? 25.4
                                                             : 0.0254;
        const double rounding_mm = unit_mm * (unit == QLatin1String("mm")   ? 0.0051
                                              : unit == QLatin1String("in") ? 0.00051
                                                                            : 0.51);
        const auto is = [&](std::optional<double> said, double mm, double roundings = 1.0) {
            return said && std::abs(*said * unit_mm - mm) <= roundings * rounding_mm;
        };

        // Along the front, from the bass end: where it begins, every slot, the middle, where it ends.
        const NutPlan plan = nut_plan_of(design, solution);
        std::vector<double> wanted{-plan.bass.along_mm, plan.length_mm()};
        if (unit != QLatin1String("thou")) wanted.push_back(0.0); // a lone digit does not tell how it stands
        for (const StringSolution& string : solution.strings)
            wanted.push_back(string.slot.along_mm - plan.bass.along_mm);
        std::sort(wanted.begin(), wanted.end());
        std::vector<double> said = page.upright();
        if (state->job.left_handed) std::reverse(said.begin(), said.end());
        QCOMPARE(said.size(), wanted.size());
        for (std::size_t i = 0; i < wanted.size(); ++i)
            QVERIFY2(is(said[i], wanted[i]), qPrintable(QString::number(said[i])));

        // Every slot by its row: at the head, sawn to, floor, depth, width, and last how it falls.
        for (std::size_t i = 0; i < solution.strings.size(); ++i) {
            const SlotWork& slot = solution.strings[i].slot;
            const std::vector<double> row = page.row(QString::fromStdString(design.string_name(i)));
            QVERIFY2(row.size() >= 6, design.string_name(i).c_str());
            const double run = slot_run(design, solution, i) - plan.bass.run;
            QVERIFY(is(row[0], slot.along_mm - plan.bass.along_mm + run * design.nut.thickness_mm));
            QVERIFY(is(row[1], slot.saw_to_above_seat_mm));
            QVERIFY(is(row[2], slot.floor_above_seat_mm));
            QVERIFY(is(row[3], slot.depth_mm));
            QVERIFY(is(row[4], slot.width_mm));
            QVERIFY(std::abs(row[row.size() - 2] - slot.floor_angle_deg) <= 0.051);
            QVERIFY(is(row.back(), slot.floor_back_drop_mm));
            // The top it leads to is the one that is drawn.
            QVERIFY(is(row[2] + row[3], slot.made_top_above_seat_mm, 3.0));
        }

        // Heights, and what the part stands on.
        QVERIFY(is(page.before(QStringLiteral("highest")), nut_height_mm(design, solution)));
        QVERIFY(is(page.before(QStringLiteral("board")), design.nut.board_above_seat_mm));
        QVERIFY(is(page.before(QStringLiteral("fret")),
                   design.nut.board_above_seat_mm + design.neck.fret_height_mm));
        QVERIFY(page.has(QString::fromStdString(sheet_number(design.nut.thickness_mm, state->job.unit))));
        if (design.nut.seat == Seat::angled)
            QVERIFY(page.has(QString::number(design.nut.headstock_angle_deg, 'f', 1) + QChar(0x00B0)));
        for (const char* side : {"FRONT", "HEAD", "BASS", "TREBLE"})
            QVERIFY(page.has(QString::fromLatin1(side)));
    }

    void every_figure_stands_once_data() {
        QTest::addColumn<QString>("file");
        for (const char* name : {"curlew", "lantern", "kittiwake", "groundswell", "teal"})
            QTest::newRow(name) << QStringLiteral(DEMO_DATA "/%1.fmjob").arg(QLatin1String(name));
        for (const std::string_view kind : words_of(BridgeKind{}))
            QTest::addRow("bridge %s", kind.data())
                << QStringLiteral(TEST_DATA "/kinds/%1.fmjob").arg(QLatin1String(kind.data()));
    }

    /// Whatever a page remembers of nut, saddle or bridge is read from it by its text, and none twice.
    void every_figure_stands_once() {
        QFETCH(const QString, file);
        const auto state = state_of(document_of(file)).state;
        const Tools tools;
        const SheetBook book{*state, tools, SheetStyle{}, {}};
        for (const SheetPart part : {SheetPart::nut, SheetPart::saddle, SheetPart::bridge}) {
            if (!has_part(state->job, part)) continue;
            std::map<QString, int> wanted;
            std::map<QString, QStringList> names;
            for (const auto& [name, value] : figures_of(sheets_of(book, {part}))) {
                const bool is_angle = name.ends_with("angle") || name.ends_with("break");
                const QString label = QString::fromStdString(is_angle ? fixed_text(value, 1)
                                                                      : sheet_number(value, state->job.unit));
                ++wanted[label];
                names[label] << QString::fromStdString(name);
            }
            std::map<QString, int> found = page_of(book, part).numbers();
            for (const auto& [label, count] : wanted) {
                const QString what = QStringLiteral("%1 stands %2 times: %3")
                                         .arg(label)
                                         .arg(found[label])
                                         .arg(names[label].join(QLatin1Char(' ')));
                QVERIFY2(found[label] >= count, qPrintable(what));
                // A force has one decimal, as an angle has.
                const bool is_length = label.section(QLatin1Char('.'), 1).size() > 1 && label.toDouble() != 0;
                QVERIFY2(!is_length || found[label] == count, qPrintable(what));
            }
        }
    }
};

QTEST_MAIN(TestPageAlone)
#include "tst_page_alone.moc"
