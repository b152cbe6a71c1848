package ablemedic.diagnosis;

import static org.assertj.core.api.Assertions.assertThat;

import ablemedic.catalogue.Text;
import ablemedic.simulation.SimulatedTechnician;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;

/** Two faults, a check for each, and a flight that fails while either is there. */
class RepairTest {
    private final Fault<Set<String>> a = Toy.fault("a", "a", "fix a", 0.02);
    private final Fault<Set<String>> b = Toy.fault("b", "b", "fix b", 0.02);
    private final Check<Set<String>> seesA = seeing("sees-a", "a");
    private final Check<Set<String>> seesB = seeing("sees-b", "b");
    private final Check<Set<String>> flight = Toy.check(
            "flight",
            2,
            3,
            BenchNeeds.NOTHING,
            state -> state.isEmpty() ? new double[] {0.02, 0.98} : new double[] {0.97, 0.03});
    private final Book<Set<String>> book = new Book<>(List.of(a, b), List.of(seesA, seesB, flight));
    private final Diagnosis<Set<String>> diagnosis = new Diagnosis<>(book, Assumptions.USUAL);

    private static Check<Set<String>> seeing(String id, String what) {
        return Toy.check(
                id,
                2,
                1,
                BenchNeeds.NOTHING,
                state -> state.contains(what) ? new double[] {0.95, 0.05} : new double[] {0.05, 0.95});
    }

    private Case<Set<String>> aFixed() {
        Case<Set<String>> seen = Toy.found(Toy.found(Toy.opened(), flight, 0), seesA, 0);
        return seen.withRepair(a, a.fixes(Set.of()).get(0));
    }

    @Test
    void aFixThatHelpsLeavesNothingToSuspect() {
        Posterior<Set<String>> posterior = diagnosis.posterior(Toy.found(aFixed(), flight, 1));
        assertThat(posterior.nothingLeft()).isGreaterThan(0.9);
        assertThat(posterior.suspects().stream().filter(s -> s.remedy().equals("fix a")))
                .isEmpty();
        assertThat(posterior.everHeld("a")).isGreaterThan(0.9);
    }

    @Test
    void oneCaseReadTwiceIsOneStandingThoughItsFixesWereWorkedOutAnew() {
        Case<Set<String>> fixed = Toy.found(aFixed(), flight, 0);
        assertThat(diagnosis.posterior(Toy.found(aFixed(), flight, 0))).isSameAs(diagnosis.posterior(fixed));
        Fix<Set<String>> fix = a.fixes(Set.of()).get(0);
        Fix<Set<String>> another = new Fix<>(
                fix.id(),
                fix.remedy(),
                fix.title(),
                fix.steps(),
                List.of(new Fix.Value("ratio", "10", "11")),
                fix.minutes(),
                fix.effect());
        assertThat(new Repair<>(a, another)).as("another value").isNotEqualTo(new Repair<>(a, fix));
    }

    @Test
    void aComplaintThatPersistsReopensTheRestWithWhatWasLearnt() {
        Posterior<Set<String>> before = diagnosis.posterior(aFixed());
        Posterior<Set<String>> posterior = diagnosis.posterior(Toy.found(aFixed(), flight, 0));
        assertThat(posterior.suspects().get(0).remedy()).isEqualTo("fix b");
        assertThat(posterior.suspects().get(0).belief())
                .isGreaterThan(3 * before.suspects().get(0).belief());
    }

    @Test
    void findingsFromBeforeAFixDoNotSpeakForTheStateAfterIt() {
        Posterior<Set<String>> once = diagnosis.posterior(Toy.found(aFixed(), seesA, 1));
        assertThat(once.everHeld("a")).as("it was there, and is gone").isGreaterThan(0.8);
    }

    @Test
    void theProofRepeatsWhatHadShownTheFaultAndEndsWithTheFlight() {
        Case<Set<String>> fixed = aFixed();
        Proof<Set<String>> proof = Proof.of(fixed, book, List.of(flight), BeforeFlight.nothing(flight));
        assertThat(proof.tests().stream().map(t -> t.check().id())).containsExactly("sees-a", "flight");
        assertThat(proof.passes()).isFalse();
        Proof<Set<String>> half =
                Proof.of(Toy.found(fixed, seesA, 1), book, List.of(flight), BeforeFlight.nothing(flight));
        assertThat(half.next().orElseThrow().check()).isSameAs(flight);
        assertThat(Proof.of(
                                Toy.found(Toy.found(fixed, seesA, 1), flight, 1),
                                book,
                                List.of(flight),
                                BeforeFlight.nothing(flight))
                        .passes())
                .isTrue();
        assertThat(Proof.of(
                                Toy.found(Toy.found(fixed, seesA, 1), flight, 0),
                                book,
                                List.of(flight),
                                BeforeFlight.nothing(flight))
                        .passes())
                .isFalse();
        assertThat(Proof.of(Toy.opened(), book, List.of(flight), BeforeFlight.nothing(flight))
                        .passes())
                .as("nothing fixed, nothing proven")
                .isFalse();
    }

    @Test
    void anOpinionShiftsTheOddsByItsRatio() {
        Case<Set<String>> known = Toy.found(Toy.opened(), flight, 0);
        double before = diagnosis.posterior(known).everHeld("b");
        double after = diagnosis
                .posterior(known.withEvidence(new Evidence.Opinion<>("b", 5, List.of())))
                .everHeld("b");
        assertThat(after / (1 - after)).isCloseTo(5 * before / (1 - before), org.assertj.core.data.Offset.offset(1e-9));
    }

    @Test
    void doubtThinsAFindingTowardsABlindGuess() {
        double sure = diagnosis
                .posterior(Toy.opened().with(seesA, Reading.Chosen.of("0"), Sureness.SURE))
                .everHeld("a");
        double doubtful = diagnosis
                .posterior(Toy.opened().with(seesA, Reading.Chosen.of("0"), Sureness.DOUBTFUL))
                .everHeld("a");
        double nothing = diagnosis.posterior(Toy.opened()).everHeld("a");
        assertThat(doubtful).isBetween(nothing, sure);
    }

    @Test
    void aSimulatedTechnicianFindsBothFaultsAndTheSameSeedGivesTheSameWalk() {
        var technician = new SimulatedTechnician<>(diagnosis, flight, flight);
        var walk =
                technician.workUp(Set.of(), List.of(a, b), Occasion.NOTHING_KNOWN, SimulatedTechnician.Habit.PLAN, 5);
        assertThat(walk)
                .isEqualTo(technician.workUp(
                        Set.of(), List.of(a, b), Occasion.NOTHING_KNOWN, SimulatedTechnician.Habit.PLAN, 5));
        assertThat(walk.solved()).isTrue();
        assertThat(walk.fixes()).isGreaterThanOrEqualTo(2);
    }

    /** A craft of which a joint or a setting can be wrong; it is flown after its motors were seen in full. */
    private static final class Bench {
        final Fault<Set<String>> joint = Toy.fault("joint", "joint", "solder", 1);
        final Fault<Set<String>> setting = Toy.fault("setting", "setting", "enter", 1);
        final Check<Set<String>> motors = new Toy.Any(
                "motors",
                new Answers.Mixed(List.of(item("one"), item("two"))),
                system -> Joint.of(
                        new Answers.Mixed(List.of(item("one"), item("two"))),
                        ways("one", true),
                        ways("two", !system.contains("joint"))),
                1,
                BenchNeeds.NOTHING,
                Facet.of("joint", system -> system.contains("joint")));
        final Check<Set<String>> flight =
                Toy.check("flight", 2, 1, BenchNeeds.NOTHING, system -> Toy.surely(system.isEmpty() ? 1 : 0, 2));
        final BeforeFlight<Set<String>> before = new BeforeFlight<>(
                flight,
                List.of(motors),
                repair -> repair.fault().id().equals("joint"),
                finding -> finding.check().id().equals("flight")
                        && finding.reading().equals(Reading.Chosen.of("0")));

        static Answers.Item item(String id) {
            return Answers.Item.of(
                    id,
                    Text.written(id),
                    List.of(Answers.Outcome.written("dead", "dead"), Answers.Outcome.written("turns", "turns")));
        }

        static Distribution ways(String id, boolean turns) {
            return Categorical.of((Answers.Choices) item(id).form(), turns ? 0 : 1, turns ? 1 : 0);
        }

        Case<Set<String>> seen(Case<Set<String>> known, String... turning) {
            Map<String, Reading> parts = new java.util.HashMap<>();
            for (String one : turning) {
                parts.put(one, new Reading.Chosen(Map.of(one, "turns")));
            }
            return known.with(motors, new Reading.Several(parts), Sureness.SURE);
        }

        Case<Set<String>> repaired(Case<Set<String>> known, Fault<Set<String>> fault) {
            return known.withRepair(fault, fault.fixes(Set.of()).get(0));
        }

        boolean mayFly(Case<Set<String>> known) {
            return before.missing(known).isEmpty();
        }
    }

    @Test
    void nothingFliesBeforeEveryMotorWasSeenSinceTheLastRepairAndTheLastCrash() {
        Bench bench = new Bench();
        Case<Set<String>> known = bench.repaired(Toy.opened(), bench.joint);
        assertThat(bench.mayFly(known)).as("nothing seen").isFalse();
        assertThat(bench.mayFly(bench.seen(known, "one"))).as("broken off").isFalse();
        Case<Set<String>> both = bench.seen(known, "one", "two");
        assertThat(bench.mayFly(both)).isTrue();
        assertThat(bench.mayFly(bench.repaired(both, bench.setting)))
                .as("a setting that no motor reads")
                .isTrue();
        assertThat(bench.mayFly(bench.repaired(bench.seen(Toy.opened(), "one", "two"), bench.joint)))
                .as("seen before the iron")
                .isFalse();
        Case<Set<String>> crashed = Toy.found(both, bench.flight, 0);
        assertThat(bench.mayFly(crashed)).as("it came down hard").isFalse();
        assertThat(bench.mayFly(bench.seen(crashed, "one", "two"))).isTrue();
        List<String> tests = Proof.of(
                        known,
                        new Book<>(List.of(bench.joint), List.of(bench.motors)),
                        List.of(bench.flight),
                        bench.before)
                .tests()
                .stream()
                .map(test -> test.check().id())
                .toList();
        assertThat(tests).endsWith("motors", "flight");
    }
}
