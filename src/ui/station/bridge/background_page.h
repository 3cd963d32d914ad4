#pragma once
#include "job/read/background.h"
#include "ui/canvas/background_layer.h"
#include "ui/field/field_binder.h"
#include "ui/state/view_state.h"

#include <QLabel>
#include <QPointF>
#include <QToolButton>

namespace fm {

/// What lies behind the drawing in sight, the bridge or the board: a drawing or a picture of what is there;
/// where, how large, and whether that is known.
class BackgroundPage : public QWidget {
    Q_OBJECT
public:
    BackgroundPage(Session& session, FieldBinder& binder, const ViewState& view, QWidget* parent = nullptr);
    void refresh();
    /// Lays a file behind the drawing in sight, once it is read; a copy of it goes into the job's folder.
    void lay(const QString& path);
    bool is_reading() const { return incoming_.is_working(); }
    /// Two points of the drawing were shown: how far they are apart is asked for.
    void take_two_points(QPointF first_mm, QPointF second_mm);

Q_SIGNALS:
    void two_points_asked();
    void refused(const QString& why);

private:
    std::string drawing() const { return view_.placing ? "board" : "bridge"; }
    const std::optional<Background>& background() const;
    ValueField* add_field(const char* key, const QString& name, FieldKind kind, double Background::*member,
                          QWidget*& box);
    void choose_file();
    void take(const BackgroundFile& file, const std::string& drawing);
    void stop_reading();
    void set_apart(double mm);
    void commit(const QString& name, const Value& document);

    Session& session_;
    FieldBinder& binder_;
    const ViewState& view_;
    QToolButton* lay_;
    QToolButton* two_points_;
    QToolButton* away_;
    QToolButton* stop_;
    ValueField* apart_;
    QWidget* apart_box_;
    std::vector<QWidget*> boxes_;
    QLabel* says_;
    BackgroundLayer layer_;
    OffThread incoming_{this};
    std::optional<std::pair<BackgroundPoint, BackgroundPoint>> points_;
};

} // namespace fm
