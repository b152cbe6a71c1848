package ablemedic.diagnosis;

import java.util.List;

/**
 * One thing told, seen or measured.
 *
 * @param <S> the system
 */
public sealed interface Evidence<S> {

    /** The repairs that were in force when it was found; it speaks for the system as it was then. */
    List<Repair<S>> repairs();

    /** A reading of a check from the book. */
    record Finding<S>(Check<S> check, Reading reading, Sureness sureness, List<Repair<S>> repairs)
            implements Evidence<S> {
        public Finding {
            repairs = List.copyOf(repairs);
        }

        double likelihood(Distribution outlook) {
            return sureness.temper(
                    outlook.likelihood(reading),
                    Distribution.broad(check.answers()).likelihood(reading));
        }
    }

    /**
     * It came down hard meanwhile: of no fault more than of another, but what was seen before a flight is to be seen
     * again.
     */
    record CameDown<S>(List<Repair<S>> repairs) implements Evidence<S> {
        public CameDown {
            repairs = List.copyOf(repairs);
        }
    }

    /**
     * A suspicion, or a test of the technician's own: how many times better it fits the named fault than anything else.
     *
     * @param ratio greater than 1 speaks for the fault, less than 1 against it; never 0
     */
    record Opinion<S>(String faultId, double ratio, List<Repair<S>> repairs) implements Evidence<S> {
        public Opinion {
            if (!(ratio > 0) || Double.isInfinite(ratio)) {
                throw new IllegalArgumentException("a ratio is greater than 0 and finite, not " + ratio);
            }
            repairs = List.copyOf(repairs);
        }
    }
}
