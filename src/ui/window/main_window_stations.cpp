// What fills the window: stations and pages, each made when it is first gone to, so that opening does not
// wait for all.
#include "settings/settings.h"
#include "ui/window/main_window.h"

#include <QHBoxLayout>

namespace fm {

WindowPage* MainWindow::station(Station station) {
    Held& made = stations_[static_cast<std::size_t>(station)];
    if (made.page) return made.page;
    made = held([this, station](QWidget* parent) {
        return kinds_[static_cast<std::size_t>(station)].make(session_, view_, parent);
    });
    if (auto* sheets = qobject_cast<SheetStation*>(made.page))
        connect(sheets, &SheetStation::drawn, path_, &StationPath::set_sheets_changed);
    if (auto* record = qobject_cast<RecordStation*>(made.page))
        connect(record, &RecordStation::sheet_asked, this, [this](bool for_the_owner) {
            choose_station(Station::sheets);
            this->sheets()->choose_parts({for_the_owner ? SheetPart::owner : SheetPart::shop});
        });
    return made.page;
}

void MainWindow::let_go_out_of_sight(std::size_t kept) {
    // Not those that hold what is in no job yet: a half-written line of the record, the sheets picked.
    for (const Station each : {Station::survey, Station::neck, Station::strings, Station::saddle,
                               Station::bridge, Station::intonation}) {
        Held& made = stations_[static_cast<std::size_t>(each)];
        if (!made.page || made.holder == middle_->currentWidget()) continue;
        if (std::find(seen_.begin(), seen_.end(), each) - seen_.begin() < static_cast<std::ptrdiff_t>(kept))
            continue;
        if (StationFrame* frame = made.page->frame()) {
            Left left{frame->pages()->page(), {}};
            for (const PartCanvas* drawing : frame->canvases()) left.sights.push_back(drawing->sight());
            left_[each] = std::move(left);
        }
        std::erase(lists_, made.page->beside());
        delete made.holder;
        made = {};
    }
}

WindowPage* MainWindow::page(Page page) {
    Held& made = pages_[page];
    if (!made.page) made = held([this, page](QWidget* parent) { return made_page(page, parent); });
    return made.page;
}

WindowPage* MainWindow::made_page(Page page, QWidget* parent) {
    switch (page) {
    case Page::board: return new FretBoard(session_, view_, parent);
    case Page::verdict: {
        auto* verdict = new VerdictView(session_, parent);
        connect(verdict, &VerdictView::station_asked, this, &MainWindow::go_to_named);
        return verdict;
    }
    case Page::station: break;
    case Page::plan: {
        auto* plan = new PlanView(session_, parent);
        connect(plan, &PlanView::bench_asked, this, [this](BenchPart part) { go_to_bench(part); });
        connect(plan, &PlanView::station_asked, this, &MainWindow::go_to_named);
        connect(plan, &PlanView::verdict_asked, this, [this](BenchPart part) {
            show_verdict(true);
            verdict()->choose_part(part);
        });
        return plan;
    }
    case Page::heard: {
        auto* heard = new SymptomView(session_, view_, parent);
        connect(heard, &SymptomView::decided, this, &MainWindow::say);
        return heard;
    }
    }
    return nullptr;
}

void MainWindow::go_to_named(const QString& station) {
    if (const auto asked = of_word<Station>(station.toStdString())) choose_station(*asked);
}

WindowPage* MainWindow::shown() {
    return view_.page == Page::station ? station(view_.station) : page(view_.page);
}

MainWindow::Held MainWindow::held(const std::function<WindowPage*(QWidget* parent)>& make) {
    auto* holder = new QWidget(middle_);
    auto* row = new QHBoxLayout(holder);
    row->setContentsMargins(0, 0, 0, 0);
    row->setSpacing(0);
    WindowPage* page = make(holder);
    connect_page(page);
    row->addWidget(page, 1);
    if (QWidget* list = page->beside()) {
        row->addWidget(list);
        lists_.push_back(list);
        place_list(list);
    }
    middle_->addWidget(holder);
    return {page, holder};
}

void MainWindow::connect_page(WindowPage* page) {
    connect(page, &WindowPage::refused, this, &MainWindow::say);
    connect(page, &WindowPage::string_picked, this, &MainWindow::choose_string);
    connect(page, &WindowPage::view_asked, this, &MainWindow::change_view);
    connect(page, &WindowPage::number_picked, this, [this](const QString& name) {
        key_name_ = name;
        show_working();
    });
    StationFrame* drawn = page->frame();
    if (!drawn) return;
    connect(drawn, &StationFrame::compare_asked, this, &MainWindow::show_comparison);
    connect(drawn, &StationFrame::doubt_followed, this, &MainWindow::follow_doubt);
}

/// Where the work goes on: the survey's next point or reading, the bench where there is a plan for this part,
/// else the next station.
void MainWindow::go_next() {
    if (!session_.is_open()) return;
    const State& state = session_.state();
    const bool on_page = view_.page != Page::station;
    if (state.plan && (view_.page == Page::plan || bench_part(view_.station))) {
        const auto next = next_part(*state.plan, settings::plan_order());
        const auto here = bench_part(view_.station);
        const bool skips = here && skipped_before(*state.plan, settings::plan_order(), *here);
        if (next && (view_.page == Page::plan || skips)) return go_to_bench(*next);
    }
    if (on_page) show_page(view_.page, false);
    if (view_.station == Station::survey) {
        const auto& findings = state.job.survey;
        const auto unseen =
            std::find_if(findings.begin(), findings.end(), [](const auto& f) { return !f.mark; });
        if (unseen != findings.end()) {
            choose_point(static_cast<std::size_t>(unseen - findings.begin()));
            return survey()->canvas()->setFocus();
        }
        const auto& read = state.found.strings;
        for (std::size_t i = 0; i < read.size(); ++i) {
            if (read[i].has_nut() && read[i].has_action()) continue;
            choose_string(i);
            auto* field = survey()->findChild<ValueField*>(
                QLatin1String(read[i].has_nut() ? "found.action_mm" : "found.nut_gap_mm"));
            return go_to(Station::survey, field);
        }
    }
    if (const auto part = bench_part(view_.station); part && state.plan) return go_to_bench(*part);
    const std::size_t next = static_cast<std::size_t>(view_.station) + 1;
    choose_station(static_cast<Station>(next < station_count ? next : 0));
}

QString MainWindow::first_number() const {
    return kinds_[static_cast<std::size_t>(view_.station)].first_number(session_.state(), view_);
}

} // namespace fm
