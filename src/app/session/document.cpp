// SPDX-License-Identifier: GPL-3.0-or-later
#include "session/document.h"
#include "hand/finished.h"
#include "kinds/kinds.h"

#include "fields/within_limits.h"
#include "follow/curve_peaks.h"
#include "model/edits.h"
#include "session/core_words.h"
#include "session/settings.h"

#include <utility>

namespace pulsepin {
namespace {

/// Without those that lie before or after it, as where only a range was kept.
std::vector<BarTrust> in_song(std::vector<BarTrust> bars, const Song* song) {
    if (song)
        std::erase_if(bars, [end = song->duration()](const BarTrust& bar) {
            return bar.until <= Seconds(0) || bar.from >= end;
        });
    return bars;
}

} // namespace

Document::Document(QObject* parent)
    : QObject(parent), history_(fresh_project()), schedule_(history_.current()), sounds_(jobs_),
      followers_(jobs_), detection_(*this), trust_(jobs_, [](const Compared& key) {
          return decltype(trust_)::Work{JobQueue::Analyse, tr("comparing the grid with what is heard"),
                                        [key](const Progress&) -> Result<std::vector<BarTrust>> {
                                            return in_song(trust_by_bar(*key.grid, key.found->onsets()),
                                                           key.song.get());
                                        }};
      }) {
    load_settings();
    connect(&recovery_timer_, &QTimer::timeout, this, [this] {
        if (std::exchange(recovery_due_, false))
            store_.keep_copy(project());
    });
    connect(&store_, &ProjectStore::copy_not_kept, this, [this] { recovery_due_ = unsaved(); });
    connect(&store_, &ProjectStore::changed, this, &Document::file_changed);
    connect(&sounds_, &SoundBank::said, this, &Document::say);
    connect(&sounds_, &SoundBank::heard_changed, this, &Document::heard_changed);
    connect(&sounds_, &SoundBank::spectrum_changed, this, &Document::spectrum_changed);
    connect(&sounds_, &SoundBank::song_changed, this, [this] {
        detection_.forget();
        followers_.want(project(), sounds_);
        emit sound_changed();
    });
    connect(&sounds_, &SoundBank::plan_changed, this, &Document::plan_changed);
    connect(&sounds_, &SoundBank::sounds_changed, this, [this] { followers_.want(project(), sounds_); });
    connect(&sounds_, &SoundBank::listened_changed, this, &Document::listened_changed);
    connect(&followers_, &FollowerBank::changed, this, &Document::refresh_tops);
    connect(&followers_, &FollowerBank::said, this, &Document::say);
    connect(&followers_, &FollowerBank::changed, this, &Document::followers_changed);
    connect(&trust_, &BackgroundSignals::ready, this, &Document::trust_changed);
    recovery_timer_.start();
}

Document::~Document() = default;

void Document::load_settings() {
    recovery_timer_.setInterval(static_cast<int>(setting_number("files/recovery")) * 1000);
}

const std::vector<ShotSpan>& Document::shown_shots() const {
    const Lane* lane = project().first_lane(body_type<CutBody>);
    return shots(lane ? lane->id : LaneId{});
}

const std::vector<BarTrust>& Document::trust() const {
    static const std::vector<BarTrust> none;
    return trust_.value() ? *trust_.value() : none;
}

void Document::with_trust(std::function<void(const std::vector<BarTrust>&)> answer) {
    if (!project().grid || !project().detection)
        return answer({});
    trust_.ask(
        {project().grid, project().detection, project().song},
        [answer = std::move(answer)](const Result<std::shared_ptr<const std::vector<BarTrust>>>& trust) {
            if (trust)
                answer(**trust);
        });
}

// -- changes

void Document::project_changed() {
    schedule_ = Schedule(project(), schedule_);
    sums_.reset();
    recovery_due_ = unsaved();
    sounds_.want(schedule_);
    followers_.want(project(), sounds_);
    if (project().grid && project().detection)
        trust_.want({project().grid, project().detection, project().song});
    else
        trust_.clear();
    emit changed();
    emit file_changed();
}

/// Rows that are made of a follower's tops go with it; they are no step of their own.
void Document::refresh_tops() {
    if (!followers_.is_current())
        return;
    Project next = with_tops_refreshed(project(), followers());
    if (next.detection == project().detection)
        return;
    history_.amend(std::move(next));
    project_changed();
}

void Document::apply(Project next, const QString& name) {
    next = finished(project(), std::move(next));
    if (same_content(next, project()))
        return;
    if (auto trouble = beyond_limits(next, project()))
        return say(spoken(*trouble));
    history_.push(std::move(next), name.toStdString());
    project_changed();
}

bool Document::apply(Result<Project> next, const QString& name) {
    if (!next) {
        say(spoken(next.error()));
        return false;
    }
    apply(*std::move(next), name);
    return true;
}

void Document::undo() {
    if (!can_undo())
        return;
    say(tr("Undone: %1").arg(undo_name()));
    history_.undo();
    project_changed();
}

void Document::redo() {
    if (!can_redo())
        return;
    say(tr("Done again: %1").arg(redo_name()));
    history_.redo();
    project_changed();
}

QString Document::undo_name() const {
    return can_undo() ? spoken(history_.undo_name()) : QString();
}
QString Document::redo_name() const {
    return can_redo() ? spoken(history_.redo_name()) : QString();
}

Curves Document::curves() const {
    auto followers = followers_.curves();
    if (!sums_ || summed_ != followers) {
        sums_ = std::make_shared<RateSums>();
        summed_ = followers;
    }
    return {schedule_, std::move(followers), sums_};
}

} // namespace pulsepin
