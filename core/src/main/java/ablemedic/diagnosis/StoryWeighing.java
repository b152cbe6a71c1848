package ablemedic.diagnosis;

import ablemedic.diagnosis.Evidence.Finding;
import ablemedic.diagnosis.Evidence.Opinion;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;

/** Weighs the stories of one case. A likelihood is taken once for all stories that predict a finding alike. */
final class StoryWeighing<S> {
    /** A finding after those that bear on the same guess. */
    record InContext<S>(Finding<S> finding, List<CorrelatedAssumptions.Bearing<S>> before) {}

    private final Case<S> known;
    private final Predictions<S> predictions;
    private final Assumptions assumptions;
    private final List<Map<Foreseen, Double>> likelihoods = new ArrayList<>();
    /** What the record has wrong and explains nothing that was found. */
    private final Set<Fault<S>> apart = new HashSet<>();
    /** For each piece of evidence, what was found before and bears on the same guess. */
    private final List<List<CorrelatedAssumptions.Bearing<S>>> before = new ArrayList<>();

    StoryWeighing(
            Case<S> known,
            Predictions<S> predictions,
            Assumptions assumptions,
            Function<InContext<S>, Map<Foreseen, Double>> weighed) {
        this.predictions = predictions;
        this.assumptions = assumptions;
        this.known = known;
        CorrelatedAssumptions<S> guesses = new CorrelatedAssumptions<>(known.sound(), predictions);
        List<Finding<S>> findings = new ArrayList<>();
        for (Evidence<S> evidence : known.evidence()) {
            if (evidence instanceof Finding<S> finding) {
                List<CorrelatedAssumptions.Bearing<S>> bearing =
                        guesses.bearing(finding.check(), finding.repairs(), findings);
                likelihoods.add(weighed.apply(new InContext<>(finding, bearing)));
                before.add(bearing);
                findings.add(finding);
            } else {
                likelihoods.add(Map.of());
                before.add(List.of());
            }
        }
    }

    /** The story of each, in their order, on as many processors as there are. */
    List<Story<S>> all(List<Hypothesis<S>> hypotheses) {
        return hypotheses.parallelStream().map(this::story).toList();
    }

    Story<S> story(Hypothesis<S> hypothesis) {
        double logPrior = 0;
        if (hypothesis.outside().isPresent()) {
            boolean like = hypothesis.outside().get().like().isPresent();
            logPrior = Math.log(
                    assumptions.notInBookOdds() / (like ? 1 : Outside.sorts().size()));
        } else if (hypothesis.faults().stream().allMatch(fault -> fault.isHarmless() || apart.contains(fault))) {
            // Somebody complained: that nothing is wrong which concerns that is as seldom whatever else the record
            // has wrong.
            logPrior = Math.log(assumptions.nothingWrongOdds());
        }
        for (Fault<S> fault : hypothesis.shown()) {
            logPrior += Math.log(fault.odds(known.occasion()));
        }
        double[] logLikelihoods = new double[known.evidence().size()];
        Map<Finding<S>, Distribution> expected = new IdentityHashMap<>();
        List<Repair<S>> repairs = null;
        Predictions.State<S> state = null;
        for (int k = 0; k < logLikelihoods.length; k++) {
            Evidence<S> evidence = known.evidence().get(k);
            if (evidence instanceof Finding<S> finding) {
                if (state == null || !finding.repairs().equals(repairs)) {
                    repairs = finding.repairs();
                    state = predictions.state(known.sound(), hypothesis, repairs);
                }
                Distribution outlook = predictions.of(hypothesis, state, finding.check());
                expected.put(finding, outlook);
                List<CorrelatedAssumptions.Bearing<S>> bearing = before.get(k);
                logLikelihoods[k] = likelihoods
                        .get(k)
                        .computeIfAbsent(
                                foreseen(outlook, bearing, expected),
                                one -> Math.log(finding.likelihood(knowing(outlook, bearing, expected::get))));
            } else if (evidence instanceof Opinion<S> opinion && hypothesis.holds(opinion.faultId())) {
                logLikelihoods[k] = Math.log(opinion.ratio());
            }
        }
        return new Story<>(hypothesis, logPrior, logLikelihoods);
    }

    /** What the record has wrong and explains nothing that was found counts for nothing. */
    void setApart(Fault<S> fault) {
        apart.add(fault);
    }

    private static <S> Foreseen foreseen(
            Distribution outlook,
            List<CorrelatedAssumptions.Bearing<S>> before,
            Map<Finding<S>, Distribution> expected) {
        Distribution[] all = new Distribution[before.size() + 1];
        all[0] = outlook;
        for (int i = 1; i < all.length; i++) {
            all[i] = expected.get(before.get(i - 1).finding());
        }
        return new Foreseen(all);
    }

    /** An outlook, after findings that bear on the same guess and the outlook that was had on each. */
    static <S> Distribution knowing(
            Distribution outlook,
            List<CorrelatedAssumptions.Bearing<S>> before,
            Function<Finding<S>, Distribution> then) {
        Distribution now = outlook;
        for (CorrelatedAssumptions.Bearing<S> bearing : before) {
            now = bearing.on(now, then.apply(bearing.finding()));
        }
        return now;
    }
}
