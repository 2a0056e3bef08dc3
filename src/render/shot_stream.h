// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "render/composed.h"
#include "render/shot_pictures.h"
#include "schedule/schedule.h"
#include "schedule/shots.h"

namespace pulsepin {

/// Whether a layer shows pictures of the bin, if only as the matte of another.
[[nodiscard]] bool shows_pictures(const Stage& stage, const Layer& layer);

/// The pictures of a lane of cuts, cross-fades included. Asking never waits.
class ShotStream {
public:
    /// `arrived` is called on a decoding thread whenever something new is there.
    explicit ShotStream(const std::function<void()>& arrived,
                        std::size_t kept_bytes = ShotPictures::usual_bytes);

    void set_size(QSize size);
    /// At most about so many bytes of pictures from now on, a fifth of them of what fades, and as many for
    /// what decodes them.
    void may_keep(std::size_t bytes);
    /// Which file is decoded for a clip; at first its own.
    void use_files(std::function<std::filesystem::path(const Clip&)> file_of) {
        file_of_ = std::move(file_of);
    }

    struct Seen {
        LayerPicture picture;
        bool exact = false;  ///< the very pictures of that frame, or none is to be seen
        PinId cut;           ///< that the shot began with; none in a gap
        bool shot = false;   ///< a shot is to be seen
        std::string trouble; ///< why it cannot be
    };
    [[nodiscard]] Seen at(const Project& project, const std::vector<ShotSpan>& shots, Frames frame);

    /// What a layer shows at a frame: its shots, or its picture.
    [[nodiscard]] Seen of_layer(const Schedule& schedule, const Layer& layer, Frames frame);

    /// A clip by itself from the start of the piece on; it stands still when it is over.
    [[nodiscard]] Seen clip_at(const Clip& clip, Seconds time);

private:
    [[nodiscard]] Seen drawing_at(const Schedule& schedule, const Layer& layer, Frames frame);
    [[nodiscard]] PictureFile pictures_of(const Clip& clip) const;
    [[nodiscard]] ShotPictures::Wanted wanted_of(const Clip& clip, const ShotSpan& span, Frames frame,
                                                 FrameRate rate) const;
    ShotPictures pictures_, fading_;
    std::function<std::filesystem::path(const Clip&)> file_of_ = [](const Clip& clip) { return clip.path; };
};

} // namespace pulsepin
