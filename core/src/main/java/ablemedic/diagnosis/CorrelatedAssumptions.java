package ablemedic.diagnosis;

import ablemedic.diagnosis.Evidence.Finding;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;

/**
 * Which findings bear on what is only guessed of a system. Two checks rest on one guess when a sound system would show
 * the same on both and that is guessed: the same pad of two arms, say. What the first of them shows is then expected of
 * the second, so that a comparison with a sound arm is worth more than a number.
 */
final class CorrelatedAssumptions<S> {
    /** How surely what sits alike on one system is off alike, as parts of one make are. From memory. */
    private static final double ALIKE = 0.9;

    private final Function<Check<S>, Distribution> ofSound;

    CorrelatedAssumptions(S sound, Predictions<S> predictions) {
        ofSound = check ->
                predictions.of(Hypothesis.none(), predictions.state(sound, Hypothesis.none(), List.of()), check);
    }

    /**
     * A finding that bears on the guess of another check.
     *
     * @param alike how surely what is guessed is one and the same, 0 to 1
     */
    record Bearing<S>(Finding<S> finding, double alike) {
        /** An outlook, after this finding was made where it was expected so. */
        Distribution on(Distribution outlook, Distribution then) {
            return outlook.knowing(then, finding::likelihood, alike);
        }
    }

    /** Those of the earlier findings that bear on a check which is made with these repairs in force. */
    List<Bearing<S>> bearing(Check<S> check, List<Repair<S>> repairs, List<Finding<S>> earlier) {
        if (earlier.isEmpty()) {
            return List.of();
        }
        List<Bearing<S>> bearing = new ArrayList<>();
        Optional<Distribution> guessed = guessed(check);
        for (Finding<S> finding : earlier) {
            if (finding.check().key().equals(check.key()) && finding.repairs().equals(repairs)) {
                bearing.add(new Bearing<>(finding, 1));
            } else if (guessed.isPresent() && guessed.equals(guessed(finding.check()))) {
                bearing.add(new Bearing<>(finding, ALIKE));
            }
        }
        return List.copyOf(bearing);
    }

    private Optional<Distribution> guessed(Check<S> check) {
        return Optional.of(ofSound.apply(check)).filter(Distribution::isAssumed);
    }
}
