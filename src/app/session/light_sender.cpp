// SPDX-License-Identifier: GPL-3.0-or-later
#include "session/light_sender.h"
#include "session/core_words.h"

#include <algorithm>

namespace pulsepin {

LightSender::LightSender(Document& document, Player& player, QObject* parent)
    : QObject(parent), document_(document), player_(player), show_(name_of_source()) {
    for (const auto changed : {&Document::changed, &Document::followers_changed})
        connect(&document_, changed, this, &LightSender::show);
    for (const auto moved : {&Player::moved, &Player::started, &Player::stopped})
        connect(&player_, moved, this, &LightSender::hear);
    connect(&document_, &Document::opened, this, [this] { set_sending(false); }); // it goes elsewhere
    timer_.setInterval(500);
    connect(&timer_, &QTimer::timeout, this, &LightSender::look);
}

void LightSender::set_sending(bool sending) {
    if (sending == sending_)
        return;
    sending_ = sending;
    if (sending) {
        show();
        hear();
        show_.begin();
        timer_.start();
    } else {
        show_.end();
        timer_.stop();
    }
    state_ = show_.state();
    emit changed();
}

void LightSender::set_dark(bool dark) {
    if (dark == dark_)
        return;
    dark_ = dark;
    show_.set_blackout(dark);
    emit changed();
}

void LightSender::show() {
    if (sending_)
        show_.show(document_.curves());
}

void LightSender::hear() {
    if (sending_)
        show_.hear(player_.playing(), player_.playing() ? player_.position() : standing_, player_.speed());
}

void LightSender::stand_at(Seconds at) {
    standing_ = at;
    if (!player_.playing())
        hear();
}

void LightSender::look() {
    if (auto now = show_.state(); now != state_) {
        state_ = std::move(now);
        emit changed();
    }
}

bool LightSender::in_trouble() const {
    return std::ranges::any_of(state_.outputs, [](const auto& one) { return !one.problem.empty(); });
}

QString LightSender::told() const {
    if (!sending_)
        return {};
    for (const auto& output : state_.outputs)
        if (!output.problem.empty())
            return spoken(output.problem);
    const auto& outputs = document_.project().rig->outputs;
    const auto first = std::ranges::find(outputs, false, &WireOutput::off);
    if (first == outputs.end())
        return tr("nothing is sent: all outputs are off");
    const QString to = first->to == "127.0.0.1" ? tr("this computer") : QString::fromStdString(first->to);
    return dark_ ? tr("sending dark to %1").arg(to) : tr("sending to %1").arg(to);
}

} // namespace pulsepin
