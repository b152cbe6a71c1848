package ablemedic.power;

import ablemedic.diagnosis.Answers.Scale;
import java.util.Optional;

/** A number told along with a check, as it stands in the check's id. */
final class ToldNumber {
  private ToldNumber() {}

  static Optional<Double> within(Scale scale, String number) {
    try {
      double value = Double.parseDouble(number);
      return value >= scale.low() && value <= scale.high() ? Optional.of(value) : Optional.empty();
    } catch (NumberFormatException e) {
      return Optional.empty();
    }
  }
}
