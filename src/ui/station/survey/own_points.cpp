#include "ui/station/survey/own_points.h"

#include "job/edits/survey_edits.h"
#include "ui/field/choice_row.h"
#include "ui/field/text_field.h"
#include "ui/look/flow_layout.h"
#include "ui/look/plain_button.h"

#include <QHBoxLayout>

#include <array>

namespace fm {

namespace {
/// In the order of the buttons.
constexpr std::array marks{SurveyMark::fine, SurveyMark::doubtful, SurveyMark::found};
} // namespace

OwnPointsList::OwnPointsList(Session& session, QWidget* parent)
    : QWidget(parent), session_(session),
      name_(new TextField(QStringLiteral("survey.own"), tr("a point of your own to look at"), this)) {
    auto* flow = new FlowLayout(this, 22, 6);
    name_->setFixedWidth(220);
    name_->setPlaceholderText(tr("a point of your own…"));
    flow->addWidget(name_);
    connect(name_, &TextField::entered, this, [this](const QString& words) {
        const std::string name = words.trimmed().left(80).toStdString();
        if (!name.empty())
            Q_EMIT changed(tr("point %1").arg(words.trimmed().left(40)),
                           with_own_point(session_.document(), name));
    });
}

OwnPointsList::Row OwnPointsList::row_of(std::size_t place, const QString& name) {
    Row row{new QWidget,
            new ChoiceRow(name, {{tr("fine"), {}, {}}, {tr("doubtful"), {}, {}}, {tr("found"), {}, {}}}),
            new TextField(QStringLiteral("survey_own[%1].note").arg(place), tr("note on %1").arg(name))};
    auto* line = new QHBoxLayout(row.box);
    line->setContentsMargins(0, 0, 0, 0);
    line->setSpacing(8);
    row.note->setFixedWidth(170);
    row.note->setPlaceholderText(tr("note"));
    QToolButton* away = plain_button(tr("away"), tr("%1 is not looked at any more").arg(name));
    away->setAccessibleName(away->toolTip());
    for (QWidget* part : std::initializer_list<QWidget*>{row.mark, row.note, away})
        line->addWidget(part, 0, Qt::AlignBottom);
    connect(row.mark, &ChoiceRow::picked, this, [this, place, name](int index) {
        Q_EMIT changed(tr("%1: seen").arg(name),
                       with_own_mark(session_.document(), place, marks[static_cast<std::size_t>(index)]));
    });
    connect(row.note, &TextField::entered, this, [this, place](const QString& words) {
        Q_EMIT changed(tr("note"), with_own_note(session_.document(), place, words.toStdString()));
    });
    connect(away, &QToolButton::clicked, this, [this, place, name] {
        Q_EMIT changed(tr("without %1").arg(name), without_own_point(session_.document(), place));
    });
    layout()->addWidget(row.box);
    row.box->show();
    return row;
}

void OwnPointsList::refresh() {
    const std::vector<OwnPoint>& points = session_.state().job.own_points;
    std::vector<std::string> names;
    for (const OwnPoint& point : points) names.push_back(point.name);
    if (names != names_) {
        for (const Row& row : rows_) { // one of them may have asked for it
            row.box->hide();
            row.box->deleteLater();
        }
        rows_.clear();
        for (std::size_t i = 0; i < points.size(); ++i)
            rows_.push_back(row_of(i, QString::fromStdString(names[i]).left(40)));
        names_ = std::move(names);
        name_->show_words({});
    }
    name_->setReadOnly(session_.read_only());
    for (std::size_t i = 0; i < points.size(); ++i) {
        const auto mark = points[i].finding.mark;
        const auto place = std::find(marks.begin(), marks.end(), mark.value_or(SurveyMark::fine));
        rows_[i].mark->set_chosen(mark ? static_cast<int>(place - marks.begin()) : -1);
        rows_[i].note->show_words(QString::fromStdString(points[i].finding.note));
        rows_[i].note->setReadOnly(session_.read_only());
    }
}

} // namespace fm
