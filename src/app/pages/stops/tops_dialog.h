// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "session/document.h"

#include <QComboBox>
#include <QDialog>
#include <QDoubleSpinBox>
#include <QLabel>
#include <QSpinBox>

namespace pulsepin {

/// Asks which tops of which follower make a row of onsets; tells at once how many they are.
class TopsDialog : public QDialog {
    Q_OBJECT
public:
    explicit TopsDialog(const Document& document, QWidget* parent = nullptr);
    [[nodiscard]] OnsetRow row() const;

private:
    [[nodiscard]] OnsetRow::Tops asked() const;
    [[nodiscard]] std::vector<FoundOnset> onsets() const;
    void tell();
    const Document& document_;
    QComboBox* lane_;
    QDoubleSpinBox* least_;
    QDoubleSpinBox* prominence_;
    QSpinBox* gap_;
    QLabel* found_;
};

} // namespace pulsepin
