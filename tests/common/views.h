#pragma once
// Everything a window can show, so that a test of all of it needs no list of its own.
#include "common/window.h"

namespace fm::test {

/// A station, one of its pages or drawings, or what fills the page instead.
struct View {
    const char* name;
    void (*show)(MainWindow& window);
};

template <Station S> void show_station(MainWindow& window) {
    window.choose_station(S);
}
template <Station S, int Page> void show_station_page(MainWindow& window) {
    window.choose_station(S);
    QTest::keyClick(&window, static_cast<Qt::Key>(Qt::Key_1 + Page), Qt::ControlModifier);
}

/// Views with fields and cells to type into.
inline const View working_views[] = {
    {"survey", show_station<Station::survey>},
    {"survey 2", show_station_page<Station::survey, 1>},
    {"survey 3", show_station_page<Station::survey, 2>},
    {"survey 4", show_station_page<Station::survey, 3>},
    {"survey 5", show_station_page<Station::survey, 4>},
    {"neck", show_station<Station::neck>},
    {"neck 2", show_station_page<Station::neck, 1>},
    {"neck 3", show_station_page<Station::neck, 2>},
    {"neck 4", show_station_page<Station::neck, 3>},
    {"strings", show_station<Station::strings>},
    {"nut", show_station<Station::nut>},
    {"nut 2", show_station_page<Station::nut, 1>},
    {"nut 3", show_station_page<Station::nut, 2>},
    {"nut 4", show_station_page<Station::nut, 3>},
    {"nut 5", show_station_page<Station::nut, 4>},
    {"nut 6", show_station_page<Station::nut, 5>},
    {"nut, fitted",
     [](MainWindow& w) {
         w.choose_station(Station::nut);
         w.choose_stage(CutStage::fitted);
     }},
    {"nut, behind",
     [](MainWindow& w) {
         w.choose_station(Station::nut);
         w.choose_behind(true);
     }},
    {"saddle", show_station<Station::saddle>},
    {"saddle 2", show_station_page<Station::saddle, 1>},
    {"saddle 3", show_station_page<Station::saddle, 2>},
    {"saddle 4", show_station_page<Station::saddle, 3>},
    {"saddle, fitted",
     [](MainWindow& w) {
         w.choose_station(Station::saddle);
         w.choose_stage(CutStage::fitted);
     }},
    {"bridge", show_station<Station::bridge>},
    {"bridge 2", show_station_page<Station::bridge, 1>},
    {"bridge 3", show_station_page<Station::bridge, 2>},
    {"bridge 4", show_station_page<Station::bridge, 3>},
    {"bridge 5", show_station_page<Station::bridge, 4>},
    {"bridge 6", show_station_page<Station::bridge, 5>},
    {"bridge, place",
     [](MainWindow& w) {
         w.choose_station(Station::bridge);
         w.choose_placing(true);
     }},
    {"intonation", show_station<Station::intonation>},
    {"sheets", show_station<Station::sheets>},
    {"record", show_station<Station::record>},
    {"neck, table",
     [](MainWindow& w) {
         w.choose_station(Station::neck);
         w.show_table(true);
     }},
    {"saddle, table",
     [](MainWindow& w) {
         w.choose_station(Station::saddle);
         w.show_table(true);
     }},
};

/// Views that are looked at, or worked by other means.
inline const View other_views[] = {
    {"board", [](MainWindow& w) { w.show_board(true); }},
    {"plan", [](MainWindow& w) { w.show_plan(true); }},
    {"verdict, nut",
     [](MainWindow& w) {
         w.choose_station(Station::nut);
         w.show_verdict(true);
     }},
    {"verdict, saddle",
     [](MainWindow& w) {
         w.choose_station(Station::saddle);
         w.show_verdict(true);
     }},
    {"verdict, as tables",
     [](MainWindow& w) {
         w.choose_station(Station::nut);
         w.show_verdict(true);
         w.show_table(true);
     }},
    {"heard", [](MainWindow& w) { w.show_symptoms(true); }},
    {"heard, asked",
     [](MainWindow& w) {
         w.show_symptoms(true);
         w.symptoms()->board()->set_places({{0, 0}});
         w.symptoms()->choose(Symptom::open_buzz);
     }},
    {"record, over time",
     [](MainWindow& w) {
         w.choose_station(Station::record);
         w.show_table(true);
     }},
    {"bench", [](MainWindow& w) { w.go_to_bench(BenchPart::nut); }},
    {"bench, saddle", [](MainWindow& w) { w.go_to_bench(BenchPart::saddle); }},
    {"bench, relief", [](MainWindow& w) { w.go_to_bench(BenchPart::relief); }},
};

} // namespace fm::test
