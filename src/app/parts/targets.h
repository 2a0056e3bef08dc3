// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "session/document.h"
#include "stage/layer_parameters.h"

#include <QMenu>
#include <functional>

namespace pulsepin {

/// One undo step that changes what a lane drives; nothing when the lane is gone.
void change_motion(Document& document, LaneId lane, const QString& what,
                   const std::function<void(Motion&)>& how);

/// "Kite · scale"; empty for no target.
[[nodiscard]] QString target_text(const Project& project, const Target& target);

/// "blur", or "blur 2" of an effect's further use.
[[nodiscard]] QString parameter_text(const LayerParameter& parameter);
/// The same by its id; the id itself where no such parameter is known.
[[nodiscard]] QString parameter_text(const std::string& id);
/// What of a layer can be driven: first what it has, without a name, then each further effect by its name.
[[nodiscard]] std::vector<std::pair<QString, std::vector<LayerParameter>>> drivable_of(const Layer& layer);

/// Layers with their parameters as submenus.
void fill_with_targets(QMenu* menu, const Project& project, const std::function<void(const Target&)>& chosen);

/// Why nothing is seen of a parameter that only bends an effect which does nothing; empty: it is seen.
[[nodiscard]] QString unseen_text(const Project& project, const Target& target);
/// A property that is only named: of one that is known, the unit and the usual range; of another, no unit.
void take_usual_unit(Feed& feed);

/// What is common practice for how much earlier it acts; empty where there is none.
[[nodiscard]] QString usual_lead(const Target& target);

} // namespace pulsepin
