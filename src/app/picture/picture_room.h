// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "picture/picture_desk.h"

class QHBoxLayout;
class QSplitter;

namespace pulsepin {

/// Where the picture's desk stands: in the bench, beside the drawings, or in a window of its own. Each
/// project has it where it was left.
class PictureRoom : public QObject {
    Q_OBJECT
public:
    /// `bench`: its row ends with the picture; `upper`: the drawings stand in it.
    PictureRoom(Document& document, PictureDesk& desk, QHBoxLayout& bench, QSplitter& upper,
                QWidget& main_window);
    ~PictureRoom() override;

    [[nodiscard]] PicturePlace place() const { return place_; }
    void set_place(PicturePlace place);
    void next_place();
    /// Of its own window.
    void toggle_full_screen();
    /// Where it stands while the bench is folded away, it stays in view.
    void bench_folded(bool folded);

signals:
    void placed(PicturePlace place);

protected:
    bool eventFilter(QObject* watched, QEvent* event) override;

private:
    void put(PicturePlace place);
    void remember() const;
    void recall();
    [[nodiscard]] PicturePlace usual_place() const;

    Document& document_;
    PictureDesk& desk_;
    QHBoxLayout& bench_;
    QSplitter& upper_;
    QWidget& main_window_;
    QWidget* window_ = nullptr;
    PicturePlace place_ = PicturePlace::Bench;
    bool out_of_folded_ = false;
    bool chosen_ = false; ///< by a person, for this project
};

} // namespace pulsepin
