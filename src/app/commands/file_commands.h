// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "commands/commands.h"
#include "hand/bring_in.h"
#include "interchange/exporters.h"

#include <functional>
#include <map>

class QSessionManager;

namespace pulsepin {

class ExportPanel;
class GridCommands;
class ParamDialog;
struct ListReading;

/// Opening, saving, leaving, handing on: nothing that a person made may vanish on the way.
class FileCommands : public Commands {
    Q_OBJECT
public:
    FileCommands(const Workplace& at, GridCommands& grids, ExportPanel& exporting)
        : Commands(at), grids_(grids), exporting_(exporting) {}
    void add_to(QMenu* menu);
    void add_quit_to(QMenu* menu);

    /// A project on another song, as a new piece.
    void begin_from_template(const QString& pattern, const QString& song);
    /// A project, or else a song; asks before unsaved work is lost.
    void open_path(const QString& path);
    void template_dialog();
    void tell_what_found_no_place(const std::vector<std::string>& told);
    void song_dialog();
    void sound_dialog();
    void add_sounds(const QStringList& paths);
    /// What is listened to, as a WAV file.
    void write_listened_dialog();
    void write_sound_dialog(const Result<SoundRecipe>& sound, const QString& name);
    void shots_dialog();
    /// Cuts, sounds and markers of another program's list, as lanes; what would come of it is told first.
    void bring_in_dialog();
    void bring_in(const QString& path);
    /// The cuts that are found in a finished film; chapters and cue points of any file.
    void bring_in_media(const std::filesystem::path& file);
    void export_dialog(const ExporterRow& row);
    /// What can be chosen of it, which is remembered.
    void ask_options(
        const ExporterRow& row, std::function<void(const ParamValues&)> then = [](const ParamValues&) {});
    void export_all_dialog();
    /// The piece with all its files into a folder of its own, to be moved.
    void export_all_again();                ///< into the folder of the last time; asks for one the first time
    void copy_text(const ExporterRow& row); ///< what it writes, to be pasted elsewhere
    void save(std::function<void()> then = {});
    void save_as(std::function<void()> then = {});
    void load_again();
    /// What is on the disk, in a window of its own.
    void show_file_beside();

    /// Asks about unsaved work. When it has to be saved first, the window is closed again by itself.
    [[nodiscard]] bool may_close();
    /// Work that was not saved is copied for the next time, and the program ends without a question.
    void end_now();
    /// The desktop's session ends: asks where it may, and holds it up when the person wants that.
    void desktop_ends(QSessionManager& manager);
    /// Asks about unsaved work; waits until it is saved.
    [[nodiscard]] bool may_end_session();
    enum class Recovered { No, Yes };
    /// Offers what crashes left behind, one after the other, until one is taken.
    Recovered offer_recovery();

private:
    void open_when_it_answers(const QString& path);
    using ReadList = std::function<Result<BroughtIn>(const ParamValues&)>;
    /// `complete`: adds what else is asked or shown.
    void ask_how_to_bring_in(const std::filesystem::path& file, ParamSpecs of_list, ReadList read,
                             const std::function<void(ParamDialog&)>& complete);
    void show_columns(ParamDialog& dialog, const std::filesystem::path& file,
                      const std::function<ListReading(const ParamValues&)>& reading);
    void put_in(Result<WithBrought> brought, std::size_t not_understood);
    [[nodiscard]] bool ask_for_lane(const ExporterRow& row, ParamValues& values);
    void with_options(const ExporterRow& row, std::function<void(const ParamValues&)> then);
    void ask_where_and_write(const ExporterRow& row, const ParamValues& values);
    std::vector<ParamSpec> options_;  ///< what is asked of a way out
    std::vector<ParamSpec> bringing_; ///< what is asked of a list that comes in
    ParamValues brought_;             ///< as it was answered last
    enum class Leaving { Piece, Program };
    void leave(Leaving what, std::function<void()> then);
    enum class Saves { Done, NotDone, KeptAsCopy };
    /// Waits for saves under way, with a question once that takes long.
    [[nodiscard]] Saves wait_for_saves(Leaving what);
    /// A question about files that lie outside of a project's folder.
    [[nodiscard]] Document::AskAboutFiles ask_about_files() const;
    void save_to(const std::filesystem::path& path, ProjectStore::Overwrite overwrite,
                 std::function<void()> then);
    void ask_about_changed_file(const std::filesystem::path& path, std::function<void()> then);
    void tell_of_damaged_copy(const RecoveryFolder& left, const Error& error);
    void open_dialog();
    void shot_folder_dialog();
    void fill_recent_menu();

    QMenu* recent_menu_ = nullptr;
    bool may_close_ = false; ///< unsaved work was asked about
    GridCommands& grids_;
    ExportPanel& exporting_;
};

} // namespace pulsepin
