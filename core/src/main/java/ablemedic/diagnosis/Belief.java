package ablemedic.diagnosis;

/** A belief in words, so that it can be read without the figure. */
public enum Belief {
    ALMOST_CERTAIN(0.95),
    LIKELY(0.5),
    POSSIBLE(0.08),
    UNLIKELY(0.01),
    RULED_OUT(0);

    private final double from;

    Belief(double from) {
        this.from = from;
    }

    public String label() {
        return DiagnosisWords.name("belief", this);
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
