#include "sheet/drawing/fonts.h"

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
    constexpr int measured_at = 200; // large enough that hinting and rounding do not show
    const auto metrics_of = [](bool of_bold) {
        QFont font = shipped_font(of_bold);
        font.setPixelSize(measured_at);
        return new QFontMetricsF(font);
    };
    // Made once, and never taken down: the toolkit may be gone before what is static.
    static const QFontMetricsF* const metrics[2] = {metrics_of(false), metrics_of(true)};
    return metrics[bold ? 1 : 0]->horizontalAdvance(text) * em / measured_at;
}

} // namespace fm
