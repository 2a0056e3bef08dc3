# SPDX-License-Identifier: GPL-3.0-or-later
"""The network that listens: spectra in; onset, kick, snare, hat, beat and downbeat out, each 100 times a second.
src/core/analysis/listener.cpp computes the same."""
import torch
import torch.nn.functional as F
from torch import nn

INPUTS = 114          # 54 quick and 60 slow bands
QUICK, LONG = 40, 48  # channels at 100 and at 50 frames a second
QUICK_DILATIONS = (1, 2, 4, 8)
LONG_DILATIONS = (1, 2, 4, 8, 16, 32, 64, 128, 256)
HIDDEN = 32
OUTPUTS = ('onset', 'kick', 'snare', 'hat', 'beat', 'downbeat')
SLOPE = 0.1


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
    def __init__(self, dropout=0.1):
        super().__init__()
        self.register_buffer('mean', torch.zeros(2 * INPUTS))
        self.register_buffer('scale', torch.ones(2 * INPUTS))
        self.first = nn.Conv1d(2 * INPUTS, QUICK, 3, padding=1)
        self.quick = nn.ModuleList(Block(QUICK, 3, d, dropout) for d in QUICK_DILATIONS)
        self.join = nn.Conv1d(2 * QUICK, LONG, 1)
        self.long = nn.ModuleList(Block(LONG, 5, d, dropout) for d in LONG_DILATIONS)
        self.mix = nn.Conv1d(QUICK + LONG, HIDDEN, 1)
        self.out = nn.Conv1d(HIDDEN, len(OUTPUTS), 1)

    @staticmethod
    def with_rise(x):
        """x: batch x bands x frames; adds what rose against 20 ms before."""
        before = F.pad(x, (2, 0))[:, :, :x.shape[2]]
        return torch.cat([x, torch.relu(x - before)], 1)

    def forward(self, x):
        """batch x 114 x frames (an even number) -> batch x 6 x frames, log odds."""
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
