package ablemedic.bench;

import java.util.Arrays;
import java.util.Locale;
import java.util.Random;

/**
 * A piece of work that is the same in every version of the program, to compare times with: a million square roots
 * summed.
 */
final class FixedWork {
    private static final double[] NUMBERS = new Random(1).doubles(1_000_000).toArray();
    private static final int TIMES = 101;

    private FixedWork() {}

    static double sum() {
        double sum = 0;
        for (double x : NUMBERS) {
            sum += Math.sqrt(x);
        }
        return sum;
    }

    /** How long it takes here and now, s: half of the times within. */
    static double seconds() {
        double[] times = new double[TIMES];
        double sums = 0;
        for (int i = 0; i < TIMES; i++) {
            long from = System.nanoTime();
            sums += sum();
            times[i] = (System.nanoTime() - from) / 1e9;
        }
        Arrays.sort(times);
        // Used, so that it is not left out.
        return sums > 0 ? times[TIMES / 2] : Double.NaN;
    }

    /** A time with its target, and how many pieces of fixed work it is. */
    static void line(String what, double seconds, double targetS) {
        System.out.printf(
                Locale.ROOT,
                "  %-66s %8.3f s %10.0f x fixed work (target %.2f s)%n",
                what,
                seconds,
                seconds / seconds(),
                targetS);
    }
}
