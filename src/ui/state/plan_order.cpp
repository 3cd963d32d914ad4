#include "ui/state/plan_order.h"

#include <QSettings>

#include <algorithm>

namespace fm {

namespace {
const QString order_key = QStringLiteral("plan/order");
} // namespace

PlanOrder plan_order() {
    return static_cast<PlanOrder>(std::clamp(QSettings().value(order_key).toInt(), 0, 1));
}

void keep_plan_order(PlanOrder order) {
    QSettings().setValue(order_key, static_cast<int>(order));
}

} // namespace fm
