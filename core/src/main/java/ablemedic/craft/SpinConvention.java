package ablemedic.craft;

/** The two usual ways to turn the four props. Either flies; the board must be told which it is. */
public enum SpinConvention {
    INWARD("props in"),
    OUTWARD("props out");

    private final String label;

    SpinConvention(String label) {
        this.label = label;
    }

    public String label() {
        return label;
    }

    /** Which way the prop at this corner turns. Neighbours turn against each other. */
    public Spin at(Corner corner) {
        Spin inward = corner.ordinal() % 2 == 0 ? Spin.COUNTER_CLOCKWISE : Spin.CLOCKWISE;
        return this == INWARD ? inward : inward.reversed();
    }

    public SpinConvention other() {
        return this == INWARD ? OUTWARD : INWARD;
    }
}
