// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "picture/picture_hands.h"

class QButtonGroup;
class QLabel;
class QPushButton;
class QTimer;

namespace pulsepin {

/// Where the picture stands.
enum class PicturePlace { Bench, Beside, Window };

/// The picture with its switches above and what is told of it below.
class PictureDesk : public QWidget {
    Q_OBJECT
public:
    PictureDesk(Document& document, ViewState& view, Player& player, QWidget* parent = nullptr);

    [[nodiscard]] PreviewView& picture() { return *picture_; }
    [[nodiscard]] PictureHands& hands() { return *hands_; }
    void show_place(PicturePlace place);
    /// Nothing but the picture, as on a full screen.
    void show_bare(bool bare);

    /// Points of the chosen line are set by clicks.
    void begin_drawing() { draw_->setChecked(true); }

signals:
    void place_wanted(PicturePlace place);
    void pose_wanted();

private:
    QWidget* make_head();
    QWidget* make_foot();
    void tell();

    Document& document_;
    Player& player_;
    PreviewView* picture_;
    PictureHands* hands_;
    QPushButton* draw_;
    QPushButton* arrange_;
    QButtonGroup* places_;
    QWidget* head_ = nullptr;
    QWidget* foot_ = nullptr;
    std::vector<QWidget*> roomy_; ///< shown where there is room for them
    QLabel* told_;
    QWidget* acting_;
    QLabel* zoom_;
    QTimer* tick_;
};

} // namespace pulsepin
