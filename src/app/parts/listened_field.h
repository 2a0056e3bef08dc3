// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "model/project.h"

#include <QPushButton>

namespace pulsepin {

/// Which sound is listened to, and what of it: a button that tells it and opens the choice.
class ListenedField : public QPushButton {
    Q_OBJECT
public:
    explicit ListenedField(const QString& name, QWidget* parent = nullptr);
    void set_prefix(const QString& prefix) { prefix_ = prefix; }
    void show_listened(const Listened& listened, const Project& project);
    [[nodiscard]] const Listened& listened() const { return listened_; }
    [[nodiscard]] QSize minimumSizeHint() const override;

signals:
    void edited(const Listened& listened);

protected:
    void paintEvent(QPaintEvent* event) override;

private:
    void fill_menu();
    QString prefix_; ///< what stands before the name
    Listened listened_;
    Project project_;
};

/// The sounds that can be listened to, by id and name: the song, each lane of sounds, the sum.
[[nodiscard]] std::vector<std::pair<QString, QString>> sounds_of(const Project& project);

} // namespace pulsepin
