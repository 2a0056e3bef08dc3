// SPDX-License-Identifier: GPL-3.0-or-later
//
// The column of names beside the timeline, and the lanes' switches in it.
#include "drawing/kind_look.h"
#include "drawing/timeline/paint_grid.h"
#include "drawing/timeline/paint_song.h"
#include "drawing/timeline/pin_heads.h"
#include "drawing/timeline/timeline_view.h"
#include "model/click_sounds.h"
#include "model/edits.h"
#include "model/lane_edits.h"
#include "model/song_edits.h"
#include "parts/fields.h"
#include "session/calm.h"
#include "session/event_clicks.h"

#include "drawing/timeline/paint_check.h"
#include "parts/plain_texts.h"
#include "session/number_text.h"

#include <QFontMetricsF>
#include <QHelpEvent>
#include <QTextLayout>
#include <QToolTip>

namespace pulsepin {
namespace {

constexpr double indent = 10, named_height = 24;

} // namespace

QFont TimelineView::names_font(int pixels, QFont::Weight weight) const {
    QFont f = font();
    f.setPixelSize(pixels);
    f.setWeight(weight);
    return f;
}

void TimelineView::put(QPainter& painter, const QFont& f, const QColor& colour, QRectF rect,
                       const QString& text) const {
    painter.setFont(f);
    painter.setPen(colour);
    painter.drawText(rect, Qt::AlignVCenter | Qt::AlignLeft,
                     QFontMetricsF(f).elidedText(text, Qt::ElideRight, rect.width()));
}

/// In as many lines as there is room for, broken between words; the last may end in dots.
void TimelineView::put_in_lines(QPainter& painter, const QFont& f, const QColor& colour, QRectF rect,
                                const QString& text) const {
    const double high = std::ceil(QFontMetricsF(f).height());
    const int most = std::clamp(static_cast<int>(rect.height() / high), 1, 3);
    QTextLayout layout(text, f);
    layout.beginLayout();
    QStringList lines;
    for (QTextLine line = layout.createLine(); line.isValid(); line = layout.createLine()) {
        line.setLineWidth(rect.width());
        const bool is_last = lines.size() + 1 == most;
        lines << (is_last ? text.mid(line.textStart()) : text.mid(line.textStart(), line.textLength()))
                     .trimmed();
        if (is_last)
            break;
    }
    layout.endLayout();
    double top = rect.center().y() - high * static_cast<double>(lines.size()) / 2;
    for (const auto& line : lines) {
        put(painter, f, colour, QRectF(rect.left(), top, rect.width(), high), line);
        top += high;
    }
}

void TimelineView::paint_names(QPainter& painter) const {
    painter.fillRect(QRectF(0, 0, names_width(), height()), palette_->paper_names);
    paint_song_names(painter);
    if (beats_.height() > 0)
        paint_grid_names(painter);
    if (trust_.height() > 0)
        put(painter, names_font(11, QFont::Normal), palette_->paper_text,
            QRectF(indent, trust_.top(), (names_width() - 14.0), trust_.height()), tr("confidence"));
    if (danger_.height() > 0)
        paint_danger_names(painter);
    paint_lane_names(painter);
}

void TimelineView::paint_song_names(QPainter& painter) const {
    const auto& p = *palette_;
    const auto& project = document_.project();
    const QFont name = names_font(12, QFont::DemiBold), small = names_font(11, QFont::Normal);
    painter.setPen(QPen(p.paper_quiet, 1));
    for (const double x : {4.0, 2.0}) // where it is drawn wider
        painter.drawLine(QPointF(names_width() - x, 9), QPointF(names_width() - x, 21));
    put(painter, small, p.paper_quiet, QRectF(indent, 4, (names_width() - 14.0), 24),
        project.grid ? tr("bars") : tr("seconds"));
    const QString snap = view_.snap() == Snap::Always ? tr("snap always")
                         : view_.snap() == Snap::Near ? tr("snap near")
                                                      : tr("snap off");
    const QRectF chip = snap_chip();
    const bool on = view_.snap() != Snap::Off;
    painter.setPen(QPen(on ? p.motion : p.paper_line, 1));
    painter.setBrush(on ? p.paper : p.paper_names);
    painter.drawRoundedRect(chip, 3, 3);
    painter.setPen(on ? p.motion : p.paper_quiet);
    painter.setFont(names_font(10, QFont::DemiBold));
    painter.drawText(chip, Qt::AlignCenter, snap);
    if (project.song && wave_.height() > 36) {
        const double y = wave_.center().y();
        put(painter, name, p.paper_text, QRectF(indent, y - 18, (names_width() - 14.0), 18),
            QString::fromStdString(project.song->title));
        const QString rate = QString::number(static_cast<double>(project.song->sample_rate) / 1000, 'g', 4);
        put(painter, small, p.paper_quiet, QRectF(indent, y, (names_width() - 14.0), 18),
            document_.sounds().alone() ? tr("solo") : tr("mix · %1 kHz").arg(rate));
        painter.setFont(small);
        for (const auto& s : song_switches())
            paint_switch(painter, s);
    }
    if (spectrum_.height() > 30 && project.song) {
        const double y = spectrum_.center().y();
        const bool twelve = view_.look().spectrum == SongLook::Spectrum::TwelveBands;
        put(painter, small, p.paper_quiet, QRectF(indent, y - 16, (names_width() - 14.0), 16),
            tr("spectrum"));
        put(painter, small, p.paper_quiet, QRectF(indent, y, (names_width() - 14.0), 16),
            twelve ? tr("12 bands") : tr("30 Hz – 16 kHz"));
    }
    if (sections_.height() > 0)
        put(painter, small, p.paper_quiet,
            QRectF(indent, sections_.top(), (names_width() - 14.0), sections_.height()), tr("sections"));
    for (const auto& row : shown_onset_rows(document_.detection().shown().get(), onsets_))
        put(painter, small, p.paper_text,
            QRectF(indent, row.place.top(), (names_width() - 36.0), row.place.height()),
            QString::fromStdString(row.row->name));
    painter.setFont(names_font(9, QFont::Normal));
    for (const auto& row : row_switches())
        paint_switch(painter, row.click);
}

void TimelineView::paint_grid_names(QPainter& painter) const {
    const auto& p = *palette_;
    const QFont name = names_font(12, QFont::DemiBold), small = names_font(11, QFont::Normal);
    const double half = beats_.height() / 2;
    put(painter, small, p.paper_text, QRectF(indent, beats_.top(), (names_width() - 14.0), half),
        document_.detection().proposal() ? tr("found again") : tr("found"));
    put(painter, names_font(11, QFont::DemiBold), p.paper_text,
        QRectF(indent, beats_.top() + half, (names_width() - 14.0), half), tr("grid"));
    const auto [low, high] = tempo_limits(*document_.project().grid, scale());
    put(painter, name, p.paper_text, QRectF(indent, tempo_.top() + 8, (names_width() - 14.0), 18),
        tr("tempo"));
    put(painter, small, p.paper_quiet, QRectF(indent, tempo_.top() + 26, (names_width() - 14.0), 16),
        QString("%1 – %2").arg(number_text(low, 1)).arg(number_text(high, 1)));
    if (view_.course())
        put(painter, small, p.paper_quiet, QRectF(indent, tempo_.top() + 44, (names_width() - 14.0), 16),
            tr("deviation from tempo"));
}

void TimelineView::paint_danger_names(QPainter& painter) const {
    const auto& p = *palette_;
    const QFont name = names_font(12, QFont::DemiBold), small = names_font(11, QFont::Normal);
    put(painter, name, p.paper_text, QRectF(indent, danger_.center().y() - 17, names_width() - 34.0, 17),
        tr("Flash danger"));
    put(painter, small, p.paper_quiet, QRectF(indent, danger_.center().y() + 1, names_width() - 34.0, 16),
        tr("in any second"));
    const auto& marks = view_.check_marks();
    if (!marks || !marks->flashes)
        return;
    painter.setFont(small);
    painter.setPen(p.paper_quiet);
    const double right = names_width() - 22.0;
    painter.drawText(QRectF(right, danger_.top() + 4, 18, 14), Qt::AlignRight | Qt::AlignVCenter,
                     QString::number(danger_most(*marks->flashes)));
    painter.drawText(QRectF(right, danger_.bottom() - 16, 18, 14), Qt::AlignRight | Qt::AlignVCenter, "0");
}

/// Where its name and switches stand: beside it, or above the names of its rows.
QRectF TimelineView::name_place(const Lane& lane, const QRectF& row) const {
    return look_of_kind(lane.kind).paint_names ? QRectF(0, row.top(), names_width(), named_height) : row;
}

void TimelineView::paint_lane_names(QPainter& painter) const {
    const auto& p = *palette_;
    const auto& lanes = document_.project().lanes;
    const QFont name = names_font(12, QFont::DemiBold), small = names_font(11, QFont::Normal);
    painter.save();
    painter.setClipRect(placement_.area);
    for (std::size_t i = 0; i < placement_.rows.size() && i < lanes.size(); ++i) {
        const Lane& lane = *lanes[i];
        const QRectF& row = placement_.rows[i];
        if (!row.intersects(placement_.area))
            continue;
        const auto rows_named = look_of_kind(lane.kind).paint_names;
        const double y = name_place(lane, row).center().y();
        paint_sign(painter, lane.kind, y);
        if (lane.id == view_.lane()) // what is added, pasted and placed goes there
            painter.fillRect(QRectF(0, row.top(), 4, row.height()), p.motion);
        const auto switches = switches_of(lane, row);
        put_in_lines(painter, name, p.paper_text,
                     QRectF(26, y - name_place(lane, row).height() / 2, switches.front().rect.left() - 29,
                            name_place(lane, row).height()),
                     QString::fromStdString(lane.name));
        painter.setFont(small);
        if (rows_named) {
            const Scene s = scene(scale());
            rows_named(painter, lane_scene(s, {i, row, scale(), false}),
                       QRectF(0, row.top() + named_height, names_width(), row.height() - named_height));
            painter.setFont(small);
        }
        for (const auto& s : switches)
            paint_switch(painter, s);
    }
    painter.restore();
}

/// What the lane holds.
void TimelineView::paint_sign(QPainter& painter, LaneKind kind, double y) const {
    draw_head(painter, kind, {holds<TriggerBody>(kind) ? 9.0 : 13.0, holds<CutBody>(kind) ? y - 6 : y},
              *palette_, HeadState::Placed, false);
}

void TimelineView::paint_switch(QPainter& painter, const Switch& s) const {
    const auto& p = *palette_;
    painter.setPen(QPen(s.on ? p.paper_text : p.paper_line, 1));
    painter.setBrush(s.on ? p.paper_text : p.paper_names);
    painter.drawRoundedRect(s.rect, 3, 3);
    painter.setPen(s.on ? p.paper_names : p.paper_quiet);
    painter.drawText(s.rect, Qt::AlignCenter, s.letter);
}

std::vector<TimelineView::Switch> TimelineView::song_switches() const {
    if (!document_.project().song || wave_.height() <= 36)
        return {};
    const auto& track = *document_.project().song_track;
    const double y = wave_.center().y() + 19, x = names_width() - 3;
    return {{Switch::Mute, tr("M"), track.muted, QRectF(x - 34, y, 15, 18)},
            {Switch::Solo, tr("S"), track.solo, QRectF(x - 17, y, 15, 18)}};
}

bool TimelineView::press_song_switch(QPointF at, bool another) {
    for (const auto& s : song_switches()) {
        if (!s.rect.contains(at))
            continue;
        SongTrack track = *document_.project().song_track;
        bool& on = s.what == Switch::Mute ? track.muted : track.solo;
        on = !on;
        Project next = with_song_track(document_.project(), track);
        if (s.what == Switch::Solo && on && !another) // alone, unless others are to stay
            for (const auto& lane : document_.project().lanes)
                if (holds<SoundBody>(lane->kind) && lane->solo)
                    next = *with_mute_and_solo(next, lane->id, lane->muted, false);
        document_.apply(std::move(next), s.what == Switch::Mute ? tr("mute song") : tr("solo song"));
        return true;
    }
    return false;
}

QPointF TimelineView::song_switch_position(QChar letter) const {
    for (const auto& s : song_switches())
        if (s.letter == letter)
            return s.rect.center();
    return {-1, -1};
}

const Lane* TimelineView::lane_named_at(QPointF at) const {
    const auto& lanes = document_.project().lanes;
    if (at.x() >= names_width() || !placement_.area.contains(at))
        return nullptr;
    for (std::size_t i = 0; i < placement_.rows.size() && i < lanes.size(); ++i)
        if (at.y() >= placement_.rows[i].top() && at.y() <= placement_.rows[i].bottom())
            return lanes[i].get();
    return nullptr;
}

std::vector<TimelineView::Switch> TimelineView::switches_of(const Lane& lane, const QRectF& row) const {
    const double y = name_place(lane, row).center().y() - 9;
    std::vector<Switch> switches{{Switch::Mute, tr("M"), lane.muted, {}}};
    if (holds<SoundBody>(lane.kind))
        switches.push_back({Switch::Solo, tr("S"), lane.solo, {}});
    if (!holds<SoundBody>(lane.kind)) // what is heard anyway needs no click
        switches.push_back({Switch::Click, tr("C"), lane.click > 0, {}});
    switches.push_back({Switch::Lock, tr("L"), lane.locked, {}});
    double x = names_width() - 3;
    for (auto s = switches.rbegin(); s != switches.rend(); ++s) {
        x -= 17;
        s->rect = QRectF(x, y, 15, 18);
    }
    return switches;
}

QPointF TimelineView::switch_position(LaneId id, QChar letter) const {
    if (const Lane* lane = document_.project().lane(id))
        for (const auto& s : switches_of(*lane, lane_row(id)))
            if (s.letter == letter)
                return s.rect.center();
    return {-1, -1};
}

/// How what is dragged and added is pulled; a click goes on to the next way.
QRectF TimelineView::snap_chip() const {
    return {names_width() - 80.0, 7, 68, 17};
}

std::vector<TimelineView::RowSwitch> TimelineView::row_switches() const {
    std::vector<RowSwitch> switches;
    const auto detection = document_.detection().shown();
    for (const auto& row : shown_onset_rows(detection.get(), onsets_)) {
        const double height = std::min(12.0, row.place.height() - 1);
        switches.push_back({static_cast<std::size_t>(row.row - detection->rows.data()),
                            {Switch::Click, tr("C"), row.row->click > 0,
                             QRectF(names_width() - 20.0, row.place.center().y() - height / 2, 15, height)}});
    }
    return switches;
}

QPointF TimelineView::row_click_position(std::size_t row) const {
    for (const auto& s : row_switches())
        if (s.row == row)
            return s.click.rect.center();
    return {-1, -1};
}

namespace {

/// The one after it; off after the last. Of a switch that is only turned on: one that no other has yet.
int next_sound(int now, bool another, const std::vector<int>& taken) {
    const int count = static_cast<int>(click_sounds().size());
    if (another)
        return now % count + 1;
    if (now > 0)
        return 0;
    for (int sound = 1; sound <= count; ++sound)
        if (std::find(taken.begin(), taken.end(), sound) == taken.end())
            return sound;
    return 1;
}

std::vector<int> clicks_of(const Project& project) {
    std::vector<int> clicks;
    for (const auto& lane : project.lanes)
        clicks.push_back(lane->click);
    if (project.detection)
        for (const auto& row : project.detection->rows)
            clicks.push_back(row.click);
    return clicks;
}

QString sound_name(int sound) {
    return text_of(click_sounds()[static_cast<std::size_t>(sound - 1)].label);
}

} // namespace

void TimelineView::press_lane_switch(const Lane& lane, const Switch& pressed, bool another) {
    const auto& project = document_.project();
    switch (pressed.what) {
    case Switch::Lock:
        document_.apply(with_lane_locked(project, lane.id, !lane.locked),
                        lane.locked ? tr("unlock lane") : tr("lock lane"));
        break;
    case Switch::Click: {
        const int sound = next_sound(lane.click, another, clicks_of(project));
        document_.apply(with_lane_click(project, lane.id, sound), tr("click of lane"));
        if (sound > 0)
            document_.say(tr("“%1” is heard as a %2 · Shift and click: another sound")
                              .arg(QString::fromStdString(lane.name), sound_name(sound)));
        break;
    }
    case Switch::Mute:
    case Switch::Solo:
        document_.apply(with_mute_and_solo(project, lane.id, lane.muted != (pressed.what == Switch::Mute),
                                           lane.solo != (pressed.what == Switch::Solo)),
                        pressed.what == Switch::Mute ? tr("mute lane") : tr("solo lane"));
        break;
    }
}

bool TimelineView::press_row_switch(QPointF at, bool another) {
    const auto& project = document_.project();
    for (const auto& s : row_switches()) {
        if (!s.click.rect.contains(at) || !project.detection || s.row >= project.detection->rows.size())
            continue;
        OnsetRow row = project.detection->rows[s.row];
        row.click = next_sound(row.click, another, clicks_of(project));
        const int sound = row.click;
        const QString name = QString::fromStdString(row.name);
        document_.apply(with_onset_row(project, s.row, std::move(row)), tr("click of row"));
        if (sound > 0)
            document_.say(
                tr("“%1” is heard as a %2 · Shift and click: another sound").arg(name, sound_name(sound)));
        return true;
    }
    return false;
}

bool TimelineView::press_switch(QPointF at, bool another) {
    if (snap_chip().contains(at)) {
        view_.next_snap();
        return true;
    }
    if (press_row_switch(at, another) || press_song_switch(at, another))
        return true;
    const Lane* lane = lane_named_at(at);
    if (!lane)
        return false;
    for (const auto& s : switches_of(*lane, lane_row(lane->id)))
        if (s.rect.contains(at)) {
            press_lane_switch(*lane, s, another);
            return true;
        }
    view_.choose_lane(lane->id); // a click on its name
    return true;
}

// -- lamps

/// A lamp is seen for a few frames while the song plays; else on the very frame.
std::vector<TimelineView::Lamp> TimelineView::lit_lamps() const {
    const auto& lanes = document_.project().lanes;
    const auto rate = document_.project().settings->frame_rate;
    const Frames frame = rate.frame_at(view_.playhead());
    constexpr Seconds glow(0.09);
    const Frames lit_for =
        view_.playing() ? Frames(std::max<std::int64_t>(1, rate.frame_at(glow).value)) : Frames(0);
    constexpr double lane_size = 22, row_size = 7, beside_switch = 32;
    const auto around = [](QPointF middle, double size) {
        return QRectF(middle.x() - size / 2, middle.y() - size / 2, size, size);
    };
    std::vector<Lamp> lit;
    for (std::size_t i = 0; i < placement_.rows.size() && i < lanes.size(); ++i)
        if (const QRectF& row = placement_.rows[i];
            !lanes[i]->muted && row.intersects(placement_.area) &&
            acts_now(document_.schedule()[i], lanes[i]->pins, frame, lit_for))
            if (const QRectF place = around({13, row.center().y()}, lane_size);
                place.bottom() <= placement_.area.bottom())
                lit.push_back({lanes[i]->id, place});
    const auto detection = document_.detection().shown();
    for (const auto& s : row_switches())
        if (acts_now(detection->rows[s.row].onsets, view_.playhead(),
                     view_.playing() ? glow : rate.frame_length()))
            lit.push_back({{}, around({names_width() - beside_switch, s.click.rect.center().y()}, row_size)});
    return lit;
}

void TimelineView::light_up() {
    auto now = is_calm() ? std::vector<Lamp>() : lit_lamps();
    if (now == lit_)
        return;
    for (const auto& lamps : {lit_, now})
        for (const auto& lamp : lamps)
            update(lamp.place.toAlignedRect().adjusted(-1, -1, 1, 1));
    lit_ = std::move(now);
}

/// Behind the sign of what the lane holds; of a row of onsets beside its switch.
void TimelineView::draw_lamps(QPainter& painter) const {
    painter.save();
    painter.setRenderHint(QPainter::Antialiasing);
    for (const auto& lamp : lit_lamps()) {
        painter.setClipRect(lamp.lane.value != 0 ? placement_.area : QRectF(rect()));
        painter.setPen(Qt::NoPen);
        painter.setBrush(palette_->playing);
        painter.drawEllipse(lamp.place);
        if (const Lane* lane = document_.project().lane(lamp.lane))
            paint_sign(painter, lane->kind, lamp.place.center().y());
    }
    painter.restore();
}

bool TimelineView::lit(LaneId id) const {
    const auto lit = lit_lamps();
    return std::any_of(lit.begin(), lit.end(), [id](const Lamp& lamp) { return lamp.lane == id; });
}

QString TimelineView::switch_tip(QPointF at) const {
    const Lane* lane = lane_named_at(at);
    std::vector<Switch> switches = lane ? switches_of(*lane, lane_row(lane->id)) : std::vector<Switch>();
    for (const auto& s : row_switches())
        switches.push_back(s.click);
    for (const auto& s : switches)
        if (s.rect.contains(at))
            switch (s.what) {
            case Switch::Mute:
                return tr("Muted: there, but without effect");
            case Switch::Solo:
                return tr("Only what has this is heard");
            case Switch::Lock:
                return tr("Locked: none of its pins is changed");
            case Switch::Click:
                return tr("A click is heard where it acts · Shift and click: another sound");
            }
    return {};
}

/// A name that is not there in full is told whole.
bool TimelineView::event(QEvent* event) {
    if (event->type() == QEvent::ToolTip) {
        auto* help = static_cast<QHelpEvent*>(event);
        const Lane* lane = lane_named_at(help->pos());
        if (const QString tip = switch_tip(help->pos()); !tip.isEmpty()) {
            QToolTip::showText(help->globalPos(), plain_tip(tip), this);
            return true;
        }
        QToolTip::showText(help->globalPos(),
                           lane
                               ? plain_tip(tr("%1 · click: what is added goes here · double click: name it · "
                                              "right click: more")
                                               .arg(QString::fromStdString(lane->name)))
                               : QString(),
                           this);
        return true;
    }
    return Canvas::event(event);
}

} // namespace pulsepin
