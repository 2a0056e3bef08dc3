#!/usr/bin/python3
# SPDX-License-Identifier: GPL-3.0-or-later
"""Fits where the bars of a song with one metre lie (BarModel::settled); prints the numbers, which are copied by hand.

usage: fit_places.py TOOL WORK FOLDER...

On true beats: for each metre and first downbeat the mean likelihood of the bars, their contrast, how much more alike beats
a bar apart are than others, and whether the song begins with a bar. A soft maximum over them, with a ridge. Prints the F
of downbeats by folds that leave out what is made of one source together, beside the best that one metre can get.
"""
import json
import os
import sys

import numpy as np
import torch

import fitted_numbers
import songs as library

METRES = (4, 3, 2, 5, 6, 7)
PLACES = [(m, first) for m in METRES for first in range(m)]
RIDGE = 0.01
WEIGHT = dict(corpus=6.0, level=0.5)  # songs that are no made material; those whose level is hard on purpose


def measured(song, path, weights):
    rows = np.array(json.load(open(path)))
    n = len(rows)
    odds = weights['bias'] + rows @ np.array(weights['here'])
    odds[1:] += rows[:-1] @ np.array(weights['before'])
    odds[:-1] += rows[1:] @ np.array(weights['after'])
    chance = np.clip(1 / (1 + np.exp(-odds)), 0.01, 0.99)
    unit = rows / np.sqrt((rows ** 2).mean(0) + 1e-6)
    unit /= np.sqrt((unit ** 2).sum(1, keepdims=True) + 1e-6)
    alike = [0, 0] + [float((unit[lag:] * unit[:-lag]).sum(1).mean()) if lag < n - 4 else 0.0 for lag in range(2, 15)]
    terms, values = [], []
    for metre, first in PLACES:
        down = np.zeros(n, bool)
        down[first::metre] = True
        terms.append([np.log(np.where(down, chance, 1 - chance)).mean(), chance[down].mean() - chance[~down].mean(),
                      0.5 * (alike[metre] + alike[2 * metre]) - np.mean(alike[2:9]), float(first == 0)] +
                     [float(metre == m) for m in METRES[1:]])
        values.append(library.f_measure(song.downbeats, song.beats[down]))
    return terms, values


def main():
    tool, work, folders = sys.argv[1], sys.argv[2], sys.argv[3:]
    songs = [s for s in library.load(folders, ('choose', 'check'))
             if s.downbeats is not None and len(s.beats) > 16 and len(s.downbeats) > 3]
    os.makedirs(f'{work}/beats', exist_ok=True)
    for s in songs:
        with open(f'{work}/beats/{s.name}.txt', 'w') as file:
            file.write('\n'.join(f'{beat:.4f}' for beat in s.beats))
    library.measured(tool, 'bars', f'{work}/bars', songs, (f'{work}/beats',))
    weights = fitted_numbers.load()['bars_with']
    data = [measured(s, f'{work}/bars/{s.name}.json', weights) for s in songs]
    x, v = (torch.tensor(np.array([d[k] for d in data]), dtype=torch.float32) for k in (0, 1))
    scale = x.reshape(-1, x.shape[2]).std(0) + 1e-3
    made = [json.load(open(s.audio.replace('/audio/', '/truth/').replace('.wav', '.json'))).get('part') for s in songs]
    each = torch.tensor([WEIGHT.get('corpus' if part is None else s.kind, 1.0) for s, part in zip(songs, made)])
    fitting = np.array([part != 'check' for part in made])
    fold = np.array([library.group_of(s.group) % 6 for s in songs])

    def fit(inside):
        w = torch.zeros(x.shape[2], requires_grad=True)
        optimiser = torch.optim.LBFGS([w], max_iter=200, line_search_fn='strong_wolfe')

        def closure():
            optimiser.zero_grad()
            log_p = torch.log_softmax((x[inside] / scale) @ w, 1)
            near = (v[inside] - v[inside].max(1, keepdim=True)[0]) / 0.06
            loss = -(torch.logsumexp(log_p + near, 1) * each[inside]).sum() / each[inside].sum() + RIDGE * (w ** 2).sum()
            loss.backward()
            return loss
        optimiser.step(closure)
        return w.detach()
    got = np.zeros(len(songs))
    for k in range(6):
        w = fit(np.flatnonzero(fitting & (fold != k)))
        for i in np.flatnonzero(fold == k):
            got[i] = v[i, int(torch.argmax((x[i] / scale) @ w))]
    kinds = np.array(['corpus' if part is None else s.kind + ('*' if part == 'check' else '')
                      for s, part in zip(songs, made)])
    for kind in sorted(set(kinds)):
        here = kinds == kind
        print(f'{kind:10s} {here.sum():4d} {got[here].mean():.3f} possible {v.max(1)[0].numpy()[here].mean():.3f}')
    names = ['likelihood', 'contrast', 'repetition', 'beginning'] + [f'metre {m}' for m in METRES[1:]]
    for name, value in zip(names, (fit(np.flatnonzero(fitting)) / scale).tolist()):
        print(f'{name}: {value:.2f}')


if __name__ == '__main__':
    main()
