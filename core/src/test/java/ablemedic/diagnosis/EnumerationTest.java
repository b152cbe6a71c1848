package ablemedic.diagnosis;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.data.Offset.offset;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.TreeSet;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** On small systems drawn at random, the engine agrees with plain enumeration of every story. */
class EnumerationTest {
    /** What is not in the book, and shows in no check or in some. */
    private static final Set<String> HIDDEN = Set.of("hidden");

    private static final List<Set<String>> FOREIGN = List.of(HIDDEN, Set.of("shows"));
    private static final int FAULTS = 6;
    private static final int CHECKS = 4;
    private static final int OUTCOMES = 3;
    private static final double NOTHING = 0.4;
    private static final double UNKNOWN = 0.03;

    /** A random system; every state has its own random answers, so that pairs interact in any way at all. */
    private static final class Drawn {
        final long seed;
        final List<Fault<Set<String>>> faults = new ArrayList<>();
        final List<Check<Set<String>>> checks = new ArrayList<>();
        final double[] odds = new double[FAULTS];
        final Diagnosis<Set<String>> diagnosis;
        Case<Set<String>> known = Toy.opened();

        Drawn(long seed) {
            this.seed = seed;
            Random random = new Random(seed);
            for (int i = 0; i < FAULTS; i++) {
                odds[i] = 0.01 + 0.2 * random.nextDouble();
                // The last two share a site, the first two a remedy.
                faults.add(
                        Toy.fault("f" + i, i >= FAULTS - 2 ? "shared" : "site" + i, i < 2 ? "same" : "r" + i, odds[i]));
            }
            for (int c = 0; c < CHECKS; c++) {
                int number = c;
                checks.add(Toy.check("c" + c, OUTCOMES, 1 + c, BenchNeeds.NOTHING, state -> answers(number, state)));
            }
            diagnosis = new Diagnosis<>(new Book<>(faults, checks), new Assumptions(1000, NOTHING, UNKNOWN, 0.9));
            known = Toy.found(
                    Toy.found(known, checks.get(0), random.nextInt(OUTCOMES)), checks.get(1), random.nextInt(OUTCOMES));
        }

        double[] answers(int check, Set<String> state) {
            Random random = new Random(
                    seed * 31 + check * 7919L + new TreeSet<>(state).toString().hashCode());
            double[] p = new double[OUTCOMES];
            double total = 0;
            for (int o = 0; o < OUTCOMES; o++) {
                p[o] = 0.02 + random.nextDouble();
                total += p[o];
            }
            for (int o = 0; o < OUTCOMES; o++) {
                p[o] /= total;
            }
            return p;
        }

        /** Weight of every story after the findings; the key is what is wrong. */
        Map<Set<String>, Double> enumerate() {
            Map<Set<String>, Double> weights = new HashMap<>();
            weights.put(Set.of(), NOTHING * likelihood(Set.of()));
            FOREIGN.forEach(foreign -> weights.put(foreign, UNKNOWN / 2 * likelihood(foreign)));
            for (int i = 0; i < FAULTS; i++) {
                weights.put(Set.of("f" + i), odds[i] * likelihood(Set.of("f" + i)));
                for (int j = i + 1; j < FAULTS; j++) {
                    if (i != FAULTS - 2) {
                        Set<String> both = Set.of("f" + i, "f" + j);
                        weights.put(both, odds[i] * odds[j] * likelihood(both));
                    }
                }
            }
            double total =
                    weights.values().stream().mapToDouble(Double::doubleValue).sum();
            weights.replaceAll((k, w) -> w / total);
            return weights;
        }

        /** What is not in the book is as if nothing were wrong, and if it shows, sometimes anything. */
        double[] predicted(int check, Set<String> state) {
            if (!FOREIGN.contains(state)) {
                return answers(check, state);
            }
            double[] p = answers(check, Set.of());
            if (state.equals(HIDDEN)) {
                return p;
            }
            for (int o = 0; o < OUTCOMES; o++) {
                p[o] = (1 - Predictions.ODDLY) * p[o] + Predictions.ODDLY / OUTCOMES;
            }
            return p;
        }

        private double likelihood(Set<String> state) {
            double p = 1;
            for (Evidence<Set<String>> evidence : known.evidence()) {
                var finding = (Evidence.Finding<Set<String>>) evidence;
                int check = checks.indexOf(finding.check());
                int outcome = Integer.parseInt(
                        ((Reading.Chosen) finding.reading()).outcomes().get("seen"));
                p *= predicted(check, state)[outcome];
            }
            return p;
        }
    }

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12})
    void beliefsAreThoseOfEnumeration(long seed) {
        Drawn drawn = new Drawn(seed);
        Map<Set<String>, Double> exact = drawn.enumerate();
        Posterior<Set<String>> posterior = drawn.diagnosis.posterior(drawn.known);
        for (int i = 0; i < FAULTS; i++) {
            String id = "f" + i;
            double belief = exact.entrySet().stream()
                    .filter(e -> e.getKey().contains(id))
                    .mapToDouble(Map.Entry::getValue)
                    .sum();
            assertThat(posterior.everHeld(id)).isCloseTo(belief, offset(1e-12));
        }
        assertThat(posterior.notInBook())
                .isCloseTo(FOREIGN.stream().mapToDouble(exact::get).sum(), offset(1e-12));
        assertThat(posterior.nothingLeft()).isCloseTo(exact.get(Set.<String>of()), offset(1e-12));
    }

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12})
    void theReasonsOfASuspectMultiplyToItsOdds(long seed) {
        Drawn drawn = new Drawn(seed);
        Posterior<Set<String>> posterior = drawn.diagnosis.posterior(drawn.known);
        for (Suspect<Set<String>> suspect : posterior.suspects()) {
            assertThat(posterior.why(suspect.remedy()).odds())
                    .isCloseTo(suspect.belief() / (1 - suspect.belief()), offset(1e-9));
        }
    }

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12})
    void theInformationOfACheckIsTheMutualInformationWithTheRemediesThatExplainSomething(long seed) {
        Drawn drawn = new Drawn(seed);
        Map<Set<String>, Double> exact = drawn.enumerate();
        Plan<Set<String>> plan =
                drawn.diagnosis.planner(drawn.diagnosis.posterior(drawn.known)).plan(BenchState.AT_INTAKE, List.of());
        for (Plan.Step<Set<String>> step : plan.steps()) {
            int check = drawn.checks.indexOf(step.check());
            assertThat(step.bits()).isCloseTo(mutualInformation(drawn, exact, check), offset(1e-5));
            assertThat(step.bitsPerMinute()).isCloseTo(step.bits() / (1 + check), offset(1e-12));
        }
    }

    private static double mutualInformation(Drawn drawn, Map<Set<String>, Double> exact, int check) {
        Map<String, double[]> joint = new HashMap<>();
        double[] marginal = new double[OUTCOMES];
        Set<String> explaining = explaining(drawn);
        exact.forEach((state, weight) -> {
            String owed = FOREIGN.contains(state)
                    ? "?"
                    : new TreeSet<>(state.stream()
                                    .map(EnumerationTest::remedy)
                                    .filter(explaining::contains)
                                    .toList())
                            .toString();
            for (int o = 0; o < OUTCOMES; o++) {
                double p = weight * drawn.predicted(check, state)[o];
                joint.computeIfAbsent(owed, k -> new double[OUTCOMES])[o] += p;
                marginal[o] += p;
            }
        });
        double bits = 0;
        for (double[] row : joint.values()) {
            double weight = row[0] + row[1] + row[2];
            for (int o = 0; o < OUTCOMES; o++) {
                bits += row[o] * Math.log(row[o] / (weight * marginal[o])) / Math.log(2);
            }
        }
        return bits;
    }

    private static String remedy(String fault) {
        return fault.equals("f0") || fault.equals("f1") ? "same" : fault;
    }

    /** Remedies of faults that make a finding half as likely again as a sound system does; all where none does. */
    private static Set<String> explaining(Drawn drawn) {
        Set<String> all = new TreeSet<>();
        Set<String> explaining = new TreeSet<>();
        for (int i = 0; i < FAULTS; i++) {
            all.add(remedy("f" + i));
            for (Evidence<Set<String>> evidence : drawn.known.evidence()) {
                var finding = (Evidence.Finding<Set<String>>) evidence;
                int check = drawn.checks.indexOf(finding.check());
                int outcome = Integer.parseInt(
                        ((Reading.Chosen) finding.reading()).outcomes().get("seen"));
                if (drawn.answers(check, Set.of("f" + i))[outcome] > 1.5 * drawn.answers(check, Set.of())[outcome]) {
                    explaining.add(remedy("f" + i));
                }
            }
        }
        return explaining.isEmpty() ? all : explaining;
    }

    @ParameterizedTest
    @ValueSource(longs = {3, 4, 5})
    void theSameCaseGivesTheSameStandingAndPlan(long seed) {
        Drawn one = new Drawn(seed);
        Drawn other = new Drawn(seed);
        assertThat(one.diagnosis.posterior(one.known).suspects().stream().map(Suspect::belief))
                .containsExactlyElementsOf(other.diagnosis.posterior(other.known).suspects().stream()
                        .map(Suspect::belief)
                        .toList());
        assertThat(plan(one)).isNotEmpty().isEqualTo(plan(other));
    }

    private static List<String> plan(Drawn drawn) {
        return drawn
                .diagnosis
                .planner(drawn.diagnosis.posterior(drawn.known))
                .plan(BenchState.AT_INTAKE, List.of())
                .steps()
                .stream()
                .map(step -> step.check().id() + " " + step.bits() + " " + step.minutes())
                .toList();
    }
}
