// The window's ways to files: a new job, opening one, saving under another name.
#include "ui/window/main_window.h"
#include "workshop/kept_jobs.h"
#include "workshop/shop_lists.h"

#include "job/document/job_file.h"
#include "job/document/json.h"
#include "job/edits/begun_from.h"
#include "ui/look/texts.h"

#include <QDir>
#include <QFileDialog>
#include <QFileInfo>
#include <QMessageBox>
#include <QPushButton>

namespace fm {

/// Where a job is to be written: the name as it will be, asked about where it is there already. A file that
/// is to give way is put aside, never lost. "": nowhere.
QString MainWindow::path_for_job(const QString& title, const QString& start) {
    for (QString from = start;;) {
        QString path = QFileDialog::getSaveFileName(this, title, from, tr("Jobs (*.fmjob)"), nullptr,
                                                    QFileDialog::DontConfirmOverwrite);
        if (path.isEmpty()) return {};
        if (!path.endsWith(QLatin1String(".fmjob"))) path += QStringLiteral(".fmjob");
        const bool its_own = session_.is_open() && QFileInfo(path) == QFileInfo(session_.path());
        if (!QFileInfo::exists(path) || its_own) return path;
        QMessageBox question(QMessageBox::Question, title,
                             tr("%1 is there already.").arg(QFileInfo(path).fileName()),
                             QMessageBox::NoButton, this);
        question.setInformativeText(tr("If it gives way it is kept beside, under a name with today's date."));
        QPushButton* other = question.addButton(tr("Another name"), QMessageBox::RejectRole);
        const QPushButton* aside = question.addButton(tr("Put it aside"), QMessageBox::AcceptRole);
        question.setDefaultButton(other);
        question.setEscapeButton(other);
        question.exec();
        from = path;
        if (question.clickedButton() != aside) continue;
        // Not from under a window that has it open.
        if (!JobLock::taken(path)) throw InputError({"job_held", Severity::error, {}, {path.toStdString()}});
        put_aside(path);
        return path;
    }
}

/// Writes a new job into the workshop's folder under its title, with a number where that is taken.
/// @param job given a title @returns its path @throws InputError
QString MainWindow::kept_anew(const QString& name, const std::function<Value(const std::string&)>& job) {
    const QString usual = Workshop::usual_folder();
    if (session_.workshop().folder().isEmpty()) session_.set_workshop(Workshop(usual));
    if (session_.workshop().folder() == usual && !QDir(usual).exists()) { // a newcomer has none yet
        change_shop(usual, begun_shop);
        session_.set_workshop(Workshop(usual));
    }
    const QString folder = session_.workshop().folder();
    constexpr int most_tries = 100;
    for (int tried = 1;; ++tried) {
        QString path = free_place(folder, name);
        const QString title = name + QFileInfo(path).completeBaseName().mid(file_stem(name).size());
        try {
            create_file(path, QByteArray::fromStdString(file_text(job(title.toStdString()))));
            return path;
        } catch (const InputError& error) { // another window may begin one at the same time
            if (error.message().id != "file_exists" || tried == most_tries) throw;
        }
    }
}

/// A job the program keeps is called as its title is, whenever that becomes another.
void MainWindow::follow_title() {
    if (!session_.is_open()) return;
    const QString title = QString::fromStdString(session_.state().job.title);
    const QString before = std::exchange(named_by_, title);
    const QString path = session_.path();
    const QString folder = session_.workshop().folder();
    const bool ours =
        !folder.isEmpty() && QFileInfo(path).absoluteDir() == QDir(folder) && is_named_by(path, before);
    if (!ours || title == before || title.trimmed().isEmpty() || is_named_by(path, title)) return;
    try {
        session_.move_to(free_place(folder, title, path));
    } catch (const InputError& error) {
        say(message_text(error.message()));
    }
}

void MainWindow::begin_kind(int kind) {
    const InstrumentKind begun = first_->offered()[static_cast<std::size_t>(kind)];
    try {
        const QString path = kept_anew(FirstScreen::name_of(begun), [&](const std::string& title) {
            return with_habits_of(session_.workshop(), job_of_kind(begun, title));
        });
        if (!open(path)) return;
    } catch (const InputError& error) {
        return say(message_text(error.message()));
    }
    choose_station(Station::neck);
    neck()->ask();
}

void MainWindow::begin_same(const QString& from) {
    try {
        const Value document = parse_json(load_file(from).text.toStdString());
        const StateResult read = state_of(document);
        if (!read.state) throw InputError(read.problems.front());
        const Job& job = read.state->job;
        const double plane_mm = job.design.bridge ? job.design.bridge->plane_above_top_mm : 0.0;
        const QString name =
            job.title.empty() ? QFileInfo(from).completeBaseName() : QString::fromStdString(job.title);
        const QString path = kept_anew(name.left(100), [&](const std::string& title) {
            return same_instrument(document, title, plane_mm);
        });
        if (open(path)) choose_station(Station::survey);
    } catch (const InputError& error) {
        say(message_text(error.message()));
    }
}

void MainWindow::change_kind(const InstrumentKind& kind) {
    try {
        const QString name = FirstScreen::name_of(kind).left(80);
        const auto problems = session_.commit(tr("kind: %1").arg(name), with_kind(session_.document(), kind));
        say(problems.empty()
                ? tr("Now: %1. What was measured and read stayed; the rest is assumed.").arg(name)
                : session_.told(problems));
    } catch (const InputError& error) {
        say(message_text(error.message()));
    }
}

void MainWindow::keep_kind(const QString& from) {
    const QString folder = session_.workshop().folder();
    try {
        const Value document = parse_json(load_file(from).text.toStdString());
        const Value* title = document.member("title");
        const std::string name = title && title->text() && !title->text()->empty()
                                     ? *title->text()
                                     : QFileInfo(from).completeBaseName().toStdString();
        const Value kind = kind_of_job(document, name);
        change_shop(folder, [&kind](const Value& shop) {
            const Value* kinds = fm::find(shop, "kinds");
            const std::size_t place = kinds && kinds->array() ? kinds->array()->size() : 0;
            const Value begun = place > 0 ? shop : with(shop, "kinds", Value::Array{});
            return with(begun, "kinds[" + std::to_string(place) + "]", kind);
        });
        session_.set_workshop(Workshop(folder));
        first_->show_workshop(session_.workshop());
        first_->say(
            tr("%1 is one of the kinds to begin from now.").arg(QString::fromStdString(name).left(60)));
    } catch (const InputError& error) {
        first_->say(message_text(error.message()));
    }
}

void MainWindow::place_first(bool shown) {
    first_shown_ = shown;
    for (QWidget* of_a_job : std::initializer_list<QWidget*>{path_, way_, corner_})
        of_a_job->setVisible(!shown);
}

void MainWindow::show_first(bool shown) {
    if (!shown && !session_.is_open()) return;
    if (shown) {
        leave_field();
        keep_view();
        first_->show_workshop(session_.workshop());
    }
    place_first(shown);
    if (!shown) return refresh();
    working_->hide();
    middle_->setCurrentWidget(first_);
    setWindowTitle(tr("Fair Measure"));
    first_->take_focus();
}

void MainWindow::open_dialog() {
    const QString folder =
        session_.is_open() ? QFileInfo(session_.path()).path() : session_.workshop().folder();
    const QString path = QFileDialog::getOpenFileName(this, tr("Open a job"), folder, tr("Jobs (*.fmjob)"));
    if (!path.isEmpty()) go_to_job(path);
}

/// A way out of what the notice says.
void MainWindow::go_way(Notice::Way way) {
    if (way == Notice::elsewhere) return save_as_dialog();
    if (way == Notice::leave) return leave_with_copy();
    try {
        session_.reload();
    } catch (const InputError& error) {
        notice_->say_trouble(message_text(error.message()), Notice::read_again | Notice::elsewhere);
    }
}

void MainWindow::leave_with_copy() {
    const QString copy = session_.rescue();
    if (copy.isEmpty())
        return notice_->say_trouble(tr("A copy could not be written anywhere, so the window stays open."),
                                    Notice::elsewhere | Notice::leave);
    QMessageBox::information(this, tr("A copy is kept"), copy);
    leaves_a_copy_ = true;
    close();
}

void MainWindow::save_as_dialog() {
    if (!session_.is_open()) return;
    try {
        const QString path = path_for_job(tr("Save the job under another name"), session_.path());
        if (!path.isEmpty()) session_.save_as(path);
    } catch (const InputError& error) {
        notice_->say(message_text(error.message()), Notice::elsewhere);
    }
}

} // namespace fm
