// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "render/composed.h"

#include <condition_variable>
#include <functional>
#include <mutex>
#include <optional>
#include <thread>

namespace pulsepin {

/// Composes scenes on a thread of its own, always the latest that was asked for.
class FramePainter {
public:
    struct Painted {
        Frames frame;
        QImage image; ///< null: there was no memory for it
        QRectF part;
        bool smaller = false; ///< than asked for, since there was no memory for that
    };
    /// `painted` is called on that thread.
    explicit FramePainter(std::function<void()> painted);
    ~FramePainter();
    FramePainter(const FramePainter&) = delete;
    FramePainter& operator=(const FramePainter&) = delete;

    /// `part`: of what lies in and around the frame; empty: the frame.
    void paint(Frames frame, StagedFrame staged, LayerPictures pictures, QSize size, QRectF part = {},
               Ground ground = Ground::Black);
    /// The newest picture since the last call, if there is one.
    [[nodiscard]] std::optional<Painted> take();

private:
    struct Request {
        Frames frame;
        StagedFrame staged;
        LayerPictures pictures;
        QSize size;
        QRectF part;
        Ground ground;
    };
    void work(const std::stop_token& stop);
    [[nodiscard]] static Painted painted(const Request& request);
    std::function<void()> painted_;
    std::mutex mutex_;
    std::condition_variable_any requested_;
    std::optional<Request> request_;
    std::optional<Painted> done_;
    std::jthread worker_;
};

} // namespace pulsepin
