package ablemedic.diagnosis;

import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.PriorityQueue;
import java.util.stream.IntStream;

/**
 * What stories may do together, forecast from how each does alone: every finding is explained by whichever explains it
 * best. The best so many are kept; one that does no better than the last of these when it is offered is not.
 */
final class Forecasts<S> {
    /** Sums in another order differ by less than this. */
    private static final double ROUNDING = 1e-9;

    private final int kept;
    private final PriorityQueue<Forecast<S>> best = new PriorityQueue<>();

    /** @param kept how many, at the most */
    Forecasts(int kept) {
        this.kept = kept;
    }

    /** Stories put together, with how well they may do. */
    record Forecast<S>(List<Story<S>> together, double score) implements Comparable<Forecast<S>> {
        @Override
        public int compareTo(Forecast<S> other) {
            return Double.compare(score, other.score);
        }

        List<Fault<S>> faults() {
            return together.stream()
                    .flatMap(story -> story.hypothesis().faults().stream())
                    .toList();
        }
    }

    /** The best, the best first. */
    List<Forecast<S>> best() {
        return best.stream()
                .sorted(Comparator.comparingDouble((Forecast<S> forecast) -> forecast.score)
                        .reversed())
                .toList();
    }

    private boolean isWorth(double score) {
        return best.size() < kept || score > bar();
    }

    private void keep(List<Story<S>> together, double score) {
        best.add(new Forecast<>(together, score));
        if (best.size() > kept) {
            best.remove();
        }
    }

    /** What a forecast must exceed to be kept. */
    private double bar() {
        if (best.size() < kept) {
            return Double.NEGATIVE_INFINITY;
        }
        return kept == 0 ? Double.POSITIVE_INFINITY : best.element().score;
    }

    /** Offers every two of some stories of one fault each, but of one site. */
    void offerPairs(List<Story<S>> singles) {
        offerAll(Optional.empty(), singles, true);
    }

    /**
     * Offers what a base makes with each of some stories of one fault, and with every two of them where pairs are asked
     * for.
     */
    void offerOnTopOf(Story<S> base, List<Story<S>> singles, boolean pairs) {
        offerAll(Optional.of(base), singles, pairs);
    }

    private void offerAll(Optional<Story<S>> base, List<Story<S>> singles, boolean pairs) {
        Shortfalls shortfalls = new Shortfalls(base, pairs ? singles : List.of());
        double under = base.map(Story::logPrior).orElse(0.0);
        double[] either =
                base.map(story -> new double[story.logLikelihoods().length]).orElse(new double[0]);
        for (int i = 0; i < singles.size(); i++) {
            Story<S> one = singles.get(i);
            double prior = under + one.logPrior();
            double[] explained = base.isEmpty()
                    ? one.logLikelihoods()
                    : better(base.get().logLikelihoods(), one.logLikelihoods(), either);
            if (base.isPresent()) {
                double score = score(prior, explained, explained);
                if (isWorth(score)) {
                    keep(List.of(base.get(), one), score);
                }
            }
            for (int j = i + 1; pairs && j < singles.size(); j++) {
                if (shortfalls.mayExceed(bar(), i, j)) {
                    Story<S> other = singles.get(j);
                    double score = score(prior + other.logPrior(), explained, other.logLikelihoods());
                    if (isWorth(score) && !sameSite(one, other)) {
                        keep(base.isPresent() ? List.of(base.get(), one, other) : List.of(one, other), score);
                    }
                }
            }
        }
    }

    private static double[] better(double[] one, double[] other, double[] into) {
        for (int k = 0; k < into.length; k++) {
            into[k] = Math.max(one[k], other[k]);
        }
        return into;
    }

    private static double score(double prior, double[] one, double[] other) {
        double score = prior;
        for (int k = 0; k < one.length; k++) {
            score += Math.max(one[k], other[k]);
        }
        return score;
    }

    private static boolean sameSite(Story<?> one, Story<?> other) {
        return one.fault().site().equals(other.fault().site());
    }

    /**
     * How far each story falls short of the best that any has for each finding: two together fall short by the less of
     * the two. Those findings stand first that most stories fall short of, so that two that won't do are known by the
     * first or second of them.
     */
    private static final class Shortfalls {
        private final double[] priors;
        private final double[][] byStory;
        private final double most;

        Shortfalls(Optional<? extends Story<?>> base, List<? extends Story<?>> others) {
            int findings = others.isEmpty() ? 0 : others.get(0).logLikelihoods().length;
            double[] best = new double[findings];
            Arrays.fill(best, Double.NEGATIVE_INFINITY);
            base.ifPresent(under -> raise(best, under.logLikelihoods()));
            others.forEach(story -> raise(best, story.logLikelihoods()));
            double[] underneath =
                    base.map(under -> below(best, under.logLikelihoods())).orElse(new double[0]);
            double[] sums = new double[findings];
            double[][] each = new double[others.size()][];
            priors = new double[others.size()];
            for (int i = 0; i < each.length; i++) {
                priors[i] = others.get(i).logPrior();
                each[i] = below(best, others.get(i).logLikelihoods());
                for (int k = 0; k < findings; k++) {
                    each[i][k] = underneath.length == 0 ? each[i][k] : Math.min(each[i][k], underneath[k]);
                    sums[k] += each[i][k];
                }
            }
            Integer[] order = IntStream.range(0, findings).boxed().toArray(Integer[]::new);
            Arrays.sort(
                    order, Comparator.comparingDouble((Integer k) -> sums[k]).reversed());
            byStory = new double[each.length][findings];
            for (int k = 0; k < findings; k++) {
                int from = order[k];
                for (int i = 0; i < each.length; i++) {
                    byStory[i][k] = each[i][from];
                }
            }
            most = base.map(Story::logPrior).orElse(0.0) + Arrays.stream(best).sum();
        }

        private static void raise(double[] best, double[] logLikelihoods) {
            for (int k = 0; k < best.length; k++) {
                best[k] = Math.max(best[k], logLikelihoods[k]);
            }
        }

        /** What is impossible by every story falls short by nothing. */
        private static double[] below(double[] best, double[] logLikelihoods) {
            double[] below = new double[best.length];
            for (int k = 0; k < best.length; k++) {
                below[k] = best[k] > logLikelihoods[k] ? best[k] - logLikelihoods[k] : 0;
            }
            return below;
        }

        boolean mayExceed(double bar, int i, int j) {
            if (bar == Double.NEGATIVE_INFINITY) {
                return true;
            }
            double room = most + priors[i] + priors[j] - bar + ROUNDING;
            double[] one = byStory[i];
            double[] other = byStory[j];
            for (int k = 0; k < one.length && room > 0; k++) {
                room -= Math.min(one[k], other[k]);
            }
            return room > 0;
        }
    }
}
