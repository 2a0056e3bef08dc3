// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "time/frame_rate.h"

#include <cstdint>
#include <memory>
#include <span>
#include <vector>

namespace pulsepin {

/// By what a picture is told to flash too often. A measure, no medical promise.
struct FlashRule {
    enum class Form {
        Wcag, ///< WCAG 2.2, success criterion 2.3.1: relative luminance, a quarter of any 10 degrees of view
        OlderRed, ///< the same, with red as WCAG 2.0 and 2.1 tell it: (R - G - B) x 320
        Screen    ///< ITU-R BT.1702: 20 cd/m2 on a screen of 200 cd/m2, a quarter of the whole picture
    };
    Form form = Form::Wcag;
    int most = 3; ///< flashes in any second
    friend bool operator==(const FlashRule&, const FlashRule&) = default;
};

/// What flashed in the second that ends with a frame.
struct FlashFrame {
    int flashes = 0; ///< general ones: as often as more than a quarter of the view flashed
    int red = 0;     ///< red ones, likewise
    double area = 0; ///< the largest share of the view that flashed more often than is allowed, or that often
    double red_area = 0;
    bool changed = false; ///< more than a quarter of the view became lighter, darker, red or not red now
    /// What flashes most, in shares of the picture's width and height; empty where nothing does.
    struct Box {
        double left = 0, top = 0, right = 0, bottom = 0;
        friend bool operator==(const Box&, const Box&) = default;
    } box;
    friend bool operator==(const FlashFrame&, const FlashFrame&) = default;
};

/// Measures pictures one after the other. Each pixel is looked at by itself: a change is an increase or a
/// decrease of its relative luminance by 10 % or more, counted from the last turn, with the darker end below
/// 0.80; two opposing ones are a flash; those of one second are counted. What flashed as often counts where
/// it covers more than a quarter of a window anywhere in the picture: 10 degrees of view are 341 x 256 of
/// 1024 x 768 pixels (WCAG 2.2, "general flash and red flash thresholds"), a third of the width and the
/// height. A red change is one from or to R / (R + G + B) >= 0.8 by more than 0.2 in u'v' (CIE 1976 UCS).
class FlashMeter {
public:
    FlashMeter(int width, int height, FrameRate rate, FlashRule rule = {});
    ~FlashMeter();
    FlashMeter(FlashMeter&&) noexcept;

    /// A picture, 4 bytes a pixel in the order blue, green, red, unused; rows without gaps.
    [[nodiscard]] FlashFrame add(std::span<const std::uint8_t> pixels);

private:
    struct State;
    std::unique_ptr<State> state_;
};

/// A stretch of the piece that flashes too often.
struct FlashPlace {
    Frames from, until; ///< the first frame of its first flash, and behind its last
    int most = 0;       ///< flashes in its worst second
    double area = 0;    ///< share of the view
    bool red = false;
    Frames worst = Frames(0);
    FlashFrame::Box box = {};
    friend bool operator==(const FlashPlace&, const FlashPlace&) = default;
};

/// frames: one after the other from the piece's first. Stretches less than a second apart are one.
[[nodiscard]] std::vector<FlashPlace> flash_places(std::span<const FlashFrame> frames, FrameRate rate,
                                                   const FlashRule& rule);

/// Pictures that begin within a second.
[[nodiscard]] int frames_in_a_second(FrameRate rate);

} // namespace pulsepin
