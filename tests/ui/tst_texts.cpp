// Every text of every view is there whole: not cut by what holds it, not covered by what lies over it, and on
// no other text; in both languages and in the smallest window. FAIR_MEASURE_LONG: of every job.
#include "common/jobs.h"
#include "common/text_log.h"
#include "common/views.h"
#include "core/design/bridge_kind.h"

#include <QAbstractButton>
#include <QAbstractScrollArea>
#include <QLabel>
#include <QLineEdit>
#include <QScrollArea>
#include <QScrollBar>
#include <QTranslator>

#include <cstdio>

static void load_translations_resource() {
    Q_INIT_RESOURCE(translations);
}

using namespace fm;
using namespace fm::test;

namespace {

/// The scrolled area a widget is in, if it can be scrolled upright.
bool is_scrolled(const QWidget* widget) {
    for (const QWidget* at = widget->parentWidget(); at; at = at->parentWidget())
        if (const auto* area = qobject_cast<const QAbstractScrollArea*>(at))
            if (area->verticalScrollBar()->maximum() > 0) return true;
    return false;
}

/// Whether it is wider than what it is scrolled in, which goes up and down only.
bool beyond_the_edge(const QWidget* widget) {
    for (const QWidget* at = widget->parentWidget(); at; at = at->parentWidget())
        if (const auto* area = qobject_cast<const QScrollArea*>(at)) {
            const int left = widget->mapTo(area->viewport(), QPoint(0, 0)).x();
            return left < 0 || left + widget->width() > area->viewport()->width();
        }
    return false;
}

/// A drawing that was zoomed shows a part of itself.
bool is_in_drawing(const QWidget* widget) {
    return widget->parentWidget() && widget->parentWidget()->inherits("fm::PartCanvas");
}

QRectF shrunk(const QRectF& rect) {
    constexpr double soft = 1.6; // edges of letters are grey
    return rect.adjusted(soft, soft, -soft, -soft);
}

} // namespace

class TestTexts : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void initTestCase() {
        prepare_application("fair-measure-texts-test");
        load_translations_resource();
    }

    void every_text_is_there_whole_data() {
        QTest::addColumn<QString>("language");
        QTest::addColumn<QString>("job");
        QTest::addColumn<QSize>("size");
        QTest::addColumn<QString>("unit");
        const bool all = qEnvironmentVariableIsSet("FAIR_MEASURE_LONG");
        for (const char* language : {"en", "de"})
            for (const char* job : {"kittiwake", "curlew", "groundswell", "lantern", "teal"})
                // These windows, and what is left of them with text at 150 %: as it is, and as high as all of
                // it.
                for (const QSize size : {QSize(1280, 800), QSize(1024, 700), QSize(853, 533),
                                         QSize(853, 1500), QSize(683, 467), QSize(683, 1500)}) {
                    const bool first = QByteArray(job) == "kittiwake" ||
                                       (QByteArray(job) == "curlew" && size.width() == 1024);
                    // Sanitizers take their time, and see no pixel.
                    if (qEnvironmentVariableIsSet("ASAN_OPTIONS") && size.width() < 1024 &&
                        size.height() > 600)
                        continue;
                    if (all || first)
                        QTest::addRow("%s, %s, %d x %d", language, job, size.width(), size.height())
                            << QString::fromLatin1(language) << QString::fromLatin1(job) << size << QString();
                }
        // The longest numbers.
        QTest::newRow("sixty-fourths, 1024") << QStringLiteral("en") << QStringLiteral("curlew")
                                             << QSize(1024, 700) << QStringLiteral("64ths");
        if (all)
            QTest::newRow("sixty-fourths, 1280") << QStringLiteral("de") << QStringLiteral("kittiwake")
                                                 << QSize(1280, 800) << QStringLiteral("64ths");
    }

    void every_text_is_there_whole() {
        QFETCH(const QString, language);
        QFETCH(const QString, job);
        QFETCH(const QSize, size);
        QFETCH(const QString, unit);
        QTranslator translator;
        QLocale::setDefault(QLocale(language));
        if (translator.load(QLocale(language), QStringLiteral("fair-measure"), QStringLiteral("_"),
                            QStringLiteral(":/translations")))
            QCoreApplication::installTranslator(&translator);
        QStringList faults;
        {
            WindowOnDemo window;
            window.start(job.toLatin1().constData());
            window->resize(size);
            if (size.width() == 1024) { // a shop none of whose files fits
                QFile shop(window.path("workshop.json"));
                QVERIFY(shop.open(QIODevice::WriteOnly | QIODevice::Truncate));
                shop.write(R"({"format": "fair-measure-workshop", "version": 1, "nut_files_mm": [9.0]})");
                shop.close();
                window->session().set_workshop(Workshop(QFileInfo(shop.fileName()).path()));
            }
            Session& session = window->session();
            if (!unit.isEmpty())
                session.commit(QStringLiteral("unit"), with(session.document(), "unit", unit.toStdString()));
            for (const auto& [list, count] :
                 {std::pair<const View*, std::size_t>{working_views, std::size(working_views)},
                  {other_views, std::size(other_views)}})
                for (std::size_t i = 0; i < count; ++i) {
                    window->choose_station(Station::nut);
                    list[i].show(window.window());
                    for (int round = 0; round < 4; ++round) QTest::qWait(2); // what wraps is laid out twice
                    look(window.window(), QLatin1String(list[i].name), faults);
                    if (window->bench() && window->bench()->isVisible()) window->bench()->leave();
                    if (window->view().table) window->show_table(false);
                    window->choose_side(NutSide::target);
                    window->choose_stage(CutStage::blank);
                }
        }
        QCoreApplication::removeTranslator(&translator);
        QLocale::setDefault(QLocale::c());
        faults.removeDuplicates();
        for (const QString& fault : faults) std::puts(qPrintable(fault));
        QVERIFY2(faults.isEmpty(),
                 qPrintable(QString::number(faults.size()) + QStringLiteral(" texts are not there whole")));
    }

    /// Each kind of bridge has words of its own.
    void every_kind_of_bridge_is_told_whole() {
        QStringList faults;
        for (const char* language : {"en", "de"}) {
            QTranslator translator;
            QLocale::setDefault(QLocale(QLatin1String(language)));
            if (translator.load(QLocale(), QStringLiteral("fair-measure"), QStringLiteral("_"),
                                QStringLiteral(":/translations")))
                QCoreApplication::installTranslator(&translator);
            WindowOnDemo window;
            window.start("kittiwake");
            window->resize(1280, 800);
            for (const std::string_view kind : words_of(BridgeKind{})) {
                const QString word = QString::fromLatin1(kind.data(), static_cast<qsizetype>(kind.size()));
                const QString file = window.path((std::string(kind) + ".fmjob").c_str());
                QVERIFY(QFile::copy(QStringLiteral(TEST_DATA "/kinds/%1.fmjob").arg(word), file));
                QVERIFY(window->open(file));
                for (int page = 0; page < 8; ++page) {
                    window->choose_station(Station::bridge);
                    window.press(static_cast<Qt::Key>(Qt::Key_1 + page), Qt::ControlModifier);
                    for (int round = 0; round < 4; ++round) QTest::qWait(2);
                    look(window.window(),
                         word + QStringLiteral(" %1 %2").arg(page + 1).arg(QLatin1String(language)), faults);
                }
            }
            QCoreApplication::removeTranslator(&translator);
        }
        QLocale::setDefault(QLocale::c());
        faults.removeDuplicates();
        for (const QString& fault : faults) std::puts(qPrintable(fault));
        QVERIFY2(faults.isEmpty(), qPrintable(QString::number(faults.size())));
    }

private:
    static void look(MainWindow& window, const QString& view, QStringList& faults) {
        QWidgetList widgets{&window};
        const QWidget* bench = window.bench();
        struct Shown {
            QRectF ink; ///< on the window, as far as it is in sight
            QString text;
            const QWidget* of;
        };
        std::vector<Shown> shown;
        for (QWidget* each : window.findChildren<QWidget*>())
            if (each->isVisible() && !each->isWindow() && !each->size().isEmpty()) widgets << each;
        for (QWidget* widget : widgets) {
            if (bench && bench->isVisible() && widget != bench && !bench->isAncestorOf(widget))
                continue; // under it
            const QRegion seen = widget->visibleRegion();
            const bool asks = qobject_cast<QAbstractButton*>(widget) || qobject_cast<QLineEdit*>(widget);
            if (seen.isEmpty() && asks && !is_scrolled(widget) && !is_in_drawing(widget))
                faults << QStringLiteral("%1: out of sight: %2 '%3'")
                              .arg(view, QLatin1String(widget->metaObject()->className()),
                                   widget->accessibleName() + widget->objectName() + widget->toolTip());
            if (asks && beyond_the_edge(widget))
                faults << QStringLiteral("%1: beyond the edge: %2 '%3'")
                              .arg(view, QLatin1String(widget->metaObject()->className()), widget->toolTip());
            if (seen.isEmpty()) continue;
            TextLog log(widget->size());
            widget->render(&log, {}, {}, QWidget::RenderFlags());
            const auto tell = [&](const char* what, const PaintedText& text, const QString& more = {}) {
                faults << QStringLiteral("%1: %2: '%3'%4 in %5 %6")
                              .arg(view, QLatin1String(what), text.text, more,
                                   QLatin1String(widget->metaObject()->className()),
                                   widget->objectName().isEmpty() ? widget->accessibleName()
                                                                  : widget->objectName());
            };
            const auto& texts = log.texts();
            for (std::size_t i = 0; i < texts.size(); ++i) {
                const QRectF ink = shrunk(texts[i].ink);
                if (ink.isEmpty()) continue;
                const QRectF in_sight =
                    ink.intersected(QRectF(seen.boundingRect())).intersected(texts[i].clip);
                shown.push_back(
                    {in_sight.translated(widget->mapTo(&window, QPoint(0, 0))), texts[i].text, widget});
                const bool outside = !texts[i].clip.contains(ink);
                const bool covered = !(QRegion(ink.toAlignedRect()) - seen).isEmpty();
                // A field one writes into moves with its cursor; what it holds is its tooltip, too.
                if (qobject_cast<QLineEdit*>(widget) && widget->toolTip().contains(texts[i].text)) continue;
                if ((outside || covered) && !is_scrolled(widget)) tell(outside ? "cut" : "covered", texts[i]);
                for (std::size_t k = 0; k < i; ++k)
                    if (ink.intersects(shrunk(texts[k].ink)) && texts[k].text != texts[i].text)
                        tell("over another", texts[i], QStringLiteral(" on '%1'").arg(texts[k].text));
                // What is left out at the end can be read in the tooltip.
                if (texts[i].text.endsWith(QChar(0x2026)) && texts[i].text.size() > 4 &&
                    qobject_cast<QLabel*>(widget) && widget->toolTip().isEmpty() &&
                    !qobject_cast<QLabel*>(widget)->text().endsWith(texts[i].text + QLatin1Char(' ')))
                    tell("left out without a tooltip", texts[i]);
                // A picture has none: it finds room.
                const auto* field = qobject_cast<QLineEdit*>(widget);
                if (texts[i].text.endsWith(QChar(0x2026)) && texts[i].text.size() > 4 &&
                    QLatin1String(widget->metaObject()->className()).startsWith(QLatin1String("fm::")) &&
                    !qobject_cast<QLabel*>(widget) && !qobject_cast<QAbstractItemView*>(widget) &&
                    !(field && field->placeholderText() == texts[i].text))
                    tell("left out", texts[i]);
            }
            // A field is where one writes: nobody else does.
            if (qobject_cast<const QLineEdit*>(widget))
                shown.push_back({QRectF(seen.boundingRect().adjusted(3, 5, -3, -3))
                                     .translated(widget->mapTo(&window, QPoint(0, 0))),
                                 QStringLiteral("the field ") + widget->objectName(), widget});
        }
        for (std::size_t i = 0; i < shown.size(); ++i)
            for (std::size_t k = 0; k < i; ++k)
                if (shown[i].of != shown[k].of && !shown[i].ink.isEmpty() &&
                    shown[i].ink.intersects(shown[k].ink))
                    faults << QStringLiteral("%1: '%2' of %3 lies on '%4' of %5")
                                  .arg(view, shown[i].text,
                                       QLatin1String(shown[i].of->metaObject()->className()), shown[k].text,
                                       QLatin1String(shown[k].of->metaObject()->className()));
    }
};

QTEST_MAIN(TestTexts)
#include "tst_texts.moc"
