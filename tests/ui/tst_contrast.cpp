#include "common/text_log.h"
#include "common/window.h"
#include "ui/look/text_scale.h"
#include "ui/look/theme.h"

#include <set>

using namespace fm;
using namespace fm::test;

/// Every text the painter writes, in every view, by day and in the evening, against the ground it stands on.
class TestContrast : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void initTestCase() { prepare_application("fair-measure-contrast-test"); }

    void a_pale_text_is_found_out() {
        TextLog log(QSize(200, 40));
        QPainter painter(&log);
        painter.fillRect(0, 0, 200, 40, QColor(240, 236, 226));
        painter.setPen(QColor(170, 165, 155));
        painter.drawText(QPointF(10, 25), QStringLiteral("pale"));
        painter.end();
        QCOMPARE(log.texts().size(), std::size_t(1));
        QVERIFY(contrast(log.texts()[0].colour, log.texts()[0].ground) < 2.5);
        QCOMPARE(contrast(Qt::black, Qt::white), 21.0);
    }

    void every_text_stands_out_from_its_ground() {
        std::map<std::pair<QString, QString>, QString> pairs; // colour and ground, and a text of them
        for (const char* job : {"curlew", "kittiwake", "teal"}) {
            window_.again(job);
            for (const bool evening : {false, true}) {
                window_->apply_theme(evening);
                for (int view = 0; view < 14; ++view) {
                    show(view);
                    QApplication::processEvents();
                    TextLog log(window_->size());
                    window_->render(&log);
                    QVERIFY(log.texts().size() > 20);
                    for (const PaintedText& text : log.texts()) {
                        if (!text.clip.contains(text.ink.center())) continue; // scrolled out of sight
                        pairs.try_emplace({text.colour.name(), text.ground.name()}, text.text);
                        const double apart = contrast(text.colour, text.ground);
                        if (apart < 4.5)
                            worst_ += QStringLiteral("%1 %2 view %3: \"%4\" %5 on %6 is %7\n")
                                          .arg(QLatin1String(job),
                                               evening ? QStringLiteral("evening") : QStringLiteral("day"))
                                          .arg(view)
                                          .arg(text.text, text.colour.name(), text.ground.name())
                                          .arg(apart, 0, 'f', 2);
                    }
                }
            }
        }
        for (const auto& [pair, text] : pairs)
            qInfo("%s on %s: %.2f  \"%s\"", qPrintable(pair.first), qPrintable(pair.second),
                  contrast(QColor(pair.first), QColor(pair.second)), qPrintable(text.left(30)));
        QVERIFY2(worst_.isEmpty(), qPrintable(worst_.left(4000)));
        QVERIFY(pairs.size() > 10);
    }

    void the_desktops_text_size_is_followed() {
        auto& app = *qobject_cast<QApplication*>(QCoreApplication::instance());
        const QFont usual = QApplication::font();
        const auto scale = [&](int px) {
            QFont font = usual;
            font.setPixelSize(px);
            QApplication::setFont(font);
            const double wanted = wanted_text_scale(app);
            QApplication::setFont(usual);
            return wanted;
        };
        QCOMPARE(scale(12), 1.0);
        QCOMPARE(scale(15), 1.0);
        QCOMPARE(scale(18), 1.5);
        QCOMPARE(scale(24), 2.0);
        QCOMPARE(scale(90), 2.5);
    }

private:
    void show(int view) {
        const auto at = [&](Station station) {
            window_->show_board(false);
            window_->choose_station(station);
        };
        switch (view) {
        case 0: at(Station::survey); break;
        case 1: at(Station::neck); break;
        case 2: at(Station::strings); break;
        case 3:
            at(Station::nut);
            window_->choose_behind(false);
            break;
        case 4:
            at(Station::nut);
            window_->choose_side(NutSide::found);
            break;
        case 5:
            at(Station::nut);
            window_->choose_behind(true);
            break;
        case 6:
            at(Station::saddle);
            window_->choose_stage(CutStage::fitted);
            break;
        case 7:
            at(Station::bridge);
            window_->choose_placing(false);
            break;
        case 8:
            at(Station::bridge);
            window_->choose_placing(true);
            break;
        case 9:
            at(Station::saddle);
            window_->show_table(true);
            break;
        case 10:
            window_->show_table(false);
            window_->show_board(true);
            break;
        case 11: window_->choose_measure(BoardMeasure::headroom); break;
        case 12: window_->choose_measure(BoardMeasure::behind_finger); break;
        default:
            at(Station::nut);
            window_->nut()->pages()->show_page(5);
            window_->say(QStringLiteral("something to read"));
            break;
        }
    }

    WindowOnDemo window_;
    QString worst_;
};

QTEST_MAIN(TestContrast)
#include "tst_contrast.moc"
