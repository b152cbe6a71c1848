package ablemedic.radio;

import java.util.Optional;

/**
 * What to set at the radio so that a bar stands at 1500 µs in the middle and reaches 1000 and 2000 µs at its ends. The
 * three numbers are common practice with no source; a radio's travel of 100 % is half of a thousand microseconds each
 * way.
 *
 * @param trimUs to add to the middle, microseconds; 0 where it stands well, or the stick has no middle
 * @param lowPct travel to set at the lower end, percent; nothing where it cannot be reached
 * @param highPct travel to set at the upper end
 * @param reversed whether the ends stand the wrong way round
 */
public record TrimAndTravel(double trimUs, Optional<Double> lowPct, Optional<Double> highPct, boolean reversed) {
    public static final double CENTRE_US = 1500;
    public static final double LOW_US = 1000;
    public static final double HIGH_US = 2000;
    /** What a bar may be off by and is left alone. */
    private static final double PLAY_US = 1;
    /** The most travel that radios give. */
    public static final double MOST_PCT = 150;

    private static final double LEAST_REACH_US = 50;

    /**
     * @param centre the bar with the stick in the middle, microseconds; nothing for a stick without a middle, as the
     *     throttle
     * @param low the bar with the stick at its negative end
     * @param high the bar with the stick at its positive end
     * @param travels that are set now, percent
     */
    public static TrimAndTravel of(Optional<Double> centre, double low, double high, Travels travels) {
        boolean reversed = low > high;
        double down = Math.min(low, high);
        double up = Math.max(low, high);
        double middle = centre.orElse(CENTRE_US);
        double trim = centre.map(at -> Math.abs(CENTRE_US - at) <= PLAY_US ? 0 : CENTRE_US - at)
                .orElse(0.0);
        return new TrimAndTravel(
                trim,
                travel(middle - down, CENTRE_US - LOW_US, reversed ? travels.highPct() : travels.lowPct()),
                travel(up - middle, HIGH_US - CENTRE_US, reversed ? travels.lowPct() : travels.highPct()),
                reversed);
    }

    /** Travel that is set now, percent. */
    public record Travels(double lowPct, double highPct) {
        public static final Travels USUAL = new Travels(100, 100);
    }

    private static Optional<Double> travel(double reaches, double wanted, double now) {
        if (reaches < LEAST_REACH_US) {
            return Optional.empty();
        }
        double right = Math.abs(reaches - wanted) <= PLAY_US ? now : now * wanted / reaches;
        return right > MOST_PCT ? Optional.empty() : Optional.of(Math.round(right * 10) / 10.0);
    }
}
