// SPDX-License-Identifier: GPL-3.0-or-later
#include "shell/one_window.h"

#include <QDataStream>
#include <QFileInfo>
#include <QLocalServer>
#include <QLocalSocket>
#include <QStandardPaths>

namespace pulsepin {
namespace {

constexpr int answer_within_ms = 1000;
constexpr qint64 most_bytes = 1 << 16; // of what is told
constexpr char taken = '+';

/// Empty where the user has no folder for it.
QString socket_path() {
    const QString folder = QStandardPaths::writableLocation(QStandardPaths::RuntimeLocation);
    return folder.isEmpty() ? QString() : folder + "/pulsepin-window";
}

} // namespace

OneWindow::OneWindow(QObject* parent) : QObject(parent), server_(std::make_unique<QLocalServer>()) {}
OneWindow::~OneWindow() = default;

bool OneWindow::listening() const {
    return server_->isListening();
}

bool OneWindow::handed_to_running(const QStringList& files) {
    QLocalSocket socket;
    if (socket_path().isEmpty() || files.isEmpty())
        return false;
    socket.connectToServer(socket_path());
    if (!socket.waitForConnected(answer_within_ms))
        return false;
    QStringList whole; // the other program may stand in another folder
    for (const auto& file : files)
        whole << QFileInfo(file).absoluteFilePath();
    QDataStream out(&socket);
    out.setVersion(QDataStream::Qt_6_4);
    out << whole;
    socket.flush();
    char answer = 0;
    return socket.waitForReadyRead(answer_within_ms) && socket.read(&answer, 1) == 1 && answer == taken;
}

void OneWindow::listen() {
    const QString path = socket_path();
    if (path.isEmpty() || server_->isListening())
        return;
    QLocalSocket other;
    other.connectToServer(path);
    if (other.waitForConnected(answer_within_ms / 4))
        return;                       // someone listens
    QLocalServer::removeServer(path); // left by one that crashed
    server_->setSocketOptions(QLocalServer::UserAccessOption);
    connect(server_.get(), &QLocalServer::newConnection, this, &OneWindow::receive);
    server_->listen(path);
}

void OneWindow::receive() {
    while (auto* socket = server_->nextPendingConnection()) {
        connect(socket, &QLocalSocket::disconnected, socket, &QObject::deleteLater);
        socket->setReadBufferSize(most_bytes);
        connect(socket, &QLocalSocket::readyRead, this, [this, socket] {
            QDataStream in(socket);
            in.setVersion(QDataStream::Qt_6_4);
            in.startTransaction();
            QStringList files;
            in >> files;
            if (!in.commitTransaction())
                return; // not all of it is there
            socket->write(&taken, 1);
            socket->flush();
            for (const auto& file : files)
                emit file_wanted(file);
        });
    }
}

} // namespace pulsepin
