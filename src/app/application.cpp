// SPDX-License-Identifier: GPL-3.0-or-later
#include "application.h"

#include "calm_choices.h"
#include "palette.h"

#include <QApplication>
#include <QFontDatabase>
#include <QStyleFactory>

static void load_resources() {
    Q_INIT_RESOURCE(pulsepin);
    Q_INIT_RESOURCE(pulsepin_fonts);
}

namespace pulsepin {

void prepare_application(QApplication& application) {
    load_resources();
    QApplication::setApplicationName("pulsepin");
    QApplication::setApplicationDisplayName("Pulse Pin");
    QApplication::setOrganizationName("pulsepin");
    for (const char* weight : {"Regular", "Medium", "SemiBold"})
        QFontDatabase::addApplicationFont(QString(":/fonts/Inter-%1.otf").arg(weight));
    QFont font("Inter");
    font.setPixelSize(12);
    application.setFont(font);
    application.setStyle(QStyleFactory::create("Fusion"));
    application.setPalette(desk_colours(day_palette()));
    application.setStyleSheet(style_sheet(day_palette()));
    application.installEventFilter(new CalmChoices(&application));
}

} // namespace pulsepin
