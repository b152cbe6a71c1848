package ablemedic.diagnosis;

/** A belief in words, so that it can be read without the figure. */
public enum Belief {
    ALMOST_CERTAIN("almost certain", 0.95),
    LIKELY("likely", 0.5),
    POSSIBLE("possible", 0.08),
    UNLIKELY("unlikely", 0.01),
    RULED_OUT("ruled out", 0);

    private final String label;
    private final double from;

    Belief(String label, double from) {
        this.label = label;
        this.from = from;
    }

    public String label() {
        return label;
    }

    /** The word for a probability from 0 to 1. */
    public static Belief of(double probability) {
        for (Belief word : values()) {
            if (probability >= word.from) {
                return word;
            }
        }
        throw new IllegalArgumentException("a probability is not less than 0: " + probability);
    }
}
