// SPDX-License-Identifier: GPL-3.0-or-later
#include "drawing/canvas/gestures/shape_song.h"
#include "schedule/piece_length.h"
#include "session/number_text.h"

#include <algorithm>
#include <cmath>

namespace pulsepin {

void ShapeSong::drag_to(QPointF at, Qt::KeyboardModifiers keys) {
    const bool off_grid = keys & Qt::ShiftModifier;
    const SoundBody body = heard_song(project());
    Seconds by = placement().carried(pressed_time(), from(), at) - pressed_time();
    const Seconds edge = edge_ == SoundEdge::Start ? body.in_point : body.in_point + body.length;
    if (edge_ == SoundEdge::Start || edge_ == SoundEdge::End)
        by = context().snapped(edge + by, off_grid) - edge;
    if (!show(with_song_edge(project(), edge_, by)))
        return;
    const SoundBody changed = heard_song(draft()->project());
    tell(tr("heard from %1 s for %2 s, fades %3 s and %4 s")
             .arg(number_text(changed.in_point.value, 2))
             .arg(number_text(changed.length.value, 2))
             .arg(number_text(changed.fade_in.value, 2))
             .arg(number_text(changed.fade_out.value, 2)));
}

std::optional<Gesture::Edit> ShapeSong::end(Qt::KeyboardModifiers) {
    const bool fade = edge_ == SoundEdge::FadeIn || edge_ == SoundEdge::FadeOut;
    return edit(fade ? tr("fade song") : tr("shorten song"));
}

DragGain::DragGain(GestureContext context, SoundChoice sound, const GainLineView& view, QPointF from)
    : Gesture(std::move(context), from), sound_(sound), line_(view.line), row_(view.row), scale_(view.scale),
      zero_(view.zero) {
    if (const auto there = view.point_under(from)) {
        point_ = *there;
        return;
    }
    const Seconds at = view.at(from.x());
    const auto next = std::upper_bound(line_.begin(), line_.end(), at,
                                       [](Seconds a, const GainPoint& point) { return a < point.at; });
    point_ = static_cast<std::size_t>(next - line_.begin());
    line_.insert(next, {at, line_db_at(view.line, at)});
    added_ = true;
}

void DragGain::drag_to(QPointF at, Qt::KeyboardModifiers keys) {
    const GainLineView view{row_, scale_, zero_, line_};
    auto line = line_;
    GainPoint& point = line[point_];
    const double finer = keys & Qt::ShiftModifier ? 0.2 : 1;
    point.db = std::round(view.db(view.y(point.db) + (at.y() - from().y()) * finer) * 10) / 10;
    // Between its neighbours: points do not overtake each other.
    const Seconds least = point_ > 0 ? line[point_ - 1].at + Seconds(0.001) : Seconds(-1e6),
                  most = point_ + 1 < line.size() ? line[point_ + 1].at - Seconds(0.001) : Seconds(1e6);
    point.at = std::clamp(point.at + (view.at(at.x()) - view.at(from().x())), least, std::max(least, most));
    if (show(with_gain_line(project(), sound_, line)))
        tell(tr("%1 dB at %2 s").arg(number_text(point.db, 1)).arg(number_text((point.at + zero_).value, 2)));
}

std::optional<Gesture::Edit> DragGain::end(Qt::KeyboardModifiers) {
    if (!draft() && added_) // a press alone adds one
        show(with_gain_line(project(), sound_, line_));
    return edit(added_ ? tr("add point of gain") : tr("move point of gain"));
}

void DragPieceEnd::drag_to(QPointF at, Qt::KeyboardModifiers keys) {
    const auto& settings = *project().settings;
    const auto rate = settings.frame_rate;
    const Seconds time =
        std::max(context().snapped(placement().time_at(at), keys & Qt::ShiftModifier), Seconds(0));
    // On the frame, so that pictures and sound begin together.
    const Seconds on_frame = rate.start_of(rate.frame_at(time + rate.frame_length() / 2));
    const bool begin = end_ == PieceView::End::Begin;
    std::optional<Seconds> wanted = on_frame;
    constexpr double near = 6; // pixels
    const auto with_the_song = with_piece(project(), settings.begins, std::nullopt);
    const Seconds own = begin || !with_the_song ? Seconds(0) : piece_end(*with_the_song);
    if (placement().distance(time, own) < near)
        wanted.reset();
    if (show(begin ? with_piece(project(), wanted, settings.ends)
                   : with_piece(project(), settings.begins, wanted)))
        tell(!wanted ? (begin ? tr("begins with the song") : tr("ends with what is heard longest"))
             : begin ? tr("begins at %1 s").arg(number_text(wanted->value, 3))
                     : tr("ends at %1 s").arg(number_text(wanted->value, 3)));
}

std::optional<Gesture::Edit> DragPieceEnd::end(Qt::KeyboardModifiers) {
    return edit(end_ == PieceView::End::Begin ? tr("start of the piece") : tr("end of the piece"));
}

} // namespace pulsepin
