#!/usr/bin/python3
# SPDX-License-Identifier: GPL-3.0-or-later
"""Beats and onsets of libraries of Python's index on the same material, measured as measure.py does.

usage: other_libraries.py MATERIAL [--part check] [--limit N] [--table FILE.md]

    python3 -m venv --system-site-packages VENV && VENV/bin/pip install librosa essentia
    VENV/bin/python bench/accuracy/other_libraries.py MATERIAL

librosa: beat_track and onset_detect (McFee et al. 2015), essentia: RhythmExtractor2013, multifeature (Bogdanov et al. 2013); each as it comes.
A library that is not there is left out with a word. Nothing of theirs is part of Pulse Pin, or learned from.
"""
import argparse
import glob
import json
import os
import time
import warnings

import numpy as np
from scipy.io import wavfile

from measure import scores

warnings.filterwarnings('ignore')


def by_librosa(samples, rate):
    import librosa
    tempo, beats = librosa.beat.beat_track(y=samples, sr=rate, units='time')
    return dict(beats=beats.tolist(), tempo=float(np.atleast_1d(tempo)[0]), onsets=librosa.onset.onset_detect(y=samples, sr=rate, units='time').tolist())


def by_essentia(samples, rate):
    import essentia.standard as es
    if rate != 44100:
        samples = es.Resample(inputSampleRate=rate, outputSampleRate=44100)(samples)
    tempo, beats, _, _, _ = es.RhythmExtractor2013(method='multifeature')(samples)
    return dict(beats=np.asarray(beats).tolist(), tempo=float(tempo))


LIBRARIES = dict(librosa=by_librosa, essentia=by_essentia)
COLUMNS = ('F', 'CMLt', 'AMLt', 'w20', 'tempo', 'or octave', 'on50', 'on25', 'silent_of_beats')


def main():
    ap = argparse.ArgumentParser(description=__doc__, formatter_class=argparse.RawDescriptionHelpFormatter)
    ap.add_argument('material')
    ap.add_argument('--part', default='check')
    ap.add_argument('--limit', type=int, default=10 ** 9)
    ap.add_argument('--table')
    a = ap.parse_args()
    songs = []
    for path in sorted(glob.glob(a.material + '/truth/*.json')):
        truth = json.load(open(path))
        audio = f'{a.material}/audio/{os.path.basename(path)[:-5]}.wav'
        if truth['part'] == a.part and os.path.exists(audio):
            songs.append((truth, audio))
    lines = ['| system | songs | ' + ' | '.join(COLUMNS) + ' | x real time |', '|' + '---|' * (len(COLUMNS) + 3)]
    for name, find in LIBRARIES.items():
        try:
            __import__(name)
        except ImportError:
            print(f'{name} is not there: left out')
            continue
        rows, seconds, spent = [], 0.0, 0.0
        for truth, audio in songs[:a.limit]:
            rate, samples = wavfile.read(audio)
            mono = samples.astype(np.float32) / 32768
            mono = mono.mean(1) if mono.ndim > 1 else mono
            begun = time.process_time()
            found = find(np.ascontiguousarray(mono), rate)
            spent += time.process_time() - begun
            seconds += len(mono) / rate
            rows.append(scores(truth, found))
        means = [[r[c] for r in rows if r.get(c) is not None] for c in COLUMNS]
        lines.append(f'| {name} | {len(rows)} | ' + ' | '.join(f'{np.mean(m):.3f}' if m else '-' for m in means) + f' | {seconds / spent:.0f} |')
        print(lines[-1], flush=True)
    if a.table:
        with open(a.table, 'w') as file:
            file.write('\n'.join(lines) + '\n')


if __name__ == '__main__':
    main()
