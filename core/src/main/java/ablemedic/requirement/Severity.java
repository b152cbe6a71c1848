package ablemedic.requirement;

/** How bad it is that a requirement is violated. */
public enum Severity {
    /** It hurts somebody or destroys something. */
    HAZARD("hazard"),
    /** It can't work. */
    CANNOT_WORK("can't work"),
    /** It may be meant. */
    DOUBTFUL("doubtful");

    private final String label;

    Severity(String label) {
        this.label = label;
    }

    public String label() {
        return label;
    }

    /** Whether nothing is expected of a craft that violates it. */
    public boolean isBinding() {
        return this != DOUBTFUL;
    }
}
