// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "media/video_reader.h"

#include <QImage>
#include <QSize>
#include <functional>
#include <memory>
#include <optional>
#include <string>

namespace pulsepin {

struct ShotPicture {
    QImage image;
    Seconds from; ///< when it comes on screen in its clip
    Seconds until;
};

/// Pictures of clips, decoded on a thread of its own and kept while they are likely to be asked for again.
/// Asking never waits: a picture that is not there yet is asked for again once `arrived` was called.
class ShotPictures {
public:
    struct Wanted {
        PictureFile clip;
        Seconds time;
        friend bool operator==(const Wanted&, const Wanted&) = default;
    };

    /// `arrived` is called on the decoding thread whenever something new is there.
    /// At most about so many bytes of pictures are kept.
    explicit ShotPictures(std::function<void()> arrived, std::size_t kept_bytes = usual_bytes);
    static constexpr std::size_t usual_bytes = 256u << 20;
    /// Whoever made it is not called any more, and waits no longer than a moment.
    ~ShotPictures();
    ShotPictures(const ShotPictures&) = delete;
    ShotPictures& operator=(const ShotPictures&) = delete;

    /// At most about so many bytes of pictures from now on, and as many for what decodes them.
    void may_keep(std::size_t bytes);
    /// Of the pictures that are kept.
    [[nodiscard]] std::size_t bytes() const;

    /// Pictures are made to fit this box; those made for another are dropped.
    void set_size(QSize size);

    /// The picture on screen at that time of the clip, if it is there. Says what is wanted now and what will
    /// be wanted soon (the start of the next shot); earlier requests are forgotten.
    [[nodiscard]] std::optional<ShotPicture> picture(const Wanted& now, const std::optional<Wanted>& soon);

    /// Why the clip cannot be shown; empty while nothing is wrong.
    [[nodiscard]] std::string trouble(const PictureFile& clip) const;

private:
    struct State;
    std::shared_ptr<State> state_; ///< and the thread's: it may be held up by a folder that does not answer
};

} // namespace pulsepin
