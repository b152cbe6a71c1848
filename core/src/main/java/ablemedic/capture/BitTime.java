package ablemedic.capture;

import java.util.Arrays;
import java.util.Optional;

/**
 * The bit time of a serial line, from how long it stands between two edges. Every such time is a whole number of bits
 * with some jitter, a rest between bytes, or noise; the bit time is that which makes the times seen likeliest.
 *
 * @param seconds of one bit
 * @param u standard uncertainty, seconds
 */
record BitTime(double seconds, double u) {
    /** The longest stretch within a byte: a start bit, eight data bits and a parity bit alike. */
    private static final int MOST_BITS = 10;

    private static final double NOISE = 0.03;
    private static final double RESTS = 0.15;
    private static final double JITTER = 0.04;
    /** Usual rates, bits a second. */
    static final double[] USUAL = {
        1200, 2400, 4800, 9600, 19_200, 38_400, 57_600, 100_000, 115_200, 230_400, 250_000, 400_000, 416_666, 420_000,
        460_800, 500_000, 921_600, 1_000_000, 1_500_000, 1_870_000
    };

    private static final double FINE = 0.002;
    private static final int MOST_TIMES = 4_000;
    /** So many tell the candidates apart; the rest only makes the winner finer. */
    private static final int SEARCHED = 1_000;

    /** The one that the times between edges speak for; none where no time passes between them. */
    static Optional<BitTime> of(double[] between) {
        double[] times = Arrays.stream(between)
                .filter(time -> time > 0)
                .limit(MOST_TIMES)
                .toArray();
        if (times.length == 0) {
            return Optional.empty();
        }
        double[] sorted = times.clone();
        Arrays.sort(sorted);
        double jitter = JITTER * sorted[sorted.length / 10];
        double best = 0;
        double bestScore = Double.NEGATIVE_INFINITY;
        double[] searched = Arrays.copyOf(times, Math.min(times.length, SEARCHED));
        for (double candidate : candidates(sorted)) {
            double score = logLikelihood(searched, candidate, jitter, sorted[sorted.length - 1]);
            if (score > bestScore) {
                bestScore = score;
                best = candidate;
            }
        }
        return Optional.of(refined(times, best, jitter));
    }

    /** Around the usual rates, and the shortest times seen with their parts. */
    private static double[] candidates(double[] sorted) {
        double[] seeds = new double[USUAL.length + 12];
        for (int i = 0; i < USUAL.length; i++) {
            seeds[i] = 1 / USUAL[i];
        }
        int n = USUAL.length;
        for (double share : new double[] {0.02, 0.1, 0.25}) {
            double seen = sorted[(int) (share * (sorted.length - 1))];
            for (int part = 1; part <= 4; part++) {
                seeds[n++] = seen / part;
            }
        }
        int steps = 20;
        double[] all = new double[seeds.length * (2 * steps + 1)];
        int k = 0;
        for (double seed : seeds) {
            for (int step = -steps; step <= steps; step++) {
                all[k++] = seed * (1 + FINE * step);
            }
        }
        return all;
    }

    /** Log-likelihood of the times: a peak at each number of bits, rests and noise spread over all. */
    private static double logLikelihood(double[] times, double bit, double jitter, double longest) {
        double rest = RESTS / longest;
        double noise = NOISE / longest;
        double peak = (1 - RESTS - NOISE) / MOST_BITS / (jitter * Math.sqrt(2 * Math.PI));
        double sum = 0;
        for (double time : times) {
            double bits = Math.max(1, Math.rint(time / bit));
            double z = (time - bits * bit) / jitter;
            sum += Math.log((bits <= MOST_BITS ? peak * Math.exp(-z * z / 2) : 0) + rest + noise);
        }
        return sum;
    }

    /** Least squares over the times that lie at a number of bits, t = k·T: T = Σkt/Σk². */
    private static BitTime refined(double[] times, double start, double jitter) {
        double bit = start;
        double u = jitter;
        for (int round = 0; round < 4; round++) {
            double kt = 0;
            double kk = 0;
            double squares = 0;
            int used = 0;
            for (double time : times) {
                double bits = Math.rint(time / bit);
                if (bits >= 1 && bits <= MOST_BITS && Math.abs(time - bits * bit) < 0.3 * bit) {
                    kt += bits * time;
                    kk += bits * bits;
                    squares += (time - bits * bit) * (time - bits * bit);
                    used++;
                }
            }
            if (used < 2) {
                return new BitTime(bit, jitter);
            }
            bit = kt / kk;
            u = Math.sqrt(squares / (used - 1) / kk);
        }
        return new BitTime(bit, u);
    }

    double baud() {
        return 1 / seconds;
    }

    /** The usual rate that lies nearest. */
    double nearestUsual() {
        double nearest = USUAL[0];
        for (double usual : USUAL) {
            if (Math.abs(Math.log(usual / baud())) < Math.abs(Math.log(nearest / baud()))) {
                nearest = usual;
            }
        }
        return nearest;
    }
}
