package ablemedic.craft;

/** Whether a port does something with its line by itself, as the format on it wants, or was told to. */
public enum AsFormat {
    BY_FORMAT("automatic"),
    ON("on"),
    OFF("off");

    private final String label;

    AsFormat(String label) {
        this.label = label;
    }

    public String label() {
        return label;
    }

    /** Whether it is done on a line of a format that wants it or not. */
    public boolean done(boolean wanted) {
        return this == BY_FORMAT ? wanted : this == ON;
    }
}
