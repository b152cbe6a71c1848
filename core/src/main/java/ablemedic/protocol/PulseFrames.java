package ablemedic.protocol;

import ablemedic.catalogue.Param;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;

/**
 * Finds the frames of one pulse format on a line: PWM by the length of its pulses, PPM by the time from pulse to pulse
 * with a longer one at the end, DSHOT by its sixteen bits and their checksum. Ranges are common practice with no
 * source.
 */
public abstract class PulseFrames extends Tallied implements Line {
    private static final double LEAST_US = 700;
    private static final double MOST_US = 2350;

    private final boolean activeHigh;
    private double now;
    private double startedAt = Double.NaN;
    private double pulseS;
    private long stretches;
    private long explained;

    private PulseFrames(Format format, boolean activeHigh) {
        super(format);
        this.activeHigh = activeHigh;
    }

    /**
     * One for each pulse format, rate and sense, in the order in which they are tried: gaps of PPM would do for PWM
     * too.
     */
    public static List<PulseFrames> ofAll() {
        return Stream.concat(
                        Stream.of(new Ppm(true), new Ppm(false)),
                        Stream.concat(
                                Stream.of(true, false).flatMap(high -> Format.DSHOT.bauds().stream()
                                        .map(baud -> new Dshot(baud, high))),
                                Stream.of(new Pwm(true), new Pwm(false))))
                .toList();
    }

    /** The same once more, with nothing heard yet. */
    public abstract PulseFrames anew();

    /**
     * A pulse came.
     *
     * @param pulseS from its start to its end
     * @param periodS from its start to the start of the next
     * @return how many pulses this one makes a sound frame of, itself the last; 0 where it ends none
     */
    abstract int pulse(double pulseS, double periodS);

    @Override
    public void stands(boolean high, double seconds) {
        stretches++;
        if (high == activeHigh) {
            if (!Double.isNaN(startedAt)) {
                int pulses = pulse(pulseS, now - startedAt);
                if (pulses > 0) {
                    explained += 2L * pulses;
                }
            }
            startedAt = now;
            pulseS = seconds;
        }
        now += seconds;
    }

    void sound(List<Double> us) {
        sound(startedAt, us);
    }

    boolean isActiveHigh() {
        return activeHigh;
    }

    /** Whether it rests at the other level than usual. */
    public boolean inverted() {
        return !activeHigh;
    }

    @Override
    public double coverage() {
        return stretches == 0 ? 0 : Math.min(1, (double) explained / stretches);
    }

    @Override
    public List<String> said() {
        return List.of();
    }

    private static final class Pwm extends PulseFrames {
        private static final double LEAST_REST_S = 150e-6;

        Pwm(boolean activeHigh) {
            super(Format.PWM, activeHigh);
        }

        @Override
        public PulseFrames anew() {
            return new Pwm(isActiveHigh());
        }

        @Override
        int pulse(double pulseS, double periodS) {
            double us = pulseS * 1e6;
            if (us < LEAST_US || us > MOST_US || periodS - pulseS < LEAST_REST_S) {
                broken();
                return 0;
            }
            sound(List.of(us));
            return 1;
        }
    }

    private static final class Ppm extends PulseFrames {
        private static final double LEAST_PULSE_S = 80e-6;
        private static final double MOST_PULSE_S = 650e-6;
        private static final double SYNC_S = 2.5e-3;
        private static final int LEAST_CHANNELS = 4;
        private static final int MOST_CHANNELS = 16;

        private final List<Double> us = new ArrayList<>();

        Ppm(boolean activeHigh) {
            super(Format.PPM, activeHigh);
        }

        @Override
        public PulseFrames anew() {
            return new Ppm(isActiveHigh());
        }

        @Override
        int pulse(double pulseS, double periodS) {
            if (pulseS < LEAST_PULSE_S || pulseS > MOST_PULSE_S) {
                us.clear();
                broken();
                return 0;
            }
            if (periodS < SYNC_S) {
                us.add(periodS * 1e6);
                return 0;
            }
            List<Double> frame = List.copyOf(us);
            us.clear();
            boolean whole = frame.size() >= LEAST_CHANNELS
                    && frame.size() <= MOST_CHANNELS
                    && frame.stream().allMatch(one -> one >= LEAST_US && one <= MOST_US);
            if (!whole) {
                return 0;
            }
            sound(frame);
            return frame.size() + 1;
        }
    }

    private static final class Dshot extends PulseFrames {
        private static final int BITS = 16;
        private static final double PART = 0.5625;
        private static final double LEAST = 0.22;
        private static final double MOST = 0.9;

        private final int baud;
        private int bits;
        private int value;

        Dshot(int baud, boolean activeHigh) {
            super(Format.DSHOT, activeHigh);
            this.baud = baud;
        }

        @Override
        public PulseFrames anew() {
            return new Dshot(baud, isActiveHigh());
        }

        @Override
        int pulse(double pulseS, double periodS) {
            double share = pulseS * baud;
            boolean last = periodS * baud > 2;
            if (share < LEAST || share > MOST || !last && Math.abs(periodS * baud - 1) > 0.15) {
                bits = 0;
                value = 0;
                return 0;
            }
            value = value << 1 | (share > PART ? 1 : 0);
            bits++;
            if (!last) {
                return 0;
            }
            boolean whole = bits == BITS;
            int told = value & 0xF;
            int body = value >> 4;
            int crc = (body ^ body >> 4 ^ body >> 8) & 0xF;
            bits = 0;
            value = 0;
            if (!whole) {
                return 0;
            }
            // Two-way frames come upside down, with the checksum turned round as well.
            if (told != (inverted() ? ~crc & 0xF : crc) && told != crc) {
                broken();
                return 0;
            }
            int throttle = body >> 1;
            sound(List.of(throttle < 48 ? 1000.0 : 1000 + (throttle - 47) / 2.0));
            return BITS;
        }

        @Override
        public List<String> said() {
            return List.of(SeenWords.of("dshot")
                    .with("rate", String.valueOf(baud / 1000))
                    .with("lasts", new Param.Quantity(BITS * 1e6 / baud, "µs", 1))
                    .line("frame")
                    .plain());
        }
    }
}
