#include "common/jobs.h"

#include <QTest>

using namespace fm;
using namespace fm::test;

namespace {

/// Every place of a document that can be changed.
void collect(const Value& value, const std::string& path, std::vector<std::string>& out) {
    if (!path.empty()) out.push_back(path);
    if (const auto* members = value.object())
        for (const auto& [name, member] : *members)
            collect(member, path.empty() ? name : path + "." + name, out);
    if (const auto* items = value.array())
        for (std::size_t i = 0; i < items->size(); ++i)
            collect((*items)[i], path + "[" + std::to_string(i) + "]", out);
}

} // namespace

/// Job files spoiled at random: only clean errors, and whatever is still a job is solved without a stumble.
/// The count is set by FAIR_MEASURE_MUTATIONS; at least half of the variants are still JSON.
class TestMutations : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void spoiled_jobs_end_in_clean_errors() {
        bool set = false;
        const int wanted = qEnvironmentVariableIntValue("FAIR_MEASURE_MUTATIONS", &set);
        const int count = set ? wanted : 1500;
        std::mt19937 random(20310304);
        std::vector<Value> seeds;
        for (const char* name : {"curlew", "lantern", "kittiwake", "groundswell", "teal"})
            seeds.push_back(demo_document(name));
        for (unsigned seed = 0; seed < 20; ++seed) seeds.push_back(RandomJob(seed).document());
        int json = 0;
        int solved = 0;
        int told = 0;
        for (int i = 0; i < count; ++i) {
            const Value& document = seeds[random() % seeds.size()];
            const std::string text =
                i % 4 ? compact_json(changed(document, random)) : spoiled(compact_json(document), random);
            try {
                const JobResult result = read_job(parse_json(text));
                ++json;
                for (const Message& problem : result.problems) {
                    QVERIFY2(!english_template(problem.id).empty(), problem.id.c_str());
                    QVERIFY(!problem.where.empty());
                }
                QVERIFY(result.job.has_value() == result.problems.empty());
                if (!result.job) {
                    ++told;
                    continue;
                }
                const Solution solution = solve(result.job->design);
                for (const StringSolution& s : solution.strings)
                    QVERIFY2(std::isfinite(s.slot.floor_above_seat_mm) && std::isfinite(s.ends.saddle_z_mm) &&
                                 std::isfinite(s.slot.along_mm),
                             text.c_str());
                (void)known_heights(result.job->design, solution, result.job->readings);
                ++solved;
            } catch (const InputError& error) {
                QVERIFY(!std::string(error.what()).empty());
            }
        }
        qInfo("%d variants, %d still JSON, %d of them solved, %d told what is wrong", count, json, solved,
              told);
        QVERIFY(2 * json >= count);
        QVERIFY(solved > count / 20 && told > count / 20);
    }

private:
    static Value odd_value(std::mt19937& random) {
        switch (random() % 14) {
        case 0: return {};
        case 1: return true;
        case 2: return "text";
        case 3: return Value::Array{};
        case 4: return Value::Object{};
        case 5: return 1e308;
        case 6: return -1e308;
        case 7: return 5e-324;
        case 8: return std::int64_t{9007199254740993};
        case 9: return -1;
        case 10: return 0;
        case 11: return Value::Array(40, Value(1.5));
        case 12: return std::string(5000, 'x');
        default: return static_cast<double>(random() % 100000U) / 100.0;
        }
    }

    static Value changed(const Value& document, std::mt19937& random) {
        Value result = document;
        for (auto times = 1 + random() % 3; times > 0; --times) {
            std::vector<std::string> places;
            collect(result, {}, places);
            const std::string& place = places[random() % places.size()];
            const Value* there = find(result, place);
            const auto how = random() % 4;
            if (how == 0)
                result = without(result, place);
            else if (how == 1 && there->is_number())
                result = with(result, place, there->number() * static_cast<double>(random() % 400) / 100.0);
            else if (how == 2)
                result = with(result, place, *find(result, places[random() % places.size()]));
            else
                result = with(result, place, odd_value(random));
            if (!result.object() || result.object()->empty()) return document;
        }
        return result;
    }

    static std::string spoiled(std::string text, std::mt19937& random) {
        for (auto times = 1 + random() % 4; times > 0; --times) {
            const std::size_t at = random() % text.size();
            switch (random() % 5) {
            case 0: text.erase(at, 1 + random() % 20); break;
            case 1: text[at] = static_cast<char>(random() % 256); break;
            case 2: text.insert(at, 1, "{}[]\",:0e-"[random() % 10]); break;
            case 3: text.resize(at + 1); break;
            default: text.insert(at, text.substr(random() % text.size(), 30)); break;
            }
            if (text.empty()) text = " ";
        }
        return text;
    }
};

QTEST_APPLESS_MAIN(TestMutations)
#include "tst_mutations.moc"
