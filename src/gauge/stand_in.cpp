#include "gauge/stand_in.h"

#include "core/words/word_of.h"
#include "job/edits/bench_edits.h"

#include <QList>

#include <cmath>

namespace fm {

namespace {

std::optional<BenchPart> part_of(const QByteArray& word) {
    return of_word<BenchPart>(word.toStdString());
}

std::optional<double> number_of(const QByteArray& word) {
    bool good = false;
    const double number = word.toDouble(&good);
    if (!good || !(std::abs(number) < 100)) return std::nullopt;
    return number;
}

} // namespace

const char* StandIn::usage() {
    return "read relief | read nut|saddle STRING      the gauge is held there and its button pressed\n"
           "filed nut|saddle STRING MM               the hand was to take so much off that slot or crown\n"
           "filled STRING MM                         a slot was filled so that it stands so much higher\n"
           "lowered nut|saddle BASS_MM TREBLE_MM     the whole part, at the outer strings; below 0: raised\n"
           "turned EIGHTHS                           of the truss rod; above 0: tightened\n"
           "truth relief | truth nut|saddle STRING   the true gap, and what it should be\n"
           "quit\n"
           "Strings are counted as the player does: the treble string is 1.\n";
}

std::optional<std::size_t> StandIn::string_of(const QByteArray& word) const {
    bool good = false;
    const int number = word.toInt(&good);
    const int count = static_cast<int>(instrument_.strings());
    if (!good || number < 1 || number > count) return std::nullopt;
    return static_cast<std::size_t>(count - number);
}

QByteArray StandIn::sent(double mm) const {
    const double number = mm / mm_per(unit_);
    QByteArray line = number < 0 ? "" : "+";
    line += QByteArray::number(number, 'f', unit_ == Unit::mm ? 3 : 4);
    if (names_unit_) line += unit_ == Unit::mm ? " mm" : " in";
    return line + "\r\n";
}

StandIn::Answer StandIn::told(const QByteArray& line) {
    std::vector<QByteArray> words;
    for (const QByteArray& word : line.simplified().split(' '))
        if (!word.isEmpty()) words.push_back(word);
    if (words.empty()) return {{}, "nothing was said\n"};
    const QByteArray verb = words.front();
    words.erase(words.begin());
    Answer answer = worked(verb, words);
    if (answer.told.isEmpty()) answer.told = "not understood: " + line.simplified().left(60) + "\n";
    return answer;
}

StandIn::Answer StandIn::worked(const QByteArray& verb, const std::vector<QByteArray>& words) {
    const auto word = [&](std::size_t at) { return at < words.size() ? words[at] : QByteArray(); };
    const auto part = part_of(word(0));
    const bool relief = part == BenchPart::relief;
    const auto string = relief ? std::optional(std::size_t{0}) : string_of(word(1));
    const QByteArray good = "ok\n";
    if ((verb == "read" || verb == "truth") && part && string) {
        if (verb == "read") return {sent(instrument_.read_mm(*part, *string)), good};
        return {{},
                QByteArray::number(instrument_.true_gap_mm(*part, *string), 'f', 6) + " wanted " +
                    QByteArray::number(instrument_.target_gap_mm(*part, *string), 'f', 6) + "\n"};
    }
    if (verb == "filed" && part && !relief && string) {
        const auto mm = number_of(word(2));
        if (!mm || *mm < 0) return {};
        instrument_.filed(*part, *string, *mm);
        return {{}, good};
    }
    if (verb == "filled") {
        const auto slot = string_of(word(0));
        const auto mm = number_of(word(1));
        if (!slot || !mm) return {};
        instrument_.filled(*slot, *mm);
        return {{}, good};
    }
    if (verb == "lowered" && part && !relief) {
        const auto bass_mm = number_of(word(1));
        const auto treble_mm = number_of(word(2));
        if (!bass_mm || !treble_mm) return {};
        instrument_.lowered(*part, *bass_mm, *treble_mm);
        return {{}, good};
    }
    if (verb == "turned") {
        bool whole = false;
        const int eighths = word(0).toInt(&whole);
        if (!whole || std::abs(eighths) > 16) return {};
        instrument_.turned(eighths);
        return {{}, good};
    }
    return {};
}

} // namespace fm
