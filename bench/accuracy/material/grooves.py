# SPDX-License-Identifier: GPL-3.0-or-later
"""Accompaniments in many styles, arranged from the groove library of the package mma."""
import glob
import os
import re
import subprocess
import tempfile

import mido

from .score import Piece
from .tempo import moving, usual_tempo

LIBRARY = '/usr/share/mma/lib'
ROOTS = ['C', 'Db', 'D', 'Eb', 'E', 'F', 'Gb', 'G', 'Ab', 'A', 'Bb', 'B']
KINDS = ['', '', 'm', 'm', '7', 'm7', 'M7', 'm7b5', 'dim', 'sus4', '6']
TURNS = ['0 9m 5 7', '0 7 9m 5', '2m 7 0 0', '9m 5 0 7', '0 0 5 0 7 5 0 7', '4m 0 7 2', '0m 8 3 10', '5 2m 10 0',
         '0 5 0 7', '0m 0m 5m 7', '0 4m 5 5m', '0 10 5 0', '0m 3 8 7', '2m7 5 0M7 9m7']
LEADS = [0, 4, 11, 24, 25, 27, 30, 40, 56, 60, 65, 66, 68, 71, 73, 75, 80, 81]


def library(set_aside):
    """[(file stem, time, [groove names])] of what can be arranged. `set_aside` holds groove names (lower case,
    "library:name") that must not be used; a file that defines one of them is left out whole."""
    found = []
    for path in sorted(glob.glob(LIBRARY + '/*/*.mma')):
        folder = os.path.basename(os.path.dirname(path))
        text = open(path, errors='replace').read()
        names = re.findall(r'^\s*DefGroove\s+(\S+)', text, re.I | re.M)
        time = re.search(r'^\s*Time\s+(\d+)', text, re.I | re.M)
        signature = re.search(r'^\s*Timesig\s+(\d+)[ /](\d+)', text, re.I | re.M)
        full = lambda n: (folder if folder != 'stdlib' else '') + ':' + n
        if not names or any(full(n).lower() in set_aside for n in names) or 'metronome' in path:
            continue
        beats = int(time.group(1)) if time else 4
        compound = beats == 6 and bool(signature is None or signature.group(2) == '8')
        plain = [n for n in names if not re.search(r'(intro|end|fill)', n, re.I)]
        fills = [n for n in names if re.search(r'fill', n, re.I)]
        if plain and beats in (2, 3, 4, 5, 6):
            prefix = (folder + ':') if folder != 'stdlib' else ''
            found.append(dict(stem=folder + '/' + os.path.basename(path)[:-4], beats=beats,
                              felt=3 if compound else 1, grooves=[prefix + n for n in plain],
                              fills=[prefix + n for n in fills]))
    return found


def chords(rng, bars):
    key = rng.integers(12)
    turn = rng.choice(TURNS).split()
    other = rng.choice(TURNS).split()
    free = rng.random() < 0.2
    out = []
    for bar in range(bars):
        if free and bar % 4 == 0:
            turn = [f'{rng.integers(12)}{rng.choice(KINDS)}' for _ in range(4)]
        degree = (turn if (bar // 8) % 4 != 2 else other)
        m = re.match(r'(\d+)(.*)', degree[bar % len(degree)])
        out.append((int(m.group(1)) + int(key), m.group(2)))
    return out


def lead_line(rng, piece, bars, per_bar, progression, swing):
    channel = 0
    piece.program(channel, rng.choice(LEADS))
    piece.control(channel, 7, rng.integers(70, 110))
    half = 2 / 3 if swing else 0.5
    note = 72
    figure = []
    for bar in range(bars):
        if bar % 8 in (6, 7) and rng.random() < 0.5:
            continue
        if bar % 2 == 0 or not figure:
            figure = []
            for q in range(per_bar):
                u = rng.random()
                figure += [q] if u < 0.35 else [q, q + half] if u < 0.6 else [q + half] if u < 0.75 else []
        root, kind = progression[bar]
        tones = [root, root + (3 if kind.startswith('m') else 4), root + 7]
        for i, p in enumerate(figure):
            options = [60 + 12 * o + t % 12 for t in tones for o in (0, 1)] + [note + 2, note - 2]
            note = min(options, key=lambda c: abs(c - note) + rng.random() * 5)
            note = int(min(90, max(55, note)))
            until = figure[i + 1] if i + 1 < len(figure) else per_bar
            piece.note(bar * per_bar + p + rng.normal(0, 0.006) if p else bar * per_bar, max(0.1, (until - p) * 0.9),
                       channel, note, rng.integers(65, 110))


def make(rng, entry, name, seconds):
    """A piece of that many seconds or a little more from one file of the library."""
    groove = str(rng.choice(entry['grooves']))
    per_bar = entry['beats']
    bpm = usual_tempo(rng, entry['stem'] + ' ' + groove)
    felt = entry['felt']
    bars = max(8, int(round(seconds * bpm * felt / 60 / per_bar / 4)) * 4)
    progression = chords(rng, bars)
    other = str(rng.choice(entry['grooves']))
    fill = str(rng.choice(entry['fills'])) if entry['fills'] and rng.random() < 0.8 else None
    phrase = int(rng.choice([4, 8]))
    lines, current = [f'RndSeed {rng.integers(100000)}', f'Tempo {int(min(400, bpm * felt))}'], None
    for bar, (root, kind) in enumerate(progression):
        want = groove if (bar // phrase) % 2 == 0 else other
        if fill and bar % phrase == phrase - 1:
            want = fill
        if want != current:
            lines.append('Groove ' + want)
            current = want
        line = f'{bar + 1} {ROOTS[root % 12]}{kind}'
        if per_bar == 4 and felt == 1 and rng.random() < 0.12:
            nxt, k = progression[(bar + 1) % bars]
            line += f' / {ROOTS[nxt % 12]}{k} /'
        lines.append(line)
    with tempfile.TemporaryDirectory() as folder:
        for attempt in (lines, [re.sub(r'^(\d+ \S+) / .*', r'\1', line) for line in lines]):
            open(folder + '/a.mma', 'w').write('\n'.join(attempt) + '\n')
            done = subprocess.run(['mma', folder + '/a.mma', '-f', folder + '/a.mid'], stdout=subprocess.PIPE,
                                  stderr=subprocess.STDOUT)
            if done.returncode == 0 and os.path.exists(folder + '/a.mid'):
                break
        else:
            return None
        midi = mido.MidiFile(folder + '/a.mid', clip=True)
    piece = Piece(name, f'mma {entry["stem"]} {groove}')
    ppq = midi.ticks_per_beat
    total = bars * per_bar
    for track in midi.tracks:
        tick = 0
        for message in track:
            tick += message.time
            if message.is_meta or message.type == 'sysex':
                continue
            order = 0 if message.type == 'note_off' or (message.type == 'note_on' and message.velocity == 0) else \
                2 if message.type == 'note_on' else 1
            if order != 2 or tick / ppq < total:
                piece.messages.append((tick / ppq, order, message.copy(time=0)))
    swing = bool(re.search(r'swing|jazz|128|shuffle|68', groove, re.I))
    if rng.random() < 0.5 and felt == 1:
        lead_line(rng, piece, bars, per_bar, progression, swing)
    revoice(rng, piece)
    piece.beats = [b for b in range(0, total, felt)]
    piece.downbeats = [b * per_bar for b in range(bars)]
    piece.length = float(total)
    # The clock counts the library's beats, of which a felt beat may have three.
    steps, kind = moving(rng, bpm, piece.beats, piece.downbeats, piece.length)
    piece.tempo = [(b, t * felt) for b, t in steps]
    piece.metre = f'{per_bar}/{8 if felt == 3 else 4}'
    return piece, kind


def revoice(rng, piece):
    """Other instruments and balances, so that no style has one sound."""
    used = {m.channel for _, o, m in piece.messages if o == 2}
    silent = set()
    kit = 0
    if 9 in used:
        u = rng.random()
        if u < 0.08 and len(used) > 1:
            silent.add(9)
        elif u < 0.13:
            silent |= used - {9}
        elif u < 0.5:
            kit = int(rng.choice([8, 16, 24, 25, 26, 32, 40]))
    for channel in used - {9}:
        if rng.random() < 0.10 and len(used - silent) > 2:
            silent.add(channel)
    change = {c: int(rng.integers(0, 96)) for c in used - {9} if rng.random() < 0.3}
    no_hats = rng.random() < 0.06
    out = []
    for beat, order, message in piece.messages:
        if message.channel in silent:
            continue
        if no_hats and message.type in ('note_on', 'note_off') and message.channel == 9 and message.note in (42, 44, 46):
            continue
        if message.type == 'program_change' and message.channel in change:
            message = message.copy(program=change[message.channel])
        out.append((beat, order, message))
    piece.messages = out
    if kit:
        piece.program(9, kit)
    for channel in used:
        piece.control(channel, 11, rng.integers(55, 128))
