#pragma once
#include "ui/shop/shop_model.h"
#include "ui/state/session.h"

#include <QDialog>
#include <QUndoStack>

#include <map>

class QLabel;
class QListWidget;
class QToolButton;

namespace fm {

class EntryTable;

/// The shop's own things, list by list: typed, pasted, read from CSV and written to it. What is whole is kept
/// at once.
class ShopWindow : public QDialog {
    Q_OBJECT
public:
    explicit ShopWindow(Session& session, QWidget* parent = nullptr);
    /// Goes to the list with that key in workshop.json.
    void show_list(std::string_view key);
    EntryTable* table() { return table_; }
    QString said() const;

Q_SIGNALS:
    void kept(); ///< other things than before lie in the workshop

protected:
    void keyPressEvent(QKeyEvent* event) override;
    void showEvent(QShowEvent* event) override;

private:
    friend class ShopStep;
    void build_buttons();
    void choose(int list);
    void edit(const Value::Array& rows, const QString& what);
    /// Keeps what is whole of these rows and shows them; false if they cannot be kept, which is told.
    bool keep(const ShopList& list, const Value::Array& rows);
    void show_rows();
    void say(const QString& words, bool fault = false);
    void take_out();
    void paste();
    void import_csv();
    void export_csv();
    void take_usual();
    const ShopList& list() const;

    Session& session_;
    QUndoStack steps_;
    std::map<const ShopList*, Value::Array> shown_; ///< rows with those that are not whole yet
    QListWidget* lists_;
    QLabel* name_;
    QLabel* told_;
    QLabel* foot_;
    EntryTable* table_;
    ShopModel* model_;
    QToolButton* usual_ = nullptr;
    QToolButton* mine_ = nullptr;
    bool keeping_ = false;
};

} // namespace fm
