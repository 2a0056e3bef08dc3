// SPDX-License-Identifier: GPL-3.0-or-later
#include "interchange/chapters_vtt.h"

#include "schedule/shots.h"

#include <cctype>
#include <fmt/core.h>

namespace pulsepin {
namespace {

/// Rounded up, so that a player that shows the cue's first picture shows this frame and not the one before.
std::string timestamp(Frames frame, FrameRate rate) {
    const auto milliseconds = rate.milliseconds_until(frame);
    return fmt::format("{:02}:{:02}:{:02}.{:03}", milliseconds / 3'600'000, milliseconds / 60'000 % 60,
                       milliseconds / 1000 % 60, milliseconds % 1000);
}

/// Cue text may not hold line breaks, "-->" or unescaped marks.
std::string cue_text(const std::string& name) {
    std::string out;
    for (const char c : name) {
        if (c == '&')
            out += "&amp;";
        else if (c == '<')
            out += "&lt;";
        else if (c == '>')
            out += "&gt;";
        else
            out += std::iscntrl(static_cast<unsigned char>(c)) ? ' ' : c;
    }
    return out.empty() ? "untitled" : out;
}

} // namespace

Result<std::string> write_chapters_vtt(const ExportMaterial& material) {
    const Project& project = material.project;
    const auto& shots = material.written_shots();
    if (shots.empty())
        return fail("There are no cuts to write.", {}, "Place cuts first.");
    const auto rate = project.settings->frame_rate;
    const auto& settings = *project.settings;
    std::string text = "WEBVTT\n";
    // A note is plain text up to an empty line, without "-->".
    for (const auto& told : {settings.title, settings.author, settings.remarks})
        if (!told.empty())
            text += (text == "WEBVTT\n" ? "\nNOTE " : " · ") + cue_text(told);
    if (text != "WEBVTT\n")
        text += '\n';
    int number = 0;
    for (const auto& shot : shots) {
        const Clip* clip = project.clip(shot.shot);
        text += fmt::format("\n{}\n{} --> {}\n{}\n", ++number, timestamp(shot.start, rate),
                            timestamp(shot.end, rate),
                            cue_text(clip             ? clip->name
                                     : shot.slate > 0 ? fmt::format("slate {}", shot.slate)
                                                      : std::string()));
    }
    return text;
}

} // namespace pulsepin
