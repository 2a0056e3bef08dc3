// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "model/project.h"
#include "params/param.h"

namespace pulsepin {

// What of a composition that is used is filled with one's own: the words of its titles, its pictures and its
// colours. Of any layer, with what lies in it where it is a group.

/// So many of each are told; more are changed one by one.
inline constexpr std::size_t most_places = 6;

/// words-1 …, picture-1 …, colour-1 …: those that the layer has, as they are.
[[nodiscard]] ParamValues places_of(const Project& project, LayerId layer);
/// All that there can be; each is left as it is where it is not told.
[[nodiscard]] ParamSpecs place_specs();

/// A colour is changed wherever the layers and the lanes that move them have it. Fails for a layer or a clip
/// that is not there.
[[nodiscard]] Result<Project> with_places_filled(const Project& project, LayerId layer,
                                                 const ParamValues& values);

} // namespace pulsepin
