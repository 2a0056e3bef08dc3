// SPDX-License-Identifier: GPL-3.0-or-later
#include "media/film_coders.h"

#include "base/draft.h"

#include <algorithm>
#include <cerrno>
#include <cstring>
#include <system_error>
#include <unistd.h>

namespace pulsepin {
struct FilmFile::State {
    struct Free {
        void operator()(AVFormatContext* p) const {
            if (p->pb && !(p->oformat->flags & AVFMT_NOFILE))
                avio_closep(&p->pb);
            avformat_free_context(p);
        }
    };
    std::filesystem::path path;
    std::optional<Draft> draft; ///< before the container: closed after it
    bool was_there = false;     ///< a file of that name, which the person agreed to replace
    FilmSpec spec;
    std::unique_ptr<AVFormatContext, Free> container;
    AVStream *pictures = nullptr, *sound = nullptr;
    AVRational picture_tick{1, 24};
    av::Handle<AVPacket> packet{av_packet_alloc()};
    AVRational sound_tick{1, 48000};
    tl::unexpected<Error> failed(int error) const {
        if (error == AVERROR(ENOSPC))
            return fail("The disk is full; the film was not written.", path.string(),
                        "Make room, or write it to another disk.");
        return fail("The film could not be written (" + name_of_error(error) + ").", path.string(),
                    "Look whether the folder can be written to.");
    }
    tl::unexpected<Error> moved_badly() const {
        return fail("The film could not be put in its place (" + std::generic_category().message(errno) +
                        ").",
                    path.string(), "Look whether the folder can be written to.");
    }
    /// Someone else made a file of that name meanwhile: it stays, and the work of the encoder does, too.
    Result<void> kept_beside() {
        auto beside = path;
        for (int i = 2; i < 1000; ++i) {
            beside.replace_filename(path.stem().string() + "-" + std::to_string(i) +
                                    path.extension().string());
            std::error_code code;
            if (std::filesystem::exists(std::filesystem::symlink_status(beside, code)))
                continue;
            if (!draft->take_place_of(beside))
                return moved_badly();
            return fail("Another file of this name came while the film was made, and was left as it is.",
                        path.string(), "The film is whole in " + beside.string() + ".");
        }
        return moved_badly();
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
    remove_forgotten_drafts(path.parent_path());
    s.draft = Draft::beside(path);
    if (!s.draft)
        return s.failed(AVERROR(errno));
    std::error_code code;
    s.was_there = std::filesystem::exists(std::filesystem::symlink_status(path, code));
    AVFormatContext* made = nullptr;
    const std::string draft_name =
        "file:" + s.draft->opened_as().string(); // some containers read again what they wrote
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
        s.picture_tick = tick_of(spec.rate);
        s.pictures->time_base = s.picture_tick;
        s.pictures->avg_frame_rate = s.pictures->r_frame_rate = {s.picture_tick.den, s.picture_tick.num};
        s.pictures->sample_aspect_ratio = {1, 1};
        if (spec.format->picture == "libx265")
            s.pictures->codecpar->codec_tag = MKTAG('h', 'v', 'c', '1'); // what players of MP4 look for
        if (spec.transparent && !spec.format->pixels_with_holes.empty())
            av_dict_set(&s.pictures->metadata, "alpha_mode", "1", 0);
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
    std::copy(picture.bytes.begin(), picture.bytes.end(), s.packet->data);
    if (!picture.holes.empty()) {
        auto* beside = av_packet_new_side_data(s.packet.get(), AV_PKT_DATA_MATROSKA_BLOCKADDITIONAL,
                                               picture.holes.size());
        if (!beside)
            return s.failed(AVERROR(ENOMEM));
        std::memcpy(beside, picture.holes.data(), picture.holes.size());
    }
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
    std::copy(sound.bytes.begin(), sound.bytes.end(), s.packet->data);
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
    if (::fsync(s.draft->descriptor()) != 0)
        return s.failed(AVERROR(errno));
    if (!(s.was_there ? s.draft->take_place() : s.draft->take_free_place()))
        return errno == EEXIST ? s.kept_beside() : s.moved_badly();
    return {};
}

} // namespace pulsepin
