package ablemedic.app.entry;

import ablemedic.catalogue.Text;
import ablemedic.craft.Craft;
import ablemedic.diagnosis.Answers.Mixed;
import ablemedic.diagnosis.Answers.Scale;
import ablemedic.diagnosis.Check;
import ablemedic.diagnosis.Distribution;
import ablemedic.diagnosis.Distribution.Alternative;
import ablemedic.diagnosis.Proof;
import ablemedic.diagnosis.Reading.Chosen;
import ablemedic.diagnosis.Reading.Measured;
import java.util.DoubleSummaryStatistics;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.DoubleStream;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/** What a check gives on a craft, as a bench would say it. */
public final class Expected {
    /** Half the width of what is shown as expected, in spreads: about 95 %. */
    private static final double WIDTH = 2;

    /** A way that a reading may come out is said when it has at least this probability. */
    private static final double WORTH_SAYING = 0.1;

    private Expected() {}

    public static String of(Check<Craft> check, Craft craft) {
        return of(check.outlook(craft), craft);
    }

    /** A distribution in words. */
    public static String of(Distribution distribution, Craft craft) {
        if (distribution.answers() instanceof Mixed mixed) {
            List<Distribution> parts = distribution.parts();
            return IntStream.range(0, parts.size())
                    .mapToObj(i -> Entered.of(mixed.items().get(i)).plain(craft.naming()) + of(parts.get(i), craft))
                    .collect(Collectors.joining("; "));
        }
        return distribution.answers() instanceof Scale scale
                ? onScale(scale, distribution.alternatives(), craft)
                : Proof.expected(distribution).plain(craft.naming());
    }

    /**
     * One number with how far it may be off; or from the least to the most that may show, and the words that may stand
     * instead.
     */
    private static String onScale(Scale scale, List<Alternative> ways, Craft craft) {
        if (ways.size() == 1 && ways.get(0).reading() instanceof Measured) {
            return number(scale, ways.get(0));
        }
        List<Alternative> worth = ways.stream()
                .filter(way -> ways.size() == 1 || way.probability() >= WORTH_SAYING)
                .toList();
        DoubleSummaryStatistics numbers = worth.stream()
                .filter(way -> way.reading() instanceof Measured)
                .flatMapToDouble(way -> DoubleStream.of(mean(way) - way.spread(), mean(way) + way.spread()))
                .summaryStatistics();
        Stream<String> range = numbers.getCount() == 0
                ? Stream.of()
                : Stream.of("about " + Units.shown(scale, numbers.getMin()) + " to "
                        + Units.shown(scale, numbers.getMax()));
        Stream<String> words = worth.stream()
                .filter(way -> way.reading() instanceof Chosen)
                .map(way -> word(scale, way).plain(craft.naming()));
        return Stream.concat(range, words).collect(Collectors.joining(", or "));
    }

    /** The word that stands in place of a number. */
    private static Text word(Scale scale, Alternative way) {
        String word = ((Chosen) way.reading()).outcomes().get(Entered.ONLY);
        return scale.labelOf(word).orElseThrow();
    }

    /** A number with how far it may be off. */
    public static String number(Scale scale, Alternative way) {
        return Units.shown(scale, mean(way)) + " ± " + Units.shown(scale, WIDTH * way.spread());
    }

    private static double mean(Alternative way) {
        return ((Measured) way.reading()).value();
    }
}
