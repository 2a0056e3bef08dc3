// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "media/audio_decoder.h"

#include <filesystem>
#include <memory>
#include <mutex>
#include <span>

namespace pulsepin {

/// The samples of a whole sound, kept in a nameless file that is mapped into memory: pages come and go as
/// they are needed, so that hours of sound do not fill the memory. Immutable; may be read from any thread.
class SampleStore {
public:
    ~SampleStore();
    SampleStore(const SampleStore&) = delete;
    SampleStore& operator=(const SampleStore&) = delete;

    [[nodiscard]] const SoundFormat& format() const { return format_; }
    [[nodiscard]] Samples length() const { return length_; }
    [[nodiscard]] Seconds duration() const;
    /// All samples, channels interleaved.
    [[nodiscard]] std::span<const float> interleaved() const;
    /// The mean of the channels at one place; 0 outside.
    [[nodiscard]] float mono_at(Samples position) const;
    /// The mean of the channels over [from, from + out.size()); silence outside.
    void read_mono(Samples from, std::span<float> out) const;
    /// Gives back the memory of all pages that were read, but those that are held; they come again when they
    /// are needed. For work that goes once through hours of sound. May be called at any time, from any
    /// thread.
    void give_back_memory() const;
    /// Holds [from, until) in memory, in the place of what was held before, so that a thread that may not
    /// wait reads it without waiting for the disk, whoever gives memory back meanwhile. Waits for the disk
    /// itself. Where the system does not allow as much (RLIMIT_MEMLOCK), it is fetched but may go again.
    void hold(Samples from, Samples until) const;

    /// So many values, of all channels, that a file has from `offset` on, a whole number of pages. The file
    /// may be closed and lose its name, but not be written to.
    [[nodiscard]] static Result<std::shared_ptr<const SampleStore>>
    map(SoundFormat format, int descriptor, std::int64_t offset, std::int64_t values);

private:
    friend class SampleStoreWriter;
    SampleStore(SoundFormat format, Samples length, const float* mapped, std::size_t bytes);
    SoundFormat format_;
    Samples length_;
    const float* mapped_;
    std::size_t bytes_;
    struct Pages {
        std::size_t from = 0, until = 0; ///< bytes from the start of the mapping, whole pages
    };
    mutable std::mutex held_mutex_;
    mutable Pages held_;
};

/// Fills a store from front to back.
class SampleStoreWriter {
public:
    /// The file lies in `folder` until it is closed; an empty path means the system's folder for temporary
    /// files.
    [[nodiscard]] static Result<SampleStoreWriter> create(SoundFormat format,
                                                          std::filesystem::path folder = {});
    /// Into a file that the caller has open, from where it stands on (a whole number of pages).
    [[nodiscard]] static Result<SampleStoreWriter> create_in(int descriptor, SoundFormat format);
    ~SampleStoreWriter();
    SampleStoreWriter(SampleStoreWriter&& other) noexcept;
    SampleStoreWriter& operator=(SampleStoreWriter&&) = delete;

    [[nodiscard]] Result<void> append(std::span<const float> interleaved);
    [[nodiscard]] Result<std::shared_ptr<const SampleStore>> finish();

private:
    SampleStoreWriter(SoundFormat format, int descriptor, std::int64_t begins = 0)
        : format_(format), descriptor_(descriptor), begins_(begins) {}
    SoundFormat format_;
    int descriptor_;
    std::int64_t begins_ = 0;
    std::int64_t values_ = 0;
};

} // namespace pulsepin
