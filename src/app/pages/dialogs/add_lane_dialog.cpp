// SPDX-License-Identifier: GPL-3.0-or-later
#include "pages/dialogs/add_lane_dialog.h"
#include "hand/driving.h"
#include "parts/finder.h"

#include "hand/poses.h"
#include "parts/fields.h"
#include "parts/targets.h"
#include "parts/widgets.h"
#include "stage/effects.h"

#include <QDialogButtonBox>
#include <QLineEdit>
#include <QVBoxLayout>

namespace pulsepin {

AddLaneDialog::AddLaneDialog(const Project& project, LaneKind kind, LayerId layer, QWidget* parent)
    : QDialog(parent), project_(project), kind_(kind) {
    setObjectName("add lane");
    setWindowTitle(tr("Add a lane of %1").arg(text_of(kind->id)));
    auto* column = new QVBoxLayout(this);
    if (kind->drives())
        column->addWidget(make_drives(layer));
    if (holds<AppearanceBody>(kind))
        column->addWidget(make_shown(layer));
    name_ = named(new QLineEdit, "lane name", tr("Its name; none: after what it drives"));
    column->addWidget(labelled(tr("name"), name_));
    auto* buttons = new QDialogButtonBox(QDialogButtonBox::Ok | QDialogButtonBox::Cancel);
    buttons->button(QDialogButtonBox::Ok)->setText(tr("Add lane"));
    connect(buttons, &QDialogButtonBox::accepted, this, &QDialog::accept);
    connect(buttons, &QDialogButtonBox::rejected, this, &QDialog::reject);
    column->addWidget(buttons);
    name_it();
}

QWidget* AddLaneDialog::make_drives(LayerId chosen) {
    auto* box = new QWidget;
    auto* grid = tight_grid(box);
    layer_ = choice_box("driven layer",
                        tr("The layer of the picture that it drives, or a property by its name only"));
    const auto& layers = project_.stage->layers;
    for (auto layer = layers.rbegin(); layer != layers.rend(); ++layer)
        layer_->addItem(QString::fromStdString(layer->name), static_cast<qulonglong>(layer->id.value));
    if (!holds<PoseBody>(kind_))
        layer_->addItem(tr("nothing in the picture yet"), qulonglong{0});
    // The one that is worked on, else the camera: all of the picture.
    layer_->setCurrentIndex(
        chosen.value == 0 ? 0 : std::max(0, layer_->findData(static_cast<qulonglong>(chosen.value))));
    grid->addWidget(labelled(tr("drives"), layer_), 0, 0);
    connect(layer_, &QComboBox::currentIndexChanged, this, &AddLaneDialog::take_target);
    if (holds<PoseBody>(kind_)) {
        grid->addWidget(quiet(tr("place, scale, rotation and opacity of it, as one key")), 1, 0);
        return box;
    }
    parameter_ = choice_box("driven property", tr("What of it is driven"));
    fill_parameters();
    connect(layer_, &QComboBox::currentIndexChanged, this, &AddLaneDialog::fill_parameters);
    grid->addWidget(labelled(tr("its"), parameter_), 0, 1);
    rest_ = real_field("driven rest", tr("Base value"), -1e6, 1e6);
    peak_ = real_field("driven peak", tr("Peak value; lower than the base value, it dips"), -1e6, 1e6);
    grid->addWidget(labelled(tr("from"), rest_), 1, 0);
    grid->addWidget(labelled(tr("to"), peak_), 1, 1);
    connect(parameter_, &QComboBox::currentIndexChanged, this, &AddLaneDialog::take_target);
    take_target();
    return box;
}

/// Those of the chosen layer; the same one as before, where it has that.
void AddLaneDialog::fill_parameters() {
    const QVariant before = parameter_->count() > 0 ? parameter_->currentData() : QVariant("scale");
    const QSignalBlocker quietly(parameter_);
    parameter_->clear();
    const Layer* layer = project_.stage->layer(LayerId{layer_->currentData().toULongLong()});
    for (const auto& [effect, parameters] : drivable_of(layer ? *layer : project_.stage->layers.back())) {
        if (parameter_->count() > 0)
            parameter_->insertSeparator(parameter_->count());
        for (const auto& parameter : parameters) {
            parameter_->addItem(parameter_text(parameter), QString::fromStdString(parameter.id));
            parameter_->setItemData(parameter_->count() - 1, effect, group_role);
        }
    }
    const int index = parameter_->findData(before);
    parameter_->setCurrentIndex(index >= 0 ? index : std::max(0, parameter_->findData("scale")));
}

QWidget* AddLaneDialog::make_shown(LayerId chosen) {
    layer_ = choice_box("shown layer", tr("The layer or group that appears"));
    const auto& layers = project_.stage->layers;
    for (auto layer = layers.rbegin(); layer != layers.rend(); ++layer)
        if (layer->kind != layers::camera)
            layer_->addItem(QString::fromStdString(layer->name), static_cast<qulonglong>(layer->id.value));
    layer_->setCurrentIndex(std::max(0, layer_->findData(static_cast<qulonglong>(chosen.value))));
    connect(layer_, &QComboBox::currentIndexChanged, this, &AddLaneDialog::name_it);
    return labelled(tr("what appears"), layer_);
}

LayerId AddLaneDialog::shown_layer() const {
    return LayerId{layer_ ? layer_->currentData().toULongLong() : 0};
}

Target AddLaneDialog::target() const {
    const auto layer = layer_ ? layer_->currentData().toULongLong() : 0;
    return {LayerId{layer},
            layer != 0 && parameter_ ? parameter_->currentData().toString().toStdString() : ""};
}

/// Over its usual range; what is full at rest, as opacity, dips.
void AddLaneDialog::take_target() {
    if (parameter_) {
        const Target chosen = target();
        parameter_->setEnabled(chosen.layer.value != 0);
        Feed feed = chosen.layer.value != 0 ? new_feed(project_, chosen) : Feed{};
        const auto* row = layer_parameter(chosen.parameter);
        if (row && feed.low != row->initial && feed.high == row->initial)
            std::swap(feed.low, feed.high);
        rest_->setValue(feed.low);
        peak_->setValue(feed.high);
    }
    name_it();
}

/// What it will be called where nothing is written.
void AddLaneDialog::name_it() {
    if (!name_) // while it is made
        return;
    QString usual = text_of(kind_->plural);
    if (holds<PoseBody>(kind_) && layer_)
        usual = tr("%1 poses").arg(layer_->currentText());
    else if (holds<AppearanceBody>(kind_) && layer_)
        usual = layer_->currentText();
    else if (kind_->drives() && target().layer.value != 0)
        usual = tr("%1 %2").arg(layer_->currentText(), parameter_->currentText());
    name_->setPlaceholderText(usual);
}

QString AddLaneDialog::name() const {
    const QString written = name_->text().trimmed();
    return written.isEmpty() ? name_->placeholderText() : written;
}

Motion AddLaneDialog::motion() const {
    const Target chosen = target();
    if (holds<PoseBody>(kind_))
        return pose_motion(LayerId{layer_->currentData().toULongLong()});
    Motion motion;
    if (chosen.layer.value != 0)
        motion.own = new_feed(project_, chosen);
    else
        motion.own.property = name().toStdString(); // it is called after it, until it drives something else
    motion.own.low = rest_->value();
    motion.own.high = peak_->value();
    return motion;
}

} // namespace pulsepin
