#!/usr/bin/python3
# SPDX-License-Identifier: GPL-3.0-or-later
"""Makes music with known beats, bars, onsets and drums from Debian packages.

usage: make_material.py OUT [--count 600] [--seconds 40] [--jobs 2] [--part learn|choose|check] [--only KIND]

KIND: groove, pattern, level, feel (half and double time, blast, ballads, quiet pieces), kit (drums played on kits hit by hit), form (whole songs with sections), tune, module, click, free (no pulse), recorded (songs with charts,
all of part `check`), aside (tunes that are kept out, of part `check`).

Writes OUT/audio/NAME.wav, OUT/truth/NAME.json. Piece i is always the same for the same packages. What it is made
from (a groove file, a tune, a module, a number of the pattern generator) decides by a hash to which part it
belongs: `learn` trains the network, `choose` fits the choice of the grid, `check` measures and fits nothing.
"""
import argparse
import hashlib
import json
import os
import traceback
from concurrent.futures import ProcessPoolExecutor

import numpy as np

from material import clicks, feels, forms, free, grooves, kits, levels, modules, patterns, played, recorded, tunes
from material.drumming import struck
from material.production import produced
from material.score import RATE, clock, installed, synthesise, truth_of, write_wav

FONTS = [('/usr/share/sounds/sf2/FluidR3_GM.sf2', .36), ('/usr/share/sounds/sf2/TimGM6mb.sf2', .28),
         ('/usr/share/sounds/sf2/OPL-3_FM_128M.sf2', .20), ('/usr/share/sounds/sf3/MuseScore_General_Lite.sf3', .06),
         ('/usr/share/sounds/sf3/FluidR3Mono_GM.sf3', .10)]
ASIDE = os.path.join(os.path.dirname(os.path.abspath(__file__)), 'set-aside-grooves.txt')


def part_of(source):
    value = int(hashlib.md5(source.encode()).hexdigest()[:6], 16) % 10
    return 'learn' if value < 6 else 'choose' if value < 8 else 'check'


def sources():
    aside = {line.strip().lower() for line in open(ASIDE) if line.strip() and not line.startswith('#')}
    library = [('groove', e['stem'], e) for e in grooves.library(aside)]
    midi = [('tune', os.path.basename(f), f) for f in tunes.files()]
    mods = [('module', os.path.basename(f), f) for f in modules.files()]
    return library, midi, mods


def plan(count, part, only):
    """[(name, kind, source)], the kinds mixed: grooves 48 %, patterns 26 %, modules 13 %, tunes 13 %."""
    library, midi, mods = ([s for s in group if part is None or part_of(s[1]) == part] for group in sources())
    rng = np.random.default_rng(7)
    for group in (library, midi, mods):
        rng.shuffle(group)
    out, used, number = [], dict(groove=0, tune=0, module=0, pattern=0, level=0, feel=0, kit=0, form=0, free=0, click=0), 0
    cycle = 'gpgmgpgtgpgmgpgtpgptgmg' if only is None else dict(groove='g', tune='t', module='m', pattern='p', level='l', feel='e', kit='k', form='o', free='f', click='c')[only]
    while len(out) < count and number < 40 * count:
        letter = cycle[number % len(cycle)]
        number += 1
        if letter in 'pflekoc':
            kind = dict(p='pattern', l='level', e='feel', k='kit', o='form', f='free', c='click')[letter]
            source = f'{kind} {used[kind]}'
            used[kind] += 1
            if part is None or part_of(source) == part:
                out.append((f'{kind}_{used[kind]:04d}', kind, source))
            continue
        group = dict(g=library, t=midi, m=mods)[letter]
        kind = dict(g='groove', t='tune', m='module')[letter]
        if not group:
            continue
        turn, i = divmod(used[kind], len(group))
        used[kind] += 1
        if kind == 'module' and turn > 0:
            continue
        _, label, source = group[i]
        stem = ''.join(c if c.isalnum() else '_' for c in label.rsplit('.', 1)[0].lower())
        out.append((f'{kind}_{stem}_{turn}', kind, source))
    return out


def build(job):
    out, name, kind, source, seconds = job
    if installed(f'{out}/truth/{name}.json'):
        return name + ' (there)'
    rng = np.random.default_rng(int(hashlib.md5(name.encode()).hexdigest()[:8], 16))
    length = seconds * rng.uniform(0.75, 1.35)
    lead_in = 0.0 if rng.random() < 0.35 else float(rng.uniform(0.03, 2.5))
    if kind == 'module':
        made = modules.make(rng, source, name, min(90, 1.6 * length))
        if made is None:
            return f'{name}: left out'
        audio, truth = made
        lead_in, how = 0.0, 'tune'
        truth['name'] = name
    elif kind == 'kit':
        part = part_of(source)
        made = played.make(rng, name, length, f'{out}/kits', part, [e for _, stem, e in sources()[0] if part_of(stem) == part])
        if made is None:
            return f'{name}: left out'
        audio, truth, how = made
        lead_in = 0.0
    elif kind == 'feel' and rng.random() < 0.5:
        part = part_of(source)
        piece, how = feels.make(rng, name, length)
        made = played.on_a_kit(rng, piece, f'{out}/kits', part,
                               kits.chosen(rng, f'{out}/kits', part) if rng.random() < 0.4 else kits.synthesised_for(rng, part))
        if made is None:
            return f'{name}: left out'
        (audio, truth), lead_in = made, 0.0
    elif kind == 'click':
        audio, truth = clicks.make(rng, 0.6 * length)
        lead_in, how = 0.0, 'steady'
    else:
        audio, how, sections = None, None, None
        made = (grooves.make(rng, source, name, length) if kind == 'groove' else
                (*free.make(rng, name, int(source.split()[1]), length),) if kind == 'free' else
                tunes.make(rng, source, name, length) if kind == 'tune' else levels.make(rng, name, length) if kind == 'level' else
                feels.make(rng, name, length) if kind == 'feel' else forms.make(rng, name, length) if kind == 'form' else
                patterns.make(rng, name, length))
        if made is None:
            return f'{name}: left out'
        if kind == 'form':
            *made, sections = made
        if kind == 'free':
            piece, audio = made
            how = free.kind_of(int(source.split()[1]))
            if piece is None:
                piece = free.Piece(name, 'free', tempo=[(0.0, 60.0)], length=length, metre='')
        else:
            piece, how = made
        to_seconds = clock(piece.tempo)
        font = FONTS[int(rng.choice(len(FONTS), p=[w for _, w in FONTS]))][0]
        if audio is None:
            audio = synthesise(piece, to_seconds, font, rng.random() < 0.5)
        peak = float(np.abs(audio).max())
        if peak < 0.01:
            return f'{name}: silent'
        audio = audio * (0.8 / peak)
        silence = int(round(lead_in * RATE))
        audio = np.concatenate([np.zeros((silence, 2), np.float32), audio])
        truth = truth_of(piece, to_seconds, silence / RATE)
        if sections is not None:
            truth['sections'] = [[round(float(to_seconds(b)) + silence / RATE, 4), role, part] for b, role, part in sections]
        truth['font'] = os.path.basename(font)
        if how == 'speech':
            truth['onsets'] = None  # a voice has onsets, but nobody wrote them down
    done = []
    if rng.random() < 0.6:
        audio, done = produced(rng, audio)
    truth.update(name=name, kind=kind, motion=how, production=done, duration=round(len(audio) / RATE, 3),
                 source=source if kind == 'click' else str(truth['source']),
                 part=part_of(dict(groove=lambda: source['stem'], tune=lambda: os.path.basename(source),
                                   module=lambda: os.path.basename(source), pattern=lambda: source, level=lambda: source, feel=lambda: source, kit=lambda: source, form=lambda: source, free=lambda: source,
                                   click=lambda: source)[kind]()))
    write_wav(f'{out}/audio/{name}.wav', audio)
    with open(f'{out}/truth/{name}.json.part', 'w') as f:
        json.dump(truth, f)
    os.rename(f'{out}/truth/{name}.json.part', f'{out}/truth/{name}.json')
    return name


def safely(job):
    try:
        return build(job)
    except Exception:
        return f'{job[1]}: failed\n{traceback.format_exc()}'


def make_recorded(out):
    for folder in recorded.songs():
        made = recorded.make(folder)
        if made is None:
            continue
        name, audio, truth = made
        write_wav(f'{out}/audio/recorded_{name}.wav', audio)
        with open(f'{out}/truth/recorded_{name}.json', 'w') as f:
            json.dump(dict(truth, name='recorded_' + name, duration=round(len(audio) / RATE, 3), production=[]), f)
        print(name, flush=True)


def make_aside(out, seconds):
    """Tunes that are kept out: half as they are rendered, half with drums that no kit resembles."""
    for number, (name, data) in enumerate(tunes.lumps_aside()):
        name = f'aside_{name}'
        rng = np.random.default_rng(int(hashlib.md5(name.encode()).hexdigest()[:8], 16))
        made = tunes.make(rng, name, name, seconds, data)
        if made is None:
            print(name, 'left out', flush=True)
            continue
        piece = made[0]
        if number % 2 and struck(piece):
            audio, truth = played.on_a_kit(rng, piece, f'{out}/kits', 'check', kits.synthesised_for(rng, 'check'), vary=False)
        else:
            to_seconds = clock(piece.tempo)
            audio = synthesise(piece, to_seconds, FONTS[int(rng.choice(len(FONTS), p=[w for _, w in FONTS]))][0], rng.random() < 0.5)
            audio = audio * (0.8 / np.abs(audio).max())
            truth = truth_of(piece, to_seconds, 0.0)
        truth.update(name=name, kind='aside', motion='tune', production=[], duration=round(len(audio) / RATE, 3), source=name, part='check')
        write_wav(f'{out}/audio/{name}.wav', audio)
        with open(f'{out}/truth/{name}.json', 'w') as f:
            json.dump(truth, f)
        print(name, flush=True)


def main():
    ap = argparse.ArgumentParser(description=__doc__, formatter_class=argparse.RawDescriptionHelpFormatter)
    ap.add_argument('out')
    ap.add_argument('--count', type=int, default=600)
    ap.add_argument('--seconds', type=float, default=40)
    ap.add_argument('--jobs', type=int, default=2)
    ap.add_argument('--part', choices=['learn', 'choose', 'check'])
    ap.add_argument('--only', choices=['groove', 'tune', 'module', 'pattern', 'level', 'feel', 'kit', 'form', 'free', 'click', 'recorded', 'aside'])
    a = ap.parse_args()
    for folder in ('audio', 'truth'):
        os.makedirs(f'{a.out}/{folder}', exist_ok=True)
    if a.only == 'recorded':
        return make_recorded(a.out)
    if a.only in ('kit', 'feel', 'aside'):
        kits.prepare(a.out + '/kits')
    if a.only == 'aside':
        return make_aside(a.out, a.seconds)
    jobs = [(a.out, name, kind, source, a.seconds) for name, kind, source in plan(a.count, a.part, a.only)]
    with ProcessPoolExecutor(a.jobs) as pool:
        for line in pool.map(safely, jobs):
            print(line, flush=True)


if __name__ == '__main__':
    main()
