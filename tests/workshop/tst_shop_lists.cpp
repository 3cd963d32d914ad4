#include "core/design/assumed.h"
#include "job/edits/assumed_edits.h"
#include "workshop/shop_lists.h"
#include "workshop/workshop.h"

#include <QTemporaryDir>
#include <QtTest>

using namespace fm;

/// The shop's own lists: what is kept, what is refused, tables in and out.
class TestShopLists : public QObject {
    Q_OBJECT
private Q_SLOTS:
    /// The usual set of every list is one the reader takes, and comes back from its CSV.
    void usual_sets_are_sound() {
        for (const ShopList& list : shop_lists()) {
            const Value::Array usual = *usual_rows(list).array();
            if (usual.empty()) continue;
            const Value document = with_shop_rows(empty(), list, usual);
            QVERIFY2(shop_faults(document).empty(), list.name);
            QVERIFY(Value(shop_rows(document, list)) == Value(usual));
            QVERIFY(Value(rows_of_csv(list, csv_of(list, usual), {})) == Value(usual));
            QVERIFY(find(document, "usual"));
            QVERIFY(!find(with_shop_rows(document, list, usual), "usual")); // said to be the shop's own
        }
    }

    /// What the demo workshop holds goes through every list and its CSV unchanged.
    void the_demo_shop_comes_back() {
        const QTemporaryDir dir;
        copy_demo_workshop(dir.path());
        const Value document = shop_document(dir.path());
        for (const ShopList& list : shop_lists()) {
            const Value::Array rows = shop_rows(document, list);
            const Value again = with_shop_rows(document, list, rows);
            QVERIFY2(Value(shop_rows(again, list)) == Value(rows), list.name);
            QVERIFY(shop_faults(again).empty());
            const bool plain = list.values.empty() && list.key != "string_sets";
            if (plain && !rows.empty())
                QVERIFY2(csv_of(list, rows_of_csv(list, csv_of(list, rows), {})) == csv_of(list, rows),
                         list.name);
        }
    }

    void an_unfinished_row_is_not_kept() {
        const ShopList& blanks = list_of("blanks");
        Value row = with(Value(Value::Object{}), "name", "bone, narrow");
        row = with(row, "length_mm", 52.0);
        QVERIFY(!is_whole(blanks, row));
        QVERIFY(!find(with_shop_rows(empty(), blanks, {row}), "blanks"));
        row = with(with(row, "height_mm", 9.0), "thickness_mm", 5.0);
        QVERIFY(is_whole(blanks, row));
        QVERIFY(shop_faults(with_shop_rows(empty(), blanks, {row})).empty());
    }

    void a_name_stands_beside_its_width() {
        const ShopList& files = list_of("nut_files_mm");
        Value named = with(with(Value(Value::Object{}), "mm", 0.41), "name", "fine");
        const Value document = with_shop_rows(empty(), files, {Value(0.66), named});
        QVERIFY(*find(document, "nut_files_mm") == Value(Value::Array{Value(0.41), Value(0.66)}));
        QVERIFY(shop_faults(document).empty());
        QVERIFY(Value(shop_rows(document, files)) == Value(Value::Array{named, Value(0.66)}));
        QCOMPARE(csv_of(files, shop_rows(document, files)),
                 std::string("nut_files_mm,name\n0.41,fine\n0.66,\n"));
        QVERIFY(Value(rows_of_csv(files, "0.41,fine\n0.66\n", {})) ==
                Value(Value::Array{named, Value(0.66)}));
        QVERIFY(!find(with_shop_rows(document, files, {Value(0.41)}), "nut_file_names"));
        QVERIFY(!is_whole(files, with(Value(Value::Object{}), "name", "fine")));
        const Value wrong = with(document, "nut_file_names[0].mm", 41.0);
        QVERIFY(!shop_faults(wrong).empty());
    }

    /// Heights for a kind win over those for all of the same name.
    void heights_are_those_of_the_kind() {
        const std::vector<ShopHeights> all{{"low", "", {}, {}},
                                           {"high", "", {}, {}},
                                           {"low", "nylon", {}, {}},
                                           {"low", "bass", {}, {}},
                                           {"slide", "Six Steel", {}, {}}};
        const auto names = [&all](const char* kind) {
            std::string said;
            for (const ShopHeights& each : heights_for(all, kind)) said += each.name + each.kind + ' ';
            return said;
        };
        QCOMPARE(names(""), std::string("low high lownylon lowbass slideSix Steel "));
        QCOMPARE(names("nylon_six"), std::string("high lownylon "));
        QCOMPARE(names("bass_five"), std::string("high lowbass "));
        QCOMPARE(names("steel_six"), std::string("low high slideSix Steel "));
        QCOMPARE(names("one of ours"), std::string("low high "));
    }

    /// Of another kind: what was measured and read stays, what was assumed is the kind's.
    void a_job_becomes_another_kind() {
        const auto kind = [](const char* word) {
            for (const InstrumentKind& each : shipped_kinds())
                if (each.word == word) return each;
            return InstrumentKind{};
        };
        Value job = job_of_kind(kind("steel_six"), "mine");
        job = with_confirmed(with(job, "neck.scale_mm", 633.0), "neck.scale_mm");
        job = with(job, "owner", "somebody");
        const Value other = with_kind(job, kind("nylon_six"));
        const auto read = read_job(other);
        QVERIFY(read.job);
        QCOMPARE(read.job->design.neck.scale_bass_mm, 633.0);
        QVERIFY(!is_assumed(read.job->design, "neck.scale_mm"));
        QVERIFY(is_assumed(read.job->design, "neck.nut_width_mm"));
        QCOMPARE(read.job->design.neck.nut_width_mm,
                 find(kind("nylon_six").job, "neck.nut_width_mm")->number());
        QCOMPARE(read.job->kind, std::string("nylon_six"));
        QCOMPARE(read.job->owner, std::string("somebody"));
        // There and back nothing is lost of what was measured.
        const Value back = with_kind(other, kind("steel_six"));
        QCOMPARE(find(back, "neck.scale_mm")->number(), 633.0);
        // Another number of strings: only while nothing of the strings was measured or read.
        QCOMPARE(read_job(with_kind(job, kind("bass_four"))).job->design.strings.size(), std::size_t(4));
        const Value measured = with_confirmed(job, "strings[0].diameter_mm");
        QVERIFY_EXCEPTION_THROWN((void)with_kind(measured, kind("bass_four")), InputError);
        const Value seen =
            with(job, "readings", Value::Array{with(Value(Value::Object{}), "state", "found")});
        QVERIFY_EXCEPTION_THROWN((void)with_kind(seen, kind("bass_four")), InputError);
        for (const InstrumentKind& from : shipped_kinds())
            for (const InstrumentKind& to : shipped_kinds())
                QVERIFY2(read_job(with_kind(job_of_kind(from, "x"), to)).job, to.name.c_str());
    }

    void lengths_stand_in_order_without_doubles() {
        const ShopList& files = list_of("nut_files_mm");
        const Value document = with_shop_rows(empty(), files, {Value(0.66), Value(0.41), Value(0.66)});
        const Value::Array expected{Value(0.41), Value(0.66)};
        QVERIFY(*find(document, "nut_files_mm") == Value(expected));
    }

    /// Without a header the cells stand as in the table, in the shop's units; with one they are mm.
    void tables_from_elsewhere() {
        Units units = units_in(Unit::mm);
        units.each[static_cast<std::size_t>(LengthKind::small)] = Unit::thou;
        const Value::Array files = rows_of_csv(list_of("nut_files_mm"), "10\n16\n\n26 thou\n", units);
        QCOMPARE(files.size(), std::size_t(3));
        QCOMPARE(files[0].number(), 0.254);
        QCOMPARE(files[2].number(), 0.6604);
        const Value::Array blanks =
            rows_of_csv(list_of("blanks"),
                        "name;price;length_mm;thickness_mm;height_mm\n\"wide; bone\";6,5;62;6,5;11\n", units);
        QCOMPARE(*blanks[0].member("name")->text(), std::string("wide; bone"));
        QCOMPARE(blanks[0].member("price")->number(), 6.5);
        QCOMPARE(blanks[0].member("length_mm")->number(), 62.0);
    }

    void nonsense_names_row_and_column() {
        const auto said = [](const char* key, const char* csv) {
            try {
                (void)rows_of_csv(list_of(key), csv, {});
            } catch (const InputError& error) {
                return QString::fromStdString(english(error.message()));
            }
            return QString();
        };
        QCOMPARE(said("blanks", "name,length_mm\nbone,long\n"),
                 QStringLiteral(
                     "Blanks, row 2, long: not understood at character 1; numbers, + - * / ( ), mm, in, "
                     "\", thou and 64ths are"));
        QVERIFY(said("material_factors", "bone,1\nbrass,heavy\n")
                    .startsWith(QStringLiteral("Materials, row 2, times: \"heavy\" is no number")));
        QVERIFY(said("ready_parts", "bridge,x,3\n").contains(QStringLiteral("none of the words")));
        QVERIFY(said("nut_files_mm", "\"0.4\n").contains(QStringLiteral("quote")));
    }

    /// What no workshop can hold is refused whole, and says where it is.
    void what_cannot_be_is_not_written() {
        const QTemporaryDir dir;
        const QString file = dir.filePath(QStringLiteral("workshop.json"));
        change_shop(dir.path(), [](const Value& document) {
            return with_shop_rows(document, list_of("nut_files_mm"), {Value(0.41)});
        });
        QFile read(file);
        QVERIFY(read.open(QIODevice::ReadOnly));
        const QByteArray before = read.readAll();
        QString why;
        try {
            change_shop(dir.path(), [](const Value& document) {
                return with_shop_rows(document, list_of("nut_files_mm"), {Value(41.0)});
            });
        } catch (const InputError& error) {
            why = QString::fromStdString(english(error.message()));
        }
        QVERIFY2(why.contains(QStringLiteral("nut_files_mm[0] is 41; allowed is 0.1 to 10")),
                 qPrintable(why));
        read.seek(0);
        QCOMPARE(read.readAll(), before);
        QCOMPARE(Workshop(dir.path()).tools().nut_files_mm, std::vector<double>{0.41});
        QVERIFY_EXCEPTION_THROWN(change_shop({}, [](const Value& document) { return document; }), InputError);
    }

    /// Gauges, heights and what new jobs take over are read, and a fault in one costs only that one.
    void gauges_heights_and_new_jobs() {
        const QTemporaryDir dir;
        QFile file(dir.filePath(QStringLiteral("workshop.json")));
        QVERIFY(file.open(QIODevice::WriteOnly));
        file.write(R"({"format": "fair-measure-workshop", "version": 1, "nut_files_mm": [0.4],
            "gauges": [{"name": "wedge", "u_mm": 0.02}, {"name": "ruler", "u_mm": 7}],
            "heights": [{"name": "low", "gap_bass_mm": 0.3, "gap_treble_mm": 0.2, "action_bass_mm": 1.8,
                         "action_treble_mm": 1.5}],
            "new_jobs": {"unit": "thou", "units": {"action": "64ths"}, "handed": "left"}})");
        file.close();
        const Workshop shop(dir.path());
        QCOMPARE(shop.gauges().size(), std::size_t(1));
        QCOMPARE(shop.gauges()[0].u_mm, 0.02);
        QCOMPARE(shop.heights().size(), std::size_t(1));
        QCOMPARE(shop.faults().size(), std::size_t(1));
        QVERIFY(QString::fromStdString(english(shop.faults()[0])).contains(QStringLiteral("gauges[1].u_mm")));
        const Value job = with_habits_of(shop, job_of_kind(shipped_kinds().front(), "new"));
        QVERIFY(*find(job, "unit") == Value("thou") && *find(job, "handed") == Value("left"));
        QVERIFY(*find(job, "units.action") == Value("64ths"));
    }

private:
    static Value empty() { return shop_document({}); }
    static const ShopList& list_of(std::string_view key) {
        for (const ShopList& list : shop_lists())
            if (list.key == key) return list;
        throw std::logic_error("no such list");
    }
};

QTEST_APPLESS_MAIN(TestShopLists)
#include "tst_shop_lists.moc"
