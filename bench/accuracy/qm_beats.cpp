// SPDX-License-Identifier: GPL-3.0-or-later
// qm_beats SOUND.wav: beats, downbeats and the median tempo as qm-dsp finds them, as JSON on the standard
// output. The settings are those of the library's own defaults; built by bench/accuracy/run only.
#include <algorithm>
#include <cmath>
#include <cstdio>
#include <sndfile.h>
#include <vector>

#include <dsp/onsets/DetectionFunction.h>
#include <dsp/tempotracking/DownBeat.h>
#include <dsp/tempotracking/TempoTrackV2.h>

namespace {

void print_list(const char* name, const std::vector<double>& values) {
    std::printf("\"%s\": [", name);
    for (std::size_t i = 0; i < values.size(); ++i)
        std::printf("%s%.4f", i ? ", " : "", values[i]);
    std::printf("], ");
}

} // namespace

int main(int argc, char** argv) {
    SF_INFO info{};
    SNDFILE* file = argc == 2 ? sf_open(argv[1], SFM_READ, &info) : nullptr;
    if (!file) {
        std::fprintf(stderr, "usage: qm_beats SOUND.wav\n");
        return 2;
    }
    std::vector<float> interleaved(static_cast<std::size_t>(info.frames * info.channels));
    sf_readf_float(file, interleaved.data(), info.frames);
    sf_close(file);
    std::vector<double> mono(static_cast<std::size_t>(info.frames), 0.0);
    for (std::size_t i = 0; i < mono.size(); ++i)
        for (int c = 0; c < info.channels; ++c)
            mono[i] +=
                static_cast<double>(
                    interleaved[i * static_cast<std::size_t>(info.channels) + static_cast<std::size_t>(c)]) /
                info.channels;

    const auto step = static_cast<unsigned>(std::lround(info.samplerate * 0.01161)); // 512 at 44.1 kHz
    DFConfig config{};
    config.stepSize = step;
    config.frameLength = 2 * step;
    config.DFType = DF_COMPLEXSD;
    config.dbRise = 3;
    config.adaptiveWhitening = false;
    config.whiteningRelaxCoeff = -1;
    config.whiteningFloor = -1;
    DetectionFunction function(config);
    DownBeat bars(static_cast<float>(info.samplerate), 16, step);
    std::vector<double> curve, frame(config.frameLength);
    std::vector<float> block(step);
    for (std::size_t at = 0; at + step <= mono.size(); at += step) {
        for (std::size_t i = 0; i < frame.size(); ++i)
            frame[i] = at + i < mono.size() ? mono[at + i] : 0.0;
        for (std::size_t i = 0; i < step; ++i)
            block[i] = static_cast<float>(mono[at + i]);
        curve.push_back(function.processTimeDomain(frame.data()));
        bars.pushAudioBlock(block.data());
    }
    std::vector<double> used(
        curve.begin() + std::min<std::ptrdiff_t>(2, static_cast<std::ptrdiff_t>(curve.size())), curve.end());
    std::vector<double> period(used.size()), tempi, beats;
    TempoTrackV2 tracker(static_cast<float>(info.samplerate), step);
    tracker.calculateBeatPeriod(used, period, tempi);
    tracker.calculateBeats(used, period, beats);
    std::size_t length = 0;
    const float* audio = bars.getBufferedAudio(length);
    std::vector<int> starts;
    if (beats.size() > 8)
        bars.findDownBeats(audio, length, beats, starts);
    std::vector<double> times, downbeats;
    for (const double beat : beats)
        times.push_back((beat + 2) * step / info.samplerate);
    for (const int i : starts)
        if (i >= 0 && static_cast<std::size_t>(i) < times.size())
            downbeats.push_back(times[static_cast<std::size_t>(i)]);
    std::sort(tempi.begin(), tempi.end());
    std::printf("{");
    print_list("beats", times);
    print_list("downbeats", downbeats);
    std::printf("\"tempo\": %.3f}\n", tempi.empty() ? 0.0 : tempi[tempi.size() / 2]);
    return 0;
}
