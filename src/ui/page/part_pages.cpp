#include "ui/page/part_pages.h"

#include "job/edits/survey_edits.h"

#include "job/edits/edits.h"
#include "sheet/words/sheet_words.h"
#include "ui/look/flow_layout.h"

#include <QApplication>
#include <QScrollArea>
#include <QScrollBar>
#include <QToolButton>
#include <QVBoxLayout>

#include <array>

namespace fm {

namespace {
constexpr std::array materials{"bone", "synthetic", "brass", "hardwood"};

/// One page of several is in sight, and only that one takes room: the others are not even asked how much.
class SeenPage : public QStackedWidget {
public:
    using QStackedWidget::QStackedWidget;
    QSize sizeHint() const override { return count() ? currentWidget()->sizeHint() : QSize(); }
    QSize minimumSizeHint() const override { return count() ? currentWidget()->minimumSizeHint() : QSize(); }
    int heightForWidth(int width) const override {
        return count() ? currentWidget()->heightForWidth(width) : -1;
    }
};
} // namespace

PartPages::PartPages(Session& session, FieldBinder& binder, const ViewState& view, QWidget* parent)
    : QWidget(parent), session_(session), binder_(binder), view_(view), area_(new QScrollArea(this)) {
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(24, 0, 16, 0);
    column->setSpacing(4);
    auto* tabs = new QWidget(this);
    tab_row_ = new FlowLayout(tabs);
    column->addWidget(tabs);
    column->addWidget(area_, 1);
    stack_ = new SeenPage(area_->viewport());
    area_->setWidget(stack_);
    area_->setWidgetResizable(true);
    area_->setFrameShape(QFrame::NoFrame);
    area_->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    area_->setFocusPolicy(Qt::NoFocus);
    connect(&tabs_, &QButtonGroup::idClicked, this, &PartPages::show_page);
}

void PartPages::add_page(const QString& name, const std::vector<QWidget*>& parts) {
    const int number = stack_->count();
    auto* tab = new QToolButton;
    tab->setText(name);
    tab->setCheckable(true);
    tab->setProperty("page", true);
    tab->setFocusPolicy(Qt::TabFocus);
    tab->setToolTip(tr("%1 (Ctrl+%2)").arg(name).arg(number + 1));
    tabs_.addButton(tab, number);
    tab_row_->addWidget(tab);
    auto* page = new QWidget(stack_);
    auto* flow = new FlowLayout(page, 22, 6);
    for (QWidget* part : parts) flow->addWidget(part);
    for (ChoiceRow* choice : page->findChildren<ChoiceRow*>())
        connect(choice, &ChoiceRow::compare_asked, this, [this, choice] { Q_EMIT compare_asked(choice); });
    stack_->addWidget(page);
    if (number == 0) show_page(0);
}

void PartPages::offer_page(int page, bool offered) {
    tabs_.button(page)->setVisible(offered);
    if (!offered && stack_->currentIndex() == page) show_page(0);
}

void PartPages::show_page(int page) {
    if (page < 0 || page >= stack_->count() || tabs_.button(page)->isHidden()) return;
    if (page != stack_->currentIndex()) area_->verticalScrollBar()->setValue(0);
    stack_->setCurrentIndex(page);
    tabs_.button(page)->setChecked(true);
    if (!isVisible()) return;
    refresh(); // what is out of sight is not kept fresh
    // What is on it stands where it belongs, and can be moved to, at once.
    stack_->layout()->activate();
    stack_->updateGeometry();
    QCoreApplication::sendPostedEvents(area_->viewport(), QEvent::LayoutRequest);
}

void PartPages::picks(ChoiceRow* choice, std::function<Picked(int)> pick) {
    picks_[choice] = pick;
    connect(choice, &ChoiceRow::picked, this, [this, pick = std::move(pick)](int index) {
        const Picked picked = pick(index);
        picked ? commit(picked->name, picked->document) : refresh();
    });
}

std::optional<Value> PartPages::with_pick(const ChoiceRow* choice, int index) const {
    const auto pick = picks_.find(choice);
    const Picked picked = pick == picks_.end() ? std::nullopt : pick->second(index);
    return picked ? std::optional(picked->document) : std::nullopt;
}

ChoiceRow* PartPages::school_choice() const {
    ChoiceRow* first = nullptr;
    for (ChoiceRow* choice : stack_->currentWidget()->findChildren<ChoiceRow*>()) {
        if (!choice->is_of_schools() || choice->isHidden()) continue;
        if (choice->isAncestorOf(QApplication::focusWidget())) return choice;
        if (!first) first = choice;
    }
    return first;
}

void PartPages::show_page_of(const QWidget* widget) {
    for (int page = 0; page < stack_->count(); ++page)
        if (stack_->widget(page)->isAncestorOf(widget)) show_page(page);
}

ValueField* PartPages::field(const char* key, const QString& name) {
    return field(key, name, field_of(key).kind, as_written(key));
}

ValueField* PartPages::field(const char* key, const QString& name, FieldKind kind, FieldBinder::Getter value,
                             FieldBinder::KeyMaker made) {
    auto* made_field = new ValueField(QString::fromLatin1(key), name, kind, this);
    made_field->setFixedWidth(84);
    if (made)
        binder_.bind(made_field, std::move(value), std::move(made));
    else
        binder_.bind(made_field, std::move(value));
    return made_field;
}

QWidget* PartPages::labelled(QWidget* field, const QString& words) {
    auto* box = new QWidget;
    auto* column = new QVBoxLayout(box);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(3);
    auto* label = new QLabel(words);
    label->setProperty("caption", true);
    label->setBuddy(field);
    column->addWidget(label);
    column->addWidget(field);
    return box;
}

QWidget* PartPages::boxed(const std::vector<QWidget*>& parts) {
    auto* box = new QWidget;
    auto* row = new QHBoxLayout(box);
    row->setContentsMargins(0, 0, 0, 0);
    row->setSpacing(12);
    for (QWidget* part : parts) row->addWidget(part, 0, Qt::AlignBottom);
    return box;
}

PartPages::SpacingParts PartPages::spacing_parts(const SpacingPlace& at) {
    const std::string key(at.key);
    SpacingParts parts{};
    parts.at = at;
    parts.method = new ChoiceRow(
        tr("Spacing"),
        {{tr("equal centres"), tr("quick to mark; thick strings crowd their neighbours"), {}},
         {tr("equal gaps"), tr("even under the fingers; centres differ from string to string"), {}},
         {tr("between"), tr("a blend: some of the even feel, some of the even centres"), {}},
         {tr("as measured"), tr("somebody else's rule kept string by string; nothing is evened out"), {}}});
    parts.blend = labelled(field((key + ".blend").c_str(), tr("share of equal gaps"), FieldKind::number,
                                 [at](const State& s) { return at.of(s.job.design).blend; }),
                           tr("share of gaps"));
    const auto distance = [at](const State& s) {
        const Spacing& spacing = at.of(s.job.design);
        return spacing.course_centres_mm ? spacing.course_centres_mm : spacing.course_gap_mm;
    };
    parts.course = labelled(
        field((key + ".course_gap_mm").c_str(), tr("distance in a course"), FieldKind::length, distance,
              [at](const State& s) {
                  return QLatin1String(at.key) + (at.of(s.job.design).course_centres_mm
                                                      ? QStringLiteral(".course_centres_mm")
                                                      : QStringLiteral(".course_gap_mm"));
              }),
        tr("in a course"));
    picks(parts.method, [this, at](int method) -> Picked {
        const std::array names{tr("equal centres"), tr("equal gaps"), tr("spacing between"),
                               tr("spacing as measured")};
        return Pick{names[static_cast<std::size_t>(method)],
                    with_spacing_method(session_.document(), at.key, static_cast<SpacingMethod>(method),
                                        at.centres_mm(session_.state().solution))};
    });
    return parts;
}

void PartPages::show_spacing(const SpacingParts& parts) const {
    const auto& strings = session_.state().job.design.strings;
    const Spacing& spacing = parts.at.of(session_.state().job.design);
    parts.method->set_chosen(static_cast<int>(spacing.method));
    parts.blend->setVisible(spacing.method == SpacingMethod::blend);
    parts.course->setVisible(spacing.method != SpacingMethod::given &&
                             course_starts(strings).size() < strings.size());
}

void PartPages::toggle_outer(const SpacingPlace& at) {
    const State& state = session_.state();
    const bool by_margin = !at.of(state.job.design).edge_margin_mm.has_value();
    commit(by_margin ? tr("outer strings by edge") : tr("outer strings by spread"),
           with_edge_margins(session_.document(), at.key, by_margin, at.centres_mm(state.solution),
                             state.job.design, at.half_width_mm(state.job.design)));
}

SeenRow* PartPages::seen_row() {
    auto* row = new SeenRow;
    connect(row, &SeenRow::picked, this, [this](const SlotSeen& seen) {
        const Design& design = session_.state().job.design;
        commit(tr("slot of %1: %2")
                   .arg(QString::fromStdString(design.string_name(view_.string)), SeenRow::names(seen)),
               with_slot_seen(session_.document(), design.strings.size(), view_.string, seen,
                              session_.sitting().toStdString()));
    });
    return row;
}

void PartPages::show_seen(SeenRow* row) const {
    const State& state = session_.state();
    row->show_slot(QString::fromStdString(state.job.design.string_name(view_.string)),
                   state.known[view_.string].slot, session_.read_only());
}

ChoiceRow* PartPages::material_row(const QString& key) {
    std::vector<ChoiceRow::Option> options;
    for (const char* material : materials)
        options.push_back({QString::fromStdString(material_name(material)), {}, {}});
    auto* row = new ChoiceRow(tr("Material"), options);
    picks(row, [this, key](int index) -> Picked {
        return Pick{tr("material"), with(session_.document(), key.toStdString(),
                                         std::string(materials[static_cast<std::size_t>(index)]))};
    });
    return row;
}

void PartPages::show_material(ChoiceRow* row, const std::string& material) {
    for (int i = 0; i < static_cast<int>(materials.size()); ++i)
        if (material == materials[static_cast<std::size_t>(i)]) row->set_chosen(i);
}

std::vector<QWidget*> PartPages::blank_parts(const std::string& key,
                                             Blank (*shown)(const Design&, const Solution&)) {
    const auto figure = [&](const char* name, const QString& words, const QString& caption,
                            double Blank::*member) {
        ValueField* made =
            field((key + name).c_str(), words, FieldKind::length, [shown, member](const State& s) {
                return std::optional(shown(s.job.design, s.solution).*member);
            });
        binder_.prepare(made, [key, shown](const Value& document, const State& state) {
            if (fm::find(document, key)) return document;
            const Blank drawn = shown(state.job.design, state.solution);
            Value blank = with(Value(Value::Object{}), "length_mm", drawn.length_mm);
            blank = with(blank, "height_mm", drawn.height_mm);
            return with(document, key, with(blank, "thickness_mm", drawn.thickness_mm));
        });
        return labelled(made, caption);
    };
    return {figure(".length_mm", tr("blank length"), tr("blank length"), &Blank::length_mm),
            figure(".height_mm", tr("blank height"), tr("height"), &Blank::height_mm),
            figure(".thickness_mm", tr("blank thickness"), tr("thickness"), &Blank::thickness_mm)};
}

void PartPages::commit(const QString& name, const Value& document) {
    const std::vector<Message> problems = session_.commit(name, document);
    if (!problems.empty()) Q_EMIT refused(session_.told(problems));
    refresh();
}

void PartPages::refresh() {
    if (session_.is_open()) show_state();
}

} // namespace fm
