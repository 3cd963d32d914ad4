#include "ui/station/sheets/machine_panel.h"

#include "core/words/word_of.h"
#include "job/document/job_file.h"
#include "settings/settings.h"
#include "sheet/machine/solid.h"
#include "ui/look/texts.h"

#include <QDir>
#include <QFileDialog>
#include <QFileInfo>
#include <QHBoxLayout>
#include <QToolButton>

namespace fm {

MachinePanel::MachinePanel(Session& session, QWidget* parent)
    : QWidget(parent), session_(session),
      part_(new ChoiceRow(tr("For a machine"),
                          {{tr("nut"), {}, {}}, {tr("saddle"), {}, {}}, {tr("bridge"), {}, {}}})),
      cutter_(new ValueField(QStringLiteral("cutter_mm"), tr("cutter"), FieldKind::length, this)),
      notched_(new QCheckBox(tr("slots as notches"))), unreached_(new QLabel) {
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(0, 6, 0, 0);
    column->setSpacing(4);
    column->addWidget(part_);
    auto* row = new QHBoxLayout;
    row->setSpacing(8);
    auto* label = new QLabel(tr("cutter"));
    label->setProperty("caption", true);
    row->addWidget(label);
    cutter_->setFixedWidth(84);
    cutter_->setToolTip(tr("Diameter of the cutter, or what the beam takes; 0: true outlines only"));
    row->addWidget(cutter_);
    notched_->setToolTip(tr("Slots in one contour with the outline, instead of each on its own"));
    notched_->setMinimumHeight(32);
    auto* save = new QToolButton;
    save->setText(tr("Save for a machine…"));
    save->setToolTip(makes_solids() ? tr("The part alone as SVG, DXF, STEP or STL (Ctrl+Shift+M)")
                                    : tr("The part alone as SVG or DXF (Ctrl+Shift+M)"));
    save->setProperty("plain", true);
    save->setMinimumHeight(36);
    row->addStretch(1);
    column->addLayout(row);
    column->addWidget(notched_, 0, Qt::AlignLeft);
    column->addWidget(save, 0, Qt::AlignLeft);
    unreached_->setWordWrap(true);
    unreached_->setProperty("caption", true);
    unreached_->setAccessibleName(tr("What the cutter does not reach"));
    column->addWidget(unreached_);
    part_->set_chosen(0);
    cutter_mm_ = settings::cutter_mm();
    notched_->setChecked(settings::one_contour());
    connect(part_, &ChoiceRow::picked, this, &MachinePanel::show_unreached);
    connect(notched_, &QCheckBox::toggled, this, [this](bool on) {
        settings::keep_one_contour(on);
        show_unreached();
    });
    connect(cutter_, &ValueField::committed, this, [this](double mm) {
        if (mm == 0) return choose_cutter({});
        if (mm >= least_cutter_mm && mm <= most_cutter_mm) return choose_cutter(mm);
        const Unit unit = session_.state().job.units.small();
        const QString problem =
            tr("a cutter is %1 to %2 wide")
                .arg(length_with_unit(least_cutter_mm, unit), length_with_unit(most_cutter_mm, unit));
        cutter_->set_problem(problem);
        Q_EMIT refused(problem);
    });
    connect(save, &QToolButton::clicked, this, &MachinePanel::save_dialog);
}

MachinePartKind MachinePanel::kind() const {
    return static_cast<MachinePartKind>(std::max(0, part_->chosen()));
}

void MachinePanel::choose(MachinePartKind kind) {
    part_->set_chosen(static_cast<int>(kind));
    show_unreached();
}

void MachinePanel::choose_cutter(std::optional<double> mm) {
    cutter_mm_ = mm;
    settings::keep_cutter_mm(mm);
    refresh();
}

void MachinePanel::refresh() {
    cutter_->show_value(cutter_mm_, session_.state().job.units.small());
    show_unreached();
}

MachineFile MachinePanel::file_for(const QString& path) const {
    const State& state = session_.state();
    if (kind() == MachinePartKind::bridge && !state.job.design.bridge)
        return {{}, tr("the job has no bridge").toStdString(), {}};
    return machine_file(state, kind(), path,
                        {cutter_mm_, notched_->isChecked(), session_.workshop().name().toStdString()});
}

void MachinePanel::show_unreached() {
    const Solution& solution = session_.state().solution;
    notched_->setVisible(kind() == MachinePartKind::nut ||
                         (kind() == MachinePartKind::saddle && !solution.notches.empty()));
    const MachineFile file = file_for(QStringLiteral(".svg"));
    constexpr std::size_t most_shown = 4;
    QStringList lines;
    if (file.bytes.isEmpty()) lines << QString::fromStdString(file.fault);
    for (const std::string& line : file.unreached) {
        if (static_cast<std::size_t>(lines.size()) == most_shown) {
            lines << tr("and %1 more, all in the file's list").arg(file.unreached.size() - most_shown);
            break;
        }
        lines << QString::fromStdString(line);
    }
    if (lines.isEmpty())
        lines << (cutter_mm_ ? tr("The cutter reaches all of it.") : tr("True outlines, no cutter's way."));
    unreached_->setText(lines.join(QLatin1Char('\n')));
}

void MachinePanel::save_to(const QString& path) {
    const MachineFile file = file_for(path);
    if (file.bytes.isEmpty()) return Q_EMIT refused(QString::fromStdString(file.fault));
    if (!file.refused.empty() && file.refused != warned_of_) {
        warned_of_ = file.refused; // who saves it again has read this
        return Q_EMIT refused(QString::fromStdString(file.refused.front()) + QLatin1Char(' ') +
                              tr("Not saved: save it again to have it in spite of that."));
    }
    warned_of_.clear();
    try {
        save_file(path, file.bytes, nullptr);
        if (file.unreached.empty()) return;
        // What is left standing goes along, so that it is not found on the finished part.
        QByteArray list;
        for (const std::string& line : file.unreached) list += QByteArray::fromStdString(line) + '\n';
        save_file(path + QStringLiteral(".txt"), list, nullptr);
    } catch (const InputError& error) {
        Q_EMIT refused(message_text(error.message()));
    }
}

void MachinePanel::save_dialog() {
    if (!session_.is_open()) return;
    const QFileInfo job(session_.path());
    const QString start = QDir(job.path())
                              .filePath(job.completeBaseName() + QLatin1Char('-') +
                                        QLatin1String(word_of(kind()).data()) + QStringLiteral(".dxf"));
    QString kinds = tr("DXF in mm (*.dxf);;SVG in mm (*.svg)");
    const State& state = session_.state();
    if (makes_solids() &&
        (kind() != MachinePartKind::bridge || is_solid_bridge(state.job.design, state.solution)))
        kinds += QStringLiteral(";;STEP (*.step);;STL (*.stl)");
    const QString path = QFileDialog::getSaveFileName(this, tr("Save the part for a machine"), start, kinds);
    if (!path.isEmpty()) save_to(path);
}

} // namespace fm
