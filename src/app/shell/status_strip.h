// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "parts/widgets.h"
#include "session/document.h"

#include <QLabel>
#include <QProgressBar>
#include <QPushButton>
#include <QToolButton>
#include <memory>

namespace pulsepin {

/// Left what the mouse does here, or the last message; right the file, whether it is saved, and running work.
class StatusStrip : public QWidget {
    Q_OBJECT
public:
    explicit StatusStrip(Document& document, QWidget* parent = nullptr);
    void set_hint(const QString& hint);
    void say(const QString& message);          ///< stays some seconds, then hints are shown again
    void set_device_note(const QString& note); ///< stays until it changes
    /// That something is sent, and where to; empty: nothing is.
    void set_sending(const QString& told, bool trouble);
    [[nodiscard]] QString message() const { return left_->text(); }
    [[nodiscard]] QString device_note() const { return device_->text(); }

private:
    void refresh_file();
    void refresh_jobs();
    void show_others();
    Document& document_;
    QLabel* left_;
    ShortLabel* device_;
    QLabel* sending_;
    ShortLabel* file_;
    ShortLabel* job_;
    QProgressBar* progress_;
    QPushButton* cancel_;
    QToolButton* others_;      ///< what else runs or waits, each with its own stop
    std::weak_ptr<Job> shown_; ///< the one that is named; it stays until it ends
    QString hint_;
    QTimer message_timer_;
    QTimer file_timer_;
};

} // namespace pulsepin
