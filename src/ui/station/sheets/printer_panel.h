#pragma once
#include "core/shop/printer.h"
#include "ui/field/text_field.h"
#include "ui/field/value_field.h"
#include "ui/state/session.h"

#include <QToolButton>

namespace fm {

/// Which printer the sheets are for, and what the bars of its test page read.
class PrinterPanel : public QWidget {
    Q_OBJECT
public:
    explicit PrinterPanel(Session& session, QWidget* parent = nullptr);
    void refresh();
    /// The printer chosen; nothing: sheets are drawn as they are.
    const ShopPrinter* chosen() const;
    void choose(const QString& name);
    /// Keeps what the bars of a printer's test page read, and chooses it.
    void keep(const QString& name, double bar_x_mm, double bar_y_mm);

Q_SIGNALS:
    void picked();
    void refused(const QString& why);

private:
    void list_printers();
    void enter(bool across, double mm);

    Session& session_;
    QString name_;
    QToolButton* printers_;
    TextField* new_name_;
    ValueField* bars_[2];
    double typed_mm_[2] = {0, 0}; ///< of a printer not yet kept
};

} // namespace fm
