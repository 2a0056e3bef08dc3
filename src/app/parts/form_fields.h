// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "model/project.h"
#include "parts/fields.h"

#include <QLineEdit>
#include <QSpinBox>
#include <QTableWidget>
#include <QWidget>

namespace pulsepin {

/// How many colours a form lets pins take by turns.
inline constexpr int most_colours = 4;

/// What is placed on each picked position: the fields for one kind of lane.
class FormFields : public QWidget {
    Q_OBJECT
public:
    using QWidget::QWidget;
    [[nodiscard]] virtual PlantingForm form() const = 0;
    virtual void set_form(const PlantingForm& form) = 0; ///< says nothing
    virtual void set_project(const Project&) {}
    /// What is placed on that lane, until a person says otherwise.
    virtual void suit(const Lane&) {}
    /// In a few words: "in turn, from bin".
    [[nodiscard]] virtual QString summary() const = 0;

signals:
    void changed();
};

class MarkerForm : public FormFields {
    Q_OBJECT
public:
    explicit MarkerForm(QWidget* parent = nullptr);
    [[nodiscard]] PlantingForm form() const override;
    void set_form(const PlantingForm& form) override;
    [[nodiscard]] QString summary() const override;

private:
    QLineEdit* name_;
    QComboBox* colour_;
    QComboBox* symbol_;
    LengthField* length_;
};

class CutForm : public FormFields {
    Q_OBJECT
public:
    explicit CutForm(QWidget* parent = nullptr);
    [[nodiscard]] PlantingForm form() const override;
    void set_form(const PlantingForm& form) override;
    void set_project(const Project& project) override;
    [[nodiscard]] QString summary() const override;

private:
    void make_shots();
    void show_start();
    QComboBox* framing_;
    QComboBox* order_;
    QSpinBox* seed_;
    QComboBox* start_;
    QDoubleSpinBox* in_point_;
    QComboBox* marker_;
    QSpinBox* shortest_;
    QSpinBox* fade_;
    QTableWidget* shots_;
    Shared<std::vector<Clip>> bin_;
};

class TriggerForm : public FormFields {
    Q_OBJECT
public:
    explicit TriggerForm(QWidget* parent = nullptr);
    [[nodiscard]] PlantingForm form() const override;
    void set_form(const PlantingForm& form) override;
    void set_project(const Project& project) override;
    [[nodiscard]] QString summary() const override;

private:
    [[nodiscard]] QString written_effect() const;
    [[nodiscard]] QWidget* make_swatches();
    void connect_fields();
    void show_ways();
    QComboBox* effect_;
    QComboBox* on_;
    std::vector<TriggerAct> acts_; ///< of what is changed; new ones do what is usual
    double strobe_beats_ = 0;
    LengthField* length_;
    QSpinBox* row_;
    QComboBox* strengths_;
    QDoubleSpinBox* strength_;
    QDoubleSpinBox* low_;
    QComboBox* colours_;
    ColourField* from_;
    ColourField* to_;
    std::vector<ColourField*> palette_;
    QSpinBox* seed_;
};

class ExposureForm : public FormFields {
    Q_OBJECT
public:
    explicit ExposureForm(QWidget* parent = nullptr);
    [[nodiscard]] PlantingForm form() const override;
    void set_form(const PlantingForm& form) override;
    [[nodiscard]] QString summary() const override;

private:
    QLineEdit* drawing_;
    QSpinBox* last_;
    QComboBox* way_;
};

class PulseForm : public FormFields {
    Q_OBJECT
public:
    explicit PulseForm(QWidget* parent = nullptr);
    [[nodiscard]] PlantingForm form() const override;
    void set_form(const PlantingForm& form) override;
    [[nodiscard]] QString summary() const override;

private:
    void show_ways();
    QComboBox* strengths_;
    QDoubleSpinBox* strength_;
    QDoubleSpinBox* low_;
    QSpinBox* seed_;
};

class KeyForm : public FormFields {
    Q_OBJECT
public:
    explicit KeyForm(QWidget* parent = nullptr);
    [[nodiscard]] PlantingForm form() const override;
    void set_form(const PlantingForm& form) override;
    [[nodiscard]] QString summary() const override;

private:
    QDoubleSpinBox* value_;
    QComboBox* easing_;
};

/// Of a lane that follows: keys of a drawn curve, or stretches that lie over a computed one.
class CurveKeyForm : public FormFields {
    Q_OBJECT
public:
    explicit CurveKeyForm(QWidget* parent = nullptr);
    [[nodiscard]] PlantingForm form() const override;
    void set_form(const PlantingForm& form) override;
    [[nodiscard]] QString summary() const override;

private:
    void show_what_counts();
    QComboBox* role_;
    QDoubleSpinBox* value_;
    LengthField* length_;
    QDoubleSpinBox* fade_;
};

} // namespace pulsepin
