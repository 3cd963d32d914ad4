#include "workshop/workshop.h"

#include "core/shop/printer.h"
#include "core/words/word_of.h"
#include "job/document/job_file.h"
#include "job/document/json.h"
#include "job/document/reader.h"
#include "job/read/read_parts.h"

#include <QCoreApplication>
#include <QDir>
#include <QFile>
#include <QFileInfo>
#include <QStandardPaths>

#include <algorithm>

static void load_demo_resources() {
    Q_INIT_RESOURCE(demo);
}

namespace fm {

namespace {

constexpr int newest_version = 1;
constexpr const char* empty_shop = R"({"format": "fair-measure-workshop", "version": 1})";

/// Reads a part of the file: the part as a whole, or as it is without the file where something is wrong in
/// it.
template <class Part, class Read>
Part sound(std::vector<Message>& faults, const Read& read, Part otherwise = {}) {
    const std::size_t before = faults.size();
    Part part = read();
    return faults.size() == before ? part : otherwise;
}

/// The items of a list that are sound.
template <class Item, class Read>
std::vector<Item> sound_items(Reader& root, std::string_view key, std::size_t most,
                              std::vector<Message>& faults, const Read& read) {
    std::vector<Item> list;
    for (Reader& reader : root.objects(key, 0, most, false)) {
        const bool whole = !reader.keys().empty(); // what is no object has been told
        const std::size_t before = faults.size();
        Item item = read(reader);
        if (whole && faults.size() == before) list.push_back(std::move(item));
    }
    return list;
}

std::vector<Operation> read_operations(Reader& root, std::string_view key) {
    std::vector<Operation> list;
    for (Reader& item : root.objects(key, 0, 100, false))
        list.push_back({item.text_or("name", ""), item.number("minutes", {0.0, 10000.0}),
                        item.flag_or("each_string", false)});
    return list;
}

SetupMinutes read_setup(Reader& root) {
    Reader reader = root.object("setup_minutes", false);
    SetupMinutes minutes;
    const std::pair<const char*, double*> rows[] = {{"rod", &minutes.rod},
                                                    {"saddle_bottom", &minutes.saddle_bottom},
                                                    {"saddle_top", &minutes.saddle_top},
                                                    {"screw", &minutes.screw},
                                                    {"pack", &minutes.pack},
                                                    {"slot", &minutes.slot},
                                                    {"shim", &minutes.shim},
                                                    {"fill", &minutes.fill},
                                                    {"intonation", &minutes.intonation},
                                                    {"neck_settles", &minutes.neck_settles},
                                                    {"glue_cures", &minutes.glue_cures},
                                                    {"strings_stretch", &minutes.strings_stretch}};
    for (const auto& [key, value] : rows) *value = reader.number_or(key, *value, {0.0, 100000.0});
    return minutes;
}

ShopTables read_tables(Reader& root) {
    ShopTables tables;
    for (Reader& item : root.objects("blanks", 0, 200, false))
        tables.blanks.push_back(
            {item.text_or("name", ""),
             item.text_or("material", "bone"),
             {item.number("length_mm", {5.0, 1000.0}), item.number("height_mm", {1.0, 100.0}),
              item.number("thickness_mm", {0.5, 100.0})},
             item.number_or("price", 0.0, {0.0, 1e6})});
    tables.nut_operations = read_operations(root, "nut_operations");
    tables.saddle_operations = read_operations(root, "saddle_operations");
    tables.bridge_operations = read_operations(root, "bridge_operations");
    for (Reader& item : root.objects("ready_parts", 0, 200, false)) {
        const bool saddle = item.word("part", {"nut", "saddle"}, std::nullopt) == 1;
        tables.ready_parts.push_back({saddle ? "saddle" : "nut", item.text_or("name", ""),
                                      item.number("price", {0.0, 1e6}),
                                      item.number_or("minutes", 0.0, {0.0, 10000.0})});
    }
    for (Reader& item : root.objects("material_factors", 0, 50, false))
        tables.material_factors.push_back(
            {item.text_or("material", ""), item.number("factor", {0.05, 50.0})});
    tables.rate_per_hour = root.number_or("rate_per_hour", 0.0, {0.0, 1e5});
    tables.premium_share = root.number_or("premium_share", 0.0, {0.0, 10.0});
    tables.allowance_mm = root.number_or("allowance_mm", tables.allowance_mm, {0.0, 20.0});
    tables.thickness_allowance_mm =
        root.number_or("thickness_allowance_mm", tables.thickness_allowance_mm, {0.0, 20.0});
    tables.currency = root.text_or("currency", "");
    return tables;
}

ShopStringSet read_string_set(Reader& item, const Value& document) {
    const std::size_t strings = item.objects("strings", 1, 14, true).size();
    const Value* list = find(document, item.path("strings"));
    return {item.text_or("name", ""), strings > 0 && list ? *list : Value()};
}

ShopPrinter read_printer(Reader& item) {
    return {item.text_or("name", ""), item.number("bar_x_mm", {least_bar_mm, most_bar_mm}),
            item.number("bar_y_mm", {least_bar_mm, most_bar_mm})};
}

Hand read_hand(Reader hands, std::string_view key) {
    if (!hands.has(key)) return {};
    Reader hand = hands.object(key, true);
    return {hand.whole_or("passes", 0, 0, 1000000), hand.number_or("took", 1.0, {0.05, 20.0}),
            hand.number_or("scatter", 0.0, {0.0, 10.0})};
}

BenchHabits read_bench(Reader& root) {
    Reader reader = root.object("bench", false);
    BenchHabits bench;
    bench.order = reader.choice_or("order", bench.order);
    bench.sounds = reader.flag_or("sounds", false);
    bench.nut_hand = read_hand(reader.object("hands", false), "nut");
    bench.saddle_hand = read_hand(reader.object("hands", false), "saddle");
    return bench;
}

ShopGauge read_gauge(Reader& item) {
    return {item.text_or("name", ""), item.number("u_mm", {0.0001, 1.0})};
}

ShopHeights read_heights(Reader& item) {
    const Range gap = range_of("nut.height.bass_mm");
    const Range action = range_of("saddle.action.bass_mm");
    return {item.text_or("name", ""),
            item.text_or("kind", ""),
            {item.number("gap_bass_mm", gap), item.number("gap_treble_mm", gap)},
            {item.number("action_bass_mm", action), item.number("action_treble_mm", action)}};
}

/// What new jobs take over; only what a job can say.
Value read_new_jobs(Reader& root, const Value& document) {
    Reader reader = root.object("new_jobs", false);
    if (reader.has("unit")) (void)reader.choice<Unit>("unit");
    Reader units = reader.object("units", false);
    for (const std::string_view kind : words_of(LengthKind{}))
        if (units.has(kind)) (void)units.choice<Unit>(kind);
    if (units.has("tension")) (void)units.choice<TensionUnit>("tension");
    if (reader.has("handed")) (void)reader.word("handed", {"right", "left"}, std::nullopt);
    Reader player = reader.object("player", false);
    if (player.has("hand")) (void)player.choice<PlayingHand>("hand");
    Value taken{Value::Object{}};
    for (const char* key : {"unit", "units", "handed", "player"})
        if (const Value* value = find(document, std::string("new_jobs.") + key))
            taken = with(taken, key, *value);
    return taken;
}

IntonationAim read_aim(Reader& root) {
    Reader reader = root.object("intonation", false);
    IntonationAim aim;
    aim.tuner_u_cents = reader.number_or("tuner_u_cents", aim.tuner_u_cents, {0.05, 10.0});
    aim.near_cents = reader.number_or("near_cents", aim.near_cents, {0.1, 20.0});
    return aim;
}

QString file_of(const QString& folder) {
    return QDir(folder).filePath(QStringLiteral("workshop.json"));
}

} // namespace

Workshop::Workshop(const QString& folder) : folder_(folder) {
    const QString path = file_of(folder);
    if (folder.isEmpty() || !QFileInfo::exists(path)) return;
    try {
        read(parse_json(load_file(path).text.toStdString()));
    } catch (const InputError& error) {
        faults_.push_back(error.message());
    }
    for (Message& fault : faults_)
        if (!fault.id.starts_with("file_")) // those name the file themselves
            fault.where = path.toStdString() + (fault.where.empty() ? "" : ": " + fault.where);
}

void Workshop::read(const Value& document) {
    Reader root(document.object() ? &document : nullptr, "", faults_);
    root.word("format", {"fair-measure-workshop"}, std::nullopt);
    if (!faults_.empty()) return; // another program's: nothing in it means what it seems to
    const Value* version = document.member("version");
    if (version && version->is_number() && version->number() > newest_version)
        faults_.push_back({"workshop_newer", Severity::error, "version", {shown_value(*version)}});
    else
        root.whole_or("version", newest_version, 1, newest_version);
    name_ = QString::fromStdString(root.text_or("name", ""));
    tools_ = tools_with({}, read_tools(root));
    tools_.nut_file_names = sound_items<NamedFile>(root, "nut_file_names", 1000, faults_, [](Reader& item) {
        return NamedFile{item.number("mm", {0.1, 10.0}), item.text_or("name", "")};
    });
    usual_ = root.has("usual") ? root.texts("usual") : std::vector<std::string>();
    tools_.usual_files = is_usual("nut_files_mm");
    tables_ = sound<ShopTables>(faults_, [&] { return read_tables(root); });
    tables_.setup = sound<SetupMinutes>(faults_, [&] { return read_setup(root); });
    string_sets_ = sound_items<ShopStringSet>(root, "string_sets", 200, faults_,
                                              [&](Reader& item) { return read_string_set(item, document); });
    printers_ = sound_items<ShopPrinter>(root, "printers", 100, faults_, read_printer);
    kinds_ = sound_items<InstrumentKind>(root, "kinds", 200, faults_,
                                         [&](Reader& item) { return read_kind(item, document); });
    gauges_ = sound_items<ShopGauge>(root, "gauges", 100, faults_, read_gauge);
    heights_ = sound_items<ShopHeights>(root, "heights", 50, faults_, read_heights);
    new_jobs_ = sound<Value>(
        faults_, [&] { return read_new_jobs(root, document); }, Value(Value::Object{}));
    bench_ = sound<BenchHabits>(faults_, [&] { return read_bench(root); });
    intonation_ = sound<IntonationAim>(faults_, [&] { return read_aim(root); });
}

std::vector<Message> Workshop::faults_of(const std::vector<std::string>& keys) const {
    const std::string file = file_of(folder_).toStdString();
    const std::string inside = file + ": ";
    std::vector<Message> found;
    for (const Message& fault : faults_) {
        const bool whole = fault.where.empty() || fault.where == file || fault.where == inside + "format";
        if (whole || std::any_of(keys.begin(), keys.end(), [&](const std::string& key) {
                return fault.where.starts_with(inside) &&
                       std::string_view(fault.where).substr(inside.size()).starts_with(key);
            }))
            found.push_back(fault);
    }
    return found;
}

QStringList Workshop::jobs_in(const QString& folder) {
    if (folder.isEmpty()) return {};
    const QDir dir(folder);
    QStringList paths;
    for (const QString& name : dir.entryList({QStringLiteral("*.fmjob")}, QDir::Files, QDir::Name))
        paths << dir.filePath(name);
    return paths;
}

QString Workshop::usual_folder() {
    return data_folder() + QStringLiteral("/workshop");
}

QString data_folder() {
    // The same for window and command line, whatever their programs are called.
    return QStandardPaths::writableLocation(QStandardPaths::GenericDataLocation) +
           QStringLiteral("/fair-measure");
}

std::vector<ShopHeights> heights_for(const std::vector<ShopHeights>& all, const std::string& kind) {
    if (kind.empty()) return all;
    QString names = QString::fromStdString(kind);
    for (const InstrumentKind& each : shipped_kinds())
        if (each.word == kind)
            names += QLatin1Char(' ') + QString::fromStdString(each.name) + QLatin1Char(' ') +
                     QCoreApplication::translate("kinds", each.name.c_str());
    const auto is_own = [&names](const ShopHeights& heights) {
        return !heights.kind.empty() &&
               names.contains(QString::fromStdString(heights.kind), Qt::CaseInsensitive);
    };
    std::vector<ShopHeights> found;
    for (const ShopHeights& each : all)
        if (is_own(each) ||
            (each.kind.empty() && std::none_of(all.begin(), all.end(), [&](const auto& other) {
                 return is_own(other) && other.name == each.name;
             })))
            found.push_back(each);
    return found;
}

bool Workshop::is_usual(std::string_view list) const {
    return std::find(usual_.begin(), usual_.end(), list) != usual_.end();
}

const ShopPrinter* Workshop::printer(std::string_view name) const {
    for (const ShopPrinter& one : printers_)
        if (one.name == name) return &one;
    return nullptr;
}

namespace {

/// The workshop's file with a change, written whole; a new one where there is none.
template <class Change> void change_workshop(const QString& folder, const Change& changed) {
    if (folder.isEmpty()) throw InputError({"workshop_without_folder", Severity::error, {}, {}});
    if (folder == Workshop::usual_folder()) QDir().mkpath(folder); // a newcomer has none yet
    change_file(file_of(folder), [&](const QByteArray* before) {
        const Workshop there(folder); // read under the lock
        if (!there.faults().empty())
            throw InputError(
                {"workshop_not_changed", Severity::error, {}, {english(there.faults().front())}});
        const Value document = parse_json(before ? before->toStdString() : empty_shop);
        return QByteArray::fromStdString(file_text(changed(document)));
    });
}

Value with_hand(const Value& document, const std::string& key, const Hand& hand) {
    if (hand.passes == 0) return document;
    Value changed = with(document, key + ".passes", hand.passes);
    changed = with(changed, key + ".took", hand.took);
    return with(changed, key + ".scatter", hand.scatter);
}

} // namespace

void keep_printer(const QString& folder, const ShopPrinter& printer) {
    (void)print_scale(printer.bar_x_mm, printer.bar_y_mm); // refuses what no test page reads
    change_workshop(folder, [&](Value document) {
        const Value* list = find(document, "printers");
        if (!list || !list->array()) document = with(document, "printers", Value::Array{});
        const Value::Array& printers = *find(document, "printers")->array();
        std::size_t place = 0;
        while (place < printers.size() && printers[place].member("name") &&
               *printers[place].member("name") != Value(printer.name))
            ++place;
        const std::string key = "printers[" + std::to_string(place) + "]";
        if (place == printers.size()) document = with(document, key, Value(Value::Object{}));
        document = with(document, key + ".name", printer.name);
        document = with(document, key + ".bar_x_mm", printer.bar_x_mm);
        return with(document, key + ".bar_y_mm", printer.bar_y_mm);
    });
}

std::vector<Message> shop_faults(const Value& document) {
    Workshop read;
    read.read(document);
    return read.faults_;
}

Value shop_document(const QString& folder) {
    const QString path = file_of(folder);
    if (folder.isEmpty() || !QFileInfo::exists(path)) return parse_json(empty_shop);
    return parse_json(load_file(path).text.toStdString());
}

void change_shop(const QString& folder, const std::function<Value(const Value&)>& change) {
    change_workshop(folder, [&](const Value& document) {
        Value changed = change(document);
        const std::vector<Message> faults = shop_faults(changed);
        if (!faults.empty()) throw InputError(faults.front());
        return changed;
    });
}

void keep_bench(const QString& folder, const BenchHabits& bench) {
    change_workshop(folder, [&](Value document) {
        document = with(document, "bench.order", std::string(word_of(bench.order)));
        document = with(document, "bench.sounds", bench.sounds);
        document = with_hand(document, "bench.hands.nut", bench.nut_hand);
        return with_hand(document, "bench.hands.saddle", bench.saddle_hand);
    });
}

Value with_habits_of(const Workshop& workshop, const Value& job) {
    Value changed = job;
    for (const auto& [key, value] : *workshop.new_jobs().object()) changed = with(changed, key, value);
    return changed;
}

void copy_demo_workshop(const QString& folder) {
    load_demo_resources();
    QDir().mkpath(folder);
    const QDir shipped(QStringLiteral(":/demo"));
    for (const QString& name : shipped.entryList(QDir::Files)) {
        const QString target = QDir(folder).filePath(name);
        if (!QFile::exists(target)) save_file(target, load_file(shipped.filePath(name)).text, nullptr);
    }
}

} // namespace fm
