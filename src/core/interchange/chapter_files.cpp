// SPDX-License-Identifier: GPL-3.0-or-later
#include "interchange/chapter_files.h"

#include "base/xml_text.h"
#include "schedule/lasting.h"
#include "schedule/piece_length.h"

#include <algorithm>
#include <array>
#include <fmt/core.h>

namespace pulsepin {
namespace {

constexpr ParamChoice parts[] = {{"markers", "markers"}, {"shots", "shots"}, {"sections", "sections"}};
constexpr ParamSpec own[] = {{.id = "parts",
                              .label = "chapters are",
                              .type = ParamType::Choice,
                              .explains = "Each lasts to the next, or as long as it says",
                              .choices = parts}};

struct Chapter {
    std::int64_t from, until; ///< milliseconds
    std::string name;
};

class Chapters {
public:
    explicit Chapters(const ExportMaterial& material)
        : material_(material), rate_(material.project.settings->frame_rate),
          end_(rate_.milliseconds_until(piece_length(material.project))) {}

    void add_markers() {
        const Schedule& schedule = material_.curves.schedule;
        for (std::size_t i = 0; i < schedule.size(); ++i) {
            const Lane& lane = *material_.project.lanes[i];
            if (!holds<MarkerBody>(lane.kind) || lane.muted)
                continue;
            for (const auto& pin : schedule[i].pins) {
                const auto& marker = body_of<MarkerBody>(lane.pins[pin.index].body);
                if (lane.pins[pin.index].muted)
                    continue;
                const auto lasts = duration_of(marker.length, pin.time, material_.project);
                const Frames until = lasts ? rate_.frame_at(pin.time + *lasts) : Frames(0);
                add(pin.frame, until, marker.name);
            }
        }
    }
    void add_shots() {
        for (const auto& shot : material_.written_shots()) {
            const Clip* clip = material_.project.clip(shot.shot);
            add(shot.start, shot.end, clip ? clip->name : fmt::format("slate {}", shot.slate));
        }
    }
    void add_sections() {
        if (!material_.project.detection)
            return;
        for (const auto& section : material_.project.detection->sections)
            add(rate_.frame_at(section.start), rate_.frame_at(section.end), section.name);
    }

    /// By their beginnings; those without a length of their own last to the next.
    [[nodiscard]] std::vector<Chapter> in_order() && {
        std::ranges::stable_sort(all_, {}, &Chapter::from);
        for (std::size_t i = 0; i < all_.size(); ++i)
            if (all_[i].until <= all_[i].from)
                all_[i].until = i + 1 < all_.size() ? all_[i + 1].from : std::max(end_, all_[i].from);
        return std::move(all_);
    }

private:
    void add(Frames from, Frames until, const std::string& name) {
        if (const auto at = rate_.milliseconds_until(from); from >= Frames(0) && at < end_)
            all_.push_back({at, std::min(rate_.milliseconds_until(until), end_),
                            name.empty() ? std::string("untitled") : name});
    }
    const ExportMaterial& material_;
    FrameRate rate_;
    std::int64_t end_;
    std::vector<Chapter> all_;
};

Result<std::vector<Chapter>> chapters_of(const ExportMaterial& material) {
    Chapters chapters(material);
    const std::string of = material.values.text("parts");
    if (of == "shots")
        chapters.add_shots();
    else if (of == "sections")
        chapters.add_sections();
    else
        chapters.add_markers();
    auto all = std::move(chapters).in_order();
    if (all.empty())
        return fail("There are no " + (of.empty() ? std::string("markers") : of) + " to write.", {},
                    "Choose what the chapters are: markers, shots or sections.");
    return all;
}

/// "=", ";", "#", "\" and line breaks stand behind a "\".
std::string metadata_text(std::string_view text) {
    std::string out;
    for (const char c : text) {
        if (c == '=' || c == ';' || c == '#' || c == '\\' || c == '\n')
            out += '\\';
        if (static_cast<unsigned char>(c) >= 0x20 || c == '\n' || c == '\t')
            out += c;
    }
    return out;
}

std::string clock(std::int64_t milliseconds) {
    return fmt::format("{:02}:{:02}:{:02}.{:03}000000", milliseconds / 3'600'000, milliseconds / 60'000 % 60,
                       milliseconds / 1000 % 60, milliseconds % 1000);
}

} // namespace

ParamSpecs chapter_parameters() {
    return own;
}

Result<std::string> write_ffmetadata(const ExportMaterial& material) {
    const auto all = chapters_of(material);
    if (!all)
        return tl::unexpected(all.error());
    const Settings& settings = *material.project.settings;
    std::string text = ";FFMETADATA1\n";
    for (const auto& [name, told] :
         {std::pair("title", &settings.title), std::pair("artist", &settings.author),
          std::pair("comment", &settings.remarks)})
        if (!told->empty())
            text += fmt::format("{}={}\n", name, metadata_text(*told));
    for (const auto& chapter : *all)
        text += fmt::format("[CHAPTER]\nTIMEBASE=1/1000\nSTART={}\nEND={}\ntitle={}\n", chapter.from,
                            chapter.until, metadata_text(chapter.name));
    return text;
}

Result<std::string> write_matroska_chapters(const ExportMaterial& material) {
    const auto all = chapters_of(material);
    if (!all)
        return tl::unexpected(all.error());
    std::string text = "<?xml version=\"1.0\" encoding=\"UTF-8\"?>\n<Chapters>\n<EditionEntry>\n";
    std::size_t number = 0;
    for (const auto& chapter : *all)
        text +=
            fmt::format("<ChapterAtom><ChapterUID>{}</ChapterUID><ChapterTimeStart>{}</ChapterTimeStart>"
                        "<ChapterTimeEnd>{}</ChapterTimeEnd><ChapterDisplay><ChapterString>{}</ChapterString>"
                        "<ChapterLanguage>und</ChapterLanguage></ChapterDisplay></ChapterAtom>\n",
                        ++number, clock(chapter.from), clock(chapter.until), xml_text(chapter.name));
    return text + "</EditionEntry>\n</Chapters>\n";
}

} // namespace pulsepin
