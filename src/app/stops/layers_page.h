// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "session/document.h"
#include "fields.h"

#include <QLineEdit>
#include <QListWidget>
#include <QTableWidget>
#include <QWidget>

namespace pulsepin {

/// The layers of the picture, and the values that they have where nothing drives them.
class LayersPage : public QWidget {
    Q_OBJECT
public:
    explicit LayersPage(Document& document, QWidget* parent = nullptr);
    void refresh();
    [[nodiscard]] QString told() const;

private:
    [[nodiscard]] const Layer* layer() const;
    void add(Layer layer, const QString& what);
    void fill_add_menu(QMenu* menu);
    void change(const QString& what, const std::function<void(Layer&)>& how);
    void show_layer();

    Document& document_;
    QListWidget* list_;
    QPushButton* add_;
    QPushButton* up_;
    QPushButton* down_;
    QPushButton* hide_;
    QPushButton* remove_;
    QLineEdit* name_;
    QLineEdit* text_;
    QComboBox* shape_;
    ColourField* colour_;
    QComboBox* source_;
    QTableWidget* values_;
    std::vector<QDoubleSpinBox*> fields_;
    bool showing_ = false;
};

} // namespace pulsepin
