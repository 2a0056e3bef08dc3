// SPDX-License-Identifier: GPL-3.0-or-later
#include "show/alsa_port.h"

#include <alsa/asoundlib.h>

namespace pulsepin {

struct AlsaPort::Sequencer {
    snd_seq_t* handle = nullptr;
    int port = -1;
    Sequencer() = default;
    Sequencer(const Sequencer&) = delete;
    Sequencer& operator=(const Sequencer&) = delete;
    ~Sequencer() {
        if (handle)
            snd_seq_close(handle);
    }
    Result<void> put(snd_seq_event_t& event) {
        snd_seq_ev_set_source(&event, static_cast<unsigned char>(port));
        snd_seq_ev_set_subs(&event);
        snd_seq_ev_set_direct(&event);
        if (const int error = snd_seq_event_output_direct(handle, &event); error < 0)
            return fail(std::string("MIDI could not be sent: ") + snd_strerror(error) + ".");
        return {};
    }
};

AlsaPort::AlsaPort(std::unique_ptr<Sequencer> sequencer) : sequencer_(std::move(sequencer)) {}
AlsaPort::AlsaPort(AlsaPort&&) noexcept = default;
AlsaPort& AlsaPort::operator=(AlsaPort&&) noexcept = default;
AlsaPort::~AlsaPort() = default;

Result<AlsaPort> AlsaPort::open(const std::string& name, const std::string& to) {
    auto made = std::make_unique<Sequencer>();
    if (snd_seq_open(&made->handle, "default", SND_SEQ_OPEN_OUTPUT, SND_SEQ_NONBLOCK) < 0) {
        made->handle = nullptr;
        return fail("There is no MIDI sequencer on this computer.", {},
                    "Load the module snd-seq, or turn this output off.");
    }
    snd_seq_set_client_name(made->handle, name.c_str());
    made->port =
        snd_seq_create_simple_port(made->handle, "out", SND_SEQ_PORT_CAP_READ | SND_SEQ_PORT_CAP_SUBS_READ,
                                   SND_SEQ_PORT_TYPE_MIDI_GENERIC | SND_SEQ_PORT_TYPE_APPLICATION);
    if (made->port < 0)
        return fail("A MIDI port could not be made.");
    snd_seq_addr_t address;
    if (to.find(':') != std::string::npos) {
        if (snd_seq_parse_address(made->handle, &address, to.c_str()) < 0 ||
            snd_seq_connect_to(made->handle, made->port, address.client, address.port) < 0)
            return fail("There is no MIDI port \"" + to + "\".", {}, "aconnect -o lists the ports.");
    }
    return AlsaPort(std::move(made));
}

Result<void> AlsaPort::note(int channel, int pitch, int velocity) {
    snd_seq_event_t event;
    snd_seq_ev_clear(&event);
    if (velocity > 0)
        snd_seq_ev_set_noteon(&event, static_cast<unsigned char>(channel), static_cast<unsigned char>(pitch),
                              static_cast<unsigned char>(velocity));
    else
        snd_seq_ev_set_noteoff(&event, static_cast<unsigned char>(channel), static_cast<unsigned char>(pitch),
                               0);
    return sequencer_->put(event);
}

Result<void> AlsaPort::quarter_frame(int data) {
    snd_seq_event_t event;
    snd_seq_ev_clear(&event);
    event.type = SND_SEQ_EVENT_QFRAME;
    snd_seq_ev_set_fixed(&event);
    event.data.control.value = data;
    return sequencer_->put(event);
}

Result<void> AlsaPort::exclusive(const std::vector<std::uint8_t>& bytes) {
    snd_seq_event_t event;
    snd_seq_ev_clear(&event);
    snd_seq_ev_set_sysex(&event, static_cast<unsigned>(bytes.size()),
                         const_cast<std::uint8_t*>(bytes.data())); // it only reads them
    return sequencer_->put(event);
}

int AlsaPort::client() const {
    return snd_seq_client_id(sequencer_->handle);
}

} // namespace pulsepin
