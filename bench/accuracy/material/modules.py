# SPDX-License-Identifier: GPL-3.0-or-later
"""Tracker modules that packages ship; beats from their pattern rows where the notes agree. Played by libopenmpt."""
import ctypes
import glob

import numpy as np

from .score import RATE, merged

FOLDERS = ['/usr/share/games/*/*', '/usr/share/games/*/*/*', '/usr/share/games/*/*/*/*', '/usr/share/*/*', '/usr/share/*/*/*',
           '/usr/share/*/*/*/*']
SET_ASIDE = ('criticalmass', 'freedroid', 'njam', 'open-invaders', 'tecnoballz')
NOTE, INSTRUMENT = 0, 1


def files():
    found = {f for folder in FOLDERS for kind in ('mod', 'xm', 's3m', 'it') for f in glob.glob(f'{folder}.{kind}')}
    return sorted(f for f in found if not any(a in f for a in SET_ASIDE) and '/grub/' not in f and '/doc/' not in f)


def library():
    lib = ctypes.CDLL('libopenmpt.so.0')
    lib.openmpt_module_create_from_memory2.restype = ctypes.c_void_p
    for call in ('read_interleaved_float_stereo', 'get_current_order', 'get_current_row', 'get_current_pattern',
                 'get_num_channels', 'get_pattern_row_channel_command', 'set_render_param', 'destroy', 'set_repeat_count'):
        getattr(lib, 'openmpt_module_' + call).restype = ctypes.c_size_t if 'read' in call else ctypes.c_int32
    return lib


def played(path, seconds, skip_rows=0):
    """(stereo samples, [(second, row, [(channel, note, instrument)])])"""
    lib = library()
    data = open(path, 'rb').read()
    module = lib.openmpt_module_create_from_memory2(data, ctypes.c_size_t(len(data)), None, None, None, None, None,
                                                    None, None)
    if not module:
        return None
    module = ctypes.c_void_p(module)
    lib.openmpt_module_set_render_param(module, 2, 60)  # stereo separation
    channels = lib.openmpt_module_get_num_channels(module)
    block = 64
    buffer = (ctypes.c_float * (2 * block))()
    audio, rows, last, at = [], [], None, 0
    while at < seconds * RATE:
        got = lib.openmpt_module_read_interleaved_float_stereo(module, RATE, ctypes.c_size_t(block), buffer)
        if not got:
            break
        order, row = lib.openmpt_module_get_current_order(module), lib.openmpt_module_get_current_row(module)
        if (order, row) != last:
            pattern = lib.openmpt_module_get_current_pattern(module)
            notes = []
            for c in range(channels):
                n = lib.openmpt_module_get_pattern_row_channel_command(module, pattern, row, c, NOTE)
                if 0 < n <= 120:
                    notes.append((c, n, lib.openmpt_module_get_pattern_row_channel_command(module, pattern, row, c, INSTRUMENT)))
            rows.append((at / RATE, row, notes))
            last = (order, row)
        audio.append(np.array(buffer[:2 * got], np.float32).reshape(-1, 2))
        at += got
    lib.openmpt_module_destroy(module)
    return (np.concatenate(audio), rows) if audio else None


def make(rng, path, name, seconds):
    """(samples, truth) or None where the rows and the notes do not agree on a beat."""
    done = played(path, seconds)
    if done is None or len(done[0]) < 15 * RATE:
        return None
    samples, rows = done
    at = np.array([r[0] for r in rows])
    row = np.array([r[1] for r in rows])
    weight = np.array([len(r[2]) for r in rows], float)
    if len(at) < 64 or weight.sum() < 60:
        return None
    quick = 15 / np.median(np.diff(at))
    per_beat = 8 if quick > 175 else 4
    share = np.array([weight[row % per_beat == k].sum() for k in range(per_beat)]) / weight.sum()
    beats = at[row % per_beat == 0]
    gaps = np.diff(beats)
    if not 48 < 60 / np.median(gaps) < 190 or (np.abs(gaps / np.median(gaps) - 1) < 0.03).mean() < 0.95:
        return None
    if share[0] < (0.30 if per_beat == 4 else 0.2) or share[0] < 0.9 * share.max():
        return None
    bar = np.array([weight[row % (4 * per_beat) == k * per_beat].sum() for k in range(4)])
    down = at[row % (4 * per_beat) == 0] if bar[0] >= 1.1 * bar[1:].max() else None
    # A note counts as an onset where its instrument makes the spectrum rise.
    hop, n = 132, 512
    mono = samples.mean(1)
    frames = np.lib.stride_tricks.sliding_window_view(mono, n)[::hop]
    spectrum = np.log1p(500 * np.abs(np.fft.rfft(frames * np.hanning(n), axis=1))[:, 2:] * 2 / n)
    rise = np.maximum(0, spectrum[2:] - spectrum[:-2]).sum(1)
    times = (np.arange(len(rise)) + 1.0) * hop / RATE + n / 2 / RATE
    by, last = {}, {}
    for second, _, notes in rows:
        for c, _, instrument in notes:
            instrument = instrument or last.get(c, 0)
            last[c] = instrument
            by.setdefault(instrument, []).append(second)
    hard, soft = [], []
    for when in by.values():
        when = np.array(when)
        height = np.max([np.interp(when + d, times, rise) for d in (0, .003, .006, .009, .012)], 0) / (rise.mean() + 1e-9)
        (hard if np.median(height) >= 1.5 else soft).extend(when)
    hard = merged(hard)
    grid = np.array(hard) if hard else np.array([-9.0])
    truth = dict(metre='4/4' if down is not None else 'unknown', source=path, beats=[round(float(b), 4) for b in beats],
                 downbeats=None if down is None else [round(float(b), 4) for b in down],
                 onsets=[round(t, 4) for t in hard] if len(hard) > 20 else None,
                 onsets_soft=[round(t, 4) for t in merged(soft) if np.abs(grid - t).min() > 0.03],
                 kick=None, snare=None, hat=None)
    return samples * (0.8 / max(1e-9, float(np.abs(samples).max()))), truth
