package ablemedic.craft;

import java.util.List;

/** The four motor positions, clockwise from above. On a plus frame they stand for front, right, rear and left. */
public enum Corner {
    FRONT_RIGHT,
    REAR_RIGHT,
    REAR_LEFT,
    FRONT_LEFT;

    public static final List<Corner> ALL = List.of(values());

    public Corner opposite() {
        return turned(2);
    }

    /** The corner that lies so many corners further clockwise, seen from above. */
    public Corner turned(int corners) {
        return ALL.get(Math.floorMod(ordinal() + corners, 4));
    }
}
