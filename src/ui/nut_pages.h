#pragma once
#include "ui/choice_row.h"
#include "ui/field_binder.h"
#include "ui/view_state.h"

#include <QStackedWidget>
#include <QToolButton>
#include <QWidget>

namespace fm {

/// What the nut's drawing has no place for, on the station: the schools, slots and files, seat and blank,
/// what lies behind the nut.
class NutPages : public QWidget {
    Q_OBJECT
public:
    NutPages(Session& session, FieldBinder& binder, const ViewState& view, QWidget* parent = nullptr);
    void refresh();
    void show_page(int page);
    /// Outer strings by their edge margins, or by spread and bias: the other of the two.
    void toggle_outer();
    int page() const { return stack_->currentIndex(); }

Q_SIGNALS:
    void refused(const QString& why);

private:
    QWidget* spacing_page();
    QWidget* height_page();
    QWidget* slots_page();
    QWidget* seat_page();
    QWidget* behind_page();
    QWidget* labelled(ValueField* field, const QString& words);
    ValueField* field(const char* key, const QString& name, FieldKind kind, FieldBinder::Getter value,
                      FieldBinder::KeyMaker made = nullptr);
    void commit(const QString& name, const Value& document);
    std::vector<double> centres() const;

    void pick_spacing(int method);
    void pick_height(int method);
    void pick_posts(bool posts);
    void posts_like_chosen();

    Session& session_;
    FieldBinder& binder_;
    const ViewState& view_;
    QStackedWidget* stack_;
    QButtonGroup tabs_;
    ChoiceRow* spacing_ = nullptr;
    ChoiceRow* height_ = nullptr;
    ChoiceRow* pressed_ = nullptr;
    ChoiceRow* top_ = nullptr;
    ChoiceRow* seat_ = nullptr;
    ChoiceRow* material_ = nullptr;
    ChoiceRow* posts_ = nullptr;
    ChoiceRow* zero_ = nullptr;
    QWidget* blend_box_ = nullptr;
    QWidget* course_box_ = nullptr;
    QWidget* seat_radius_box_ = nullptr;
    QWidget* post_box_ = nullptr;
    QWidget* zero_box_ = nullptr;
    QLabel* angles_ = nullptr;
};

} // namespace fm
