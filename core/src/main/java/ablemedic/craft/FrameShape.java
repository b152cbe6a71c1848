package ablemedic.craft;

import ablemedic.catalogue.Names;
import java.util.List;

/** How the arms lie. It decides what the corners are called. */
public enum FrameShape {
    X(
            List.of("front-right", "rear-right", "rear-left", "front-left"),
            List.of("FR", "RR", "RL", "FL"),
            List.of(45, 135, 225, 315)),
    STRETCHED(X.names, X.shorts, X.bearingsDeg),
    PLUS(List.of("front", "right", "rear", "left"), List.of("F", "R", "B", "L"), List.of(0, 90, 180, 270));

    private final List<String> names;
    private final List<String> shorts;
    private final List<Integer> bearingsDeg;

    FrameShape(List<String> names, List<String> shorts, List<Integer> bearingsDeg) {
        this.names = names;
        this.shorts = shorts;
        this.bearingsDeg = bearingsDeg;
    }

    public String label() {
        return Names.of(this);
    }

    /** What a technician calls the corner on this frame, such as {@code front-right}. */
    public String name(Corner corner) {
        return names.get(corner.ordinal());
    }

    /** The short form for drawings, such as {@code FR}. */
    public String shortName(Corner corner) {
        return shorts.get(corner.ordinal());
    }

    /** Where the corner lies by name, in degrees clockwise from the front. */
    public int bearingDeg(Corner corner) {
        return bearingsDeg.get(corner.ordinal());
    }
}
