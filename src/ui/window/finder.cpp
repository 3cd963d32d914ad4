#include "ui/window/finder.h"

#include "ui/look/theme.h"

#include <QApplication>
#include <QKeyEvent>
#include <QTimer>
#include <QVBoxLayout>

#include <QRegularExpression>

#include <algorithm>

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
    connect(line_, &QLineEdit::textChanged, this, &Finder::find_among_all);
    connect(finds_, &QListWidget::itemClicked, this, &Finder::choose);
}

void Finder::ask(std::vector<Entry> entries, std::vector<Helping> helpings) {
    entries_ = std::move(entries);
    helpings_.assign(std::make_move_iterator(helpings.rbegin()), std::make_move_iterator(helpings.rend()));
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
    take_when_idle();
}

void Finder::take_when_idle() {
    QTimer::singleShot(0, this, [this] {
        if (helpings_.empty()) return;
        if (!isVisible()) return helpings_.clear();
        take_one();
        find(line_->text());
        take_when_idle();
    });
}

void Finder::take_one() {
    const Helping helping = std::move(helpings_.back());
    helpings_.pop_back();
    for (Entry& entry : helping()) entries_.push_back(std::move(entry));
    std::stable_sort(entries_.begin(), entries_.end(),
                     [](const Entry& a, const Entry& b) { return a.place < b.place; });
}

void Finder::find_among_all(const QString& text) {
    while (!text.isEmpty() && !helpings_.empty()) take_one();
    find(text);
}

void Finder::add(std::size_t entry) {
    const Entry& of = entries_[entry];
    auto* item = new QListWidgetItem(
        of.more.isEmpty() ? of.words : of.words + QStringLiteral("   ") + of.more, finds_);
    item->setData(entry_role, static_cast<int>(entry));
}

void Finder::find(const QString& text) {
    const QStringList words = text.split(QLatin1Char(' '), Qt::SkipEmptyParts);
    const auto fits = [&](const Entry& entry) {
        return std::all_of(words.begin(), words.end(), [&entry](const QString& word) {
            return entry.words.contains(word, Qt::CaseInsensitive) ||
                   entry.also.contains(word, Qt::CaseInsensitive);
        });
    };
    finds_->clear();
    // What begins with the words comes before what only holds them.
    for (const bool beginning : {true, false})
        for (std::size_t i = 0; i < entries_.size() && finds_->count() < most_finds; ++i)
            if (entries_[i].words.startsWith(text.trimmed(), Qt::CaseInsensitive) == beginning &&
                fits(entries_[i]))
                add(i);
    if (finds_->count() == 0 && !words.isEmpty()) {
        const std::vector<std::size_t> close = near(words);
        auto* said = new QListWidgetItem(
            close.empty() ? tr("Nothing is called so.") : tr("Nothing is called so. Near it:"), finds_);
        said->setFlags(Qt::NoItemFlags);
        for (const std::size_t entry : close) add(entry);
        finds_->setCurrentRow(close.empty() ? -1 : 1);
        return;
    }
    finds_->setCurrentRow(0);
}

namespace {

/// How many letters must be changed to make one word of the other, up to three.
int letters_apart(const QString& a, const QString& b) {
    std::vector<int> row(static_cast<std::size_t>(b.size()) + 1);
    for (std::size_t j = 0; j < row.size(); ++j) row[j] = static_cast<int>(j);
    for (qsizetype i = 1; i <= a.size(); ++i) {
        int corner = row[0];
        row[0] = static_cast<int>(i);
        for (qsizetype j = 1; j <= b.size(); ++j) {
            const auto at = static_cast<std::size_t>(j);
            const int changed = corner + (a[i - 1] == b[j - 1] ? 0 : 1);
            corner = row[at];
            row[at] = std::min({changed, row[at] + 1, row[at - 1] + 1});
        }
    }
    return row.back();
}

} // namespace

std::vector<std::size_t> Finder::near(const QStringList& words) const {
    constexpr std::size_t most = 8;
    std::vector<std::size_t> close;
    static const QRegularExpression between(QStringLiteral("[^\\w]+"),
                                            QRegularExpression::UseUnicodePropertiesOption);
    for (std::size_t i = 0; i < entries_.size() && close.size() < most; ++i) {
        const QStringList there = (entries_[i].words + QLatin1Char(' ') + entries_[i].also)
                                      .toLower()
                                      .split(between, Qt::SkipEmptyParts);
        const bool all = std::all_of(words.begin(), words.end(), [&there](const QString& asked) {
            const QString word = asked.toLower();
            const int allowed = word.size() < 4 ? 0 : word.size() < 7 ? 1 : 2;
            return std::any_of(there.begin(), there.end(), [&](const QString& other) {
                return std::abs(other.size() - word.size()) <= allowed &&
                       letters_apart(word, other) <= allowed;
            });
        });
        if (all) close.push_back(i);
    }
    if (!close.empty() || words.size() < 2) return close;
    // No entry has all of them: what has the longest.
    const QString longest = *std::max_element(
        words.begin(), words.end(), [](const QString& a, const QString& b) { return a.size() < b.size(); });
    for (std::size_t i = 0; i < entries_.size() && close.size() < most; ++i)
        if (entries_[i].words.contains(longest, Qt::CaseInsensitive) ||
            entries_[i].also.contains(longest, Qt::CaseInsensitive))
            close.push_back(i);
    return close;
}

void Finder::choose() {
    const QListWidgetItem* item = finds_->currentItem();
    if (!item || !item->data(entry_role).isValid()) return;
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
