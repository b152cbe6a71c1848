package ablemedic.capture;

import ablemedic.protocol.Line;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.Locale;
import java.util.Random;

/**
 * Writes a line as an analyser or an oscilloscope would have recorded it. A stand-in for both: changes of levels as VCD
 * or CSV, or volts in even steps with noise.
 */
public abstract sealed class CaptureWriter implements Line {
    private final Appendable to;

    private CaptureWriter(Appendable to) {
        this.to = to;
    }

    /** Changes of levels as VCD. */
    public static CaptureWriter vcd(Appendable to, String signal) {
        return new Changes(to, true, signal);
    }

    /** Changes of levels as a table. */
    public static CaptureWriter levels(Appendable to, String signal) {
        return new Changes(to, false, signal);
    }

    /**
     * Volts in even steps.
     *
     * @param stepS from sample to sample, seconds
     * @param highV of the high level
     * @param noiseV standard deviation
     * @param seed of the noise
     */
    public static CaptureWriter volts(
            Appendable to, String signal, double stepS, double highV, double noiseV, long seed) {
        return new Samples(to, signal, stepS, highV, noiseV, new Random(seed));
    }

    /** Writes what is left. */
    public void end() {}

    void write(String pattern, Object... values) {
        try {
            to.append(String.format(Locale.ROOT, pattern, values));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static final class Changes extends CaptureWriter {
        private static final double NANO = 1e-9;
        private final boolean vcd;
        private double now;

        Changes(Appendable to, boolean vcd, String signal) {
            super(to);
            this.vcd = vcd;
            if (vcd) {
                write(
                        "$timescale 1 ns $end%n$scope module capture $end%n$var wire 1 ! %s $end%n$upscope $end%n$enddefinitions $end%n",
                        signal);
            } else {
                write("Time (s),%s%n", signal);
            }
        }

        @Override
        public void stands(boolean high, double seconds) {
            if (vcd) {
                write("#%d%n%d!%n", Math.round(now / NANO), high ? 1 : 0);
            } else {
                write("%.9f,%d%n", now, high ? 1 : 0);
            }
            now += seconds;
            last = high;
        }

        private boolean last;

        @Override
        public void end() {
            if (vcd) {
                write("#%d%n", Math.round(now / NANO));
            } else {
                write("%.9f,%d%n", now, last ? 1 : 0);
            }
        }
    }

    private static final class Samples extends CaptureWriter {
        private final double stepS;
        private final double highV;
        private final double noiseV;
        private final Random random;
        private double now;
        private long samples;

        Samples(Appendable to, String signal, double stepS, double highV, double noiseV, Random random) {
            super(to);
            this.stepS = stepS;
            this.highV = highV;
            this.noiseV = noiseV;
            this.random = random;
            write("Time (us),%s (V)%n", signal);
        }

        @Override
        public void stands(boolean high, double seconds) {
            now += seconds;
            for (; samples * stepS < now; samples++) {
                write("%.3f,%.3f%n", samples * stepS * 1e6, (high ? highV : 0) + noiseV * random.nextGaussian());
            }
        }
    }
}
