// Any bytes as workshop.json: faults with words, and what is read is sound.
#include "fuzz.h"
#include "job/document/job_file.h"
#include "workshop/workshop.h"

#include <QFile>
#include <QTemporaryDir>

using namespace fm;

extern "C" int LLVMFuzzerTestOneInput(const std::uint8_t* data, std::size_t size) {
    static const QTemporaryDir dir;
    static const QString path = dir.filePath(QStringLiteral("workshop.json"));
    QFile file(path);
    must(file.open(QIODevice::WriteOnly | QIODevice::Truncate), "there is room");
    file.write(reinterpret_cast<const char*>(data), static_cast<qint64>(size));
    file.close();
    const QByteArray before(reinterpret_cast<const char*>(data), static_cast<qsizetype>(size));
    const Workshop shop(dir.path());
    for (const Message& fault : shop.faults()) must(!english(fault).empty(), "faults have words");
    for (const double leaf : shop.tools().feelers_mm) must(leaf > 0, "leaves have a thickness");
    for (const ShopPrinter& printer : shop.printers()) must(printer.bar_x_mm > 0, "bars have a length");
    try {
        keep_printer(dir.path(), {"fuzzed", 150.0, 150.0});
        must(shop.faults().empty(), "what has faults is not written into");
        must(Workshop(dir.path()).printer("fuzzed") != nullptr, "what is kept is there");
    } catch (const InputError& error) {
        must(error.what()[0] != '\0', "errors have words");
        must(load_file(path).text == before, "what is refused stays as it was");
    }
    return 0;
}
