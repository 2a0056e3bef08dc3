// SPDX-License-Identifier: GPL-3.0-or-later
#include "media/sound_shelf.h"

#include "base/draft.h"
#include "base/file_state.h"
#include "base/private_folder.h"

#include <algorithm>
#include <chrono>
#include <fcntl.h>
#include <fmt/core.h>
#include <sstream>
#include <string>
#include <sys/stat.h>
#include <sys/statvfs.h>
#include <unistd.h>
#include <vector>

namespace pulsepin {
namespace {

constexpr std::string_view version = "Pulse Pin samples 1";
constexpr std::string_view ending = ".samples";
constexpr std::int64_t least_bytes = 4 << 20;    ///< ten seconds
constexpr std::uintmax_t left_free = 2ull << 30; ///< of the disk, at least, and a tenth of it

std::int64_t nanoseconds(const timespec& time) {
    return static_cast<std::int64_t>(time.tv_sec) * 1'000'000'000 + time.tv_nsec;
}

/// What a file is known by, and what of it was asked for; empty where that cannot be told.
std::string key_of(const std::filesystem::path& path, const LoadOptions& options) {
    struct stat file {};
    if (::stat(path.c_str(), &file) != 0 || !S_ISREG(file.st_mode))
        return {};
    // A file that is written twice in the same moment has the same dates.
    constexpr std::int64_t moment = 2'000'000'000;
    const auto now = std::chrono::duration_cast<std::chrono::nanoseconds>(
                         std::chrono::system_clock::now().time_since_epoch())
                         .count();
    const auto changed = std::max(nanoseconds(file.st_mtim), nanoseconds(file.st_ctim));
    if (now - changed < moment)
        return {};
    return fmt::format("file {} {} of {} bytes, {} {}; rate {}, from {}, length {}", file.st_dev, file.st_ino,
                       file.st_size, nanoseconds(file.st_mtim), nanoseconds(file.st_ctim),
                       options.sample_rate, options.from.value,
                       options.length ? options.length->value : std::int64_t{-1});
}

std::filesystem::path place_of(const SoundShelf& shelf, const std::string& key) {
    return shelf.samples / (fmt::format("{:016x}", content_fingerprint(key)) + std::string(ending));
}

std::filesystem::path outline_of(const SoundShelf& shelf, const std::string& fingerprint) {
    return shelf.outlines / (fingerprint + ".outline");
}

struct Head {
    SoundFormat format;
    std::int64_t values = 0; ///< samples of all channels
    std::string fingerprint;
    int damaged_packets = 0;
    std::int64_t missing = 0;
};

std::string written(const Head& head, const std::string& key) {
    return fmt::format("{}\n{}\n{} {} {} {} {} {}\nend\n", version, key, head.format.sample_rate,
                       head.format.channels, head.values, head.fingerprint, head.damaged_packets,
                       head.missing);
}

std::optional<Head> read_head(int file, const std::string& key) {
    std::string text(static_cast<std::size_t>(ShelvedDraft::samples_begin), '\0');
    struct stat is {};
    if (::fstat(file, &is) != 0 || ::pread(file, text.data(), text.size(), 0) != std::ssize(text))
        return std::nullopt;
    const std::string begins = std::string(version) + '\n' + key + '\n';
    if (!text.starts_with(begins))
        return std::nullopt;
    std::istringstream in(text.substr(begins.size()));
    in.imbue(std::locale::classic());
    Head head;
    std::string end;
    if (!(in >> head.format.sample_rate >> head.format.channels >> head.values >> head.fingerprint >>
          head.damaged_packets >> head.missing >> end) ||
        end != "end" || head.values <= 0 || head.format.channels < 1 || head.format.sample_rate < 1)
        return std::nullopt;
    const bool whole =
        head.values % head.format.channels == 0 &&
        is.st_size == ShelvedDraft::samples_begin + head.values * static_cast<std::int64_t>(sizeof(float));
    return whole ? std::optional(std::move(head)) : std::nullopt;
}

/// From the disk, or from its samples: what was kept of a sound may be gone.
std::shared_ptr<const SoundOutline> outline(const SoundShelf& shelf, const LoadedSound& sound) {
    const auto place = outline_of(shelf, sound.fingerprint);
    if (auto kept = load_outline(sound.fingerprint, place))
        return std::make_shared<const SoundOutline>(*std::move(kept));
    auto made = outline_of(*sound.samples);
    (void)save_outline(made, sound.fingerprint, place);
    return std::make_shared<const SoundOutline>(std::move(made));
}

class OpenFile {
public:
    explicit OpenFile(const std::filesystem::path& path)
        : file_(::open(path.c_str(), O_RDONLY | O_CLOEXEC | O_NOFOLLOW)) {}
    ~OpenFile() {
        if (file_ >= 0)
            ::close(file_);
    }
    OpenFile(const OpenFile&) = delete;
    OpenFile& operator=(const OpenFile&) = delete;
    [[nodiscard]] int descriptor() const { return file_; }

private:
    int file_;
};

} // namespace

struct ShelvedDraft::State {
    std::string key;
    Draft draft;
};

ShelvedDraft::ShelvedDraft(std::unique_ptr<State> state) : state_(std::move(state)) {}
ShelvedDraft::~ShelvedDraft() = default;
ShelvedDraft::ShelvedDraft(ShelvedDraft&&) noexcept = default;
ShelvedDraft& ShelvedDraft::operator=(ShelvedDraft&&) noexcept = default;

int ShelvedDraft::descriptor() const {
    return state_->draft.descriptor();
}

void ShelvedDraft::take_place(const LoadedSound& sound) {
    if (!state_)
        return;
    const Head head{sound.samples->format(), std::ssize(sound.samples->interleaved()), sound.fingerprint,
                    sound.damaged_packets, sound.missing.value};
    const std::string text = written(head, state_->key);
    const int file = state_->draft.descriptor();
    // The samples are on the disk before it says that they are: what is silent after a power cut is not
    // found.
    if (std::ssize(text) < samples_begin && ::fdatasync(file) == 0 &&
        ::pwrite(file, text.data(), text.size(), 0) == std::ssize(text))
        (void)state_->draft.take_place();
    state_.reset();
}

void shelve(const LoadedSound& sound) {
    if (sound.to_shelve)
        sound.to_shelve->take_place(sound);
}

namespace {

std::optional<LoadedSound> found(const SoundShelf& shelf, const std::filesystem::path& path,
                                 const LoadOptions& options) {
    const std::string key = key_of(path, options);
    if (key.empty())
        return std::nullopt;
    const auto place = place_of(shelf, key);
    const OpenFile file(place);
    if (file.descriptor() < 0)
        return std::nullopt;
    const auto head = read_head(file.descriptor(), key);
    if (!head)
        return std::nullopt;
    auto samples =
        SampleStore::map(head->format, file.descriptor(), ShelvedDraft::samples_begin, head->values);
    if (!samples)
        return std::nullopt;
    LoadedSound sound;
    sound.path = path;
    sound.from_shelf = true;
    sound.samples = *std::move(samples);
    sound.fingerprint = head->fingerprint;
    sound.damaged_packets = head->damaged_packets;
    sound.missing = Samples(head->missing);
    if (options.for_drawing)
        sound.outline = outline(shelf, sound);
    std::error_code ignored; // it was wanted just now
    std::filesystem::last_write_time(place, std::filesystem::file_time_type::clock::now(), ignored);
    return sound;
}

} // namespace

std::optional<LoadedSound> shelved_sound(const SoundShelf& shelf, const std::filesystem::path& path,
                                         const LoadOptions& options) {
    if (auto kept = found(shelf, path, options))
        return kept;
    // A project asks for as much of its song as it had when it was opened as a mere file.
    if (!options.length || options.from != Samples(0))
        return std::nullopt;
    LoadOptions whole = options;
    whole.length.reset();
    auto kept = found(shelf, path, whole);
    if (!kept || kept->samples->length() != *options.length)
        return std::nullopt;
    kept->missing = Samples(0); // what lies after was not asked for
    return kept;
}

std::optional<ShelvedDraft> begin_shelved(const SoundShelf& shelf, const std::filesystem::path& path,
                                          const LoadOptions& options, SoundFormat format, Samples announced) {
    const std::int64_t bytes = announced.value * format.channels * static_cast<std::int64_t>(sizeof(float));
    if (bytes < least_bytes)
        return std::nullopt;
    std::string key = key_of(path, options);
    if (key.empty())
        return std::nullopt;
    make_private_folder(shelf.samples);
    struct statvfs disk {};
    if (::statvfs(shelf.samples.c_str(), &disk) != 0)
        return std::nullopt;
    const auto free = static_cast<std::uintmax_t>(disk.f_bavail) * disk.f_frsize,
               all = static_cast<std::uintmax_t>(disk.f_blocks) * disk.f_frsize;
    if (free < static_cast<std::uintmax_t>(bytes) + std::max(left_free, all / 10))
        return std::nullopt;
    remove_forgotten_drafts(shelf.samples);
    auto draft = Draft::beside(place_of(shelf, key), 0600);
    if (!draft || ::lseek(draft->descriptor(), ShelvedDraft::samples_begin, SEEK_SET) < 0)
        return std::nullopt;
    return ShelvedDraft(
        std::make_unique<ShelvedDraft::State>(ShelvedDraft::State{std::move(key), *std::move(draft)}));
}

void make_room_on_shelf(const SoundShelf& shelf, std::uintmax_t most_bytes) {
    struct Kept {
        std::filesystem::path path;
        std::filesystem::file_time_type wanted;
        std::uintmax_t bytes;
    };
    std::vector<Kept> all;
    std::error_code code;
    for (const auto& file : std::filesystem::directory_iterator(shelf.samples, code))
        if (file.path().extension() == ending)
            all.push_back({file.path(), file.last_write_time(code), file.file_size(code)});
    std::sort(all.begin(), all.end(), [](const Kept& a, const Kept& b) { return a.wanted > b.wanted; });
    std::uintmax_t sum = 0;
    for (const auto& kept : all) {
        sum += kept.bytes;
        if (sum > most_bytes)
            std::filesystem::remove(kept.path, code);
    }
}

} // namespace pulsepin
