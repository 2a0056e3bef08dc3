// SPDX-License-Identifier: GPL-3.0-or-later
#include "base/draft_folder.h"

#include "base/draft.h"
#include "base/text_file.h"

#include <algorithm>
#include <cstdio>
#include <cstdlib>
#include <fcntl.h>
#include <fstream>
#include <sys/file.h>
#include <sys/stat.h>
#include <unistd.h>
#include <utility>

namespace pulsepin {
namespace {

namespace fs = std::filesystem;

constexpr const char* note_name = ".pulsepin-draft";
constexpr std::string_view first_line =
    "Pulse Pin writes files here; a folder that was left behind is tidied.\n";

bool write_line(int file, std::string line) {
    line += '\n';
    return ::write(file, line.data(), line.size()) == static_cast<ssize_t>(line.size());
}

/// What the person takes away from the rights of new files. Asked of the system's table: umask() would set it
/// for all threads.
mode_t usual_mask() {
    std::ifstream in("/proc/self/status");
    for (std::string line; std::getline(in, line);)
        if (line.starts_with("Umask:"))
            return static_cast<mode_t>(std::strtoul(line.c_str() + 6, nullptr, 8));
    return 022;
}

void remove_noted(const fs::path& folder, const std::vector<std::string>& names) {
    for (const auto& name : names)
        ::unlink((folder / name).c_str());
    ::unlink((folder / note_name).c_str());
    ::rmdir(folder.c_str()); // stays where something else lies in it
}

/// What the note of a folder says was written into it; none where it is no draft.
std::optional<std::vector<std::string>> noted_in(const fs::path& folder) {
    const auto text = read_text_file(folder / note_name, 64u << 20);
    if (!text || !text->starts_with(first_line))
        return std::nullopt;
    std::vector<std::string> names;
    for (std::size_t at = first_line.size(); at < text->size();) {
        const auto end = std::min(text->find('\n', at), text->size());
        const std::string name = text->substr(at, end - at);
        if (!name.empty() && name.find('/') == std::string::npos)
            names.push_back(name);
        at = end + 1;
    }
    return names;
}

} // namespace

DraftFolder::DraftFolder(fs::path path, fs::path target, int note)
    : path_(std::move(path)), target_(std::move(target)), note_(note) {}

DraftFolder::DraftFolder(DraftFolder&& other) noexcept
    : path_(std::exchange(other.path_, {})), target_(std::move(other.target_)),
      note_(std::exchange(other.note_, -1)), names_(std::move(other.names_)) {}

DraftFolder::~DraftFolder() {
    if (!path_.empty())
        remove_noted(path_, names_);
    if (note_ >= 0)
        ::close(note_);
}

std::optional<DraftFolder> DraftFolder::beside(const fs::path& target) {
    std::string name = (target.has_parent_path() ? target.parent_path() : fs::path(".")).string();
    name += '/';
    name += draft_prefix;
    name += "XXXXXX";
    if (!::mkdtemp(name.data()))
        return std::nullopt;
    const int note = ::open((fs::path(name) / note_name).c_str(),
                            O_WRONLY | O_CREAT | O_EXCL | O_APPEND | O_CLOEXEC | O_NOFOLLOW, 0600);
    DraftFolder folder(name, target, note);
    if (note < 0 || ::flock(note, LOCK_EX) != 0 ||
        !write_line(note, std::string(first_line.substr(0, first_line.size() - 1))))
        return std::nullopt;
    return folder;
}

std::optional<fs::path> DraftFolder::file(const std::string& name) {
    if (!write_line(note_, name))
        return std::nullopt;
    names_.push_back(name);
    return path_ / name;
}

bool DraftFolder::take_place() {
    std::error_code code;
    const bool there = fs::exists(fs::symlink_status(target_, code));
    if (!there || (fs::is_directory(target_, code) && fs::is_empty(target_, code))) {
        // Readable as a new folder is; what becomes of it is as safe as a rename.
        ::chmod(path_.c_str(), 0777 & ~usual_mask());
        if (std::rename(path_.c_str(), target_.c_str()) == 0) {
            ::unlink((target_ / note_name).c_str());
            path_.clear();
            return true;
        }
        if (!there)
            return false;
    }
    for (const auto& name : names_)
        if (std::rename((path_ / name).c_str(), (target_ / name).c_str()) != 0)
            return false;
    return true;
}

void remove_forgotten_draft_folders(const fs::path& folder) {
    std::error_code code;
    std::vector<fs::path> found;
    for (fs::directory_iterator entry(folder.empty() ? "." : folder, code), end; !code && entry != end;
         entry.increment(code))
        if (entry->path().filename().string().starts_with(draft_prefix) &&
            fs::is_directory(entry->symlink_status(code)))
            found.push_back(entry->path());
    for (const auto& path : found) {
        const int note = ::open((path / note_name).c_str(), O_RDONLY | O_CLOEXEC | O_NOFOLLOW | O_NONBLOCK);
        if (note < 0)
            continue;
        if (::flock(note, LOCK_EX | LOCK_NB) == 0)
            if (const auto names = noted_in(path))
                remove_noted(path, *names);
        ::close(note);
    }
}

} // namespace pulsepin
