package ablemedic.diagnosis;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.data.Offset.offset;

import ablemedic.simulation.SimulatedTechnician;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Three and four faults on one system, put right one after the other. */
@Tag("thorough")
class SeveralFaultsTest {
    private static final int FAULTS = 7;
    private static final double ODDS = 0.03;
    private final List<Fault<Set<String>>> faults = new ArrayList<>();
    private final List<Check<Set<String>>> seeing = new ArrayList<>();
    private final List<Check<Set<String>>> feeling = new ArrayList<>();
    private final Check<Set<String>> flight = Toy.check(
            "flight",
            2,
            3,
            BenchNeeds.NOTHING,
            state -> state.isEmpty() ? new double[] {0.02, 0.98} : new double[] {0.97, 0.03});
    private final Diagnosis<Set<String>> diagnosis;

    SeveralFaultsTest() {
        for (int i = 0; i < FAULTS; i++) {
            String id = "f" + i;
            faults.add(Toy.fault(id, "site" + i, "fix " + id, ODDS));
            seeing.add(Toy.check(
                    "sees-" + id,
                    2,
                    1,
                    BenchNeeds.NOTHING,
                    state -> state.contains(id) ? new double[] {0.9, 0.1} : new double[] {0.06, 0.94}));
            feeling.add(Toy.check(
                    "feels-" + id,
                    2,
                    2,
                    BenchNeeds.NOTHING,
                    state -> state.contains(id) ? new double[] {0.95, 0.05} : new double[] {0.03, 0.97}));
        }
        List<Check<Set<String>>> checks = new ArrayList<>(seeing);
        checks.addAll(feeling);
        checks.add(flight);
        diagnosis = new Diagnosis<>(new Book<>(faults, checks), Assumptions.USUAL);
    }

    private Case<Set<String>> seenAndFixed(Case<Set<String>> known, int fault) {
        return Toy.found(seenFixedAndProven(known, fault), flight, 0);
    }

    private Case<Set<String>> seenFixedAndProven(Case<Set<String>> known, int fault) {
        Case<Set<String>> seen = Toy.found(Toy.found(known, seeing.get(fault), 0), feeling.get(fault), 0);
        Case<Set<String>> fixed = seen.withRepair(
                faults.get(fault), faults.get(fault).fixes(Set.of()).get(0));
        return Toy.found(fixed, seeing.get(fault), 1);
    }

    @ParameterizedTest
    @ValueSource(ints = {1, 2, 3})
    void theNextFaultIsFoundAfterSoManyProvenRepairs(int repairs) {
        Case<Set<String>> known = Toy.found(Toy.opened(), flight, 0);
        for (int i = 0; i < repairs; i++) {
            known = seenAndFixed(known, i);
        }
        Posterior<Set<String>> posterior =
                diagnosis.posterior(Toy.found(Toy.found(known, seeing.get(5), 0), feeling.get(5), 0));
        assertThat(posterior.suspects().get(0).remedy()).isEqualTo("fix f5");
        assertThat(posterior.suspects().get(0).belief()).isGreaterThan(0.9);
        assertThat(posterior.notInBook()).isLessThan(0.02);
        assertThat(posterior.everHeld("f0")).as("what was put right was there").isGreaterThan(0.7);
    }

    @Test
    void aTechnicianPutsFourFaultsRight() {
        List<Fault<Set<String>>> four = List.of(faults.get(0), faults.get(2), faults.get(3), faults.get(6));
        var technician = new SimulatedTechnician<>(diagnosis, flight, flight);
        long solved = IntStream.range(0, 40)
                .filter(seed -> technician
                        .workUp(Set.of(), four, Occasion.BUILD, SimulatedTechnician.Habit.PLAN, seed)
                        .solved())
                .count();
        assertThat(solved).isGreaterThanOrEqualTo(34);
    }

    @Test
    void afterAProvenRepairACraftThatStillFailsWhereAllIsSoundHasSomethingTheBookDoesNotHold() {
        Check<Set<String>> inUse = new Toy.Opening(flight);
        Case<Set<String>> known = seenFixedAndProven(Toy.found(Toy.opened(), inUse, 0), 0);
        for (int look = 1; look < FAULTS; look++) {
            known = Toy.found(Toy.found(known, seeing.get(look), 1), feeling.get(look), 1);
        }
        known = Toy.found(Toy.found(known, inUse, 0), inUse, 0);
        Posterior<Set<String>> posterior = diagnosis.posterior(known);
        double besides = posterior.stories().stream()
                .filter(w -> !w.hypothesis().inBook() && w.hypothesis().holds("f0"))
                .mapToDouble(Posterior.Weighed::belief)
                .sum();
        assertThat(besides)
                .as("beside what was put right")
                .isGreaterThan(10 * posterior.suspects().get(0).belief());
    }

    /** With one repair made, every story of up to two faults besides is weighed as plain enumeration weighs it. */
    @Test
    void onTopOfOneRepairBeliefsAreThoseOfEnumeration() {
        Case<Set<String>> known = Toy.found(seenAndFixed(Toy.found(Toy.opened(), flight, 0), 0), seeing.get(4), 0);
        Map<Set<String>, Double> exact = enumerated(known);
        double all = exact.values().stream().mapToDouble(Double::doubleValue).sum();
        Posterior<Set<String>> posterior = diagnosis.posterior(known);
        for (int i = 0; i < FAULTS; i++) {
            String id = "f" + i;
            double belief = exact.entrySet().stream()
                    .filter(e -> e.getKey().contains(id))
                    .mapToDouble(Map.Entry::getValue)
                    .sum();
            assertThat(posterior.everHeld(id)).as(id).isCloseTo(belief / all, offset(1e-12));
        }
    }

    /**
     * Nothing, one or two faults, or the repaired one and up to two more. What is not in the book shows nowhere or
     * shows here and there, alone or beside the repaired one, or looks like the repaired one and stayed.
     */
    private Map<Set<String>, Double> enumerated(Case<Set<String>> known) {
        Map<Set<String>, Double> weights = new HashMap<>();
        for (int bits = 0; bits < 1 << FAULTS; bits++) {
            Set<String> held = new HashSet<>();
            for (int i = 0; i < FAULTS; i++) {
                if ((bits >> i & 1) == 1) {
                    held.add("f" + i);
                }
            }
            if (held.size() <= 2 || held.size() == 3 && held.contains("f0")) {
                weights.put(
                        held,
                        (held.isEmpty() ? Assumptions.USUAL.nothingWrongOdds() : Math.pow(ODDS, held.size()))
                                * likelihood(known, held, 0, true));
            }
        }
        double outside = Assumptions.USUAL.notInBookOdds();
        weights.put(Set.of("hidden"), outside / 2 * likelihood(known, Set.of(), 0, true));
        weights.put(Set.of("shows"), outside / 2 * likelihood(known, Set.of(), Predictions.ODDLY, true));
        weights.put(Set.of("f0", "hidden"), outside / 2 * ODDS * likelihood(known, Set.of("f0"), 0, true));
        weights.put(
                Set.of("f0", "shows"), outside / 2 * ODDS * likelihood(known, Set.of("f0"), Predictions.ODDLY, true));
        weights.put(Set.of("like"), outside * ODDS * likelihood(known, Set.of("f0"), Predictions.ODDLY, false));
        return weights;
    }

    private static double likelihood(Case<Set<String>> known, Set<String> held, double oddly, boolean cured) {
        double p = 1;
        for (Evidence<Set<String>> evidence : known.evidence()) {
            var finding = (Evidence.Finding<Set<String>>) evidence;
            Set<String> state = new HashSet<>(held);
            if (cured) {
                finding.repairs().forEach(repair -> state.remove(repair.fault().id()));
            }
            p *= (1 - oddly) * finding.check().outlook(state).likelihood(finding.reading()) + oddly / 2;
        }
        return p;
    }

    @Test
    void aRowOfNormalFindingsSpeaksForWhatTheBookDoesNotHold() {
        List<Fault<Set<String>>> faults = new ArrayList<>();
        List<Check<Set<String>>> checks = new ArrayList<>();
        for (int i = 0; i < 6; i++) {
            String id = "f" + i;
            faults.add(Toy.fault(id, id, id, 0.1));
            checks.add(Toy.check(
                    "c" + i,
                    2,
                    1,
                    BenchNeeds.NOTHING,
                    system -> system.contains(id) ? new double[] {0.02, 0.98} : new double[] {0.95, 0.05}));
        }
        Check<Set<String>> complaint = new Toy.Opening(Toy.check(
                "complaint",
                2,
                1,
                BenchNeeds.NOTHING,
                system -> system.isEmpty() ? new double[] {0.98, 0.02} : new double[] {0.05, 0.95}));
        Diagnosis<Set<String>> diagnosis =
                new Diagnosis<>(new Book<>(faults, checks), new Assumptions(20, 0.1, 0.03, 0.95));
        Case<Set<String>> known = Toy.found(Toy.opened(), complaint, 1);
        double before = diagnosis.posterior(known).notInBook();
        for (Check<Set<String>> check : checks) {
            known = Toy.found(known, check, 0);
            double after = diagnosis.posterior(known).notInBook();
            assertThat(after).as(check.id()).isGreaterThan(before);
            before = after;
        }
        Posterior<Set<String>> posterior = diagnosis.posterior(known);
        assertThat(posterior.notInBook())
                .isGreaterThan(posterior.suspects().get(0).belief())
                .isGreaterThan(0.4);
    }

    @Test
    void theWholeBeliefMakesOneAndAFindingThatDoesNotFitIsNamed() {
        List<Fault<Set<String>>> faults = new ArrayList<>();
        List<Check<Set<String>>> checks = new ArrayList<>();
        for (int i = 0; i < 4; i++) {
            String id = "f" + i;
            faults.add(Toy.fault(id, id, id, 0.3));
            for (int again = 0; again < 3; again++) {
                checks.add(Toy.check(
                        "c" + i + again,
                        2,
                        1,
                        BenchNeeds.NOTHING,
                        system -> system.contains(id) ? new double[] {0.04, 0.96} : new double[] {0.96, 0.04}));
            }
        }
        Diagnosis<Set<String>> diagnosis =
                new Diagnosis<>(new Book<>(faults, checks), new Assumptions(20, 0.1, 0.03, 0.95));
        Case<Set<String>> known =
                Toy.found(Toy.found(Toy.found(Toy.opened(), checks.get(0), 1), checks.get(1), 1), checks.get(2), 0);
        for (int other = 3; other < 9; other += 3) {
            known = Toy.found(known, checks.get(other), 0);
        }
        Posterior<Set<String>> posterior = diagnosis.posterior(known);
        for (Set<String> listed :
                List.of(Set.<String>of(), Set.of("f0"), Set.of("f0", "f1"), Set.of("f0", "f1", "f2", "f3"))) {
            Posterior.Whole whole = posterior.whole(listed);
            double shown = posterior.suspects().stream()
                    .filter(s -> listed.contains(s.remedy()))
                    .mapToDouble(Suspect::belief)
                    .sum();
            assertThat(shown - whole.twice() + whole.small() + whole.nothing() + posterior.notInBook())
                    .isCloseTo(1, offset(1e-9));
        }
        assertThat(posterior.misfits()).extracting(Posterior.Misfit::evidence).containsExactly(2);
        assertThat(posterior.misfits().get(0).expected().plain()).isEqualTo("1");
    }
}
