package ablemedic.diagnosis;

import java.util.List;
import java.util.Optional;

/** The checks worth doing next, best first. */
public record Plan<S>(List<Step<S>> steps) {
    public Plan {
        steps = List.copyOf(steps);
    }

    /**
     * A check with what it would tell and cost.
     *
     * @param check what to do
     * @param bits expected information about the remedy, in bits
     * @param route how to get the bench ready; empty when no safe way exists
     * @param minutes of the check and the way there
     * @param bitsPerMinute what the plan ranks by, without the minutes that are needed anyway; risk breaks ties
     */
    public record Step<S>(
            Check<S> check, double bits, Optional<BenchRoute> route, double minutes, double bitsPerMinute) {

        /** Steps that guard against harm and must come first. */
        public List<BenchStep> unlocks() {
            return route.map(BenchRoute::guards).orElse(List.of());
        }
    }

    public Optional<Step<S>> next() {
        return steps.stream().filter(step -> step.route().isPresent()).findFirst();
    }
}
