#include "ui/window/job_lines.h"

#include "job/document/job_file.h"
#include "job/document/json.h"
#include "sheet/views/bridge_views.h"
#include "ui/look/texts.h"

#include <QFileInfo>

#include <algorithm>
#include <array>

namespace fm {

namespace {

QString text_of(const Value& document, const char* key) {
    const Value* text = document.member(key);
    return text && text->text() ? QString::fromStdString(*text->text()).left(100) : QString();
}

/// How far the work is, by what stands in the file.
int stage_of(const Value& document) {
    const auto has = [&document](const char* key) {
        const Value* list = document.member(key);
        return list && list->array() && !list->array()->empty();
    };
    if (has("sheets")) return 3;
    if (!has("readings")) return 0;
    for (const Value& entry : *document.member("readings")->array())
        if (entry.member("bench")) return 2;
    return 1;
}

JobNames names_in(const Value& document, const QString& path) {
    JobNames names{text_of(document, "title"), text_of(document, "owner"), stage_of(document)};
    if (names.title.isEmpty()) names.title = QFileInfo(path).completeBaseName();
    return names;
}

Value document_at(const QString& path) {
    return parse_json(load_file(path).text.toStdString());
}

QString how_far(const State& state, const std::vector<StationKind>& stations) {
    // The one behind the last that was begun; then what was left out before it.
    const auto is_begun = [&](const StationKind& kind) { return kind.begun(state); };
    auto next = std::find_if(stations.rbegin(), stations.rend(), is_begun).base();
    if (next == stations.end()) next = std::find_if_not(stations.begin(), stations.end(), is_begun);
    const auto begun = std::count_if(stations.begin(), stations.end(), is_begun);
    const QString far = StationWords::tr("%1 of %2 begun").arg(begun).arg(stations.size());
    return next == stations.end()
               ? far
               : far + QStringLiteral(" · ") + next->name + QStringLiteral(": ") + next->next(state);
}

} // namespace

QString stage_words(int stage) {
    const std::array words{StationWords::tr("begun"), StationWords::tr("read"),
                           StationWords::tr("at the bench"), StationWords::tr("printed")};
    return words[static_cast<std::size_t>(stage)];
}

JobNames job_names(const QString& path) {
    try {
        return names_in(document_at(path), path);
    } catch (const InputError&) {
        return {QFileInfo(path).completeBaseName(), {}, 0};
    }
}

JobLine job_line(const QString& path, const std::vector<StationKind>& stations) {
    JobLine line{{QFileInfo(path).completeBaseName(), {}, 0}, {}, {}};
    try {
        const Value document = document_at(path);
        line.names = names_in(document, path);
        const StateResult read = state_of(document);
        if (!read.state) {
            line.says = message_text(read.problems.front());
            return line;
        }
        line.says = how_far(*read.state, stations);
        line.drawing = neck_picture(read.state->job, read.state->written);
    } catch (const InputError& error) {
        line.says = message_text(error.message());
    }
    return line;
}

Drawing neck_picture(const Job& job, const Solution& solution) {
    BridgeViewOptions options;
    options.mirrored = job.left_handed;
    return placing_board(job.design, solution, options, 1.0);
}

} // namespace fm
