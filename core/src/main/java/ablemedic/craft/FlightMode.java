package ablemedic.craft;

/** What the sticks ask for. */
public enum FlightMode {
    LEVEL("self-level"),
    RATE("rate");

    private final String label;

    FlightMode(String label) {
        this.label = label;
    }

    public String label() {
        return label;
    }
}
