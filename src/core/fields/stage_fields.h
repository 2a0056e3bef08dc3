// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "model/fields.h"
#include "model/stage.h"

namespace pulsepin {

// What the picture is made of, as a project's file has it (fields/project_fields.h).

void fields_of(Fields& f, Layer& layer);
void fields_of(Fields& f, Look& look);
void fields_of(Fields& f, Stage& stage);

} // namespace pulsepin
