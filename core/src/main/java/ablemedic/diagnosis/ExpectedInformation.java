package ablemedic.diagnosis;

import ablemedic.diagnosis.Evidence.Finding;
import ablemedic.diagnosis.Predictions.Row;
import ablemedic.diagnosis.Predictions.State;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Function;
import java.util.stream.Collectors;

/** What checks tell about the remedies owed: the mutual information between these and the answer. */
final class ExpectedInformation<S> {
    private final Predictions<S> predictions;
    private final Posterior<S> posterior;
    private final Map<Facet<S, ?>, List<Finding<S>>> foundOf = new ConcurrentHashMap<>();
    private final CorrelatedAssumptions<S> guesses;

    ExpectedInformation(Predictions<S> predictions, Posterior<S> posterior) {
        this.predictions = predictions;
        this.posterior = posterior;
        this.guesses = new CorrelatedAssumptions<>(posterior.known().sound(), predictions);
    }

    /** What one check tells, in bits. */
    double of(List<GroupedStory<S>> stories, Check<S> check) {
        return information(new Sorted(stories, check.reads()), check);
    }

    /** What each check tells, in bits, worked out on as many processors as there are. */
    double[] of(List<GroupedStory<S>> beliefs, List<Check<S>> checks) {
        Map<Facet<S, ?>, Sorted> sorted = checks.stream().map(Check::reads).distinct().toList().parallelStream()
                .collect(Collectors.toMap(facet -> facet, facet -> new Sorted(beliefs, facet)));
        return checks.parallelStream()
                .mapToDouble(check -> information(sorted.get(check.reads()), check))
                .toArray();
    }

    /** Mutual information between the remedies owed and the answer, in bits. */
    private double information(Sorted sorted, Check<S> check) {
        if (sorted.kinds.size() < 2) {
            return 0;
        }
        List<Distribution> outlooks = sorted.outlooks(check);
        Discretisation cells = Discretisation.of(check.answers(), outlooks);
        Map<Distribution, double[]> known = answersAreNamed(check) ? new IdentityHashMap<>() : new HashMap<>();
        double[][] joint = new double[sorted.groupWeight.length][cells.count()];
        double[] marginal = new double[cells.count()];
        double total = 0;
        for (int kind = 0; kind < outlooks.size(); kind++) {
            double[] p = known.computeIfAbsent(outlooks.get(kind), cells::probabilities);
            Kind of = sorted.kinds.get(kind);
            for (int i = 0; i < of.groups.length; i++) {
                double[] row = joint[of.groups[i]];
                for (int o = 0; o < p.length; o++) {
                    row[o] += of.weights[i] * p[o];
                    marginal[o] += of.weights[i] * p[o];
                }
                total += of.weights[i];
            }
        }
        if (known.size() < 2) {
            return 0;
        }
        double nats = 0;
        for (int g = 0; g < joint.length; g++) {
            for (int o = 0; o < marginal.length; o++) {
                double p = joint[g][o];
                if (p > 0) {
                    nats += p / total * Math.log(p * total / (sorted.groupWeight[g] * marginal[o]));
                }
            }
        }
        return Math.max(0, nats / Math.log(2));
    }

    /**
     * Comparing the probabilities of many outcomes costs more than to work the cells out again, so these are told apart
     * by identity.
     */
    private static boolean answersAreNamed(Check<?> check) {
        return !(check.answers() instanceof Answers.Scale);
    }

    /** What was found of a facet of the system as it is now. */
    private List<Finding<S>> foundOf(Facet<S, ?> facet) {
        return foundOf.computeIfAbsent(facet, f -> posterior
                .known()
                .foundNow()
                .filter(finding -> finding.check().reads().equals(f))
                .toList());
    }

    /**
     * Stories that are equal in a facet, and so predict alike whatever is read of it; the weight that each group has.
     */
    private final class Kind {
        private final Row row;
        private final GroupedStory<S> first;
        private final List<GroupedStory<S>> all = new ArrayList<>();
        private int[] groups = new int[0];
        private double[] weights = new double[0];

        Kind(Row row, GroupedStory<S> first) {
            this.row = row;
            this.first = first;
        }

        /** @param scratch by group, nothing but 0 before and after */
        void weigh(double[] scratch) {
            int[] sorted = new int[all.size()];
            for (int i = 0; i < sorted.length; i++) {
                sorted[i] = all.get(i).group();
                scratch[sorted[i]] += all.get(i).weight();
            }
            Arrays.sort(sorted);
            int count = 0;
            for (int group : sorted) {
                if (count == 0 || sorted[count - 1] != group) {
                    sorted[count++] = group;
                }
            }
            groups = Arrays.copyOf(sorted, count);
            weights = new double[count];
            for (int g = 0; g < count; g++) {
                weights[g] = scratch[groups[g]];
                scratch[groups[g]] = 0;
            }
        }
    }

    /** Beliefs sorted by what they are in one facet. What is not in the book is of a kind of its own. */
    private final class Sorted {
        private final List<Kind> kinds = new ArrayList<>();
        private final double[] groupWeight;

        Sorted(List<GroupedStory<S>> beliefs, Facet<S, ?> facet) {
            Map<Row, Kind> byRow = new IdentityHashMap<>();
            Function<State<S>, Row> rows = predictions.rows(facet);
            groupWeight = new double
                    [beliefs.stream().mapToInt(GroupedStory::group).max().orElse(-1) + 1];
            for (GroupedStory<S> belief : beliefs) {
                Row row = rows.apply(belief.state());
                Kind kind = belief.hypothesis().inBook() ? byRow.get(row) : null;
                if (kind == null) {
                    kind = new Kind(row, belief);
                    kinds.add(kind);
                    if (belief.hypothesis().inBook()) {
                        byRow.put(row, kind);
                    }
                }
                kind.all.add(belief);
                groupWeight[belief.group()] += belief.weight();
            }
            double[] scratch = new double[groupWeight.length];
            kinds.forEach(kind -> kind.weigh(scratch));
        }

        List<Distribution> outlooks(Check<S> check) {
            List<Distribution> outlooks = new ArrayList<>(kinds.size());
            List<CorrelatedAssumptions.Bearing<S>> before =
                    guesses.bearing(check, posterior.known().repairs(), foundOf(check.reads()));
            kinds.forEach(kind -> outlooks.add(StoryWeighing.knowing(
                    predicted(kind, check), before, finding -> predicted(kind, finding.check()))));
            return outlooks;
        }

        private Distribution predicted(Kind kind, Check<S> check) {
            return Predictions.outlook(
                    kind.first.hypothesis(), check, predictions.in(kind.row, kind.first.state(), check));
        }
    }
}
