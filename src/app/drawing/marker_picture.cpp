// SPDX-License-Identifier: GPL-3.0-or-later
#include "drawing/marker_picture.h"

#include "drawing/timeline/pin_heads.h"
#include "kinds/kinds.h"
#include "model/marker_looks.h"
#include "parts/fields.h"
#include "parts/palette.h"

#include <QPainter>

namespace pulsepin {

QPixmap marker_picture(int colour, int symbol) {
    QPixmap picture(16, 16);
    picture.fill(Qt::transparent);
    QPainter painter(&picture);
    HeadLook look;
    look.kind = kind_of(body_type<MarkerBody>);
    look.colour = colour;
    look.symbol = symbol;
    draw_head(painter, look, {8, 8}, night_palette());
    return picture;
}

void fill_with_colours(QComboBox* box) {
    const auto rows = marker_colours();
    for (std::size_t i = 0; i < rows.size(); ++i)
        box->addItem(marker_picture(static_cast<int>(i), 0), text_of(rows[i].label), static_cast<int>(i));
}

void fill_with_symbols(QComboBox* box) {
    const auto rows = marker_symbols();
    for (std::size_t i = 0; i < rows.size(); ++i)
        box->addItem(marker_picture(0, static_cast<int>(i)), text_of(rows[i].label), static_cast<int>(i));
}

} // namespace pulsepin
