package ablemedic.diagnosis;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.stream.DoubleStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** What is left out without a look is held against going through every pair there is. */
class ForecastsTest {
    private static final int KEPT = 30;

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8})
    void thePairsThatAreKeptAreTheBestOfAllThereAre(long seed) {
        Random random = new Random(seed);
        List<Story<Set<String>>> singles = new ArrayList<>();
        for (int i = 0; i < 80; i++) {
            singles.add(story(i, random));
        }
        Optional<Story<Set<String>>> base = seed % 2 == 0 ? Optional.of(story(99, random)) : Optional.empty();
        Forecasts<Set<String>> forecasts = new Forecasts<>(KEPT);
        base.ifPresentOrElse(
                under -> forecasts.offerOnTopOf(under, singles, true), () -> forecasts.offerPairs(singles));

        List<Double> all = new ArrayList<>();
        base.ifPresent(under -> singles.forEach(one -> all.add(together(Optional.empty(), under, one))));
        for (int i = 0; i < singles.size(); i++) {
            for (int j = i + 1; j < singles.size(); j++) {
                if (!singles.get(i).fault().site().equals(singles.get(j).fault().site())) {
                    all.add(together(base, singles.get(i), singles.get(j)));
                }
            }
        }
        all.sort(Comparator.reverseOrder());
        assertThat(forecasts.best())
                .hasSize(KEPT)
                .extracting(Forecasts.Forecast::score)
                .isSortedAccordingTo(Comparator.reverseOrder())
                .zipSatisfy(
                        all.subList(0, KEPT), (kept, best) -> assertThat(kept).isCloseTo(best, within(1e-8)));
        assertThat(forecasts.best()).extracting(Forecasts.Forecast::together).doesNotHaveDuplicates();
    }

    @ParameterizedTest
    @ValueSource(ints = {0, 1, 5})
    void ofPairsThatDoEquallyWellTheFirstAreKept(int kept) {
        List<Story<Set<String>>> alike = new ArrayList<>();
        for (int i = 0; i < 9; i++) {
            alike.add(new Story<>(Hypothesis.of(Toy.fault("f" + i, "s" + i, "r", 1)), -1, new double[] {-2, -3}));
        }
        Forecasts<Set<String>> forecasts = new Forecasts<>(kept);
        forecasts.offerPairs(alike);
        assertThat(forecasts.best())
                .extracting(best -> best.together().get(1).fault().id())
                .containsExactlyElementsOf(List.of("f1", "f2", "f3", "f4", "f5").subList(0, kept));
    }

    /** Two faults may show together what neither shows alone, so as long as there is room none is left out. */
    @Test
    void pairsOfStoriesThatAreImpossibleAloneAreKeptWhileThereIsRoom() {
        List<Story<Set<String>>> impossible = new ArrayList<>();
        for (int i = 0; i < 4; i++) {
            impossible.add(new Story<>(
                    Hypothesis.of(Toy.fault("f" + i, "s" + i, "r", 1)), -1, new double[] {Double.NEGATIVE_INFINITY}));
        }
        Forecasts<Set<String>> forecasts = new Forecasts<>(KEPT);
        forecasts.offerPairs(impossible);
        assertThat(forecasts.best()).hasSize(6);
    }

    private static double together(
            Optional<Story<Set<String>>> base, Story<Set<String>> one, Story<Set<String>> other) {
        double score =
                one.logPrior() + other.logPrior() + base.map(Story::logPrior).orElse(0.0);
        for (int k = 0; k < one.logLikelihoods().length; k++) {
            int finding = k;
            score += DoubleStream.of(
                            one.logLikelihoods()[k],
                            other.logLikelihoods()[k],
                            base.map(under -> under.logLikelihoods()[finding]).orElse(Double.NEGATIVE_INFINITY))
                    .max()
                    .orElseThrow();
        }
        return score;
    }

    /** Few different figures, so that many stories do equally well; now and then something is impossible. */
    private static Story<Set<String>> story(int number, Random random) {
        double[] likelihoods = random.doubles(6)
                .map(x -> x < 0.02 ? Double.NEGATIVE_INFINITY : -Math.floor(6 * x) / 3)
                .toArray();
        return new Story<>(
                Hypothesis.of(Toy.fault("f" + number, "s" + number / 2, "r", 1)), -random.nextInt(4), likelihoods);
    }
}
