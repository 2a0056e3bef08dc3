// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QImage>
#include <QObject>
#include <QTimer>
#include <memory>

#ifndef Q_MOC_RUN // which cannot read the standard library's concepts
#include "media/video_reader.h"
#endif

namespace pulsepin {

/// Small pictures of clips, for lanes and the bin: made in the background, the latest asked for first, and
/// kept in memory up to a limit. Asking never waits.
class ThumbnailBank : public QObject {
    Q_OBJECT
public:
    explicit ThumbnailBank(QObject* parent = nullptr);
    ~ThumbnailBank() override;

    /// What the clip shows at that time, at most `size` large; null until it was made, and where it cannot
    /// be.
    [[nodiscard]] const QImage* at(const PictureFile& clip, Seconds time);
    /// The same; until it was made, the nearest picture of the clip that there is.
    [[nodiscard]] const QImage* near(const PictureFile& clip, Seconds time);
    /// All that was asked for was made or cannot be.
    [[nodiscard]] bool complete() const;
    static constexpr QSize size{160, 90};

signals:
    void arrived(); ///< some that were asked for are there

private:
    struct State;
    std::unique_ptr<State> state_;
    QTimer tell_;
};

} // namespace pulsepin
