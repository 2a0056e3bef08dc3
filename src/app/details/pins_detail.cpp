// SPDX-License-Identifier: GPL-3.0-or-later
#include "details/pins_detail.h"

#include "kinds/kinds.h"

#include "model/edits.h"
#include "model/marker_looks.h"
#include "schedule/pulses.h"
#include "stops/choices.h"
#include "stops/pulse_curve.h"
#include "timeline/pin_heads.h"
#include "widgets.h"

#include <QGridLayout>
#include <QHBoxLayout>

namespace pulsepin {
namespace {

QGridLayout* detail_grid(QWidget* parent) {
    auto* grid = tight_grid(parent);
    grid->setHorizontalSpacing(8);
    grid->setVerticalSpacing(3);
    grid->setColumnStretch(1, 1);
    return grid;
}

QWidget* side_by_side(std::initializer_list<QWidget*> widgets) {
    auto* box = new QWidget;
    auto* row = new QHBoxLayout(box);
    row->setContentsMargins(0, 0, 0, 0);
    row->setSpacing(4);
    for (auto* widget : widgets)
        row->addWidget(widget);
    return box;
}

} // namespace

PinsDetail::PinsDetail(Document& document, QWidget* parent) : QWidget(parent), document_(document) {}

void PinsDetail::show_pins(std::vector<PinId> pins) {
    pins_ = std::move(pins);
    const Pin* first = pins_.empty() ? nullptr : document_.project().pin(pins_.front());
    if (!first)
        return;
    showing_ = true;
    show_body(first->body);
    showing_ = false;
    setEnabled(locked_among(document_.project(), pins_) < pins_.size());
}

void PinsDetail::change(const QString& what, const std::function<void(PinBody&)>& how) {
    if (showing_ || pins_.empty())
        return;
    const auto locked = locked_among(document_.project(), pins_);
    document_.apply(with_bodies(document_.project(), pins_, how), what);
    if (locked > 0)
        document_.say(tr("%n locked, left alone", nullptr, static_cast<int>(locked)));
}

// -- markers

QPixmap marker_picture(int colour, int symbol) {
    QPixmap picture(16, 16);
    picture.fill(Qt::transparent);
    QPainter painter(&picture);
    HeadLook look;
    look.kind = kind_that(&LaneKindRow::marks);
    look.colour = colour;
    look.symbol = symbol;
    draw_head(painter, look, {8, 8}, night_palette());
    return picture;
}

void fill_with_colours(QComboBox* box) {
    const auto rows = marker_colours();
    for (std::size_t i = 0; i < rows.size(); ++i)
        box->addItem(marker_picture(static_cast<int>(i), 0), text_of(rows[i].label), static_cast<int>(i));
}

void fill_with_symbols(QComboBox* box) {
    const auto rows = marker_symbols();
    for (std::size_t i = 0; i < rows.size(); ++i)
        box->addItem(marker_picture(0, static_cast<int>(i)), text_of(rows[i].label), static_cast<int>(i));
}

MarkerDetail::MarkerDetail(Document& document, QWidget* parent) : PinsDetail(document, parent) {
    auto* grid = detail_grid(this);
    name_ = new QLineEdit;
    name_->setObjectName("marker name");
    name_->setAccessibleName(tr("Name of the marker"));
    note_ = new QLineEdit;
    note_->setObjectName("marker note");
    note_->setAccessibleName(tr("Note of the marker"));
    colour_ = new QComboBox;
    colour_->setObjectName("marker colour");
    colour_->setAccessibleName(tr("Colour of the marker"));
    fill_with_colours(colour_);
    symbol_ = new QComboBox;
    symbol_->setObjectName("marker symbol");
    symbol_->setAccessibleName(tr("Symbol of the marker"));
    fill_with_symbols(symbol_);
    length_ = new LengthField("marker length", {Length::Unit::None, Length::Unit::InBeats,
                                                Length::Unit::InFrames, Length::Unit::InMilliseconds});
    grid->addWidget(quiet(tr("name")), 0, 0);
    grid->addWidget(name_, 0, 1);
    grid->addWidget(quiet(tr("note")), 1, 0);
    grid->addWidget(note_, 1, 1);
    grid->addWidget(side_by_side({colour_, symbol_}), 2, 0, 1, 2);
    grid->addWidget(quiet(tr("lasts")), 3, 0);
    grid->addWidget(length_, 3, 1);
    const auto set = [this](const QString& what, const std::function<void(MarkerBody&)>& how) {
        change(what, [&](PinBody& body) { how(std::get<MarkerBody>(body)); });
    };
    connect(name_, &QLineEdit::editingFinished, this, [this, set] {
        if (name_->isModified())
            set(tr("rename marker"), [this](MarkerBody& m) { m.name = name_->text().toStdString(); });
        name_->setModified(false);
    });
    connect(note_, &QLineEdit::editingFinished, this, [this, set] {
        if (note_->isModified())
            set(tr("write note"), [this](MarkerBody& m) { m.note = note_->text().toStdString(); });
        note_->setModified(false);
    });
    connect(colour_, &QComboBox::activated, this, [set](int index) {
        set(MarkerDetail::tr("colour marker"), [index](MarkerBody& m) { m.colour = index; });
    });
    connect(symbol_, &QComboBox::activated, this, [set](int index) {
        set(MarkerDetail::tr("change symbol"), [index](MarkerBody& m) { m.symbol = index; });
    });
    connect(length_, &LengthField::edited, this, [this, set] {
        set(tr("change length"), [this](MarkerBody& m) { m.length = length_->length(); });
    });
}

void MarkerDetail::show_body(const PinBody& body) {
    const auto& marker = std::get<MarkerBody>(body);
    const auto put = [](QLineEdit* field, const std::string& text) {
        if (const auto now = QString::fromStdString(text); field->text() != now)
            field->setText(now);
    };
    put(name_, marker.name);
    put(note_, marker.note);
    colour_->setCurrentIndex(marker.colour);
    symbol_->setCurrentIndex(marker.symbol);
    length_->set_length(marker.length);
}

// -- cuts

CutDetail::CutDetail(Document& document, QWidget* parent) : PinsDetail(document, parent) {
    auto* grid = detail_grid(this);
    shot_ = new QComboBox;
    shot_->setObjectName("shot");
    shot_->setAccessibleName(tr("Shot of the cut"));
    in_point_ = new QDoubleSpinBox;
    in_point_->setObjectName("in point");
    in_point_->setAccessibleName(tr("From where in the shot"));
    in_point_->setToolTip(tr("Where in its clip the shot begins"));
    in_point_->setRange(0, 360'000);
    in_point_->setDecimals(3);
    in_point_->setSuffix(tr(" s"));
    in_point_->setKeyboardTracking(false);
    camera_ = new QPushButton(tr("same moment"));
    camera_->setObjectName("same moment");
    camera_->setCheckable(true);
    camera_->setProperty("role", "choice");
    camera_->setToolTip(
        tr("Shows what this camera saw at this moment of the song; where the camera begins is set "
           "in the bin"));
    fade_ = new QSpinBox;
    fade_->setObjectName("fade");
    fade_->setAccessibleName(tr("Cross-fade"));
    fade_->setToolTip(tr("Frames over which the shots are cross-faded, half of them before the cut"));
    fade_->setRange(0, 500);
    fade_->setSpecialValueText(tr("hard cut"));
    fade_->setSuffix(tr(" frames"));
    fade_->setKeyboardTracking(false);
    grid->addWidget(quiet(tr("shot")), 0, 0);
    grid->addWidget(shot_, 0, 1);
    grid->addWidget(quiet(tr("from")), 1, 0);
    grid->addWidget(side_by_side({in_point_, camera_}), 1, 1);
    grid->addWidget(quiet(tr("fade")), 2, 0);
    grid->addWidget(fade_, 2, 1);
    const auto set = [this](const QString& what, const std::function<void(CutBody&)>& how) {
        change(what, [&](PinBody& body) { how(std::get<CutBody>(body)); });
    };
    connect(shot_, &QComboBox::activated, this, [this, set](int index) {
        const ClipId shot{shot_->itemData(index).toULongLong()};
        set(tr("change shot"), [shot](CutBody& cut) { cut.shot = shot; });
    });
    connect(in_point_, &QDoubleSpinBox::valueChanged, this, [set](double seconds) {
        set(CutDetail::tr("slip shot"), [seconds](CutBody& cut) { cut.in_point = Seconds(seconds); });
    });
    connect(camera_, &QPushButton::clicked, this, [set](bool same) {
        set(CutDetail::tr("change camera"), [same](CutBody& cut) { cut.same_moment = same; });
    });
    connect(fade_, &QSpinBox::valueChanged, this, [set](int frames) {
        set(CutDetail::tr("cross-fade"), [frames](CutBody& cut) { cut.fade = Frames(frames); });
    });
}

void CutDetail::show_body(const PinBody& body) {
    const auto& cut = std::get<CutBody>(body);
    shot_->clear();
    for (const Clip* shot : document_.project().shots())
        shot_->addItem(QString::fromStdString(shot->name), static_cast<qulonglong>(shot->id.value));
    shot_->setCurrentIndex(shot_->findData(static_cast<qulonglong>(cut.shot.value)));
    const Clip* clip = document_.project().clip(cut.shot);
    in_point_->setValue(cut.in_point.value);
    in_point_->setEnabled(!cut.same_moment);
    camera_->setChecked(cut.same_moment);
    camera_->setEnabled(cut.same_moment || (clip && clip->begins_at));
    fade_->setValue(static_cast<int>(cut.fade.value));
}

// -- triggers

TriggerDetail::TriggerDetail(Document& document, QWidget* parent) : PinsDetail(document, parent) {
    auto* grid = detail_grid(this);
    effect_ = new QComboBox;
    effect_->setObjectName("effect");
    effect_->setAccessibleName(tr("Effect of the trigger"));
    effect_->setToolTip(tr("What it starts: one of these, or a name of your own"));
    effect_->setEditable(true);
    effect_->setInsertPolicy(QComboBox::NoInsert);
    for (const auto& row : trigger_effects())
        effect_->addItem(text_of(row.label));
    length_ = new LengthField("trigger length", {Length::Unit::UntilNext, Length::Unit::InBeats,
                                                 Length::Unit::InFrames, Length::Unit::InMilliseconds});
    strength_ = new QDoubleSpinBox;
    strength_->setObjectName("strength");
    strength_->setAccessibleName(tr("Strength of the trigger"));
    strength_->setRange(0, 400);
    strength_->setDecimals(0);
    strength_->setSingleStep(5);
    strength_->setSuffix(tr(" %"));
    strength_->setKeyboardTracking(false);
    from_ = new ColourField(tr("colour from"));
    to_ = new ColourField(tr("colour to"));
    row_ = new QSpinBox;
    row_->setObjectName("row");
    row_->setAccessibleName(tr("Row of the lane"));
    row_->setToolTip(tr("Which row of the lane (Alt+Up, Alt+Down)"));
    row_->setRange(1, most_trigger_rows);
    row_->setPrefix(tr("row "));
    grid->addWidget(quiet(tr("effect")), 0, 0);
    grid->addWidget(effect_, 0, 1);
    grid->addWidget(quiet(tr("lasts")), 1, 0);
    grid->addWidget(length_, 1, 1);
    grid->addWidget(quiet(tr("strength")), 2, 0);
    grid->addWidget(side_by_side({strength_, row_}), 2, 1);
    grid->addWidget(quiet(tr("colour")), 3, 0);
    grid->addWidget(side_by_side({from_, quiet(tr("to")), to_}), 3, 1);
    connect_fields();
}

void TriggerDetail::connect_fields() {
    const auto set = [this](const QString& what, const std::function<void(TriggerBody&)>& how) {
        change(what, [&](PinBody& body) { how(std::get<TriggerBody>(body)); });
    };
    const auto take_effect = [this, set] {
        const std::string name = effect_->currentText().toStdString();
        if (!name.empty())
            set(tr("change effect"), [&](TriggerBody& trigger) { trigger.effect = name; });
    };
    connect(effect_, &QComboBox::activated, this, take_effect);
    connect(effect_->lineEdit(), &QLineEdit::editingFinished, this, take_effect);
    connect(length_, &LengthField::edited, this, [this, set] {
        set(tr("change length"), [this](TriggerBody& trigger) { trigger.length = length_->length(); });
    });
    connect(strength_, &QDoubleSpinBox::valueChanged, this, [set](double strength) {
        set(TriggerDetail::tr("change strength"), [strength](TriggerBody& t) { t.strength = strength; });
    });
    connect(from_, &ColourField::edited, this, [this, set] {
        // One colour throughout stays one.
        const bool one = same_colour_;
        set(tr("colour trigger"), [&](TriggerBody& trigger) {
            trigger.from = from_->colour();
            if (one)
                trigger.to = trigger.from;
        });
    });
    connect(to_, &ColourField::edited, this, [this, set] {
        set(tr("colour trigger"), [this](TriggerBody& trigger) { trigger.to = to_->colour(); });
    });
    connect(row_, &QSpinBox::valueChanged, this, [set](int row) {
        set(TriggerDetail::tr("move to row"), [row](TriggerBody& trigger) { trigger.row = row - 1; });
    });
}

void TriggerDetail::show_body(const PinBody& body) {
    const auto& trigger = std::get<TriggerBody>(body);
    effect_->setCurrentText(QString::fromStdString(trigger.effect));
    length_->set_length(trigger.length);
    strength_->setValue(trigger.strength);
    from_->set_colour(trigger.from);
    to_->set_colour(trigger.to);
    same_colour_ = trigger.from == trigger.to;
    row_->setValue(trigger.row + 1);
}

// -- pulses

PulseDetail::PulseDetail(Document& document, QWidget* parent) : PinsDetail(document, parent) {
    auto* grid = detail_grid(this);
    strength_ = new QDoubleSpinBox;
    strength_->setObjectName("pulse strength");
    strength_->setAccessibleName(tr("Strength of the pulse"));
    strength_->setToolTip(tr("How far it goes from the rest value to the peak value"));
    strength_->setRange(-400, 400);
    strength_->setDecimals(0);
    strength_->setSingleStep(5);
    strength_->setSuffix(tr(" %"));
    strength_->setKeyboardTracking(false);
    grid->addWidget(quiet(tr("strength")), 0, 0);
    grid->addWidget(strength_, 0, 1);
    connect(strength_, &QDoubleSpinBox::valueChanged, this, [this](double strength) {
        change(tr("change strength"), [=](PinBody& body) { std::get<PulseBody>(body).strength = strength; });
    });
    own_ = new QPushButton(tr("own shape"));
    own_->setObjectName("own shape");
    own_->setToolTip(tr("This place gets a shape of its own, chosen from the library and your kept pulses"));
    own_->setProperty("role", "small");
    auto* menu = new QMenu(own_);
    own_->setMenu(menu);
    connect(menu, &QMenu::aboutToShow, this, [this, menu] { fill_with_shapes(menu); });
    lanes_ = new QPushButton(tr("as the lane"));
    lanes_->setObjectName("lane's shape");
    lanes_->setToolTip(tr("The lane's pulse again"));
    lanes_->setProperty("role", "small");
    connect(lanes_, &QPushButton::clicked, this, [this] { set_shape(nullptr); });
    grid->addWidget(own_, 0, 2);
    grid->addWidget(lanes_, 0, 3);
}

void PulseDetail::set_shape(const std::shared_ptr<const Pulse>& shape) {
    change(tr("change shape"), [&](PinBody& body) { std::get<PulseBody>(body).shape = shape; });
}

void PulseDetail::fill_with_shapes(QMenu* menu) {
    menu->clear();
    std::vector<Pulse> all(pulse_library().begin(), pulse_library().end());
    all.insert(all.end(), document_.project().pulses->begin(), document_.project().pulses->end());
    for (const auto& pulse : all)
        menu->addAction(QIcon(pulse_picture(pulse, {28, 18}, false)), QString::fromStdString(pulse.name),
                        this, [this, pulse] { set_shape(std::make_shared<const Pulse>(pulse)); });
}

void PulseDetail::show_body(const PinBody& body) {
    const auto& pulse = std::get<PulseBody>(body);
    strength_->setValue(pulse.strength);
    lanes_->setEnabled(pulse.shape != nullptr);
    own_->setText(pulse.shape ? tr("shape: %1").arg(QString::fromStdString(pulse.shape->name))
                              : tr("own shape"));
}

// -- keys

KeyDetail::KeyDetail(Document& document, QWidget* parent) : PinsDetail(document, parent) {
    auto* grid = detail_grid(this);
    value_ = new QDoubleSpinBox;
    value_->setObjectName("key value");
    value_->setAccessibleName(tr("Value of the key"));
    value_->setRange(-1e6, 1e6);
    value_->setDecimals(3);
    value_->setKeyboardTracking(false);
    easing_ = new QComboBox;
    easing_->setObjectName("key easing");
    easing_->setAccessibleName(tr("Easing up to the key"));
    easing_->setToolTip(tr("How the value gets there from the key before"));
    fill_with_easings(easing_);
    amount_ = new QDoubleSpinBox;
    amount_->setObjectName("key easing amount");
    amount_->setAccessibleName(tr("Overshoot, or number of steps"));
    amount_->setRange(0, 64);
    amount_->setSingleStep(0.1);
    amount_->setKeyboardTracking(false);
    grid->addWidget(quiet(tr("value")), 0, 0);
    grid->addWidget(value_, 0, 1, 1, 2);
    grid->addWidget(quiet(tr("reached by")), 1, 0);
    grid->addWidget(easing_, 1, 1);
    grid->addWidget(amount_, 1, 2);
    connect(value_, &QDoubleSpinBox::valueChanged, this, [this](double value) {
        change(tr("change key"), [=](PinBody& body) { std::get<KeyBody>(body).value = value; });
    });
    connect(easing_, &QComboBox::activated, this, [this] {
        change(tr("change easing"),
               [easing = chosen_easing(easing_)](PinBody& body) { std::get<KeyBody>(body).easing = easing; });
    });
    connect(amount_, &QDoubleSpinBox::valueChanged, this, [this](double amount) {
        change(tr("change easing"), [=](PinBody& body) { std::get<KeyBody>(body).easing.amount = amount; });
    });
}

void KeyDetail::show_body(const PinBody& body) {
    const auto& key = std::get<KeyBody>(body);
    value_->setValue(key.value);
    easing_->setCurrentIndex(easing_->findData(QString::fromStdString(key.easing.id)));
    amount_->setValue(key.easing.amount);
    amount_->setVisible(key.easing.id == "steps" || key.easing.id.starts_with("back"));
}

} // namespace pulsepin
