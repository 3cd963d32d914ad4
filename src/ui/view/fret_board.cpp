#include "ui/view/fret_board.h"

#include "sheet/drawing/fonts.h"
#include "ui/field/row_delegate.h"
#include "ui/look/theme.h"

#include <QClipboard>
#include <QGuiApplication>
#include <QHeaderView>
#include <QPainter>
#include <QStyledItemDelegate>
#include <QVBoxLayout>

namespace fm {

namespace {

using Band = FretPlaces::Band;

constexpr int legend_px = 22;

/// Every place is drawn as a piece of the board: the fret at its right end, the string through it.
class PlaceDelegate : public QStyledItemDelegate {
public:
    PlaceDelegate(const Session& session, FretPlaces* places)
        : QStyledItemDelegate(places), session_(session), places_(places) {}

    void paint(QPainter* painter, const QStyleOptionViewItem& option,
               const QModelIndex& index) const override {
        const auto band = static_cast<Band>(index.data(FretPlaces::band_role).toInt());
        const BandLook look = look_of_band(theme(), static_cast<int>(band));
        const QRect box = option.rect;
        painter->save();
        painter->fillRect(box, look.ground);
        const StringDesign& string = session_.state().job.design.strings[places_->string_of(index.row())];
        const double string_y = box.top() + std::round(0.84 * box.height()) + 0.5;
        painter->setPen(QPen(look.text, std::clamp(1.6 * string.diameter_mm, 1.0, 4.0),
                             string.wound ? Qt::DashLine : Qt::SolidLine, Qt::FlatCap));
        painter->drawLine(QPointF(box.left(), string_y), QPointF(box.right() + 1.0, string_y));
        const bool nut = index.column() == 0;
        const int wide = nut ? 4 : 2;
        painter->fillRect(QRect(box.right() - wide + 1, box.top(), wide, box.height()),
                          nut ? theme().ink : theme().string);
        paint_figure(painter, box, index.data().toString(), band, look);
        if (option.state & QStyle::State_HasFocus) {
            painter->setPen(QPen(band == Band::bad ? look.text : theme().yours, 2));
            painter->setBrush(Qt::NoBrush);
            painter->drawRect(box.adjusted(1, 1, -4, -2));
        }
        painter->restore();
    }

private:
    static void paint_figure(QPainter* painter, const QRect& box, const QString& text, Band band,
                             const BandLook& look) {
        QFont font = shipped_font(band == Band::bad || band == Band::poor);
        font.setPixelSize(15);
        const int room = box.width() - 5;
        while (font.pixelSize() > 11 && QFontMetrics(font).horizontalAdvance(text) > room)
            font.setPixelSize(font.pixelSize() - 1);
        if (QFontMetrics(font).horizontalAdvance(text) > room) return; // the reading line says it
        painter->setFont(font);
        painter->setPen(look.text);
        // Over its string, so that no piece of the string looks like a sign.
        painter->drawText(QRectF(box.left(), box.top(), box.width() - 3, 0.8 * box.height()), Qt::AlignCenter,
                          text);
    }

    const Session& session_;
    FretPlaces* places_;
};

} // namespace

FretBoard::FretBoard(const Session& session, const ViewState& view, QWidget* parent)
    : WindowPage(parent), session_(session), view_(view), places_(new FretPlaces(session, view, this)),
      table_(new QTableView), worst_(new QLabel), reading_(new QLabel) {
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(24, 8, 16, 12 + legend_px);
    column->setSpacing(6);
    auto* head = new QHBoxLayout;
    head->setSpacing(14);
    auto* title = new QLabel(tr("Board"));
    QFont font = shipped_font(true);
    font.setPixelSize(26);
    title->setFont(font);
    head->addWidget(title);
    auto* words = new QLabel(tr("seen from the front, the head to the left; frets drawn evenly"));
    words->setProperty("caption", true);
    words->setSizePolicy(QSizePolicy::Ignored, QSizePolicy::Preferred);
    words->setWordWrap(true);
    head->addWidget(words, 1);
    side_ = new ChoiceRow({}, {{tr("found"), {}, tr("T")}, {tr("target"), {}, tr("T")}});
    side_->setSizePolicy(QSizePolicy::Fixed, QSizePolicy::Fixed);
    side_->setAccessibleName(tr("Which state the board shows"));
    head->addWidget(side_);
    column->addLayout(head);
    measure_ = new ChoiceRow(
        {}, {{tr("cents"), tr("how far each note is off against its open string"), tr("M")},
             {tr("headroom"), tr("how hard a pluck each note bears, in multiples of your own"), tr("M")},
             {tr("open gap"), tr("from the top of every fret to the open string"), tr("M")},
             {tr("behind the finger"), tr("what the string has to swing between nut and finger"), tr("M")}});
    measure_->setAccessibleName(tr("What the board shows"));
    column->addWidget(measure_);
    column->addWidget(worst_);
    worst_->setAccessibleName(tr("Worst place"));
    QFont strong = shipped_font(true);
    strong.setPixelSize(17);
    worst_->setFont(strong);
    table_->setModel(places_);
    table_->setItemDelegate(new PlaceDelegate(session, places_));
    table_->setAccessibleName(tr("Board"));
    lay_out_table(table_, 20);
    table_->setSelectionMode(QAbstractItemView::SingleSelection);
    table_->setEditTriggers(QAbstractItemView::NoEditTriggers);
    table_->setMouseTracking(true);
    table_->viewport()->installEventFilter(this);
    table_->horizontalHeader()->setDefaultAlignment(Qt::AlignCenter);
    table_->setCornerButtonEnabled(false);
    table_->verticalHeader()->setDefaultAlignment(Qt::AlignLeft | Qt::AlignVCenter);
    table_->verticalHeader()->setFixedWidth(78);
    table_->setVerticalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    column->addWidget(table_, 1);
    column->addWidget(reading_);
    reading_->setAccessibleName(tr("The place read"));
    reading_->setMinimumHeight(26);
    connect(measure_, &ChoiceRow::picked, this, [this](int i) {
        Q_EMIT view_asked([i](ViewState& shown) { shown.measure = static_cast<BoardMeasure>(i); });
    });
    connect(side_, &ChoiceRow::picked, this, [this](int i) {
        Q_EMIT view_asked([i](ViewState& shown) { shown.side = i == 0 ? NutSide::found : NutSide::target; });
    });
    connect(table_->selectionModel(), &QItemSelectionModel::currentChanged, this,
            [this](const QModelIndex& now) {
                if (!now.isValid()) return;
                Q_EMIT string_picked(places_->string_of(now.row()));
                Q_EMIT number_picked(now.data(number_key_role).toString());
                tell();
            });
    connect(table_, &QTableView::entered, this, [this](const QModelIndex& at) {
        reading_->setText(at.data(FretPlaces::sentence_role).toString());
    });
}

void FretBoard::refresh() {
    if (!session_.is_open()) return;
    const QModelIndex current = table_->currentIndex();
    const int fret = current.isValid() ? current.column() : 1; // open strings are in tune
    places_->refresh();
    measure_->set_chosen(static_cast<int>(view_.measure));
    side_->set_chosen(view_.side == NutSide::found ? 0 : 1);
    const QSignalBlocker quiet(table_->selectionModel());
    table_->setCurrentIndex(
        places_->index(places_->row_of(view_.string), std::min(fret, places_->columnCount() - 1)));
    fit();
    tell();
    table_->viewport()->update();
    update();
}

void FretBoard::tell() {
    const QModelIndex worst = places_->worst();
    const QString said = worst.data(FretPlaces::sentence_role).toString();
    worst_->setText(!places_->anything() ? tr("nothing read yet: enter gap and action in the cut list")
                    : worst.isValid()    ? tr("worst: %1").arg(said)
                                         : tr("good everywhere"));
    reading_->setText(table_->currentIndex().data(FretPlaces::sentence_role).toString());
}

void FretBoard::fit() {
    const int rows = std::max(1, places_->rowCount());
    const int columns = std::max(1, places_->columnCount());
    const int height = std::clamp(table_->viewport()->height() / rows, 20, 56);
    table_->verticalHeader()->setDefaultSectionSize(height);
    // The word over the open strings is longer than a number; the frets share the rest.
    const int width = table_->viewport()->width();
    const int open = std::max(44, width / columns);
    const auto edge = [&](int fret) { return open + (width - open) * fret / std::max(1, columns - 1); };
    // Many frets in a small window: their numbers stand closer.
    const bool close = (width - open) / std::max(1, columns - 1) < 26;
    const QString look =
        close ? QStringLiteral("QHeaderView::section:horizontal { font-size: 11px; padding: 2px 0; }")
              : QString();
    if (table_->horizontalHeader()->styleSheet() != look) table_->horizontalHeader()->setStyleSheet(look);
    table_->setColumnWidth(0, open);
    for (int fret = 1; fret < columns; ++fret)
        table_->setColumnWidth(fret, std::max(17, edge(fret) - edge(fret - 1)));
}

void FretBoard::copy() const {
    QString text;
    for (int column = 0; column < places_->columnCount(); ++column)
        text += QLatin1Char('\t') + places_->headerData(column, Qt::Horizontal, Qt::DisplayRole).toString();
    for (int row = 0; row < places_->rowCount(); ++row) {
        text += QLatin1Char('\n') + places_->headerData(row, Qt::Vertical, Qt::DisplayRole).toString();
        for (int column = 0; column < places_->columnCount(); ++column)
            text += QLatin1Char('\t') + places_->index(row, column).data().toString();
    }
    QGuiApplication::clipboard()->setText(text + QLatin1Char('\n'));
}

bool FretBoard::eventFilter(QObject* watched, QEvent* event) {
    if (watched == table_->viewport() && event->type() == QEvent::Resize) fit();
    if (watched == table_->viewport() && event->type() == QEvent::Leave) tell();
    return QWidget::eventFilter(watched, event);
}

/// The scale under the board: what each shade says.
void FretBoard::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    if (!session_.is_open()) return;
    QFont font = shipped_font();
    font.setPixelSize(13);
    painter.setFont(font);
    const std::array<QString, 4> words = places_->scale_words();
    int x = 24;
    const int y = height() - legend_px - 6;
    for (std::size_t i = 0; i < words.size(); ++i) {
        if (words[i].isEmpty()) continue;
        const BandLook look = look_of_band(theme(), static_cast<int>(i) + 1);
        const int wide = painter.fontMetrics().horizontalAdvance(words[i]) + 16;
        painter.fillRect(x, y, wide, legend_px, look.ground);
        painter.setPen(theme().hairline);
        painter.drawRect(x, y, wide - 1, legend_px - 1);
        painter.setPen(look.text);
        painter.drawText(QRect(x, y, wide, legend_px), Qt::AlignCenter, words[i]);
        x += wide + 10;
    }
}

} // namespace fm
