package ablemedic.craft;

import java.util.List;

/** Which corner a firmware means by motor 1, 2, 3 and 4. */
public enum MotorNumbering {
    REAR_RIGHT_FIRST(
            "rear-right first", List.of(Corner.REAR_RIGHT, Corner.FRONT_RIGHT, Corner.REAR_LEFT, Corner.FRONT_LEFT)),
    FRONT_RIGHT_FIRST(
            "front-right first", List.of(Corner.FRONT_RIGHT, Corner.REAR_LEFT, Corner.FRONT_LEFT, Corner.REAR_RIGHT));

    private final String label;
    private final List<Corner> corners;

    MotorNumbering(String label, List<Corner> corners) {
        this.label = label;
        this.corners = corners;
    }

    public String label() {
        return label;
    }

    /** The corner of a motor number, 1 to 4. */
    public Corner corner(int number) {
        if (number < 1 || number > 4) {
            throw new IllegalArgumentException("motors are numbered 1 to 4, not " + number);
        }
        return corners.get(number - 1);
    }

    /** The motor number, 1 to 4, of a corner. */
    public int number(Corner corner) {
        return corners.indexOf(corner) + 1;
    }
}
