package ablemedic.wiring;

import java.util.stream.IntStream;

/** Preferred values of resistors: the E96 series of IEC 60063, whose values are 10^(i/96) to three figures. */
public final class ESeries {
    private static final double[] E96 = IntStream.range(0, 96)
            .mapToDouble(i -> Math.round(Math.pow(10, i / 96.0) * 100) / 100.0)
            .toArray();

    private ESeries() {}

    /** The 96 values of the decade from 1 to 10. */
    static double[] e96() {
        return E96.clone();
    }

    /** The least value of the series at or above a resistance, ohms; the resistance is greater than 0. */
    public static double atLeast(double ohms) {
        double decade = Math.pow(10, Math.floor(Math.log10(ohms)));
        for (double value : E96) {
            if (value * decade >= ohms * (1 - 1e-9)) {
                return value * decade;
            }
        }
        return 10 * decade;
    }
}
