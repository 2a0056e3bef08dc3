// SPDX-License-Identifier: GPL-3.0-or-later
#include "interchange/zip_file.h"

#include "base/draft.h"

#include <algorithm>
#include <archive.h>
#include <archive_entry.h>
#include <fstream>
#include <vector>

namespace pulsepin {
namespace {

namespace fs = std::filesystem;

struct FreeArchive {
    void operator()(archive* a) const { archive_write_free(a); }
    void operator()(archive_entry* e) const { archive_entry_free(e); }
};

tl::unexpected<Error> not_written(const fs::path& zip) {
    return fail("The file could not be written.", zip.string(),
                "See whether the disk is full, or choose another folder.");
}

Result<void> add(archive& to, const fs::path& file, const std::string& name, const fs::path& zip,
                 const Progress& progress) {
    std::error_code code;
    const auto size = fs::file_size(file, code);
    std::ifstream in(file, std::ios::binary);
    if (code || !in)
        return fail("The file cannot be read.", file.string(), "See whether it is still there.");
    const std::unique_ptr<archive_entry, FreeArchive> entry(archive_entry_new());
    archive_entry_set_pathname_utf8(entry.get(), name.c_str());
    archive_entry_set_size(entry.get(), static_cast<la_int64_t>(size));
    archive_entry_set_filetype(entry.get(), AE_IFREG);
    archive_entry_set_perm(entry.get(), 0644);
    const auto changed = fs::last_write_time(file, code);
    const auto seconds = std::chrono::duration_cast<std::chrono::seconds>(
        std::chrono::file_clock::to_sys(changed).time_since_epoch());
    archive_entry_set_mtime(entry.get(), seconds.count(), 0);
    if (archive_write_header(&to, entry.get()) != ARCHIVE_OK)
        return not_written(zip);
    std::vector<char> bytes(1 << 20);
    while (in) {
        if (progress.cancelled())
            return fail_cancelled();
        in.read(bytes.data(), static_cast<std::streamsize>(bytes.size()));
        const auto read = static_cast<std::size_t>(in.gcount());
        if (read > 0 && archive_write_data(&to, bytes.data(), read) != static_cast<la_ssize_t>(read))
            return not_written(zip);
    }
    return {};
}

} // namespace

Result<void> zip_folder(const fs::path& folder, const std::string& below, const fs::path& zip,
                        const Progress& progress) {
    std::vector<fs::path> files;
    std::error_code code;
    for (fs::recursive_directory_iterator at(folder, code), end; !code && at != end; at.increment(code))
        if (at->is_regular_file(code))
            files.push_back(at->path());
    if (code)
        return fail("This folder cannot be read.", folder.string(), "See whether it is still there.");
    std::ranges::sort(files);
    auto draft = Draft::beside(zip);
    if (!draft)
        return not_written(zip);
    const std::unique_ptr<archive, FreeArchive> to(archive_write_new());
    // Film and sound are packed closely already.
    if (archive_write_set_format_zip(to.get()) != ARCHIVE_OK ||
        archive_write_zip_set_compression_store(to.get()) != ARCHIVE_OK ||
        archive_write_set_options(to.get(), "hdrcharset=UTF-8") != ARCHIVE_OK ||
        archive_write_open_fd(to.get(), draft->descriptor()) != ARCHIVE_OK)
        return not_written(zip);
    for (std::size_t i = 0; i < files.size(); ++i) {
        const std::string name = (fs::path(below) / files[i].lexically_relative(folder)).generic_string();
        if (auto added = add(*to, files[i], name, zip, progress); !added)
            return added;
        progress.report(static_cast<double>(i + 1) / static_cast<double>(files.size()));
    }
    if (archive_write_close(to.get()) != ARCHIVE_OK || !draft->take_place())
        return not_written(zip);
    return {};
}

bool is_zip(std::string_view bytes) {
    return bytes.starts_with("PK\x03\x04") ||
           bytes.starts_with("PK\x05\x06"); // APPNOTE.TXT, 4.3.7 and 4.3.16
}

} // namespace pulsepin
