// SPDX-License-Identifier: GPL-3.0-or-later
#include "commands/view_commands.h"

#include "commands/grid_commands.h"
#include "drawing/score/score_view.h"
#include "drawing/timeline/timeline_view.h"
#include "hand/poses.h"
#include "pages/transport_bar.h"
#include "parts/form_area.h"
#include "picture/picture_room.h"
#include "schedule/find_pins.h"
#include "session/settings.h"

#include <QActionGroup>
#include <QApplication>
#include <QSettings>
#include <QSignalBlocker>
#include <QStackedWidget>
#include <algorithm>

namespace pulsepin {

void ViewCommands::add_to(QMenu* menu) {
    using K = QKeySequence;
    add(menu, "zoom in", tr("Zoom in"), {K::ZoomIn, K(tr("Ctrl+="))}, [this] { zoom_by(1.5); });
    add(menu, "zoom out", tr("Zoom out"), {K::ZoomOut}, [this] { zoom_by(1 / 1.5); });
    add(menu, "whole song", tr("Whole song"), {K(tr("Ctrl+0"))}, [this] { timeline_.show_all(); });
    add(menu, "zoom to", tr("Zoom to the range or what is selected"), {K(tr("Z"))}, [this] { zoom_to(); });
    add(menu, "zoom back", tr("Back to what was in view"), {K(tr("Shift+Z"))},
        [this] { timeline_.show_before(); });
    add(menu, "higher wave", tr("Waveform higher"), {K(tr("Ctrl+Up"))},
        [this] { timeline_.set_wave_height(view_.look().wave_height * 1.25); });
    add(menu, "lower wave", tr("Waveform lower"), {K(tr("Ctrl+Down"))},
        [this] { timeline_.set_wave_height(view_.look().wave_height / 1.25); });
    commands_.add(menu,
                  {{"score", tr("Score"), {K(tr("V"))}, {}, [this](bool on) { show_score(on); }},
                   {"paint cells", tr("Paint cells in the score"), {K(tr("P"))}, {}, [this](bool painting) {
                        if (painting)
                            show_score(true);
                        score_.set_painting(painting);
                    }}});
    auto* cells = menu->addMenu(tr("Cells of the score"));
    for (const auto& [count, text] :
         {std::pair{1, tr("Beats")}, std::pair{2, tr("Halves of beats")}, std::pair{3, tr("Thirds of beats")},
          std::pair{4, tr("Quarters of beats")}})
        connect(cells->addAction(text), &QAction::triggered, this,
                [this, count] { score_.set_cells_a_beat(count); });
    add(menu, "finer cells", tr("Finer or coarser cells"), {K(tr("Shift+P"))}, [this] {
        score_.set_cells_a_beat(score_.cells_a_beat() == 1 ? 2 : score_.cells_a_beat() == 2 ? 4 : 1);
        document_.say(tr("%1 cells a beat").arg(score_.cells_a_beat()));
    });
    auto* phrases = menu->addMenu(tr("Bars in a row of the score"));
    for (const int bars : ScoreView::phrase_lengths)
        connect(phrases->addAction(QString::number(bars)), &QAction::triggered, this,
                [this, bars] { score_.set_bars_in_row(bars); });
    grids_.add_snapping_to(menu);
    add_looks_to(menu);
    const char* const stop_names[] = {QT_TR_NOOP("Stop: Song"),   QT_TR_NOOP("Stop: Grid"),
                                      QT_TR_NOOP("Stop: Mark"),   QT_TR_NOOP("Stop: Place"),
                                      QT_TR_NOOP("Stop: Motion"), QT_TR_NOOP("Stop: Check"),
                                      QT_TR_NOOP("Stop: Export")};
    for (int stop = 0; stop < static_cast<int>(std::size(stop_names)); ++stop)
        add(menu, QString("stop %1").arg(stop + 1), tr(stop_names[stop]),
            {K(QString("Ctrl+%1").arg(stop + 1))}, [this, stop] { go_to_stop(static_cast<Stop>(stop)); });
    add(menu, "fold bench", tr("Hide lower panel"), {K(tr("F9"))}, [this] {
        const bool fold = bench_.isVisible();
        picture_.bench_folded(fold); // never the picture with it
        bench_.setVisible(!fold);
    });
    add(menu, "picture place", tr("Picture: docked, beside, own window"), {K(tr("F8"))},
        [this] { picture_.next_place(); });
    add(menu, "full screen", tr("Picture: fill the screen"), {K(tr("F11"))},
        [this] { picture_.toggle_full_screen(); });
    add(menu, "key pose", tr("Key what is seen: a pose of the chosen layer"), {K(tr("Shift+K"))}, [this] {
        if (!edit("pose", {{"layer", static_cast<double>(view_.layer().value)}}))
            return;
        const Lane* lane = pose_lane_of(document_.project(), view_.layer());
        view_.choose_lane(lane->id);
        // On the frame that it acts on, so that what is dragged next changes this very pose.
        if (view_.selection().size() == 1 && !player_.playing())
            for (const auto& pin : document_.schedule().pins(lane->id).pins)
                if (view_.selection().contains(pin.id))
                    view_.set_playhead(moment_of(pin, rate()));
    });
    add(menu, "frame layer", tr("Camera on the chosen layer"), {K(tr("Shift+F"))},
        [this] { hands_.frame_chosen(); });
    commands_.add(menu, Command{"night", tr("Night paper"), {K(tr("Ctrl+Shift+N"))}, {}, [this](bool on) {
                                    change_setting(*find_setting("look/colours"),
                                                   std::string(on ? "night" : "day"));
                                    show_colours();
                                }});
}

/// One choice out of several of how the song is drawn: ticked in the menu, kept in the view.
void ViewCommands::add_looks_to(QMenu* menu) {
    const auto choices =
        [this, menu](const char* title,
                     const std::vector<std::pair<const char*, std::function<void(SongLook&)>>>& rows,
                     std::size_t initial) {
            auto* sub = menu->addMenu(tr(title));
            auto* group = new QActionGroup(sub);
            for (std::size_t i = 0; i < rows.size(); ++i) {
                auto* action = sub->addAction(tr(rows[i].first));
                action->setObjectName(QString("%1: %2").arg(title, rows[i].first)); // in every language
                action->setCheckable(true);
                action->setChecked(i == initial);
                group->addAction(action);
                commands_.keep(action->objectName(), action);
                connect(action, &QAction::triggered, this, [this, change = rows[i].second] {
                    SongLook look = view_.look();
                    change(look);
                    view_.set_look(look);
                });
            }
        };
    using L = SongLook;
    choices(QT_TR_NOOP("Waveform"),
            {{QT_TR_NOOP("Sum of the channels"),
              [](L& l) { l.channels = L::Channels::Sum, l.wave_folded = false; }},
             {QT_TR_NOOP("Left and right"),
              [](L& l) { l.channels = L::Channels::LeftAndRight, l.wave_folded = false; }},
             {QT_TR_NOOP("Folded"), [](L& l) { l.wave_folded = true; }}},
            0);
    choices(QT_TR_NOOP("Spectrum"),
            {{QT_TR_NOOP("12 bands"), [](L& l) { l.spectrum = L::Spectrum::TwelveBands; }},
             {QT_TR_NOOP("Logarithmic"), [](L& l) { l.spectrum = L::Spectrum::Logarithmic; }},
             {QT_TR_NOOP("Folded"), [](L& l) { l.spectrum = L::Spectrum::Folded; }}},
            0);
    choices(QT_TR_NOOP("Ruler counts"),
            {{QT_TR_NOOP("Bars only"), [](L& l) { l.under = L::Under::OnlyBars; }},
             {QT_TR_NOOP("Seconds"), [](L& l) { l.under = L::Under::InSeconds; }},
             {QT_TR_NOOP("Timecode"), [](L& l) { l.under = L::Under::InTimecode; }},
             {QT_TR_NOOP("Frames"), [](L& l) { l.under = L::Under::InFrames; }}},
            0);
    commands_.add(menu, Command{"thumbnails",
                                tr("Pictures of shots in their lane"),
                                {QKeySequence(tr("Ctrl+T"))},
                                {},
                                [this](bool on) {
                                    SongLook look = view_.look();
                                    look.thumbnails = on;
                                    view_.set_look(look);
                                }});
    commands_.action("thumbnails")->setChecked(view_.look().thumbnails);
    const auto brighten = [this](double factor) {
        SongLook look = view_.look();
        look.brightness = std::clamp(look.brightness * factor, 0.25, 3.0);
        view_.set_look(look);
    };
    add(menu, "brighter", tr("Spectrum brighter"), {QKeySequence(tr("Ctrl+Shift+Up"))},
        [brighten] { brighten(1.2); });
    add(menu, "darker", tr("Spectrum darker"), {QKeySequence(tr("Ctrl+Shift+Down"))},
        [brighten] { brighten(1 / 1.2); });
}

void ViewCommands::load_settings() {
    show_colours();
    view_.set_names_width(QSettings().value("desk/names width", view_.names_width()).toInt());
    connect(&view_, &ViewState::names_width_changed, this,
            [this] { QSettings().setValue("desk/names width", view_.names_width()); });
}

/// The range; without one what is selected, from the first to the last.
void ViewCommands::zoom_to() {
    if (const auto& range = view_.range())
        return timeline_.zoom_to(range->from, range->until);
    auto all = whole_span_of(document_.schedule(), view_.selection());
    if (!all)
        return document_.say(tr("Select pins or draw a range first"));
    if (all->until - all->from < Seconds(0.5)) // one pin: with a little around it
        all = TimeSpan{all->from - Seconds(1), all->until + Seconds(1)};
    timeline_.zoom_to(all->from, all->until);
}

void ViewCommands::zoom_by(double factor) {
    if (score_is_seen())
        score_.zoom_by(factor);
    else
        timeline_.zoom_by(factor);
}

void ViewCommands::show_colours() {
    const QString colours = setting_text("look/colours");
    const Palette& paper = colours == "contrast" ? contrast_palette()
                           : colours == "night"  ? night_palette()
                                                 : day_palette();
    const Palette& desk = colours == "contrast" ? contrast_palette() : day_palette();
    const QSignalBlocker told(commands_.action("night"));
    commands_.action("night")->setChecked(colours == "night");
    score_.set_palette(paper);
    timeline_.set_palette(paper);
    if (&desk == &desk_palette())
        return;
    use_desk_palette(desk);
    QApplication::setPalette(desk_colours(desk));
    window_->setStyleSheet(style_sheet(desk));
    emit desk_recoloured();
}

void ViewCommands::show_score(bool score) {
    drawings_.setCurrentWidget(score ? static_cast<QWidget*>(&score_) : &timeline_);
    commands_.action("score")->setChecked(score);
    transport_.show_drawing(score);
    if (score)
        score_.reveal(view_.playhead());
    drawings_.currentWidget()->setFocus();
}

} // namespace pulsepin
