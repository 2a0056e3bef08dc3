#!/usr/bin/python3
# SPDX-License-Identifier: GPL-3.0-or-later
"""Writes trained parameters as src/core/analysis/NAME_network.weights, or .weights as parameters that can be trained on.

usage: pack_listener.py rhythm|drums FROM OUT [--before FILE --share 0.4]

FROM, OUT: one of both ends in .weights, the other in .pt. --before: parameters from which FROM was trained on; OUT lies `share` of the way
from there to FROM. What was learned anew stays mostly, and so does what would have been forgotten (Wortsman et al., "Robust fine-tuning
of zero-shot models", CVPR 2022).
"""
import argparse

import torch

from listener import SHAPES, Listener, grow, pack, unpack


def read(what, path, wider=None):
    """What a narrower one lacks is as it is in the wider one; it hears no more for that."""
    net = Listener(SHAPES[what])
    if wider is not None:
        net.load_state_dict(wider.state_dict())
    grow(net, unpack(path, net.shape.outputs).state_dict() if path.endswith('.weights') else torch.load(path))
    return net


def main():
    ap = argparse.ArgumentParser(description=__doc__, formatter_class=argparse.RawDescriptionHelpFormatter)
    ap.add_argument('what', choices=SHAPES)
    ap.add_argument('begin', metavar='from')
    ap.add_argument('out')
    ap.add_argument('--before')
    ap.add_argument('--share', type=float, default=0.4)
    a = ap.parse_args()
    net = read(a.what, a.begin)
    if a.before:
        old = read(a.what, a.before, net).state_dict()
        net.load_state_dict({name: (1 - a.share) * old[name] + a.share * tensor for name, tensor in net.state_dict().items()})
    if a.out.endswith('.weights'):
        print(pack(net, a.out), 'numbers')
    else:
        torch.save(net.state_dict(), a.out)


if __name__ == '__main__':
    main()
