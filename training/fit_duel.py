#!/usr/bin/python3
# SPDX-License-Identifier: GPL-3.0-or-later
"""Fits the choice between a grid and that of every second of its beats; writes it into src/core/analysis/fitted.cpp.

usage: fit_duel.py TOOL WORK FOLDER...

Arguments as for fit_choice.py, which comes first. A logistic model over the difference of both scores, the differences of
all terms and the terms of the faster grid, with a ridge around the score alone. Pairs of which one is nearly right and
the other is not are fitted to. Prints how often it is right where it was fitted without the song (six folds, what is made
of one source together), and on material of the part `check`, which fits nothing.
"""
import json
import sys
from concurrent.futures import ProcessPoolExecutor

import numpy as np
import torch

import fitted_numbers
import songs as library
from fit_choice import usefulness, value_of

LOOKED_AT = 40      # best grids of a song
RIDGE = 0.02
SCORE_SCALE = 3.0


def look_up(args):
    song, path, weights = args
    grids = json.load(open(path))
    if not grids:
        return None
    terms = np.array([g['terms'] for g in grids])
    score = terms[:, :len(weights)] @ weights
    use = usefulness(np.array([value_of(song, g) for g in grids]))
    beats = [np.array(g['beats']) for g in grids]
    period = np.array([np.median(np.diff(b)) for b in beats])
    top = np.argsort(-score)[:LOOKED_AT]
    pairs = []
    for fast in top:
        partners = [slow for slow in top if abs(period[slow] / period[fast] - 2) < 0.06 and
                    share_on(beats[fast], beats[slow]) > 0.9]
        if partners:
            pairs.append((fast, max(partners, key=lambda i: score[i])))
    chosen = [(f, s) for f, s in pairs if max(use[f], use[s]) > 0.8 and abs(use[f] - use[s]) > 0.2]
    chosen.sort(key=lambda p: -max(score[p[0]], score[p[1]]))
    return terms, score, use, chosen[:6]


def share_on(fast, slow):
    k = np.clip(np.searchsorted(fast, slow), 1, len(fast) - 1)
    return np.mean(np.minimum(np.abs(fast[k - 1] - slow), np.abs(fast[k] - slow)) < 0.05)


def fit(x, y, w):
    x, y, w = (torch.tensor(np.array(v), dtype=torch.float32) for v in (x, y, w))
    prior = torch.zeros(x.shape[1])
    prior[0] = SCORE_SCALE
    weights = prior.clone().requires_grad_(True)
    bias = torch.zeros(1, requires_grad=True)
    optimiser = torch.optim.LBFGS([weights, bias], max_iter=200, line_search_fn='strong_wolfe')

    def closure():
        optimiser.zero_grad()
        each = torch.nn.functional.binary_cross_entropy_with_logits(x @ weights + bias, y, reduction='none')
        loss = (each * w).sum() / w.sum() + RIDGE * ((weights - prior)[1:] ** 2).sum()
        loss.backward()
        return loss
    optimiser.step(closure)
    return weights.detach().numpy(), float(bias.detach())


def main():
    tool, work, folders = sys.argv[1], sys.argv[2], sys.argv[3:]
    songs = [s for s in library.load(folders, ('choose', 'check')) if len(s.beats) > 8]
    out = f'{work}/grids_with'
    library.measured(tool, 'grids', out, songs)
    weights = np.array(fitted_numbers.load()['grid_with'])
    with ProcessPoolExecutor(2) as pool:
        found = list(pool.map(look_up, [(s, f'{out}/{s.name}.json', weights) for s in songs], chunksize=8))
    both = [(s, f) for s, f in zip(songs, found) if f is not None and f[3]]
    terms = np.concatenate([f[0] for _, f in both])
    mean, scale = terms.mean(0), terms.std(0) + 1e-3
    x, y, w, fold = [], [], [], []
    for song, (t, score, use, pairs) in both:
        part = json.load(open(song.audio.replace('/audio/', '/truth/').replace('.wav', '.json'))).get('part')
        for fast, slow in pairs:
            x.append(np.concatenate([[(score[fast] - score[slow]) / SCORE_SCALE], (t[fast] - t[slow]) / scale,
                                     (t[fast] - mean) / scale]))
            y.append(float(use[fast] > use[slow]))
            w.append((1.0 if part else 2.0) / len(pairs))
            fold.append(6 if part == 'check' else library.group_of(song.group) % 6)
    x, y, w, fold = (np.array(v) for v in (x, y, w, fold))
    for name, inside in (('by folds', fold < 6), ('part check', fold == 6)):
        right = before = 0.0
        for k in ([6] if name == 'part check' else range(6)):
            theta, bias = fit(x[(fold != k) & (fold != 6)], y[(fold != k) & (fold != 6)], w[(fold != k) & (fold != 6)])
            sel = fold == k
            right += (w[sel] * ((x[sel] @ theta + bias > 0) == (y[sel] > 0))).sum()
            before += (w[sel] * ((x[sel, 0] > 0) == (y[sel] > 0))).sum()
        print(f'{name}: right {right / w[inside].sum():.3f}, by the score alone {before / w[inside].sum():.3f}')
    theta, bias = fit(x[fold < 6], y[fold < 6], w[fold < 6])
    n = terms.shape[1]
    faster = theta[1 + n:] / scale
    fitted_numbers.save(duel_with=dict(bias=bias - float(faster @ mean), score=float(theta[0]) / SCORE_SCALE,
                                       difference=(theta[1:1 + n] / scale).tolist(), faster=faster.tolist()))


if __name__ == '__main__':
    main()
