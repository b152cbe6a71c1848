package ablemedic.family;

import ablemedic.diagnosis.Occasion;

/**
 * Odds of a fault by what happened since the craft last flew right. They order what to think of first, and the findings
 * correct them.
 */
public record Odds(
        double build, double crash, double partSwap, double flash, double water, double rest, double unknown) {

    public double on(Occasion occasion) {
        return switch (occasion) {
            case BUILD -> build;
            case CRASH -> crash;
            case PART_SWAP -> partSwap;
            case FLASH -> flash;
            case WATER -> water;
            case LONG_REST -> rest;
            case NOTHING_KNOWN -> unknown;
        };
    }

    /** The same, so many times as often. */
    public Odds times(double factor) {
        return new Odds(
                build * factor,
                crash * factor,
                partSwap * factor,
                flash * factor,
                water * factor,
                rest * factor,
                unknown * factor);
    }
}
