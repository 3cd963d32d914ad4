#pragma once
#include "core/found/plan.h"
#include "settings/settings.h"
#include "ui/field/choice_row.h"
#include "ui/field/decision_bar.h"
#include "ui/field/stop_bar.h"
#include "ui/frame/window_page.h"
#include "ui/look/off_thread.h"
#include "ui/state/session.h"
#include "ui/view/ordered_bar.h"
#include "ui/view/plan_picture.h"

#include <QStackedWidget>
#include <QTextBrowser>

namespace fm {

/// The plan: step after step what to do, how much, what the gauges should read afterwards, how long it takes;
/// drawn, and one key away as tables.
class PlanView : public WindowPage {
    Q_OBJECT
public:
    explicit PlanView(Session& session, QWidget* parent = nullptr);
    void refresh() override;
    void take_focus() override { stack_->currentWidget()->setFocus(); }
    bool shows_numbers() const override { return false; }
    QTextBrowser* page() { return page_; }
    PlanPicture* picture() { return picture_; }
    std::optional<bool> other_side_shown() const override { return table_; }
    void show_other_side(bool shown) override;
    StopBar* stop_bar() { return stop_; }
    DecisionBar* decision_bar() { return decision_; }
    OrderedBar* ordered_bar() { return ordered_; }
    static PlanOrder order() { return settings::plan_order(); }
    void choose_order(PlanOrder order);

Q_SIGNALS:
    void bench_asked(BenchPart part);
    void station_asked(const QString& word);
    void verdict_asked(BenchPart part);

private:
    void offer_ways(BenchPart part, const QPoint& at);
    QString html(const std::optional<Plan>& made) const;
    QString step_html(const Plan& plan, int number, BenchPart part) const;
    QString amounts(const Plan& plan, BenchPart part) const;
    QString off_words(const Plan& made, BenchPart part, std::size_t string) const;
    QString told_apart(const Plan& plan, BenchPart part) const;
    QString schedule_html(const Plan& plan) const;
    QString shown(const std::optional<double>& mm, LengthKind kind = LengthKind::gap) const;

    void ask_least();

    Session& session_;
    OffThread asking_{this}; ///< how low it could go
    bool table_ = false;
    ChoiceRow* choice_;
    ChoiceRow* shown_;
    StopBar* stop_;
    QStackedWidget* stack_;
    PlanPicture* picture_;
    QTextBrowser* page_;
    DecisionBar* decision_;
    OrderedBar* ordered_;
};

} // namespace fm
