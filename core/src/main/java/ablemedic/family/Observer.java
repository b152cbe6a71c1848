package ablemedic.family;

/**
 * How somebody finds an answer, and how often they then give another than what is there. Each share is common practice
 * with no source.
 */
public enum Observer {
    /** Reads what stands somewhere, or sees what is plain. */
    READS(0.05),
    /** Looks closely at something small. */
    LOOKS_CLOSELY(0.06),
    /** Judges by the feel, by the ear or by how much. */
    JUDGES(0.1),
    /** Says what was seen some time ago. */
    TELLS(0.08);

    private final double slips;

    Observer(double slips) {
        this.slips = slips;
    }

    /** Share of answers that are others than what is there, 0 to 1. */
    public double slips() {
        return slips;
    }
}
