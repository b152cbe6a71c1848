package ablemedic.power;

/**
 * When to land. Both schools are common practice with no source; the owner chooses, and the careful one is the default.
 * Voltages are of one cell under load and hold for lithium polymer; other cells land at the same charge left.
 */
public enum LandingVoltageRule {
    LONG_LIFE(
            "Land at 3.7 V a cell",
            3.7,
            3.7,
            3.5,
            "Long pack life, and for beginners: a fifth of the charge stays in, cells age slowly, and there is time for a second "
                    + "approach."),
    USE_THE_PACK(
            "Land at 3.5 V a cell",
            3.5,
            3.5,
            3.3,
            "Uses what the pack has: warns at 3.5 V, critical at 3.3 V, which is the hard floor under load. Packs age faster.");

    private final String label;
    private final double landV;
    private final double warnV;
    private final double criticalV;
    private final String reason;

    LandingVoltageRule(String label, double landV, double warnV, double criticalV, String reason) {
        this.label = label;
        this.landV = landV;
        this.warnV = warnV;
        this.criticalV = criticalV;
        this.reason = reason;
    }

    public String label() {
        return label;
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

    public String reason() {
        return reason;
    }
}
