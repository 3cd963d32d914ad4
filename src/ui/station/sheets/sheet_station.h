#pragma once
#include "sheet/pages/sheet_book.h"
#include "ui/field/choice_row.h"
#include "ui/frame/station_kind.h"
#include "ui/look/off_thread.h"
#include "ui/station/sheets/machine_panel.h"
#include "ui/station/sheets/page_view.h"
#include "ui/station/sheets/printer_panel.h"

#include <QCheckBox>
#include <QPrinter>

namespace fm {

/// The sheets: their pages as they will be printed, which of them, on what paper, for which printer; printing
/// and saving, and what was printed before.
class SheetStation : public WindowPage {
    Q_OBJECT
public:
    explicit SheetStation(Session& session, QWidget* parent = nullptr);
    void refresh() override;
    bool shows_numbers() const override { return false; }
    void take_focus() override { pages_->setFocus(); }
    QWidget* beside() override { return panel_; }
    void zoom(double factor) override { factor == 0 ? pages_->zoom_home() : pages_->zoom_by(factor); }
    PageView* pages() { return pages_; }
    /// Whether what is drawn is not what was printed last.
    bool has_changed() const;
    PrinterPanel* printer() { return printer_; }
    MachinePanel* machine() { return machine_; }

    /// Which sheets are wanted. Kept from sitting to sitting.
    std::vector<SheetPart> parts() const;
    void choose_parts(const std::vector<SheetPart>& parts);
    void choose_paper(Paper paper);

    /// The sheets as bytes for a file of that name; empty for an ending that is none.
    QByteArray bytes_for(const QString& path);
    /// Writes the sheets to a file and into the record. Says by refused() what is wrong.
    void save_to(const QString& path);
    /// Prints the sheets and writes that into the record. @returns whether the printer took them all
    bool print_on(QPrinter& printer);
    void save_dialog();
    void print_dialog();

Q_SIGNALS:
    void drawn(bool changed); ///< changed: not what was printed last

private:
    QWidget* build_panel();
    QWidget* part_boxes();
    void draw();
    void draw_pages();
    /// Waits for what the pages do not say yet: what is printed or saved says it all.
    void settle();
    void show_record();
    void keep() const;
    void restore();
    SheetStyle style() const;
    PrintScale scale() const;
    void record(const QString& what);

    Session& session_;
    PageView* pages_;
    QLabel* facts_;
    std::vector<std::pair<SheetPart, QCheckBox*>> boxes_;
    ChoiceRow* paper_ = nullptr;
    ChoiceRow* second_ = nullptr;
    ChoiceRow* language_ = nullptr;
    PrinterPanel* printer_ = nullptr;
    MachinePanel* machine_ = nullptr;
    QLabel* record_ = nullptr;
    QWidget* panel_ = nullptr;
    Printing printing_;
    // How sure the floors are takes its time: worked out once for a state, away from the window.
    std::shared_ptr<const State> sure_of_;
    std::vector<double> floor_sure_mm_; ///< not a number: not known yet
    OffThread how_sure_{this};
};

StationKind sheets_kind();

} // namespace fm
