// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QObject>
#include <memory>

class QLocalServer;

namespace pulsepin {

/// Where the person wants that, a file that the desktop opens is shown by the program that runs already: it
/// is told the file over a socket in the user's own folder for such things.
class OneWindow : public QObject {
    Q_OBJECT
public:
    explicit OneWindow(QObject* parent = nullptr);
    ~OneWindow() override;
    OneWindow(const OneWindow&) = delete;
    OneWindow& operator=(const OneWindow&) = delete;

    /// Whether a running program took the files; it answers within a second, or is held for none.
    [[nodiscard]] static bool handed_to_running(const QStringList& files);

    /// From now on others' files come here. Whoever listens already goes on.
    void listen();
    [[nodiscard]] bool listening() const;

signals:
    void file_wanted(const QString& path);

private:
    void receive();
    std::unique_ptr<QLocalServer> server_;
};

} // namespace pulsepin
