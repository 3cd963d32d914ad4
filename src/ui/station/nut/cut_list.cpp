#include "ui/station/nut/cut_list.h"

#include "sheet/drawing/fonts.h"
#include "ui/look/texts.h"
#include "ui/look/theme.h"
#include "ui/page/numbers_list.h"

#include <QApplication>
#include <QHeaderView>
#include <QPainter>
#include <QVBoxLayout>

namespace fm {

CutList::CutList(const Session& session, const ViewState& view, QWidget* parent)
    : QWidget(parent), session_(session), view_(view), model_(new CutListModel(session, view, this)),
      table_(new EntryTable), unit_(new QLabel) {
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(12, 14, 10, 8);
    column->setSpacing(6);
    auto* head = new QHBoxLayout;
    auto* title = new QLabel(tr("Cut list"));
    QFont font = shipped_font(true);
    font.setPixelSize(19);
    title->setFont(font);
    head->addWidget(title);
    head->addStretch(1);
    unit_->setProperty("caption", true);
    head->addWidget(unit_);
    column->addLayout(head);
    stage_ = new ChoiceRow({}, {{tr("blank"), {}, tr("B")}, {tr("fitted nut"), {}, tr("B")}});
    datum_ = new ChoiceRow({}, {{tr("seat"), tr("over the seat"), tr("D")},
                                {tr("board"), tr("over the board, on feelers"), tr("D")},
                                {tr("frets"), tr("over a straightedge on the frets"), tr("D")},
                                {tr("top"), tr("from the top of the blank"), tr("D")}});
    stage_->setAccessibleName(tr("Which list"));
    datum_->setAccessibleName(tr("Measured over"));
    column->addWidget(stage_);
    column->addWidget(datum_);
    table_->setModel(model_);
    table_->viewport()->installEventFilter(this);
    table_->setItemDelegate(new NumberDelegate(session, view, table_));
    table_->setAccessibleName(tr("Cut list"));
    table_->verticalHeader()->hide();
    lay_out_table(table_, 32);
    table_->setSelectionMode(QAbstractItemView::SingleSelection);
    table_->horizontalHeader()->setDefaultAlignment(Qt::AlignRight | Qt::AlignVCenter);
    column->addWidget(table_, 1);
    connect(model_, &CutListModel::not_understood, table_, &EntryTable::refuse);
    connect(stage_, &ChoiceRow::picked, this,
            [this](int i) { Q_EMIT stage_picked(static_cast<CutStage>(i)); });
    connect(datum_, &ChoiceRow::picked, this, [this](int i) { Q_EMIT datum_picked(static_cast<Datum>(i)); });
    connect(table_->selectionModel(), &QItemSelectionModel::currentChanged, this,
            [this](const QModelIndex& now) {
                if (!now.isValid()) return;
                const QString key = now.data(number_key_role).toString();
                Q_EMIT string_picked(static_cast<std::size_t>(now.row()));
                Q_EMIT number_picked(key);
            });
}

void CutList::refresh() {
    if (!session_.is_open()) return;
    const QModelIndex current = table_->currentIndex();
    const bool editing = table_->hasFocus() || table_->isAncestorOf(QApplication::focusWidget());
    model_->refresh();
    const int row = static_cast<int>(view_.string);
    const QSignalBlocker quiet(table_->selectionModel());
    table_->setCurrentIndex(model_->index(row, editing && current.isValid() ? current.column() : 2));
    stage_->set_chosen(static_cast<int>(view_.stage));
    datum_->set_chosen(static_cast<int>(view_.datum));
    unit_->setText(unit_text(session_.state().job.units.small()) + QLatin1Char(' ') + model_->datum_words());
    share_room(table_);
}

bool CutList::eventFilter(QObject* watched, QEvent* event) {
    if (watched == table_->viewport() && event->type() == QEvent::Resize) share_room(table_);
    return QWidget::eventFilter(watched, event);
}

void CutList::copy() const {
    copy_list(*model_);
}

void CutList::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    painter.fillRect(rect(), theme().list);
    painter.setPen(theme().hairline);
    painter.drawLine(0, 0, 0, height());
}

} // namespace fm
