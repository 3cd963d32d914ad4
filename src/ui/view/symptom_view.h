#pragma once
#include "ui/frame/window_page.h"
#include "ui/state/view_state.h"
#include "ui/view/symptom_board.h"

#include <QLabel>
#include <QListWidget>

class QToolButton;

namespace fm {

/// From what was heard to what is wrong: what, where, the cheapest test first, ranked causes, and what each
/// cure does to every string.
class SymptomView : public WindowPage {
    Q_OBJECT
public:
    SymptomView(Session& session, const ViewState& view, QWidget* parent = nullptr);
    void refresh() override;
    void take_focus() override { board_->setFocus(); }
    bool shows_numbers() const override { return false; }

    SymptomBoard* board() { return board_; }
    QListWidget* symptoms() { return symptoms_; }
    QListWidget* causes() { return causes_; }
    const Diagnosis& diagnosis() const { return found_; }
    void choose(Symptom symptom);
    /// What the test of the chosen cause showed; nothing: not made.
    void answer(std::optional<TestResult> result);
    /// The chosen cause goes to the record as the one it is.
    void decide();
    QString detail() const { return detail_->text(); }
    QString table() const { return strings_->text(); }

Q_SIGNALS:
    void decided(const QString& what);

private:
    QWidget* build_symptoms();
    QWidget* build_detail();
    void ask();
    void show_cause();
    const Cause* chosen() const;
    int rank_of(const Cause& cause) const;
    QString strings_table(const Cause& cause) const;

    Session& session_;
    const ViewState& view_;
    Heard heard_;
    bool begun_ = false; ///< something is asked about
    Diagnosis found_;
    std::shared_ptr<const State> asked_of_;
    QListWidget* symptoms_;
    SymptomBoard* board_;
    QLabel* hint_;
    QListWidget* causes_;
    QLabel* detail_;
    QLabel* strings_;
    QToolButton* gone_;
    QToolButton* better_;
    QToolButton* same_;
    QToolButton* decide_;
};

} // namespace fm
