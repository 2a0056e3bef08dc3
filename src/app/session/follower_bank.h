// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "follow/follow.h"
#include "media/load_sound.h"
#include "session/background.h"

namespace pulsepin {

/// The curves of the project's followers, computed in the background whenever what they follow has changed.
class FollowerBank : public QObject {
    Q_OBJECT
public:
    explicit FollowerBank(Jobs& jobs, QObject* parent = nullptr);

    /// Of a project as it is now, and its song's sound; null until that is there.
    void want(const Project& project, const LoadedSound* song);
    void clear();

    /// Those of before until the new ones are there; never null.
    [[nodiscard]] std::shared_ptr<const FollowerCurves> curves() const;
    [[nodiscard]] bool is_current() const { return curves_.is_current(); }

signals:
    void changed();
    void said(const QString& message);

private:
    struct Key {
        Project project;
        std::shared_ptr<const SampleStore> sound;
        std::shared_ptr<LevelTracks> levels; ///< of the sound
        friend bool operator==(const Key& a, const Key& b) {
            return a.sound == b.sound && follows_the_same(a.project, b.project);
        }
    };
    std::shared_ptr<const SampleStore> sound_;
    std::shared_ptr<LevelTracks> levels_ = std::make_shared<LevelTracks>();
    Background<Key, FollowerCurves> curves_;
};

} // namespace pulsepin
