package ablemedic.app.entry;

import ablemedic.Specialities;
import ablemedic.craft.Craft;
import ablemedic.diagnosis.Check;
import ablemedic.diagnosis.Outlook;
import ablemedic.diagnosis.Outlook.Branch;
import ablemedic.diagnosis.Outlook.Branches;
import ablemedic.diagnosis.Outlook.Either;
import ablemedic.diagnosis.Outlook.Spread;
import ablemedic.diagnosis.Proof;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

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

    /** An outlook in words. */
    public static String of(Outlook outlook, Craft craft) {
        if (outlook instanceof Branches branches) {
            List<Outlook> parts = branches.branches().stream()
                    .max(Comparator.comparingDouble(Branch::share))
                    .orElseThrow()
                    .parts();
            return IntStream.range(0, parts.size())
                    .mapToObj(i -> Specialities.inWordsOf(
                                    craft, Entered.of(branches.mixed().items().get(i)))
                            + of(parts.get(i), craft))
                    .collect(Collectors.joining("; "));
        }
        if (outlook instanceof Either either) {
            return either(either, craft);
        }
        return outlook instanceof Spread spread
                ? number(spread)
                : Specialities.inWordsOf(craft, Proof.expected(outlook));
    }

    /** From the least to the most that its ways may show, and the words that may stand instead. */
    private static String either(Either either, Craft craft) {
        List<Outlook> ways = either.ways().stream()
                .filter(way -> way.share() >= WORTH_SAYING)
                .map(Outlook.Share::outlook)
                .toList();
        List<Spread> numbers = ways.stream()
                .filter(Spread.class::isInstance)
                .map(Spread.class::cast)
                .toList();
        List<String> said = new ArrayList<>();
        if (!numbers.isEmpty()) {
            said.add("about "
                    + Units.shown(
                            numbers.get(0).scale(),
                            numbers.stream()
                                    .mapToDouble(n -> n.mean() - n.spread())
                                    .min()
                                    .orElseThrow())
                    + " to "
                    + Units.shown(
                            numbers.get(0).scale(),
                            numbers.stream()
                                    .mapToDouble(n -> n.mean() + n.spread())
                                    .max()
                                    .orElseThrow()));
        }
        ways.stream().filter(way -> !(way instanceof Spread)).forEach(way -> said.add(of(way, craft)));
        return String.join(", or ", said);
    }

    /** A number with how far it may be off. */
    public static String number(Spread spread) {
        return Units.shown(spread.scale(), spread.mean()) + " ± "
                + Units.shown(spread.scale(), WIDTH * spread.spread());
    }
}
