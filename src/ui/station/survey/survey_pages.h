#pragma once
#include "ui/field/photo_button.h"
#include "ui/field/text_field.h"
#include "ui/page/part_pages.h"
#include "ui/station/survey/own_points.h"

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
    /// The same of the chosen string's slot.
    void take_slot_photo(const QString& path);

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
    void keep_photo(const QString& path, const QString& word,
                    const std::function<Value(const std::string&)>& named);
    TextField* text(const char* key, const QString& name, int width);
    const SurveyPoint& point() const { return survey_points()[view_.point]; }
    const SurveyFinding& finding() const { return session_.state().job.survey[view_.point]; }

    ChoiceRow* mark_ = nullptr;
    TextField* note_ = nullptr;
    PhotoButton* photo_ = nullptr;
    OwnPointsList* own_ = nullptr;
    SeenRow* slot_ = nullptr;
    PhotoButton* slot_photo_ = nullptr;
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
    ChoiceRow* tension_ = nullptr;
};

} // namespace fm
