package ablemedic.reading;

import ablemedic.catalogue.Catalogue;
import ablemedic.catalogue.Names;
import ablemedic.catalogue.Param;
import ablemedic.catalogue.Rejected;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** A number as somebody wrote it. */
public sealed interface EnteredNumber {

    /** A value in the SI unit of its dimension. */
    record Amount(double value) implements EnteredNumber {}

    /** The meter showed that it is beyond its range. */
    record OverLimit() implements EnteredNumber {}

    /** The reading rises and does not settle, as while a capacitor charges. */
    record Climbing() implements EnteredNumber {}

    Catalogue WORDS = Catalogue.beside(EnteredNumber.class, "refusals");

    Pattern NUMBER_AND_UNIT =
            Pattern.compile("([+-]?(?:\\d{1,9}(?:[.,]\\d{0,9})?|[.,]\\d{1,9}))\\s*([\\p{L}°%]+(?: [\\p{L}°%]+)?|)");

    /** The letter of the unit in the place of the point, as parts lists have it: {@code 4k7}, {@code 0R3}. */
    Pattern LETTER_AS_POINT = Pattern.compile("^(\\d{1,9})([rRkKM])(\\d{1,9})$");

    Set<String> OVER_LIMIT = Set.of("o", "ol", "o.l", "0l", "0.l", "o l", "open", "over limit", "overload");
    Set<String> CLIMBING = Set.of("c", "climbing", "climbs", "rising", "rises", "counting up", "counts up", "charging");

    /**
     * Reads a number with or without a unit. Comma and point both part the decimals; {@code OL} and its like is beyond
     * range, {@code climbing} and its like never settles.
     *
     * @param text what was written
     * @param dimension what it must measure
     * @param unitless the unit meant where none is written, one of the dimension's
     * @throws Rejected with an example of what would be right
     */
    static EnteredNumber read(String text, Dimension dimension, String unitless) {
        String trimmed = text.strip().replace('−', '-');
        String word = trimmed.toLowerCase(Locale.ROOT);
        if (OVER_LIMIT.contains(word)) {
            return new OverLimit();
        }
        if (CLIMBING.contains(word)) {
            return new Climbing();
        }
        Matcher matcher =
                NUMBER_AND_UNIT.matcher(LETTER_AS_POINT.matcher(trimmed).replaceFirst("$1.$3$2"));
        if (!matcher.matches()) {
            throw new Rejected(
                    "reading",
                    WORDS.of("number")
                            .with("given", Param.written(shortened(trimmed)))
                            .with("unit", Param.written(unitless))
                            .line("no-number"));
        }
        String written =
                matcher.group(2).isEmpty() ? unitless : matcher.group(2).replace(" ", "");
        Double factor = dimension.factors().get(written.toLowerCase(Locale.ROOT));
        if (factor == null) {
            Optional<Dimension> other = Dimension.measuredIn(written);
            throw new Rejected(
                    "reading",
                    WORDS.of("number")
                            .with("given", Param.written(shortened(written)))
                            .with("unit", Param.written(unitless))
                            .with("measures", Param.written(other.map(Names::of).orElse("")))
                            .with("wanted", Param.written(Names.of(dimension)))
                            .with(
                                    "units",
                                    Param.written(String.join(
                                            ", ",
                                            dimension.factors().keySet().stream()
                                                    .sorted()
                                                    .toList())))
                            .line(other.isPresent() ? "other-unit" : "no-unit"));
        }
        if (dimension == Dimension.RESISTANCE && written.startsWith("m")) {
            factor = 1e-3;
        }
        return new Amount(Double.parseDouble(matcher.group(1).replace(',', '.')) * factor);
    }

    private static String shortened(String text) {
        return text.length() <= 40 ? text : text.substring(0, 40) + "…";
    }
}
