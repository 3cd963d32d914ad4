// Ways to a value: the search, from a doubt, as a table; and schools side by side.
#include "core/words/length_kind.h"
#include "core/words/symptom.h"
#include "ui/look/texts.h"
#include "ui/window/comparison.h"
#include "ui/window/finder.h"
#include "ui/window/main_window.h"
#include "workshop/shop_lists.h"

#include <QMenuBar>
#include <QPointer>
#include <QRegularExpression>

#include <map>

namespace fm {

namespace {
/// In what order the finder tells of what fits alike.
enum Place { of_field, of_action, of_choice, of_symptom, of_shop, of_number };
} // namespace

void MainWindow::add_action_entries(std::vector<Finder::Entry>& entries) const {
    for (QAction* action : actions_in_menus())
        if (action->isEnabled())
            entries.push_back({QString(action->text()).remove(QLatin1Char('&')),
                               action->shortcut().toString(QKeySequence::NativeText),
                               [action] { action->trigger(); },
                               {},
                               of_action});
}

std::vector<std::pair<Station, StationFrame*>> MainWindow::all_stations() {
    std::vector<std::pair<Station, StationFrame*>> drawn;
    for (const StationKind& kind : kinds_)
        if (StationFrame* frame = station(kind.station)->frame()) drawn.emplace_back(kind.station, frame);
    refresh_all_lists();
    return drawn;
}

void MainWindow::go_to(Station station, ValueField* field) {
    if (station != view_.station || view_.page != Page::station) choose_station(station);
    if (view_.table) show_table(false);
    drawn_station()->bring(field);
    drawn_station()->pages()->show_page_of(field);
    field->setFocus(Qt::TabFocusReason);
}

void MainWindow::follow_doubt(const QString& where) {
    static const QRegularExpression string_key(QStringLiteral("^strings\\[(\\d+)\\]"));
    if (where.startsWith(QLatin1String("survey."))) {
        const auto& points = survey_points();
        for (std::size_t i = 0; i < points.size(); ++i)
            if (where.toStdString() == "survey." + std::string(points[i].word)) {
                choose_station(Station::survey);
                choose_point(i);
            }
        return;
    }
    const QRegularExpressionMatch string = string_key.match(where);
    if (string.hasMatch()) choose_string(static_cast<std::size_t>(string.captured(1).toInt()));
    // The field of that key, else the first of what the key holds; here before elsewhere.
    std::pair<Station, ValueField*> best{view_.station, nullptr};
    int best_rank = 0;
    for (const auto& [station, frame] : all_stations())
        for (ValueField* field : frame->findChildren<ValueField*>()) {
            if (!is_in_use(field, frame)) continue;
            const int rank = (field->key() == where ? 4 : field->key().startsWith(where) ? 2 : 0);
            if (rank == 0 || rank + (station == view_.station) <= best_rank) continue;
            best_rank = rank + (station == view_.station);
            best = {station, field};
        }
    if (best.second) go_to(best.first, best.second);
}

void MainWindow::show_table(bool shown) {
    if (!session_.is_open()) return;
    if (view_.page != Page::station || this->shown()->other_side_shown())
        return this->shown()->show_other_side(shown);
    StationFrame* station = drawn_station();
    if (!station) return;
    view_.table = shown;
    refresh();
    shown ? station->table()->setFocus() : station->take_focus();
}

void MainWindow::show_comparison(ChoiceRow* choice) {
    StationFrame* station = drawn_station();
    if (!session_.is_open() || !station) return;
    if (!choice) choice = station->pages()->school_choice();
    if (!choice) return say(tr("There is no choice between schools on this page"));
    std::vector<Alternative> schools;
    for (int i = 0; i < static_cast<int>(choice->options().size()); ++i) {
        const ChoiceRow::Option& option = choice->options()[static_cast<std::size_t>(i)];
        Alternative school{option.name, option.trade, i == choice->chosen(), nullptr, {}};
        const auto document =
            school.chosen ? std::optional(session_.document()) : station->pages()->with_pick(choice, i);
        StateResult result = document ? state_of(*document) : StateResult{};
        school.state = std::move(result.state);
        school.why_not = session_.told(result.problems);
        schools.push_back(std::move(school));
    }
    show_overlay(tr("Schools side by side"), comparison(choice->label(), schools, view_.string));
}

void MainWindow::add_field_entries(Station station, StationFrame* frame,
                                   std::vector<Finder::Entry>& entries) {
    for (ValueField* field : frame->findChildren<ValueField*>()) {
        if (!is_in_use(field, frame)) continue;
        const QString value =
            field->text() +
            (field->kind() == FieldKind::length ? QLatin1Char(' ') + unit_text(field->unit()) : QString());
        // A station out of sight may be let go while the list stands, and is made anew.
        entries.push_back({field->name(),
                           value,
                           [this, station, at = QPointer(field), name = field->objectName()] {
                               ValueField* there =
                                   at ? at.data() : this->station(station)->findChild<ValueField*>(name);
                               if (there) go_to(station, there);
                           },
                           {},
                           of_field});
    }
}

void MainWindow::add_number_entries(std::vector<Finder::Entry>& entries) {
    const State& state = session_.state();
    std::map<const Quantity*, QString> titles; // the same for every number of a kind
    for (const NumberKey& number : all_numbers(state.solution)) {
        QString& title = titles[number.quantity];
        if (title.isNull()) title = translated(number.quantity->title);
        QString words = title;
        if (number.quantity->of_string())
            words +=
                QStringLiteral(", ") + QString::fromStdString(state.job.design.string_name(number.string));
        if (const auto fret = number.fret())
            words += *fret > 0 ? tr(", fret %1").arg(*fret) : tr(", open");
        else if (number.quantity->size)
            words += QStringLiteral(", %1").arg(number.item + 1);
        const double value = *value_of(state.solution, number);
        const QString more = number.quantity->kind == QuantityKind::length
                                 ? length_with_unit(value, state.job.units.of(length_kind_of(number.text())))
                                 : term_value(value, number.quantity->kind, state.job.units.small());
        entries.push_back({words,
                           more,
                           [this, number] {
                               if (number.quantity->of_string()) choose_string(number.string);
                               key_name_ = QString::fromStdString(number.name());
                               show_working();
                               working_->show_whole(true);
                           },
                           {},
                           of_number});
    }
}

void MainWindow::add_choice_entries(Station station, StationFrame* frame,
                                    std::vector<Finder::Entry>& entries) {
    for (ChoiceRow* choice : frame->pages()->findChildren<ChoiceRow*>()) {
        if (choice->label().isEmpty()) continue;
        QStringList names;
        for (const ChoiceRow::Option& option : choice->options()) names << option.name;
        entries.push_back({choice->label(), names.join(QStringLiteral(" · ")),
                           [this, station, at = QPointer(choice), label = choice->label()] {
                               choose_station(station);
                               PartPages* pages = drawn_station()->pages();
                               ChoiceRow* there = at;
                               for (ChoiceRow* each : pages->findChildren<ChoiceRow*>())
                                   if (!there && each->label() == label) there = each;
                               if (!there) return;
                               pages->show_page_of(there);
                               if (auto* button = there->findChild<QAbstractButton*>())
                                   button->setFocus(Qt::TabFocusReason);
                           },
                           names.join(QLatin1Char(' ')), of_choice});
    }
}

void MainWindow::add_symptom_entries(std::vector<Finder::Entry>& entries) {
    for (std::size_t i = 0; i < symptom_count; ++i)
        entries.push_back({words_of(symptom_sentences[i].id),
                           tr("heard"),
                           [this, i] {
                               show_symptoms(true);
                               symptoms()->choose(static_cast<Symptom>(i));
                           },
                           {},
                           of_symptom});
}

void MainWindow::add_shop_entries(std::vector<Finder::Entry>& entries) {
    for (const ShopList& list : shop_lists())
        entries.push_back({QCoreApplication::translate("shop", list.name), tr("the shop's things"),
                           [this, key = list.key] { show_shop(std::string(key).c_str()); },
                           QCoreApplication::translate("shop", list.told), of_shop});
}

namespace {

/// What the trade calls what the program calls otherwise: a part of its words, then the others.
constexpr const char* trade_words[] = {
    QT_TRANSLATE_NOOP("trade", "between nut and finger=back buzz"),
    QT_TRANSLATE_NOOP("trade", "behind the finger=back buzz"),
    QT_TRANSLATE_NOOP("trade", "board across=cone, conical, compound radius, flat, cylinder"),
    QT_TRANSLATE_NOOP("trade", "radius=camber, compound"),
    QT_TRANSLATE_NOOP("trade", "nut height read=zero fret, locking nut"),
    QT_TRANSLATE_NOOP("trade", "kind of bridge=tremolo, vibrato, bar on posts, tailpiece, archtop"),
    QT_TRANSLATE_NOOP("trade", "bend=choke, choking out, fretting out"),
    QT_TRANSLATE_NOOP("trade", "relief=bow, back-bow, forward bow, truss rod"),
    QT_TRANSLATE_NOOP("trade", "fret 12=action, string height"),
    QT_TRANSLATE_NOOP("trade", "action=string height, setup"),
    QT_TRANSLATE_NOOP("trade", "break angle=down pressure, string pressure"),
    QT_TRANSLATE_NOOP("trade", "compensation=offset, intonation"),
    QT_TRANSLATE_NOOP("trade", "slot=groove, kerf, notch"),
    QT_TRANSLATE_NOOP("trade", "spread=string spacing, E to E"),
    QT_TRANSLATE_NOOP("trade", "fall-away=ramp, tongue, drop-off"),
    QT_TRANSLATE_NOOP("trade", "the plan=set-up, setup, work order"),
    QT_TRANSLATE_NOOP("trade", "blank=bone, stock"),
    QT_TRANSLATE_NOOP("trade", "shim=packing, wedge")};

void add_trade_words(std::vector<Finder::Entry>& entries) {
    for (const char* line : trade_words) {
        const QString both = QCoreApplication::translate("trade", line);
        const QString part = both.section(QLatin1Char('='), 0, 0);
        const QString others = both.section(QLatin1Char('='), 1);
        for (Finder::Entry& entry : entries)
            if (entry.words.contains(part, Qt::CaseInsensitive)) entry.also += QLatin1Char(' ') + others;
    }
}

} // namespace

void MainWindow::show_finder() {
    if (!finder_) finder_ = new Finder(this);
    if (finder_->isVisible()) return finder_->hide();
    std::vector<Finder::Entry> entries;
    add_action_entries(entries);
    if (session_.is_open()) add_symptom_entries(entries);
    add_shop_entries(entries);
    if (session_.is_open()) add_number_entries(entries);
    add_trade_words(entries);
    // A station that nobody has gone to yet is made for it: one after the other, so that none waits.
    std::vector<Finder::Helping> helpings;
    for (const StationKind& kind : kinds_)
        helpings.emplace_back([this, which = kind.station] {
            std::vector<Finder::Entry> more;
            StationFrame* frame = session_.is_open() ? station(which)->frame() : nullptr;
            if (!frame) return more;
            if (station(which)->lists_strings()) station(which)->refresh();
            add_field_entries(which, frame, more);
            add_choice_entries(which, frame, more);
            add_trade_words(more);
            return more;
        });
    finder_->ask(std::move(entries), std::move(helpings));
}

} // namespace fm
