package ablemedic.diagnosis;

/** How sure the technician is of a finding. What is not sure counts partly as if nothing had been seen. */
public enum Sureness {
    SURE(1.0),
    FAIRLY(0.85),
    DOUBTFUL(0.5);

    private final double share;

    Sureness(double share) {
        this.share = share;
    }

    public String label() {
        return DiagnosisWords.name("sureness", this);
    }

    /** The finding's likelihood, thinned by doubt towards that of a blind guess. */
    double temper(double likelihood, double blindGuess) {
        return share * likelihood + (1 - share) * blindGuess;
    }
}
