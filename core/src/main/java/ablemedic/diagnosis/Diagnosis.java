package ablemedic.diagnosis;

import ablemedic.diagnosis.Forecasts.Forecast;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/**
 * Weighs every story of what is wrong by all that was found: Bayes' rule over no fault, each fault, pairs of faults and
 * something not in the book. Faults come independently, findings are independent given the story; within those
 * assumptions the result is exact but for the pairs left out (see {@link Assumptions#pairs}).
 */
public final class Diagnosis<S> {
    private static final int REMEDIES_KEPT = 50;
    private static final int STANDINGS_KEPT = 2;
    private static final int FINDINGS_KEPT = 160;

    /** Of one finding; predictions that were forgotten meanwhile are held no longer. */
    private static final int OUTLOOKS_KEPT = 2_000;

    /** So many ways in which the record may be wrong are told, the likeliest first. */
    private static final int RECORDS = 24;

    /** On so many of them pairs of faults are told as well. */
    private static final int RECORDS_WITH_PAIRS = 3;

    private final Book<S> book;
    private final Assumptions assumptions;
    private final Predictions<S> predictions;
    private final Map<S, Remedies<S>> remedies = new ConcurrentHashMap<>();

    private final Map<Case<S>, Posterior<S>> posteriors = new LinkedHashMap<>(4, 0.75f, true) {
        private static final long serialVersionUID = 1;

        @Override
        protected boolean removeEldestEntry(Map.Entry<Case<S>, Posterior<S>> eldest) {
            return size() > STANDINGS_KEPT;
        }
    };

    /**
     * How likely each finding is by what is predicted of it, as a logarithm: the next posterior asks for all but the
     * newest again.
     */
    private final Map<StoryWeighing.InContext<S>, Map<Foreseen, Double>> weighed =
            new LinkedHashMap<>(16, 0.75f, true) {
                private static final long serialVersionUID = 1;

                @Override
                protected boolean removeEldestEntry(
                        Map.Entry<StoryWeighing.InContext<S>, Map<Foreseen, Double>> eldest) {
                    return size() > FINDINGS_KEPT;
                }
            };

    /** The place of each fault in the book. */
    private final Map<String, Integer> order = new HashMap<>();

    public Diagnosis(Book<S> book, Assumptions assumptions) {
        this.book = book;
        this.assumptions = assumptions;
        this.predictions = new Predictions<>();
        book.faults().forEach(fault -> order.put(fault.id(), order.size()));
    }

    public Book<S> book() {
        return book;
    }

    public Assumptions assumptions() {
        return assumptions;
    }

    /**
     * What to believe of the case as it stands. The last few are kept: a plan, a card and a map of one case ask for the
     * same.
     */
    public Posterior<S> posterior(Case<S> known) {
        synchronized (posteriors) {
            Posterior<S> kept = posteriors.get(known);
            if (kept != null) {
                return kept;
            }
        }
        Posterior<S> made = made(known);
        synchronized (posteriors) {
            posteriors.put(known, made);
        }
        return made;
    }

    private Posterior<S> made(Case<S> known) {
        List<Story<S>> stories = stories(known);
        double[] logWeights = new double[stories.size()];
        double greatest = Double.NEGATIVE_INFINITY;
        for (int i = 0; i < logWeights.length; i++) {
            logWeights[i] = stories.get(i).logWeight();
            greatest = Math.max(greatest, logWeights[i]);
        }
        double total = 0;
        for (double logWeight : logWeights) {
            total += Math.exp(logWeight - greatest);
        }
        List<Posterior.Weighed<S>> weighed = new ArrayList<>();
        for (int i = 0; i < logWeights.length; i++) {
            Story<S> story = stories.get(i);
            double belief = Math.exp(logWeights[i] - greatest) / total;
            weighed.add(new Posterior.Weighed<>(story.hypothesis(), story.logPrior(), story.logLikelihoods(), belief));
        }
        return new Posterior<>(known, assumptions, weighed, remedies(known.sound()), predictions);
    }

    private Map<Foreseen, Double> weighed(StoryWeighing.InContext<S> finding) {
        synchronized (weighed) {
            Map<Foreseen, Double> known = weighed.computeIfAbsent(finding, f -> new ConcurrentHashMap<>());
            if (known.size() > OUTLOOKS_KEPT) {
                known.clear();
            }
            return known;
        }
    }

    private Remedies<S> remedies(S sound) {
        if (remedies.size() > REMEDIES_KEPT) {
            remedies.clear();
        }
        return remedies.computeIfAbsent(sound, s -> new Remedies<>(book, s));
    }

    /** Plans the next checks for a posterior that this diagnosis has made. */
    public Planner<S> planner(Posterior<S> posterior) {
        return planner(posterior, Barred.NOTHING);
    }

    /** The same where some power is barred. */
    public Planner<S> planner(Posterior<S> posterior, Barred barred) {
        return new Planner<>(book, predictions, posterior, barred);
    }

    /** What a check predicts of a hypothesis, with the repairs of the case made. */
    public Distribution outlook(Case<S> known, Hypothesis<S> hypothesis, Check<S> check) {
        return predictions.of(hypothesis, predictions.state(known.sound(), hypothesis, known.repairs()), check);
    }

    private List<Story<S>> stories(Case<S> known) {
        StoryWeighing<S> weighing = new StoryWeighing<>(known, predictions, assumptions, this::weighed);
        List<Story<S>> stories = new ArrayList<>();
        Story<S> none = weighing.story(Hypothesis.none());
        stories.add(none);
        Outside.<S>sorts()
                .forEach(outside ->
                        stories.add(weighing.story(Hypothesis.<S>none().and(outside))));
        book.faults().stream()
                .filter(Fault::isRecorded)
                .filter(fault -> !explains(weighing.story(Hypothesis.of(fault)), none))
                .forEach(weighing::setApart);
        List<Story<S>> singles =
                weighing.all(book.faults().stream().map(Hypothesis::of).toList());
        stories.addAll(singles);
        List<Story<S>> ordinary =
                singles.stream().filter(story -> !story.fault().isRecorded()).toList();
        stories.addAll(weighing.all(promisingPairs(ordinary)));
        List<List<Fault<S>>> records = records(singles);
        if (!known.repairs().isEmpty() || records.size() > 1) {
            onTopOf(known, singles, ordinary, records, weighing, stories);
        }
        return stories;
    }

    /** Whether a story makes something that was found likelier than nothing being wrong would. */
    private static <S> boolean explains(Story<S> story, Story<S> none) {
        return IntStream.range(0, none.logLikelihoods().length)
                .anyMatch(k -> story.logLikelihoods()[k] - none.logLikelihoods()[k] > Posterior.EXPLAINS);
    }

    /**
     * The ways in which the record may be wrong: of each entry that conflicts, that the system has it, that it has it
     * in another way, or that it is as required; the likeliest first by what each explains alone. Just nothing where
     * nothing of the record conflicts.
     */
    private List<List<Fault<S>>> records(List<Story<S>> singles) {
        Map<String, List<Story<S>>> bySite = new LinkedHashMap<>();
        singles.stream().filter(story -> story.fault().isRecorded()).forEach(story -> bySite.computeIfAbsent(
                        story.fault().site(), site -> new ArrayList<>())
                .add(story));
        List<Forecast<S>> told = List.of(new Forecast<>(List.of(), 0));
        for (List<Story<S>> site : bySite.values()) {
            List<Forecast<S>> longer = new ArrayList<>(told);
            for (Forecast<S> before : told) {
                for (Story<S> one : site) {
                    longer.add(new Forecast<>(
                            Stream.concat(before.together().stream(), Stream.of(one))
                                    .toList(),
                            before.score() + one.logWeight()));
                }
            }
            told = longer.stream()
                    .sorted(Comparator.comparingDouble((Forecast<S> forecast) -> forecast.score())
                            .reversed())
                    .limit(RECORDS)
                    .toList();
        }
        return told.stream().map(Forecast::faults).toList();
    }

    /**
     * Adds the stories in which what was put right was there, the record is as it may be, and one or two faults or
     * something not in the book besides: repairs and what the record has wrong stand outside the number of faults that
     * a story holds at once. What was put right is told by the likeliest fault of each remedy; where there are several,
     * each may also have been put right without need.
     */
    private void onTopOf(
            Case<S> known,
            List<Story<S>> singles,
            List<Story<S>> ordinary,
            List<List<Fault<S>>> records,
            StoryWeighing<S> weighing,
            List<Story<S>> stories) {
        Set<Set<String>> told = new HashSet<>();
        stories.stream()
                .filter(story -> story.hypothesis().inBook())
                .forEach(story -> told.add(ids(story.hypothesis())));
        List<List<Fault<S>>> repaired = repaired(known, singles);
        repaired.get(0)
                .forEach(
                        fault -> stories.add(weighing.story(Hypothesis.<S>none().and(Outside.like(fault)))));
        Forecasts<S> best = new Forecasts<>(assumptions.pairs());
        List<Story<S>> bases = bases(repaired, records).stream()
                .map(base -> weighing.story(inOrder(base)))
                .sorted(Comparator.comparingDouble((Story<S> story) -> story.logWeight())
                        .reversed())
                .toList();
        for (int i = 0; i < bases.size(); i++) {
            Story<S> base = bases.get(i);
            if (told.add(ids(base.hypothesis()))) {
                stories.add(base);
            }
            if (!base.hypothesis().faults().isEmpty()) {
                Outside.<S>sorts()
                        .forEach(outside ->
                                stories.add(weighing.story(base.hypothesis().and(outside))));
                extend(base, ordinary, i < Math.max(RECORDS_WITH_PAIRS, repaired.size()), best);
            }
        }
        stories.addAll(weighing.all(best.best().stream()
                .map(forecast -> inOrder(forecast.faults()))
                .filter(hypothesis -> told.add(ids(hypothesis)))
                .toList()));
    }

    /** What was put right together with what the record may have wrong; what was put right there is told by that. */
    private static <S> List<List<Fault<S>>> bases(List<List<Fault<S>>> repaired, List<List<Fault<S>>> records) {
        List<List<Fault<S>>> bases = new ArrayList<>();
        for (List<Fault<S>> fixed : repaired) {
            Set<String> sites = fixed.stream().map(Fault::site).collect(Collectors.toSet());
            for (List<Fault<S>> record : records) {
                List<Fault<S>> base = Stream.concat(
                                fixed.stream(), record.stream().filter(fault -> !sites.contains(fault.site())))
                        .toList();
                if (!bases.contains(base)) {
                    bases.add(base);
                }
            }
        }
        return bases;
    }

    /** The faults that were put right: all of them, and all but each one. */
    private List<List<Fault<S>>> repaired(Case<S> known, List<Story<S>> singles) {
        Remedies<S> remedies = remedies(known.sound());
        List<Fault<S>> all = known.repairs().stream()
                .map(repair -> singles.stream()
                        .filter(story -> remedies.of(story.fault()).equals(repair.remedy()))
                        .max(Comparator.comparingDouble(Story::logWeight))
                        .map(Story::fault)
                        .orElse(repair.fault()))
                .distinct()
                .toList();
        List<List<Fault<S>>> bases = new ArrayList<>(List.of(all));
        for (int i = 0; all.size() > 1 && i < all.size(); i++) {
            List<Fault<S>> fewer = new ArrayList<>(all);
            fewer.remove(i);
            bases.add(fewer);
        }
        return bases;
    }

    /** Offers what a base makes with one fault more, and with two where pairs are asked for. */
    private static <S> void extend(Story<S> base, List<Story<S>> singles, boolean pairs, Forecasts<S> best) {
        List<Story<S>> others = singles.stream()
                .filter(story -> base.hypothesis().faults().stream()
                        .noneMatch(f -> f.site().equals(story.fault().site())))
                .toList();
        best.offerOnTopOf(base, others, pairs);
    }

    private static Set<String> ids(Hypothesis<?> hypothesis) {
        return hypothesis.faults().stream().map(Fault::id).collect(Collectors.toSet());
    }

    /** A story of several faults, in the order of the book. */
    private Hypothesis<S> inOrder(List<Fault<S>> faults) {
        return new Hypothesis<>(faults.stream()
                .sorted(Comparator.comparingInt(f -> order.get(f.id())))
                .toList());
    }

    /** Pairs of faults, those first that may do best. */
    private List<Hypothesis<S>> promisingPairs(List<Story<S>> singles) {
        Forecasts<S> forecasts = new Forecasts<>(assumptions.pairs());
        forecasts.offerPairs(singles);
        return forecasts.best().stream()
                .map(forecast -> new Hypothesis<>(forecast.faults()))
                .toList();
    }
}
