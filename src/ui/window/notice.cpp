#include "ui/window/notice.h"

#include "ui/look/plain_button.h"
#include "ui/look/theme.h"

#include <QHBoxLayout>
#include <QLabel>

namespace fm {

Notice::Notice(QWidget* parent) : QFrame(parent), text_(new QLabel) {
    setObjectName(QStringLiteral("notice"));
    auto* row = new QHBoxLayout(this);
    row->setContentsMargins(24, 6, 16, 6);
    text_->setWordWrap(true);
    text_->setAccessibleName(tr("Notice"));
    row->addWidget(text_, 1);
    buttons_ = {
        {read_again, button(read_again, tr("Read the file again"),
                            tr("Shows what stands on the disk; undo brings back what is here"))},
        {elsewhere, button(elsewhere, tr("Save mine under another name"),
                           tr("Writes the job as it is here to another file and goes on there"))},
        {leave, button(leave, tr("Close, keep a copy"),
                       tr("Closes the window; the job as it is here is written to a new file first"))}};
    QToolButton* dismiss = button(none, tr("Close"), tr("Takes this notice away"));
    for (const auto& [way, one] : buttons_) row->addWidget(one);
    row->addWidget(dismiss);
    hide();
}

QToolButton* Notice::button(Way way, const QString& text, const QString& tip) {
    auto* made = new QToolButton;
    made->setText(text);
    made->setToolTip(tip);
    made->setProperty("plain", true);
    connect(made, &QToolButton::clicked, this, [this, way] {
        if (way == none) return hide();
        Q_EMIT chosen(way);
    });
    return made;
}

void Notice::say(const QString& text, Ways ways) {
    text_->setText(QStringLiteral("▲ ") + text);
    ways_ = none;
    for (const auto& [way, one] : buttons_) {
        one->hide();
        if (ways.testFlag(way)) offer(way);
    }
    trouble_ = false;
    show();
}

void Notice::say_trouble(const QString& text, Ways ways) {
    say(text, ways);
    trouble_ = true;
}

void Notice::offer(Way way) {
    ways_ |= way;
    for (const auto& [offered, one] : buttons_)
        if (offered == way) one->show();
}

void Notice::trouble_over() {
    if (trouble_) hide(); // what else was said stays said
}

QString Notice::text() const {
    return isHidden() ? QString() : text_->text();
}

void Notice::dress() {
    setStyleSheet(QStringLiteral("#notice { background: %1; border-bottom: 2px solid %2; }")
                      .arg(theme().list.name(), theme().warning.name()));
}

} // namespace fm
