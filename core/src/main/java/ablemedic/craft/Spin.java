package ablemedic.craft;

/** Which way something turns, seen from above. */
public enum Spin {
    CLOCKWISE("clockwise", "CW"),
    COUNTER_CLOCKWISE("counter-clockwise", "CCW");

    private final String label;
    private final String shortLabel;

    Spin(String label, String shortLabel) {
        this.label = label;
        this.shortLabel = shortLabel;
    }

    public String label() {
        return label;
    }

    public String shortLabel() {
        return shortLabel;
    }

    public Spin reversed() {
        return this == CLOCKWISE ? COUNTER_CLOCKWISE : CLOCKWISE;
    }

    /**
     * Sign of the yaw push on the frame: a prop that turns clockwise pushes the frame counter-clockwise (nose left).
     */
    public int yawPush() {
        return this == CLOCKWISE ? -1 : 1;
    }
}
