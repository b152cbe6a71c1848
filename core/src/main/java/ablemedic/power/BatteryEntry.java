package ablemedic.power;

import ablemedic.wiring.BatteryType;
import java.util.Locale;

/**
 * What may be noted of a battery: what it can't give is refused, and what it seldom gives is asked back, since a
 * battery that is really so has to be told too. Volts of the whole battery, milliampere-hours, amperes.
 */
public final class BatteryEntry {
    /** A charger and a meter together are off by no more. Common practice, no source. */
    private static final double ABOVE_FULL = 1.02;
    /** Below this share of an empty cell's resting voltage a cell is damaged or misread. Common practice, no source. */
    private static final double BELOW_EMPTY = 0.9;
    /** Under load a cell that holds less is hardly flown. Common practice, no source. */
    private static final double LOADED_CELL_V = 2.5;
    /** A battery gives and takes somewhat more than its label says, never twice. Common practice, no source. */
    private static final double MORE_THAN_LABEL = 1.15;

    private static final double TWICE = 2;
    /**
     * The highest rating that labels claim, times the capacity in an hour; bursts may be twice that. Common practice,
     * no source.
     */
    private static final double HIGHEST_RATING = 150;

    private BatteryEntry() {}

    /** How a value stands. */
    public enum Likely {
        FINE,
        SELDOM,
        NEVER
    }

    /** @param why what speaks against it; empty where nothing does */
    public record Judged(Likely likely, String why) {}

    private static final Judged FINE = new Judged(Likely.FINE, "");

    /** The voltage at rest. */
    public static Judged atRest(BatteryType kind, double volts) {
        double empty = kind.chemistry().restingV(0) * BELOW_EMPTY * kind.cells();
        Judged most = noMoreThanFull(kind, volts, "at rest");
        return most.likely() != Likely.FINE || volts >= empty
                ? most
                : new Judged(
                        Likely.SELDOM,
                        said(kind) + " at rest seldom shows less than " + number(empty, "V") + "; " + number(volts, "V")
                                + " is a damaged cell, another battery or a misread.");
    }

    /** The voltage under load. */
    public static Judged underLoad(BatteryType kind, double volts) {
        double least = LOADED_CELL_V * kind.cells();
        Judged most = noMoreThanFull(kind, volts, "under load");
        return most.likely() != Likely.FINE || volts >= least
                ? most
                : new Judged(
                        Likely.SELDOM,
                        said(kind) + " under load seldom falls below " + number(least, "V") + ", and this is "
                                + number(volts, "V") + ".");
    }

    /** The charge that was used or put back. */
    public static Judged charge(BatteryType kind, double mah) {
        if (mah > TWICE * kind.capacityMah()) {
            return new Judged(
                    Likely.NEVER,
                    number(mah, "mAh") + " is more than twice what a battery of " + number(kind.capacityMah(), "mAh")
                            + " holds.");
        }
        return mah > MORE_THAN_LABEL * kind.capacityMah()
                ? new Judged(
                        Likely.SELDOM,
                        number(mah, "mAh") + " is more than a battery of " + number(kind.capacityMah(), "mAh")
                                + " holds; a scale that is off counts so.")
                : FINE;
    }

    /** The current at which it was loaded. */
    public static Judged current(BatteryType kind, double amps) {
        double rated = HIGHEST_RATING * kind.capacityMah() / 1000;
        if (amps > TWICE * rated) {
            return new Judged(
                    Likely.NEVER,
                    "No battery of " + number(kind.capacityMah(), "mAh") + " gives " + number(amps, "A") + "; "
                            + number(rated, "A") + " is the highest rating there is.");
        }
        return amps > rated
                ? new Judged(
                        Likely.SELDOM,
                        number(amps, "A") + " is above the highest rating of a battery of "
                                + number(kind.capacityMah(), "mAh") + ", " + number(rated, "A") + ".")
                : FINE;
    }

    private static Judged noMoreThanFull(BatteryType kind, double volts, String when) {
        double full = kind.chemistry().fullV() * kind.cells();
        return volts > full * ABOVE_FULL
                ? new Judged(
                        Likely.NEVER,
                        said(kind) + " " + when + " shows " + number(full, "V") + " at most, never "
                                + number(volts, "V") + ".")
                : FINE;
    }

    private static String said(BatteryType kind) {
        return "A " + kind.cells() + "-cell battery (" + kind.chemistry().label() + ")";
    }

    private static String number(double value, String unit) {
        return String.format(Locale.ROOT, value < 100 ? "%.1f %s" : "%.0f %s", value, unit);
    }
}
