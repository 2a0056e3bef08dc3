// SPDX-License-Identifier: GPL-3.0-or-later
#include "pages/transport_bar.h"

#include "schedule/resolve.h"
#include "session/calm.h"
#include "session/number_text.h"
#include "time/musical_text.h"
#include "time/timecode.h"

#include <QHBoxLayout>
#include <cmath>

namespace pulsepin {
namespace {

/// Where its frame is seen, a little behind it, the beat itself is told.
bool stands_on(Seconds playhead, Seconds beat, const Settings& settings) {
    constexpr Seconds same(1e-6);
    return std::abs((moment_of(beat, settings) - playhead).value) < same.value;
}

} // namespace

TransportBar::TransportBar(Document& document, ViewState& view, Player& player, QMenu* menu, QWidget* parent)
    : QWidget(parent), document_(document), view_(view), player_(player) {
    setObjectName("desk");
    setAttribute(Qt::WA_StyledBackground);
    setFixedHeight(52);
    auto* row = new QHBoxLayout(this);
    row->setContentsMargins(12, 6, 12, 6);
    row->setSpacing(6);
    add_playing(row);
    row->addSpacing(12);
    add_figures(row);
    row->addSpacing(10);
    add_tempo(row);
    row->addStretch(1);
    add_volumes(row);
    row->addSpacing(12);
    add_looking(row, menu);
    connect(&view_, &ViewState::playhead_moved, this, &TransportBar::show_position);
    connect(&view_, &ViewState::range_changed, this, [this] { loop_->setChecked(view_.looping()); });
    connect(&document_, &Document::changed, this, &TransportBar::refresh);
    connect(&document_, &Document::sound_changed, this, &TransportBar::refresh);
    const auto show_play = [this] {
        play_->setIcon(QIcon(player_.playing() ? ":/icons/stop.svg" : ":/icons/play.svg"));
        show_position();
    };
    connect(&player_, &Player::started, this, show_play);
    connect(&player_, &Player::stopped, this, show_play);
    refresh();
}

void TransportBar::add_playing(QHBoxLayout* row) {
    play_ = button("play", {}, tr("Play or stop (Space)"), QIcon(":/icons/play.svg"));
    play_->setFixedSize(36, 36);
    play_->setIconSize({18, 18});
    play_->setStyleSheet(
        QString("QToolButton { background: %1; border: 1px solid %1; border-radius: 18px; padding: 0; }"
                "QToolButton:focus { border: 2px solid %2; }")
            .arg(desk_palette().playing.name(), desk_palette().desk_text.name()));
    connect(play_, &QToolButton::clicked, this, &TransportBar::play_wanted);
    auto* start = button("start", {}, tr("Go to the start (Home)"), QIcon(":/icons/start.svg"));
    connect(start, &QToolButton::clicked, this, &TransportBar::start_wanted);
    loop_ = button("loop", {}, tr("Loop the range (L)"), QIcon(":/icons/loop.svg"));
    loop_->setCheckable(true);
    connect(loop_, &QToolButton::toggled, &view_, &ViewState::set_looping);
    few_ = button("few seconds", tr("2 bars"),
                  tr("Play a few bars from here, press again to stop (Shift+Space)"));
    connect(few_, &QToolButton::clicked, this, &TransportBar::few_seconds_wanted);
    for (QWidget* widget : {play_, start, loop_, few_})
        row->addWidget(widget);
}

void TransportBar::add_figures(QHBoxLayout* row) {
    const auto figures = [&](const QString& name, const QString& widest) {
        auto* made = new Figures(name, 19);
        made->set_widest(widest);
        row->addWidget(made);
        return made;
    };
    position_ = figures(tr("bar . beat"), "888 . 8 . 888");
    time_ = figures(tr("time"), "88:88.888");
    frame_ = figures(tr("frame at %1").arg("24"), "88888");
    frame_->setObjectName("frame figures");
    row->addSpacing(4);
    lamps_ = new Lamps;
    row->addWidget(lamps_);
}

void TransportBar::add_tempo(QHBoxLayout* row) {
    tempo_ = new Figures(tr("tempo, BPM"), 19);
    tempo_->set_widest("888.88");
    half_ = button("half tempo", tr("½"), tr("The tempo is half as fast; items keep their time"));
    double_ = button("double tempo", tr("×2"), tr("The tempo is twice as fast; items keep their time"));
    metre_ = button("metre", "4/4", tr("Beats in a bar"));
    metre_->setPopupMode(QToolButton::InstantPopup);
    auto* metres = new QMenu(metre_);
    for (const auto& metre : common_metres())
        connect(metres->addAction(QString::fromStdString(format_metre(metre))), &QAction::triggered, this,
                [this, metre] { emit metre_wanted(metre); });
    metre_->setMenu(metres);
    connect(half_, &QToolButton::clicked, this, &TransportBar::half_tempo_wanted);
    connect(double_, &QToolButton::clicked, this, &TransportBar::double_tempo_wanted);
    for (QWidget* widget : std::initializer_list<QWidget*>{tempo_, half_, double_, metre_})
        row->addWidget(widget);
}

void TransportBar::add_volumes(QHBoxLayout* row) {
    auto* music = volume(QT_TR_NOOP("music"), tr("How loud the song is"), 100);
    connect(music, &QSlider::valueChanged, this, [this](int v) { player_.set_music_volume(v / 100.0); });
    auto* click = volume(QT_TR_NOOP("click"), tr("How loud the click on the beats is"), 45);
    click->setProperty("role", "click");
    connect(click, &QSlider::valueChanged, this, [this](int v) { player_.set_click_volume(v / 100.0); });
    player_.set_click_volume(0.45);
    level_ = new LevelBar;
    row->addWidget(level_);
    row->addSpacing(10);
    auto* music_field = labelled(tr("music"), music);
    auto* click_field = labelled(tr("click"), click);
    row->addWidget(music_field);
    row->addSpacing(8);
    row->addWidget(click_field);
    spare_ = {level_, lamps_, frame_, few_, click_field, music_field, half_, double_, tempo_};
}

void TransportBar::add_looking(QHBoxLayout* row, QMenu* menu) {
    speed_ = button("speed", tr("speed 1×"),
                    tr("How fast it plays, without a change of pitch (comma and full stop)"));
    speed_->setPopupMode(QToolButton::InstantPopup);
    auto* speeds = new QMenu(speed_);
    for (const double speed : {0.25, 0.5, 0.75, 1.0, 1.25, 1.5, 2.0})
        connect(speeds->addAction(tr("%1×").arg(speed)), &QAction::triggered, this,
                [this, speed] { emit speed_wanted(speed); });
    speed_->setMenu(speeds);
    score_ = button("drawing", tr("Score"),
                    tr("The song in phrases, one under another, instead of in one line (V)"));
    score_->setCheckable(true);
    connect(score_, &QToolButton::clicked, this, &TransportBar::score_wanted);
    auto* menu_button = button("menu", tr("Menu"), tr("Files, edits, view (F10)"));
    menu_button->setPopupMode(QToolButton::InstantPopup);
    menu_button->setMenu(menu);
    menu_button->setShortcut(Qt::Key_F10);
    for (QWidget* widget : {speed_, score_, menu_button})
        row->addWidget(widget);
}

/// On a narrow screen what can be done without is left out, the least needed first.
void TransportBar::resizeEvent(QResizeEvent* event) {
    QWidget::resizeEvent(event);
    const auto room_of = [](QLayoutItem* item) {
        const auto* widget = item->widget(); // also where it is hidden
        return widget ? std::max(widget->minimumSizeHint().width(), widget->minimumWidth())
                      : item->minimumSize().width();
    };
    const auto margins = layout()->contentsMargins();
    int needed = margins.left() + margins.right() - layout()->spacing();
    for (int i = 0; i < layout()->count(); ++i) { // gaps are counted between widgets only
        auto* item = layout()->itemAt(i);
        needed += room_of(item) + (item->widget() ? layout()->spacing() : 0);
    }
    for (auto* widget : spare_) {
        const bool room = needed <= width();
        if (!room)
            needed -= room_of(layout()->itemAt(layout()->indexOf(widget))) + layout()->spacing();
        if (widget->isHidden() == room)
            widget->setVisible(room);
    }
}

QToolButton* TransportBar::button(const QString& name, const QString& text, const QString& tip,
                                  const QIcon& icon) {
    auto* b = new QToolButton;
    b->setObjectName(name);
    name_by_tip(*b, tip); // "½" is no word
    b->setText(text);
    b->setToolTip(tip);
    b->setMinimumHeight(26);
    b->setStyleSheet("QToolButton { padding: 5px 8px; }");
    b->setFocusPolicy(Qt::TabFocus);
    if (!icon.isNull()) {
        b->setIcon(icon);
        b->setStyleSheet("QToolButton { padding: 5px 6px; }");
    }
    return b;
}

QSlider* TransportBar::volume(const char* name, const QString& tip, int initial) {
    auto* slider = new QSlider(Qt::Horizontal);
    slider->setObjectName(QString("%1 volume").arg(name));
    slider->setAccessibleName(tr("%1 volume").arg(tr(name)));
    slider->setToolTip(tip);
    slider->setRange(0, 100);
    slider->setValue(initial);
    slider->setFixedWidth(56);
    return slider;
}

void TransportBar::show_drawing(bool score) {
    score_->setChecked(score);
}

void TransportBar::set_few_bars(int bars) {
    few_->setText(bars == 1 ? tr("1 bar") : tr("%1 bars").arg(bars));
}

void TransportBar::refresh() {
    const auto& project = document_.project();
    const bool sound = document_.sound() != nullptr;
    play_->setEnabled(sound);
    few_->setEnabled(sound);
    const bool grid = project.grid != nullptr;
    half_->setEnabled(grid);
    double_->setEnabled(grid);
    metre_->setEnabled(grid);
    tempo_->set_text(grid ? number_text(project.grid->typical_tempo().value, 2) : QStringLiteral("–"));
    const auto metre = grid ? project.grid->metre_at(Ticks(0)) : Metre{};
    metre_->setText(QString::fromStdString(format_metre(metre)));
    lamps_->set_count(metre.beats_per_bar);
    show_position();
}

void TransportBar::show_position() {
    const auto& project = document_.project();
    const Seconds now = view_.playhead();
    speed_->setText(tr("speed %1×").arg(player_.speed()));
    if (player_.playing() && player_.meter())
        level_->show_level(player_.meter()->peak_db(), player_.meter()->short_term_lufs());
    else
        level_->show_level(-100, -100);
    time_->set_text(QString::fromStdString(format_clock(now)));
    frame_->set_name(tr("frame at %1").arg(QString::fromStdString(project.settings->frame_rate.text())));
    frame_->set_text(QString::number(project.settings->frame_rate.frame_at(now).value));
    if (!project.grid) {
        position_->set_text(QStringLiteral("– . –"));
        lamps_->light(-1, 0);
        return;
    }
    const auto& grid = *project.grid;
    Ticks tick(static_cast<std::int64_t>(
        std::floor(grid.beats_at(now).value * static_cast<double>(ticks_per_beat) + 1e-6)));
    const Ticks beat = grid.nearest_beat(now);
    if (!player_.playing() && stands_on(now, grid.time_at(beat), *project.settings))
        tick = beat;
    const auto place = grid.position_of(tick);
    position_->set_text(
        QString("%1 . %2 . %3").arg(place.bar).arg(place.beat).arg(place.tick, 3, 10, QChar('0')));
    if (player_.playing()) {
        // Bright with the beat, fading over its first half.
        constexpr double steady = 0.6; // the beat is shown, and does not flash
        const double since = static_cast<double>(place.tick) / static_cast<double>(ticks_per_beat);
        lamps_->light(place.beat - 1, is_calm() ? steady : std::max(0.0, 1 - 1.6 * since));
    } else {
        lamps_->light(-1, 0);
    }
}

} // namespace pulsepin
