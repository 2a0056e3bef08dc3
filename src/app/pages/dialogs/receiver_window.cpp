// SPDX-License-Identifier: GPL-3.0-or-later
#include "pages/dialogs/receiver_window.h"

#include "lights/patch.h"
#include "parts/palette.h"
#include "parts/widgets.h"
#include "session/core_words.h"
#include "session/number_text.h"

#include <QPainter>
#include <QVBoxLayout>
#include <algorithm>
#include <set>

namespace pulsepin {

/// The levels of all channels as bars.
class ReceiverWindow::Channels : public QWidget {
public:
    using QWidget::QWidget;
    void show_levels(std::vector<std::uint8_t> levels) {
        levels_ = std::move(levels);
        update();
    }

protected:
    void paintEvent(QPaintEvent*) override {
        QPainter painter(this);
        const auto& p = desk_palette();
        painter.fillRect(rect(), p.desk_well);
        if (levels_.empty())
            return;
        const double wide = static_cast<double>(width()) / static_cast<double>(levels_.size());
        for (std::size_t i = 0; i < levels_.size(); ++i) {
            const double high = (height() - 2.0) * levels_[i] / 255;
            painter.fillRect(
                QRectF(static_cast<double>(i) * wide, height() - 1 - high, std::max(1.0, wide - 1), high),
                p.desk_text);
        }
    }

private:
    std::vector<std::uint8_t> levels_;
};

ReceiverWindow::ReceiverWindow(Document& document, ViewState& view, QWidget* parent)
    : QWidget(parent, Qt::Tool), document_(document) {
    setObjectName("desk");
    setWindowTitle(tr("Receiver"));
    setAttribute(Qt::WA_DeleteOnClose);
    setAttribute(Qt::WA_StyledBackground);
    resize(380, 300);
    auto* column = new QVBoxLayout(this);
    told_ = quiet({});
    told_->setTextFormat(Qt::PlainText);
    told_->setObjectName("receiver told");
    told_->setWordWrap(true);
    column->addWidget(told_);
    plan_ = new PlanView(document, view);
    plan_->setObjectName("received plan");
    plan_->setFocusPolicy(Qt::NoFocus);
    plan_->setAttribute(Qt::WA_TransparentForMouseEvents);
    plan_->show_lit([this] { return lit(); });
    column->addWidget(plan_, 1);
    channels_ = new Channels;
    channels_->setFixedHeight(40);
    column->addWidget(channels_);
    timer_.setInterval(33);
    connect(&timer_, &QTimer::timeout, this, &ReceiverWindow::look);
    timer_.start();
    connect(&document_, &Document::changed, this, &ReceiverWindow::listen);
    listen();
}

void ReceiverWindow::listen() {
    std::set<int> wanted;
    for (const auto& fixture : document_.project().rig->fixtures)
        if (fixture.universe > 0)
            wanted.insert(fixture.universe);
    if (wanted.empty())
        wanted.insert(1);
    const std::vector<int> universes(wanted.begin(), wanted.end());
    if (ear_ && universes == universes_)
        return;
    ear_.reset();
    universes_ = universes;
    auto opened = LightEar::open(universes);
    if (!opened)
        return told_->setText(spoken(opened.error()));
    ear_ = *std::move(opened);
    packets_ = 0;
    counted_at_ = a_second_ = 0;
}

void ReceiverWindow::look() {
    if (!ear_)
        return;
    heard_ = ear_->heard();
    std::uint64_t packets = 0, lost = 0;
    double jitter = 0;
    bool there = false;
    QString source;
    std::vector<std::uint8_t> levels;
    for (const auto& [number, universe] : heard_.monitor.universes()) {
        packets = std::max(packets, universe.packets);
        lost += universe.lost;
        jitter = std::max(jitter, universe.jitter);
        levels.insert(levels.end(), universe.levels.begin(), universe.levels.end());
        if (!LightMonitor::gone(universe, heard_.now)) {
            there = true;
            source = QString::fromStdString(universe.source_name);
        }
    }
    if (heard_.now - counted_at_ >= 1) {
        a_second_ = static_cast<double>(packets - std::min(packets, packets_)) / (heard_.now - counted_at_);
        packets_ = packets;
        counted_at_ = heard_.now;
    }
    if (packets == 0)
        told_->setText(tr("nothing has arrived yet on port %1").arg(sacn::port));
    else if (!there)
        told_->setText(tr("ended · %1 packets, %2 lost").arg(packets).arg(lost));
    else
        told_->setText(tr("received: %1/s · %2 · jitter %3 ms · packet %4 · %5")
                           .arg(std::lround(a_second_))
                           .arg(lost == 0 ? tr("none lost") : tr("%1 lost").arg(lost))
                           .arg(number_text(jitter * 1000, 1))
                           .arg(packets)
                           .arg(source));
    channels_->show_levels(std::move(levels));
    plan_->update();
}

std::vector<Lit> ReceiverWindow::lit() const {
    const auto& fixtures = document_.project().rig->fixtures;
    std::vector<Lit> lit(fixtures.size());
    const auto& universes = heard_.monitor.universes();
    for (std::size_t i = 0; i < fixtures.size(); ++i)
        if (const auto found = universes.find(fixtures[i].universe);
            found != universes.end() && !LightMonitor::gone(found->second, heard_.now))
            lit[i] = lit_of(fixtures[i], found->second.levels);
    return lit;
}

} // namespace pulsepin
