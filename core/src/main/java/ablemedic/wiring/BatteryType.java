package ablemedic.wiring;

/**
 * A flight pack as its label has it.
 *
 * @param cells in series
 * @param chemistry of its cells
 * @param capacityMah milliampere-hours
 * @param cellMilliohms resistance of one cell with its share of the leads, milliohms
 */
public record BatteryType(int cells, Chemistry chemistry, double capacityMah, double cellMilliohms) {
    public BatteryType {
        require(cells >= 1 && cells <= 14, "cells", "a pack has 1 to 14 cells, not " + cells);
        require(chemistry != null, "chemistry", "the chemistry of its cells is missing");
        require(
                capacityMah >= 50 && capacityMah <= 100_000,
                "capacityMah",
                "the capacity lies between 50 and 100000 mAh, not " + capacityMah);
        require(
                cellMilliohms > 0 && cellMilliohms <= 500,
                "cellMilliohms",
                "the resistance of a cell lies between 0 and 500 milliohms, not " + cellMilliohms);
    }

    /** Resting voltage at a charge from 0 to 1, volts. */
    public double restingV(double charge) {
        return cells * chemistry.restingV(charge);
    }

    public double fullV() {
        return cells * chemistry.fullV();
    }

    public double nominalV() {
        return cells * chemistry.nominalV();
    }

    public double ohms() {
        return cells * cellMilliohms / 1000;
    }

    private static void require(boolean holds, String where, String right) {
        if (!holds) {
            throw new UnusableSheetException("pack." + where, right);
        }
    }
}
