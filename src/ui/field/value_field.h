#pragma once
#include "core/design/fields.h"
#include "core/words/length.h"
#include "core/words/units.h"
#include "ui/field/echo.h"
#include "ui/field/sense_words.h"

#include <QLineEdit>
#include <QTimer>

#include <functional>
#include <optional>

namespace fm {

/// A value written in pencil: typing previews, Enter, Tab or leaving makes one step, Esc brings the old value
/// back. The echo under it says what was understood, or where it was not.
class ValueField : public QLineEdit {
    Q_OBJECT
public:
    /// @param key    what it sets in the job file   @param name its name for a person, without the unit
    ValueField(const QString& key, const QString& name, FieldKind kind, QWidget* parent);

    const QString& key() const { return key_; }
    const QString& name() const { return name_; }
    FieldKind kind() const { return kind_; }
    Unit unit() const { return unit_; }

    /// Shows a value unless the person is typing. No value: a dash. One that nobody has measured is shown as
    /// such, and Enter on it confirms it.
    void show_value(std::optional<double> value, Unit unit, bool assumed = false);
    bool is_assumed() const { return assumed_; }
    /// A reading: it may be the leaves it lies between. @param held "none" and "some" of a tap are understood
    void take_leaves(bool held);
    /// What is asked of a reading before it is kept, from the reading and its text; "": nothing. The same
    /// again is meant.
    using Question = std::function<QString(const WrittenLength&, const QString&)>;
    void ask_about(Question question) { question_ = std::move(question); }
    /// What was typed last, as a reading.
    const WrittenLength& read() const { return read_; }
    /// What stands there in the place of a number: a bound alone. "": a dash.
    void show_instead(const QString& words);
    /// What the window says about the last preview or step; "" if it was good.
    void set_problem(const QString& problem);
    /// Makes a step of a text as if it had been typed here. @returns what is wrong with it, "" if it was good
    QString enter(const QString& text);
    /// The value as text with its unit, for menus and the undo list.
    QString value_text(double value) const;

Q_SIGNALS:
    void previewed(double value);
    void committed(double value);
    void preview_ended();
    void confirmed(double value); ///< an assumed value, as it stands
    void measured();              ///< Enter: what was assumed is so no more

protected:
    bool event(QEvent* event) override;
    void paintEvent(QPaintEvent* event) override;
    void keyPressEvent(QKeyEvent* event) override;
    void focusInEvent(QFocusEvent* event) override;
    void focusOutEvent(QFocusEvent* event) override;

private:
    struct Parsed {
        std::optional<double> value;
        QString fault;
        QString echo;
        WrittenLength read;
        bool fraction = false;
    };
    Parsed parsed() const;
    /// What it holds when it is typed into; "" for no value.
    QString edit_text() const;
    void name_in(Unit unit);
    void typed();
    /// @param entered by Enter: asked before, it is meant
    bool commit(bool entered);
    void revert();
    void show_echo(const QString& text, bool fault);
    void set_fault(bool fault);
    void set_assumed(bool assumed);
    void set_look(const char* property, bool on);

    QString key_;
    QString name_;
    FieldKind kind_;
    Unit unit_ = Unit::mm;
    std::optional<double> value_;
    QString stacked_; // the value on two lines, if it has two
    QString problem_;
    bool typing_ = false;
    bool assumed_ = false;
    bool fractions_in_bare_ = false;
    bool leaves_ = false;
    bool held_ = false;
    WrittenLength read_;
    Question question_;
    AskedOnce asked_;
    QString instead_;
    QTimer stopped_typing_;
    Echo echo_;
};

} // namespace fm
