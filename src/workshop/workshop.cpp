#include "workshop/workshop.h"

#include "job/job_file.h"
#include "job/json.h"
#include "job/reader.h"

#include <QDir>
#include <QFile>
#include <QStandardPaths>

static void load_demo_resources() {
    Q_INIT_RESOURCE(demo);
}

namespace fm {

Workshop::Workshop(const QString& folder) : folder_(folder) {
    const QString path = QDir(folder).filePath(QStringLiteral("workshop.json"));
    if (!QFile::exists(path)) return;
    const Value document = parse_json(load_file(path).text.toStdString());
    std::vector<Message> problems;
    Reader root(document.object() ? &document : nullptr, "", problems);
    root.word("format", {"fair-measure-workshop"}, std::nullopt);
    root.whole_or("version", 1, 1, 1);
    name_ = QString::fromStdString(root.text_or("name", ""));
    tools_.nut_files_mm = root.numbers("nut_files_mm", {0.1, 10.0}, std::nullopt);
    tools_.feelers_mm = root.numbers("feelers_mm", {0.005, 10.0}, std::nullopt);
    if (tools_.feelers_mm.size() > 60)
        root.fault("count_out_of_range", "feelers_mm", {static_cast<int>(tools_.feelers_mm.size()), 0, 60});
    if (!problems.empty()) throw InputError(problems.front());
}

QStringList Workshop::jobs() const {
    if (folder_.isEmpty()) return {};
    const QDir dir(folder_);
    QStringList paths;
    for (const QString& name : dir.entryList({QStringLiteral("*.fmjob")}, QDir::Files, QDir::Name))
        paths << dir.filePath(name);
    return paths;
}

QString Workshop::usual_folder() {
    return QStandardPaths::writableLocation(QStandardPaths::AppDataLocation) + QStringLiteral("/workshop");
}

void copy_demo_workshop(const QString& folder) {
    load_demo_resources();
    QDir().mkpath(folder);
    const QDir shipped(QStringLiteral(":/demo"));
    for (const QString& name : shipped.entryList(QDir::Files)) {
        const QString target = QDir(folder).filePath(name);
        if (!QFile::exists(target)) save_file(target, load_file(shipped.filePath(name)).text, nullptr);
    }
}

} // namespace fm
