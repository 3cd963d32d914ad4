#include "common/jobs.h"
#include "job/document/change.h"
#include "job/document/json.h"

#include <QtTest>

#include <random>

using namespace fm;
using namespace fm::test;

/// A step of the undo list leads from one document to the next and back, to the last byte.
class TestChange : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void leads_there_and_back_data() {
        QTest::addColumn<QString>("before");
        QTest::addColumn<QString>("after");
        const auto row = [](const char* name, const char* before, const char* after) {
            QTest::newRow(name) << QString::fromLatin1(before) << QString::fromLatin1(after);
        };
        row("nothing", R"({"a": 1})", R"({"a": 1})");
        row("a value", R"({"a": 1, "b": 2})", R"({"a": 1, "b": 3})");
        row("whole for broken", R"({"a": 1})", R"({"a": 1.0})");
        row("a key more", R"({"a": 1})", R"({"a": 1, "b": {"c": []}})");
        row("a key less, from the middle", R"({"a": 1, "b": 2, "c": 3})", R"({"a": 1, "c": 4})");
        row("another order", R"({"a": 1, "b": {"x": 1, "y": 2}})", R"({"b": {"y": 2, "x": 1}, "a": 1})");
        row("an item more", R"({"a": [1, 2]})", R"({"a": [1, 2, 3, 4]})");
        row("an item less, another changed", R"({"a": [1, {"b": 2}, 3]})", R"({"a": [1, {"b": 5}]})");
        row("an item in between", R"({"a": [1, 2]})", R"({"a": [1, 9, 2]})");
        row("emptied", R"({"a": [1, 2]})", R"({"a": []})");
        row("another kind", R"({"a": [1, 2]})", R"({"a": {"b": 1}})");
        row("all of it", R"([1])", R"("text")");
    }
    void leads_there_and_back() {
        QFETCH(QString, before);
        QFETCH(QString, after);
        check(parse_json(before.toStdString()), parse_json(after.toStdString()));
    }

    /// Two thousand random edits of a job of the demo workshop, each undone and made again, then all of them
    /// undone.
    void random_edits_of_a_job() {
        std::mt19937 random(7);
        const Value opened = demo_document("kittiwake");
        Value document = opened;
        std::vector<DocumentChange> changes;
        for (int step = 0; step < 2000; ++step) {
            const Value next = edited(document, random);
            check(document, next);
            changes.emplace_back(document, next);
            document = next;
        }
        for (auto change = changes.rbegin(); change != changes.rend(); ++change)
            document = change->unmade(document);
        QCOMPARE(QString::fromStdString(written_json(document)),
                 QString::fromStdString(written_json(opened)));
    }

    /// What did not change is the same value still, not a copy.
    void the_rest_is_shared() {
        const Value before = demo_document("curlew");
        const Value after = with(before, "title", "other");
        const DocumentChange change(before, after);
        QVERIFY(find(change.made(before), "strings")->array() == find(before, "strings")->array());
        QVERIFY(find(change.unmade(after), "strings")->array() == find(before, "strings")->array());
    }

private:
    static void check(const Value& before, const Value& after) {
        const DocumentChange change(before, after);
        QCOMPARE(QString::fromStdString(written_json(change.made(before))),
                 QString::fromStdString(written_json(after)));
        QCOMPARE(QString::fromStdString(written_json(change.unmade(after))),
                 QString::fromStdString(written_json(before)));
    }

    static Value edited(const Value& document, std::mt19937& random) {
        const auto roll = [&random](int below) {
            return static_cast<int>(random() % static_cast<unsigned>(below));
        };
        const std::string string = "strings[" + std::to_string(roll(4)) + "]";
        switch (roll(8)) {
        case 0: return with(document, string + ".diameter_mm", 0.3 + 0.01 * roll(90));
        case 1: return with(document, "notes.n" + std::to_string(roll(5)), roll(100));
        case 2: return without(document, "notes.n" + std::to_string(roll(5)));
        case 3: {
            const Value* readings = find(document, "readings");
            if (!readings) return with(document, "readings", Value::Array{});
            return with(document, "readings[" + std::to_string(readings->array()->size()) + "]",
                        with(Value(Value::Object{}), "state", "during"));
        }
        case 4: {
            Value changed = document;
            if (const Value* readings = find(document, "readings"); readings && !readings->array()->empty()) {
                Value::Array shorter = *readings->array();
                shorter.erase(shorter.begin() + roll(static_cast<int>(shorter.size())));
                changed = with(document, "readings", shorter);
            }
            return changed;
        }
        case 5: {
            Value::Object turned = *document.object();
            std::rotate(turned.begin(), turned.begin() + roll(static_cast<int>(turned.size())), turned.end());
            return turned;
        }
        case 6: return with(document, "title", "title " + std::to_string(roll(50)));
        default: return with(document, "nut.height.bass_mm", 0.01 * roll(90));
        }
    }
};

QTEST_APPLESS_MAIN(TestChange)
#include "tst_change.moc"
