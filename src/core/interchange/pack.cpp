// SPDX-License-Identifier: GPL-3.0-or-later
#include "interchange/pack.h"

#include "base/text_file.h"
#include "interchange/project_file.h"
#include "media/checksum.h"
#include "media/picture_sequence.h"
#include "model/edits.h"

#include <algorithm>
#include <map>
#include <set>

namespace pulsepin {
namespace {

namespace fs = std::filesystem;

/// Clips that a pin or a layer shows, or that are heard.
std::set<ClipId> used_clips(const Project& project) {
    std::set<ClipId> used;
    for (const auto& lane : project.lanes) {
        for (const auto& pin : lane->pins) {
            if (const auto* cut = body_if<CutBody>(&pin.body))
                used.insert(cut->shot);
            else if (const auto* sound = body_if<SoundBody>(&pin.body))
                used.insert(sound->sound);
        }
        if (const auto* exposing = part_of<Exposing>(*lane))
            for (const auto& named : exposing->pictures)
                used.insert(named.picture);
    }
    for (const auto& layer : project.stage->layers)
        used.insert(layer.picture);
    return used;
}

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
        written_.push_back(to);
        sums_.emplace_back(to.lexically_relative(folder_).generic_string(), *sum);
        std::error_code code;
        bytes_ += fs::file_size(to, code);
        ++files_;
        return {};
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

} // namespace

Result<Packed> pack(const Project& project, const std::string& name, const fs::path& folder, bool only_used,
                    const Progress& progress) {
    Packing packing(folder, progress);
    if (auto begun = packing.begin(); !begun)
        return tl::unexpected(begun.error());
    Packed packed;
    Project moved = project;
    auto bin = *project.bin;
    if (only_used)
        std::erase_if(bin,
                      [used = used_clips(project)](const Clip& clip) { return !used.contains(clip.id); });
    const double each = 1.0 / static_cast<double>(bin.size() + 1);
    if (project.song) {
        const auto to = packing.take(project.song->path, 0, each);
        if (!to)
            return tl::unexpected(to.error());
        if (*to)
            moved = with_song_path(moved, **to);
        else
            packed.missing.push_back(project.song->title);
    }
    for (std::size_t i = 0; i < bin.size(); ++i) {
        if (progress.cancelled())
            return fail_cancelled();
        if (bin[i].path.empty())
            continue;
        const double from = each * static_cast<double>(i + 1);
        const auto to = packing.take(bin[i].path, from, from + each);
        if (!to)
            return tl::unexpected(to.error());
        if (*to)
            bin[i].path = **to;
        else
            packed.missing.push_back(bin[i].name);
    }
    moved.bin = std::make_shared<const std::vector<Clip>>(std::move(bin));
    packed.project = folder / (name + ".pulsepin");
    if (auto saved = save_project(moved, packed.project); !saved)
        return tl::unexpected(saved.error());
    const auto sum = sha256_of(packed.project);
    packing.note_project(packed.project, sum.value_or(std::string()));
    if (auto listed = packing.write_list(); !listed)
        return tl::unexpected(listed.error());
    packed.files = packing.files();
    packed.bytes = packing.bytes();
    packing.keep();
    return packed;
}

} // namespace pulsepin
