package ablemedic.diagnosis;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;
import static org.assertj.core.api.Assertions.within;

import ablemedic.catalogue.Text;
import ablemedic.diagnosis.Answers.Choices;
import ablemedic.diagnosis.Answers.Item;
import ablemedic.diagnosis.Answers.Mixed;
import ablemedic.diagnosis.Answers.Outcome;
import ablemedic.diagnosis.Answers.Scale;
import ablemedic.diagnosis.Joint.Branch;
import ablemedic.diagnosis.Reading.Chosen;
import ablemedic.diagnosis.Reading.Measured;
import ablemedic.diagnosis.Reading.Several;
import ablemedic.simulation.SimulatedTechnician;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** A check that asks what it did and after how many seconds: words and numbers in one answer. */
class MixedAnswersTest {
    private static final Item DID = Item.of(
            "did",
            Text.written("What did it do?"),
            List.of(Outcome.written("drops", "drops"), Outcome.written("holds", "holds its course")));
    private static final Scale SECONDS = new Scale(
            "seconds until it did", "s", 0, 30, Double.POSITIVE_INFINITY, List.of(Outcome.written("never", "never")));
    private static final Mixed ANSWERS = new Mixed(List.of(DID, new Item("after", SECONDS)));

    /** Either it drops after about a second, or it holds and nothing ever comes. */
    private static Joint outlook(double drops) {
        return new Joint(
                ANSWERS,
                List.of(
                        new Branch(drops, List.of(did(0.95), new Gaussian(SECONDS, 1, 0.3, 0.04))),
                        new Branch(1 - drops, List.of(did(0.05), new FixedWord(SECONDS, "never", 0.04)))));
    }

    private static Categorical did(double drops) {
        return Categorical.of((Choices) DID.form(), drops, 1 - drops);
    }

    private static Several said(Map<String, Reading> parts) {
        return new Several(parts);
    }

    private static Reading chose(String outcome) {
        return new Chosen(Map.of("did", outcome));
    }

    private static Check<Set<String>> loss(Function<Set<String>, Distribution> predicting) {
        return new Toy.Any("loss", ANSWERS, predicting, 1, BenchNeeds.NOTHING);
    }

    @Test
    void theAnswersHangTogetherOverTheWaysItCanGo() {
        Joint half = outlook(0.5);
        double dropped = half.likelihood(said(Map.of("did", chose("drops"))));
        double soon = half.likelihood(said(Map.of("after", new Measured(1))));
        double both = half.likelihood(said(Map.of("did", chose("drops"), "after", new Measured(1))));
        assertThat(dropped).isCloseTo(0.5 * 0.95 + 0.5 * 0.05, within(1e-12));
        assertThat(both).as("more than if they were independent").isGreaterThan(1.8 * dropped * soon);
        assertThat(half.likelihood(said(Map.of())))
                .as("nothing answered says nothing")
                .isCloseTo(1, within(1e-12));
    }

    @ParameterizedTest
    @ValueSource(doubles = {0, 0.2, 0.5, 1})
    void allAnswersTogetherAreCertainHoweverLoosened(double share) {
        Distribution loose = outlook(0.7).loosened(share);
        double sum = 0;
        double step = 0.01;
        for (String did : List.of("drops", "holds")) {
            sum += loose.likelihood(said(Map.of("did", chose(did), "after", Chosen.of("never"))));
            for (double s = step / 2; s < 30; s += step) {
                sum += step * loose.likelihood(said(Map.of("did", chose(did), "after", new Measured(s))));
            }
        }
        assertThat(sum).isCloseTo(1, within(0.002));
    }

    @ParameterizedTest
    @ValueSource(doubles = {0.1, 0.5, 0.9})
    void itsCellsAreCertainTogetherAndHoldWhatSamplingFinds(double drops) {
        Joint outlook = outlook(drops);
        Discretisation cells = Discretisation.of(ANSWERS, List.of(outlook, outlook(0.3)));
        double[] p = cells.probabilities(outlook);
        assertThat(Arrays.stream(p).sum()).isCloseTo(1, within(1e-9));
        assertThat(Arrays.stream(p).min().orElseThrow()).isNotNegative();
        int perOutcome = cells.count() / 2;
        assertThat(Arrays.stream(p, 0, perOutcome).sum())
                .as("the first half of the cells is the first outcome")
                .isCloseTo(drops * 0.95 + (1 - drops) * 0.05, within(1e-9));
    }

    @Test
    void aFindingOfWordsAndNumbersIsWeighedByBayesByHand() {
        Check<Set<String>> check = loss(system -> outlook(system.contains("no stage") ? 0.1 : 0.9));
        Book<Set<String>> book = new Book<>(
                List.of(Toy.fault("no stage", "no stage", "stage", 0.02), Toy.fault("else", "else", "else", 0.02)),
                List.of(check));
        Reading reading = said(Map.of("did", chose("holds"), "after", Chosen.of("never")));
        Diagnosis<Set<String>> diagnosis = new Diagnosis<>(book, Assumptions.USUAL);
        Case<Set<String>> nothing = new Case<>(Set.of(), Occasion.NOTHING_KNOWN, List.of(), List.of());
        double before = ratio(diagnosis.posterior(nothing));
        double after = ratio(diagnosis.posterior(nothing.with(check, reading, Sureness.SURE)));
        double broad = Distribution.broad(ANSWERS).likelihood(reading);
        double by = Sureness.SURE.temper(outlook(0.1).likelihood(reading), broad)
                / Sureness.SURE.temper(outlook(0.9).likelihood(reading), broad);
        assertThat(by).as("it tells").isGreaterThan(3);
        assertThat(after / before)
                .as("but for the pairs, in which both are held")
                .isBetween(0.8 * by, by);
    }

    private static double ratio(Posterior<Set<String>> posterior) {
        return posterior.everHeld("no stage") / posterior.everHeld("else");
    }

    @Test
    void aReadingIsAsExpectedWhenEachAnswerIsAndNotWhenOneIsOff() {
        Check<Set<String>> check = loss(system -> outlook(0.9));
        assertThat(Proof.asExpected(check, said(Map.of("did", chose("drops"), "after", new Measured(1.2))), Set.of()))
                .isTrue();
        assertThat(Proof.asExpected(check, said(Map.of("did", chose("drops"), "after", new Measured(9))), Set.of()))
                .isFalse();
        assertThat(Proof.asExpected(check, said(Map.of("did", chose("holds"))), Set.of()))
                .isFalse();
        assertThat(Proof.expected(check, Set.of()).plain()).isEqualTo("drops, 1.00 s");
    }

    @Test
    void theSimulatedTechnicianAnswersAsOftenAsIsLikely() {
        Check<Set<String>> complaint = loss(system -> outlook(system.contains("no stage") ? 0.1 : 0.9));
        Check<Set<String>> flight = Toy.check(
                "flight",
                2,
                1,
                BenchNeeds.NOTHING,
                system -> system.isEmpty() ? new double[] {0.95, 0.05} : new double[] {0.05, 0.95});
        Book<Set<String>> book = new Book<>(
                List.of(Toy.fault("no stage", "no stage", "stage", 0.02), Toy.fault("else", "else", "else", 0.02)),
                List.of(complaint, flight));
        SimulatedTechnician<Set<String>> technician =
                new SimulatedTechnician<>(new Diagnosis<>(book, Assumptions.USUAL), complaint, flight);
        int solved = 0;
        for (long seed = 0; seed < 20; seed++) {
            solved += technician
                            .workUp(
                                    Set.of(),
                                    List.of(book.faults().get(0)),
                                    Occasion.NOTHING_KNOWN,
                                    SimulatedTechnician.Habit.PLAN,
                                    seed)
                            .solved()
                    ? 1
                    : 0;
        }
        assertThat(solved).isGreaterThan(15);
    }

    @Test
    void whatIsNoAnswerIsRefusedWithTheQuestion() {
        Joint outlook = outlook(0.5);
        assertThatExceptionOfType(IllegalArgumentException.class)
                .isThrownBy(() -> outlook.likelihood(said(Map.of("colour", chose("drops")))))
                .withMessageContaining("colour");
        assertThatExceptionOfType(IllegalArgumentException.class)
                .isThrownBy(() -> outlook.likelihood(chose("drops")))
                .withMessageContaining("several");
        assertThatExceptionOfType(IllegalArgumentException.class)
                .isThrownBy(() -> outlook.likelihood(said(Map.of("after", Chosen.of("soon")))));
        assertThatExceptionOfType(IllegalArgumentException.class)
                .isThrownBy(() -> new Mixed(List.of(new Item("inner", ANSWERS))))
                .withMessageContaining("inner");
        assertThatExceptionOfType(IllegalArgumentException.class).isThrownBy(() -> new Mixed(List.of()));
        assertThatExceptionOfType(IllegalArgumentException.class)
                .isThrownBy(() -> Joint.of(ANSWERS, did(0.5)))
                .withMessageContaining("2 questions");
    }

    @Test
    void waysWithTheSameProbabilitiesAreTheSame() {
        assertThat(did(0.3)).isEqualTo(did(0.3)).hasSameHashCodeAs(did(0.3)).isNotEqualTo(did(0.4));
        assertThat(outlook(0.3)).isEqualTo(outlook(0.3)).isNotEqualTo(outlook(0.4));
    }
}
