#include "ui/state/session.h"

#include "job/document/change.h"
#include "job/document/json.h"
#include "job/document/pictures.h"
#include "job/edits/assumed_edits.h"
#include "ui/look/texts.h"
#include "workshop/kept_jobs.h"

#include <QDateTime>
#include <QDir>
#include <QFileInfo>
#include <QFileSystemWatcher>
#include <QUndoCommand>

#include <utility>

namespace fm {

/// A step from one document to another. Documents share nothing with widgets; the text is made when the step
/// is.
class DocumentStep : public QUndoCommand {
public:
    DocumentStep(Session* session, const QString& name, const Value& before, Value after)
        : QUndoCommand(name), session_(session), change_(before, after), first_(std::move(after)) {}
    void undo() override { session_->set_document(change_.unmade(session_->document())); }
    void redo() override {
        const Value after =
            first_ ? *std::exchange(first_, std::nullopt) : change_.made(session_->document());
        session_->set_document(after);
    }

private:
    Session* session_;
    DocumentChange change_;
    std::optional<Value> first_; ///< until it is made for the first time: the document as it was worked out
};

namespace {
constexpr int retry_after_ms = 2000;
constexpr int touched_after_ms = 100;

void once_after(QTimer& timer, int wait_ms) {
    timer.setSingleShot(true);
    timer.setInterval(wait_ms);
}

bool same_file(const QString& a, const QString& b) {
    const QString first = QFileInfo(a).canonicalFilePath();
    return a == b || (!first.isEmpty() && first == QFileInfo(b).canonicalFilePath());
}
} // namespace

Session::Session(QObject* parent) : QObject(parent), watcher_(new QFileSystemWatcher(this)) {
    once_after(retry_, retry_after_ms);
    once_after(touched_, touched_after_ms);
    connect(&retry_, &QTimer::timeout, this, [this] {
        retrying_ = true;
        save();
        retrying_ = false;
    });
    connect(&touched_, &QTimer::timeout, this, &Session::file_touched);
    connect(watcher_, &QFileSystemWatcher::fileChanged, &touched_, qOverload<>(&QTimer::start));
    connect(&undo_, &QUndoStack::indexChanged, this,
            &Session::make_late_steps); // once a step is made, or undone
}

Session::~Session() {
    blockSignals(true); // who would hear of trouble is going, too
    save();
}

void Session::open(const QString& path) {
    // First, so that its own file is read as it is left.
    if (is_open() && !save()) throw InputError({"job_not_left", Severity::error, {}, {path_.toStdString()}});
    take(path);
}

void Session::take(const QString& path) {
    const LoadedFile file = load_file(path);
    const Value document = parse_json(file.text.toStdString());
    StateResult result = state_of(document);
    if (!result.state) throw InputError(result.problems.front());
    bytes_ = file.text.size();
    if (is_near_the_limit()) (void)file_text(document); // what could not be written again is not begun
    const bool again = same_file(path, path_);
    if (!again) lock_.reset();
    QString why;
    if (result.state->job.read_only())
        why = message_text({"newer_version", Severity::note, {}, {result.state->job.version}});
    else if (!(again && lock_) && !(lock_ = JobLock::taken(path)))
        why = message_text({"job_held", Severity::note, {}, {path.toStdString()}});
    path_ = path;
    begin_sitting(QDateTime::currentDateTime().toString(QStringLiteral("yyyy-MM-ddTHH:mm:ss")));
    mark_ = file.mark;
    read_only_why_ = why;
    document_ = document;
    written_ = document;
    previewing_ = false;
    undo_.clear();
    state_ = std::move(result.state);
    tools_ = tools_of(state_->job, workshop_);
    opened_state_ = state_;
    file_agrees();
    show_opened();
}

void Session::set_workshop(Workshop workshop) {
    workshop_ = std::move(workshop);
    if (!is_open()) return;
    tools_ = tools_of(state_->job, workshop_);
    Q_EMIT changed();
}

std::vector<Message> Session::preview(const Value& asked) {
    StateResult result = state_of(with_measured(document_, asked));
    if (!result.state) return std::move(result.problems);
    previewing_ = true;
    show(std::move(result.state));
    return {};
}

void Session::end_preview() {
    if (!previewing_) return;
    previewing_ = false;
    show(state_of(document_).state);
}

StateResult Session::known_or_state_of(const Value& document) const {
    for (const auto& known : {state_, checked_})
        if (known && known->document == document) return {known, {}};
    return state_of(document);
}

std::vector<Message> Session::commit(const QString& name, const Value& asked) {
    const Value document = with_measured(document_, asked);
    if (read_only()) {
        end_preview();
        return {{"job_read_only", Severity::error, {}, {}}};
    }
    StateResult result = known_or_state_of(document);
    if (!result.state) {
        end_preview();
        return std::move(result.problems);
    }
    if (is_near_the_limit()) {
        try {
            (void)file_text(document);
        } catch (const InputError& error) {
            end_preview();
            return {error.message()};
        }
    }
    if (stepping_)
        late_steps_.push_back({name, document});
    else if (document == document_)
        end_preview();
    else {
        checked_ = std::move(result.state);
        undo_.push(new DocumentStep(this, name, document_, document));
    }
    return {};
}

void Session::make_late_steps() {
    if (stepping_) return;
    for (const LateStep& late : std::exchange(late_steps_, {})) commit(late.name, late.document);
}

QString Session::told(const std::vector<Message>& problems) const {
    if (problems.empty()) return {};
    const Job* job = is_open() ? &state_->job : nullptr;
    return names_.told(problems.front(), job);
}

void Session::set_document(const Value& document) {
    document_ = document;
    previewing_ = false;
    stepping_ = true;
    show(known_or_state_of(document).state);
    checked_.reset();
    stepping_ = false;
    save();
}

void Session::show_opened() {
    stepping_ = true;
    Q_EMIT opened();
    show(state_);
    stepping_ = false;
    late_steps_.clear(); // typed for the job before
}

void Session::show(std::shared_ptr<const State> state) {
    state_ = std::move(state);
    tools_ = tools_of(state_->job, workshop_);
    shown_.push_back(state_);
    if (shown_.size() > 1) return; // it is shown below, once the first is
    for (std::size_t seen = 0; seen < shown_.size();) {
        seen = shown_.size();
        Q_EMIT changed();
    }
    shown_.clear();
}

bool Session::save() {
    retry_.stop();
    if (!is_open() || is_written() || read_only()) return true;
    try {
        const std::string text = file_text(document_);
        mark_ = save_file(path_, QByteArray::fromStdString(text), &mark_);
        bytes_ = static_cast<qint64>(text.size());
    } catch (const InputError& error) {
        written_.reset();
        retry_.start(); // the disk may have room again
        const bool changed = error.message().id == "file_changed_on_disk";
        tell_trouble(changed ? fault_on_disk().value_or(error.message()) : error.message());
        return false;
    }
    written_ = document_;
    file_agrees();
    Q_EMIT kept();
    return true;
}

QString Session::pictures() const {
    return pictures_folder(path_);
}

void Session::save_as(const QString& path) {
    if (same_file(path, path_)) {
        if (read_only()) throw InputError({"job_held", Severity::error, {}, {path.toStdString()}});
        save();
        return;
    }
    auto lock = JobLock::taken(path);
    if (!lock) throw InputError({"job_held", Severity::error, {}, {path.toStdString()}});
    save(); // the file that is left keeps every step, too
    const FileMark mark = create_file(path, QByteArray::fromStdString(file_text(document_)));
    copy_pictures(pictures(), pictures_folder(path));
    lock_ = std::move(lock);
    path_ = path;
    mark_ = mark;
    read_only_why_.clear();
    written_ = document_;
    file_agrees();
    show_opened();
}

void Session::move_to(const QString& path) {
    if (same_file(path, path_)) return;
    auto lock = JobLock::taken(path);
    if (read_only() || !lock) throw InputError({"job_held", Severity::error, {}, {path.toStdString()}});
    if (!save()) throw InputError({"job_not_left", Severity::error, {}, {path_.toStdString()}});
    if (!watcher_->files().isEmpty()) watcher_->removePaths(watcher_->files()); // gone by our own hand
    try {
        move_job(path_, path);
    } catch (const InputError&) {
        watch();
        throw;
    }
    lock_ = std::move(lock);
    path_ = path;
    file_agrees();
    Q_EMIT moved();
}

void Session::reload() {
    const LoadedFile file = load_file(path_);
    const Value document = parse_json(file.text.toStdString());
    const StateResult result = state_of(document);
    if (!result.state) throw InputError(result.problems.front());
    if (read_only() || result.state->job.read_only()) return take(path_);
    mark_ = file.mark; // what follows is written over what was read
    written_ = document;
    if (!(document == document_))
        undo_.push(new DocumentStep(this, tr("Read the file again"), document_, document));
    file_agrees();
}

QString Session::rescue() const {
    if (!is_open()) return {};
    const QString when = QDateTime::currentDateTime().toString(QStringLiteral("yyyy-MM-dd hh.mm.ss.zzz"));
    const QString name =
        QStringLiteral("/%1 rescued %2.fmjob").arg(QFileInfo(path_).completeBaseName(), when);
    const QByteArray text = QByteArray::fromStdString(written_json(document_));
    for (const QString& folder : {QFileInfo(path_).absolutePath(), data_folder(), QDir::tempPath()}) {
        try {
            QDir().mkpath(folder);
            create_file(folder + name, text);
            return folder + name;
        } catch (const InputError&) {
            // the next may have room
        }
    }
    return {};
}

void Session::tell_trouble(const Message& message) {
    const QString text = message_text(message, state_->job.units);
    if (retrying_ && text == told_trouble_) return; // tried again by itself: said once
    told_trouble_ = text;
    Q_EMIT trouble(text, message.id == "file_changed_on_disk");
}

/// What is here is on the disk.
void Session::file_agrees() {
    retry_.stop();
    told_trouble_.clear();
    watch();
    Q_EMIT trouble_over();
}

void Session::watch() {
    if (!watcher_->files().isEmpty()) watcher_->removePaths(watcher_->files());
    watcher_->addPath(path_);
}

void Session::file_touched() {
    watcher_->addPath(path_); // a file replaced whole is no longer watched
    auto doubt = doubt_about_file(path_, mark_);
    if (!doubt) return;
    if (doubt->id == "file_changed_on_disk") doubt = fault_on_disk().value_or(*doubt);
    if (doubt->id != "file_changed_on_disk") {
        // What is here stands nowhere else.
        written_.reset();
        retry_.start();
    }
    tell_trouble(*doubt);
}

/// Why what stands on the disk could not be read instead of what is here; nothing if it could.
std::optional<Message> Session::fault_on_disk() const {
    std::string why;
    try {
        const StateResult result = state_of(parse_json(load_file(path_).text.toStdString()));
        if (result.state) return std::nullopt;
        why = english(result.problems.front());
    } catch (const InputError& error) {
        why = error.what();
    }
    return Message{"file_spoiled", Severity::error, {}, {path_.toStdString(), why}};
}

} // namespace fm
