package ablemedic.video;

/**
 * How warm a video transmitter gets, and when it shuts itself down: one mass, warmed by what it does not send and
 * cooled by the air, so that its temperature nears its end as 1 − e^(−t/τ). Constants are common practice with no
 * source, and so uncertain that an answer is a range.
 *
 * @param milliwatts what it sends with
 * @param air how the air moves about it
 * @param aroundC of the air, °C
 */
public record VideoHeat(double milliwatts, Air air, double aroundC) {
    /** Where such a transmitter shuts itself down, °C. */
    public static final double SHUTS_C = 90;
    /** What it draws besides what it sends with, watts; and how much of the rest becomes radio waves. */
    private static final double IDLE_W = 0.8;

    private static final double EFFICIENCY = 0.2;
    /** Of some 15 g, most of it copper and aluminium, joules a kelvin. */
    private static final double JOULES_A_KELVIN = 10;
    /** How far the resistance to the air is from its middle, as a factor, in two of three. */
    private static final double SPREAD = 1.25;

    /** How the air moves about a transmitter. */
    public enum Air {
        STILL(28),
        FAN(10),
        FLIGHT(7),
        CLOSED_IN(34),
        CLOSED_IN_STILL(44);

        private final double kelvinsAWatt;

        Air(double kelvinsAWatt) {
            this.kelvinsAWatt = kelvinsAWatt;
        }

        public String label() {
            return Video.WORDS.name("air").name(this);
        }
    }

    /** @throws IllegalArgumentException where it sends nothing or more than any does */
    public VideoHeat {
        if (!(milliwatts > 0 && milliwatts <= 5000 && aroundC >= -30 && aroundC < SHUTS_C)) {
            throw new IllegalArgumentException(
                    "a transmitter sends with more than 0 and at most 5000 mW, in air from -30 to below " + SHUTS_C
                            + " °C");
        }
    }

    /** What becomes heat, watts. */
    public double watts() {
        return IDLE_W + milliwatts / 1000 * (1 / EFFICIENCY - 1);
    }

    /** Where it ends, °C. */
    public double endC() {
        return endC(air.kelvinsAWatt);
    }

    private double endC(double kelvinsAWatt) {
        return aroundC + watts() * kelvinsAWatt;
    }

    /** Minutes until it shuts down; infinite where it never does. */
    public double minutes() {
        return minutes(air.kelvinsAWatt);
    }

    /**
     * The same where the air takes up less heat than usual, and where it takes up more: from the soonest to the latest
     * of two in three.
     */
    public double soonest() {
        return minutes(air.kelvinsAWatt * SPREAD);
    }

    public double latest() {
        return minutes(air.kelvinsAWatt / SPREAD);
    }

    private double minutes(double kelvinsAWatt) {
        double share = (SHUTS_C - aroundC) / (watts() * kelvinsAWatt);
        return share >= 1 ? Double.POSITIVE_INFINITY : -kelvinsAWatt * JOULES_A_KELVIN * Math.log(1 - share) / 60;
    }

    /**
     * How likely it has shut down within so many minutes, from 0 to 1: over the resistances to the air that are met.
     */
    public double shutsWithin(double minutes) {
        double within = 0;
        double all = 0;
        for (double sigmas = -3; sigmas <= 3; sigmas += 0.25) {
            double weight = Math.exp(-sigmas * sigmas / 2);
            all += weight;
            within += minutes(air.kelvinsAWatt * Math.pow(SPREAD, sigmas)) <= minutes ? weight : 0;
        }
        return within / all;
    }

    /** What it has after so many minutes, °C. */
    public double afterC(double minutes) {
        double tau = air.kelvinsAWatt * JOULES_A_KELVIN / 60;
        return aroundC + (endC() - aroundC) * (1 - Math.exp(-minutes / tau));
    }
}
