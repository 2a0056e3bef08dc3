// SPDX-License-Identifier: GPL-3.0-or-later
#include "session/follower_bank.h"
#include "session/core_words.h"

namespace pulsepin {

FollowerBank::FollowerBank(Jobs& jobs, QObject* parent)
    : QObject(parent), curves_(jobs, [](const Key& wanted) {
          return Background<Key, FollowerCurves>::Work{
              JobQueue::Follow, tr("Following the music"), [wanted](const Progress& p) {
                  return follow(wanted.project, wanted.sounds, *wanted.listening, p);
              }};
      }) {
    connect(&curves_, &BackgroundSignals::ready, this, &FollowerBank::changed);
    connect(&curves_, &BackgroundSignals::failed, this,
            [this](const Error& error) { emit said(spoken(error)); });
}

void FollowerBank::want(const Project& project, const SoundBank& sounds) {
    Key wanted{project, sounds.sounds(), sounds.listening()};
    if (!has_followers(project)) { // known at once
        if (!curves()->empty() || !curves_.is_current())
            curves_.put(std::move(wanted), std::make_shared<const FollowerCurves>());
        return;
    }
    curves_.want(std::move(wanted));
}

void FollowerBank::clear() {
    curves_.clear();
}

std::shared_ptr<const FollowerCurves> FollowerBank::curves() const {
    static const auto none = std::make_shared<const FollowerCurves>();
    return curves_.value() ? curves_.value() : none;
}

} // namespace pulsepin
