// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "picture/plan_view.h"
#include "show/light_ear.h"

#include <QLabel>
#include <QTimer>

namespace pulsepin {

/// The lamps lit by the packets that really arrive at this computer, and how they arrive: a stand-in for the
/// real ones.
class ReceiverWindow : public QWidget {
    Q_OBJECT
public:
    ReceiverWindow(Document& document, ViewState& view, QWidget* parent);
    /// "received: 44 a second · none lost · jitter 0.4 ms"
    [[nodiscard]] QString told() const { return told_->text(); }

private:
    class Channels;
    void listen();
    void look();
    [[nodiscard]] std::vector<Lit> lit() const;

    Document& document_;
    std::unique_ptr<LightEar> ear_;
    std::vector<int> universes_;
    LightEar::Heard heard_;
    std::uint64_t packets_ = 0; ///< a second ago
    double counted_at_ = 0, a_second_ = 0;
    PlanView* plan_;
    Channels* channels_;
    QLabel* told_;
    QTimer timer_;
};

} // namespace pulsepin
