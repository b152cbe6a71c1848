package ablemedic.diagnosis;

import static org.assertj.core.api.Assertions.assertThat;

import ablemedic.testing.OutsideCheck;
import ablemedic.testing.OutsideCheck.Kind;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.function.Function;
import org.junit.jupiter.api.Test;

/**
 * Three multipliers M1, M2, M3 feed two adders A1, A2; inputs 3, 2, 2, 3, 3. The outputs should both be 12; seen are F
 * = 10 and G = 12.
 */
@OutsideCheck(
        kind = Kind.PUBLISHED,
        source = "de Kleer and Williams, Diagnosing multiple faults, Artificial "
                + "Intelligence 32, 1987: the polybox, its minimal candidates and its best first measurement")
class PolyboxTest {
    private static final int VALUES = 25;
    private static final double FAILURE = 0.01;

    private final Check<Set<String>> f = output("F", box -> box.f);
    private final Check<Set<String>> g = output("G", box -> box.g);
    private final Check<Set<String>> x = output("X", box -> box.x);
    private final Check<Set<String>> y = output("Y", box -> box.y);
    private final Check<Set<String>> z = output("Z", box -> box.z);
    private final Book<Set<String>> book = new Book<>(faults(), List.of(f, g, y, z, x));
    private final Diagnosis<Set<String>> diagnosis = new Diagnosis<>(book, new Assumptions(100_000, 1, 1e-12, 0.9));

    /** The values in the box when some components put out a number of their own. */
    private record Box(int x, int y, int z, int f, int g) {
        static Box of(Set<String> broken) {
            int x = forced(broken, "M1", 3 * 2);
            int y = forced(broken, "M2", 2 * 3);
            int z = forced(broken, "M3", 2 * 3);
            return new Box(x, y, z, forced(broken, "A1", x + y), forced(broken, "A2", y + z));
        }

        private static int forced(Set<String> broken, String component, int right) {
            return broken.stream()
                            .filter(b -> b.startsWith(component + "="))
                            .findFirst()
                            .map(b -> Integer.parseInt(b.substring(3)))
                            .orElse(right)
                    % (2 * VALUES);
        }
    }

    private static List<Fault<Set<String>>> faults() {
        List<Fault<Set<String>>> faults = new ArrayList<>();
        for (String component : List.of("M1", "M2", "M3", "A1", "A2")) {
            for (int value = 0; value < VALUES; value++) {
                faults.add(Toy.fault(component + "=" + value, component, component, FAILURE / VALUES));
            }
        }
        return faults;
    }

    private static Check<Set<String>> output(String name, Function<Box, Integer> value) {
        return Toy.check(
                name, 2 * VALUES, 1, BenchNeeds.NOTHING, broken -> Toy.surely(value.apply(Box.of(broken)), 2 * VALUES));
    }

    private Posterior<Set<String>> seen() {
        return diagnosis.posterior(Toy.found(Toy.found(Toy.opened(), f, 10), g, 12));
    }

    @Test
    void theMinimalCandidatesAreThoseOfThePaper() {
        assertThat(seen().minimalExplanations(1e-12))
                .containsExactlyInAnyOrder(Set.of("A1"), Set.of("M1"), Set.of("A2", "M2"), Set.of("M2", "M3"));
    }

    @Test
    void theFirstMeasurementIsAtX() {
        Plan<Set<String>> plan = diagnosis.planner(seen()).plan(BenchState.AT_INTAKE, Set.of("F", "G"));
        assertThat(plan.next().orElseThrow().check()).isSameAs(x);
    }

    @Test
    void measuringXTellsTheTwoSingleFaultsApart() {
        Case<Set<String>> known = Toy.found(Toy.found(Toy.opened(), f, 10), g, 12);
        assertThat(diagnosis.posterior(Toy.found(known, x, 4)).suspects().get(0).remedy())
                .isEqualTo("M1");
        assertThat(diagnosis.posterior(Toy.found(known, x, 6)).suspects().get(0).remedy())
                .isEqualTo("A1");
        assertThat(diagnosis.posterior(Toy.found(known, y, 4)).minimalExplanations(1e-12))
                .containsExactlyInAnyOrder(Set.of("A2", "M2"), Set.of("M2", "M3"));
    }
}
