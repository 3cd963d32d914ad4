#include "common/jobs.h"
#include "core/design/fields.h"
#include "core/design/inputs.h"

#include <QFile>
#include <QTest>

#include <cmath>
#include <set>

using namespace fm;
using namespace fm::test;

namespace {

QString plain(double value) {
    return QString::number(value, 'g', 6);
}

/// What the program takes where the file says nothing.
QString usual(const Field& field) {
    Design design;
    design.bridge.emplace();
    design.strings.emplace_back();
    design.nut.zero_fret.emplace();
    if (field.required) return QStringLiteral("to be given");
    const auto value = field.get(design, 0);
    return value ? plain(*value) : QStringLiteral("none");
}

QString read_with(const Field& field) {
    const Sureness& sure = field.sure;
    if (!sure.gauge.empty()) return QString::fromStdString(std::string(sure.gauge));
    if (sure.off > 0) return QStringLiteral("judged, ± %1").arg(plain(sure.off));
    if (sure.share > 0) return QStringLiteral("judged, ± %1 %").arg(plain(100 * sure.share));
    return {};
}

/// docs/fields.md as the rows say it.
QString table() {
    QString text = QStringLiteral(
        "# Every number of a job file\n\nMade from the rows of `src/core/design/fields.cpp`: what is "
        "allowed, what is taken where the file says nothing, and what it is usually read with "
        "(`uncertainty` in the file says otherwise).\n\n"
        "| key | allowed | where not given | read with |\n|---|---|---|---|\n");
    for (const Field& field : fields())
        text += QStringLiteral("| `%1` | %2 … %3 | %4 | %5 |\n")
                    .arg(QString::fromStdString(std::string(field.key)), plain(field.least),
                         plain(field.most), usual(field), read_with(field));
    return text;
}

} // namespace

/// The rows of fields(): what the reader, the window and the uncertainty go by.
class TestFields : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void every_key_stands_once() {
        std::set<std::string_view> seen;
        for (const Field& field : fields()) {
            QVERIFY2(seen.insert(field.key).second, field.key.data());
            QVERIFY2(field.least < field.most, field.key.data());
            QVERIFY2(!field.sure.measured() || !field.name.empty(), field.key.data());
            QVERIFY2(field.sure.gauge.empty() || gauge_of_word(field.sure.gauge), field.key.data());
        }
    }
    /// In some job each has a place; what is written there is read, up to its limits, and no further.
    void limits_are_held_by_the_reader() {
        std::set<std::string_view> tried;
        std::vector<Value> documents;
        for (const char* name : {"curlew", "lantern", "kittiwake", "groundswell", "teal"})
            documents.push_back(demo_document(name));
        for (unsigned seed = 0; seed < 300; ++seed) documents.push_back(RandomJob(seed).document());
        for (const Value& document : documents) {
            const Design design = job_of(document).design;
            for (const Field& field : fields()) {
                const std::string key = field.key_of(0);
                const Value* written = find(document, key);
                if (!written || !written->is_number()) continue;
                const auto value = field.get(design, 0);
                QVERIFY2(value && std::abs(*value - written->number()) < 1e-12, key.c_str());
                tried.insert(field.key);
                for (const double beyond : {field.least - 1e-3, field.most * (1 + 1e-9) + 1e-3}) {
                    const JobResult result = read_job(with(document, key, beyond));
                    QVERIFY2(!result.job && result.problems.front().where == key,
                             qPrintable(QString::fromStdString(key) + QLatin1Char(' ') + plain(beyond)));
                }
            }
        }
        QVERIFY2(tried.size() > 60, qPrintable(QString::number(tried.size())));
    }
    /// Setting says what getting gets, and moves nothing else.
    void a_row_moves_its_own_number() {
        for (unsigned seed = 0; seed < 40; ++seed) {
            const Design design = job_of(RandomJob(seed).document()).design;
            for (const Field& field : fields()) {
                const auto before = field.get(design, 0);
                if (!before) continue;
                Design moved = design;
                field.set(moved, 0, *before + 0.25);
                const auto after = field.get(moved, 0);
                QVERIFY2(after && std::abs(*after - *before - 0.25) < 1e-9, field.key.data());
                for (const Field& other : fields()) {
                    if (&other == &field || other.get(design, 0) == other.get(moved, 0)) continue;
                    const std::string both = std::string(field.key) + " moves " + std::string(other.key);
                    QVERIFY2(field.key.starts_with("neck.scale") || other.key.starts_with("neck.scale"),
                             both.c_str()); // one scale or two, whichever differ
                }
            }
        }
    }
    /// After a change of a row: FAIR_MEASURE_WRITE=1 build/tests/tst_fields writes the table anew.
    void the_table_in_the_documentation_is_theirs() {
        QFile file(QStringLiteral(DOCS "/fields.md"));
        if (qEnvironmentVariableIsSet("FAIR_MEASURE_WRITE")) {
            QVERIFY(file.open(QIODevice::WriteOnly));
            file.write(table().toUtf8());
            return;
        }
        QVERIFY(file.open(QIODevice::ReadOnly));
        QCOMPARE(QString::fromUtf8(file.readAll()), table());
    }
};

QTEST_APPLESS_MAIN(TestFields)
#include "tst_fields.moc"
