# Makes a timeline with OpenTimelineIO's own library, as another program would hand it over.
import sys

import opentimelineio as otio

RATE = 25


def time(value, rate=RATE):
    return otio.opentime.RationalTime(value, rate)


def span(start, duration, rate=RATE):
    return otio.opentime.TimeRange(time(start, rate), time(duration, rate))


def clip(name, url, start, duration, available=None):
    media = otio.schema.ExternalReference(target_url=url, available_range=available) if url else None
    return otio.schema.Clip(name=name, media_reference=media, source_range=span(start, duration))


timeline = otio.schema.Timeline(name="From elsewhere")
pictures = otio.schema.Track(name="V1", kind=otio.schema.TrackKind.Video)
pictures.append(otio.schema.Gap(source_range=span(0, 25)))
# Its timecode begins at one hour.
pictures.append(clip("river", "file:///shots/a%20river.mp4", 90000 + 50, 50, span(90000, 500)))
pictures.append(otio.schema.Transition(transition_type="SMPTE_Dissolve", in_offset=time(5), out_offset=time(6)))
slow = clip("mill", "file:///shots/mill.mov", 100, 75)
slow.effects.append(otio.schema.LinearTimeWarp(time_scalar=0.5))
pictures.append(slow)
frozen = clip("gate", None, 10, 25)
frozen.effects.append(otio.schema.FreezeFrame())
pictures.append(frozen)
timeline.tracks.append(pictures)
sounds = otio.schema.Track(name="A1", kind=otio.schema.TrackKind.Audio)
sounds.append(otio.schema.Gap(source_range=span(0, 50)))
sounds.append(clip("bell", "file:///sounds/bell.wav", 25, 50))
timeline.tracks.append(sounds)
marker = otio.schema.Marker(name="look", marked_range=span(60, 10), color=otio.schema.MarkerColor.GREEN)
marker.comment = "a second look"
timeline.tracks.markers.append(marker)
otio.adapters.write_to_file(timeline, sys.argv[1])
