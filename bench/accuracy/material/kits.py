# SPDX-License-Identifier: GPL-3.0-or-later
"""Drum kits as single hits, most of them recorded with several strengths, from the soundfonts and kits that Debian has, and a sampler
that plays them. What a hit is called follows General MIDI's percussion keys."""
import functools
import glob
import os
import re
import struct
import subprocess
import tempfile
import xml.etree.ElementTree as ElementTree

import mido
import numpy as np
from scipy.io import wavfile
from scipy.signal import butter, resample, sosfilt

from . import synthesised
from .production import peak_filter
from .score import RATE, decoded

FONTS = {'/usr/share/sounds/sf2/FluidR3_GM.sf2': (0, 8, 16, 24, 25, 32, 40), '/usr/share/sounds/sf2/TimGM6mb.sf2': (0, 8, 16, 25),
         '/usr/share/sounds/sf3/MuseScore_General_Full.sf3': (0, 8, 16, 24, 25, 32, 40, 48), '/usr/share/sounds/sf2/OPL-3_FM_128M.sf2': (0,),
         '/usr/share/sounds/sf2/sf_GMbank.sf2': (0, 8, 16, 24, 25, 32, 40), '/usr/share/sounds/sf2/Black_Pearl_4_LV2.sf2': (0,),
         '/usr/share/sounds/sf2/Red_Zeppelin_4_LV2.sf2': (0,)}
FOLDERS = '/usr/share/hydrogen/data/drumkits/*/drumkit.xml'
# Only learned from: what `choose` and `check` are made of stays the same.
FURTHER_FONTS = {'/usr/share/sounds/sf2/FluidR3_GM.sf2': (2, 4, 5, 7, 9, 11, 14, 17, 19, 33, 35, 36, 42, 48),
                 '/usr/share/sounds/sf2/TimGM6mb.sf2': (24, 32, 40), '/usr/share/sounds/sf2/sf_GMbank.sf2': (127,),
                 '/usr/share/sounds/sf3/MuseScore_General_Full.sf3': (1, 3, 6, 10, 13, 18, 34, 41)}
FURTHER_FOLDERS = ('GMRockKit', 'TR808EmulationKit')
PATCHES = '/usr/share/midi/freepats/Drum_000'
SINGLE = '/usr/share/sonic-pi/samples'
# Kits that are an instrument of their own, no kit of General MIDI: what lies on these keys is what it says there.
OWN = {36, 37, 38, 39, 40, 41, 42, 43, 44, 45, 46, 47, 49, 51, 53, 54, 55, 56, 57, 59}
# Nothing is ever learned from, or fitted on, this one: it tells what to expect of drums that were never heard.
ASIDE = 'Red_Zeppelin_4_LV2 0'
ASIDE_TOO = tuple(f'synthesised {i}' for i in synthesised.ASIDE)  # nor on these, which no kit resembles
SPARE = 'FluidR3_GM 0'  # lends what another kit does not have
KEYS = (35, 36, 37, 38, 39, 40, 41, 42, 43, 44, 45, 46, 47, 48, 49, 50, 51, 52, 53, 54, 55, 56, 57, 59, 60, 61, 62, 63, 64, 69, 70, 75, 76, 82)
STRENGTHS = (30, 55, 80, 104, 124)
RINGING = {46, 49, 51, 52, 53, 55, 57, 59}
# What stands in for a key that a kit does not have.
KIN = [(35, 36), (38, 40), (42, 44), (41, 43, 45, 47, 48, 50), (49, 57, 52, 55), (51, 59, 53), (69, 70, 82), (60, 61, 62, 63, 64), (75, 76)]
NAMED = [(r'pedal|hh ?pd|1 pd', 44), (r'(hat|hh).*(open|op|swish|free)|(open|op).*(hat|hh)|side ohh|cymbal_open', 46),
         (r'hat|\bhh|cymbal_(closed|pedal)', 42), (r'clap', 39), (r'stick|rim ?click|\brim\b', 37), (r'roll|flam', None),
         (r'cowbell', 56), (r'ride.?bell|paiste bell|ride-cup', 53), (r'crash.?ride|ride.?crash', 49), (r'ride', 51), (r'splash', 55), (r'china', 52), (r'crash|cymbal_(hard|soft)', 49),
         (r'kick|bass ?drum|^bd_|drum_bass', 36), (r'snare|^sn_', 38), (r'floor|tom.?lo|low tom', 41), (r'tom ?(1|hi)|high tom|tom_hi|tomhi', 50),
         (r'tom', 47), (r'tambourine', 54), (r'maraca|shaker', 70), (r'conga', 63), (r'bongo', 60), (r'clave', 75),
         (r'djembe.*slap', 62), (r'djembe', 64), (r'wood', 76), (r'.*hard$|^$', None)]


def trimmed(samples, key):
    """From where it begins to sound (a tenth of its loudest), with 2 ms before; as 16-bit numbers."""
    x = samples.mean(1) if samples.ndim == 2 else samples
    level = np.abs(x)
    if len(x) < 200 or level.max() < 1e-3:
        return None
    begin = int(np.argmax(level > 0.1 * level[:int(0.3 * RATE)].max()))
    x = x[max(0, begin - int(0.002 * RATE)):][:int((2.5 if key in RINGING else 0.9) * RATE)].copy()
    lead = min(begin, int(0.002 * RATE))
    x = np.concatenate([np.zeros(int(0.002 * RATE) - lead, np.float32), x])
    fade = min(len(x), 2000)
    x[-fade:] *= np.linspace(1, 0, fade)
    return np.round(np.clip(x, -1, 1) * 32767).astype(np.int16)


def of_font(font, program):
    """Each key struck at each strength by fluidsynth."""
    step, own = 3.0, '_LV2' in font
    midi = mido.MidiFile(ticks_per_beat=1000, type=0)
    track = mido.MidiTrack()
    midi.tracks.append(track)
    track.append(mido.MetaMessage('set_tempo', tempo=1000000, time=0))
    struck = [(k, v) for k in KEYS if not own or k in OWN for v in STRENGTHS]
    channel = 0 if own else 9
    track.append(mido.Message('program_change', channel=channel, program=program, time=0))
    for i, (key, strength) in enumerate(struck):
        track.append(mido.Message('note_on', channel=channel, note=key, velocity=strength, time=int(100 if i == 0 else 1000)))
        track.append(mido.Message('note_off', channel=channel, note=key, velocity=0, time=2000))
    with tempfile.TemporaryDirectory() as folder:
        midi.save(folder + '/in.mid')
        subprocess.run(['fluidsynth', '-ni', '-q', '-g', '0.5', '-R', '0', '-C', '0', '-r', str(RATE), '-F', folder + '/out.wav', font,
                        folder + '/in.mid'], check=True, stdout=subprocess.DEVNULL, stderr=subprocess.DEVNULL)
        _, x = wavfile.read(folder + '/out.wav')
    x = x.astype(np.float32) / 32768
    kit = {}
    for i, (key, strength) in enumerate(struck):
        at = int((0.1 + step * i) * RATE)
        hit = trimmed(x[at:at + int(2.6 * RATE)], key)
        if hit is not None:
            kit.setdefault(key, []).append((strength, strength, hit))
    return kit


def key_of(name):
    for pattern, key in NAMED:
        if re.search(pattern, name.lower()):
            return key
    return None


def of_folder(path):
    """Kits that are a file of XML and a folder of samples; a strength scales what is played."""
    text = re.sub(r' xmlns="[^"]+"', '', open(path, encoding='utf8', errors='replace').read())
    kit = {}
    for instrument in ElementTree.fromstring(text).iter('instrument'):
        key = key_of(instrument.findtext('name') or '')
        layers = [(float(e.findtext('max') or 1), e.findtext('filename')) for e in instrument.iter('layer')] or \
            [(1.0, instrument.findtext('filename'))]
        if key is None or (key in kit and len(kit[key]) >= len(layers)):
            continue
        found = []
        for most, name in layers:
            file = os.path.join(os.path.dirname(path), name or '')
            hit = trimmed(decoded(file), key) if name and os.path.exists(file) else None
            if hit is not None:
                found.append((127 * most, 127, hit))
        if found:
            kit[key] = sorted(found, key=lambda layer: layer[0])
    return kit


def of_singles():
    kit = {}
    for file in sorted(glob.glob(SINGLE + '/*.flac')):
        name = os.path.basename(file)[:-5]
        key = key_of(name) if re.match(r'(bd|sn|drum)_', name) else 39 if name.startswith('perc_snap') else None
        hit = trimmed(decoded(file), key) if key else None
        if hit is not None:
            kit.setdefault(key, []).append((127, 127, hit))
    return kit


def of_patches():
    """One hit for each key, in files of the GF1 patch format: 239 bytes before the first sample's 96, then its numbers."""
    kit = {}
    for file in sorted(glob.glob(PATCHES + '/*.pat')):
        data = open(file, 'rb').read()
        size, = struct.unpack_from('<I', data, 247)
        rate, = struct.unpack_from('<H', data, 259)
        mode = data[294]
        x = np.frombuffer(data[335:335 + size], '<i2' if mode & 1 else np.int8).astype(np.float32) / (32768 if mode & 1 else 128)
        if mode & 2:  # counted from zero
            x = np.where(x < 0, x + 1, x - 1)
        key = int(os.path.basename(file)[:3])
        hit = trimmed(resample(x, int(len(x) * RATE / rate)).astype(np.float32), key) if key in KEYS else None
        if hit is not None:
            kit[key] = [(127, 127, hit)]
    return kit


def of_numbers(number):
    return {key: [(127, 127, np.round(x * 32767).astype(np.int16))] for key, x in synthesised.kit(number).items()}


def of_fonts(fonts):
    return [(f'{os.path.basename(f)[:-4]} {p}', lambda f=f, p=p: of_font(f, p)) for f, programs in fonts.items() if os.path.exists(f)
            for p in programs]


def is_further(name):
    """Whether this kit is for learning only."""
    return name in FURTHER_FOLDERS or name == 'patches' or name.startswith('synthesised') or any(
        name == f'{os.path.basename(f)[:-4]} {p}' for f, programs in FURTHER_FONTS.items() for p in programs)


def prepare(folder):
    """Writes each kit as FOLDER/NAME.npz, once."""
    os.makedirs(folder, exist_ok=True)
    jobs = of_fonts(FONTS) + of_fonts(FURTHER_FONTS)
    jobs += [(os.path.basename(os.path.dirname(p)), lambda p=p: of_folder(p)) for p in sorted(glob.glob(FOLDERS))]
    jobs += [('singles', of_singles), ('patches', of_patches)]
    jobs += [(f'synthesised {i}', lambda i=i: of_numbers(i)) for i in range(synthesised.COUNT)]
    for name, make in jobs:
        path = f'{folder}/{name}.npz'
        if os.path.exists(path):
            continue
        kit = make()
        arrays = {f'{key}_{i}_{select:.0f}_{gain:.0f}': hit for key, layers in kit.items() for i, (select, gain, hit) in enumerate(layers)}
        np.savez(path + '.part.npz', **arrays)
        os.rename(path + '.part.npz', path)
        print('kit', name, sorted(kit), flush=True)


def names(folder):
    return sorted(os.path.basename(p)[:-4] for p in glob.glob(folder + '/*.npz'))


def chosen(rng, folder, part):
    """A kit for a piece of that part: as often a recorded one as one of General MIDI."""
    if part == 'check' and rng.random() < 0.5:
        return ASIDE
    known = [n for n in names(folder) if n != ASIDE and n not in ASIDE_TOO and (part == 'learn' or not is_further(n))]
    made = [n for n in known if n.startswith('synthesised')]
    if made and rng.random() < 0.25:
        return str(rng.choice(made))
    general = [n for n in known if re.search(r' \d+$', n) and 'Pearl' not in n and n not in made]
    recorded = [n for n in known if n not in general and n not in made]
    return str(rng.choice(recorded if recorded and rng.random() < 0.55 else general))


def synthesised_for(rng, part):
    """One that no one recorded: of those that are kept out where it is to be checked."""
    aside = list(synthesised.ASIDE)
    return f'synthesised {rng.choice(aside if part == "check" else [i for i in range(synthesised.COUNT) if i not in aside])}'


@functools.lru_cache(maxsize=48)
def load(folder, name):
    kit = {}
    with np.load(f'{folder}/{name}.npz') as arrays:
        for label in arrays.files:
            key, _, select, gain = label.split('_')
            kit.setdefault(int(key), []).append((float(select), float(gain), arrays[label].astype(np.float32) / 32768))
    return kit


def energy(x):
    return float(np.sqrt((x[:4410] ** 2).mean() + 1e-9))


def layered(rng, below, above):
    """A drum whose low part is one drum's and whose high part another's, with an attack of its own (common practice): no kit has it. Both are
    hits [(select, strength, samples)] of one kind of drum."""
    split = np.exp(rng.uniform(np.log(250), np.log(5000)))
    louder = 10 ** (rng.uniform(-8, 8) / 20)
    attack, fall = rng.uniform(-0.6, 2.0), rng.uniform(0.004, 0.03) * RATE
    low, high = (butter(2, split, kind, fs=RATE, output='sos') for kind in ('low', 'high'))
    made = []
    for select, strength, x in below:
        y = min(above, key=lambda hit: abs(hit[0] - select))[2]
        z = np.zeros(max(len(x), len(y)), np.float32)
        z[:len(x)] = sosfilt(low, x)
        z[:len(y)] += sosfilt(high, y) * louder * energy(x) / energy(y)
        z *= 1 + attack * np.exp(-np.arange(len(z)) / fall)
        made.append((select, strength, (z * energy(x) / energy(z)).astype(np.float32)))
    return made


def drummed(rng, hits, seconds, folder, name, others=()):
    """Plays hits [(second, key, strength)] on a kit that is tuned, damped, coloured and balanced at random; mono samples. Each family of
    drums may come from one of the `others` instead, or from two of them at once: it is the mixtures that teach what a snare is on a kit
    that was never heard."""
    own = load(folder, name)
    lenders = [load(folder, other) for other in others]
    family_kit, family_colour = {}, {}
    spare = None
    out = np.zeros(int((seconds + 3) * RATE), np.float32)
    voices, family_gain, family_tune, family_above = {}, {}, {}, {}
    for key in sorted({k for _, k, _ in hits}):
        kin = next((group for group in KIN if key in group), (key,))
        kit = family_kit.setdefault(kin[0], lenders[rng.integers(len(lenders))] if lenders and rng.random() < 0.6 else own)
        source = next((k for k in (key, *kin) if k in kit), None)
        if source is None:
            kit, source = own, next((k for k in (key, *kin) if k in own), None)
        layers = kit.get(source)
        if layers is None:
            if spare is None:
                spare = load(folder, SPARE)
            layers = spare.get(key)
        if not layers:
            continue
        if name == 'singles':
            layers = [layers[rng.integers(len(layers))]]
        family = kin[0]
        if lenders:
            lender = family_above.setdefault(family, lenders[rng.integers(len(lenders))] if rng.random() < 0.5 else None)
            if lender is not None and source in lender:
                layers = layered(rng, layers, lender[source])
        gain = family_gain.setdefault(family, 10 ** (rng.normal(0, 3.5) / 20))
        tune = family_tune.setdefault(family, 2 ** (rng.normal(0, 2.4 if lenders else 1.6) / 12))
        colour = family_colour.setdefault(family, [(np.exp(rng.uniform(np.log(80), np.log(9000))), rng.uniform(-7, 7), rng.uniform(0.4, 2.5))
                                                   for _ in range(rng.integers(0, 3))] if lenders else [])
        damp = rng.uniform(0.06, 0.4) if rng.random() < 0.3 and key not in RINGING else None
        made = []
        for select, strength, hit in layers:
            at = np.arange(0, len(hit) - 1, tune)
            x = np.interp(at, np.arange(len(hit)), hit).astype(np.float32) * gain
            for frequency, decibels, quality in colour:
                x = peak_filter(x, frequency, decibels, quality).astype(np.float32)
            if damp:
                x *= np.exp(-np.arange(len(x)) / (damp * RATE)).astype(np.float32)
            made.append((select, strength, x))
        voices[key] = made
    sounding = None  # (where, samples left) of the hat that a next one damps
    for second, key, strength in sorted(hits):
        made = voices.get(key)
        if made is None:
            continue
        wanted = strength + rng.normal(0, 4)
        select, reference, x = min(made, key=lambda layer: abs(layer[0] - wanted))
        x = x * (min(1.5, max(0.02, (strength / reference) ** 1.6)) * 10 ** (rng.normal(0, 0.5) / 20))
        at = int((second - 0.002) * RATE)
        skip = max(0, -at)
        at = max(0, at)
        x = x[skip:skip + len(out) - at]
        if key in (42, 44, 46):
            if sounding is not None and sounding[0] < at < sounding[0] + len(sounding[1]):
                rest = sounding[1][at - sounding[0]:]
                out[at:at + len(rest)] -= (rest * (1 - np.exp(-np.arange(len(rest)) / (0.012 * RATE)))).astype(np.float32)
            sounding = (at, x.copy())
        out[at:at + len(x)] += x
    return out
