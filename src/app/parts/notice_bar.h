// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "session/document.h"

#include <QLabel>
#include <QPushButton>
#include <QWidget>
#include <string>

namespace pulsepin {

/// What stands between the person and a file that is safe, in words, with what can be done about it, and what
/// is missing of the song. There as long as the trouble is; else it takes no room.
class NoticeBar : public QWidget {
    Q_OBJECT
public:
    explicit NoticeBar(Document& document, QWidget* parent = nullptr);
    [[nodiscard]] QString text() const { return isHidden() ? QString() : text_->text(); }

signals:
    void save_wanted();
    void save_as_wanted();
    void load_again_wanted();
    void look_wanted();

private:
    void refresh();
    void offer(QPushButton* button, bool offered) { button->setVisible(offered); }

    Document& document_;
    QLabel* text_;
    QPushButton *save_, *save_as_, *load_, *keep_, *look_, *dismiss_;
    bool dismissed_ = false;  ///< that it is open elsewhere was read
    std::string damage_read_; ///< what was told of a song and taken away
};

} // namespace pulsepin
