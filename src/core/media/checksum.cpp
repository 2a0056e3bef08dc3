// SPDX-License-Identifier: GPL-3.0-or-later
#include "media/checksum.h"

#include <fmt/core.h>
#include <fstream>
#include <memory>
#include <vector>

extern "C" {
#include <libavutil/mem.h>
#include <libavutil/sha.h>
}

namespace pulsepin {
namespace {

struct FreeSha {
    void operator()(AVSHA* sha) const { av_free(sha); }
};

/// Every block of the file goes to `take`, which says whether to go on.
template <class Take>
Result<std::string> read_through(const std::filesystem::path& path, const Progress& progress, Take take) {
    const auto unread = [&]() -> Result<std::string> {
        return fail("This file could not be read.", path.string(), "See whether it is still there.");
    };
    std::error_code code;
    const auto size = std::filesystem::file_size(path, code);
    std::ifstream file(path, std::ios::binary);
    if (code || !file)
        return unread();
    const std::unique_ptr<AVSHA, FreeSha> sha(av_sha_alloc());
    av_sha_init(sha.get(), 256);
    std::vector<char> block(1u << 20);
    std::uintmax_t done = 0;
    while (file) {
        if (progress.cancelled())
            return fail_cancelled();
        file.read(block.data(), static_cast<std::streamsize>(block.size()));
        const auto count = static_cast<std::size_t>(file.gcount());
        if (file.bad())
            return unread();
        av_sha_update(sha.get(), reinterpret_cast<const std::uint8_t*>(block.data()), count);
        if (auto taken = take(block.data(), count); !taken)
            return tl::unexpected(taken.error());
        done += count;
        progress.report(size > 0 ? static_cast<double>(done) / static_cast<double>(size) : 1);
    }
    std::uint8_t digest[32];
    av_sha_final(sha.get(), digest);
    std::string text;
    for (const auto byte : digest)
        text += fmt::format("{:02x}", byte);
    return text;
}

} // namespace

Result<std::string> sha256_of(const std::filesystem::path& file, const Progress& progress) {
    return read_through(file, progress, [](const char*, std::size_t) { return Result<void>(); });
}

Result<std::string> copied_with_sha256(const std::filesystem::path& from, const std::filesystem::path& to,
                                       const Progress& progress) {
    std::error_code code;
    if (std::filesystem::exists(std::filesystem::symlink_status(to, code)))
        return fail("There is such a file already.", to.string(), "Choose an empty folder.");
    std::ofstream out(to, std::ios::binary);
    auto sum = read_through(from, progress, [&](const char* bytes, std::size_t count) -> Result<void> {
        if (!out.write(bytes, static_cast<std::streamsize>(count)))
            return fail("This file could not be written.", to.string(),
                        "See whether the disk is full and the folder may be written to.");
        return {};
    });
    out.close();
    if (sum && !out)
        sum = fail("This file could not be written.", to.string(),
                   "See whether the disk is full and the folder may be written to.");
    if (!sum)
        std::filesystem::remove(to, code);
    return sum;
}

} // namespace pulsepin
