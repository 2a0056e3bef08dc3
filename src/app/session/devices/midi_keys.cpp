// SPDX-License-Identifier: GPL-3.0-or-later
#include "session/devices/midi_keys.h"

#include <QSocketNotifier>
#include <alsa/asoundlib.h>
#include <array>
#include <fcntl.h>
#include <unistd.h>

namespace pulsepin {

std::optional<MidiBytes::Note> MidiBytes::take(std::uint8_t byte) {
    constexpr std::uint8_t real_time = 0xf8, system = 0xf0, note_on = 0x90;
    if (byte >= real_time) // clocks and the like, between any others
        return std::nullopt;
    if (byte & 0x80) {
        status_ = byte >= system ? 0 : byte;
        first_.reset();
        return std::nullopt;
    }
    if ((status_ & 0xf0) != note_on) {
        first_.reset();
        return std::nullopt;
    }
    if (!first_) {
        first_ = byte;
        return std::nullopt;
    }
    const Note note{*first_, byte};
    first_.reset();
    return note.velocity > 0 ? std::optional(note) : std::nullopt;
}

namespace {

/// The library tells of machines without a sequencer on the error stream; whoever asked is told instead.
void keep_quiet(const char*, int, const char*, int, const char*, ...) {}

class SequencerKeys : public MidiKeys {
public:
    explicit SequencerKeys(snd_seq_t* sequencer) : sequencer_(sequencer) {
        port_ = snd_seq_create_simple_port(sequencer_, "taps",
                                           SND_SEQ_PORT_CAP_WRITE | SND_SEQ_PORT_CAP_SUBS_WRITE,
                                           SND_SEQ_PORT_TYPE_MIDI_GENERIC | SND_SEQ_PORT_TYPE_APPLICATION);
        join_all();
        const int count = snd_seq_poll_descriptors_count(sequencer_, POLLIN);
        std::vector<pollfd> descriptors(static_cast<std::size_t>(std::max(count, 0)));
        snd_seq_poll_descriptors(sequencer_, descriptors.data(), static_cast<unsigned>(descriptors.size()),
                                 POLLIN);
        for (const auto& descriptor : descriptors) {
            auto* notifier = new QSocketNotifier(descriptor.fd, QSocketNotifier::Read, this);
            connect(notifier, &QSocketNotifier::activated, this, [this] { read(); });
        }
    }
    ~SequencerKeys() override { snd_seq_close(sequencer_); }
    [[nodiscard]] QString name() const override { return tr("MIDI keys"); }
    [[nodiscard]] bool good() const { return port_ >= 0; }

private:
    void join_all() {
        snd_seq_client_info_t* client = nullptr;
        snd_seq_client_info_alloca(&client);
        snd_seq_client_info_set_client(client, -1);
        while (snd_seq_query_next_client(sequencer_, client) >= 0) {
            const int id = snd_seq_client_info_get_client(client);
            if (id == snd_seq_client_id(sequencer_) || id == SND_SEQ_CLIENT_SYSTEM)
                continue;
            snd_seq_port_info_t* port = nullptr;
            snd_seq_port_info_alloca(&port);
            snd_seq_port_info_set_client(port, id);
            snd_seq_port_info_set_port(port, -1);
            while (snd_seq_query_next_port(sequencer_, port) >= 0) {
                constexpr unsigned wanted = SND_SEQ_PORT_CAP_READ | SND_SEQ_PORT_CAP_SUBS_READ;
                if ((snd_seq_port_info_get_capability(port) & wanted) == wanted)
                    snd_seq_connect_from(sequencer_, port_, id, snd_seq_port_info_get_port(port));
            }
        }
    }
    void read() {
        snd_seq_event_t* event = nullptr;
        while (snd_seq_event_input(sequencer_, &event) >= 0 && event)
            if (event->type == SND_SEQ_EVENT_NOTEON && event->data.note.velocity > 0)
                emit struck(event->data.note.note, event->data.note.velocity);
    }
    snd_seq_t* sequencer_;
    int port_ = -1;
};

class SimulatedPad : public MidiKeys {
public:
    explicit SimulatedPad(int descriptor)
        : descriptor_(descriptor), notifier_(descriptor, QSocketNotifier::Read) {
        connect(&notifier_, &QSocketNotifier::activated, this, [this] { read(); });
    }
    ~SimulatedPad() override { ::close(descriptor_); }
    [[nodiscard]] QString name() const override { return tr("simulated pad"); }

private:
    void read() {
        std::array<std::uint8_t, 256> bytes{};
        const auto count = ::read(descriptor_, bytes.data(), bytes.size());
        if (count <= 0)
            return notifier_.setEnabled(false); // at its end; a pipe that is held open has none
        for (std::size_t i = 0; i < static_cast<std::size_t>(count); ++i)
            if (const auto note = bytes_.take(bytes[i]))
                emit struck(note->note, note->velocity);
    }
    int descriptor_;
    QSocketNotifier notifier_;
    MidiBytes bytes_;
};

} // namespace

Result<std::unique_ptr<MidiKeys>> open_sequencer_keys() {
    snd_lib_error_set_handler(keep_quiet);
    snd_seq_t* sequencer = nullptr;
    if (snd_seq_open(&sequencer, "default", SND_SEQ_OPEN_INPUT, SND_SEQ_NONBLOCK) < 0)
        return fail("This machine has no MIDI sequencer.", {}, "Tap with the keyboard.");
    snd_seq_set_client_name(sequencer, "Pulse Pin");
    auto keys = std::make_unique<SequencerKeys>(sequencer);
    if (!keys->good())
        return fail("No MIDI port could be made.", {}, "Tap with the keyboard.");
    return keys;
}

Result<std::unique_ptr<MidiKeys>> open_simulated_pad(const std::filesystem::path& path) {
    // For writing as well, so that a pipe does not end when whoever writes into it goes.
    int descriptor = ::open(path.c_str(), O_RDWR | O_NONBLOCK | O_CLOEXEC);
    if (descriptor < 0)
        descriptor = ::open(path.c_str(), O_RDONLY | O_NONBLOCK | O_CLOEXEC);
    if (descriptor < 0)
        return fail("The simulated pad cannot be read.", path.string(), "Make a pipe there with mkfifo.");
    return std::make_unique<SimulatedPad>(descriptor);
}

} // namespace pulsepin
