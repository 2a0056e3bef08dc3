// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "follow/follow.h"
#include "session/background.h"
#include "session/sound_bank.h"

namespace pulsepin {

/// The curves of the project's followers, computed in the background whenever what they follow has changed.
class FollowerBank : public QObject {
    Q_OBJECT
public:
    explicit FollowerBank(Jobs& jobs, QObject* parent = nullptr);

    /// Of a project as it is now, and the sounds of it that are there.
    void want(const Project& project, const SoundBank& sounds);
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
        ProjectSounds sounds;
        std::shared_ptr<Listening> listening;
        friend bool operator==(const Key& a, const Key& b) {
            return a.sounds == b.sounds && follows_the_same(a.project, b.project);
        }
    };
    Background<Key, FollowerCurves> curves_;
};

} // namespace pulsepin
