package ablemedic.protocol;

import ablemedic.catalogue.Param;
import ablemedic.catalogue.Words;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/**
 * A sync byte C8 (or the address of another device), the number of bytes that follow, a type, what it carries,
 * CRC-8/DVB-S2 over type and payload. Layout, types and scales from memory.
 */
final class CrsfLayout implements Layout {
    static final int SYNC = 0xC8;
    static final int CHANNELS_TYPE = 0x16;
    static final int CHANNELS = 16;
    private static final int LONGEST = 64;
    private static final int LINK_TYPE = 0x14;
    private static final int BATTERY_TYPE = 0x08;
    private static final Map<Integer, String> TYPES = Map.of(
            0x02,
            "position",
            BATTERY_TYPE,
            "battery",
            LINK_TYPE,
            "link",
            CHANNELS_TYPE,
            "channels",
            0x1E,
            "attitude",
            0x21,
            "mode",
            0x28,
            "ping",
            0x29,
            "name",
            0x2B,
            "setting",
            0x2D,
            "write");

    private static final Words WORDS = SeenWords.of("crsf");

    private final List<Double> channels = new ArrayList<>();
    private final Map<String, Long> carried = new TreeMap<>();
    private final List<String> values = new ArrayList<>();

    @Override
    public int longest() {
        return LONGEST;
    }

    @Override
    public int frame(byte[] bytes, int at, int end) {
        int sync = bytes[at] & 0xFF;
        if (sync != SYNC && sync != 0xEE && sync != 0xEA && sync != 0xEC) {
            return NO_FRAME;
        }
        if (end - at < 3) {
            return 3;
        }
        int length = 2 + (bytes[at + 1] & 0xFF);
        if (length < 4 || length > LONGEST || !TYPES.containsKey(bytes[at + 2] & 0xFF)) {
            return NO_FRAME;
        }
        if (end - at < length) {
            return length;
        }
        return Crc.dvbS2(bytes, at + 2, at + length - 1) == (bytes[at + length - 1] & 0xFF) ? length : -length;
    }

    @Override
    public void read(byte[] bytes, int at, int length) {
        int type = bytes[at + 2] & 0xFF;
        carried.merge(WORDS.outcome(TYPES.get(type)).plain(), 1L, Long::sum);
        int payload = at + 3;
        if (type == CHANNELS_TYPE && length == 26) {
            channels.clear();
            long held = 0;
            int bits = 0;
            for (int i = payload; i < payload + 22; i++) {
                held |= (bytes[i] & 0xFFL) << bits;
                bits += 8;
                if (bits >= 11) {
                    channels.add(us((int) (held & 0x7FF)));
                    held >>>= 11;
                    bits -= 11;
                }
            }
        } else if (type == LINK_TYPE && length == 14) {
            values.clear();
            values.add(WORDS.with("quality", String.valueOf(bytes[payload + 2] & 0xFF))
                    .with("strength", String.valueOf(bytes[payload] & 0xFF))
                    .line("link")
                    .plain());
        } else if (type == BATTERY_TYPE && length == 12) {
            values.clear();
            values.add(WORDS.with("volts", Param.number(big(bytes, payload) / 10.0, "V"))
                    .with("amps", Param.number(big(bytes, payload + 2) / 10.0, "A"))
                    .line("battery")
                    .plain());
        }
    }

    private static int big(byte[] bytes, int at) {
        return (bytes[at] & 0xFF) << 8 | bytes[at + 1] & 0xFF;
    }

    /** 992 steps are the middle, 1500 µs; 8 steps are 5 µs. */
    static double us(int raw) {
        return 1500 + (raw - 992) * 5 / 8.0;
    }

    static int raw(double us) {
        return (int) Math.round(Math.max(0, Math.min(2047, 992 + (us - 1500) * 8 / 5)));
    }

    @Override
    public List<Double> channelsUs() {
        return channels;
    }

    @Override
    public List<String> said() {
        List<String> said = new ArrayList<>();
        carried.forEach((type, count) -> said.add(WORDS.with("count", new Param.Count(count))
                .with("type", type)
                .line("frames")
                .plain()));
        said.addAll(values);
        return said;
    }
}
