#!/usr/bin/python3
# SPDX-License-Identifier: GPL-3.0-or-later
"""Writes trained parameters as src/core/analysis/NAME_network.weights: a signature, the shape, then half precision numbers, tensor
after tensor.

usage: pack_listener.py rhythm|drums PARAMETERS.pt OUT
"""
import struct
import sys

import torch

from listener import SHAPES, Listener

shape = SHAPES[sys.argv[1]]
net = Listener(shape)
net.load_state_dict(torch.load(sys.argv[2]))
numbers = [len(shape.outputs), shape.quick, len(shape.quick_dilations), *shape.quick_dilations, shape.long, len(shape.long_dilations),
           *shape.long_dilations, shape.hidden]
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
with open(sys.argv[3], 'wb') as out:
    out.write(b'PPL2' + struct.pack(f'<{len(numbers)}H', *numbers))
    for tensor in order:
        out.write(tensor.detach().half().numpy().tobytes())
print(sum(t.numel() for t in order), 'numbers')
