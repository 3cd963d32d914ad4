#include "ui/page/numbers_list.h"

#include "core/words/length_kind.h"
#include "sheet/drawing/fonts.h"
#include "ui/look/reading_text.h"
#include "ui/look/texts.h"
#include "ui/look/theme.h"

#include <QApplication>
#include <QClipboard>
#include <QEvent>
#include <QHeaderView>
#include <QMimeData>
#include <QPainter>
#include <QVBoxLayout>

namespace fm {

NumberColumn number_column(const QString& header, const std::string& pattern, Tone tone) {
    const auto key = [pattern](std::size_t string) {
        std::string filled = pattern;
        const auto bracket = filled.find("[]");
        if (bracket != std::string::npos) filled.insert(bracket + 1, std::to_string(string));
        return filled;
    };
    NumberColumn column{header, {}, key, tone};
    for (const Quantity& quantity : quantities())
        if (quantity.key == pattern) column.kind = quantity.kind;
    column.value = [key](const State& state, std::size_t string) -> std::optional<double> {
        const auto number = number_of_key(state.solution, key(string));
        return number ? value_of(state.solution, *number) : std::nullopt;
    };
    return column;
}

NumberRows string_rows() {
    return {NumbersModel::tr("string"), [](const State& s) { return s.job.design.strings.size(); },
            [](const State& s, std::size_t i) { return QString::fromStdString(s.job.design.string_name(i)); },
            true};
}

NumbersModel::NumbersModel(const Session& session, NumberRows rows, QObject* parent)
    : QAbstractTableModel(parent), session_(session), kind_(std::move(rows)) {}

void NumbersModel::set_columns(std::vector<NumberColumn> columns) {
    beginResetModel();
    columns_ = std::move(columns);
    endResetModel();
}

int NumbersModel::rowCount(const QModelIndex& parent) const {
    return parent.isValid() ? 0 : rows_;
}

int NumbersModel::columnCount(const QModelIndex& parent) const {
    return parent.isValid() ? 0 : static_cast<int>(columns_.size()) + 1;
}

const NumberColumn* NumbersModel::column_at(int section) const {
    return section < 1 ? nullptr : &columns_[static_cast<std::size_t>(section) - 1];
}

QVariant NumbersModel::headerData(int section, Qt::Orientation orientation, int role) const {
    if (orientation != Qt::Horizontal) return {};
    if (role == Qt::TextAlignmentRole)
        return int(Qt::AlignVCenter | (section == 0 ? Qt::AlignLeft : Qt::AlignRight));
    if (role != Qt::DisplayRole) return {};
    const NumberColumn* column = column_at(section);
    if (!column) return kind_.header;
    const bool says_unit = column->kind == QuantityKind::length && session_.is_open() && !one_unit();
    return says_unit ? column->header + QLatin1Char('\n') + unit_text(unit_of(*column)) : column->header;
}

Unit NumbersModel::unit_of(const NumberColumn& column) const {
    const LengthKind told = column.key ? length_kind_of(column.key(0)) : LengthKind::small;
    return session_.state().job.units.of(column.length.value_or(told));
}

std::optional<Unit> NumbersModel::one_unit() const {
    std::optional<Unit> one = session_.state().job.units.small();
    bool first = true;
    for (const NumberColumn& column : columns_) {
        if (column.kind != QuantityKind::length) continue;
        const Unit unit = unit_of(column);
        if (!first && one != unit) return std::nullopt;
        one = unit;
        first = false;
    }
    return one;
}

Qt::ItemFlags NumbersModel::flags(const QModelIndex& index) const {
    const NumberColumn* column = column_at(index.column());
    Qt::ItemFlags flags = Qt::ItemIsEnabled | Qt::ItemIsSelectable;
    if (column && column->typed && !session_.read_only()) flags |= Qt::ItemIsEditable;
    return flags;
}

QString NumbersModel::cell(int row, int section) const {
    const State& state = session_.state();
    const auto i = static_cast<std::size_t>(row);
    const NumberColumn* column = column_at(section);
    if (!column) return kind_.name(state, i);
    if (column->words)
        if (QString words = column->words(state, i); !words.isEmpty()) return words;
    const auto value = column->value(state, i);
    if (!value) return QStringLiteral("–");
    if (column->kind == QuantityKind::length) return length_number(*value, unit_of(*column));
    return column->kind == QuantityKind::angle ? angle_text(*value) : number_text(*value, 1);
}

QVariant NumbersModel::data(const QModelIndex& index, int role) const {
    if (!index.isValid() || !session_.is_open()) return {};
    const NumberColumn* column = column_at(index.column());
    const auto i = static_cast<std::size_t>(index.row());
    switch (role) {
    case Qt::DisplayRole:
    case Qt::AccessibleTextRole: return cell(index.row(), index.column());
    case Qt::AccessibleDescriptionRole:
    case Qt::ToolTipRole: {
        QString words = kind_.name(session_.state(), i) + QLatin1Char(' ') +
                        headerData(index.column(), Qt::Horizontal, Qt::DisplayRole).toString();
        if (column && column->kind == QuantityKind::length)
            words += QStringLiteral(", ") + unit_text(unit_of(*column));
        return words;
    }
    case Qt::EditRole: {
        const auto value = column && column->typed ? column->value(session_.state(), i) : std::nullopt;
        return value ? length_for_edit(*value, unit_of(*column)) : QString();
    }
    case tone_role: {
        if (!column) return static_cast<int>(kind_.strings ? Tone::name : Tone::plain_name);
        const auto value = column->value(session_.state(), i);
        const bool missing = column->tone == Tone::take_off && value && *value < 0;
        return static_cast<int>(missing ? Tone::missing : column->tone);
    }
    case number_key_role: return column && column->key ? QString::fromStdString(column->key(i)) : QString();
    default: return {};
    }
}

bool NumbersModel::setData(const QModelIndex& index, const QVariant& value, int role) {
    const QString text = value.toString().trimmed();
    if (role != Qt::EditRole || text.isEmpty()) return false;
    const State& state = session_.state();
    const NumberColumn* column = column_at(index.column());
    const bool leaves = column && column->leaves;
    const Unit unit = column ? unit_of(*column) : state.job.unit;
    const TypedReading reading =
        typed_reading(text, unit, column && column->taps && !nut_way(state.job.design).open());
    if (!reading.read || (!leaves && reading.read->one_sided())) {
        Q_EMIT not_understood(reading.read ? typed_length(text, unit).fault : reading.fault);
        return false;
    }
    const QString asked = column && column->thing
                              ? question_about(state, *column->thing, static_cast<std::size_t>(index.row()),
                                               *reading.read, text)
                              : QString();
    const QString answer = QStringLiteral("%1 %2 %3").arg(index.row()).arg(index.column()).arg(text);
    if (asked_.must_ask(asked, answer)) {
        Q_EMIT not_understood(asked);
        return false;
    }
    Q_EMIT typed(index.row(), *reading.read, index.column());
    return true;
}

void NumbersModel::refresh() {
    const int rows = session_.is_open() ? static_cast<int>(kind_.count(session_.state())) : 0;
    if (rows != rows_) {
        beginResetModel();
        rows_ = rows;
        endResetModel();
        return;
    }
    Q_EMIT dataChanged(index(0, 0), index(rows - 1, columnCount() - 1));
}

NumbersList::NumbersList(const Session& session, const ViewState& view, const QString& title,
                         const std::vector<ChoiceRow::Option>& lists, const NumberRows& rows, QWidget* parent)
    : QWidget(parent), session_(session), view_(view), strings_(rows.strings),
      model_(new NumbersModel(session, rows, this)), table_(new EntryTable), unit_(new QLabel),
      foot_(new QLabel), lists_(new ChoiceRow({}, lists)) {
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(12, 14, 10, 8);
    column->setSpacing(6);
    auto* head = new QHBoxLayout;
    auto* name = new QLabel(title);
    QFont font = shipped_font(true);
    font.setPixelSize(19);
    name->setFont(font);
    head->addWidget(name);
    head->addStretch(1);
    unit_->setProperty("caption", true);
    head->addWidget(unit_);
    column->addLayout(head);
    lists_->setAccessibleName(tr("Which list"));
    column->addWidget(lists_);
    lists_->setVisible(lists.size() > 1); // not before it has its place: it would be a window of its own
    table_->setModel(model_);
    table_->viewport()->installEventFilter(this);
    table_->setItemDelegate(new NumberDelegate(session, view, table_));
    table_->setAccessibleName(title);
    table_->verticalHeader()->hide();
    lay_out_table(table_, 32);
    table_->setSelectionMode(QAbstractItemView::SingleSelection);
    table_->horizontalHeader()->setDefaultAlignment(Qt::AlignRight | Qt::AlignVCenter);
    column->addWidget(table_, 1);
    foot_->setWordWrap(true);
    foot_->setTextFormat(Qt::RichText);
    column->addWidget(foot_);
    connect(lists_, &ChoiceRow::picked, this, &NumbersList::list_picked);
    connect(model_, &NumbersModel::not_understood, table_, &EntryTable::refuse);
    connect(table_->selectionModel(), &QItemSelectionModel::currentChanged, this,
            [this](const QModelIndex& now) {
                if (!now.isValid()) return;
                Q_EMIT row_picked(static_cast<std::size_t>(now.row()));
                Q_EMIT number_picked(now.data(number_key_role).toString());
            });
}

void NumbersList::set_foot(const QString& words, const QString& heading) {
    QString html = words.toHtmlEscaped().replace(QLatin1Char('\n'), QStringLiteral("<br>"));
    if (!heading.isEmpty()) html = QStringLiteral("<b>%1</b><br>").arg(heading.toHtmlEscaped()) + html;
    foot_->setText(html);
    foot_->setVisible(!html.isEmpty());
}

std::size_t NumbersList::chosen_row() const {
    return strings_ ? view_.string : static_cast<std::size_t>(view_.fret - 1);
}

void NumbersList::refresh() {
    if (!session_.is_open()) return;
    const QModelIndex current = table_->currentIndex();
    const bool here = table_->hasFocus() || table_->isAncestorOf(QApplication::focusWidget());
    model_->refresh();
    const QSignalBlocker quiet(table_->selectionModel());
    table_->setCurrentIndex(
        model_->index(static_cast<int>(chosen_row()), here && current.isValid() ? current.column() : 1));
    const auto unit = model_->one_unit();
    unit_->setText(unit ? unit_text(*unit) : QString());
    share_room(table_);
}

bool NumbersList::eventFilter(QObject* watched, QEvent* event) {
    if (watched == table_->viewport() && event->type() == QEvent::Resize) share_room(table_);
    return QWidget::eventFilter(watched, event);
}

void NumbersList::copy() const {
    copy_list(*model_);
}

void NumbersList::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    painter.fillRect(rect(), theme().list);
    painter.setPen(theme().hairline);
    painter.drawLine(0, 0, 0, height());
}

void copy_list(const QAbstractItemModel& model) {
    QString text;
    QString html = QStringLiteral("<table>");
    for (int row = -1; row < model.rowCount(); ++row) {
        QStringList cells;
        for (int c = 0; c < model.columnCount(); ++c)
            cells << (row < 0 ? model.headerData(c, Qt::Horizontal) : model.index(row, c).data())
                         .toString()
                         .replace(QLatin1Char('\n'), QLatin1Char(' '));
        text += cells.join(QLatin1Char('\t')) + QLatin1Char('\n');
        html += QStringLiteral("<tr><td>");
        for (QString& word : cells) word = word.toHtmlEscaped();
        html += cells.join(QStringLiteral("</td><td>")) + QStringLiteral("</td></tr>");
    }
    auto* copied = new QMimeData;
    copied->setText(text);
    copied->setHtml(html + QStringLiteral("</table>"));
    QGuiApplication::clipboard()->setMimeData(copied);
}

} // namespace fm
