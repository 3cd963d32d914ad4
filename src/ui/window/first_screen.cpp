#include "ui/window/first_screen.h"

#include "sheet/drawing/fonts.h"
#include "ui/look/plain_button.h"
#include "ui/look/texts.h"
#include "ui/look/theme.h"

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
    auto* across = new QHBoxLayout(this);
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
    jobs_ = new PictureList(tr("jobs"));
    left->addWidget(jobs_, 1);
    auto* ways = new QHBoxLayout;
    ways->setSpacing(10);
    auto* same =
        plain_button(tr("New, same instrument"),
                     tr("Another job of the chosen one's instrument, without what was read and done"));
    connect(same, &QToolButton::clicked, this, [this] {
        const QModelIndex chosen = jobs_->currentIndex();
        if (chosen.isValid()) Q_EMIT same_asked(found_[shown_[static_cast<std::size_t>(chosen.row())]].path);
    });
    ways->addWidget(same);
    auto* file = plain_button(tr("Open a file…"), tr("A job that lies elsewhere (Ctrl+O)"));
    auto* demo =
        plain_button(tr("The demo workshop"), tr("Example jobs to try everything on (Ctrl+Shift+D)"));
    connect(file, &QToolButton::clicked, this, &FirstScreen::file_asked);
    connect(demo, &QToolButton::clicked, this, &FirstScreen::demo_asked);
    ways->addWidget(file);
    ways->addWidget(demo);
    ways->addStretch(1);
    left->addLayout(ways);
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

QString FirstScreen::name_of(const InstrumentKind& kind) {
    if (kind.word.empty()) return QString::fromStdString(kind.name);
    return QCoreApplication::translate("kinds", kind.name.c_str());
}

void FirstScreen::show_workshop(const Workshop& workshop) {
    head_->setText(workshop.name().isEmpty() ? tr("Jobs") : tr("Jobs of %1").arg(workshop.name()));
    found_.clear();
    for (const QString& path : workshop.jobs()) {
        const QFileInfo file(path);
        found_.push_back({path, file.lastModified(), {file.completeBaseName(), {}}, false});
    }
    std::stable_sort(found_.begin(), found_.end(),
                     [](const Found& a, const Found& b) { return a.changed > b.changed; });
    list_kinds(workshop);
    search_->clear();
    list();
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
    return row;
}

void FirstScreen::list() {
    away_.stop();
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
            if (!search_->text().trimmed().isEmpty() && whole) return list();
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
