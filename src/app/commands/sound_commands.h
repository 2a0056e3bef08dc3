// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "commands/commands.h"
#include "media/sample_store.h"

#include <functional>
#include <memory>

namespace pulsepin {

class FileCommands;

/// Sounds beside the song: splitting, trimming, tying.
class SoundCommands : public Commands {
    Q_OBJECT
public:
    SoundCommands(const Workplace& at, FileCommands& files) : Commands(at), files_(files) {}
    void add_to(QMenu* menu);

private:
    void write_clicks_dialog();
    void write_timecode_dialog();
    /// Asks where to, then writes what is made in the background.
    void write_made_dialog(const QString& title, const QString& suggested,
                           std::function<Result<std::shared_ptr<const SampleStore>>(const Progress&)> make);
    void trim_song_to_range();
    void make_range_the_piece();
    void ask_when_the_song_begins();
    enum class Outside { Kept, Removed, NothingIsDone };
    [[nodiscard]] Outside ask_what_becomes_of(std::size_t pins);
    FileCommands& files_;
};

} // namespace pulsepin
