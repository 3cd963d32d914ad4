// What the window's actions do.
#include "core/words/word_of.h"
#include "settings/settings.h"
#include "sheet/drawing/fonts.h"
#include "sheet/drawing/paint.h"
#include "ui/look/texts.h"
#include "ui/look/theme.h"
#include "ui/window/main_window.h"

#include <QApplication>
#include <QDate>
#include <QDir>
#include <QFileInfo>
#include <QLabel>
#include <QLocale>
#include <QMenuBar>

namespace fm {

void MainWindow::open_demo() {
    const QString folder = data_folder() + QStringLiteral("/demo");
    try {
        copy_demo_workshop(folder);
        session_.set_workshop(Workshop(folder));
        open(QDir(folder).filePath(QStringLiteral("curlew.fmjob")));
        say_shop_faults();
    } catch (const InputError& error) {
        say(message_text(error.message()));
    }
}

void MainWindow::change_bench_habits(const std::function<void(BenchHabits&)>& change) {
    BenchHabits habits = session_.workshop().bench();
    change(habits);
    try {
        keep_bench(session_.workshop().folder(), habits);
        session_.set_workshop(Workshop(session_.workshop().folder()));
    } catch (const InputError& error) {
        say(message_text(error.message()));
    }
}

void MainWindow::go_to_bench() {
    go_to_bench(bench_part(view_.station).value_or(BenchPart::nut));
}

void MainWindow::go_to_bench(BenchPart part) {
    if (!session_.is_open()) return;
    if (first_shown_) show_first(false);
    leave_field();
    if (!bench_) {
        bench_ = new BenchView(session_, this);
        bench_->setGeometry(rect());
        connect(bench_, &BenchView::left, this, [this] {
            keep_view();
            refresh();
            if (drawn_station()) shown()->take_focus();
        });
        connect(bench_, &BenchView::string_chosen, this, &MainWindow::choose_string);
        connect(bench_, &BenchView::intonation_asked, this, [this] { choose_station(Station::intonation); });
        connect(bench_, &BenchView::unit_asked, this, &MainWindow::next_unit);
    }
    bench_->begin(part);
    keep_view();
}

void MainWindow::choose_evening(bool evening) {
    apply_theme(evening);
    settings::keep_evening(evening);
}

void MainWindow::show_shop(const char* list) {
    if (!shop_) {
        shop_ = new ShopWindow(session_, this);
        connect(shop_, &ShopWindow::kept, this,
                [this] { session_.set_workshop(Workshop(session_.workshop().folder())); });
    }
    shop_->show();
    shop_->raise();
    shop_->activateWindow();
    if (*list) shop_->show_list(list);
}

void MainWindow::show_preferences() {
    if (!preferences_) {
        preferences_ = new Preferences(session_, this);
        preferences_->setAttribute(Qt::WA_DeleteOnClose);
        connect(preferences_, &Preferences::language_chosen, this, &MainWindow::language_chosen);
        connect(preferences_, &Preferences::text_size_chosen, this, &MainWindow::text_size_chosen);
        connect(preferences_, &Preferences::evening_chosen, this, &MainWindow::choose_evening);
        connect(preferences_, &Preferences::paper_chosen, this, [this](bool letter) {
            settings::keep_paper(letter ? Paper::letter : Paper::a4);
            if (stations_[static_cast<std::size_t>(Station::sheets)].page)
                sheets()->choose_paper(settings::paper());
        });
    }
    preferences_->show();
    preferences_->raise();
    preferences_->activateWindow();
}

void MainWindow::zoom(double factor) {
    if (session_.is_open()) shown()->zoom(factor);
}

void MainWindow::show_help() {
    if (!help_) help_ = new HelpWindow(session_, this);
    help_->setAttribute(Qt::WA_DeleteOnClose);
    const bool benching = bench_ && !bench_->isHidden();
    help_->open_at(benching                      ? QStringLiteral("bench")
                   : view_.page == Page::board   ? QStringLiteral("board")
                   : view_.page == Page::heard   ? QStringLiteral("heard")
                   : view_.page != Page::station ? QStringLiteral("plan")
                                                 : QString::fromLatin1(word_of(view_.station).data()));
}

namespace {

/// All of a menu and of the menus in it.
void add_actions_below(const QMenu* menu, QList<QAction*>& list) {
    for (QAction* action : menu->actions()) {
        if (action->menu())
            add_actions_below(action->menu(), list);
        else if (!action->isSeparator())
            list << action;
    }
}

} // namespace

QList<QAction*> MainWindow::actions_in_menus() const {
    QList<QAction*> list;
    for (const QAction* menu : menuBar()->actions()) add_actions_below(menu->menu(), list);
    return list;
}

/// In as many columns as the window has room for.
void MainWindow::show_keys() {
    std::vector<std::pair<QString, QString>> keys;
    for (const QAction* action : actions_in_menus())
        if (!action->shortcut().isEmpty())
            keys.emplace_back(action->shortcut().toString(QKeySequence::NativeText),
                              QString(action->text()).remove(QLatin1Char('&')));
    keys.emplace_back(tr("Tab, Enter, Esc"), tr("next value, make the step, old value back"));
    keys.emplace_back(tr("+ − 0"), tr("on a drawing: larger, smaller, the whole"));
    constexpr int column_px = 330;
    const std::size_t columns = static_cast<std::size_t>(std::max(1, (width() - 60) / column_px));
    const std::size_t rows = (keys.size() + columns - 1) / columns;
    QString html = QStringLiteral("<table cellspacing='0'>");
    for (std::size_t row = 0; row < rows; ++row) {
        html += QStringLiteral("<tr>");
        for (std::size_t at = row; at < keys.size(); at += rows)
            html += QStringLiteral("<td style='padding: 1px 8px 1px 0'><b>%1</b></td><td style='padding: 1px "
                                   "22px 1px 0'>%2</td>")
                        .arg(keys[at].first.toHtmlEscaped(), keys[at].second.toHtmlEscaped());
        html += QStringLiteral("</tr>");
    }
    show_overlay(tr("Keys"), html + QStringLiteral("</table>"));
}

void MainWindow::show_overlay(const QString& name, const QString& html) {
    if (!overlay_) {
        overlay_ = new QLabel(this);
        overlay_->setMargin(18);
        overlay_->setTextFormat(Qt::RichText);
    }
    if (overlay_->isVisible() && overlay_->text() == html) return overlay_->hide();
    overlay_->setAccessibleName(name);
    overlay_->setStyleSheet(
        QStringLiteral("QLabel { background: %1; color: %2; border: 1px solid %2; font-size: 13px; }")
            .arg(theme().list.name(), theme().ink.name()));
    overlay_->setText(html);
    overlay_->setMaximumSize(width() - 20, height() - 20);
    overlay_->adjustSize();
    overlay_->move((width() - overlay_->width()) / 2, std::max(10, (height() - overlay_->height()) / 2));
    overlay_->show();
    overlay_->raise();
}

QString MainWindow::overlay() const {
    return overlay_ && overlay_->isVisible() ? overlay_->text() : QString();
}

void MainWindow::keep_view() {
    if (!session_.is_open()) return;
    settings::JobView view;
    view.string = static_cast<int>(view_.string);
    view.datum = static_cast<int>(view_.datum);
    view.stage = static_cast<int>(view_.stage);
    view.side = static_cast<int>(view_.side);
    view.page = nut()->pages()->page();
    view.station = QString::fromLatin1(word_of(view_.station).data());
    if (bench_ && !bench_->isHidden()) view.bench = bench_->worker().part();
    settings::keep_view(session_.path(), view);
}

void MainWindow::restore_view() {
    view_ = ViewState{};
    const auto kept = settings::view_of(session_.path());
    if (!kept) {
        if (bench_ && !bench_->isHidden()) bench_->leave();
        return;
    }
    view_.string =
        std::min(static_cast<std::size_t>(kept->string), session_.state().job.design.strings.size() - 1);
    view_.datum = static_cast<Datum>(std::min(kept->datum, static_cast<int>(Datum::blank_top)));
    view_.stage = static_cast<CutStage>(std::min(kept->stage, static_cast<int>(CutStage::fitted)));
    view_.side = static_cast<NutSide>(std::min(kept->side, static_cast<int>(NutSide::target)));
    nut()->pages()->show_page(std::min(kept->page, nut()->pages()->page_count() - 1));
    view_.station = of_word<Station>(kept->station.toStdString()).value_or(view_.station);
    key_name_ = first_number();
    if (kept->bench) return go_to_bench(*kept->bench);
    if (bench_ && !bench_->isHidden()) bench_->leave();
}

void MainWindow::fill_recent() {
    recent_->clear();
    for (const QString& path : settings::recent_jobs()) {
        QAction* action = recent_->addAction(QFileInfo(path).completeBaseName());
        action->setToolTip(path);
        connect(action, &QAction::triggered, this, [this, path] { go_to_job(path); });
    }
    if (recent_->isEmpty()) recent_->addAction(tr("none yet"))->setEnabled(false);
}

} // namespace fm
