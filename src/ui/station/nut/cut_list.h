#pragma once
#include "ui/field/choice_row.h"
#include "ui/station/nut/cut_list_model.h"

#include <QWidget>

namespace fm {

/// The cut list beside the station.
class CutList : public QWidget {
    Q_OBJECT
public:
    CutList(const Session& session, const ViewState& view, QWidget* parent = nullptr);
    void refresh();
    void copy() const;
    CutListModel* model() { return model_; }
    EntryTable* table() { return table_; }

Q_SIGNALS:
    void string_picked(std::size_t string);
    void number_picked(const QString& key);
    void datum_picked(Datum datum);
    void stage_picked(CutStage stage);

protected:
    void paintEvent(QPaintEvent* event) override;
    bool eventFilter(QObject* watched, QEvent* event) override;

private:
    const Session& session_;
    const ViewState& view_;
    CutListModel* model_;
    EntryTable* table_;
    QLabel* unit_;
    ChoiceRow* datum_;
    ChoiceRow* stage_;
};

} // namespace fm
