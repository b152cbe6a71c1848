package ablemedic.diagnosis;

import java.util.List;

/**
 * What may be wrong and is not yet put right: one remedy, with the faults that it would cure.
 *
 * @param remedy what all its faults need
 * @param belief probability, 0 to 1, that the remedy is still owed
 * @param faults those that need it, the most believed first; never empty
 */
public record Suspect<S>(String remedy, double belief, List<Blamed<S>> faults) {
    public Suspect {
        faults = List.copyOf(faults);
    }

    /** A fault and the probability, 0 to 1, that it is present and not yet put right. */
    public record Blamed<S>(Fault<S> fault, double belief) {}

    public Fault<S> leading() {
        return faults.get(0).fault();
    }
}
