package ablemedic.capture;

import java.util.Locale;
import java.util.Random;

/**
 * Makes recordings sample by sample from a list of bits, and shares no code with the program: each sample asks which
 * bit it falls into.
 */
final class OtherHand {
    private final Random random;
    private final double sampleS;
    private final double jitterS;
    private final double glitches;

    /**
     * @param sampleS from sample to sample, seconds
     * @param jitterS by which each bit's start wanders
     * @param glitches chance that a sample is turned round
     */
    OtherHand(long seed, double sampleS, double jitterS, double glitches) {
        this.random = new Random(seed);
        this.sampleS = sampleS;
        this.jitterS = jitterS;
        this.glitches = glitches;
    }

    /** So many bytes in a row, and the rest after them, seconds. */
    record Bursts(int bytes, double restS) {}

    record Line(double baud, boolean evenParity, int stopBits, boolean inverted) {}

    /**
     * A table of a serial line. Bytes come in bursts of so many, and the recording begins so many bits into the first.
     */
    String serial(byte[] bytes, Bursts bursts, Line line, double cutBits) {
        StringBuilder bits = new StringBuilder();
        StringBuilder rests = new StringBuilder();
        int restBits = (int) Math.ceil(bursts.restS() * line.baud());
        for (int i = 0; i < bytes.length; i++) {
            bits.append('0');
            int ones = 0;
            for (int mask = 1; mask <= 128; mask *= 2) {
                boolean one = (bytes[i] & mask) != 0;
                ones += one ? 1 : 0;
                bits.append(one ? '1' : '0');
            }
            if (line.evenParity()) {
                bits.append(ones % 2 == 1 ? '1' : '0');
            }
            bits.append("1".repeat(line.stopBits()));
            if ((i + 1) % bursts.bytes() == 0) {
                bits.append("1".repeat(restBits));
            }
        }
        double[] starts = new double[bits.length() + 1];
        for (int i = 0; i < starts.length; i++) {
            starts[i] = (i - cutBits) / line.baud() + jitterS * random.nextGaussian();
        }
        StringBuilder table = new StringBuilder("t [us];line\n");
        int bit = (int) cutBits;
        for (long n = 0; ; n++) {
            double t = n * sampleS;
            while (bit + 1 < starts.length && starts[bit + 1] <= t) {
                bit++;
            }
            if (bit >= bits.length()) {
                return table.append(rests).toString();
            }
            boolean high = bits.charAt(bit) == '1' != line.inverted();
            high ^= random.nextDouble() < glitches;
            table.append(String.format(Locale.ROOT, "%.3f", t * 1e6).replace('.', ','))
                    .append(';')
                    .append(high ? 1 : 0)
                    .append('\n');
        }
    }
}
