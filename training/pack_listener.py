#!/usr/bin/python3
# SPDX-License-Identifier: GPL-3.0-or-later
"""Writes trained parameters as src/core/analysis/activation_network.weights: half precision numbers, tensor after tensor.

usage: pack_listener.py PARAMETERS.pt OUT
"""
import sys

import torch

from listener import Listener

net = Listener()
net.load_state_dict(torch.load(sys.argv[1]))
order = [net.mean, net.scale]


def convolution(layer):
    order.extend([layer.weight, layer.bias])


convolution(net.first)
for block in net.quick:
    convolution(block.wide)
    convolution(block.point)
convolution(net.join)
for block in net.long:
    convolution(block.wide)
    convolution(block.point)
convolution(net.mix)
convolution(net.out)
with open(sys.argv[2], 'wb') as out:
    out.write(b'PPL1')
    for tensor in order:
        out.write(tensor.detach().half().numpy().tobytes())
print(sum(t.numel() for t in order), 'numbers')
