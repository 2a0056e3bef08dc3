# SPDX-License-Identifier: GPL-3.0-or-later
"""Music with known beats, bars, onsets and drums, made from what Debian packages give."""
