#include "ui/station/sheets/printer_panel.h"

#include "core/shop/printer.h"
#include "settings/settings.h"
#include "ui/look/texts.h"

#include <QHBoxLayout>
#include <QLabel>
#include <QMenu>

namespace fm {

PrinterPanel::PrinterPanel(Session& session, QWidget* parent)
    : QWidget(parent), session_(session), name_(settings::sheet_printer()), printers_(new QToolButton),
      new_name_(new TextField(QStringLiteral("printer"), tr("Name of the printer"))) {
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(3);
    auto* caption = new QLabel(tr("Printer"));
    caption->setProperty("caption", true);
    column->addWidget(caption);
    printers_->setProperty("plain", true);
    printers_->setMinimumHeight(34);
    printers_->setPopupMode(QToolButton::InstantPopup);
    printers_->setToolTip(tr("The printer these sheets are for: one that was measured prints true"));
    printers_->setMenu(new QMenu(printers_));
    connect(printers_->menu(), &QMenu::aboutToShow, this, &PrinterPanel::list_printers);
    column->addWidget(printers_, 0, Qt::AlignLeft);
    auto* row = new QHBoxLayout;
    row->setSpacing(8);
    const auto add = [row](QWidget* field, const QString& words) {
        auto* one = new QVBoxLayout;
        one->setSpacing(2);
        auto* label = new QLabel(words);
        label->setProperty("caption", true);
        one->addWidget(label);
        one->addWidget(field);
        row->addLayout(one);
    };
    new_name_->setMinimumWidth(72);
    add(new_name_, tr("name"));
    const QString names[2] = {tr("bar X reads"), tr("bar Y reads")};
    for (const bool across : {true, false}) {
        const int i = across ? 0 : 1;
        bars_[i] = new ValueField(across ? QStringLiteral("bar_x_mm") : QStringLiteral("bar_y_mm"), names[i],
                                  FieldKind::length, this);
        bars_[i]->setFixedWidth(76);
        bars_[i]->setToolTip(tr("What a caliper reads on the test page, from cross line to cross line"));
        connect(bars_[i], &ValueField::committed, this, [this, across](double mm) { enter(across, mm); });
        add(bars_[i], names[i]);
    }
    row->addStretch(1);
    column->addLayout(row);
    connect(new_name_, &TextField::entered, this, [this](const QString& words) {
        if (session_.workshop().printer(words.toStdString())) return choose(words);
        name_ = words;
        refresh();
    });
}

const ShopPrinter* PrinterPanel::chosen() const {
    return name_.isEmpty() ? nullptr : session_.workshop().printer(name_.toStdString());
}

void PrinterPanel::choose(const QString& name) {
    name_ = name;
    typed_mm_[0] = typed_mm_[1] = 0;
    settings::keep_sheet_printer(name_);
    refresh();
    Q_EMIT picked();
}

void PrinterPanel::list_printers() {
    QMenu* menu = printers_->menu();
    menu->clear();
    const auto add = [&](const QString& words, const QString& name) {
        QAction* action = menu->addAction(words);
        action->setCheckable(true);
        action->setChecked(name == name_);
        connect(action, &QAction::triggered, this, [this, name] { choose(name); });
    };
    add(tr("as it is, not measured"), {});
    for (const ShopPrinter& printer : session_.workshop().printers())
        add(QString::fromStdString(printer.name), QString::fromStdString(printer.name));
}

void PrinterPanel::refresh() {
    const ShopPrinter* printer = chosen();
    printers_->setText((printer ? QString::fromStdString(printer->name) : tr("as it is, not measured")) +
                       QStringLiteral(" ▾"));
    printers_->setAccessibleName(tr("Printer"));
    new_name_->show_words(name_);
    const Unit unit = session_.is_open() ? session_.state().job.units.small() : Unit::mm;
    for (int i = 0; i < 2; ++i) {
        std::optional<double> reads;
        if (printer) reads = i == 0 ? printer->bar_x_mm : printer->bar_y_mm;
        if (typed_mm_[i] > 0) reads = typed_mm_[i];
        bars_[i]->show_value(reads, unit);
    }
}

void PrinterPanel::enter(bool across, double mm) {
    if (name_.isEmpty()) {
        bars_[across ? 0 : 1]->set_problem(tr("give the printer a name first"));
        return Q_EMIT refused(tr("give the printer a name first"));
    }
    if (!(mm >= least_bar_mm && mm <= most_bar_mm)) {
        const Unit unit = session_.is_open() ? session_.state().job.units.small() : Unit::mm;
        const QString problem =
            tr("a test page's bar reads %1 to %2")
                .arg(length_with_unit(least_bar_mm, unit), length_with_unit(most_bar_mm, unit));
        bars_[across ? 0 : 1]->set_problem(problem);
        return Q_EMIT refused(problem);
    }
    const ShopPrinter* printer = chosen();
    typed_mm_[across ? 0 : 1] = mm;
    const double x = typed_mm_[0] > 0 ? typed_mm_[0] : printer ? printer->bar_x_mm : 0.0;
    const double y = typed_mm_[1] > 0 ? typed_mm_[1] : printer ? printer->bar_y_mm : 0.0;
    if (x > 0 && y > 0) return keep(name_, x, y);
    refresh(); // the other bar is still to come
}

void PrinterPanel::keep(const QString& name, double bar_x_mm, double bar_y_mm) {
    const QString folder = session_.workshop().folder();
    typed_mm_[0] = typed_mm_[1] = 0;
    try {
        keep_printer(folder, {name.toStdString(), bar_x_mm, bar_y_mm});
        session_.set_workshop(Workshop(folder));
    } catch (const InputError& error) {
        refresh();
        return Q_EMIT refused(message_text(error.message()));
    }
    choose(name);
}

} // namespace fm
