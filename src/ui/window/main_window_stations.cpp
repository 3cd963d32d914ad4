// The stations of the window: each is made when it is first gone to, so that opening does not wait for all.
#include "ui/window/main_window.h"

#include <QHBoxLayout>

namespace fm {

SurveyStation* MainWindow::survey() {
    if (survey_) return survey_;
    survey_ = new SurveyStation(session_, view_);
    put_in(Station::survey, side_by_side(survey_, survey_->list()));
    connect_station(survey_);
    connect(survey_, &SurveyStation::point_picked, this, &MainWindow::choose_point);
    connect(survey_, &SurveyStation::string_picked, this, &MainWindow::choose_string);
    connect(survey_, &SurveyStation::refused, this, [this](const QString& why) { say(why); });
    connect(survey_->list(), &NumbersList::row_picked, this, &MainWindow::choose_string);
    connect(survey_->pages(), &SurveyPages::gauge_picked, this,
            [this](const QString& of, const QString& gauge) {
                ReadingGauges& gauges = view_.gauges;
                (of == QLatin1String("nut")      ? gauges.nut
                 : of == QLatin1String("action") ? gauges.action
                                                 : gauges.relief) = gauge.toStdString();
                refresh();
            });
    return survey_;
}

NeckStation* MainWindow::neck() {
    if (neck_) return neck_;
    neck_ = new NeckStation(session_, view_);
    put_in(Station::neck, side_by_side(neck_, neck_->list()));
    connect_station(neck_);
    connect(neck_, &NeckStation::fret_picked, this, &MainWindow::choose_fret);
    connect(neck_, &NeckStation::refused, this, [this](const QString& why) { say(why); });
    return neck_;
}

StringsStation* MainWindow::strings() {
    if (strings_) return strings_;
    strings_ = new StringsStation(session_, view_);
    put_in(Station::strings, strings_);
    connect(strings_, &StringsStation::string_picked, this, &MainWindow::choose_string);
    connect(strings_, &StringsStation::refused, this, [this](const QString& why) { say(why); });
    connect(strings_, &StringsStation::number_picked, this, [this](const QString& name) {
        key_name_ = name;
        show_working();
    });
    return strings_;
}

NutStation* MainWindow::nut() {
    if (nut_) return nut_;
    nut_ = new NutStation(session_, view_);
    put_in(Station::nut, side_by_side(nut_, cut_list_));
    connect_station(nut_);
    connect(nut_, &StationFrame::view_picked, this, [this](int view) {
        view == 2 ? choose_behind(true) : choose_side(view == 0 ? NutSide::found : NutSide::target);
    });
    return nut_;
}

SaddleStation* MainWindow::saddle() {
    if (saddle_) return saddle_;
    saddle_ = new SaddleStation(session_, view_);
    put_in(Station::saddle, side_by_side(saddle_, saddle_->list()));
    connect_station(saddle_);
    connect(saddle_, &StationFrame::view_picked, this,
            [this](int view) { choose_side(view == 0 ? NutSide::found : NutSide::target); });
    connect(saddle_->list(), &NumbersList::row_picked, this, &MainWindow::choose_string);
    connect(saddle_->list()->model(), &NumbersModel::typed, this,
            [this](int string, double mm) { take_reading(string, true, mm); });
    return saddle_;
}

BridgeStation* MainWindow::bridge() {
    if (bridge_) return bridge_;
    bridge_ = new BridgeStation(session_, view_);
    put_in(Station::bridge, side_by_side(bridge_, bridge_->list()));
    connect_station(bridge_);
    connect(bridge_->list(), &NumbersList::row_picked, this, &MainWindow::choose_string);
    connect(bridge_, &StationFrame::view_picked, this, [this](int view) { choose_placing(view == 1); });
    return bridge_;
}

SheetStation* MainWindow::sheets() {
    if (sheets_) return sheets_;
    sheets_ = new SheetStation(session_);
    put_in(Station::sheets, side_by_side(sheets_, sheets_->panel()));
    connect(sheets_, &SheetStation::drawn, path_, &StationPath::set_sheets_changed);
    connect(sheets_, &SheetStation::refused, this, [this](const QString& why) { say(why); });
    return sheets_;
}

IntonationStation* MainWindow::intonation() {
    if (intonation_) return intonation_;
    intonation_ = new IntonationStation(session_, view_);
    put_in(Station::intonation, side_by_side(intonation_, intonation_->panel()));
    connect(intonation_, &IntonationStation::refused, this, [this](const QString& why) { say(why); });
    connect(intonation_, &IntonationStation::string_picked, this, &MainWindow::choose_string);
    return intonation_;
}

RecordStation* MainWindow::record() {
    if (record_) return record_;
    record_ = new RecordStation(session_);
    put_in(Station::record, side_by_side(record_, record_->panel()));
    connect(record_, &RecordStation::refused, this, [this](const QString& why) { say(why); });
    connect(record_, &RecordStation::sheet_asked, this, [this](bool for_the_owner) {
        choose_station(Station::sheets);
        sheets()->choose_parts({for_the_owner ? SheetPart::owner : SheetPart::shop});
    });
    return record_;
}

void MainWindow::put_in(Station station, QWidget* widget) {
    const int place = static_cast<int>(station);
    QWidget* empty = middle_->widget(place);
    middle_->insertWidget(place, widget);
    middle_->removeWidget(empty);
    delete empty;
}

std::vector<StationFrame*> MainWindow::drawn_stations() const {
    std::vector<StationFrame*> made;
    for (StationFrame* station : std::initializer_list<StationFrame*>{survey_, neck_, nut_, saddle_, bridge_})
        if (station) made.push_back(station);
    return made;
}

QWidget* MainWindow::side_by_side(QWidget* station, QWidget* list) {
    auto* bench = new QWidget;
    auto* row = new QHBoxLayout(bench);
    row->setContentsMargins(0, 0, 0, 0);
    row->setSpacing(0);
    row->addWidget(station, 1);
    list->setFixedWidth(list_width());
    row->addWidget(list);
    lists_.push_back(list);
    return bench;
}

StationFrame* MainWindow::drawn_station() {
    if (view_.board) return nullptr;
    switch (view_.station) {
    case Station::survey: return survey();
    case Station::neck: return neck();
    case Station::strings: return nullptr;
    case Station::nut: return nut();
    case Station::saddle: return saddle();
    case Station::bridge: return bridge();
    case Station::intonation:
    case Station::sheets:
    case Station::record: return nullptr;
    }
    return nullptr;
}

void MainWindow::connect_station(StationFrame* station) {
    const auto refused = [this](const QString& why) { say(why); };
    const auto worked = [this](const QString& name) {
        if (name.isEmpty()) return;
        key_name_ = name;
        show_working();
    };
    connect(station->pages(), &PartPages::refused, this, refused);
    connect(station->pages(), &PartPages::compare_asked, this, &MainWindow::show_comparison);
    connect(station, &StationFrame::doubt_followed, this, &MainWindow::follow_doubt);
    connect(station->table()->rows(), &DrawingTableModel::refused, this, refused);
    connect(station->table(), &DrawingTable::number_picked, this, [this, worked](const QString& key) {
        const auto number = number_of_key(session_.state().solution, key.toStdString());
        if (number) worked(QString::fromStdString(number->name()));
    });
    for (PartCanvas* canvas : station->canvases()) {
        connect(canvas, &PartCanvas::string_picked, this, &MainWindow::choose_string);
        connect(canvas, &PartCanvas::string_stepped, this, &MainWindow::step_string);
        connect(canvas, &PartCanvas::number_picked, this, worked);
    }
    NumbersList* list = station->list();
    if (!list) return;
    connect(list, &NumbersList::number_picked, this, [this, worked](const QString& key) {
        const auto number = number_of_key(session_.state().solution, key.toStdString());
        if (number) worked(QString::fromStdString(number->name()));
    });
    connect(list, &NumbersList::list_picked, this,
            [this](int stage) { choose_stage(static_cast<CutStage>(stage)); });
    connect(list->model(), &NumbersModel::not_understood, this, refused);
}

QString MainWindow::first_number(Station station) const {
    switch (station) {
    case Station::survey: return QStringLiteral("action12_mm");
    case Station::neck: return QStringLiteral("scale_mm");
    case Station::strings: return QStringLiteral("tension_n");
    case Station::nut:
    case Station::sheets:
    case Station::record: return QString::fromLatin1(key_of(view_.datum));
    case Station::intonation: return QStringLiteral("compensation_mm");
    case Station::saddle: return QStringLiteral("saddle_z_mm");
    case Station::bridge:
        return session_.state().job.design.bridge ? QStringLiteral("break_angle_deg")
                                                  : QStringLiteral("placing.bass.fret12_to_slot_front_mm");
    }
    return {};
}

} // namespace fm
