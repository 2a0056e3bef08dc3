// SPDX-License-Identifier: GPL-3.0-or-later
#include "pages/stops/exposures_page.h"

#include "kinds/kinds.h"
#include "model/change_pins.h"
#include "parts/finder.h"
#include "parts/widgets.h"
#include "session/core_words.h"

#include <QHBoxLayout>
#include <QMenu>
#include <QVBoxLayout>

namespace pulsepin {

ExposuresPage::ExposuresPage(Document& document, ViewState& view, QWidget* parent)
    : QWidget(parent), document_(document), view_(view) {
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(8);
    column->addLayout(make_lane());
    column->addLayout(make_numbers());
    column->addLayout(make_holds());
    column->addLayout(make_pictures());
    told_ = quiet({});
    told_->setObjectName("exposures told");
    told_->setWordWrap(true);
    column->addWidget(told_);
    column->addStretch(1);
    connect(&view_, &ViewState::lane_chosen, this, &ExposuresPage::refresh);
    connect(&view_, &ViewState::selection_changed, this, &ExposuresPage::show_told);
}

QLayout* ExposuresPage::make_lane() {
    auto* row = new QHBoxLayout;
    row->setSpacing(6);
    lane_ = named(new ChoiceBox, "lane of exposures", tr("The lane of drawings that is edited"));
    connect(lane_, &QComboBox::activated, this,
            [this] { view_.choose_lane(LaneId{lane_->currentData().toULongLong()}); });
    row->addWidget(lane_, 1);
    const auto button = [&](const char* command, const QString& text, const QString& tip) {
        auto* made = named(new QPushButton(text), command, tip);
        connect(made, &QPushButton::clicked, this, [this, command] { emit wanted(command); });
        row->addWidget(made);
    };
    button("new lane of exposures", tr("New lane"), tr("A lane of drawings more"));
    button("lay taps", tr("Place taps"),
           tr("The rhythm that was tapped last (T), from the playhead on: a drawing for each tap"));
    button("markers of drawings", tr("Markers"), tr("A marker where each drawing begins"));
    return row;
}

QLayout* ExposuresPage::make_numbers() {
    auto* row = new QHBoxLayout;
    row->setSpacing(6);
    first_ = whole_field("first drawing", tr("The first drawing"), 0, 1'000'000, 1);
    first_->setPrefix(tr("from "));
    last_ = whole_field("last drawing", tr("The last one; below the first it counts down"), 0, 1'000'000, 8);
    last_->setPrefix(tr("to "));
    way_ = named(new ChoiceBox, "way of drawings", tr("How they go on"));
    way_->addItems({tr("onwards"), tr("backwards"), tr("to and fro")});
    again_ = named(new QCheckBox(tr("again")), "drawings again", tr("They begin anew when they are over"));
    again_->setChecked(true);
    auto* number =
        named(new QPushButton(tr("Number")), "number drawings",
              tr("The selected drawings, or all of the lane, get these numbers one after the other"));
    connect(number, &QPushButton::clicked, this, &ExposuresPage::number);
    for (QWidget* widget : std::initializer_list<QWidget*>{first_, last_, way_, again_, number}) {
        row->addWidget(widget);
        of_lane_.push_back(widget);
    }
    row->addStretch(1);
    return row;
}

QLayout* ExposuresPage::make_holds() {
    auto* row = new QHBoxLayout;
    row->setSpacing(6);
    row->addWidget(quiet(tr("hold")));
    const std::pair<int, QString> holds[] = {{0, tr("until next")},
                                             {1, tr("on ones")},
                                             {2, tr("on twos")},
                                             {3, tr("on threes")},
                                             {4, tr("on fours")}};
    for (const auto& [each, text] : holds) {
        auto* button =
            named(new QPushButton(text), QString("hold %1").arg(each),
                  each == 0 ? tr("One drawing from each place to the next")
                            : tr("From each place to the next the drawings run, %1 frames each").arg(each));
        connect(button, &QPushButton::clicked, this, [this, each = each] { hold(each); });
        row->addWidget(button);
        of_lane_.push_back(button);
    }
    row->addStretch(1);
    return row;
}

QLayout* ExposuresPage::make_pictures() {
    auto* row = new QHBoxLayout;
    row->setSpacing(6);
    layer_ = named(new QPushButton(tr("In a layer")), "layer of drawings",
                   tr("A layer that shows the drawings: the numbered pictures of a sequence"));
    layer_->setMenu(new QMenu(layer_));
    picture_ = named(new QPushButton(tr("Picture of it")), "picture of drawing",
                     tr("What the selected drawing looks like, where it has a name and no number"));
    picture_->setMenu(new QMenu(picture_));
    for (auto* button : {layer_, picture_}) {
        connect(button->menu(), &QMenu::aboutToShow, this, &ExposuresPage::fill_clip_menus);
        row->addWidget(button);
        of_lane_.push_back(button);
    }
    const auto button = [&](const char* command, const QString& text, const QString& tip) {
        auto* made = named(new QPushButton(text), command, tip);
        connect(made, &QPushButton::clicked, this, [this, command] { emit wanted(command); });
        row->addWidget(made);
    };
    button("mouth shapes", tr("Mouth shapes"),
           tr("The sounds of the words that are set become shapes of a mouth, each tied to its word"));
    button("mouth table", tr("Table…"), tr("Which sounds have which shape"));
    row->addStretch(1);
    least_ =
        whole_field("least hold", tr("No drawing is held shorter: shorter ones are lengthened"), 1, 1000, 2);
    least_->setPrefix(tr("least "));
    least_->setSuffix(tr(" frames"));
    connect(least_, &QSpinBox::valueChanged, this, [this](int frames) {
        const Lane* drawings = lane();
        if (drawings && !following_)
            document_.apply(
                with_changed_lane(document_.project(), drawings->id,
                                  [&](Lane& changed) { part_of<Exposing>(changed)->least = Frames(frames); }),
                tr("least hold"));
    });
    row->addWidget(least_);
    of_lane_.push_back(least_);
    return row;
}

const Lane* ExposuresPage::lane() const {
    return view_.lane_of_kind(document_.project(), kind_of(body_type<ExposureBody>));
}

Numbering ExposuresPage::numbering() const {
    return {first_->value(), last_->value(), static_cast<Numbering::Way>(way_->currentIndex()),
            again_->isChecked()};
}

std::vector<PinId> ExposuresPage::selected() const {
    std::vector<PinId> pins;
    if (const Lane* drawings = lane())
        for (const auto& pin : drawings->pins)
            if (view_.selection().contains(pin.id))
                pins.push_back(pin.id);
    return pins;
}

void ExposuresPage::number() {
    if (const Lane* drawings = lane())
        document_.apply(with_drawings_numbered(document_.project(), drawings->id, selected(), numbering()),
                        tr("number drawings"));
}

void ExposuresPage::hold(int each) {
    if (const Lane* drawings = lane())
        document_.apply(
            with_drawings_held(document_.project(), drawings->id, selected(), numbering(), Frames(each)),
            tr("hold drawings"));
}

/// The clips as they are now.
void ExposuresPage::fill_clip_menus() {
    layer_->menu()->clear();
    picture_->menu()->clear();
    const auto chosen = selected();
    for (const auto& clip : *document_.project().bin) {
        if (!clip.has_picture)
            continue;
        const QString name = QString::fromStdString(clip.name);
        const ClipId id = clip.id;
        layer_->menu()->addAction(name, this, [this, id] {
            const Lane* drawings = lane();
            if (!drawings)
                return;
            auto made = with_layer_of_drawings(document_.project(), drawings->id, id);
            if (!made)
                return document_.say(spoken(made.error()));
            document_.apply(std::move(made->project), tr("layer of drawings"));
            view_.choose_layer(made->layer);
        });
        if (!chosen.empty())
            picture_->menu()->addAction(name, this, [this, id, pin = chosen.front()] {
                const Lane* drawings = lane();
                const Pin* drawing = document_.project().pin(pin);
                if (drawings && drawing)
                    document_.apply(with_drawing_picture(document_.project(), drawings->id,
                                                         body_of<ExposureBody>(drawing->body).drawing, id),
                                    tr("picture of drawing"));
            });
    }
    if (layer_->menu()->isEmpty())
        layer_->menu()->addAction(tr("Add numbered pictures first (stop Song)"))->setEnabled(false);
    if (picture_->menu()->isEmpty())
        picture_->menu()
            ->addAction(chosen.empty() ? tr("Select a drawing first") : tr("Add pictures first (stop Song)"))
            ->setEnabled(false);
}

void ExposuresPage::refresh() {
    following_ = true;
    const Lane* drawings = lane();
    lane_->clear();
    for (const auto& one : document_.project().lanes)
        if (holds<ExposureBody>(one->kind))
            lane_->addItem(QString::fromStdString(one->name), static_cast<qulonglong>(one->id.value));
    lane_->setEnabled(lane_->count() > 0);
    if (drawings) {
        lane_->setCurrentIndex(lane_->findData(static_cast<qulonglong>(drawings->id.value)));
        least_->setValue(static_cast<int>(part_of<Exposing>(*drawings)->least.value));
    }
    for (auto* widget : of_lane_)
        widget->setEnabled(drawings != nullptr);
    show_told();
    following_ = false;
}

void ExposuresPage::show_told() {
    const Lane* drawings = lane();
    if (!drawings)
        return told_->setText(tr("No lane of drawings yet: make one, tap a rhythm (T), or place drawings on "
                                 "chosen beats (stop Place)"));
    const auto& exposures = document_.spans(drawings->id).exposures;
    std::size_t mended = 0;
    for (const auto& one : exposures)
        mended += one.mended;
    QString text = tr("%1 drawings in %2 places").arg(exposures.size()).arg(drawings->pins.size());
    if (mended > 0)
        text += tr(" · %1 held longer than their places would let them").arg(mended);
    if (part_of<Exposing>(*drawings)->spoken.value != 0)
        text += tr(" · shapes of a mouth");
    told_->setText(text);
}

} // namespace pulsepin
