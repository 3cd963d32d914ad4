// No word of a page stands on another, and no line that is cut or ruled goes through one.
#include "common/jobs.h"
#include "core/design/bridge_kind.h"
#include "job/state/state.h"
#include "sheet/drawing/fonts.h"
#include "sheet/pages/sheet_book.h"

#include <QRectF>
#include <QTest>

using namespace fm;
using namespace fm::test;

namespace {

struct Word {
    QRectF place; ///< y downward is of no account here: a box is a box
    QString text;
};

/// As it is read: from the baseline to the height of a figure.
Word word_of_text(const Text& text) {
    constexpr double figure_ems = 0.7;
    const QString words = QString::fromStdString(text.text);
    const double wide = text_width(words, text.em_mm, text.bold);
    const double high = figure_ems * text.em_mm;
    const double before = text.anchor == TextAnchor::left    ? 0.0
                          : text.anchor == TextAnchor::right ? wide
                                                             : 0.5 * wide;
    if (text.upright) return {{text.at.x - high, text.at.y - before, high, wide}, words};
    return {{text.at.x - before, text.at.y, wide, high}, words};
}

std::vector<Item> items_of(const Drawing& page) {
    std::vector<Item> items;
    for (const Item& item : page.items) {
        std::vector<Item> more{item};
        if (const auto* line = std::get_if<LinearDimension>(&item)) more = drawn(*line);
        if (const auto* leader = std::get_if<OrdinateDimension>(&item)) more = drawn(*leader);
        items.insert(items.end(), more.begin(), more.end());
    }
    return items;
}

std::vector<Word> words_of_page(const std::vector<Item>& items) {
    std::vector<Word> words;
    for (const Item& item : items)
        if (const auto* text = std::get_if<Text>(&item); text && !text->text.empty())
            words.push_back(word_of_text(*text));
    return words;
}

bool goes_through(const Vertex& a, const Vertex& b, const QRectF& place) {
    constexpr int steps = 400;
    for (int i = 0; i <= steps; ++i) {
        const double t = static_cast<double>(i) / steps;
        if (place.contains(QPointF(a.at.x + t * (b.at.x - a.at.x), a.at.y + t * (b.at.y - a.at.y))))
            return true;
    }
    return false;
}

QString said(const QRectF& place) {
    return QStringLiteral(" at %1, %2").arg(place.x(), 0, 'f', 1).arg(place.y(), 0, 'f', 1);
}

/// What cannot be read on a page.
QStringList faults_of(const Drawing& page) {
    constexpr double touching_mm = 0.25;
    QStringList faults;
    const std::vector<Item> items = items_of(page);
    const std::vector<Word> words = words_of_page(items);
    const auto inner = [](const QRectF& place) {
        return place.adjusted(touching_mm, touching_mm, -touching_mm, -touching_mm);
    };
    for (std::size_t i = 0; i < words.size(); ++i) {
        for (std::size_t k = 0; k < i; ++k)
            if (inner(words[i].place).intersects(inner(words[k].place)))
                faults << QStringLiteral("“%1” on “%2”").arg(words[i].text, words[k].text) +
                              said(words[i].place);
        for (const Item& item : items) {
            const auto* path = std::get_if<Path>(&item);
            if (!path || path->stroke.width_mm < 0.25 || path->stroke.ink != Ink::line) continue;
            const std::size_t pieces = path->vertices.size() - (path->closed ? 0 : 1);
            for (std::size_t v = 0; v < pieces; ++v)
                if (goes_through(path->vertices[v], path->vertices[(v + 1) % path->vertices.size()],
                                 inner(words[i].place))) {
                    faults << QStringLiteral("a line through “%1”").arg(words[i].text) + said(words[i].place);
                    break;
                }
        }
    }
    return faults;
}

} // namespace

class TestLegible : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void initTestCase() { load_fonts(); }

    void every_word_stands_free_data() {
        QTest::addColumn<QString>("file");
        for (const std::string_view word : words_of(BridgeKind{}))
            QTest::addRow("%s", word.data())
                << QStringLiteral(TEST_DATA "/kinds/%1.fmjob").arg(QLatin1String(word.data()));
        for (const char* name : {"kittiwake", "curlew"})
            QTest::addRow("%s", name) << QStringLiteral(DEMO_DATA "/%1.fmjob").arg(QLatin1String(name));
    }
    void every_word_stands_free() {
        QFETCH(const QString, file);
        const auto state = state_of(document_of(file)).state;
        const Tools tools;
        QStringList faults;
        for (const SheetPartName& part : sheet_parts()) {
            if (!has_part(state->job, part.part)) continue;
            const SheetBook book{*state, tools, SheetStyle{}, {}};
            int number = 0;
            for (const Sheet& sheet : printing_of(book, {part.part}).sheets) {
                ++number;
                for (const QString& fault : faults_of(sheet.page))
                    faults << QStringLiteral("%1, page %2: ").arg(QLatin1String(part.word)).arg(number) +
                                  fault;
            }
        }
        QVERIFY2(faults.isEmpty(), qPrintable(faults.join(QLatin1Char('\n'))));
    }
};

QTEST_MAIN(TestLegible)
#include "tst_legible.moc"
