// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "base/error.h"
#include "base/quantity.h"

#include <filesystem>
#include <memory>
#include <optional>
#include <vector>

namespace pulsepin {

struct SoundFormat {
    std::int64_t sample_rate = 44100;
    int channels = 2; ///< 1 or 2; more in the file are mixed down to 2
    friend bool operator==(const SoundFormat&, const SoundFormat&) = default;
};

/// Reads any file that FFmpeg reads as float samples, block by block. The first sample is the first that the
/// encoder was given: its delay is skipped and its padding is cut wherever the file says how long they are.
/// Of a film the first sample lies at its first picture: sound that begins later is preceded by silence, of
/// sound that begins earlier the start is left out (edit lists, first times of streams).
class AudioDecoder {
public:
    /// At the file's own sample rate, or resampled to `sample_rate` where that is given.
    [[nodiscard]] static Result<AudioDecoder> open(const std::filesystem::path& path,
                                                   std::int64_t sample_rate = 0);
    ~AudioDecoder();
    AudioDecoder(AudioDecoder&&) noexcept;
    AudioDecoder& operator=(AudioDecoder&&) noexcept;

    [[nodiscard]] const SoundFormat& format() const;
    /// What the file's header says; for progress only, headers err. 0 when it says nothing.
    [[nodiscard]] Samples announced_length() const;
    /// The same where the file counts its sound; nothing where the length was guessed from size and bit rate,
    /// or is that of other streams.
    [[nodiscard]] std::optional<Samples> counted_length() const;

    /// The next samples, channels interleaved; empty at the end. Values that are no numbers become silence.
    [[nodiscard]] const std::vector<float>& next_block();

    /// Packets that could not be decoded so far.
    [[nodiscard]] int damaged_packets() const;

private:
    struct State;
    explicit AudioDecoder(std::unique_ptr<State> state);
    std::unique_ptr<State> state_;
};

} // namespace pulsepin
