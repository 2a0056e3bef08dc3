// SPDX-License-Identifier: GPL-3.0-or-later
#include "drawing/canvas/time_scale.h"
#include "parts/palette.h"
#include "support/test_program.h"

#include <QTest>
#include <cmath>

using namespace pulsepin;

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
