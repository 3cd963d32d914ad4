#include "ui/field/value_field.h"

#include "core/words/length.h"
#include "sheet/drawing/fonts.h"
#include "ui/look/reading_text.h"
#include "ui/look/restyle.h"
#include "ui/look/stacked_text.h"
#include "ui/look/texts.h"
#include "ui/look/theme.h"
#include "ui/look/undo_keys.h"

#include <QKeyEvent>
#include <QLocale>

#include <cmath>
#include <utility>

namespace fm {

namespace {
constexpr int stopped_typing_after_ms = 700;
}

ValueField::ValueField(const QString& key, const QString& name, FieldKind kind, QWidget* parent)
    : QLineEdit(parent), key_(key), name_(name), kind_(kind) {
    setProperty("pencil", true);
    setAlignment(Qt::AlignCenter);
    setMinimumHeight(32);
    setObjectName(key);
    stopped_typing_.setSingleShot(true);
    stopped_typing_.setInterval(stopped_typing_after_ms);
    connect(&stopped_typing_, &QTimer::timeout, this, [this] {
        if (!problem_.isEmpty()) show_echo(problem_, true);
    });
    connect(this, &QLineEdit::textEdited, this, &ValueField::typed);
}

QString ValueField::value_text(double value) const {
    switch (kind_) {
    case FieldKind::length: return length_with_unit(value, unit_);
    case FieldKind::angle: return angle_text(value);
    case FieldKind::number: return number_text(value, 2);
    case FieldKind::whole: return number_text(value, 0);
    }
    return {};
}

QString ValueField::edit_text() const {
    if (!value_) return {};
    return kind_ == FieldKind::length ? length_for_edit(*value_, unit_) : value_text(*value_);
}

void ValueField::name_in(Unit unit) {
    const QString unit_name = kind_ == FieldKind::length  ? unit_text(unit)
                              : kind_ == FieldKind::angle ? tr("degrees")
                                                          : QString();
    QString spoken = unit_name.isEmpty() ? name_ : name_ + QStringLiteral(", ") + unit_name;
    if (assumed_) spoken = tr("%1, assumed").arg(spoken);
    setAccessibleName(spoken);
    setToolTip(assumed_
                   ? tr("%1: assumed, not measured; type what you read, or Enter to confirm it").arg(name_)
                   : tr("%1: click or Tab, type, Enter").arg(name_));
}

void ValueField::take_leaves(bool held) {
    leaves_ = true;
    held_ = held;
}

void ValueField::show_instead(const QString& words) {
    if (instead_ == words) return;
    instead_ = words;
    show_value(value_, unit_, assumed_);
}

void ValueField::set_assumed(bool assumed) {
    if (assumed_ == assumed) return;
    assumed_ = assumed;
    set_look("assumed", assumed);
    name_in(unit_);
}

void ValueField::show_value(std::optional<double> value, Unit unit, bool assumed) {
    if (accessibleName().isEmpty() || unit_ != unit) name_in(unit);
    unit_ = unit;
    if (typing_) return;
    set_assumed(assumed && value.has_value());
    const bool moved = value_ != value;
    value_ = value;
    if (hasFocus()) { // the value under the cursor changed: another string, an undo
        if (moved) setText(edit_text());
        return;
    }
    QString text = !value ? (instead_.isEmpty() ? QStringLiteral("–") : instead_)
                   : kind_ == FieldKind::length
                       ? length_number(*value, unit).replace(QLatin1Char('\n'), QLatin1Char(' '))
                       : value_text(*value);
    const QString lines = value && kind_ == FieldKind::length ? length_number(*value, unit) : QString();
    stacked_ = lines.contains(QLatin1Char('\n')) ? lines : QString();
    if (assumed_) {
        text.prepend(QStringLiteral("\u2248"));
        if (!stacked_.isEmpty()) stacked_.prepend(QStringLiteral("\u2248"));
    }
    if (text != this->text()) setText(text);
}

void ValueField::set_problem(const QString& problem) {
    problem_ = problem;
    set_fault(!problem.isEmpty());
}

void ValueField::set_fault(bool fault) {
    set_look("fault", fault);
}

void ValueField::set_look(const char* property, bool on) {
    if (this->property(property).toBool() == on) return;
    setProperty(property, on);
    restyle(this);
}

ValueField::Parsed ValueField::parsed() const {
    const QString text = this->text();
    if (kind_ != FieldKind::length) {
        QString plain = text;
        plain.remove(QStringLiteral("°")).replace(QLatin1Char(','), QLatin1Char('.'));
        bool good = false;
        const double value = QLocale::c().toDouble(plain.trimmed(), &good);
        if (!good || !std::isfinite(value)) return {std::nullopt, tr("a number is needed"), {}, {}, false};
        return {value, {}, value_text(value), WrittenLength{value}, false};
    }
    if (leaves_ && held_)
        if (const auto tapped = tapped_reading(text))
            return {
                tapped->mm, {}, leaves_text({{}, tapped->above_mm, tapped->below_mm}, unit_), *tapped, false};
    const LengthResult result = parse_length(text.toStdString(), {unit_, fractions_in_bare_, leaves_});
    if (!result) return {std::nullopt, length_fault(text, result.error), {}, {}, false};
    const double mm = result.length->mm;
    QString echo = number_text(mm, 3) + QStringLiteral(" mm · ") + number_text(mm / mm_per(Unit::thou), 1) +
                   QStringLiteral(" thou · ") + length_with_unit(mm, Unit::sixty_fourths);
    if (result.length->uncertainty_mm)
        echo +=
            QStringLiteral(" · ± ") + number_text(*result.length->uncertainty_mm, 3) + QStringLiteral(" mm");
    if (result.length->fraction_as_inches)
        echo += QLatin1Char('\n') + tr("fraction taken as inches; F2 takes it in %1").arg(unit_text(unit_));
    if (result.length->one_sided())
        echo += QLatin1Char('\n') + tr("a bound: kept and compared, nothing is worked out from it");
    return {mm, {}, echo, *result.length, result.length->fraction_as_inches};
}

void ValueField::typed() {
    typing_ = true;
    const Parsed now = parsed();
    set_problem(now.fault);
    stopped_typing_.start();
    if (!now.value) {
        show_echo({}, false);
        return;
    }
    read_ = now.read;
    Q_EMIT previewed(*now.value);
    if (problem_.isEmpty()) show_echo(now.echo, false);
}

bool ValueField::commit(bool entered) {
    if (!typing_) return true;
    const Parsed now = parsed();
    stopped_typing_.stop();
    if (!now.value) {
        set_problem(now.fault);
        show_echo(now.fault, true);
        Q_EMIT preview_ended();
        return false;
    }
    if (question_)
        if (const QString asked = question_(now.read, text());
            asked_.must_ask(asked, text()) ||
            (!asked.isEmpty() && !entered)) { // only Enter says that it is meant
            set_problem(asked);
            show_echo(asked, true);
            Q_EMIT preview_ended();
            return false;
        }
    typing_ = false;
    problem_.clear();
    const auto before = std::exchange(value_, now.value);
    read_ = now.read;
    Q_EMIT committed(*now.value);
    if (!problem_.isEmpty()) { // refused: the old value stands in the job, the text stays to be mended
        value_ = before;
        typing_ = true;
        set_fault(true);
        show_echo(problem_, true);
        return false;
    }
    set_fault(false);
    show_echo({}, false);
    fractions_in_bare_ = false;
    return true;
}

QString ValueField::enter(const QString& text) {
    setText(text);
    typing_ = true;
    if (commit(false)) return {};
    QString why = problem_;
    revert();
    show_value(value_, unit_);
    return why;
}

void ValueField::revert() {
    typing_ = false;
    fractions_in_bare_ = false;
    asked_.forget();
    stopped_typing_.stop();
    set_problem({});
    show_echo({}, false);
    Q_EMIT preview_ended();
}

void ValueField::paintEvent(QPaintEvent* event) {
    if (hasFocus() || stacked_.isEmpty())
        QLineEdit::paintEvent(event);
    else
        paint_stacked(*this, stacked_, assumed_ ? theme().caption : theme().yours);
}

void ValueField::keyPressEvent(QKeyEvent* event) {
    switch (event->key()) {
    case Qt::Key_Return:
    case Qt::Key_Enter: {
        const bool was_assumed = assumed_;
        if (!typing_ && assumed_ && value_) Q_EMIT confirmed(*value_);
        if (!commit(true)) return;
        setText(edit_text());
        selectAll();
        if (was_assumed) Q_EMIT measured();
        return;
    }
    case Qt::Key_Escape: {
        const bool was_typing = typing_;
        revert();
        setText(edit_text());
        selectAll();
        if (!was_typing) parentWidget()->setFocus();
        return;
    }
    case Qt::Key_F2:
        if (parsed().fraction || fractions_in_bare_) {
            fractions_in_bare_ = !fractions_in_bare_;
            typed();
        }
        return;
    default: QLineEdit::keyPressEvent(event);
    }
}

void ValueField::focusInEvent(QFocusEvent* event) {
    if (!typing_) setText(edit_text());
    QLineEdit::focusInEvent(event);
    if (event->reason() != Qt::ActiveWindowFocusReason) QTimer::singleShot(0, this, &QLineEdit::selectAll);
}

void ValueField::focusOutEvent(QFocusEvent* event) {
    QLineEdit::focusOutEvent(event);
    if (event->reason() == Qt::ActiveWindowFocusReason || event->reason() == Qt::PopupFocusReason) return;
    const QString before = text();
    if (!commit(false)) { // left with something not understood: the old value comes back, the reason stays in
                          // sight
        typing_ = false;
        const QString why = std::exchange(problem_, QString());
        fractions_in_bare_ = false;
        set_fault(false);
        Q_EMIT preview_ended();
        show_echo(tr("%1: %2; the old value stands").arg(before, why.section(QLatin1Char('\n'), 0, 0)), true);
        QTimer::singleShot(6000, this, [this] {
            if (!hasFocus()) show_echo({}, false);
        });
    }
    show_value(value_, unit_);
}

void ValueField::show_echo(const QString& text, bool fault) {
    setAccessibleDescription(text);
    echo_.show(this, rect(), text, fault);
}

bool ValueField::event(QEvent* event) {
    return leaves_undo(event, typing_) || QLineEdit::event(event);
}

} // namespace fm
