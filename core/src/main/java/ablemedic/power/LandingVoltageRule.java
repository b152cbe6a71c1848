package ablemedic.power;

import ablemedic.catalogue.Names;
import ablemedic.catalogue.Words;

/**
 * When to land. Both rules are common practice with no source; the owner chooses, and the careful one is the default.
 * Voltages are of one cell under load and hold for lithium polymer; other cells land at the same charge left.
 */
public enum LandingVoltageRule {
    LONG_LIFE(3.7, 3.7, 3.5),
    USE_THE_PACK(3.5, 3.5, 3.3);

    private final double landV;
    private final double warnV;
    private final double criticalV;

    LandingVoltageRule(double landV, double warnV, double criticalV) {
        this.landV = landV;
        this.warnV = warnV;
        this.criticalV = criticalV;
    }

    public String label() {
        return words().name(this);
    }

    /** Voltage of a cell under load at which to be on the way down. */
    public double landV() {
        return landV;
    }

    /** Voltage of a cell to enter as the warning. */
    public double warnV() {
        return warnV;
    }

    /** Voltage of a cell to enter as critical. */
    public double criticalV() {
        return criticalV;
    }

    private static Words words() {
        return Power.WORDS.name("landing-voltage");
    }

    public String reason() {
        return words().line(Names.id(this)).plain();
    }
}
