// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "analysis/analyze.h"
#include "analysis/likeness.h"
#include "jobs.h"
#include "media/load_sound.h"
#include "model/project.h"

#include <QObject>
#include <functional>
#include <map>
#include <memory>
#include <optional>
#include <string>

namespace pulsepin {

class Document;

/// Listens to the open song: once, in the background. From what was heard then, beats and rows of onsets are
/// found again at once whenever someone asks for others. What was heard is kept in the user's cache under the
/// fingerprint of the samples.
class Ears : public QObject {
    Q_OBJECT
public:
    explicit Ears(Document& document);

    /// Finds tempo, beats, bars, onsets and sections; the found grid replaces the present one when
    /// `take_grid`. What was heard is shown as soon as it is there, before beats are found.
    void detect(const GridConditions& conditions, bool take_grid);

    /// Finds the grid again under conditions and shows it beside the present one, which stays until it is
    /// taken.
    void propose(const GridConditions& conditions);
    /// What was found again, with the held beats as they were; null when there is nothing to decide.
    [[nodiscard]] const BeatGrid* proposal() const { return proposal_ ? &proposal_->grid : nullptr; }
    void take_proposal();
    void leave_proposal();

    /// What was found, as it is shown now: with a row that someone is trying out. Null when nothing was.
    [[nodiscard]] std::shared_ptr<const Detection> shown() const;

    /// Shows a row as it would be with other settings, without keeping it. Listens first if need be.
    void try_row(std::size_t index, const OnsetRow& row);
    /// Keeps what is shown as one step that can be undone.
    void keep_row();
    /// A new row with the sounds like those between two times.
    void add_row_like(Seconds from, Seconds until);
    void add_row(const OnsetRow& row);
    void remove_row(std::size_t index);

    [[nodiscard]] bool ready() const { return heeded_ != nullptr; }
    void forget(); ///< another song

signals:
    void shown_changed();
    void proposal_changed();

private:
    void when_heard(std::function<void()> then);
    /// Shows what starts in the first minutes while a long song is still being listened to.
    void show_beginning(const LoadedSound& sound);
    void show(std::shared_ptr<const Detection> detection);
    /// Hands on the onsets of a row: at once where only sliders moved, else after a short job.
    void find(const OnsetRow& row, std::function<void(std::vector<FoundOnset>)> then);
    void try_next();

    Document& document_;
    std::shared_ptr<const Heeded> heeded_;
    std::shared_ptr<const SampleStore> heard_of_; ///< whose samples heeded_ was heard of
    std::shared_ptr<const Detection> trying_;     ///< shown instead of the project's
    struct Proposal {
        Detection found;
        BeatGrid grid; ///< the found one with what was held
    };
    std::optional<Proposal> proposal_;
    std::size_t tried_row_ = 0;
    std::optional<OnsetRow> wanted_row_; ///< the newest that was asked for while another was being found
    bool finding_ = false, keep_when_found_ = false;

    // What finding a row again and again with other sliders has in common, by what it depends on.
    std::map<std::string, std::shared_ptr<const OnsetFinder>> finders_;
    std::map<std::string, std::shared_ptr<const std::vector<Likeness>>> likenesses_;
};

} // namespace pulsepin
