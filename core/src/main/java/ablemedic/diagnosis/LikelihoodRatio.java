package ablemedic.diagnosis;

/** How much one piece of evidence weighs for or against a suspect, in words. */
public enum LikelihoodRatio {
    STRONGLY_FOR(10),
    FOR(2),
    SLIGHTLY_FOR(1.15),
    NEUTRAL(1 / 1.15),
    SLIGHTLY_AGAINST(0.5),
    AGAINST(0.1),
    STRONGLY_AGAINST(0);

    private final double from;

    LikelihoodRatio(double from) {
        this.from = from;
    }

    public String label() {
        return DiagnosisWords.name("likelihood-ratio", this);
    }

    /** The word for a ratio of likelihoods, greater than 0. */
    public static LikelihoodRatio of(double ratio) {
        for (LikelihoodRatio weight : values()) {
            if (ratio >= weight.from) {
                return weight;
            }
        }
        throw new IllegalArgumentException("a ratio is not less than 0: " + ratio);
    }
}
