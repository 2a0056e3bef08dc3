# SPDX-License-Identifier: GPL-3.0-or-later
"""Songs with known beats for fitting, and quick measures of how good a grid is."""
import glob
import hashlib
import json
import os
import subprocess
from dataclasses import dataclass

import numpy as np


@dataclass
class Song:
    name: str
    audio: str
    beats: np.ndarray
    downbeats: np.ndarray  # None where the bars are not known
    group: str             # what is left out together when cross-validating
    kind: str
    made: bool             # of our own material
    weight: float


def group_of(text):
    return int(hashlib.md5(text.encode()).hexdigest()[:6], 16)


def load(folders, parts):
    """Songs of made material (its parts `parts`) and of any folder that has truth/NAME.json with `beats`."""
    songs = []
    for folder in folders:
        for path in sorted(glob.glob(folder + '/truth/*.json')):
            truth = json.load(open(path))
            name = os.path.basename(path)[:-5]
            audio = f'{folder}/audio/{name}.wav'
            if 'part' in truth and truth['part'] not in parts or not os.path.exists(audio):
                continue
            beats = np.array(truth.get('beats') or [], float)
            downbeats = truth.get('downbeats')
            made = 'part' in truth
            kind = truth['kind'] if made else name.split('_')[0]
            songs.append(Song(name, audio, beats, None if downbeats is None else np.array(downbeats, float),
                              str(truth.get('source') if made else truth.get('base', name)), kind, made, 1.0))
    return songs


def measured(tool, mode, out, songs, extra=(), without=False, jobs=2):
    """Runs pulsepin-terms over the songs that have no answer in `out` yet."""
    os.makedirs(out, exist_ok=True)
    todo = [s.audio for s in songs if not any(os.path.exists(f'{out}/{s.name}.{kind}') for kind in ('json', 'f32'))]
    flag = ['--without-network'] if without else []
    chunks = [todo[i:i + 8] for i in range(0, len(todo), 8)]
    running = []
    for chunk in chunks:
        running.append(subprocess.Popen([tool, mode, out, *extra, *chunk, *flag]))
        if len(running) >= jobs:
            running.pop(0).wait()
    for process in running:
        process.wait()


def right_ones(reference, estimate, window=0.07):
    """1 for each estimate that is paired with a reference no further than `window` away, 0 for others; both rising."""
    right, i, j = np.zeros(len(estimate)), 0, 0
    while i < len(reference) and j < len(estimate):
        d = estimate[j] - reference[i]
        if abs(d) <= window:
            right[j] = 1
            i += 1
            j += 1
        elif d > 0:
            i += 1
        else:
            j += 1
    return right


def f_measure(reference, estimate, window=0.07):
    if len(reference) == 0 or len(estimate) == 0:
        return 0.0
    return 2 * right_ones(reference, estimate, window).sum() / (len(reference) + len(estimate))


def continuity(reference, estimate):
    """CMLt: share of beats with a neighbour at the right place and distance, each to 17.5 % of the period."""
    if len(reference) < 2 or len(estimate) < 2:
        return 0.0
    steps = np.diff(reference)
    steps = np.append(steps, steps[-1])
    gaps = np.diff(estimate)
    gaps = np.insert(gaps, 0, gaps[0])
    k = np.clip(np.searchsorted(reference, estimate), 1, len(reference) - 1)
    k = np.where(np.abs(reference[k - 1] - estimate) < np.abs(reference[k] - estimate), k - 1, k)
    good = (np.abs(estimate - reference[k]) < 0.175 * steps[k]) & (np.abs(gaps - steps[k]) < 0.175 * steps[k])
    both = good.copy()
    both[1:] &= good[:-1]
    return both.sum() / max(len(reference), len(estimate))
