package ablemedic.diagnosis;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.offset;

import ablemedic.diagnosis.Answers.Outcome;
import ablemedic.diagnosis.Answers.Scale;
import ablemedic.diagnosis.Mixture.Share;
import ablemedic.diagnosis.Reading.Chosen;
import ablemedic.diagnosis.Reading.Measured;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;

/** What is guessed of one pad is guessed of the pads that sit like it. */
class CorrelatedAssumptionsTest {
    private static final double[] GUESSED = {0.4, 0.35, 0.25};
    private static final double ALIKE = 0.9;
    private static final Scale OHMS = new Scale("resistance", "ohm", 0, 1e6, 1, List.of(Outcome.written("ol", "OL")));
    private static final List<Distribution> WAYS = List.of(
            new Gaussian(OHMS, 1000, 200, 0.04), new Gaussian(OHMS, 5000, 1000, 0.04), new FixedWord(OHMS, "ol", 0.04));
    private static final Reading OL = Chosen.of("ol");
    private static final Reading READS = new Measured(1050);

    private static final Fault<Set<String>> BROKEN = Toy.fault("broken", "a", "solder", 0.02);
    private static final Fault<Set<String>> ELSEWHERE = Toy.fault("elsewhere", "b", "mend", 0.02);
    /** The pad of one arm, which a break in its wire leaves open, and the same pad of another. */
    private static final Check<Set<String>> HERE = pad("here", "broken");

    private static final Check<Set<String>> THERE = pad("there", "none");
    /** A pad of another sort, of which more is known. */
    private static final Check<Set<String>> OTHER =
            new Toy.Any("other", OHMS, system -> guessed(0.5, 0.25, 0.25), 1, BenchNeeds.NOTHING);

    private static final Diagnosis<Set<String>> DIAGNOSIS = new Diagnosis<>(
            new Book<>(List.of(BROKEN, ELSEWHERE), List.of(HERE, THERE, OTHER)), new Assumptions(0, 1e-9, 1e-9, 0.98));

    private static Check<Set<String>> pad(String id, String opened) {
        return new Toy.Any(
                id, OHMS, system -> system.contains(opened) ? WAYS.get(2) : guessed(GUESSED), 1, BenchNeeds.NOTHING);
    }

    private static Distribution guessed(double... shares) {
        return new Mixture(List.of(
                new Share(shares[0], WAYS.get(0)),
                new Share(shares[1], WAYS.get(1)),
                new Share(shares[2], WAYS.get(2))));
    }

    /** By enumeration of what both pads may be: alike nine times in ten, else each on its own. */
    private static double together(Reading here, Reading there) {
        double sum = 0;
        for (int i = 0; i < GUESSED.length; i++) {
            for (int j = 0; j < GUESSED.length; j++) {
                double both = (i == j ? ALIKE * GUESSED[i] : 0) + (1 - ALIKE) * GUESSED[i] * GUESSED[j];
                sum += both * WAYS.get(i).likelihood(here) * WAYS.get(j).likelihood(there);
            }
        }
        return sum;
    }

    @SafeVarargs
    private static double broken(Map.Entry<Check<Set<String>>, Reading>... found) {
        Case<Set<String>> known = Toy.opened();
        for (Map.Entry<Check<Set<String>>, Reading> each : found) {
            known = known.with(each.getKey(), each.getValue(), Sureness.SURE);
        }
        return DIAGNOSIS.posterior(known).everHeld("broken");
    }

    @Test
    void twoPadsThatSitAlikeAreWeighedByWhatBothMayBe() {
        for (Reading here : List.of(OL, READS)) {
            for (Reading there : List.of(OL, READS)) {
                double soundBoth = together(here, there);
                double openHere =
                        WAYS.get(2).likelihood(here) * guessed(GUESSED).likelihood(there);
                assertThat(broken(Map.entry(HERE, here), Map.entry(THERE, there)))
                        .isCloseTo(openHere / (openHere + soundBoth), offset(1e-6));
            }
        }
    }

    @Test
    void theOrderInWhichTheyAreReadDoesNotMatter() {
        assertThat(broken(Map.entry(HERE, OL), Map.entry(THERE, READS)))
                .isCloseTo(broken(Map.entry(THERE, READS), Map.entry(HERE, OL)), offset(1e-9));
    }

    @Test
    void aSoundArmSaysMoreThanANumber() {
        double alone = broken(Map.entry(HERE, OL));
        assertThat(broken(Map.entry(HERE, OL), Map.entry(THERE, READS)))
                .as("the arm beside it has a pull-down")
                .isGreaterThan(alone + 0.1);
        assertThat(broken(Map.entry(HERE, OL), Map.entry(THERE, OL)))
                .as("boards of this make have none")
                .isLessThan(alone - 0.1);
        assertThat(broken(Map.entry(HERE, OL), Map.entry(OTHER, READS)))
                .as("a pad of another sort says nothing")
                .isCloseTo(alone, offset(1e-9));
    }

    @Test
    void thePlanKnowsWhatTheSoundArmShowed() {
        Case<Set<String>> none = Toy.opened().with(THERE, OL, Sureness.SURE);
        Case<Set<String>> some = Toy.opened().with(THERE, READS, Sureness.SURE);
        assertThat(bits(some))
                .as("where a pull-down is to be expected, OL tells")
                .isGreaterThan(2 * bits(none));
    }

    private static double bits(Case<Set<String>> known) {
        return DIAGNOSIS.planner(DIAGNOSIS.posterior(known)).bits(HERE);
    }
}
