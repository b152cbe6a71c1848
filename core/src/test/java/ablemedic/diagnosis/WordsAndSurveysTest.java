package ablemedic.diagnosis;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import ablemedic.catalogue.Text;
import ablemedic.diagnosis.Answers.Outcome;
import ablemedic.diagnosis.Answers.Scale;
import ablemedic.diagnosis.Reading.Chosen;
import ablemedic.diagnosis.Reading.Measured;
import ablemedic.simulation.SimulatedTechnician;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Scales with words and over decades, families of checks, and numbers told along with an answer. */
class WordsAndSurveysTest {
    private final List<Outcome> words = List.of(Outcome.written("ol", "OL"), Outcome.written("climbing", "climbing"));
    private final Scale ohms = new Scale("resistance", "ohm", 0, 1e6, 0.5, words);
    private final Scale even = new Scale("length", "m", -1, 3);

    @Test
    void aBlindGuessIsSpreadEvenlyByRatioOverTheDecades() {
        double decade = ohms.below(1e5) - ohms.below(1e4);
        assertThat(ohms.below(1e4) - ohms.below(1e3)).isCloseTo(decade, within(1e-4));
        assertThat(ohms.below(0)).isZero();
        assertThat(ohms.below(1e6)).isEqualTo(1);
        assertThat(even.below(1)).isEqualTo(0.5);
    }

    @ParameterizedTest
    @ValueSource(doubles = {0.01, 0.2, 0.5, 0.77, 0.99})
    void theValueAtAShareHasThatShareBelowIt(double share) {
        assertThat(ohms.below(ohms.at(share))).isCloseTo(share, within(1e-9));
        assertThat(even.below(even.at(share))).isCloseTo(share, within(1e-12));
    }

    @Test
    void theDensityIsTheSlopeOfTheShare() {
        for (double x : new double[] {0.1, 1, 40, 3000, 2e5}) {
            double step = x * 1e-5;
            assertThat(ohms.density(x))
                    .isCloseTo(
                            (ohms.below(x + step) - ohms.below(x - step)) / (2 * step), within(1e-4 * ohms.density(x)));
        }
    }

    @Test
    void everyOutlookOnAScaleWithWordsIsOneInAll() {
        List<Distribution> outlooks = List.of(
                new Gaussian(ohms, 0.3, 0.1, 0.02),
                new Gaussian(ohms, 12_000, 3_000, 0.05),
                new FixedWord(ohms, "ol", 0.02),
                new FixedWord(ohms, "climbing", 0.3),
                Distribution.broad(ohms),
                new Gaussian(ohms, 0.3, 0.1, 0.02).loosened(0.2),
                new FixedWord(ohms, "ol", 0.02).loosened(0.2));
        Discretisation cells = Discretisation.of(ohms, outlooks);
        for (Distribution outlook : outlooks) {
            double[] p = cells.probabilities(outlook);
            assertThat(Arrays.stream(p).sum()).isCloseTo(1, within(1e-9));
            assertThat(Arrays.stream(p).min().orElseThrow()).isGreaterThanOrEqualTo(-1e-12);
            assertThat(p[p.length - 2]).isCloseTo(outlook.likelihood(Chosen.of("ol")), within(1e-12));
        }
    }

    @Test
    void aWordSpeaksForItselfAndABlunderForAnything() {
        FixedWord open = new FixedWord(ohms, "ol", 0.02);
        assertThat(open.likelihood(Chosen.of("ol"))).isCloseTo(0.985, within(1e-9));
        assertThat(open.likelihood(Chosen.of("climbing"))).isCloseTo(0.005, within(1e-9));
        assertThat(open.likelihood(new Measured(0.3))).isPositive().isLessThan(0.02);
        assertThat(new Gaussian(ohms, 0.3, 0.1, 0.02).likelihood(Chosen.of("ol")))
                .isCloseTo(0.005, within(1e-9));
    }

    @Test
    void aWordThatTheScaleDoesNotHaveIsRefused() {
        assertThatIllegalArgumentException().isThrownBy(() -> new FixedWord(ohms, "beep", 0.1));
        assertThatIllegalArgumentException()
                .isThrownBy(() -> new Gaussian(ohms, 1, 1, 0.1).likelihood(Chosen.of("beep")));
        assertThatIllegalArgumentException()
                .isThrownBy(() -> new Gaussian(even, 1, 1, 0.1).likelihood(Chosen.of("ol")));
        assertThatIllegalArgumentException().isThrownBy(() -> new Scale("x", "", 0, 1, 0, List.of()));
    }

    @Test
    void cellsPartPredictionsWhereTheyAreEquallyFarInTheirOwnSpreads() {
        List<Distribution> two = List.of(new Gaussian(ohms, 1, 0.1, 0), new Gaussian(ohms, 100, 20, 0));
        Discretisation cells = Discretisation.of(ohms, two);
        assertThat(Arrays.stream(cells.probabilities(two.get(0))).max().orElseThrow())
                .isGreaterThan(0.95);
        assertThat(Arrays.stream(cells.probabilities(two.get(1))).max().orElseThrow())
                .isGreaterThan(0.95);
    }

    /** A meter over a chain of four fuses, between any two of five points. */
    private static final class Chain implements Survey<Set<String>> {
        private final Scale scale;
        private final List<String> offered = new ArrayList<>();

        Chain(Scale scale) {
            this.scale = scale;
        }

        private Check<Set<String>> between(int from, int to) {
            return new Check<>() {
                @Override
                public String id() {
                    return "between " + from + " " + to;
                }

                @Override
                public String kind() {
                    return "toy";
                }

                @Override
                public Text title(Set<String> sound) {
                    return Text.written(id());
                }

                @Override
                public List<Text> steps(Set<String> sound) {
                    return List.of(Text.written(id()));
                }

                @Override
                public Answers answers() {
                    return scale;
                }

                @Override
                public Distribution outlook(Set<String> system) {
                    boolean open =
                            java.util.stream.IntStream.range(from, to).anyMatch(i -> system.contains("fuse" + i));
                    return open ? new FixedWord(scale, "ol", 0.01) : new Gaussian(scale, 0.3, 0.1, 0.01);
                }

                @Override
                public double minutes() {
                    return 1;
                }

                @Override
                public double risk() {
                    return 0;
                }

                @Override
                public BenchNeeds needs() {
                    return BenchNeeds.NOTHING;
                }
            };
        }

        @Override
        public Optional<Check<Set<String>>> check(String id) {
            String[] parts = id.split(" ");
            return parts.length == 3 && parts[0].equals("between")
                    ? Optional.of(between(Integer.parseInt(parts[1]), Integer.parseInt(parts[2])))
                    : Optional.empty();
        }

        @Override
        public List<Check<Set<String>>> promising(List<Story<Set<String>>> stories) {
            List<Check<Set<String>>> all = new ArrayList<>();
            for (int from = 0; from < 4; from++) {
                for (int to = from + 1; to <= 4; to++) {
                    all.add(between(from, to));
                    offered.add(from + "-" + to);
                }
            }
            return all;
        }
    }

    @Test
    void aSurveysChecksAreWeighedBesideThoseOfTheBookAndFoundByTheirIds() {
        Chain chain = new Chain(ohms);
        List<Fault<Set<String>>> fuses = new ArrayList<>();
        for (int i = 0; i < 4; i++) {
            fuses.add(Toy.fault("fuse" + i, "fuse" + i, "fuse" + i, 0.05));
        }
        Book<Set<String>> book = new Book<>(fuses, List.of(), List.of(chain));
        Diagnosis<Set<String>> diagnosis = new Diagnosis<>(book, new Assumptions(0, 0.001, 0.001, 0.9));
        Case<Set<String>> known =
                Toy.opened().with(book.check("between 0 4").orElseThrow(), Chosen.of("ol"), Sureness.SURE);
        Planner<Set<String>> planner = diagnosis.planner(diagnosis.posterior(known));
        assertThat(planner.plan(BenchState.AT_INTAKE, Set.of())
                        .next()
                        .orElseThrow()
                        .check()
                        .id())
                .isIn("between 0 2", "between 2 4");
        int asked = chain.offered.size();
        planner.lookAhead(BenchState.AT_INTAKE, Set.of(), 3);
        assertThat(chain.offered).as("a planner asks its surveys once").hasSize(asked);
        assertThat(book.check("between 1 3")).isPresent();
        assertThat(book.check("elsewhere")).isEmpty();
    }

    @Test
    void twoBooksMakeOneThatHoldsBoth() {
        Book<Set<String>> one = new Book<>(List.of(Toy.fault("a", "a", "a", 0.1)), List.of());
        Book<Set<String>> other =
                new Book<>(List.of(Toy.fault("b", "b", "b", 0.1)), List.of(), List.of(new Chain(ohms)));
        Book<Set<String>> both = one.and(other);
        assertThat(both.faults()).extracting(Fault::id).containsExactly("a", "b");
        assertThat(both.surveys()).hasSize(1);
        assertThatIllegalArgumentException()
                .isThrownBy(() -> one.and(one))
                .withMessageContaining("two entries named fault a");
    }

    @Test
    void aBystanderIsNotAskedAfterUntilSomethingPointsToIt() {
        Check<Set<String>> seesA = Toy.check(
                "sees-a",
                2,
                1,
                BenchNeeds.NOTHING,
                system -> system.contains("a") ? new double[] {0.1, 0.9} : new double[] {0.9, 0.1});
        Check<Set<String>> splitsA = Toy.check(
                "splits-a",
                2,
                1,
                BenchNeeds.NOTHING,
                system -> system.contains("a") ? new double[] {0.05, 0.95} : new double[] {0.95, 0.05});
        Check<Set<String>> seesB = Toy.check(
                "sees-b",
                2,
                0.1,
                BenchNeeds.NOTHING,
                system -> system.contains("b") ? new double[] {0, 1} : new double[] {1, 0});
        Diagnosis<Set<String>> diagnosis = new Diagnosis<>(
                new Book<>(
                        List.of(Toy.fault("a", "a", "a", 0.2), Toy.fault("b", "b", "b", 0.9)),
                        List.of(seesA, splitsA, seesB)),
                new Assumptions(10, 1, 0.01, 0.99));
        Posterior<Set<String>> nothing = diagnosis.posterior(Toy.opened());
        assertThat(nothing.explaining()).containsExactlyInAnyOrder("a", "b");
        Posterior<Set<String>> posterior = diagnosis.posterior(Toy.found(Toy.opened(), seesA, 1));
        assertThat(posterior.explaining()).containsExactly("a");
        assertThat(diagnosis
                        .planner(posterior)
                        .plan(BenchState.AT_INTAKE, Set.of("sees-a"))
                        .next()
                        .orElseThrow()
                        .check()
                        .id())
                .isEqualTo("splits-a");
    }

    @Test
    void aProofOfANumberAcceptsAWordWhereTheSoundSystemGivesOne() {
        Chain chain = new Chain(ohms);
        Check<Set<String>> whole = chain.check("between 0 4").orElseThrow();
        assertThat(Proof.asExpected(whole, new Measured(0.35), Set.of())).isTrue();
        assertThat(Proof.asExpected(whole, new Measured(5), Set.of())).isFalse();
        assertThat(Proof.asExpected(whole, Chosen.of("ol"), Set.of())).isFalse();
        assertThat(Proof.asExpected(whole, Chosen.of("ol"), Set.of("fuse1"))).isTrue();
        assertThat(Proof.expected(whole, Set.of("fuse1")).plain()).isEqualTo("OL");
    }

    @Test
    void aCheckThatAsksForNoNumberTakesNone() {
        Check<Set<String>> plain = Toy.check("plain", 2, 1, BenchNeeds.NOTHING, s -> new double[] {1, 0});
        assertThat(plain.toTell()).isEmpty();
        assertThat(plain.key()).isEqualTo(plain.id());
        assertThatExceptionOfType(IllegalStateException.class)
                .isThrownBy(() -> plain.told(3))
                .withMessageContaining("plain");
    }

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6})
    void aSimulatedTechnicianReadsWordsAndNumbersAsTheyAreLikely(long seed) {
        Chain chain = new Chain(ohms);
        List<Fault<Set<String>>> fuses = new ArrayList<>();
        for (int i = 0; i < 4; i++) {
            fuses.add(Toy.fault("fuse" + i, "fuse" + i, "fuse" + i, 0.05));
        }
        Book<Set<String>> book = new Book<>(fuses, List.of(), List.of(chain));
        Diagnosis<Set<String>> diagnosis = new Diagnosis<>(book, new Assumptions(10, 0.01, 0.001, 0.9));
        Check<Set<String>> whole = book.check("between 0 4").orElseThrow();
        int which = new Random(seed).nextInt(4);
        var walk = new SimulatedTechnician<>(diagnosis, whole, whole)
                .workUp(
                        Set.of(),
                        List.of(fuses.get(which)),
                        Occasion.NOTHING_KNOWN,
                        SimulatedTechnician.Habit.PLAN,
                        seed);
        assertThat(walk.solved()).as(walk.toString()).isTrue();
        assertThat(walk.checks()).isLessThanOrEqualTo(6);
    }
}
