// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <cstdint>
#include <cstdlib>
#include <filesystem>
#include <fstream>
#include <span>
#include <string>

namespace pulsepin::fuzz {

/// A folder in memory, where there is one, that goes when the program ends: for what is read from files.
class Folder {
public:
    Folder() {
        std::string name = std::filesystem::exists("/dev/shm") ? "/dev/shm/pulsepin-fuzz-XXXXXX"
                                                               : "/tmp/pulsepin-fuzz-XXXXXX";
        if (!mkdtemp(name.data()))
            std::abort();
        path_ = name;
    }
    ~Folder() {
        std::error_code code;
        std::filesystem::remove_all(path_, code);
    }
    Folder(const Folder&) = delete;
    Folder& operator=(const Folder&) = delete;

    [[nodiscard]] std::filesystem::path at(const char* name) const { return path_ / name; }
    /// A file of these bytes.
    [[nodiscard]] std::filesystem::path with(const char* name, std::span<const std::uint8_t> bytes) const {
        std::ofstream(at(name), std::ios::binary)
            .write(reinterpret_cast<const char*>(bytes.data()), static_cast<std::streamsize>(bytes.size()));
        return at(name);
    }
    /// Whether nothing else is in it: drafts are tidied.
    [[nodiscard]] bool holds_only(std::span<const char* const> names) const {
        std::size_t there = 0;
        for (const char* name : names)
            there += std::filesystem::exists(at(name)) ? 1 : 0;
        const std::filesystem::directory_iterator all(path_);
        return static_cast<std::size_t>(std::distance(begin(all), end(all))) == there;
    }

private:
    std::filesystem::path path_;
};

} // namespace pulsepin::fuzz
