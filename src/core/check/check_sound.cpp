// SPDX-License-Identifier: GPL-3.0-or-later
#include "check/check_rows.h"

#include "model/limits.h"

#include <algorithm>
#include <cmath>
#include <fmt/core.h>

namespace pulsepin {
namespace {

/// Everything that is heard by so many decibels louder.
Mended louder(const Project& project, double db) {
    Mended mended{project, fmt::format("{} the song and all that lies beside it by {:.1f} dB",
                                       db < 0 ? "lowers" : "raises", std::abs(db))};
    SongTrack track = *project.song_track;
    track.body.gain_db = limits::gain_db.nearest(track.body.gain_db + db);
    mended.project.song_track = std::make_shared<const SongTrack>(std::move(track));
    for (auto& lane : mended.project.lanes) {
        if (!holds<SoundBody>(lane->kind))
            continue;
        Lane changed = *lane;
        for (auto& pin : changed.pins)
            if (auto* sound = body_if<SoundBody>(&pin.body))
                sound->gain_db = limits::gain_db.nearest(sound->gain_db + db);
        lane = std::make_shared<const Lane>(std::move(changed));
    }
    return mended;
}

/// What meters may differ by (EBU Tech 3341: +0.2 / -0.4 dB).
constexpr double meters_differ = 0.1;

void find_clipped(const CheckMaterial& material, std::vector<Finding>& found) {
    const double most = check_limits(material.project()).number("peak");
    if (!material.sound || material.sound->true_peak <= most + meters_differ)
        return;
    Finding one;
    one.check = clipped_check.id;
    one.gravity = material.sound->true_peak > 0 ? Gravity::Grave : Gravity::Look;
    one.at = one.until = material.sound->peak_at;
    one.amount = material.sound->true_peak;
    one.how_much = fmt::format("{:+.1f} dBTP", one.amount);
    one.why = fmt::format("most is {:.3g} dBTP", most);
    found.push_back(std::move(one));
}

Result<Mended> lower(const MendRequest& request) {
    if (!request.material.sound)
        return fail("The sound was not measured yet.");
    const double most = check_limits(request.project()).number("peak");
    // A tenth more than needed by less than that: what is written has no finer steps.
    const double by = std::ceil((request.material.sound->true_peak - most) * 10 - 1e-6) / 10;
    if (by <= 0)
        return fail("The sound is no longer too high.");
    return louder(request.project(), -by);
}

constexpr Mend clipped_mends[] = {{"lower", "Lower it", lower}};

std::optional<double> target_of(const Project& project) {
    const std::string text = check_limits(project).text("loudness"); // of values that are gone after this
    if (text.empty() || text == "none")
        return std::nullopt;
    return std::stod(text);
}

void find_loudness(const CheckMaterial& material, std::vector<Finding>& found) {
    const auto target = target_of(material.project());
    if (!material.sound || !target || material.sound->loudness < -100 ||
        std::abs(material.sound->loudness - *target) <= 1 + 1e-6)
        return;
    Finding one;
    one.check = loudness_check.id;
    one.gravity = loudness_check.gravity;
    one.placed = false;
    one.amount = material.sound->loudness;
    one.how_much = fmt::format("{:.1f} LUFS", one.amount);
    one.why = fmt::format("wanted is {:.0f} LUFS", *target);
    found.push_back(std::move(one));
}

Result<Mended> to_target(const MendRequest& request) {
    const auto target = target_of(request.project());
    if (!request.material.sound || !target)
        return fail("No loudness is wanted.");
    return louder(request.project(), std::round((*target - request.material.sound->loudness) * 10) / 10);
}

constexpr Mend loudness_mends[] = {{"gain", "Change the gain", to_target}};

} // namespace

const CheckRow clipped_check{
    "clipped",
    "sound too high",
    "Peaks between samples are cut off by players and encoders: -1 dBTP at most (EBU R 128)",
    Gravity::Look,
    0.5,
    find_clipped,
    clipped_mends};

const CheckRow loudness_check{
    "loudness",    "loudness", "Broadcasters want a programme at their level (EBU R 128)",
    Gravity::Look, 0.5,        find_loudness,
    loudness_mends};

} // namespace pulsepin
