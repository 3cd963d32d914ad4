#include "ui/field/row_delegate.h"

#include "sheet/drawing/fonts.h"
#include "ui/look/texts.h"
#include "ui/look/theme.h"

#include <QDateTime>
#include <QHeaderView>
#include <QLineEdit>
#include <QPainter>
#include <QTableView>

#include <algorithm>

namespace fm {

namespace {

/// Wound strings as a ring, plain ones as a dot, larger for thicker; returns the room left for the name.
QRect paint_mark(QPainter* painter, const QRect& rect, const StringDesign& string) {
    painter->setRenderHint(QPainter::Antialiasing);
    const double r = 3.0 + 1.6 * std::min(2.0, string.diameter_mm);
    const QPointF middle(rect.left() + 17.0, rect.center().y() + 0.5);
    painter->setPen(QPen(theme().ink, 1.5));
    painter->setBrush(string.wound ? QBrush(theme().list) : QBrush(theme().ink));
    painter->drawEllipse(middle, string.wound ? r : 0.8 * r, string.wound ? r : 0.8 * r);
    return rect.adjusted(31, 0, 0, 0);
}

QColor colour_of(Tone tone) {
    switch (tone) {
    case Tone::dust:
    case Tone::take_off: return theme().take_off;
    case Tone::missing: return theme().missing;
    case Tone::yours: return theme().yours;
    default: return theme().ink;
    }
}

void paint_number(QPainter* painter, const QRect& box, const QString& text, Tone tone, bool chosen) {
    const bool name = tone == Tone::name || tone == Tone::plain_name;
    const bool large = tone == Tone::strong || tone == Tone::take_off || tone == Tone::missing;
    QFont font = shipped_font(large || (name && chosen));
    const int px = painter->font().pixelSize() > 0 ? painter->font().pixelSize() : 16;
    font.setPixelSize(large ? px + 2 : px);
    painter->setPen(colour_of(tone));
    const int align = name ? Qt::AlignLeft : Qt::AlignRight;
    const qsizetype line = text.indexOf(QLatin1Char('\n'));
    // A column too narrow for its figures makes them smaller: nothing is cut off.
    const QString widest = line < 0 ? text : text.left(line);
    const auto is_digit = [](QChar sign) { return sign.isDigit(); };
    if (line >= 0 && std::none_of(text.begin(), text.end(), is_digit)) // words on two lines, both alike
        font.setPixelSize(std::max(11, px - 4));
    while (font.pixelSize() > 11 && QFontMetrics(font).horizontalAdvance(widest) > box.width())
        font.setPixelSize(font.pixelSize() - 1);
    painter->setFont(font);
    if (line < 0) {
        painter->drawText(box, align | Qt::AlignVCenter, text);
        return;
    }
    painter->drawText(box.adjusted(0, 2, 0, -box.height() / 2 + 3), align | Qt::AlignVCenter,
                      text.left(line));
    font.setPixelSize(std::max(11, px - 4));
    font.setBold(false);
    const QString rest = text.mid(line + 1); // its sign must be seen
    while (font.pixelSize() > 8 && QFontMetrics(font).horizontalAdvance(rest) > box.width())
        font.setPixelSize(font.pixelSize() - 1);
    painter->setFont(font);
    painter->drawText(box.adjusted(0, box.height() / 2 + 1, 0, -1), align | Qt::AlignVCenter, rest);
}

} // namespace

RowDelegate::RowDelegate(const Session& session, const ViewState& view, EntryTable* table)
    : CellDelegate(table), session_(session), view_(view), fading_(new QTimer(this)) {
    fading_->setSingleShot(true);
    fading_->setInterval(moved_ms);
    connect(fading_, &QTimer::timeout, table->viewport(), qOverload<>(&QWidget::update));
}

void NumberDelegate::paint(QPainter* painter, const QStyleOptionViewItem& option,
                           const QModelIndex& index) const {
    const auto tone = static_cast<Tone>(index.data(tone_role).toInt());
    const auto i = static_cast<std::size_t>(index.row());
    const bool strings = index.siblingAtColumn(0).data(tone_role).toInt() == static_cast<int>(Tone::name);
    const bool chosen = i == (strings ? view_.string : static_cast<std::size_t>(view_.fret - 1));
    painter->save();
    paint_ground(painter, option, index, chosen, strings);
    QRect box = option.rect.adjusted(1, 0, -5, 0);
    if (tone == Tone::plain_name) box.adjust(14, 0, 0, 0);
    if (tone == Tone::name) box = paint_mark(painter, option.rect, session_.state().job.design.strings[i]);
    paint_number(painter, box, index.data().toString(), tone, chosen);
    paint_moved(painter, option, index);
    paint_focus(painter, option);
    painter->restore();
}

void share_room(QTableView* table) {
    const QAbstractItemModel* model = table->model();
    const int rows = std::max(1, model->rowCount());
    table->verticalHeader()->setDefaultSectionSize(std::clamp(table->viewport()->height() / rows, 32, 44));
    const int columns = model->columnCount();
    const int width = table->viewport()->width();
    const bool strings = model->index(0, 0).data(tone_role).toInt() == static_cast<int>(Tone::name);
    const int others = width * (strings ? 70 : 84) / 100 / std::max(1, columns - 1);
    for (int column = 1; column < columns; ++column) table->setColumnWidth(column, others);
    table->setColumnWidth(0, width - others * (columns - 1));
}

void RowDelegate::paint_ground(QPainter* painter, const QStyleOptionViewItem& option,
                               const QModelIndex& index, bool chosen, bool courses) const {
    const QRect& box = option.rect;
    painter->fillRect(box, chosen ? theme().chosen : theme().list);
    if (chosen && index.column() == 0)
        painter->fillRect(QRect(box.left(), box.top(), 5, box.height()), theme().ink);
    const auto& strings = session_.state().job.design.strings;
    const auto i = static_cast<std::size_t>(index.row());
    if (!courses || i == 0 || strings[i].course == strings[i - 1].course ||
        course_starts(strings).size() == strings.size())
        return;
    painter->setPen(theme().hairline);
    painter->drawLine(box.topLeft(), box.topRight());
}

void RowDelegate::paint_moved(QPainter* painter, const QStyleOptionViewItem& option,
                              const QModelIndex& index) const {
    const QString of = session_.path() + unit_text(session_.state().job.unit) +
                       index.model()->headerData(index.column(), Qt::Horizontal).toString();
    const QString text = index.data().toString();
    Seen& seen = seen_[index.row() * 64 + index.column()];
    const qint64 now = QDateTime::currentMSecsSinceEpoch();
    if (seen.of == of && seen.text != text) {
        seen.since_ms = now;
        fading_->start();
    } else if (seen.of != of) {
        seen.since_ms = 0;
    }
    seen.of = of;
    seen.text = text;
    if (now - seen.since_ms >= moved_ms) return;
    painter->fillRect(QRect(option.rect.left() + 8, option.rect.bottom() - 3, option.rect.width() - 12, 3),
                      theme().ink);
}

void RowDelegate::paint_focus(QPainter* painter, const QStyleOptionViewItem& option) {
    if (!(option.state & QStyle::State_HasFocus)) return;
    painter->setPen(QPen(theme().yours, 2));
    painter->setBrush(Qt::NoBrush);
    painter->drawRect(option.rect.adjusted(1, 1, -2, -2));
}

void lay_out_table(QTableView* table, int least_row_px) {
    table->setShowGrid(false);
    table->setTabKeyNavigation(false);
    table->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    for (QHeaderView* header : {table->horizontalHeader(), table->verticalHeader()}) {
        header->setSectionsClickable(false);
        header->setHighlightSections(false);
        header->setSectionResizeMode(QHeaderView::Fixed);
    }
    table->horizontalHeader()->setMinimumSectionSize(20);
    table->verticalHeader()->setMinimumSectionSize(least_row_px);
}

} // namespace fm
