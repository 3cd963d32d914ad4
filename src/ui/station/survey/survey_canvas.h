#pragma once
#include "sheet/views/survey_views.h"
#include "ui/canvas/part_canvas.h"
#include "ui/canvas/survey_mark.h"
#include "ui/station/survey/survey_readings.h"

#include <array>

namespace fm {

/// The instrument from the front and from the side: what to look at as numbered marks, and under it the
/// readings as found of the chosen string.
class SurveyCanvas : public PartCanvas {
    Q_OBJECT
public:
    SurveyCanvas(Session& session, FieldBinder& binder, const ViewState& view, QWidget* parent = nullptr);

Q_SIGNALS:
    void point_picked(std::size_t point);
    void point_stepped(int by);
    void point_marked(int mark); ///< 0 not looked at, 1 fine, 2 found, 3 doubtful
    void reading_entered(ValueField* field);

protected:
    void lay_out() override;
    void paint_views(QPainter& painter) override;
    QPointF still_point() const override;
    std::optional<std::size_t> string_at(QPointF at) const override;
    void keyPressEvent(QKeyEvent* event) override;

private:
    struct Place {
        double scale = 1;
        QPointF front; ///< nut line on the centreline
        double front_px = 0;
        QPointF side; ///< nut line on the fret plane
        double side_px = 0;
    };
    Place place() const;
    bool narrow() const;
    double marks_px() const;
    double reading_row() const;
    InstrumentViewOptions options(const Place& p) const;
    void add_readings();
    /// What is wanted of the chosen string, in pencil. @param targets where the job has it: "nut.height"
    ValueField* wanted_field(const char* key, const QString& name, const char* targets, Read what);
    QString off_words(Read what) const;
    void lay_out_marks(const Place& p);
    void show_leaves(ValueField* field, Read what);
    void lay_out_readings(const Place& p);

    std::vector<SurveyMarkButton*> marks_;
    ValueField* relief_;
    ValueField* relief_treble_;
    ValueField* wanted_relief_;
    ValueField* wanted_gap_;
    ValueField* wanted_action_;
    ValueField* nut_gap_;
    ValueField* action_;
    ValueField* slot_width_;
    ValueField* humidity_;
};

} // namespace fm
