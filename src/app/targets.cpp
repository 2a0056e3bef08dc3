// SPDX-License-Identifier: GPL-3.0-or-later
#include "targets.h"

#include "fields.h"
#include "follow/feeds.h"
#include "model/lane_edits.h"
#include "stage/effects.h"

namespace pulsepin {

void change_motion(Document& document, LaneId lane, const QString& what,
                   const std::function<void(Motion&)>& how) {
    const Lane* target = document.project().lane(lane);
    if (!target)
        return;
    Motion motion = *target->motion;
    how(motion);
    document.apply(with_motion(document.project(), lane, std::move(motion)), what);
}

QString target_text(const Project& project, const Target& target) {
    const Layer* layer = project.stage->layer(target.layer);
    const auto* row = layer_parameter(target.parameter);
    if (!layer)
        return {};
    return QString("%1 · %2").arg(QString::fromStdString(layer->name),
                                  row ? text_of(row->label) : QString::fromStdString(target.parameter));
}

void fill_with_targets(QMenu* menu, const Project& project,
                       const std::function<void(const Target&)>& chosen) {
    const auto& layers = project.stage->layers;
    for (auto layer = layers.rbegin(); layer != layers.rend(); ++layer) {
        auto* of_layer = menu->addMenu(QString::fromStdString(layer->name));
        const EffectRow* group = nullptr;
        for (const auto& row : layer_parameters()) {
            const auto* effect = effect_of_parameter(row.id);
            if (effect != group)
                of_layer->addSeparator();
            group = effect;
            of_layer->addAction(text_of(row.label), menu,
                                [chosen, id = layer->id, name = std::string(row.id)] {
                                    chosen({id, name});
                                });
        }
    }
}

void take_usual_unit(Feed& feed) {
    if (feed.target.layer.value != 0)
        return;
    const QString name = QString::fromStdString(feed.property).trimmed();
    for (const auto& row : layer_parameters())
        if (name.compare(text_of(row.label), Qt::CaseInsensitive) == 0 ||
            name.compare(text_of(row.id), Qt::CaseInsensitive) == 0) {
            feed.unit = row.unit;
            feed.low = row.usual_low;
            feed.high = row.usual_high;
            return;
        }
    if (feed.unit == Feed().unit) // as it was at first
        feed.unit.clear();
}

QString unseen_text(const Project& project, const Target& target) {
    const auto* effect = effect_of_parameter(target.parameter);
    const Layer* layer = project.stage->layer(target.layer);
    if (!effect || !layer)
        return {};
    const auto& first = effect->parameters.front();
    const Target needed{layer->id, std::string(first.id)};
    if (first.id == target.parameter || LayerValues(layer->values).of(first.id) != first.initial)
        return {};
    for (const auto& lane : project.lanes)
        if (lane->motion && !lane->muted)
            for (const auto& feed : feeds_of(*lane))
                if (feed.target == needed)
                    return {};
    return QObject::tr("Nothing will be seen: “%1” of %2 is %3")
        .arg(text_of(first.label), QString::fromStdString(layer->name))
        .arg(first.initial);
}

Feed new_feed(const Project& project, const Target& target) {
    Feed feed;
    const auto* row = layer_parameter(target.parameter);
    feed.property = target_text(project, target).toStdString();
    feed.target = target;
    if (row) {
        feed.unit = row->unit;
        // From what the layer has by itself, as far as is usual.
        const Layer* layer = project.stage->layer(target.layer);
        const auto own = layer ? layer->values.find(target.parameter) : decltype(layer->values.end()){};
        const double from = layer && own != layer->values.end() ? own->second : row->usual_low;
        feed.low = from;
        feed.high = std::clamp(from + row->usual_high - row->usual_low, row->least, row->most);
        feed.limits = Feed::Limits{row->least, row->most};
    }
    return feed;
}

QString usual_lead(const Target& target) {
    if (target.parameter.empty())
        return {};
    const auto* effect = effect_of_parameter(target.parameter);
    return effect ? text_of(effect->usual_lead) : QObject::tr("2 to 3 frames for eased moves");
}

} // namespace pulsepin
