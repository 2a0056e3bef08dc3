#!/usr/bin/python3
# SPDX-License-Identifier: GPL-3.0-or-later
"""Runs Pulse Pin and other libraries over material with truth and tells how right and how fast each is.

usage: measure.py MATERIAL WORK --cli build/release/pulsepin-cli [--before CLI] [--qm WORK/qm_beats] [--part check] [--limit N]
       [--table FILE.md]     --before: an older pulsepin-cli, to stand beside

The measures are mir_eval's (Raffel et al. 2014): F of beats and downbeats at 70 ms, continuity CMLt and AMLt, F of
onsets at 50 and 25 ms, each over the full signal, nothing trimmed. w20: share of true beats with one found within 20 ms. Of drums F at 50
ms where they play, and hits a minute where they do not; of sections F of where they begin, and whether breaks and the drop were named.
"""
import argparse
import glob
import json
import os
import resource
import subprocess
import warnings
from concurrent.futures import ProcessPoolExecutor

import mir_eval
import numpy as np

warnings.filterwarnings('ignore')


def timed(command, **kwargs):
    before = resource.getrusage(resource.RUSAGE_CHILDREN)
    done = subprocess.run(command, stdout=subprocess.PIPE, stderr=subprocess.DEVNULL, text=True, **kwargs)
    after = resource.getrusage(resource.RUSAGE_CHILDREN)
    return done.stdout, (after.ru_utime + after.ru_stime) - (before.ru_utime + before.ru_stime)


def column(text):
    return [float(line.split()[0]) for line in text.splitlines() if line.strip()]


def pulsepin(audio, out, a, flags=(), cli=None):
    _, cpu = timed([cli or a.cli, 'analyze', audio, '--json', out, '--force', *flags])
    return (json.load(open(out)) if os.path.exists(out) else {}), cpu


def qm_dsp(audio, out, a):
    text, cpu = timed([a.qm, audio])
    return json.loads(text or '{}'), cpu


def aubio(audio, out, a):
    beats, first = timed(['aubio', 'beat', audio])
    onsets, second = timed(['aubio', 'onset', audio])
    beats = column(beats)
    tempo = 60 / float(np.median(np.diff(beats))) if len(beats) > 2 else 0
    return dict(beats=beats, onsets=column(onsets), tempo=tempo), first + second


def f_of(reference, estimate, window):
    if len(reference) == 0:
        return None
    return mir_eval.onset.f_measure(np.array(reference), np.array(estimate), window)[0] if len(estimate) else 0.0


def onset_f(truth, estimate, window):
    """Soft notes are neither right nor wrong."""
    if truth.get('onsets') is None:
        return None
    soft = np.array(truth.get('onsets_soft') or [-9.0])
    hard = np.array(truth['onsets'] or [-9.0])
    kept = [t for t in estimate if np.abs(hard - t).min() <= window or np.abs(soft - t).min() > window]
    return f_of(truth['onsets'], kept, window)


def scores(truth, found):
    beats, estimate = np.array(truth['beats']), np.array(found.get('beats') or [])
    out = {}
    if len(beats) == 0:
        return dict(silent_of_beats=float(len(estimate) == 0))
    if 'beats' in found:
        out['F'] = f_of(beats, estimate, 0.07)
        two = len(estimate) > 1
        continuity = mir_eval.beat.continuity(beats, estimate) if two else (0, 0, 0, 0)
        out['CMLt'], out['AMLt'] = continuity[1], continuity[3]
        out['w20'] = float(np.mean([np.abs(estimate - b).min() <= 0.02 for b in beats])) if len(estimate) else 0.0
    if 'downbeats' in found and truth.get('downbeats'):
        out['dF'] = f_of(truth['downbeats'], found['downbeats'], 0.07)
    if truth.get('motion') in ('steady', 'tune', None) and 'tempo' in found:
        ratio = (found['tempo'] or 1) / (60 / float(np.median(np.diff(beats))))
        out['tempo'] = float(abs(ratio - 1) < 0.04)
        out['or octave'] = float(any(abs(ratio / k - 1) < 0.04 for k in (1, 2, 3, 0.5, 1 / 3)))
    if 'onsets' in found:
        out['on50'], out['on25'] = onset_f(truth, found['onsets'], 0.05), onset_f(truth, found['onsets'], 0.025)
    for drum in DRUMS:
        if drum in found and truth.get(drum):
            out[drum] = f_of(truth[drum], found[drum], 0.05)
        elif drum in found and truth.get(drum) == []:
            out[f'no {drum}'] = 60 * len(found[drum]) / truth['duration']
    if truth.get('sections') and found.get('sections'):
        starts = [s[0] for s in truth['sections'][1:]]
        for title, window in (('sec0.5', 0.5), ('sec3', 3.0)):
            out[title] = f_of(starts, found['sections'][1:], window)
        roles = [s[1] for s in truth['sections']]
        drops = [s[0] for s, role, before in zip(truth['sections'], roles, ['', *roles]) if role == 'drop' or before == 'break']
        named = [t for t, label in zip(found['sections'], found['sections_label']) if 'drop' in label]
        if named:
            out['drop right'] = float(any(abs(t - d) < 1 for t in named for d in drops))
        if drops:
            out['drop found'] = float(any(abs(t - d) < 1 for t in named for d in drops))
        breaks = [s[0] for s in truth['sections'] if s[1] == 'break']
        if breaks:
            said = [t for t, label in zip(found['sections'], found['sections_label']) if label == 'break']
            out['break'] = f_of(breaks, said, 1.0)
    return {k: v for k, v in out.items() if v is not None}


DRUMS = ('kick', 'snare', 'hat', 'tom', 'ride', 'crash', 'clap')
COLUMNS = ['F', 'CMLt', 'AMLt', 'w20', 'dF', 'tempo', 'or octave', 'on50', 'on25', 'kick', 'snare', 'hat',
           'silent_of_beats']


def one(job):
    path, a, system = job
    truth = json.load(open(path))
    name = os.path.basename(path)[:-5]
    audio = f'{a.material}/audio/{name}.wav'
    out = f'{a.work}/{system}/{name}.json'
    os.makedirs(os.path.dirname(out), exist_ok=True)
    run = dict(pulsepin=pulsepin, qm=qm_dsp, aubio=aubio,
               before=lambda x, o, p: pulsepin(x, o, p, cli=p.before),
               plain=lambda x, o, p: pulsepin(x, o, p, ['--without-network']))[system]
    found, cpu = run(audio, out, a)
    seconds = os.path.getsize(audio) / 4 / 44100
    return dict(name=name, kind=truth.get('kind', ''), aside='Red_Zeppelin' in truth.get('kit', ''), speed=seconds / max(cpu, 1e-6), cpu=cpu, seconds=seconds,
                **scores(truth, found))


TITLES = dict(pulsepin='Pulse Pin', before='Pulse Pin as it was before', plain='Pulse Pin without its network', qm='qm-dsp', aubio='aubio')


DRUM_COLUMNS = [*DRUMS, *(f'no {drum}' for drum in DRUMS)]
FORM_COLUMNS = ['sec0.5', 'sec3', 'break', 'drop found', 'drop right']


def row(title, results, columns=COLUMNS):
    cells = []
    for c in columns:
        values = [r[c] for r in results if c in r]
        cells.append(f'{np.mean(values):.3f}' if values else '-')
    speed = sum(r['seconds'] for r in results) / max(1e-9, sum(r['cpu'] for r in results))
    return f'| {title} | {len(results)} | ' + ' | '.join(cells) + (f' | {speed:.0f} |' if columns is COLUMNS else ' |')


def head(first, columns):
    return ['| ' + ' | '.join([first, 'songs', *columns]) + ' |', '|---' * (len(columns) + 2) + '|']


def main():
    ap = argparse.ArgumentParser(description=__doc__, formatter_class=argparse.RawDescriptionHelpFormatter)
    ap.add_argument('material')
    ap.add_argument('work')
    ap.add_argument('--cli', required=True)
    ap.add_argument('--before')
    ap.add_argument('--qm')
    ap.add_argument('--part', default='check')
    ap.add_argument('--limit', type=int, default=10 ** 9)
    ap.add_argument('--jobs', type=int, default=1)
    ap.add_argument('--table')
    a = ap.parse_args()
    paths = [p for p in sorted(glob.glob(a.material + '/truth/*.json'))
             if json.load(open(p)).get('part', a.part) == a.part][:a.limit]
    lines = head('system', [c.replace('silent_of_beats', 'none where none') for c in COLUMNS] + ['x real time'])
    systems = ['pulsepin'] + (['before'] if a.before else []) + ['plain'] + (['qm'] if a.qm else []) + ['aubio']
    kinds, older = {}, []
    with ProcessPoolExecutor(a.jobs) as pool:
        for system in systems:
            results = list(pool.map(one, [(p, a, system) for p in paths]))
            json.dump(results, open(f'{a.work}/{system}.json', 'w'), indent=1)
            lines.append(row(TITLES[system], results))
            print(lines[-1], flush=True)
            if system == 'before':
                older = results
            if system == 'pulsepin':
                kinds = {k: [r for r in results if r['kind'] == k] for k in sorted({r['kind'] for r in results})}
    for kind, results in kinds.items():
        lines.append(row(f'Pulse Pin, {kind} only', results))
        print(lines[-1], flush=True)
        if older:
            lines.append(row(f'before, {kind} only', [r for r in older if r['kind'] == kind]))
            print(lines[-1], flush=True)
    lines += ['', *head('drums of', DRUM_COLUMNS)]
    for kind, results in kinds.items():
        for title, some in ((kind, [r for r in results if not r['aside']]), (kind + ', the kit kept out', [r for r in results if r['aside']])):
            if any(d in r for r in some for d in DRUM_COLUMNS):
                lines.append(row(title, some, DRUM_COLUMNS))
    lines += ['', *head('sections of', FORM_COLUMNS)]
    lines += [row(kind, results, FORM_COLUMNS) for kind, results in kinds.items() if any('sec3' in r for r in results)]
    print('\n'.join(lines))
    if a.table:
        open(a.table, 'w').write('\n'.join(lines) + '\n')


if __name__ == '__main__':
    main()
