package ablemedic.simulation;

import ablemedic.diagnosis.BenchRoute;
import ablemedic.diagnosis.BenchState;
import ablemedic.diagnosis.Case;
import ablemedic.diagnosis.Check;
import ablemedic.diagnosis.Diagnosis;
import ablemedic.diagnosis.Fault;
import ablemedic.diagnosis.Fix;
import ablemedic.diagnosis.Occasion;
import ablemedic.diagnosis.Plan;
import ablemedic.diagnosis.Planner;
import ablemedic.diagnosis.Posterior;
import ablemedic.diagnosis.Proof;
import ablemedic.diagnosis.Reading;
import ablemedic.diagnosis.Sureness;
import ablemedic.diagnosis.Suspect;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Stream;

/**
 * A simulated technician, to measure the reasoning: works on a craft with a hidden fault, reads checks as that gives
 * them, fixes what stands out and proves it by the flight. The same seed gives the same walk.
 */
public final class SimulatedTechnician<S> {
    private static final int PATIENCE = 60;
    private static final int MOST_FIXES = 6;
    /** A fix that was not needed counts as a wrong one from this belief on. */
    private static final double ACTED_ON = 0.92;

    private static final double LIKELY_SOUND = 0.5;
    /** A belief in this range is one of those by which the calibration is judged. */
    private static final double CALIBRATED_FROM = 0.9;

    private static final double CALIBRATED_TO = 0.95;

    private final Diagnosis<S> diagnosis;
    private final Check<S> complaint;
    private final Check<S> flight;
    private final Predicate<Reading> fine;

    /**
     * @param complaint the check that opens a work-up
     * @param flight the check that proves one by giving what a sound system gives
     */
    public SimulatedTechnician(Diagnosis<S> diagnosis, Check<S> complaint, Check<S> flight) {
        this(diagnosis, complaint, flight, reading -> false);
    }

    /** @param fine what nobody says who has something to complain of */
    public SimulatedTechnician(Diagnosis<S> diagnosis, Check<S> complaint, Check<S> flight, Predicate<Reading> fine) {
        this.diagnosis = diagnosis;
        this.complaint = complaint;
        this.flight = flight;
        this.fine = fine;
    }

    /** How the next check is chosen. */
    public enum Habit {
        /** As the plan says. */
        PLAN,
        /** The book's order, from first to last. */
        ROUTINE,
        /** Any check that tells something. */
        AT_RANDOM
    }

    /**
     * How a work-up went.
     *
     * @param solved whether every remedy owed was made, or nothing of the faults is left, and the flight passed
     * @param gaveUp whether it ended with the trouble believed to be outside the book
     * @param checks made, without complaint and flights
     * @param minutes of checks, repairs, flights and getting the bench ready
     * @param floor of those minutes, what the complaint, getting ready for one flight and that flight take on any way
     *     to a proof
     * @param fixes made, the wrong ones too
     * @param wrongFixes the faults of fixes that were made at a high belief and not needed
     * @param calibrated for each belief near that, whether the suspect was the one
     * @param bits entropy of the remedy after the complaint
     */
    public record Walk(
            boolean solved,
            boolean gaveUp,
            int checks,
            double minutes,
            double floor,
            int fixes,
            List<String> wrongFixes,
            List<Boolean> calibrated,
            double bits) {}

    /** Works on a craft as the model has it. */
    public Walk workUp(S sound, List<Fault<S>> faults, Occasion occasion, Habit habit, long seed) {
        return workUp(SimulatedCraft.asModelled(sound, faults), occasion, habit, seed);
    }

    /** Works on a craft until it is proven or patience ends. */
    public Walk workUp(SimulatedCraft<S> craft, Occasion occasion, Habit habit, long seed) {
        Random random = new Random(seed);
        S sound = craft.sheet();
        Case<S> known = new Case<>(sound, occasion, List.of(), List.of())
                .with(complaint, craft.complained(complaint, fine, random), Sureness.SURE);
        BenchState bench = BenchState.AT_INTAKE;
        double floor = complaint.minutes()
                + BenchRoute.from(bench, flight.needs()).orElseThrow().minutes()
                + flight.minutes();
        double minutes = complaint.minutes();
        double bits = entropy(diagnosis.posterior(known));
        int checks = 0;
        int fixes = 0;
        List<String> wrongFixes = new ArrayList<>();
        List<Boolean> calibrated = new ArrayList<>();
        Set<String> done = new HashSet<>();
        while (checks < PATIENCE) {
            Posterior<S> posterior = diagnosis.posterior(known);
            posterior.suspects().stream()
                    .filter(s -> s.belief() >= CALIBRATED_FROM && s.belief() < CALIBRATED_TO)
                    .forEach(s -> calibrated.add(craft.needs(s.remedy())));
            boolean flies = isToFlyAgain(posterior);
            Optional<Check<S>> next = flies ? Optional.empty() : choose(posterior, bench, done, habit, random);
            if (next.isPresent()) {
                Check<S> check = next.get();
                BenchRoute route = BenchRoute.from(bench, check.needs()).orElseThrow();
                bench = route.end();
                minutes += route.minutes() + check.minutes();
                checks++;
                done.add(check.id());
                known = known.with(check, craft.read(check, known.repairs(), random), Sureness.SURE);
                continue;
            }
            if (flies) {
                checks++;
            } else if (posterior.suspects().isEmpty()
                    || fixes >= MOST_FIXES
                    || posterior.notInBook() > posterior.suspects().get(0).belief()) {
                break;
            } else {
                Suspect<S> suspect = posterior.suspects().get(0);
                Fix<S> fix = suspect.leading().fixes(sound).get(0);
                boolean needed = craft.needs(suspect.remedy());
                if (!needed) {
                    minutes += fix.minutes();
                    if (suspect.belief() >= ACTED_ON) {
                        wrongFixes.add(suspect.leading().id());
                    }
                }
                known = known.withRepair(suspect.leading(), fix);
                fixes++;
                done.clear();
            }
            BenchRoute route = BenchRoute.from(bench, flight.needs()).orElseThrow();
            bench = route.end();
            minutes += route.minutes() + flight.minutes();
            Reading seen = flight.outlook(craft.after(known.repairs())).sample(random);
            known = known.with(flight, seen, Sureness.SURE);
            if (Proof.asExpected(flight, seen, sound)) {
                return new Walk(
                        craft.isHealed(known.repairs()),
                        false,
                        checks,
                        minutes,
                        floor,
                        fixes,
                        wrongFixes,
                        calibrated,
                        bits);
            }
            if (diagnosis.posterior(known).astray() > 0.5) {
                known = new Case<>(
                        sound,
                        occasion,
                        known.evidence(),
                        known.repairs().subList(0, known.repairs().size() - 1));
            }
        }
        Posterior<S> last = diagnosis.posterior(known);
        boolean outside = last.suspects().isEmpty()
                || last.notInBook() > last.suspects().get(0).belief();
        return new Walk(false, outside, checks, minutes, floor, fixes, wrongFixes, calibrated, bits);
    }

    /**
     * Whether nothing is believed to be left that would show, and yet the flight did not say so, once: it is made once
     * more.
     */
    private boolean isToFlyAgain(Posterior<S> posterior) {
        return !posterior.known().repairs().isEmpty()
                && posterior.explained() >= LIKELY_SOUND
                && posterior.known().madeNow(flight).size() == 1;
    }

    private Optional<Check<S>> choose(
            Posterior<S> posterior, BenchState bench, Set<String> done, Habit habit, Random random) {
        if (habit == Habit.PLAN) {
            Planner<S> planner = diagnosis.planner(posterior);
            Plan<S> plan = planner.plan(bench, Set.of());
            return planner.worthFixing(plan).isPresent()
                    ? Optional.empty()
                    : plan.next().map(Plan.Step::check);
        }
        if (posterior.standsOut().isPresent()) {
            return Optional.empty();
        }
        List<Check<S>> open = Stream.concat(
                        diagnosis.book().checks().stream(),
                        diagnosis.book().surveys().stream().flatMap(survey -> survey.routine().stream()))
                .filter(Check::planned)
                .filter(check -> !done.contains(check.id()))
                .toList();
        if (open.isEmpty()) {
            return Optional.empty();
        }
        return Optional.of(open.get(habit == Habit.ROUTINE ? 0 : random.nextInt(open.size())));
    }

    /** Entropy of what is owed, in bits. */
    static <S> double entropy(Posterior<S> posterior) {
        Map<Object, Double> byOwed = new LinkedHashMap<>();
        posterior
                .stories()
                .forEach(story -> byOwed.merge(
                        story.hypothesis().inBook() ? posterior.owed(story.hypothesis()) : "not-in-book",
                        story.belief(),
                        Double::sum));
        return byOwed.values().stream()
                .filter(p -> p > 0)
                .mapToDouble(p -> -p * Math.log(p) / Math.log(2))
                .sum();
    }
}
