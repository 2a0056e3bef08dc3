// SPDX-License-Identifier: GPL-3.0-or-later
#include "commands/shot_commands.h"

#include "commands/pin_commands.h"
#include "model/edits.h"
#include "model/shot_edits.h"
#include "schedule/add_pin.h"

namespace pulsepin {

void ShotCommands::hang_up(QMenu* menu) {
    using K = QKeySequence;
    const auto edit = [this](const QString& what, auto&& how) {
        return [this, what, how] {
            const PinId cut = chosen_cut();
            if (cut.value == 0)
                return document_.say(tr("Select one cut first"));
            document_.apply(how(document_.project(), cut), what);
        };
    };
    const auto frame = [this](int by) {
        return [this, by](const Project& project, PinId cut) {
            return slipped(project, cut, project.settings->frame_rate.start_of(Frames(by)));
        };
    };
    const auto roll = [](int beats) {
        return [beats](const Project& project, PinId cut) {
            return rolled(project, cut, Ticks(beats * ticks_per_beat));
        };
    };
    const auto ripple = [](int beats) {
        return [beats](const Project& project, PinId cut) {
            return rippled(project, cut, Ticks(beats * ticks_per_beat));
        };
    };
    add(menu, "slip back", tr("Slip a frame back in its clip"), {K("Ctrl+Alt+Left")},
        edit(tr("slip shot"), frame(-1)));
    add(menu, "slip on", tr("Slip a frame on in its clip"), {K("Ctrl+Alt+Right")},
        edit(tr("slip shot"), frame(1)));
    add(menu, "roll earlier", tr("Roll a beat earlier, pictures stay"), {K("Ctrl+Alt+,")},
        edit(tr("roll cut"), roll(-1)));
    add(menu, "roll later", tr("Roll a beat later, pictures stay"), {K("Ctrl+Alt+.")},
        edit(tr("roll cut"), roll(1)));
    add(menu, "ripple earlier", tr("A beat earlier with all later cuts"), {K("Ctrl+Alt+Shift+Left")},
        edit(tr("move cut and all later ones"), ripple(-1)));
    add(menu, "ripple later", tr("A beat later with all later cuts"), {K("Ctrl+Alt+Shift+Right")},
        edit(tr("move cut and all later ones"), ripple(1)));
    add(menu, "swap shots", tr("Swap with the next shot"), {K("Ctrl+Alt+S")}, [this] { swap_with_next(); });
    add(menu, "camera here", tr("The next camera at the playhead, same moment"), {K(tr("Shift+C"))},
        [this] { add_camera_cut(); });
}

PinId ShotCommands::chosen_cut() const {
    if (view_.selection().size() != 1)
        return {};
    const Pin* pin = document_.project().pin(*view_.selection().begin());
    return pin && std::holds_alternative<CutBody>(pin->body) ? pin->id : PinId{};
}

void ShotCommands::swap_with_next() {
    const PinId cut = chosen_cut();
    const Lane* lane = cut.value == 0 ? nullptr : document_.project().lane_of(cut);
    if (!lane)
        return document_.say(tr("Select one cut first"));
    const auto& shots = document_.shots(lane->id);
    const auto here =
        std::find_if(shots.begin(), shots.end(), [cut](const ShotSpan& span) { return span.cut == cut; });
    if (here == shots.end() || here + 1 == shots.end())
        return document_.say(tr("There is no shot after this"));
    document_.apply(swapped(document_.project(), cut, (here + 1)->cut), tr("swap shots"));
}

/// A cut to the next clip of the bin that is a camera: the same moment of the song from another angle.
void ShotCommands::add_camera_cut() {
    const auto& project = document_.project();
    const Lane* lane = project.first_lane(&LaneKindRow::cuts);
    std::vector<const Clip*> cameras;
    for (const Clip* clip : project.shots())
        if (clip->begins_at)
            cameras.push_back(clip);
    if (!lane || cameras.empty())
        return document_.say(
            tr("No shot is a camera yet: tell at the stop “Song” where in the song it begins"));
    const Seconds now = context_.pins->heard_now();
    const auto* seen = shot_at(document_.shots(lane->id), project.settings->frame_rate.frame_at(now));
    std::size_t next = 0;
    for (std::size_t i = 0; seen && i < cameras.size(); ++i)
        if (cameras[i]->id == seen->shot)
            next = (i + 1) % cameras.size();
    CutBody body;
    body.shot = cameras[next]->id;
    body.same_moment = true;
    const Pin pin{{}, anchor_at(project, context_.pins->snapped(now)), body, {}};
    const PinId added{project.next_id};
    if (document_.apply(with_pins(project, lane->id, {pin}), tr("cut to camera")))
        view_.select({added});
}

} // namespace pulsepin
