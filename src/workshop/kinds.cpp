#include "workshop/kinds.h"

#include "job/document/json.h"
#include "job/document/reader.h"
#include "job/edits/assumed_edits.h"
#include "job/read/job.h"

#include <QCoreApplication>
#include <QFile>

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
        held = without(held, "strings[" + std::to_string(i) + "].stretch_stiffness_n");
    Value kind = with(with(Value(Value::Object{}), "name", name), "job", held);
    const auto read = read_job(job_of_kind({{}, name, held}, name));
    if (!read.problems.empty() && !read.job) throw InputError(read.problems.front());
    return kind;
}

Value job_of_kind(const InstrumentKind& kind, const std::string& title) {
    Value job = parse_json(R"({"format": "fair-measure-job", "version": 1, "defaults": 2})");
    job = with(job, "title", title);
    for (const char* part : parts)
        if (const Value* held = kind.job.member(part)) job = with(job, part, *held);
    return with_all_assumed(without(job, "neck.relief"));
}

} // namespace fm
