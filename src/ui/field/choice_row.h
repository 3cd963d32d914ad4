#pragma once
#include "sheet/drawing/drawing.h"

#include <QButtonGroup>
#include <QLabel>
#include <QWidget>

#include <vector>

namespace fm {

/// A choice between schools, all in sight, with the trade-off of the chosen one in one line.
class ChoiceRow : public QWidget {
    Q_OBJECT
public:
    struct Option {
        QString name;
        QString trade;    ///< the trade-off, shown when chosen and as tooltip; may be empty
        QString shortcut; ///< shown in the tooltip; may be empty
        Drawing picture =
            {}; ///< shown over the name; may be empty. 60 wide, 30 high from its lower left corner
    };
    ChoiceRow(const QString& label, const std::vector<Option>& options, QWidget* parent = nullptr);

    void set_chosen(int index);
    int chosen() const { return group_.checkedId(); }
    const QString& label() const { return label_; }
    const std::vector<Option>& options() const { return options_; }
    /// A choice between schools, with trade-offs: what each would give can be set side by side.
    bool is_of_schools() const { return trade_ != nullptr; }
    /// Wide enough for the longest trade-off on one line.
    QSize sizeHint() const override;

Q_SIGNALS:
    void picked(int index); ///< by the person
    void compare_asked();

protected:
    /// Arrows go from option to option without choosing: a choice in between would be a step of its own.
    bool eventFilter(QObject* watched, QEvent* event) override;

private:
    void show_trade();
    QString label_;
    QButtonGroup group_;
    std::vector<Option> options_;
    QLabel* trade_ = nullptr;
};

} // namespace fm
