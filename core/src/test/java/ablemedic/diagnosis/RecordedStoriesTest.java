package ablemedic.diagnosis;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.offset;

import ablemedic.catalogue.Text;
import ablemedic.diagnosis.Evidence.Finding;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Stream;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/**
 * What the record has wrong stands outside the number of faults: beliefs are those of plain enumeration of records and
 * faults.
 */
@Tag("thorough")
class RecordedStoriesTest {
    private static final int FAULTS = 4;
    private static final int OUTCOMES = 3;
    private static final double ODDS = 0.004;
    private static final double NOTHING = 0.4;
    private static final double UNKNOWN = 0.01;
    /** Of each site of the record: as required, as recorded, and at one of them right in another way. */
    private static final List<Map<String, Double>> RECORDS =
            List.of(Map.of("", 1.0, "a", 9.0, "other", 0.6), Map.of("", 1.0, "b", 3.0));

    private final long seed;
    private final List<Check<Set<String>>> checks = new ArrayList<>();
    private final Diagnosis<Set<String>> diagnosis;

    RecordedStoriesTest() {
        this.seed = 17;
        List<Fault<Set<String>>> faults = new ArrayList<>(List.of(
                new Kept("a", "site a", 9, false),
                new Kept("other", "site a", 0.6, true),
                new Kept("b", "site b", 3, false)));
        for (int i = 0; i < FAULTS; i++) {
            faults.add(Toy.fault("f" + i, "site" + i, "r" + i, ODDS));
        }
        for (int c = 0; c < 3; c++) {
            int number = c;
            checks.add(Toy.check("c" + c, OUTCOMES, 1, BenchNeeds.NOTHING, state -> answers(number, state)));
        }
        diagnosis = new Diagnosis<>(new Book<>(faults, checks), new Assumptions(1000, NOTHING, UNKNOWN, 0.985));
    }

    /** A fault of the record. */
    private record Kept(String id, String site, double likely, boolean isHarmless) implements Fault<Set<String>> {
        @Override
        public String kind() {
            return "record";
        }

        @Override
        public Text describe(Set<String> sound) {
            return Text.written(id);
        }

        @Override
        public double odds(Occasion occasion) {
            return likely;
        }

        @Override
        public boolean isRecorded() {
            return true;
        }

        @Override
        public Set<String> applyTo(Set<String> system) {
            Set<String> more = new TreeSet<>(system);
            more.add(id);
            return more;
        }

        @Override
        public List<Fix<Set<String>>> fixes(Set<String> sound) {
            return List.of(new Fix<>("fix", "fix " + id, Text.written(id), List.of(), List.of(), 1, state -> {
                Set<String> fewer = new TreeSet<>(state);
                fewer.remove(id);
                return fewer;
            }));
        }
    }

    private double[] answers(int check, Set<String> state) {
        Random random = new Random(
                seed * 31 + check * 7919L + new TreeSet<>(state).toString().hashCode());
        double[] p = new double[OUTCOMES];
        double total = 0;
        for (int o = 0; o < OUTCOMES; o++) {
            p[o] = 0.05 + random.nextDouble();
            total += p[o];
        }
        for (int o = 0; o < OUTCOMES; o++) {
            p[o] /= total;
        }
        return p;
    }

    @ParameterizedTest
    @ValueSource(ints = {0, 1, 2, 5, 9, 13, 26})
    void beliefsAreThoseOfEnumeration(int outcomes) {
        Case<Set<String>> known = Toy.opened();
        for (int c = 0, left = outcomes; c < 3; c++, left /= 3) {
            known = Toy.found(known, checks.get(c), left % 3);
        }
        Map<Set<String>, Double> exact = enumerated(known);
        double all = exact.values().stream().mapToDouble(Double::doubleValue).sum();
        Posterior<Set<String>> posterior = diagnosis.posterior(known);
        for (String id : List.of("a", "b", "other", "f0", "f1", "f2", "f3")) {
            double belief = exact.entrySet().stream()
                            .filter(one -> one.getKey().contains(id))
                            .mapToDouble(Map.Entry::getValue)
                            .sum()
                    / all;
            // Two faults on top of a rarer record are left out; they weigh some 1e-5.
            assertThat(posterior.everHeld(id)).as(id).isCloseTo(belief, offset(2e-4));
        }
    }

    private Map<Set<String>, Double> enumerated(Case<Set<String>> known) {
        Map<Set<String>, Double> weights = new HashMap<>();
        RECORDS.get(0).forEach((first, oneOdds) -> RECORDS.get(1).forEach((other, otherOdds) -> {
            for (int bits = 0; bits < 1 << FAULTS; bits++) {
                Set<String> held = new TreeSet<>(Stream.of(first, other).toList());
                for (int i = 0; i < FAULTS; i++) {
                    if ((bits >> i & 1) == 1) {
                        held.add("f" + i);
                    }
                }
                held.remove("");
                if (Integer.bitCount(bits) <= 2) {
                    boolean nothing = held.stream()
                            .allMatch(one -> one.equals("other") || !one.startsWith("f") && !explains(known, one));
                    weights.put(
                            held,
                            oneOdds
                                    * otherOdds
                                    * Math.pow(ODDS, Integer.bitCount(bits))
                                    * (nothing ? NOTHING : 1)
                                    * likelihood(known, held, 0));
                }
                if (bits == 0) {
                    Set<String> hidden = new TreeSet<>(held);
                    hidden.add("hidden");
                    Set<String> shows = new TreeSet<>(held);
                    shows.add("shows");
                    weights.put(hidden, UNKNOWN / 2 * oneOdds * otherOdds * likelihood(known, held, 0));
                    weights.put(shows, UNKNOWN / 2 * oneOdds * otherOdds * likelihood(known, held, Predictions.ODDLY));
                }
            }
        }));
        return weights;
    }

    private boolean explains(Case<Set<String>> known, String recorded) {
        return known.evidence().stream()
                .map(one -> (Finding<Set<String>>) one)
                .anyMatch(finding -> finding.check().outlook(Set.of(recorded)).likelihood(finding.reading())
                        > 1.5 * finding.check().outlook(Set.of()).likelihood(finding.reading()));
    }

    private double likelihood(Case<Set<String>> known, Set<String> state, double oddly) {
        double p = 1;
        for (Evidence<Set<String>> evidence : known.evidence()) {
            Finding<Set<String>> finding = (Finding<Set<String>>) evidence;
            p *= (1 - oddly) * finding.check().outlook(state).likelihood(finding.reading()) + oddly / OUTCOMES;
        }
        return p;
    }

    @Test
    void whatIsRightInAnotherWayOwesNothing() {
        Posterior<Set<String>> posterior = diagnosis.posterior(Toy.opened());
        assertThat(posterior.suspects())
                .extracting(suspect -> suspect.leading().id())
                .doesNotContain("other");
        assertThat(posterior.everHeld("other")).isGreaterThan(0);
    }

    @Test
    void whatTheComplaintDoesNotConcernStandsApartAndKeepsNobodyFromFlying() {
        Check<Set<String>> flies = Toy.check(
                "flies",
                2,
                1,
                BenchNeeds.NOTHING,
                state -> state.contains("f0") ? new double[] {0.1, 0.9} : new double[] {0.95, 0.05});
        List<Fault<Set<String>>> faults =
                List.of(new Kept("a", "site a", 9, false), Toy.fault("f0", "site0", "r0", 0.02));
        Diagnosis<Set<String>> small = new Diagnosis<>(new Book<>(faults, List.of(flies)), Assumptions.USUAL);
        Case<Set<String>> known = Toy.found(Toy.opened(), flies, 1);
        Posterior<Set<String>> posterior = small.posterior(known);
        assertThat(posterior.apart()).singleElement().satisfies(one -> assertThat(one.belief())
                .isCloseTo(0.9, offset(0.01)));
        assertThat(posterior.suspects())
                .extracting(suspect -> suspect.leading().id())
                .containsExactly("f0");
        Posterior<Set<String>> fixed = small.posterior(Toy.found(
                known.withRepair(faults.get(1), faults.get(1).fixes(Set.of()).get(0)), flies, 0));
        assertThat(fixed.nothingLeft()).isGreaterThan(0.8);
    }
}
