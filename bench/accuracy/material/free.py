# SPDX-License-Identifier: GPL-3.0-or-later
"""Sound without a pulse: speech, noise, swelling chords, notes at random times, rain, applause, a crowd, a worn record, drones, a piano
that plays freely. In it there are no beats to find."""
import subprocess
import tempfile

import numpy as np
from scipy.io import wavfile
from scipy.signal import butter, fftconvolve, resample_poly, sosfilt

from .score import RATE, Piece

KINDS = ('speech', 'noise', 'swell', 'scattered', 'hum', 'rain', 'applause', 'crowd', 'crackle', 'drone', 'piano')
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


def coloured(rng, x, low, high):
    return sosfilt(butter(2, [low, min(high, 0.45 * RATE)], 'band', fs=RATE, output='sos'), x, axis=0)


def struck_at_random(rng, seconds, rate, seconds_of_one):
    """So many impulses a second, each as strong as chance has it, with a tail of noise."""
    n = int(seconds * RATE)
    x = np.zeros(n)
    count = rng.poisson(rate * seconds)
    np.add.at(x, rng.integers(0, n, count), rng.exponential(1.0, count) * rng.choice([-1, 1], count))
    tail = rng.standard_normal(int(6 * seconds_of_one * RATE)) * np.exp(-np.arange(int(6 * seconds_of_one * RATE)) / (seconds_of_one * RATE))
    return fftconvolve(x, tail)[:n]


def stereo(rng, one):
    return np.stack([one(), one()], 1) if rng.random() < 0.6 else np.repeat(one()[:, None], 2, 1)


def rain(rng, seconds):
    rate, length = float(np.exp(rng.uniform(np.log(15), np.log(900)))), rng.uniform(0.001, 0.01)
    bed = coloured(rng, rng.standard_normal((int(seconds * RATE), 2)), rng.uniform(200, 1500), rng.uniform(4000, 16000))
    drops = coloured(rng, stereo(rng, lambda: struck_at_random(rng, seconds, rate, length)), rng.uniform(300, 1500), rng.uniform(5000, 16000))
    return 0.1 * (rng.uniform(0.1, 1) * bed + drops / (drops.std() + 1e-9))


def applause(rng, seconds):
    people = float(np.exp(rng.uniform(np.log(8), np.log(400))))
    x = coloured(rng, stereo(rng, lambda: struck_at_random(rng, seconds, 3.5 * people, rng.uniform(0.004, 0.015))), 500, rng.uniform(3000, 9000))
    swell = np.interp(np.arange(len(x)) / RATE, np.arange(0, seconds + 5, 4), rng.uniform(0.5, 1, len(np.arange(0, seconds + 5, 4))))
    return 0.1 * x / (x.std() + 1e-9) * swell[:, None]


def crowd(rng, seconds):
    n = int(seconds * RATE)
    voices = [speech(rng, seconds) for _ in range(4)]
    x = np.zeros((n, 2))
    for _ in range(int(rng.integers(8, 30))):
        voice = voices[rng.integers(len(voices))]
        side = rng.uniform(0, 1)
        x[:len(voice)] += np.roll(voice, int(rng.integers(n)), 0)[:n] * [side, 1 - side]
    return 0.1 * coloured(rng, x, 150, 5000) / (x.std() + 1e-9)


def crackle(rng, seconds):
    hiss = coloured(rng, rng.standard_normal((int(seconds * RATE), 2)), 60, 9000) * rng.uniform(0.02, 0.3)
    clicks = stereo(rng, lambda: struck_at_random(rng, seconds, float(np.exp(rng.uniform(np.log(3), np.log(60)))), rng.uniform(0.0003, 0.002)))
    t = np.arange(int(seconds * RATE)) / RATE
    rumble = 0.2 * rng.uniform(0, 1) * np.sin(2 * np.pi * rng.uniform(20, 60) * t + np.sin(2 * np.pi * 33.333 / 60 * t))[:, None]
    return 0.1 * (hiss + clicks / (np.abs(clicks).max() + 1e-9) * 4 + rumble)


def drone(rng, seconds):
    t = np.arange(int(seconds * RATE)) / RATE
    base = rng.uniform(50, 220)
    x = np.zeros((len(t), 2))
    for ratio in rng.choice([1, 1.5, 2, 3, 4, 5, 6, 1.25, 2.25], int(rng.integers(3, 8)), replace=False):
        for side in range(2):
            level = 1 + rng.uniform(0, 0.9) * np.sin(2 * np.pi * rng.uniform(0.03, 0.4) * t + rng.uniform(0, 6))
            x[:, side] += level / ratio * np.sin(2 * np.pi * base * ratio * rng.uniform(0.998, 1.002) * t + rng.uniform(0, 6))
    return 0.1 * x + 0.003 * rng.standard_normal(x.shape)


def rubato(rng, name, seconds):
    """A piano without a beat: phrases that hurry and wait, notes of no common length."""
    piece = Piece(name, 'free', tempo=[(0.0, 60.0)], length=seconds, metre='')
    piece.program(0, int(rng.choice([0, 0, 1, 2, 4, 24])))
    at = 0.3
    while at < seconds - 2:
        pace = float(np.exp(rng.uniform(np.log(0.16), np.log(0.7))))
        count = int(rng.integers(4, 16))
        root = int(rng.integers(44, 66))
        if rng.random() < 0.7:
            for tone in rng.choice([0, 3, 4, 7, 10, 12], int(rng.integers(2, 4)), replace=False):
                piece.note(at + rng.uniform(0, 0.05), rng.uniform(1, 4), 0, root - 12 + tone, rng.integers(40, 90))
        for i in range(count):
            if at >= seconds - 1:
                break
            piece.note(at, rng.uniform(0.2, 1.5), 0, root + int(rng.choice([0, 2, 3, 5, 7, 8, 10, 12, 15])), rng.integers(36, 104))
            at += pace * float(np.exp(rng.normal(0, 0.38))) * (1 + 0.9 * (i / count) ** 2)
        at += float(rng.uniform(0.2, 2.5))
    return piece


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
    if kind == 'piano':
        return rubato(rng, name, seconds), None
    return None, dict(speech=speech, noise=noise, hum=hum, rain=rain, applause=applause, crowd=crowd, crackle=crackle, drone=drone)[kind](rng, seconds).astype(np.float32)
