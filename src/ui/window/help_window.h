#pragma once
#include "ui/state/session.h"
#include "ui/state/view_state.h"

#include <QColor>
#include <QTextBrowser>

#include <memory>

namespace fm {

/// Help inside the program: one text in the window's language, with drawings of the job that is open.
class HelpWindow : public QTextBrowser {
    Q_OBJECT
public:
    HelpWindow(const Session& session, QWidget* parent);
    /// Opens it at what belongs to a station, or to the board.
    void open_at(const QString& section);

protected:
    QVariant loadResource(int type, const QUrl& name) override;
    void keyPressEvent(QKeyEvent* event) override;

private:
    QImage drawing(const QString& of) const;
    /// What the text as it stands was made from.
    struct Told {
        QString language;
        QColor ground;
        std::shared_ptr<const State> state;
        bool operator==(const Told&) const = default;
    };

    const Session& session_;
    Told told_;
};

} // namespace fm
