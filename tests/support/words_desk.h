// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "pages/stops/mark_panel.h"
#include "support/stage_desk.h"

#include <QClipboard>

/// What journeys of words, and of what is made of them, do in a real window.
namespace pulsepin::test {

inline const char* const lyric = "pull the line\nand let it rise\nhigh over the levee\nlet it rise\n";

inline bool open_with_text(Desk& desk) {
    if (!desk.open_demo())
        return false;
    QSettings().remove("words");
    QSettings().remove("tap");
    desk.window.go_to_stop(Stop::Mark);
    desk.click("page of words");
    QGuiApplication::clipboard()->setText(lyric);
    QTest::mouseClick(desk.window.findChild<MarkPanel*>()->findChild<QPushButton*>("paste words"),
                      Qt::LeftButton);
    return desk.project().first_lane(body_type<WordBody>) != nullptr;
}

inline const Lane& words(Desk& desk) {
    return *desk.project().first_lane(body_type<WordBody>);
}

/// At the playhead, while nothing plays.
inline void set_word_at(Desk& desk, double seconds) {
    desk.window.view().set_playhead(Seconds(seconds));
    desk.window.timeline().setFocus();
    desk.key(Qt::Key_W);
}

} // namespace pulsepin::test
