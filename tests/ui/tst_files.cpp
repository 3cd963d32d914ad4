// New jobs and other names: nothing that is there is lost.
#include "common/hands.h"
#include "common/jobs.h"
#include "job/document/job_file.h"

#include <QAbstractButton>
#include <QDialog>
#include <QMessageBox>
#include <QPointer>
#include <QTimer>

using namespace fm;
using namespace fm::test;

class TestFiles : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void initTestCase() {
        prepare_application("fair-measure-files-test");
        QCoreApplication::setAttribute(Qt::AA_DontUseNativeDialogs);
    }
    void init() { window_.again("kittiwake"); }

    void another_name_that_is_there_is_asked_about() {
        const QByteArray teal = file_bytes(window_.path("teal.fmjob"));
        // Without its ending, as people type; then thought better of.
        answer({{"teal", Qt::Key_Return}, {"", Qt::Key_Escape}, {"", Qt::Key_Escape}});
        press(Qt::Key_S, Qt::ControlModifier | Qt::ShiftModifier);
        QCOMPARE(asked_, QStringLiteral("teal.fmjob is there already."));
        QCOMPARE(file_bytes(window_.path("teal.fmjob")), teal);
        QVERIFY(window_->session().path().endsWith(QStringLiteral("kittiwake.fmjob")));
        // Put aside: the new one stands there, the old one beside it.
        answer({{"teal", Qt::Key_Return}, {"Put it aside", Qt::Key_unknown}});
        press(Qt::Key_S, Qt::ControlModifier | Qt::ShiftModifier);
        QVERIFY2(window_->session().path().endsWith(QStringLiteral("teal.fmjob")),
                 qPrintable(asked_ + window_->notice()));
        QCOMPARE(document_of(window_.path("teal.fmjob")).member("title")->text()->substr(0, 9),
                 std::string("Kittiwake"));
        const QStringList aside = QDir(QFileInfo(window_.path("teal.fmjob")).path())
                                      .entryList({QStringLiteral("teal before *.fmjob")});
        QCOMPARE(aside.size(), 1);
        QCOMPARE(file_bytes(QFileInfo(window_.path("teal.fmjob")).path() + QLatin1Char('/') + aside[0]),
                 teal);
    }

    void created_means_not_there_before() {
        const QTemporaryDir dir;
        const QString path = dir.filePath(QStringLiteral("a.fmjob"));
        create_file(path, "one");
        QVERIFY_EXCEPTION_THROWN(create_file(path, "two"), InputError);
        QCOMPARE(file_bytes(path), QByteArray("one"));
        QStringList names{put_aside(path)};
        create_file(path, "two");
        names << put_aside(path);
        QVERIFY(names[0] != names[1]); // within the same second, too
        QCOMPARE(file_bytes(names[0]), QByteArray("one"));
        QCOMPARE(file_bytes(names[1]), QByteArray("two"));
        // A link that leads nowhere is there, too.
        QVERIFY(QFile::link(dir.filePath(QStringLiteral("nowhere")), path));
        QVERIFY_EXCEPTION_THROWN(create_file(path, "three"), InputError);
    }

private:
    struct Answer {
        const char* words; ///< typed into the name, or the button that is pressed
        Qt::Key key;
    };
    /// What a person does with the dialogs that will come, one after the other.
    void answer(const std::vector<Answer>& answers) {
        answers_ = answers;
        asked_.clear();
        QTimer::singleShot(0, this, &TestFiles::next_dialog);
    }
    void next_dialog() {
        if (answers_.empty()) return;
        QWidget* dialog = QApplication::activeModalWidget();
        if (!dialog || dialog == answered_) {
            QTimer::singleShot(10, this, &TestFiles::next_dialog);
            return;
        }
        answered_ = dialog;
        const Answer now = answers_.front();
        answers_.erase(answers_.begin());
        QTimer::singleShot(10, this, &TestFiles::next_dialog);
        if (auto* question = qobject_cast<QMessageBox*>(dialog)) {
            asked_ = question->text();
            for (QAbstractButton* button : question->buttons())
                if (button->text() == QLatin1String(now.words))
                    return QTest::mouseClick(button, Qt::LeftButton);
            return QTest::keyClick(question, now.key);
        }
        if (auto* name = dialog->findChild<QLineEdit*>(QStringLiteral("fileNameEdit")); name && *now.words) {
            name->setFocus();
            name->selectAll();
            QTest::keyClicks(name, QLatin1String(now.words));
            QTest::keyClick(name, now.key);
            return;
        }
        QTest::keyClick(dialog, now.key);
    }
    void press(Qt::Key key, Qt::KeyboardModifiers modifiers) {
        window_->activateWindow(); // the dialog before had taken that
        QVERIFY(QTest::qWaitForWindowActive(&window_.window()));
        window_.press(key, modifiers);
    }

    std::vector<Answer> answers_;
    QPointer<QWidget> answered_;
    QString asked_;
    WindowOnDemo window_;
};

QTEST_MAIN(TestFiles)
#include "tst_files.moc"
