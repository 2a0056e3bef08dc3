// SPDX-License-Identifier: GPL-3.0-or-later
#include "media/film_part.h"

#include <algorithm>
#include <fmt/core.h>
#include <optional>

namespace pulsepin {
namespace {

struct Part {
    PartHead head;
    std::filesystem::path path;
};

/// The parts in order, if they are those of one film, all of them, each once.
Result<std::vector<Part>> in_order(const std::vector<std::filesystem::path>& paths) {
    std::vector<Part> parts;
    for (const auto& path : paths) {
        const auto reader = PartReader::open(path);
        if (!reader)
            return tl::unexpected(reader.error());
        parts.push_back({reader->head(), path});
    }
    if (parts.empty())
        return fail("There are no parts to join.");
    std::sort(parts.begin(), parts.end(),
              [](const Part& a, const Part& b) { return a.head.first < b.head.first; });
    const auto missing = [](Frames frame) {
        return fail(fmt::format("The part with frame {} is missing.", frame.value), {},
                    "Make it, and join again.");
    };
    Frames next(0);
    for (const auto& [head, path] : parts) {
        if (head.made_of != parts.front().head.made_of)
            return fail("This part is of another film, or of other settings.", path.string(),
                        "Make all parts of one project with the same settings.");
        if (head.first > next)
            return missing(next);
        if (head.first < next)
            return fail("This part is there twice.", path.string(), "Name each part once.");
        next = head.until;
    }
    if (next.value != parts.front().head.frames)
        return missing(next);
    return parts;
}

/// The sound that stands at the beginning of the first part, a packet at a time.
class SoundOfParts {
public:
    [[nodiscard]] static Result<SoundOfParts> open(const std::filesystem::path& first) {
        auto reader = PartReader::open(first);
        if (!reader)
            return tl::unexpected(reader.error());
        return SoundOfParts(*std::move(reader));
    }
    /// Those that begin before that sample, into the film.
    [[nodiscard]] Result<void> add_before(double sample, FilmFile& film) {
        while (!over_) {
            if (!next_) {
                auto piece = reader_.next();
                if (!piece)
                    return tl::unexpected(piece.error());
                if (auto* sound = std::get_if<CodedSound>(&*piece))
                    next_ = std::move(*sound);
                else
                    over_ = true;
                continue;
            }
            if (static_cast<double>(next_->at) >= sample)
                break;
            if (auto added = film.add(*next_); !added)
                return added;
            next_.reset();
        }
        return {};
    }

private:
    explicit SoundOfParts(PartReader reader) : reader_(std::move(reader)) {}
    PartReader reader_;
    std::optional<CodedSound> next_;
    bool over_ = false;
};

} // namespace

Result<void> join_parts(const std::vector<std::filesystem::path>& paths, const std::filesystem::path& out) {
    const auto parts = in_order(paths);
    if (!parts)
        return tl::unexpected(parts.error());
    const PartHead& whole = parts->front().head;
    auto film = FilmFile::create(out, whole.spec, whole.with_sound);
    if (!film)
        return tl::unexpected(film.error());
    auto sound = SoundOfParts::open(parts->front().path);
    if (!sound)
        return tl::unexpected(sound.error());
    const double per_frame = static_cast<double>(whole.spec.sample_rate) / whole.spec.rate.per_second();
    for (const auto& part : *parts) {
        auto reader = PartReader::open(part.path);
        if (!reader)
            return tl::unexpected(reader.error());
        Frames next = part.head.first; // each frame of the part is there, once
        while (true) {
            auto piece = reader->next();
            if (!piece)
                return tl::unexpected(piece.error());
            if (std::holds_alternative<PartEnd>(*piece))
                break;
            const auto* seen = std::get_if<PartPicture>(&*piece);
            if (!seen)
                continue;
            next += Frames(1);
            const auto shown = static_cast<double>(seen->first.value + seen->picture.shown);
            if (auto heard = sound->add_before(shown * per_frame, *film); !heard)
                return heard;
            if (auto added = film->add(seen->picture, seen->first); !added)
                return added;
        }
        if (next != part.head.until)
            return fail("This part does not hold all of its frames.", part.path.string(),
                        "Make the part again.", ErrorKind::Damaged);
    }
    if (auto rest = sound->add_before(1e18, *film); !rest)
        return rest;
    return film->finish();
}

} // namespace pulsepin
