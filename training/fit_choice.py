#!/usr/bin/python3
# SPDX-License-Identifier: GPL-3.0-or-later
"""Fits the choice among candidate grids; writes the numbers into src/core/analysis/fitted.cpp.

usage: fit_choice.py TOOL WORK FOLDER... [--no-with] [--no-without] [--worst]

Arguments as for fit_bars.py, which comes first. A linear score over the terms is fitted so that the grids that are
nearly the best have most of the probability (softmax), with a ridge. Prints what each song gets by numbers that were
fitted without it.
"""
import json
import sys
from concurrent.futures import ProcessPoolExecutor

import numpy as np
import torch

import fitted_numbers
import songs as library


TERMS = 53  # the last four are for fit_duel.py: in this score they help nothing (cross-validated)


def value_of(song, grid):
    beats, downbeats = np.array(grid['beats']), np.array(grid['downbeats'])
    f = library.f_measure(song.beats, beats)
    c = library.continuity(song.beats, beats)
    d = f if song.downbeats is None else library.f_measure(song.downbeats, downbeats)
    return f, c, d


def look_up(args):
    song, path = args
    grids = json.load(open(path))
    if not grids:
        return None
    terms = np.array([g['terms'] for g in grids], np.float32)[:, :TERMS]
    values = np.array([value_of(song, g) for g in grids], np.float32) if len(song.beats) else None
    return terms, values, np.array([g['again'] for g in grids])


def usefulness(values):
    return 0.5 * values[:, 0] + 0.3 * values[:, 1] + 0.2 * values[:, 2]


def fit(data, weights, ridge, scale, mask):
    n = scale.shape[0]
    w = torch.zeros(n, requires_grad=True)
    longest = max(len(d[0]) for d in data)
    x = torch.zeros(len(data), longest, n)
    near = torch.full((len(data), longest), -60.0)
    there = torch.full((len(data), longest), -1e9)
    for i, (terms, values, _) in enumerate(data):
        u = usefulness(values)
        x[i, :len(u)] = torch.from_numpy(terms / scale * mask)
        near[i, :len(u)] = torch.from_numpy((u - u.max()) / 0.06)
        there[i, :len(u)] = 0
    each = torch.tensor(weights, dtype=torch.float32)
    optimiser = torch.optim.LBFGS([w], max_iter=200, line_search_fn='strong_wolfe')

    def closure():
        optimiser.zero_grad()
        log_p = torch.log_softmax(x @ w + there, 1)
        loss = -(torch.logsumexp(log_p + near, 1) * each).sum() / each.sum() + ridge * (w ** 2).sum()
        loss.backward()
        return loss
    optimiser.step(closure)
    return w.detach().numpy() / scale * mask


def report(all_songs, data, chosen):
    kinds = sorted({s.kind for s in all_songs})
    for kind in kinds + ['further', 'made', 'all']:
        rows = [(d[1][c], d[1][np.argmax(usefulness(d[1]))]) for s, d, c in zip(all_songs, data, chosen)
                if kind == 'all' or s.kind == kind or kind == 'further' and not s.made or
                kind == 'made' and s.made]
        if rows:
            got, best = np.array([r[0] for r in rows]), np.array([r[1] for r in rows])
            print(f'  {kind:8s} {len(rows):4d}  F {got[:, 0].mean():.3f} CMLt {got[:, 1].mean():.3f} '
                  f'dF {got[:, 2].mean():.3f}   possible {best[:, 0].mean():.3f} {best[:, 1].mean():.3f} '
                  f'{best[:, 2].mean():.3f}', flush=True)


def main():
    args = [a for a in sys.argv[1:] if not a.startswith('--')]
    tool, work, folders = args[0], args[1], args[2:]
    all_songs = library.load(folders, ('choose',))
    for s in all_songs:
        s.weight = 1.0 if s.made else 1.5
    for which in [w for w in ('with', 'without') if f'--no-{w}' not in sys.argv]:
        out = f'{work}/grids_{which}'
        library.measured(tool, 'grids', out, all_songs, (), which == 'without')
        with ProcessPoolExecutor(2) as pool:
            found = list(pool.map(look_up, [(s, f'{out}/{s.name}.json') for s in all_songs], chunksize=8))
        pairs = [(s, d) for s, d in zip(all_songs, found) if d is not None and len(s.beats) > 8]
        free = [d for s, d in zip(all_songs, found) if d is not None and len(s.beats) == 0]
        songs, data = [p[0] for p in pairs], [p[1] for p in pairs]
        scale = np.concatenate([d[0] for d in data]).std(0) + 1e-3
        mask = np.ones_like(scale)
        if which == 'without':
            mask[scale < 0.002] = 0
        folds = np.array([library.group_of(s.group) % 6 for s in songs])
        weights = [s.weight for s in songs]
        best = None
        for ridge in (1e-3, 3e-3, 1e-2, 3e-2):
            chosen = [0] * len(data)
            for fold in range(6):
                inside = [i for i in range(len(data)) if folds[i] != fold]
                w = fit([data[i] for i in inside], [weights[i] for i in inside], ridge, scale, mask)
                for i in range(len(data)):
                    if folds[i] == fold:
                        chosen[i] = int(np.argmax(data[i][0] @ w))
            mean = np.mean([usefulness(d[1])[c] for d, c in zip(data, chosen)])
            print(f'{which} network, ridge {ridge}: usefulness {mean:.4f}', flush=True)
            if best is None or mean > best[0]:
                best = mean, ridge, chosen
        report(songs, data, best[2])
        if '--worst' in sys.argv:
            order = sorted(range(len(data)), key=lambda i: usefulness(data[i][1])[best[2][i]])
            for i in order[:40]:
                v, b = data[i][1][best[2][i]], data[i][1][np.argmax(usefulness(data[i][1]))]
                print('   ', songs[i].name, np.round(v, 2), 'possible', np.round(b, 2))
        w = fit(data, weights, best[1], scale, mask)
        # Pulse or none: from the terms of the chosen grid.
        own = [d[0][int(np.argmax(d[0] @ w))] for d in data]
        none = [d[0][int(np.argmax(d[0] @ w))] for d in free]
        pulse = fit_pulse(np.array(own), np.array(none), which) if len(none) > 5 else None
        changed = {f'grid_{which}': w.tolist()}
        if pulse:
            changed[f'pulse_{which}'] = pulse
        fitted_numbers.save(**changed)


PULSE_TERMS = {'with': (5, 7, 30, 34, 36, 37), 'without': (5, 7, 30, 31, 32, 33, 34)}


def fit_pulse(own, none, which):
    columns = list(PULSE_TERMS[which])
    x = torch.from_numpy(np.concatenate([own, none])[:, columns].astype(np.float32))
    y = torch.cat([torch.ones(len(own)), torch.zeros(len(none))])
    each = torch.cat([torch.full((len(own),), 1 / len(own)), torch.full((len(none),), 1 / len(none))])
    w = torch.zeros(len(columns), requires_grad=True)
    b = torch.zeros(1, requires_grad=True)
    optimiser = torch.optim.LBFGS([w, b], max_iter=100, line_search_fn='strong_wolfe')

    def closure():
        optimiser.zero_grad()
        loss = (torch.nn.functional.binary_cross_entropy_with_logits(x @ w + b, y, reduction='none') * each).sum() + \
            0.003 * (w ** 2).sum()
        loss.backward()
        return loss
    optimiser.step(closure)
    # A song that is refused is worse than noise that is not: at most two in a hundred songs may be refused.
    with torch.no_grad():
        lowest = float(torch.quantile((x @ w + b)[:len(own)], 0.02))
        if lowest < 0:
            b -= lowest
        # Nor need it refuse more than what keeps others out, with a margin for those that were not seen.
        highest = float((x @ w + b)[len(own):].max())
        if highest < -0.9:
            b += -0.9 - highest
    odds = (x @ w + b).detach().numpy()
    songs, others = odds[:len(own)], odds[len(own):]
    print(f'{which} network, pulse: songs taken for none {np.mean(songs < 0):.3f} (lowest {np.sort(songs)[:5].round(2)}), '
          f'others taken for songs {np.mean(others > 0):.3f} (highest {np.sort(others)[-5:].round(2)}), {len(none)} others')
    terms = np.zeros(own.shape[1])
    terms[columns] = w.detach().numpy()
    return dict(bias=float(b), terms=terms.tolist())


if __name__ == '__main__':
    main()
