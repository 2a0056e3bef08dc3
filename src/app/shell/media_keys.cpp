// SPDX-License-Identifier: GPL-3.0-or-later
#include "shell/media_keys.h"

#include "commands/play_commands.h"

#include <QApplication>
#include <QDBusAbstractAdaptor>
#include <QDBusConnection>
#include <QDBusMessage>
#include <QDBusObjectPath>

namespace pulsepin {
namespace {

constexpr const char* bus_path = "/org/mpris/MediaPlayer2";
constexpr const char* player_interface = "org.mpris.MediaPlayer2.Player";
constexpr double us_per_second = 1e6; // as the interface counts

} // namespace

/// What the interface calls the program. Its names are those of the specification.
class MediaProgram : public QDBusAbstractAdaptor {
    Q_OBJECT
    Q_CLASSINFO("D-Bus Interface", "org.mpris.MediaPlayer2")
    Q_PROPERTY(bool CanQuit READ yes)
    Q_PROPERTY(bool CanRaise READ yes)
    Q_PROPERTY(bool HasTrackList READ no)
    Q_PROPERTY(QString Identity READ identity)
    Q_PROPERTY(QString DesktopEntry READ entry)
    Q_PROPERTY(QStringList SupportedUriSchemes READ none)
    Q_PROPERTY(QStringList SupportedMimeTypes READ none)
public:
    MediaProgram(QObject* at, QWidget& window) : QDBusAbstractAdaptor(at), window_(window) {}
    [[nodiscard]] bool yes() const { return true; }
    [[nodiscard]] bool no() const { return false; }
    [[nodiscard]] QString identity() const { return QApplication::applicationDisplayName(); }
    [[nodiscard]] QString entry() const { return QApplication::applicationName(); }
    [[nodiscard]] QStringList none() const { return {}; }
public slots:
    void Raise() { // NOLINT(readability-identifier-naming): as the specification has it
        window_.raise();
        window_.activateWindow();
    }
    void Quit() { window_.close(); } // NOLINT(readability-identifier-naming): it asks about unsaved work

private:
    QWidget& window_;
};

class MediaPlayer : public QDBusAbstractAdaptor {
    Q_OBJECT
    Q_CLASSINFO("D-Bus Interface", "org.mpris.MediaPlayer2.Player")
    Q_PROPERTY(QString PlaybackStatus READ status)
    Q_PROPERTY(double Rate READ rate WRITE set_rate)
    Q_PROPERTY(double MinimumRate READ least_rate)
    Q_PROPERTY(double MaximumRate READ most_rate)
    Q_PROPERTY(double Volume READ volume)
    Q_PROPERTY(QVariantMap Metadata READ metadata)
    Q_PROPERTY(qlonglong Position READ position)
    Q_PROPERTY(bool CanGoNext READ no)
    Q_PROPERTY(bool CanGoPrevious READ no)
    Q_PROPERTY(bool CanPlay READ has_song)
    Q_PROPERTY(bool CanPause READ has_song)
    Q_PROPERTY(bool CanSeek READ has_song)
    Q_PROPERTY(bool CanControl READ yes)
public:
    MediaPlayer(QObject* at, Document& document, ViewState& view, Player& player, PlayCommands& commands)
        : QDBusAbstractAdaptor(at), document_(document), view_(view), player_(player), commands_(commands) {}

    [[nodiscard]] QString status() const { return player_.playing() ? "Playing" : "Paused"; }
    [[nodiscard]] double rate() const { return player_.speed(); }
    void set_rate(double rate) { player_.set_speed(std::clamp(rate, least_rate(), most_rate())); }
    [[nodiscard]] double least_rate() const { return 0.25; }
    [[nodiscard]] double most_rate() const { return 2; }
    [[nodiscard]] double volume() const { return 1; }
    [[nodiscard]] bool no() const { return false; }
    [[nodiscard]] bool yes() const { return true; }
    [[nodiscard]] bool has_song() const { return player_.has_sound(); } // it is decoded
    [[nodiscard]] qlonglong position() const {
        return static_cast<qlonglong>(view_.playhead().value * us_per_second);
    }
    [[nodiscard]] QVariantMap metadata() const {
        QVariantMap told{{"mpris:trackid", QVariant::fromValue(QDBusObjectPath("/org/pulsepin/song"))}};
        if (const auto& song = document_.project().song) {
            told["mpris:length"] = static_cast<qlonglong>(song->duration().value * us_per_second);
            told["xesam:title"] = document_.title();
        }
        return told;
    }
public slots: // NOLINTBEGIN(readability-identifier-naming): as the specification has them
    void Play() {
        if (!player_.playing())
            commands_.toggle_play();
    }
    void Pause() {
        if (player_.playing())
            commands_.toggle_play();
    }
    void Stop() { Pause(); }
    void PlayPause() { commands_.toggle_play(); }
    void Next() {}
    void Previous() {}
    void Seek(qlonglong by) {
        commands_.set_playhead(view_.playhead() + Seconds(double(by) / us_per_second));
    }
    void SetPosition(const QDBusObjectPath&, qlonglong at) {
        commands_.set_playhead(Seconds(double(at) / us_per_second));
    }
    // NOLINTEND(readability-identifier-naming)

private:
    Document& document_;
    ViewState& view_;
    Player& player_;
    PlayCommands& commands_;
};

MediaKeys::MediaKeys(QWidget& window, Document& document, ViewState& view, Player& player,
                     PlayCommands& commands)
    : QObject(&window), played_(new QObject(this)) {
    auto bus = QDBusConnection::sessionBus();
    if (!bus.isConnected())
        return;
    new MediaProgram(played_, window);
    new MediaPlayer(played_, document, view, player, commands);
    const QString name =
        QString("org.mpris.MediaPlayer2.pulsepin.instance%1").arg(QApplication::applicationPid());
    if (!bus.registerObject(bus_path, played_) || !bus.registerService(name))
        return;
    name_ = name;
    connect(&player, &Player::started, this, &MediaKeys::tell_changed);
    connect(&player, &Player::stopped, this, &MediaKeys::tell_changed);
    connect(&document, &Document::sound_changed, this, &MediaKeys::tell_changed);
}

MediaKeys::~MediaKeys() {
    if (name_.isEmpty())
        return;
    auto bus = QDBusConnection::sessionBus();
    bus.unregisterService(name_);
    bus.unregisterObject(bus_path);
}

void MediaKeys::tell_changed() {
    const auto* player = played_->findChild<MediaPlayer*>();
    auto told = QDBusMessage::createSignal(bus_path, "org.freedesktop.DBus.Properties", "PropertiesChanged");
    told << player_interface
         << QVariantMap{{"PlaybackStatus", player->status()},
                        {"Metadata", player->metadata()},
                        {"CanPlay", player->has_song()}}
         << QStringList();
    QDBusConnection::sessionBus().send(told);
}

} // namespace pulsepin

#include "media_keys.moc"
