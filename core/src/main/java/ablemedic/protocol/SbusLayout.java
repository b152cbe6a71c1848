package ablemedic.protocol;

import java.util.ArrayList;
import java.util.List;

/**
 * 25 bytes: 0F, sixteen channels of 11 bits with the least bit first, flags, an end byte. No checksum: a frame is told
 * by both its ends. Layout and scale (172 to 1811 for 988 to 2012 µs) from memory.
 */
final class SbusLayout implements Layout {
    static final int LENGTH = 25;
    static final int START = 0x0F;
    static final int CHANNELS = 16;
    private static final int FLAGS = 23;
    private static final int FRAME_LOST = 4;
    private static final int FAILSAFE = 8;

    private final List<Double> channels = new ArrayList<>();
    private long frames;
    private long lost;
    private long failsafe;
    private boolean flagged;

    @Override
    public int longest() {
        return LENGTH + 1;
    }

    @Override
    public int frame(byte[] bytes, int at, int end) {
        if (bytes[at] != START) {
            return NO_FRAME;
        }
        if (end - at < LENGTH) {
            return LENGTH;
        }
        boolean whole = bytes[at + FLAGS] >>> 4 == 0 && (bytes[at + LENGTH - 1] & 0xCB) == 0;
        boolean another = end - at == LENGTH || bytes[at + LENGTH] == START;
        return whole && another ? LENGTH : NO_FRAME;
    }

    @Override
    public void read(byte[] bytes, int at, int length) {
        channels.clear();
        for (int channel = 0; channel < CHANNELS; channel++) {
            int raw = 0;
            for (int bit = 0; bit < 11; bit++) {
                int place = 11 * channel + bit;
                raw |= (bytes[at + 1 + place / 8] >> place % 8 & 1) << bit;
            }
            channels.add(us(raw));
        }
        frames++;
        lost += (bytes[at + FLAGS] & FRAME_LOST) != 0 ? 1 : 0;
        flagged = (bytes[at + FLAGS] & FAILSAFE) != 0;
        failsafe += flagged ? 1 : 0;
    }

    /** From raw steps to µs. */
    static double us(int raw) {
        return 988 + (raw - 172) * (2012 - 988) / (double) (1811 - 172);
    }

    /** From µs to raw steps. */
    static int raw(double us) {
        return (int) Math.round(Math.max(0, Math.min(2047, 172 + (us - 988) * (1811 - 172) / (2012.0 - 988))));
    }

    @Override
    public List<Double> channelsUs() {
        return channels;
    }

    @Override
    public boolean isFailsafe() {
        return flagged;
    }

    private String said(String line, long count) {
        return SeenWords.of("sbus")
                .with("count", String.valueOf(count))
                .with("frames", String.valueOf(frames))
                .line(line)
                .plain();
    }

    @Override
    public List<String> said() {
        List<String> said = new ArrayList<>();
        if (lost > 0) {
            said.add(said("lost", lost));
        }
        if (failsafe > 0) {
            said.add(said("failsafe", failsafe));
        }
        return said;
    }
}
