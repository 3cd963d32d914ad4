#pragma once
#include "core/found/stops.h"

#include <QWidget>

class QLabel;
class QLineEdit;
class QToolButton;

namespace fm {

class Session;

/// What stops the work, and the field for why somebody goes on all the same. Hidden where nothing does.
class StopBar : public QWidget {
    Q_OBJECT
public:
    explicit StopBar(Session& session, QWidget* parent = nullptr);
    void refresh();
    QLineEdit* reason() { return reason_; }

Q_SIGNALS:
    void refused(const QString& why);

private:
    void pass();

    Session& session_;
    std::string point_; ///< of the stop shown
    QLabel* text_;
    QLineEdit* reason_;
    QToolButton* go_on_;
};

/// What stands where an amount would, while a stop is not passed.
QString stopped_words();
/// The first stop of a state that stands at a part; nullptr if nothing stops there.
const Stop* stop_at(const std::vector<Stop>& stops, BenchPart part);

} // namespace fm
