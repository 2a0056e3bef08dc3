# SPDX-License-Identifier: GPL-3.0-or-later
"""Keeps the fitted numbers in fitted.json and writes src/core/analysis/fitted.cpp of them."""
import json
import os

from listener import SHAPES

HERE = os.path.dirname(os.path.abspath(__file__))
STORE = HERE + '/fitted.json'
SOURCE = HERE + '/../src/core/analysis/fitted.cpp'


def load():
    return json.load(open(STORE)) if os.path.exists(STORE) else {}


def numbers(values):
    return ', '.join(f'{v:.4g}' for v in values)


def save(**changed):
    kept = load()
    kept.update(changed)
    json.dump(kept, open(STORE, 'w'), indent=1)
    text = ['// SPDX-License-Identifier: GPL-3.0-or-later',
            '// Written by training/fit_*.py; do not edit.', '// clang-format off',
            '#include "analysis/fitted.h"', '', 'namespace pulsepin {', '']
    for name, kind, function in (('bars', 'BarWeights', 'bar_weights'),
                                 ('grid', 'std::array<double, grid_term_count>', 'grid_weights'),
                                 ('pulse', 'PulseWeights', 'pulse_weights')):
        text.append(f'const {kind}& {function}(bool with_network) {{')
        for which in ('with', 'without'):
            w = kept.get(f'{name}_{which}')
            if name == 'bars':
                body = f'{{{w["bias"]:.4g},\n        {{{numbers(w["here"])}}},\n        {{{numbers(w["before"])}}},\n' \
                       f'        {{{numbers(w["after"])}}}}}' if w else '{-2.05, {2.0}, {}, {}}'
            elif name == 'grid':
                body = f'{{{numbers(w)}}}' if w else '{}'
            else:
                body = f'{{{w["bias"]:.4g}, {w.get("octaves_of_beats", 0):.4g}, {{{numbers(w["terms"])}}}}}' if w else '{5.0, 0, {}}'
            text.append(f'    static constexpr {kind} {which}_it{body};')
        text.append('    return with_network ? with_it : without_it;')
        text.append('}')
        text.append('')
    duel = kept.get('duel_with')
    body = f'{{{duel["bias"]:.4g}, {duel["score"]:.4g},\n        {{{numbers(duel["difference"])}}},\n' \
           f'        {{{numbers(duel["faster"])}}}}}' if duel else '{0, 1, {}, {}}'
    text += ['const DuelWeights& duel_weights() {', f'    static constexpr DuelWeights weights{body};', '    return weights;',
             '}', '']
    for name, kind, first in (('section', 'SectionWeights', [-4.5, 2, 1, 1, .5, .5, .5, .5, .5, .5, 1, .5, .8, .5, .3]),
                              ('beat', 'BeatWeights', [1, .5, .2, -.2, 0, .3, -.2, .5, 1, -2, -.5, .2])):
        w = kept.get(name) or dict(bias=first[0], signs=first[1:])
        text += [f'const {kind}& {name}_weights() {{', f'    static constexpr {kind} weights{{{w["bias"]:.4g}, {{{numbers(w["signs"])}}}}};',
                 '    return weights;', '}', '']
    drums = [kept.get('hit', {}).get(drum) or dict(bias=0, signs=[float(i == own) for i in range(19)])
             for own, drum in enumerate(SHAPES['drums'].outputs)]
    text += ['const HitWeights& hit_weights(Drum drum) {', '    static constexpr std::array<HitWeights, drum_count> weights{{']
    text += [f'        {{{w["bias"]:.4g}, {{{numbers(w["signs"])}}}}},' for w in drums]
    text += ['    }};', '    return weights[static_cast<std::size_t>(drum)];', '}', '']
    text.append('} // namespace pulsepin')
    open(SOURCE, 'w').write('\n'.join(text) + '\n')
