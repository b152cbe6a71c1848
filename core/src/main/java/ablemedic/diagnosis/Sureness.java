package ablemedic.diagnosis;

/** How sure the technician is of a finding. What is not sure counts partly as if nothing had been seen. */
public enum Sureness {
    SURE("sure", 1.0),
    FAIRLY("fairly sure", 0.85),
    DOUBTFUL("doubtful", 0.5);

    private final String label;
    private final double share;

    Sureness(String label, double share) {
        this.label = label;
        this.share = share;
    }

    public String label() {
        return label;
    }

    /** The finding's likelihood, thinned by doubt towards that of a blind guess. */
    double temper(double likelihood, double blindGuess) {
        return share * likelihood + (1 - share) * blindGuess;
    }
}
