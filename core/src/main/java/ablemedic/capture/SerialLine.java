package ablemedic.capture;

import ablemedic.protocol.Framing;
import ablemedic.protocol.Framing.Parity;
import ablemedic.protocol.Line;

/**
 * Reads the bytes of a serial line whose bit time, framing and sense are known: each bit in its middle, from the edge
 * of its start bit.
 */
final class SerialLine implements Line {
    private final double bitS;
    private final Framing framing;
    private final boolean inverted;
    private final Bytes to;
    private double now;
    private double startAt = Double.NaN;
    private int sampled;
    private int value;
    private boolean wrong;
    private boolean waits;

    /** Takes the bytes of a line. */
    interface Bytes {
        /**
         * @param timeS when its start bit began
         * @param sound whether start, parity and stop bits were as they should be
         */
        void take(double timeS, byte value, boolean sound);
    }

    SerialLine(double bitS, Framing framing, boolean inverted, Bytes to) {
        this.bitS = bitS;
        this.framing = framing;
        this.inverted = inverted;
        this.to = to;
    }

    @Override
    public void stands(boolean high, double seconds) {
        boolean rests = high != inverted;
        double end = now + seconds;
        waits &= !rests;
        if (Double.isNaN(startAt) && !rests && !waits) {
            startAt = now;
            sampled = 0;
            value = 0;
            wrong = false;
        }
        while (!Double.isNaN(startAt) && startAt + (sampled + 0.5) * bitS < end) {
            sample(rests);
        }
        now = end;
    }

    private void sample(boolean one) {
        int bit = sampled++;
        if (bit == 0) {
            // What is over before the middle of a start bit was none.
            startAt = one ? Double.NaN : startAt;
        } else if (bit <= Framing.DATA_BITS) {
            value |= one ? 1 << bit - 1 : 0;
        } else if (bit == Framing.DATA_BITS + 1 && framing.parity() != Parity.NONE) {
            wrong |= one != (framing.parityBit(value) != 0);
        } else {
            wrong |= !one;
            if (sampled == framing.bits()) {
                to.take(startAt, (byte) value, !wrong);
                startAt = Double.NaN;
                waits = !one;
            } else if (!one) {
                to.take(startAt, (byte) value, false);
                startAt = Double.NaN;
                waits = true;
            }
        }
    }
}
