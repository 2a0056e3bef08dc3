// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "model/project.h"

#include <span>
#include <string>
#include <vector>

namespace pulsepin {

// What a person does to the picture's layers in one action.

/// A project with what was added to it.
struct WithLayer {
    Project project;
    LayerId layer;
    LaneId lane = {}; ///< 0: none came with it
};

/// An effect behind those that the layer has, over its usual range, so that it is seen at once. Fails for
/// unknown effects.
[[nodiscard]] Result<Project> with_effect(const Project& project, LayerId layer, std::string_view effect);
/// The layer's effect of that place acts so many places later.
[[nodiscard]] Result<Project> with_effect_moved(const Project& project, LayerId layer, std::size_t at,
                                                int by);
/// Its values and what drives them go with it.
[[nodiscard]] Result<Project> without_effect(const Project& project, LayerId layer, std::size_t at);
[[nodiscard]] Result<Project> with_effect_off(const Project& project, LayerId layer, std::size_t at,
                                              bool off);
/// The effects of a look in place of the layer's; of a look for titles how it is set as well.
[[nodiscard]] Result<Project> with_look(const Project& project, LayerId layer, const Look& look);
/// The same, of a layer by itself.
void put_look(Layer& layer, const Look& look);
/// What of a layer makes a look.
[[nodiscard]] Look look_of(const Layer& layer, std::string name, bool of_title);
/// Looks that come with the program.
[[nodiscard]] std::span<const Look> ready_looks();

/// A lane on which the layer appears; none of its own before. Fails for the camera.
[[nodiscard]] Result<WithLayer> with_lane_of_appearances(const Project& project, LayerId layer,
                                                         LaneKind appearances);
/// A layer of bars, and the lane that follows as many bands of the song and drives them.
[[nodiscard]] Result<WithLayer> with_spectrum(const Project& project, LaneKind follows, int bands,
                                              std::string name);
/// A layer with the song's waveform, and the lane that follows its level and drives it.
[[nodiscard]] Result<WithLayer> with_waveform(const Project& project, LaneKind follows, std::string name);
/// One title, that appears with each marker's name from that marker to the next, and follows it wherever it
/// goes. Fails where none has a name.
[[nodiscard]] Result<WithLayer> with_titles_of_markers(const Project& project, std::span<const PinId> markers,
                                                       LaneKind appearances, std::string name);
/// The layers appear one after the other, in the given order, each on the next of the places. Those without a
/// lane of appearances get one. Fails where there are fewer places than layers.
[[nodiscard]] Result<Project> with_layers_staggered(const Project& project, std::span<const LayerId> layers,
                                                    std::span<const Ticks> places, const Length& length,
                                                    LaneKind appearances);

} // namespace pulsepin
