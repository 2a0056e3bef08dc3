# SPDX-License-Identifier: GPL-3.0-or-later
"""Tunes that packages ship as Standard MIDI Files, or as lumps of a game's archive; beats from their tempo map where the notes agree with
it."""
import glob
import gzip
import io
import struct

import mido
import numpy as np

from .score import KICK, SNARE, Piece

FOLDERS = ['/usr/share/games/simutrans/music/*.mid', '/usr/share/games/dink/dink/Sound/*.mid',
           '/usr/share/doc/playmidi/examples/*.mid.gz', '/usr/share/doc/pianobooster/courses/*/*.mid*',
           '/usr/share/games/crimson/music/*.mid', '/usr/share/games/liquidwar/music/*.mid',
           '/usr/share/perl5/auto/share/dist/Games-PangZero/*.mid', '/usr/share/kobo-deluxe/sfx/trance1.mid',
           '/usr/share/mma/lib/stdlib/*.mid']


def files():
    return sorted(f for pattern in FOLDERS for f in glob.glob(pattern))


# Fast rock, metal and quiet pieces by many makers. Nothing is ever learned from these or fitted on them: they tell what to expect of a kind of
# music that was never heard.
ASIDE = ['/usr/share/games/doom/freedoom1.wad', '/usr/share/games/doom/freedoom2.wad']


def lumps_aside():
    """[(name, bytes)] of the MIDI files in archives of kind WAD: a head of 12 bytes, then names, places and sizes (as such files are laid out,
    from memory)."""
    found, known = [], set()
    for path in ASIDE:
        try:
            data = open(path, 'rb').read()
        except FileNotFoundError:
            continue
        _, count, directory = struct.unpack_from('<4sii', data)
        for i in range(count):
            at, size, name = struct.unpack_from('<ii8s', data, directory + 16 * i)
            lump = data[at:at + size]
            if lump[:4] == b'MThd' and lump not in known:
                known.add(lump)
                found.append((f"{path[-5]}_{name.rstrip(bytes(1)).decode().lower()}", lump))
    return found


def make(rng, path, name, seconds, data=None):
    data = data or (gzip.open(path).read() if path.endswith('.gz') else open(path, 'rb').read())
    midi = mido.MidiFile(file=io.BytesIO(data), clip=True)
    ppq = midi.ticks_per_beat
    piece = Piece(name, path)
    tempo, signatures = [], []
    for track in midi.tracks:
        tick = 0
        for m in track:
            tick += m.time
            if m.type == 'set_tempo':
                tempo.append((tick / ppq, 60e6 / m.tempo))
            elif m.type == 'time_signature':
                signatures.append((tick / ppq, m.numerator, m.denominator))
            elif not m.is_meta and m.type != 'sysex':
                order = 0 if m.type == 'note_off' or (m.type == 'note_on' and m.velocity == 0) else \
                    2 if m.type == 'note_on' else 1
                piece.messages.append((tick / ppq, order, m.copy(time=0)))
    tempo.sort()
    if not tempo or tempo[0][0] > 0:
        tempo.insert(0, (0.0, 120.0))
    on = np.array([(b, m.channel, m.note, m.velocity) for b, o, m in piece.messages if o == 2], float)
    if len(on) < 40:
        return None
    first = np.floor(on[:, 0].min() + 0.02)
    beats = on[:, 0]
    near = lambda s: np.abs(beats * s - np.round(beats * s)) / s < 0.04
    sixteenth = np.round(beats * 4).astype(int) % 4
    share = np.array([on[sixteenth == j, 3].sum() for j in range(4)]) / on[:, 3].sum()
    drums = on[(on[:, 1] == 9) & np.isin(on[:, 2], list(KICK | SNARE))]
    on_beat = float((np.abs(drums[:, 0] - np.round(drums[:, 0])) < 0.06).mean()) if len(drums) >= 20 else None
    if (near(4) | near(6)).mean() < 0.8 or share[0] < 0.8 * share.max() or (on_beat is not None and on_beat < 0.4):
        return None
    if signatures and any(d not in (4, 2) for _, _, d in signatures):
        return None  # what is felt as the beat would be a guess
    from .score import clock
    to_seconds = clock(tempo)
    start = float(to_seconds(first))
    whole = float(to_seconds(beats.max())) - start
    # A stretch of the tune, begun at a bar.
    bar = signatures[0][1] if signatures else 4
    skip = 0
    if whole > seconds * 1.6:
        spans = int((whole - seconds) / (float(to_seconds(first + bar)) - start + 1e-9))
        skip = int(rng.integers(0, max(1, spans))) * bar
    first += skip
    until = float(np.interp(float(to_seconds(first)) + seconds, to_seconds(np.arange(first, beats.max() + 2)),
                            np.arange(first, beats.max() + 2)))
    until = np.floor(min(until, beats.max() + 1))
    scale = float(np.exp(rng.normal(0, 0.06)))
    piece.tempo = [(0.0, scale * [t for b, t in tempo if b <= first + 1e-9][-1])] + \
        [(b - first, scale * t) for b, t in tempo if first + 1e-9 < b < until]
    messages = []
    for b, o, m in piece.messages:
        if o == 2 and not first - 1e-6 <= b < until:
            continue
        if b >= until and o != 0:
            continue
        messages.append((max(0.0, b - first), o, m))
    piece.messages = messages
    piece.length = float(until - first)
    last = max((b for b, o, _ in messages if o == 2), default=0)
    piece.beats = list(np.arange(0, np.floor(last + 0.02) + 1))
    piece.downbeats = None
    piece.metre = 'unknown'
    if signatures and all(d == 4 for _, _, d in signatures):
        position = np.full(len(piece.beats), -1)
        n0 = signatures[0][1]
        for b, n, _ in signatures:
            k = np.array(piece.beats) + first
            position = np.where(k >= round(b), (k - round(b)) % n, position).astype(int)
        weight = np.zeros(n0)
        kick = np.zeros(n0)
        for b, c, pitch, velocity in on:
            i = int(round(b - first))
            if abs(b - first - i) < 0.06 and 0 <= i < len(position) and 0 <= position[i] < n0:
                weight[position[i]] += velocity * (2 if c != 9 and pitch < 55 else 1)
                kick[position[i]] += c == 9 and pitch in KICK
        if weight[0] >= 0.95 * weight.max() or (kick.sum() > 20 and kick[0] >= kick.max() and weight[0] > 0.8 * weight.max()):
            piece.downbeats = [b for b, p in zip(piece.beats, position) if p == 0]
            piece.metre = f'{n0}/4'
    return piece, 'tune'
