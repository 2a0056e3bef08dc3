// SPDX-License-Identifier: GPL-3.0-or-later
#include "drawing/canvas/time_scale.h"
#include "parts/palette.h"
#include "support/test_program.h"

#include <QTest>
#include <array>
#include <cmath>

using namespace pulsepin;

namespace {

using Lights = std::array<double, 3>; // linear red, green, blue
using Eyes = std::array<Lights, 3>;   // what each becomes

constexpr Eyes kinds_of_eyes[] = {
    {{{1, 0, 0}, {0, 1, 0}, {0, 0, 1}}},
    {{{0.152286, 1.052583, -0.204868}, {0.114503, 0.786281, 0.099216}, {-0.003882, -0.048116, 1.051998}}},
    {{{0.367322, 0.860646, -0.227968}, {0.280085, 0.672501, 0.047413}, {-0.011820, 0.042940, 0.968881}}},
    {{{1.255528, -0.076749, -0.178779}, {-0.078411, 0.930809, 0.147602}, {0.004733, 0.691367, 0.303900}}}};

/// CIE L*a*b* of sRGB under D65.
Lights lab_of(const QColor& colour, const Eyes& eyes) {
    const auto linear = [](double v) {
        return v <= 0.04045 ? v / 12.92 : std::pow((v + 0.055) / 1.055, 2.4);
    };
    const Lights light{linear(colour.redF()), linear(colour.greenF()), linear(colour.blueF())};
    Lights seen{};
    for (std::size_t i = 0; i < 3; ++i)
        seen[i] = std::clamp(eyes[i][0] * light[0] + eyes[i][1] * light[1] + eyes[i][2] * light[2], 0.0, 1.0);
    const auto f = [](double t) { return t > 216.0 / 24389 ? std::cbrt(t) : (24389.0 / 27 * t + 16) / 116; };
    const double x = f((0.4124564 * seen[0] + 0.3575761 * seen[1] + 0.1804375 * seen[2]) / 0.95047),
                 y = f(0.2126729 * seen[0] + 0.7151522 * seen[1] + 0.0721750 * seen[2]),
                 z = f((0.0193339 * seen[0] + 0.1191920 * seen[1] + 0.9503041 * seen[2]) / 1.08883);
    return {116 * y - 16, 500 * (x - y), 200 * (y - z)};
}

double apart(const QColor& a, const QColor& b, const Eyes& eyes) {
    const Lights one = lab_of(a, eyes), other = lab_of(b, eyes);
    return std::hypot(one[0] - other[0], one[1] - other[1], one[2] - other[2]);
}

} // namespace

class TestLook : public QObject {
    Q_OBJECT
private slots:
    // WCAG 2.x: black on white is 21:1; #767676 on white is the well-known 4.54:1.
    void contrast_as_wcag_defines_it() {
        QVERIFY(std::abs(contrast(Qt::black, Qt::white) - 21) < 1e-6);
        QVERIFY(std::abs(contrast(QColor("#767676"), Qt::white) - 4.54) < 0.01);
    }

    void text_can_be_read() {
        for (const Palette* p : {&day_palette(), &night_palette()}) {
            const std::pair<QColor, QColor> pairs[] = {
                {p->desk_text, p->desk},          {p->desk_text, p->desk_well},
                {p->desk_text, p->desk_raised},   {p->desk_quiet, p->desk},
                {p->desk_quiet, p->desk_raised},  {p->warning, p->desk},
                {p->playing_text, p->playing},    {p->paper_text, p->paper},
                {p->paper_text, p->paper_shade},  {p->paper_text, p->paper_names},
                {p->paper_quiet, p->paper},       {p->paper_quiet, p->paper_shade},
                {p->paper_quiet, p->paper_names}, {p->marker, p->paper},
                {p->marker, p->paper_shade},      {p->playing_text, p->done},
                {p->desk_faint, p->desk}};
            for (const auto& [text, ground] : pairs)
                QVERIFY2(
                    contrast(text, ground) >= 4.5,
                    qPrintable(
                        QString("%1 on %2: %3").arg(text.name(), ground.name()).arg(contrast(text, ground))));
            for (const auto& shot : p->shot)
                QVERIFY(contrast(p->shot_text, shot) >= 4.5);
        }
    }

    void high_contrast_is_high() {
        const Palette& p = contrast_palette();
        const QColor grounds_of_desk[] = {p.desk, p.desk_well, p.desk_raised};
        for (const auto& ground : grounds_of_desk)
            for (const auto& text : {p.desk_text, p.desk_quiet, p.desk_faint, p.warning, p.playing, p.done})
                QVERIFY2(contrast(text, ground) >= 7, qPrintable(text.name() + " on " + ground.name()));
        for (const auto& ground : {p.paper, p.paper_shade, p.paper_names}) {
            for (const auto& text : {p.paper_text, p.paper_quiet, p.selection, p.playing, p.marker, p.cut,
                                     p.trigger, p.motion, p.appearance, p.word, p.note, p.exposure, p.onset})
                QVERIFY2(contrast(text, ground) >= 7, qPrintable(text.name() + " on " + ground.name()));
            for (const auto& text : p.markers)
                QVERIFY2(contrast(text, ground) >= 7, qPrintable(text.name() + " on " + ground.name()));
        }
        for (const auto& shot : p.shot)
            QVERIFY(contrast(p.shot_text, shot) >= 7);
        for (const auto& section : p.sections)
            QVERIFY(contrast(p.paper_text, section) >= 7);
        QVERIFY(contrast(p.playing_text, p.playing) >= 7);
    }

    void all_kinds_can_be_read_on_the_paper() {
        for (const Palette* p : {&day_palette(), &night_palette(), &contrast_palette()})
            for (const auto& ground : {p->paper, p->paper_shade}) {
                for (const auto& ink :
                     {p->marker, p->cut, p->trigger, p->motion, p->appearance, p->word, p->note, p->exposure})
                    QVERIFY2(contrast(ink, ground) >= 4.5, qPrintable(ink.name() + " on " + ground.name()));
                for (const auto& ink : p->markers)
                    QVERIFY2(contrast(ink, ground) >= 4.5, qPrintable(ink.name() + " on " + ground.name()));
            }
    }

    /// As they are seen by eyes without one of the three kinds of cones: matrices of Machado, Oliveira and
    /// Fernandes, "A Physiologically-based Model for Simulation of Color Vision Deficiency" (IEEE TVCG 15(6),
    /// 2009), severity 1, from memory; distances in CIE L*a*b* (CIE 15), where some 2.3 are just noticeable.
    void colours_stay_apart_for_all_eyes() {
        constexpr double least = 11;
        for (const Palette* p : {&day_palette(), &night_palette(), &contrast_palette()})
            for (const auto& eyes : kinds_of_eyes) {
                for (std::size_t a = 0; a < std::size(p->markers); ++a)
                    for (std::size_t b = 0; b < a; ++b)
                        QVERIFY2(apart(p->markers[a], p->markers[b], eyes) >= least,
                                 qPrintable(p->markers[a].name() + " and " + p->markers[b].name()));
                QVERIFY(apart(p->playing, p->selection, eyes) >= least);
                QVERIFY(apart(p->playing, p->paper, eyes) >= least);
                QVERIFY(apart(p->selection, p->paper, eyes) >= least);
                QVERIFY(apart(p->warning, p->desk_text, eyes) >= least);
            }
        // White and black are as far apart as can be, red and green are not for those without green cones.
        QVERIFY(std::abs(apart(Qt::white, Qt::black, kinds_of_eyes[0]) - 100) < 0.1);
        QVERIFY(apart(QColor("#9a8a2a"), QColor("#b07a30"), kinds_of_eyes[2]) <
                apart(QColor("#9a8a2a"), QColor("#b07a30"), kinds_of_eyes[0]));
    }

    void zooming_holds_what_is_under_the_mouse() {
        TimeScale scale{118, 1162, Seconds(3), 40};
        for (const double at : {118.0, 500.0, 1279.0})
            for (const double factor : {0.5, 1.3, 8.0}) {
                TimeScale zoomed = scale;
                const Seconds before = zoomed.time(at);
                zoomed.zoom(factor, at);
                QVERIFY(std::abs((zoomed.time(at) - before).value) < 1e-9);
                QVERIFY(std::abs(zoomed.x(zoomed.time(333)) - 333) < 1e-6);
            }
    }
};

PULSEPIN_TEST_CLASS(TestLook, "test_look")
#include "test_look.moc"
