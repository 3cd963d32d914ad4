#pragma once
#include <QFrame>

class QLabel;
class QToolButton;

namespace fm {

/// What the window has to say, above the station, and the ways out of it.
class Notice : public QFrame {
    Q_OBJECT
public:
    enum Way {
        none = 0,
        read_again = 1, ///< what stands on the disk, instead of what is here
        elsewhere = 2,  ///< the job under another name
        leave = 4       ///< close, with a copy kept where it can be
    };
    Q_DECLARE_FLAGS(Ways, Way)

    explicit Notice(QWidget* parent = nullptr);
    void say(const QString& text, Ways ways = none);
    /// Something about the job's file, until trouble_over().
    void say_trouble(const QString& text, Ways ways);
    void trouble_over();
    /// One way more out of what is said.
    void offer(Way way);
    /// What is said, or "".
    QString text() const;
    bool offers(Way way) const { return !isHidden() && ways_.testFlag(way); }
    void dress();

Q_SIGNALS:
    void chosen(Notice::Way way);

private:
    QToolButton* button(Way way, const QString& text, const QString& tip);

    QLabel* text_;
    std::vector<std::pair<Way, QToolButton*>> buttons_;
    Ways ways_ = none;
    bool trouble_ = false;
};
Q_DECLARE_OPERATORS_FOR_FLAGS(Notice::Ways)

} // namespace fm
