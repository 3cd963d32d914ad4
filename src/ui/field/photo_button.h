#pragma once
#include "sheet/drawing/picture_file.h"
#include "ui/look/off_thread.h"

#include <QToolButton>
#include <QWidget>

namespace fm {

/// A picture of a thing, small, on a button: chosen where there is none, shown large where there is one,
/// taken away by the button beside it.
class PhotoButton : public QWidget {
    Q_OBJECT
public:
    explicit PhotoButton(QWidget* parent = nullptr);
    /// @param folder of the job's pictures @param name of the file in it, "" for none
    void show_photo(const QString& folder, const QString& name);
    void set_read_only(bool read_only);

Q_SIGNALS:
    void chosen(const QString& path);
    void taken_away();

private:
    void press();
    void show_thumbnail(const QImage& image);

    QToolButton* shown_;
    QToolButton* away_;
    OffThread reading_{this};
    QString path_; ///< of the picture on the button
};

} // namespace fm
