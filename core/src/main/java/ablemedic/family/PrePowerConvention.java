package ablemedic.family;

/** Two schools of what is done before the pack goes in. Both unlock the pack; the occasion says which is asked for. */
public enum PrePowerConvention {
    QUICK(
            "quick",
            "Look, short test, first power through the limiter, rails: for a craft that flew before and was opened at one place."),
    FULL(
            "full",
            "Continuity to each controller and every rail besides: for a new or rebuilt craft, after a crash and after smoke.");

    private final String label;
    private final String reason;

    PrePowerConvention(String label, String reason) {
        this.label = label;
        this.reason = reason;
    }

    public String label() {
        return label;
    }

    /** When it is the one to take. */
    public String reason() {
        return reason;
    }
}
