// SPDX-License-Identifier: GPL-3.0-or-later
#include "shell/walk.h"

#include "shell/main_window.h"

#include "parts/palette.h"

#include <QCoreApplication>
#include <QDir>
#include <QEvent>
#include <QFileInfo>
#include <QVBoxLayout>

namespace pulsepin {
namespace {

constexpr int look_every_ms = 120, width_of_words = 300, gap = 12;

std::size_t pins_of(const Project& project) {
    std::size_t count = 0;
    for (const auto& lane : project.lanes)
        count += lane->pins.size();
    return count;
}

} // namespace

QString Walk::demo() {
    const QDir here(QCoreApplication::applicationDirPath());
    for (const char* folder : {"../share/pulsepin/demo", "../../demo", "../../../demo"})
        if (const QString file = here.filePath(QString(folder) + "/kite-day.pulsepin");
            QFileInfo::exists(file))
            return QFileInfo(file).canonicalFilePath();
    return {};
}

Walk::Walk(MainWindow& window) : QFrame(&window), window_(window) {
    setObjectName("walk");
    setAccessibleName(tr("Walk through the demo"));
    const auto& p = desk_palette();
    setStyleSheet(
        QString(
            "#walk { background: %1; border: 2px solid %2; border-radius: 6px; } #walk QLabel { color: %3; "
            "background: transparent; }")
            .arg(p.paper.name(), p.playing.name(), p.paper_text.name()));
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(14, 12, 14, 12);
    count_ = new QLabel;
    text_ = new QLabel;
    text_->setObjectName("walk text");
    text_->setTextFormat(Qt::PlainText);
    text_->setWordWrap(true);
    leave_ = new QPushButton(tr("Leave the walk"));
    leave_->setObjectName("leave walk");
    leave_->setFocusPolicy(Qt::TabFocus);
    connect(leave_, &QPushButton::clicked, this, [this] {
        emit ended();
        deleteLater();
    });
    column->addWidget(count_);
    column->addWidget(text_);
    column->addWidget(leave_, 0, Qt::AlignRight);
    setFixedWidth(width_of_words);
    ring_ = new QFrame(&window);
    ring_->setObjectName("walk ring");
    ring_->setAttribute(Qt::WA_TransparentForMouseEvents);
    ring_->setStyleSheet(
        QString("#walk\\ ring { border: 3px solid %1; border-radius: 6px; background: transparent; }")
            .arg(p.playing.name()));
    connect(this, &QObject::destroyed, ring_, &QObject::deleteLater);
    fill();
    window.installEventFilter(this);
    connect(&timer_, &QTimer::timeout, this, &Walk::look);
    timer_.start(look_every_ms);
    show_step();
    show();
}

QRect Walk::place_of(const char* name) const {
    const auto* widget = window_.findChild<QWidget*>(name);
    return widget && widget->isVisible()
               ? QRect(widget->mapTo(&window_, QPoint()), widget->size()).intersected(window_.rect())
               : QRect();
}

void Walk::fill() {
    const auto at = [this](const char* name) { return [this, name] { return place_of(name); }; };
    const auto at_stop = [this](Stop stop) {
        return [this, stop] {
            auto* route = window_.findChild<RouteList*>();
            if (!route)
                return QRect();
            const QRect row = route->stop_rect(static_cast<int>(stop));
            return QRect(route->mapTo(&window_, row.topLeft()), row.size());
        };
    };
    const auto in_stop = [this](Stop stop) {
        return [this, stop] {
            const auto* route = window_.findChild<RouteList*>();
            return route && route->current() == static_cast<int>(stop);
        };
    };
    const auto playing = [this] { return window_.player().playing(); };
    const auto stopped = [this] { return !window_.player().playing(); };
    const auto tempo = [this] {
        const auto& grid = window_.document().project().grid;
        return grid ? grid->typical_tempo().value : 0.0;
    };
    auto before = std::make_shared<double>(0);
    auto pins = std::make_shared<std::size_t>(0);
    const auto count_pins = [this, pins] { *pins = pins_of(window_.document().project()); };
    const auto films = [this] { return window_.export_panel().film().queue().entries().size(); };
    auto films_before = std::make_shared<std::size_t>(0);
    const auto add = [this](QString text, std::function<QRect()> place, std::function<bool()> done,
                            std::function<void()> begin = {}) {
        steps_.push_back({std::move(text), std::move(place), std::move(begin), std::move(done)});
    };
    add(tr("This is a song with six shots on its beats. Press Space, or the round button, to hear it."),
        at("play"), playing);
    add(tr("The lamps flash on the beats, and a click lies on them. Press Space again to stop."), at("play"),
        stopped);
    add(tr("Now look at the beats: press Ctrl+2, or Grid at the left."), at_stop(Stop::Grid),
        in_stop(Stop::Grid));
    add(
        tr("Is the tempo half of what you would tap? Press ×2: beats are counted twice as fast, and "
           "everything keeps its "
           "time."),
        at("double"), [tempo, before] { return tempo() > 1.5 * *before; },
        [tempo, before] { *before = tempo(); });
    add(tr("Anything can be taken back: press Ctrl+Z."), {},
        [tempo, before] { return tempo() < 1.5 * *before; });
    add(tr("Cuts are placed on beats, many at once: press Ctrl+4, or Place at the left."),
        at_stop(Stop::Place), in_stop(Stop::Place));
    add(
        tr("Outlines over the song show where everything would go. Press the yellow button to place it."),
        at("place"), [this, pins] { return pins_of(window_.document().project()) > *pins; }, count_pins);
    add(tr("Press Space to see the shots change on the beats."), at("play"), playing);
    add(tr("Press Space to stop."), at("play"), stopped);
    add(tr("Is everything on its beat? Press Ctrl+6, or Check at the left: findings have a fix each."),
        at_stop(Stop::Check), in_stop(Stop::Check));
    add(tr("Last, the film: press Ctrl+7, or Export at the left."), at_stop(Stop::Export),
        in_stop(Stop::Export));
    add(
        tr("Press the yellow button, choose a name, and the film is made while you go on. Edit lists and "
           "timelines are on "
           "the page Data files."),
        at("render film"), [films, films_before] { return films() > *films_before; },
        [films, films_before] { *films_before = films(); });
    add(tr("That is the way from a song to a film. Drop a song of yours on the window to begin; F1 "
           "explains what is before you."),
        {}, [] { return false; });
}

void Walk::look() {
    if (step_ < steps_.size() && steps_[step_].done()) {
        ++step_;
        show_step();
    }
    put();
}

void Walk::show_step() {
    if (steps_[step_].begin)
        steps_[step_].begin();
    count_->setText(tr("%1 of %2").arg(step_ + 1).arg(steps_.size()));
    text_->setText(steps_[step_].text);
    setAccessibleDescription(steps_[step_].text);
    if (step_ + 1 == steps_.size())
        leave_->setText(tr("Done"));
    adjustSize();
    put();
}

/// Beside what is to be pressed, never over it.
void Walk::put() {
    const QRect target = steps_[step_].place ? steps_[step_].place() : QRect();
    const QRect inside = window_.rect().adjusted(8, 8, -8, -8);
    ring_->setVisible(!target.isEmpty());
    if (target.isEmpty()) {
        move(inside.center() - rect().center());
    } else {
        ring_->setGeometry(target.adjusted(-5, -5, 5, 5));
        const QSize size = this->size();
        QPoint to(target.right() + gap, target.center().y() - size.height() / 2);
        if (to.x() + size.width() > inside.right())
            to = {target.left() - gap - size.width(), to.y()};
        if (to.x() < inside.left()) // no room at either side
            to = {target.left(), target.bottom() + gap + size.height() > inside.bottom()
                                     ? target.top() - gap - size.height()
                                     : target.bottom() + gap};
        move(std::clamp(to.x(), inside.left(), std::max(inside.left(), inside.right() - size.width())),
             std::clamp(to.y(), inside.top(), std::max(inside.top(), inside.bottom() - size.height())));
    }
    ring_->raise();
    raise();
}

bool Walk::eventFilter(QObject* watched, QEvent* event) {
    if (event->type() == QEvent::Resize)
        put();
    return QFrame::eventFilter(watched, event);
}

} // namespace pulsepin
