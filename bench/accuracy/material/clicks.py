# SPDX-License-Identifier: GPL-3.0-or-later
"""Click tracks: nothing but ticks, with or without an accent on the first of the bar, with or without swung eighths."""
import numpy as np

from .score import RATE


def tick(rng, kind, hz):
    n = int(0.06 * RATE)
    t = np.arange(n) / RATE
    if kind == 'noise':
        return rng.standard_normal(n) * np.exp(-t / 0.006)
    if kind == 'wood':
        return np.sin(2 * np.pi * hz * t) * np.exp(-t / 0.012) + 0.3 * rng.standard_normal(n) * np.exp(-t / 0.002)
    return np.sin(2 * np.pi * hz * t) * np.exp(-t / 0.02)


def make(rng, seconds):
    """(stereo samples, truth) of a click track at a steady tempo between 40 and 240 BPM."""
    bpm = float(np.exp(rng.uniform(np.log(40), np.log(240))))
    seconds = max(seconds, 14 * 60 / bpm)
    first = float(rng.uniform(0, 1.5))
    accented = rng.random() < 0.4
    metre = int(rng.choice([4, 3, 5])) if accented else 4
    swung = rng.random() < 0.25 and bpm < 150
    ratio = float(rng.uniform(1, 2.2))
    kind, hz = str(rng.choice(['sine', 'wood', 'noise'])), float(np.exp(rng.uniform(np.log(400), np.log(3000))))
    beats = np.arange(first, seconds - 0.2, 60 / bpm)
    audio = np.zeros(int(seconds * RATE) + RATE // 4)
    onsets = []

    def put(at, level, pitch):
        i = int(round(at * RATE))
        sound = tick(rng, kind, pitch)
        audio[i:i + len(sound)] += level * sound[:len(audio) - i]
        onsets.append(round(float(at), 4))
    for number, beat in enumerate(beats):
        strong = accented and number % metre == 0
        put(beat, 0.5 if strong else 0.35, hz * (1.5 if strong else 1))
        if swung and beat + 60 / bpm < seconds - 0.2:
            put(beat + 60 / bpm * ratio / (1 + ratio), 0.12, hz)
    truth = dict(metre=f'{metre}/4' if accented else 'unknown', source='click', beats=[round(float(b), 4) for b in beats],
                 downbeats=[round(float(b), 4) for b in beats[::metre]] if accented else None, onsets=onsets,
                 onsets_soft=[], kick=[], snare=[], hat=[])
    return np.repeat(audio[:, None], 2, 1).astype(np.float32), truth
