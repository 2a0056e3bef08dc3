#!/usr/bin/python3
# SPDX-License-Identifier: GPL-3.0-or-later
"""Finds how sure the network of drums must be of a hit, class by class, and tells how right it then is; the numbers are copied by hand to
onset_functions.cpp.

usage: fit_drums.py TOOL WORK FOLDER...

Peaks of what the network hears on part `choose` of made material, every threshold against the mean F at 50 ms over songs in which the class
plays, and hits a minute where it does not. Then the same at the best one on part `check`, by kit.
"""
import glob
import json
import os
import sys
from types import SimpleNamespace

import numpy as np

import songs as library
from listener import SHAPES

THRESHOLDS = np.arange(0.1, 0.8, 0.05)


def peaks(odds, least):
    """Times and probabilities of maxima over two frames to either side."""
    p = 1 / (1 + np.exp(-odds))
    n = len(p)
    around = np.stack([np.roll(p, k) for k in (-2, -1, 1, 2)]) if n > 4 else np.zeros((4, n))
    at = np.flatnonzero((p >= around.max(0)) & (p > least))
    return at / 100, p[at]


def main():
    tool, work, folders = sys.argv[1], sys.argv[2], sys.argv[3:]
    songs = []
    for path in sorted(p for folder in folders for p in glob.glob(folder + '/truth/*.json')):
        truth = json.load(open(path))
        if ('tom' in truth or 'part' not in truth) and truth.get('part') != 'learn':
            songs.append(SimpleNamespace(name=os.path.basename(path)[:-5], truth=truth, audio=path.replace('/truth/', '/audio/')[:-5] + '.wav'))
    library.measured(tool, 'drums', f'{work}/drums', songs)
    names = SHAPES['drums'].outputs
    table = {}
    for song in songs:
        heard = np.fromfile(f'{work}/drums/{song.name}.f32', np.float32).reshape(len(names), -1)
        group = song.truth.get('part', 'further')
        if group == 'check':
            group += ' ' + ('kit kept out' if 'Red_Zeppelin' in song.truth.get('kit', '') else 'other kits')
        minutes = heard.shape[1] / 6000
        for name, odds in zip(names, heard):
            if song.truth.get(name) is None:
                continue
            true = np.array(song.truth[name])
            times, p = peaks(odds, THRESHOLDS[0])
            row = table.setdefault((group, name), [[], []])
            if len(true) == 0:
                row[1].append([(p > t).sum() / minutes for t in THRESHOLDS])
            else:
                row[0].append([library.f_measure(true, times[p > t], 0.05) for t in THRESHOLDS])
    for name in names:
        best = int(np.argmax(np.mean(table[('choose', name)][0], 0)))
        print(f'{name}: threshold {THRESHOLDS[best]:.2f}')
        for (group, other), (playing, silent) in sorted(table.items()):
            if other == name and playing:
                f = np.mean(playing, 0)
                print(f'    {group:20s} F {f[best]:.3f} of {len(playing)} (best {f.max():.3f} at {THRESHOLDS[f.argmax()]:.2f}), ' +
                      (f'{np.mean(silent, 0)[best]:.1f} a minute in {len(silent)} without' if silent else ''))


if __name__ == '__main__':
    main()
