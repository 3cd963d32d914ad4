#include "ui/look/off_thread.h"

#include <QSemaphore>
#include <QTest>

using namespace fm;

class TestOffThread : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void initTestCase() { QThreadPool::globalInstance()->setMaxThreadCount(1); }

    void the_newest_question_is_answered() {
        OffThread away(this);
        QList<int> answers;
        for (int i = 0; i < 50; ++i)
            away.ask([i](const std::atomic<bool>&) { return i; },
                     [&answers](int answer) { answers << answer; });
        QTRY_VERIFY(!away.is_working());
        QCOMPARE(answers.back(), 49);
        QVERIFY(std::is_sorted(answers.begin(), answers.end()));
    }

    /// While every thread is busy a thousand questions are not a thousand states that are kept.
    void what_nobody_wants_any_more_is_let_go() {
        QSemaphore busy;
        QThreadPool::globalInstance()->start([&busy] { busy.acquire(); });
        const auto state = std::make_shared<int>(7);
        OffThread away(this);
        int answered = 0;
        for (int i = 0; i < 1000; ++i)
            away.ask([state](const std::atomic<bool>&) { return *state; },
                     [&answered](int answer) { answered += answer; });
        QVERIFY(state.use_count() <= 3);
        away.stop();
        QCOMPARE(state.use_count(), 1L);
        away.ask([state](const std::atomic<bool>&) { return *state; },
                 [&answered](int answer) { answered += answer; });
        busy.release();
        QTRY_VERIFY(!away.is_working());
        QCOMPARE(answered, 7);
        QTRY_COMPARE(state.use_count(), 1L);
    }

    void an_owner_that_has_gone_is_not_told() {
        QSemaphore busy;
        QThreadPool::globalInstance()->start([&busy] { busy.acquire(); });
        int answered = 0;
        {
            QObject owner;
            OffThread away(&owner);
            away.ask([](const std::atomic<bool>&) { return 1; }, [&answered](int) { ++answered; });
        }
        busy.release();
        QVERIFY(QThreadPool::globalInstance()->waitForDone(5000));
        QApplication::processEvents();
        QCOMPARE(answered, 0);
    }

    /// Work that ends after it was called off tells the application nothing: that may be going, too.
    void what_is_called_off_at_its_work_is_not_told() {
        QSemaphore begun;
        QSemaphore busy;
        Told told;
        qApp->installEventFilter(&told);
        {
            OffThread away(this);
            away.ask(
                [&](const std::atomic<bool>&) {
                    begun.release();
                    busy.acquire();
                    return 1;
                },
                [](int) {});
            begun.acquire();
        }
        busy.release();
        QVERIFY(QThreadPool::globalInstance()->waitForDone(5000));
        QApplication::processEvents();
        QCOMPARE(told.calls, 0);
    }

private:
    class Told : public QObject {
    public:
        int calls = 0;
        bool eventFilter(QObject* at, QEvent* event) override {
            if (at == qApp && event->type() == QEvent::MetaCall) ++calls;
            return false;
        }
    };
};

QTEST_MAIN(TestOffThread)
#include "tst_off_thread.moc"
