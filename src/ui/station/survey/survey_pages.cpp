#include "ui/station/survey/survey_pages.h"

#include "core/design/inputs.h"
#include "core/words/word_of.h"
#include "job/document/pictures.h"
#include "job/edits/edits.h"
#include "job/edits/survey_edits.h"
#include "ui/look/flow_layout.h"
#include "ui/look/plain_button.h"
#include "ui/look/texts.h"
#include "ui/station/survey/survey_readings.h"

#include <QToolButton>
#include <QVBoxLayout>

#include <array>

namespace fm {

namespace {

/// Gauges a height over a fret is read with.
constexpr std::array gap_gauges{"feeler", "caliper", "dial", "light", "half_mm_rule", "rule_64ths"};
constexpr std::array units{Unit::mm, Unit::in, Unit::thou, Unit::sixty_fourths};
/// What the buttons of a point mean, by the key that means the same: nothing, fine, doubtful, found.
constexpr std::array mark_keys{0, 1, 3, 2};

} // namespace

SurveyPages::SurveyPages(Session& session, FieldBinder& binder, const ViewState& view, QWidget* parent)
    : PartPages(session, binder, view, parent) {
    add_walk_page();
    add_slots_page();
    add_gauges_page();
    add_job_page();
    add_units_page();
    add_playing_page();
}

TextField* SurveyPages::text(const char* key, const QString& name, int width) {
    auto* made = new TextField(QString::fromLatin1(key), name, this);
    made->setFixedWidth(width);
    return made;
}

void SurveyPages::add_walk_page() {
    mark_ = new ChoiceRow(tr("Seen"), {{tr("not looked at"), {}, QStringLiteral("0")},
                                       {tr("fine"), {}, QStringLiteral("1")},
                                       {tr("doubtful"), {}, QStringLiteral("3")},
                                       {tr("found"), {}, QStringLiteral("2")}});
    connect(mark_, &ChoiceRow::picked, this,
            [this](int index) { mark(mark_keys[static_cast<std::size_t>(index)]); });
    note_ = text("survey.note", tr("note on this point"), 250);
    connect(note_, &TextField::entered, this, [this](const QString& words) {
        commit(tr("note"), with_survey_text(session_.document(), point(), "note", words.toStdString()));
    });
    photo_ = new PhotoButton;
    connect(photo_, &PhotoButton::chosen, this, &SurveyPages::take_photo);
    connect(photo_, &PhotoButton::taken_away, this, [this] {
        commit(tr("no picture"), with_survey_text(session_.document(), point(), "photo", {}));
    });
    own_ = new OwnPointsList(session_);
    connect(own_, &OwnPointsList::changed, this, &SurveyPages::commit);
    add_page(tr("Look"), {mark_, labelled(note_, tr("note")), photo_, own_});
}

void SurveyPages::add_slots_page() {
    slot_ = seen_row();
    slot_photo_ = new PhotoButton;
    connect(slot_photo_, &PhotoButton::chosen, this, &SurveyPages::take_slot_photo);
    connect(slot_photo_, &PhotoButton::taken_away, this,
            [this] { commit(tr("no picture"), with_slot_photo(session_.document(), view_.string, {})); });
    add_page(tr("Slots"), {slot_, slot_photo_});
}

void SurveyPages::add_gauges_page() {
    gauges_ = new QWidget;
    new FlowLayout(gauges_, 22, 6);
    add_page(tr("Gauges"), {gauges_});
    list_gauges();
}

/// The usual ones, and the shop's own.
void SurveyPages::list_gauges() {
    qDeleteAll(gauges_->findChildren<ChoiceRow*>(QString(), Qt::FindDirectChildrenOnly));
    const std::vector<ShopGauge> own = session_.workshop().gauges();
    const auto row = [&](const QString& label, const QString& of) {
        std::vector<ChoiceRow::Option> options;
        for (const char* word : gap_gauges) options.push_back({words_of(gauge_of_word(word)->id), {}, {}});
        for (const ShopGauge& gauge : own)
            options.push_back({QString::fromStdString(gauge.name).left(40), {}, {}});
        auto* made = new ChoiceRow(label, options);
        connect(made, &ChoiceRow::picked, this, [this, of, own](int index) {
            const auto place = static_cast<std::size_t>(index);
            if (place < gap_gauges.size()) return Q_EMIT gauge_picked(of, QLatin1String(gap_gauges[place]));
            const ShopGauge& gauge = own[place - gap_gauges.size()];
            Q_EMIT gauge_picked(of, QString::fromStdString(gauge.name), gauge.u_mm);
        });
        gauges_->layout()->addWidget(made);
        return made;
    };
    nut_gauge_ = row(tr("Gap over fret 1 read with"), QStringLiteral("nut"));
    action_gauge_ = row(tr("Height over fret 12 read with"), QStringLiteral("action"));
    relief_gauge_ = row(tr("Relief read with"), QStringLiteral("relief"));
}

/// Heights the shop wants by way of playing, each a button: those for this job's kind, and those for all that
/// have no like among them.
void SurveyPages::list_heights() {
    qDeleteAll(heights_->findChildren<QToolButton*>(QString(), Qt::FindDirectChildrenOnly));
    for (const ShopHeights& heights : heights_for(session_.workshop().heights(), session_.state().job.kind)) {
        const Units& in = session_.state().job.units;
        QString name = QString::fromStdString(heights.name);
        if (session_.state().job.kind.empty() && !heights.kind.empty())
            name += QStringLiteral(", ") + QString::fromStdString(heights.kind);
        QToolButton* button = plain_button(
            name.left(40), tr("Wanted: %1 and %2 over fret 1, %3 and %4 over fret 12, bass and treble")
                               .arg(length_with_unit(heights.gap_mm.bass_mm, in.gap()),
                                    length_with_unit(heights.gap_mm.treble_mm, in.gap()),
                                    length_with_unit(heights.action_mm.bass_mm, in.action()),
                                    length_with_unit(heights.action_mm.treble_mm, in.action())));
        connect(button, &QToolButton::clicked, this, [this, heights] { set_heights(heights); });
        heights_->layout()->addWidget(button);
    }
}

/// Told open; the job goes on reading them its own way.
void SurveyPages::set_heights(const ShopHeights& heights) {
    const Design& design = session_.state().job.design;
    Value document = session_.document();
    for (const auto& [key, mm] :
         {std::pair("nut.height", heights.gap_mm), std::pair("saddle.action", heights.action_mm)}) {
        const std::string place(key);
        document = without(document, place + ".each_mm");
        document = with(document, place + ".bass_mm", mm.bass_mm);
        document = with(document, place + ".treble_mm", mm.treble_mm);
    }
    document = with(document, "nut.height.method", std::string(word_of(NutHeightMethod::open_gap)));
    document = with(document, "saddle.action.measured", std::string(word_of(ActionMeasure::open)));
    const StateResult told_open = state_of(document);
    if (!told_open.state) return Q_EMIT refused(session_.told(told_open.problems));
    if (design.nut.height_method != NutHeightMethod::open_gap)
        document = with_height_method(document, design.nut.height_method, design.nut.pressed_fret,
                                      told_open.state->written);
    if (design.saddle.measured != ActionMeasure::open)
        document = with_action_measure(document, design.saddle.measured, told_open.state->written);
    commit(tr("heights: %1").arg(QString::fromStdString(heights.name).left(40)), document);
}

void SurveyPages::add_job_page() {
    const auto words = [this](const char* key, const QString& name, int width) {
        TextField* made = text(key, name, width);
        connect(made, &TextField::entered, this, [this, key, name](const QString& written) {
            commit(name, written.isEmpty() ? without(session_.document(), key)
                                           : with(session_.document(), key, written.toStdString()));
        });
        return made;
    };
    title_ = words("title", tr("title of the job"), 220);
    owner_ = words("owner", tr("owner"), 160);
    handed_ = new ChoiceRow(tr("Played"), {{tr("right-handed"), {}, {}}, {tr("left-handed"), {}, {}}});
    picks(handed_, [this](int index) -> Picked {
        return Pick{index == 1 ? tr("left-handed") : tr("right-handed"),
                    with(session_.document(), "handed", index == 1 ? "left" : "right")};
    });
    ValueField* a4 = field("a4_hz", tr("pitch of A4 in Hz"), FieldKind::number,
                           [](const State& s) { return std::optional(s.job.a4_hz); });
    add_page(tr("Job"), {labelled(title_, tr("title")), labelled(owner_, tr("owner")), handed_,
                         labelled(a4, tr("A4, Hz"))});
}

void SurveyPages::add_units_page() {
    std::vector<ChoiceRow::Option> options;
    for (const Unit unit : units) options.push_back({unit_text(unit), {}, QStringLiteral("U")});
    unit_ = new ChoiceRow(tr("All lengths"), options);
    picks(unit_, [this](int index) -> Picked {
        const Unit unit = units[static_cast<std::size_t>(index)];
        return Pick{tr("unit %1").arg(unit_text(unit)),
                    without(with(session_.document(), "unit", std::string(word_of(unit))), "units")};
    });
    const std::array names{tr("Scales and widths"), tr("Gauges and thicknesses"), tr("Gaps, relief, cuts"),
                           tr("Height over fret 12")};
    for (ChoiceRow::Option& option : options) option.shortcut.clear();
    for (std::size_t kind = 0; kind < units_.size(); ++kind) {
        units_[kind] = new ChoiceRow(names[kind], options);
        picks(units_[kind], [this, kind, name = names[kind]](int index) -> Picked {
            const Unit unit = units[static_cast<std::size_t>(index)];
            const std::string key = "units." + std::string(words_of(LengthKind{})[kind]);
            return Pick{tr("%1 in %2").arg(name, unit_text(unit)),
                        with(session_.document(), key, std::string(word_of(unit)))};
        });
    }
    tension_ = new ChoiceRow(tr("Tension"), {{tr("newton"), {}, {}}, {tr("pounds"), {}, {}}});
    picks(tension_, [this](int index) -> Picked {
        const auto unit = static_cast<TensionUnit>(index);
        return Pick{unit == TensionUnit::pound ? tr("tension in pounds") : tr("tension in newton"),
                    with(session_.document(), "units.tension", std::string(word_of(unit)))};
    });
    add_page(tr("Units"), {unit_, units_[0], units_[1], units_[2], units_[3], tension_});
}

void SurveyPages::add_playing_page() {
    heights_ = new QWidget;
    new FlowLayout(heights_, 6);
    hand_ = new ChoiceRow(tr("Hand"), {{tr("soft"), {}, {}}, {tr("normal"), {}, {}}, {tr("hard"), {}, {}}});
    picks(hand_, [this](int index) -> Picked {
        const auto hand = static_cast<PlayingHand>(index);
        return Pick{tr("hand of the player"),
                    without(with(session_.document(), "player.hand", std::string(word_of(hand))),
                            "player.pluck_force_n")};
    });
    ValueField* measured = field("player.pluck_force_n", tr("pluck measured with a spring scale, in newton"));
    add_page(
        tr("Playing"),
        {hand_, labelled(heights_, tr("the shop's heights")), labelled(measured, tr("measured, N")),
         labelled(field("player.finger_behind_mm", tr("finger behind the fret")), tr("finger behind")),
         labelled(field("player.press_depth_mm", tr("string pressed below the fret's top")),
                  tr("pressed by")),
         labelled(field("player.pluck_share_down", tr("share of the pluck toward the board")),
                  tr("share down")),
         labelled(field("player.pluck_from_saddle_mm", tr("plucked this far from the saddle")),
                  tr("from saddle")),
         labelled(field("player.back_gap_min_mm", tr("least gap behind the finger")), tr("behind finger")),
         labelled(field("player.end_stiffness", tr("stiffness of the string's ends, 0 to 1")),
                  tr("stiff ends")),
         labelled(field("player.after_length_mm", tr("string beyond nut and saddle that stretches too")),
                  tr("beyond the ends"))});
}

void SurveyPages::mark(int mark) {
    const std::array marks{std::optional<SurveyMark>(), std::optional(SurveyMark::fine),
                           std::optional(SurveyMark::found), std::optional(SurveyMark::doubtful)};
    const auto chosen = marks[static_cast<std::size_t>(mark)];
    const QString what = words_of(point().name_id());
    const std::array names{tr("%1: not looked at").arg(what), tr("%1: fine").arg(what),
                           tr("%1: found").arg(what), tr("%1: doubtful").arg(what)};
    commit(names[static_cast<std::size_t>(mark)], with_survey_mark(session_.document(), point(), chosen));
}

void SurveyPages::take_photo(const QString& path) {
    keep_photo(path, QString::fromLatin1(point().word.data(), static_cast<qsizetype>(point().word.size())),
               [this](const std::string& name) {
                   return with_survey_text(session_.document(), point(), "photo", name);
               });
}

void SurveyPages::take_slot_photo(const QString& path) {
    keep_photo(path, QStringLiteral("slot-%1").arg(view_.string + 1), [this](const std::string& name) {
        return with_slot_photo(session_.document(), view_.string, name);
    });
}

/// @param word the picture is called by @param named what the job becomes with a picture of that name
void SurveyPages::keep_photo(const QString& path, const QString& word,
                             const std::function<Value(const std::string&)>& named) {
    if (session_.read_only()) return;
    if (const QString fault = picture_fault(path); !fault.isEmpty()) return Q_EMIT refused(fault);
    try {
        const QString name = copy_picture(path, session_.pictures(), word);
        commit(tr("picture"), named(name.toStdString()));
    } catch (const InputError& error) {
        Q_EMIT refused(message_text(error.message(), session_.state().job.units));
    }
}

/// What the shop has may be another by now.
void SurveyPages::show_shop() {
    std::vector<std::string> gauges;
    for (const ShopGauge& gauge : session_.workshop().gauges()) gauges.push_back(gauge.name);
    if (gauges != gauges_shown_) {
        gauges_shown_ = gauges;
        list_gauges();
    }
    std::vector<std::string> heights{session_.state().job.kind};
    for (const ShopHeights& each : session_.workshop().heights()) heights.push_back(each.name + each.kind);
    heights_->parentWidget()->setVisible(heights.size() > 1);
    if (heights == heights_shown_) return;
    heights_shown_ = heights;
    list_heights();
}

void SurveyPages::show_state() {
    const State& state = session_.state();
    const int key = finding().mark ? static_cast<int>(*finding().mark) + 1 : 0;
    mark_->set_chosen(
        static_cast<int>(std::find(mark_keys.begin(), mark_keys.end(), key) - mark_keys.begin()));
    note_->show_words(QString::fromStdString(finding().note));
    photo_->show_photo(session_.pictures(), QString::fromStdString(finding().photo));
    slot_photo_->show_photo(session_.pictures(), QString::fromStdString(state.job.slot_photos[view_.string]));
    for (PhotoButton* photo : {photo_, slot_photo_}) photo->set_read_only(session_.read_only());
    own_->refresh();
    show_seen(slot_);
    show_shop();
    const auto show_gauge = [&](ChoiceRow* row, Read what) {
        const std::string name = gauge_for(state, what, view_.gauges).name;
        int place = -1;
        for (std::size_t i = 0; i < gap_gauges.size() + gauges_shown_.size(); ++i)
            if (name == (i < gap_gauges.size() ? gap_gauges[i] : gauges_shown_[i - gap_gauges.size()]))
                place = static_cast<int>(i);
        row->set_chosen(place);
    };
    show_gauge(nut_gauge_, Read::nut_gap);
    show_gauge(action_gauge_, Read::action);
    show_gauge(relief_gauge_, Read::relief);
    title_->show_words(QString::fromStdString(state.job.title));
    owner_->show_words(QString::fromStdString(state.job.owner));
    for (TextField* field : {title_, owner_, note_}) field->setReadOnly(session_.read_only());
    handed_->set_chosen(state.job.left_handed ? 1 : 0);
    const Player& player = state.job.design.player;
    hand_->set_chosen(player.pluck_force_n ? -1 : static_cast<int>(player.hand)); // measured: none of them
    const auto place_of = [](Unit unit) {
        return static_cast<int>(std::find(units.begin(), units.end(), unit) - units.begin());
    };
    const bool plain = state.job.units == units_in(state.job.unit);
    unit_->set_chosen(plain ? place_of(state.job.unit) : -1);
    for (std::size_t kind = 0; kind < units_.size(); ++kind)
        units_[kind]->set_chosen(place_of(state.job.units.each[kind]));
    tension_->set_chosen(static_cast<int>(state.job.units.tension));
}

} // namespace fm
