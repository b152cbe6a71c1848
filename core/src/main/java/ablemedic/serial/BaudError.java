package ablemedic.serial;

import ablemedic.protocol.Framing;

/**
 * The rate that a clock makes through a whole divider, baud = clock / (oversampling · divider), and what is left of a
 * byte's margin. The last bit of a byte is sampled in its middle, counted from the edge of the start bit, which is
 * found within one tick of the sampling clock: the two ends may differ by (1/2 − 1/oversampling) / (bits − 1/2).
 *
 * @param divider whole, at least 1
 * @param baud bits a second that come of it
 * @param off over what was wanted, as a share
 * @param tolerance by which both ends together may differ, as a share
 */
public record BaudError(long divider, double baud, double off, double tolerance) {

    /**
     * @param clockHz of the divider
     * @param oversampling ticks a bit, 8 or 16
     * @param wantedBaud bits a second
     */
    public static BaudError of(double clockHz, int oversampling, double wantedBaud, Framing framing) {
        long divider = Math.max(1, Math.round(clockHz / (oversampling * wantedBaud)));
        double baud = clockHz / (oversampling * divider);
        return new BaudError(divider, baud, baud / wantedBaud - 1, (0.5 - 1.0 / oversampling) / (framing.bits() - 0.5));
    }

    /** Whether a byte survives with the other end off by this share of the wanted rate. */
    public boolean holds(double otherOff) {
        return Math.abs((1 + off) / (1 + otherOff) - 1) <= tolerance;
    }
}
