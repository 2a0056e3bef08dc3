// SPDX-License-Identifier: GPL-3.0-or-later
#include "media/video_reader.h"

#include "media/picture_scaler.h"

#include <algorithm>
#include <cmath>
#include <cstring>

namespace pulsepin {
namespace {

constexpr double hair = 1e-6;
constexpr double largest_tick = 0.002;         ///< that times are taken to be rounded to
constexpr double worth_decoding_through = 1.0; ///< seconds; beyond it a seek is quicker

bool holds_one_picture(const av::OpenStream& source) {
    const std::string_view name = source.container->iformat->name;
    return name.ends_with("_pipe") || (name == "image2" && !source.files->sequence);
}

} // namespace

struct VideoReader::State {
    std::filesystem::path path;
    int turned_by_hand = 0;
    av::OpenStream source;
    av::Handle<AVPacket> packet{av_packet_alloc()};
    av::Handle<AVFrame> current{av_frame_alloc()}; ///< on screen from current_from
    av::Handle<AVFrame> ahead{av_frame_alloc()};   ///< the one after it
    PictureScaler scaler;
    VideoInfo info;
    std::int64_t zero = 0; ///< the time of the first picture, whatever the file says of its beginning
    double slack = hair;   ///< a picture is shown from so much before its time on
    double current_from = 0;
    double ahead_from = 0;
    bool have_current = false;
    bool have_ahead = false;
    bool only_forwards = false; ///< the file cannot be sought in: it is opened again to go back
    int damaged = 0;

    [[nodiscard]] double time_of(const AVFrame& frame) const {
        return static_cast<double>(frame.best_effort_timestamp - zero) * av_q2d(source.stream->time_base);
    }
    [[nodiscard]] double usual_length() const { return 1.0 / std::max(info.frames_per_second, 1.0); }

    [[nodiscard]] SeenAs seen() const {
        return turned_on(seen_as(*current, *source.container, *source.stream), turned_by_hand);
    }

    bool read_ahead() {
        av_frame_unref(ahead.get());
        have_ahead = av::next_frame(source, packet.get(), ahead.get(), damaged) == av::Step::Frame;
        if (have_ahead)
            ahead_from = ahead->best_effort_timestamp == AV_NOPTS_VALUE
                             ? (have_current ? current_from + usual_length() : 0)
                             : time_of(*ahead);
        return have_ahead;
    }

    void step() {
        std::swap(current, ahead);
        current_from = ahead_from;
        have_current = have_ahead;
        read_ahead();
    }

    void forget() {
        have_current = have_ahead = false;
        av_frame_unref(current.get());
        av_frame_unref(ahead.get());
    }

    /// Decodes from a key picture that lies so much before the time. False where the file does not go there:
    /// the first picture that can be decoded comes later, or there is none.
    bool seek_behind(double time, double before) {
        const auto target = zero + static_cast<std::int64_t>(std::floor(std::max(time - before, 0.0) /
                                                                        av_q2d(source.stream->time_base)));
        if (avformat_seek_file(source.container.get(), source.stream->index, INT64_MIN, target, target, 0) <
            0)
            return false;
        avcodec_flush_buffers(source.decoder.get());
        source.flushed = false;
        forget();
        // What comes before the first key picture leans on pictures that were not decoded.
        while (read_ahead() && !ahead->key_frame && ahead->pict_type != AV_PICTURE_TYPE_I)
            continue;
        if (!have_ahead || ahead_from > time + slack)
            return false;
        step();
        return true;
    }

    bool open_again() {
        auto opened = av::open_stream(path, AVMEDIA_TYPE_VIDEO);
        if (!opened)
            return false;
        source = *std::move(opened);
        forget();
        if (read_ahead())
            step();
        return have_current;
    }

    void seek(double time) {
        const bool from_start = time <= usual_length();
        if (!only_forwards && !from_start) {
            for (const double before : {0.0, 1.5, 6.0, 30.0}) {
                if (seek_behind(time, before))
                    return;
                if (before > time)
                    break;
            }
            only_forwards = true; // where no key picture was found on the way back
        }
        if (only_forwards && have_current && time >= current_from)
            return; // decoded through
        open_again();
    }

    /// Leaves in `current` the frame to show at `time`.
    void go_to(double time) {
        if (info.still && have_current)
            return;
        if (!have_current || time < current_from - slack || time > current_from + worth_decoding_through)
            seek(time);
        while (have_ahead && ahead_from <= time + slack)
            step();
    }

    /// What the first picture says of all.
    void look_at_first() {
        const auto changes = changes_of(*current);
        const auto seen = this->seen();
        // A photograph may have been read at a part of its size.
        const int part = std::max(1, (source.stream->codecpar->width + current->width / 2) / current->width);
        info.width = seen.width * part;
        info.height = seen.height * part;
        info.turned = !seen.turn.none();
        info.wide_pixels = (seen.turn.swaps_sides() ? seen.height : seen.width) != current->width;
        info.interlaced = seen.interlaced;
        info.high_dynamic_range = changes.transfer != Transfer::Sdr;
    }

    Result<Picture> shown_for(double time, int fit_width, int fit_height) {
        auto made = scaler.scaled(*current, seen(), fit_width, fit_height);
        if (!made) {
            Error error = made.error();
            error.file = path.string();
            error.remedy = "Convert it to H.264, ProRes or PNG first.";
            return tl::unexpected(error);
        }
        Picture picture{std::move(made->pixels), made->transparent, Seconds(current_from - slack), {}};
        if (time < picture.from.value) // the first one
            picture.from = Seconds(time);
        picture.until = Seconds(have_ahead ? ahead_from - slack : current_from + usual_length() - slack);
        if (info.still)
            picture.until = Seconds(1e9);
        return picture;
    }
};

void VideoReader::decode_roughly() {
    state_->source.decoder->skip_loop_filter = AVDISCARD_ALL;
}

namespace {

/// What the file says under that name: of the pictures, of the whole, or of another stream (timecode has one
/// of its own in some containers). Empty where it says nothing, or what cannot be one line of a list.
std::string said_as(const AVFormatContext& container, const AVStream& pictures, const char* name) {
    const AVDictionary* places[] = {pictures.metadata, container.metadata};
    std::vector<const AVDictionary*> all(std::begin(places), std::end(places));
    for (unsigned i = 0; i < container.nb_streams; ++i)
        all.push_back(container.streams[i]->metadata);
    constexpr std::size_t most = 64;
    for (const auto* place : all)
        if (const auto* entry = av_dict_get(place, name, nullptr, 0)) {
            std::string text = entry->value;
            if (!text.empty() && text.size() <= most &&
                std::ranges::all_of(text, [](unsigned char c) { return c >= 0x20 && c < 0x7f; }))
                return text;
        }
    return {};
}

} // namespace

VideoReader::VideoReader(std::unique_ptr<State> state) : state_(std::move(state)) {}
VideoReader::~VideoReader() = default;
VideoReader::VideoReader(VideoReader&&) noexcept = default;
VideoReader& VideoReader::operator=(VideoReader&&) noexcept = default;

Result<VideoReader> VideoReader::open(const PictureFile& file) {
    const auto& path = file.path;
    auto source = av::open_stream(path, AVMEDIA_TYPE_VIDEO);
    if (!source)
        return tl::unexpected(source.error());
    auto state = std::make_unique<State>();
    State& s = *state;
    s.path = path;
    s.turned_by_hand = file.turned;
    s.source = *std::move(source);
    const AVStream& stream = *s.source.stream;
    const auto rate = av_guess_frame_rate(s.source.container.get(), s.source.stream, nullptr);
    double duration = 0;
    if (stream.duration != AV_NOPTS_VALUE)
        duration = static_cast<double>(stream.duration) * av_q2d(stream.time_base);
    else if (s.source.container->duration != AV_NOPTS_VALUE)
        duration = static_cast<double>(s.source.container->duration) / AV_TIME_BASE;
    s.info.frames_per_second = rate.num > 0 && rate.den > 0 ? av_q2d(rate) : 0.0;
    s.info.still = holds_one_picture(s.source);
    s.info.duration = s.info.still ? Seconds(0) : Seconds(std::max(duration, 0.0));
    s.info.timecode = said_as(*s.source.container, stream, "timecode");
    s.info.reel = said_as(*s.source.container, stream, "reel_name");
    const double tick = av_q2d(stream.time_base);
    s.slack = tick <= largest_tick ? tick + hair : hair;
    s.zero = stream.start_time == AV_NOPTS_VALUE ? 0 : stream.start_time;
    if (s.read_ahead()) {
        if (s.ahead->best_effort_timestamp != AV_NOPTS_VALUE) {
            s.zero = s.ahead->best_effort_timestamp;
            s.ahead_from = 0;
        }
        s.step();
    }
    if (!s.have_current)
        return s.info.still
                   ? fail("This picture could not be decoded: it is damaged, or has more than 134 million "
                          "pixels.",
                          path.string(), "Export it again, or make it smaller.")
                   : fail("Not a single picture could be decoded.", path.string(),
                          "The file is damaged, or of a kind that cannot be shown; export it again.");
    s.look_at_first();
    return VideoReader(std::move(state));
}

const VideoInfo& VideoReader::info() const {
    return state_->info;
}

Result<Picture> VideoReader::picture_at(Seconds time, int fit_width, int fit_height) {
    State& s = *state_;
    s.go_to(std::max(time.value, 0.0));
    if (!s.have_current) // damaged or past the end: the beginning is better than nothing
        s.go_to(0.0);
    if (!s.have_current)
        return fail("Not a single picture could be decoded.", s.path.string(),
                    "The file is damaged; export it again.");
    return s.shown_for(std::max(time.value, 0.0), std::max(fit_width, 1), std::max(fit_height, 1));
}

} // namespace pulsepin
