// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "analysis/spectrum_map.h"
#include "check/grid_trust.h"
#include "ears.h"
#include "follow/feeds.h"
#include "jobs.h"
#include "media/load_sound.h"
#include "media/mix_down.h"
#include "model/history.h"
#include "schedule/lane_spans.h"
#include "schedule/sound_parts.h"
#include "session/project_store.h"

#include <QDateTime>
#include <QObject>
#include <QStringList>
#include <filesystem>
#include <map>
#include <optional>
#include <set>

namespace pulsepin {

/// The open project with its history, its file, and the decoded sound of its song.
class Document : public QObject {
    Q_OBJECT
public:
    explicit Document(QObject* parent = nullptr);
    ~Document() override;

    [[nodiscard]] const Project& project() const { return history_.current(); }
    [[nodiscard]] const Schedule& schedule() const { return schedule_; }
    /// The shots of a lane of cuts, as seen; empty for other lanes.
    [[nodiscard]] const std::vector<ShotSpan>& shots(LaneId lane) const { return spans(lane).shots; }
    /// What the pins of a lane last as.
    [[nodiscard]] const LaneSpans& spans(LaneId lane) const;
    /// Of the lanes that follow; those of before until the new ones are there.
    [[nodiscard]] const FollowerCurves& followers() const { return followers_; }
    /// followers() are those of the project as it is now.
    [[nodiscard]] bool followers_current() const { return followers_current_; }
    [[nodiscard]] Curves curves() const { return {project(), spans_, followers_}; }
    /// The shots that the preview shows: of the first lane of cuts.
    [[nodiscard]] const std::vector<ShotSpan>& shown_shots() const;
    [[nodiscard]] const LoadedSound* sound() const { return sound_ ? &*sound_ : nullptr; }
    /// What is heard and drawn: the song, or its sum with the sound lanes. Null until it is there.
    [[nodiscard]] const LoadedSound* heard() const { return sum_ ? &*sum_ : sound(); }
    /// A sound of the bin at the song's rate; null until it is there.
    [[nodiscard]] const LoadedSound* source(ClipId clip) const;
    /// How well each bar of the grid agrees with what was found; empty without both.
    [[nodiscard]] const std::vector<BarTrust>& trust() const;
    /// Null until it was computed.
    [[nodiscard]] std::shared_ptr<const SpectrumMap> spectrum() const { return spectrum_; }
    [[nodiscard]] Jobs& jobs() { return jobs_; }

    // -- changes, each one undo step
    void apply(Project project, const QString& name);
    /// Shows the error in the status line instead, and leaves all as it was.
    bool apply(Result<Project> project, const QString& name);
    void undo();
    void redo();
    [[nodiscard]] bool can_undo() const { return history_.can_undo(); }
    [[nodiscard]] bool can_redo() const { return history_.can_redo(); }
    [[nodiscard]] QString undo_name() const;
    [[nodiscard]] QString redo_name() const;

    // -- the song; runs in the background
    void open_song(const std::filesystem::path& path);
    /// Finds the beats in the background; the found grid replaces the present one when `take_grid`.
    void detect(const GridConditions& conditions, bool take_grid);
    [[nodiscard]] Ears& ears() { return ears_; }
    [[nodiscard]] const Ears& ears() const { return ears_; }
    /// Adds a sound file, or the sound of a video, to the first sound lane at that time; makes the lane if
    /// need be.
    void add_sound(const std::filesystem::path& path, Seconds at);
    void add_clips(const std::vector<std::filesystem::path>& paths);

    // -- the file
    [[nodiscard]] ProjectStore& store() { return store_; }
    [[nodiscard]] const ProjectStore& store() const { return store_; }
    [[nodiscard]] const std::filesystem::path& path() const { return store_.path(); }
    [[nodiscard]] QString title() const; ///< of the window: the file's name, or "Untitled"
    [[nodiscard]] bool unsaved() const { return !history_.is_saved(); }
    void start_new();
    [[nodiscard]] Result<void> open(const std::filesystem::path& path);
    /// In the background; the project counts as saved only when it is on the disk. `done` is always called.
    void save(const std::filesystem::path& path, ProjectStore::Overwrite overwrite,
              std::function<void(Result<void>)> done);
    /// The same, waiting for the disk.
    [[nodiscard]] Result<void> save_now(const std::filesystem::path& path);

    // -- recovery after a crash
    /// What a crash left behind becomes the open project, not saved; its copy stays until it is saved.
    [[nodiscard]] Result<void> recover(const std::shared_ptr<RecoveryFolder>& left);
    /// What is not saved yet is copied, and the copy stays when the program ends.
    void keep_unsaved_work();

    void say(const QString& message) { emit said(message); }

signals:
    void changed();       ///< the project is another value
    void sound_changed(); ///< the decoded sound is there, or gone
    void heard_changed(); ///< the mix, not the song
    void spectrum_changed();
    void followers_changed();
    void file_changed(); ///< path, saved or unsaved
    void said(const QString& message);
    void opened(); ///< another project: views start afresh

private:
    void begin(Project project, bool saved);
    void project_changed();
    void derive();
    void load_sound_of_project();
    void take_sound(std::optional<LoadedSound> sound);
    void look_at_spectrum();
    void update_sum();
    void update_followers();
    void load_source(const Clip& clip);
    void stop_background_work();

    History history_;
    Schedule schedule_;
    std::map<LaneId, LaneSpans> spans_;
    FollowerCurves followers_;
    LevelTracks tracks_;              ///< levels of the song that were measured
    std::optional<Project> followed_; ///< what followers_ are computed from, or about to be
    std::shared_ptr<const SampleStore> followed_sound_;
    bool followers_current_ = true;
    Project derived_; ///< what schedule_ and spans_ were derived from
    mutable std::vector<BarTrust> trust_;
    mutable Shared<BeatGrid> trust_grid_; ///< what it was computed from
    mutable Shared<Detection> trust_found_;
    std::optional<LoadedSound> sound_;
    std::shared_ptr<const SpectrumMap> spectrum_;
    std::map<ClipId, LoadedSound> sources_;
    std::set<ClipId> sources_asked_;
    std::optional<LoadedSound> sum_;
    struct Summed {
        std::vector<SoundPart> parts;
        bool with_song = true;
        friend bool operator==(const Summed&, const Summed&) = default;
    };
    std::optional<Summed> summed_ = Summed{}; ///< what sum_ was made of, or is being made of; none: ask again
    bool spectrum_asked_ = false;
    std::optional<Song> loading_;
    std::optional<Song> loaded_; ///< whose samples sound_ holds
    QTimer recovery_timer_;
    bool recovery_due_ = false;
    std::uint64_t session_ = 0; ///< rises with each project, so that late results of the last one are dropped
    ProjectStore store_;
    Ears ears_;
    Jobs jobs_;
};

} // namespace pulsepin
