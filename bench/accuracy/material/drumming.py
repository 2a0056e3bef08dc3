# SPDX-License-Identifier: GPL-3.0-or-later
"""What drummers and programmers make of a plain pattern, so that no class is known by its place in the bar alone: rides for hats, crashes,
fills and grooves of toms, claps, rims, ghost notes, rolls, hats twice as fast, pieces without hats, kicks or snares. Common practice,
written from memory."""
import numpy as np

HATS, SNARES, KICKS, RIDES = (42, 44, 46), (38, 40), (35, 36), (51, 53, 59)


def struck(piece):
    return [(beat, m.note, m.velocity) for beat, order, m in piece.messages if order == 2 and m.channel == 9]


def without_drums(piece):
    piece.messages = [e for e in piece.messages if e[2].channel != 9]


def varied(rng, piece, bpm):
    """[(beat, key, strength)] of its drums, played otherwise."""
    hits = struck(piece)
    per_bar = float(piece.downbeats[1] - piece.downbeats[0]) if piece.downbeats and len(piece.downbeats) > 1 else 4.0
    bars = int(piece.length / per_bar)
    phrase = int(rng.choice([4, 8]))
    second = bpm / 60  # beats in one

    def in_part(beat, which):
        return int(beat / per_bar / phrase) % 2 == which
    out = []
    ride_part = rng.integers(2) if rng.random() < 0.35 else None
    ride_key, all_ride = int(rng.choice([51, 51, 59, 53])), rng.random() < 0.12
    tom_part = rng.integers(2) if rng.random() < 0.12 else None
    crash_part = rng.integers(2) if rng.random() < 0.06 else None  # a crash as a ride
    no = set()
    u = rng.random()
    if u < 0.16:
        no |= set(HATS)
    elif u < 0.22:
        no |= set(SNARES)
    elif u < 0.28:
        no |= set(KICKS)
    elif u < 0.32:
        no |= set(HATS) | set(SNARES)
    clap = rng.choice(['none', 'with', 'instead', 'rim'], p=[0.6, 0.14, 0.14, 0.12])
    clap_part = rng.integers(2) if rng.random() < 0.5 else None
    open_share = float(rng.choice([0, 0, 0.06, 0.25]))
    for beat, key, v in hits:
        if key in no:
            continue
        if key in HATS:
            if all_ride or (ride_part is not None and in_part(beat, ride_part)):
                key = ride_key if rng.random() < 0.92 else 53
            elif crash_part is not None and in_part(beat, crash_part):
                key = 49
            elif tom_part is not None and in_part(beat, tom_part):
                key = 41
            elif key == 42 and rng.random() < open_share:
                key = 46
        if key in SNARES and clap != 'none' and (clap_part is None or in_part(beat, clap_part)) and v > 60:
            if clap == 'with':
                out.append((beat, 39, v))
            else:
                key = 39 if clap == 'instead' else 37
        out.append((beat, key, v))
    if rng.random() < 0.3 and not no & set(HATS):  # hats twice as fast, for a while or all along
        times = sorted({b for b, k, _ in out if k == 42})
        part = rng.integers(2) if rng.random() < 0.5 else None
        for a, b in zip(times, times[1:]):
            if 0.1 < b - a <= 0.55 and (b - a) / 2 / second > 0.055 and (part is None or in_part(a, part)):
                out.append(((a + b) / 2, 42, rng.integers(45, 90)))
    if rng.random() < 0.3 and not no & set(SNARES):  # ghost notes
        for b in np.arange(0.25, piece.length, 0.25):
            if b % 1 and rng.random() < 0.12 and not any(abs(b - h[0]) < 0.1 and h[1] in SNARES for h in out[-1:]):
                out.append((float(b), 38, rng.integers(18, 48)))
    if rng.random() < 0.12 and not no & set(KICKS):  # kicks in runs, 80 to 130 ms apart
        step = rng.uniform(0.08, 0.13) * second
        for bar in range(bars):
            if rng.random() < 0.5:
                start = bar * per_bar + float(rng.choice([0, 1, 2]))
                out += [(start + i * step, 36, rng.integers(80, 112)) for i in range(int(rng.integers(3, 12)))]
    if rng.random() < 0.15 and not no & set(SNARES):  # a roll or a flam into a bar
        for bar in range(1, bars):
            if rng.random() < 0.25:
                n, step = (1, 0.028 * second) if rng.random() < 0.5 else (int(rng.integers(4, 16)), rng.uniform(0.06, 0.1) * second)
                out += [(bar * per_bar - (i + 1) * step, 38, rng.integers(40, 95)) for i in range(n)]
    if rng.random() < 0.7:
        kind = int(rng.choice([49, 49, 57, 55, 52]))
        every = phrase * int(rng.choice([1, 1, 2]))
        for bar in range(0, bars, every):
            out.append((bar * per_bar, kind, rng.integers(85, 125)))
        if rng.random() < 0.25:
            out += [(float(rng.integers(0, int(piece.length))), int(rng.choice([49, 57, 55])), rng.integers(70, 120)) for _ in range(bars // 4)]
    if rng.random() < 0.6:
        for bar in range(phrase - 1, bars, phrase):  # fills
            length = min(per_bar, float(rng.choice([1, 1, 2, 4])))
            start, end = (bar + 1) * per_bar - length, (bar + 1) * per_bar
            out = [h for h in out if not (start <= h[0] < end and h[1] not in KICKS)]
            step = float(rng.choice([0.25, 0.5, 0.25, 1 / 3, 1 / 6 if bpm < 100 else 0.25]))
            row = rng.choice([[50, 48, 45, 41], [38, 50, 47, 43], [38, 38, 45, 41], [50, 50, 41, 41], [38, 40, 38, 38]])
            places = np.arange(start, end - 1e-6, step)
            for i, b in enumerate(places):
                if rng.random() < 0.9:
                    out.append((float(b), int(row[min(3, int(4 * i / len(places)))]), rng.integers(70, 120)))
    if rng.random() < 0.12:  # something else that shakes or rings
        key, step = int(rng.choice([54, 69, 70, 82, 56, 63, 62, 75])), float(rng.choice([0.5, 0.25, 1, 1]))
        out += [(float(b), key, rng.integers(60, 100)) for b in np.arange(0, piece.length, step) if rng.random() < 0.85]
    human = float(rng.choice([0, 0, 0.004, 0.009]))
    return sorted((max(0.0, b + rng.normal(0, human) * second if human else b), int(k), int(v)) for b, k, v in out if b < piece.length)
