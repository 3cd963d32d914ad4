#pragma once
#include "ui/field/text_field.h"
#include "ui/look/off_thread.h"
#include "ui/page/part_pages.h"

class QToolButton;

namespace fm {

/// Under the instrument: the walk from point to point, the gauges, whose job it is, how it is played.
class SurveyPages : public PartPages {
    Q_OBJECT
public:
    SurveyPages(Session& session, FieldBinder& binder, const ViewState& view, QWidget* parent = nullptr);
    /// 0 not looked at, 1 fine, 2 found, 3 doubtful.
    void mark(int mark);
    /// Keeps a picture of the chosen point in the job's folder.
    void take_photo(const QString& path);

Q_SIGNALS:
    void point_stepped(int by);
    /// @param own_u_mm of one of the shop's own; 0: a usual one
    void gauge_picked(const QString& of, const QString& gauge, double own_u_mm = 0);

protected:
    void show_state() override;

private:
    void add_walk_page();
    void add_slots_page();
    void add_gauges_page();
    void show_shop();
    void list_gauges();
    void list_heights();
    void set_heights(const ShopHeights& heights);
    void add_job_page();
    void add_units_page();
    void add_playing_page();
    void choose_photo();
    void show_photo(const QString& name);
    void show_thumbnail(const QImage& image);
    TextField* text(const char* key, const QString& name, int width);
    const SurveyPoint& point() const { return survey_points()[view_.point]; }
    const SurveyFinding& finding() const { return session_.state().job.survey[view_.point]; }

    ChoiceRow* mark_ = nullptr;
    TextField* note_ = nullptr;
    QToolButton* photo_ = nullptr;
    QToolButton* photo_away_ = nullptr;
    OffThread photo_reading_{this};
    QString photo_shown_; ///< path of the picture on the button
    SeenRow* slot_ = nullptr;
    QWidget* gauges_ = nullptr;
    QWidget* heights_ = nullptr; ///< buttons of the shop's wanted heights
    std::vector<std::string> gauges_shown_;
    std::vector<std::string> heights_shown_;
    ChoiceRow* nut_gauge_ = nullptr;
    ChoiceRow* action_gauge_ = nullptr;
    ChoiceRow* relief_gauge_ = nullptr;
    TextField* title_ = nullptr;
    TextField* owner_ = nullptr;
    ChoiceRow* handed_ = nullptr;
    ChoiceRow* hand_ = nullptr;
    ChoiceRow* unit_ = nullptr;
    std::array<ChoiceRow*, 4> units_{};
};

} // namespace fm
