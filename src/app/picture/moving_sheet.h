// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "hand/tried.h"
#include "parts/dragging.h"
#include "render/loop_pictures.h"
#include "session/document.h"
#include "session/view_state.h"

#include <QElapsedTimer>
#include <QFrame>

class QLabel;
class QLineEdit;
class QListWidget;
class QListWidgetItem;
class QTimer;

namespace pulsepin {

/// One of several things that can be chosen, and what the piece would be with it.
struct MovingOffer {
    QString name;
    QString group = {}; ///< found by its words, too
    std::function<void()> choose;
    /// Called on another thread: it holds all that it needs.
    std::function<Result<Project>()> with;
    bool is_current = false;
    /// What it is when it is dragged out of the sheet; none: it stays there.
    std::optional<Dragged> dragged = {};
};

/// A sheet of small moving pictures under a widget, one for each thing that can be chosen: this piece with
/// it, over the same few beats. The one under the mouse, or where the keys are, plays large in the picture as
/// well. A click or Return chooses; what can be dragged is dragged out of it; a field to type in finds by
/// words; Escape leaves.
class MovingSheet : public QFrame {
    Q_OBJECT
public:
    /// `memory`: the name under which what was chosen last is kept.
    static void open(QWidget& under, const QString& memory, Document& document, ViewState& view,
                     const TriedLoop& loop, std::vector<MovingOffer> offers);

    [[nodiscard]] const LoopPictures& pictures() const { return *pictures_; }

protected:
    bool eventFilter(QObject* watched, QEvent* event) override;
    void hideEvent(QHideEvent* event) override;

private:
    MovingSheet(QWidget& under, QString memory, Document& document, ViewState& view, const TriedLoop& loop,
                std::vector<MovingOffer> offers);
    void compose(Document& document);
    void fill();
    void choose_row();
    /// The one under the mouse leaves the sheet.
    void drag_out();
    void move_by(int steps);
    void place(const QWidget& under);
    /// The next picture of all that are in sight.
    void step();
    [[nodiscard]] double share() const; ///< of the loop that has passed

    QString memory_;
    ViewState& view_;
    TriedLoop loop_;
    double frames_a_second_;
    std::vector<MovingOffer> offers_;
    std::unique_ptr<LoopPictures> pictures_;
    QWidget& under_;
    std::optional<QPoint> pressed_; ///< in the list
    QLineEdit* words_;
    QListWidget* list_;
    QLabel* told_; ///< what the current one is
    QTimer* steps_;
    QElapsedTimer clock_;
};

} // namespace pulsepin
