package ablemedic.diagnosis;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.data.Offset.offset;

import ablemedic.testing.OutsideCheck;
import ablemedic.testing.OutsideCheck.Kind;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;

/**
 * The chest clinic for somebody who has been to Asia. Every joint state of smoking, tuberculosis, cancer and bronchitis
 * is one fault on one site, so that the engine holds the whole network.
 */
@OutsideCheck(
        kind = Kind.PUBLISHED,
        source = "Lauritzen and Spiegelhalter, Local computations with probabilities on "
                + "graphical structures, Journal of the Royal Statistical Society B 50, 1988; its tables from memory, the "
                + "posteriors held against an enumeration in exact fractions (P(tub | asia, x-ray) = 2800/8291)")
class ChestClinicTest {
    private static final double TUBERCULOSIS_IN_ASIA = 0.05;

    private final Check<Set<String>> xRay =
            Toy.check("x-ray", 2, 1, BenchNeeds.NOTHING, state -> pair(either(state) ? 0.98 : 0.05));
    private final Check<Set<String>> dyspnoea = Toy.check(
            "dyspnoea",
            2,
            1,
            BenchNeeds.NOTHING,
            state -> pair(either(state) ? has(state, 'b') ? 0.9 : 0.7 : has(state, 'b') ? 0.8 : 0.1));
    private final Diagnosis<Set<String>> diagnosis =
            new Diagnosis<>(new Book<>(faults(), List.of(xRay, dyspnoea)), new Assumptions(0, 1, 1e-300, 0.9));

    private static double[] pair(double yes) {
        return new double[] {1 - yes, yes};
    }

    private static boolean has(Set<String> state, char what) {
        return state.stream().anyMatch(s -> s.indexOf(what) >= 0);
    }

    private static boolean either(Set<String> state) {
        return has(state, 't') || has(state, 'l');
    }

    private static double probability(boolean smokes, boolean tub, boolean lung, boolean bronchitis) {
        return 0.5 * of(tub, TUBERCULOSIS_IN_ASIA) * of(lung, smokes ? 0.1 : 0.01) * of(bronchitis, smokes ? 0.6 : 0.3);
    }

    private static double of(boolean is, double p) {
        return is ? p : 1 - p;
    }

    private static List<Fault<Set<String>>> faults() {
        double nothing = probability(false, false, false, false);
        List<Fault<Set<String>>> faults = new ArrayList<>();
        for (int bits = 1; bits < 16; bits++) {
            boolean s = (bits & 1) != 0;
            boolean t = (bits & 2) != 0;
            boolean l = (bits & 4) != 0;
            boolean b = (bits & 8) != 0;
            String id = (s ? "s" : "") + (t ? "t" : "") + (l ? "l" : "") + (b ? "b" : "");
            faults.add(Toy.fault(id, "patient", id, probability(s, t, l, b) / nothing));
        }
        return faults;
    }

    private static double belief(Posterior<Set<String>> posterior, char what) {
        return posterior.stories().stream()
                .filter(w -> w.hypothesis().faults().stream().anyMatch(f -> f.id().indexOf(what) >= 0))
                .mapToDouble(Posterior.Weighed::belief)
                .sum();
    }

    @Test
    void aPositiveXRayGivesThePrintedPosteriors() {
        Posterior<Set<String>> posterior = diagnosis.posterior(Toy.found(Toy.opened(), xRay, 1));
        assertThat(belief(posterior, 't')).isCloseTo(2800.0 / 8291.0, offset(1e-9));
        assertThat(belief(posterior, 'l')).isCloseTo(0.371487, offset(1e-6));
        assertThat(belief(posterior, 'b')).isCloseTo(0.491102, offset(1e-6));
    }

    @Test
    void dyspnoeaGivesThePrintedPosteriors() {
        Posterior<Set<String>> posterior = diagnosis.posterior(Toy.found(Toy.opened(), dyspnoea, 1));
        assertThat(belief(posterior, 't')).isCloseTo(0.087751, offset(1e-6));
        assertThat(belief(posterior, 'l')).isCloseTo(0.099525, offset(1e-6));
        assertThat(belief(posterior, 'b')).isCloseTo(0.811402, offset(1e-6));
    }
}
