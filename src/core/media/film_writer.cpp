// SPDX-License-Identifier: GPL-3.0-or-later
#include "media/film_writer.h"

#include "media/av_handles.h"

#include <algorithm>
#include <cerrno>
#include <cstdlib>
#include <cstring>
#include <iterator>
#include <fcntl.h>
#include <sys/file.h>
#include <system_error>
#include <unistd.h>

extern "C" {
#include <libavutil/channel_layout.h>
#include <libavutil/opt.h>
#include <libavutil/pixdesc.h>
}

namespace pulsepin {
namespace {

constexpr int coder_threads = 2; // fixed: see PictureCoder
constexpr int group_seconds = 2;

std::string name_of(int error) {
    char text[AV_ERROR_MAX_STRING_SIZE] = {};
    return av_make_error_string(text, sizeof text, error);
}

AVPixelFormat pixels_of(const FilmFormat& format) {
    return av_get_pix_fmt(std::string(format.pixels).c_str());
}

AVRational tick_of(FrameRate rate) {
    return {static_cast<int>(rate.denominator()), static_cast<int>(rate.numerator())};
}

bool is_rgb(AVPixelFormat pixels) {
    const auto* told = av_pix_fmt_desc_get(pixels);
    return told && (told->flags & AV_PIX_FMT_FLAG_RGB) != 0;
}

/// What each encoder is told so that a part stands by itself and answers the same on every machine.
void set_options(AVCodecContext& coder, const FilmSpec& spec) {
    const std::string_view encoder = spec.format->picture;
    const int group = std::max(1, static_cast<int>(spec.rate.nominal()) * group_seconds);
    void* own = coder.priv_data;
    if (encoder == "libx264" || encoder == "libx265") {
        coder.gop_size = group;
        coder.keyint_min = group;
        coder.flags |= AV_CODEC_FLAG_CLOSED_GOP;
        av_opt_set(own, "preset", "fast", 0);
        av_opt_set(own, "crf", std::to_string(spec.quality).c_str(), 0);
        // What looks ahead on pictures of half the size reads beyond their edge where the height is no
        // multiple of 32: it answers otherwise for the same pictures (x264 164). Without that it does not.
        if (encoder == "libx264") {
            av_opt_set(own, "sc_threshold", "0", 0);
            av_opt_set(own, "mbtree", "0", 0);
            av_opt_set(own, "b_strategy", "0", 0);
        } else
            av_opt_set(own, "x265-params",
                       ("log-level=error:scenecut=0:open-gop=0:pools=2:frame-threads=1:keyint=" +
                        std::to_string(group) + ":min-keyint=" + std::to_string(group))
                           .c_str(),
                       0);
    } else if (encoder == "libvpx-vp9") {
        coder.gop_size = group;
        coder.bit_rate = 0;
        av_opt_set(own, "crf", std::to_string(spec.quality).c_str(), 0);
        av_opt_set(own, "deadline", "good", 0);
        av_opt_set(own, "cpu-used", "4", 0);
        av_opt_set(own, "row-mt", "1", 0);
    } else if (encoder == "libsvtav1") {
        setenv("SVT_LOG", "1", 0); // errors alone
        coder.gop_size = group;
        av_opt_set(own, "crf", std::to_string(spec.quality).c_str(), 0);
        av_opt_set(own, "preset", "9", 0);
        av_opt_set(own, "svtav1-params", "lp=2", 0);
    } else if (encoder == "prores_ks") {
        av_opt_set(own, "profile", spec.format->alpha ? "4444" : "hq", 0);
        av_opt_set(own, "vendor", "apl0", 0);
        if (spec.format->alpha)
            av_opt_set(own, "alpha_bits", "16", 0);
    } else if (encoder == "ffv1") {
        coder.level = 3;
        coder.gop_size = 1;
        coder.slices = 4;
        av_opt_set(own, "slicecrc", "1", 0);
    } else if (encoder == "libwebp_anim") {
        av_opt_set_double(own, "quality", spec.quality, 0);
        av_opt_set_int(own, "loop", 0, 0);
    }
}

} // namespace

Result<void> can_write(const FilmSpec& spec) {
    if (!spec.format || !can_write(*spec.format))
        return fail("The encoder for this kind of film is not installed.", {},
                    "Install Debian's ffmpeg libraries (libavcodec59), or choose another kind.");
    if (spec.width < 16 || spec.height < 16 || spec.width > 8192 || spec.height > 8192)
        return fail("A film is 16 to 8192 pixels wide and high.");
    if (!spec.format->picture.empty()) {
        const auto* told = av_pix_fmt_desc_get(pixels_of(*spec.format));
        if (told &&
            (spec.width % (1 << told->log2_chroma_w) != 0 || spec.height % (1 << told->log2_chroma_h) != 0))
            return fail("Width and height of this kind of film must be even.", {},
                        "Add or take away a pixel.");
    }
    return {};
}

// -- pictures

struct PictureCoder::State {
    FilmSpec spec;
    av::Handle<AVCodecContext> coder;
    av::Handle<AVFrame> frame{av_frame_alloc()};
    av::Handle<AVPacket> packet{av_packet_alloc()};
    av::Handle<SwsContext> scaler;
    std::int64_t frames = 0;

    Result<std::vector<CodedPicture>> take();
};

PictureCoder::PictureCoder(std::unique_ptr<State> state) : state_(std::move(state)) {}
PictureCoder::~PictureCoder() = default;
PictureCoder::PictureCoder(PictureCoder&&) noexcept = default;
PictureCoder& PictureCoder::operator=(PictureCoder&&) noexcept = default;

Result<PictureCoder> PictureCoder::open(const FilmSpec& spec) {
    av_log_set_level(AV_LOG_ERROR); // what went well needs no word in a terminal
    if (auto possible = can_write(spec); !possible)
        return tl::unexpected(possible.error());
    auto state = std::make_unique<State>();
    state->spec = spec;
    const auto* encoder = avcodec_find_encoder_by_name(std::string(spec.format->picture).c_str());
    state->coder.reset(avcodec_alloc_context3(encoder));
    AVCodecContext& coder = *state->coder;
    const AVPixelFormat pixels = pixels_of(*spec.format);
    coder.width = spec.width;
    coder.height = spec.height;
    coder.pix_fmt = pixels;
    coder.time_base = tick_of(spec.rate);
    coder.framerate = {coder.time_base.den, coder.time_base.num};
    coder.sample_aspect_ratio = {1, 1};
    coder.thread_count = coder_threads;
    coder.flags |= AV_CODEC_FLAG_BITEXACT | AV_CODEC_FLAG_GLOBAL_HEADER;
    if (!is_rgb(pixels)) {
        coder.color_primaries = AVCOL_PRI_BT709;
        coder.color_trc = AVCOL_TRC_BT709;
        coder.colorspace = AVCOL_SPC_BT709;
        coder.color_range = AVCOL_RANGE_MPEG;
        coder.chroma_sample_location = AVCHROMA_LOC_LEFT;
    }
    set_options(coder, spec);
    if (const int error = avcodec_open2(&coder, encoder, nullptr); error < 0)
        return fail("The encoder does not take these settings (" + name_of(error) + ").", {},
                    "Choose another size, rate or quality.");
    AVFrame& frame = *state->frame;
    frame.width = spec.width;
    frame.height = spec.height;
    frame.format = pixels;
    frame.color_primaries = coder.color_primaries;
    frame.color_trc = coder.color_trc;
    frame.colorspace = coder.colorspace;
    frame.color_range = coder.color_range;
    if (av_frame_get_buffer(&frame, 0) < 0)
        return fail("There is not enough memory for a picture of this size.");
    state->scaler.reset(sws_getContext(
        spec.width, spec.height, AV_PIX_FMT_BGRA, spec.width, spec.height, pixels,
        SWS_BILINEAR | SWS_ACCURATE_RND | SWS_FULL_CHR_H_INT | SWS_FULL_CHR_H_INP | SWS_BITEXACT, nullptr,
        nullptr, nullptr));
    if (!state->scaler)
        return fail("Pictures cannot be brought into the form of this kind of film.");
    const int* bt709 = sws_getCoefficients(SWS_CS_ITU709);
    sws_setColorspaceDetails(state->scaler.get(), bt709, 1, bt709, is_rgb(pixels) ? 1 : 0, 0, 1 << 16,
                             1 << 16);
    return PictureCoder(std::move(state));
}

Result<std::vector<CodedPicture>> PictureCoder::State::take() {
    std::vector<CodedPicture> taken;
    while (true) {
        const int got = avcodec_receive_packet(coder.get(), packet.get());
        if (got == AVERROR(EAGAIN) || got == AVERROR_EOF)
            return taken;
        if (got < 0)
            return fail("A picture could not be coded (" + name_of(got) + ").");
        CodedPicture picture;
        picture.bytes.assign(packet->data, packet->data + packet->size);
        picture.shown = packet->pts;
        picture.decoded = packet->dts == AV_NOPTS_VALUE ? packet->pts : packet->dts;
        picture.key = (packet->flags & AV_PKT_FLAG_KEY) != 0;
        taken.push_back(std::move(picture));
        av_packet_unref(packet.get());
    }
}

Result<std::vector<CodedPicture>> PictureCoder::add(const std::uint8_t* pixels, std::int64_t stride) {
    State& s = *state_;
    if (av_frame_make_writable(s.frame.get()) < 0)
        return fail("There is not enough memory for a picture of this size.");
    const std::uint8_t* planes[] = {pixels, nullptr, nullptr, nullptr};
    const int strides[] = {static_cast<int>(stride), 0, 0, 0};
    sws_scale(s.scaler.get(), planes, strides, 0, s.spec.height, s.frame->data, s.frame->linesize);
    s.frame->pts = s.frames++;
    s.frame->pict_type = AV_PICTURE_TYPE_NONE;
    if (const int error = avcodec_send_frame(s.coder.get(), s.frame.get()); error < 0)
        return fail("A picture could not be coded (" + name_of(error) + ").");
    return s.take();
}

Result<std::vector<CodedPicture>> PictureCoder::finish() {
    avcodec_send_frame(state_->coder.get(), nullptr);
    return state_->take();
}

// -- sound

struct SoundCoder::State {
    av::Handle<AVCodecContext> coder;
    av::Handle<AVFrame> block{av_frame_alloc()};
    av::Handle<AVPacket> packet{av_packet_alloc()};
    std::vector<float> waiting; ///< that does not fill a block yet
    std::int64_t samples = 0;

    Result<std::vector<CodedSound>> take();
    Result<std::vector<CodedSound>> code(std::size_t frames);
};

SoundCoder::SoundCoder(std::unique_ptr<State> state) : state_(std::move(state)) {}
SoundCoder::~SoundCoder() = default;
SoundCoder::SoundCoder(SoundCoder&&) noexcept = default;
SoundCoder& SoundCoder::operator=(SoundCoder&&) noexcept = default;

std::int64_t coded_rate(const FilmFormat& format, std::int64_t sample_rate) {
    if (format.sound == "libopus") // RFC 6716 knows no other that is as good
        return 48000;
    return std::clamp<std::int64_t>(sample_rate, 8000, format.sound == "aac" ? 96000 : 192000);
}

Result<SoundCoder> SoundCoder::open(const FilmSpec& spec) {
    if (auto possible = can_write(spec); !possible)
        return tl::unexpected(possible.error());
    auto state = std::make_unique<State>();
    const auto* encoder = avcodec_find_encoder_by_name(std::string(spec.format->sound).c_str());
    state->coder.reset(avcodec_alloc_context3(encoder));
    AVCodecContext& coder = *state->coder;
    coder.sample_rate = static_cast<int>(spec.sample_rate);
    coder.sample_fmt = encoder->sample_fmts[0];
    for (const auto* one = encoder->sample_fmts; *one != AV_SAMPLE_FMT_NONE; ++one)
        if (*one == AV_SAMPLE_FMT_FLTP || *one == AV_SAMPLE_FMT_FLT || *one == AV_SAMPLE_FMT_S32)
            coder.sample_fmt = *one;
    av_channel_layout_default(&coder.ch_layout, 2);
    coder.time_base = {1, static_cast<int>(spec.sample_rate)};
    if (spec.format->sound == "aac" || spec.format->sound == "libopus")
        coder.bit_rate = spec.sound_kbit * 1000;
    coder.flags |= AV_CODEC_FLAG_BITEXACT | AV_CODEC_FLAG_GLOBAL_HEADER;
    if (const int error = avcodec_open2(&coder, encoder, nullptr); error < 0)
        return fail("The sound cannot be coded so (" + name_of(error) + ").", {},
                    "Choose another kind of film.");
    return SoundCoder(std::move(state));
}

Result<std::vector<CodedSound>> SoundCoder::State::take() {
    std::vector<CodedSound> taken;
    while (true) {
        const int got = avcodec_receive_packet(coder.get(), packet.get());
        if (got == AVERROR(EAGAIN) || got == AVERROR_EOF)
            return taken;
        if (got < 0)
            return fail("The sound could not be coded (" + name_of(got) + ").");
        CodedSound sound;
        sound.bytes.assign(packet->data, packet->data + packet->size);
        sound.at = packet->pts;
        sound.length = packet->duration;
        std::size_t size = 0;
        if (const auto* skip = av_packet_get_side_data(packet.get(), AV_PKT_DATA_SKIP_SAMPLES, &size);
            skip && size >= 8)
            sound.left_out = static_cast<std::uint32_t>(skip[4]) | static_cast<std::uint32_t>(skip[5]) << 8 |
                             static_cast<std::uint32_t>(skip[6]) << 16 |
                             static_cast<std::uint32_t>(skip[7]) << 24;
        taken.push_back(std::move(sound));
        av_packet_unref(packet.get());
    }
}

/// The first of the samples that wait, as one block.
Result<std::vector<CodedSound>> SoundCoder::State::code(std::size_t frames) {
    av_frame_unref(block.get());
    block->nb_samples = static_cast<int>(frames);
    block->format = coder->sample_fmt;
    block->sample_rate = coder->sample_rate;
    av_channel_layout_copy(&block->ch_layout, &coder->ch_layout);
    if (av_frame_get_buffer(block.get(), 0) < 0)
        return fail("There is not enough memory for the sound.");
    for (std::size_t i = 0; i < frames; ++i)
        for (std::size_t c = 0; c < 2; ++c) {
            const float value = waiting[2 * i + c];
            if (coder->sample_fmt == AV_SAMPLE_FMT_FLTP)
                reinterpret_cast<float*>(block->extended_data[c])[i] = value;
            else if (coder->sample_fmt == AV_SAMPLE_FMT_FLT)
                reinterpret_cast<float*>(block->extended_data[0])[2 * i + c] = value;
            else
                reinterpret_cast<std::int32_t*>(block->extended_data[0])[2 * i + c] =
                    static_cast<std::int32_t>(
                        std::clamp(static_cast<double>(value) * 2147483648.0, -2147483648.0, 2147483647.0));
        }
    waiting.erase(waiting.begin(), waiting.begin() + static_cast<std::ptrdiff_t>(2 * frames));
    block->pts = samples;
    samples += static_cast<std::int64_t>(frames);
    if (const int error = avcodec_send_frame(coder.get(), block.get()); error < 0)
        return fail("The sound could not be coded (" + name_of(error) + ").");
    return take();
}

Result<std::vector<CodedSound>> SoundCoder::add(std::span<const float> stereo) {
    State& s = *state_;
    s.waiting.insert(s.waiting.end(), stereo.begin(), stereo.end());
    const auto block = static_cast<std::size_t>(s.coder->frame_size > 0 ? s.coder->frame_size : 1024);
    std::vector<CodedSound> all;
    while (s.waiting.size() >= 2 * block) {
        auto coded = s.code(block);
        if (!coded)
            return coded;
        std::move(coded->begin(), coded->end(), std::back_inserter(all));
    }
    return all;
}

Result<std::vector<CodedSound>> SoundCoder::finish() {
    State& s = *state_;
    std::vector<CodedSound> all;
    if (!s.waiting.empty()) {
        auto coded = s.code(s.waiting.size() / 2);
        if (!coded)
            return coded;
        all = *std::move(coded);
    }
    avcodec_send_frame(s.coder.get(), nullptr);
    auto rest = s.take();
    if (!rest)
        return rest;
    std::move(rest->begin(), rest->end(), std::back_inserter(all));
    return all;
}

// -- the file

namespace {

/// Not that of texts (base/text_file.h): each removes what was forgotten of its own.
constexpr std::string_view draft_prefix = ".pulsepin-film-";

/// Drafts of programs that were killed: nobody holds them.
void remove_forgotten_drafts(const std::filesystem::path& folder) {
    std::error_code code;
    for (std::filesystem::directory_iterator entry(folder, code), end; !code && entry != end;
         entry.increment(code)) {
        if (!entry->path().filename().string().starts_with(draft_prefix))
            continue;
        const int file = ::open(entry->path().c_str(), O_RDWR | O_CLOEXEC | O_NOFOLLOW);
        if (file >= 0 && ::flock(file, LOCK_EX | LOCK_NB) == 0)
            ::unlink(entry->path().c_str());
        if (file >= 0)
            ::close(file);
    }
}

} // namespace

struct FilmFile::State {
    struct Free {
        void operator()(AVFormatContext* p) const {
            if (p->pb && !(p->oformat->flags & AVFMT_NOFILE))
                avio_closep(&p->pb);
            avformat_free_context(p);
        }
    };
    std::filesystem::path path, draft;
    FilmSpec spec;
    std::unique_ptr<AVFormatContext, Free> container;
    AVStream *pictures = nullptr, *sound = nullptr;
    AVRational picture_tick{1, 24};
    av::Handle<AVPacket> packet{av_packet_alloc()};
    AVRational sound_tick{1, 48000};
    int lock = -1; ///< held on the draft while it is written
    bool finished = false;

    ~State() {
        container.reset();
        std::error_code code;
        if (!finished && !draft.empty())
            std::filesystem::remove(draft, code);
        if (lock >= 0)
            ::close(lock);
    }
    tl::unexpected<Error> failed(int error) const {
        if (error == AVERROR(ENOSPC))
            return fail("The disk is full; the film was not written.", path.string(),
                        "Make room, or write it to another disk.");
        return fail("The film could not be written (" + name_of(error) + ").", path.string(),
                    "Look whether the folder can be written to.");
    }
};

FilmFile::FilmFile(std::unique_ptr<State> state) : state_(std::move(state)) {}
FilmFile::~FilmFile() = default;
FilmFile::FilmFile(FilmFile&&) noexcept = default;
FilmFile& FilmFile::operator=(FilmFile&&) noexcept = default;

Result<FilmFile> FilmFile::create(const std::filesystem::path& path, const FilmSpec& spec, bool with_sound) {
    if (auto possible = can_write(spec); !possible)
        return tl::unexpected(possible.error());
    auto state = std::make_unique<State>();
    State& s = *state;
    s.path = path;
    s.spec = spec;
    remove_forgotten_drafts(path.has_parent_path() ? path.parent_path() : std::filesystem::path("."));
    s.draft = path.parent_path() / (std::string(draft_prefix) + path.filename().string());
    s.lock = ::open(s.draft.c_str(), O_RDWR | O_CREAT | O_CLOEXEC, 0666);
    if (s.lock < 0)
        return s.failed(AVERROR(errno));
    if (::flock(s.lock, LOCK_EX | LOCK_NB) != 0) {
        s.draft.clear(); // it is another's
        return fail("Another film is being written under this name.", path.string(),
                    "Wait for it, or choose another name.");
    }
    AVFormatContext* made = nullptr;
    const std::string draft_name = "file:" + s.draft.string(); // some containers read again what they wrote
    if (avformat_alloc_output_context2(&made, nullptr, std::string(spec.format->container).c_str(),
                                       draft_name.c_str()) < 0)
        return fail("This kind of film cannot be written here.", path.string());
    s.container.reset(made);
    s.container->flags |= AVFMT_FLAG_BITEXACT;
    if (!spec.format->picture.empty()) {
        auto coder = PictureCoder::open(spec);
        if (!coder)
            return tl::unexpected(coder.error());
        s.pictures = avformat_new_stream(s.container.get(), nullptr);
        if (!s.pictures ||
            avcodec_parameters_from_context(s.pictures->codecpar, coder->state_->coder.get()) < 0)
            return s.failed(AVERROR(ENOMEM));
        // This encoder waits for ever when it is closed before it coded anything.
        if (spec.format->picture == "libsvtav1") {
            const std::vector<std::uint8_t> black(
                static_cast<std::size_t>(spec.width) * static_cast<std::size_t>(spec.height) * 4, 0);
            if (auto coded = coder->add(black.data(), std::int64_t{4} * spec.width); !coded)
                return tl::unexpected(coded.error());
            if (auto coded = coder->finish(); !coded)
                return tl::unexpected(coded.error());
        }
        s.picture_tick = tick_of(spec.rate);
        s.pictures->time_base = s.picture_tick;
        s.pictures->avg_frame_rate = s.pictures->r_frame_rate = {s.picture_tick.den, s.picture_tick.num};
        s.pictures->sample_aspect_ratio = {1, 1};
        if (spec.format->picture == "libx265")
            s.pictures->codecpar->codec_tag = MKTAG('h', 'v', 'c', '1'); // what players of MP4 look for
        if (!spec.timecode.empty())
            av_dict_set(&s.pictures->metadata, "timecode", spec.timecode.c_str(), 0);
    }
    if (with_sound && !spec.format->sound.empty()) {
        auto coder = SoundCoder::open(spec);
        if (!coder)
            return tl::unexpected(coder.error());
        s.sound = avformat_new_stream(s.container.get(), nullptr);
        if (!s.sound || avcodec_parameters_from_context(s.sound->codecpar, coder->state_->coder.get()) < 0)
            return s.failed(AVERROR(ENOMEM));
        s.sound_tick = {1, static_cast<int>(spec.sample_rate)};
        s.sound->time_base = s.sound_tick;
    }
    if (!spec.title.empty())
        av_dict_set(&s.container->metadata, "title", spec.title.c_str(), 0);
    if (!spec.author.empty())
        av_dict_set(&s.container->metadata, "artist", spec.author.c_str(), 0);
    if (!spec.chapters.empty()) {
        s.container->chapters = static_cast<AVChapter**>(av_calloc(spec.chapters.size(), sizeof(AVChapter*)));
        for (const auto& chapter : spec.chapters) {
            auto* one = static_cast<AVChapter*>(av_mallocz(sizeof(AVChapter)));
            one->id = s.container->nb_chapters + 1;
            one->time_base = {1, 1000};
            one->start = static_cast<std::int64_t>(chapter.from.value * 1000 + 0.5);
            one->end = static_cast<std::int64_t>(chapter.until.value * 1000 + 0.5);
            av_dict_set(&one->metadata, "title", chapter.name.c_str(), 0);
            s.container->chapters[s.container->nb_chapters++] = one;
        }
    }
    // Sound that begins before 0, since its coder needs some samples to begin, is told of as such: what is
    // shown begins at 0 all the same.
    s.container->avoid_negative_ts = AVFMT_AVOID_NEG_TS_DISABLED;
    if (const int error = avio_open(&s.container->pb, draft_name.c_str(), AVIO_FLAG_WRITE); error < 0)
        return s.failed(error);
    AVDictionary* options = nullptr;
    if (spec.format->container == "mp4" || spec.format->container == "mov")
        av_dict_set(&options, "movflags", "+faststart+write_colr", 0);
    if (spec.format->container == "gif" || spec.format->container == "webp")
        av_dict_set(&options, "loop", "0", 0);
    const int error = avformat_write_header(s.container.get(), &options);
    av_dict_free(&options);
    if (error < 0)
        return s.failed(error);
    return FilmFile(std::move(state));
}

Result<void> FilmFile::add(const CodedPicture& picture, Frames first) {
    State& s = *state_;
    if (av_new_packet(s.packet.get(), static_cast<int>(picture.bytes.size())) < 0)
        return s.failed(AVERROR(ENOMEM));
    std::memcpy(s.packet->data, picture.bytes.data(), picture.bytes.size());
    s.packet->pts = picture.shown + first.value;
    s.packet->dts = picture.decoded + first.value;
    s.packet->duration = 1;
    s.packet->flags = picture.key ? AV_PKT_FLAG_KEY : 0;
    s.packet->stream_index = s.pictures->index;
    av_packet_rescale_ts(s.packet.get(), s.picture_tick, s.pictures->time_base);
    if (const int error = av_interleaved_write_frame(s.container.get(), s.packet.get()); error < 0)
        return s.failed(error);
    if (s.container->pb && s.container->pb->error < 0)
        return s.failed(s.container->pb->error);
    return {};
}

Result<void> FilmFile::add(const CodedSound& sound) {
    State& s = *state_;
    if (!s.sound)
        return {};
    if (av_new_packet(s.packet.get(), static_cast<int>(sound.bytes.size())) < 0)
        return s.failed(AVERROR(ENOMEM));
    std::memcpy(s.packet->data, sound.bytes.data(), sound.bytes.size());
    s.packet->pts = s.packet->dts = sound.at;
    s.packet->duration = sound.length;
    s.packet->flags = AV_PKT_FLAG_KEY;
    s.packet->stream_index = s.sound->index;
    if (sound.left_out > 0)
        if (auto* skip = av_packet_new_side_data(s.packet.get(), AV_PKT_DATA_SKIP_SAMPLES, 10)) {
            std::memset(skip, 0, 10);
            for (int byte = 0; byte < 4; ++byte)
                skip[4 + byte] = static_cast<std::uint8_t>(sound.left_out >> (8 * byte));
        }
    av_packet_rescale_ts(s.packet.get(), s.sound_tick, s.sound->time_base);
    if (const int error = av_interleaved_write_frame(s.container.get(), s.packet.get()); error < 0)
        return s.failed(error);
    return {};
}

Result<void> FilmFile::finish() {
    State& s = *state_;
    if (const int error = av_write_trailer(s.container.get()); error < 0)
        return s.failed(error);
    if (const int error = avio_closep(&s.container->pb); error < 0)
        return s.failed(error);
    std::error_code code;
    std::filesystem::rename(s.draft, s.path, code);
    if (code)
        return fail("The film could not be put in its place (" + code.message() + ").", s.path.string(),
                    "Look whether the folder can be written to.");
    s.finished = true;
    return {};
}

} // namespace pulsepin
