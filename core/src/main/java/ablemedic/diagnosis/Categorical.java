package ablemedic.diagnosis;

import ablemedic.diagnosis.Answers.Choices;
import ablemedic.diagnosis.Answers.Outcome;
import ablemedic.diagnosis.Answers.Question;
import ablemedic.diagnosis.Reading.Chosen;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.function.IntUnaryOperator;
import java.util.stream.IntStream;

/**
 * Named outcomes, as a mixture of ways it can go. Within one way the questions are answered independently; over the
 * ways they hang together, as they do when one take-off shows both which edge dropped and which way it spun.
 *
 * @param choices what is asked
 * @param ways each with its share; the shares sum to 1
 */
public record Categorical(Choices choices, List<Way> ways) implements Distribution {
    /** Probabilities nearer than this come to the same. */
    private static final double PROBABILITY = 0.1;

    public Categorical {
        ways = List.copyOf(ways);
        Shares.check(ways.stream().mapToDouble(Way::share));
    }

    /**
     * One way it can go: its share, and the probabilities of the outcomes of each question in order. Equal by value.
     */
    public record Way(double share, double[][] probabilities) {
        @Override
        public boolean equals(Object o) {
            return o instanceof Way other
                    && share == other.share
                    && Arrays.deepEquals(probabilities, other.probabilities);
        }

        @Override
        public int hashCode() {
            return 31 * Double.hashCode(share) + Arrays.deepHashCode(probabilities);
        }
    }

    /** One question answered with the given probabilities, in the order of its outcomes. */
    public static Categorical of(Choices choices, double... probabilities) {
        return new Categorical(choices, List.of(new Way(1, new double[][] {probabilities})));
    }

    /** One question whose answer is known but for an observer who errs alike towards every other outcome. */
    public static Categorical expecting(Choices choices, String outcome, double blunder) {
        Question question = choices.questions().get(0);
        int expected = question.indexOf(outcome)
                .orElseThrow(
                        () -> new IllegalArgumentException("no outcome " + outcome + " among " + question.outcomes()));
        double[] p = new double[question.outcomes().size()];
        Arrays.fill(p, blunder / (p.length - 1));
        p[expected] = 1 - blunder;
        return of(choices, p);
    }

    /** This, or in a share of the times another of the same questions. */
    public Categorical or(double share, Categorical other) {
        List<Way> all = new ArrayList<>();
        ways.forEach(way -> all.add(new Way((1 - share) * way.share(), way.probabilities())));
        other.ways.forEach(way -> all.add(new Way(share * way.share(), way.probabilities())));
        return new Categorical(choices, all);
    }

    /** The probability of one outcome of the first question. */
    public double probability(int outcome) {
        double sum = 0;
        for (Way way : ways) {
            sum += way.share() * way.probabilities()[0][outcome];
        }
        return sum;
    }

    /** The probabilities of the outcomes of a question, over all ways. */
    double[] marginal(int question) {
        double[] p = new double[choices.questions().get(question).outcomes().size()];
        for (Way way : ways) {
            for (int o = 0; o < p.length; o++) {
                p[o] += way.share() * way.probabilities()[question][o];
            }
        }
        return p;
    }

    @Override
    public Choices answers() {
        return choices;
    }

    @Override
    public List<Alternative> alternatives() {
        double[] p = marginal(0);
        List<Outcome> outcomes = choices.questions().get(0).outcomes();
        return IntStream.range(0, p.length)
                .mapToObj(o -> new Alternative(
                        new Chosen(Map.of(
                                choices.questions().get(0).id(), outcomes.get(o).id())),
                        p[o],
                        0))
                .toList();
    }

    @Override
    public double likelihood(Reading reading) {
        if (!(reading instanceof Chosen chosen)) {
            throw new IllegalArgumentException("this check is answered by an outcome, not by a number");
        }
        int[] asked = answered(chosen);
        double sum = 0;
        for (Way way : ways) {
            double p = way.share();
            for (int q = 0; q < asked.length; q++) {
                if (asked[q] >= 0) {
                    p *= way.probabilities()[q][asked[q]];
                }
            }
            sum += p;
        }
        return sum;
    }

    private int[] answered(Chosen chosen) {
        int[] asked = new int[choices.questions().size()];
        for (int q = 0; q < asked.length; q++) {
            Question question = choices.questions().get(q);
            String outcome = chosen.outcomes().get(question.id());
            asked[q] = outcome == null
                    ? -1
                    : question.indexOf(outcome)
                            .orElseThrow(() -> new IllegalArgumentException(
                                    "no outcome " + outcome + " to question " + question.id()));
        }
        return asked;
    }

    @Override
    public Chosen mode() {
        return chosen(question -> Shares.greatest(marginal(question)));
    }

    @Override
    public Chosen sample(Random random) {
        Way way = ways.get(Shares.pick(ways.stream().mapToDouble(Way::share).toArray(), random));
        return chosen(question -> Shares.pick(way.probabilities()[question], random));
    }

    private Chosen chosen(IntUnaryOperator outcome) {
        Map<String, String> chosen = new LinkedHashMap<>();
        for (int q = 0; q < choices.questions().size(); q++) {
            Question question = choices.questions().get(q);
            chosen.put(
                    question.id(),
                    question.outcomes().get(outcome.applyAsInt(q)).id());
        }
        return new Chosen(chosen);
    }

    /** What the first question is expected to be answered by. */
    @Override
    public boolean contains(Reading reading) {
        Question first = choices.questions().get(0);
        return reading instanceof Chosen chosen
                && first.outcomes()
                        .get(Shares.greatest(marginal(0)))
                        .id()
                        .equals(chosen.outcomes().get(first.id()));
    }

    @Override
    public boolean isLike(Distribution other) {
        return other instanceof Categorical that
                && IntStream.range(0, choices.questions().size()).allMatch(q -> near(marginal(q), that.marginal(q)));
    }

    private static boolean near(double[] one, double[] other) {
        return IntStream.range(0, one.length).allMatch(o -> Math.abs(one[o] - other[o]) <= PROBABILITY);
    }

    @Override
    public Categorical surerOf(Reading fine, double times) {
        Map<String, String> outcomes = ((Chosen) fine).outcomes();
        return new Categorical(
                choices,
                ways.stream()
                        .map(way -> new Way(
                                way.share(),
                                IntStream.range(0, way.probabilities().length)
                                        .mapToObj(q -> surerOf(
                                                choices.questions().get(q), way.probabilities()[q], outcomes, times))
                                        .toArray(double[][]::new)))
                        .toList());
    }

    /** @param fine the outcomes that are; one of this question may not be among them */
    private static double[] surerOf(Question question, double[] p, Map<String, String> fine, double times) {
        String outcome = fine.get(question.id());
        if (outcome == null) {
            return p;
        }
        double[] seldom = Arrays.stream(p).map(one -> times * one).toArray();
        seldom[question.indexOf(outcome).orElseThrow()] += 1 - times;
        return seldom;
    }

    @Override
    public Categorical mixedWith(Distribution other, double share) {
        return or(share, (Categorical) other);
    }

    @Override
    public Categorical loosened(double share) {
        return or(share, (Categorical) Distribution.broad(choices));
    }
}
