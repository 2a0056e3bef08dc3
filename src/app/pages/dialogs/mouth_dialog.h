// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "model/words.h"

#include <QDialog>
#include <QTableWidget>
#include <vector>

namespace pulsepin {

/// Which sounds have which shape of the mouth; names and sounds are changed in place.
class MouthDialog : public QDialog {
    Q_OBJECT
public:
    explicit MouthDialog(const std::vector<MouthShape>& mouth, QWidget* parent = nullptr);
    [[nodiscard]] std::vector<MouthShape> mouth() const; ///< without those that have no name

private:
    void show_shapes(const std::vector<MouthShape>& mouth);
    QTableWidget* table_;
};

} // namespace pulsepin
