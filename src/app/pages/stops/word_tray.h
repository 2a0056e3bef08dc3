// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "model/project.h"

#include <QWidget>
#include <optional>
#include <vector>

namespace pulsepin {

/// The words of a text in a row: those that are set behind, the next one large, those that wait before it.
/// A waiting word is dragged to its lane.
class WordTray : public QWidget {
    Q_OBJECT
public:
    explicit WordTray(QWidget* parent = nullptr);

    /// `proposed`: how many of those that wait have a place that is looked at.
    void show_words(const Project& project, const Lane* lane, std::size_t proposed);

    [[nodiscard]] QString next_word() const;
    /// Where a waiting word is drawn; empty where it is not seen.
    [[nodiscard]] QRect rect_of_waiting(std::size_t in_tray) const;
    [[nodiscard]] QSize sizeHint() const override { return {420, 74}; }
    [[nodiscard]] QSize minimumSizeHint() const override { return {200, 60}; }

signals:
    void drag_wanted(int place, const QPixmap& picture); ///< of its text

protected:
    void paintEvent(QPaintEvent* event) override;
    void mousePressEvent(QMouseEvent* event) override;
    void mouseMoveEvent(QMouseEvent* event) override;
    void resizeEvent(QResizeEvent* event) override;
    void wheelEvent(QWheelEvent* event) override;

private:
    struct Drawn {
        QString text;
        int place = 0;
        QRectF rect;
        std::optional<std::size_t> in_tray;
        bool next = false, line_ends = false;
    };
    void find_set_words();
    void lay_out();
    [[nodiscard]] const Drawn* waiting_under(QPointF at) const;

    [[nodiscard]] const std::vector<WordBody>& waiting() const;
    Shared<Lane> lane_;         ///< whose words they are; null: none
    std::vector<WordBody> set_; ///< the last ones before those that wait
    std::size_t proposed_ = 0, first_seen_ = 0;
    std::vector<Drawn> drawn_;
    std::optional<QPoint> pressed_;
};

} // namespace pulsepin
