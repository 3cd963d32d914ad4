#include "ui/field/field_binder.h"

#include "core/design/assumed.h"
#include "core/words/length_kind.h"
#include "job/edits/assumed_edits.h"
#include "ui/look/texts.h"

#include <cmath>

namespace fm {

FieldBinder::FieldBinder(Session& session, QObject* parent) : QObject(parent), session_(session) {}

void FieldBinder::bind(ValueField* field, Getter value) {
    bind(field, std::move(value), [field](const State&) { return field->key(); });
}

void FieldBinder::bind(ValueField* field, Getter value, KeyMaker key) {
    session_.names().name(field->key(), field->name());
    bound_.push_back({field, std::move(value), std::move(key)});
    const std::size_t place = bound_.size() - 1;
    connect(field, &ValueField::previewed, this, [this, place](double number) {
        const Bound& bound = bound_[place];
        if (!session_.is_open()) return;
        bound.field->set_problem(session_.told(session_.preview(changed(bound, number))));
    });
    connect(field, &ValueField::committed, this, [this, place](double number) {
        const Bound& bound = bound_[place];
        if (!session_.is_open()) return;
        const QString name = tr("%1 %2").arg(bound.field->name(), bound.field->value_text(number));
        // Typed as it was assumed: the same number, and measured.
        bound.field->set_problem(session_.told(
            session_.commit(name, with_confirmed(changed(bound, number), measured_key(bound)))));
    });
    connect(field, &ValueField::confirmed, this, [this, place](double number) {
        const Bound& bound = bound_[place];
        if (!session_.is_open()) return;
        const QString name = tr("%1 %2 confirmed").arg(bound.field->name(), bound.field->value_text(number));
        bound.field->set_problem(
            session_.told(session_.commit(name, with_confirmed(session_.document(), measured_key(bound)))));
    });
    connect(field, &ValueField::preview_ended, &session_, &Session::end_preview);
}

std::string FieldBinder::measured_key(const Bound& bound) const {
    return bound.key(session_.state()).section(QLatin1Char('/'), 0, 0).toStdString();
}

Value FieldBinder::changed(const Bound& bound, double value) const {
    // A billionth of a mm: so that 17 thou is written 0.4318 and not with the dust of binary fractions.
    const double tidy = std::round(value * 1e9) / 1e9;
    const Value& document = session_.document();
    if (bound.write) return bound.write(document, session_.state(), tidy);
    const bool whole = bound.field->kind() == FieldKind::whole && tidy == std::round(tidy);
    const Value written = whole ? Value(static_cast<std::int64_t>(tidy)) : Value(tidy);
    return with(bound.prepare ? bound.prepare(document, session_.state()) : document,
                bound.key(session_.state()).toStdString(), written);
}

void FieldBinder::prepare(ValueField* field, const Preparer& preparer) {
    for (Bound& bound : bound_)
        if (bound.field == field) bound.prepare = preparer;
}

void FieldBinder::write(ValueField* field, const Writer& writer) {
    for (Bound& bound : bound_)
        if (bound.field == field) bound.write = writer;
}

FieldBinder::Getter as_written(const char* key) {
    return [row = &field_of(key)](const State& state) { return row->get(state.job.design, 0); };
}

void FieldBinder::refresh() {
    if (!session_.is_open()) return;
    for (const Bound& bound : bound_) {
        const State& state = session_.state();
        bound.field->show_value(bound.value(state), state.job.units.of(length_kind_of(measured_key(bound))),
                                is_assumed(state.job.design, measured_key(bound)));
        bound.field->setReadOnly(session_.read_only());
    }
}

} // namespace fm
