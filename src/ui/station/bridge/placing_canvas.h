#pragma once
#include "sheet/views/bridge_views.h"
#include "ui/canvas/part_canvas.h"

#include <array>

namespace fm {

/// The key of a mark: @param side "bass" or "treble" @param from "fret12" or "nut"
QString mark_key(PlacedBy by, const char* side, const char* from);

/// Where the bridge goes: the board with the margins of its outer strings, the shift that would balance them,
/// and the distances that place the slot.
class PlacingCanvas : public PartCanvas {
    Q_OBJECT
public:
    PlacingCanvas(Session& session, FieldBinder& binder, const ViewState& view, QWidget* parent = nullptr);
    QTransform to_widget() const override;

protected:
    void lay_out() override;
    void paint_views(QPainter& painter) override;
    QPointF still_point() const override;
    std::optional<std::size_t> string_at(QPointF at) const override;

private:
    struct Place {
        double scale = 1;
        double stretch = 1;
        QPointF nut; ///< nut line on the centreline
    };
    Place place() const;
    BridgeViewOptions options() const;

    std::array<InkNumber*, 3> bass_; ///< margins at the nut, fret 12, the last fret
    std::array<InkNumber*, 3> treble_;
    InkNumber* shift_;
    InkNumber* fret12_bass_;
    InkNumber* fret12_treble_;
    InkNumber* nut_bass_;
    InkNumber* nut_treble_;
    InkNumber* diagonal_bass_;
    InkNumber* diagonal_treble_;
};

} // namespace fm
