#include "ui/window/first_screen.h"

#include "sheet/drawing/fonts.h"
#include "ui/look/flow_layout.h"
#include "ui/look/plain_button.h"
#include "ui/look/texts.h"
#include "ui/look/theme.h"
#include "workshop/kept_jobs.h"

#include <QFileInfo>
#include <QHBoxLayout>
#include <QKeyEvent>
#include <QScrollBar>
#include <QToolButton>
#include <QVBoxLayout>

#include <algorithm>

namespace fm {

namespace {

constexpr int pictures_at_once = 4;
constexpr int names_at_once = 128;

QLabel* heading(const QString& text, int px) {
    auto* label = new QLabel(text);
    QFont font = shipped_font(true);
    font.setPixelSize(px);
    label->setFont(font);
    return label;
}

} // namespace

FirstScreen::FirstScreen(const std::vector<StationKind>& stations, QWidget* parent)
    : QWidget(parent), stations_(stations) {
    setObjectName(QStringLiteral("first_screen"));
    build();
    reading_.setSingleShot(true);
    reading_.setInterval(0);
    connect(&reading_, &QTimer::timeout, this, &FirstScreen::read_on);
    connect(search_, &QLineEdit::textChanged, this, &FirstScreen::list);
    search_->installEventFilter(this);
    jobs_->installEventFilter(this);
    connect(jobs_->verticalScrollBar(), &QScrollBar::valueChanged, &reading_, qOverload<>(&QTimer::start));
    connect(jobs_, &PictureList::picked, this,
            [this](int row) { Q_EMIT job_picked(found_[shown_[static_cast<std::size_t>(row)]].path); });
    connect(kinds_, &PictureList::picked, this, &FirstScreen::kind_picked);
}

void FirstScreen::build() {
    auto* across = across_ = new QBoxLayout(QBoxLayout::LeftToRight, this);
    across->setContentsMargins(28, 22, 28, 22);
    across->setSpacing(28);
    auto* left = new QVBoxLayout;
    left->setSpacing(10);
    head_ = heading({}, 24);
    left->addWidget(head_);
    search_ = new QLineEdit;
    search_->setProperty("pencil", true);
    search_->setPlaceholderText(tr("title or owner"));
    search_->setAccessibleName(tr("look for a job by its title or owner"));
    search_->setMinimumHeight(36);
    left->addWidget(search_);
    none_ = new QLabel;
    none_->setProperty("caption", true);
    none_->setWordWrap(true);
    left->addWidget(none_);
    sorted_ = new ChoiceRow(
        {}, {{tr("newest"), {}, {}}, {tr("title"), {}, {}}, {tr("owner"), {}, {}}, {tr("how far"), {}, {}}});
    sorted_->setAccessibleName(tr("In which order the jobs stand"));
    sorted_->set_chosen(0);
    connect(sorted_, &ChoiceRow::picked, this, [this](int order) {
        order_ = static_cast<Order>(order);
        sorted_->set_chosen(order);
        list();
    });
    left->addWidget(sorted_);
    jobs_ = new PictureList(tr("jobs"));
    left->addWidget(jobs_, 1);
    build_ways(left);
    across->addLayout(left, 1);
    auto* right = new QVBoxLayout;
    right->setSpacing(10);
    right->addWidget(heading(tr("Begin a job"), 24));
    auto* about = new QLabel(tr("Pick what comes nearest. Its figures are assumed until you type your own."));
    about->setProperty("caption", true);
    about->setWordWrap(true);
    right->addWidget(about);
    kinds_ = new PictureList(tr("kinds of instruments to begin from"));
    right->addWidget(kinds_, 1);
    across->addLayout(right, 1);
}

/// In a small window jobs stand over what a new one begins from.
void FirstScreen::resizeEvent(QResizeEvent* event) {
    QWidget::resizeEvent(event);
    const bool stacked = width() < 860;
    across_->setDirection(stacked ? QBoxLayout::TopToBottom : QBoxLayout::LeftToRight);
    for (QWidget* list : std::initializer_list<QWidget*>{jobs_, kinds_})
        list->setMinimumHeight(stacked ? 300 : 0);
}

void FirstScreen::build_ways(QVBoxLayout* left) {
    said_ = new QLabel;
    said_->setProperty("caption", true);
    said_->setWordWrap(true);
    said_->setTextFormat(Qt::PlainText);
    said_->hide();
    left->addWidget(said_);
    auto* ways = new QWidget;
    auto* flow = new FlowLayout(ways, 10);
    const auto add = [&](const QString& name, const QString& tip, auto act) {
        QToolButton* button = plain_button(name, tip);
        connect(button, &QToolButton::clicked, this, act);
        flow->addWidget(button);
        return button;
    };
    add(tr("New, same instrument"),
        tr("Another job of the chosen one's instrument, without what was read and done"), [this] {
            if (!chosen_path().isEmpty()) Q_EMIT same_asked(chosen_path());
        });
    add(tr("Keep as a kind"), tr("Jobs can begin from an instrument like the chosen one's"), [this] {
        if (!chosen_path().isEmpty()) Q_EMIT kind_asked(chosen_path());
    });
    put_ = add({}, {}, &FirstScreen::put_away_or_back);
    throw_ = add(tr("Delete"), tr("The chosen job, with its pictures, into the desktop's wastebasket"),
                 &FirstScreen::throw_chosen_away);
    others_ = add({}, {}, [this] {
        away_shown_ = !away_shown_;
        find_jobs();
    });
    add(tr("Open a file…"), tr("A job that lies elsewhere (Ctrl+O)"), &FirstScreen::file_asked);
    add(tr("The demo workshop"), tr("Example jobs to try everything on (Ctrl+Shift+D)"),
        &FirstScreen::demo_asked);
    left->addWidget(ways);
}

QString FirstScreen::chosen_path() const {
    const QModelIndex chosen = jobs_->currentIndex();
    return chosen.isValid() ? found_[shown_[static_cast<std::size_t>(chosen.row())]].path : QString();
}

void FirstScreen::put_away_or_back() {
    const QString path = chosen_path();
    if (path.isEmpty()) return;
    const QString name = QFileInfo(path).completeBaseName();
    QString words;
    try {
        const QString to = away_shown_ ? place_brought_back(path) : place_put_away(path);
        if (!moves_open_ || !moves_open_(path, to)) move_closed_job(path, to);
        words = away_shown_ ? tr("%1 is back among the jobs.").arg(name) : tr("%1 is put away.").arg(name);
    } catch (const InputError& error) {
        words = message_text(error.message());
    }
    find_jobs();
    say(words);
}

void FirstScreen::say(const QString& words) {
    said_->setText(words);
    said_->show();
}

void FirstScreen::throw_chosen_away() {
    const QString path = chosen_path();
    if (path.isEmpty() || !away_shown_) return;
    QString words = tr("%1 lies in the desktop's wastebasket.").arg(QFileInfo(path).completeBaseName());
    try {
        throw_away(path);
    } catch (const InputError& error) {
        words = message_text(error.message());
    }
    find_jobs();
    say(words);
}

QString FirstScreen::name_of(const InstrumentKind& kind) {
    if (kind.word.empty()) return QString::fromStdString(kind.name);
    return QCoreApplication::translate("kinds", kind.name.c_str());
}

void FirstScreen::show_workshop(const Workshop& workshop) {
    head_->setText(workshop.name().isEmpty() ? tr("Jobs") : tr("Jobs of %1").arg(workshop.name()));
    folder_ = workshop.folder();
    away_shown_ = false;
    list_kinds(workshop);
    search_->clear();
    find_jobs();
}

/// What lies in the folder now, of the jobs or of those put away.
void FirstScreen::find_jobs() {
    said_->hide();
    found_.clear();
    const QStringList away = jobs_put_away(folder_);
    if (away.isEmpty()) away_shown_ = false;
    for (const QString& path : away_shown_ ? away : Workshop::jobs_in(folder_)) {
        const QFileInfo file(path);
        found_.push_back({path, file.lastModified(), {file.completeBaseName(), {}, 0}, false});
    }
    put_->setText(away_shown_ ? tr("Bring back") : tr("Put away"));
    put_->setToolTip(away_shown_ ? tr("The chosen job, among the others again")
                                 : tr("The chosen job out of the list; it can be brought back"));
    throw_->setVisible(away_shown_);
    others_->setVisible(!away.isEmpty());
    others_->setText(away_shown_ ? tr("All jobs") : tr("%n put away", "", static_cast<int>(away.size())));
    others_->setToolTip(away_shown_ ? tr("Back to the jobs") : tr("Shows the jobs that were put away"));
    list();
}

void FirstScreen::sort() {
    const auto before = [order = order_](const Found& a, const Found& b) {
        switch (order) {
        case Order::title: return a.names.title.compare(b.names.title, Qt::CaseInsensitive) < 0;
        case Order::owner: return a.names.owner.compare(b.names.owner, Qt::CaseInsensitive) < 0;
        case Order::stage: return a.names.stage > b.names.stage;
        case Order::date: break;
        }
        return a.changed > b.changed;
    };
    std::stable_sort(found_.begin(), found_.end(),
                     [](const Found& a, const Found& b) { return a.changed > b.changed; });
    if (order_ != Order::date) std::stable_sort(found_.begin(), found_.end(), before);
}

void FirstScreen::list_kinds(const Workshop& workshop) {
    offered_ = shipped_kinds();
    offered_.insert(offered_.end(), workshop.kinds().begin(), workshop.kinds().end());
    std::vector<PictureRow> rows;
    for (const InstrumentKind& kind : offered_) {
        PictureRow row{name_of(kind), {}, {}, {}};
        if (const auto read = read_job(job_of_kind(kind, {})); read.job) {
            const Unit unit = Unit::mm;
            const NeckDesign& neck = read.job->design.neck;
            const QString scale = neck.fanned() ? tr("%1 to %2")
                                                      .arg(length_short(neck.scale_bass_mm, unit),
                                                           length_short(neck.scale_treble_mm, unit))
                                                : length_short(neck.scale_bass_mm, unit);
            row.under = tr("scale ≈%1, ≈%2 mm at the nut").arg(scale, length_short(neck.nut_width_mm, unit));
            row.drawing = neck_picture(*read.job, solve(read.job->design));
        }
        rows.push_back(std::move(row));
    }
    kinds_->rows()->set_rows(std::move(rows));
    kinds_->setCurrentIndex(kinds_->rows()->index(0));
}

PictureRow FirstScreen::row_of(const Found& found) const {
    PictureRow row{found.names.title, {}, found.names.owner, {}};
    if (!found.names.owner.isEmpty()) row.beside += QStringLiteral(" · ");
    row.beside += QLocale().toString(found.changed.date(), QLocale::ShortFormat);
    if (found.named) row.beside += QStringLiteral(" · ") + stage_words(found.names.stage);
    return row;
}

void FirstScreen::list() {
    away_.stop();
    sort();
    const QString words = search_->text().trimmed();
    shown_.clear();
    std::vector<PictureRow> rows;
    for (std::size_t i = 0; i < found_.size(); ++i) {
        const JobNames& names = found_[i].names;
        if (!words.isEmpty() && !names.title.contains(words, Qt::CaseInsensitive) &&
            !names.owner.contains(words, Qt::CaseInsensitive) &&
            !QFileInfo(found_[i].path).completeBaseName().contains(words, Qt::CaseInsensitive))
            continue;
        shown_.push_back(i);
        rows.push_back(row_of(found_[i]));
    }
    seen_.assign(shown_.size(), false);
    jobs_->rows()->set_rows(std::move(rows));
    none_->setText(!shown_.empty()   ? QString()
                   : words.isEmpty() ? tr("No job lies here yet: begin one, or look at the demo workshop.")
                                     : tr("No title and no owner has “%1” in it.").arg(words));
    none_->setVisible(shown_.empty());
    if (!shown_.empty()) jobs_->setCurrentIndex(jobs_->rows()->index(0));
    reading_.start();
}

void FirstScreen::showEvent(QShowEvent* event) {
    QWidget::showEvent(event);
    reading_.start();
}

void FirstScreen::read_on() {
    if (!isVisible() || away_.is_working()) return;
    struct Wanted {
        std::size_t place; // in found_
        int row;           // listed
        QString path;
    };
    std::vector<Wanted> asked;
    const auto [from, to] = jobs_->in_sight();
    for (int row = from; row < to && asked.size() < pictures_at_once; ++row)
        if (!seen_[static_cast<std::size_t>(row)]) {
            const std::size_t place = shown_[static_cast<std::size_t>(row)];
            asked.push_back({place, row, found_[place].path});
        }
    if (!asked.empty()) {
        away_.ask(
            [asked, kinds = stations_](const std::atomic<bool>& stop) {
                std::vector<std::pair<Wanted, JobLine>> lines;
                for (const Wanted& one : asked)
                    if (!stop) lines.emplace_back(one, job_line(one.path, kinds));
                return lines;
            },
            [this](const std::vector<std::pair<Wanted, JobLine>>& lines) {
                for (const auto& [one, line] : lines) {
                    Found& found = found_[one.place];
                    found.names = line.names;
                    found.named = true;
                    PictureRow row = row_of(found);
                    row.under = line.says;
                    row.drawing = line.drawing;
                    jobs_->rows()->set_row(one.row, std::move(row));
                    seen_[static_cast<std::size_t>(one.row)] = true;
                }
                reading_.start();
            });
        return;
    }
    std::vector<std::pair<std::size_t, QString>> nameless;
    for (std::size_t i = 0; i < found_.size() && nameless.size() < names_at_once; ++i)
        if (!found_[i].named) nameless.emplace_back(i, found_[i].path);
    if (nameless.empty()) return;
    away_.ask(
        [nameless](const std::atomic<bool>& stop) {
            std::vector<std::pair<std::size_t, JobNames>> names;
            for (const auto& [place, path] : nameless)
                if (!stop) names.emplace_back(place, job_names(path));
            return names;
        },
        [this](const std::vector<std::pair<std::size_t, JobNames>>& names) {
            for (const auto& [place, read] : names) {
                found_[place].names = read;
                found_[place].named = true;
            }
            const bool whole =
                std::all_of(found_.begin(), found_.end(), [](const Found& f) { return f.named; });
            // What is looked for may be among them.
            if ((!search_->text().trimmed().isEmpty() || order_ != Order::date) && whole) return list();
            reading_.start();
        });
}

bool FirstScreen::eventFilter(QObject* watched, QEvent* event) {
    if (event->type() != QEvent::KeyPress) return QWidget::eventFilter(watched, event);
    const auto* pressed = static_cast<QKeyEvent*>(event);
    const int key = pressed->key();
    if (watched == jobs_) { // letters go on looking
        const bool letter = !pressed->text().isEmpty() && pressed->text()[0].isPrint() &&
                            !(pressed->modifiers() & Qt::ControlModifier);
        if (!letter) return QWidget::eventFilter(watched, event);
        search_->setFocus();
        QCoreApplication::sendEvent(search_, event);
        return true;
    }
    const bool walks = key == Qt::Key_Down || key == Qt::Key_Up;
    const bool enters = key == Qt::Key_Return || key == Qt::Key_Enter;
    if (!walks && !enters) return QWidget::eventFilter(watched, event);
    if (enters && jobs_->currentIndex().isValid()) Q_EMIT jobs_->picked(jobs_->currentIndex().row());
    if (walks) {
        jobs_->setFocus();
        QCoreApplication::sendEvent(jobs_, event);
    }
    return true;
}

} // namespace fm
