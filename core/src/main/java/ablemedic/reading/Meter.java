package ablemedic.reading;

import ablemedic.catalogue.Catalogue;
import ablemedic.catalogue.EntryCheck;

/**
 * The technician's handheld meter. Limits are given as makers give them, a share of the reading and so many steps of
 * the last digit.
 *
 * @param counts what the display can show, such as 6000; it sets the step of the last digit in each range
 * @param voltsShare of a DC voltage reading
 * @param voltsDigits steps of the last digit
 * @param ohmsShare of a resistance reading
 * @param ohmsDigits steps of the last digit
 * @param leadOhms of both test leads together, in ohms
 * @param highestOhms above which it shows OL
 * @param testVolts open voltage of its resistance ranges
 */
public record Meter(
        int counts,
        double voltsShare,
        int voltsDigits,
        double ohmsShare,
        int ohmsDigits,
        double leadOhms,
        double highestOhms,
        double testVolts) {

    /**
     * A usual one: ±(0.5 % + 2) on volts, ±(0.8 % + 3) on ohms. From memory, and borne out by no second source here:
     * enter your own. Wires of 0.2 to 0.5 Ω are common practice.
     */
    private static final Catalogue WORDS = Catalogue.beside(Meter.class, "refusals");

    public static final Meter USUAL = new Meter(6000, 0.005, 2, 0.008, 3, 0.3, 40e6, 0.4);

    /** How much the wires and the touch of their tips change from one reading to the next, ohms. Common practice. */
    private static final double TOUCH_OHMS = 0.06;

    private static final double LOWEST_OHM_RANGE = 600;
    private static final double LOWEST_VOLT_RANGE = 6;
    /** A silicon junction lets current through from here on, volts: any textbook of electronics. */
    private static final double JUNCTION_VOLTS = 0.5;
    /** Inner resistance of the resistance ranges in the kilohms, ohms. From memory; only its order matters. */
    private static final double SOURCE_OHMS = 10_000;

    public Meter {
        EntryCheck check = new EntryCheck(WORDS.of("meter"));
        check.need(counts >= 1000 && counts <= 1_000_000, "counts", "counts");
        check.need(voltsShare >= 0 && voltsShare < 0.2, "voltsShare", "volts-share");
        check.need(ohmsShare >= 0 && ohmsShare < 0.2, "ohmsShare", "ohms-share");
        check.need(voltsDigits >= 0 && voltsDigits < 100, "voltsDigits", "digits");
        check.need(ohmsDigits >= 0 && ohmsDigits < 100, "ohmsDigits", "digits");
        check.need(leadOhms >= 0 && leadOhms < 10, "leadOhms", "leads");
        check.need(highestOhms >= 1e5 && highestOhms <= 1e9, "highestOhms", "highest");
        check.need(testVolts > 0 && testVolts < 10, "testVolts", "test-volts");
        check.end();
    }

    /** What it shows of a resistance, test leads included, in ohms, with how far that may be off. */
    public Estimate ofOhms(double ohms) {
        double shown = ohms + leadOhms;
        Estimate read = Estimate.within(shown, ohmsShare * shown + ohmsDigits * step(shown, LOWEST_OHM_RANGE));
        return new Estimate(shown, Math.hypot(read.u(), TOUCH_OHMS));
    }

    /** What it shows of a DC voltage, in volts, with how far that may be off. */
    public Estimate ofVolts(double volts) {
        return Estimate.within(volts, voltsShare * Math.abs(volts) + voltsDigits * step(volts, LOWEST_VOLT_RANGE));
    }

    /**
     * How far two voltage readings by this meter err alike, 0 to 1: its share of the reading is off by the same factor
     * in both, its last digits fall as they will (GUM 5.2).
     */
    public double correlation(double oneV, double otherV) {
        double shared = voltsShare * Math.abs(oneV) * voltsShare * Math.abs(otherV) / 3;
        double both = ofVolts(oneV).u() * ofVolts(otherV).u();
        return both == 0 ? 0 : Math.signum(oneV * otherV) * shared / both;
    }

    /** What it shows across a junction that its test voltage opens, ohms; infinite where it does not. */
    public double ofJunctionOhms() {
        return testVolts <= JUNCTION_VOLTS
                ? Double.POSITIVE_INFINITY
                : SOURCE_OHMS * JUNCTION_VOLTS / (testVolts - JUNCTION_VOLTS);
    }

    private double step(double shown, double lowestRange) {
        double range = lowestRange;
        while (range < Math.abs(shown)) {
            range *= 10;
        }
        return range / counts;
    }
}
