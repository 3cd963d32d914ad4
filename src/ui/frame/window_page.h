#pragma once
#include "ui/state/view_state.h"

#include <QWidget>

#include <functional>
#include <optional>

namespace fm {

class StationFrame;

/// Another way of looking: changes what is shown, never the job.
using ViewChange = std::function<void(ViewState&)>;

/// What fills the window beside the stations' path: a station, or a page in its place.
class WindowPage : public QWidget {
    Q_OBJECT
public:
    using QWidget::QWidget;
    /// Shows the job as it is now.
    virtual void refresh() = 0;
    /// Where keys go when it comes into sight.
    virtual void take_focus() = 0;
    /// What stands at its right; none: nothing.
    virtual QWidget* beside() { return nullptr; }
    /// A drawing with fields and pages, if it is one.
    virtual StationFrame* frame() { return nullptr; }
    /// Whether it lists strings or frets, and must know how many there are even out of sight.
    virtual bool lists_strings() { return frame() != nullptr; }
    /// Whether it shows computed numbers, whose working stands beneath.
    virtual bool shows_numbers() const { return true; }
    /// Whether that letter, in lower case, begins to write something there, and is no shortcut.
    virtual bool takes_letter(const QObject*, QChar) { return false; }
    /// Whether it shows its other side, the table of its drawing; nothing where it has none. Escape leads
    /// back.
    virtual std::optional<bool> other_side_shown() const { return std::nullopt; }
    virtual void show_other_side(bool) {}
    /// Drawn larger or smaller; 0: the whole of it again.
    virtual void zoom(double) {}
    /// More on a string's number, beside its working.
    virtual QString note(std::size_t) { return {}; }

Q_SIGNALS:
    void refused(const QString& why);
    void string_picked(std::size_t string);
    void number_picked(const QString& name); ///< what follows the string in its key, or a whole key
    void view_asked(const ViewChange& change);
};

} // namespace fm
