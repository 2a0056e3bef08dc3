// SPDX-License-Identifier: GPL-3.0-or-later
//
// What can be added to the picture, each by an entry of a menu.
#include "pages/stops/layers_page.h"

#include "kinds/kinds.h"
#include "kinds/layer_kinds.h"
#include "model/shape_outline.h"
#include "model/stage_edits.h"
#include "session/core_words.h"

#include <QMenu>
#include <QTimer>

namespace pulsepin {

void LayersPage::take(const Result<WithLayer>& made, const QString& what) {
    if (!made)
        return document_.say(spoken(made.error()));
    if (!document_.apply(Result<Project>(made->project), what))
        return;
    view_.choose_layer(made->layer);
    if (made->lane.value != 0)
        view_.choose_lane(made->lane);
}

/// What is drawn and needs nothing but itself.
void LayersPage::add_drawn(QMenu* menu) {
    for (const LayerKind kind : layer_kinds())
        if (!kind->added_as.empty())
            menu->addAction(text_of(kind->added_as), this, [this, kind] {
                Layer made = new_layer(kind);
                made.name = text_of(made.name).toStdString();
                add(std::move(made), tr("add %1").arg(text_of(kind->added_as).toLower()));
            });
    auto* shapes = menu->addMenu(tr("Shape"));
    for (const auto& [shape, round, points] : shape_outlines())
        shapes->addAction(text_of(shape), this, [this, shape] {
            Layer made{{}, layers::shape, std::string(shape)};
            made.shape = shape;
            add(std::move(made), tr("add shape"));
        });
    menu->addAction(tr("Ring"), this, [this] {
        Layer made{{}, layers::shape, tr("Ring").toStdString()};
        made.values = {{"fill", 0}, {"line-width", 10}};
        add(std::move(made), tr("add ring"));
    });
    menu->addAction(tr("Area of one colour"), this, [this] {
        Layer made{{}, layers::shape, tr("Area").toStdString()};
        made.shape = "square";
        made.colour = {0x1f2430};
        const auto& settings = *document_.project().settings;
        made.values = {
            {"scale-x", 100.0 * settings.picture_width / (2 * shape_radius(settings.picture_height))},
            {"scale-y", 100.0 * settings.picture_height / (2 * shape_radius(settings.picture_height))}};
        add(std::move(made), tr("add area"));
    });
    menu->addAction(tr("Line, drawn in the picture"), this, [this] {
        Layer made{{}, layers::line, tr("Line").toStdString()};
        add(std::move(made), tr("add line"));
        emit draw_wanted();
    });
    auto* spectrum = menu->addMenu(tr("Spectrum"));
    for (const int bands : {6, 8, 12, 16, 24, 32})
        spectrum->addAction(tr("%1 bars").arg(bands), this, [this, bands] {
            take(with_spectrum(document_.project(), kind_that_follows(), bands, tr("Spectrum").toStdString()),
                 tr("add spectrum"));
        });
    menu->addAction(tr("Waveform"), this, [this] {
        take(with_waveform(document_.project(), kind_that_follows(), tr("Waveform").toStdString()),
             tr("add waveform"));
    });
    menu->addAction(tr("Titles from the markers’ names"), this, [this] {
        std::vector<PinId> markers;
        for (const auto& lane : document_.project().lanes)
            if (holds<MarkerBody>(lane->kind))
                for (const auto& pin : lane->pins)
                    if (view_.selection().empty() || view_.selection().contains(pin.id))
                        markers.push_back(pin.id);
        take(with_titles_of_markers(document_.project(), markers, kind_of(body_type<AppearanceBody>),
                                    tr("Titles").toStdString()),
             tr("titles from markers"));
    });
}

void LayersPage::fill_add_menu(QMenu* menu) {
    menu->clear();
    menu->addAction(tr("Something ready…"), this, [this] {
        QTimer::singleShot(0, this, &LayersPage::choose_ready);
    }); // when the menu is gone
    menu->addSeparator();
    add_drawn(menu);
    menu->addSeparator();
    add_sources(menu);
}

void LayersPage::add_sources(QMenu* menu) {
    auto* pictures = menu->addMenu(tr("Picture"));
    for (const auto& clip : *document_.project().bin)
        if (clip.has_picture)
            pictures->addAction(QString::fromStdString(clip.name), this,
                                [this, id = clip.id, name = clip.name] {
                                    Layer made{{}, layers::picture, name};
                                    made.picture = id;
                                    add(std::move(made), tr("add picture"));
                                });
    pictures->setEnabled(!pictures->isEmpty());
    auto* cuts = menu->addMenu(tr("Shots of a lane"));
    for (const auto& lane : document_.project().lanes)
        if (holds<CutBody>(lane->kind))
            cuts->addAction(QString::fromStdString(lane->name), this,
                            [this, id = lane->id, name = lane->name] {
                                Layer made{{}, layers::shots, name};
                                made.cuts = id;
                                add(std::move(made), tr("add shots"));
                            });
    cuts->setEnabled(!cuts->isEmpty());
}

} // namespace pulsepin
