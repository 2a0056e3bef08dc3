# SPDX-License-Identifier: GPL-3.0-or-later
"""The networks that listen: spectra in, log odds out, each 100 times a second. One hears rhythm (onset, kick, snare, hat, beat,
downbeat), one tells drums apart; they differ in their shape. src/core/analysis/activation_network.cpp computes the same."""
import struct
from dataclasses import dataclass

import numpy as np
import torch
import torch.nn.functional as F
from torch import nn

INPUTS = 114  # 54 quick and 60 slow bands
SLOPE = 0.1


@dataclass(frozen=True)
class Shape:
    outputs: tuple
    quick: int             # channels at 100 frames a second
    quick_dilations: tuple
    long: int              # channels at 50
    long_dilations: tuple
    hidden: int


SHAPES = {
    'rhythm': Shape(('onset', 'kick', 'snare', 'hat', 'beat', 'downbeat'), 40, (1, 2, 4, 8), 48, (1, 2, 4, 8, 16, 32, 64, 128, 256), 32),
    'drums': Shape(('kick', 'snare', 'hat', 'tom', 'ride', 'crash', 'clap'), 64, (1, 2, 4, 8), 48, (1, 2, 4, 8, 16, 32), 48),
}


def bent(x):
    return F.leaky_relu(x, SLOPE)


class Block(nn.Module):
    def __init__(self, channels, width, dilation, dropout):
        super().__init__()
        self.wide = nn.Conv1d(channels, channels, width, dilation=dilation, padding=dilation * (width // 2))
        self.point = nn.Conv1d(channels, channels, 1)
        self.dropout = nn.Dropout(dropout)

    def forward(self, x):
        return x + self.point(self.dropout(bent(self.wide(x))))


class Listener(nn.Module):
    def __init__(self, shape, dropout=0.1):
        super().__init__()
        self.shape = shape
        self.register_buffer('mean', torch.zeros(2 * INPUTS))
        self.register_buffer('scale', torch.ones(2 * INPUTS))
        self.first = nn.Conv1d(2 * INPUTS, shape.quick, 3, padding=1)
        self.quick = nn.ModuleList(Block(shape.quick, 3, d, dropout) for d in shape.quick_dilations)
        self.join = nn.Conv1d(2 * shape.quick, shape.long, 1)
        self.long = nn.ModuleList(Block(shape.long, 5, d, dropout) for d in shape.long_dilations)
        self.mix = nn.Conv1d(shape.quick + shape.long, shape.hidden, 1)
        self.out = nn.Conv1d(shape.hidden, len(shape.outputs), 1)

    @staticmethod
    def with_rise(x):
        """x: batch x bands x frames; adds what rose against 20 ms before."""
        before = F.pad(x, (2, 0))[:, :, :x.shape[2]]
        return torch.cat([x, torch.relu(x - before)], 1)

    def forward(self, x):
        """batch x 114 x frames (an even number) -> batch x outputs x frames, log odds."""
        x = (self.with_rise(x) - self.mean[:, None]) * self.scale[:, None]
        x = bent(self.first(x))
        for block in self.quick:
            x = block(x)
        x = bent(x)
        b, c, t = x.shape
        pairs = x.reshape(b, c, t // 2, 2).permute(0, 3, 1, 2).reshape(b, 2 * c, t // 2)
        y = bent(self.join(pairs))
        for block in self.long:
            y = block(y)
        y = bent(y).repeat_interleave(2, 2)
        return self.out(bent(self.mix(torch.cat([x, y], 1))))

    def in_order(self):
        """All numbers as they stand in a packed file, tensor after tensor."""
        yield self.mean
        yield self.scale
        blocks = [layer for stage in (self.quick, self.long) for block in stage for layer in (block.wide, block.point)]
        at = 2 * len(self.quick)
        for layer in [self.first, *blocks[:at], self.join, *blocks[at:], self.mix, self.out]:
            yield layer.weight
            yield layer.bias


def grow(net, smaller):
    """Makes `net` hear at first what a narrower network of the same depth hears: what is new listens, and nothing listens to it yet
    (Chen, Goodfellow and Shlens, "Net2Net", ICLR 2016). `smaller`: its parameters."""
    with torch.no_grad():
        for name, tensor in net.state_dict().items():
            old = smaller[name]
            if tensor.dim() < 2 or name == 'out.weight':
                tensor[tuple(slice(n) for n in old.shape)] = old
                if name == 'out.weight':
                    tensor[:, old.shape[1]:] = 0
                continue
            rows = old.shape[0]
            tensor[:rows] = 0
            if name in ('join.weight', 'mix.weight'):  # two groups of channels side by side
                quick, narrow = net.shape.quick, smaller['first.weight'].shape[0]
                tensor[:rows, :narrow] = old[:, :narrow]
                tensor[:rows, quick:quick + old.shape[1] - narrow] = old[:, narrow:]
            else:
                tensor[:rows, :old.shape[1]] = old


SIGNATURE = b'PPL2'


def header(shape):
    numbers = [len(shape.outputs), shape.quick, len(shape.quick_dilations), *shape.quick_dilations, shape.long, len(shape.long_dilations),
               *shape.long_dilations, shape.hidden]
    return SIGNATURE + struct.pack(f'<{len(numbers)}H', *numbers)


def pack(net, path):
    """Writes a signature, the shape, then half precision numbers; returns how many."""
    with open(path, 'wb') as out:
        out.write(header(net.shape))
        for tensor in net.in_order():
            out.write(tensor.detach().half().numpy().tobytes())
    return sum(t.numel() for t in net.in_order())


def unpack(path, outputs):
    """The network that `pack` wrote, of whatever shape the file says."""
    packed = open(path, 'rb').read()
    words = iter(np.frombuffer(packed[len(SIGNATURE):len(SIGNATURE) + 200], '<u2').tolist())
    count = next(words)

    def dilations():
        return tuple(next(words) for _ in range(next(words)))
    quick, quick_dilations = next(words), dilations()
    long, long_dilations = next(words), dilations()
    hidden = next(words)
    net = Listener(Shape(outputs, quick, quick_dilations, long, long_dilations, hidden))
    told = header(net.shape)
    numbers = np.frombuffer(packed[len(told):], np.float16).astype(np.float32)
    if packed[:len(told)] != told or count != len(outputs) or len(numbers) != sum(t.numel() for t in net.in_order()):
        raise SystemExit(f'{path} holds no such network.')
    at = 0
    with torch.no_grad():
        for tensor in net.in_order():
            tensor.copy_(torch.from_numpy(numbers[at:at + tensor.numel()].copy()).reshape(tensor.shape))
            at += tensor.numel()
    return net
