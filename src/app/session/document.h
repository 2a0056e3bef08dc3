// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "check/grid_trust.h"
#include "follow/feeds.h"
#include "interchange/files_outside.h"
#include "interchange/project_file.h"
#include "model/history.h"
#include "session/background.h"
#include "session/detection_controller.h"
#include "session/follower_bank.h"
#include "session/project_store.h"
#include "session/proxy_bank.h"
#include "session/sound_bank.h"
#include "session/thumbnail_bank.h"

#include <QDateTime>
#include <QObject>
#include <QStringList>
#include <filesystem>
#include <optional>

namespace pulsepin {

/// The open project: its history, its file, its sounds, and what follows from it.
class Document : public QObject {
    Q_OBJECT
public:
    explicit Document(QObject* parent = nullptr);
    /// What is set for all pieces, and may have changed.
    void load_settings();
    ~Document() override;

    [[nodiscard]] const Project& project() const { return history_.current(); }
    /// What follows from the project: places and spans.
    [[nodiscard]] const Schedule& schedule() const { return schedule_; }
    /// What the pins of a lane last as.
    [[nodiscard]] const LaneSpans& spans(LaneId lane) const { return schedule_.spans(lane); }
    /// The shots of a lane of cuts, as seen; empty for other lanes.
    [[nodiscard]] const std::vector<ShotSpan>& shots(LaneId lane) const { return spans(lane).shots; }
    /// The shots that the preview shows: of the first lane of cuts.
    [[nodiscard]] const std::vector<ShotSpan>& shown_shots() const;
    /// Of the lanes that follow; those of before until the new ones are there.
    [[nodiscard]] const FollowerCurves& followers() const { return *followers_.curves(); }
    /// followers() are those of the project as it is now.
    [[nodiscard]] bool followers_current() const { return followers_.is_current(); }
    [[nodiscard]] Curves curves() const;
    /// How far each bar of the grid agrees with what was found; of the grid before, until it is compared.
    [[nodiscard]] const std::vector<BarTrust>& trust() const;
    /// The same, when it is of the grid as it is now.
    void with_trust(std::function<void(const std::vector<BarTrust>&)> answer);

    [[nodiscard]] ThumbnailBank& thumbnails() { return thumbnails_; }
    [[nodiscard]] ProxyBank& proxies() { return proxies_; }
    [[nodiscard]] SoundBank& sounds() { return sounds_; }
    [[nodiscard]] const SoundBank& sounds() const { return sounds_; }
    [[nodiscard]] const LoadedSound* sound() const { return sounds_.song(); }
    [[nodiscard]] const LoadedSound* heard() const { return sounds_.heard(); }
    [[nodiscard]] const LoadedSound* source(ClipId clip) const { return sounds_.source(clip); }
    [[nodiscard]] std::shared_ptr<const SpectrumMap> spectrum() const { return sounds_.spectrum(); }
    [[nodiscard]] DetectionController& detection() { return detection_; }
    [[nodiscard]] const DetectionController& detection() const { return detection_; }
    [[nodiscard]] Jobs& jobs() { return jobs_; }

    // -- changes, each one undo step
    void apply(Project project, const QString& name);
    /// Shows the error in the status line instead, and leaves all as it was.
    bool apply(Result<Project> project, const QString& name);
    void undo();
    void redo();
    [[nodiscard]] bool can_undo() const { return history_.can_undo(); }
    [[nodiscard]] bool can_redo() const { return history_.can_redo(); }
    /// From the piece as it was opened or begun on, as far as it is remembered.
    [[nodiscard]] const History& history() const { return history_; }
    [[nodiscard]] QString undo_name() const;
    [[nodiscard]] QString redo_name() const;

    // -- the song; runs in the background
    void open_song(const std::filesystem::path& path);
    /// Adds a sound file, or the sound of a video, to the first sound lane at that time; makes the lane if
    /// need be.
    void add_sound(const std::filesystem::path& path, Seconds at);
    /// Adds sounds that hold parts of the song, each on a lane of its own: those as long as the song start
    /// with it, others where they sound like it.
    void add_stems(const std::vector<std::filesystem::path>& paths);
    /// Writes a part of what is there as a WAV file; `done` is told when it is written.
    void write_sound(const SoundRecipe& sound, const std::filesystem::path& path);
    void add_clips(const std::vector<std::filesystem::path>& paths);

    // -- the file
    [[nodiscard]] ProjectStore& store() { return store_; }
    [[nodiscard]] const ProjectStore& store() const { return store_; }
    [[nodiscard]] const std::filesystem::path& path() const { return store_.path(); }
    [[nodiscard]] QString title() const; ///< of the window: the file's name, or "Untitled"
    [[nodiscard]] bool unsaved() const { return !history_.is_saved(); }
    void start_new();
    /// Whether the person agrees that these are read, which lie outside of the project's folder.
    using AskAboutFiles = std::function<bool(const std::vector<FileOutside>&)>;
    /// `ask`: called for files that were not agreed to before; without it nothing is asked. Fails as
    /// cancelled where they are not agreed to; the open project then stays.
    [[nodiscard]] Result<void> open(const std::filesystem::path& path, const AskAboutFiles& ask = {});
    /// The same in two steps: what is read from the disk, on any thread, and what becomes of it.
    struct ReadProject {
        std::filesystem::path path;
        LoadedProject loaded;
        std::vector<FileOutside> outside;
        bool agreed = false; ///< to those
    };
    [[nodiscard]] static Result<ReadProject> read(const std::filesystem::path& path);
    [[nodiscard]] Result<void> open(ReadProject read, const AskAboutFiles& ask = {});
    /// A new piece, not saved: a project on another song, whose beats are found first, in the background.
    /// What found no place in it is told by `done`, or why there is none; the open project then stays.
    void begin_from_template(const std::filesystem::path& pattern, const std::filesystem::path& song,
                             const AskAboutFiles& ask,
                             std::function<void(const Result<std::vector<std::string>>&)> done);
    /// In the background; the project counts as saved only when it is on the disk. `done` is always called.
    void save(const std::filesystem::path& path, ProjectStore::Overwrite overwrite,
              std::function<void(Result<void>)> done);
    /// The same, waiting for the disk.
    [[nodiscard]] Result<void> save_now(const std::filesystem::path& path);

    // -- recovery after a crash
    /// What a crash left behind becomes the open project, not saved; its copy stays until it is saved.
    [[nodiscard]] Result<void> recover(const std::shared_ptr<RecoveryFolder>& left);
    /// What is not saved yet is copied, and the copy stays when the program ends; saves under way are waited
    /// for, but not for longer than that. Whether nothing is lost when it ends now.
    bool keep_unsaved_work(std::chrono::milliseconds wait_for_saves = std::chrono::seconds(3));

    void say(const QString& message) { emit said(message); }

signals:
    void changed();          ///< the project is another value
    void sound_changed();    ///< the decoded sound is there, or gone
    void heard_changed();    ///< the sum as it is drawn, not the song
    void plan_changed();     ///< what is heard
    void listened_changed(); ///< what is listened to, or heard alone
    void spectrum_changed();
    void followers_changed();
    void trust_changed();
    void file_changed(); ///< path, saved or unsaved
    void said(const QString& message);
    void opened(); ///< another project: views start afresh

private:
    void begin(Project project, bool saved);
    void project_changed();
    void refresh_tops();
    void stop_background_work();

    History history_;
    mutable std::shared_ptr<RateSums> sums_; ///< of the schedule and these curves
    mutable std::shared_ptr<const FollowerCurves> summed_;
    Schedule schedule_;
    QTimer recovery_timer_;
    bool recovery_due_ = false;
    std::uint64_t session_ = 0; ///< rises with each project, so that late answers to the last one are dropped
    ProjectStore store_;
    Jobs jobs_;
    SoundBank sounds_;
    ThumbnailBank thumbnails_;
    ProxyBank proxies_{jobs_};
    FollowerBank followers_;
    DetectionController detection_;

    struct Compared {
        Shared<BeatGrid> grid;
        Shared<Detection> found;
        Shared<Song> song; ///< bars outside of it are not looked at
        friend bool operator==(const Compared&, const Compared&) = default;
    };
    Background<Compared, std::vector<BarTrust>> trust_;
};

} // namespace pulsepin
