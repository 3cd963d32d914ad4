#pragma once
#include "core/found/plan.h"
#include "ui/field/choice_row.h"
#include "ui/field/decision_bar.h"
#include "ui/frame/window_page.h"
#include "ui/state/session.h"
#include "ui/view/found_picture.h"
#include "ui/view/way_card.h"

#include <QLabel>
#include <QStackedWidget>
#include <QTextBrowser>

namespace fm {

/// The verdict on nut, saddle and relief as found: what was read and seen, and every way side by side with
/// its amounts, minutes, price and what it leaves behind; drawn, and one key away as a table. A way is chosen
/// by its drawing; another one than proposed asks why.
class VerdictView : public WindowPage {
    Q_OBJECT
public:
    explicit VerdictView(Session& session, QWidget* parent = nullptr);
    void refresh() override;
    void take_focus() override;
    bool shows_numbers() const override { return false; }
    QTextBrowser* page() { return page_; }
    const VerdictStory& story() const { return story_; }
    DecisionBar* bar() { return bar_; }
    /// The card of a way, as the job file calls it; nullptr where it is not shown.
    WayCard* card(std::string_view word) const;
    BenchPart part() const { return part_; }
    void choose_part(BenchPart part);
    std::optional<bool> other_side_shown() const override { return table_; }
    void show_other_side(bool shown) override;

Q_SIGNALS:
    void station_asked(const QString& word);

protected:
    void resizeEvent(QResizeEvent* event) override;

private:
    static QString not_read(const QString& why);
    QString html() const;
    QString nut_html() const;
    QString saddle_html() const;
    QString relief_html() const;
    QString screws_html(const SaddleStep& step) const;
    QString decided_html() const;
    QString ways_html() const;
    QString caution() const;

    Session& session_;
    BenchPart part_ = BenchPart::nut;
    bool table_ = false;
    VerdictStory story_;
    ChoiceRow* parts_;
    ChoiceRow* shown_;
    QStackedWidget* stack_;
    QWidget* drawn_;
    QLabel* says_;
    QLabel* decided_;
    FoundPicture* found_;
    std::vector<WayCard*> cards_;
    QTextBrowser* page_;
    DecisionBar* bar_;
};

} // namespace fm
