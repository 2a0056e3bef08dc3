# Levels of lamps as libraries of Python's package index receive them: sACN by sacn 1.11.0 (PORT UNIVERSE SECONDS), Art-Net
# by stupidArtnet 1.6.0 (0 artnet SECONDS). Says "ready", then a line for each packet, or for each change of Art-Net.
import sys
import time

port, universe, seconds = int(sys.argv[1]), sys.argv[2], float(sys.argv[3])
lines = []
if universe == "artnet":
    from stupidArtnet import StupidArtnetServer

    server = StupidArtnetServer()
    server.register_listener(universe=0, callback_function=lambda data, *_: lines.append("\t".join(map(str, data))))
    print("ready", flush=True)
    time.sleep(seconds)
    server.close()
else:
    import sacn
    from sacn.messages.data_packet import DataPacket

    class Every:
        """Hears every packet, also one whose levels are as before, and hands it on."""

        def __init__(self, handler):
            self.handler = handler

        def on_data(self, data, now):
            try:
                packet = DataPacket.make_data_packet(data)
            except TypeError:
                return
            lines.append("\t".join(map(str, [packet.universe, packet.sequence, packet.priority, packet.sourceName,
                                            int(packet.option_StreamTerminated),
                                            " ".join(map(str, packet.dmxData))])))
            self.handler.on_data(data, now)

        def on_periodic_callback(self, now):
            self.handler.on_periodic_callback(now)

    changes = []
    receiver = sacn.sACNreceiver(bind_address="127.0.0.1", bind_port=port)
    receiver.register_listener("availability", lambda universe, changed: changes.append(changed))
    receiver._handler.socket._listener = Every(receiver._handler)
    receiver.start()
    print("ready", flush=True)
    time.sleep(seconds)
    receiver.stop()
    lines.append("changes\t" + " ".join(changes))
print("\n".join(lines), flush=True)
