// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "hand/dropped.h"

#include <QMimeData>
#include <variant>

class QListWidget;
class QWidget;

namespace pulsepin {

/// A row of onsets, by its name.
struct RowOfOnsets {
    std::string name;
};

/// A composition that ships, or that a person kept, by its name.
struct ReadyThing {
    std::string name;
};

/// What is dragged within the window: what dropped_on_lane() knows, a layer, a row of onsets or a
/// composition.
using Dragged = std::variant<ClipId, Pulse, Target, LayerId, WaitingWord, RowOfOnsets, ReadyThing>;

[[nodiscard]] QMimeData* mime_of(const Dragged& item);
/// None where it is something else; a pulse is looked up by its name among those that ship and the project's
/// own.
[[nodiscard]] std::optional<Dragged> dragged_in(const QMimeData* mime, const Project& project);
[[nodiscard]] bool is_dragged(const QMimeData* mime);

/// Begins to drag it from that widget; returns when it was let go.
void drag(QWidget* from, const Dragged& item, const QPixmap& picture);

} // namespace pulsepin
