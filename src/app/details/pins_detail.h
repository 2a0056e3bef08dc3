// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "session/document.h"
#include "fields.h"

#include <QLineEdit>
#include <QMenu>
#include <QPushButton>
#include <QSpinBox>
#include <QWidget>

namespace pulsepin {

/// Fields of one or more pins of a kind: they show the first and change all.
class PinsDetail : public QWidget {
    Q_OBJECT
public:
    explicit PinsDetail(Document& document, QWidget* parent = nullptr);
    void show_pins(std::vector<PinId> pins);

protected:
    virtual void show_body(const PinBody& body) = 0;
    /// One undo step for all of them; says how many were locked.
    void change(const QString& what, const std::function<void(PinBody&)>& how);
    [[nodiscard]] bool showing() const { return showing_; }
    [[nodiscard]] std::size_t count() const { return pins_.size(); }

    Document& document_;
    std::vector<PinId> pins_;

private:
    bool showing_ = false;
};

class MarkerDetail : public PinsDetail {
    Q_OBJECT
public:
    explicit MarkerDetail(Document& document, QWidget* parent = nullptr);

protected:
    void show_body(const PinBody& body) override;

private:
    QLineEdit* name_;
    QLineEdit* note_;
    QComboBox* colour_;
    QComboBox* symbol_;
    LengthField* length_;
};

class CutDetail : public PinsDetail {
    Q_OBJECT
public:
    explicit CutDetail(Document& document, QWidget* parent = nullptr);

protected:
    void show_body(const PinBody& body) override;

private:
    QComboBox* shot_;
    QDoubleSpinBox* in_point_;
    QSpinBox* fade_;
    QPushButton* camera_;
};

class TriggerDetail : public PinsDetail {
    Q_OBJECT
public:
    explicit TriggerDetail(Document& document, QWidget* parent = nullptr);

protected:
    void show_body(const PinBody& body) override;

private:
    void connect_fields();
    QComboBox* effect_;
    LengthField* length_;
    QDoubleSpinBox* strength_;
    ColourField* from_;
    ColourField* to_;
    bool same_colour_ = true;
    QSpinBox* row_;
};

class PulseDetail : public PinsDetail {
    Q_OBJECT
public:
    explicit PulseDetail(Document& document, QWidget* parent = nullptr);

protected:
    void show_body(const PinBody& body) override;

private:
    void set_shape(const std::shared_ptr<const Pulse>& shape);
    void fill_with_shapes(QMenu* menu);
    QDoubleSpinBox* strength_;
    QPushButton* own_;
    QPushButton* lanes_;
};

class KeyDetail : public PinsDetail {
    Q_OBJECT
public:
    explicit KeyDetail(Document& document, QWidget* parent = nullptr);

protected:
    void show_body(const PinBody& body) override;

private:
    QDoubleSpinBox* value_;
    QComboBox* easing_;
    QDoubleSpinBox* amount_;
};

/// A picture of a marker's colour or symbol.
[[nodiscard]] QPixmap marker_picture(int colour, int symbol);
void fill_with_colours(QComboBox* box);
void fill_with_symbols(QComboBox* box);

} // namespace pulsepin
