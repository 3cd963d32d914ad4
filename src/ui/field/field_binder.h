#pragma once
#include "ui/field/value_field.h"
#include "ui/state/session.h"

#include <QObject>

#include <functional>
#include <vector>

namespace fm {

/// Joins pencil fields to the job: shows what the state says, previews what is typed, makes a step of what is
/// entered.
class FieldBinder : public QObject {
    Q_OBJECT
public:
    using Getter = std::function<std::optional<double>(const State&)>;
    using KeyMaker = std::function<QString(const State&)>;

    explicit FieldBinder(Session& session, QObject* parent = nullptr);
    /// A field of one key.
    void bind(ValueField* field, Getter value);
    /// A field whose key depends on the state (the chosen string, say).
    void bind(ValueField* field, Getter value, KeyMaker key);
    /// What must stand in the document before a field's key can be set; may return it unchanged.
    using Preparer = std::function<Value(const Value&, const State&)>;
    void prepare(ValueField* field, const Preparer& preparer);
    /// How a value gets into the document, where that is more than setting its key.
    using Writer = std::function<Value(const Value&, const State&, double)>;
    void write(ValueField* field, const Writer& writer);
    void refresh();

private:
    struct Bound {
        ValueField* field;
        Getter value;
        KeyMaker key;
        Preparer prepare = nullptr;
        Writer write = nullptr;
    };
    Value changed(const Bound& bound, double value) const;
    /// Under what its value is measured: one read in another way (nut to fret 12) has a stroke behind that.
    std::string measured_key(const Bound& bound) const;
    Session& session_;
    std::vector<Bound> bound_;
};

/// What the job says under a key that is a row of core/design/fields.
FieldBinder::Getter as_written(const char* key);

} // namespace fm
