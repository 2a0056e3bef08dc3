#!/usr/bin/python3
# SPDX-License-Identifier: GPL-3.0-or-later
"""Fits how likely it is of each beat that was found that it lies within 70 ms of a true one (beat_sureness.h).

usage: fit_beats.py TOOL WORK FOLDER...

Prints the reliability by folds that leave out what is made of one source together, and
of part `check`, which fits nothing; writes fitted.cpp.
"""
import json
import os
import sys

import numpy as np

import fitted_numbers
import logistic
import songs as library

# On the beat, on this beat alone, half a beat later, a third; the song's means on and between; how sure the grid is, how clear the attack,
# how uneven the beats, how much more is heard between, whether there is a pulse.
SPEAKS = (1, 1, -1, -1, 1, -1, 1, 1, -1, -1, 1)


def main():
    tool, work, folders = sys.argv[1], sys.argv[2], sys.argv[3:]
    songs = [s for s in library.load(folders, ('choose', 'check')) if len(s.beats) > 8]
    library.measured(tool, 'beats', f'{work}/beat_signs', songs)
    rows, right, of = [], [], []
    for i, song in enumerate(songs):
        found = json.load(open(f'{work}/beat_signs/{song.name}.json'))
        for signs, time in zip(found.get('signs', []), found.get('times', [])):
            rows.append(signs)
            right.append(float(np.abs(song.beats - time).min() < 0.07))
            of.append(i)
    x, y, of = np.array(rows), np.array(right), np.array(of)
    part = np.array([json.load(open(s.audio.replace('/audio/', '/truth/').replace('.wav', '.json'))).get('part') for s in songs])
    fold = np.array([library.group_of(s.group) % 6 for s in songs])
    each = np.ones(len(y))
    fitting = part[of] != 'check'
    p = np.zeros(len(y))
    for k in range(6):
        inside = fitting & (fold[of] != k)
        bias, weights = logistic.fit_with_signs(x[inside], y[inside], each[inside], SPEAKS)
        out = fold[of] == k
        p[out] = logistic.told(bias, weights, x[out])
    for name, here in (('by folds', fitting), ('check', ~fitting)):
        print(name, f'{here.sum()} beats, {y[here].mean():.3f} right')
        print('\n'.join('  ' + line for line in logistic.reliability(p[here], y[here])))
    bias, weights = logistic.fit_with_signs(x[fitting], y[fitting], each[fitting], SPEAKS)
    fitted_numbers.save(beat=dict(bias=bias, signs=list(weights)))


if __name__ == '__main__':
    main()
