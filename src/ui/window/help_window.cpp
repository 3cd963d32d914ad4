#include "ui/window/help_window.h"

#include "core/words/word_of.h"
#include "sheet/drawing/paint.h"
#include "sheet/views/bridge_views.h"
#include "sheet/views/neck_views.h"
#include "sheet/views/nut_views.h"
#include "sheet/views/saddle_views.h"
#include "sheet/views/survey_views.h"
#include "ui/look/theme.h"

#include <QFile>
#include <QKeyEvent>
#include <QLocale>
#include <QPainter>
#include <QPainterPath>
#include <QRegularExpression>

static void load_help() {
    Q_INIT_RESOURCE(help);
}

namespace fm {

namespace {

constexpr QSize picture{560, 150};

QString text_in(const QString& language) {
    for (const QString& code : {language.left(2), QStringLiteral("en")}) {
        QFile file(QStringLiteral(":/help/%1.html").arg(code));
        if (file.open(QIODevice::ReadOnly)) return QString::fromUtf8(file.readAll());
    }
    return {};
}

/// Of what is told of each kind of bridge, what is true of this job's; all of it where it has none.
QString for_this_bridge(QString text, const Session& session) {
    if (!session.is_open() || !session.state().job.design.bridge) return text;
    const std::string_view stands = word_of(session.state().job.design.bridge->stands);
    static const QRegularExpression part(QStringLiteral("<!--stands:(\\w+)-->(.*?)<!--/stands-->"),
                                         QRegularExpression::DotMatchesEverythingOption);
    for (QRegularExpressionMatch match = part.match(text); match.hasMatch(); match = part.match(text)) {
        const bool is_ours = match.captured(1).toStdString() == stands;
        text.replace(match.capturedStart(), match.capturedLength(), is_ours ? match.captured(2) : QString());
    }
    return text;
}

/// Where a drawing's paths reach.
QRectF box_of(const Drawing& drawing) {
    QRectF box;
    for (const Item& item : drawing.items)
        if (const auto* path = std::get_if<Path>(&item))
            box = box.united(
                painter_path(*path, 1.0, QPointF(0, 0)).boundingRect().adjusted(-0.1, -0.1, 0.1, 0.1));
    return box;
}

} // namespace

HelpWindow::HelpWindow(const Session& session, QWidget* parent) : QTextBrowser(parent), session_(session) {
    load_help();
    setWindowFlag(Qt::Window);
    setWindowTitle(tr("Help · Fair Measure"));
    setAccessibleName(tr("Help"));
    setOpenLinks(true);
    resize(680, 720);
}

void HelpWindow::open_at(const QString& section) {
    document()->setDocumentMargin(20);
    // The drawings are those of the job as it is now, in the colours of now.
    const auto state = session_.is_open() ? session_.shared_state() : nullptr;
    if (Told told{QLocale().name(), theme().ground, state}; told != told_) {
        setHtml(for_this_bridge(text_in(QLocale().name()), session_));
        told_ = std::move(told);
    }
    show();
    raise();
    activateWindow();
    scrollToAnchor(section);
}

QImage HelpWindow::drawing(const QString& of) const {
    if (!session_.is_open()) return {};
    const State& state = session_.state();
    const Design& design = state.job.design;
    const Solution& solution = state.solution;
    Drawing drawn;
    std::string material = design.nut.material;
    if (of == QLatin1String("survey")) {
        drawn = instrument_front(design, solution, {state.job.left_handed, 0, 60.0, 40.0});
    } else if (of == QLatin1String("neck")) {
        constexpr double stretch = 60; // hundredths of a millimetre are to be seen
        drawn = neck_side(Neck(design.neck), 0, stretch);
    } else if (of == QLatin1String("nut")) {
        NutViewOptions options;
        options.mirrored = state.job.left_handed;
        options.shown = NutShown::blank;
        drawn = nut_front(design, solution, options);
    } else if (of == QLatin1String("saddle")) {
        material = design.saddle.material;
        SaddleViewOptions options;
        options.mirrored = state.job.left_handed;
        drawn = saddle_front(design, solution, options);
    } else if (of == QLatin1String("bridge") && solution.bridge) {
        material = "hardwood";
        drawn = bridge_side(design, solution, {});
    }
    const QRectF box = box_of(drawn);
    if (box.isEmpty()) return {};
    QImage image(picture, QImage::Format_ARGB32_Premultiplied);
    image.fill(theme().ground);
    const double scale =
        std::min((picture.width() - 20) / box.width(), (picture.height() - 12) / box.height());
    const QPointF middle(0.5 * picture.width(), 0.5 * picture.height());
    QPainter painter(&image);
    painter.setRenderHint(QPainter::Antialiasing);
    paint(painter, drawn, look_of(theme(), material), scale, middle - box.center() * scale);
    return image;
}

QVariant HelpWindow::loadResource(int type, const QUrl& name) {
    if (name.scheme() == QLatin1String("drawing")) return drawing(name.path());
    return QTextBrowser::loadResource(type, name);
}

void HelpWindow::keyPressEvent(QKeyEvent* event) {
    event->key() == Qt::Key_Escape ? void(close()) : QTextBrowser::keyPressEvent(event);
}

} // namespace fm
