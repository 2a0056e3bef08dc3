// SPDX-License-Identifier: GPL-3.0-or-later
#include "pages/details/feed_table.h"

#include "follow/curve_peaks.h"
#include "follow/freeze.h"
#include "hand/driving.h"
#include "kinds/kinds.h"
#include "model/lane_edits.h"
#include "parts/finder.h"
#include "parts/number_field.h"
#include "parts/targets.h"
#include "parts/widgets.h"
#include "schedule/piece_length.h"
#include "schedule/shots.h"
#include "session/number_text.h"
#include "stage/layer_values.h"

#include <QColorDialog>
#include <QHBoxLayout>
#include <QInputDialog>
#include <QMenu>
#include <QScrollArea>
#include <algorithm>

namespace pulsepin {

void NameButton::set_name(const QString& name) {
    name_ = name;
    break_lines();
}

void NameButton::resizeEvent(QResizeEvent* event) {
    QToolButton::resizeEvent(event);
    break_lines();
}

void NameButton::break_lines() {
    constexpr int around = 14;
    const int room = width() - around;
    const auto metrics = fontMetrics();
    QStringList lines{name_};
    if (const QString between = " · "; metrics.horizontalAdvance(name_) > room && name_.contains(between))
        lines = {name_.section(between, 0, 0), name_.section(between, 1)};
    setMinimumHeight(static_cast<int>(lines.size()) * metrics.lineSpacing() + around - 2);
    for (auto& line : lines)
        line = metrics.elidedText(line, Qt::ElideRight, room);
    setText(lines.join('\n'));
}

namespace {

/// As high as its rows where there is room, else scrolled.
class RowsArea : public QScrollArea {
public:
    RowsArea() { setSizePolicy(QSizePolicy::Preferred, QSizePolicy::Maximum); }
    [[nodiscard]] QSize sizeHint() const override { return widget() ? widget()->sizeHint() : QSize(); }
    [[nodiscard]] QSize minimumSizeHint() const override {
        constexpr int three_rows = 96;
        return {0, std::min(sizeHint().height(), three_rows)};
    }

protected:
    bool eventFilter(QObject* watched, QEvent* event) override {
        if (watched == widget() && event->type() == QEvent::LayoutRequest)
            updateGeometry();
        return QScrollArea::eventFilter(watched, event);
    }
};

} // namespace

FeedTable::FeedTable(Document& document, ViewState& view, QWidget* parent)
    : QWidget(parent), document_(document), view_(view) {
    setObjectName("feed table");
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(4);
    auto* area = new RowsArea;
    area->setWidgetResizable(true);
    area->setFrameShape(QFrame::NoFrame);
    area->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    auto* inside = new QWidget;
    rows_box_ = new QVBoxLayout(inside);
    rows_box_->setContentsMargins(0, 0, 4, 0);
    rows_box_->setSpacing(3);
    rows_box_->addStretch(1);
    area->setWidget(inside);
    area->setMinimumWidth(150);
    column->addWidget(area, 100);

    auto* buttons = make_buttons();
    column->addLayout(buttons);

    auto* lead_row = new QHBoxLayout;
    lead_row->setSpacing(6);
    lead_row->addWidget(quiet(tr("lead")));
    lead_ = new LengthField("lane lead", {Length::Unit::InFrames, Length::Unit::InMilliseconds});
    lead_->be_a_lead();
    connect(lead_, &LengthField::edited, this, [this] {
        if (!showing_ && lane())
            document_.apply(with_lead(document_.project(), lane()->id, offset_of(lead_->length())),
                            tr("change lead"));
    });
    lead_row->addWidget(lead_, 1);
    column->addLayout(lead_row);
    usual_ = quiet({});
    usual_->setObjectName("usual lead");
    usual_->setToolTip(tr("Common practice, for pictures at 24 fps"));
    column->addWidget(usual_);
    column->addStretch(1);
}

QHBoxLayout* FeedTable::make_buttons() {
    auto* buttons = new QHBoxLayout;
    buttons->setSpacing(4);
    auto* add = new QPushButton(tr("Feed another…"));
    add->setObjectName("feed another");
    add->setToolTip(tr("The same curve drives one more property, through a range of its own"));
    find_on_click(*add, "target", [this](QMenu* targets) {
        fill_with_targets(targets, document_.project(), [this](const Target& target) {
            change(tr("feed another"),
                   [&](Motion& motion) { motion.feeds.push_back(new_feed(document_.project(), target)); });
        });
        targets->addSeparator();
        targets->addAction(tr("Only a name, for exporting…"), this, [this] {
            bool wanted = false;
            const QString name = QInputDialog::getText(this, tr("Property"), tr("Its name where the keys go"),
                                                       QLineEdit::Normal, {}, &wanted);
            if (wanted && !name.trimmed().isEmpty())
                change(tr("feed another"), [&](Motion& motion) {
                    Feed feed;
                    feed.property = name.trimmed().toStdString();
                    feed.unit.clear();
                    feed.low = 0;
                    feed.high = 1;
                    motion.feeds.push_back(feed);
                });
        });
    });
    buttons->addWidget(add, 1);
    auto* freeze_all = new QPushButton(tr("Freeze to keys"));
    freeze_all->setObjectName("freeze");
    freeze_all->setToolTip(tr("Writes the curve down as keys, on a lane of their own"));
    auto* ways = new QMenu(freeze_all);
    freeze_all->setMenu(ways);
    connect(ways, &QMenu::aboutToShow, this, [this, ways] {
        ways->clear();
        const Lane* now = lane();
        for (std::size_t i = 0; now && i <= part_of<Motion>(*now)->feeds.size(); ++i) {
            const QString name = QString::fromStdString(feeds_of(*now)[i].property);
            ways->addAction(tr("%1, a key each frame").arg(name), this, [this, i] { freeze(i, false); });
            ways->addAction(tr("%1, as few as need be…").arg(name), this, [this, i] { freeze(i, true); });
        }
        if (now && now->kind->follows) {
            ways->addSeparator();
            ways->addAction(tr("Its peaks as markers…"), this, &FeedTable::mark_tops);
        }
    });
    buttons->addWidget(freeze_all, 1);
    return buttons;
}

const Lane* FeedTable::lane() const {
    return document_.project().lane(view_.motion_lane());
}

void FeedTable::change(const QString& what, const std::function<void(Motion&)>& how) {
    if (!showing_)
        change_motion(document_, view_.motion_lane(), what, how);
}

void FeedTable::change_feed(std::size_t index, const QString& what, const std::function<void(Feed&)>& how) {
    change(what, [&](Motion& motion) {
        if (index == 0)
            how(motion.own);
        else if (index <= motion.feeds.size())
            how(motion.feeds[index - 1]);
    });
}

QDoubleSpinBox* FeedTable::end_field(std::size_t index, const QString& name, const QString& tip,
                                     double Feed::*member) {
    auto* field = new NumberField;
    field->setObjectName(QString("feed %1 %2").arg(index).arg(name));
    field->setAccessibleName(tip);
    field->setToolTip(tip);
    field->setRange(-1e6, 1e6);
    field->setKeyboardTracking(false);
    field->setButtonSymbols(QAbstractSpinBox::NoButtons);
    field->setFixedWidth(54);
    field->setProperty("role", "small");
    connect(field, &QDoubleSpinBox::valueChanged, this, [this, index, member](double value) {
        change_feed(index, tr("change range"), [=](Feed& feed) { feed.*member = value; });
    });
    return field;
}

FeedTable::Row FeedTable::make_row(std::size_t index) {
    Row row{new QWidget, new NameButton, nullptr, nullptr, new QToolButton};
    auto* line = new QHBoxLayout(row.box);
    line->setContentsMargins(0, 0, 0, 0);
    line->setSpacing(3);
    row.target->setObjectName(QString("feed %1 target").arg(index));
    row.target->setAccessibleName(tr("What is driven"));
    row.target->setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Fixed);
    row.target->setMinimumWidth(60);
    find_on_click(*row.target, "target", [this, index](QMenu* targets) {
        fill_with_targets(targets, document_.project(), [this, index](const Target& target) {
            change_feed(index, tr("choose what is driven"), [&](Feed& feed) {
                const Offset lead = feed.lead;
                feed = new_feed(document_.project(), target);
                feed.lead = lead;
            });
        });
        targets->addSeparator();
        targets->addAction(tr("Nothing in the picture"), this, [this, index] {
            change_feed(index, tr("choose what is driven"), [](Feed& feed) { feed.target = {}; });
        });
    });
    row.low = end_field(
        index, "low", tr("Its value where the curve is 0; higher than the other end inverts it"), &Feed::low);
    row.high = end_field(index, "high", tr("Its value where the curve is 1"), &Feed::high);
    row.more->setObjectName(QString("feed %1 more").arg(index));
    row.more->setAccessibleName(tr("More of this feed"));
    row.more->setProperty("role", "small");
    row.target->setProperty("role", "small");
    row.more->setText("…");
    row.more->setFixedWidth(24);
    row.more->setToolTip(tr("Limits, lead of its own, freezing, removing"));
    row.more->setPopupMode(QToolButton::InstantPopup);
    auto* more = new QMenu(row.more);
    row.more->setMenu(more);
    connect(more, &QMenu::aboutToShow, this, [this, more, index] { fill_more(more, index); });
    line->addWidget(row.target, 1);
    line->addWidget(row.low);
    line->addWidget(quiet("→"));
    line->addWidget(row.high);
    line->addWidget(row.more);
    return row;
}

void FeedTable::limit(std::size_t index, bool limited) {
    change_feed(index, tr("cut off"), [limited](Feed& feed) {
        const auto* row = layer_parameter(feed.target.parameter);
        feed.limits =
            !limited ? std::nullopt
            : row    ? std::optional(Feed::Limits{row->least, row->most})
                  : std::optional(Feed::Limits{std::min(feed.low, feed.high), std::max(feed.low, feed.high)});
    });
    refresh();
}

void FeedTable::fill_more(QMenu* menu, std::size_t index) {
    menu->clear();
    const Lane* now = lane();
    if (!now || index > part_of<Motion>(*now)->feeds.size())
        return;
    menu->addAction(tr("Swap ends"), this, [this, index] {
        change_feed(index, tr("swap ends"), [](Feed& feed) { std::swap(feed.low, feed.high); });
    });
    auto* cut = menu->addAction(tr("Cut off at its limits"));
    cut->setCheckable(true);
    cut->setChecked(feeds_of(*now)[index].limits.has_value());
    connect(cut, &QAction::triggered, this, [this, index](bool on) { limit(index, on); });
    menu->addAction(tr("Limits…"), this, [this, index] { ask_for_limits(index); });
    menu->addAction(tr("Lead of its own…"), this, [this, index] { ask_for_lead(index); });
    add_meetings(*menu->addMenu(tr("Where a value is set already")), index);
    auto* aged = menu->addAction(tr("Counted from each appearance"));
    aged->setCheckable(true);
    aged->setChecked(feeds_of(*now)[index].by_age);
    aged->setToolTip(tr("The lane's first pin lies where each appearance of the layer begins"));
    connect(aged, &QAction::triggered, this, [this, index](bool on) {
        change_feed(index, tr("count from appearances"), [on](Feed& feed) { feed.by_age = on; });
    });
    if (is_colour(feeds_of(*now)[index]))
        add_colours(*menu->addMenu(tr("Colours")), index);
    menu->addSeparator();
    menu->addAction(tr("Freeze, a key each frame"), this, [this, index] { freeze(index, false); });
    menu->addAction(tr("Freeze, as few keys as need be…"), this, [this, index] { freeze(index, true); });
    if (index > 0) {
        menu->addSeparator();
        menu->addAction(tr("Remove"), this, [this, index] {
            change(tr("remove feed"), [=](Motion& motion) {
                if (index <= motion.feeds.size())
                    motion.feeds.erase(motion.feeds.begin() + static_cast<std::ptrdiff_t>(index - 1));
            });
        });
    }
}

bool FeedTable::is_colour(const Feed& feed) {
    const auto* row = layer_parameter(feed.target.parameter);
    return row && row->type == ParamType::Colour;
}

/// How it goes together with the layer's own value, and with what other lanes make of that.
void FeedTable::add_meetings(QMenu& menu, std::size_t index) {
    const Meets now = feeds_of(*lane())[index].meets;
    for (const auto& [meets, text] :
         {std::pair(Meets::Usual, tr("Automatic: the first lane replaces it, others are added")),
          std::pair(Meets::Instead, tr("Replace")), std::pair(Meets::Added, tr("Add")),
          std::pair(Meets::Times, tr("Multiply"))}) {
        auto* action = menu.addAction(text, this, [this, index, meets = meets] {
            change_feed(index, tr("change how values meet"), [meets](Feed& feed) { feed.meets = meets; });
        });
        action->setCheckable(true);
        action->setChecked(now == meets);
    }
}

void FeedTable::add_colours(QMenu& menu, std::size_t index) {
    const auto ask = [this](Colour before) -> std::optional<Colour> {
        const QColor chosen =
            QColorDialog::getColor(QColor::fromRgb(static_cast<QRgb>(before.rgb)), this, tr("Colour"));
        return chosen.isValid() ? std::optional(Colour{static_cast<std::uint32_t>(chosen.rgb() & 0xffffffu)})
                                : std::nullopt;
    };
    for (const auto& [text, member] : {std::pair(tr("Where the curve is 0…"), &Feed::low_colour),
                                       std::pair(tr("Where the curve is 1…"), &Feed::high_colour)})
        menu.addAction(text, this, [this, index, ask, member = member] {
            if (const auto colour = ask(feeds_of(*lane())[index].*member))
                change_feed(index, tr("change colour"), [&](Feed& feed) { feed.*member = *colour; });
        });
    menu.addSeparator();
    menu.addAction(tr("One more, to be taken in turn with each pin…"), this, [this, index, ask] {
        if (const auto colour = ask({}))
            change_feed(index, tr("add colour"), [&](Feed& feed) { feed.palette.push_back(*colour); });
    });
    auto* none = menu.addAction(tr("None in turn"), this, [this, index] {
        change_feed(index, tr("no colours in turn"), [](Feed& feed) { feed.palette.clear(); });
    });
    none->setEnabled(!feeds_of(*lane())[index].palette.empty());
}

void FeedTable::ask_for_lead(std::size_t index) {
    const Lane* now = lane();
    bool wanted = false;
    const int frames = QInputDialog::getInt(
        this, tr("Lead"), tr("Frames that this property acts before the lane"),
        now ? static_cast<int>(length_of(feeds_of(*now)[index].lead).amount) : 0, -240, 240, 1, &wanted);
    if (wanted)
        change_feed(index, tr("change lead"), [=](Feed& feed) { feed.lead = Frames(frames); });
}

void FeedTable::ask_for_limits(std::size_t index) {
    const Lane* now = lane();
    if (!now)
        return;
    const Feed feed = feeds_of(*now)[index];
    bool wanted = false;
    const double least =
        QInputDialog::getDouble(this, tr("Limits"), tr("Never lower than"),
                                feed.limits ? feed.limits->least : feed.low, -1e6, 1e6, 3, &wanted);
    if (!wanted)
        return;
    const double most =
        QInputDialog::getDouble(this, tr("Limits"), tr("Never higher than"),
                                feed.limits ? feed.limits->most : feed.high, -1e6, 1e6, 3, &wanted);
    if (wanted)
        change_feed(index, tr("change limits"), [=](Feed& changed) {
            changed.limits = Feed::Limits{std::min(least, most), std::max(least, most)};
        });
}

void FeedTable::freeze(std::size_t index, bool simplify) {
    const Lane* now = lane();
    if (!now)
        return;
    const Feed feed = feeds_of(*now)[index];
    auto keys = keys_per_frame(document_.curves(), *now, feed, Frames(0), piece_length(document_.project()));
    QString told = tr("%1 keys, one each frame").arg(keys.size());
    if (simplify) {
        bool wanted = false;
        const double tolerance = QInputDialog::getDouble(
            this, tr("Freeze"),
            tr("How far the keys may be from the curve, in %1").arg(QString::fromStdString(feed.unit)),
            std::abs(feed.high - feed.low) / 100, 0, 1e6, 3, &wanted);
        if (!wanted)
            return;
        auto fewer = simplified(keys, tolerance);
        told = tr("%1 keys instead of %2, at most %3 %4 off")
                   .arg(fewer.keys.size())
                   .arg(keys.size())
                   .arg(short_number_text(fewer.worst, 3))
                   .arg(QString::fromStdString(feed.unit));
        keys = std::move(fewer.keys);
    }
    if (document_.apply(frozen(document_.project(), now->id, index, keys, kind_of(body_type<KeyBody>)),
                        tr("freeze to keys")))
        document_.say(told);
}

/// Tops become markers, and those can be picked.
void FeedTable::mark_tops() {
    const Lane* now = lane();
    const auto found = document_.followers().find(now ? now->id : LaneId{});
    if (found == document_.followers().end() || !found->second)
        return document_.say(tr("The curve is still being computed"));
    bool wanted = false;
    const double least = QInputDialog::getDouble(
        this, tr("Peaks as markers"), tr("As high as this, or higher"), 0.5, -1000, 1000, 2, &wanted);
    if (wanted)
        document_.apply(with_markers_at_tops(document_.project(), now->id, *found->second, least,
                                             Seconds(0.1), kind_of(body_type<MarkerBody>)),
                        tr("mark peaks"));
}

void FeedTable::refresh() {
    const Lane* now = lane();
    if (!now)
        return;
    showing_ = true;
    const auto feeds = feeds_of(*now);
    while (rows_.size() > feeds.size()) {
        take_away(rows_.back().box);
        rows_.pop_back();
    }
    while (rows_.size() < feeds.size()) {
        rows_.push_back(make_row(rows_.size()));
        rows_box_->insertWidget(static_cast<int>(rows_.size()) - 1, rows_.back().box);
    }
    QString usual, unseen;
    for (std::size_t i = 0; i < feeds.size(); ++i) {
        const auto& feed = feeds[i];
        const QString target = target_text(document_.project(), feed.target);
        const QString name = target.isEmpty() ? QString::fromStdString(feed.property) : target;
        rows_[i].target->set_name(name);
        QString tip =
            target.isEmpty()
                ? tr("%1: only for exporting. Click to choose what it drives in the picture").arg(name)
                : tr("%1. Click to choose another").arg(name);
        if (feed.limits)
            tip += "\n" + tr("Cut off at %1 and %2").arg(feed.limits->least).arg(feed.limits->most);
        if (feed.meets != Meets::Usual)
            tip += "\n" + (feed.meets == Meets::Times   ? tr("Times the value that is there")
                           : feed.meets == Meets::Added ? tr("Added to the value that is there")
                                                        : tr("Instead of the value that is there"));
        if (feed.by_age)
            tip += "\n" + tr("Counted from each appearance of the layer");
        if (feed.lead != Offset(Frames(0)))
            tip += "\n" + tr("Acts %1 before the lane").arg(lead_text(feed.lead));
        rows_[i].low->setValue(feed.low);
        rows_[i].high->setValue(feed.high);
        for (auto* part : rows_[i].box->findChildren<QWidget*>(QString(), Qt::FindDirectChildrenOnly))
            if (part != rows_[i].target && part != rows_[i].more) // poses hold the values themselves
                part->setVisible(!holds<PoseBody>(now->kind) && !is_colour(feed));
        const QString lead = usual_lead(feed.target);
        if (!lead.isEmpty())
            tip += "\n" + tr("Usual lead: %1").arg(lead);
        rows_[i].target->setToolTip(tip);
        if (usual.isEmpty())
            usual = lead;
        if (unseen.isEmpty())
            unseen = unseen_text(document_.project(), feed.target);
    }
    lead_->set_length(length_of(now->lead));
    usual_->setText(!unseen.isEmpty()
                        ? unseen
                        : tr("usual: %1").arg(usual.isEmpty() ? tr("2 to 3 frames for eased moves") : usual));
    setEnabled(!now->locked);
    showing_ = false;
}

} // namespace pulsepin
