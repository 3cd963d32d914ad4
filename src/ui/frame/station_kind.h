#pragma once
// What the window knows of a station before it is gone to.
#include "ui/frame/window_page.h"
#include "ui/state/session.h"

#include <QCoreApplication>

#include <optional>

namespace fm {

/// Where the words of stations are translated.
struct StationWords {
    Q_DECLARE_TR_FUNCTIONS(fm::StationWords)
};

/// A station: a row of the path down the left side, an entry of the menu, and how its page is made.
struct StationKind {
    Station station;
    QString name;
    QString tip;      ///< on the path
    QString menu;     ///< with its letter marked
    QString menu_tip; ///< and what the menu says of it
    /// How far it is, in a line, and whether it was begun.
    QString (*state)(const State&);
    bool (*begun)(const State&);
    /// The one next thing to do there.
    QString (*next)(const State&);
    /// What can hurt somebody there; "" for nothing.
    QString (*caution)(const Design&);
    /// The number whose working it opens with.
    QString (*first_number)(const State&, const ViewState&);
    WindowPage* (*make)(Session&, const ViewState&, QWidget* parent);
    /// What stays in sight from every station; none: nothing does.
    std::optional<Message> (*warning)(const State&) = nullptr;
};

/// What can hurt somebody while this material is cut.
QString caution_of(const std::string& material);
/// While strings are under tension and something beneath them moves.
QString caution_under_tension();

} // namespace fm
