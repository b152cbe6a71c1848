package ablemedic.app.chart;

import ablemedic.catalogue.Names;

/** What may be said of a craft: the first that its facts allow, in this order. */
public enum Fitness {
    UNKNOWN,
    AT_WORK,
    GROUNDED,
    DUE,
    FIT;

    public String label() {
        return Names.of(this);
    }

    /**
     * The facts.
     *
     * @param readable whether its newest sheet can be read
     * @param workUpOpen whether a work-up of it is open
     * @param violated whether a hazard, or what can't work, is open on its record
     * @param groundedByHand whether somebody grounded it
     * @param withoutCause whether a work-up ended without its cause found, and nobody signed the craft off since
     * @param due whether pre-power checks, radio-off test or motors are due, or a set-up is under way
     */
    public record Facts(
            boolean readable,
            boolean workUpOpen,
            boolean violated,
            boolean groundedByHand,
            boolean withoutCause,
            boolean due) {}

    public static Fitness of(Facts facts) {
        if (!facts.readable()) {
            return UNKNOWN;
        } else if (facts.workUpOpen()) {
            return AT_WORK;
        } else if (facts.violated() || facts.groundedByHand() || facts.withoutCause()) {
            return GROUNDED;
        }
        return facts.due() ? DUE : FIT;
    }
}
