// SPDX-License-Identifier: GPL-3.0-or-later
#include "shell/bench.h"

#include "parts/form_area.h"
#include "parts/page_stack.h"

namespace pulsepin {
namespace {

constexpr std::chrono::milliseconds pause_of_edits{120}; // the moves of a drag follow each other faster

bool is_narrow(const QWidget& bench) {
    return bench.window()->width() < 1200;
}

QFrame* upright_line() {
    auto* line = new QFrame;
    line->setFixedWidth(1);
    line->setStyleSheet(QString("background: %1").arg(desk_palette().desk_line.name()));
    return line;
}

} // namespace

Bench::Bench(Document& document, ViewState& view)
    : document_(document), view_(view), row_(new QHBoxLayout(this)) {
    setObjectName("desk");
    setAttribute(Qt::WA_StyledBackground);
    row_->setContentsMargins(0, 10, 14, 8);
    row_->setSpacing(14);
}

void Bench::fill() {
    stack_ = new PageStack;
    // All panels are as wide, so that the preview does not jump from stop to stop.
    stack_->setSizePolicy(QSizePolicy::Ignored, QSizePolicy::Expanding);
    stack_->setMinimumWidth(530);
    details_ = new PageStack;
    row_->addWidget(stack_, 5);
    row_->addWidget(upright_line());
    row_->addWidget(details_, 3);
    pause_ = new QTimer(this);
    pause_->setSingleShot(true);
    connect(pause_, &QTimer::timeout, this, &Bench::catch_up_one);
    stops_ = {song_ = new SongPanel(document_, view_),     grid_ = new GridPanel(document_, view_),
              mark_ = new MarkPanel(document_, view_),     place_ = new PlacePanel(document_, view_),
              motion_ = new MotionPanel(document_, view_), check_ = new CheckPanel(document_, view_),
              export_ = new ExportPanel(document_, view_)};
    for (auto* stop : stops_)
        stack_->addWidget(new FormArea(stop));
    route_ = new RouteList(stops_);
    row_->insertWidget(0, route_);
    details_->addWidget(new FormArea(detail_ = new DetailPanel(document_, view_)));
    details_->addWidget(new FormArea(taps_ = new TapPanel(document_, view_)));
    connect(route_, &RouteList::chosen, this, &Bench::go_to);
    connect(&document_, &Document::trust_changed, route_, [this] { route_->update(); });
    connect(&check_->bank(), &CheckBank::changed, route_, [this] { route_->update(); });
    connect(export_, &ExportPanel::written, route_, [this] { route_->update(); });
    connect(&view_, &ViewState::selection_changed, this, &Bench::show_detail);
}

StopPanel* Bench::current_stop() const {
    return stops_[static_cast<std::size_t>(stack_->currentIndex())];
}

void Bench::go_to(int stop) {
    current_stop()->left();
    catch_up(stops_[static_cast<std::size_t>(stop)]);
    look_.dress(*stack_->widget(stop));
    stack_->setCurrentIndex(stop);
    emit stop_changed();
    current_stop()->entered();
    show_detail();
}

/// Taps, while the grid is worked on and no pin is selected; else what is selected.
void Bench::show_detail() {
    const bool tapping =
        current_stop() == grid_ && (view_.selection().empty() || taps_->has_made(view_.selection()));
    details_->setCurrentIndex(tapping ? 1 : 0);
}

void Bench::refresh() {
    behind_ = {stops_.begin(), stops_.end()};
    catch_up(current_stop());
    pause_->start(pause_of_edits);
    route_->update();
}

void Bench::refresh_stops() {
    behind_ = {stops_.begin(), stops_.end()};
    for (auto* stop : stops_)
        catch_up(stop);
}

void Bench::catch_up(StopPanel* stop) {
    if (behind_.erase(stop) > 0)
        stop->refresh();
}

void Bench::catch_up_one() {
    if (behind_.empty())
        return;
    catch_up(*behind_.begin());
    pause_->start(0);
}

void Bench::give_room(PicturePlace picture) {
    const bool shared = picture == PicturePlace::Bench, narrow = is_narrow(*this);
    route_->set_narrow(narrow);
    // What was found, and films, have the room of what is selected.
    const bool wide = current_stop() == check_ || current_stop() == export_;
    details_->setVisible(!wide);
    stack_->setMinimumWidth((narrow ? 450 : 530) + (wide && shared ? (narrow ? 200 : 260) : 0));
    const int details = narrow ? 246 : 254;
    details_->setMinimumWidth(details);
    details_->setMaximumWidth(shared ? details : QWIDGETSIZE_MAX);
    look_.set_narrow(narrow);
    for (int i = 0; i < row_->count(); ++i)
        if (auto* part = row_->itemAt(i)->widget())
            look_.dress(*part);
    row_->setSpacing(narrow ? 8 : 14);
    row_->setContentsMargins(0, 10, narrow ? 8 : 14, 8);
}

} // namespace pulsepin
