#pragma once
#include <QDateTime>

#include <string>

namespace fm {

/// Now, as the job's record writes it: to the millisecond, so that what follows stands after it.
inline std::string time_of_record() {
    return QDateTime::currentDateTime().toString(QStringLiteral("yyyy-MM-ddTHH:mm:ss.zzz")).toStdString();
}

} // namespace fm
