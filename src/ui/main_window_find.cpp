// What the window's search can find: actions, values to set, numbers.
#include "ui/finder.h"
#include "ui/main_window.h"
#include "ui/texts.h"

#include <QMenuBar>

#include <map>

namespace fm {

namespace {

/// Whether a field belongs to what this job has: neither it nor what holds it is put away.
bool is_in_use(const QWidget* field, const QWidget* station) {
    for (const QWidget* widget = field; widget && widget != station; widget = widget->parentWidget()) {
        if (qobject_cast<const QStackedWidget*>(widget->parentWidget())) return true; // a page not in sight
        if (widget->isHidden()) return false;
    }
    return true;
}

} // namespace

void MainWindow::add_action_entries(std::vector<Finder::Entry>& entries) const {
    for (const QAction* menu : menuBar()->actions())
        for (QAction* action : menu->menu()->actions()) {
            if (action->isSeparator() || action->menu() || !action->isEnabled()) continue;
            entries.push_back({QString(action->text()).remove(QLatin1Char('&')),
                               action->shortcut().toString(QKeySequence::NativeText),
                               [action] { action->trigger(); }});
        }
}

void MainWindow::add_field_entries(std::vector<Finder::Entry>& entries) {
    const std::pair<Station, StationFrame*> stations[] = {{Station::neck, neck()},
                                                          {Station::nut, nut()},
                                                          {Station::saddle, saddle()},
                                                          {Station::bridge, bridge()}};
    refresh_all_lists();
    for (const auto& [station, frame] : stations)
        for (ValueField* field : frame->findChildren<ValueField*>()) {
            if (!is_in_use(field, frame)) continue;
            const QString value =
                field->text() + (field->kind() == FieldKind::length
                                     ? QLatin1Char(' ') + unit_text(session_.state().job.unit)
                                     : QString());
            entries.push_back({field->name(), value, [this, station = station, frame = frame, field] {
                                   choose_station(station);
                                   frame->pages()->show_page_of(field);
                                   field->setFocus();
                               }});
        }
}

void MainWindow::add_number_entries(std::vector<Finder::Entry>& entries) {
    const State& state = session_.state();
    std::map<const Quantity*, QString> titles; // the same for every number of a kind
    for (const NumberKey& number : all_numbers(state.solution)) {
        const auto known = titles.find(number.quantity);
        if (known == titles.end()) {
            const auto worked = fm::working(state.job.design, state.solution, number.text());
            titles[number.quantity] = worked ? words_of(worked->title_id) : QString();
        }
        const QString& title = titles[number.quantity];
        if (title.isEmpty()) continue;
        QString words = title;
        if (number.quantity->of_string())
            words +=
                QStringLiteral(", ") + QString::fromStdString(state.job.design.string_name(number.string));
        if (const auto fret = fret_of(number))
            words += *fret > 0 ? tr(", fret %1").arg(*fret) : tr(", open");
        else if (number.quantity->size)
            words += QStringLiteral(", %1").arg(number.item + 1);
        const double value = *value_of(state.solution, number);
        const QString more = number.quantity->kind == QuantityKind::length
                                 ? length_with_unit(value, state.job.unit)
                                 : term_value(value, number.quantity->kind, state.job.unit);
        entries.push_back({words, more, [this, number] {
                               if (number.quantity->of_string()) choose_string(number.string);
                               key_name_ = QString::fromStdString(number.name());
                               show_working();
                               working_->show_whole(true);
                           }});
    }
}

void MainWindow::show_finder() {
    if (!finder_) finder_ = new Finder(this);
    if (finder_->isVisible()) return finder_->hide();
    std::vector<Finder::Entry> entries;
    if (session_.is_open()) add_field_entries(entries);
    add_action_entries(entries);
    if (session_.is_open()) add_number_entries(entries);
    finder_->ask(std::move(entries));
}

} // namespace fm
