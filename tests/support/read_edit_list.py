# Reads an edit list with two libraries that know nothing of us, and says what they found, a line each.
import sys

import opentimelineio as otio
import pycmx

with open(sys.argv[1], encoding="utf-8") as file:
    edits = pycmx.parse_cmx3600(file)
print("title", edits.title)
for event in edits.events:
    for edit in event.edits:
        print("edit", event.number, "V" if edit.channels.video else "A", edit.transition.kind, edit.transition.operand,
              edit.source_in, edit.source_out, edit.record_in, edit.record_out, edit.clip_name)
timeline = otio.adapters.read_from_file(sys.argv[1], rate=float(sys.argv[2]))
for track in timeline.tracks:
    for child in track:
        if isinstance(child, otio.schema.Clip):
            print("clip", track.kind, child.name, int(child.source_range.start_time.value), int(child.source_range.duration.value),
                  *[f"{effect.time_scalar:g}" for effect in child.effects if hasattr(effect, "time_scalar")])
        elif isinstance(child, otio.schema.Transition):
            print("transition", int(child.in_offset.value + child.out_offset.value))
