// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "model/pulse.h"

#include <QWidget>
#include <optional>

namespace pulsepin {

/// The shape of a pulse, drawn over frames around its beat: lengths and Bézier handles are dragged.
class PulseCurve : public QWidget {
    Q_OBJECT
public:
    explicit PulseCurve(QWidget* parent = nullptr);
    /// Lengths in frames, as they are at the tempo that matters.
    void show_pulse(const Pulse& pulse, double up, double held, double down);

    /// Where it can be taken hold of; for tests.
    enum class Grip { Up, Held, Down, RisingFirst, RisingSecond, FallingFirst, FallingSecond };
    [[nodiscard]] std::optional<QPointF> grip_position(Grip grip) const;

    [[nodiscard]] QSize sizeHint() const override { return {240, 120}; }
    [[nodiscard]] QSize minimumSizeHint() const override { return {108, 90}; }

signals:
    /// Lengths in whole frames, while they are dragged and with `done` when they are let go.
    void lengths_dragged(double up, double held, double down, bool done);
    void handles_dragged(bool rising, std::array<double, 4> handles, bool done);

protected:
    void paintEvent(QPaintEvent* event) override;
    void mousePressEvent(QMouseEvent* event) override;
    void mouseMoveEvent(QMouseEvent* event) override;
    void mouseReleaseEvent(QMouseEvent* event) override;
    void keyPressEvent(QKeyEvent* event) override;

private:
    [[nodiscard]] QRectF area() const;
    [[nodiscard]] double x_of(double frame) const;
    [[nodiscard]] double y_of(double share) const;
    [[nodiscard]] double share_at(double frame) const;
    void drag_to(QPointF at, bool done);

    Pulse pulse_;
    double up_ = 1, held_ = 0, down_ = 4;
    double shown_ = 8; ///< frames over the width, so that the view stands still while one drags
    double lowest_ = 0, highest_ = 1; ///< of the way from rest to peak, while it overshoots
    std::optional<Grip> grip_;
};

/// A small drawing of a pulse, on a button; with a bead so far along it, from 0 to 1.
[[nodiscard]] QPixmap pulse_picture(const Pulse& pulse, QSize size, bool chosen,
                                    std::optional<double> bead = {});

} // namespace pulsepin
