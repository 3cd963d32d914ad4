#pragma once
#include "ui/bench/bench_words.h"

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

protected:
    void keyPressEvent(QKeyEvent* event) override;
};

/// One standard deviation of the simulated gauge, as it is started.

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
    /// What is asked or said above the field, or "".
    QString message() const;
    void say(const QString& text);

Q_SIGNALS:
    void left();
    void string_chosen(std::size_t string);
    void unit_asked();

protected:
    void paintEvent(QPaintEvent* event) override;
    void resizeEvent(QResizeEvent* event) override;
    void showEvent(QShowEvent* event) override;
    void mousePressEvent(QMouseEvent* event) override;

private:
    void enter();
    void keep(double mm, std::optional<double> u_mm, ReadBy by);
    /// A reading taken as it is, or asked about first.
    Unit unit() const; ///< of what is read here
    void offer(double mm, std::optional<double> u_mm, ReadBy by);
    void take_back();
    /// The simulated hand does what the bench asks for, and its gauge is pressed.
    void simulated_pass();
    void lay_out();
    QRectF mark_box(std::size_t place) const;
    void paint_marks(QPainter& painter) const;
    void paint_header(QPainter& painter) const;
    void paint_number(QPainter& painter) const;
    void paint_bar(QPainter& painter) const;
    void paint_rod(QPainter& painter) const;
    QRectF bar_box() const;
    double unit_px() const { return height() / 800.0; }
    QFont font_of(double share, bool bold = false) const;

    Session& session_;
    BenchWorker worker_;
    BenchWords words_;
    BenchField* field_;
    BenchGauge* gauge_;
    QLabel* message_;
    QLabel* hint_;
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
