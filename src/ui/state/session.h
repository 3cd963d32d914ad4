#pragma once
#include "job/document/job_file.h"
#include "job/document/json.h"
#include "job/state/state.h"
#include "ui/state/key_names.h"
#include "workshop/workshop.h"

#include <QObject>
#include <QTimer>
#include <QUndoStack>

#include <functional>
#include <memory>
#include <optional>

class QFileSystemWatcher;

namespace fm {

/// One open job: its file, its state, its undo. Typing previews, committing is one step, and a step is on the
/// disk before the next key is taken.
class Session : public QObject {
    Q_OBJECT
public:
    explicit Session(QObject* parent = nullptr);
    ~Session() override;

    /// Opens a job file; the open one is saved first, and let go. @throws InputError and keeps the open job
    void open(const QString& path);
    void set_workshop(Workshop workshop);

    bool is_open() const { return state_ != nullptr; }
    const State& state() const { return *state_; }
    std::shared_ptr<const State> shared_state() const { return state_; }
    /// As the job was when it was opened.
    const State& as_opened() const { return *opened_state_; }
    /// The document the steps have led to, without a preview.
    const Value& document() const { return document_; }
    const Workshop& workshop() const { return workshop_; }
    const Tools& tools() const { return tools_; }
    /// When this sitting began, ISO 8601: readings taken in it stand together.
    const QString& sitting() const { return sitting_; }
    void begin_sitting(const QString& when) { sitting_ = when; }
    /// Where the pictures of the job lie: a folder beside the file.
    QString pictures() const;
    const QString& path() const { return path_; }
    bool read_only() const { return !read_only_why_.isEmpty(); }
    const QString& read_only_why() const { return read_only_why_; }
    QUndoStack* undo_stack() { return &undo_; }

    /// Shows what a document would give without making it a step. @returns what is wrong with it, if anything
    std::vector<Message> preview(const Value& asked);
    void end_preview();
    KeyNames& names() { return names_; }
    /// What is wrong with a document, in a person's words and the job's unit; "" for nothing.
    QString told(const std::vector<Message>& problems) const;

    /// Makes a document the job, as one step with a name; what it changes is assumed no more. @returns what
    /// is wrong with it; then nothing has changed
    std::vector<Message> commit(const QString& name, const Value& asked);

    /// Writes what is not yet written. @returns false, and says why by trouble(), if it could not.
    bool save();
    /// Writes the job to another file, which is not there yet, and goes on there; onto its own file it is
    /// only saved. @throws InputError, also for a file that is there or open in another window: nothing is
    /// written then
    void save_as(const QString& path);
    /// The job's file and its pictures under another name, at which nothing stands; nothing else changes.
    /// @throws InputError; then it stays where it is
    void move_to(const QString& path);
    /// Takes what stands on the disk instead of what is here, as a step that can be undone.
    /// @throws InputError where it cannot be read; then what is here stays
    void reload();
    /// Writes the job with all its steps to a new file: beside its own, else among the user's data, else in
    /// the temporary folder. @returns its path, "" if it can be written nowhere
    QString rescue() const;

Q_SIGNALS:
    void opened();
    void moved();   ///< its file has another name
    void kept();    ///< what the file holds is what is here, written now
    void changed(); ///< the state is another one: a step, an undo or a preview
    /// Something about the job's file. @param readable what stands there may be read instead
    void trouble(const QString& text, bool readable);
    void trouble_over();

private:
    friend class DocumentStep;
    void take(const QString& path);
    void set_document(const Value& document);
    /// Worked out already for what is shown or is about to be kept, else anew.
    StateResult known_or_state_of(const Value& document) const;
    void show(std::shared_ptr<const State> state);
    void show_opened(); ///< another file, or the same anew
    void make_late_steps();
    void watch();
    void file_touched();
    void tell_trouble(const Message& message);
    void file_agrees();
    std::optional<Message> fault_on_disk() const;

    KeyNames names_;
    Workshop workshop_;
    Tools tools_; ///< the open job's lists, else the shop's
    QString path_;
    QString sitting_;
    FileMark mark_;
    qint64 bytes_ = 0; ///< of the file as read or written last
    /// Whether the next steps may make it larger than a file can be.
    bool is_near_the_limit() const { return 4 * bytes_ > static_cast<qint64>(largest_job_bytes); }
    std::unique_ptr<JobLock> lock_;
    QString read_only_why_;
    Value document_;
    std::shared_ptr<const State> state_;
    std::shared_ptr<const State> checked_; ///< of a step that is being made
    std::shared_ptr<const State> opened_state_;
    /// Shown, and read by somebody still: while a state is shown a field that is hidden by it may keep what
    /// was typed in it, and so show another.
    std::vector<std::shared_ptr<const State>> shown_;
    struct LateStep {
        QString name;
        Value document;
    };
    bool stepping_ = false;
    std::vector<LateStep> late_steps_; ///< asked for while another was made
    std::optional<Value> written_;     ///< what the file holds; nothing where that is in doubt
    bool is_written() const { return written_ && *written_ == document_; }
    bool previewing_ = false;
    QUndoStack undo_;
    QTimer retry_;   ///< while the job cannot be written
    QTimer touched_; ///< a file that is replaced may be gone for a moment
    bool retrying_ = false;
    QString told_trouble_;
    QFileSystemWatcher* watcher_;
};

} // namespace fm
