#pragma once
#include "core/found/filing.h"
#include "job/edits/bench_edits.h"
#include "ui/state/session.h"

#include <QObject>

namespace fm {

/// How a reading came: by the gauge that listens, or typed.
enum class ReadBy { hand, gauge };

/// What is done at the bench, without its looks: which string is in hand, what a reading becomes, what takes
/// it back. Every reading kept is written to the job's file before anything else.
class BenchWorker : public QObject {
    Q_OBJECT
public:
    explicit BenchWorker(Session& session, QObject* parent = nullptr);

    void begin(BenchPart part);
    BenchPart part() const { return part_; }
    /// Works everything out again from the job.
    void refresh();

    const std::vector<Filing>& filings() const { return filings_; }
    /// The string in hand; nothing where no string was ever read.
    const Filing* in_hand() const;
    std::size_t place() const { return place_; } ///< of it among the filings
    /// What comes off the whole part first, or goes under it.
    const std::optional<EdgeMargins>& whole() const { return whole_; }
    const Hand& hand() const { return hand_; }
    std::optional<int> rod_turn() const; ///< eighths about right, by this rod's own log
    /// The gauge the next reading is taken with: the one that listens, else the job's own.
    std::string gauge() const;
    /// The gauge that listens. @param word in the job file, "": none
    void set_gauge(const std::string& word, std::optional<double> u_mm);

    /// How far the rod was turned before the next reading.
    int turned_eighths() const { return turned_; }
    void turn(int eighths);

    /// A reading on the string in hand. @param u_mm of it, where it says so itself @returns what is wrong
    /// with it
    QString keep(double mm, std::optional<double> u_mm, ReadBy by);
    /// The whole part was worked on as asked.
    QString whole_done();
    /// The string in hand was raised where it is too deep: its slot filled, the saddle packed.
    QString raised();
    /// The last reading or piece of work taken back. @returns what is in the way, or ""
    QString take_back();
    /// Leaves the string in hand as it is.
    void next_string();
    void choose(std::size_t string);

    /// Whether a reading looks as if it was in the other unit: what it would be then.
    std::optional<double> in_other_unit(double mm) const;
    /// What the hand did in this sitting goes to the shop.
    void keep_hand();

Q_SIGNALS:
    void kept(); ///< a reading was kept

private:
    QString commit(const QString& name, const BenchEntry& entry);
    void remember_choice() const;
    std::optional<std::size_t> remembered_choice() const;
    std::size_t entries() const { return session_.state().job.readings.size(); }

    Session& session_;
    BenchPart part_ = BenchPart::nut;
    std::vector<Filing> filings_;
    std::size_t place_ = 0;
    std::optional<EdgeMargins> whole_;
    Hand hand_;
    std::size_t from_entry_ = 0; ///< where this sitting at the bench began
    int turned_ = 0;
    std::string typed_gauge() const;

    std::string gauge_;
    std::optional<double> gauge_u_mm_;
    std::vector<int> steps_; ///< on the undo stack, of what was kept in this sitting
};

} // namespace fm
