// SPDX-License-Identifier: GPL-3.0-or-later
#include "pages/stops/song_sound.h"

#include "model/song_edits.h"
#include "parts/number_field.h"
#include "parts/tight_row.h"
#include "parts/widgets.h"

#include <cmath>

namespace pulsepin {

SongSound::SongSound(Document& document, ViewState& view, QWidget* parent)
    : QWidget(parent), document_(document), view_(view) {
    auto* grid = tight_grid(this);
    grid->setSpacing(4);
    gain_ = number("song gain", tr("How loud the song is among the other sounds"), -60, 24, tr("gain "),
                   tr(" dB"));
    gain_->setSingleStep(0.5);
    fade_in_ = number("song fade in", tr("Over how long it comes in"), 0, 600, tr("in "), tr(" s"));
    fade_out_ = number("song fade out", tr("Over how long it goes out"), 0, 600, tr("out "), tr(" s"));
    lines_ = named(new QPushButton(tr("Lines")), "gain lines",
                   tr("Shows a line of gain over each sound: press it to add a point, drag the point"));
    lines_->setCheckable(true);
    lines_->setProperty("role", "choice");
    connect(lines_, &QPushButton::clicked, this, [this](bool on) {
        SongLook look = view_.look();
        look.gain_lines = on;
        view_.set_look(look);
    });
    connect(&view_, &ViewState::look_changed, this, [this] { lines_->setChecked(view_.look().gain_lines); });
    auto* levels = tight_row(nullptr, 6);
    for (QWidget* field : std::initializer_list<QWidget*>{gain_, fade_in_, fade_out_})
        levels->addWidget(field, 1);
    grid->addLayout(levels, 0, 0);

    listened_ = new ListenedField("listened");
    listened_->set_prefix(tr("listen to "));
    connect(listened_, &ListenedField::edited, this,
            [this](const Listened& listened) { document_.sounds().listen_to(listened); });
    alone_ = named(new QPushButton(tr("Solo")), "hear alone",
                   tr("Only what is listened to is heard, until this is pressed again"));
    alone_->setCheckable(true);
    alone_->setProperty("role", "choice");
    connect(alone_, &QPushButton::clicked, this, [this](bool on) {
        auto& sounds = document_.sounds();
        sounds.hear_alone(on ? std::optional(SoundBank::Alone{sounds.listened(), 0, 0}) : std::nullopt);
    });
    write_ = named(new QPushButton(tr("Write…")), "write listened",
                   tr("Writes what is listened to as a WAV file, as long as the song"));
    connect(write_, &QPushButton::clicked, this, &SongSound::write_wanted);
    auto* listening = tight_row(nullptr, 6);
    listening->addWidget(listened_, 1);
    listening->addWidget(alone_);
    listening->addWidget(write_);
    listening->addWidget(lines_);
    grid->addLayout(listening, 1, 0);
    connect(&document_, &Document::listened_changed, this, &SongSound::refresh);
    refresh();
}

QDoubleSpinBox* SongSound::number(const QString& name, const QString& tip, double least, double most,
                                  const QString& prefix, const QString& suffix) {
    auto* box = named(new NumberField, name, tip);
    box->setRange(least, most);
    box->setSingleStep(0.1);
    box->setPrefix(prefix);
    box->setSuffix(suffix);
    box->setKeyboardTracking(false);
    constexpr int narrowest = 74; // what they say besides is in their tooltips
    box->setMinimumWidth(narrowest);
    connect(box, &QDoubleSpinBox::valueChanged, this, &SongSound::take_over);
    return box;
}

void SongSound::take_over() {
    if (showing_ || !document_.project().song)
        return;
    SongTrack track = *document_.project().song_track;
    // What is shown is rounded; only what was changed is taken over.
    const auto set = [](double& value, const QDoubleSpinBox* box, double rounded) {
        if (std::abs(value - box->value()) > rounded)
            value = box->value();
    };
    set(track.body.gain_db, gain_, 0.06);
    set(track.body.fade_in.value, fade_in_, 0.006);
    set(track.body.fade_out.value, fade_out_, 0.006);
    const Seconds length = heard_song(document_.project()).length;
    track.body.fade_in = std::min(track.body.fade_in, length);
    track.body.fade_out = std::min(track.body.fade_out, length - track.body.fade_in);
    document_.apply(with_song_track(document_.project(), track), tr("change the song's sound"));
    refresh();
}

void SongSound::refresh() {
    const auto& project = document_.project();
    const auto& sounds = document_.sounds();
    showing_ = true;
    const auto& body = project.song_track->body;
    gain_->setValue(body.gain_db);
    fade_in_->setValue(body.fade_in.value);
    fade_out_->setValue(body.fade_out.value);
    listened_->show_listened(sounds.listened(), project);
    alone_->setChecked(sounds.alone().has_value());
    for (QWidget* widget :
         std::initializer_list<QWidget*>{gain_, fade_in_, fade_out_, lines_, listened_, alone_, write_})
        widget->setEnabled(project.song != nullptr);
    showing_ = false;
}

} // namespace pulsepin
