// SPDX-License-Identifier: GPL-3.0-or-later
#include "shell/application.h"

#include "parts/calm_choices.h"
#include "parts/palette.h"
#include "parts/plain_texts.h"
#include "render/fonts.h"

#include <QApplication>
#include <QStyleFactory>

static void load_resources() {
    Q_INIT_RESOURCE(pulsepin);
}

namespace pulsepin {

void prepare_application(QApplication& application) {
    load_resources();
    QApplication::setApplicationName("pulsepin");
    QApplication::setApplicationDisplayName("Pulse Pin");
    QApplication::setOrganizationName("pulsepin");
    register_fonts();
    QFont font("Inter");
    font.setPixelSize(12);
    application.setFont(font);
    application.setStyle(QStyleFactory::create("Fusion"));
    application.setPalette(desk_colours(day_palette()));
    application.installEventFilter(new CalmChoices(&application));
    application.installEventFilter(new PlainTexts(&application));
}

} // namespace pulsepin
