#include "workshop/workshop.h"

#include "common/jobs.h"
#include "job/document/json.h"

#include <QDir>
#include <QTemporaryDir>
#include <QTest>

using namespace fm;

class TestWorkshop : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void the_demo_is_copied_and_never_written_over() {
        const QTemporaryDir dir;
        const QString folder = dir.filePath(QStringLiteral("shop"));
        copy_demo_workshop(folder);
        const Workshop shop(folder);
        QCOMPARE(shop.name(), QStringLiteral("Saltmarsh Row Instruments"));
        QCOMPARE(shop.jobs().size(), 5);
        QVERIFY(shop.tools().nut_files_mm.size() > 10 && shop.tools().feelers_mm.size() > 8);
        QCOMPARE(shop.string_sets().size(), std::size_t(2));
        QCOMPARE(shop.string_sets()[0].strings.array()->size(), std::size_t(4));
        const QString mine = QDir(folder).filePath(QStringLiteral("curlew.fmjob"));
        QFile file(mine);
        QVERIFY(file.open(QIODevice::WriteOnly | QIODevice::Truncate) && file.write("mine") == 4);
        file.close();
        copy_demo_workshop(folder);
        QCOMPARE(test::file_bytes(mine), QByteArray("mine"));
    }
    void a_folder_without_a_file_is_an_empty_shop() {
        const QTemporaryDir dir;
        const Workshop shop(dir.path());
        QVERIFY(shop.name().isEmpty() && shop.jobs().isEmpty() && shop.tools().nut_files_mm.empty());
    }
    void a_shop_has_kinds_of_its_own() {
        const QTemporaryDir dir;
        Value job = with(test::demo_document("kittiwake"), "neck.scale_mm", 590.0);
        Value shop = parse_json(R"({"format": "fair-measure-workshop", "kinds": [{"name": "Ours"}]})");
        shop = with(shop, "kinds[0].job", job);
        QFile file(dir.filePath(QStringLiteral("workshop.json")));
        QVERIFY(file.open(QIODevice::WriteOnly));
        file.write(QByteArray::fromStdString(written_json(shop)));
        file.close();
        const Workshop workshop(dir.path());
        QVERIFY2(workshop.faults().empty(),
                 english(workshop.faults().empty() ? Message{} : workshop.faults().front()).c_str());
        QCOMPARE(workshop.kinds().size(), std::size_t(1));
        const Value begun = job_of_kind(workshop.kinds()[0], "Begun");
        const Job made = test::job_of(begun);
        QCOMPARE(made.design.neck.scale_bass_mm, 590.0);
        QCOMPARE(made.title, std::string("Begun"));
        QVERIFY(made.readings.empty() && made.owner.empty()); // the instrument alone
        QVERIFY(!find(begun, "neck.relief"));
        QVERIFY(!made.design.assumed.empty());
    }
    void a_jobs_own_tools_win() {
        const QTemporaryDir dir;
        copy_demo_workshop(dir.path());
        const Workshop shop(dir.path());
        const Value document = test::demo_document("curlew");
        QCOMPARE(tools_of(test::job_of(document), shop).nut_files_mm.size(),
                 shop.tools().nut_files_mm.size());
        const Job own = test::job_of(with(document, "tools.nut_files_mm", Value::Array{0.5}));
        QCOMPARE(tools_of(own, shop).nut_files_mm, std::vector<double>{0.5});
    }
    void what_is_wrong_is_named_and_the_rest_holds_data() {
        QTest::addColumn<QByteArray>("text");
        QTest::addColumn<QString>("says"); // after the file's path
        const auto row = [](const char* name, const QByteArray& inside, const char* says) {
            QTest::newRow(name) << R"({"format": "fair-measure-workshop", )" + inside + "}" << says;
        };
        QTest::newRow("broken off") << QByteArray("{") << "ends too early";
        QTest::newRow("a list") << QByteArray("[]") << "format is missing";
        QTest::newRow("foreign") << QByteArray(R"({"format": "fair-measure-job", "name": "x"})")
                                 << "format is";
        row("newer", R"("version": 2, "name": "Ours", "shims_mm": [0.2])", "version is 2");
        row("a set without strings", R"("string_sets": [{"name": "a"}])",
            "string_sets[0].strings is missing");
        row("a set of fifteen",
            R"("string_sets": [{"name": "a", "strings": [)" + QByteArray("{},").repeated(14) + "{}]}]",
            "string_sets[0].strings has 15");
        row("a kind without a name", R"("kinds": [{"job": {}}])", "kinds[0].name is missing");
        row("a kind without a job", R"("kinds": [{"name": "a"}])", "kinds[0].job is missing");
        row("a kind that is none", R"("kinds": [{"name": "a", "job": {"neck": {"frets": 3}}}])",
            "kinds[0].job is no job to begin from: neck.frets");
        row("a file as a word", R"("nut_files_mm": [0.3, "0.5"])", "nut_files_mm[1] is \"0.5\"");
        row("too many leaves", R"("feelers_mm": [)" + QByteArray("0.1,").repeated(60) + "0.1]",
            "feelers_mm has 61");
        row("a bench that is a number", R"("bench": 5)", "bench is 5");
        row("hands that are a list", R"("bench": {"hands": []})", "bench.hands is");
        row("a printer like no other", R"("printers": [{"name": "p", "bar_x_mm": 1, "bar_y_mm": 150}])",
            "printers[0].bar_x_mm is 1");
        row("printers that are none", R"("printers": {"p": 1})", "printers is");
        row("a price below nothing", R"("rate_per_hour": -1, "currency": "c")", "rate_per_hour is -1");
    }
    void what_is_wrong_is_named_and_the_rest_holds() {
        QFETCH(QByteArray, text);
        QFETCH(QString, says);
        const QTemporaryDir dir;
        const QString path = dir.filePath(QStringLiteral("workshop.json"));
        QFile file(path);
        QVERIFY(file.open(QIODevice::WriteOnly) && file.write(text) == text.size());
        file.close();
        const Workshop shop(dir.path());
        QVERIFY(!shop.faults().empty());
        const std::string first = shop.faults().front().where + " " + english(shop.faults().front());
        QVERIFY2(QString::fromStdString(first).contains(path), first.c_str());
        QVERIFY2(QString::fromStdString(first).contains(says), first.c_str());
        // Nothing is taken in part.
        QVERIFY(shop.tools().nut_files_mm.empty() && shop.tools().feelers_mm.empty());
        QVERIFY(shop.printers().empty() && shop.string_sets().empty() && !shop.tables().priced());
        // And nothing is written into it.
        QVERIFY_EXCEPTION_THROWN(keep_bench(dir.path(), {}), InputError);
        QVERIFY_EXCEPTION_THROWN(keep_printer(dir.path(), {"bench", 150, 150}), InputError);
        QCOMPARE(test::file_bytes(path), text);
    }
    void a_fault_spoils_only_its_own_part() {
        const QTemporaryDir dir;
        copy_demo_workshop(dir.path());
        const QString path = dir.filePath(QStringLiteral("workshop.json"));
        const Value sound = test::document_of(path);
        const Workshop before(dir.path());
        for (const auto& [key, value] : {std::pair<const char*, Value>{"bench", 5},
                                         {"printers", Value::Array{Value(5)}},
                                         {"feelers_mm", Value::Array{Value("x")}},
                                         {"version", 2},
                                         {"blanks", Value::Array{Value(5)}}}) {
            QFile file(path);
            QVERIFY(file.open(QIODevice::WriteOnly));
            file.write(QByteArray::fromStdString(written_json(with(sound, key, value))));
            file.close();
            const Workshop shop(dir.path());
            QVERIFY(!shop.faults().empty());
            QVERIFY(!shop.faults_of({key}).empty() && shop.faults_of({"nut_files_mm"}).empty());
            QCOMPARE(shop.tools().nut_files_mm, before.tools().nut_files_mm);
            QCOMPARE(shop.string_sets().size(), before.string_sets().size());
            QCOMPARE(shop.tables().priced(), std::string(key) != "blanks");
            QCOMPARE(shop.name(), before.name());
        }
    }
    void without_a_folder_nothing_is_written_anywhere() {
        const QTemporaryDir dir;
        const QString here = QDir::currentPath();
        QDir::setCurrent(dir.path());
        QFile file(QStringLiteral("workshop.json"));
        QVERIFY(file.open(QIODevice::WriteOnly) && file.write("{}") == 2);
        file.close();
        QVERIFY(Workshop(QString()).faults().empty()); // not that of the current folder
        QVERIFY_EXCEPTION_THROWN(keep_bench({}, {}), InputError);
        QVERIFY_EXCEPTION_THROWN(keep_printer({}, {"bench", 150, 150}), InputError);
        QCOMPARE(test::file_bytes(dir.filePath(QStringLiteral("workshop.json"))), QByteArray("{}"));
        QDir::setCurrent(here);
    }
};

QTEST_GUILESS_MAIN(TestWorkshop)
#include "tst_workshop.moc"
