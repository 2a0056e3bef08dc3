// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "detect/row_finder.h"
#include "session/background.h"

#include "follow/listening.h"
#include "model/project.h"

#include <QObject>
#include <functional>
#include <memory>
#include <optional>

namespace pulsepin {

class Document;

/// Detects beats and onsets in the open song, in what lies beside it, or in parts of these. The features of
/// each sound are extracted once, in the background, and kept in the user's cache; from them, beats and rows
/// of onsets are found again at once whenever someone asks for others.
class DetectionController : public QObject {
    Q_OBJECT
public:
    explicit DetectionController(Document& document);

    /// Finds tempo, beats, bars, onsets and sections in what is listened to (SoundBank::listened); the found
    /// grid replaces the present one when `take_grid`. Onsets are shown as soon as they are there, before
    /// beats are found.
    void detect(const GridConditions& conditions, bool take_grid);

    /// Finds the grid again under conditions and shows it beside the present one, which stays until it is
    /// taken.
    void propose(const GridConditions& conditions) { propose(conditions, false); }
    /// Nothing is said where it would be the grid that is there.
    void propose_if_different(const GridConditions& conditions) { propose(conditions, true); }
    /// What was found again, with the held beats as they were; null when there is nothing to decide.
    [[nodiscard]] const BeatGrid* proposal() const { return proposal_ ? &proposal_->grid : nullptr; }
    void take_proposal();
    void leave_proposal();

    /// Remembers at which level the beats of this song come, half or twice as fast as they might be, so that
    /// songs with a like rhythm lean to the same. On this computer only.
    void remember_level();
    void forget_levels();

    /// What was found, as it is shown now: with a row that someone is trying out, or before anything is kept.
    /// Null when nothing was.
    [[nodiscard]] std::shared_ptr<const Detection> shown() const;

    /// Shows a row as it would be with other settings, without keeping it. Extracts features first if need
    /// be.
    void try_row(std::size_t index, const OnsetRow& row);
    /// Keeps what is shown as one step that can be undone.
    void keep_row();
    /// A new row with the sounds like those between two times.
    void add_row_like(Seconds from, Seconds until);
    void add_row(const OnsetRow& row);
    void remove_row(std::size_t index);

    [[nodiscard]] bool ready() const; ///< the features of what is listened to are there
    void forget();                    ///< another song

signals:
    void shown_changed();
    void proposal_changed();

private:
    struct TriedRow {
        std::size_t index = 0;
        OnsetRow row; ///< without its onsets
        std::shared_ptr<RowFinder> finder;
        friend bool operator==(const TriedRow&, const TriedRow&) = default;
    };
    using Features = std::shared_ptr<const FeatureSet>;
    /// One sound as it is heard by detection.
    struct Heard {
        Heard(Jobs& jobs, std::shared_ptr<Listening> listening);
        Background<SoundRecipe, FeatureSet> features;
        std::shared_ptr<RowFinder> finder; ///< in them
        Features found_in;                 ///< those that the finder is for
    };

    /// Calls `then` with what is heard of a sound, its features and finder there; says why it cannot.
    void with_heard(const Listened& listened, std::function<void(const Heard&)> then);
    /// Finds beats in features; the answer is for this song, or it is not given.
    void analyze_song(const QString& name, const GridConditions& conditions, const Features& features,
                      std::function<void(const Analysis&)> then);
    [[nodiscard]] bool any_under_way() const;
    /// Shows what starts in the first minutes while features of a long song are still being extracted.
    void show_beginning(const LoadedSound& sound);
    void show(std::shared_ptr<const Detection> detection);
    void show_tried_row();
    void take_over(const Analysis& found, const Listened& of, bool take_grid);
    void add_found(OnsetRow row);

    Document& document_;
    std::map<Listened, std::unique_ptr<Heard>> heard_;
    std::uint64_t song_ = 0; ///< rises with each song, so that late answers to the last one are dropped
    Background<TriedRow, std::vector<FoundOnset>> tried_;
    bool keep_when_found_ = false;
    void leave_what_is_over();
    std::shared_ptr<const Detection> shown_;        ///< instead of the project's, as long as that is
    std::shared_ptr<const Detection> shown_beside_; ///< this one
    struct Proposal {
        Detection found;
        BeatGrid grid; ///< the found one with what was held
    };
    void propose(const GridConditions& conditions, bool if_different);
    std::optional<Proposal> proposal_;
};

} // namespace pulsepin
