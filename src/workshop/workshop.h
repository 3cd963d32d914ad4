#pragma once
// The workshop folder: workshop.json with the shop's own things, and the jobs beside it.
#include "core/found/filing.h"
#include "core/found/intonation.h"
#include "core/shop/shop_work.h"
#include "job/read/job.h"
#include "workshop/kinds.h"

#include <QString>
#include <QStringList>

#include <functional>

namespace fm {

/// Minutes of the steps of a set-up in the shop's plainest material, and of the waits between them.
struct SetupMinutes {
    double rod = 6;
    double saddle_bottom = 18;
    double saddle_top = 4; ///< each string
    double screw = 2;      ///< each
    double pack = 10;
    double slot = 6; ///< each
    double shim = 15;
    double fill = 8;       ///< each slot
    double intonation = 4; ///< each string
    double neck_settles = 60;
    double glue_cures = 60;
    double strings_stretch = 15;
};

/// A part that is bought ready and fitted.
struct ReadyPart {
    std::string part; ///< "nut" or "saddle"
    std::string name;
    double price = 0;
    double minutes = 0; ///< to fit it
};

/// The shop's tables of time and price.
struct ShopTables {
    std::vector<ShopBlank> blanks;
    std::vector<Operation> nut_operations; ///< minutes in the shop's plainest material
    std::vector<Operation> saddle_operations;
    std::vector<Operation> bridge_operations;
    std::vector<MaterialFactor> material_factors;
    std::vector<ReadyPart> ready_parts;
    SetupMinutes setup;
    double rate_per_hour = 0;
    double premium_share = 0;
    double allowance_mm = 0.5;            ///< for saw and finish: at both ends of a blank, and in its height
    double thickness_allowance_mm = 0.05; ///< a bar bought to size is a blank
    std::string currency;

    /// Whether there is anything to quote by.
    bool priced() const {
        return rate_per_hour > 0 || !blanks.empty() || !nut_operations.empty() || !saddle_operations.empty();
    }
};

/// Strings the shop keeps together: what a job holds under `strings`. Which numbers are allowed the job says.
struct ShopStringSet {
    std::string name;
    Value strings;
};

/// A printer of the shop and what the bars of its test page read (core/shop/printer.h).
struct ShopPrinter {
    std::string name;
    double bar_x_mm = 0;
    double bar_y_mm = 0;
};

/// A gauge of the shop's own.
struct ShopGauge {
    std::string name;
    double u_mm = 0; ///< one standard deviation
};

/// Heights wanted under the outer strings, by way of playing.
struct ShopHeights {
    std::string name;
    std::string kind;      ///< part of the names of the kinds it is for; "": all
    EdgeMargins gap_mm;    ///< open, over fret 1
    EdgeMargins action_mm; ///< open, over fret 12
};

/// How the shop works at the bench, and what it has learned of its hand.
struct BenchHabits {
    FilingHabit order = FilingHabit::bass_to_treble;
    bool sounds = false;
    Hand nut_hand;
    Hand saddle_hand;

    const Hand& hand(BenchPart part) const { return part == BenchPart::nut ? nut_hand : saddle_hand; }
};

class Workshop {
public:
    /// No folder: an empty shop.
    Workshop() = default;
    /// What its workshop.json holds. A folder without one, and "", is an empty shop. What is wrong with it is
    /// told by faults(), and left out: a list of tools, a set, a printer, the tables, the habits, each as a
    /// whole; the rest holds.
    explicit Workshop(const QString& folder);

    /// What could not be read, each with the file and the key; a file with faults is not written into.
    const std::vector<Message>& faults() const { return faults_; }
    /// Those that are about the whole file, or a key that begins with one of these.
    std::vector<Message> faults_of(const std::vector<std::string>& keys) const;

    const QString& folder() const { return folder_; }
    const QString& name() const { return name_; }
    const Tools& tools() const { return tools_; }
    /// Whether a list is what a shop usually has, not yet what this one has.
    bool is_usual(std::string_view list) const;
    const ShopTables& tables() const { return tables_; }
    const std::vector<ShopStringSet>& string_sets() const { return string_sets_; }
    const std::vector<ShopPrinter>& printers() const { return printers_; }
    /// Kinds of instruments of the shop's own.
    const std::vector<InstrumentKind>& kinds() const { return kinds_; }
    const std::vector<ShopGauge>& gauges() const { return gauges_; }
    const std::vector<ShopHeights>& heights() const { return heights_; }
    /// What every new job takes over: `unit`, `units`, `handed`, `player.hand`, as in a job.
    const Value& new_jobs() const { return new_jobs_; }
    const BenchHabits& bench() const { return bench_; }
    /// How sure this shop's tuner is, and what is near enough to it; aimed flat by no cent: that the job
    /// says.
    const IntonationAim& intonation() const { return intonation_; }
    /// A printer by its name; nullptr if the shop has none of it.
    const ShopPrinter* printer(std::string_view name) const;
    /// Paths of the jobs in the folder, by name.
    QStringList jobs() const { return jobs_in(folder_); }
    static QStringList jobs_in(const QString& folder);

    /// The folder used when none is named: in the user's data.
    static QString usual_folder();

private:
    friend std::vector<Message> shop_faults(const Value& document);
    void read(const Value& document);

    QString folder_;
    QString name_;
    Tools tools_;
    std::vector<std::string> usual_; ///< lists by their key
    ShopTables tables_;
    std::vector<ShopStringSet> string_sets_;
    std::vector<ShopPrinter> printers_;
    std::vector<InstrumentKind> kinds_;
    std::vector<ShopGauge> gauges_;
    std::vector<ShopHeights> heights_;
    Value new_jobs_{Value::Object{}};
    BenchHabits bench_;
    IntonationAim intonation_;
    std::vector<Message> faults_;
};

/// Those of the shop's wanted heights that are for a job of that kind: its own, and those for all that have
/// no like of the same name among them. All, where nothing is known of the kind.
/// @param kind as a job holds it
std::vector<ShopHeights> heights_for(const std::vector<ShopHeights>& all, const std::string& kind);

/// The tools a job is cut with: list by list its own, else the shop's.
inline Tools tools_of(const Job& job, const Workshop& workshop) {
    return tools_with(workshop.tools(), job.tools);
}

/// How this job's crowns are read in this shop.
inline IntonationAim intonation_of(const Job& job, const Workshop& workshop) {
    IntonationAim aim = workshop.intonation();
    aim.flat_cents = job.intonation.flat_cents;
    return aim;
}

/// Writes a printer into the workshop of a folder, in place of one of that name; what else stands there
/// stays.
/// @throws InputError for readings that are none of a test page, no folder, or a file that cannot be written:
/// one with faults, of another program or a newer version stays as it is
void keep_printer(const QString& folder, const ShopPrinter& printer);

/// What is wrong with a workshop's document, each with its key; nothing where it can be written.
std::vector<Message> shop_faults(const Value& document);

/// The workshop's document as it lies on the disk, an empty shop's where there is none.
/// @throws InputError where it cannot be read
Value shop_document(const QString& folder);

/// Changes the workshop of a folder, read and written under its lock; what the change leaves stands.
/// @throws InputError as keep_printer, and for what no workshop can hold
void change_shop(const QString& folder, const std::function<Value(const Value&)>& change);

/// Writes how the shop works at the bench into the workshop of a folder; what else stands there stays.
/// @throws InputError as keep_printer
void keep_bench(const QString& folder, const BenchHabits& bench);

/// Where the user's own data of this program lies.
QString data_folder();

/// A new job with what the shop's new jobs take over.
[[nodiscard]] Value with_habits_of(const Workshop& workshop, const Value& job);

/// Copies the shipped demo workshop into a folder; files already there stay.
/// @throws InputError if it cannot be written
void copy_demo_workshop(const QString& folder);

} // namespace fm
