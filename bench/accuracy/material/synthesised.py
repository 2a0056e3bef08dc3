# SPDX-License-Identifier: GPL-3.0-or-later
"""Drum kits that no one recorded: each drum by the arithmetic of drum machines and sound chips (sines that fall, filtered and clocked noise, metal
of square waves, frequency modulation), with numbers drawn at random. How such drums are built is common practice, written from memory."""
import numpy as np
from scipy.signal import butter, sosfilt

from .score import RATE

COUNT = 48
ASIDE = range(40, 48)  # nothing is learned from these or fitted on them


def fall(n, seconds):
    return np.exp(-np.arange(n) / (seconds * RATE)).astype(np.float32)


def noise(rng, n, low, high, clock=0):
    """Noise between two frequencies; clock: so many new numbers a second, as sound chips do."""
    if clock:
        x = np.repeat(rng.choice([-1.0, 1.0], int(n * clock / RATE) + 2), int(np.ceil(RATE / clock)))[:n]
        x = np.pad(x, (0, n - len(x)))
    else:
        x = rng.standard_normal(n)
    high = min(high, 0.45 * RATE)
    return sosfilt(butter(2, [low, high], 'band', fs=RATE, output='sos'), x)


def swept(n, begin, end, seconds, shape='sine'):
    f = end + (begin - end) * np.exp(-np.arange(n) / (seconds * RATE))
    phase = 2 * np.pi * np.cumsum(f) / RATE
    return np.sin(phase) if shape == 'sine' else 2 / np.pi * np.arcsin(np.sin(phase)) if shape == 'triangle' else np.sign(np.sin(phase))


def metal(rng, n, base):
    kind = rng.integers(3)
    t = np.arange(n) / RATE
    if kind == 0:
        return sum(np.sign(np.sin(2 * np.pi * base * k * t + rng.uniform(0, 6))) for k in rng.uniform(1, 3.5, 6)) / 3
    if kind == 1:
        modulator = np.sin(2 * np.pi * base * rng.uniform(1.3, 1.7) * t) * rng.uniform(4, 14)
        return np.sin(2 * np.pi * base * rng.uniform(2, 5) * t + modulator)
    return rng.standard_normal(n)


def hat_like(rng, seconds, low):
    n = int(RATE * min(2.5, 6 * seconds))
    x = sosfilt(butter(2, low, 'high', fs=RATE, output='sos'), metal(rng, n, rng.uniform(300, 900)))
    return x * fall(n, seconds)


def tom(rng, pitch):
    n = int(0.5 * RATE)
    return swept(n, pitch * rng.uniform(1.2, 2.2), pitch, rng.uniform(0.02, 0.08), str(rng.choice(['sine', 'sine', 'triangle']))) * \
        fall(n, rng.uniform(0.05, 0.16)) + rng.uniform(0, 0.15) * noise(rng, n, 300, 4000) * fall(n, 0.02)


def kit(number):
    """{key: samples}, always the same for the same number."""
    rng = np.random.default_rng([number, 4711])
    chip = rng.random() < 0.3
    made = {}
    n = int(0.6 * RATE)
    end = rng.uniform(38, 75)
    kick = swept(n, end * rng.uniform(2, 9), end, rng.uniform(0.008, 0.05), str(rng.choice(['sine', 'sine', 'triangle', 'square'] if chip else ['sine', 'sine', 'triangle'])))
    kick = kick * fall(n, rng.uniform(0.04, 0.2)) + rng.uniform(0, 0.5) * noise(rng, n, 800, 9000) * fall(n, rng.uniform(0.002, 0.008))
    made[36] = np.tanh(rng.uniform(1, 4) * kick)
    body = swept(n, rng.uniform(220, 480), rng.uniform(140, 240), rng.uniform(0.01, 0.05)) * fall(n, rng.uniform(0.02, 0.09))
    wires = noise(rng, n, rng.uniform(150, 1500), rng.uniform(5000, 16000), rng.uniform(5000, 20000) if chip else 0) * fall(n, rng.uniform(0.03, 0.16))
    made[38] = rng.uniform(0, 1.2) * body + rng.uniform(0.5, 1.2) * wires
    made[40] = 0.6 * body + rng.uniform(0.5, 1.2) * wires
    low = rng.uniform(3000, 8500)
    made[42] = hat_like(rng, rng.uniform(0.008, 0.05), low)
    made[44] = hat_like(rng, rng.uniform(0.01, 0.04), low)
    made[46] = hat_like(rng, rng.uniform(0.1, 0.35), low)
    made[51] = hat_like(rng, rng.uniform(0.2, 0.5), rng.uniform(2500, 6000))
    made[49] = hat_like(rng, rng.uniform(0.35, 0.9), rng.uniform(800, 4000))
    made[52] = hat_like(rng, rng.uniform(0.2, 0.6), rng.uniform(600, 3000))
    made[37] = swept(n, rng.uniform(900, 2400), rng.uniform(500, 1700), 0.01) * fall(n, rng.uniform(0.006, 0.03)) + 0.3 * noise(rng, n, 1000, 9000) * fall(n, 0.004)
    clap = noise(rng, n, rng.uniform(600, 1200), rng.uniform(2500, 9000))
    gaps = np.cumsum(rng.uniform(0.007, 0.016, 3))
    envelope = fall(n, rng.uniform(0.04, 0.12))
    for gap in gaps:
        at = int(gap * RATE)
        envelope[:at] = np.minimum(envelope[:at], fall(at, 0.004)) if at < 200 else envelope[:at]
    made[39] = clap * envelope
    pitch = rng.uniform(70, 110)
    for key, ratio in ((41, 1.0), (43, 1.2), (45, 1.45), (47, 1.7), (48, 2.0), (50, 2.3)):
        made[key] = tom(rng, pitch * ratio)
    loud = {36: 1.0, 38: 0.8, 40: 0.8, 42: 0.35, 44: 0.3, 46: 0.4, 51: 0.35, 49: 0.6, 52: 0.5, 37: 0.5, 39: 0.6}
    return {key: (x / (np.abs(x).max() + 1e-9) * loud.get(key, 0.8)).astype(np.float32) for key, x in made.items()}
