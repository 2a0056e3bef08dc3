// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "commands/context.h"

namespace pulsepin {

/// Sounds beside the song: splitting, trimming, tying.
class SoundCommands : public Commands {
    Q_OBJECT
public:
    explicit SoundCommands(CommandContext& context) : Commands(context) {}
    void hang_up(QMenu* menu);

private:
    void trim_song_to_range();
    void make_range_the_piece();
    void ask_when_the_song_begins();
    enum class Outside { Kept, Removed, NothingIsDone };
    [[nodiscard]] Outside ask_what_becomes_of(std::size_t pins);
};

} // namespace pulsepin
