// The test page of a printer.
#include "core/shop/printer.h"
#include "sheet/drawing/pens.h"
#include "sheet/pages/part_sheets.h"

namespace fm {

namespace {

constexpr double em = SheetPage::body_em;

constexpr SheetPage::BarLook bar_look{4.0, 1.5, em};

} // namespace

std::vector<Sheet> printer_sheets(const SheetContext& context) {
    SheetPage page(context, {"printer"}, translate("sheet", "Test page"),
                   {translate("sheet", "drawn as it is, whatever printer is chosen")}, scale_text(1.0));
    page.paragraph(translate("sheet", "1. Print this page at 100 %, not fitted to the page, on the paper the "
                                      "sheets will use."),
                   0.0, em);
    page.paragraph(translate("sheet",
                             "2. Measure bar X and bar Y with a caliper, from the middle of one cross "
                             "line to the middle of the other, and enter what it reads."),
                   0.0, em);
    page.paragraph(translate("sheet",
                             "3. Print the page again as a sheet for that printer: the frame's sides and "
                             "its diagonal must then read what is written at them."),
                   0.0, em);
    const double top = page.y() - 8.0;
    const Point corner{page.left() + 20.0, top - test_frame_high_mm};
    page.page().origin = corner;
    page.page().add(rectangle_path(
        Layer::scribe, corner, {corner.x + test_frame_wide_mm, corner.y + test_frame_high_mm}, pens::fine));
    page.page().add(line_path(Layer::scribe, corner,
                              {corner.x + test_frame_wide_mm, corner.y + test_frame_high_mm},
                              pens::fine_centre));
    const std::string bar_words = with_unit(page.label(test_bar_mm), page.job().unit);
    page.bar({corner.x - 10.0, corner.y + 10.0}, test_bar_mm, true,
             with_values(translate("sheet", "bar Y, %1"), bar_words), bar_look);
    page.bar({corner.x, corner.y - 8.0}, test_bar_mm, false,
             with_values(translate("sheet", "bar X, %1"), bar_words), bar_look);
    page.text(corner.x + test_frame_wide_mm + 3.0, corner.y + 0.5 * test_frame_high_mm,
              with_values(translate("sheet", "side %1"), page.label(test_frame_high_mm)), em);
    page.text(corner.x + 0.5 * test_frame_wide_mm, top + 1.5,
              with_values(translate("sheet", "side %1"), page.label(test_frame_wide_mm)), em,
              TextAnchor::middle);
    page.text(corner.x + 0.5 * test_frame_wide_mm + 6.0, corner.y + 0.5 * test_frame_high_mm - 4.0,
              with_values(translate("sheet", "diagonal %1"), page.label(test_diagonal_mm)), em);
    return {{page.finished(), page.figures()}};
}

} // namespace fm
