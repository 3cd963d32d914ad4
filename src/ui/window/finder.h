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
        int place = 0;            ///< of what fits alike the lower comes first
    };
    /// Entries that take their time to make.
    using Helping = std::function<std::vector<Entry>()>;
    explicit Finder(QWidget* parent);
    /// @param helpings made one after the other while nothing else is to be done, at the latest when words
    /// are looked for
    void ask(std::vector<Entry> entries, std::vector<Helping> helpings);
    QLineEdit* line() { return line_; }
    QListWidget* finds() { return finds_; }

protected:
    bool eventFilter(QObject* watched, QEvent* event) override;

private:
    void find(const QString& text);
    void find_among_all(const QString& text);
    void choose();
    void take_one();
    void take_when_idle();
    void add(std::size_t entry);
    /// What is written nearly so.
    std::vector<std::size_t> near(const QStringList& words) const;

    std::vector<Entry> entries_;
    std::vector<Helping> helpings_; ///< still to be taken, the next one last
    QLineEdit* line_;
    QListWidget* finds_;
    QPointer<QWidget> was_in_; ///< what had the focus before
};

} // namespace fm
