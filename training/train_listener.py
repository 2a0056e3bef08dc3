#!/usr/bin/python3
# SPDX-License-Identifier: GPL-3.0-or-later
"""Trains a network on spectra of made material.

usage: train_listener.py rhythm|drums MATERIAL SPECTRA OUT [--minutes 40] [--threads 2] [--begin FILE.pt]

MATERIAL: what bench/accuracy/make_material.py wrote; its part `learn` is learned from, its part `check` watched. Drums are learned from
kits hit by hit (`--only kit`) beside the rest. SPECTRA: what build/release/pulsepin-spectra wrote of it. OUT: file for the parameters (torch).
"""
import argparse
import glob
import json
import os
import time

import numpy as np
import torch
from scipy.signal import lfilter

from listener import INPUTS, SHAPES, Listener, grow

CROPS = dict(rhythm=(2400, 6), drums=(1200, 12))  # frames of an example, examples of a step
UNDER = dict(rhythm=(-30, 2), drums=(-24, 3))  # dB, how loud what lies under some is
UNDER_SHARE = 0.3  # of the examples
HZ = np.concatenate([np.geomspace(150, 16500, 54), np.geomspace(30, 4200, 60)])  # of the bands, nearly
MOST = 0.4  # of the examples are of one kind of material, however many pieces there are of it
WEIGHTS = dict(onset=1.0, kick=0.8, snare=0.8, hat=0.8, beat=3.0, downbeat=3.0)  # of losses; others 0.8
TRUTH = dict(onset='onsets', beat='beats', downbeat='downbeats')  # names in the files; others as they are


class Track:
    def __init__(self, name, truth, spectra):
        self.x = np.fromfile(spectra, np.float16).reshape(-1, INPUTS)
        self.truth = truth
        self.name = name
        self.kind = truth['kind']


def load(material, spectra, part, known, outputs):
    tracks = []
    for path in sorted(glob.glob(material + '/truth/*.json')):
        name = os.path.basename(path)[:-5]
        f16 = f'{spectra}/{name}.f16'
        if name in known or not os.path.exists(f16):
            continue
        truth = json.load(open(path))
        told = 'beat' in outputs or 'tom' in truth  # modules do not tell their drums
        if truth['part'] == part and told and (len(truth['beats']) > 8 or truth['kind'] == 'free'):
            tracks.append(Track(name, truth, f16))
            known.add(name)
    return tracks


def put(target, times, start, stretch, frames, shape):
    at = np.round((np.asarray(times) * 100 - start) * stretch).astype(int)
    for offset, value in shape:
        k = at + offset
        k = k[(k >= 0) & (k < frames)]
        target[k] = np.maximum(target[k], value)


def without_beat(tracks):
    """What can lie under any other: speech, pads and noises, that have no drums."""
    return [t for t in tracks if t.truth['kind'] == 'free' and not any(t.truth.get(d) for d in ('kick', 'snare', 'hat'))]


def band_cut(rng, x):
    """As through a wall, a telephone or a small loudspeaker: 24 dB an octave beyond the limits."""
    low, high = [(0, np.exp(rng.uniform(np.log(700), np.log(6000)))), (300, 3400), (np.exp(rng.uniform(np.log(80), np.log(400))), 1e9)][rng.integers(3)]
    fall = 24 * (np.maximum(0, np.log2(HZ / high)) + (np.maximum(0, np.log2(low / HZ)) if low else 0))
    return np.log10(1 + (10 ** x - 1) * 10 ** (-fall / 20).astype(np.float32)).astype(np.float32)


def in_a_room(rng, x):
    """What was heard goes on for a while, more faintly."""
    keep = np.float32(0.001 ** (1 / (100 * rng.uniform(0.2, 1.2))))  # of the power of one frame in the next
    power = (10 ** x - 1) ** 2
    tail = lfilter([0, 1 - keep], [1, -keep], power, axis=0)
    return np.log10(1 + np.sqrt(power + rng.uniform(0.1, 2) * tail)).astype(np.float32)


def crop(track, rng, augment, what, under=None):
    """(x: bands x frames, y: outputs x frames, mask). `under`: a track that is heard beneath it."""
    outputs, length = SHAPES[what].outputs, CROPS[what][0]
    under_start = None
    stretch = float(np.exp(rng.uniform(-0.28, 0.28))) if augment and rng.random() < 0.6 else 1.0
    need = int(length / stretch) + 2
    n = len(track.x)
    start = int(rng.integers(-100, max(-99, n - need + 100)))
    rows = np.arange(start, start + need)
    x = np.zeros((need, INPUTS), np.float32)
    inside = (rows >= 0) & (rows < n)
    x[inside] = track.x[rows[inside]]
    if stretch != 1.0:
        at = np.arange(length) / stretch
        i = at.astype(int)
        f = (at - i)[:, None].astype(np.float32)
        x = x[i] * (1 - f) + x[i + 1] * f
    else:
        x = x[:length]
    if augment:
        if rng.random() < 0.7:
            linear = (10 ** x - 1) / 300
            bands = np.concatenate([np.linspace(-.4, 1, 54), np.linspace(-1, .6, 60)])
            gain = rng.uniform(-8, 8) + rng.uniform(-8, 8) * bands
            x = np.log10(1 + 300 * linear * 10 ** (gain / 20).astype(np.float32))
        if rng.random() < 0.15:
            x = in_a_room(rng, x)
        if under is not None and len(under.x) > 200:
            under_start = int(rng.integers(0, len(under.x)))
            other = under.x[(under_start + np.arange(length)) % len(under.x)].astype(np.float32)
            x = np.log10(10 ** x + (10 ** other - 1) * 10 ** (rng.uniform(*UNDER[what]) / 20)).astype(np.float32)
        if rng.random() < 0.15:
            x = band_cut(rng, x)
        if rng.random() < 0.3:
            s = int(rng.integers(-2, 3))
            x = np.concatenate([np.roll(x[:, :54], s, 1), np.roll(x[:, 54:], s, 1)], 1)
        if rng.random() < 0.3:
            for _ in range(2):
                a = int(rng.integers(0, INPUTS - 10))
                x[:, a:a + int(rng.integers(2, 10))] = 0
        if rng.random() < 0.2:
            a = int(rng.integers(0, length - 150))
            x[a:a + int(rng.integers(20, 150))] *= rng.uniform(0, 0.3)
    t = track.truth
    y = np.zeros((len(outputs), length), np.float32)
    mask = np.ones((len(outputs), length), np.float32)
    sharp = ((0, 1.0), (-1, .5), (1, .5))
    wide = ((0, 1.0), (-1, .7), (1, .7), (-2, .25), (2, .25))
    for i, name in enumerate(outputs):
        key = TRUTH.get(name, name)
        if t.get(key) is None:
            mask[i] = 0
            continue
        put(y[i], t[key], start, stretch, length, wide if name in ('beat', 'downbeat') else sharp)
    if 'beat' not in outputs:
        return x.T.copy(), y, mask
    soft = np.round((np.asarray(t['onsets_soft']) * 100 - start) * stretch).astype(int)
    if under_start is not None:  # what lies under it may be heard, and need not be
        theirs = np.asarray(list(under.truth['onsets'] or []) + list(under.truth['onsets_soft'] or []))
        soft = np.concatenate([soft, (np.round(theirs * 100).astype(int) - under_start) % len(under.x)])
    for offset in range(-4, 5):
        k = soft + offset
        k = k[(k >= 0) & (k < length)]
        mask[0][k] = np.where(y[0][k] > 0, 1, 0)
    beats = np.asarray(t['beats'])
    if len(beats) == 0:
        return x.T.copy(), y, mask
    period = float(np.median(np.diff(beats)))
    first = int((beats[0] * 100 - 10 - start) * stretch)
    last = int(((beats[-1] + period) * 100 - start) * stretch)
    mask[4:, :max(0, min(length, first))] *= 0.2  # silence before: no beats, but not worth much
    mask[4:, max(0, last):] = 0
    return x.T.copy(), y, mask


def batch(tracks, rng, augment, what, lying_under=()):
    length, count = CROPS[what]
    weights = np.array([1.0 if len(t.x) > length else 0.6 for t in tracks])
    kinds = np.array([t.kind for t in tracks])
    for kind in set(kinds):
        share = weights[kinds == kind].sum() / weights.sum()
        if share > MOST and share < 1:
            weights[kinds == kind] *= MOST / (1 - MOST) * (1 - share) / share
    chosen = rng.choice(len(tracks), count, p=weights / weights.sum())

    def under():
        return lying_under[rng.integers(len(lying_under))] if lying_under and rng.random() < UNDER_SHARE else None
    parts = [crop(tracks[i], rng, augment, what, under()) for i in chosen]
    return [torch.from_numpy(np.stack([p[i] for p in parts])) for i in range(3)]


def loss_of(net, data):
    x, y, mask = data
    raw = torch.nn.functional.binary_cross_entropy_with_logits(net(x), y, reduction='none') * mask
    each = raw.sum((0, 2)) / mask.sum((0, 2)).clamp(min=1)
    weights = torch.tensor([WEIGHTS.get(name, 0.8) for name in net.shape.outputs])
    return (each * weights).sum(), each.detach()


def main():
    ap = argparse.ArgumentParser(description=__doc__, formatter_class=argparse.RawDescriptionHelpFormatter)
    ap.add_argument('what', choices=SHAPES)
    ap.add_argument('material')
    ap.add_argument('spectra')
    ap.add_argument('out')
    ap.add_argument('--minutes', type=float, default=40)
    ap.add_argument('--threads', type=int, default=2)
    ap.add_argument('--begin', help='parameters to go on from, perhaps of a narrower network')
    ap.add_argument('--rate', type=float, default=3e-3)
    a = ap.parse_args()
    torch.set_num_threads(a.threads)
    torch.manual_seed(1)
    rng = np.random.default_rng(1)
    outputs = SHAPES[a.what].outputs
    known, watched_known = set(), set()
    tracks = load(a.material, a.spectra, 'learn', known, outputs)
    watched = load(a.material, a.spectra, 'check', watched_known, outputs)
    lying_under = without_beat(tracks)
    print(len(tracks), 'pieces to learn from,', len(watched), 'to watch', flush=True)
    net = Listener(SHAPES[a.what])
    if a.begin:
        grow(net, torch.load(a.begin))
    else:
        sample = np.concatenate([t.x[::20].astype(np.float32) for t in tracks])
        rise = np.concatenate([np.maximum(0, t.x[2::20].astype(np.float32) - t.x[:-2:20][:len(t.x[2::20])].astype(np.float32))
                               for t in tracks])
        net.mean[:] = torch.from_numpy(np.concatenate([sample.mean(0), rise.mean(0)]))
        net.scale[:] = torch.from_numpy(1 / (np.concatenate([sample.std(0), rise.std(0)]) + 0.02))
    check = [batch(watched, np.random.default_rng(100 + i), False, a.what) for i in range(16)]
    optimiser = torch.optim.AdamW(net.parameters(), lr=a.rate, weight_decay=0.02)
    begun = time.time()
    step, sums, n = 0, torch.zeros(len(outputs)), 0
    while True:
        share = (time.time() - begun) / (a.minutes * 60)
        if share >= 1:
            break
        warm = min(1.0, (step + 1) / 50)
        for group in optimiser.param_groups:
            group['lr'] = a.rate * warm * (0.02 + 0.98 * 0.5 * (1 + np.cos(np.pi * share)))
        net.train()
        loss, each = loss_of(net, batch(tracks, rng, True, a.what, lying_under))
        optimiser.zero_grad()
        loss.backward()
        torch.nn.utils.clip_grad_norm_(net.parameters(), 0.5)
        optimiser.step()
        sums += each
        n += 1
        step += 1
        if step % 200 == 0:
            more = load(a.material, a.spectra, 'learn', known, outputs)
            tracks += more
            lying_under += without_beat(more)
            net.eval()
            with torch.no_grad():
                seen = torch.stack([loss_of(net, c)[1] for c in check]).mean(0)
            print(f'{step} {100 * share:.0f}% {len(tracks)} learned', ' '.join(f'{v:.4f}' for v in sums / n), '| watched',
                  ' '.join(f'{v:.4f}' for v in seen), flush=True)
            sums, n = torch.zeros(len(outputs)), 0
            torch.save(net.state_dict(), a.out)
    torch.save(net.state_dict(), a.out)


if __name__ == '__main__':
    main()
