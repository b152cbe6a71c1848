package ablemedic.diagnosis;

import java.util.List;

/**
 * Why a suspect is believed as it is. The starting odds times all the ratios are the odds it has now.
 *
 * @param startingOdds odds before anything was found, given what happened since all was well
 * @param ratios of each piece of evidence in order: how many times better it fits the suspect than the rest; more than
 *     1 speaks for it, less than 1 against
 */
public record Why(double startingOdds, List<Double> ratios) {
    public Why {
        ratios = List.copyOf(ratios);
    }

    /** The odds that it has now. */
    public double odds() {
        return ratios.stream().reduce(startingOdds, (odds, ratio) -> odds * ratio);
    }
}
