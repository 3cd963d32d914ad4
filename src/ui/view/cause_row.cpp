#include "ui/view/cause_row.h"

#include "ui/look/plain_button.h"

#include <QHBoxLayout>
#include <QLabel>
#include <QVBoxLayout>

namespace fm {

CauseRow::CauseRow(const QString& cause, const QString& effect, bool testable,
                   std::optional<TestResult> answered, QWidget* parent)
    : QFrame(parent), cause_(new QLabel(cause)), effect_(new QLabel(effect)), testable_(testable) {
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(2, 4, 2, 4);
    column->setSpacing(2);
    for (QLabel* label : {cause_, effect_}) {
        label->setWordWrap(true);
        label->setTextFormat(Qt::PlainText);
        label->setAttribute(Qt::WA_TransparentForMouseEvents); // a press picks the row
        column->addWidget(label);
    }
    effect_->setProperty("caption", true);
    effect_->setVisible(!effect.isEmpty());
    if (!testable) return;
    auto* row = new QHBoxLayout;
    row->setSpacing(4);
    const struct {
        TestResult result;
        QString name, tip;
    } each[] = {{TestResult::gone, tr("gone"),
                 tr("Its test was made, and what was heard is gone, or it shows the cause")},
                {TestResult::better, tr("better"), tr("Its test was made, and it is better, not gone")},
                {TestResult::same, tr("the same"), tr("Its test was made, and nothing changed")}};
    for (const auto& [result, name, tip] : each) {
        QToolButton* button = plain_button(name, tip);
        button->setCheckable(true);
        button->setChecked(answered == result);
        button->setMinimumHeight(32);
        button->setAccessibleName(cause + QStringLiteral(": ") + name);
        connect(button, &QToolButton::clicked, this, [this, result = result](bool on) {
            Q_EMIT this->answered(on ? std::optional(result) : std::nullopt);
        });
        buttons_[static_cast<std::size_t>(result)] = button;
        row->addWidget(button);
    }
    row->addStretch(1);
    column->addLayout(row);
}

int CauseRow::heightForWidth(int wide) const {
    const int words = wide - 28;
    int high = 8 + cause_->heightForWidth(words);
    if (!effect_->isHidden()) high += 2 + effect_->heightForWidth(words);
    if (testable_) high += 2 + buttons_[0]->sizeHint().height();
    return high + 16;
}

QToolButton* CauseRow::button(TestResult result) const {
    return buttons_[static_cast<std::size_t>(result)];
}

QString CauseRow::cause() const {
    return cause_->text();
}

} // namespace fm
