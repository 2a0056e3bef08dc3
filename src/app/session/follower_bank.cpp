// SPDX-License-Identifier: GPL-3.0-or-later
#include "session/follower_bank.h"

#include "session/sound_cache.h"

namespace pulsepin {

FollowerBank::FollowerBank(Jobs& jobs, QObject* parent)
    : QObject(parent), curves_(jobs, [](const Key& wanted) {
          return Background<Key, FollowerCurves>::Work{
              JobQueue::Follow, tr("Following the music"), [wanted](const Progress& p) {
                  return follow(wanted.project, wanted.sound.get(), *wanted.levels, p);
              }};
      }) {
    connect(&curves_, &BackgroundSignals::ready, this, &FollowerBank::changed);
    connect(&curves_, &BackgroundSignals::failed, this,
            [this](const Error& error) { emit said(QString::fromStdString(error.message())); });
}

void FollowerBank::want(const Project& project, const LoadedSound* song) {
    const auto sound = song ? song->samples : nullptr;
    if (sound != sound_) {
        sound_ = sound;
        levels_ = song ? std::make_shared<LevelTracks>(sound_cache::level_shelf(song->fingerprint))
                       : std::make_shared<LevelTracks>();
    }
    Key wanted{project, sound, levels_};
    if (!has_followers(project)) { // known at once
        if (!curves()->empty() || !curves_.is_current())
            curves_.put(std::move(wanted), std::make_shared<const FollowerCurves>());
        return;
    }
    curves_.want(std::move(wanted));
}

void FollowerBank::clear() {
    curves_.clear();
    sound_ = nullptr;
    levels_ = std::make_shared<LevelTracks>();
}

std::shared_ptr<const FollowerCurves> FollowerBank::curves() const {
    static const auto none = std::make_shared<const FollowerCurves>();
    return curves_.value() ? curves_.value() : none;
}

} // namespace pulsepin
