package ablemedic.diagnosis;

import org.hipparchus.special.Erf;

/**
 * The standard normal distribution from a table, since a plan asks for it some ten thousand times: between the points
 * of the table a cubic that has its values and slopes (Hermite), right to 1e-10.
 */
final class Normal {
    /** Beyond so many standard deviations all lies on one side, to eleven figures. */
    private static final double WHOLLY = 7;
    /** Points of the table for each standard deviation. */
    private static final int POINTS = 128;

    private static final double[] BELOW = new double[(int) (2 * WHOLLY * POINTS) + 1];
    /** How much the share grows from one point to the next, by the slope at the first. */
    private static final double[] SLOPE = new double[BELOW.length];

    static {
        for (int i = 0; i < BELOW.length; i++) {
            double z = (double) i / POINTS - WHOLLY;
            BELOW[i] = 0.5 * (1 + Erf.erf(z / Math.sqrt(2)));
            SLOPE[i] = Math.exp(-z * z / 2) / Math.sqrt(2 * Math.PI) / POINTS;
        }
    }

    private Normal() {}

    /** The share that lies below so many standard deviations from the mean. */
    static double below(double z) {
        if (z >= WHOLLY || z <= -WHOLLY) {
            return z > 0 ? 1 : 0;
        }
        double at = (z + WHOLLY) * POINTS;
        int i = (int) at;
        double t = at - i;
        double left = (1 + 2 * t) * BELOW[i] + t * SLOPE[i];
        double right = (3 - 2 * t) * BELOW[i + 1] - (1 - t) * SLOPE[i + 1];
        return (1 - t) * (1 - t) * left + t * t * right;
    }
}
