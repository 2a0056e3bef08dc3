// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "media/load_sound.h"

#include <memory>

namespace pulsepin {

/// What is being decoded, on its way to the shelf.
class ShelvedDraft {
public:
    ~ShelvedDraft();
    ShelvedDraft(ShelvedDraft&&) noexcept;
    ShelvedDraft& operator=(ShelvedDraft&&) noexcept;
    /// The file that the samples are written to, behind `samples_begin` bytes.
    [[nodiscard]] int descriptor() const;
    static constexpr std::int64_t samples_begin = 65'536; ///< a whole number of pages, on any machine
    /// From now on it is found. Where that fails, or where it was done before, nothing happens.
    void take_place(const LoadedSound& sound);

private:
    friend std::optional<ShelvedDraft> begin_shelved(const SoundShelf&, const std::filesystem::path&,
                                                     const LoadOptions&, SoundFormat, Samples);
    struct State;
    explicit ShelvedDraft(std::unique_ptr<State> state);
    std::unique_ptr<State> state_;
};

/// The sound of that file, if it was kept and the file is the same since: on the same device, with the same
/// number, size and dates, and not written within the last seconds, when a date tells nothing yet. Its
/// samples are not read, but mapped. With its outline where the options ask for drawing. A file of samples
/// that is cut off or of another version is not found.
[[nodiscard]] std::optional<LoadedSound>
shelved_sound(const SoundShelf& shelf, const std::filesystem::path& path, const LoadOptions& options);

/// None where it is not to be kept: a short sound is decoded as quickly, and a disk that is nearly full has
/// no room for what can be had again.
[[nodiscard]] std::optional<ShelvedDraft> begin_shelved(const SoundShelf& shelf,
                                                        const std::filesystem::path& path,
                                                        const LoadOptions& options, SoundFormat format,
                                                        Samples announced);

/// A sound that was decoded with a shelf is found there from now on. Waits for the disk, for seconds where
/// that is slow or the sound is long: best done once the sound is shown, off the interface thread, and by one
/// thread at a time. Where it fails, the sound is decoded again another time.
void shelve(const LoadedSound& sound);

/// Those that were not wanted for longest go, until the rest has no more bytes.
void make_room_on_shelf(const SoundShelf& shelf, std::uintmax_t most_bytes);

} // namespace pulsepin
