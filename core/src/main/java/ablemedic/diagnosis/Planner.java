package ablemedic.diagnosis;

import ablemedic.diagnosis.Evidence.Finding;
import ablemedic.diagnosis.Posterior.Weighed;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.IdentityHashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Stream;

/**
 * Ranks checks by the expected information about what is to be put right, per minute. Minutes that every way to a
 * proven fix needs anyway, such as the routine before the first power, are not charged to the check that needs them
 * first. Stories that owe the same remedies count as one, since telling them apart helps nobody, and remedies that
 * explain nothing of what was found do not count; minutes include getting the bench ready.
 */
public final class Planner<S> {
    private static final double NEGLIGIBLE_BELIEF = 1e-7;

    /** A check of which fifty would not tell one suspect from another is left out: nobody makes fifty. */
    private static final double NEGLIGIBLE_BITS = 0.02;

    /**
     * The most believed stories, of which a plan takes account; what the rest could add is far below a tenth of a bit.
     */
    private static final int STORIES = 250;

    /** The same for the look ahead, which is a sketch, and the most promising checks that it chooses from. */
    private static final int STORIES_AHEAD = 60;

    private static final int CHECKS_AHEAD = 30;

    /** A guess below this is not acted on, however little there is to learn. */
    private static final double WORTH_A_TRY = 0.3;

    /** What it takes to close a craft up again and see by a flight whether a fix was the fix, minutes. From memory. */
    private static final double PROOF_MINUTES = 10;

    /** A check must be this much better by the minute before it goes ahead of one with less risk. */
    private static final double RISK_WEIGHT = 0.25;

    /**
     * So often a check is made on one system at the most: again only where the first time was not in full, or much
     * rests on it.
     */
    private static final int LOOKS = 2;

    /**
     * From this belief on what the record has wrong is looked at first, by a check that tells at least this share of
     * the best.
     */
    private static final double WIRES = 0.5;

    private static final double ENOUGH = 0.75;

    /** Parts of a bit per minute that are told apart. */
    private static final double EQUAL = 1e9;

    private final Book<S> book;
    private final Predictions<S> predictions;
    private final Posterior<S> posterior;
    private final Map<String, List<Finding<S>>> made = new HashMap<>();
    private final Barred barred;
    private final ExpectedInformation<S> information;
    private List<Check<S>> candidates = List.of();
    private Asked lastAsked;
    private Plan<S> lastPlan;

    Planner(Book<S> book, Predictions<S> predictions, Posterior<S> posterior, Barred barred) {
        this.barred = barred;
        this.book = book;
        this.predictions = predictions;
        this.posterior = posterior;
        this.information = new ExpectedInformation<>(predictions, posterior);
    }

    /**
     * The suspect that is worth acting on: one that stands out, or one whose fix with its proof, taken for a check of
     * whether that is it, tells more by the minute than any check of the plan.
     */
    public Optional<Suspect<S>> worthFixing(Plan<S> plan) {
        double best = plan.steps().stream()
                .filter(step -> step.route().isPresent())
                .mapToDouble(Plan.Step::bitsPerMinute)
                .max()
                .orElse(0);
        return posterior.standsOut().or(() -> posterior.suspects().stream()
                .findFirst()
                .filter(first -> first.belief() >= WORTH_A_TRY
                        && first.belief() > posterior.notInBook()
                        && bitsPerMinute(first) > best));
    }

    /** What putting a suspect right, and proving it, tells of whether it is to blame. */
    private double bitsPerMinute(Suspect<S> suspect) {
        double p = Math.min(suspect.belief(), 1 - NEGLIGIBLE_BELIEF);
        double bits = -(p * Math.log(p) + (1 - p) * Math.log(1 - p)) / Math.log(2);
        return bits / (suspect.leading().fixes(posterior.known().sound()).get(0).minutes() + PROOF_MINUTES);
    }

    /** The plan from a bench state, without the checks named as skipped. Checks that tell nothing are left out. */
    public Plan<S> plan(BenchState bench, Collection<String> skipped) {
        Asked asked = new Asked(bench, Set.copyOf(skipped));
        if (!asked.equals(lastAsked)) {
            List<GroupedStory<S>> beliefs = beliefs();
            lastPlan = confirming(plan(beliefs, candidates(beliefs), bench, skipped));
            lastAsked = asked;
        }
        return lastPlan;
    }

    /** What a check would tell, asked for out of turn, in bits. */
    public double bits(Check<S> check) {
        return information.of(beliefs(), check);
    }

    private record Asked(BenchState bench, Set<String> skipped) {}

    /** The checks of the book and the most promising of its surveys, looked for once. */
    private List<Check<S>> candidates(List<GroupedStory<S>> beliefs) {
        if (candidates.isEmpty()) {
            List<Survey.Story<S>> stories = beliefs.stream()
                    .map(b -> new Survey.Story<>(b.state().system(), b.weight(), b.group()))
                    .toList();
            List<Check<S>> all = new ArrayList<>(book.checks());
            book.surveys().forEach(survey -> all.addAll(survey.promising(stories)));
            candidates = all;
        }
        return candidates;
    }

    /**
     * A short look ahead: the next checks in a row if each gives its most probable answer.
     *
     * @param length how many at the most
     */
    public List<Check<S>> lookAhead(BenchState bench, Collection<String> skipped, int length) {
        List<Check<S>> ahead = new ArrayList<>();
        List<GroupedStory<S>> beliefs = beliefs().stream().limit(STORIES_AHEAD).toList();
        List<Check<S>> choice = plan(bench, skipped).steps().stream()
                .limit(CHECKS_AHEAD)
                .map(Plan.Step::check)
                .toList();
        List<String> done = new ArrayList<>(skipped);
        BenchState state = bench;
        while (ahead.size() < length) {
            Optional<Plan.Step<S>> next = plan(beliefs, choice, state, done).next();
            if (next.isEmpty()) {
                break;
            }
            Check<S> check = next.get().check();
            ahead.add(check);
            done.add(check.id());
            state = next.get().route().orElseThrow().end();
            beliefs = afterMostProbableAnswer(beliefs, check);
            if (settled(beliefs)) {
                break;
            }
        }
        return ahead;
    }

    private List<GroupedStory<S>> beliefs() {
        Map<Object, Integer> groups = new HashMap<>();
        List<GroupedStory<S>> beliefs = new ArrayList<>();
        Case<S> known = posterior.known();
        Set<String> explaining = posterior.explaining();
        List<Weighed<S>> likeliest = posterior.stories().stream()
                .filter(weighed -> weighed.belief() >= NEGLIGIBLE_BELIEF)
                .sorted(Comparator.comparingDouble((Weighed<S> weighed) -> weighed.belief())
                        .reversed())
                .limit(STORIES)
                .toList();
        for (Weighed<S> weighed : likeliest) {
            Hypothesis<S> h = weighed.hypothesis();
            Set<String> owed = new TreeSet<>(posterior.owed(h));
            owed.retainAll(explaining);
            Object owes = h.inBook() ? Map.entry(owed, posterior.isAstray(h)) : "not-in-book";
            int group = groups.computeIfAbsent(owes, o -> groups.size());
            beliefs.add(new GroupedStory<>(
                    h, predictions.state(known.sound(), h, known.repairs()), group, weighed.belief()));
        }
        return beliefs;
    }

    private Plan<S> plan(
            List<GroupedStory<S>> beliefs, List<Check<S>> candidates, BenchState bench, Collection<String> skipped) {
        List<Check<S>> open = candidates.stream()
                .filter(check -> check.planned() && !skipped.contains(check.id()) && !seenEnough(check))
                .toList();
        double[] told = information.of(beliefs, open);
        Map<BenchNeeds, Optional<BenchRoute>> routes = new LinkedHashMap<>();
        List<Plan.Step<S>> steps = new ArrayList<>();
        for (int i = 0; i < told.length; i++) {
            Check<S> check = open.get(i);
            double bits = told[i];
            if (bits < NEGLIGIBLE_BITS) {
                continue;
            }
            Optional<BenchRoute> route = routes.computeIfAbsent(check.needs(), n -> BenchRoute.from(bench, n, barred));
            double minutes = check.minutes() + route.map(BenchRoute::minutes).orElse(0.0);
            double charged =
                    minutes - route.map(BenchRoute::minutesNeededAnyway).orElse(0.0);
            steps.add(new Plan.Step<>(check, bits, route, minutes, bits / charged));
        }
        steps.sort(
                Comparator.comparingDouble((Plan.Step<S> step) -> worth(step)).reversed());
        return new Plan<>(steps);
    }

    /** What the record has wrong and leads is looked at where it is before anything else: one look settles it. */
    private Plan<S> confirming(Plan<S> plan) {
        Optional<Suspect<S>> leading = posterior.suspects().stream()
                .findFirst()
                .filter(first -> first.leading().isRecorded() && first.belief() > WIRES);
        if (leading.isEmpty()) {
            return plan;
        }
        Map<Plan.Step<S>, Double> settles = new LinkedHashMap<>();
        plan.steps().stream()
                .filter(step -> step.route().isPresent())
                .forEach(step -> settles.put(step, settles(step.check(), leading.get())));
        double most =
                settles.values().stream().mapToDouble(Double::doubleValue).max().orElse(0);
        return settles.entrySet().stream()
                .filter(one -> most > 0 && one.getValue() >= ENOUGH * most)
                .map(Map.Entry::getKey)
                .min(Comparator.comparingDouble(Plan.Step::minutes))
                .map(first -> new Plan<>(
                        Stream.concat(Stream.of(first), plan.steps().stream().filter(step -> !step.equals(first)))
                                .toList()))
                .orElse(plan);
    }

    /** What a check tells of whether one suspect is to blame, in bits. */
    private double settles(Check<S> check, Suspect<S> suspect) {
        Case<S> known = posterior.known();
        List<Distribution> outlooks = Stream.of(Hypothesis.of(suspect.leading()), Hypothesis.<S>none())
                .map(story -> predictions.of(story, predictions.state(known.sound(), story, known.repairs()), check))
                .toList();
        Discretisation cells = Discretisation.of(check.answers(), outlooks);
        double[] with = cells.probabilities(outlooks.get(0));
        double[] without = cells.probabilities(outlooks.get(1));
        double bits = 0;
        for (int o = 0; o < with.length; o++) {
            double either = (with[o] + without[o]) / 2;
            bits += part(with[o], either) + part(without[o], either);
        }
        return bits;
    }

    private static double part(double p, double either) {
        return p > 0 ? p / 2 * Math.log(p / either) / Math.log(2) : 0;
    }

    /**
     * Whether a check was made in full often enough: a second look is worth its minutes where much rests on the first.
     */
    private boolean seenEnough(Check<S> check) {
        return made(check).stream()
                        .filter(finding -> finding.reading().isWhole(check.answers()))
                        .count()
                >= LOOKS;
    }

    private List<Finding<S>> made(Check<S> check) {
        return made.computeIfAbsent(check.id(), id -> posterior.known().madeNow(check));
    }

    /**
     * Bits per minute less the risk. Rounded, so that checks that are worth the same stand in the order of the book.
     */
    private static <S> double worth(Plan.Step<S> step) {
        return Math.rint(step.bitsPerMinute() * (1 - RISK_WEIGHT * step.check().risk()) * EQUAL) / EQUAL;
    }

    private List<GroupedStory<S>> afterMostProbableAnswer(List<GroupedStory<S>> beliefs, Check<S> check) {
        List<Distribution> outlooks = beliefs.stream()
                .map(b -> predictions.of(b.hypothesis(), b.state(), check))
                .toList();
        Discretisation cells = Discretisation.of(check.answers(), outlooks);
        Map<Distribution, double[]> known = new IdentityHashMap<>();
        double[][] p = outlooks.stream()
                .map(o -> known.computeIfAbsent(o, cells::probabilities))
                .toArray(double[][]::new);
        int best = 0;
        double bestWeight = -1;
        for (int o = 0; o < cells.count(); o++) {
            double weight = 0;
            for (int i = 0; i < p.length; i++) {
                weight += beliefs.get(i).weight() * p[i][o];
            }
            if (weight > bestWeight) {
                best = o;
                bestWeight = weight;
            }
        }
        List<GroupedStory<S>> after = new ArrayList<>();
        for (int i = 0; i < p.length; i++) {
            GroupedStory<S> b = beliefs.get(i);
            double weight = b.weight() * p[i][best] / bestWeight;
            if (weight >= NEGLIGIBLE_BELIEF) {
                after.add(new GroupedStory<>(b.hypothesis(), b.state(), b.group(), weight));
            }
        }
        return after;
    }

    private boolean settled(List<GroupedStory<S>> beliefs) {
        Map<String, Double> byRemedy = new HashMap<>();
        for (GroupedStory<S> b : beliefs) {
            if (b.hypothesis().inBook()) {
                Set<String> owed = posterior.owed(b.hypothesis());
                owed.forEach(r -> byRemedy.merge(r, b.weight(), Double::sum));
            }
        }
        return byRemedy.values().stream()
                .anyMatch(w -> w >= posterior.assumptions().standsOutAt());
    }
}
