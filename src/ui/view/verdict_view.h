#pragma once
#include "core/found/plan.h"
#include "ui/field/choice_row.h"
#include "ui/frame/window_page.h"
#include "ui/state/session.h"

#include <QLineEdit>
#include <QTextBrowser>

class QToolButton;

namespace fm {

/// The verdict on nut, saddle and relief as found, argued: what was read, the rule, the amounts, what else
/// could be done; and what was decided, with why if it is something else.
class VerdictView : public WindowPage {
    Q_OBJECT
public:
    explicit VerdictView(Session& session, QWidget* parent = nullptr);
    void refresh() override;
    void take_focus() override { page_->setFocus(); }
    bool shows_numbers() const override { return false; }
    QTextBrowser* page() { return page_; }
    enum class Part { nut, saddle, relief };
    void choose_part(Part part);
    /// What is proposed for the part, as an index into its ways; nothing where it was not read.
    std::optional<int> proposed() const;
    /// What the plan goes by; nothing where the maker has to choose.
    std::optional<int> chosen() const;
    /// Decides for one of the part's ways. Another one than proposed needs a reason.
    void decide(int way, const QString& reason);
    QStringList ways() const;

Q_SIGNALS:
    void station_asked(const QString& word);

private:
    static QString not_read(const QString& why);
    QString nut_html() const;
    QString saddle_html() const;
    QString relief_html() const;
    const char* part_word() const;
    std::optional<int> way_of(std::string_view word) const;
    QString screws_html(const SaddleStep& step) const;
    /// The ways of the part that is judged, as its height is set.
    ChoiceRow* ways_row() const;
    QString decided_html() const;
    QString nut_ways_html(const NutStep& step) const;

    Session& session_;
    Part part_ = Part::nut;
    ChoiceRow* parts_;
    ChoiceRow* nut_ways_;
    ChoiceRow* saddle_ways_;
    ChoiceRow* screw_ways_;
    ChoiceRow* relief_ways_;
    QLineEdit* reason_;
    QTextBrowser* page_;
};

} // namespace fm
