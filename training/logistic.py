# SPDX-License-Identifier: GPL-3.0-or-later
"""Logistic regression with a ridge, and how well calibrated probabilities are."""
import numpy as np


def fit(x, y, each, ridge=1.0, rounds=30):
    """(bias, weights) for rows x, answers y (0 or 1), weights of rows `each`; by iteratively reweighted least squares."""
    mean, scale = np.average(x, 0, each), np.sqrt(np.average((x - np.average(x, 0, each)) ** 2, 0, each)) + 1e-6
    z = np.c_[np.ones(len(x)), (x - mean) / scale]
    w = np.zeros(z.shape[1])
    keep = np.full(len(w), ridge)
    keep[0] = 0
    for _ in range(rounds):
        p = 1 / (1 + np.exp(-np.clip(z @ w, -30, 30)))
        g = z.T @ (each * (p - y)) + keep * w
        h = (z * (each * (p * (1 - p) + 1e-6))[:, None]).T @ z + np.diag(keep)
        step = np.linalg.solve(h, g)
        w -= step
        if np.abs(step).max() < 1e-6:
            break
    weights = w[1:] / scale
    return float(w[0] - mean @ weights), weights


def fit_with_signs(x, y, each, expected, ridge=1.0):
    """The same, where `expected` (1, -1, or 0 for either) says which way each column must speak; one that speaks the other way is left
    out, the worst first."""
    expected = np.asarray(expected)
    kept = np.ones(x.shape[1], bool)
    while True:
        bias, some = fit(x[:, kept], y, each, ridge)
        weights = np.zeros(x.shape[1])
        weights[kept] = some
        wrong = weights * expected * x.std(0)
        if wrong.min() >= 0:
            return bias, weights
        kept[np.argmin(wrong)] = False


def told(bias, weights, x):
    return 1 / (1 + np.exp(-np.clip(bias + x @ weights, -30, 30)))


def reliability(p, y, edges=(0, .2, .4, .6, .8, .9, .97, 1.0001)):
    """Lines: so sure it is, n, mean, right."""
    lines = []
    for low, high in zip(edges, edges[1:]):
        here = (p >= low) & (p < high)
        if here.any():
            lines.append(f'{low:.2f} to {min(1, high):.2f}: n {here.sum()}, mean {p[here].mean():.3f}, right {y[here].mean():.3f}')
    return lines
