#include "ui/cut_list.h"

#include "sheet/fonts.h"
#include "ui/row_delegate.h"
#include "ui/texts.h"
#include "ui/theme.h"

#include <QApplication>
#include <QClipboard>
#include <QGuiApplication>
#include <QHeaderView>
#include <QMimeData>
#include <QPainter>
#include <QVBoxLayout>

namespace fm {

namespace {

/// A row as it lies on the paper: the string's mark, numbers to the right, what remains of a 64th small
/// beneath.
class CutDelegate : public RowDelegate {
public:
    using RowDelegate::RowDelegate;

    void paint(QPainter* painter, const QStyleOptionViewItem& option,
               const QModelIndex& index) const override {
        const auto* model = static_cast<const CutListModel*>(index.model());
        const auto column = model->column(index.column());
        const auto i = static_cast<std::size_t>(index.row());
        const bool chosen = i == view_.string;
        painter->save();
        paint_ground(painter, option, index, chosen);
        QRect box = option.rect.adjusted(1, 0, -5, 0);
        if (column == CutListModel::Column::string)
            box = paint_mark(painter, option.rect, session_.state().job.design.strings[i]);
        paint_text(painter, box, index.data().toString(), column, chosen);
        paint_focus(painter, option);
        painter->restore();
    }

private:
    /// Wound strings as a ring, plain ones as a dot, larger for thicker; returns the room left for the name.
    static QRect paint_mark(QPainter* painter, const QRect& rect, const StringDesign& string) {
        painter->setRenderHint(QPainter::Antialiasing);
        const double r = 3.0 + 1.6 * std::min(2.0, string.diameter_mm);
        const QPointF middle(rect.left() + 17.0, rect.center().y() + 0.5);
        painter->setPen(QPen(theme().ink, 1.5));
        painter->setBrush(string.wound ? QBrush(theme().list) : QBrush(theme().ink));
        painter->drawEllipse(middle, string.wound ? r : 0.8 * r, string.wound ? r : 0.8 * r);
        return rect.adjusted(31, 0, 0, 0);
    }

    static void paint_text(QPainter* painter, const QRect& box, const QString& text,
                           CutListModel::Column column, bool chosen) {
        using Column = CutListModel::Column;
        const bool strong =
            column == Column::floor || column == Column::take_off || (column == Column::string && chosen);
        QFont font = shipped_font(strong);
        const int px = painter->font().pixelSize() > 0 ? painter->font().pixelSize() : 16;
        font.setPixelSize(column == Column::floor || column == Column::take_off ? px + 2 : px);
        const bool dust = column == Column::saw_to || column == Column::take_off;
        const bool yours = column == Column::gap_now || column == Column::action_now;
        painter->setPen(text.contains(QLatin1Char('+')) && column == Column::take_off ? theme().missing
                        : dust                                                        ? theme().take_off
                        : yours                                                       ? theme().yours
                                                                                      : theme().ink);
        const int align = column == Column::string ? Qt::AlignLeft : Qt::AlignRight;
        const qsizetype line = text.indexOf(QLatin1Char('\n'));
        // A column too narrow for its figures makes them smaller: nothing is cut off.
        const QString widest = line < 0 ? text : text.left(line);
        while (font.pixelSize() > 11 && QFontMetrics(font).horizontalAdvance(widest) > box.width())
            font.setPixelSize(font.pixelSize() - 1);
        if (line < 0) {
            painter->setFont(font);
            painter->drawText(box, align | Qt::AlignVCenter, text);
            return;
        }
        painter->setFont(font);
        painter->drawText(box.adjusted(0, 2, 0, -box.height() / 2 + 3), align | Qt::AlignVCenter,
                          text.left(line));
        font.setPixelSize(std::max(11, px - 4));
        font.setBold(false);
        painter->setFont(font);
        painter->drawText(box.adjusted(0, box.height() / 2 + 1, 0, -1), align | Qt::AlignVCenter,
                          text.mid(line + 1));
    }
};

} // namespace

CutList::CutList(const Session& session, const ViewState& view, QWidget* parent)
    : QWidget(parent), session_(session), view_(view), model_(new CutListModel(session, view, this)),
      table_(new QTableView), unit_(new QLabel) {
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
    table_->setItemDelegate(new CutDelegate(session, view, table_));
    table_->setAccessibleName(tr("Cut list"));
    table_->verticalHeader()->hide();
    lay_out_table(table_, 32);
    table_->setSelectionMode(QAbstractItemView::SingleSelection);
    table_->horizontalHeader()->setDefaultAlignment(Qt::AlignRight | Qt::AlignVCenter);
    column->addWidget(table_, 1);
    connect(stage_, &ChoiceRow::picked, this,
            [this](int i) { Q_EMIT stage_picked(static_cast<CutStage>(i)); });
    connect(datum_, &ChoiceRow::picked, this, [this](int i) { Q_EMIT datum_picked(static_cast<Datum>(i)); });
    connect(table_->selectionModel(), &QItemSelectionModel::currentChanged, this,
            [this](const QModelIndex& now) {
                if (!now.isValid()) return;
                const QString key = now.data(CutListModel::number_key_role).toString();
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
    unit_->setText(unit_text(session_.state().job.unit) + QLatin1Char(' ') + model_->datum_words());
    fit_rows();
}

void CutList::fit_rows() {
    const int rows = std::max(1, model_->rowCount());
    table_->verticalHeader()->setDefaultSectionSize(std::clamp(table_->viewport()->height() / rows, 32, 44));
    const int width = table_->viewport()->width();
    const int others = width * 70 / 100 / (model_->columnCount() - 1);
    for (int column = 1; column < model_->columnCount(); ++column) table_->setColumnWidth(column, others);
    table_->setColumnWidth(0, width - others * (model_->columnCount() - 1));
}

bool CutList::eventFilter(QObject* watched, QEvent* event) {
    if (watched == table_->viewport() && event->type() == QEvent::Resize) fit_rows();
    return QWidget::eventFilter(watched, event);
}

void CutList::copy() const {
    auto* copied = new QMimeData;
    copied->setText(model_->as_text());
    copied->setHtml(model_->as_html());
    QGuiApplication::clipboard()->setMimeData(copied);
}

void CutList::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    painter.fillRect(rect(), theme().list);
    painter.setPen(theme().hairline);
    painter.drawLine(0, 0, 0, height());
}

} // namespace fm
