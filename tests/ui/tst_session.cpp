#include "common/jobs.h"
#include "common/run.h"
#include "common/window.h"
#include "sheet/drawing/fonts.h"
#include "ui/field/choice_row.h"
#include "ui/field/value_field.h"
#include "ui/look/flow_layout.h"
#include "ui/look/texts.h"
#include "ui/state/session.h"
#include "ui/window/start.h"

#include <QApplication>
#include <QDir>
#include <QDirIterator>
#include <QProcess>
#include <QSettings>
#include <QSignalSpy>
#include <QStandardPaths>
#include <QTemporaryDir>
#include <QTest>
#include <QToolButton>
#include <QTranslator>
#include <QXmlStreamReader>

#include <chrono>
#include <cmath>

using namespace fm;

namespace {

void set_locale(const char* name) {
    QLocale::setDefault(QLocale(QLatin1String(name)));
}

/// The places for values in a sentence: {0}, {where}, %1, %n.
QStringList places_of(const QString& text) {
    static const QRegularExpression place(QStringLiteral("\\{[a-z0-9]+\\}|%[1-9n]"));
    QStringList found;
    for (auto match = place.globalMatch(text); match.hasNext();) found << match.next().captured();
    found.sort();
    return found;
}

} // namespace

class TestSession : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void initTestCase() {
        QStandardPaths::setTestModeEnabled(true);
        load_fonts();
    }
    void init() {
        set_locale("C");
        dir_ = std::make_unique<QTemporaryDir>();
        copy_demo_workshop(dir_->path());
        session_ = std::make_unique<Session>();
        session_->set_workshop(Workshop(dir_->path()));
        session_->open(path("curlew"));
    }
    void cleanup() { session_.reset(); }

    void a_preview_is_no_step() {
        QSignalSpy changed(session_.get(), &Session::changed);
        QVERIFY(session_->preview(with(session_->document(), "nut.thickness_mm", 6.0)).empty());
        QCOMPARE(session_->state().job.design.nut.thickness_mm, 6.0);
        QCOMPARE(find(session_->document(), "nut.thickness_mm")->number(), 5.0);
        QCOMPARE(session_->undo_stack()->count(), 0);
        QCOMPARE(session_->preview(with(session_->document(), "nut.thickness_mm", 60.0)).size(),
                 std::size_t(1));
        QCOMPARE(session_->state().job.design.nut.thickness_mm, 6.0); // the last that could be shown
        session_->end_preview();
        QCOMPARE(session_->state().job.design.nut.thickness_mm, 5.0);
        QCOMPARE(changed.count(), 2);
        session_->end_preview();
        QCOMPARE(changed.count(), 2); // nothing to end
    }
    void a_commit_is_one_step_with_a_name() {
        QVERIFY(session_
                    ->commit(QStringLiteral("thickness 6.00 mm"),
                             with(session_->document(), "nut.thickness_mm", 6.0))
                    .empty());
        QCOMPARE(session_->undo_stack()->undoText(), QStringLiteral("thickness 6.00 mm"));
        QVERIFY(session_->commit(QStringLiteral("the same"), session_->document()).empty());
        QCOMPARE(session_->undo_stack()->count(), 1); // what changes nothing is no step
        QVERIFY(!session_->commit(QStringLiteral("bad"), without(session_->document(), "neck")).empty());
        QCOMPARE(session_->undo_stack()->count(), 1);
        session_->undo_stack()->undo();
        QCOMPARE(session_->state().job.design.nut.thickness_mm, 5.0);
    }
    void every_step_is_saved_by_itself() {
        session_->commit(QStringLiteral("x"), with(session_->document(), "nut.thickness_mm", 6.0));
        QTRY_VERIFY(find(test::document_of(path("curlew")), "nut.thickness_mm")->number() == 6.0);
        session_->undo_stack()->undo();
        QTRY_VERIFY(find(test::document_of(path("curlew")), "nut.thickness_mm")->number() == 5.0);
        session_->commit(QStringLiteral("y"), with(session_->document(), "nut.thickness_mm", 7.0));
        session_.reset(); // closing saves what the timer has not
        QCOMPARE(find(test::document_of(path("curlew")), "nut.thickness_mm")->number(), 7.0);
    }
    void unknown_keys_go_through_open_change_and_save() {
        const Value more =
            with(test::demo_document("lantern"), "future.key", parse_json("[1, {\"deep\": null}]"));
        QFile file(path("lantern"));
        QVERIFY(file.open(QIODevice::WriteOnly));
        file.write(QByteArray::fromStdString(written_json(more)));
        file.close();
        session_->open(path("lantern"));
        session_->commit(QStringLiteral("x"), with(session_->document(), "nut.thickness_mm", 6.0));
        QVERIFY(session_->save());
        QCOMPARE(*find(test::document_of(path("lantern")), "future"), *find(more, "future"));
    }
    void a_change_on_disk_is_noticed_without_saving() {
        QSignalSpy trouble(session_.get(), &Session::trouble);
        QFile file(path("curlew"));
        QVERIFY(file.open(QIODevice::Append));
        file.write("\n");
        file.close();
        QTRY_COMPARE(trouble.count(), 1);
        QVERIFY(trouble.front().at(1).toBool());
        session_->reload();
        QVERIFY(session_->save());
    }
    void opening_another_saves_the_first() {
        session_->commit(QStringLiteral("x"), with(session_->document(), "nut.thickness_mm", 6.5));
        session_->open(path("teal"));
        QCOMPARE(find(test::document_of(path("curlew")), "nut.thickness_mm")->number(), 6.5);
        QCOMPARE(session_->undo_stack()->count(), 0);
        QVERIFY_EXCEPTION_THROWN(session_->open(path("none")), InputError);
        QCOMPARE(session_->state().job.title, std::string("Teal"));
    }
    void a_kept_edit_is_on_the_disk_while_the_next_is_typed() {
        using Clock = std::chrono::steady_clock;
        std::vector<Clock::time_point> kept;
        const auto on_disk = [&] {
            return find(test::document_of(path("curlew")), "nut.thickness_mm")->number();
        };
        double oldest_s = 0;
        for (int i = 0; i < 40; ++i) { // never a pause as long as the timer's
            session_->commit(QStringLiteral("x"),
                             with(session_->document(), "nut.thickness_mm", 5.0 + 0.01 * (i + 1)));
            kept.push_back(Clock::now());
            QTest::qWait(30);
            const auto written =
                static_cast<std::size_t>(std::lround((on_disk() - 5.0) / 0.01)); // how many are there
            if (written < kept.size())
                oldest_s =
                    std::max(oldest_s, std::chrono::duration<double>(Clock::now() - kept[written]).count());
        }
        QVERIFY2(oldest_s < 0.3, qPrintable(QString::number(oldest_s)));
    }
    void the_open_file_opened_again_keeps_the_last_step() {
        session_->commit(QStringLiteral("x"), with(session_->document(), "nut.thickness_mm", 6.5));
        session_->open(path("curlew")); // before it was saved by itself
        QCOMPARE(session_->state().job.design.nut.thickness_mm, 6.5);
        QVERIFY(!session_->read_only());
        session_->commit(QStringLiteral("y"), with(session_->document(), "nut.thickness_mm", 7.0));
        QVERIFY(session_->save());
        QCOMPARE(find(test::document_of(path("curlew")), "nut.thickness_mm")->number(), 7.0);
    }
    void saving_as_overwrites_nothing_that_is_open() {
        const QByteArray teal = test::file_bytes(path("teal"));
        Session other;
        other.set_workshop(Workshop(dir_->path()));
        other.open(path("teal"));
        QVERIFY_EXCEPTION_THROWN(session_->save_as(path("teal")), InputError);
        QCOMPARE(test::file_bytes(path("teal")), teal);
        QCOMPARE(QFileInfo(session_->path()).fileName(), QStringLiteral("curlew.fmjob"));
        // Onto itself: saved, and still nobody else's.
        session_->commit(QStringLiteral("x"), with(session_->document(), "nut.thickness_mm", 6.0));
        session_->save_as(path("curlew"));
        QCOMPARE(find(test::document_of(path("curlew")), "nut.thickness_mm")->number(), 6.0);
        other.open(path("curlew"));
        QVERIFY(other.read_only());
        QVERIFY(!session_->read_only());
        // Elsewhere: the new file is held, the old one free.
        session_->save_as(path("curlew 2"));
        other.open(path("curlew"));
        QVERIFY(!other.read_only());
        other.open(path("curlew 2"));
        QVERIFY(other.read_only());
    }
    void a_window_goes_with_a_job_it_cannot_save() {
        auto window = std::make_unique<test::WindowOnDemo>();
        window->start("curlew");
        Session& session = (*window)->session();
        session.commit(QStringLiteral("x"), with(session.document(), "nut.thickness_mm", 6.0));
        QVERIFY(QDir(QFileInfo(session.path()).path()).removeRecursively());
        window.reset(); // tells nobody that is gone
    }
    void numbers_follow_the_language() {
        QCOMPARE(length_number(5.8234, Unit::mm), QStringLiteral("5.82"));
        QCOMPARE(number_text(-0.001, 2), QStringLiteral("0.00"));
        set_locale("de_DE");
        QCOMPARE(length_number(5.8234, Unit::mm), QStringLiteral("5,82"));
        QCOMPARE(length_number(1234.5, Unit::thou),
                 QStringLiteral("48602,4")); // no thousands marks: fields could not read them
        QCOMPARE(length_number(1.240625, Unit::sixty_fourths), QStringLiteral("3/64\n+ 2 thou"));
        QCOMPARE(length_with_unit(1.140625, Unit::sixty_fourths), QStringLiteral("3/64 - 2 thou"));
        QCOMPARE(length_with_unit(1.190625, Unit::sixty_fourths), QStringLiteral("3/64 in"));
        QCOMPARE(length_short(52.0, Unit::mm), QStringLiteral("52"));
        QCOMPARE(length_short(6.5, Unit::mm), QStringLiteral("6,5"));
        QCOMPARE(angle_text(8.57), QStringLiteral("8,6°"));
    }
    void what_a_field_shows_for_editing_reads_back_data() {
        QTest::addColumn<QString>("locale");
        QTest::newRow("English") << QStringLiteral("en_GB");
        QTest::newRow("German") << QStringLiteral("de_DE");
    }
    void what_a_field_shows_for_editing_reads_back() {
        QFETCH(QString, locale);
        QLocale::setDefault(QLocale(locale));
        for (const Unit unit : {Unit::mm, Unit::in, Unit::thou, Unit::sixty_fourths})
            for (const double mm : {0.3, 1.05, 4.8, 46.0, 25.4 * 3 / 64, 556.0, -2.5}) {
                ValueField field(QStringLiteral("k"), QStringLiteral("value"), FieldKind::length, nullptr);
                QSignalSpy committed(&field, &ValueField::committed);
                field.show();
                field.show_value(mm, unit);
                field.setFocus();
                QTest::keyClick(&field, Qt::Key_Return);
                QCOMPARE(committed.count(), 0); // looked at, not changed
                field.setText(length_for_edit(mm, unit));
                QTest::keyClick(&field, Qt::Key_Space); // typed in, so that it counts
                QTest::keyClick(&field, Qt::Key_Return);
                QCOMPARE(committed.count(), 1);
                QVERIFY2(std::abs(committed.front().front().toDouble() - mm) < 0.0021,
                         qPrintable(field.text()));
            }
    }
    void number_and_angle_fields() {
        ValueField share(QStringLiteral("k"), QStringLiteral("share"), FieldKind::number, nullptr);
        share.show();
        share.show_value(0.5, Unit::mm);
        QSignalSpy committed(&share, &ValueField::committed);
        QSignalSpy previewed(&share, &ValueField::previewed);
        share.setFocus();
        share.selectAll();
        QTest::keyClicks(&share, QStringLiteral("0,75"));
        QCOMPARE(previewed.back().front().toDouble(), 0.75);
        QTest::keyClick(&share, Qt::Key_Return);
        QCOMPARE(committed.back().front().toDouble(), 0.75);
        share.selectAll();
        QTest::keyClicks(&share, QStringLiteral("nan"));
        QTest::keyClick(&share, Qt::Key_Return);
        QCOMPARE(committed.count(), 1);
        QVERIFY(share.accessibleDescription().contains(QStringLiteral("a number is needed")));
        ValueField angle(QStringLiteral("k"), QStringLiteral("angle"), FieldKind::angle, nullptr);
        angle.show_value(12.0, Unit::mm);
        QCOMPARE(angle.text(), QStringLiteral("12.0°"));
        QCOMPARE(angle.accessibleName(), QStringLiteral("angle, degrees"));
        angle.show_value(std::nullopt, Unit::mm);
        QCOMPARE(angle.text(), QStringLiteral("–"));
    }
    void choices_wrap_and_tell_their_trade() {
        ChoiceRow row(QStringLiteral("School"),
                      {{QStringLiteral("one"), QStringLiteral("good here, bad there"), {}},
                       {QStringLiteral("two"), QStringLiteral("the other way"), QStringLiteral("K")}});
        row.show();
        row.set_chosen(1);
        QCOMPARE(row.chosen(), 1);
        const auto labels = row.findChildren<QLabel*>();
        QCOMPARE(labels.back()->text(), QStringLiteral("the other way"));
        const auto buttons = row.findChildren<QToolButton*>();
        QCOMPARE(buttons[1]->toolTip(), QStringLiteral("the other way (K)"));
        QSignalSpy picked(&row, &ChoiceRow::picked);
        QTest::mouseClick(buttons[0], Qt::LeftButton);
        QCOMPARE(picked.count(), 1);
        QWidget holder;
        FlowLayout flow(&holder);
        for (int i = 0; i < 6; ++i) {
            auto* item = new QWidget;
            item->setFixedSize(100, 30);
            flow.addWidget(item);
        }
        QCOMPARE(flow.heightForWidth(600), 30);
        QCOMPARE(flow.heightForWidth(310), 64); // two lines and the gap
        QCOMPARE(flow.heightForWidth(50), 6 * 30 + 5 * 4);
    }
    void every_text_is_translated_with_its_places() {
        QFile file(QStringLiteral(TRANSLATIONS "/fair-measure_de.ts"));
        QVERIFY(file.open(QIODevice::ReadOnly));
        QXmlStreamReader xml(&file);
        QString source;
        int count = 0;
        while (!xml.atEnd()) {
            xml.readNext();
            if (!xml.isStartElement()) continue;
            if (xml.name() == QLatin1String("source")) source = xml.readElementText();
            if (xml.name() != QLatin1String("translation")) continue;
            QVERIFY2(!xml.attributes().hasAttribute(QStringLiteral("type")), qPrintable(source));
            const QString text = xml.readElementText(QXmlStreamReader::IncludeChildElements);
            QVERIFY2(!text.trimmed().isEmpty(), qPrintable(source));
            if (!source.contains(QStringLiteral("%n"))) QCOMPARE(places_of(text), places_of(source));
            ++count;
        }
        QVERIFY(!xml.hasError() && count > 400);
        QTranslator german;
        Q_INIT_RESOURCE(translations);
        QVERIFY(german.load(QLocale(QStringLiteral("de")), QStringLiteral("fair-measure"),
                            QStringLiteral("_"), QStringLiteral(":/translations")));
        QCoreApplication::installTranslator(&german);
        set_locale("de_DE");
        const QString told =
            message_text({"number_out_of_range", Severity::error, "neck.scale_mm", {20.5, 200.0, 1200.0}});
        QCoreApplication::removeTranslator(&german);
        QCOMPARE(told, QStringLiteral("neck.scale_mm ist 20,5; erlaubt ist 200 bis 1200"));
    }
    void the_command_line_of_the_window() {
        const auto options = [](const char* words) {
            return start_options((QStringLiteral("fair-measure ") + QLatin1String(words))
                                     .split(QLatin1Char(' '), Qt::SkipEmptyParts));
        };
        const StartOptions asked = options("--demo --picture a.png --job teal --state fitted --string 3 "
                                           "--theme evening --size 1024x700 --language de");
        QVERIFY(asked.demo && asked.picture == QStringLiteral("a.png") &&
                asked.job == QStringLiteral("teal") && asked.string == 3);
        QVERIFY(asked.size == QSize(1024, 700) && asked.theme == QStringLiteral("evening") &&
                asked.language == QStringLiteral("de") && asked.fault.isEmpty());
        QVERIFY(options("--size 10x10").fault.contains(QStringLiteral("--size")));
        QVERIFY(options("--size wide").fault.contains(QStringLiteral("--size")));
        QVERIFY(options("--station attic").fault.contains(QStringLiteral("--station is attic")));
        QVERIFY(options("--state lost").fault.contains(QStringLiteral("--state is lost")));
        for (const char* wrong : {"--theme noon", "--language xx", "--string bass", "--string 0",
                                  "--string 15", "--workshop /nowhere/at/all"})
            QVERIFY2(
                options(wrong).fault.startsWith(QString::fromLatin1(wrong).section(QLatin1Char(' '), 0, 0)),
                wrong);
        QVERIFY(options("--language de_DE --theme day --string 14").fault.isEmpty());
        QCOMPARE(options("my.fmjob").job, QStringLiteral("my.fmjob"));
    }
    void a_picture_is_drawn_and_nothing_is_left_behind() {
        const QTemporaryDir out;
        StartOptions options;
        options.picture = out.filePath(QStringLiteral("p.png"));
        options.job = QStringLiteral("kittiwake");
        options.state = QStringLiteral("found");
        QCOMPARE(take_picture(options), 0);
        QCOMPARE(QImage(options.picture).size(), QSize(1280, 800));
        options.picture = out.filePath(QStringLiteral("no/p.png"));
        QCOMPARE(take_picture(options), 3);
        // Never a picture of something else than was asked for.
        options.picture = out.filePath(QStringLiteral("q.png"));
        options.string = 5; // it has four
        QCOMPARE(take_picture(options), 2);
        options.string = 0;
        options.job = QStringLiteral("nobody's");
        QCOMPARE(take_picture(options), 2);
        QVERIFY(!QFile::exists(options.picture));
    }
    /// Asked of the program itself: neither a person's settings nor what the next picture shows change.
    void a_picture_leaves_no_trace() {
        const QTemporaryDir out;
        QProcessEnvironment environment = QProcessEnvironment::systemEnvironment();
        for (const char* place : {"XDG_CONFIG_HOME", "XDG_DATA_HOME", "XDG_CACHE_HOME", "HOME"})
            environment.insert(QLatin1String(place), out.filePath(QStringLiteral("home")));
        QDir().mkpath(out.filePath(QStringLiteral("home")));
        const auto picture = [&](const char* name, const QStringList& more) {
            QProcess process;
            process.setProcessEnvironment(environment);
            process.start(test::program("fair-measure"),
                          QStringList{QStringLiteral("--demo"), QStringLiteral("--picture"),
                                      out.filePath(QLatin1String(name))} +
                              more);
            process.waitForFinished(60000);
            return test::file_bytes(out.filePath(QLatin1String(name)));
        };
        const QByteArray first = picture("1.png", {QStringLiteral("--job"), QStringLiteral("kittiwake")});
        QVERIFY(!first.isEmpty());
        picture("2.png", {QStringLiteral("--job"), QStringLiteral("teal"), QStringLiteral("--theme"),
                          QStringLiteral("evening"), QStringLiteral("--station"), QStringLiteral("bridge")});
        QCOMPARE(picture("3.png", {QStringLiteral("--job"), QStringLiteral("kittiwake")}), first);
        QStringList settings;
        for (QDirIterator at(out.filePath(QStringLiteral("home")), QDir::Files | QDir::Hidden,
                             QDirIterator::Subdirectories);
             at.hasNext();)
            settings << at.next();
        settings.removeIf([](const QString& file) {
            return file.contains(QStringLiteral("fontconfig")) || file.contains(QStringLiteral("mesa"));
        });
        QVERIFY2(settings.isEmpty(), qPrintable(settings.join(QLatin1Char(' '))));
    }

private:
    QString path(const char* name) {
        return QDir(dir_->path()).filePath(QLatin1String(name) + QStringLiteral(".fmjob"));
    }

    std::unique_ptr<QTemporaryDir> dir_;
    std::unique_ptr<Session> session_;
};

QTEST_MAIN(TestSession)
#include "tst_session.moc"
