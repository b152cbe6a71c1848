package ablemedic.serial;

import java.util.List;

/**
 * Messages against the hops that they go through: Σ rate · (payload + overhead) · bits a byte, over the bits a second
 * of each hop. Up to 70 % of a line is used, the rest is for bursts and repeats; common practice with no source.
 *
 * @param bytesPerS of all messages
 * @param hops in their order
 */
public record ByteBudget(double bytesPerS, List<Loaded> hops) {
    /** The share of a line that may be filled. */
    public static final double FILL = 0.7;

    /** A message that is sent again and again. */
    public record Message(String name, double rateHz, int payload, int overhead) {
        double bytesPerS() {
            return rateHz * (payload + overhead);
        }
    }

    /** One hop: bits a second, and how many of them a byte takes. */
    public record Hop(String name, double baud, double bitsPerByte) {}

    /**
     * A hop with its load.
     *
     * @param share of its bits that are taken, 0 for none; more than 1 is more than it can do
     * @param bytesPerS that it may carry
     */
    public record Loaded(Hop hop, double share, double bytesPerS) {
        public boolean fits() {
            return share <= FILL;
        }
    }

    public static ByteBudget of(List<Message> messages, List<Hop> hops) {
        double bytes = messages.stream().mapToDouble(Message::bytesPerS).sum();
        return new ByteBudget(
                bytes,
                hops.stream()
                        .map(hop -> new Loaded(
                                hop, bytes * hop.bitsPerByte() / hop.baud(), FILL * hop.baud() / hop.bitsPerByte()))
                        .toList());
    }

    /** By how much all rates have to be divided so that the slowest hop carries them; 1 where they fit. */
    public double divideBy() {
        return Math.max(
                1, hops.stream().mapToDouble(hop -> hop.share() / FILL).max().orElse(1));
    }

    /**
     * The least rate of the usual ones that a single line of so many bits a byte would need; the most where none does.
     */
    public static int baudFor(double bytesPerS, double bitsPerByte) {
        int[] usual = {1200, 2400, 4800, 9600, 19_200, 38_400, 57_600, 115_200, 230_400, 460_800, 921_600};
        for (int baud : usual) {
            if (bytesPerS * bitsPerByte <= FILL * baud) {
                return baud;
            }
        }
        return usual[usual.length - 1];
    }
}
