#!/usr/bin/python3
# SPDX-License-Identifier: GPL-3.0-or-later
"""Fits the logistic model for downbeats on known beats; writes the numbers into src/core/analysis/fitted.cpp.

usage: fit_bars.py TOOL WORK FOLDER... [--no-with] [--no-without]

TOOL: build/release/pulsepin-terms. WORK: a folder for what it measures. FOLDERs: made material (its part `choose` is
used) and others with truth/NAME.json. Prints the share of bars' beginnings found, each song by numbers that were
fitted without it.
"""
import json
import os
import sys

import numpy as np
import torch

import fitted_numbers
import songs as library


def rows_of(song, out):
    rows = np.array(json.load(open(f'{out}/{song.name}.json')), np.float32)
    pad = np.zeros((1, rows.shape[1]), np.float32)
    x = np.concatenate([rows, np.concatenate([pad, rows[:-1]]), np.concatenate([rows[1:], pad])], 1)
    at = np.searchsorted(song.downbeats, song.beats)
    near = np.minimum(np.abs(song.downbeats[np.clip(at, 0, len(song.downbeats) - 1)] - song.beats),
                      np.abs(song.downbeats[np.clip(at - 1, 0, len(song.downbeats) - 1)] - song.beats))
    return x, (near < 0.02).astype(np.float32)


def fit(data, ridge):
    x = torch.from_numpy(np.concatenate([d[0] for d in data]))
    y = torch.from_numpy(np.concatenate([d[1] for d in data]))
    each = torch.from_numpy(np.concatenate([np.full(len(d[1]), 1 / np.sqrt(len(d[1]))) for d in data]).astype(np.float32))
    w = torch.zeros(x.shape[1], requires_grad=True)
    b = torch.tensor([-1.2], requires_grad=True)
    optimiser = torch.optim.LBFGS([w, b], max_iter=80, line_search_fn='strong_wolfe')

    def closure():
        optimiser.zero_grad()
        loss = (torch.nn.functional.binary_cross_entropy_with_logits(x @ w + b, y, reduction='none') * each).sum() / \
            each.sum() + ridge * (w ** 2).sum()
        loss.backward()
        return loss
    optimiser.step(closure)
    return w.detach().numpy(), float(b)


def best_phase(odds, y):
    """Whether the best of constant bars of the true length begins where the true ones do."""
    gap = np.diff(np.flatnonzero(y))
    if len(gap) == 0:
        return None
    m = int(np.median(gap))
    sums = [odds[k::m].mean() for k in range(m)]
    truth = [y[k::m].mean() for k in range(m)]
    return float(np.argmax(sums) == np.argmax(truth))


def main():
    args = [a for a in sys.argv[1:] if not a.startswith('--')]
    tool, work, folders = args[0], args[1], args[2:]
    all_songs = [s for s in library.load(folders, ('choose',)) if s.downbeats is not None and len(s.beats) > 12 and
                 len(s.downbeats) > 2]
    os.makedirs(work + '/beats', exist_ok=True)
    for s in all_songs:
        np.savetxt(f'{work}/beats/{s.name}.txt', s.beats, '%.5f')
    for which in [w for w in ('with', 'without') if f'--no-{w}' not in sys.argv]:
        out = f'{work}/bars_{which}'
        library.measured(tool, 'bars', out, all_songs, (work + '/beats',), which == 'without')
        data = [rows_of(s, out) for s in all_songs]
        folds = np.array([library.group_of(s.group) % 5 for s in all_songs])
        for ridge in (3e-4, 1e-3, 3e-3):
            right, loss, count = [], 0.0, 0
            for fold in range(5):
                w, b = fit([d for d, f in zip(data, folds) if f != fold], ridge)
                for (x, y), f in zip(data, folds):
                    if f == fold:
                        odds = x @ w + b
                        loss += float(np.logaddexp(0, np.where(y > 0, -odds, odds)).mean())
                        count += 1
                        right.append(best_phase(odds, y))
            right = [r for r in right if r is not None]
            print(f'{which} network, ridge {ridge}: {len(data)} songs, loss {loss / count:.4f}, '
                  f'phase right {np.mean(right):.3f}', flush=True)
        w, b = fit(data, 1e-3)
        n = data[0][0].shape[1] // 3
        fitted_numbers.save(**{f'bars_{which}': dict(bias=b, here=w[:n].tolist(), before=w[n:2 * n].tolist(),
                                                     after=w[2 * n:].tolist())})


if __name__ == '__main__':
    main()
