#pragma once
#include "ui/frame/window_page.h"
#include "ui/state/view_state.h"
#include "ui/view/symptom_board.h"

#include <QBoxLayout>
#include <QLabel>
#include <QListWidget>

class QToolButton;

namespace fm {

class CauseRow;

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
    /// What the test of a cause showed; nothing: not made. It goes to the record.
    void answer(std::size_t cause, std::optional<TestResult> result);
    /// The row of a cause, with what became of its test.
    CauseRow* row(std::size_t cause) const;
    /// The chosen cause goes to the record as the one it is.
    void decide();
    QString hint() const { return hint_->text(); }
    QString detail() const { return detail_->text(); }
    QString table() const { return strings_->text(); }

Q_SIGNALS:
    void decided(const QString& what);

protected:
    void resizeEvent(QResizeEvent* event) override;

private:
    QWidget* build_symptoms();
    QWidget* build_detail();
    void ask();
    void forget();
    void go_on_with_the_record();
    void fit_rows();
    void show_cause();
    const Cause* chosen() const;
    int rank_of(const Cause& cause) const;
    QString strings_table(const Cause& cause) const;

    Session& session_;
    const ViewState& view_;
    std::optional<Symptom> symptom_; ///< nothing is picked beforehand
    Heard heard_;
    std::optional<std::size_t> open_; ///< of the record: the complaint whose tests are being made
    Diagnosis found_;
    std::shared_ptr<const State> asked_of_;
    QWidget* heard_list_ = nullptr; ///< what was heard, to pick from
    QBoxLayout* across_ = nullptr;
    QBoxLayout* below_ = nullptr;
    QListWidget* symptoms_;
    SymptomBoard* board_;
    QLabel* hint_;
    QListWidget* causes_;
    QLabel* detail_;
    QLabel* strings_;
    QToolButton* decide_;
};

} // namespace fm
