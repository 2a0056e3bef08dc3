// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "session/document.h"
#include "session/view_state.h"
#include "time/tempo_course.h"

#include <QPushButton>
#include <QWidget>
#include <array>

namespace pulsepin {

/// How the tempo runs: constant, in steps, beat by beat. Each says how far its beats lie from what is heard;
/// the simplest that lies nearly as near as the best is proposed. Pointing at one shows what it leaves over,
/// choosing it moves the beats.
class CourseTiles : public QWidget {
    Q_OBJECT
public:
    CourseTiles(Document& document, ViewState& view, QWidget* parent = nullptr);
    void refresh();
    /// Which one is proposed; none without a grid and onsets.
    [[nodiscard]] std::optional<TempoCourse> proposed() const { return proposed_; }

protected:
    bool eventFilter(QObject* watched, QEvent* event) override;

private:
    struct Tile {
        TempoCourse course;
        QPushButton* button = nullptr;
        CourseFit fit;
        std::optional<Seconds> distance; ///< from the onsets
    };
    void measure();
    void take(const Tile& tile);
    [[nodiscard]] static QString name_of(TempoCourse course);

    Document& document_;
    ViewState& view_;
    std::array<Tile, 3> tiles_;
    std::optional<TempoCourse> proposed_;
    Shared<BeatGrid> measured_grid_;
    Shared<Detection> measured_found_;
};

} // namespace pulsepin
