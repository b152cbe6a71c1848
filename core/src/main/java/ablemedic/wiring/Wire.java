package ablemedic.wiring;

/**
 * A wire between two pads.
 *
 * @param from address of a pad, such as {@code PB.1+}
 * @param to address of another
 * @param gauge copper
 * @param lengthMm millimetres
 * @param plugged through a connector with a pin at each end, instead of soldered
 */
public record Wire(String from, String to, Gauge gauge, double lengthMm, boolean plugged) {
    /** The gauge up to which a wire is thick enough to touch its joints one by one. */
    private static final int THICK = 20;

    /** Whether one of its ends is at an address. */
    public boolean endsAt(String address) {
        return from.equals(address) || to.equals(address);
    }

    /** Where its other end is. */
    public String otherEnd(String address) {
        return from.equals(address) ? to : from;
    }

    public String id() {
        return from + ">" + to;
    }

    /** Whether its ends can be told from its pads with a probe. */
    public boolean inPieces() {
        return plugged || gauge.awg() <= THICK;
    }

    /** Resistance at 20 °C, ohms. */
    public double ohms() {
        return gauge.ohmsPerM(20) * lengthMm / 1000;
    }
}
