package ablemedic.craft;

import ablemedic.catalogue.Names;

/** Which way something turns, seen from above. */
public enum Spin {
    CLOCKWISE("CW"),
    COUNTER_CLOCKWISE("CCW");

    private final String shortLabel;

    Spin(String shortLabel) {
        this.shortLabel = shortLabel;
    }

    public String label() {
        return Names.of(this);
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
