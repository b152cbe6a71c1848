package ablemedic.diagnosis;

/**
 * What the reasoning takes for granted.
 *
 * @param pairs how many pairs of faults are weighed at the most; the most promising ones are taken
 * @param nothingWrongOdds weight of "nothing is wrong" before anything was found; less than 1 since somebody complained
 * @param notInBookOdds weight of something being wrong which no fault in the book describes
 * @param standsOutAt belief from which a remedy is worth doing rather than checking further
 */
public record Assumptions(int pairs, double nothingWrongOdds, double notInBookOdds, double standsOutAt) {
    public static final Assumptions USUAL = new Assumptions(300, 0.1, 0.03, 0.985);
}
