package ablemedic.diagnosis;

import ablemedic.diagnosis.Answers.Choices;
import ablemedic.diagnosis.Answers.Mixed;
import ablemedic.diagnosis.Answers.Scale;
import ablemedic.diagnosis.Categorical.Way;
import ablemedic.diagnosis.Joint.Branch;
import ablemedic.diagnosis.Mixture.Share;
import ablemedic.diagnosis.Reading.Chosen;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/**
 * Cuts what a check can give into cells, to reckon what it would tell. Named outcomes and words are cells as they are;
 * a scale is cut between the values that the stories predict.
 */
final class Discretisation {
    private final double[] edges;
    /** The share of the scale that lies below each edge. */
    private final double[] below;

    private final int count;
    /** The cells of each question of several. */
    private final List<Discretisation> parts;
    /** The answers to all questions that are a cell each; empty where cells are made otherwise. */
    private final List<int[]> tuples;

    private Discretisation(int count, List<Discretisation> parts, List<int[]> tuples) {
        this(new double[0], new double[0], count, parts, tuples);
    }

    private Discretisation(double[] edges, double[] below, int count, List<Discretisation> parts, List<int[]> tuples) {
        this.edges = edges;
        this.below = below;
        this.count = count;
        this.parts = parts;
        this.tuples = tuples;
    }

    static Discretisation of(Answers answers, Iterable<Distribution> outlooks) {
        if (answers instanceof Choices choices) {
            return new Discretisation(choices.combinations(), List.of(), List.of());
        }
        if (answers instanceof Mixed mixed) {
            return ofSeveral(mixed, outlooks);
        }
        Scale scale = (Scale) answers;
        double[] edges = between(outlooks, scale);
        return new Discretisation(
                edges,
                Arrays.stream(edges).map(scale::below).toArray(),
                edges.length + 1 + scale.words().size(),
                List.of(),
                List.of());
    }

    private static Discretisation ofSeveral(Mixed mixed, Iterable<Distribution> outlooks) {
        if (mixed.items().stream().allMatch(item -> item.form() instanceof Choices)) {
            return ofTuples(outlooks);
        }
        List<Discretisation> parts = new ArrayList<>();
        int count = 1;
        for (int q = 0; q < mixed.items().size(); q++) {
            List<Distribution> asked = new ArrayList<>();
            for (Distribution outlook : outlooks) {
                asked.addAll(((Joint) outlook).of(q).keySet());
            }
            Discretisation part = of(mixed.items().get(q).form(), asked);
            parts.add(part);
            count = Math.multiplyExact(count, part.count);
        }
        return new Discretisation(count, parts, List.of());
    }

    /**
     * Several questions of named outcomes have more answers than can be gone through. Each set of answers that some
     * story takes for the likeliest is a cell, and all others are one: what that leaves out is what only slips of the
     * observer tell.
     */
    private static Discretisation ofTuples(Iterable<Distribution> outlooks) {
        Map<List<Integer>, int[]> tuples = new LinkedHashMap<>();
        for (Distribution outlook : outlooks) {
            for (Branch branch : ((Joint) outlook).branches()) {
                int[] likeliest = branch.parts().stream()
                        .mapToInt(part -> Shares.greatest(((Categorical) part).marginal(0)))
                        .toArray();
                tuples.put(Arrays.stream(likeliest).boxed().toList(), likeliest);
            }
        }
        return new Discretisation(tuples.size() + 1, List.of(), List.copyOf(tuples.values()));
    }

    private static double[] between(Iterable<Distribution> outlooks, Scale scale) {
        TreeMap<Double, Double> means = new TreeMap<>();
        for (Distribution outlook : outlooks) {
            if (outlook instanceof Mixture either) {
                either.ways().forEach(way -> mean(way.outlook(), means));
            }
            mean(outlook, means);
        }
        List<Double> edges = new ArrayList<>();
        Map.Entry<Double, Double> last = null;
        for (Map.Entry<Double, Double> mean : means.entrySet()) {
            if (last == null) {
                edges.add(Math.max(scale.low(), mean.getKey() - 2 * mean.getValue()));
            } else if (mean.getKey() - last.getKey() > Math.min(mean.getValue(), last.getValue())) {
                edges.add(parting(last, mean));
            } else {
                continue;
            }
            last = mean;
        }
        if (last != null) {
            edges.add(Math.min(scale.high(), last.getKey() + 2 * last.getValue()));
        }
        return edges.stream().mapToDouble(Double::doubleValue).toArray();
    }

    private static void mean(Distribution outlook, Map<Double, Double> means) {
        if (outlook instanceof Gaussian s && s.blunder() < 1) {
            means.merge(s.mean(), s.spread(), Math::min);
        }
    }

    /** Where two predictions part: as many of its own spreads from the one as from the other. */
    private static double parting(Map.Entry<Double, Double> low, Map.Entry<Double, Double> high) {
        return low.getKey() + (high.getKey() - low.getKey()) * low.getValue() / (low.getValue() + high.getValue());
    }

    int count() {
        return count;
    }

    /** The probability of each cell; they sum to 1. */
    double[] probabilities(Distribution outlook) {
        double[] p = new double[count];
        if (!tuples.isEmpty()) {
            double left = 1;
            for (int t = 0; t < tuples.size(); t++) {
                p[t] = probability((Joint) outlook, tuples.get(t));
                left -= p[t];
            }
            p[tuples.size()] = Math.max(0, left);
            return p;
        }
        if (outlook instanceof Categorical ways) {
            for (Way way : ways.ways()) {
                addJoint(p, way.probabilities(), 0, 0, way.share());
            }
            return p;
        }
        if (outlook instanceof Joint branches) {
            for (Branch branch : branches.branches()) {
                double[][] questions = new double[parts.size()][];
                for (int q = 0; q < questions.length; q++) {
                    questions[q] = parts.get(q).probabilities(branch.parts().get(q));
                }
                addJoint(p, questions, 0, 0, branch.share());
            }
            return p;
        }
        if (outlook instanceof Mixture either) {
            for (Share way : either.ways()) {
                double[] of = probabilities(way.outlook());
                for (int i = 0; i < count; i++) {
                    p[i] += way.share() * of[i];
                }
            }
            return p;
        }
        Scale scale = outlook instanceof Gaussian spread ? spread.scale() : ((FixedWord) outlook).scale();
        double words = 0;
        for (int w = 0; w < scale.words().size(); w++) {
            p[edges.length + 1 + w] =
                    outlook.likelihood(Chosen.of(scale.words().get(w).id()));
            words += p[edges.length + 1 + w];
        }
        double before = 0;
        for (int i = 0; i <= edges.length; i++) {
            double upTo = i < edges.length ? cumulative(outlook, edges[i], below[i], words) : 1 - words;
            p[i] = upTo - before;
            before = upTo;
        }
        return p;
    }

    private static double probability(Joint branches, int[] tuple) {
        double sum = 0;
        for (Branch branch : branches.branches()) {
            double p = branch.share();
            for (int q = 0; q < tuple.length; q++) {
                p *= ((Categorical) branch.parts().get(q)).probability(tuple[q]);
            }
            sum += p;
        }
        return sum;
    }

    private static void addJoint(double[] p, double[][] questions, int q, int cell, double share) {
        if (q == questions.length) {
            p[cell] += share;
            return;
        }
        for (int o = 0; o < questions[q].length; o++) {
            addJoint(p, questions, q + 1, cell * questions[q].length + o, share * questions[q][o]);
        }
    }

    /**
     * Probability that a number below x, with that share of the scale below it, is given, when words are given with the
     * probability {@code words}.
     */
    private static double cumulative(Distribution outlook, double x, double below, double words) {
        if (!(outlook instanceof Gaussian spread)) {
            return (1 - words) * below;
        }
        return (1 - spread.blunder()) * Normal.below((x - spread.mean()) / spread.spread())
                + (spread.blunder() - words) * below;
    }
}
