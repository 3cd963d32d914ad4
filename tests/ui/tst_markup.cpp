// Whatever a person or a file wrote is shown letter by letter: markup in it is no markup.
#include "common/jobs.h"
#include "common/leaves.h"
#include "common/views.h"

#include <QLabel>
#include <QTextBrowser>
#include <QToolTip>

using namespace fm;
using namespace fm::test;

namespace {

const std::string mark = "<img src='/dev/null'><b>Zq</b>";

/// Words that a person may write freely: taken on with any text in them.
Value with_markup_everywhere(Value document) {
    std::map<std::string, Value> leaves;
    leaves_of(document, "", leaves);
    for (const auto& [place, value] : leaves) {
        if (!value.text()) continue;
        const Value tried = with(document, place, mark + *value.text());
        if (read_job(tried).job) document = tried;
    }
    return with(with(document, "title", mark + "title"), "owner", mark + "owner");
}

} // namespace

class TestMarkup : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void initTestCase() { prepare_application("fair-measure-markup-test"); }

    /// What is marked up says so, and what is not shows none.
    void no_label_shows_its_markup() {
        window_.again("kittiwake");
        each_view([&](const QString& where) {
            for (const QLabel* label : window_->findChildren<QLabel*>())
                if (label->isVisible() && label->textFormat() != Qt::RichText)
                    for (const char* tag : {"<b>", "<br", "<p>", "<span", "&nbsp;", "&lt;", "&amp;"})
                        QVERIFY2(!label->text().contains(QLatin1String(tag)),
                                 qPrintable(where + QStringLiteral(": ") + label->text()));
        });
    }

    void words_are_letters() {
        for (const char* job : {"kittiwake", "curlew"}) {
            window_.again(job);
            const Value marked = with_markup_everywhere(window_->session().document());
            QVERIFY(window_->session().commit(QStringLiteral("markup"), marked).empty());
            int seen = 0;
            each_view([&](const QString& where) {
                for (const QLabel* label : window_->findChildren<QLabel*>()) {
                    if (!label->isVisible()) continue;
                    QVERIFY2(label->textFormat() != Qt::AutoText, qPrintable(where));
                    seen += label->text().contains(QStringLiteral("Zq")) ? 1 : 0;
                    if (label->textFormat() == Qt::RichText)
                        QVERIFY2(!label->text().contains(QStringLiteral("<img")),
                                 qPrintable(where + QStringLiteral(": ") + label->text()));
                }
                for (const QTextBrowser* page : window_->findChildren<QTextBrowser*>()) {
                    if (!page->isVisible()) continue;
                    QVERIFY2(!page->toPlainText().contains(QChar::ObjectReplacementCharacter),
                             qPrintable(where));
                    seen += page->toPlainText().contains(QStringLiteral("<b>Zq</b>")) ? 1 : 0;
                }
            });
            QVERIFY2(seen > 10, qPrintable(QString::number(seen)));
        }
    }

    void tooltips_are_letters() {
        QToolTip::showText(QPoint(10, 10), QString::fromStdString(mark));
        QLabel* tip = nullptr;
        for (QWidget* each : QApplication::topLevelWidgets())
            if (each->inherits("QTipLabel")) tip = qobject_cast<QLabel*>(each);
        QVERIFY(tip);
        QCOMPARE(tip->textFormat(), Qt::PlainText);
        QToolTip::hideText();
    }

private:
    template <class Look> void each_view(const Look& look) {
        for (const View& view : working_views) show(view, look);
        for (const View& view : other_views) show(view, look);
    }
    template <class Look> void show(const View& view, const Look& look) {
        if (QTest::currentTestFailed()) return;
        view.show(window_.window());
        QApplication::processEvents();
        look(QString::fromLatin1(view.name));
    }

    WindowOnDemo window_;
};

QTEST_MAIN(TestMarkup)
#include "tst_markup.moc"
