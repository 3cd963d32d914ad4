#pragma once
#include "ui/state/session.h"
#include "ui/view/plan_least.h"
#include "ui/view/plan_story.h"

#include <QTime>
#include <QToolButton>
#include <QWidget>

#include <functional>
#include <utility>

namespace fm {

/// The plan drawn: steps from left to right, in each the strings side by side: a ring where a gauge read,
/// a dot where it should read then, a dash where it is wanted, hatched what comes off; under them the time it
/// takes, and what is next.
class PlanPicture : public QWidget {
    Q_OBJECT
public:
    explicit PlanPicture(Session& session, QWidget* parent = nullptr);
    void show_story(PlanStory story);
    /// How low this hand could have it; until then, and where it cannot be said, nothing of it is drawn.
    void show_least(PlanLeast least);
    const PlanLeast& least() const { return least_; }
    const PlanStory& story() const { return story_; }
    QSize minimumSizeHint() const override;

Q_SIGNALS:
    void bench_asked(fm::BenchPart part);
    void station_asked(const QString& word);
    void ways_asked(fm::BenchPart part, const QPoint& at); ///< at: on the screen

protected:
    void paintEvent(QPaintEvent* event) override;
    void resizeEvent(QResizeEvent* event) override;

private:
    struct Lines;
    bool is_small() const;
    const Lines& lines() const;
    QRectF column_rect(std::size_t column) const;
    QRectF plot_rect(std::size_t column) const;
    bool is_narrow(std::size_t column) const;
    void lay_out();
    void go(std::size_t column);
    QString spoken() const;
    QString number(double value, const PlanColumn& column) const;
    void paint_column(QPainter& painter, std::size_t column) const;
    std::pair<double, double> reach(const PlanColumn& step) const;
    void paint_marks(QPainter& painter, std::size_t column) const;
    void paint_mark(QPainter& painter, const PlanColumn& step, const PlanMark& mark, double x, double each,
                    const std::function<double(double)>& y_of) const;
    QString amount_text(double mm, double width_px, bool strong = false) const;
    void paint_amount(QPainter& painter, const PlanMark& mark, const QRectF& box, bool sure) const;
    void paint_time(QPainter& painter) const;
    void paint_next(QPainter& painter) const;

    Session& session_;
    PlanStory story_;
    PlanLeast least_;
    std::vector<QToolButton*> buttons_; ///< one a column
    std::vector<QToolButton*> ways_;    ///< one a column: which way its step goes
    QToolButton* next_;
};

} // namespace fm
