// SPDX-License-Identifier: GPL-3.0-or-later
#include "shell/desktop_motion.h"

#include "session/calm.h"

#include <QDBusConnection>
#include <QDBusConnectionInterface>
#include <QDBusMessage>
#include <QDBusPendingCallWatcher>
#include <QDBusPendingReply>
#include <QDBusVariant>
#include <QFile>
#include <QObject>

namespace pulsepin {
namespace {

constexpr const char* portal = "org.freedesktop.portal.Desktop";
constexpr const char* portal_path = "/org/freedesktop/portal/desktop";
constexpr const char* settings = "org.freedesktop.portal.Settings";
constexpr const char* group_of_it = "org.gnome.desktop.interface";
constexpr const char* key_of_it = "enable-animations";

/// Version 1 wraps the answer twice.
QVariant unwrapped(QVariant value) {
    while (value.canConvert<QDBusVariant>())
        value = value.value<QDBusVariant>().variant();
    return value;
}

} // namespace

class DesktopMotion : public QObject {
    Q_OBJECT
public:
    explicit DesktopMotion(QObject& parent);

private slots:
    void changed(const QString& group, const QString& key, const QDBusVariant& value);
};

DesktopMotion::DesktopMotion(QObject& parent) : QObject(&parent) {
    auto bus = QDBusConnection::sessionBus();
    if (!bus.isConnected())
        return;
    bus.connect(portal, portal_path, settings, "SettingChanged", this,
                SLOT(changed(QString, QString, QDBusVariant)));
    auto ask = QDBusMessage::createMethodCall(portal, portal_path, settings, "Read");
    ask << group_of_it << key_of_it;
    auto* answer = new QDBusPendingCallWatcher(bus.asyncCall(ask), this);
    connect(answer, &QDBusPendingCallWatcher::finished, this, [this, answer] {
        const QDBusPendingReply<QDBusVariant> reply = *answer;
        if (reply.isValid())
            changed(group_of_it, key_of_it, reply.value());
        answer->deleteLater();
    });
}

void DesktopMotion::changed(const QString& group, const QString& key, const QDBusVariant& value) {
    if (group == group_of_it && key == key_of_it)
        set_desktop_calm(!unwrapped(value.variant()).toBool());
}

bool has_session_bus() {
    return qEnvironmentVariableIsSet("DBUS_SESSION_BUS_ADDRESS") ||
           QFile::exists(qEnvironmentVariable("XDG_RUNTIME_DIR") + "/bus");
}

void follow_desktop_motion(QObject& parent) {
    new DesktopMotion(parent);
}

} // namespace pulsepin

#include "desktop_motion.moc"
