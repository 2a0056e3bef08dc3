// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "model/property.h"
#include "model/rig_edits.h"

namespace pulsepin {

/// What can be told of a lamp, and of where levels go: in forms, on the command line, in files.
[[nodiscard]] std::span<const Property<Fixture>> fixture_properties();
[[nodiscard]] std::span<const Property<WireOutput>> output_properties();
[[nodiscard]] std::span<const Property<LampArrangement>> arrangement_properties();
/// The rig as a project's file has it.
void fields_of(Fields& f, Rig& rig);

} // namespace pulsepin
