// SPDX-License-Identifier: GPL-3.0-or-later
//
// Not for use outside of this layer.
#pragma once

#include "render/film.h"

#include <deque>
#include <memory>

namespace pulsepin {

/// The sound of a film as it is coded, a little at a time: hours of it are never in memory at once.
class CodedFilmSound {
public:
    [[nodiscard]] static Result<CodedFilmSound> of(const Film& film);
    ~CodedFilmSound();
    CodedFilmSound(CodedFilmSound&&) noexcept;
    CodedFilmSound& operator=(CodedFilmSound&&) noexcept;

    static constexpr double for_ever = 1e18;
    /// Writes the packets that begin before that sample into a file of a film or of its part.
    template <class File>
    [[nodiscard]] Result<void> write_before(double sample, File& file, const Progress& progress) {
        while (true) {
            if (progress.cancelled())
                return fail_cancelled();
            const auto packet = next_before(sample);
            if (!packet)
                return tl::unexpected(packet.error());
            if (!*packet)
                return {};
            if (auto added = file.add(**packet); !added)
                return added;
        }
    }

private:
    class Source;
    CodedFilmSound(const Film& film, SoundCoder coder);
    [[nodiscard]] Result<std::optional<CodedSound>> next_before(double sample);

    std::unique_ptr<Source> source_;
    SoundCoder coder_;
    std::deque<CodedSound> ready_;
    bool ended_ = false;
};

} // namespace pulsepin
