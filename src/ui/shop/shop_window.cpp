#include "ui/shop/shop_window.h"

#include "job/document/job_file.h"
#include "job/exchange/csv.h"
#include "job/exchange/string_set.h"
#include "sheet/drawing/fonts.h"
#include "ui/field/entry_table.h"
#include "ui/look/flow_layout.h"
#include "ui/look/plain_button.h"
#include "ui/look/texts.h"
#include "ui/look/theme.h"
#include "workshop/workshop.h"

#include <QClipboard>
#include <QFileDialog>
#include <QFileInfo>
#include <QGuiApplication>
#include <QHBoxLayout>
#include <QHeaderView>
#include <QKeyEvent>
#include <QLabel>
#include <QListWidget>
#include <QUndoCommand>

namespace fm {

namespace {

QString said_in_shop(const char* english) {
    return QCoreApplication::translate("shop", english);
}

} // namespace

/// One step in the shop: the rows of a list.
class ShopStep : public QUndoCommand {
public:
    ShopStep(ShopWindow* window, const ShopList& list, Value::Array before, Value::Array after,
             const QString& what)
        : QUndoCommand(what), window_(window), list_(list), before_(std::move(before)),
          after_(std::move(after)) {}
    void undo() override { window_->keep(list_, before_); }
    void redo() override {
        if (!window_->keep(list_, after_)) setObsolete(true);
    }

private:
    ShopWindow* window_;
    const ShopList& list_;
    Value::Array before_;
    Value::Array after_;
};

ShopWindow::ShopWindow(Session& session, QWidget* parent)
    : QDialog(parent), session_(session), lists_(new QListWidget), name_(new QLabel), told_(new QLabel),
      foot_(new QLabel), table_(new EntryTable), model_(new ShopModel(this)) {
    setWindowTitle(tr("The shop's things"));
    resize(940, 620);
    auto* row = new QHBoxLayout(this);
    row->setContentsMargins(14, 14, 14, 14);
    row->setSpacing(14);
    lists_->setAccessibleName(tr("Lists of the shop"));
    lists_->setFixedWidth(220);
    for (const ShopList& each : shop_lists()) lists_->addItem(said_in_shop(each.name));
    row->addWidget(lists_);
    auto* column = new QVBoxLayout;
    column->setSpacing(6);
    row->addLayout(column, 1);
    QFont font = shipped_font(true);
    font.setPixelSize(19);
    name_->setFont(font);
    told_->setProperty("caption", true);
    told_->setWordWrap(true);
    column->addWidget(name_);
    column->addWidget(told_);
    table_->setModel(model_);
    table_->setItemDelegate(new CellDelegate(table_));
    table_->let_others_paste();
    table_->keep_lines_whole();
    table_->verticalHeader()->hide();
    table_->verticalHeader()->setDefaultSectionSize(30);
    table_->setShowGrid(false);
    table_->setTabKeyNavigation(false);
    table_->horizontalHeader()->setSectionsClickable(false);
    table_->horizontalHeader()->setSectionResizeMode(QHeaderView::Stretch);
    table_->setSelectionMode(QAbstractItemView::ExtendedSelection);
    column->addWidget(table_, 1);
    foot_->setWordWrap(true);
    foot_->setTextFormat(Qt::PlainText);
    column->addWidget(foot_);
    auto* buttons = new QWidget;
    new FlowLayout(buttons, 8);
    column->addWidget(buttons);
    const auto add = [&](const QString& name, const QString& tip, auto act) {
        QToolButton* button = plain_button(name, tip);
        connect(button, &QToolButton::clicked, this, act);
        buttons->layout()->addWidget(button);
        return button;
    };
    usual_ =
        add(tr("A usual set"), tr("Begins the list with what a shop usually has; take out what is not there"),
            &ShopWindow::take_usual);
    mine_ = add(tr("These are ours"), tr("The usual set is what lies in the drawer"),
                [this] { edit(model_->rows(), tr("ours")); });
    add(tr("Take out"), tr("The chosen rows (Del)"), &ShopWindow::take_out);
    add(tr("Paste"), tr("Rows from a table or from text, from the chosen cell on (Ctrl+V)"),
        &ShopWindow::paste);
    add(tr("From a file…"), tr("Rows from a CSV file, behind those here; a set of strings among the sets"),
        &ShopWindow::import_csv);
    add(tr("To a file…"), tr("This list as a CSV file"), &ShopWindow::export_csv);
    connect(lists_, &QListWidget::currentRowChanged, this, &ShopWindow::choose);
    connect(model_, &ShopModel::edited, this, &ShopWindow::edit);
    connect(model_, &ShopModel::not_understood, this, [this](const QString& why) {
        table_->refuse(why);
        say(why, true);
    });
    lists_->setCurrentRow(0);
}

const ShopList& ShopWindow::list() const {
    return shop_lists()[static_cast<std::size_t>(std::max(0, lists_->currentRow()))];
}

void ShopWindow::show_list(std::string_view key) {
    const auto& all = shop_lists();
    for (std::size_t i = 0; i < all.size(); ++i)
        if (all[i].key == key) lists_->setCurrentRow(static_cast<int>(i));
    table_->setFocus();
}

void ShopWindow::showEvent(QShowEvent* event) {
    QDialog::showEvent(event);
    shown_.clear(); // the file may be another by now
    show_rows();
}

void ShopWindow::choose(int list) {
    if (list >= 0) show_rows();
}

void ShopWindow::show_rows() {
    const ShopList& now = list();
    name_->setText(said_in_shop(now.name));
    told_->setText(said_in_shop(now.told));
    Value document;
    try {
        document = shop_document(session_.workshop().folder());
    } catch (const InputError& error) {
        model_->show_list(now, {}, {});
        return say(message_text(error.message()), true);
    }
    const auto kept = shown_.find(&now);
    const Units units = session_.is_open() ? session_.state().job.units : units_in(Unit::mm);
    const QModelIndex at = table_->currentIndex();
    const bool same = model_->list() == &now;
    model_->show_list(now, kept != shown_.end() ? kept->second : shop_rows(document, now), units);
    table_->setCurrentIndex(
        model_->index(same ? std::min(at.row() < 0 ? 0 : at.row(), model_->rowCount() - 1) : 0,
                      same && at.isValid() ? at.column()
                      : now.values.empty() ? 0
                                           : 1));
    const bool usual = session_.workshop().is_usual(now.key);
    usual_->setVisible(model_->rows().empty() && !usual_rows(now).array()->empty());
    mine_->setVisible(usual);
    const auto faults = session_.workshop().faults_of({std::string(now.key)});
    if (!faults.empty()) return say(message_text(faults.front()), true);
    if (const int lacking = model_->unfinished(); lacking > 0)
        return say(tr("%n row(s) kept once the marked cells are filled in", "", lacking));
    say(usual                    ? tr("A usual set, not yet yours: take out what you do not have.")
        : model_->rows().empty() ? tr("Not listed yet.")
                                 : QString());
}

void ShopWindow::say(const QString& words, bool fault) {
    foot_->setText(words);
    QPalette palette = foot_->palette();
    palette.setColor(QPalette::WindowText, fault ? theme().warning : theme().caption);
    foot_->setPalette(palette);
}

QString ShopWindow::said() const {
    return foot_->text();
}

void ShopWindow::edit(const Value::Array& rows, const QString& what) {
    steps_.push(new ShopStep(this, list(), model_->rows(), rows, what));
}

bool ShopWindow::keep(const ShopList& list, const Value::Array& rows) {
    try {
        change_shop(session_.workshop().folder(),
                    [&](const Value& document) { return with_shop_rows(document, list, rows); });
    } catch (const InputError& error) {
        const QString why = message_text(error.message());
        table_->refuse(why);
        say(QString::fromStdString(error.message().where) + QStringLiteral(": ") + why, true);
        return false;
    }
    Value::Array now = rows;
    if (list.of_numbers) { // in order, then what is not finished
        now = shop_rows(with_shop_rows(Value(Value::Object{}), list, rows), list);
        for (const Value& row : rows)
            if (!is_whole(list, row)) now.push_back(row);
    }
    shown_[&list] = std::move(now);
    Q_EMIT kept();
    if (&list == &this->list()) show_rows();
    return true;
}

void ShopWindow::take_out() {
    QList<int> rows;
    for (const QModelIndex& each : table_->selectionModel()->selectedIndexes())
        if (!rows.contains(each.row())) rows << each.row();
    model_->take_out(rows);
}

void ShopWindow::paste() {
    const QString text = QGuiApplication::clipboard()->text();
    if (text.trimmed().isEmpty()) return say(tr("Nothing to paste."));
    try {
        model_->paste(table_->currentIndex(), csv_rows(text.toStdString(), "the clipboard"));
    } catch (const InputError& error) {
        say(message_text(error.message()), true);
    }
}

void ShopWindow::import_csv() {
    const QString path = QFileDialog::getOpenFileName(this, tr("Rows from a file"), {},
                                                      tr("Tables (*.csv *.tsv *.txt);;All files (*)"));
    if (path.isEmpty()) return;
    try {
        const std::string text = load_file(path).text.toStdString();
        if (list().key == "string_sets") {
            Value set =
                with(Value(Value::Object{}), "name", QFileInfo(path).completeBaseName().toStdString());
            set = with(set, "strings", strings_of_csv(text));
            model_->append(Value::Array{set});
        } else
            model_->append(rows_of_csv(list(), text,
                                       session_.is_open() ? session_.state().job.units : units_in(Unit::mm)));
    } catch (const InputError& error) {
        say(located_text(error.message()), true);
    }
}

void ShopWindow::export_csv() {
    const QString path = QFileDialog::getSaveFileName(this, tr("This list as a file"),
                                                      said_in_shop(list().name) + QStringLiteral(".csv"),
                                                      tr("Tables (*.csv)"));
    if (path.isEmpty()) return;
    try {
        save_file(path, QByteArray::fromStdString(csv_of(list(), model_->rows())), nullptr);
        say(tr("Written to %1").arg(QFileInfo(path).fileName()));
    } catch (const InputError& error) {
        say(message_text(error.message()), true);
    }
}

void ShopWindow::take_usual() {
    edit(*usual_rows(list()).array(), tr("a usual set"));
}

void ShopWindow::keyPressEvent(QKeyEvent* event) {
    if (event->matches(QKeySequence::Undo)) return steps_.undo();
    if (event->matches(QKeySequence::Redo)) return steps_.redo();
    if (event->matches(QKeySequence::Paste)) return paste();
    if (event->key() == Qt::Key_Delete) return take_out();
    if (event->key() == Qt::Key_Return || event->key() == Qt::Key_Enter) return; // no button is meant by it
    QDialog::keyPressEvent(event);
}

} // namespace fm
