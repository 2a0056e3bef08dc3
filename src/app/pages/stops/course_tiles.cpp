// SPDX-License-Identifier: GPL-3.0-or-later
#include "pages/stops/course_tiles.h"

#include "model/edits.h"
#include "session/core_words.h"
#include "session/number_text.h"

#include <QEvent>
#include <QHBoxLayout>
#include <algorithm>

namespace pulsepin {

CourseTiles::CourseTiles(Document& document, ViewState& view, QWidget* parent)
    : QWidget(parent), document_(document), view_(view) {
    auto* row = new QHBoxLayout(this);
    row->setContentsMargins(0, 0, 0, 0);
    row->setSpacing(4);
    constexpr TempoCourse courses[] = {TempoCourse::Constant, TempoCourse::Steps, TempoCourse::BeatByBeat};
    const char* const names[] = {"course constant", "course steps", "course beats"};
    const QString tips[] = {
        tr("One tempo, fitted to all beats, so that the error does not grow; items follow"),
        tr("A few tempi, each constant, changing at beats; items follow"),
        tr("Each beat where something starts near it, as people play; items follow")};
    for (std::size_t i = 0; i < tiles_.size(); ++i) {
        auto& tile = tiles_[i];
        tile.course = courses[i];
        tile.button = new QPushButton;
        tile.button->setObjectName(names[i]);
        tile.button->setCheckable(true);
        tile.button->setProperty("role", "choice");
        tile.button->setToolTip(tips[i]);
        tile.button->installEventFilter(this);
        connect(tile.button, &QPushButton::clicked, this, [this, i] { take(tiles_[i]); });
        row->addWidget(tile.button, 1);
    }
}

QString CourseTiles::name_of(TempoCourse course) {
    switch (course) {
    case TempoCourse::Constant:
        return tr("constant");
    case TempoCourse::Steps:
        return tr("in steps");
    case TempoCourse::BeatByBeat:
        break;
    }
    return tr("beat by beat");
}

void CourseTiles::measure() {
    const auto& project = document_.project();
    if (measured_grid_ == project.grid && measured_found_ == project.detection)
        return;
    measured_grid_ = project.grid;
    measured_found_ = project.detection;
    proposed_.reset();
    if (!project.grid)
        return;
    static const std::vector<FoundOnset> none;
    const auto& onsets = project.detection ? project.detection->onsets() : none;
    for (auto& tile : tiles_) {
        if (tile.course == TempoCourse::BeatByBeat) {
            tile.fit = {};
            tile.fit.times = follow_onsets(*project.grid, onsets);
            std::vector<double> sizes;
            for (std::size_t i = 0; i < tile.fit.times.size(); ++i)
                tile.fit.errors.push_back(project.grid->beats()[i].time - tile.fit.times[i]);
            for (const Seconds error : tile.fit.errors)
                sizes.push_back(std::abs(error.value));
            std::nth_element(sizes.begin(), sizes.begin() + static_cast<std::ptrdiff_t>(sizes.size() / 2),
                             sizes.end());
            tile.fit.residual = Seconds(sizes[sizes.size() / 2]);
        } else {
            tile.fit =
                tile.course == TempoCourse::Constant ? fit_constant(*project.grid) : fit_steps(*project.grid);
        }
        tile.distance = distance_from_onsets(tile.fit.times, onsets);
    }
    double best = 1e9;
    for (const auto& tile : tiles_)
        if (tile.distance)
            best = std::min(best, tile.distance->value);
    for (const auto& tile : tiles_)
        if (!proposed_ && tile.distance && tile.distance->value <= 1.25 * best + 0.003)
            proposed_ = tile.course;
}

void CourseTiles::refresh() {
    measure();
    const bool there = document_.project().grid != nullptr;
    bool chosen = false;
    for (auto& tile : tiles_) {
        tile.button->setEnabled(there);
        QString text = name_of(tile.course);
        if (there && tile.distance)
            text += QString("\n±%1 ms").arg(number_text(tile.distance->value * 1000, 0));
        else
            text += "\n–";
        if (there && tile.course == proposed_)
            text += tr(" · best");
        tile.button->setText(text);
        // The simplest course that the grid already has.
        const bool has = there && !chosen &&
                         (tile.course == TempoCourse::BeatByBeat || tile.fit.residual < Seconds(0.0004));
        tile.button->setChecked(has);
        chosen = chosen || has;
    }
}

void CourseTiles::take(const Tile& tile) {
    const auto& project = document_.project();
    if (!project.grid)
        return;
    auto grid = with_beat_times(*project.grid, tile.fit.times);
    if (!grid)
        return document_.say(spoken(grid.error()));
    document_.apply(retimed(project, *std::move(grid)), tr("tempo %1").arg(name_of(tile.course)));
    refresh();
}

bool CourseTiles::eventFilter(QObject* watched, QEvent* event) {
    const bool in = event->type() == QEvent::Enter || event->type() == QEvent::FocusIn;
    const bool out = event->type() == QEvent::Leave || event->type() == QEvent::FocusOut;
    if (out)
        view_.set_course(std::nullopt);
    if (in && document_.project().grid)
        for (const auto& tile : tiles_)
            if (tile.button == watched)
                view_.set_course(
                    CoursePreview{name_of(tile.course), tile.fit.times, tile.fit.errors, tile.fit.residual});
    return QWidget::eventFilter(watched, event);
}

} // namespace pulsepin
