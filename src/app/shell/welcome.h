// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "session/document.h"

#include <QFrame>
#include <QPushButton>

class QVBoxLayout;

namespace pulsepin {

/// What an empty window offers: to walk through the demo, to open a song or a project, to begin from a
/// template, to go on with a recent one. It goes as soon as there is anything in the piece.
class Welcome : public QFrame {
    Q_OBJECT
public:
    Welcome(Document& document, QWidget* over);

    /// A picture of the project at `path`, as it was seen last, is kept for the list.
    static void keep_picture(const QString& path, const QImage& picture);

signals:
    void walk_wanted();
    void command_wanted(const QString& id);
    void project_wanted(const QString& path);

protected:
    bool eventFilter(QObject* watched, QEvent* event) override;

private:
    void refresh();
    struct Recent {
        QString file;
        QString told; ///< of what is in it
    };
    void read_recent();
    void show_recent(const std::vector<Recent>& there);
    void add_recent(QWidget* line);
    [[nodiscard]] QPushButton* button_of(const Recent& recent);
    void put();

    Document& document_;
    QWidget* over_;
    QVBoxLayout* recent_;
    bool put_away_ = false;
    enum class RecentOnes { NotRead, OnTheirWay, Shown } recent_ones_ = RecentOnes::NotRead;
};

} // namespace pulsepin
