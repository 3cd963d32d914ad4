#include "ui/field/photo_button.h"

#include <QDesktopServices>
#include <QFileDialog>
#include <QHBoxLayout>
#include <QUrl>

namespace fm {

namespace {
constexpr QSize thumbnail{92, 58};
}

PhotoButton::PhotoButton(QWidget* parent) : QWidget(parent), shown_(new QToolButton), away_(new QToolButton) {
    auto* row = new QHBoxLayout(this);
    row->setContentsMargins(0, 0, 0, 0);
    row->setSpacing(12);
    shown_->setProperty("plain", true);
    shown_->setIconSize(thumbnail);
    connect(shown_, &QToolButton::clicked, this, &PhotoButton::press);
    away_->setText(tr("no picture"));
    away_->setProperty("plain", true);
    away_->setToolTip(tr("It goes without its picture; the file stays in the job's folder"));
    connect(away_, &QToolButton::clicked, this, &PhotoButton::taken_away);
    for (QToolButton* button : {shown_, away_}) row->addWidget(button, 0, Qt::AlignBottom);
}

void PhotoButton::press() {
    if (!path_.isEmpty()) {
        QDesktopServices::openUrl(QUrl::fromLocalFile(path_));
        return;
    }
    const QString path = QFileDialog::getOpenFileName(
        this, tr("A picture of it"), {}, tr("Pictures (*.png *.jpg *.jpeg *.webp *.bmp *.gif *.tif *.tiff)"));
    if (!path.isEmpty()) Q_EMIT chosen(path);
}

void PhotoButton::set_read_only(bool read_only) {
    away_->setEnabled(!read_only);
    shown_->setEnabled(!read_only || !path_.isEmpty());
}

void PhotoButton::show_photo(const QString& folder, const QString& name) {
    const QString path = name.isEmpty() ? QString() : folder + QLatin1Char('/') + name;
    away_->setVisible(!name.isEmpty());
    if (path == path_ && !shown_->text().isEmpty()) return;
    path_ = path;
    shown_->setText(name.isEmpty() ? tr("a picture…") : name);
    shown_->setToolTip(name.isEmpty() ? tr("Keep a picture of it in the job's folder")
                                      : tr("Show the picture"));
    shown_->setAccessibleName(shown_->toolTip());
    show_thumbnail({});
    reading_.stop();
    if (name.isEmpty()) return;
    reading_.ask([path](const std::atomic<bool>&) { return read_picture(path, thumbnail.width()); },
                 [this, name](const PictureFile& picture) {
                     show_thumbnail(picture.image);
                     if (picture.image.isNull()) {
                         shown_->setText(tr("%1 cannot be shown").arg(name));
                         shown_->setToolTip(picture.fault);
                     }
                 });
}

void PhotoButton::show_thumbnail(const QImage& image) {
    shown_->setIcon(image.isNull() ? QIcon() : QIcon(QPixmap::fromImage(image)));
    shown_->setToolButtonStyle(image.isNull() ? Qt::ToolButtonTextOnly : Qt::ToolButtonIconOnly);
}

} // namespace fm
