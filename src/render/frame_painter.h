// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "render/kept_layers.h"

#include <condition_variable>
#include <deque>
#include <functional>
#include <mutex>
#include <optional>
#include <thread>
#include <vector>

namespace pulsepin {

/// Composes scenes on threads of its own: the latest that was asked for, or, while a piece plays, the next
/// ones before their time.
class FramePainter {
public:
    struct Order {
        Frames frame;
        StagedFrame staged;
        LayerPictures pictures;
        QSize size;
        QRectF part = {}; ///< of what lies in and around the frame; empty: the frame
        Ground ground = Ground::Black;
    };
    struct Painted {
        Frames frame;
        QImage image; ///< null: there was no memory for it
        QRectF part;
        LayerPictures pictures; ///< that it was made of
        Seconds took;
        bool smaller = false; ///< than asked for, since there was no memory for that
    };
    /// `painted` is called on one of the threads.
    explicit FramePainter(std::function<void()> painted, int threads = 1);
    ~FramePainter();
    FramePainter(const FramePainter&) = delete;
    FramePainter& operator=(const FramePainter&) = delete;

    /// In place of all that waits to be begun.
    void paint(Order order);
    /// The newest picture since the last call, if there is one.
    [[nodiscard]] std::optional<Painted> take();

    /// Behind what waits. Frames are asked for in their order.
    void paint_ahead(Order order);
    /// Of the pictures that are there the last one that is not after `now`; those before it are given up.
    [[nodiscard]] std::optional<Painted> take_until(Frames now);
    /// How many threads have nothing to do, less what waits for one.
    [[nodiscard]] int free_threads() const;
    [[nodiscard]] int threads() const { return static_cast<int>(workers_.size()); }

    /// What waits, and what is there and was not taken: it is as it should be no more.
    void forget_waiting();
    /// That, and what is being painted.
    void forget_all();

private:
    struct Numbered {
        std::uint64_t number = 0; ///< in the order in which they were asked for
        Order order;
    };
    struct Done {
        std::uint64_t number = 0;
        Painted painted;
    };
    void work(const std::stop_token& stop);
    void wait_for_its_turn(Order order);
    [[nodiscard]] Painted painted(Order order);

    std::function<void()> painted_;
    KeptLayers kept_;
    mutable std::mutex mutex_;
    std::condition_variable_any requested_;
    std::deque<Numbered> waiting_;
    std::vector<Done> done_;
    std::uint64_t asked_ = 0; ///< how many were
    std::uint64_t wanted_from_ =
        1; ///< the numbers below are of no use: newer ones were taken, or all forgotten
    int working_ = 0;
    std::vector<std::jthread> workers_;
};

} // namespace pulsepin
