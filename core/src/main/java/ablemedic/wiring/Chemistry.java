package ablemedic.wiring;

import ablemedic.catalogue.Names;

/** What a cell is made of, with its resting voltage over charge. The curves are common practice with no source. */
public enum Chemistry {
    LIPO(4.20, 3.70, new double[] {3.30, 3.69, 3.73, 3.77, 3.80, 3.84, 3.87, 3.95, 4.02, 4.11, 4.20}),
    LIPO_HIGH_VOLTAGE(4.35, 3.80, new double[] {3.30, 3.70, 3.75, 3.80, 3.84, 3.90, 3.97, 4.06, 4.15, 4.25, 4.35}),
    LITHIUM_ION(4.20, 3.60, new double[] {2.80, 3.20, 3.38, 3.50, 3.58, 3.65, 3.73, 3.82, 3.92, 4.04, 4.20});

    private final double fullV;
    private final double nominalV;
    private final double[] resting;

    Chemistry(double fullV, double nominalV, double[] resting) {
        this.fullV = fullV;
        this.nominalV = nominalV;
        this.resting = resting;
    }

    public String label() {
        return Names.of(this);
    }

    /** Resting voltage of a full cell, volts. */
    public double fullV() {
        return fullV;
    }

    public double nominalV() {
        return nominalV;
    }

    /** Resting voltage of a cell at a charge from 0 (empty) to 1 (full), volts. */
    public double restingV(double charge) {
        double at = Math.max(0, Math.min(1, charge)) * (resting.length - 1);
        int i = (int) Math.min(resting.length - 2, Math.floor(at));
        return resting[i] + (at - i) * (resting[i + 1] - resting[i]);
    }

    /** The charge, 0 to 1, of a cell that rests at a voltage. */
    public double chargeAt(double volts) {
        int i = 0;
        while (i < resting.length - 2 && resting[i + 1] < volts) {
            i++;
        }
        double charge = (i + (volts - resting[i]) / (resting[i + 1] - resting[i])) / (resting.length - 1);
        return Math.max(0, Math.min(1, charge));
    }
}
