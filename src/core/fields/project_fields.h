// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "fields/stage_fields.h"
#include "model/fields.h"
#include "model/project.h"

namespace pulsepin {

// The fields of each part of a project, listed once (model/fields.h). Where a value in a file has another
// form than in the model, its list says both ways.

void fields_of(Fields& f, Project& project);
void fields_of(Fields& f, Settings& settings);
void fields_of(Fields& f, Clip& clip);
void fields_of(Fields& f, Checking& checking);
void fields_of(Fields& f, Lane& lane);
void fields_of(Fields& f, Picker& picker);
void fields_of(Fields& f, Planting& planting);
void fields_of(Fields& f, Anchor& anchor);
/// Of a lane of that kind.
void fields_of(Fields& f, Pin& pin, LaneKind kind);

/// What a single field cannot say: numbers that name two things or none, a picture without a camera. Empty
/// when all is well.
[[nodiscard]] std::string inner_conflict(const Project& project);

} // namespace pulsepin
