package ablemedic.power;

import ablemedic.catalogue.Names;

/**
 * A filament lamp in series with the battery, to limit the first current. Its resistance rises with its voltage as R =
 * R_hot·(V/V_rated)^0.45, and never below a tenth of it, as tungsten does when cold (common practice for filament
 * lamps; the exponent is from memory).
 */
public final class LimiterBulb {
    private static final double EXPONENT = 0.45;
    private static final double COLD_SHARE = 0.1;
    /** Share of its rated voltage from which it is seen to shine, and from which it is bright. Common practice. */
    private static final double GLOWS = 0.12;

    private static final double BRIGHT = 0.6;
    /** Share of its rated voltage that a bulb lives with for the minutes of a test. Common practice. */
    private static final double BEARS = 1.15;

    private LimiterBulb() {}

    /** How it looks. */
    public enum Look {
        DARK,
        GLOWS,
        BRIGHT;

        public String label() {
            return Names.of(this);
        }
    }

    /** What flows, what the craft is left with, and how the bulb looks. */
    public record Steady(double amps, double craftV, double bulbV, Look look) {}

    /** Whether a bulb can tell a short from a sound craft on a battery. */
    public enum Fitness {
        /** It is bright at a dead short and lives through it. */
        FIT,
        /** A dead short puts more on it than it bears: burnt out it looks like a sound craft. */
        BURNS_OUT,
        /** Not even a dead short makes it bright. */
        STAYS_DARK
    }

    /** Whether a bulb, or several alike in series, can do the job on a battery. Volts and watts as in {@link #with}. */
    public static Fitness fitness(double batteryV, double bulbV, double bulbW) {
        Steady atShort = with(batteryV, bulbV, bulbW, 0);
        return atShort.bulbV() > BEARS * bulbV
                ? Fitness.BURNS_OUT
                : atShort.look() == Look.BRIGHT ? Fitness.FIT : Fitness.STAYS_DARK;
    }

    /** How many alike in series bear a dead short on a battery. */
    public static int inSeries(double batteryV, double bulbV) {
        return (int) Math.ceil(batteryV / (BEARS * bulbV));
    }

    /**
     * The steady state with a craft of a resistance behind it.
     *
     * @param batteryV volts, greater than 0
     * @param bulbV rated voltage of the bulb, volts, greater than 0
     * @param bulbW rated power, watts, greater than 0
     * @param craftOhms of the craft, ohms; 0 for a dead short
     */
    public static Steady with(double batteryV, double bulbV, double bulbW, double craftOhms) {
        double hot = bulbV * bulbV / bulbW;
        double low = 0;
        double high = batteryV;
        // The share that the bulb takes grows with its own voltage; the balance is found by halving.
        for (int i = 0; i < 60; i++) {
            double v = (low + high) / 2;
            double amps = v / ohms(hot, v / bulbV);
            if (v + amps * craftOhms < batteryV) {
                low = v;
            } else {
                high = v;
            }
        }
        double v = (low + high) / 2;
        double amps = v / ohms(hot, v / bulbV);
        double share = v / bulbV;
        return new Steady(
                amps, batteryV - v, v, share >= BRIGHT ? Look.BRIGHT : share >= GLOWS ? Look.GLOWS : Look.DARK);
    }

    private static double ohms(double hot, double share) {
        return hot * Math.max(COLD_SHARE, Math.pow(share, EXPONENT));
    }
}
