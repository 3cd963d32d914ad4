#include "ui/window/preferences.h"

#include "core/words/word_of.h"
#include "settings/settings.h"
#include "sheet/drawing/fonts.h"
#include "ui/look/text_scale.h"
#include "ui/look/texts.h"
#include "ui/look/theme.h"

#include <QGridLayout>
#include <QVBoxLayout>

#include <algorithm>

namespace fm {

namespace {

constexpr std::array units{Unit::mm, Unit::in, Unit::thou, Unit::sixty_fourths};
constexpr std::array near_limits{1.0, 1.5, 2.0, 3.0, 5.0};
constexpr std::array<const char*, 3> languages{"", "en", "de"};

std::vector<ChoiceRow::Option> options_of(const QStringList& names) {
    std::vector<ChoiceRow::Option> options;
    for (const QString& name : names) options.push_back({name, {}, {}});
    return options;
}

template <class List, class Item> int place_in(const List& list, const Item& item) {
    const auto found = std::find(list.begin(), list.end(), item);
    return found == list.end() ? -1 : static_cast<int>(found - list.begin());
}

} // namespace

Preferences::Preferences(Session& session, QWidget* parent)
    : QDialog(parent), session_(session), told_(new QLabel) {
    setWindowTitle(tr("Preferences"));
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(20, 18, 20, 18);
    column->setSpacing(12);
    const auto heading = [column](const QString& words) {
        auto* label = new QLabel(words);
        QFont font = shipped_font(true);
        font.setPixelSize(19);
        label->setFont(font);
        column->addWidget(label);
    };
    heading(tr("This program"));
    language_ = row(tr("Language"),
                    options_of({tr("of the system"), QStringLiteral("English"), QStringLiteral("Deutsch")}));
    theme_ = row(tr("Colours"), options_of({tr("day"), tr("evening")}));
    QStringList sizes;
    for (const int percent : settings::text_sizes) sizes << QStringLiteral("%1 %").arg(percent);
    size_ = row(tr("Text size (Ctrl+plus, Ctrl+minus, Ctrl+0)"), options_of(sizes));
    heading(tr("New jobs"));
    QStringList names;
    for (const Unit unit : units) names << unit_text(unit);
    unit_ = row(tr("All lengths"), options_of(names));
    const std::array kinds{tr("Scales and widths"), tr("Gauges and thicknesses"), tr("Gaps, relief, cuts"),
                           tr("Height over fret 12")};
    for (std::size_t kind = 0; kind < units_.size(); ++kind) {
        units_[kind] = row(kinds[kind], options_of(names));
        connect(units_[kind], &ChoiceRow::picked, this, [this, kind](int index) {
            keep_new_jobs("units." + std::string(words_of(LengthKind{})[kind]),
                          std::string(word_of(units[static_cast<std::size_t>(index)])));
        });
    }
    tension_ = row(tr("Tension"), options_of({tr("newton"), tr("pounds")}));
    connect(tension_, &ChoiceRow::picked, this, [this](int index) {
        keep_new_jobs("units.tension", std::string(word_of(static_cast<TensionUnit>(index))));
    });
    handed_ = row(tr("Played"), options_of({tr("right-handed"), tr("left-handed")}));
    hand_ = row(tr("The usual player's hand"), options_of({tr("soft"), tr("normal"), tr("hard")}));
    heading(tr("At the bench and on paper"));
    QStringList limits;
    for (const double cents : near_limits) limits << QStringLiteral("%1 ¢").arg(number_text(cents, 1));
    near_ = row(tr("Near enough in tune, once the tuner's ± is allowed for"), options_of(limits));
    sounds_ = row(tr("Sounds when a string is there"), options_of({tr("off"), tr("on")}));
    paper_ = row(tr("Paper"), options_of({QStringLiteral("A4"), QStringLiteral("Letter")}));
    connect(near_, &ChoiceRow::picked, this, [this](int index) {
        keep("intonation.near_cents", near_limits[static_cast<std::size_t>(index)]);
    });
    connect(sounds_, &ChoiceRow::picked, this, [this](int index) { keep("bench.sounds", index == 1); });
    connect(paper_, &ChoiceRow::picked, this, [this](int index) {
        Q_EMIT paper_chosen(index == 1);
        show_kept();
    });
    told_->setProperty("caption", true);
    told_->setWordWrap(true);
    told_->setTextFormat(Qt::PlainText);
    told_->hide();
    column->addWidget(told_);
    // Side by side what belongs together.
    const auto lay_out = [column](int place, const std::vector<std::vector<ChoiceRow*>>& lines) {
        auto* grid = new QGridLayout;
        grid->setHorizontalSpacing(24);
        grid->setVerticalSpacing(12);
        for (int of : {0, 1}) grid->setColumnStretch(of, 1);
        for (std::size_t line = 0; line < lines.size(); ++line)
            for (std::size_t at = 0; at < lines[line].size(); ++at)
                grid->addWidget(lines[line][at], static_cast<int>(line), static_cast<int>(at), 1,
                                lines[line].size() == 1 ? 2 : 1);
        column->insertLayout(place, grid);
    };
    lay_out(1, {{language_, theme_}, {size_}});
    lay_out(4, {{near_}, {sounds_, paper_}});
    lay_out(3, {{unit_, units_[0]}, {units_[1], units_[2]}, {units_[3], tension_}, {handed_, hand_}});
    resize(800, sizeHint().height());
    connect(language_, &ChoiceRow::picked, this, [this](int index) {
        Q_EMIT language_chosen(QLatin1String(languages[static_cast<std::size_t>(index)]));
    });
    connect(theme_, &ChoiceRow::picked, this, [this](int index) { Q_EMIT evening_chosen(index == 1); });
    connect(size_, &ChoiceRow::picked, this, [this](int index) {
        Q_EMIT text_size_chosen(settings::text_sizes[static_cast<std::size_t>(index)]);
    });
    connect(unit_, &ChoiceRow::picked, this, [this](int index) {
        keep_new_jobs("units", {});
        keep_new_jobs("unit", std::string(word_of(units[static_cast<std::size_t>(index)])));
    });
    connect(handed_, &ChoiceRow::picked, this,
            [this](int index) { keep_new_jobs("handed", index == 1 ? "left" : "right"); });
    connect(hand_, &ChoiceRow::picked, this, [this](int index) {
        keep_new_jobs("player.hand", std::string(word_of(static_cast<PlayingHand>(index))));
    });
}

ChoiceRow* Preferences::row(const QString& label, const std::vector<ChoiceRow::Option>& options) {
    return new ChoiceRow(label, options, this);
}

void Preferences::showEvent(QShowEvent* event) {
    QDialog::showEvent(event);
    show_kept();
}

void Preferences::show_kept() {
    language_->set_chosen(place_in(languages, settings::language().toStdString()));
    theme_->set_chosen(theme().evening ? 1 : 0);
    size_->set_chosen(place_in(settings::text_sizes, text_size_now()));
    const Value& kept = session_.workshop().new_jobs();
    const auto word = [&kept](const char* key, const char* otherwise) {
        const Value* value = fm::find(kept, key);
        return value && value->text() ? *value->text() : std::string(otherwise);
    };
    const Unit unit = of_word<Unit>(word("unit", "mm")).value_or(Unit::mm);
    Units each = units_in(unit);
    for (std::size_t kind = 0; kind < units_.size(); ++kind) {
        const std::string key = "units." + std::string(words_of(LengthKind{})[kind]);
        each.each[kind] = of_word<Unit>(word(key.c_str(), "")).value_or(each.each[kind]);
        units_[kind]->set_chosen(place_in(units, each.each[kind]));
    }
    each.tension = of_word<TensionUnit>(word("units.tension", "")).value_or(each.tension);
    tension_->set_chosen(static_cast<int>(each.tension));
    unit_->set_chosen(each == units_in(unit) ? place_in(units, unit) : -1);
    handed_->set_chosen(word("handed", "right") == "left" ? 1 : 0);
    hand_->set_chosen(
        static_cast<int>(of_word<PlayingHand>(word("player.hand", "normal")).value_or(PlayingHand::normal)));
    near_->set_chosen(place_in(near_limits, session_.workshop().intonation().near_cents));
    sounds_->set_chosen(session_.workshop().bench().sounds ? 1 : 0);
    paper_->set_chosen(settings::paper() == Paper::letter ? 1 : 0);
}

void Preferences::keep_new_jobs(const std::string& key, const std::string& word) {
    keep("new_jobs." + key, word.empty() ? Value() : Value(word));
}

void Preferences::keep(const std::string& key, const Value& value) {
    const QString& folder = session_.workshop().folder();
    try {
        change_shop(folder, [&](const Value& document) {
            return value.is_null() ? without(document, key) : with(document, key, value);
        });
        session_.set_workshop(Workshop(folder));
        told_->clear();
        told_->hide();
    } catch (const InputError& error) {
        told_->setText(message_text(error.message()));
        told_->show();
    }
    show_kept();
}

} // namespace fm
