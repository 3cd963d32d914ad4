#pragma once
#include "job/read/background.h"
#include "ui/look/off_thread.h"

#include <QImage>
#include <QObject>
#include <QPainterPath>
#include <QRectF>
#include <QString>
#include <QTransform>

class QPainter;

namespace fm {

/// A background's file: lines of a DXF, or a picture.
struct BackgroundFile {
    QString path;
    QString fault; ///< what is wrong with it, or ""
    QPainterPath lines;
    QImage picture;
    QRectF box;       ///< around all of it, in its own units
    QString left_out; ///< what of a DXF was left out, or ""
    bool units_told = false;
};

/// @param stop set by another thread it ends the reading
BackgroundFile read_background_file(const QString& path, const std::atomic<bool>& stop);

/// A background's file as it is painted; it is read while the window goes on.
class BackgroundLayer : public QObject {
    Q_OBJECT
public:
    explicit BackgroundLayer(QObject* parent = nullptr) : QObject(parent), reading_(this) {}
    /// The file, if it is read; else it is begun to be, and read() is told.
    const BackgroundFile* file(const QString& path);
    bool is_reading() const { return reading_.is_working(); }
    void stop();
    /// @param to_widget from the drawing's mm (y up) to the widget
    static void paint(QPainter& painter, const BackgroundFile& file, const Background& background,
                      const QTransform& to_widget);

Q_SIGNALS:
    void read();

private:
    QString path_; ///< of what is read, or being read
    BackgroundFile file_;
    OffThread reading_;
};

} // namespace fm
