package ablemedic.power;

import ablemedic.catalogue.Param;
import ablemedic.catalogue.Words;
import ablemedic.wiring.BatteryType;

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

    private static final Words WORDS = Power.WORDS.name("battery-entry");

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
        Judged most = noMoreThanFull(kind, volts, false);
        return most.likely() != Likely.FINE || volts >= empty
                ? most
                : seldom("rests-low", battery(kind).with("least", number(empty, "V")), number(volts, "V"));
    }

    /** The voltage under load. */
    public static Judged underLoad(BatteryType kind, double volts) {
        double least = LOADED_CELL_V * kind.cells();
        Judged most = noMoreThanFull(kind, volts, true);
        return most.likely() != Likely.FINE || volts >= least
                ? most
                : seldom("sags-low", battery(kind).with("least", number(least, "V")), number(volts, "V"));
    }

    /** The charge that was used or put back. */
    public static Judged charge(BatteryType kind, double mah) {
        Words words = WORDS.with("capacity", number(kind.capacityMah(), "mAh"));
        if (mah > TWICE * kind.capacityMah()) {
            return never("charge-never", words, number(mah, "mAh"));
        }
        return mah > MORE_THAN_LABEL * kind.capacityMah() ? seldom("charge-seldom", words, number(mah, "mAh")) : FINE;
    }

    /** The current at which it was loaded. */
    public static Judged current(BatteryType kind, double amps) {
        double rated = HIGHEST_RATING * kind.capacityMah() / 1000;
        Words words = WORDS.with("capacity", number(kind.capacityMah(), "mAh")).with("rated", number(rated, "A"));
        if (amps > TWICE * rated) {
            return never("current-never", words, number(amps, "A"));
        }
        return amps > rated ? seldom("current-seldom", words, number(amps, "A")) : FINE;
    }

    private static Judged noMoreThanFull(BatteryType kind, double volts, boolean loaded) {
        double full = kind.chemistry().fullV() * kind.cells();
        return volts > full * ABOVE_FULL
                ? never(
                        "above-full",
                        battery(kind).with("loaded", Param.when(loaded)).with("full", number(full, "V")),
                        number(volts, "V"))
                : FINE;
    }

    private static Judged seldom(String line, Words words, Param value) {
        return new Judged(Likely.SELDOM, words.with("value", value).line(line).plain());
    }

    private static Judged never(String line, Words words, Param value) {
        return new Judged(Likely.NEVER, words.with("value", value).line(line).plain());
    }

    private static Words battery(BatteryType kind) {
        Words named = WORDS.with("cells", Param.whole(kind.cells(), ""))
                .with("chemistry", Param.written(kind.chemistry().label()));
        return WORDS.with("battery", new Param.Nested(named.line("name")));
    }

    private static Param number(double value, String unit) {
        return new Param.Quantity(value, unit, value < 100 ? 1 : 0);
    }
}
