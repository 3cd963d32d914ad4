#pragma once
#include "ui/field/choice_row.h"
#include "ui/field/field_binder.h"
#include "ui/field/seen_row.h"
#include "ui/field/spacing_place.h"
#include "ui/state/view_state.h"

#include <QStackedWidget>
#include <QWidget>

#include <functional>
#include <map>
#include <optional>

class QScrollArea;

namespace fm {

/// What a station's drawing has no place for, on pages under it: the schools and the lesser measures.
class PartPages : public QWidget {
    Q_OBJECT
public:
    PartPages(Session& session, FieldBinder& binder, const ViewState& view, QWidget* parent = nullptr);
    void refresh();
    void show_page(int page);
    /// The page a widget is on, if it is on one.
    void show_page_of(const QWidget* widget);
    int page() const { return stack_->currentIndex(); }
    /// The document with another option of a choice, as picking it would make it; nothing where it cannot be
    /// had.
    std::optional<Value> with_pick(const ChoiceRow* choice, int index) const;
    /// A choice between schools in sight: the one with the focus, else the first of the page.
    ChoiceRow* school_choice() const;
    int page_count() const { return stack_->count(); }

Q_SIGNALS:
    void refused(const QString& why);
    void compare_asked(ChoiceRow* choice);

protected:
    /// A step that a choice makes: its name, and what the document becomes.
    struct Pick {
        QString name;
        Value document;
    };
    using Picked = std::optional<Pick>;
    /// What picking an option makes: a pure edit, so that schools are set side by side without a step.
    void picks(ChoiceRow* choice, std::function<Picked(int)> pick);
    /// A page of choices and fields side by side, wrapping.
    void add_page(const QString& name, const std::vector<QWidget*>& parts);
    /// Whether a page is offered; what has nothing to say of a job is not.
    void offer_page(int page, bool offered);
    /// A field under its caption.
    static QWidget* labelled(QWidget* field, const QString& words);
    /// Several parts that come and go together.
    static QWidget* boxed(const std::vector<QWidget*>& parts);
    /// A number of the job, by its row in core/design/fields.
    ValueField* field(const char* key, const QString& name);
    ValueField* field(const char* key, const QString& name, FieldKind kind, FieldBinder::Getter value,
                      FieldBinder::KeyMaker made = nullptr);
    /// How the strings are spaced: by which rule, and what that needs.
    struct SpacingParts {
        SpacingPlace at;
        ChoiceRow* method;
        QWidget* blend;
        QWidget* course;
    };
    SpacingParts spacing_parts(const SpacingPlace& at);
    void show_spacing(const SpacingParts& parts) const;
    /// What is seen of the chosen string's slot, as found.
    SeenRow* seen_row();
    void show_seen(SeenRow* row) const;
    /// What it is made of, under that key. Materials are listed as the shop knows them.
    ChoiceRow* material_row(const QString& key);
    static void show_material(ChoiceRow* row, const std::string& material);
    /// The three figures of a blank under that key; setting one writes the other two as they are drawn.
    std::vector<QWidget*> blank_parts(const std::string& key, Blank (*shown)(const Design&, const Solution&));
    /// Outer strings by their edges, or by spread and shift: the other of the two.
    void toggle_outer(const SpacingPlace& at);
    void commit(const QString& name, const Value& document);
    /// Whether a part is on the page in sight.
    bool is_on_page(const QWidget* part) const { return stack_->currentWidget()->isAncestorOf(part); }
    virtual void show_state() = 0;

    Session& session_;
    FieldBinder& binder_;
    const ViewState& view_;

private:
    std::map<const ChoiceRow*, std::function<Picked(int)>> picks_;
    QScrollArea* area_;
    QStackedWidget* stack_; ///< the pages, in that area
    QLayout* tab_row_;
    QButtonGroup tabs_;
};

} // namespace fm
