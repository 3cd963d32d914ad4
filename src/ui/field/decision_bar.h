#pragma once
#include "core/found/reading_log.h"
#include "ui/state/session.h"

#include <QWidget>

#include <optional>
#include <string_view>

class QLabel;
class QLineEdit;
class QToolButton;

namespace fm {

/// A step of the plan decided: at once where it is what the rules propose, else asked why first, in one line
/// that is hidden otherwise. The reason goes to the record with the decision.
class DecisionBar : public QWidget {
    Q_OBJECT
public:
    explicit DecisionBar(Session& session, QWidget* parent = nullptr);
    /// @param word of a way of the part, as the job file has it
    void decide(BenchPart part, std::string_view word);
    /// Several at once, for one reason, as one step.
    void decide_all(const std::vector<std::pair<BenchPart, std::string_view>>& ways, const QString& name,
                    const QString& reason);
    /// The question falls away where it is answered, or asked of another job.
    void refresh();
    bool is_asking() const { return asked_.has_value(); }
    QLineEdit* reason() { return reason_; }

Q_SIGNALS:
    void refused(const QString& why);
    void answered(); ///< decided, or dropped: the keys go back

protected:
    bool eventFilter(QObject* watched, QEvent* event) override;

private:
    struct Asked {
        BenchPart part;
        std::string_view word;
        QString path; ///< of the job it was asked of
    };
    void keep();
    void drop();
    bool make(BenchPart part, std::string_view word, const QString& reason);

    Session& session_;
    std::optional<Asked> asked_;
    QLabel* text_;
    QLineEdit* reason_;
    QToolButton* keep_;
    QToolButton* drop_;
};

/// What the rules propose for a part's step, and what the plan goes by, as words of the job file; nothing
/// where it was not read, or where the maker has to choose.
std::optional<std::string_view> way_proposed(const State& state, BenchPart part);
std::optional<std::string_view> way_chosen(const State& state, BenchPart part);

/// "the nut", "the saddle", "the relief".
QString part_name(BenchPart part);
/// "leave it", "file", "new nut"; of saddles on screws what is done to them.
QString way_name(const Design& design, BenchPart part, std::string_view word);

} // namespace fm
