// SPDX-License-Identifier: GPL-3.0-or-later
#include "render/film.h"

#include "base/draft_folder.h"
#include "base/file_ending.h"
#include "render/film_frames.h"
#include "render/film_sound.h"
#include "time/timecode.h"

#include <algorithm>
#include <cerrno>
#include <cmath>
#include <fmt/core.h>
#include <fstream>
#include <system_error>
#include <thread>

namespace pulsepin {
namespace {

void wait_while_paused(const FilmWatch& watch, const Progress& progress) {
    while (watch.paused && *watch.paused && !progress.cancelled())
        std::this_thread::sleep_for(std::chrono::milliseconds(40));
}

FramePipeline::Order order_of(const Film& film, Frames first, Frames until) {
    return {film.curves, QSize(film.spec.width, film.spec.height), film.first + first, film.first + until,
            film.burn,   {film.spec.transparent, film.bars},       film.threads,       film.file_of};
}

/// Codes the frames [first, until) of the film as one stretch, and hands over what is ready.
Result<void> code_stretch(const Film& film, const FrameSource& next, Frames first, Frames until,
                          const Progress& progress, const FilmWatch& watch,
                          const std::function<Result<void>(std::vector<CodedPicture>)>& take) {
    auto coder = PictureCoder::open(film.spec);
    if (!coder)
        return tl::unexpected(coder.error());
    for (Frames frame = first; frame < until; frame += Frames(1)) {
        wait_while_paused(watch, progress);
        auto image = next(progress);
        if (!image)
            return tl::unexpected(image.error());
        auto coded = coder->add(image->constBits(), image->bytesPerLine());
        if (!coded)
            return tl::unexpected(coded.error());
        if (auto taken = take(*std::move(coded)); !taken)
            return taken;
        if (watch.made)
            watch.made(frame.value, *image);
        progress.report(static_cast<double>(frame.value + 1) / static_cast<double>(film.frames()));
    }
    auto coded = coder->finish();
    if (!coded)
        return tl::unexpected(coded.error());
    return take(*std::move(coded));
}

Result<void> check(const Film& film) {
    if (film.until <= film.first)
        return fail("There is nothing to render: the range is empty.", {}, "Choose a longer range.");
    return can_write(film.spec);
}

/// Its last name is what the pictures are called after, also where the path ends in a slash.
std::filesystem::path folder_named(const std::filesystem::path& path) {
    std::error_code code;
    auto full = std::filesystem::weakly_canonical(std::filesystem::absolute(path, code), code);
    return full.has_filename() ? full : full.parent_path();
}

std::string picture_name(const Film& film, const std::filesystem::path& folder, std::int64_t number) {
    return fmt::format("{}-{:06}.{}", folder.stem().string(), number, film.spec.format->extension);
}

/// A folder of numbered pictures with a WAV beside them.
Result<void> render_pictures(const Film& film, const std::filesystem::path& path, const FrameSource& next,
                             const Progress& progress, const FilmWatch& watch) {
    const auto folder = folder_named(path);
    const auto failed = [&](const std::string& what) {
        return fail(what + " (" + std::generic_category().message(errno) + ").", path.string(),
                    "Make room, or write it to another disk.");
    };
    remove_forgotten_draft_folders(folder.parent_path());
    auto draft = DraftFolder::beside(folder);
    if (!draft)
        return failed("The folder could not be made");
    auto coder = PictureCoder::open(film.spec);
    if (!coder)
        return tl::unexpected(coder.error());
    std::int64_t count = 0;
    const auto write = [&](const Result<std::vector<CodedPicture>>& pictures) -> Result<void> {
        if (!pictures)
            return tl::unexpected(pictures.error());
        for (const auto& picture : *pictures) {
            const auto name = draft->file(picture_name(film, folder, ++count));
            if (!name)
                return failed("A picture could not be written");
            std::ofstream file(*name, std::ios::binary);
            file.write(reinterpret_cast<const char*>(picture.bytes.data()),
                       static_cast<std::streamsize>(picture.bytes.size()));
            file.close();
            if (!file)
                return failed("A picture could not be written");
        }
        return {};
    };
    for (std::int64_t i = 0; i < film.frames(); ++i) {
        wait_while_paused(watch, progress);
        const auto image = next(progress);
        if (!image)
            return tl::unexpected(image.error());
        if (auto done = write(coder->add(image->constBits(), image->bytesPerLine())); !done)
            return done;
        if (watch.made)
            watch.made(i, *image);
        progress.report(static_cast<double>(i + 1) / static_cast<double>(film.frames()));
    }
    if (auto done = write(coder->finish()); !done)
        return done;
    const auto sound = draft->file(folder.stem().string() + ".wav");
    if (!sound)
        return failed("The sound could not be written");
    Film alone = film;
    alone.spec.format = film_format("wav");
    if (auto heard = render_film(alone, *sound, {[](double) {}, progress.stop}); !heard)
        return heard;
    // The folder may have been filled meanwhile.
    if (auto allowed = can_render_to(film, path); !allowed)
        return allowed;
    if (!draft->take_place())
        return failed("The folder could not be put in its place");
    return {};
}

std::pair<Frames, Frames> stretches_of(const Film& film, int k, int n) {
    const std::int64_t all = (film.frames() + stretch_frames - 1) / stretch_frames;
    const auto edge = [&](std::int64_t i) {
        return Frames(std::min(film.frames(), all * i / n * stretch_frames));
    };
    return {edge(k - 1), edge(k)};
}

/// As parts are coded.
Film in_stretches(Film film) {
    film.spec.as_one = false;
    return film;
}

PartHead part_of(const Film& film, int k, int n) {
    PartHead part;
    part.made_of = film.made_of();
    part.frames = film.frames();
    std::tie(part.first, part.until) = stretches_of(film, k, n);
    part.spec = film.spec;
    part.with_sound = film.sound && !film.spec.format->sound.empty();
    return part;
}

} // namespace

std::string Film::made_of() const {
    const auto& range = *this;
    std::string all = fmt::format("{} {} {} {} {}x{} {}/{} q{} s{} {} {}{}{}{}{}{}", piece, range.first.value,
                                  range.until.value, spec.format->id, spec.width, spec.height,
                                  spec.rate.numerator(), spec.rate.denominator(), spec.quality,
                                  spec.sound_kbit, spec.sample_rate, int(burn.frame), int(burn.timecode),
                                  int(burn.place), int(burn.name), int(burn.safe_areas), int(burn.band));
    all += fmt::format(" {}{}{}", int(bars), int(spec.transparent), int(spec.as_one));
    return hash_of(all + spec.title + spec.author + spec.timecode);
}

void describe(FilmSpec& spec, const Schedule& schedule, Frames first, Frames until) {
    const auto& settings = *schedule.project().settings;
    const auto rate = settings.frame_rate;
    spec.rate = rate;
    spec.title = settings.title;
    spec.author = settings.author;
    spec.timecode =
        format_timecode(first, rate, drop_frame_exists(rate) ? TimecodeCount::Drop : TimecodeCount::NonDrop);
    spec.chapters.clear();
    const Seconds begin = rate.start_of(first), end = rate.start_of(until);
    for (std::size_t i = 0; i < schedule.size(); ++i) {
        const Lane& lane = *schedule.project().lanes[i];
        if (!holds<MarkerBody>(lane.kind) || lane.muted)
            continue;
        for (const auto& pin : schedule[i].pins)
            if (const auto& own = lane.pins[pin.index]; !own.muted && pin.frame >= first && pin.frame < until)
                spec.chapters.push_back(
                    {rate.start_of(pin.frame) - begin, {}, body_of<MarkerBody>(own.body).name});
    }
    std::stable_sort(spec.chapters.begin(), spec.chapters.end(),
                     [](const auto& a, const auto& b) { return a.from < b.from; });
    // What comes before the first marker is a chapter too, for players that show nothing else.
    if (!spec.chapters.empty() && spec.chapters.front().from > Seconds(0))
        spec.chapters.insert(spec.chapters.begin(), {Seconds(0), {}, settings.title});
    for (std::size_t i = 0; i < spec.chapters.size(); ++i)
        spec.chapters[i].until = i + 1 < spec.chapters.size() ? spec.chapters[i + 1].from : end - begin;
}

Result<void> can_render_to(const Film& film, const std::filesystem::path& path) {
    std::error_code code;
    const bool there = std::filesystem::exists(path, code),
               folder = std::filesystem::is_directory(path, code);
    if (!film.spec.format->numbered) {
        const std::string ending = file_ending(path);
        if (ending != "." + std::string(film.spec.format->extension))
            return fail(fmt::format("The name of a film of this kind ({}) ends in .{}.",
                                    film.spec.format->label, film.spec.format->extension),
                        path.string(), "Name it so, or choose another kind.");
        if (folder)
            return fail("There is a folder of that name.", path.string(), "Choose another name.");
        if (there && !std::filesystem::is_regular_file(path, code))
            return fail("This is no plain file that could be replaced.", path.string(),
                        "Choose another name.");
        return {};
    }
    if (there && !folder)
        return fail("Pictures are written into a folder, and this is none.", path.string(),
                    "Choose a new folder.");
    const auto named = folder_named(path);
    std::size_t others = 0;
    std::string one;
    for (std::filesystem::directory_iterator entry(named, code), end; !code && entry != end;
         entry.increment(code))
        if (++others == 1)
            one = entry->path().filename().string();
    if (others == 0)
        return {};
    if (!film.replace)
        return fail(fmt::format("The folder is not empty: it holds \"{}\"{}.", one,
                                others > 1 ? fmt::format(" and {} more", others - 1) : std::string()),
                    path.string(), "Choose a new or an empty folder.");
    const auto& project = film.curves.project();
    std::vector<std::filesystem::path> read;
    if (project.song)
        read.push_back(project.song->path);
    for (const auto& clip : *project.bin)
        read.push_back(clip.path);
    for (const auto& file : read)
        if (std::filesystem::weakly_canonical(file.parent_path(), code) == named)
            return fail("The piece itself reads \"" + file.filename().string() + "\" from this folder.",
                        path.string(), "Choose a new or an empty folder.");
    for (std::int64_t number = 1; number <= film.frames(); ++number) {
        const auto name = named / picture_name(film, named, number);
        if (std::filesystem::exists(name, code) && !std::filesystem::is_regular_file(name, code))
            return fail("This is no plain file that a picture could replace.", name.string(),
                        "Choose a new or an empty folder.");
    }
    return {};
}

FramePipeline::Order order_of_film(const Film& film) {
    return order_of(film, Frames(0), Frames(film.frames()));
}

Result<void> render_film(const Film& film, const std::filesystem::path& path, const Progress& progress,
                         const FilmWatch& watch) {
    std::optional<FramePipeline> pipeline; // where there are pictures
    return render_film_of(
        film, path,
        [&](const Progress& own) {
            if (!pipeline)
                pipeline.emplace(order_of_film(film));
            return pipeline->next(own);
        },
        progress, watch);
}

Result<void> render_film_of(const Film& film, const std::filesystem::path& path, const FrameSource& next,
                            const Progress& progress, const FilmWatch& watch) {
    if (auto good = check(film); !good)
        return good;
    if (auto allowed = can_render_to(film, path); !allowed)
        return allowed;
    if (film.spec.format->numbered)
        return render_pictures(film, path, next, progress, watch);
    const bool heard = !film.spec.format->sound.empty() && (film.sound || film.spec.format->picture.empty());
    auto file = FilmFile::create(path, film.spec, heard);
    if (!file)
        return tl::unexpected(file.error());
    std::optional<CodedFilmSound> sound;
    if (heard) {
        auto coded = CodedFilmSound::of(film);
        if (!coded)
            return tl::unexpected(coded.error());
        sound.emplace(*std::move(coded));
    }
    const double per_frame = static_cast<double>(film.spec.sample_rate) / film.spec.rate.per_second();
    const auto hear_before = [&](double sample) -> Result<void> {
        return sound ? sound->write_before(sample, *file, progress) : Result<void>();
    };
    if (!film.spec.format->picture.empty()) {
        const Frames stretch(film.spec.as_one || film.spec.format->in_one ? film.frames() : stretch_frames);
        for (Frames first(0); first < Frames(film.frames()); first += stretch) {
            const Frames until = std::min(first + stretch, Frames(film.frames()));
            const auto take = [&](std::vector<CodedPicture> pictures) -> Result<void> {
                for (const auto& picture : pictures) {
                    if (auto heard_so_far = hear_before(
                            static_cast<double>((first + Frames(picture.shown)).value) * per_frame);
                        !heard_so_far)
                        return heard_so_far;
                    if (auto added = file->add(picture, first); !added)
                        return added;
                }
                return {};
            };
            if (auto coded = code_stretch(film, next, first, until, progress, watch, take); !coded)
                return coded;
        }
    }
    if (auto rest = hear_before(CodedFilmSound::for_ever); !rest)
        return rest;
    if (progress.cancelled())
        return fail_cancelled();
    return file->finish();
}

Result<void> render_part(const Film& given, int k, int n, const std::filesystem::path& path,
                         const Progress& progress) {
    const Film film = in_stretches(given);
    if (auto good = check(film); !good)
        return good;
    if (!made_in_parts(*film.spec.format))
        return fail("This kind of film is not made in parts.", {}, "Render it at once.");
    const PartHead part = part_of(film, k, n);
    if (part.until <= part.first)
        return fail(fmt::format("The film has no {} parts: it is {} frames long, and a part {} at least.", n,
                                film.frames(), stretch_frames),
                    {}, "Make fewer parts.");
    auto file = PartWriter::create(path, part);
    if (!file)
        return tl::unexpected(file.error());
    if (part.with_sound && part.first == Frames(0)) {
        auto sound = CodedFilmSound::of(film);
        if (!sound)
            return tl::unexpected(sound.error());
        if (auto written = sound->write_before(CodedFilmSound::for_ever, *file, progress); !written)
            return written;
    }
    const auto all = static_cast<double>(film.frames());
    const double whole = static_cast<double>((part.until - part.first).value) / all;
    const double before = static_cast<double>(part.first.value) / all;
    const Progress own{[&](double share) { progress.report((share - before) / whole); }, progress.stop};
    FramePipeline pipeline(order_of(film, part.first, part.until));
    const FrameSource next = [&](const Progress& shown) { return pipeline.next(shown); };
    for (Frames first = part.first; first < part.until; first += Frames(stretch_frames)) {
        const Frames until = std::min(first + Frames(stretch_frames), part.until);
        const auto take = [&](const std::vector<CodedPicture>& pictures) -> Result<void> {
            for (const auto& picture : pictures)
                if (auto added = file->add(picture, first); !added)
                    return added;
            return {};
        };
        if (auto coded = code_stretch(film, next, first, until, own, {}, take); !coded)
            return coded;
    }
    return file->finish();
}

bool is_part(const Film& film, int k, int n, const std::filesystem::path& path) {
    auto reader = PartReader::open(path);
    const auto wanted = part_of(in_stretches(film), k, n);
    if (!reader || reader->head().made_of != wanted.made_of || reader->head().first != wanted.first ||
        reader->head().until != wanted.until)
        return false;
    while (true) {
        const auto piece = reader->next();
        if (!piece || std::holds_alternative<PartEnd>(*piece))
            return piece.has_value();
    }
}

std::int64_t guessed_bytes(const Film& film) {
    const auto& format = *film.spec.format;
    const double pixels = 1.0 * film.spec.width * film.spec.height * static_cast<double>(film.frames());
    // Bits a pixel, as the demo takes them; of lossy ones half for six steps of quality.
    double bits = 0;
    if (format.picture == "libx264" || format.picture == "libx265")
        bits = 0.10 * std::pow(2.0, (20 - film.spec.quality) / 6.0) *
               (format.picture == "libx265" ? 0.7 : 1) * (film.spec.as_one ? 0.55 : 1);
    else if (format.picture == "libvpx-vp9" || format.picture == "libsvtav1")
        bits = 0.07 * std::pow(2.0, (28 - film.spec.quality) / 9.0);
    else if (format.picture == "prores_ks")
        bits = format.alpha ? 6 : 4;
    else if (!format.picture.empty())
        bits = format.picture == "ffv1"           ? 9
               : format.picture == "libwebp_anim" ? 0.4
               : format.picture == "gif"          ? 2.5
                                                  : 14;
    const double seconds = static_cast<double>(film.frames()) / film.spec.rate.per_second();
    const double sound = format.sound.empty() ? 0
                         : format.sound == "pcm_s24le"
                             ? seconds * static_cast<double>(film.spec.sample_rate) * 6
                             : seconds * film.spec.sound_kbit * 125;
    return static_cast<std::int64_t>(pixels * bits / 8 + sound);
}

} // namespace pulsepin
