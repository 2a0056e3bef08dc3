#!/usr/bin/python3
# SPDX-License-Identifier: GPL-3.0-or-later
"""Fits whether there is a pulse at all; writes the numbers into src/core/analysis/fitted.cpp.

usage: fit_pulse.py TOOL WORK FOLDER...

Arguments as for fit_duel.py, which comes first; one of the FOLDERs should hold short pieces (make_material.py --seconds 9), since few beats
are easily made up. Logistic regression over some terms of the grid that is chosen and the number of its beats; of the songs that are fitted to
seven in a thousand may be refused. Prints how many are, and how many sounds without a pulse are silent, of part `choose` and of part `check`,
which fits nothing.
"""
import json
import os
import sys

import numpy as np
import torch

import fitted_numbers
import songs as library
from fit_level_again import look_up, settled, signs

TERMS = (5, 6, 7, 30, 34, 36, 37, 39, 40, 44, 52, 53, 54)
REFUSED = 0.007
RIDGE = 0.005


def signs_of_pulse(song, path, weights, duel):
    found = look_up((song, path, weights)) if os.path.getsize(path) > 4 else None
    if found is None:
        return None
    chosen = settled(found, lambda a, b: signs(found, a, b, duel)[0])
    return np.concatenate([found[0][chosen][list(TERMS)], [np.log2(max(1, found[5][chosen]) / 16)]])


def main():
    tool, work, folders = sys.argv[1], sys.argv[2], sys.argv[3:]
    numbers = fitted_numbers.load()
    weights, duel = np.array(numbers['grid_with']), numbers['duel_with']
    rows = {}
    for part in ('choose', 'check'):
        for i, folder in enumerate(folders):
            songs = library.load([folder], (part,))
            out = f'{work}/grids_with_{i}_{part}'
            library.measured(tool, 'grids', out, songs)
            rows.setdefault(part, []).extend((len(s.beats) > 0, signs_of_pulse(s, f'{out}/{s.name}.json', weights, duel)) for s in songs)
    fitted = [r for r in rows['choose'] if r[1] is not None]
    x = np.array([r[1] for r in fitted])
    mean, scale = x.mean(0), x.std(0) + 1e-6
    x = torch.tensor((x - mean) / scale, dtype=torch.float32)
    y = torch.tensor([float(r[0]) for r in fitted])
    each = torch.where(y > 0, 1 / y.sum(), 1 / (1 - y).sum())
    theta, bias = torch.zeros(x.shape[1], requires_grad=True), torch.zeros(1, requires_grad=True)
    optimiser = torch.optim.LBFGS([theta, bias], max_iter=200, line_search_fn='strong_wolfe')

    def closure():
        optimiser.zero_grad()
        raw = torch.nn.functional.binary_cross_entropy_with_logits(x @ theta + bias, y, reduction='none')
        loss = (raw * each).sum() + RIDGE * (theta ** 2).sum()
        loss.backward()
        return loss
    optimiser.step(closure)
    theta, bias = theta.detach().numpy() / scale, float(bias.detach())
    bias -= float((theta * mean).sum())
    odds = np.sort([float(r[1] @ theta + bias) for r in fitted if r[0]])
    bias -= odds[int(REFUSED * len(odds))]
    for part in ('choose', 'check'):
        told = [(song, -9.0 if s is None else float(s @ theta + bias)) for song, s in rows[part]]
        songs, others = [o for song, o in told if song], [o for song, o in told if not song]
        print(f'part {part}: of {len(songs)} songs {np.mean(np.array(songs) < 0):.3f} refused, of {len(others)} others '
              f'{np.mean(np.array(others) < 0):.3f} silent')
    terms = np.zeros(57)
    terms[list(TERMS)] = theta[:-1]
    fitted_numbers.save(pulse_with=dict(bias=bias, octaves_of_beats=float(theta[-1]), terms=terms.tolist()))


if __name__ == '__main__':
    main()
