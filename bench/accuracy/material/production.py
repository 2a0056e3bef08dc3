# SPDX-License-Identifier: GPL-3.0-or-later
"""What rooms, desks and encoders do to music, so that nothing is learned that only a clean rendering has."""
import numpy as np
from scipy.signal import butter, fftconvolve, sosfilt

from .score import RATE, through_mp3


def peak_filter(x, centre, gain_db, q):
    # The peaking filter of the Audio EQ Cookbook (W3C note).
    a = 10 ** (gain_db / 40)
    w = 2 * np.pi * centre / RATE
    alpha = np.sin(w) / (2 * q)
    b = np.array([1 + alpha * a, -2 * np.cos(w), 1 - alpha * a])
    c = np.array([1 + alpha / a, -2 * np.cos(w), 1 - alpha / a])
    return sosfilt(np.concatenate([b / c[0], c / c[0]])[None], x, axis=0)


def roomy(rng, y):
    n = int(rng.uniform(0.15, 1.2) * RATE)
    tail = rng.standard_normal((n, 2)) * np.exp(-6.9 * np.arange(n) / n)[:, None]
    tail[0] = 0
    wet = fftconvolve(y, tail / np.sqrt((tail ** 2).sum(0)), axes=0)[:len(y)]
    return y + rng.uniform(0.1, 0.5) * wet


def squeezed(rng, y):
    level = np.sqrt(sosfilt(butter(1, rng.uniform(3, 30), fs=RATE, output='sos'), (y ** 2).mean(1)).clip(1e-8))
    return y * (level / level.max()).clip(0.02)[:, None] ** -rng.uniform(0.2, 0.6)


def produced(rng, x):
    """The same music, otherwise recorded; as long and as early as before. Also tells what was done."""
    done = []
    y = x
    if rng.random() < 0.6:
        for _ in range(2):
            y = peak_filter(y, np.exp(rng.uniform(np.log(60), np.log(9000))), rng.uniform(-9, 9), rng.uniform(0.5, 2))
        done.append('eq')
    if rng.random() < 0.3:
        y = roomy(rng, y)
        done.append('room')
    if rng.random() < 0.12:
        y = sosfilt(butter(4, np.exp(rng.uniform(np.log(500), np.log(6000))), fs=RATE, output='sos'), y, axis=0)
        done.append('low-pass')
    if rng.random() < 0.08:
        y = sosfilt(butter(2, rng.uniform(60, 300), 'high', fs=RATE, output='sos'), y, axis=0)
        done.append('high-pass')
    if rng.random() < 0.3:
        drive = rng.uniform(1, 6)
        y = np.tanh(drive * y / (np.abs(y).max() + 1e-9)) / np.tanh(drive)
        done.append('saturation')
    if rng.random() < 0.4:
        y = squeezed(rng, y)
        done.append('compressor')
    if rng.random() < 0.35:
        noise = sosfilt(butter(1, np.exp(rng.uniform(np.log(300), np.log(15000))), fs=RATE, output='sos'),
                        rng.standard_normal(y.shape), axis=0)
        noise *= np.sqrt((y ** 2).mean() / ((noise ** 2).mean() + 1e-12)) * 10 ** (-rng.uniform(4, 40) / 20)
        y = y + noise
        done.append('noise')
    y = y * (rng.uniform(0.3, 0.95) / (np.abs(y).max() + 1e-9))
    if rng.random() < 0.12:
        z = through_mp3(y, int(rng.choice([48, 64, 96, 128])))
        y = z
        done.append('mp3')
    return y.astype(np.float32), done
