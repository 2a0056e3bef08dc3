// SPDX-License-Identifier: GPL-3.0-or-later
#include "drawing/canvas/gestures/onsets.h"

#include "model/onset_edits.h"
#include "session/number_text.h"

#include <algorithm>

namespace pulsepin {

void MoveOnset::drag_to(QPointF at, Qt::KeyboardModifiers) {
    to_ = std::clamp(placement().carried(onset_.time, from(), at), Seconds(0), context().song_end());
    if (show(with_onset_moved(project(), onset_.row, onset_.time, to_)))
        tell(tr("Onset moved by %1 ms").arg(number_text((to_ - onset_.time).value * 1000, 1)));
}

std::optional<Gesture::Edit> MoveOnset::end(Qt::KeyboardModifiers) {
    auto made = edit(tr("move onset"));
    if (made)
        view().choose_onset(ViewState::ChosenOnset{onset_.row, to_});
    return made;
}

} // namespace pulsepin
