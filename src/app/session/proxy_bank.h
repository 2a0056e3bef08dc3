// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "model/project.h"
#include "session/jobs.h"

#include <map>
#include <set>

namespace pulsepin {

/// Small stand-ins for clips that are slow to show: made in the background, one after the other, and kept in
/// the user's cache up to a limit; the folder may be deleted at any time. The picture uses them, what is
/// handed on names the originals.
class ProxyBank : public QObject {
    Q_OBJECT
public:
    explicit ProxyBank(Jobs& jobs, QObject* parent = nullptr);

    enum class State { NotNeeded, OnItsWay, There, Failed };
    [[nodiscard]] State state(const Clip& clip) const;
    /// Why there is none; empty unless it failed.
    [[nodiscard]] QString why_not(const Clip& clip) const;
    /// The file whose pictures are shown: the proxy where there is one. A clip that is asked for the first
    /// time is looked at in the background.
    [[nodiscard]] std::filesystem::path file_of(const Clip& clip);

    /// What failed or was cancelled is tried again, as with another project.
    void look_again();

    /// Where they lie, and how many bytes they may take.
    [[nodiscard]] static std::filesystem::path folder();

signals:
    void changed(); ///< one is there, or was begun

private:
    void look_at(const std::filesystem::path& clip);
    void make(const std::filesystem::path& clip, const std::filesystem::path& proxy);
    Jobs& jobs_;
    struct Known {
        State state = State::NotNeeded;
        std::filesystem::path proxy;
        QString why_not;
    };
    std::map<std::filesystem::path, Known> known_; ///< by the clip's file
};

/// The oldest files of the folder go until the others take no more than that.
void keep_within(const std::filesystem::path& folder, std::int64_t bytes);

} // namespace pulsepin
