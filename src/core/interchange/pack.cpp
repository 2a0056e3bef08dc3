// SPDX-License-Identifier: GPL-3.0-or-later
#include "interchange/pack.h"

#include "base/file_ending.h"
#include "base/text_file.h"
#include "hand/clip_file.h"
#include "interchange/export_all.h"
#include "interchange/project_file.h"
#include "interchange/used_stretches.h"
#include "interchange/zip_file.h"
#include "media/checksum.h"
#include "media/clip_part.h"
#include "media/picture_sequence.h"
#include "model/edits.h"
#include "time/timecode.h"

#include <algorithm>
#include <fmt/core.h>
#include <map>
#include <set>

namespace pulsepin {
namespace {

namespace fs = std::filesystem;

class Packing {
public:
    Packing(fs::path folder, const Progress& progress) : folder_(std::move(folder)), progress_(progress) {}
    /// What was written goes again, unless keep() was called.
    ~Packing() {
        std::error_code code;
        if (kept_)
            return;
        for (auto file = written_.rbegin(); file != written_.rend(); ++file) // folders behind what is in them
            fs::remove(*file, code);
        fs::remove(folder_ / "media", code); // where nothing else is in it
        if (made_)
            fs::remove(folder_, code);
    }
    Packing(const Packing&) = delete;
    Packing& operator=(const Packing&) = delete;
    void keep() { kept_ = true; }

    Result<void> begin() {
        std::error_code code;
        if (fs::exists(folder_, code)) {
            if (!fs::is_directory(folder_, code) || !fs::is_empty(folder_, code))
                return fail("This folder is not empty.", folder_.string(),
                            "Name a new one, or an empty one.");
        } else if (!fs::create_directory(folder_, code))
            return fail("The folder could not be made.", folder_.string(),
                        "Name one inside a folder that is there.");
        else
            made_ = true;
        if (!fs::create_directory(folder_ / "media", code))
            return fail("The folder could not be made.", (folder_ / "media").string(),
                        "See whether the folder may be written to.");
        return {};
    }

    /// Where the file lies from now on; none where it is not there.
    Result<std::optional<fs::path>> take(const fs::path& file, double from, double until) {
        if (is_sequence(file))
            return take_sequence(file);
        std::error_code code;
        if (!fs::is_regular_file(file, code))
            return std::optional<fs::path>();
        if (const auto there = taken_.find(fs::weakly_canonical(file, code)); there != taken_.end())
            return std::optional(there->second);
        const fs::path to = free_name(file.filename());
        if (auto copied = copy(file, to, progress_.part(from, until)); !copied)
            return tl::unexpected(copied.error());
        taken_[fs::weakly_canonical(file, code)] = to;
        return std::optional(to);
    }

    struct Part {
        fs::path file;
        Seconds start; ///< in the whole film
    };
    /// Only that stretch of a film, as it is coded; none where it cannot be had by itself, or is most of it.
    std::optional<Part> take_part(const Clip& clip, const TimeSpan& used) {
        constexpr double worth_it = 0.8;
        std::error_code code;
        const Seconds until = std::min(used.until, clip.duration);
        if (clip.still || is_sequence(clip.path) || !fs::is_regular_file(clip.path, code) ||
            (until - used.from).value > worth_it * clip.duration.value)
            return std::nullopt;
        const fs::path to = free_name(clip.path.filename());
        const auto start = copy_clip_part(clip.path, to, used.from, until);
        if (!start) {
            names_.erase(to.filename().string());
            return std::nullopt;
        }
        note(to, sha256_of(to).value_or(std::string()));
        return Part{to, *start};
    }

    /// A file of ours.
    Result<void> write(const fs::path& below, const std::string& text) {
        const fs::path file = folder_ / below;
        std::error_code code;
        if (below.has_parent_path() && fs::create_directory(file.parent_path(), code))
            written_.push_back(file.parent_path());
        if (auto done = write_text_file(file, text); !done)
            return done;
        note(file, sha256_of(file).value_or(std::string()));
        return {};
    }

    Result<void> write_list() {
        std::string text;
        for (const auto& [file, sum] : sums_)
            text += sum + "  " + file + "\n";
        written_.push_back(folder_ / "contents.txt");
        return write_text_file(folder_ / "contents.txt", text);
    }
    void note_project(const fs::path& file, const std::string& sum) {
        written_.push_back(file);
        sums_.emplace_back(file.filename().string(), sum);
    }
    [[nodiscard]] std::size_t files() const { return files_; }
    [[nodiscard]] std::uintmax_t bytes() const { return bytes_; }

private:
    Result<void> copy(const fs::path& from, const fs::path& to, const Progress& progress) {
        const auto sum = copied_with_sha256(from, to, progress);
        if (!sum)
            return tl::unexpected(sum.error());
        note(to, *sum);
        return {};
    }
    void note(const fs::path& file, const std::string& sum) {
        written_.push_back(file);
        sums_.emplace_back(file.lexically_relative(folder_).generic_string(), sum);
        std::error_code code;
        bytes_ += fs::file_size(file, code);
        ++files_;
    }
    /// All pictures of a numbered sequence, in a folder of their own.
    Result<std::optional<fs::path>> take_sequence(const fs::path& pattern) {
        if (!first_of_sequence(pattern))
            return std::optional<fs::path>();
        const fs::path to = free_name(pattern.stem().string() + " pictures");
        std::error_code code;
        if (!fs::create_directory(to, code))
            return fail("The folder could not be made.", to.string(), "See whether the disk is full.");
        written_.push_back(to);
        std::vector<fs::path> pictures;
        for (fs::directory_iterator at(pattern.parent_path(), code), end; !code && at != end;
             at.increment(code))
            if (is_of_sequence(at->path(), pattern))
                pictures.push_back(at->path());
        std::ranges::sort(pictures);
        for (const auto& picture : pictures)
            if (auto copied = copy(picture, to / picture.filename(), progress_.part(0, 0)); !copied)
                return tl::unexpected(copied.error());
        return std::optional(to / pattern.filename());
    }
    fs::path free_name(const fs::path& name) {
        fs::path free = name;
        for (int number = 2; !names_.insert(free.string()).second; ++number)
            free = name.stem().string() + "-" + std::to_string(number) + name.extension().string();
        return folder_ / "media" / free;
    }

    fs::path folder_;
    const Progress& progress_;
    bool made_ = false, kept_ = false;
    std::set<std::string> names_;
    std::map<fs::path, fs::path> taken_;
    std::vector<fs::path> written_;
    std::vector<std::pair<std::string, std::string>> sums_; ///< of files below the folder
    std::size_t files_ = 0;
    std::uintmax_t bytes_ = 0;
};

constexpr ParamSpec parameters[] = {
    {.id = "only-used",
     .label = "only clips that are used",
     .type = ParamType::Switch,
     .most = 1,
     .explains = "Leaves out clips that nothing shows"},
    {.id = "handles",
     .label = "handles (-1: whole films)",
     .type = ParamType::Whole,
     .unit = "frames",
     .least = -1,
     .most = 100'000,
     .initial = -1,
     .explains = "Of films only what is used, with so many frames before and behind; below 0: whole films"},
    {.id = "formats",
     .label = "with all formats",
     .type = ParamType::Switch,
     .most = 1,
     .explains = "Edit lists, words, curves and the others, in a folder of their own"}};

std::set<std::string> fonts_of(const Project& project) {
    std::set<std::string> fonts;
    for (const auto& layer : project.stage->layers)
        if (const auto font = layer.options.find("font");
            font != layer.options.end() && !font->second.empty())
            fonts.insert(font->second);
    for (const auto& lane : project.lanes)
        for (const auto& pin : lane->pins)
            if (const auto* shown = body_if<AppearanceBody>(&pin.body); shown && !shown->font.empty())
                fonts.insert(shown->font);
    return fonts;
}

/// What is in the pack, for people.
std::string told_of_pack(const Project& project, const fs::path& folder, const Packed& packed) {
    const auto& settings = *project.settings;
    std::string text = (settings.title.empty() ? "Untitled" : settings.title) + "\n\n";
    text +=
        "Open the file that ends in .pulsepin with Pulse Pin. \"sha256sum -c contents.txt\" proves that all "
        "files came over whole.\n\n";
    if (project.song)
        text += "Song: " + project.song->title + ", " + format_clock(project.song->duration()) + "\n";
    text += fmt::format("Picture: {} x {}, {} fps\n", settings.picture_width, settings.picture_height,
                        settings.frame_rate.text());
    if (const auto fonts = fonts_of(project); !fonts.empty()) {
        text += "Fonts:";
        for (const auto& font : fonts)
            text += (font == *fonts.begin() ? " " : ", ") + font;
        text += " (Inter comes with Pulse Pin; install the others)\n";
    }
    text += "\nClips:\n";
    for (const auto& clip : *project.bin)
        text += "  " + clip.name + ": " +
                (clip.path.empty() ? std::string("no file")
                                   : clip.path.lexically_relative(folder).generic_string()) +
                "\n";
    for (const auto& name : packed.missing)
        text += "Missing: " + name + "\n";
    return text;
}

Result<void> take_formats(Packing& packing, const Project& project, const std::string& name,
                          const Progress& progress) {
    auto curves = curves_of_project(project, progress); // as far as the song is there
    const ExportMaterial material(curves ? *std::move(curves) : Curves{Schedule(project)});
    for (const auto& row : exporters())
        if (const auto text = row.write(material))
            if (auto written = packing.write(fs::path("formats") / export_name(name, row), *text); !written)
                return written;
    return {};
}

/// Song and clips; the project says where they are from now on.
Result<void> take_media(Packing& packing, Project& moved, Packed& packed, const ParamValues& values,
                        const Progress& progress) {
    const auto clips = *moved.bin;
    const auto handles = values.whole("handles");
    const auto stretches =
        handles >= 0 ? used_stretches(Schedule(moved), Frames(handles)) : std::map<ClipId, TimeSpan>();
    const double each = 1.0 / static_cast<double>(clips.size() + 1);
    if (moved.song) {
        const auto to = packing.take(moved.song->path, 0, each);
        if (!to)
            return tl::unexpected(to.error());
        if (*to)
            moved = with_song_path(moved, **to);
        else
            packed.missing.push_back(moved.song->title);
    }
    std::map<ClipId, fs::path> lie;
    for (std::size_t i = 0; i < clips.size(); ++i) {
        if (progress.cancelled())
            return fail_cancelled();
        const Clip& clip = clips[i];
        if (clip.path.empty())
            continue;
        const double from = each * static_cast<double>(i + 1);
        if (const auto used = stretches.find(clip.id); used != stretches.end())
            if (const auto part = packing.take_part(clip, used->second)) {
                const auto copy = clip_of_file(part->file);
                moved = with_clip_begun_later(moved, clip.id, part->start, part->file,
                                              copy ? copy->duration : used->second.until - part->start);
                ++packed.shortened;
                continue;
            }
        const auto to = packing.take(clip.path, from, from + each);
        if (!to)
            return tl::unexpected(to.error());
        if (*to)
            lie[clip.id] = **to;
        else
            packed.missing.push_back(clip.name);
    }
    auto bin = *moved.bin;
    for (auto& clip : bin)
        if (const auto to = lie.find(clip.id); to != lie.end())
            clip.path = to->second;
    moved.bin = std::make_shared<const std::vector<Clip>>(std::move(bin));
    return {};
}

Result<Packed> pack_into_folder(const Project& project, const std::string& name, const fs::path& folder,
                                const ParamValues& values, const Progress& progress) {
    Packing packing(folder, progress);
    if (auto begun = packing.begin(); !begun)
        return tl::unexpected(begun.error());
    Packed packed;
    Project moved = project;
    if (values.flag("only-used")) {
        auto bin = *project.bin;
        std::erase_if(bin,
                      [used = used_clips(project)](const Clip& clip) { return !used.contains(clip.id); });
        moved.bin = std::make_shared<const std::vector<Clip>>(std::move(bin));
    }
    if (auto taken = take_media(packing, moved, packed, values, progress.part(0, 0.9)); !taken)
        return tl::unexpected(taken.error());
    if (values.flag("formats"))
        if (auto taken = take_formats(packing, moved, name, progress.part(0.9, 1)); !taken)
            return tl::unexpected(taken.error());
    packed.files = packing.files();
    packed.bytes = packing.bytes();
    packed.project = folder / (name + ".pulsepin");
    if (auto saved = save_project(moved, packed.project); !saved)
        return tl::unexpected(saved.error());
    packing.note_project(packed.project, sha256_of(packed.project).value_or(std::string()));
    if (auto told = packing.write("about.txt", told_of_pack(moved, folder, packed)); !told)
        return tl::unexpected(told.error());
    if (auto listed = packing.write_list(); !listed)
        return tl::unexpected(listed.error());
    packing.keep();
    return packed;
}

/// A folder beside what is to be written, gone in the end.
class FolderForAWhile {
public:
    explicit FolderForAWhile(const fs::path& beside) : path_(beside.string() + ".making") {}
    ~FolderForAWhile() {
        std::error_code code;
        if (ours_)
            fs::remove_all(path_, code);
    }
    FolderForAWhile(const FolderForAWhile&) = delete;
    FolderForAWhile& operator=(const FolderForAWhile&) = delete;
    [[nodiscard]] Result<void> make() {
        std::error_code code;
        ours_ = fs::create_directory(path_, code);
        if (!ours_)
            return fail("The folder could not be made.", path_.string(),
                        "Remove what has its name, or choose another folder.");
        return {};
    }
    [[nodiscard]] const fs::path& path() const { return path_; }

private:
    fs::path path_;
    bool ours_ = false;
};

Result<Packed> pack_into_zip(const Project& project, const std::string& name, const fs::path& zip,
                             const ParamValues& values, const Progress& progress) {
    std::error_code code;
    if (fs::exists(fs::symlink_status(zip, code)))
        return fail("There is a file of this name already.", zip.string(), "Name another one.");
    FolderForAWhile folder(zip);
    if (auto made = folder.make(); !made)
        return tl::unexpected(made.error());
    auto packed = pack_into_folder(project, name, folder.path(), values, progress.part(0, 0.7));
    if (!packed)
        return packed;
    if (auto zipped = zip_folder(folder.path(), name, zip, progress.part(0.7, 1)); !zipped)
        return tl::unexpected(zipped.error());
    packed->project = zip;
    return packed;
}

} // namespace

ParamSpecs pack_parameters() {
    return parameters;
}

Result<Packed> pack(const Project& project, const std::string& name, const fs::path& into,
                    const ParamValues& values, const Progress& progress) {
    if (auto good = check_values(values, parameters); !good)
        return tl::unexpected(good.error());
    const auto all = completed(values, parameters);
    const fs::path whole = fs::absolute(into); // the project names its files from there
    return file_ending(whole) == ".zip" ? pack_into_zip(project, name, whole, all, progress)
                                        : pack_into_folder(project, name, whole, all, progress);
}

} // namespace pulsepin
