// The window's ways to files: a new job, opening one, saving under another name.
#include "ui/window/main_window.h"

#include "job/document/job_file.h"
#include "job/document/json.h"
#include "job/edits/new_job.h"
#include "ui/look/texts.h"

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

void MainWindow::new_dialog() {
    const QString folder =
        session_.is_open() ? QFileInfo(session_.path()).path() : session_.workshop().folder();
    try {
        const QString path = path_for_job(tr("Where the new job is kept"), folder);
        if (!path.isEmpty()) begin_job(path);
    } catch (const InputError& error) {
        say(message_text(error.message(), Unit::mm));
    }
}

void MainWindow::begin_job(const QString& path) {
    const Value job = new_job(QFileInfo(path).completeBaseName().toStdString());
    try {
        create_file(path, QByteArray::fromStdString(file_text(job)));
    } catch (const InputError& error) {
        return say(message_text(error.message(), Unit::mm));
    }
    if (open(path)) choose_station(Station::survey);
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
        notice_->say_trouble(message_text(error.message(), Unit::mm), Notice::read_again | Notice::elsewhere);
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
        notice_->say(message_text(error.message(), Unit::mm), Notice::elsewhere);
    }
}

} // namespace fm
