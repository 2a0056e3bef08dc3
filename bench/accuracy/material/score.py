# SPDX-License-Identifier: GPL-3.0-or-later
"""A piece as notes on a beat axis, its performance as audio, and the truth that follows from the notes."""
import os
import subprocess
import tempfile
from dataclasses import dataclass, field

import mido
import numpy as np
from scipy.io import wavfile

RATE = 44100
ATTACK_LAG = 0.003  # fluidsynth sounds 2 to 5 ms after a note-on (measured on clicks through four soundfonts)
KICK, SNARE, HAT = {35, 36}, {38, 40}, {42, 44, 46}
# Classes of drums by General MIDI's percussion keys.
DRUMS = dict(kick=KICK, snare=SNARE, hat=HAT, tom={41, 43, 45, 47, 48, 50}, ride={51, 53, 59}, crash={49, 52, 55, 57}, clap={37, 39})
# General MIDI programs (from 0) that swell rather than strike: their notes are neither right nor wrong as onsets.
SWELLING = set(range(40, 45)) | set(range(48, 55)) | set(range(88, 104)) | {119}
MERGED_WITHIN = 0.030


@dataclass
class Piece:
    """Messages at beat positions, which beats there are, and how fast each passes."""
    name: str
    source: str
    messages: list = field(default_factory=list)  # (beat, order, mido message); order 0 off, 1 control, 2 on
    beats: list = field(default_factory=list)     # positions of the felt beats
    downbeats: list = field(default_factory=list)  # None where the bars are not known
    length: float = 0.0                           # in beats
    tempo: list = field(default_factory=list)     # [(beat, bpm)] in steps, from 0 on
    metre: str = '4/4'

    def note(self, beat, length, channel, pitch, velocity):
        velocity = int(min(127, max(1, velocity)))
        self.messages.append((beat, 2, mido.Message('note_on', channel=channel, note=int(pitch), velocity=velocity)))
        self.messages.append((beat + length, 0, mido.Message('note_off', channel=channel, note=int(pitch))))

    def program(self, channel, program):
        self.messages.append((0.0, 1, mido.Message('program_change', channel=channel, program=int(program))))

    def control(self, channel, control, value):
        self.messages.append((0.0, 1, mido.Message('control_change', channel=channel, control=control, value=int(value))))


def clock(tempo):
    """The function from beats to seconds for tempo steps [(beat, bpm)]."""
    at = np.array([t for t, _ in tempo], float)
    spb = np.array([60.0 / b for _, b in tempo])
    seconds = np.concatenate([[0.0], np.cumsum(np.diff(at) * spb[:-1])])

    def to_seconds(beat):
        beat = np.asarray(beat, float)
        i = np.clip(np.searchsorted(at, beat, 'right') - 1, 0, None)
        return seconds[i] + (beat - at[i]) * spb[i]
    return to_seconds


def merged(times):
    out = []
    for t in sorted(times):
        if not out or t - out[-1] > MERGED_WITHIN:
            out.append(float(t))
    return out


def synthesise(piece, to_seconds, soundfont, reverb):
    """Plays the piece through fluidsynth; stereo float samples, time 0 is beat 0."""
    midi = mido.MidiFile(ticks_per_beat=10000, type=0)
    track = mido.MidiTrack()
    midi.tracks.append(track)
    track.append(mido.MetaMessage('set_tempo', tempo=1000000, time=0))
    end = float(to_seconds(piece.length))
    last = 0
    for beat, order, message in sorted(piece.messages, key=lambda m: (m[0], m[1])):
        second = float(to_seconds(beat))
        if order == 2 and second > end:
            continue
        tick = max(last, int(round(min(second, end) * 10000)))
        track.append(message.copy(time=tick - last))
        last = tick
    track.append(mido.MetaMessage('end_of_track', time=max(0, int((end + 1.0) * 10000) - last)))
    with tempfile.TemporaryDirectory() as folder:
        midi.save(folder + '/in.mid')
        switch = '1' if reverb else '0'
        subprocess.run(['fluidsynth', '-ni', '-q', '-g', '0.5', '-R', switch, '-C', switch, '-r', str(RATE),
                        '-F', folder + '/out.wav', soundfont, folder + '/in.mid'], check=True,
                       stdout=subprocess.DEVNULL, stderr=subprocess.DEVNULL)
        _, samples = wavfile.read(folder + '/out.wav')
    samples = samples.astype(np.float32) / 32768
    return samples[:int((end + 1.5) * RATE)]


def truth_of(piece, to_seconds, shift):
    """Beats, bars, onsets and drums in seconds; `shift` is what lies before beat 0 in the audio."""
    shift += ATTACK_LAG
    program = [0] * 16
    hard, soft = [], []
    drums = {name: [] for name in DRUMS}
    end = float(to_seconds(piece.length))
    for beat, order, message in sorted(piece.messages, key=lambda m: (m[0], m[1])):
        if message.type == 'program_change':
            program[message.channel] = message.program
        second = float(to_seconds(beat))
        if order != 2 or second > end:
            continue
        if message.channel == 9:
            for name, keys in DRUMS.items():
                if message.note in keys and message.velocity >= 20:
                    drums[name].append(second + shift)
        swelling = message.channel != 9 and program[message.channel] in SWELLING
        (soft if swelling or message.velocity < 25 else hard).append(second + shift)
    onsets = merged(hard)
    grid = np.array(onsets) if onsets else np.array([-9.0])
    beats = to_seconds(piece.beats) + shift
    return dict(metre=piece.metre, source=piece.source, beats=[round(float(b), 4) for b in beats],
                downbeats=None if piece.downbeats is None else
                [round(float(b), 4) for b in to_seconds(piece.downbeats) + shift],
                onsets=[round(t, 4) for t in onsets],
                onsets_soft=[round(t, 4) for t in merged(soft) if np.abs(grid - t).min() > MERGED_WITHIN],
                **{k: [round(t, 4) for t in merged(v)] for k, v in drums.items()})


def write_wav(path, samples):
    peak = float(np.abs(samples).max()) if len(samples) else 0.0
    if peak > 0.98:
        samples = samples * (0.98 / peak)
    wavfile.write(path, RATE, np.round(samples * 32767).astype(np.int16))


def decoded(path):
    raw = subprocess.run(['ffmpeg', '-v', 'error', '-i', path, '-f', 'f32le', '-ac', '2', '-ar', str(RATE), '-'],
                         stdout=subprocess.PIPE, check=True).stdout
    return np.frombuffer(raw, np.float32).reshape(-1, 2).copy()


def through_mp3(samples, bitrate):
    """There and back through an encoder, lined up again by the largest cross-correlation."""
    with tempfile.TemporaryDirectory() as folder:
        write_wav(folder + '/a.wav', samples)
        subprocess.run(['ffmpeg', '-v', 'error', '-y', '-i', folder + '/a.wav', '-c:a', 'libmp3lame', '-b:a',
                        f'{bitrate}k', folder + '/a.mp3'], check=True)
        back = decoded(folder + '/a.mp3')
    n = min(len(samples), len(back))
    a, b = samples[:n].mean(1)[:RATE * 20], back[:n].mean(1)[:RATE * 20]
    correlation = np.fft.irfft(np.conj(np.fft.rfft(a, 2 * len(a))) * np.fft.rfft(b, 2 * len(b)))
    lag = int(np.argmax(correlation))
    lag -= len(correlation) if lag > len(correlation) // 2 else 0
    return np.roll(back, -lag, 0)[:n]


def installed(path):
    return os.path.exists(path)
