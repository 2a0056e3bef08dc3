#!/usr/bin/python3
# SPDX-License-Identifier: GPL-3.0-or-later
"""Fits how likely a section begins at a bar (section_starts.h), on whole songs with a form.

usage: fit_sections.py TOOL WORK FOLDER...

FOLDER: what make_material.py --only form wrote; its part `choose` is fitted on, `check` is only told of. Writes fitted.cpp.
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

NAMES = ('wide', 'wide top', 'narrow', 'narrow top', 'level', 'level up', 'kicks', 'cymbals', 'snares and toms', 'crash', 'fill', 'eighth bar',
         'fourth bar', 'second bar')


def main():
    tool, work, folders = sys.argv[1], sys.argv[2], sys.argv[3:]
    songs = []
    for path in sorted(p for folder in folders for p in glob.glob(folder + '/truth/*.json')):
        truth = json.load(open(path))
        if truth.get('sections') and truth['part'] != 'learn':
            songs.append(SimpleNamespace(name=os.path.basename(path)[:-5], truth=truth, audio=path.replace('/truth/', '/audio/')[:-5] + '.wav'))
    library.measured(tool, 'sections', f'{work}/sections', songs)
    x, y, part = [], [], []
    for song in songs:
        found = json.load(open(f'{work}/sections/{song.name}.json'))
        starts = np.array([s[0] for s in song.truth['sections'][1:]])
        for signs, time in zip(found['signs'], found['times']):
            x.append(signs)
            y.append(float(np.abs(starts - time).min() < 0.5))
            part.append(song.truth['part'])
    x, y, part = np.array(x), np.array(y), np.array(part)
    fitting = part == 'choose'
    bias, weights = logistic.fit(x[fitting], y[fitting], np.ones(fitting.sum()), ridge=3.0)
    for name, weight in zip(NAMES, weights):
        print(f'{name}: {weight:.2f}')
    for which in ('choose', 'check'):
        here = part == which
        print(which, '\n'.join(logistic.reliability(logistic.told(bias, weights, x[here]), y[here])), sep='\n')
    fitted_numbers.save(section=dict(bias=bias, signs=list(weights)))


if __name__ == '__main__':
    main()
