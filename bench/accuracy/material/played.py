# SPDX-License-Identifier: GPL-3.0-or-later
"""Grooves and patterns whose drums are played on kits hit by hit (kits.py) and varied as drummers do (drumming.py), under what
accompanies them, or alone, or under a voice."""
import numpy as np

from . import free, grooves, kits, patterns
from .drumming import struck, varied, without_drums
from .production import peak_filter, roomy, squeezed
from .score import ATTACK_LAG, RATE, clock, synthesise, truth_of

FONTS = ['/usr/share/sounds/sf2/FluidR3_GM.sf2', '/usr/share/sounds/sf2/TimGM6mb.sf2', '/usr/share/sounds/sf3/FluidR3Mono_GM.sf3',
         '/usr/share/sounds/sf2/OPL-3_FM_128M.sf2']


def loudness(x):
    """RMS of the louder half of its tenths of a second."""
    n = len(x) // 4410 * 4410
    power = (x[:n] ** 2).reshape(-1, 4410).mean(1)
    return float(np.sqrt(np.sort(power)[len(power) // 2:].mean() + 1e-12))


def make(rng, name, seconds, folder, part, library):
    """(audio, truth, how its tempo moves), or None. `library`: grooves of the same part."""
    made = grooves.make(rng, library[rng.integers(len(library))], name, seconds) if library and rng.random() < 0.5 else \
        patterns.make(rng, name, seconds)
    if made is None:
        return None
    audio_and_truth = on_a_kit(rng, made[0], folder, part, kits.chosen(rng, folder, part))
    return audio_and_truth and (*audio_and_truth, made[1])


def on_a_kit(rng, piece, folder, part, kit, vary=True):
    """(audio, truth) of a piece whose drums are played on that kit, or None."""
    bpm = float(np.median([t for _, t in piece.tempo]))
    hits = (varied(rng, piece, bpm) if vary else struck(piece)) if struck(piece) else []
    without_drums(piece)
    to_seconds = clock(piece.tempo)
    if vary and rng.random() < 0.15:  # drums alone
        piece.messages = []
    length = float(to_seconds(piece.length))
    rest = synthesise(piece, to_seconds, FONTS[int(rng.choice(4, p=[.4, .3, .15, .15]))], rng.random() < 0.5) if piece.messages else None
    for beat, key, strength in hits:
        piece.note(beat, 0.1, 9, key, strength)
    if not piece.messages:
        return None
    truth = truth_of(piece, to_seconds, 0.0)
    others = [kits.chosen(rng, folder, part) for _ in range(3)] if part == 'learn' and rng.random() < 0.6 else []
    drums = kits.drummed(rng, [(float(to_seconds(b)) + ATTACK_LAG, k, v) for b, k, v in hits], length, folder, kit, others)
    drums = np.repeat(drums[:, None], 2, 1)
    if rng.random() < 0.4:
        drums = peak_filter(drums, np.exp(rng.uniform(np.log(60), np.log(9000))), rng.uniform(-6, 6), rng.uniform(0.5, 2))
    if rng.random() < 0.4:
        drums = roomy(rng, drums)
    if rng.random() < 0.4:
        drums = squeezed(rng, drums)
    audio = drums / loudness(drums) if hits else np.zeros_like(drums)
    if rest is not None and np.abs(rest).max() > 1e-3:
        n = min(len(rest), len(audio))
        audio = audio[:n] * 10 ** (rng.uniform(-9, 14) / 20) + rest[:n] / loudness(rest)
    truth['voice'] = bool(vary and rng.random() < 0.1)
    if truth['voice']:
        voice = free.speech(rng, len(audio) / RATE)
        n = min(len(voice), len(audio))
        audio[:n] += voice[:n] * (loudness(audio) / loudness(voice) * 10 ** (rng.uniform(-4, 7) / 20))
        truth['onsets'] = None
    peak = float(np.abs(audio).max())
    if peak < 0.01:
        return None
    truth['kit'] = kit
    return (audio * (0.8 / peak)).astype(np.float32), truth
