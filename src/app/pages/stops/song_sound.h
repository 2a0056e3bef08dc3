// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "parts/listened_field.h"
#include "session/document.h"
#include "session/view_state.h"

#include <QDoubleSpinBox>
#include <QLabel>
#include <QWidget>

namespace pulsepin {

/// How the song is heard, and what is listened to: its gain and fades; the sound in which beats,
/// onsets and spectrum are found, heard alone and written as a file.
class SongSound : public QWidget {
    Q_OBJECT
public:
    SongSound(Document& document, ViewState& view, QWidget* parent = nullptr);
    void refresh();

signals:
    void write_wanted(); ///< what is listened to, as a file

private:
    [[nodiscard]] QDoubleSpinBox* number(const QString& name, const QString& tip, double least, double most,
                                         const QString& prefix, const QString& suffix);
    void take_over();
    Document& document_;
    ViewState& view_;
    QDoubleSpinBox* gain_;
    QDoubleSpinBox* fade_in_;
    QDoubleSpinBox* fade_out_;
    QPushButton* lines_;
    ListenedField* listened_;
    QPushButton* alone_;
    QPushButton* write_;
    bool showing_ = false;
};

} // namespace pulsepin
