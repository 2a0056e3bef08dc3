# SPDX-License-Identifier: GPL-3.0-or-later
"""Pieces whose level is easily mistaken: a bar of three that could be of two, six eighths that could be three quarters,
half time under sixteenths and thirty-seconds, hats on the off-beats alone, one drop. Half of them are drums alone.
The patterns and their tempi are common practice, written from memory."""
import numpy as np

from .score import Piece
from .tempo import moving

KICK, SNARE, RIM, CLOSED, OPEN, RIDE = 36, 38, 37, 42, 46, 51


def waltz(rng):
    """Strong one, weak two and three."""
    weak = int(rng.choice([CLOSED, SNARE, RIM, 44, RIDE]))
    bar = [(0, KICK, 112)] + [(b, weak, rng.integers(40, 80)) for b in (1, 2)]
    if rng.random() < 0.4:
        bar += [(b, CLOSED, 60) for b in np.arange(0, 3, 0.5)]
    if rng.random() < 0.3:
        bar.append((2, KICK, 70))
    return 3, rng.uniform(90, 180), bar, 3


def six_eight(rng):
    """Two slow beats of three even eighths each."""
    bar = [(0, KICK, 112), (1, int(rng.choice([SNARE, RIM])), 105)]
    bar += [(k / 3, CLOSED if rng.random() < 0.9 else OPEN, 82 if k % 3 == 0 else rng.integers(60, 82)) for k in range(6)]
    if rng.random() < 0.4:
        bar.append((2 / 3, KICK, 80))
    if rng.random() < 0.3:
        bar.append((5 / 3, KICK, 80))
    return 2, rng.uniform(50, 70), bar, 3


def half_time(rng):
    """One back-beat a bar, hats in sixteenths or thirty-seconds."""
    step = float(rng.choice([0.25, 0.125, 0.5]))
    bar = [(0, KICK, 114), (2, SNARE, 114)]
    bar += [(b, KICK, 95) for b in (0.75, 1.5, 2.5, 3.25) if rng.random() < 0.3]
    bar += [(b, CLOSED, 88 if b % 1 == 0 else 66) for b in np.arange(0, 4, step) if rng.random() < 0.97]
    return 4, rng.uniform(64, 96), bar, 2


def off_hats(rng):
    """Kick on the beats, hats between them and nowhere else."""
    bar = [(b, KICK, 112) for b in range(4) if rng.random() < 0.95 or b == 0]
    bar += [(b + 0.5, int(rng.choice([OPEN, CLOSED])), 105) for b in range(4)]
    if rng.random() < 0.5:
        bar += [(b, SNARE if rng.random() < 0.5 else 39, 100) for b in (1, 3)]
    return 4, rng.uniform(108, 150), bar, 2


def one_drop(rng):
    """Nothing on the one, kick and rim together on the three."""
    bar = [(2, KICK, 114), (2, RIM, 104)]
    bar += [(b, CLOSED, 90 if b % 1 == 0.5 else 66) for b in np.arange(0, 4, 0.5)]
    if rng.random() < 0.3:
        bar += [(3.5, SNARE, 60)]
    return 4, rng.uniform(66, 90), bar, 2


def fast(rng):
    """Train and polka: short beats, back-beats on each second one."""
    bar = [(b, KICK if b % 2 == 0 else SNARE, 108) for b in range(4)]
    if rng.random() < 0.6:
        bar += [(b + 0.5, int(rng.choice([SNARE, CLOSED])), rng.integers(50, 80)) for b in range(4)]
    return 4, rng.uniform(160, 208), bar, 2


KINDS = dict(waltz=waltz, six_eight=six_eight, half_time=half_time, off_hats=off_hats, one_drop=one_drop, fast=fast)


def accompany(rng, piece, kind, n, bars, division):
    piece.program(1, int(rng.choice([32, 33, 34, 35, 38])))
    piece.program(2, int(rng.choice([0, 4, 16, 24, 25, 27, 48, 61, 80])))
    key = int(rng.integers(12))
    turn = [0] + [int(rng.choice([3, 4, 5, 7, 8, 9, 10])) for _ in range(int(rng.choice([1, 3])))]
    off = kind in ('one_drop', 'off_hats') and rng.random() < 0.6
    for bar in range(bars):
        root = key + turn[bar % len(turn)]
        at = bar * n
        if kind == 'waltz':
            piece.note(at, 0.9, 1, 28 + root % 12, 100)
            chords = [1, 2]
        elif kind == 'six_eight':
            piece.note(at, 0.9, 1, 28 + root % 12, 100)
            piece.note(at + 1, 0.9, 1, 28 + (root + 7) % 12, 92)
            chords = [0] if rng.random() < 0.5 else [k / 3 for k in range(6)]
        else:
            for b in ([0, 2] if kind != 'one_drop' else [0, 1.5, 2, 3]):
                piece.note(at + b, 0.8, 1, 28 + root % 12, rng.integers(84, 104))
            chords = [b + 0.5 for b in range(n)] if off else [0, 2] if kind != 'fast' else [b + 0.5 for b in range(n)]
        for b in chords:
            for tone in (0, 4, 7):
                piece.note(at + b, 1 / division * 0.8, 2, 55 + (root + tone) % 12, rng.integers(60, 90))


def make(rng, name, seconds):
    kind = str(rng.choice(list(KINDS)))
    n, bpm, _, division = KINDS[kind](rng)
    bpm = float(bpm)
    bars = max(8, int(round(seconds * bpm / 60 / n / 4)) * 4)
    piece = Piece(name, f'level {kind}', metre=f'{n}/4')
    piece.control(9, 7, rng.integers(90, 124))
    piece.program(9, int(rng.choice([0, 0, 8, 16, 24, 25])))
    patterns = [KINDS[kind](rng)[2] for _ in range(int(rng.choice([1, 2])))]
    human = rng.choice([0, 0.004, 0.009]) * bpm / 60
    fills = rng.random() < 0.5
    for bar in range(bars):
        hits = list(patterns[bar // 8 % len(patterns)])
        if fills and bar % 8 == 7:
            hits = [h for h in hits if h[0] < n - 1] + [(n - 1 + k / 4, int(rng.choice([45, 47, 50, 38])), 100)
                                                        for k in range(4)]
        for at, pitch, velocity in hits:
            beat = bar * n + at + (rng.normal(0, human) if human else 0)
            piece.note(max(0.0, beat), 0.1, 9, pitch, velocity + rng.integers(-8, 8))
    if rng.random() < 0.5:
        accompany(rng, piece, kind, n, bars, division)
    piece.length = float(bars * n)
    piece.beats = list(range(bars * n))
    piece.downbeats = list(range(0, bars * n, n))
    piece.tempo, how = moving(rng, bpm, piece.beats, piece.downbeats, piece.length)
    return piece, how
