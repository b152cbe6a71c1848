package ablemedic.craft;

import ablemedic.catalogue.Names;
import java.util.List;

/** Which corner a firmware means by motor 1, 2, 3 and 4. */
public enum MotorNumbering {
    REAR_RIGHT_FIRST(List.of(Corner.REAR_RIGHT, Corner.FRONT_RIGHT, Corner.REAR_LEFT, Corner.FRONT_LEFT)),
    FRONT_RIGHT_FIRST(List.of(Corner.FRONT_RIGHT, Corner.REAR_LEFT, Corner.FRONT_LEFT, Corner.REAR_RIGHT));

    private final List<Corner> corners;

    MotorNumbering(List<Corner> corners) {
        this.corners = corners;
    }

    public String label() {
        return Names.of(this);
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
