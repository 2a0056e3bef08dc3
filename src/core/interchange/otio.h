// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "interchange/export_material.h"

namespace pulsepin {

/// The piece as a timeline in JSON for editing programs, after the file format of OpenTimelineIO (Academy
/// Software Foundation; schemas Timeline.1, Stack.1, Track.1, Clip.1, Gap.1, Transition.1,
/// ExternalReference.1, MissingReference.1, LinearTimeWarp.1, FreezeFrame.1, Marker.2, RationalTime.1,
/// TimeRange.1): a track for each lane of cuts, one for the song and those that each sound lane needs, the
/// markers. All times count at the piece's frame rate from its first frame; what has no place there stands
/// under the key "pulsepin". Fails where nothing is cut and nothing is heard.
[[nodiscard]] Result<std::string> write_otio(const ExportMaterial& material);
[[nodiscard]] std::vector<std::string> otio_losses(const ExportMaterial& material);

/// A path as a URL (RFC 8089), its bytes encoded as RFC 3986 wants them.
[[nodiscard]] std::string file_url(const std::filesystem::path& path);

} // namespace pulsepin
