package ablemedic.craft;

/** Where a board takes the pack's voltage from. */
public enum VoltageSource {
    DIVIDER("the FC's own divider"),
    CONTROLLERS("the ESCs' telemetry"),
    NONE("none");

    private final String label;

    VoltageSource(String label) {
        this.label = label;
    }

    public String label() {
        return label;
    }
}
