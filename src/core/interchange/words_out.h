// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "interchange/export_material.h"
#include "words/lyric.h"

namespace pulsepin {

/// The words or notes of the lane that the value "lane" names, of the first lane of words, or of notes, else:
/// with the times at which they act, line by line; notes each as a line. Fails where there is none.
[[nodiscard]] Result<Lyric> lyric_of(const ExportMaterial& material);

/// The same as a format of lyric_formats() writes it ("subrip", "webvtt", "lrc").
[[nodiscard]] Result<std::string> write_words(const ExportMaterial& material, std::string_view format);

/// One line a word or note: text, line, speaker, start and end as time, frame and place in the music.
[[nodiscard]] Result<std::string> write_words_csv(const ExportMaterial& material);

/// The exposure column: one line a frame from the first drawing on, with the drawing where it begins and how
/// far it is held.
[[nodiscard]] Result<std::string> write_exposure_csv(const ExportMaterial& material);

} // namespace pulsepin
