#include "cli/words.h"

#include <QCommandLineParser>
#include <QCoreApplication>

#include <algorithm>
#include <charconv>

namespace fm {

namespace {

/// As it is written: "--pretty", "-o".
std::string written(const KnownOption& option) {
    const std::string name(option.name);
    return (name.size() == 1 ? "-" : "--") + name;
}

void know(QCommandLineParser& parser, const Command& command) {
    for (const KnownOption& option : command.options)
        parser.addOption({QString::fromLatin1(option.name), QString::fromUtf8(option.help),
                          QString::fromLatin1(option.value)});
}

bool is_negative_number(const std::string& word) {
    return word.size() > 1 && word[0] == '-' && (word[1] == '.' || (word[1] >= '0' && word[1] <= '9'));
}

} // namespace

std::optional<std::string> Words::option(const std::string& name) const {
    for (const auto& [key, value] : options)
        if (key == name) return value;
    return std::nullopt;
}

std::optional<Words> sorted_words(const std::vector<std::string>& words, const Command& command,
                                  std::string& fault) {
    const auto takes_value = [&](const std::string& word) {
        return std::any_of(command.options.begin(), command.options.end(),
                           [&](const KnownOption& one) { return *one.value && written(one) == word; });
    };
    QStringList list{QString::fromLatin1(command.name)};
    QStringList numbers; // a negative one stands alone like any other word
    for (std::size_t i = 0; i < words.size(); ++i)
        (is_negative_number(words[i]) && !(i > 0 && takes_value(words[i - 1])) ? numbers : list)
            << QString::fromStdString(words[i]);
    if (!numbers.isEmpty()) list << QStringLiteral("--") << numbers;
    QCommandLineParser parser;
    know(parser, command);
    if (!parser.parse(list)) {
        const QStringList unknown = parser.unknownOptionNames();
        fault = unknown.isEmpty() ? parser.errorText().toStdString()
                                  : "unknown option " + written({unknown[0].toUtf8().constData(), "", ""});
        return std::nullopt;
    }
    Words sorted;
    sorted.as_written = words;
    for (const QString& word : parser.positionalArguments()) sorted.plain.push_back(word.toStdString());
    for (const KnownOption& option : command.options) {
        const QString name = QString::fromLatin1(option.name);
        if (parser.isSet(name))
            sorted.options.emplace_back(written(option), parser.values(name).value(0).toStdString());
    }
    return sorted;
}

std::string help_of(const Command& command) {
    std::string called = "fair-measure-cli " + std::string(command.name);
    int count = 1;
    char* names[] = {called.data(), nullptr};
    const QCoreApplication app(count, names); // the toolkit's help wants one
    QCommandLineParser parser;
    parser.setApplicationDescription(
        QString::fromUtf8(command.summary) +
        (*command.more ? QStringLiteral(".\n") + QString::fromUtf8(command.more) : QString()));
    parser.addPositionalArgument(QString::fromLatin1(command.plain), QString::fromUtf8(command.needs));
    know(parser, command);
    return parser.helpText().toStdString();
}

std::optional<int> whole_number_in(const std::string& word, int least, int most) {
    int number = 0;
    const auto [end, error] = std::from_chars(word.data(), word.data() + word.size(), number);
    if (error != std::errc() || end != word.data() + word.size() || number < least || number > most)
        return std::nullopt;
    return number;
}

std::optional<double> number_in(const std::string& word) {
    double number = 0;
    const auto [end, error] = std::from_chars(word.data(), word.data() + word.size(), number);
    if (error != std::errc() || end != word.data() + word.size()) return std::nullopt;
    return number;
}

} // namespace fm
