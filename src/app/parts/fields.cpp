// SPDX-License-Identifier: GPL-3.0-or-later
#include "parts/fields.h"

#include <QCoreApplication>

#include "parts/finder.h"
#include "parts/number_field.h"
#include "parts/palette.h"

#include <QColorDialog>
#include <QHBoxLayout>
#include <QMenu>
#include <QPainter>
#include <array>
#include <cmath>

namespace pulsepin {
namespace {

constexpr std::array<Colour, 10> offered{{{0xffffff},
                                          {0xfff4d6},
                                          {0xf2b134},
                                          {0xd96a2b},
                                          {0xc4472b},
                                          {0x9c4a8f},
                                          {0x4a6fb5},
                                          {0x2f7f79},
                                          {0x6c8f3f},
                                          {0x000000}}};

QPixmap swatch(Colour colour) {
    QPixmap square(16, 16);
    square.fill(QColor::fromRgb(static_cast<QRgb>(colour.rgb)));
    return square;
}

} // namespace

Length length_of(const Offset& lead) {
    if (const auto* frames = std::get_if<Frames>(&lead))
        return {Length::Unit::InFrames, static_cast<double>(frames->value)};
    return {Length::Unit::InMilliseconds, std::get<Seconds>(lead).value * 1000};
}

Offset offset_of(const Length& length) {
    if (length.unit == Length::Unit::InMilliseconds)
        return Seconds(length.amount / 1000);
    return Frames(std::llround(length.amount));
}

QString lead_text(const Offset& lead) {
    const Length length = length_of(lead);
    return length.unit == Length::Unit::InFrames ? QObject::tr("%1 frames").arg(length.amount)
                                                 : QObject::tr("%1 ms").arg(length.amount);
}

void LengthField::be_a_lead() {
    amount_->setRange(-10'000, 10'000);
    amount_->setToolTip(tr("How much earlier it acts than its place in the music"));
}

QString colour_name(Colour colour) {
    const QColor seen = QColor::fromRgb(static_cast<QRgb>(colour.rgb)).toHsl();
    const double light = seen.lightnessF(), vivid = seen.hslSaturationF();
    if (light > 0.97)
        return QObject::tr("white");
    if (light < 0.04)
        return QObject::tr("black");
    const bool grey = vivid < 0.12;
    static constexpr std::pair<int, const char*> hues[] = {
        {12, QT_TRANSLATE_NOOP("QObject", "red")},        {38, QT_TRANSLATE_NOOP("QObject", "orange")},
        {52, QT_TRANSLATE_NOOP("QObject", "amber")},      {68, QT_TRANSLATE_NOOP("QObject", "yellow")},
        {95, QT_TRANSLATE_NOOP("QObject", "leaf green")}, {150, QT_TRANSLATE_NOOP("QObject", "green")},
        {190, QT_TRANSLATE_NOOP("QObject", "teal")},      {250, QT_TRANSLATE_NOOP("QObject", "blue")},
        {290, QT_TRANSLATE_NOOP("QObject", "violet")},    {335, QT_TRANSLATE_NOOP("QObject", "plum")},
        {361, QT_TRANSLATE_NOOP("QObject", "red")}};
    QString name = QObject::tr("grey");
    if (!grey)
        for (const auto& [end, hue] : hues)
            if (seen.hslHue() < end) {
                name = QObject::tr(hue);
                break;
            }
    return light > 0.8    ? QObject::tr("pale %1").arg(name)
           : light < 0.28 ? QObject::tr("dark %1").arg(name)
                          : name;
}

std::span<const Colour> offered_colours() {
    return offered;
}

LengthField::LengthField(const QString& name, const std::vector<Length::Unit>& units, QWidget* parent)
    : QWidget(parent) {
    auto* row = new QHBoxLayout(this);
    row->setContentsMargins(0, 0, 0, 0);
    row->setSpacing(4);
    amount_ = new NumberField;
    amount_->setObjectName(name + " amount");
    amount_->setAccessibleName(tr("%1: how much").arg(name));
    amount_->setToolTip(tr("How long it lasts"));
    amount_->setRange(0, 100'000);
    amount_->setKeyboardTracking(false);
    unit_ = new ChoiceBox;
    unit_->setObjectName(name + " unit");
    unit_->setAccessibleName(tr("%1: counted in").arg(name));
    unit_->setToolTip(tr("What the length is counted in"));
    for (const auto unit : units)
        unit_->addItem(unit == Length::Unit::None           ? tr("no length")
                       : unit == Length::Unit::UntilNext    ? tr("until the next")
                       : unit == Length::Unit::InBeats      ? tr("beats")
                       : unit == Length::Unit::InFrames     ? tr("frames")
                       : unit == Length::Unit::ToSectionEnd ? tr("until the section ends")
                       : unit == Length::Unit::ToEnd        ? tr("to the end")
                       : unit == Length::Unit::WithWord     ? tr("as long as its word")
                       : unit == Length::Unit::ToLineEnd    ? tr("until its line ends")
                                                            : tr("ms"),
                       static_cast<int>(unit));
    // They share what room there is, and the unit is read in full first.
    constexpr int least_amount = 42;
    amount_->setSizePolicy(QSizePolicy::Ignored, amount_->sizePolicy().verticalPolicy());
    amount_->setMinimumWidth(least_amount);
    row->addWidget(amount_, 2);
    row->addWidget(unit_, 3);
    connect(unit_, &QComboBox::activated, this, [this] {
        show_amount();
        const auto unit = static_cast<Length::Unit>(unit_->currentData().toInt());
        if (now_ && Length{unit}.counted()) {
            const QSignalBlocker quietly(amount_);
            amount_->setValue(now_(unit));
        }
        emit edited();
    });
    connect(amount_, &QDoubleSpinBox::valueChanged, this, &LengthField::edited);
    show_amount();
}

void LengthField::show_amount() {
    const auto unit = static_cast<Length::Unit>(unit_->currentData().toInt());
    amount_->setVisible(Length{unit}.counted());
    amount_->setDecimals(unit == Length::Unit::InFrames ? 0 : 3);
    amount_->setSingleStep(unit == Length::Unit::InBeats ? 0.25 : unit == Length::Unit::InFrames ? 1 : 10);
}

void LengthField::set_length(const Length& length) {
    const QSignalBlocker quietly(amount_);
    unit_->setCurrentIndex(std::max(0, unit_->findData(static_cast<int>(length.unit))));
    show_amount();
    amount_->setValue(length.counted() ? length.amount : std::max(1.0, length.amount));
}

Length LengthField::length() const {
    const auto unit = static_cast<Length::Unit>(unit_->currentData().toInt());
    return unit == Length::Unit::None ? Length{} : Length{unit, amount_->value()}; // no length has no amount
}

ColourField::ColourField(const QString& name, QWidget* parent) : QPushButton(parent) {
    setObjectName(name);
    setAccessibleName(tr("colour")); // until a label says which
    setProperty("named by tip", true);
    setMinimumWidth(34);
    connect(this, &QPushButton::clicked, this, &ColourField::ask);
}

void ColourField::set_colour(Colour colour) {
    colour_ = colour;
    setToolTip(
        tr("%1: %2").arg(accessibleName().isEmpty() ? objectName() : accessibleName(), colour_name(colour)));
    setAccessibleDescription(colour_name(colour));
    update();
}

void ColourField::ask() {
    QMenu menu(this);
    menu.setObjectName("colours");
    for (const Colour colour : offered)
        connect(menu.addAction(swatch(colour), colour_name(colour)), &QAction::triggered, this,
                [this, colour] {
                    set_colour(colour);
                    emit edited();
                });
    connect(menu.addAction(tr("Another…")), &QAction::triggered, this, [this] {
        const QColor chosen =
            QColorDialog::getColor(QColor::fromRgb(static_cast<QRgb>(colour_.rgb)), this, objectName());
        if (!chosen.isValid())
            return;
        set_colour({static_cast<std::uint32_t>(chosen.rgb() & 0xffffffu)});
        emit edited();
    });
    menu.exec(mapToGlobal(QPoint(0, height())));
}

void ColourField::paintEvent(QPaintEvent* event) {
    QPushButton::paintEvent(event);
    QPainter painter(this);
    painter.setPen(QPen(desk_palette().desk_quiet, 1));
    painter.setBrush(QColor::fromRgb(static_cast<QRgb>(colour_.rgb)));
    painter.drawRect(QRectF(rect()).adjusted(6.5, 5.5, -6.5, -5.5));
}

} // namespace pulsepin
