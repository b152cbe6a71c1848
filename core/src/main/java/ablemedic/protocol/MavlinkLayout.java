package ablemedic.protocol;

import ablemedic.catalogue.Param;
import ablemedic.catalogue.Words;
import io.dronefleet.mavlink.serialization.payload.reflection.ReflectionPayloadDeserializer;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/**
 * Packets of both versions of MAVLink: FE or FD, length, sequence, sender, message, payload, CRC-16/MCRF4XX with a byte
 * of the message's own, and a signature where the flag says so. Framed here and not by the library, which drops what is
 * broken or unknown without a word: just that is what a technician needs to see.
 */
final class MavlinkLayout implements Layout {
    static final int V1 = 0xFE;
    private static final int V2 = 0xFD;
    static final int V1_HEAD = 6;
    static final int V2_HEAD = 10;
    private static final int CHECKSUM = 2;
    private static final int SIGNATURE = 13;
    private static final int SIGNED = 1;
    private static final int LONGEST = V2_HEAD + 255 + CHECKSUM + SIGNATURE;

    private final Map<String, Long> messages = new TreeMap<>();
    private final Map<Integer, byte[]> payloads = new HashMap<>();
    private final Map<Integer, Integer> sequences = new HashMap<>();
    private long unknown;
    private long missing;

    @Override
    public int longest() {
        return LONGEST + 1;
    }

    @Override
    public int frame(byte[] bytes, int at, int end) {
        int magic = bytes[at] & 0xFF;
        if (magic != V1 && magic != V2) {
            return NO_FRAME;
        }
        int head = magic == V1 ? V1_HEAD : V2_HEAD;
        if (end - at < head) {
            return head;
        }
        int payload = bytes[at + 1] & 0xFF;
        boolean signed = magic == V2 && (bytes[at + 2] & SIGNED) != 0;
        int length = head + payload + CHECKSUM + (signed ? SIGNATURE : 0);
        MavlinkMessage message = MavlinkMessage.of(id(bytes, at)).orElse(null);
        if (magic == V2 && (bytes[at + 2] & ~SIGNED) != 0 || message != null && !fits(message, magic, payload)) {
            return NO_FRAME;
        }
        if (end - at < length) {
            return length;
        }
        if (message == null) {
            // Its checksum cannot be known. That another packet begins where it ends speaks for one.
            boolean another =
                    end - at > length && ((bytes[at + length] & 0xFF) == V1 || (bytes[at + length] & 0xFF) == V2);
            return another ? length : NO_FRAME;
        }
        int crc = Crc.MCRF4XX_START;
        for (int i = at + 1; i < at + head + payload; i++) {
            crc = Crc.mcrf4xx(crc, bytes[i]);
        }
        crc = Crc.mcrf4xx(crc, message.crcExtra());
        int told = bytes[at + head + payload] & 0xFF | (bytes[at + head + payload + 1] & 0xFF) << 8;
        return crc == told ? length : -length;
    }

    private static boolean fits(MavlinkMessage message, int magic, int payload) {
        return magic == V1
                ? payload >= message.leastLength() && payload <= message.mostLength()
                : payload > 0 && payload <= message.mostLength();
    }

    /** The message of a packet that begins here. */
    static int id(byte[] bytes, int at) {
        return (bytes[at] & 0xFF) == V1
                ? bytes[at + 5] & 0xFF
                : bytes[at + 7] & 0xFF | (bytes[at + 8] & 0xFF) << 8 | (bytes[at + 9] & 0xFF) << 16;
    }

    @Override
    public void read(byte[] bytes, int at, int length) {
        boolean first = (bytes[at] & 0xFF) == V1;
        int id = id(bytes, at);
        int sequenceAt = first ? at + 2 : at + 4;
        int sequence = bytes[sequenceAt] & 0xFF;
        int sender = (bytes[sequenceAt + 1] & 0xFF) << 8 | bytes[sequenceAt + 2] & 0xFF;
        Integer before = sequences.put(sender, sequence);
        missing += before == null ? 0 : sequence - before - 1 & 0xFF;
        MavlinkMessage message = MavlinkMessage.of(id).orElse(null);
        if (message == null) {
            unknown++;
            return;
        }
        messages.merge(message.name(), 1L, Long::sum);
        int head = first ? V1_HEAD : V2_HEAD;
        payloads.put(id, Arrays.copyOfRange(bytes, at + head, at + head + (bytes[at + 1] & 0xFF)));
    }

    private static Words words(long count) {
        return SeenWords.of("mavlink").with("count", new Param.Count(count));
    }

    @Override
    public List<String> said() {
        List<String> said = new ArrayList<>();
        messages.forEach((name, count) ->
                said.add(words(count).with("message", name).line("messages").plain()));
        if (missing > 0) {
            said.add(words(missing).line("missing").plain());
        }
        if (unknown > 0) {
            said.add(words(unknown).line("unknown").plain());
        }
        payload(
                1,
                io.dronefleet.mavlink.common.SysStatus.class,
                status -> SeenWords.of("mavlink")
                        .with("volts", Param.number(status.voltageBattery() / 1000.0, "V"))
                        .line("battery")
                        .plain(),
                said);
        payload(
                24,
                io.dronefleet.mavlink.common.GpsRawInt.class,
                gnss -> words(gnss.satellitesVisible()).line("satellites").plain(),
                said);
        payload(
                253,
                io.dronefleet.mavlink.common.Statustext.class,
                text -> SeenWords.of("mavlink")
                        .with("text", text.text().replace("\0", "").strip())
                        .line("text")
                        .plain(),
                said);
        return said;
    }

    private <T> void payload(int id, Class<T> type, java.util.function.Function<T, String> words, List<String> said) {
        byte[] payload = payloads.get(id);
        if (payload != null) {
            int whole = MavlinkMessage.of(id).orElseThrow().mostLength();
            said.add(words.apply(new ReflectionPayloadDeserializer().deserialize(Arrays.copyOf(payload, whole), type)));
        }
    }
}
