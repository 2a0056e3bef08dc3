// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "interchange/export_material.h"

namespace pulsepin {

/// Which parts of the piece become chapters: its markers, its shots, or the sections of the song.
[[nodiscard]] ParamSpecs chapter_parameters();

/// Chapters as metadata of FFmpeg ("FFMETADATA1", FFmpeg Formats Documentation, Metadata), in milliseconds:
/// to be put into any media file by `ffmpeg -i FILM -i CHAPTERS -map_metadata 1 -codec copy OUT`. Fails where
/// there are none of those.
[[nodiscard]] Result<std::string> write_ffmetadata(const ExportMaterial& material);

/// The same as chapters of Matroska in XML (Matroska, RFC 9559, section 5.1.7; the names of elements are
/// those of its schema).
[[nodiscard]] Result<std::string> write_matroska_chapters(const ExportMaterial& material);

} // namespace pulsepin
