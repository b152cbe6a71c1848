package ablemedic.craft;

/** The four stick functions. */
public enum Stick {
    ROLL('A', "roll", "right"),
    PITCH('E', "pitch", "forward"),
    THROTTLE('T', "throttle", "up"),
    YAW('R', "yaw", "right");

    private final char letter;
    private final String label;
    private final String positive;

    Stick(char letter, String label, String positive) {
        this.letter = letter;
        this.label = label;
        this.positive = positive;
    }

    public char letter() {
        return letter;
    }

    public String label() {
        return label;
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
