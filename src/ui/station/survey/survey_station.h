#pragma once
#include "ui/frame/station_frame.h"
#include "ui/page/numbers_list.h"
#include "ui/station/survey/survey_canvas.h"
#include "ui/station/survey/survey_pages.h"

namespace fm {

/// The survey: what to look at before anything is touched, and the readings as found.
class SurveyStation : public StationFrame {
    Q_OBJECT
public:
    SurveyStation(Session& session, const ViewState& view, QWidget* parent = nullptr);
    void refresh() override;
    SurveyCanvas* canvas() override { return canvas_; }
    SurveyPages* pages() override { return pages_; }
    NumbersList* list() override { return list_; }

protected:
    void dragEnterEvent(QDragEnterEvent* event) override;
    void dropEvent(QDropEvent* event) override;

private:
    void go_to_point(std::size_t point);
    void step_point(int by);
    void mark_and_go_on(int mark);
    /// After a reading the next string's; after the last string's the first of the next reading.
    void go_on(ValueField* field);
    void take(int string, int column, double mm);

    SurveyCanvas* canvas_;
    SurveyPages* pages_;
    NumbersList* list_;
};

StationKind survey_kind();

} // namespace fm
