// SPDX-License-Identifier: GPL-3.0-or-later
#include "parts/targets.h"

#include "follow/feeds.h"
#include "hand/driving.h"
#include "model/lane_edits.h"
#include "model/stage_edits.h"
#include "parts/fields.h"
#include "render/qt_text.h"
#include "stage/effects.h"

namespace pulsepin {

void change_motion(Document& document, LaneId lane, const QString& what,
                   const std::function<void(Motion&)>& how) {
    const Lane* target = document.project().lane(lane);
    if (!target)
        return;
    Motion motion = *part_of<Motion>(*target);
    how(motion);
    document.apply(with_motion(document.project(), lane, std::move(motion)), what);
}

QString target_text(const Project& project, const Target& target) {
    const Layer* layer = project.stage->layer(target.layer);
    const auto* row = layer_parameter(target.parameter);
    if (!layer)
        return {};
    const int number = number_of_parameter(target.parameter);
    const QString label = row ? text_of(label_of(*layer, *row)) : QString::fromStdString(target.parameter);
    return QString("%1 · %2").arg(QString::fromStdString(layer->name),
                                  number == 1 ? label : QString("%1 %2").arg(label).arg(number));
}

void fill_with_targets(QMenu* menu, const Project& project,
                       const std::function<void(const Target&)>& chosen) {
    const auto& layers = project.stage->layers;
    for (auto layer = layers.rbegin(); layer != layers.rend(); ++layer) {
        auto* of_layer = menu->addMenu(QString::fromStdString(layer->name));
        std::string_view group = "none";
        for (const auto& [effect, parameters] : drivable_of(*layer)) {
            // What it has lies open, what it might have a step further.
            QMenu* into = effect.isEmpty() ? of_layer : of_layer->addMenu(effect);
            for (const auto& parameter : parameters) {
                if (effect.isEmpty() && parameter.group != group)
                    of_layer->addSeparator();
                group = parameter.group;
                into->addAction(parameter_text(parameter), menu,
                                [chosen, id = layer->id, name = parameter.id] {
                                    chosen({id, name});
                                });
            }
        }
    }
}

QString parameter_text(const LayerParameter& parameter) {
    return parameter_text(parameter.id);
}

std::vector<std::pair<QString, std::vector<LayerParameter>>> drivable_of(const Layer& layer) {
    const auto drivable = [](const LayerParameter& parameter) {
        const auto type = parameter.spec->type;
        return type == ParamType::Number || type == ParamType::Whole || type == ParamType::Colour;
    };
    std::vector<LayerParameter> own;
    for (auto& parameter : parameters_of(layer))
        if (drivable(parameter))
            own.push_back(std::move(parameter));
    std::vector<std::pair<QString, std::vector<LayerParameter>>> all{{QString(), std::move(own)}};
    for (const auto& row : effects()) {
        if (std::any_of(layer.effects.begin(), layer.effects.end(),
                        [&](const EffectUse& use) { return use.effect == row.id; }))
            continue;
        std::vector<LayerParameter> of_effect;
        for (const auto& spec : row.parameters)
            if (const LayerParameter parameter{std::string(spec.id), &spec, row.label}; drivable(parameter))
                of_effect.push_back(parameter);
        all.emplace_back(text_of(row.label), std::move(of_effect));
    }
    return all;
}

void take_usual_unit(Feed& feed) {
    if (feed.target.layer.value != 0)
        return;
    const QString name = QString::fromStdString(feed.property).trimmed();
    for (const auto& row : layer_parameters())
        if (name.compare(text_of(row.label), Qt::CaseInsensitive) == 0 ||
            name.compare(qt_text(row.id), Qt::CaseInsensitive) == 0) {
            feed.unit = row.unit;
            feed.low = row.usual_low;
            feed.high = row.usual_high;
            return;
        }
    if (feed.unit == Feed().unit) // as it was at first
        feed.unit.clear();
}

QString parameter_text(const std::string& id) {
    const auto* spec = layer_parameter(id);
    const QString label = spec ? text_of(spec->label) : QString::fromStdString(id);
    const int number = number_of_parameter(id);
    return number == 1 ? label : QString("%1 %2").arg(label).arg(number);
}

QString unseen_text(const Project& project, const Target& target) {
    const auto* effect = effect_of_parameter(target.parameter);
    const Layer* layer = project.stage->layer(target.layer);
    if (!effect || !layer)
        return {};
    const auto& first = effect->parameters.front();
    const int number = number_of_parameter(target.parameter);
    for (const auto& amount : effect->parameters.first(static_cast<std::size_t>(effect->amounts))) {
        const Target needed{layer->id, parameter_id(amount.id, number)};
        if (needed.parameter == target.parameter ||
            LayerValues(*layer).of(needed.parameter) != amount.initial)
            return {};
        for (const auto& lane : project.lanes)
            if (part_of<Motion>(*lane) && !lane->muted)
                for (const auto& feed : feeds_of(*lane))
                    if (feed.target == needed)
                        return {};
    }
    return QObject::tr("Nothing will be seen: “%1” of %2 is %3")
        .arg(text_of(first.label), QString::fromStdString(layer->name))
        .arg(first.initial);
}

QString usual_lead(const Target& target) {
    if (target.parameter.empty())
        return {};
    const auto* effect = effect_of_parameter(target.parameter);
    return effect ? text_of(effect->usual_lead) : QObject::tr("2 to 3 frames for eased moves");
}

} // namespace pulsepin
