#pragma once
#include "core/found/string_readings.h"

#include <QWidget>

#include <array>

class QLabel;
class QToolButton;

namespace fm {

/// What is seen of one slot, drawn: several at once, or that it is fine.
class SeenRow : public QWidget {
    Q_OBJECT
public:
    explicit SeenRow(QWidget* parent = nullptr);
    /// @param string its name
    void show_slot(const QString& string, const SlotSeen& seen, bool read_only);
    /// In few words: "binds", "floor flat".
    static QString name(SlotFound what);
    static QString names(const SlotSeen& seen);

Q_SIGNALS:
    void picked(const SlotSeen& seen); ///< by the person: all that is seen now

private:
    void toggle(SlotFound what);

    std::array<QToolButton*, words_of(SlotFound{}).size()> buttons_{};
    QLabel* of_;
    SlotSeen seen_;
};

} // namespace fm
