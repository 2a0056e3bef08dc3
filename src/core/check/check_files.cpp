// SPDX-License-Identifier: GPL-3.0-or-later
#include "check/check_rows.h"

#include "schedule/piece_length.h"
#include "schedule/shots.h"
#include "time/timecode.h"

#include <cmath>
#include <fmt/core.h>

namespace pulsepin {
namespace {

Finding finding_of(const CheckRow& row, std::string about, std::uint64_t subject) {
    Finding one;
    one.check = row.id;
    one.gravity = row.gravity;
    one.placed = false;
    one.about = std::move(about);
    one.subject = subject;
    return one;
}

void find_missing(const CheckMaterial& material, std::vector<Finding>& found) {
    const Project& project = material.project();
    if (!material.files)
        return;
    if (project.song && !material.files->song_there) {
        auto one = finding_of(missing_check, project.song->path.filename().string(), 0);
        one.how_much = fmt::format("\"{}\"", one.about);
        one.why = "the song is not at " + project.song->path.string();
        found.push_back(std::move(one));
    }
    for (const auto& clip : *project.bin) {
        const auto fact = material.files->clips.find(clip.id);
        if (fact == material.files->clips.end() || fact->second.there)
            continue;
        auto one = finding_of(missing_check, clip.name, clip.id.value);
        one.how_much = fmt::format("\"{}\"", clip.name);
        one.why = "it is not at " + clip.path.string();
        found.push_back(std::move(one));
    }
}

void find_unreadable(const CheckMaterial& material, std::vector<Finding>& found) {
    if (!material.files)
        return;
    for (const auto& clip : *material.project().bin) {
        const auto fact = material.files->clips.find(clip.id);
        if (fact == material.files->clips.end() || fact->second.trouble.empty())
            continue;
        auto one = finding_of(unreadable_check, clip.name, clip.id.value);
        one.how_much = fmt::format("\"{}\"", clip.name);
        one.why = fact->second.trouble;
        found.push_back(std::move(one));
    }
}

/// Calls `each` with each film of the bin, and what is known of it.
template <class Each>
void for_films(const CheckMaterial& material, Each each) {
    if (!material.files)
        return;
    const Project& project = material.project();
    for (const auto& clip : *project.bin) {
        const auto fact = material.files->clips.find(clip.id);
        if (fact != material.files->clips.end() && fact->second.there && clip.has_picture && !clip.still)
            each(clip, fact->second);
    }
}

void find_rates(const CheckMaterial& material, std::vector<Finding>& found) {
    const double rate = material.project().settings->frame_rate.per_second();
    for_films(material, [&](const Clip& clip, const FileFacts::Of& fact) {
        if (fact.variable || fact.frames_per_second <= 0 ||
            std::abs(fact.frames_per_second / rate - 1) < 2e-4)
            return;
        // Twice or half as many meet each other's frames.
        const double ratio = std::max(fact.frames_per_second, rate) / std::min(fact.frames_per_second, rate);
        if (ratio > 1.5 && std::abs(ratio / std::round(ratio) - 1) < 2e-4)
            return;
        auto one = finding_of(clip_rate_check, clip.name, clip.id.value);
        one.amount = fact.frames_per_second;
        one.how_much = fmt::format("{:.5g} fps", fact.frames_per_second);
        one.why =
            fmt::format("\"{}\" in a piece of {}", clip.name, material.project().settings->frame_rate.text());
        found.push_back(std::move(one));
    });
}

void find_variable(const CheckMaterial& material, std::vector<Finding>& found) {
    for_films(material, [&](const Clip& clip, const FileFacts::Of& fact) {
        if (!fact.variable)
            return;
        auto one = finding_of(variable_rate_check, clip.name, clip.id.value);
        one.amount = fact.frames_per_second;
        one.how_much = fmt::format("about {:.4g} fps", fact.frames_per_second);
        one.why = fmt::format("pictures of \"{}\" last differently long", clip.name);
        found.push_back(std::move(one));
    });
}

template <bool FileFacts::Of::*has>
void find_kind(const CheckMaterial& material, const CheckRow& row, const char* why,
               std::vector<Finding>& found) {
    for_films(material, [&](const Clip& clip, const FileFacts::Of& fact) {
        if (!(fact.*has))
            return;
        auto one = finding_of(row, clip.name, clip.id.value);
        one.how_much = fmt::format("\"{}\"", clip.name);
        one.why = why;
        found.push_back(std::move(one));
    });
}

void find_light(const CheckMaterial& material, std::vector<Finding>& found) {
    find_kind<&FileFacts::Of::high_dynamic_range>(
        material, light_check, "its light is mapped to standard range (Report ITU-R BT.2390)", found);
}

void find_fields(const CheckMaterial& material, std::vector<Finding>& found) {
    find_kind<&FileFacts::Of::interlaced>(material, fields_check,
                                          "each picture is shown as it was at its first moment", found);
}

void find_turned(const CheckMaterial& material, std::vector<Finding>& found) {
    find_kind<&FileFacts::Of::turned>(material, turned_check, "it is stored lying, and is shown upright here",
                                      found);
}

void find_wide_pixels(const CheckMaterial& material, std::vector<Finding>& found) {
    find_kind<&FileFacts::Of::wide_pixels>(material, wide_pixels_check,
                                           "its pixels are not square, and are widened here", found);
}

/// Numbers that are not dropped where there is no drop-frame count run slower than the clock.
void find_timecode(const CheckMaterial& material, std::vector<Finding>& found) {
    const Project& project = material.project();
    const auto rate = project.settings->frame_rate;
    if (rate.denominator() == 1 || drop_frame_exists(rate))
        return;
    const double seconds = piece_end(project).value;
    const double apart = seconds - seconds * rate.per_second() / static_cast<double>(rate.nominal());
    if (apart < 1)
        return;
    auto one = finding_of(timecode_check, {}, 0);
    one.amount = apart;
    one.how_much = fmt::format("{:.1f} s at the end", apart);
    one.why = fmt::format("{} has no drop-frame count", rate.text());
    found.push_back(std::move(one));
}

Result<Mended> by_hand(const MendRequest& request) {
    return fail("A file has to be chosen for that: it is done in the window.", request.finding.about,
                "Open the piece, and fix it at the stop Check.");
}

constexpr Mend by_another_file[] = {{"replace-file", "Replace…", by_hand, false, true}};
constexpr Mend by_a_copy[] = {{"copy-file", "Make a copy…", by_hand, false, true},
                              {"replace-file", "Replace…", by_hand, false, true}};

} // namespace

const CheckRow missing_check{
    "missing-file", "file missing", "What is not there is not seen or heard", Gravity::Grave, 0,
    find_missing,   by_another_file};

const CheckRow unreadable_check{"unreadable",
                                "clip cannot be decoded",
                                "What cannot be decoded is not seen; convert it to H.264, ProRes or PNG",
                                Gravity::Grave,
                                0,
                                find_unreadable,
                                by_another_file};

const CheckRow light_check{"hdr",
                           "high dynamic range",
                           "A film of the piece has standard dynamic range: look whether its lights suit",
                           Gravity::Look,
                           0,
                           find_light,
                           by_a_copy};

const CheckRow fields_check{"interlaced",
                            "interlaced",
                            "Lines of what moves are made anew, and half of the moments are left out",
                            Gravity::Look,
                            0,
                            find_fields,
                            by_a_copy};

const CheckRow turned_check{"turned",
                            "clip stored lying",
                            "Edit lists name the clip itself: some programs show it as it is stored",
                            Gravity::Look,
                            0,
                            find_turned,
                            by_a_copy};

const CheckRow wide_pixels_check{"wide-pixels",
                                 "pixels not square",
                                 "Edit lists name the clip itself: some programs show it narrow or wide",
                                 Gravity::Look,
                                 0,
                                 find_wide_pixels,
                                 by_a_copy};

const CheckRow clip_rate_check{"clip-rate",
                               "other frame rate",
                               "Pictures are shown twice or left out: movement stutters",
                               Gravity::Look,
                               0.01,
                               find_rates,
                               by_another_file};

const CheckRow variable_rate_check{"variable-rate",
                                   "variable frame rate",
                                   "Other programs may lay such a clip out of sync",
                                   Gravity::Look,
                                   0.5,
                                   find_variable,
                                   by_a_copy};

const CheckRow timecode_check{
    "timecode",
    "timecode runs off the clock",
    "Without drop-frame numbers timecode tells less time than has passed (SMPTE ST 12-1)",
    Gravity::Look,
    0.5,
    find_timecode};

} // namespace pulsepin
