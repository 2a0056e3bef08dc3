// SPDX-License-Identifier: GPL-3.0-or-later
#include "shell/application.h"

#include "drawing/canvas/canvas_access.h"
#include "parts/calm_choices.h"
#include "parts/decimal_keys.h"
#include "parts/palette.h"
#include "parts/plain_texts.h"
#include "parts/short_texts.h"
#include "render/fonts.h"
#include "session/settings.h"

#include <QApplication>
#include <QFile>
#include <QLibraryInfo>
#include <QLocale>
#include <QStandardPaths>
#include <QStyleFactory>
#include <QTranslator>

namespace {

/// Gestures and small helpers speak in a context of their own, which is looked for last.
class Words : public QTranslator {
public:
    using QTranslator::QTranslator;
    [[nodiscard]] QString translate(const char* context, const char* source, const char* remark,
                                    int count) const override {
        const QString told = QTranslator::translate(context, source, remark, count);
        return told.isEmpty() ? QTranslator::translate("any", source, remark, count) : told;
    }
};

} // namespace

static void load_resources() {
    Q_INIT_RESOURCE(pulsepin);
    Q_INIT_RESOURCE(manual);
    Q_INIT_RESOURCE(languages);
}

namespace pulsepin {

static void name_application() {
    QApplication::setApplicationName("pulsepin");
    QApplication::setApplicationDisplayName("Pulse Pin");
    QApplication::setOrganizationName("pulsepin");
}

/// Whether the desktop's own dialogs can be asked for; where no portal answers, none would open.
static bool has_portal() {
    const bool has_bus = qEnvironmentVariableIsSet("DBUS_SESSION_BUS_ADDRESS") ||
                         QFile::exists(qEnvironmentVariable("XDG_RUNTIME_DIR") + "/bus");
    return has_bus && !QStandardPaths::locate(QStandardPaths::GenericDataLocation,
                                              "dbus-1/services/org.freedesktop.portal.Desktop.service")
                           .isEmpty();
}

void prepare_start() {
    name_application();
    const double wanted = setting_number("look/size") / 100,
                 desktop = qEnvironmentVariable("QT_SCALE_FACTOR", "1").toDouble();
    if (wanted != 1)
        qputenv("QT_SCALE_FACTOR", QByteArray::number(wanted * (desktop > 0 ? desktop : 1)));
    if (setting_text("desktop/file dialogs") == "portal" && has_portal() &&
        !qEnvironmentVariableIsSet("QT_QPA_PLATFORMTHEME"))
        qputenv("QT_QPA_PLATFORMTHEME", "xdgdesktopportal");
}

void use_language(QApplication& application, const QString& wanted) {
    QLocale asked = wanted == "system" ? QLocale::system() : QLocale(wanted);
    asked.setNumberOptions(QLocale::OmitGroupSeparator); // in fields nothing sets thousands apart
    // What no words are there for is shown in English, but numbers are typed as at home.
    QLocale::setDefault(asked);
    const auto install = [&](const QString& name, const QString& folder) {
        auto* words = new Words(&application);
        if (words->load(name, folder))
            QApplication::installTranslator(words);
        else
            delete words;
    };
    const QString language = QLocale::languageToCode(asked.language());
    install("pulsepin_en", ":/languages"); // how one and several are told
    if (language == "en" || !QFile::exists(":/languages/pulsepin_" + language + ".qm"))
        return;
    install("qtbase_" + language, QLibraryInfo::path(QLibraryInfo::TranslationsPath));
    install("pulsepin_" + language, ":/languages");
}

void prepare_application(QApplication& application) {
    load_resources();
    name_application();
    use_language(application, qEnvironmentVariable("PULSEPIN_LANGUAGE", setting_text("look/language")));
    install_access();
    register_fonts();
    QFont font("Inter");
    font.setPixelSize(12);
    application.setFont(font);
    application.setStyle(new ShortTexts(QStyleFactory::create("Fusion")));
    application.setPalette(desk_colours(desk_palette()));
    application.installEventFilter(new CalmChoices(&application));
    application.installEventFilter(new PlainTexts(&application));
    application.installEventFilter(new DecimalKeys(&application));
}

} // namespace pulsepin
