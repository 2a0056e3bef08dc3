# SPDX-License-Identifier: GPL-3.0-or-later
"""How fast pieces go: usual tempi by kind of music (common practice, from memory) and ways in which a tempo moves."""
import re

import numpy as np

# The first pattern that a groove's name matches tells the range.
USUAL = [
    (r'viennese|viene', 168, 190), (r'slow.*waltz|lullaby', 80, 110), (r'fast.*waltz', 160, 200),
    (r'jazzwaltz|jazz-?waltz', 120, 180), (r'waltz', 88, 170), (r'march', 106, 126), (r'polka', 110, 132),
    (r'slow.*(rock|swing|jazz|blues|country|bolero|spiritual|broadway)|slow', 58, 84),
    (r'ballad|bld|hymn', 60, 88), (r'spiritual', 70, 110), (r'bolero', 66, 96), (r'beguine', 100, 126),
    (r'bossa', 112, 148), (r'samba', 92, 116), (r'salsa|mambo|merengue', 130, 200), (r'cha', 108, 128),
    (r'rumba|rhumba', 96, 124), (r'tango', 112, 134), (r'calypso|soca', 110, 180), (r'reggae', 68, 96),
    (r'ska', 130, 176), (r'zydeco|dixie|bluegrass|hillcountry', 110, 180), (r'rag', 80, 120),
    (r'charleston|quickstep', 160, 210), (r'foxtrot|foxtr', 104, 132), (r'jive|boogie|boggie|twist|rocknroll', 132, 180),
    (r'bebop|fast', 170, 220), (r'bigband|swing', 112, 190), (r'jazz', 100, 180), (r'trip|hiphop|hip-hop|rap', 74, 100),
    (r'techno|rave|trance|house|dance|euro|club|disco', 116, 150), (r'drum.*bass|jungle|break', 150, 178),
    (r'funk', 88, 116), (r'soul|motown|r&b|rb|groove', 70, 126), (r'metal|punk|hard', 120, 190), (r'shuffle', 100, 150),
    (r'blues', 60, 130), (r'country', 90, 150), (r'folk', 84, 130), (r'16', 76, 104), (r'8beat', 90, 140),
    (r'pop', 84, 132), (r'rock', 96, 150),
]


def usual_tempo(rng, name, beats_per_bar=4):
    for pattern, low, high in USUAL:
        if re.search(pattern, name.lower()):
            return float(rng.uniform(low, high))
    return float(np.clip(np.exp(rng.normal(np.log(112), 0.26)), 58, 200))


def moving(rng, bpm, beats, downbeats, length):
    """Tempo steps [(beat, bpm)] and the word for how they move."""
    kind = rng.choice(['steady', 'drift', 'ritardando', 'accelerando', 'step', 'loose'],
                      p=[0.58, 0.15, 0.08, 0.05, 0.09, 0.05])
    n = len(beats)
    tempo = np.full(n, bpm)
    x = np.arange(n)
    if kind == 'ritardando':
        k = int(n * rng.uniform(0.6, 0.85))
        tempo[k:] *= np.linspace(1, rng.uniform(0.55, 0.85), n - k)
    elif kind == 'accelerando':
        tempo *= np.linspace(1, rng.uniform(1.1, 1.4), n)
    elif kind == 'step' and downbeats and len(downbeats) > 6:
        f = rng.choice([1.08, 1.15, 1.25, 1.33, 0.92, 0.85, 0.8, 0.75])
        a = downbeats[int(len(downbeats) * rng.uniform(0.25, 0.45))]
        b = downbeats[int(len(downbeats) * rng.uniform(0.6, 0.99))]
        tempo[(np.array(beats) >= a) & (np.array(beats) < b)] *= f
    elif kind == 'drift':
        tempo *= 1 + rng.uniform(0.01, 0.04) * np.sin(2 * np.pi * x / rng.uniform(40, 90) + rng.uniform(0, 6)) + \
            rng.uniform(0.005, 0.025) * np.sin(2 * np.pi * x / rng.uniform(16, 32) + rng.uniform(0, 6)) + \
            0.007 * rng.standard_normal(n)
    elif kind == 'loose':
        tempo *= 1 + 0.015 * rng.standard_normal(n)
    steps = [(float(b), float(t)) for b, t in zip(beats, tempo)]
    if not steps or steps[0][0] > 0:
        steps.insert(0, (0.0, float(bpm)))
    return steps, str(kind)
