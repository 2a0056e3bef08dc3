// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "parts/widgets.h"
#include "session/document.h"
#include "session/player.h"
#include "session/view_state.h"

#include <QMenu>
#include <QSlider>
#include <QToolButton>

class QHBoxLayout;

namespace pulsepin {

/// Play, loop, a few seconds; where we are; lamps; tempo and metre; volumes; menu.
class TransportBar : public QWidget {
    Q_OBJECT
public:
    TransportBar(Document& document, ViewState& view, Player& player, QMenu* menu, QWidget* parent = nullptr);

    void refresh(); ///< tempo, metre, what is possible
    void set_few_bars(int bars);
    void show_drawing(bool score); ///< which of the two drawings is seen
    void show_position();          ///< figures and lamps, from the sound that is heard

    [[nodiscard]] QSize minimumSizeHint() const override { return {520, 52}; }
    [[nodiscard]] LevelBar& level() { return *level_; }
    [[nodiscard]] Lamps& lamps() { return *lamps_; }

signals:
    void play_wanted();
    void start_wanted();
    void few_seconds_wanted();
    void speed_wanted(double speed);
    void half_tempo_wanted();
    void double_tempo_wanted();
    void metre_wanted(Metre metre);
    void score_wanted(bool score);

protected:
    void resizeEvent(QResizeEvent* event) override;

private:
    void add_playing(QHBoxLayout* row);
    void add_figures(QHBoxLayout* row);
    void add_tempo(QHBoxLayout* row);
    void add_volumes(QHBoxLayout* row);
    void add_looking(QHBoxLayout* row, QMenu* menu);
    std::vector<QWidget*> spare_; ///< the least needed first
    QToolButton* button(const QString& name, const QString& text, const QString& tip, const QIcon& icon = {});
    QSlider* volume(const char* name, const QString& tip, int initial);

    Document& document_;
    ViewState& view_;
    Player& player_;
    QToolButton* play_;
    QToolButton* loop_;
    QToolButton* few_;
    QToolButton* half_;
    QToolButton* double_;
    QToolButton* metre_;
    Figures* position_;
    Figures* time_;
    Figures* frame_;
    Figures* tempo_;
    Lamps* lamps_;
    LevelBar* level_;
    QToolButton* speed_;
    QToolButton* score_;
};

} // namespace pulsepin
