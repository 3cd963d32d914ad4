#pragma once
#include "ui/state/session.h"
#include "workshop/within_ordered.h"

#include <QWidget>

class QLabel;
class QToolButton;

namespace fm {

/// What was ordered as a length: what is spent of it, the steps that are left laid along it, and what stands
/// over.
class OrderedRule : public QWidget {
    Q_OBJECT
public:
    explicit OrderedRule(QWidget* parent = nullptr);
    void show_story(const OrderedStory& story);
    QSize sizeHint() const override { return {400, 40}; }
    QSize minimumSizeHint() const override { return {200, 40}; }

protected:
    void paintEvent(QPaintEvent* event) override;

private:
    OrderedStory story_;
};

/// A plan against what the owner ordered for at most, and the steps that fit it, one press away. Hidden where
/// nothing was ordered for at most so much.
class OrderedBar : public QWidget {
    Q_OBJECT
public:
    explicit OrderedBar(Session& session, QWidget* parent = nullptr);
    void refresh(PlanOrder order);
    QString words() const;
    QToolButton* fit_button() { return fit_; }

Q_SIGNALS:
    void fit_asked(const std::vector<OtherWay>& others, const QString& reason);

private:
    QString told() const;
    QString ordered_words() const;
    QString amount(double minutes, double price) const;

    Session& session_;
    std::optional<OrderedStory> story_;
    OrderedRule* rule_;
    QLabel* text_;
    QToolButton* fit_;
};

} // namespace fm
