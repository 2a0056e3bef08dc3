# SPDX-License-Identifier: GPL-3.0-or-later
"""Sound without a pulse: speech, noise, swelling chords, notes at random times. In it there are no beats to find."""
import subprocess
import tempfile

import numpy as np
from scipy.io import wavfile
from scipy.signal import butter, resample_poly, sosfilt

from .score import RATE, Piece

KINDS = ('speech', 'noise', 'swell', 'scattered', 'hum')
WORDS = ('the river is high after a week of rain and nobody crosses it', 'please wait until the door has closed',
         'seven boats came in before noon with hardly any fish', 'what she meant was that it could be done later',
         'no', 'listen', 'this is the evening news', 'I would rather walk', 'half of them had never seen snow',
         'turn left after the second bridge and then ask again', 'it was cheap and it shows', 'perhaps')


def speech(rng, seconds):
    text = '. '.join(WORDS[i] for i in rng.integers(len(WORDS), size=int(seconds / 1.6)))
    with tempfile.TemporaryDirectory() as folder:
        voice = str(rng.choice(['en', 'en-us', 'de', 'fr', 'it', 'es', 'nl', 'sv']))
        subprocess.run(['espeak-ng', '-v', voice, '-s', str(int(rng.integers(110, 200))), '-p',
                        str(int(rng.integers(20, 80))), '-w', folder + '/a.wav', text], check=True)
        rate, x = wavfile.read(folder + '/a.wav')
    x = resample_poly(x.astype(np.float32) / 32768, RATE // 50, rate // 50)
    return np.repeat(x[:int(seconds * RATE), None], 2, 1)


def noise(rng, seconds):
    n = int(seconds * RATE)
    x = rng.standard_normal((n, 2))
    if rng.random() < 0.7:
        x = sosfilt(butter(1, np.exp(rng.uniform(np.log(200), np.log(8000))), fs=RATE, output='sos'), x, axis=0)
    if rng.random() < 0.5:  # wind: slow random level
        level = np.abs(np.interp(np.arange(n) / RATE, np.arange(int(seconds + 2)), rng.standard_normal(int(seconds + 2)))) + .1
        x = x * level[:, None]
    return x * 0.1


def hum(rng, seconds):
    t = np.arange(int(seconds * RATE)) / RATE
    base = rng.uniform(40, 400)
    x = sum(rng.uniform(0, 1) / k * np.sin(2 * np.pi * base * k * t + rng.uniform(0, 6)) for k in range(1, 9))
    x = x + 0.02 * rng.standard_normal(len(t))
    return np.repeat(x[:, None], 2, 1) * 0.2


def notes(rng, name, seconds, swelling):
    """A piece at one beat a second, so that positions are seconds; its notes follow no beat."""
    piece = Piece(name, 'free', tempo=[(0.0, 60.0)], length=seconds, metre='')
    at = 0.0
    piece.program(0, rng.integers(48, 52) if swelling else rng.choice([0, 4, 11, 12, 24, 46, 47, 105, 108]))
    while at < seconds - 1:
        for _ in range(3 if swelling else 1 + (rng.random() < 0.2)):
            piece.note(at, rng.uniform(2, 6) if swelling else rng.uniform(0.2, 2), 0, rng.integers(40, 84),
                       rng.integers(60, 120))
        if not swelling and rng.random() < 0.15:
            piece.note(at, 0.3, 9, rng.choice([36, 38, 42, 49, 56, 70]), rng.integers(60, 120))
        at += float(rng.exponential(3.0) + 1.5 if swelling else rng.exponential(rng.uniform(0.25, 0.9)) + 0.06)
    return piece


def kind_of(number):
    return KINDS[number % len(KINDS)]


def make(rng, name, number, seconds):
    """Either (None, audio) or (piece, None)."""
    kind = kind_of(number)
    if kind in ('swell', 'scattered'):
        return notes(rng, name, seconds, kind == 'swell'), None
    return None, dict(speech=speech, noise=noise, hum=hum)[kind](rng, seconds).astype(np.float32)
