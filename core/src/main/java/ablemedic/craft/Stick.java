package ablemedic.craft;

import ablemedic.catalogue.Names;

/** The four stick functions. */
public enum Stick {
    ROLL('A', "right"),
    PITCH('E', "forward"),
    THROTTLE('T', "up"),
    YAW('R', "right");

    private final char letter;
    private final String positive;

    Stick(char letter, String positive) {
        this.letter = letter;
        this.positive = positive;
    }

    public char letter() {
        return letter;
    }

    public String label() {
        return Names.of(this);
    }

    /** The way to push it so that its bar goes up. */
    public String positive() {
        return positive;
    }

    static Stick of(char letter) {
        for (Stick stick : values()) {
            if (stick.letter == letter) {
                return stick;
            }
        }
        throw new IllegalArgumentException("no stick has the letter " + letter);
    }
}
