# SPDX-License-Identifier: GPL-3.0-or-later
"""Pieces from a generator of drum, bass and chord patterns in many styles and metres; exact by construction.
The styles and their usual tempi are common practice, written from memory."""
import numpy as np

from .score import Piece
from .tempo import moving

# name: (usual tempi, swing share, beats per bar choices)
STYLES = {
    'rock': (92, 148, 0.03), 'half_time': (120, 170, 0.0), 'skank': (140, 178, 0.0), 'four_floor': (112, 142, 0.05),
    'break': (150, 178, 0.0), 'funk': (84, 116, 0.1), 'blast': (150, 200, 0.0), 'double_kick': (130, 190, 0.0),
    'march': (104, 128, 0.0), 'latin': (100, 190, 0.0), 'ghost': (76, 110, 0.1), 'ballad': (56, 86, 0.1),
    'hiphop': (74, 102, 0.35), 'chip': (88, 172, 0.0), 'shuffle': (96, 150, 1.0), 'reggae': (66, 92, 0.3),
    'train': (96, 140, 0.0), 'no_drums': (64, 150, 0.15), 'swing': (100, 200, 1.0), 'random': (76, 164, 0.1),
    'trap': (66, 80, 0.0), 'offbeat_bass': (124, 150, 0.0),
}


def drum_bar(rng, style, n, hats):
    """One bar of n beats: [(beat, key, velocity)]. Swing is applied later."""
    out = []
    k, s = (36, 35)[rng.random() < 0.2], (38, 40)[rng.random() < 0.3]

    def hit(at, key, vel):
        if 0 <= at < n:
            out.append((at, key, vel + rng.integers(-9, 9)))
    back = [b for b in range(n) if b % 2 == 1] if n != 3 else [[1, 2], [2], [1]][rng.integers(3)]
    if n in (5, 7):
        back = [[3], [1, 3], [2, 4] if n == 5 else [2, 4, 6]][rng.integers(3)]
    if style in ('rock', 'shuffle', 'train', 'ballad'):
        hit(0, k, 110)
        for b in range(1, n):
            if b not in back and rng.random() < 0.8:
                hit(b, k, 100)
            if rng.random() < 0.25:
                hit(b - 0.5, k, 90)
        for b in back:
            hit(b, s if style != 'ballad' or rng.random() < 0.6 else 37, 108)
        if style == 'train':
            for b in np.arange(0, n, 0.25):
                hit(b, s, 60 if b % 1 else 80)
    elif style == 'half_time':
        hit(0, k, 112)
        hit(n // 2 if n > 3 else 2, s, 112)
        for b in np.arange(0.5, n, 0.5):
            if rng.random() < 0.22:
                hit(b, k, 95)
    elif style == 'skank':
        for b in range(n):
            hit(b, k, 108)
            hit(b + 0.5, s, 108)
    elif style in ('four_floor', 'offbeat_bass'):
        for b in range(n):
            hit(b, k, 115)
            hit(b + 0.5, 46, 90)
        for b in back:
            hit(b, rng.choice([s, 39]), 100)
    elif style == 'break':
        for at in ([0, 0.5, 2.5, 2.75] if rng.random() < 0.6 else [0, 1.5, 2.5]):
            hit(at, k, 108)
        for at in [1, 3] + ([1.75, 2.25] if rng.random() < 0.6 else []):
            hit(at, s, 110 if at in (1, 3) else 70)
    elif style in ('funk', 'ghost', 'hiphop'):
        hit(0, k, 112)
        for b in np.arange(0.25, n, 0.25):
            if b not in back and rng.random() < 0.2:
                hit(b, k, 92)
        for b in back:
            hit(b, s, 110)
        if style != 'hiphop':
            for b in np.arange(0.25, n, 0.25):
                if rng.random() < 0.2:
                    hit(b, s, 42)
    elif style == 'blast':
        for b in np.arange(0, n, 0.5):
            hit(b, k, 105)
            hit(b + 0.25, s, 105)
    elif style == 'double_kick':
        for b in np.arange(0, n, 0.25 if rng.random() < 0.6 else 0.5):
            hit(b, k, 104)
        for b in back:
            hit(b, s, 114)
    elif style == 'march':
        for b in range(n):
            hit(b, k if b % 2 == 0 else s, 105)
            for off in (0.5, 0.75):
                if rng.random() < 0.5:
                    hit(b + off, s, 75)
    elif style == 'latin':
        for at in ([0, 1.5, 2] if n == 4 else [0, 1.5]):
            hit(at, k, 100)
        for at in ([0, 0.75, 1.5, 2.5, 3] if rng.random() < 0.5 else [0.5, 1, 2, 2.75, 3.5]):
            hit(at, rng.choice([37, 75]), 95)
        for at in np.arange(0, n, 0.5):
            hit(at, rng.choice([62, 63, 64]), 85)
    elif style == 'reggae':
        hit(2 if n == 4 else 1, k, 112)
        hit(2 if n == 4 else 1, 37, 100)
        if rng.random() < 0.5:
            hit(0, k, 90)
    elif style == 'trap':
        hit(0, k, 115)
        hit(n / 2, s, 112)
        for b in np.arange(0.25, n, 0.25):
            if rng.random() < 0.2:
                hit(b, k, 105)
    elif style == 'swing':
        for b in range(n):
            hit(b, k, 60)
            hit(b, 51, 100)
            if b % 2 == 1:
                hit(b + 0.5, 51, 80)
        for b in back:
            hit(b, 44, 90)
        if rng.random() < 0.5:
            hit(rng.integers(n) + 0.5, s, 80)
    elif style in ('random', 'chip'):
        slots = np.arange(0, n, 0.25)
        hit(0, k, 110)
        for b in slots[1:]:
            weight = 0.35 if b % 1 == 0 else 0.22 if b % 0.5 == 0 else 0.08
            if rng.random() < weight:
                hit(b, k, 100)
        for b in back:
            if rng.random() < 0.9:
                hit(b, s, 108)
        for b in slots:
            if rng.random() < 0.05:
                hit(b, s, 85)
    if style not in ('swing', 'latin'):
        step = hats['step']
        for b in np.arange(0, n, step) if step else []:
            accent = 95 if abs(b % 1) < 1e-6 else 72
            if rng.random() < 0.97:
                hit(b, 46 if rng.random() < hats['open'] else hats['key'], accent)
    return out


def fill_bar(rng, n):
    out = []
    start = n - rng.choice([1, 2, 2, 4]) if n > 2 else 0
    for b in np.arange(max(0, start), n, rng.choice([0.25, 0.5, 0.25, 1 / 3])):
        out.append((float(b), int(rng.choice([38, 45, 47, 48, 50, 41, 36])), rng.integers(80, 118)))
    return out


def make(rng, name, seconds):
    style = str(rng.choice(list(STYLES)))
    low, high, swing_odds = STYLES[style]
    bpm = float(rng.uniform(low, high))
    n = int(rng.choice([4, 3, 5, 7, 6, 2], p=[0.74, 0.13, 0.04, 0.03, 0.03, 0.03]))
    if style in ('break', 'reggae', 'trap', 'half_time'):
        n = 4
    swing = rng.uniform(0.56, 0.68) if rng.random() < swing_odds else 0.5
    bars = max(8, int(round(seconds * bpm / 60 / n / 4)) * 4)
    piece = Piece(name, f'pattern {style}', metre=f'{n}/4')

    def place(beat):
        whole = np.floor(beat)
        u = beat - whole
        v = u * 2 * swing if u < 0.5 else swing + (u - 0.5) * 2 * (1 - swing)
        return float(whole + v)
    human = rng.choice([0, 0, 0.004, 0.01])

    def put(bar, at, length, channel, pitch, vel):
        beat = bar * n + place(at)
        wiggle = rng.normal(0, human) * bpm / 60 if human else 0
        piece.note(max(0.0, beat + wiggle), length, channel, pitch, vel)

    hats = dict(step=float(rng.choice([0, 0.25, 0.5, 0.5, 0.5, 1])), open=rng.choice([0, 0.05, 0.15]),
                key=int(rng.choice([42, 42, 42, 44, 51, 54, 82])))
    if style == 'no_drums':
        hats['step'] = 0
    patterns = {p: [drum_bar(rng, style, n, hats) for _ in range(int(rng.choice([1, 2])))] for p in 'ABC'}
    form = rng.choice(['AAAB', 'AABB', 'ABAB', 'AABC', 'IABA', 'ABBA'])
    section = max(4, bars // 4 // 4 * 4)
    crash = rng.random() < 0.6
    fills = rng.random() < 0.7
    bass_on, chords_on, lead_on = rng.random() < 0.9, rng.random() < 0.85, rng.random() < 0.55
    bass_kind = str(rng.choice(['eighths', 'octaves', 'syncopated', 'gallop', 'as_kick', 'roots', 'walking', 'off']))
    if style == 'offbeat_bass':
        bass_kind, bass_on = 'off', True
    chord_kind = str(rng.choice(['long', 'stabs', 'off', 'arpeggio', 'strum', 'half', 'sixteenths', 'synco']))
    if style in ('reggae', 'skank'):
        chord_kind, chords_on = 'off', True
    if style == 'chip':
        chord_kind, chords_on = 'arpeggio', True
    programs = dict(bass=int(rng.choice([32, 33, 34, 35, 36, 38, 39, 80, 87])),
                    chords=int(rng.choice([0, 4, 5, 16, 18, 24, 25, 27, 28, 29, 30, 30, 48, 50, 61, 80, 81, 88, 90])),
                    lead=int(rng.choice([0, 11, 12, 22, 26, 29, 56, 65, 73, 80, 81, 84])))
    for channel, part in ((1, 'bass'), (2, 'chords'), (0, 'lead')):
        piece.program(channel, programs[part])
        piece.control(channel, 7, rng.integers(60, 118))
    piece.program(9, int(rng.choice([0, 0, 0, 8, 16, 24, 25, 26])))
    piece.control(9, 7, rng.integers(80, 124))
    key = int(rng.integers(12))
    turn = [int(rng.choice([0, 2, 3, 4, 5, 7, 8, 9, 10])) for _ in range(int(rng.choice([2, 4, 4, 8])))]
    turn[0] = 0
    minor = rng.random() < 0.5
    harmonic_bars = int(rng.choice([1, 1, 1, 2]))
    motif = [(float(b), int(rng.integers(0, 5))) for b in np.arange(0, 2 * n, 0.5) if rng.random() < 0.45]
    echo = style == 'chip' and rng.random() < 0.6
    walk = np.arange(0, n, 1.0)
    for bar in range(bars):
        part = form[min(3, bar // section)]
        drums = [] if part == 'I' or style == 'no_drums' else patterns[part][bar % len(patterns[part])]
        last_of_phrase = bar % 8 == 7 or (bar % 4 == 3 and rng.random() < 0.3)
        if drums and fills and last_of_phrase:
            extra = fill_bar(rng, n)
            start = extra[0][0]
            drums = [d for d in drums if d[0] < start] + extra
        if crash and bar % 8 == 0 and drums:
            put(bar, 0, 1, 9, 49, 110)
        for at, k, v in drums:
            put(bar, at, 0.1, 9, k, v)
        root = key + turn[bar // harmonic_bars % len(turn)]
        low_root = 28 + root % 12
        third = 3 if minor else 4
        if bass_on:
            kicks = [at for at, k, _ in drums if k in (35, 36)]
            where = dict(eighths=list(np.arange(0, n, 0.5)), octaves=list(np.arange(0, n, 0.5)),
                         syncopated=[0, 0.75, 1.5, 2.5, 3.25][:n + 1], as_kick=kicks or [0], roots=[0],
                         gallop=[b + g for b in range(n) for g in (0, 0.5, 0.75)], walking=list(walk),
                         off=[b + 0.5 for b in range(n)])[bass_kind]
            for i, at in enumerate(x for x in where if x < n):
                pitch = low_root + (12 if bass_kind == 'octaves' and i % 2 else 0) + \
                    (int(rng.choice([0, 3, 5, 7])) if bass_kind == 'walking' and i else 0)
                put(bar, at, 0.45 if bass_kind != 'roots' else n * 0.9, 1, pitch, rng.integers(80, 112))
        if chords_on:
            tones = [52 + (root + t) % 12 for t in (0, third, 7)]
            if chord_kind in ('long', 'half'):
                for at in ([0] if chord_kind == 'long' else [0, n / 2]):
                    for t in tones:
                        put(bar, at, n * 0.9 if chord_kind == 'long' else n * 0.45, 2, t, rng.integers(60, 96))
            elif chord_kind == 'strum':
                for at in [0, 1, 1.5, 2.5, 3, 3.5][:n + 1]:
                    for i, t in enumerate(tones):
                        put(bar, min(n - 0.01, at + i * 0.015), 0.4, 2, t, rng.integers(65, 100))
            elif chord_kind in ('arpeggio', 'sixteenths'):
                step = 0.25 if chord_kind == 'sixteenths' or rng.random() < 0.6 else 0.5
                for i, at in enumerate(np.arange(0, n, step)):
                    put(bar, at, step * 0.8, 2, tones[i % 3] + (12 if i % 4 == 3 else 0), rng.integers(65, 95))
                    if echo:
                        put(bar, at + 0.75, step * 0.8, 3, tones[i % 3] + (12 if i % 4 == 3 else 0), rng.integers(30, 50))
            else:
                where = dict(stabs=list(range(n)), off=[b + 0.5 for b in range(n)], synco=[0, 1.5, 2.75])[chord_kind]
                for at in where:
                    for t in tones:
                        if at < n:
                            put(bar, at, 0.3, 2, t, rng.integers(70, 105))
        if lead_on and part != 'I' and bar % 2 == 0 and bar + 1 < bars:
            scale = [0, 3 if minor else 2, 5, 7, 10 if minor else 9]
            for at, degree in motif:
                put(bar, at, 0.45, 0, 64 + (key + scale[degree]) % 12 + 5, rng.integers(70, 108))
    piece.length = float(bars * n)
    piece.beats = list(range(bars * n))
    piece.downbeats = list(range(0, bars * n, n))
    piece.tempo, kind = moving(rng, bpm, piece.beats, piece.downbeats, piece.length)
    return piece, kind
