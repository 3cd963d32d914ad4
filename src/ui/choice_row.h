#pragma once
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
    };
    ChoiceRow(const QString& label, const std::vector<Option>& options, QWidget* parent = nullptr);

    void set_chosen(int index);
    int chosen() const { return group_.checkedId(); }
    /// Wide enough for the longest trade-off on one line.
    QSize sizeHint() const override;

Q_SIGNALS:
    void picked(int index); ///< by the person

private:
    void show_trade();
    QButtonGroup group_;
    std::vector<Option> options_;
    QLabel* trade_ = nullptr;
};

} // namespace fm
