#include "workshop/workshop.h"

#include "common/jobs.h"

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
    void a_bad_file_is_named() {
        for (const auto& [text, says] :
             {std::pair{"{", "ends too early"}, std::pair{"[]", "format is missing"},
              std::pair{"{\"format\": \"fair-measure-workshop\", \"string_sets\": [{\"name\": \"a\"}]}",
                        "string_sets[0].strings is missing"},
              std::pair{"{\"format\": \"fair-measure-job\"}", "format is"},
              std::pair{"{\"format\": \"fair-measure-workshop\", \"version\": 2}", "version is 2"}}) {
            const QTemporaryDir dir;
            QFile file(dir.filePath(QStringLiteral("workshop.json")));
            QVERIFY(file.open(QIODevice::WriteOnly));
            file.write(text);
            file.close();
            try {
                const Workshop shop(dir.path());
                QFAIL("was taken");
            } catch (const InputError& error) {
                QVERIFY2(QString::fromUtf8(error.what()).contains(QLatin1String(says)), error.what());
            }
        }
    }
};

QTEST_GUILESS_MAIN(TestWorkshop)
#include "tst_workshop.moc"
