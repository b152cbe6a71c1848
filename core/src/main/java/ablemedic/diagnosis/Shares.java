package ablemedic.diagnosis;

import java.util.Random;
import java.util.stream.DoubleStream;

/** Probabilities that sum to 1. */
final class Shares {
    private static final double ROUNDING = 1e-9;

    private Shares() {}

    /** Refuses what does not sum to 1. */
    static void check(DoubleStream shares) {
        double total = shares.sum();
        if (Math.abs(total - 1) > ROUNDING) {
            throw new IllegalArgumentException("the shares sum to " + total + ", not to 1");
        }
    }

    /** The place of one that is drawn by chance. */
    static int pick(double[] shares, Random random) {
        double at = random.nextDouble();
        for (int i = 0; i < shares.length; i++) {
            at -= shares[i];
            if (at < 0) {
                return i;
            }
        }
        return shares.length - 1;
    }

    /** The place of the greatest; of equal ones the first. */
    static int greatest(double[] shares) {
        int best = 0;
        for (int i = 1; i < shares.length; i++) {
            best = shares[i] > shares[best] ? i : best;
        }
        return best;
    }
}
