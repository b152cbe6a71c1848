package ablemedic.protocol;

import java.util.ArrayList;
import java.util.List;

/**
 * 32 bytes: 20 40, fourteen channels in µs with the low byte first, FFFF less the sum of all before. Layout from
 * memory.
 */
final class IbusLayout implements Layout {
    static final int LENGTH = 32;
    static final int CHANNELS = 14;

    private final List<Double> channels = new ArrayList<>();

    @Override
    public int longest() {
        return LENGTH;
    }

    @Override
    public int frame(byte[] bytes, int at, int end) {
        if (bytes[at] != 0x20 || end - at > 1 && bytes[at + 1] != 0x40) {
            return NO_FRAME;
        }
        if (end - at < LENGTH) {
            return LENGTH;
        }
        return checksum(bytes, at) == word(bytes, at + LENGTH - 2) ? LENGTH : -LENGTH;
    }

    static int checksum(byte[] bytes, int at) {
        int sum = 0xFFFF;
        for (int i = at; i < at + LENGTH - 2; i++) {
            sum -= bytes[i] & 0xFF;
        }
        return sum & 0xFFFF;
    }

    private static int word(byte[] bytes, int at) {
        return bytes[at] & 0xFF | (bytes[at + 1] & 0xFF) << 8;
    }

    @Override
    public void read(byte[] bytes, int at, int length) {
        channels.clear();
        for (int channel = 0; channel < CHANNELS; channel++) {
            channels.add((double) (word(bytes, at + 2 + 2 * channel) & 0xFFF));
        }
    }

    @Override
    public List<Double> channelsUs() {
        return channels;
    }
}
