// SPDX-License-Identifier: GPL-3.0-or-later
#include "parts/widgets.h"
#include "parts/finder.h"
#include "parts/number_field.h"
#include "session/core_words.h"
#include "session/number_text.h"

#include <QCoreApplication>
#include <QKeyEvent>

#include <QFontMetricsF>
#include <QPainter>
#include <QRegularExpression>
#include <QVBoxLayout>
#include <algorithm>
#include <cmath>
#include <numeric>

namespace pulsepin {
namespace {

QLabel* label_of_role(const QString& text, const char* role) {
    auto* label = new QLabel(text);
    label->setProperty("role", role);
    return label;
}

} // namespace

QLabel* heading(const QString& text) {
    return label_of_role(text, "heading");
}
QLabel* quiet(const QString& text) {
    return label_of_role(text, "quiet");
}

QPushButton* main_button(const QString& text) {
    auto* button = new QPushButton(text);
    button->setProperty("role", "main");
    return button;
}

void take_away(QWidget* widget) {
    widget->setParent(nullptr);
    widget->deleteLater();
}

void name_by_tip(QWidget& widget, const QString& tip) {
    const auto* button = qobject_cast<const QAbstractButton*>(&widget);
    if (!widget.accessibleName().isEmpty() || (button && !button->text().isEmpty()))
        return;
    static const QRegularExpression end("[;.:(\n。；：（]");
    const QString first = tip.section(end, 0, 0).trimmed();
    widget.setAccessibleName(first.isEmpty() ? tip : first);
    widget.setProperty("named by tip", true);
}

QComboBox* choice_box(const QString& name, const QString& tip, const QStringList& items) {
    auto* box = named(new ChoiceBox, name, tip);
    box->addItems(items);
    return box;
}

QComboBox* choice_box(const QString& name, const ParamSpec& spec) {
    auto* box = choice_box(name, text_of(spec.explains));
    for (const auto& choice : spec.choices)
        box->addItem(text_of(choice.label));
    return box;
}

QSpinBox* whole_field(const QString& name, const QString& tip, int least, int most, int first) {
    auto* spin = named(new QSpinBox, name, tip);
    spin->setRange(least, most);
    spin->setValue(first);
    return spin;
}

QDoubleSpinBox* real_field(const QString& name, const QString& tip, double least, double most) {
    auto* spin = named(new NumberField, name, tip);
    spin->setRange(least, most);
    return spin;
}

QSpinBox* seed_field(const QString& name) {
    auto* spin = whole_field(name,
                             QCoreApplication::translate("pulsepin::Widgets",
                                                         "Another number, another chance; the same number, "
                                                         "the same again"),
                             0, 9999, 1);
    spin->setPrefix(QCoreApplication::translate("pulsepin::Widgets", "seed "));
    return spin;
}

QGridLayout* tight_grid(QWidget* box) {
    auto* grid = new QGridLayout(box);
    grid->setContentsMargins(0, 0, 0, 0);
    grid->setHorizontalSpacing(10);
    grid->setVerticalSpacing(6);
    return grid;
}

QWidget* labelled(const QString& label, QWidget* field) {
    auto* box = new QWidget;
    auto* layout = new QVBoxLayout(box);
    layout->setContentsMargins(0, 0, 0, 0);
    layout->setSpacing(3);
    auto* name = quiet(label);
    name->setBuddy(field);
    layout->addWidget(name);
    layout->addWidget(field);
    if (field->accessibleName().isEmpty() || field->property("named by tip").toBool())
        field->setAccessibleName(label);
    return box;
}

// -- figures

Figures::Figures(const QString& name, int pixel_size, QWidget* parent)
    : QWidget(parent), name_(name), font_("Inter") {
    font_.setPixelSize(pixel_size);
    font_.setWeight(QFont::DemiBold);
    setAccessibleName(name);
}

void Figures::set_name(const QString& name) {
    if (name == name_)
        return;
    name_ = name;
    setAccessibleName(name);
    updateGeometry();
    update();
}

void Figures::set_text(const QString& text) {
    if (text == text_)
        return;
    text_ = text;
    setAccessibleDescription(text);
    update();
}

void Figures::set_widest(const QString& text) {
    widest_ = text;
    updateGeometry();
}

double Figures::advance(QChar c) const {
    const QFontMetricsF metrics(font_);
    return c.isDigit() ? metrics.horizontalAdvance(QLatin1Char('0')) : metrics.horizontalAdvance(c);
}

QSize Figures::sizeHint() const {
    double width = 0;
    for (const QChar c : widest_.isEmpty() ? text_ : widest_)
        width += advance(c);
    return {static_cast<int>(std::ceil(width)) + 2, 38};
}

void Figures::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    QFont small("Inter");
    small.setPixelSize(11);
    painter.setFont(small);
    painter.setPen(desk_palette().desk_quiet);
    painter.drawText(QRectF(0, 0, width(), 14), Qt::AlignLeft | Qt::AlignVCenter, name_);
    painter.setFont(font_);
    painter.setPen(desk_palette().desk_text);
    // What is wider than the room that is kept, as in a piece of hours, is drawn narrower.
    const double whole = std::accumulate(text_.begin(), text_.end(), 0.0,
                                         [this](double sum, QChar c) { return sum + advance(c); });
    if (whole > width())
        painter.scale(width() / whole, 1);
    double x = 0;
    for (const QChar c : text_) {
        const double w = advance(c);
        painter.drawText(QRectF(x - 4, 14, w + 8, 24), Qt::AlignCenter, QString(c));
        x += w;
    }
}

// -- level

LevelBar::LevelBar(QWidget* parent) : QWidget(parent) {
    setAccessibleName(tr("Level"));
    setToolTip(tr("Peak of the music in dBFS, and its short-term loudness (ITU-R BS.1770, three seconds)"));
}

void LevelBar::show_level(double peak_db, double short_term_lufs) {
    if (std::abs(peak_db - peak_db_) < 0.1 && std::abs(short_term_lufs - lufs_) < 0.1)
        return;
    peak_db_ = peak_db;
    lufs_ = short_term_lufs;
    update();
}

void LevelBar::paintEvent(QPaintEvent*) {
    constexpr double lowest = -48; // dB at the left end
    QPainter painter(this);
    const auto& p = desk_palette();
    QFont small("Inter");
    small.setPixelSize(11);
    painter.setFont(small);
    painter.setPen(p.desk_quiet);
    const QString text = lufs_ > -70 ? tr("%1 LUFS").arg(number_text(lufs_, 1)) : tr("level");
    painter.drawText(QRectF(0, 0, width(), 14), Qt::AlignLeft | Qt::AlignVCenter, text);
    const QRectF groove(0, 23, width(), 5);
    painter.fillRect(groove, p.desk_line);
    const double share = std::clamp((peak_db_ - lowest) / -lowest, 0.0, 1.0);
    painter.fillRect(QRectF(0, groove.top(), share * groove.width(), groove.height()), p.desk_text);
    if (peak_db_ > -0.1) // clipped: told by shape as well, the bar's end stands up
        painter.fillRect(QRectF(groove.right() - 4, groove.top() - 4, 4, groove.height() + 8), p.warning);
}

// -- lamps

Lamps::Lamps(QWidget* parent) : QWidget(parent) {
    setAccessibleName(tr("Beat lamps"));
    setToolTip(tr("One lamp a beat of the bar, lit by what you hear"));
}

void Lamps::set_count(int beats) {
    const int count = std::clamp(beats, 1, 8);
    if (count == count_)
        return;
    count_ = count;
    updateGeometry();
    update();
}

void Lamps::light(int beat, double brightness) {
    if (beat == lit_ && std::abs(brightness - brightness_) < 0.02)
        return;
    lit_ = beat;
    brightness_ = brightness;
    update();
}

void Lamps::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    const auto& p = desk_palette();
    for (int i = 0; i < count_; ++i) {
        const QPointF centre(10 + 20 * i, height() / 2.0);
        QColor colour = p.desk_raised;
        if (i == lit_) {
            const auto mix = [&](double dark, double bright) { return dark + (bright - dark) * brightness_; };
            colour = QColor::fromRgbF(static_cast<float>(mix(p.desk_raised.redF(), p.playing.redF())),
                                      static_cast<float>(mix(p.desk_raised.greenF(), p.playing.greenF())),
                                      static_cast<float>(mix(p.desk_raised.blueF(), p.playing.blueF())));
        }
        painter.setPen(QPen(i == lit_ ? p.playing : p.desk_line, 1));
        painter.setBrush(colour);
        painter.drawEllipse(centre, 7, 7);
        if (i == 0) { // the first of the bar is ringed, so that it is told without colour
            painter.setBrush(Qt::NoBrush);
            painter.drawEllipse(centre, 3, 3);
        }
    }
}

namespace {

const QString line_sign = " ⏎ ";

} // namespace

void ShortLabel::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    painter.setPen(colour_.isValid() ? colour_ : palette().color(foregroundRole()));
    painter.setFont(font());
    painter.drawText(rect(), Qt::AlignLeft | Qt::AlignVCenter,
                     fontMetrics().elidedText(text(), Qt::ElideRight, width()));
}

LinesEdit::LinesEdit(QWidget* parent) : QLineEdit(parent) {}

void LinesEdit::set_lines(const QString& lines) {
    setText(QString(lines).replace('\n', line_sign));
}

QString LinesEdit::lines() const {
    // Lines that were pasted are parted by a separator of their own.
    return text()
        .replace(QChar::LineSeparator, '\n')
        .replace(line_sign, "\n")
        .replace(line_sign.trimmed(), "\n");
}

void LinesEdit::keyPressEvent(QKeyEvent* event) {
    const bool enter = event->key() == Qt::Key_Return || event->key() == Qt::Key_Enter;
    if (enter && (event->modifiers() & Qt::ShiftModifier)) {
        insert(line_sign);
        return;
    }
    QLineEdit::keyPressEvent(event);
}

} // namespace pulsepin
