#include "ui/look/theme.h"

#include "sheet/drawing/pens.h"

namespace fm {

namespace {

Theme& current() {
    static Theme chosen = day_theme();
    return chosen;
}

} // namespace

const Theme& day_theme() {
    static const Theme day{.ground = QColor(0xf6f1e8),
                           .side = QColor(0xe9e2d2),
                           .list = QColor(0xfcf9f2),
                           .ink = QColor(0x1d2226),
                           .caption = QColor(0x5c564b),
                           .hairline = QColor(0xcfc6b3),
                           .yours = QColor(0x1a5494),
                           .take_off = QColor(0x92400f),
                           .warning = QColor(0x8c1d2c),
                           .missing = QColor(0x0c6158),
                           .chosen = QColor(0xe6dcc6),
                           .button_on = QColor(0x22272b),
                           .button_on_text = QColor(0xfcf9f2),
                           .material = QColor(0xf1e8d3),
                           .material_mark = QColor(0xd9c9a3),
                           .string = QColor(0x6f6a60),
                           .evening = false};
    return day;
}

const Theme& evening_theme() {
    static const Theme evening{.ground = QColor(0x16191b),
                               .side = QColor(0x1e2224),
                               .list = QColor(0x1b1f21),
                               .ink = QColor(0xf1ece0),
                               .caption = QColor(0xada697),
                               .hairline = QColor(0x44474a),
                               .yours = QColor(0x7db4f2),
                               .take_off = QColor(0xf09a62),
                               .warning = QColor(0xff8f8f),
                               .missing = QColor(0x6cccbc),
                               .chosen = QColor(0x333a3e),
                               .button_on = QColor(0xf1ece0),
                               .button_on_text = QColor(0x16191b),
                               .material = QColor(0x35332d),
                               .material_mark = QColor(0x5a5547),
                               .string = QColor(0x9a958a),
                               .evening = true};
    return evening;
}

const Theme& theme() {
    return current();
}

void set_theme(bool evening) {
    current() = evening ? evening_theme() : day_theme();
}

BandLook look_of_band(const Theme& theme, int band) {
    const auto mixed = [&theme](double share) {
        const auto part = [share](int a, int b) { return a + static_cast<int>(share * (b - a)); };
        return QColor(part(theme.list.red(), theme.caption.red()),
                      part(theme.list.green(), theme.caption.green()),
                      part(theme.list.blue(), theme.caption.blue()));
    };
    switch (band) {
    case 2: return {mixed(0.16), theme.ink};
    case 3: return {mixed(0.36), theme.ink};
    case 4: return {theme.warning, theme.list};
    default: return {theme.list, theme.ink};
    }
}

QPalette palette_of(const Theme& theme) {
    QPalette palette;
    palette.setColor(QPalette::Window, theme.ground);
    palette.setColor(QPalette::WindowText, theme.ink);
    palette.setColor(QPalette::Base, theme.list);
    palette.setColor(QPalette::AlternateBase, theme.side);
    palette.setColor(QPalette::Text, theme.ink);
    palette.setColor(QPalette::PlaceholderText, theme.caption);
    palette.setColor(QPalette::Button, theme.side);
    palette.setColor(QPalette::ButtonText, theme.ink);
    palette.setColor(QPalette::BrightText, theme.warning);
    palette.setColor(QPalette::Highlight, theme.yours);
    palette.setColor(QPalette::HighlightedText, theme.list);
    palette.setColor(QPalette::ToolTipBase, theme.list);
    palette.setColor(QPalette::ToolTipText, theme.ink);
    palette.setColor(QPalette::Disabled, QPalette::Text, theme.caption);
    palette.setColor(QPalette::Disabled, QPalette::WindowText, theme.caption);
    palette.setColor(QPalette::Disabled, QPalette::ButtonText, theme.caption);
    return palette;
}

QString style_sheet_of(const Theme& theme) {
    QString sheet = QStringLiteral(R"(
QLabel[caption="true"] { color: $caption; font-size: 13px; }
QLabel[warning="true"] { color: $warning; font-size: 14px; }
QMenuBar { background: $side; color: $ink; padding: 0px 8px; }
QMenuBar::item { padding: 6px 10px; background: transparent; }
QMenuBar::item:selected, QMenu::item:selected { background: $chosen; color: $ink; }
QMenu { background: $list; color: $ink; border: 1px solid $hairline; padding: 4px; }
QMenu::item { padding: 6px 22px; }
QMenu::item:disabled { color: $caption; }
QMenu::separator { height: 1px; background: $hairline; margin: 4px 8px; }
QToolTip { background: $list; color: $ink; border: 1px solid $hairline; padding: 4px; }
QToolButton[choice="true"] { border: 1px solid $ink; padding: 4px 8px; font-size: 15px; min-height: 22px; background: $list; color: $ink; }
QToolButton[tight="true"] { padding: 4px 6px; }
QToolButton[drawn="true"] { padding: 1px 1px; font-size: 13px; min-width: 66px; min-height: 48px; }
QToolButton[choice="true"]:checked { background: $on; color: $onText; }
QToolButton[choice="true"]:focus { border: 2px solid $yours; }
QToolButton[page="true"] { border: none; border-bottom: 3px solid transparent; padding: 4px 2px; margin-right: 6px; min-height: 24px; color: $caption; background: transparent; }
QToolButton[page="true"]:checked { color: $ink; border-bottom: 3px solid $ink; }
QToolButton[page="true"]:focus { border: 1px solid $yours; }
QToolButton[corner="true"] { border: 1px solid $hairline; padding: 0px 9px; margin: 1px 0px; min-height: 27px; font-size: 13px; background: $list; color: $ink; }
QToolButton[corner="true"]:checked { background: $on; color: $onText; }
QToolButton[plain="true"] { border: 1px solid $hairline; padding: 4px 10px; min-height: 22px; background: $list; color: $ink; }
QListWidget { background: $list; color: $ink; border: 1px solid $hairline; outline: none; font-size: 14px; }
QListWidget::item { padding: 4px 8px; border-bottom: 1px solid $hairline; color: $ink; }
QListWidget::item:selected { background: $chosen; color: $ink; }
QListWidget:focus { border: 2px solid $yours; }
QTextBrowser { background: $ground; color: $ink; font-size: 15px; }
QScrollArea, QScrollArea > QWidget > QWidget { background: $ground; }
QCheckBox { spacing: 8px; border: 2px solid transparent; }
QCheckBox:focus { border: 2px solid $yours; }
QCheckBox::indicator { width: 16px; height: 16px; border: 1px solid $ink; background: $list; }
QCheckBox::indicator:checked { background: $ink; }
QCheckBox::indicator:disabled { border: 1px solid $hairline; }
QToolButton::menu-indicator { image: none; }
QToolButton[plain="true"]:focus { border: 2px solid $yours; }
QLineEdit[pencil="true"] { border: none; border-bottom: 2px dotted $yours; background: $ground; color: $yours; padding: 0px 3px; selection-background-color: $yours; selection-color: $list; }
QLineEdit[pencil="true"][assumed="true"] { border-bottom: 2px dotted $caption; color: $caption; }
QLineEdit[pencil="true"]:focus { border: 2px solid $yours; background: $list; }
QLineEdit[pencil="true"][fault="true"] { border: 2px solid $warning; color: $warning; }
QLineEdit[pencil="true"]:read-only { color: $ink; border-bottom: 1px solid $hairline; }
QTableView { background: $list; color: $ink; border: none; gridline-color: transparent; outline: none; }
QHeaderView { background: $list; border: none; }
QHeaderView::section { background: $list; color: $caption; border: none; border-bottom: 1px solid $hairline; padding: 2px 6px 2px 0px; font-size: 14px; }
QHeaderView::section:vertical { border: none; color: $ink; }
QTableCornerButton::section { background: $list; border: none; border-bottom: 1px solid $hairline; }
QScrollBar:vertical { background: $list; width: 10px; } QScrollBar::handle:vertical { background: $hairline; min-height: 32px; }
QScrollBar::add-line:vertical, QScrollBar::sub-line:vertical { height: 0; }
QScrollBar:horizontal { background: $list; height: 10px; } QScrollBar::handle:horizontal { background: $hairline; min-width: 32px; }
QScrollBar::add-line:horizontal, QScrollBar::sub-line:horizontal { width: 0; }
)");
    const std::pair<const char*, QColor> colours[] = {
        {"$hairline", theme.hairline}, {"$caption", theme.caption}, {"$warning", theme.warning},
        {"$chosen", theme.chosen},     {"$ground", theme.ground},   {"$onText", theme.button_on_text},
        {"$yours", theme.yours},       {"$side", theme.side},       {"$list", theme.list},
        {"$ink", theme.ink},           {"$on", theme.button_on}};
    for (const auto& [name, colour] : colours) sheet.replace(QLatin1String(name), colour.name());
    return sheet;
}

Look look_of(const Theme& theme, const std::string& material) {
    Look look;
    look.line = theme.ink;
    look.faint = theme.caption;
    look.take_off = theme.take_off;
    look.yours = theme.yours;
    look.missing = theme.missing;
    look.chosen = theme.ink;
    look.paper = theme.ground;
    look.material = theme.material;
    look.material_mark = theme.material_mark;
    look.string = theme.string;
    look.material_name = QString::fromStdString(material);
    look.pen_share = pens::screen_share;
    look.least_line_px = 1.0;
    look.most_line_px = 1.8;
    return look;
}

} // namespace fm
