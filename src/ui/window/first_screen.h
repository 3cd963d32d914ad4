#pragma once
#include "ui/field/choice_row.h"
#include "ui/look/off_thread.h"
#include "ui/window/job_lines.h"
#include "ui/window/picture_list.h"
#include "workshop/workshop.h"

#include <QDateTime>
#include <QLabel>
#include <QLineEdit>
#include <QTimer>

#include <functional>
#include <memory>

class QToolButton;
class QBoxLayout;
class QVBoxLayout;

namespace fm {

/// Where one begins: the workshop's jobs, looked for as one types, and beside them a new one from a kind of
/// instrument.
class FirstScreen : public QWidget {
    Q_OBJECT
public:
    explicit FirstScreen(const std::vector<StationKind>& stations, QWidget* parent = nullptr);

    /// Shows the jobs that lie in the workshop's folder now.
    void show_workshop(const Workshop& workshop);
    void take_focus() { search_->setFocus(); }
    /// Whether pictures or names of jobs are still being read.
    bool is_reading() const { return isVisible() && (away_.is_working() || reading_.isActive()); }
    /// Who moves a job that is open here; false: it is not.
    void let_move_open(std::function<bool(const QString&, const QString&)> moves) {
        moves_open_ = std::move(moves);
    }
    QLineEdit* search() { return search_; }
    /// What it says under the list.
    void say(const QString& words);
    QString said() const { return said_->text(); }
    PictureList* jobs() { return jobs_; }
    PictureList* kinds() { return kinds_; }
    /// Kinds as the list shows them: the program's, then the shop's own.
    const std::vector<InstrumentKind>& offered() const { return offered_; }
    static QString name_of(const InstrumentKind& kind);

Q_SIGNALS:
    void job_picked(const QString& path);
    void kind_picked(int kind);           ///< of those offered
    void same_asked(const QString& path); ///< another job of that one's instrument
    void kind_asked(const QString& path); ///< jobs shall begin from one like it
    void file_asked();
    void demo_asked();

protected:
    bool eventFilter(QObject* watched, QEvent* event) override;
    void showEvent(QShowEvent* event) override;
    void resizeEvent(QResizeEvent* event) override;

private:
    /// A job of the folder, and what was read of it.
    struct Found {
        QString path;
        QDateTime changed;
        JobNames names;
        bool named = false;
    };
    void build();
    void list();
    void build_ways(QVBoxLayout* left);
    void find_jobs();
    void sort();
    void put_away_or_back();
    void throw_chosen_away();
    QString chosen_path() const;
    void list_kinds(const Workshop& workshop);
    PictureRow row_of(const Found& found) const;
    /// Reads what is in sight, then what is only looked for, some at a time and beside the window.
    void read_on();

    enum class Order { date, title, owner, stage };
    const std::vector<StationKind>& stations_;
    QString folder_;
    std::function<bool(const QString&, const QString&)> moves_open_;
    bool away_shown_ = false; ///< the jobs that were put away
    Order order_ = Order::date;
    std::vector<Found> found_;
    std::vector<std::size_t> shown_; ///< places in found_, as listed
    std::vector<bool> seen_;         ///< of those listed: its picture was read
    std::vector<InstrumentKind> offered_;
    QBoxLayout* across_ = nullptr;
    QLabel* head_ = nullptr;
    QLabel* none_ = nullptr;
    QLabel* said_ = nullptr;
    ChoiceRow* sorted_ = nullptr;
    QToolButton* put_ = nullptr;
    QToolButton* throw_ = nullptr;
    QToolButton* others_ = nullptr;
    QLineEdit* search_ = nullptr;
    PictureList* jobs_ = nullptr;
    PictureList* kinds_ = nullptr;
    QTimer reading_;
    OffThread away_{this};
};

} // namespace fm
