#include "ui/window/finder.h"

#include "ui/look/theme.h"

#include <QApplication>
#include <QKeyEvent>
#include <QVBoxLayout>

namespace fm {

namespace {
constexpr int most_finds = 12;
constexpr int entry_role = Qt::UserRole;
} // namespace

Finder::Finder(QWidget* parent) : QFrame(parent), line_(new QLineEdit), finds_(new QListWidget) {
    setObjectName(QStringLiteral("finder"));
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(12, 12, 12, 12);
    column->setSpacing(8);
    line_->setAccessibleName(tr("Find a number, a value or an action"));
    line_->setPlaceholderText(tr("a number, a value or an action"));
    line_->setMinimumHeight(36);
    line_->installEventFilter(this);
    finds_->setAccessibleName(tr("What was found"));
    finds_->setFocusPolicy(Qt::NoFocus);
    finds_->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    finds_->setVerticalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    column->addWidget(line_);
    column->addWidget(finds_);
    hide();
    connect(line_, &QLineEdit::textChanged, this, &Finder::find);
    connect(finds_, &QListWidget::itemClicked, this, &Finder::choose);
}

void Finder::ask(std::vector<Entry> entries) {
    entries_ = std::move(entries);
    was_in_ = QApplication::focusWidget();
    setStyleSheet(QStringLiteral("#finder { background: %1; border: 2px solid %2; } "
                                 "QListWidget { background: %1; color: %2; border: none; } "
                                 "QListWidget::item { min-height: 32px; } "
                                 "QListWidget::item:selected { background: %3; color: %2; }")
                      .arg(theme().list.name(), theme().ink.name(), theme().chosen.name()));
    const int wide = std::min(620, parentWidget()->width() - 40);
    setGeometry((parentWidget()->width() - wide) / 2, 60, wide, 68 + 33 * most_finds);
    line_->clear();
    find({});
    show();
    raise();
    line_->setFocus();
}

void Finder::find(const QString& text) {
    const QStringList words = text.split(QLatin1Char(' '), Qt::SkipEmptyParts);
    const auto fits = [&](const Entry& entry) {
        return std::all_of(words.begin(), words.end(), [&entry](const QString& word) {
            return entry.words.contains(word, Qt::CaseInsensitive);
        });
    };
    finds_->clear();
    // What begins with the words comes before what only holds them.
    for (const bool beginning : {true, false})
        for (std::size_t i = 0; i < entries_.size() && finds_->count() < most_finds; ++i) {
            const Entry& entry = entries_[i];
            if (entry.words.startsWith(text.trimmed(), Qt::CaseInsensitive) != beginning || !fits(entry))
                continue;
            auto* item = new QListWidgetItem(
                entry.more.isEmpty() ? entry.words : entry.words + QStringLiteral("   ") + entry.more,
                finds_);
            item->setData(entry_role, static_cast<int>(i));
        }
    finds_->setCurrentRow(0);
}

void Finder::choose() {
    const QListWidgetItem* item = finds_->currentItem();
    if (!item) return;
    const auto go = entries_[static_cast<std::size_t>(item->data(entry_role).toInt())].go;
    hide();
    if (was_in_) was_in_->setFocus();
    go();
}

bool Finder::eventFilter(QObject* watched, QEvent* event) {
    if (watched == line_ && event->type() == QEvent::FocusOut) hide();
    if (watched != line_ || event->type() != QEvent::KeyPress) return QFrame::eventFilter(watched, event);
    const int row = finds_->currentRow();
    switch (static_cast<QKeyEvent*>(event)->key()) {
    case Qt::Key_Down: finds_->setCurrentRow(std::min(row + 1, finds_->count() - 1)); return true;
    case Qt::Key_Up: finds_->setCurrentRow(std::max(row - 1, 0)); return true;
    case Qt::Key_Return:
    case Qt::Key_Enter: choose(); return true;
    case Qt::Key_Escape:
        hide();
        if (was_in_) was_in_->setFocus();
        return true;
    default: return QFrame::eventFilter(watched, event);
    }
}

} // namespace fm
