#include "ui/field/choice_row.h"

#include "ui/look/drawn_icon.h"
#include "ui/look/flow_layout.h"

#include <QKeyEvent>
#include <QToolButton>
#include <QVBoxLayout>

#include <algorithm>

namespace fm {

ChoiceRow::ChoiceRow(const QString& label, const std::vector<Option>& options, QWidget* parent)
    : QWidget(parent), label_(label), options_(options) {
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(3);
    const bool drawn = std::any_of(options.begin(), options.end(),
                                   [](const Option& option) { return !option.picture.items.empty(); });
    if (!label.isEmpty() && !drawn) { // pictures say what is chosen
        auto* heading = new QLabel(label);
        heading->setProperty("caption", true);
        column->addWidget(heading);
    }
    auto* buttons = new QWidget;
    auto* flow = new FlowLayout(buttons);
    bool trades = false;
    for (std::size_t i = 0; i < options.size(); ++i) {
        auto* button = new QToolButton;
        button->setText(options[i].name);
        button->setCheckable(true);
        if (!options[i].picture.items.empty()) {
            button->setIcon(drawn_icon(options[i].picture));
            button->setIconSize(drawn_icon_px);
            button->setToolButtonStyle(Qt::ToolButtonTextUnderIcon);
        }
        button->setProperty("drawn", drawn);
        button->setProperty("choice", true);
        button->setProperty("tight", label.isEmpty());
        button->setFocusPolicy(Qt::TabFocus);
        button->setAccessibleName(label.isEmpty() ? options[i].name
                                                  : label + QStringLiteral(": ") + options[i].name);
        button->setAccessibleDescription(options[i].trade);
        QString tip = options[i].trade.isEmpty() ? options[i].name : options[i].trade;
        if (!options[i].shortcut.isEmpty())
            tip += QStringLiteral(" (") + options[i].shortcut + QLatin1Char(')');
        button->setToolTip(tip);
        button->installEventFilter(this);
        group_.addButton(button, static_cast<int>(i));
        flow->addWidget(button);
        trades = trades || (!drawn && !options[i].trade.isEmpty());
    }
    column->addWidget(buttons);
    if (trades && !label.isEmpty()) {
        auto* compare = new QToolButton;
        compare->setText(tr("compare"));
        compare->setProperty("plain", true);
        compare->setFocusPolicy(Qt::TabFocus);
        compare->setToolTip(tr("The numbers that differ between these, side by side (C)"));
        compare->setAccessibleName(label + QStringLiteral(": ") + tr("compare"));
        flow->addWidget(compare);
        connect(compare, &QToolButton::clicked, this, &ChoiceRow::compare_asked);
    }
    if (trades && !label.isEmpty()) {
        trade_ = new QLabel;
        trade_->setWordWrap(true);
        trade_->setProperty("caption", true);
        column->addWidget(trade_);
    }
    connect(&group_, &QButtonGroup::idClicked, this, [this](int index) {
        show_trade();
        Q_EMIT picked(index);
    });
}

bool ChoiceRow::eventFilter(QObject* watched, QEvent* event) {
    if (event->type() != QEvent::KeyPress) return QWidget::eventFilter(watched, event);
    const int key = static_cast<QKeyEvent*>(event)->key();
    const bool back = key == Qt::Key_Left || key == Qt::Key_Up;
    if (!back && key != Qt::Key_Right && key != Qt::Key_Down) return QWidget::eventFilter(watched, event);
    const int here = group_.id(qobject_cast<QAbstractButton*>(watched));
    if (auto* next = group_.button(here + (back ? -1 : 1))) next->setFocus(Qt::TabFocusReason);
    return true;
}

void ChoiceRow::set_chosen(int index) {
    if (auto* button = group_.button(index)) button->setChecked(true);
    show_trade();
}

QSize ChoiceRow::sizeHint() const {
    QSize size = QWidget::sizeHint();
    if (!trade_) return size;
    for (const Option& option : options_)
        size.setWidth(std::max(size.width(), trade_->fontMetrics().horizontalAdvance(option.trade) + 4));
    size.setHeight(layout()->heightForWidth(size.width()));
    return size;
}

void ChoiceRow::show_trade() {
    if (trade_ && chosen() >= 0) trade_->setText(options_[static_cast<std::size_t>(chosen())].trade);
}

} // namespace fm
