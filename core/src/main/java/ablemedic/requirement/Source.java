package ablemedic.requirement;

/** Where a recorded value comes from, and how often such a value is what stands on the craft. From memory. */
public enum Source {
    MEASURED("measured", 0.98),
    EXPORT("read from a settings export", 0.97),
    BEFORE_FLASH("from an export before the last flash", 0.7),
    ENTERED("entered", 0.9),
    USUAL("taken over as usual", 0.5);

    private final String label;
    private final double faithful;

    Source(String label, double faithful) {
        this.label = label;
        this.faithful = faithful;
    }

    public String label() {
        return label;
    }

    /** Probability that the craft has it so. */
    double faithful() {
        return faithful;
    }

    /** Natural logarithm of the odds that the craft has it so. */
    double logOdds() {
        return Math.log(faithful / (1 - faithful));
    }
}
