#include "sheet/fonts.h"

#include <QFontDatabase>
#include <QFontMetricsF>
#include <QStringList>

static void load_font_resources() {
    Q_INIT_RESOURCE(fonts);
}

namespace fm {

void load_fonts() {
    static bool loaded = false;
    if (loaded) return;
    load_font_resources();
    for (const char* name : {"FairMeasureText-Regular.otf", "FairMeasureText-Bold.otf",
                             "FairMeasureSigns-Regular.ttf", "FairMeasureSigns-Bold.ttf"})
        loaded = QFontDatabase::addApplicationFont(QStringLiteral(":/fonts/") + QLatin1String(name)) >= 0;
}

QFont shipped_font(bool bold) {
    QFont font;
    font.setFamilies({QStringLiteral("Fair Measure Text"), QStringLiteral("Fair Measure Signs")});
    font.setBold(bold);
    font.setKerning(true);
    return font;
}

double text_width(const QString& text, double em, bool bold) {
    QFont font = shipped_font(bold);
    constexpr int measured_at = 200; // large enough that hinting and rounding do not show
    font.setPixelSize(measured_at);
    return QFontMetricsF(font).horizontalAdvance(text) * em / measured_at;
}

} // namespace fm
