// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "interchange/export_material.h"

namespace pulsepin {

/// The piece as XML of the MLT multimedia framework (DTD of MLT XML, version 7: profile, producer, playlist,
/// tractor, multitrack, filter, transition): a playlist for each lane of cuts, of which the one that is seen
/// is shown and the others are hidden, one for the song and those that each lane of sounds needs, dissolves
/// as luma transitions over tractors of their own, speeds by timewarp, pictures held by hold, framing by
/// affine, gain and fades by keyed volume. Times are frames of the piece's rate. Files are named by their
/// absolute paths. Fails where nothing is cut and nothing is heard.
[[nodiscard]] Result<std::string> write_mlt_xml(const ExportMaterial& material);
[[nodiscard]] std::vector<std::string> mlt_losses(const ExportMaterial& material);

} // namespace pulsepin
