#pragma once
#include "core/symptom/symptoms.h"

#include <QFrame>

#include <optional>

class QLabel;
class QToolButton;

namespace fm {

/// One cause in the list: what it is and how likely, how large its effect is, and what became of its test.
class CauseRow : public QFrame {
    Q_OBJECT
public:
    /// @param testable else its test is a reading that is there
    CauseRow(const QString& cause, const QString& effect, bool testable, std::optional<TestResult> answered,
             QWidget* parent = nullptr);
    int heightForWidth(int wide) const override;
    QToolButton* button(TestResult result) const;
    QString cause() const;

Q_SIGNALS:
    void answered(std::optional<fm::TestResult> result); ///< nothing: taken back

private:
    QLabel* cause_;
    QLabel* effect_;
    std::array<QToolButton*, 3> buttons_{};
    bool testable_;
};

} // namespace fm
