package ablemedic.reading;

import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** A number as somebody wrote it. */
public sealed interface Written {

  /** A value in the SI unit of its dimension. */
  record Amount(double value) implements Written {}

  /** The meter showed that it is beyond its range. */
  record OverLimit() implements Written {}

  /** What was written cannot be read. */
  final class UnreadableException extends IllegalArgumentException {
    private static final long serialVersionUID = 1;

    UnreadableException(String message) {
      super(message);
    }
  }

  Pattern NUMBER_AND_UNIT = Pattern.compile("([+-]?(?:\\d{1,9}(?:[.,]\\d{0,9})?|[.,]\\d{1,9}))\\s*([\\p{L}°]*)");

  /**
   * Reads a number with or without a unit. Comma and point both part the decimals; {@code OL} is beyond range.
   *
   * @param text      what was written
   * @param dimension what it must measure
   * @param unitless  the unit meant where none is written, one of the dimension's
   * @throws UnreadableException with an example of what would be right
   */
  static Written read(String text, Dimension dimension, String unitless) {
    String trimmed = text.strip().replace('−', '-');
    if (trimmed.equalsIgnoreCase("OL") || trimmed.equalsIgnoreCase("O.L") || trimmed.equalsIgnoreCase("0L")) {
      return new OverLimit();
    }
    Matcher matcher = NUMBER_AND_UNIT.matcher(trimmed);
    if (!matcher.matches()) {
      throw new UnreadableException("“" + shortened(trimmed) + "” is not a number with a unit, such as 12 " + unitless
          + " or 12,5 " + unitless + ".");
    }
    String written = matcher.group(2).isEmpty() ? unitless : matcher.group(2);
    Double factor = dimension.factors().get(written.toLowerCase(Locale.ROOT));
    if (factor == null) {
      throw new UnreadableException("“" + shortened(written) + "” is no unit of "
          + dimension.name().toLowerCase(Locale.ROOT) + "; write " + unitless + ", or one of "
          + dimension.factors().keySet().stream().sorted().toList() + ".");
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
