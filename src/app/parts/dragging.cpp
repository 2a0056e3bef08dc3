// SPDX-License-Identifier: GPL-3.0-or-later
#include "parts/dragging.h"

#include "schedule/pulses.h"

#include <QDrag>
#include <QPixmap>
#include <QWidget>

namespace pulsepin {
namespace {

const char* const format = "application/x-pulsepin-item";

template <class Id>
QString told(const char* kind, Id id) {
    return QString("%1 %2").arg(kind).arg(id.value);
}

} // namespace

QMimeData* mime_of(const Dragged& item) {
    QString text;
    if (const auto* clip = std::get_if<ClipId>(&item))
        text = told("clip", *clip);
    else if (const auto* layer = std::get_if<LayerId>(&item))
        text = told("layer", *layer);
    else if (const auto* pulse = std::get_if<Pulse>(&item))
        text = "pulse " + QString::fromStdString(pulse->name);
    else if (const auto* word = std::get_if<WaitingWord>(&item))
        text = QString("word %1").arg(word->place);
    else if (const auto* target = std::get_if<Target>(&item))
        text = told("parameter", target->layer) + " " + QString::fromStdString(target->parameter);
    else if (const auto* row = std::get_if<RowOfOnsets>(&item))
        text = "onsets " + QString::fromStdString(row->name);
    else if (const auto* ready = std::get_if<ReadyThing>(&item))
        text = "ready " + QString::fromStdString(ready->name);
    auto* mime = new QMimeData;
    mime->setData(format, text.toUtf8());
    return mime;
}

bool is_dragged(const QMimeData* mime) {
    return mime->hasFormat(format);
}

std::optional<Dragged> dragged_in(const QMimeData* mime, const Project& project) {
    if (!is_dragged(mime))
        return std::nullopt;
    const QString text = QString::fromUtf8(mime->data(format));
    const QString kind = text.section(' ', 0, 0), rest = text.section(' ', 1);
    if (kind == "clip")
        return ClipId{rest.toULongLong()};
    if (kind == "layer")
        return LayerId{rest.toULongLong()};
    if (kind == "word")
        return WaitingWord{rest.toInt()};
    if (kind == "onsets")
        return RowOfOnsets{rest.toStdString()};
    if (kind == "ready")
        return ReadyThing{rest.toStdString()};
    if (kind == "parameter")
        return Target{LayerId{rest.section(' ', 0, 0).toULongLong()}, rest.section(' ', 1).toStdString()};
    if (kind != "pulse")
        return std::nullopt;
    const auto is_it = [name = rest.toStdString()](const Pulse& pulse) { return pulse.name == name; };
    const auto shipped = pulse_library();
    if (const auto own = std::find_if(project.pulses->begin(), project.pulses->end(), is_it);
        own != project.pulses->end())
        return *own;
    const auto found = std::find_if(shipped.begin(), shipped.end(), is_it);
    return found == shipped.end() ? std::nullopt : std::optional<Dragged>(*found);
}

void drag(QWidget* from, const Dragged& item, const QPixmap& picture) {
    auto* dragging = new QDrag(from); // Qt deletes it
    dragging->setMimeData(mime_of(item));
    if (!picture.isNull())
        dragging->setPixmap(picture);
    dragging->exec(Qt::CopyAction);
}

} // namespace pulsepin
