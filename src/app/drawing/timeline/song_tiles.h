// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "analysis/spectrum_map.h"
#include "drawing/canvas/time_scale.h"
#include "media/load_sound.h"
#include "parts/palette.h"
#include "session/song_look.h"

#include <QImage>
#include <QObject>
#include <QPainter>
#include <memory>

namespace pulsepin {

/// What the pictures of a song are made from; shared with the thread that makes them.
struct SongPicture {
    std::shared_ptr<const SoundOutline> outline; ///< null: there is no song
    std::shared_ptr<const SampleStore>
        samples; ///< null until it was decoded; the closest zooms show more then
    std::shared_ptr<const SpectrumMap> spectrum; ///< null until it is there
};

enum class SongRow { Wave, Spectrum };

/// One tile of a row: `width` by `height` pixels from `start` on.
[[nodiscard]] QImage paint_tile(SongRow row, const SongPicture& song, const SongLook& look,
                                const Palette& palette, Seconds start, double pixels_per_second, QSize size);

/// Pictures of waveform and spectrum in tiles, made on a thread of their own and kept. While a tile is not
/// there, what is there of other zooms is stretched in its place, so that no place stays blank.
class SongTiles : public QObject {
    Q_OBJECT
public:
    explicit SongTiles(QObject* parent = nullptr);
    ~SongTiles() override;

    void set_song(SongPicture song);
    void set_look(const SongLook& look);
    void set_palette(const Palette& palette);

    /// Draws what is there and asks for what is not. `ratio` is the screen's pixels to a logical one.
    void paint(QPainter& painter, SongRow row, const QRectF& area, const TimeScale& scale, double ratio);

    /// All tiles that were asked for are there; for tests and benches.
    [[nodiscard]] bool complete() const;

    static constexpr int tile_width = 256;

signals:
    void arrived();

private:
    struct State;
    std::unique_ptr<State> state_;
};

} // namespace pulsepin
