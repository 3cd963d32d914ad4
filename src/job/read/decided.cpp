#include "job/read/decided.h"

#include "core/words/word_of.h"

namespace fm {

Value with_decision(const Value& document, const PartDecision& decision) {
    const std::string part(word_of(decision.part));
    RecordEntry entry;
    entry.kind = RecordKind::decision;
    entry.when = decision.when;
    entry.about = part;
    entry.text = decision.text;
    entry.reason = decision.reason;
    entry.instead_of = decision.instead_of;
    const std::string key = "plan." + part;
    const Value decided =
        decision.as_proposed ? without(document, key) : with(document, key, std::string(decision.word));
    return with_record_entry(decided, entry);
}

std::vector<RecordEntry> decisions_about(const std::vector<RecordEntry>& record, BenchPart part) {
    std::vector<RecordEntry> made;
    for (const StandingEntry& each : standing_entries(record))
        if (each.entry.kind == RecordKind::decision && each.entry.about == word_of(part))
            made.push_back(each.entry);
    return made;
}

} // namespace fm
