#pragma once
#include "ui/state/session.h"

#include <QWidget>

#include <vector>

namespace fm {

class ChoiceRow;
class TextField;

/// What a person looks at besides the program's points: named, marked, with a note. They stop nothing; what
/// was found goes to the owner's page.
class OwnPointsList : public QWidget {
    Q_OBJECT
public:
    explicit OwnPointsList(Session& session, QWidget* parent = nullptr);
    void refresh();

Q_SIGNALS:
    void changed(const QString& step, const Value& document);

private:
    struct Row {
        QWidget* box;
        ChoiceRow* mark;
        TextField* note;
    };
    Row row_of(std::size_t place, const QString& name);

    Session& session_;
    TextField* name_;
    std::vector<Row> rows_;
    std::vector<std::string> names_; ///< of the rows
};

} // namespace fm
