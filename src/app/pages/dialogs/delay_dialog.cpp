// SPDX-License-Identifier: GPL-3.0-or-later
#include "pages/dialogs/delay_dialog.h"

#include "parts/widgets.h"
#include "session/number_text.h"

#include <QDialogButtonBox>
#include <QEvent>
#include <QVBoxLayout>
#include <algorithm>
#include <cmath>

namespace pulsepin {
namespace {

constexpr double click_seconds = 0.6;
constexpr std::size_t enough_taps = 8;

} // namespace

double median(std::vector<double> values) {
    if (values.empty())
        return 0;
    const auto middle = values.begin() + static_cast<std::ptrdiff_t>(values.size() / 2);
    std::nth_element(values.begin(), middle, values.end());
    return *middle;
}

DelayDialog::DelayDialog(Seconds now, QWidget* parent) : QDialog(parent) {
    setWindowTitle(tr("Sound and picture"));
    auto* column = new QVBoxLayout(this);
    column->setSpacing(10);
    column->addWidget(heading(tr("Audio-video offset")));
    auto* explains =
        quiet(tr("The delay that your device tells of is taken into account already. Loudspeakers that are "
                 "reached by radio may add some more. Type it, or listen to the click and tap the space "
                 "bar with it: your own reaction is in it too, so rely on your eye in the end."));
    explains->setWordWrap(true);
    column->addWidget(explains);
    delay_ = new QSpinBox;
    delay_->setRange(-500, 1000);
    delay_->setSuffix(tr(" ms"));
    delay_->setValue(static_cast<int>(std::lround(now.value * 1000)));
    column->addWidget(labelled(tr("sound is delayed by"), delay_));
    auto* tap_button = new QPushButton(tr("Play the click, then tap here"));
    tap_button->setObjectName("tap");
    tap_button->setAutoDefault(false); // Return accepts the dialog
    connect(tap_button, &QPushButton::pressed, this, &DelayDialog::tap);
    column->addWidget(tap_button);
    told_ = quiet(tr("no taps yet"));
    told_->setObjectName("taps told");
    column->addWidget(told_);
    auto* buttons = new QDialogButtonBox(QDialogButtonBox::Ok | QDialogButtonBox::Cancel);
    connect(buttons, &QDialogButtonBox::accepted, this, &QDialog::accept);
    connect(buttons, &QDialogButtonBox::rejected, this, &QDialog::reject);
    column->addWidget(buttons);
    tap_button->setFocus();
    setMinimumWidth(380);
}

void DelayDialog::start_clicks() {
    constexpr std::int64_t rate = 48'000;
    auto writer = SampleStoreWriter::create({rate, 1});
    if (!writer || !writer->append(std::vector<float>(static_cast<std::size_t>(rate * 60), 0.0f)))
        return told_->setText(tr("There is no room for the click"));
    auto silence = writer->finish();
    const auto grid = BeatGrid::steady(Bpm(60 / click_seconds), Seconds(0), {}, Seconds(60));
    if (!silence || !grid)
        return;
    player_.set_sound(*silence);
    player_.set_grid(&*grid);
    player_.set_click_volume(0.8);
    player_.play({Seconds(0), std::nullopt, Seconds(0)});
    taps_.clear();
}

void DelayDialog::tap() {
    if (!player_.playing())
        return start_clicks();
    const double beat = player_.position().value / click_seconds;
    taps_.push_back((beat - std::round(beat)) * click_seconds);
    if (taps_.size() < enough_taps)
        return told_->setText(tr("%1 of %2 taps").arg(taps_.size()).arg(enough_taps));
    const double late = median(taps_);
    told_->setText(tr("%1 taps, %2 ms after the click").arg(taps_.size()).arg(number_text(late * 1000, 0)));
    delay_->setValue(static_cast<int>(std::lround(late * 1000)));
}

bool DelayDialog::event(QEvent* event) {
    if (event->type() == QEvent::Hide)
        player_.stop();
    return QDialog::event(event);
}

} // namespace pulsepin
