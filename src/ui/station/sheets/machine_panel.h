#pragma once
#include "sheet/machine/machine_files.h"
#include "ui/field/choice_row.h"
#include "ui/field/value_field.h"
#include "ui/state/session.h"

#include <QCheckBox>

namespace fm {

/// One part for a machine: which, for what cutter, its slots on their own or as notches of its outline, saved
/// as outlines or as a solid; and where the cutter does not get.
class MachinePanel : public QWidget {
    Q_OBJECT
public:
    explicit MachinePanel(Session& session, QWidget* parent = nullptr);
    void refresh();
    void choose(MachinePartKind kind);
    /// @param mm its diameter; nothing: true outlines only
    void choose_cutter(std::optional<double> mm);
    /// Writes the part; says by refused() what is wrong.
    void save_to(const QString& path);
    void save_dialog();
    /// What the cutter leaves, as it is shown.
    QString unreached() const { return unreached_->text(); }

Q_SIGNALS:
    void refused(const QString& why);

private:
    MachinePartKind kind() const;
    /// The part as a file of that ending.
    MachineFile file_for(const QString& path) const;
    void show_unreached();

    Session& session_;
    ChoiceRow* part_;
    ValueField* cutter_;
    QCheckBox* notched_; ///< of what has slots open at its top
    QLabel* unreached_;
    std::vector<std::string> warned_of_; ///< why it was not saved at first
    std::optional<double> cutter_mm_;
};

} // namespace fm
