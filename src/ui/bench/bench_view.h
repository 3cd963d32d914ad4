#pragma once
#include "ui/bench/bench_words.h"
#include "ui/field/decision_bar.h"
#include "ui/field/sense_words.h"

#include <QLineEdit>
#include <QWidget>

class QLabel;
class QToolButton;

namespace fm {

class BenchGauge;

/// The field of the bench: digits go in, the pad's signs command.
class BenchField : public QLineEdit {
    Q_OBJECT
public:
    explicit BenchField(QWidget* parent);

Q_SIGNALS:
    void minus();
    void star();
    void slash();
    void plus();
    void enter();
    void done();
    void escape();
    void part_forth(); ///< the pad's page keys
    void part_back();

protected:
    void keyPressEvent(QKeyEvent* event) override;
};

/// At the bench: the whole window for one string and one number, read from across the room, worked from a
/// number pad.
class BenchView : public QWidget {
    Q_OBJECT
public:
    explicit BenchView(Session& session, QWidget* parent);

    void begin(BenchPart part);
    void leave();
    void refresh();

    BenchWorker& worker() { return worker_; }
    const BenchWords& words() const { return words_; }
    BenchField* field() { return field_; }
    BenchGauge* gauge() { return gauge_; }
    DecisionBar* decision_bar() { return decision_; }
    QToolButton* lead_button() { return lead_; }
    QToolButton* leave_button() { return leave_; }
    /// What is asked or said above the field, or "".
    QString message() const;
    void say(const QString& text);

Q_SIGNALS:
    void left();
    void string_chosen(std::size_t string);
    void unit_asked();
    void intonation_asked(); ///< nothing else is left to do

protected:
    void paintEvent(QPaintEvent* event) override;
    void resizeEvent(QResizeEvent* event) override;
    void showEvent(QShowEvent* event) override;
    void mousePressEvent(QMouseEvent* event) override;

private:
    void enter();
    void lead_on();
    void walk_parts(int step);
    void keep(double mm, std::optional<double> u_mm, ReadBy by);
    Unit unit() const; ///< of what is read here
    /// A reading taken as it is, or asked about first.
    void offer(double mm, std::optional<double> u_mm, ReadBy by);
    QString question(double mm) const;
    void take_back();
    /// The simulated hand does what the bench asks for, and its gauge is pressed.
    void simulated_pass();
    void lay_out();
    void lay_out_buttons();
    QRectF mark_box(std::size_t place) const;
    void paint_marks(QPainter& painter) const;
    void paint_header(QPainter& painter) const;
    void paint_number(QPainter& painter) const;
    void paint_bar(QPainter& painter) const;
    void paint_rod(QPainter& painter) const;
    QRectF bar_box() const;
    double unit_px() const { return unit_px_; }
    /// How much of what is drawn for a window of 800 there is room for over field and gauge, and how high
    /// these are.
    void measure();
    QFont font_of(double share, bool bold = false) const;

    Session& session_;
    BenchWorker worker_;
    BenchWords words_;
    double unit_px_ = 1;
    int field_px_ = 66;
    int buttons_left_ = 0; ///< of those in the head; the width where there are none
    int gauge_px_ = 38;    ///< its fields may stand in several rows
    BenchField* field_;
    BenchGauge* gauge_;
    QLabel* message_;
    QLabel* hint_;
    QToolButton* lead_;  ///< to the part that is first, or next
    QToolButton* leave_; ///< the step as found
    DecisionBar* decision_;
    AskedOnce once_; ///< readings that can hardly be
    struct Asked {
        double as_read_mm = 0;
        double other_mm = 0;
        std::optional<double> u_mm;
        ReadBy by = ReadBy::hand;
    };
    QString live_text_;          ///< what the gauge shows now, in the field
    std::optional<Asked> asked_; ///< a reading that looks as if it was in the other unit
};

} // namespace fm
