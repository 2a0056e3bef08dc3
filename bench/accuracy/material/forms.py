# SPDX-License-Identifier: GPL-3.0-or-later
"""Whole songs with a form: intro, parts that come back, breaks, drops, an ending; where each begins is known by construction.
Forms and lengths are common practice, written from memory."""
import numpy as np

from .patterns import STYLES, drum_bar, fill_bar
from .score import Piece
from .tempo import moving

# (role, part, bars to choose from). Roles that sound alike share a part.
FORMS = [
    [('intro', 'I', (4, 8)), ('verse', 'A', (8, 16)), ('chorus', 'B', (8,)), ('verse', 'A', (8, 16)), ('chorus', 'B', (8, 16)),
     ('bridge', 'C', (8,)), ('chorus', 'B', (8, 16)), ('ending', 'E', (4, 8))],
    [('intro', 'I', (8, 16)), ('build', 'A', (8, 16)), ('break', 'K', (1, 2, 4, 4)), ('drop', 'B', (16,)), ('verse', 'A', (8,)),
     ('break', 'K', (2, 4, 8)), ('drop', 'B', (16,)), ('ending', 'E', (8,))],
    [('verse', 'A', (8,)), ('chorus', 'B', (8,)), ('verse', 'A', (8,)), ('chorus', 'B', (8,)), ('solo', 'C', (8, 16)), ('chorus', 'B', (8,))],
    [('verse', 'A', (8,)), ('verse', 'A', (8,)), ('bridge', 'B', (8,)), ('verse', 'A', (8,)), ('bridge', 'B', (8,)), ('verse', 'A', (8,))],
    [('intro', 'I', (2, 4)), ('verse', 'A', (12,)), ('verse', 'A', (12,)), ('solo', 'C', (12,)), ('verse', 'A', (12,)), ('ending', 'E', (2, 4))],
    [('intro', 'I', (4, 8)), ('verse', 'A', (16,)), ('break', 'K', (1, 2)), ('chorus', 'B', (8, 16)), ('verse', 'A', (8,)), ('chorus', 'B', (16,))],
]


def arrangement(rng, part, style, n, hats):
    """What plays in a part, and how."""
    thin = part in 'IE'
    drums = [drum_bar(rng, style, n, hats) for _ in range(2)]
    keep = dict(I=rng.choice(['none', 'hats', 'all'], p=[.5, .3, .2]), E=rng.choice(['none', 'hats', 'all'], p=[.3, .3, .4]),
                K=rng.choice(['none', 'hats', 'snare'], p=[.5, .25, .25])).get(part, 'all')
    kept = dict(none=(), hats=(42, 44, 46, 51), snare=(38, 40, 39, 42), all=range(128))[keep]
    turn = [0] + [int(rng.choice([0, 2, 3, 4, 5, 7, 8, 9, 10])) for _ in range(int(rng.choice([1, 3, 3])))]
    return dict(drums=[[d for d in bar if d[1] in kept] for bar in drums], turn=turn,
                bass=part in 'ABC' and rng.random() < 0.92 or rng.random() < 0.25 and part != 'K',
                bass_kind=str(rng.choice(['eighths', 'roots', 'off', 'syncopated'])), chords=rng.random() < 0.85 or thin,
                chord_kind=str(rng.choice(['long', 'stabs', 'off', 'arpeggio'])), lead=not thin and rng.random() < (0.8 if part == 'B' else 0.45),
                motif=[(float(b), int(rng.integers(0, 5))) for b in np.arange(0, 2 * n, 0.5) if rng.random() < 0.45],
                ride=part == 'B' and rng.random() < 0.35, loud=dict(I=-18, K=-14, E=-12, B=8).get(part, 0) * rng.random())


def make(rng, name, seconds):
    """(piece, how its tempo moves, [(first beat, role, part)]); `seconds` is not kept to: a form is as long as it is."""
    style = str(rng.choice([s for s in STYLES if s not in ('no_drums', 'swing', 'latin', 'blast')]))
    low, high, _ = STYLES[style]
    bpm = float(rng.uniform(max(low, 84), max(high, 100)))
    n = 3 if rng.random() < 0.1 and style in ('rock', 'ballad', 'shuffle') else 4
    piece = Piece(name, f'form {style}', metre=f'{n}/4')
    hats = dict(step=float(rng.choice([0.25, 0.5, 0.5, 1])), open=0.05, key=42)
    form = FORMS[rng.integers(len(FORMS))]
    parts = {p: arrangement(rng, p, style, n, hats) for _, p, _ in form}
    for channel, programs in ((1, [32, 33, 34, 35, 38, 39]), (2, [0, 4, 5, 16, 24, 25, 27, 29, 48, 81]), (0, [11, 26, 56, 65, 73, 80, 81])):
        piece.program(channel, rng.choice(programs))
        piece.control(channel, 7, rng.integers(70, 118))
    piece.program(9, int(rng.choice([0, 0, 0, 8, 16, 24, 25])))
    key, minor = int(rng.integers(12)), rng.random() < 0.5
    # Where crashes and fills are: with sections, with every phrase of so many bars, or nowhere.
    crash_every = int(rng.choice([0, 1000, 1000, 8, 4, 2]))
    fill_every = int(rng.choice([0, 1000, 1000, 8, 4]))
    sections, bar = [], 0

    def put(bar, at, length, channel, pitch, vel):
        piece.note(bar * n + at, length, channel, pitch, vel)
    for i, (role, part, choices) in enumerate(form):
        bars = int(rng.choice(choices))
        a = parts[part]
        sections.append((bar * n, role, part))
        for b in range(bars):
            drums = a['drums'][b % 2]
            last = b == bars - 1 and i + 1 < len(form)
            if fill_every and drums and part != 'K' and (last or b % fill_every == fill_every - 1) and rng.random() < 0.85:
                extra = fill_bar(rng, n)
                drums = [d for d in drums if d[0] < extra[0][0]] + extra
            if crash_every and b % crash_every == 0 and part in 'ABC' and rng.random() < 0.9:
                put(bar, 0, 1, 9, 49, 112)
            for at, k, v in drums:
                put(bar, at, 0.1, 9, 51 if a['ride'] and k == 42 else k, max(20, v + a['loud']))
            root = key + a['turn'][b % len(a['turn'])]
            if a['bass']:
                where = dict(eighths=np.arange(0, n, 0.5), roots=[0], off=np.arange(0.5, n, 1), syncopated=[0, 0.75, 1.5, 2.5])[a['bass_kind']]
                for at in where:
                    put(bar, float(at), 0.45, 1, 28 + root % 12, 95 + a['loud'])
            if a['chords']:
                tones = [52 + (root + t) % 12 for t in (0, 3 if minor else 4, 7)]
                where = dict(long=[0], stabs=range(n), off=np.arange(0.5, n, 1), arpeggio=np.arange(0, n, 0.5))[a['chord_kind']]
                for j, at in enumerate(where):
                    for t in tones if a['chord_kind'] != 'arpeggio' else [tones[j % 3]]:
                        put(bar, float(at), n * 0.9 if a['chord_kind'] == 'long' else 0.3, 2, t, 82 + a['loud'])
            if a['lead'] and b % 2 == 0:
                scale = [0, 3 if minor else 2, 5, 7, 10 if minor else 9]
                for at, degree in a['motif']:
                    if at < n * min(2, bars - b):
                        put(bar, at, 0.45, 0, 64 + (key + scale[degree]) % 12 + 5, 90 + a['loud'])
            bar += 1
    piece.length = float(bar * n)
    piece.beats = list(range(bar * n))
    piece.downbeats = list(range(0, bar * n, n))
    piece.tempo, kind = moving(rng, bpm, piece.beats, piece.downbeats, piece.length) if rng.random() < 0.3 else ([(0.0, bpm)], 'steady')
    return piece, kind, sections
