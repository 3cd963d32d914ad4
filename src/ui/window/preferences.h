#pragma once
#include "ui/field/choice_row.h"
#include "ui/state/session.h"

#include <QDialog>

#include <array>

namespace fm {

/// What holds for every job: language, colours and size of the text here; units and hands of new jobs, which
/// the shop keeps.
class Preferences : public QDialog {
    Q_OBJECT
public:
    explicit Preferences(Session& session, QWidget* parent = nullptr);

Q_SIGNALS:
    void language_chosen(const QString& language);
    void evening_chosen(bool evening);
    void text_size_chosen(int percent);
    void paper_chosen(bool letter);

protected:
    void showEvent(QShowEvent* event) override;

private:
    void show_kept();
    /// One key of what new jobs take over, "" taken away.
    void keep_new_jobs(const std::string& key, const std::string& word);
    /// A value of the shop, at its key in workshop.json.
    void keep(const std::string& key, const Value& value);
    ChoiceRow* row(const QString& label, const std::vector<ChoiceRow::Option>& options);

    Session& session_;
    QLabel* told_;
    ChoiceRow* language_;
    ChoiceRow* theme_;
    ChoiceRow* size_;
    ChoiceRow* unit_;
    std::array<ChoiceRow*, 4> units_{};
    ChoiceRow* tension_;
    ChoiceRow* handed_;
    ChoiceRow* hand_;
    ChoiceRow* near_;
    ChoiceRow* sounds_;
    ChoiceRow* paper_;
};

} // namespace fm
