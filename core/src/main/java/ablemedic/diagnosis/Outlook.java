package ablemedic.diagnosis;

import ablemedic.diagnosis.Answers.Choices;
import ablemedic.diagnosis.Answers.Item;
import ablemedic.diagnosis.Answers.Mixed;
import ablemedic.diagnosis.Answers.Question;
import ablemedic.diagnosis.Answers.Scale;
import ablemedic.diagnosis.Reading.Chosen;
import ablemedic.diagnosis.Reading.Measured;
import ablemedic.diagnosis.Reading.Several;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.ToDoubleFunction;

/** How likely each reading of a check is on one system. */
public sealed interface Outlook {

    /** Probability of the reading; for a number, its density per SI unit. */
    double likelihood(Reading reading);

    /**
     * This outlook with a share of that of somebody who knows nothing.
     *
     * @param share of not knowing, 0 to 1
     */
    Outlook loosened(double share);

    /**
     * This outlook once a reading was taken that rests on the same guess, such as this reading before. What the
     * observer gets wrong is drawn anew, what the system was only guessed to be stays what that reading spoke for.
     *
     * @param then what was expected of that reading
     * @param read how likely that reading was on an outlook
     * @param alike how surely what is guessed is one and the same, 0 to 1
     */
    default Outlook knowing(Outlook then, ToDoubleFunction<Outlook> read, double alike) {
        return this;
    }

    /**
     * Named outcomes, as a mixture of ways it can go. Within one way the questions are answered independently; over the
     * ways they hang together, as they do when one take-off shows both which edge dropped and which way it spun.
     *
     * @param choices what is asked
     * @param ways each with its share; the shares sum to 1
     */
    record Ways(Choices choices, List<Way> ways) implements Outlook {
        public Ways {
            ways = List.copyOf(ways);
            double total = ways.stream().mapToDouble(Way::share).sum();
            if (Math.abs(total - 1) > 1e-9) {
                throw new IllegalArgumentException("the shares sum to " + total + ", not to 1");
            }
        }

        /** One question answered with the given probabilities, in the order of its outcomes. */
        public static Ways of(Choices choices, double... probabilities) {
            return new Ways(choices, List.of(new Way(1, new double[][] {probabilities})));
        }

        /** One question whose answer is known but for an observer who errs alike towards every other outcome. */
        public static Ways expecting(Choices choices, String outcome, double blunder) {
            Question question = choices.questions().get(0);
            int expected = question.indexOf(outcome)
                    .orElseThrow(() ->
                            new IllegalArgumentException("no outcome " + outcome + " among " + question.outcomes()));
            double[] p = new double[question.outcomes().size()];
            Arrays.fill(p, blunder / (p.length - 1));
            p[expected] = 1 - blunder;
            return of(choices, p);
        }

        /** This outlook, or in a share of the times another of the same questions. */
        public Ways or(double share, Ways other) {
            List<Way> all = new ArrayList<>();
            ways.forEach(way -> all.add(new Way((1 - share) * way.share(), way.probabilities())));
            other.ways.forEach(way -> all.add(new Way(share * way.share(), way.probabilities())));
            return new Ways(choices, all);
        }

        /** The probability of one outcome of the first question. */
        public double probability(int outcome) {
            double sum = 0;
            for (Way way : ways) {
                sum += way.share() * way.probabilities()[0][outcome];
            }
            return sum;
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

        @Override
        public Outlook loosened(double share) {
            return or(share, (Ways) broad(choices));
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
    }

    /**
     * One way it can go: its share, and the probabilities of the outcomes of each question in order. Equal by value.
     */
    record Way(double share, double[][] probabilities) {
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

    /**
     * Several questions at once, as a mixture of ways it can go. Within one way the questions are answered
     * independently.
     *
     * @param mixed what is asked
     * @param branches each with its share; the shares sum to 1
     */
    record Branches(Mixed mixed, List<Branch> branches) implements Outlook {
        private static final double EVEN = 0.5;

        public Branches {
            branches = List.copyOf(branches);
            double total = branches.stream().mapToDouble(Branch::share).sum();
            if (Math.abs(total - 1) > 1e-9) {
                throw new IllegalArgumentException("the shares sum to " + total + ", not to 1");
            }
            for (Branch branch : branches) {
                if (branch.parts().size() != mixed.items().size()) {
                    throw new IllegalArgumentException("a way says what becomes of each of the "
                            + mixed.items().size() + " questions");
                }
            }
        }

        /** It can go one way only, with an outlook for each question in order. */
        public static Branches of(Mixed mixed, Outlook... parts) {
            return new Branches(mixed, List.of(new Branch(1, List.of(parts))));
        }

        @Override
        public double likelihood(Reading reading) {
            if (!(reading instanceof Several several)) {
                throw new IllegalArgumentException("this check asks several questions");
            }
            for (String id : several.parts().keySet()) {
                if (mixed.item(id).isEmpty()) {
                    throw new IllegalArgumentException("no question " + id + " among " + mixed.items());
                }
            }
            double sum = 0;
            for (Branch branch : branches) {
                double p = branch.share();
                for (int q = 0; q < mixed.items().size(); q++) {
                    Reading part = several.parts().get(mixed.items().get(q).id());
                    if (part != null) {
                        p *= branch.parts().get(q).likelihood(part);
                    }
                }
                sum += p;
            }
            return sum;
        }

        /** Of several questions some are answered as before even then: which, nobody knows. */
        @Override
        public Outlook loosened(double share) {
            List<Branch> loose = new ArrayList<>();
            branches.forEach(branch -> {
                loose.add(new Branch((1 - share) * branch.share(), branch.parts()));
                loose.add(new Branch(
                        share * branch.share(),
                        branch.parts().stream().map(part -> part.loosened(EVEN)).toList()));
            });
            return new Branches(mixed, loose);
        }

        /** The outlook of one question: how likely each of its answers is over all ways. */
        public Map<Outlook, Double> of(int question) {
            Map<Outlook, Double> shares = new LinkedHashMap<>();
            branches.forEach(branch -> shares.merge(branch.parts().get(question), branch.share(), Double::sum));
            return shares;
        }
    }

    /** One way it can go: its share, and an outlook for each question in order. */
    record Branch(double share, List<Outlook> parts) {
        public Branch {
            parts = List.copyOf(parts);
        }
    }

    /**
     * A number: normal about a mean, with a chance of a blunder anywhere on the scale or among its words.
     *
     * @param scale where it is read
     * @param mean expected value in the scale's unit
     * @param spread standard deviation in the same unit, greater than 0
     * @param blunder chance that the number entered has nothing to do with the system
     */
    record Spread(Scale scale, double mean, double spread, double blunder) implements Outlook {
        public Spread {
            if (!(spread > 0)) {
                throw new IllegalArgumentException("a spread is greater than 0, not " + spread);
            }
        }

        @Override
        public double likelihood(Reading reading) {
            if (!(reading instanceof Measured measured)) {
                return blunder * blindWord(scale, reading);
            }
            double z = (measured.value() - mean) / spread;
            double normal = Math.exp(-z * z / 2) / (spread * Math.sqrt(2 * Math.PI));
            return (1 - blunder) * normal + blunder * blindNumbers(scale) * scale.density(measured.value());
        }

        @Override
        public Outlook loosened(double share) {
            return new Spread(scale, mean, spread, blunder + share * (1 - blunder));
        }
    }

    /**
     * A word in place of a number.
     *
     * @param scale where it is read
     * @param word the id of one of its words
     * @param blunder chance that what was entered has nothing to do with the system
     */
    record Worded(Scale scale, String word, double blunder) implements Outlook {
        public Worded {
            if (scale.indexOf(word).isEmpty()) {
                throw new IllegalArgumentException("no word " + word + " among " + scale.words());
            }
        }

        @Override
        public double likelihood(Reading reading) {
            if (reading instanceof Measured measured) {
                return blunder * blindNumbers(scale) * scale.density(measured.value());
            }
            double blind = blunder * blindWord(scale, reading);
            return reading.equals(Chosen.of(word)) ? 1 - blunder + blind : blind;
        }

        @Override
        public Outlook loosened(double share) {
            return new Worded(scale, word, blunder + share * (1 - blunder));
        }
    }

    /**
     * A reading on one scale that may come out in one of several ways: a board that has a pull-down or none, a value
     * that is read or the one that was expected in its place.
     *
     * @param ways each a {@link Spread} or {@link Worded} of one scale, with its share; the shares sum to 1
     * @param redrawn whether the way is drawn anew with each reading, as what the observer does is; what the system is
     *     stays
     */
    record Either(List<Share> ways, boolean redrawn) implements Outlook {
        public Either {
            ways = List.copyOf(ways);
            double total = ways.stream().mapToDouble(Share::share).sum();
            if (Math.abs(total - 1) > 1e-9) {
                throw new IllegalArgumentException("the shares sum to " + total + ", not to 1");
            }
        }

        /** Of a system that is one of these, nobody knows which. */
        public Either(List<Share> ways) {
            this(ways, false);
        }

        /** What is there, or in a share of the times what the observer takes it for. */
        public static Either slipping(Outlook there, double share, Outlook takenFor) {
            return new Either(List.of(new Share(1 - share, there), new Share(share, takenFor)), true);
        }

        @Override
        public double likelihood(Reading reading) {
            return ways.stream()
                    .mapToDouble(way -> way.share() * way.outlook().likelihood(reading))
                    .sum();
        }

        @Override
        public Outlook loosened(double share) {
            return new Either(
                    ways.stream()
                            .map(way -> new Share(way.share(), way.outlook().loosened(share)))
                            .toList(),
                    redrawn);
        }

        /** The ways of one guess stand in one order, so that the n-th of one reading is the n-th of another. */
        @Override
        public Outlook knowing(Outlook then, ToDoubleFunction<Outlook> read, double alike) {
            if (redrawn || !(then instanceof Either other) || other.ways.size() != ways.size()) {
                return this;
            }
            double[] likely = other.ways.stream()
                    .mapToDouble(way -> read.applyAsDouble(way.outlook()))
                    .toArray();
            double onTheWhole = 0;
            for (int i = 0; i < likely.length; i++) {
                onTheWhole += other.ways.get(i).share() * likely[i];
            }
            double[] shares = new double[likely.length];
            for (int i = 0; i < likely.length; i++) {
                shares[i] = ways.get(i).share() * (alike * likely[i] + (1 - alike) * onTheWhole);
            }
            double total = Arrays.stream(shares).sum();
            List<Share> weighed = new ArrayList<>();
            for (int i = 0; i < shares.length; i++) {
                weighed.add(new Share(shares[i] / total, ways.get(i).outlook()));
            }
            return total > 0 ? new Either(weighed) : this;
        }

        /**
         * What would be named for it: the word that is likelier than any number, or else the likeliest number, the one
         * in the middle of the list where several are alike.
         */
        public Outlook likeliest() {
            Map<Outlook, Double> words = new LinkedHashMap<>();
            List<Share> numbers = new ArrayList<>();
            ways.forEach(way -> {
                if (way.outlook() instanceof Worded) {
                    words.merge(way.outlook(), way.share(), Double::sum);
                } else {
                    numbers.add(way);
                }
            });
            double number = numbers.stream().mapToDouble(Share::share).sum();
            return words.entrySet().stream()
                    .filter(word -> word.getValue() > number)
                    .max(Map.Entry.comparingByValue())
                    .map(Map.Entry::getKey)
                    .orElseGet(() -> middle(numbers));
        }

        private static Outlook middle(List<Share> numbers) {
            double most = numbers.stream().mapToDouble(Share::share).max().orElseThrow();
            List<Share> alike = numbers.stream()
                    .filter(way -> way.share() > most * (1 - 1e-9))
                    .toList();
            return alike.get((alike.size() - 1) / 2).outlook();
        }
    }

    /** One way that a reading may come out, with its probability. */
    record Share(double share, Outlook outlook) {}

    /** The share of blind guesses that are numbers; the rest falls evenly on the words. */
    private static double blindNumbers(Scale scale) {
        return scale.words().isEmpty() ? 1 : 0.5;
    }

    private static double blindWord(Scale scale, Reading reading) {
        String word = ((Chosen) reading).outcomes().get("seen");
        if (word == null || scale.indexOf(word).isEmpty()) {
            throw new IllegalArgumentException("this check is answered by a number"
                    + (scale.words().isEmpty() ? "" : " or one of " + scale.words()) + ", not by " + word);
        }
        return (1 - blindNumbers(scale)) / scale.words().size();
    }

    /** The outlook of somebody who knows nothing: every outcome, or every value of the scale, alike. */
    static Outlook broad(Answers answers) {
        if (answers instanceof Scale scale) {
            return new Spread(scale, (scale.low() + scale.high()) / 2, scale.high() - scale.low(), 1);
        }
        if (answers instanceof Mixed mixed) {
            return new Branches(
                    mixed,
                    List.of(new Branch(
                            1,
                            mixed.items().stream()
                                    .map(Item::form)
                                    .map(Outlook::broad)
                                    .toList())));
        }
        Choices choices = (Choices) answers;
        double[][] even = new double[choices.questions().size()][];
        for (int q = 0; q < even.length; q++) {
            int n = choices.questions().get(q).outcomes().size();
            even[q] = new double[n];
            Arrays.fill(even[q], 1.0 / n);
        }
        return new Ways(choices, List.of(new Way(1, even)));
    }
}
