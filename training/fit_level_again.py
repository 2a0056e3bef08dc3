#!/usr/bin/python3
# SPDX-License-Identifier: GPL-3.0-or-later
"""Fits the choice between a grid and that of every second of its beats once more, around the numbers that there are: when the network that
listens has learned something new, or there are kinds of music that the choice was not fitted on. Few numbers move, and little, so that what
was fitted on songs that are no longer at hand is not lost.

usage: fit_level_again.py TOOL WORK FOLDER... [--write]

Arguments as for fit_duel.py. Prints the share of songs at the right level, each kind by numbers that were fitted without that kind of music; with
--write the numbers, fitted on all, go into src/core/analysis/fitted.cpp.
"""
import json
import sys
from concurrent.futures import ProcessPoolExecutor

import numpy as np
import torch

import fitted_numbers
import songs as library
from fit_choice import usefulness, value_of
from fit_duel import LOOKED_AT, share_on

# Of the faster grid: tempo, where kicks, snares and hats are; of the difference of both: what is heard as beats, bars.
FASTER = (0, 1, 2, 3, 8, 9, 11, 12, 22, 45, 46, 48, 49, 50, 37, 51, 20, 18, 35)
DIFFERENCE = (36, 5, 6)
RIDGE = 0.02


def look_up(args):
    song, path, weights = args
    grids = json.load(open(path))
    if not grids:
        return None
    terms = np.array([g['terms'] for g in grids])
    score = terms[:, :len(weights)] @ weights
    top = np.argsort(-score, kind='stable')[:LOOKED_AT]
    terms, score, grids = terms[top], score[top], [grids[i] for i in top]
    beats = [np.array(g['beats']) for g in grids]
    period = np.array([np.median(np.diff(b)) for b in beats])

    def doubles(fast, slow):
        return abs(period[slow] / period[fast] - 2) <= 0.06 and share_on(beats[fast], beats[slow]) > 0.9
    others = range(1, len(grids))
    pairs = [(0, i) for i in others if doubles(0, i)][:1] + [(i, 0) for i in others if doubles(i, 0)][:1]
    values = np.array([value_of(song, g) for g in grids]) if len(song.beats) else None
    return terms, score, period, values, pairs, [len(b) for b in beats]


def signs(found, fast, slow, duel):
    terms, score = found[0], found[1]
    was = duel['bias'] + duel['score'] * (score[fast] - score[slow]) + np.dot(duel['difference'], terms[fast] - terms[slow]) + \
        np.dot(duel['faster'], terms[fast])
    return np.concatenate([[was], terms[fast][list(FASTER)], (terms[fast] - terms[slow])[list(DIFFERENCE)]])


def fit(x, y, weights):
    x, y, weights = (torch.tensor(np.array(v), dtype=torch.float32) for v in (x, y, weights))
    prior = torch.zeros(x.shape[1])
    prior[0] = 1
    theta, bias = prior.clone().requires_grad_(True), torch.zeros(1, requires_grad=True)
    optimiser = torch.optim.LBFGS([theta, bias], max_iter=100, line_search_fn='strong_wolfe')

    def closure():
        optimiser.zero_grad()
        each = torch.nn.functional.binary_cross_entropy_with_logits(x @ theta + bias, y, reduction='none')
        loss = (each * weights).sum() / weights.sum() + RIDGE * ((theta - prior)[1:] ** 2).sum()
        loss.backward()
        return loss
    optimiser.step(closure)
    return theta.detach().numpy(), float(bias.detach())


def kind_of(song):
    """What is left out together: of feels and levels each rhythm is a kind of its own."""
    source = json.load(open(song.audio.replace('/audio/', '/truth/').replace('.wav', '.json'))).get('source', '')
    return f'{song.kind}: {source}' if song.kind in ('feel', 'level') else song.kind


def settled(found, odds):
    for fast, slow in found[4]:
        if fast == 0 and odds(fast, slow) < 0:
            return slow
        if slow == 0 and odds(fast, slow) > 0:
            return fast
    return 0


def main():
    args = [a for a in sys.argv[1:] if not a.startswith('--')]
    tool, work, folders = args[0], args[1], args[2:]
    songs = [s for s in library.load(folders, ('choose',)) if len(s.beats) > 8]
    out = f'{work}/grids_with'
    library.measured(tool, 'grids', out, songs)
    numbers = fitted_numbers.load()
    weights, duel = np.array(numbers['grid_with']), numbers['duel_with']
    with ProcessPoolExecutor(2) as pool:
        found = list(pool.map(look_up, [(s, f'{out}/{s.name}.json', weights) for s in songs], chunksize=8))
    both = [(s, f, kind_of(s)) for s, f in zip(songs, found) if f is not None]
    rows = []
    for song, f, kind in both:
        use = usefulness(f[3])
        rows += [(kind, song.kind, signs(f, a, b, duel), float(use[a] > use[b])) for a, b in f[4]
                 if max(use[a], use[b]) > 0.75 and abs(use[a] - use[b]) > 0.2]
    x = np.array([r[2] for r in rows])
    mean, scale = x.mean(0), x.std(0) + 1e-6
    mean[0], scale[0] = 0, 1
    x = (x - mean) / scale
    kinds, wide = np.array([r[0] for r in rows]), [r[1] for r in rows]
    y, w = np.array([r[3] for r in rows]), np.array([1 / np.sqrt(wide.count(k)) for k in wide])
    right = {}
    for left_out in sorted(set(kinds)):
        theta, bias = fit(x[kinds != left_out], y[kinds != left_out], w[kinds != left_out])
        for song, f, kind in both:
            if kind == left_out:
                true = np.median(np.diff(song.beats))
                for title, odds in (('before', lambda a, b: signs(f, a, b, duel)[0]),
                                    ('after', lambda a, b: (signs(f, a, b, duel) - mean) / scale @ theta + bias)):
                    chosen = settled(f, odds)
                    for name in (song.kind, 'all'):
                        right.setdefault((name, title), []).append((abs(f[2][chosen] / true - 1) < 0.04, f[3][chosen][1]))
    for name in sorted({k for k, _ in right}):
        before, after = (np.mean(np.array(right[name, t], float), 0) for t in ('before', 'after'))
        print(f'{name:8s} {len(right[name, "after"]):4d}  level right {before[0]:.3f} -> {after[0]:.3f}  CMLt {before[1]:.3f} -> {after[1]:.3f}')
    if '--write' not in sys.argv:
        return
    theta, bias = fit(x, y, w)
    theta = theta / scale
    new = {k: np.array(duel[k]) * theta[0] for k in ('difference', 'faster')}
    for i, term in enumerate(FASTER):
        new['faster'][term] += theta[1 + i]
    for i, term in enumerate(DIFFERENCE):
        new['difference'][term] += theta[1 + len(FASTER) + i]
    fitted_numbers.save(duel_with=dict(bias=float(duel['bias'] * theta[0] + bias - (theta * mean)[1:].sum()), score=float(duel['score'] * theta[0]),
                                       difference=new['difference'].tolist(), faster=new['faster'].tolist()))


if __name__ == '__main__':
    main()
