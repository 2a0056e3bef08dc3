#!/usr/bin/python3
# SPDX-License-Identifier: GPL-3.0-or-later
"""Fits how likely it is of each peak of what the network hears of a drum that it is a hit (drum_hits.h).

usage: fit_drums.py TOOL WORK FOLDER...

Prints, class by class, the mean F at 50 ms over songs in which it plays, and hits a minute where it does not: by folds that leave out what is
made of one source together, and of part `check`, which fits nothing; a threshold for all songs beside that of each song. Writes fitted.cpp.
"""
import glob
import json
import os
import sys
from types import SimpleNamespace

import numpy as np

import fitted_numbers
import logistic
import songs as library
from listener import SHAPES

FOLDS = 5
SIGNS = 19
FURTHER = 3.0  # a song that is no made material counts so many times


def likely_enough(p):
    """As in drum_hits.cpp."""
    falling = np.sort(p)[::-1]
    expected = 2 * np.cumsum(falling) / (np.arange(1, len(p) + 1) + p.sum())
    return falling[expected.argmax()] if expected.max() >= 0.15 else 2


def load(tool, work, folders):
    songs = []
    for path in sorted(p for folder in folders for p in glob.glob(folder + '/truth/*.json')):
        truth = json.load(open(path))
        name = os.path.basename(path)[:-5]
        if truth.get('part') != 'learn' and truth.get('kick') is not None:
            group = truth['kind'] + ' ' + truth['part'] if 'part' in truth else 'further'
            group += ', the kit kept out' if 'Red_Zeppelin' in truth.get('kit', '') else ''
            songs.append(SimpleNamespace(name=name, truth=truth, audio=path.replace('/truth/', '/audio/')[:-5] + '.wav', group=group,
                                         fold=library.group_of(str(truth.get('source') or truth.get('base', name))) % FOLDS,
                                         checks='check' in group))
    library.measured(tool, 'hits', f'{work}/hits', songs)
    for song in songs:
        song.rows = np.fromfile(f'{work}/hits/{song.name}.f32', np.float32).reshape(-1, SIGNS + 2).astype(float)
    return songs


def fit(songs):
    x, y = np.concatenate([s.x for s in songs]), np.concatenate([s.y for s in songs])
    each = np.concatenate([np.full(len(s.x), (FURTHER if s.group == 'further' else 1) / max(20, len(s.x))) for s in songs])
    return logistic.fit(x, y, each / each.mean())


def main():
    tool, work, folders = sys.argv[1], sys.argv[2], sys.argv[3:]
    songs = load(tool, work, folders)
    kept = {}
    for number, drum in enumerate(SHAPES['drums'].outputs):
        known = [s for s in songs if s.truth.get(drum) is not None]
        for s in known:
            rows = s.rows[s.rows[:, 0] == number]
            s.times, s.x = rows[:, 1] / 100, rows[:, 2:]
            s.y = library.right_ones(s.truth[drum], s.times, 0.05)
        fitting = [s for s in known if not s.checks]
        whole = fit(fitting)
        by_fold = [fit([s for s in fitting if s.fold != k]) for k in range(FOLDS)]
        table = {}
        for s in known:
            if not len(s.x):
                continue
            p = logistic.told(*(whole if s.checks else by_fold[s.fold]), s.x)
            enough = likely_enough(p)
            row = table.setdefault(s.group, ([], [], [], []))
            if s.truth[drum]:
                row[0].append(library.f_measure(s.truth[drum], s.times[p >= enough], 0.05))
                row[1].append(library.f_measure(s.truth[drum], s.times[p >= 0.35], 0.05))
                row[2].append(max(library.f_measure(s.truth[drum], s.times[p >= t], 0.05) for t in np.arange(0.05, 0.95, 0.05)))
            else:
                row[3].append(60 * (p >= enough).sum() / s.truth['duration'])
        print(drum)
        for group, (each, one, best, silent) in sorted(table.items()):
            if each:
                print(f'    {group:30s} F {np.mean(each):.3f} of {len(each)}, one threshold {np.mean(one):.3f}, the best {np.mean(best):.3f}' +
                      (f', {np.mean(silent):.1f} a minute in {len(silent)} without' if silent else ''))
        kept[drum] = dict(bias=whole[0], signs=list(whole[1]))
    fitted_numbers.save(hit=kept)


if __name__ == '__main__':
    main()
