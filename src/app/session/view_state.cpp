// SPDX-License-Identifier: GPL-3.0-or-later
#include "session/view_state.h"

#include "model/few_pins.h"

#include <algorithm>

namespace pulsepin {

template <class T>
void ViewState::change(T& member, T value, void (ViewState::*changed)()) {
    if (member == value)
        return;
    member = std::move(value);
    emit(this->*changed)();
}

void ViewState::next_snap() {
    set_snap(snap_ == Snap::Always ? Snap::Near : snap_ == Snap::Near ? Snap::Off : Snap::Always);
}

void ViewState::choose_layer(LayerId layer) {
    change(layer_, layer, &ViewState::layer_chosen);
}

void ViewState::tell_pulled(std::optional<Pulled> pulled) {
    change(pulled_, pulled, &ViewState::pulled_changed);
}

void ViewState::set_snap(Snap snap) {
    change(snap_, snap, &ViewState::snap_changed);
}

void ViewState::set_snaps_to(unsigned kinds) {
    change(snaps_to_, kinds, &ViewState::snap_changed);
}

void ViewState::choose_lane(LaneId lane) {
    change(lane_, lane, &ViewState::lane_chosen);
}

const Lane* ViewState::lane_of_kind(const Project& project, LaneKind kind) const {
    const Lane* current = project.lane(lane_);
    return current && current->kind == kind ? current : project.first_lane(kind);
}

void ViewState::set_names_width(int pixels) {
    change(names_width_, std::clamp(pixels, 96, 360), &ViewState::names_width_changed);
}

void ViewState::set_motion_lane(LaneId lane) {
    if (motion_lane_ == lane)
        return;
    motion_lane_ = lane;
    follower_step_.reset();
    emit motion_lane_changed();
}

void ViewState::set_follower_step(std::optional<std::size_t> step) {
    if (follower_step_ == step)
        return;
    follower_step_ = step;
    emit motion_lane_changed();
}

void ViewState::set_check_marks(std::optional<CheckMarks> marks) {
    change(check_marks_, std::move(marks), &ViewState::check_marks_changed);
}

void ViewState::set_look(const SongLook& look) {
    change(look_, look, &ViewState::look_changed);
}

void ViewState::set_grid_rows(bool shown) {
    change(grid_rows_, shown, &ViewState::grid_rows_changed);
}

void ViewState::choose_beat(std::optional<std::int64_t> beat) {
    change(beat_, beat, &ViewState::grid_rows_changed);
}

void ViewState::set_course(std::optional<CoursePreview> course) {
    if (!course && !course_)
        return;
    course_ = std::move(course);
    emit grid_rows_changed();
}

void ViewState::set_trial(std::optional<Trial> trial) {
    if (!trial && !trial_)
        return;
    trial_ = std::move(trial);
    emit trial_changed();
}

void ViewState::choose_lamps(std::vector<LampId> lamps) {
    change(lamps_, std::move(lamps), &ViewState::lamps_chosen);
}

void ViewState::set_light_brush(const LightBody& brush) {
    change(light_brush_, brush, &ViewState::light_brush_changed);
}

void ViewState::set_said_places(std::vector<Seconds> places) {
    change(said_places_, std::move(places), &ViewState::outlines_changed);
}

void ViewState::leave_piece() {
    set_said_places({});
    set_trial(std::nullopt);
    select({});
    set_range(std::nullopt);
    set_looping(false);
    set_outlines({}, std::nullopt);
    hear_outlines(false);
    set_course(std::nullopt);
    set_check_marks(std::nullopt);
    choose_beat(std::nullopt);
    choose_onset(std::nullopt);
    open_event({});
    choose_layer({});
    choose_lane({});
    choose_lamps({});
    set_motion_lane({});
    set_playhead(Seconds(0));
}

void ViewState::set_playhead(Seconds time) {
    change(playhead_, time, &ViewState::playhead_moved);
}

void ViewState::set_range(std::optional<TimeRange> range) {
    change(range_, range, &ViewState::range_changed);
}

void ViewState::set_looping(bool looping) {
    change(looping_, looping, &ViewState::range_changed);
}

void ViewState::select(PinSet pins) {
    change(selection_, std::move(pins), &ViewState::selection_changed);
}

bool ViewState::press(PinId pin, bool adding) {
    auto pins = selection_;
    if (adding) {
        if (!pins.erase(pin))
            pins.insert(pin);
    } else if (!pins.contains(pin)) {
        pins = {pin};
    }
    select(std::move(pins));
    return selection_.contains(pin);
}

void ViewState::set_outlines(LaneId lane, std::optional<PlacePreview> outlines) {
    if (!outlines && !outlines_)
        return;
    outline_lane_ = lane;
    outlines_ = std::move(outlines);
    emit outlines_changed();
}

void ViewState::follow(const Project& project) {
    std::vector<PinId> there;
    if (selection_.size() <= few_pins)
        std::ranges::copy_if(selection_, std::back_inserter(there),
                             [&](PinId id) { return project.pin(id) != nullptr; });
    else
        for (const auto& lane : project.lanes)
            for (const auto& pin : lane->pins)
                if (selection_.contains(pin.id))
                    there.push_back(pin.id);
    if (there.size() != selection_.size())
        select({there.begin(), there.end()});
    if (lane_.value != 0 && !project.lane(lane_))
        choose_lane({});
    if (layer_.value != 0 && !project.stage->layer(layer_))
        choose_layer({});
    auto lamps = lamps_;
    std::erase_if(lamps, [&](LampId id) { return !project.rig->fixture(id) && !project.rig->group(id); });
    choose_lamps(std::move(lamps));
    const auto before = std::exchange(grid_, project.grid);
    if (beat_ && (!grid_ || *beat_ < grid_->first_beat() || *beat_ > grid_->last_beat()))
        choose_beat(std::nullopt);
    const bool same_names = before && grid_ && before != grid_ &&
                            before->first_beat() == grid_->first_beat() &&
                            before->last_beat() == grid_->last_beat() && before->metres() == grid_->metres();
    if (same_names && range_)
        set_range(TimeRange{grid_->time_at(before->beats_at(range_->from)),
                            grid_->time_at(before->beats_at(range_->until))});
}

void ViewState::hear_outlines(bool heard) {
    change(hears_outlines_, heard, &ViewState::outlines_changed);
}

void ViewState::open_event(PinId trigger) {
    if (opened_event_ == trigger)
        return;
    event_key_.reset();
    change(opened_event_, trigger, &ViewState::event_opened);
}

void ViewState::choose_event_key(std::optional<EventKey> key) {
    change(event_key_, key, &ViewState::event_opened);
}

void ViewState::choose_onset(std::optional<ChosenOnset> onset) {
    change(onset_, onset, &ViewState::onset_chosen);
}

} // namespace pulsepin
