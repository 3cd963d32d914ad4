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
    int pages_height() const override {
        return width() < 700 ? 184 : 150;
    } ///< choices wrap where it is narrow
    void dragEnterEvent(QDragEnterEvent* event) override;
    void dropEvent(QDropEvent* event) override;

private:
    void show_list(int list);
    void name_gauge(const QString& of, const QString& gauge, double own_u_mm);
    void go_to_point(std::size_t point);
    void step_point(int by);
    void mark_and_go_on(int mark);
    /// After a reading the next string's; after the last string's the first of the next reading.
    void go_on(ValueField* field);
    void take(int string, int column, const WrittenLength& read);

    SurveyCanvas* canvas_;
    SurveyPages* pages_;
    NumbersList* list_;
    std::size_t shown_list_ = 0;
};

StationKind survey_kind();

} // namespace fm
