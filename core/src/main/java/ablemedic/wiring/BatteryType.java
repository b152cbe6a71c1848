package ablemedic.wiring;

import ablemedic.catalogue.Catalogue;
import ablemedic.catalogue.EntryCheck;

/**
 * A flight battery as its label has it.
 *
 * @param cells in series
 * @param chemistry of its cells
 * @param capacityMah milliampere-hours
 * @param cellMilliohms resistance of one cell with its share of the wires, milliohms
 */
public record BatteryType(int cells, Chemistry chemistry, double capacityMah, double cellMilliohms) {
    private static final Catalogue WORDS = Catalogue.beside(BatteryType.class, "refusals");

    public BatteryType {
        EntryCheck check = new EntryCheck(WORDS.of("battery"));
        check.need(cells >= 1 && cells <= 14, "battery.cells", "cells", "given", cells);
        check.need(chemistry != null, "battery.chemistry", "chemistry");
        check.need(
                capacityMah >= 50 && capacityMah <= 100_000, "battery.capacityMah", "capacity", "given", capacityMah);
        check.need(cellMilliohms > 0 && cellMilliohms <= 500, "battery.cellMilliohms", "ohms", "given", cellMilliohms);
        check.end();
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
}
