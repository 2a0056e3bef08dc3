# SPDX-License-Identifier: GPL-3.0-or-later
"""Songs whose drums change their feel while the beat goes on: half time, double time, blast, double bass, gallops, ballads under sixteenth
hats, fast breaks, and quiet pieces that have no drums at all. The beat that is told is the one of the bar lines, at which a person would
tap. Patterns, forms and tempi are common practice, written from memory."""
import numpy as np

from .patterns import fill_bar
from .score import Piece
from .tempo import moving

KICK, SNARE, CLOSED, OPEN, RIDE, CRASH, CHINA = 36, 38, 42, 46, 51, 49, 52


def straight(rng, n):
    bar = [(0, KICK, 112)] + [(b, SNARE, 112) for b in range(1, n, 2)]
    bar += [(b, KICK, 100) for b in np.arange(0.5, n, 0.5) if b % 2 != 1 and rng.random() < 0.3]
    return bar, rng.choice([0.5, 0.5, 1])


def half(rng, n):
    bar = [(0, KICK, 114), (n // 2, SNARE, 116)]
    bar += [(b, KICK, 96) for b in np.arange(0.5, n, 0.5) if b != n // 2 and rng.random() < 0.25]
    return bar, rng.choice([1, 1, 0.5])


def double(rng, n):
    return [(b, KICK, 108) for b in range(n)] + [(b + 0.5, SNARE, 110) for b in range(n)], rng.choice([0.5, 0.5, 1])


def d_beat(rng, n):
    bar = [(b, KICK, 108) for b in (0, 0.75, 2, 2.75) if b < n] + [(b + 0.5, SNARE, 108) for b in range(n)]
    return bar + [(b + 0.25, KICK, 92) for b in range(n) if rng.random() < 0.2], 0.5


def blast(rng, n, step):
    kind = rng.choice(['alternate', 'together', 'snare twice'])
    bar = []
    for b in np.arange(0, n, step):
        bar.append((b, KICK, 108))
        bar.append((b + (step / 2 if kind == 'alternate' else 0), SNARE, 108))
        if kind == 'snare twice':
            bar.append((b + step / 2, SNARE, 96))
    return bar, step


def double_bass(rng, n, step):
    bar = [(b, KICK, 104) for b in np.arange(0, n, step)]
    bar += [(b, SNARE, 116) for b in (range(1, n, 2) if rng.random() < 0.6 else [n // 2])]
    return bar, rng.choice([1, 1, 0.5])


def gallop(rng, n):
    turn = [(0, 0.5, 0.75), (0, 0.25, 0.5)][rng.integers(2)]
    return [(b + k, KICK, 104) for b in range(n) for k in turn] + [(b, SNARE, 114) for b in range(1, n, 2)], rng.choice([0.5, 1])


def fast_break(rng, n):
    bar = [(0, KICK, 112), (2.5 if n > 2 else 1.5, KICK, 106), (1, SNARE, 112), (n - 1, SNARE, 112)]
    return bar + [(b, SNARE, rng.integers(36, 60)) for b in np.arange(0.25, n, 0.5) if rng.random() < 0.3], rng.choice([0.5, 0.25])


def ballad(rng, n):
    bar = [(0, KICK, 104)] + [(b, SNARE if rng.random() < 0.8 else 37, 104) for b in range(1, n, 2)]
    bar += [(b, KICK, 88) for b in np.arange(0.25, n, 0.25) if b % 1 and rng.random() < 0.12]
    return bar, rng.choice([0.25, 0.25, 0.5])


def toms(rng, n):
    return [(b, int(rng.choice([41, 43, 45, 47])), 108) for b in np.arange(0, n, 0.5) if b % 1 == 0 or rng.random() < 0.7] + \
        [(0, KICK, 112), (n // 2, KICK, 104)], 0


def nothing(rng, n):
    return [], 0


def slow_feels(rng):
    """For 80 to 150 beats a minute: a bar can be filled twice as fast."""
    return [straight, straight, half, double, d_beat, gallop, lambda r, n: blast(r, n, 0.25), lambda r, n: double_bass(r, n, 0.25), toms]


def quick_feels(rng):
    """From 150 on what was sixteenths is eighths."""
    return [straight, straight, straight, half, lambda r, n: blast(r, n, 0.5), lambda r, n: double_bass(r, n, float(r.choice([0.5, 0.25]))),
            gallop if rng.random() < 0.5 else straight, toms]


# kind: (slowest, fastest, feels, metres)
KINDS = {
    'metal': (84, 152, slow_feels, (4, 4, 4, 4, 3, 6)), 'fast metal': (150, 236, quick_feels, (4, 4, 4, 4, 4, 3)),
    'punk': (160, 224, lambda r: [straight, straight, half, toms], (4,)), 'rock': (96, 168, lambda r: [straight, straight, half, gallop, toms], (4, 4, 4, 3)),
    'break': (156, 182, lambda r: [fast_break, fast_break, half, nothing], (4,)),
    'ballad': (50, 84, lambda r: [ballad, ballad, ballad, nothing], (4, 4, 4, 3, 6)),
    'quiet': (52, 116, lambda r: [nothing], (4, 4, 4, 3, 6)),
}


def guitars(rng, n, step, density):
    """A riff of a bar or two: [(beat, degree, length)]."""
    bars = int(rng.choice([1, 1, 2]))
    places = np.arange(0, n * bars, step)
    riff = [(0.0, 0)]
    riff += [(float(b), int(rng.choice([0, 0, 0, 0, 1, 3, 5, 6, 8, 10]))) for b in places[1:] if rng.random() < (density if b % 1 == 0 else 0.8 * density)]
    return bars, riff


def make(rng, name, seconds):
    kind = str(rng.choice(list(KINDS), p=[.2, .22, .1, .14, .1, .12, .12]))
    low, high, feels_of, metres = KINDS[kind]
    bpm = float(np.exp(rng.uniform(np.log(low), np.log(high))))
    n = int(rng.choice(metres))
    bars = max(12, int(round(1.5 * seconds * bpm / 60 / n / 4)) * 4)
    piece = Piece(name, f'feel {kind}', metre=f'{n}/4')
    heavy = kind in ('metal', 'fast metal', 'punk') or (kind == 'rock' and rng.random() < 0.5)
    quiet = kind == 'quiet'
    bass = [32, 33, 34, 36, 38] if not quiet else [32, 35, 43, 39]
    chords = [29, 30, 30, 27, 18] if heavy else [0, 4, 24, 25, 46, 48, 88, 89, 90, 92] if quiet or kind == 'ballad' else [0, 4, 25, 27, 29, 81, 50]
    for channel, programs in ((1, bass), (2, chords), (3, [48, 50, 52, 61, 88, 89, 91, 94]), (0, [0, 11, 29, 30, 40, 56, 65, 73, 80, 81])):
        piece.program(channel, int(rng.choice(programs)))
        piece.control(channel, 7, rng.integers(70, 116))
    piece.program(9, int(rng.choice([0, 0, 8, 16, 24, 25, 32])))
    piece.control(9, 7, rng.integers(84, 124))
    key, minor = int(rng.integers(12)), rng.random() < 0.7
    chosen = feels_of(rng)
    parts = {}
    for part in 'ABC':
        feel = chosen[rng.integers(len(chosen))]
        made = [feel(rng, n) for _ in range(int(rng.choice([1, 2])))]
        step = float(rng.choice([0.5, 0.25] if bpm < 140 else [0.5, 0.5, 1]))
        parts[part] = dict(
            bars=[list(bar) for bar, _ in made], step=float(made[0][1]), key=int(rng.choice([CLOSED, CLOSED, OPEN, RIDE, CHINA, CRASH])),
            riff=guitars(rng, n, step, rng.uniform(0.35, 0.95)), turn=[0] + [int(rng.choice([0, 1, 3, 5, 7, 8, 10])) for _ in range(int(rng.choice([1, 3, 3, 7])))],
            every=int(rng.choice([1, 1, 2])), chords=str(rng.choice(['riff', 'riff', 'long'] if heavy else ['arpeggio', 'arpeggio', 'long', 'thirds', 'riff'])),
            pad=rng.random() < (0.6 if quiet else 0.25), bass=str(rng.choice(['riff', 'roots', 'eighths'] if not quiet else ['roots', 'none', 'roots', 'fifths'])),
            lead=rng.random() < 0.5, swell=rng.integers(-12, 1) if quiet or kind == 'ballad' else 0)
        count = int(rng.choice([3, 5, 8]))
        parts[part]['motif'] = sorted((float(rng.choice(np.arange(0, 2 * n, 0.5))), int(rng.integers(0, 7))) for _ in range(count))
    form = str(rng.choice(['ABAB', 'AABA', 'ABAC', 'ABCB', 'AABB', 'AAAA']))
    length = int(rng.choice([4, 8, 8]))
    fills, crash = rng.random() < 0.7, rng.random() < 0.7
    human = float(rng.choice([0, 0, 0.004, 0.008])) * bpm / 60
    scale = [0, 2, 3 if minor else 4, 5, 7, 8 if minor else 9, 10]
    step = float(rng.choice([0.5, 0.25, 1]))  # of arpeggios

    def put(at, length, channel, pitch, velocity):
        piece.note(max(0.0, at + (rng.normal(0, human) if human else 0)), length, channel, pitch, velocity)
    for bar in range(bars):
        a = parts[form[bar // length % 4]]
        at = bar * n
        hits = list(a['bars'][bar % len(a['bars'])])
        if hits and a['step']:
            hits += [(float(b), a['key'] if a['key'] != CLOSED or rng.random() < 0.95 else OPEN, 96 if b % 1 == 0 else 74)
                     for b in np.arange(0, n, a['step']) if rng.random() < 0.97]
        if hits and fills and bar % length == length - 1:
            extra = fill_bar(rng, n)
            hits = [h for h in hits if h[0] < extra[0][0]] + extra
        if hits and crash and bar % length == 0:
            hits.append((0, int(rng.choice([CRASH, 57])), 118))
        for b, pitch, velocity in hits:
            put(at + b, 0.1, 9, pitch, velocity + rng.integers(-8, 9))
        root = key + a['turn'][bar // a['every'] % len(a['turn'])]
        low_root = 28 + root % 12
        tones = [52 + (root + t) % 12 for t in (0, 3 if minor else 4, 7)]
        over, riff = a['riff']
        now = [(b - n * (bar % over), d) for b, d in riff if n * (bar % over) <= b < n * (bar % over + 1)]
        gaps = [(b, d, min((x for x, _ in now if x > b), default=n) - b) for b, d in now]
        if a['chords'] == 'riff':
            for b, degree, gap in gaps:
                for tone in (0, 7, 12):
                    put(at + b, 0.85 * gap, 2, 40 + (root + degree) % 12 + tone, rng.integers(84, 112))
        elif a['chords'] == 'long':
            for tone in tones:
                put(at, 0.95 * n, 2, tone, rng.integers(60, 90) + a['swell'])
        else:
            fine = step if a['chords'] == 'arpeggio' else 1 / 3
            for i, b in enumerate(np.arange(0, n - 1e-6, fine)):
                put(at + float(b), fine, 2, tones[(0, 1, 2, 1)[i % 4]] + 12 * (i % 8 == 4), rng.integers(60, 84) + a['swell'] + 8 * (b == 0))
        if a['pad']:
            for tone in tones:
                put(at, 0.98 * n, 3, tone + 12, rng.integers(50, 80) + a['swell'])
        if a['bass'] == 'roots':
            put(at, 0.9 * n, 1, low_root, rng.integers(80, 104) + a['swell'])
        elif a['bass'] == 'fifths':
            put(at, 0.9 * n / 2, 1, low_root, rng.integers(80, 100) + a['swell'])
            put(at + n / 2, 0.9 * n / 2, 1, low_root + 7, rng.integers(74, 94) + a['swell'])
        elif a['bass'] != 'none':
            for b, d, gap in gaps if a['bass'] == 'riff' else [(float(b), 0, 0.5) for b in np.arange(0, n, 0.5)]:
                put(at + b, 0.9 * gap, 1, 28 + (root + d) % 12, rng.integers(84, 108))
        if a['lead'] and bar % 2 == 0 and bar + 1 < bars:
            for b, degree in a['motif']:
                put(at + b, 0.5, 0, 64 + (key + scale[degree]) % 12, rng.integers(74, 104) + a['swell'])
    piece.length = float(bars * n)
    piece.beats = list(range(bars * n))
    piece.downbeats = list(range(0, bars * n, n))
    if rng.random() < 0.75:
        piece.tempo, how = [(0.0, bpm)], 'steady'
    else:
        piece.tempo, how = moving(rng, bpm, piece.beats, piece.downbeats, piece.length)
    return piece, how
