// SPDX-License-Identifier: GPL-3.0-or-later
#include "picture/picture_room.h"

#include "session/kept_for_project.h"

#include <QAction>
#include <QEvent>
#include <QHBoxLayout>
#include <QSettings>
#include <QSplitter>
#include <QVBoxLayout>

namespace pulsepin {

PictureRoom::PictureRoom(Document& document, PictureDesk& desk, QHBoxLayout& bench, QSplitter& upper,
                         QWidget& main_window)
    : QObject(&main_window), document_(document), desk_(desk), bench_(bench), upper_(upper),
      main_window_(main_window) {
    bench_.addWidget(&desk_, 4);
    connect(&desk_, &PictureDesk::place_wanted, this, [this](PicturePlace place) {
        out_of_folded_ = false;
        set_place(place);
        remember();
    });
    connect(&upper_, &QSplitter::splitterMoved, this, &PictureRoom::remember);
    connect(&document_, &Document::opened, this, &PictureRoom::recall);
    main_window_.installEventFilter(this);
}

PictureRoom::~PictureRoom() {
    delete window_;
}

void PictureRoom::set_place(PicturePlace place) {
    chosen_ = true;
    put(place);
}

void PictureRoom::put(PicturePlace place) {
    desk_.show_place(place);
    if (place == place_)
        return;
    const bool was_seen = main_window_.isVisible();
    place_ = place;
    if (place == PicturePlace::Bench) {
        bench_.addWidget(&desk_, 4);
    } else if (place == PicturePlace::Beside) {
        upper_.addWidget(&desk_);
        upper_.setCollapsible(upper_.indexOf(&desk_), false);
        // From a third to a half of the width: what is left keeps a name column and some bars.
        const int width = upper_.width(),
                  share = std::clamp(width * 43 / 100, 240, std::max(240, width - 420));
        upper_.setSizes({width - share, share});
    } else {
        if (!window_) {
            window_ = new QWidget(nullptr, Qt::Window);
            window_->setObjectName("picture window frame");
            window_->setStyleSheet(main_window_.styleSheet());
            window_->setWindowTitle(tr("Picture — Pulse Pin"));
            window_->setAttribute(Qt::WA_StyledBackground);
            window_->setProperty("role", "desk");
            auto* column = new QVBoxLayout(window_);
            column->setContentsMargins(0, 0, 0, 0);
            window_->resize(960, 620);
            window_->installEventFilter(this);
        }
        window_->layout()->addWidget(&desk_);
        window_->addActions(main_window_.actions()); // its keys are those of the other window
        window_->setWindowState(window_->windowState() & ~Qt::WindowFullScreen);
        if (was_seen)
            window_->show();
        desk_.picture().setFocus();
    }
    desk_.show();
    if (window_ && place != PicturePlace::Window)
        window_->hide();
    emit placed(place);
}

void PictureRoom::next_place() {
    out_of_folded_ = false;
    set_place(place_ == PicturePlace::Bench    ? PicturePlace::Beside
              : place_ == PicturePlace::Beside ? PicturePlace::Window
                                               : PicturePlace::Bench);
    remember();
}

void PictureRoom::toggle_full_screen() {
    if (place_ != PicturePlace::Window) {
        set_place(PicturePlace::Window);
        remember();
    }
    window_->setWindowState(window_->windowState() ^ Qt::WindowFullScreen);
    window_->show();
    desk_.show_bare(window_->windowState() & Qt::WindowFullScreen);
}

void PictureRoom::bench_folded(bool folded) {
    if (folded && place_ == PicturePlace::Bench) {
        put(PicturePlace::Beside);
        out_of_folded_ = true;
    } else if (!folded && out_of_folded_) {
        out_of_folded_ = false;
        put(PicturePlace::Bench);
    }
}

bool PictureRoom::eventFilter(QObject* watched, QEvent* event) {
    if (watched == window_ && event->type() == QEvent::Close) {
        set_place(PicturePlace::Bench); // closing it puts the picture back
        remember();
        event->ignore();
        return true;
    }
    // Until a person puts it somewhere, it goes with the width of the window.
    if (watched == &main_window_ && event->type() == QEvent::Resize && !chosen_ && !out_of_folded_ &&
        place_ != PicturePlace::Window)
        put(usual_place());
    return QObject::eventFilter(watched, event);
}

void PictureRoom::remember() const {
    if (!out_of_folded_)
        QSettings().setValue(kept_for_project("picture", document_.path()), static_cast<int>(place_));
}

/// Of a wide window there is room for it beside the drawings.
PicturePlace PictureRoom::usual_place() const {
    constexpr int wide_window = 1600;
    return main_window_.width() >= wide_window ? PicturePlace::Beside : PicturePlace::Bench;
}

void PictureRoom::recall() {
    const QVariant kept_place = QSettings().value(kept_for_project("picture", document_.path()));
    chosen_ = kept_place.isValid();
    const int kept = chosen_ ? kept_place.toInt() : static_cast<int>(usual_place());
    out_of_folded_ = false;
    // A window that opens by itself would surprise: it is asked for again.
    put(kept == static_cast<int>(PicturePlace::Beside) ? PicturePlace::Beside : PicturePlace::Bench);
}

} // namespace pulsepin
