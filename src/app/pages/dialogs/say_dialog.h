// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "hand/said.h"
#include "session/document.h"
#include "session/view_state.h"

#include <QDialog>

class QLabel;
class QLineEdit;
class QListWidget;
class QPushButton;
class QTimer;

namespace pulsepin {

/// A field in which is said what is to happen, in a line: it is completed while it is typed, told back in
/// words, and its places are seen over the song. Return does it, Escape leaves.
class SayDialog : public QDialog {
    Q_OBJECT
public:
    SayDialog(Document& document, ViewState& view, QWidget* parent);
    ~SayDialog() override;

protected:
    bool eventFilter(QObject* watched, QEvent* event) override;
    void showEvent(QShowEvent* event) override;

private:
    void read();
    void complete();
    void look_at_places();
    void do_it();

    Document& document_;
    ViewState& view_;
    QLineEdit* line_;
    QLabel* told_;
    QListWidget* lines_;
    QPushButton* do_;
    QTimer* rest_; ///< places are looked for when the hand rests
};

} // namespace pulsepin
