#include "ui/station/bridge/background_page.h"

#include "core/words/message.h"
#include "job/document/pictures.h"
#include "ui/look/flow_layout.h"
#include "ui/look/plain_button.h"
#include "ui/look/texts.h"

#include <QFileDialog>
#include <QFileInfo>
#include <QVBoxLayout>

#include <cmath>

namespace fm {

namespace {

constexpr double first_wide_mm = 120; // a picture whose scale is not known yet is laid as wide as this

QWidget* under_caption(QWidget* field, const QString& words) {
    auto* box = new QWidget;
    auto* column = new QVBoxLayout(box);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(3);
    auto* caption = new QLabel(words);
    caption->setProperty("caption", true);
    column->addWidget(caption);
    column->addWidget(field);
    return box;
}

} // namespace

BackgroundPage::BackgroundPage(Session& session, FieldBinder& binder, const ViewState& view, QWidget* parent)
    : QWidget(parent), session_(session), binder_(binder), view_(view),
      lay_(plain_button(tr("A drawing or a picture…"),
                        tr("Lay a DXF, PNG or JPEG of what is there behind the drawing"))),
      two_points_(plain_button(tr("Set true by two points…"),
                               tr("Click two places on the drawing and enter how far they truly are apart"))),
      away_(plain_button(tr("Take away"),
                         tr("Nothing behind the drawing; the file stays in the job's folder"))),
      stop_(plain_button(tr("Stop reading"), tr("The file is not laid behind the drawing"))),
      apart_(new ValueField(QStringLiteral("apart_mm"), tr("how far the two points are apart"),
                            FieldKind::length, this)),
      apart_box_(nullptr), says_(new QLabel) {
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(6);
    auto* row = new QWidget;
    auto* flow = new FlowLayout(row);
    flow->addWidget(lay_);
    const auto field = [&](const char* key, const QString& name, FieldKind kind, double Background::*member) {
        QWidget* box = nullptr;
        add_field(key, name, kind, member, box);
        boxes_.push_back(box);
        flow->addWidget(box);
    };
    field("x_mm", tr("across"), FieldKind::length, &Background::x_mm);
    field("y_mm", tr("along"), FieldKind::length, &Background::y_mm);
    field("turn_deg", tr("turned"), FieldKind::angle, &Background::turn_deg);
    field("mm_per_unit", tr("mm a unit"), FieldKind::number, &Background::mm_per_unit);
    apart_->setFixedWidth(84);
    apart_box_ = under_caption(apart_, tr("truly apart"));
    flow->addWidget(two_points_);
    flow->addWidget(apart_box_);
    flow->addWidget(away_);
    flow->addWidget(stop_);
    stop_->hide();
    column->addWidget(row);
    says_->setWordWrap(true);
    says_->setProperty("caption", true);
    says_->setAccessibleName(tr("What is behind the drawing"));
    column->addWidget(says_);
    connect(lay_, &QToolButton::clicked, this, &BackgroundPage::choose_file);
    connect(two_points_, &QToolButton::clicked, this, [this] {
        points_.reset();
        says_->setText(tr("Click the first of two places whose distance you know."));
        Q_EMIT two_points_asked();
    });
    connect(away_, &QToolButton::clicked, this, [this] {
        commit(tr("nothing behind the drawing"), without_background(session_.document(), drawing()));
    });
    connect(stop_, &QToolButton::clicked, this, &BackgroundPage::stop_reading);
    connect(&session_, &Session::opened, this, &BackgroundPage::stop_reading); // it was for the job before
    connect(&layer_, &BackgroundLayer::read, this, &BackgroundPage::refresh);
    connect(apart_, &ValueField::committed, this, &BackgroundPage::set_apart);
}

const std::optional<Background>& BackgroundPage::background() const {
    const Job& job = session_.state().job;
    return view_.placing ? job.behind_board : job.behind_bridge;
}

ValueField* BackgroundPage::add_field(const char* key, const QString& name, FieldKind kind,
                                      double Background::*member, QWidget*& box) {
    const QString last = QLatin1Char('.') + QLatin1String(key);
    auto* field = new ValueField(QStringLiteral("backgrounds.bridge") + last, name, kind, this);
    field->setFixedWidth(84);
    binder_.bind(
        field,
        [this, member](const State& state) -> std::optional<double> {
            const auto& behind = view_.placing ? state.job.behind_board : state.job.behind_bridge;
            return behind ? std::optional((*behind).*member) : std::nullopt;
        },
        [this, last](const State&) {
            return QStringLiteral("backgrounds.") + QString::fromStdString(drawing()) + last;
        });
    box = under_caption(field, name);
    return field;
}

void BackgroundPage::refresh() {
    stop_->setVisible(is_reading());
    if (is_reading()) return; // what is said of it stays
    const auto& behind = background();
    for (QWidget* part : boxes_) part->setVisible(behind.has_value());
    two_points_->setVisible(behind.has_value());
    away_->setVisible(behind.has_value());
    if (!behind) points_.reset();
    apart_box_->setVisible(points_.has_value());
    if (!behind) {
        says_->setText(tr(
            "A drawing of the board, the headstock or the old bridge, or a scanned picture with a ruler in "
            "it."));
        return;
    }
    const BackgroundFile* file =
        layer_.file(session_.pictures() + QLatin1Char('/') + QString::fromStdString(behind->file));
    if (!file) return says_->setText(tr("Reading %1 …").arg(QString::fromStdString(behind->file)));
    if (!file->fault.isEmpty()) return says_->setText(QStringLiteral("▲ ") + file->fault);
    QString words = QString::fromStdString(behind->file) + QStringLiteral(": ") +
                    (behind->is_true ? tr("true to scale") : tr("not true yet: set it by two points"));
    if (!file->left_out.isEmpty()) words += QStringLiteral(" · ") + tr("left out: %1").arg(file->left_out);
    if (!points_) says_->setText(words);
}

void BackgroundPage::choose_file() {
    const QString path =
        QFileDialog::getOpenFileName(this, tr("Behind the drawing"), QFileInfo(session_.path()).path(),
                                     tr("Drawings and pictures (*.dxf *.png *.jpg *.jpeg)"));
    if (!path.isEmpty()) lay(path);
}

void BackgroundPage::lay(const QString& path) {
    incoming_.ask([path](const std::atomic<bool>& stop) { return read_background_file(path, stop); },
                  [this, drawing = drawing()](const BackgroundFile& file) {
                      refresh();
                      take(file, drawing);
                  });
    says_->setText(tr("Reading %1 …").arg(QFileInfo(path).fileName()));
    stop_->show();
}

void BackgroundPage::stop_reading() {
    incoming_.stop();
    refresh();
}

void BackgroundPage::take(const BackgroundFile& file, const std::string& drawing) {
    if (!file.fault.isEmpty()) return Q_EMIT refused(file.fault);
    const QString& path = file.path;
    try {
        const QString name = copy_picture(path, session_.pictures(),
                                          QStringLiteral("behind-") + QString::fromStdString(drawing));
        Background behind;
        behind.file = name.toStdString();
        const QRectF box = file.box;
        if (!file.picture.isNull()) behind.mm_per_unit = first_wide_mm / std::max(1.0, box.width());
        behind.is_true = file.units_told;
        // Its middle on the drawing's zero; along the board it begins at the nut.
        behind.x_mm = -behind.mm_per_unit * (drawing == "board" ? box.left() : box.center().x());
        behind.y_mm = -behind.mm_per_unit * box.center().y();
        commit(tr("%1 behind the drawing").arg(QFileInfo(path).fileName()),
               with_background(session_.document(), drawing, behind));
    } catch (const InputError& error) {
        Q_EMIT refused(message_text(error.message()));
    }
}

void BackgroundPage::take_two_points(QPointF first_mm, QPointF second_mm) {
    if (!background()) return;
    points_ = {{first_mm.x(), first_mm.y()}, {second_mm.x(), second_mm.y()}};
    const double shown = std::hypot(second_mm.x() - first_mm.x(), second_mm.y() - first_mm.y());
    apart_->show_value(shown, session_.state().job.units.small());
    refresh();
    says_->setText(tr("The two points are drawn %1 apart. Enter how far they truly are.")
                       .arg(length_with_unit(shown, session_.state().job.units.small())));
    apart_->setFocus();
    apart_->selectAll();
}

void BackgroundPage::set_apart(double mm) {
    if (!background() || !points_) return;
    const auto truly = set_true(*background(), points_->first, points_->second, mm);
    if (!truly) {
        apart_->set_problem(tr("two points on one another, or no distance, tell no scale"));
        return Q_EMIT refused(tr("two points on one another, or no distance, tell no scale"));
    }
    points_.reset();
    commit(tr("background set true"), with_background(session_.document(), drawing(), *truly));
}

void BackgroundPage::commit(const QString& name, const Value& document) {
    const auto problems = session_.commit(name, document);
    if (!problems.empty()) Q_EMIT refused(session_.told(problems));
}

} // namespace fm
