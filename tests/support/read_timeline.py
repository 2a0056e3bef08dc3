# Reads a timeline with OpenTimelineIO's own library and says what it found there, a line each.
import sys

import opentimelineio as otio

timeline = otio.adapters.read_from_file(sys.argv[1])


def at(time):
    return f"{time.value:g}"


print("timeline", timeline.name, timeline.duration().rate)
for marker in timeline.tracks.markers:
    where = marker.marked_range
    print("marker", marker.name, marker.color, at(where.start_time), at(where.duration), marker.comment)
for track in timeline.tracks:
    print("track", track.name, track.kind, at(track.duration()))
    for child in track:
        if isinstance(child, otio.schema.Transition):
            print("transition", child.transition_type, at(child.in_offset), at(child.out_offset))
            continue
        source = child.source_range
        line = [type(child).__name__.lower(), child.name, at(child.range_in_parent().start_time), at(source.start_time),
                at(source.duration)]
        for effect in child.effects:
            line += [type(effect).__name__, f"{effect.time_scalar:g}"]
        if isinstance(child, otio.schema.Clip):
            media = child.media_reference
            line += [type(media).__name__, getattr(media, "target_url", "")]
            if media.available_range:
                line += [at(media.available_range.duration)]
        print(*line)
