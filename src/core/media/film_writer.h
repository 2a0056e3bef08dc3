// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "base/error.h"
#include "media/film_formats.h"
#include "time/frame_rate.h"

#include <cstdint>
#include <filesystem>
#include <memory>
#include <span>
#include <string>
#include <vector>

namespace pulsepin {

/// A film as it is coded and written.
struct FilmSpec {
    const FilmFormat* format = nullptr;
    int width = 1280, height = 720;
    FrameRate rate;
    int quality = 0;          ///< within the format's
    bool transparent = false; ///< pictures have holes, which the format keeps
    /// Coded as one, by all cores, looking far ahead: smaller, but no machine can make a part of it, and no
    /// two make the same bytes. Else by stretches that stand by themselves.
    bool as_one = false;
    int sound_kbit = 192;             ///< a second, of formats that lose something
    std::int64_t sample_rate = 48000; ///< of the sound that is given; see coded_rate()
    std::string title = {}, author = {};
    std::string timecode = {}; ///< of the first frame; empty: none is written
    struct Chapter {
        Seconds from, until;
        std::string name;
        friend bool operator==(const Chapter&, const Chapter&) = default;
    };
    std::vector<Chapter> chapters = {};
};

/// Fails, with what to do, where a film cannot be written so.
[[nodiscard]] Result<void> can_write(const FilmSpec& spec);

/// Of what its sides are multiples, as the format's colours ask: 1 or 2.
[[nodiscard]] int side_step(const FilmSpec& spec);

/// A coded picture; its times are frames from the first of its part.
struct CodedPicture {
    std::vector<std::uint8_t> bytes;
    std::vector<std::uint8_t> holes =
        {}; ///< what some formats keep beside the picture: where it is transparent
    std::int64_t shown = 0, decoded = 0;
    bool key = false;
};

/// Codes the pictures of one part of a film, by themselves: parts that follow each other make the film,
/// whoever coded them, since each begins anew and the encoder's threads are fixed (quality-steered encoders
/// answer otherwise with every number of threads).
class PictureCoder {
public:
    [[nodiscard]] static Result<PictureCoder> open(const FilmSpec& spec);
    ~PictureCoder();
    PictureCoder(PictureCoder&&) noexcept;
    PictureCoder& operator=(PictureCoder&&) noexcept;

    /// 4 bytes a pixel in the order blue, green, red, alpha; `stride` bytes a row. Converted to BT.709 in
    /// studio range where the format has another colour space.
    [[nodiscard]] Result<std::vector<CodedPicture>> add(const std::uint8_t* pixels, std::int64_t stride);
    [[nodiscard]] Result<std::vector<CodedPicture>> finish();

private:
    friend class FilmFile;
    struct State;
    explicit PictureCoder(std::unique_ptr<State> state);
    std::unique_ptr<State> state_;
};

/// A coded stretch of sound; its time is in samples of the film's rate and begins before 0 as far as the
/// coder needs some to begin.
struct CodedSound {
    std::vector<std::uint8_t> bytes;
    std::int64_t at = 0, length = 0;
    std::uint32_t left_out = 0; ///< samples at its end that are not heard
};

/// Codes the sound of a film, as one: sound that is joined from parts has gaps or samples too many.
class SoundCoder {
public:
    [[nodiscard]] static Result<SoundCoder> open(const FilmSpec& spec);
    ~SoundCoder();
    SoundCoder(SoundCoder&&) noexcept;
    SoundCoder& operator=(SoundCoder&&) noexcept;

    /// Stereo, interleaved, at the film's rate of samples, from its first moment on.
    [[nodiscard]] Result<std::vector<CodedSound>> add(std::span<const float> stereo);
    [[nodiscard]] Result<std::vector<CodedSound>> finish();

private:
    friend class FilmFile;
    struct State;
    explicit SoundCoder(std::unique_ptr<State> state);
    std::unique_ptr<State> state_;
};

/// The rate of samples that a format's sound is coded at, of a song at that rate.
[[nodiscard]] std::int64_t coded_rate(const FilmFormat& format, std::int64_t sample_rate);

/// A film being written: coded pictures and sound, in order. Under its name only when it is whole: until then
/// it is a draft beside it, which is removed where it is not finished.
class FilmFile {
public:
    [[nodiscard]] static Result<FilmFile> create(const std::filesystem::path& path, const FilmSpec& spec,
                                                 bool with_sound);
    ~FilmFile();
    FilmFile(FilmFile&&) noexcept;
    FilmFile& operator=(FilmFile&&) noexcept;

    /// first: the part's first frame, counted from the film's.
    [[nodiscard]] Result<void> add(const CodedPicture& picture, Frames first);
    [[nodiscard]] Result<void> add(const CodedSound& sound);
    [[nodiscard]] Result<void> finish();

private:
    struct State;
    explicit FilmFile(std::unique_ptr<State> state);
    std::unique_ptr<State> state_;
};

} // namespace pulsepin
