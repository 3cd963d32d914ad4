#include "ui/part_pages.h"

#include "ui/flow_layout.h"

#include <QScrollArea>
#include <QToolButton>
#include <QVBoxLayout>

namespace fm {

PartPages::PartPages(Session& session, FieldBinder& binder, const ViewState& view, QWidget* parent)
    : QWidget(parent), session_(session), binder_(binder), view_(view), stack_(new QStackedWidget) {
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(24, 0, 16, 6);
    column->setSpacing(4);
    auto* tabs = new QWidget;
    tab_row_ = new FlowLayout(tabs);
    column->addWidget(tabs);
    column->addWidget(stack_, 1);
    connect(&tabs_, &QButtonGroup::idClicked, this, &PartPages::show_page);
}

void PartPages::add_page(const QString& name, const std::vector<QWidget*>& parts) {
    const int number = stack_->count();
    auto* tab = new QToolButton;
    tab->setText(name);
    tab->setCheckable(true);
    tab->setProperty("page", true);
    tab->setFocusPolicy(Qt::TabFocus);
    tab->setToolTip(tr("%1 (Ctrl+%2)").arg(name).arg(number + 1));
    tabs_.addButton(tab, number);
    tab_row_->addWidget(tab);
    auto* page = new QWidget;
    auto* flow = new FlowLayout(page, 22, 6);
    for (QWidget* part : parts) flow->addWidget(part);
    auto* scroll = new QScrollArea;
    scroll->setWidget(page);
    scroll->setWidgetResizable(true);
    scroll->setFrameShape(QFrame::NoFrame);
    scroll->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    scroll->setFocusPolicy(Qt::NoFocus);
    stack_->addWidget(scroll);
    if (number == 0) show_page(0);
}

void PartPages::show_page(int page) {
    if (page < 0 || page >= stack_->count()) return;
    stack_->setCurrentIndex(page);
    tabs_.button(page)->setChecked(true);
}

ValueField* PartPages::field(const char* key, const QString& name, FieldKind kind, FieldBinder::Getter value,
                             FieldBinder::KeyMaker made) {
    auto* made_field = new ValueField(QString::fromLatin1(key), name, kind, this);
    made_field->setFixedWidth(84);
    if (made)
        binder_.bind(made_field, std::move(value), std::move(made));
    else
        binder_.bind(made_field, std::move(value));
    return made_field;
}

QWidget* PartPages::labelled(ValueField* field, const QString& words) {
    auto* box = new QWidget;
    auto* column = new QVBoxLayout(box);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(3);
    auto* label = new QLabel(words);
    label->setProperty("caption", true);
    label->setBuddy(field);
    column->addWidget(label);
    column->addWidget(field);
    return box;
}

QWidget* PartPages::boxed(const std::vector<QWidget*>& parts) {
    auto* box = new QWidget;
    auto* row = new QHBoxLayout(box);
    row->setContentsMargins(0, 0, 0, 0);
    row->setSpacing(12);
    for (QWidget* part : parts) row->addWidget(part, 0, Qt::AlignBottom);
    return box;
}

void PartPages::commit(const QString& name, const Value& document) {
    const std::vector<Message> problems = session_.commit(name, document);
    if (!problems.empty()) Q_EMIT refused(FieldBinder::told(problems, session_.state().job.unit));
    refresh();
}

void PartPages::refresh() {
    if (session_.is_open()) show_state();
}

} // namespace fm
