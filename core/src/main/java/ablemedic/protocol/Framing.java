package ablemedic.protocol;

/**
 * How a byte stands on a serial line: a start bit, the data bits with the least first, a parity bit or none, stop bits.
 *
 * @param stopBits 1 or 2
 */
public record Framing(Parity parity, int stopBits) {
    /** Data bits of a byte. */
    public static final int DATA_BITS = 8;

    public static final Framing N1 = new Framing(Parity.NONE, 1);
    public static final Framing E1 = new Framing(Parity.EVEN, 1);
    public static final Framing O1 = new Framing(Parity.ODD, 1);
    public static final Framing E2 = new Framing(Parity.EVEN, 2);

    /** What the parity bit makes of the number of ones. */
    public enum Parity {
        NONE,
        EVEN,
        ODD
    }

    /** Bit times that a byte takes, start and stop bits among them. */
    public int bits() {
        return 1 + DATA_BITS + (parity == Parity.NONE ? 0 : 1) + stopBits;
    }

    /** The parity bit of a byte, 0 or 1; 0 where there is none. */
    public int parityBit(int value) {
        return parity == Parity.NONE ? 0 : (Integer.bitCount(value & 0xFF) + (parity == Parity.ODD ? 1 : 0)) & 1;
    }

    @Override
    public String toString() {
        return "" + DATA_BITS + parity.name().charAt(0) + stopBits;
    }
}
