#include "workshop/kinds.h"

#include "core/design/assumed.h"
#include "job/document/json.h"
#include "job/document/reader.h"
#include "job/edits/assumed_edits.h"
#include "job/read/job.h"

#include <QCoreApplication>
#include <QFile>

#include <algorithm>
#include <stdexcept>
#include <utility>

static void load_kinds_resources() {
    Q_INIT_RESOURCE(kinds);
}

namespace fm {

namespace {

constexpr std::pair<std::string_view, const char*> names[] = {
    {"steel_six", QT_TRANSLATE_NOOP("kinds", "Flat top, six steel strings")},
    {"steel_twelve", QT_TRANSLATE_NOOP("kinds", "Flat top, six pairs of steel strings")},
    {"nylon_six", QT_TRANSLATE_NOOP("kinds", "Flat board, six nylon strings")},
    {"solid_six", QT_TRANSLATE_NOOP("kinds", "Solid body, six strings, single saddles")},
    {"posts_six", QT_TRANSLATE_NOOP("kinds", "Solid body, six strings, bar on posts")},
    {"solid_seven", QT_TRANSLATE_NOOP("kinds", "Solid body, seven strings")},
    {"solid_eight", QT_TRANSLATE_NOOP("kinds", "Solid body, eight strings")},
    {"solid_fanned", QT_TRANSLATE_NOOP("kinds", "Solid body, six strings, fanned frets")},
    {"bass_four", QT_TRANSLATE_NOOP("kinds", "Bass, four strings")},
    {"bass_five", QT_TRANSLATE_NOOP("kinds", "Bass, five strings")},
    {"tenor_four", QT_TRANSLATE_NOOP("kinds", "Tenor, four steel strings")},
    {"short_four", QT_TRANSLATE_NOOP("kinds", "Short neck, four nylon strings")},
    {"pairs_four", QT_TRANSLATE_NOOP("kinds", "Four pairs, floating bridge on wheels")},
    {"pairs_five", QT_TRANSLATE_NOOP("kinds", "Five pairs, floating bridge")}};

constexpr const char* parts[] = {"neck", "strings", "nut", "saddle", "bridge"};

std::vector<InstrumentKind> read_shipped() {
    load_kinds_resources();
    QFile file(QStringLiteral(":/kinds/kinds.json"));
    if (!file.open(QIODevice::ReadOnly)) throw std::logic_error("the program's kinds are missing");
    const Value document = parse_json(file.readAll().toStdString());
    std::vector<InstrumentKind> kinds;
    for (const auto& [word, name] : names)
        for (const Value& kind : *document.member("kinds")->array())
            if (*kind.member("word")->text() == word)
                kinds.push_back({std::string(word), name, *kind.member("job")});
    return kinds;
}

} // namespace

const std::vector<InstrumentKind>& shipped_kinds() {
    static const std::vector<InstrumentKind> kinds = read_shipped();
    return kinds;
}

InstrumentKind read_kind(Reader& item, const Value& document) {
    InstrumentKind kind{{}, item.text_or("name", ""), {}};
    if (kind.name.empty()) item.fault("key_missing", "name");
    (void)item.object("job", true);
    const Value* job = find(document, item.path("job"));
    if (!job || !job->object()) return kind;
    kind.job = *job;
    for (const Message& problem : read_job(job_of_kind(kind, kind.name)).problems)
        item.fault("kind_not_sound", "job", {english(problem)});
    return kind;
}

Value kind_of_job(const Value& job, const std::string& name) {
    Value held{Value::Object{}};
    for (const char* part : parts)
        if (const Value* there = job.member(part)) held = with(held, part, *there);
    for (const char* of_one : {"bridge.existing", "saddle.existing"}) held = without(held, of_one);
    const Value* strings = job.member("strings");
    const std::size_t count = strings && strings->array() ? strings->array()->size() : 0;
    for (std::size_t i = 0; i < count; ++i) // fitted to one set of strings
        for (const char* of_one : {"stretch_stiffness_n", "photo"})
            held = without(held, "strings[" + std::to_string(i) + "]." + of_one);
    Value kind = with(with(Value(Value::Object{}), "name", name), "job", held);
    const auto read = read_job(job_of_kind({{}, name, held}, name));
    if (!read.problems.empty() && !read.job) throw InputError(read.problems.front());
    return kind;
}

Value job_of_kind(const InstrumentKind& kind, const std::string& title) {
    Value job = parse_json(R"({"format": "fair-measure-job", "version": 1, "defaults": 2})");
    job = with(job, "title", title);
    job = with(job, "kind", word_of_kind(kind));
    for (const char* part : parts)
        if (const Value* held = kind.job.member(part)) job = with(job, part, *held);
    return with_all_assumed(without(job, "neck.relief"));
}

const std::string& word_of_kind(const InstrumentKind& kind) {
    return kind.word.empty() ? kind.name : kind.word;
}

namespace {

std::size_t strings_of(const Value& job) {
    const Value* strings = job.member("strings");
    return strings && strings->array() ? strings->array()->size() : 0;
}

bool is_assumed_in(const Value& job, const std::string& key) {
    const Value* list = job.member("assumed");
    return list && list->array() &&
           std::find(list->array()->begin(), list->array()->end(), Value(key)) != list->array()->end();
}

/// The keys of what a job gives that was measured on the instrument.
std::vector<std::string> measured_keys(const Value& job) {
    std::vector<std::string> keys;
    for (const Field& field : fields()) {
        if (!can_be_assumed(field)) continue;
        const std::size_t count = field.in_list() ? strings_of(job) : 1;
        for (std::size_t i = 0; i < count; ++i) {
            std::string key = field.key_of(i);
            const Value* value = find(job, key);
            if (value && value->is_number() && !is_assumed_in(job, key)) keys.push_back(std::move(key));
        }
    }
    return keys;
}

} // namespace

Value with_kind(const Value& job, const InstrumentKind& kind) {
    const Value begun = job_of_kind(kind, {});
    const std::vector<std::string> measured = measured_keys(job);
    const bool other_strings = strings_of(begun) != strings_of(job);
    if (other_strings &&
        (job.member("readings") || std::any_of(measured.begin(), measured.end(),
                                               [](const auto& key) { return key.starts_with("strings["); })))
        throw InputError({"kind_other_strings",
                          Severity::error,
                          {},
                          {static_cast<int>(strings_of(begun)), static_cast<int>(strings_of(job))}});
    Value made = job;
    for (const char* key : {"neck", "strings", "nut", "saddle", "bridge", "assumed", "kind"}) {
        const Value* of_kind = begun.member(key);
        made = of_kind ? with(made, key, *of_kind) : without(made, key);
    }
    if (const Value* wanted = find(job, "neck.relief")) made = with(made, "neck.relief", *wanted);
    if (const Value* rod = find(job, "neck.rod")) made = with(made, "neck.rod", *rod);
    if (const Value* there = find(job, "bridge.existing"); there && made.member("bridge"))
        made = with(made, "bridge.existing", *there);
    for (const std::string& key : measured) {
        if (find(made, key)) {
            made = with_confirmed(with(made, key, *find(job, key)), key);
            continue;
        }
        // A measure that the kind does not speak of stays where it can.
        const bool makes_saddles = key.starts_with("saddle.travel_");
        const std::string holder = key.substr(0, key.find_last_of(".["));
        if (makes_saddles || !find(made, holder)) continue;
        Value tried = with(made, key, *find(job, key));
        if (read_job(tried).problems.empty()) made = std::move(tried);
    }
    if (const auto read = read_job(made); !read.job) throw InputError(read.problems.front());
    return made;
}

} // namespace fm
