#pragma once
#include "core/found/intonation.h"
#include "ui/state/session.h"

#include <QAbstractTableModel>

namespace fm {

/// Every string: what the tuner reads, typed here, and what is to be moved.
class IntonationModel : public QAbstractTableModel {
    Q_OBJECT
public:
    enum Column { string_column, crown_column, read_column, off_column, move_column };
    explicit IntonationModel(const Session& session, QObject* parent = nullptr);
    /// Works the advice out again. @param fret the readings are typed for
    void refresh(int fret);

    const std::vector<std::optional<CrownAdvice>>& advice() const { return advice_; }
    const std::vector<CentsOfString>& rounds() const { return rounds_; }
    /// What each string's crown is to be moved by, the way the job says; nothing for the others.
    const std::vector<std::optional<double>>& moves_mm() const { return moves_mm_; }
    const std::optional<LineAdvice>& line() const { return line_; }
    const std::optional<NutAdvice>& nut() const { return nut_; }

    /// Whether a word of what can be heard begins with that letter.
    static bool begins_heard(QChar letter);

    int rowCount(const QModelIndex& parent = {}) const override;
    int columnCount(const QModelIndex& parent = {}) const override;
    QVariant headerData(int section, Qt::Orientation orientation, int role) const override;
    QVariant data(const QModelIndex& index, int role) const override;
    Qt::ItemFlags flags(const QModelIndex& index) const override;
    bool setData(const QModelIndex& index, const QVariant& value, int role) override;

Q_SIGNALS:
    void typed(int string, double cents);
    void heard(int string, fm::PitchHeard heard);
    void crown_measured(int string, double mm);
    void not_understood(const QString& why);

private:
    QString cell(std::size_t string, int column) const;
    /// What was read last at this fret: what counts, else what did.
    const CentsRead* shown_read(std::size_t string) const;
    /// What was heard of it at this fret since a tuner was read; nothing where nothing was.
    std::optional<PitchHeard> shown_heard(std::size_t string) const;
    bool take_crown(int string, const QString& text);
    bool take_cents(int string, const QString& text);
    QString tip(std::size_t string, int column) const;

    const Session& session_;
    int fret_ = 12;
    int rows_ = 0;
    std::vector<CentsOfString> rounds_;
    std::vector<std::optional<CrownAdvice>> advice_;
    std::vector<std::optional<double>> moves_mm_;
    std::optional<LineAdvice> line_;
    std::optional<NutAdvice> nut_;
};

} // namespace fm
