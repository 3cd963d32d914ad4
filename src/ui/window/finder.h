#pragma once
#include <QFrame>
#include <QLineEdit>
#include <QListWidget>
#include <QPointer>

#include <functional>
#include <vector>

namespace fm {

/// Finds any number, value, choice, symptom or action by its words: a line to type into, the best finds under
/// it.
class Finder : public QFrame {
    Q_OBJECT
public:
    struct Entry {
        QString words;            ///< what it is found by
        QString more;             ///< its value, or its keys
        std::function<void()> go; ///< what happens when it is chosen
        QString also = {};        ///< and what else: words of the trade
    };
    explicit Finder(QWidget* parent);
    void ask(std::vector<Entry> entries);
    QLineEdit* line() { return line_; }
    QListWidget* finds() { return finds_; }

protected:
    bool eventFilter(QObject* watched, QEvent* event) override;

private:
    void find(const QString& text);
    void choose();
    void add(std::size_t entry);
    /// What is written nearly so.
    std::vector<std::size_t> near(const QStringList& words) const;

    std::vector<Entry> entries_;
    QLineEdit* line_;
    QListWidget* finds_;
    QPointer<QWidget> was_in_; ///< what had the focus before
};

} // namespace fm
