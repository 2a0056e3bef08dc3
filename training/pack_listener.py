#!/usr/bin/python3
# SPDX-License-Identifier: GPL-3.0-or-later
"""Writes trained parameters as src/core/analysis/NAME_network.weights, or .weights as parameters that can be trained on.

usage: pack_listener.py rhythm|drums FROM OUT        one of both ends in .weights, the other in .pt
"""
import sys

import torch

from listener import SHAPES, Listener, pack, unpack

what, begin, out = sys.argv[1:]
net = Listener(SHAPES[what])
if begin.endswith('.weights'):
    unpack(net, begin)
    torch.save(net.state_dict(), out)
else:
    net.load_state_dict(torch.load(begin))
    print(pack(net, out), 'numbers')
