// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "commands/commands.h"

namespace pulsepin {

class SongPanel;

/// What is done to clips of the bin as a whole: turning them by hand, other files in their place.
class BinCommands : public Commands {
    Q_OBJECT
public:
    explicit BinCommands(const Workplace& at) : Commands(at) {}
    void add_to(QMenu* menu);
    void show_panel(SongPanel* panel);

    /// Asks for a file that the clip shows from now on; for clip 0 for the song's own recording, moved.
    void replace_dialog(ClipId clip);
    void replace_by(ClipId clip, const std::filesystem::path& path);
    /// Asks for a folder in which files that are missing are looked for, the song's too.
    void find_files_dialog();
    void find_files(const std::filesystem::path& folder);
    /// Asks where to, and writes a copy that any program reads; the clip shows it from then on.
    void copy_dialog(ClipId clip);

private:
    /// Those that are chosen in the bin while it is seen, else those of the selected cuts.
    [[nodiscard]] std::vector<ClipId> clips() const;
    void of_one_clip(void (BinCommands::*what)(ClipId));
    void turn(int quarters);
    void find_song(const std::filesystem::path& path);
    void take_file(ClipId clip, const std::filesystem::path& path, const QString& step, const QString& told);
    void write_copy(ClipId clip, const PictureFile& from, FrameRate rate, const std::filesystem::path& to);

    SongPanel* panel_ = nullptr;
};

} // namespace pulsepin
