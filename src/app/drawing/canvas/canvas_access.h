// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "drawing/canvas/canvas.h"

#include <QAccessibleWidget>
#include <map>

namespace pulsepin {

/// What a drawing holds, for those who do not see it: its beats and its lanes as lists, their pins as items
/// with a name, a place in the window and what can be done to them. It is asked by the accessibility bus.
class CanvasAccess : public QAccessibleWidget {
    Q_DECLARE_TR_FUNCTIONS(pulsepin::CanvasAccess)
public:
    explicit CanvasAccess(Canvas& canvas);
    ~CanvasAccess() override;
    CanvasAccess(const CanvasAccess&) = delete;
    CanvasAccess& operator=(const CanvasAccess&) = delete;

    [[nodiscard]] int childCount() const override;
    [[nodiscard]] QAccessibleInterface* child(int index) const override;
    [[nodiscard]] int indexOfChild(const QAccessibleInterface* child) const override;
    [[nodiscard]] QAccessibleInterface* childAt(int x, int y) const override;
    [[nodiscard]] QAccessibleInterface* focusChild() const override;

    /// What something in the drawing is: a list, or one of its items.
    struct Thing {
        enum Kind { Beats, Beat, OfLane, OfPin } kind = Beats;
        std::uint64_t id = 0; ///< of a lane, of a pin; the number of a beat
        friend auto operator<=>(const Thing&, const Thing&) = default;
    };
    [[nodiscard]] QAccessibleInterface* interface_of(const Thing& thing) const;
    [[nodiscard]] Canvas& canvas() const { return canvas_; }

private:
    Canvas& canvas_;
    mutable std::map<Thing, QAccessible::Id> known_;
};

/// Drawings, painted items and buttons are read so from now on.
void install_access();

/// Tells whoever listens which pin or beat was chosen.
void tell_chosen(Canvas& canvas);

/// "cut to loop, bar 15 beat 1, 2.1 milliseconds late, selected": a pin in words.
[[nodiscard]] QString pin_in_words(const Schedule& schedule, std::size_t lane, const ResolvedPin& pin);

} // namespace pulsepin
