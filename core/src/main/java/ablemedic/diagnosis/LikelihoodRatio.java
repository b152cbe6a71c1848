package ablemedic.diagnosis;

/** How much one piece of evidence weighs for or against a suspect, in words. */
public enum LikelihoodRatio {
    STRONGLY_FOR("speaks strongly for it", 10),
    FOR("speaks for it", 2),
    SLIGHTLY_FOR("speaks slightly for it", 1.15),
    NEUTRAL("says nothing about it", 1 / 1.15),
    SLIGHTLY_AGAINST("speaks slightly against it", 0.5),
    AGAINST("speaks against it", 0.1),
    STRONGLY_AGAINST("speaks strongly against it", 0);

    private final String label;
    private final double from;

    LikelihoodRatio(String label, double from) {
        this.label = label;
        this.from = from;
    }

    public String label() {
        return label;
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
