// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "follow/level_track.h"
#include "follow/project_sounds.h"

#include <atomic>
#include <deque>

namespace pulsepin {

/// Sounds that are listened to and their levels, each made when it is first asked for and kept under what it
/// was made of. May be shared between threads; two that ask for the same wait for one making.
class Listening {
public:
    /// Where levels are kept beyond this run of the program, by the key of their sound.
    using ShelfOf = std::function<LevelTracks::Shelf(const std::string& key)>;
    explicit Listening(ShelfOf shelf = {}) : shelf_(std::move(shelf)) {}

    /// Fails when cancelled or the disk is full.
    [[nodiscard]] Result<std::shared_ptr<const LoadedSound>> sound(const SoundRecipe& recipe,
                                                                   const Progress& progress = {});
    /// Of the recipe's base, with the part, side and band that the spec names. Where the level is on the
    /// shelf the sound is not made.
    [[nodiscard]] Result<std::shared_ptr<const LevelTrack>>
    level(const SoundRecipe& recipe, const LevelSpec& spec, const Progress& progress = {});

private:
    using Sound = std::shared_ptr<const LoadedSound>;
    struct Kept {
        std::string key;
        Sound sound;
        std::atomic<std::int64_t> bytes = 0; ///< of its samples, once it is made
        std::mutex making;                   ///< held while it is made
        void keep(LoadedSound made);
    };
    [[nodiscard]] std::shared_ptr<Kept> kept(const std::string& key);
    [[nodiscard]] Result<Sound> base(const SoundRecipe& recipe, const Progress& progress);

    /// So many sounds, and so much of them, as long as there are more than two; each is a file of its own.
    static constexpr std::size_t most = 12;
    static constexpr std::int64_t most_bytes = std::int64_t{1} << 30;
    ShelfOf shelf_;
    std::mutex mutex_;
    std::deque<std::shared_ptr<Kept>> kept_; ///< the last asked for at the end
    std::map<std::string, std::shared_ptr<LevelTracks>> levels_;
};

} // namespace pulsepin
