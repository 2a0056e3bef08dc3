# SPDX-License-Identifier: GPL-3.0-or-later
"""Recorded songs with charts: the tempo map of notes.mid gives the beats, the tracks together the sound."""
import configparser
import glob
import os
import subprocess

import mido
import numpy as np

from .score import RATE, decoded

FOLDER = '/usr/share/games/fretsonfire/data/songs'


def songs():
    return sorted(os.path.dirname(p) for p in glob.glob(FOLDER + '/**/notes.mid', recursive=True))


def make(folder):
    """(name, stereo samples, truth) or None."""
    sounds = sorted(glob.glob(folder + '/*.ogg'))
    sounds = [s for s in sounds if 'preview' not in os.path.basename(s)]
    if not sounds:
        return None
    parts = [decoded(s) for s in sounds]
    audio = np.zeros((max(len(p) for p in parts), 2), np.float32)
    for part in parts:
        audio[:len(part)] += part
    delay = 0.0
    ini = configparser.ConfigParser(interpolation=None)
    if ini.read(folder + '/song.ini') and ini.has_option('song', 'delay'):
        delay = float(ini.get('song', 'delay')) / 1000
    midi = mido.MidiFile(folder + '/notes.mid')
    tempo, at = [], 0
    for message in midi.tracks[0]:
        at += message.time
        if message.type == 'set_tempo':
            tempo.append((at / midi.ticks_per_beat, message.tempo / 1e6))
    beats, second, beat = [], delay, 0
    while second < len(audio) / RATE and tempo:
        beats.append(second)
        second += [t for b, t in tempo if b <= beat + 1e-9][-1]
        beat += 1
    # Only where something sounds.
    level = np.sqrt(np.convolve((audio ** 2).mean(1), np.ones(RATE // 20) / (RATE // 20), 'same'))
    loud = np.flatnonzero(level > 0.01 * level.max()) / RATE
    kept = [b for b in beats if loud[0] - 0.05 <= b <= loud[-1]]
    return os.path.basename(folder), audio, dict(
        kind='recorded', part='check', metre='unknown', source=folder, motion='steady',
        beats=[round(b, 4) for b in kept], downbeats=None,  # the charts do not say where bars begin
        onsets=None, onsets_soft=[], kick=None, snare=None, hat=None)
