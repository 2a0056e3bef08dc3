#!/usr/bin/python3
# SPDX-License-Identifier: GPL-3.0-or-later
"""Whether the answer to a song stays the same when next to nothing about it changes.

usage: stability.py MATERIAL WORK --cli pulsepin-cli [--table FILE] [--jobs 2] [--every N]

Each MATERIAL/audio/*.wav is listened to again with 0.7 s of silence before it, 3 % faster, with a little noise (40 dB under
it), and its last 60 % alone. An answer has changed where, of what both versions hold: the first tempo is more than 4 % off;
fewer than 90 % of beats are the same within 50 ms (F); fewer than 90 % of downbeats are. Then under noise, in a crowd, from a worn record, through
a telephone, through a wall and in a room; there F of the beats against the truth (70 ms) is told as well. --every: of every Nth song only.
"""
import argparse
import json
import os
import subprocess
from concurrent.futures import ThreadPoolExecutor

import mir_eval
import numpy as np
from material import free, production
from scipy.io import wavfile
from scipy.signal import butter, sosfilt

LEAD = 0.7
SPEED = 1.03
KEPT = 0.6


def with_silence(samples, rate):
    return np.concatenate([np.zeros((round(LEAD * rate),) + samples.shape[1:], samples.dtype), samples]), rate


def quicker(samples, rate):
    """The same samples, told to be played quicker: brought back to a usual rate by the decoder."""
    count = round(len(samples) / SPEED)
    at = np.arange(count) * SPEED
    whole = np.minimum(at.astype(int), len(samples) - 2)
    part = (at - whole).reshape((-1,) + (1,) * (samples.ndim - 1))
    mixed = samples[whole] * (1 - part) + samples[whole + 1] * part
    return mixed.astype(samples.dtype), rate


def noisy(samples, rate):
    level = np.sqrt(np.mean(samples.astype(float) ** 2)) / 100
    noise = np.random.default_rng(1).normal(0, max(level, 1e-9), samples.shape)
    limits = np.iinfo(samples.dtype) if samples.dtype.kind == 'i' else None
    sum_of = samples + noise
    return (np.clip(sum_of, limits.min, limits.max) if limits else sum_of).astype(samples.dtype), rate


def last_part(samples, rate):
    return samples[round((1 - KEPT) * len(samples)):], rate


def under(what, decibels):
    """The song with something beneath it that is so many dB softer."""
    def make(samples, rate):
        x = samples.astype(float) / 32768
        rng = np.random.default_rng(1)
        other = rng.standard_normal(x.shape) if what == 'noise' else dict(crowd=free.crowd, record=free.crackle)[what](rng, len(x) / rate + 1)[:len(x)]
        other = other[:, :x.shape[1]] if x.ndim > 1 else other[:, 0]
        x = x + other * (np.sqrt((x ** 2).mean()) / (np.sqrt((other ** 2).mean()) + 1e-12) * 10 ** (-decibels / 20))
        return written(x), rate
    return make


def written(x):
    return np.round(x / max(1.0, np.abs(x).max() / 0.98) * 32767).astype(np.int16)


def through(low, high):
    def make(samples, rate):
        sections = butter(4, [low, high] if low else high, 'band' if low else 'low', fs=rate, output='sos')
        return written(sosfilt(sections, samples.astype(float) / 32768, axis=0)), rate
    return make


def in_a_room(samples, rate):
    return written(production.roomy(np.random.default_rng(1), samples.astype(float) / 32768)), rate


# name: how it is made, and where a moment of the song lies in it, given the song's length
CHANGES = {
    'silence before': (with_silence, lambda t, length: t + LEAD),
    '3 % faster': (quicker, lambda t, length: t / SPEED),
    'a little noise': (noisy, lambda t, length: t),
    'last 60 %': (last_part, lambda t, length: t - (1 - KEPT) * length),
    **{name: (make, lambda t, length: t) for name, make in {
        'noise 20 dB under it': under('noise', 20), 'noise 10 dB under it': under('noise', 10), 'noise as loud': under('noise', 0),
        'a crowd 6 dB under it': under('crowd', 6), 'a worn record, 10 dB': under('record', 10), 'through a telephone': through(300, 3400),
        'through a wall (low-pass 700 Hz)': through(0, 700), 'in a room': in_a_room}.items()},
}


def listen(cli, path, out):
    if not os.path.exists(out):
        told = subprocess.run([cli, 'analyze', path], capture_output=True, check=True).stdout
        with open(out, 'wb') as file:
            file.write(told)
    with open(out) as file:
        return json.load(file)


def same(a, b, until):
    """F within 50 ms of what lies in [0.5, until)."""
    a, b = (np.array([t for t in times if 0.5 <= t < until]) for times in (a, b))
    if len(a) == 0 and len(b) == 0:
        return 1.0
    return mir_eval.onset.f_measure(a, b, window=0.05)[0] if len(a) and len(b) else 0.0


def compare(cli, audio, name, work):
    first = listen(cli, os.path.join(audio, name), os.path.join(work, name[:-4] + '.json'))
    rate, samples = wavfile.read(os.path.join(audio, name))
    length = len(samples) / rate
    known = os.path.join(os.path.dirname(audio), 'truth', name[:-4] + '.json')
    truth = np.array(json.load(open(known)).get('beats') or [] if os.path.exists(known) else [])
    truth = truth if len(truth) else None
    changed = {}
    for number, (change, (make, place)) in enumerate(CHANGES.items()):
        stem = os.path.join(work, f'{name[:-4]}.{number}')
        if not os.path.exists(stem + '.json'):
            made, made_rate = make(samples, rate)
            wavfile.write(stem + '.wav', made_rate, made)
        second = listen(cli, stem + '.wav', stem + '.json')
        if os.path.exists(stem + '.wav'):
            os.remove(stem + '.wav')
        end = place(length, length) - 0.5
        moved = {key: [place(t, length) for t in first.get(key) or []] for key in ('beats', 'downbeats')}
        pace = SPEED if make is quicker else 1
        tempi = [first.get('tempo'), second.get('tempo')]
        if None in tempi:
            off = tempi[0] != tempi[1]
        else:
            off = abs(tempi[1] / (tempi[0] * pace) - 1) > 0.04
        beats = same(moved['beats'], second.get('beats') or [], end)
        downbeats = same(moved['downbeats'], second.get('downbeats') or [], end)
        right = np.nan
        if truth is not None and place(1.0, length) == 1.0:
            estimate = np.array(second.get('beats') or [])
            right = mir_eval.onset.f_measure(truth, estimate, window=0.07)[0] if len(estimate) else 0.0
        changed[change] = (off, beats < 0.9, downbeats < 0.9, right)
    return name, changed


def part_of(material, name):
    with open(os.path.join(material, 'truth', name[:-4] + '.json')) as file:
        return json.load(file).get('part', 'check')


def main():
    parser = argparse.ArgumentParser(description=__doc__, formatter_class=argparse.RawDescriptionHelpFormatter)
    parser.add_argument('material')
    parser.add_argument('work')
    parser.add_argument('--cli', required=True)
    parser.add_argument('--table')
    parser.add_argument('--jobs', type=int, default=2)
    parser.add_argument('--every', type=int, default=1)
    args = parser.parse_args()
    os.makedirs(args.work, exist_ok=True)
    audio = os.path.join(args.material, 'audio')
    names = sorted(n for n in os.listdir(audio) if n.endswith('.wav') and part_of(args.material, n) == 'check')[::args.every]
    with ThreadPoolExecutor(args.jobs) as pool:
        found = dict(pool.map(lambda name: compare(args.cli, audio, name, args.work), names))
    lines = [f'| changed answers, of {len(found)} songs | tempo | beats | downbeats | F against the truth |', '|---|---|---|---|---|']
    for change in CHANGES:
        rows = np.array([found[name][change] for name in found], float)
        right = rows[:, 3][~np.isnan(rows[:, 3])]
        lines.append(f'| {change} | ' + ' | '.join(f'{100 * share:.1f} %' for share in rows[:, :3].mean(0)) +
                     (f' | {right.mean():.3f} |' if len(right) else ' | - |'))
    print('\n'.join(lines))
    for change in CHANGES:
        print(change, 'beats:', ' '.join(n for n in found if found[n][change][1]))
    if args.table:
        with open(args.table, 'w') as file:
            file.write('\n'.join(lines) + '\n')


if __name__ == '__main__':
    main()
