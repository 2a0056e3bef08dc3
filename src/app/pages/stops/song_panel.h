// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "pages/stops/shot_bin.h"
#include "pages/stops/song_sound.h"
#include "pages/stops/stop_panel.h"

#include <QComboBox>
#include <QDoubleSpinBox>
#include <QLabel>
#include <QPushButton>

namespace pulsepin {

/// Song, shots, frame rate.
class SongPanel : public StopPanel {
    Q_OBJECT
public:
    SongPanel(Document& document, ViewState& view, QWidget* parent = nullptr);
    [[nodiscard]] QString title() const override { return tr("Song"); }
    [[nodiscard]] QString summary() const override;
    [[nodiscard]] bool complete() const override;
    void refresh() override;
    /// In the bin.
    [[nodiscard]] std::vector<ClipId> chosen_clips() const;

signals:
    void open_song_wanted();
    void add_shots_wanted();
    void add_sound_wanted();
    void write_listened_wanted();
    void bin_menu_wanted(QPoint at);

private:
    void make_bin();
    void make_rate();
    [[nodiscard]] QLayout* make_buttons();
    void remove_shots();
    [[nodiscard]] QString size_or_proxy(const Clip& clip);
    [[nodiscard]] QString proxy_told(const Clip& clip);
    void show_sizes();
    void choose_size(int index);
    void ask_about();
    void show_camera();
    [[nodiscard]] const Clip* chosen_clip() const;
    QLabel* facts_;
    QComboBox* rate_;
    QComboBox* rounding_;
    QComboBox* size_;
    ShotBin* bin_;
    SongSound* heard_;
    QPushButton* remove_;
    QPushButton* camera_;
    QDoubleSpinBox* begins_;
    bool showing_ = false;
};

} // namespace pulsepin
