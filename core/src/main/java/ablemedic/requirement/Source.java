package ablemedic.requirement;

/** Where a recorded value comes from, and how often such a value is what stands on the craft. From memory. */
public enum Source {
    MEASURED(0.98),
    EXPORT(0.97),
    BEFORE_FLASH(0.7),
    ENTERED(0.9),
    USUAL(0.5);

    private final double faithful;

    Source(double faithful) {
        this.faithful = faithful;
    }

    public String label() {
        return EditWords.of("source").name(this);
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
