// SPDX-License-Identifier: GPL-3.0-or-later
#include "media/sample_store.h"

#include <algorithm>
#include <cerrno>
#include <fcntl.h>
#include <sys/mman.h>
#include <unistd.h>
#include <utility>

namespace pulsepin {

SampleStore::SampleStore(SoundFormat format, Samples length, const float* mapped, std::size_t bytes)
    : format_(format), length_(length), mapped_(mapped), bytes_(bytes) {}

SampleStore::~SampleStore() {
    if (mapped_)
        ::munmap(const_cast<float*>(mapped_), bytes_);
}

Seconds SampleStore::duration() const {
    return Seconds(static_cast<double>(length_.value) / static_cast<double>(format_.sample_rate));
}

std::span<const float> SampleStore::interleaved() const {
    return {mapped_, bytes_ / sizeof(float)};
}

void SampleStore::give_back_memory() const {
    if (!mapped_)
        return;
    auto* bytes = reinterpret_cast<char*>(const_cast<float*>(mapped_));
    const std::lock_guard lock(held_mutex_);
    // A shared file mapping: nothing is lost.
    if (held_.from > 0)
        ::madvise(bytes, held_.from, MADV_DONTNEED);
    if (held_.until < bytes_)
        ::madvise(bytes + held_.until, bytes_ - held_.until, MADV_DONTNEED);
}

void SampleStore::hold(Samples from, Samples until) const {
    if (!mapped_)
        return;
    const auto page = static_cast<std::size_t>(::sysconf(_SC_PAGESIZE));
    const auto place = [&](Samples at) {
        const auto samples = static_cast<std::size_t>(std::clamp(at, Samples(0), length_).value);
        return samples * static_cast<std::size_t>(format_.channels) * sizeof(float);
    };
    Pages wanted{place(from) / page * page, std::min((place(until) + page - 1) / page * page, bytes_)};
    if (wanted.until <= wanted.from)
        wanted = {};
    auto* bytes = reinterpret_cast<char*>(const_cast<float*>(mapped_));
    const std::lock_guard lock(held_mutex_); // so that nobody gives back what is let go for a moment
    if (held_.until > held_.from)
        ::munlock(bytes + held_.from, held_.until - held_.from);
    if (wanted.until > wanted.from) {
        ::madvise(bytes + wanted.from, wanted.until - wanted.from, MADV_WILLNEED);
        (void)::mlock(bytes + wanted.from, wanted.until - wanted.from);
    }
    held_ = wanted;
}

float SampleStore::mono_at(Samples position) const {
    if (position.value < 0 || position.value >= length_.value)
        return 0;
    float value = 0;
    read_mono(position, std::span(&value, 1));
    return value;
}

void SampleStore::read_mono(Samples from, std::span<float> out) const {
    const auto count = static_cast<std::int64_t>(out.size());
    const auto first = std::clamp<std::int64_t>(-from.value, 0, count);
    const auto last = std::clamp<std::int64_t>(length_.value - from.value, first, count);
    std::fill(out.begin(), out.begin() + first, 0.0f);
    std::fill(out.begin() + last, out.end(), 0.0f);
    float* target = out.data() + first;
    const auto wanted = static_cast<std::size_t>(last - first);
    const float* source = mapped_ + (from.value + first) * format_.channels;
    if (format_.channels == 1) {
        std::copy_n(source, wanted, target);
        return;
    }
    if (format_.channels == 2) { // the usual case, in a loop that the compiler makes wide
        for (std::size_t i = 0; i < wanted; ++i)
            target[i] = 0.5f * (source[2 * i] + source[2 * i + 1]);
        return;
    }
    const auto channels = static_cast<std::size_t>(format_.channels);
    for (std::size_t i = 0; i < wanted; ++i) {
        float sum = 0;
        for (std::size_t c = 0; c < channels; ++c)
            sum += source[i * channels + c];
        target[i] = sum / static_cast<float>(channels);
    }
}

Result<SampleStoreWriter> SampleStoreWriter::create(SoundFormat format, std::filesystem::path folder) {
    std::error_code code;
    if (folder.empty())
        folder = std::filesystem::temp_directory_path(code);
    std::string name = (folder / "pulsepin-sound-XXXXXX").string();
    const int descriptor = ::mkstemp(name.data());
    if (descriptor < 0)
        return fail("There is no room for the decoded sound.", folder.string(),
                    "Set TMPDIR to a folder on a disk with free space.");
    ::unlink(name.c_str());
    return SampleStoreWriter(format, descriptor);
}

Result<SampleStoreWriter> SampleStoreWriter::create_in(int descriptor, SoundFormat format) {
    const int own = ::fcntl(descriptor, F_DUPFD_CLOEXEC, 0);
    const auto begins = ::lseek(descriptor, 0, SEEK_CUR);
    if (own < 0 || begins < 0)
        return fail("There is no room for the decoded sound.");
    return SampleStoreWriter(format, own, begins);
}

SampleStoreWriter::~SampleStoreWriter() {
    if (descriptor_ >= 0)
        ::close(descriptor_);
}

SampleStoreWriter::SampleStoreWriter(SampleStoreWriter&& other) noexcept
    : format_(other.format_), descriptor_(std::exchange(other.descriptor_, -1)), begins_(other.begins_),
      values_(other.values_) {}

Result<void> SampleStoreWriter::append(std::span<const float> interleaved) {
    const char* at = reinterpret_cast<const char*>(interleaved.data());
    std::size_t left = interleaved.size_bytes();
    while (left > 0) {
        const ssize_t written = ::write(descriptor_, at, left);
        if (written < 0 && errno == EINTR)
            continue;
        if (written <= 0)
            return fail("The disk is full: there is no room for the decoded sound.", {},
                        "Free some space, or set TMPDIR to a folder on another disk.");
        at += written;
        left -= static_cast<std::size_t>(written);
    }
    values_ += static_cast<std::int64_t>(interleaved.size());
    return {};
}

Result<std::shared_ptr<const SampleStore>> SampleStoreWriter::finish() {
    auto store = SampleStore::map(format_, descriptor_, begins_, values_);
    ::close(std::exchange(descriptor_, -1));
    return store;
}

Result<std::shared_ptr<const SampleStore>> SampleStore::map(SoundFormat format, int descriptor,
                                                            std::int64_t offset, std::int64_t values) {
    const auto bytes = static_cast<std::size_t>(values) * sizeof(float);
    const float* mapped = nullptr;
    if (bytes > 0) {
        void* place = ::mmap(nullptr, bytes, PROT_READ, MAP_SHARED, descriptor, offset);
        if (place == MAP_FAILED)
            return fail("The decoded sound cannot be mapped into memory.");
        mapped = static_cast<const float*>(place);
    }
    return std::shared_ptr<const SampleStore>(
        new SampleStore(format, Samples(values / format.channels), mapped, bytes));
}

} // namespace pulsepin
