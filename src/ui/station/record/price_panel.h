#pragma once
#include "ui/field/value_field.h"
#include "workshop/quote.h"

#include <QWidget>

#include <vector>

class QCheckBox;
class QLabel;

namespace fm {

class Session;

/// What the owner has ordered, what it comes to by the shop's tables, and what of the sum is spent.
class PricePanel : public QWidget {
    Q_OBJECT
public:
    explicit PricePanel(Session& session, QWidget* parent = nullptr);
    void refresh();
    QString words() const;

Q_SIGNALS:
    void refused(const QString& why);

private:
    void order();
    QString part_words(const PartQuote& part) const;
    QString money(double amount) const;

    Session& session_;
    std::vector<QCheckBox*> parts_; ///< one an OrderedPart, in their order
    ValueField* sum_;
    ValueField* minutes_;
    QLabel* price_;
};

} // namespace fm
