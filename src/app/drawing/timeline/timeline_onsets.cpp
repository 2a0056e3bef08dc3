// SPDX-License-Identifier: GPL-3.0-or-later
//
// Rows of onsets under the mouse: corrected one by one.
#include "drawing/timeline/paint_song.h"
#include "drawing/timeline/timeline_view.h"
#include "model/onset_edits.h"

#include <QInputDialog>
#include <QMenu>
#include <algorithm>
#include <cmath>

namespace pulsepin {
namespace {

constexpr double reach = 6; // pixels

} // namespace

QRectF TimelineView::onset_row(std::size_t index) const {
    const auto detection = document_.detection().shown();
    for (const auto& row : shown_onset_rows(detection.get(), onsets_))
        if (static_cast<std::size_t>(row.row - detection->rows.data()) == index)
            return row.place;
    return {};
}

std::optional<std::size_t> TimelineView::onset_row_at(QPointF at) const {
    const auto detection = document_.detection().shown();
    for (const auto& row : shown_onset_rows(detection.get(), onsets_))
        if (row.place.contains(at))
            return static_cast<std::size_t>(row.row - detection->rows.data());
    return std::nullopt;
}

/// Of the project itself; one that someone is trying out is none yet.
std::optional<std::pair<std::size_t, QRectF>> TimelineView::row_of_onsets_at(QPointF at) const {
    const auto index = onset_row_at(at);
    const auto& detection = document_.project().detection;
    if (!index || !detection || *index >= detection->rows.size())
        return std::nullopt;
    return std::pair{*index, onset_row(*index)};
}

/// What was deleted can be taken hold of where it lay, to be brought back.
std::optional<ViewState::ChosenOnset> TimelineView::onset_under(QPointF at) const {
    const auto index = onset_row_at(at);
    const auto& detection = document_.project().detection;
    if (!index || !detection || *index >= detection->rows.size())
        return std::nullopt;
    std::optional<ViewState::ChosenOnset> found;
    double nearest = reach;
    const auto look_at = [&](Seconds time) {
        if (const double away = std::abs(scale().x(time) - at.x()); away <= nearest) {
            nearest = away;
            found = ViewState::ChosenOnset{*index, time};
        }
    };
    const OnsetRow& row = detection->rows[*index];
    const Seconds from = scale().time(at.x() - reach), until = scale().time(at.x() + reach);
    for (auto onset = std::lower_bound(row.onsets.begin(), row.onsets.end(), from,
                                       [](const FoundOnset&o, Seconds t) { return o.time < t; });
         onset != row.onsets.end() && onset->time <= until; ++onset)
        look_at(onset->time);
    for (const auto& one : row.by_hand)
        if (!one.now)
            look_at(*one.was);
    return found;
}

/// In its row, or from the waveform into the first one that is shown.
void TimelineView::add_onset_at(QPointF at) {
    const auto detection = document_.detection().shown();
    auto row = onset_row_at(at);
    if (const auto shown = shown_onset_rows(detection.get(), onsets_); !row && !shown.empty())
        row = static_cast<std::size_t>(shown.front().row - detection->rows.data());
    if (!row)
        return;
    const Seconds time = scale().time(at.x());
    if (document_.apply(with_onset_added(document_.project(), *row, time), tr("add onset")))
        view_.choose_onset(ViewState::ChosenOnset{*row, time});
}

void TimelineView::show_onset_menu(QPoint global, QPointF at) {
    const auto onset = onset_under(at);
    if (!onset)
        return;
    view_.choose_onset(onset);
    const OnsetRow& row = document_.project().detection->rows[onset->row];
    const auto there = std::find_if(row.onsets.begin(), row.onsets.end(),
                                    [&](const FoundOnset& one) { return one.time == onset->time; });
    const bool corrected_here =
        std::any_of(row.by_hand.begin(), row.by_hand.end(), [&](const OnsetRow::Correction& one) {
            return (one.now ? one.now : one.was) == onset->time;
        });
    QMenu menu(this);
    menu.setObjectName("onset menu");
    if (there != row.onsets.end()) {
        menu.addAction(tr("Strength…"), this, [this, onset, now = there->strength] {
            bool wanted = false;
            const double percent =
                QInputDialog::getDouble(this, tr("Strength"), tr("Against the strongest, in percent"),
                                        static_cast<double>(now) * 100, 0, 100, 0, &wanted);
            if (wanted)
                document_.apply(with_onset_strength(document_.project(), onset->row, onset->time,
                                                    static_cast<float>(percent / 100)),
                                tr("strength of onset"));
        });
        menu.addAction(tr("Delete"), this, [this, onset] {
            document_.apply(with_onset_deleted(document_.project(), onset->row, onset->time),
                            tr("delete onset"));
        });
    }
    if (corrected_here)
        menu.addAction(tr("As it was found"), this, [this, onset] {
            document_.apply(with_correction_taken_back(document_.project(), onset->row, onset->time),
                            tr("take back correction"));
        });
    menu.exec(global);
}

} // namespace pulsepin
