// SPDX-License-Identifier: GPL-3.0-or-later
#include "base/file_state.h"

#include "base/text_file.h"

#include <sys/stat.h>

namespace pulsepin {
namespace {

FileState outside_of(const std::filesystem::path& path) {
    struct stat now {};
    if (::stat(path.c_str(), &now) != 0)
        return {};
    return {now.st_dev, now.st_ino, now.st_size, now.st_mtim.tv_sec * 1'000'000'000 + now.st_mtim.tv_nsec, 0};
}

} // namespace

std::uint64_t content_fingerprint(std::string_view bytes) {
    std::uint64_t hash = 14695981039346656037u;
    for (const char c : bytes)
        hash = (hash ^ static_cast<unsigned char>(c)) * 1099511628211u;
    return hash;
}

FileState file_state(const std::filesystem::path& path, std::string_view bytes) {
    auto state = outside_of(path);
    state.content = content_fingerprint(bytes);
    return state;
}

FileChange change_since(const std::filesystem::path& path, const FileState& then) {
    auto now = outside_of(path);
    if (!now.exists())
        return then.exists() ? FileChange::Gone : FileChange::Same;
    now.content = then.content;
    if (now == then)
        return FileChange::Same;
    const auto bytes = read_text_file(path);
    if (bytes && then.exists() && content_fingerprint(*bytes) == then.content)
        return FileChange::Same;
    return FileChange::Changed;
}

} // namespace pulsepin
