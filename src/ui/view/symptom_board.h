#pragma once
#include "core/found/found_instrument.h"
#include "core/symptom/symptoms.h"
#include "ui/state/session.h"

#include <QWidget>

namespace fm {

/// The board as one picks on it where something was heard, and as a cure changes it: every place better,
/// worse or as before.
class SymptomBoard : public QWidget {
    Q_OBJECT
public:
    explicit SymptomBoard(const Session& session, QWidget* parent = nullptr);

    /// Places where it was heard; the first is the one asked about.
    const std::vector<HeardPlace>& places() const { return places_; }
    void set_places(std::vector<HeardPlace> places);
    /// The instrument before and after a cure; none: only the places are shown.
    void show_change(std::vector<FoundString> before, std::vector<FoundString> after);
    /// What a cure does at a place, in newtons of headroom; nothing where no pluck is limited.
    enum class Change { none, same, better, worse };
    Change change_at(std::size_t string, int fret) const;
    /// How many places are better and worse.
    std::pair<int, int> balance() const;

    /// Where a string is drawn at a fret.
    QPointF place_at(std::size_t string, int fret) const { return cell(string, fret).center(); }

    QSize minimumSizeHint() const override { return {480, 150}; }

Q_SIGNALS:
    void picked(); ///< the places are others

protected:
    void paintEvent(QPaintEvent* event) override;
    void mousePressEvent(QMouseEvent* event) override;
    void keyPressEvent(QKeyEvent* event) override;

private:
    int frets() const;
    std::size_t strings() const;
    QRectF cell(std::size_t string, int fret) const;
    void toggle(const HeardPlace& place);
    void tell();

    const Session& session_;
    std::vector<HeardPlace> places_;
    HeardPlace here_;
    std::vector<FoundString> before_;
    std::vector<FoundString> after_;
};

} // namespace fm
