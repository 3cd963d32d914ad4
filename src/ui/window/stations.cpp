// The stations there are: a row each.
#include "ui/window/stations.h"

#include "ui/station/bridge/bridge_station.h"
#include "ui/station/intonation/intonation_station.h"
#include "ui/station/neck/neck_station.h"
#include "ui/station/nut/nut_station.h"
#include "ui/station/record/record_station.h"
#include "ui/station/saddle/saddle_station.h"
#include "ui/station/sheets/sheet_station.h"
#include "ui/station/strings/strings_station.h"
#include "ui/station/survey/survey_station.h"

namespace fm {

std::vector<StationKind> station_kinds() {
    return {survey_kind(), neck_kind(),       strings_kind(), nut_kind(),   saddle_kind(),
            bridge_kind(), intonation_kind(), sheets_kind(),  record_kind()};
}

} // namespace fm
