// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "time/taps.h"

#include <QWidget>

namespace pulsepin {

/// How early or late each of the last taps was against a steady beat.
class TapPlot : public QWidget {
    Q_OBJECT
public:
    explicit TapPlot(QWidget* parent = nullptr);
    void show_taps(std::optional<TapFit> fit);
    [[nodiscard]] QSize minimumSizeHint() const override { return {100, 40}; }

protected:
    void paintEvent(QPaintEvent* event) override;

private:
    std::optional<TapFit> fit_;
};

} // namespace pulsepin
