#!/usr/bin/python3
# SPDX-License-Identifier: GPL-3.0-or-later
"""Composes "Over the Levee", renders it, and writes what is true about it beside it.

Needs Debian's fluidsynth, fluid-soundfont-gm, espeak-ng and ffmpeg. Writes over-the-levee.opus and
over-the-levee.truth.json into the folder of this script. Nothing here is random.
"""
import array
import json
import pathlib
import struct
import subprocess
import tempfile
import wave

HERE = pathlib.Path(__file__).resolve().parent
RATE = 48000
TICKS = 480
TEMPO = 118.0
LEAD_IN = 0.40  # seconds before bar 1
SOUNDFONT = "/usr/share/sounds/sf2/FluidR3_GM.sf2"

SECTIONS = [("verse", 1), ("lift", 9), ("chorus", 13), ("bridge", 21), ("chorus", 25), ("ending", 29)]
LAST_BAR = 30  # its end is the last chord
SLOWING = {29: [117, 115, 112, 108], 30: [103, 97, 90, 82]}  # beats a minute, beat by beat

DRUMS, BASS, GUITAR, PIANO, STRINGS, LEAD = 9, 0, 1, 2, 3, 4
PROGRAMMES = {BASS: 33, GUITAR: 25, PIANO: 4, STRINGS: 48, LEAD: 73}
KICK, SNARE, HAT, OPEN_HAT, CRASH, TOM = 36, 38, 42, 46, 49, 45

CHORDS = {
    "D": (38, (62, 66, 69)), "A": (33, (61, 64, 69)), "Bm": (35, (59, 62, 66)), "G": (31, (59, 62, 67)),
    "Em": (40, (59, 64, 67)),
}
PROGRESSIONS = {
    "verse": ["D", "A", "Bm", "G"], "lift": ["Em", "G", "Bm", "A"], "chorus": ["G", "A", "D", "Bm"],
    "bridge": ["Em", "G", "Bm", "A"], "ending": ["G", "A"],
}
MELODY = {  # beat in a two-bar phrase -> note
    "verse": [(0, 74), (1.5, 76), (2, 78), (4, 76), (5.5, 74), (6, 73)],
    "chorus": [(0, 79), (1, 78), (2, 81), (3.5, 79), (4, 78), (5, 76), (6, 74), (7, 76)],
}
WORDS = [  # word, bar, beat
    ("pull", 3, 1), ("the", 3, 2), ("line", 3, 3), ("and", 4, 1), ("let", 4, 2), ("it", 4, 3), ("rise", 4, 4),
    ("high", 7, 1), ("over", 7, 3), ("the", 8, 1), ("levee", 8, 2),
    ("let", 13, 1), ("it", 13, 2), ("rise", 13, 3), ("over", 15, 1), ("the", 15, 3), ("levee", 16, 1),
    ("let", 25, 1), ("it", 25, 2), ("rise", 25, 3),
]


def section_of(bar):
    return [name for name, first in SECTIONS if first <= bar][-1]


def tick(bar, beat):
    """Bars and beats from 1; beats may be fractions."""
    return round(((bar - 1) * 4 + (beat - 1)) * TICKS)


class Notes:
    def __init__(self):
        self.events = []  # tick, order, bytes

    def add(self, channel, note, at, length, velocity):
        self.events.append((at, 1, bytes([0x90 | channel, note, velocity])))
        self.events.append((at + max(length, 10), 0, bytes([0x80 | channel, note, 0])))


def compose():
    notes = Notes()
    for bar in range(1, LAST_BAR + 1):
        section = section_of(bar)
        first = [b for name, b in SECTIONS if b <= bar][-1]
        chord = PROGRESSIONS[section][(bar - first) % len(PROGRESSIONS[section])]
        root, voices = CHORDS[chord]
        drums(notes, section, bar, first)
        bass(notes, section, bar, root)
        for i, voice in enumerate(voices):
            if section in ("lift", "bridge", "chorus", "ending"):
                notes.add(STRINGS, voice, tick(bar, 1), 4 * TICKS - 20, 58 if section == "lift" else 46)
            if section == "lift":  # an arpeggio in eighths keeps the pulse going without drums
                for eighth in range(8):
                    if eighth % 3 == i:
                        notes.add(PIANO, voice + 12, tick(bar, 1 + eighth / 2), TICKS // 2, 72 + 3 * (bar - first))
            elif section == "bridge":
                notes.add(PIANO, voice, tick(bar, 1), 2 * TICKS, 70)
                notes.add(PIANO, voice, tick(bar, 3 + 2 / 3), TICKS, 62)
            else:
                for beat in (1, 2, 3, 4):
                    notes.add(GUITAR, voice, tick(bar, beat) , TICKS // 3, 84 if beat % 2 == 0 else 66)
        if section in MELODY and (bar - first) % 2 == 0:
            for beat, note in MELODY[section]:
                notes.add(LEAD, note, tick(bar, 1 + beat), TICKS - 40, 80)
    end = tick(LAST_BAR + 1, 1)
    for note in (38, 50, 62, 66, 69, 74):
        notes.add(STRINGS if note > 55 else BASS, note, end, 4 * TICKS, 90)
    notes.add(DRUMS, KICK, end, 60, 110)
    notes.add(DRUMS, CRASH, end, 60, 100)
    return notes


def drums(notes, section, bar, first):
    def hit(note, beat, velocity):
        notes.add(DRUMS, note, tick(bar, beat), 40, velocity)

    if section == "lift":
        return
    if section == "bridge":  # triplets, snare on three: half as fast to the ear
        hit(KICK, 1, 112)
        hit(SNARE, 3, 108)
        for beat in (1, 2, 3, 4):
            hit(HAT, beat, 84)
            hit(HAT, beat + 2 / 3, 60)
        return
    busy = section == "chorus"
    for beat in (1, 3):
        hit(KICK, beat, 118)
    for beat in (2, 4):
        hit(SNARE, beat, 112)
    if busy:
        hit(KICK, 2.5, 96)
    for eighth in range(8):
        hit(HAT, 1 + eighth / 2, 88 if eighth % 2 == 0 else 62)
    if bar == first and section in ("chorus", "ending"):
        hit(CRASH, 1, 110)
    if bar + 1 in [b for _, b in SECTIONS] and section != "ending":
        for sixteenth in range(4):
            hit(TOM, 4 + sixteenth / 4, 90 + 6 * sixteenth)


def bass(notes, section, bar, root):
    if section == "lift":
        notes.add(BASS, root, tick(bar, 1), 4 * TICKS - 20, 78)
    elif section == "bridge":
        notes.add(BASS, root, tick(bar, 1), 2 * TICKS, 96)
        notes.add(BASS, root + 7, tick(bar, 3), TICKS, 84)
    else:
        for eighth in range(8):
            pitch = root + (12 if eighth in (3, 7) else 0)
            notes.add(BASS, pitch, tick(bar, 1 + eighth / 2), TICKS // 2 - 30, 100 if eighth % 4 == 0 else 80)


def tempo_map():
    """Tick and beats a minute of each change."""
    changes = [(0, TEMPO)]
    for bar, tempi in sorted(SLOWING.items()):
        changes += [(tick(bar, beat + 1), bpm) for beat, bpm in enumerate(tempi)]
    return [(at, round(60e6 / bpm)) for at, bpm in changes]  # microseconds a beat, as the file holds them


def seconds_at(position):
    """Time of a tick from bar 1, by the tempo map alone."""
    total, changes = 0.0, tempo_map()
    for i, (at, micros) in enumerate(changes):
        until = changes[i + 1][0] if i + 1 < len(changes) else position
        if position <= at:
            break
        total += (min(position, until) - at) * micros / 1e6 / TICKS
    return total


def variable(number):
    out = [number & 0x7F]
    while number := number >> 7:
        out.append(0x80 | (number & 0x7F))
    return bytes(reversed(out))


def write_midi(path, notes, tempi):
    events = [(at, -1, b"\xff\x51\x03" + micros.to_bytes(3, "big")) for at, micros in tempi]
    events += [(0, -1, bytes([0xC0 | channel, programme])) for channel, programme in PROGRAMMES.items()]
    events += notes.events
    track, now = b"", 0
    for at, _, data in sorted(events, key=lambda e: (e[0], e[1])):
        track += variable(at - now) + data
        now = at
    track += variable(TICKS * 2) + b"\xff\x2f\x00"
    path.write_bytes(b"MThd" + struct.pack(">IHHH", 6, 0, 1, TICKS) + b"MTrk" + struct.pack(">I", len(track)) + track)


def read_wave(path):
    """Samples as floats, a list per channel."""
    with wave.open(str(path)) as f:
        raw = array.array("h", f.readframes(f.getnframes()))
        channels = f.getnchannels()
        return f.getframerate(), [[s / 32768 for s in raw[c::channels]] for c in range(channels)]


def synthesise(folder, name, notes, tempi):
    midi, out = folder / f"{name}.mid", folder / f"{name}.wav"
    write_midi(midi, notes, tempi)
    subprocess.run(["fluidsynth", "-ni", "-q", "-g", "0.55", "-r", str(RATE), "-R", "1", "-C", "0",
                    "-F", str(out), SOUNDFONT, str(midi)], check=True, capture_output=True)
    return read_wave(out)[1]


def first_sound(samples, share):
    level = share * max(abs(s) for s in samples)
    return next(i for i, s in enumerate(samples) if abs(s) > level)


def synthesiser_delay(folder):
    """Samples from a note's tick to its sound, measured on a rim shot."""
    probe = Notes()
    probe.add(DRUMS, 37, TICKS, 40, 120)
    sound = synthesise(folder, "probe", probe, [(0, round(60e6 / TEMPO))])[0]
    return first_sound(sound, 0.1) - round(60 / TEMPO * RATE)


def spoken(folder, word):
    """The word as samples that start when it starts to be heard."""
    out = folder / f"{word}.wav"
    subprocess.run(["espeak-ng", "-v", "en-us+f2", "-s", "165", "-p", "62", "-w", str(out), word], check=True)
    rate, channels = read_wave(out)
    samples = channels[0][first_sound(channels[0], 0.08):]
    step = rate / RATE
    length = int((len(samples) - 2) / step)
    resampled = []
    for i in range(length):
        place = i * step
        k = int(place)
        resampled.append(samples[k] + (samples[k + 1] - samples[k]) * (place - k))
    return resampled


def main():
    with tempfile.TemporaryDirectory() as name:
        folder = pathlib.Path(name)
        delay = synthesiser_delay(folder)
        music = synthesise(folder, "song", compose(), tempo_map())
        lead = round(LEAD_IN * RATE) - delay
        end = round((LEAD_IN + seconds_at(tick(LAST_BAR + 1, 1)) + 2.6) * RATE)
        mix = [[0.0] * end for _ in music]
        for out, samples in zip(mix, music):
            for i, s in enumerate(samples[: end - lead]):
                out[lead + i] = s
        for word, bar, beat in WORDS:
            start = round((LEAD_IN + seconds_at(tick(bar, beat))) * RATE)
            for i, s in enumerate(spoken(folder, word)):
                for out in mix:
                    out[start + i] += 0.30 * s
        fade = RATE
        for out in mix:
            for i in range(fade):
                out[end - 1 - i] *= i / fade
        gain = 0.89 / max(max(abs(s) for s in out) for out in mix)
        pcm = array.array("h", [0] * (2 * end))
        for channel, out in enumerate(mix):
            for i, s in enumerate(out):
                pcm[2 * i + channel] = round(32767 * gain * s)
        with wave.open(str(folder / "mix.wav"), "wb") as f:
            f.setnchannels(2)
            f.setsampwidth(2)
            f.setframerate(RATE)
            f.writeframes(pcm.tobytes())
        subprocess.run(["ffmpeg", "-loglevel", "error", "-y", "-i", str(folder / "mix.wav"), "-c:a", "libopus", "-b:a",
                        "128k", "-metadata", "title=Over the Levee", "-map_metadata", "-1", "-fflags", "+bitexact",
                        str(HERE / "over-the-levee.opus")], check=True)

    def when(bar, beat):
        return round(LEAD_IN + seconds_at(tick(bar, beat)), 6)

    truth = {
        "about": "What is true of over-the-levee.opus, from its score. Seconds from the first sample.",
        "duration": round(end / RATE, 6),
        "tempo": TEMPO,
        "metre": "4/4",
        "beats": [when(bar, beat) for bar in range(1, LAST_BAR + 1) for beat in (1, 2, 3, 4)] + [when(LAST_BAR + 1, 1)],
        "downbeats": [when(bar, 1) for bar in range(1, LAST_BAR + 2)],
        "sections": [{"name": name, "bar": bar, "time": when(bar, 1)} for name, bar in SECTIONS],
        "words": [{"word": word, "time": when(bar, beat)} for word, bar, beat in WORDS],
    }
    (HERE / "over-the-levee.truth.json").write_text(json.dumps(truth, indent=1) + "\n")


if __name__ == "__main__":
    main()
