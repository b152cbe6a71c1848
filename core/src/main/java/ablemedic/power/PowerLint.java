package ablemedic.power;

import ablemedic.craft.BoardSettings;
import ablemedic.craft.Craft;
import ablemedic.craft.VoltageSource;
import ablemedic.speciality.Lint;
import ablemedic.speciality.Lint.Severity;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/** What a craft is told of pack and sensors, against divider and pack on its sheet. */
final class PowerLint {
  private static final String COMPLAINT = "voltage";
  /** Parts of a divider are good to a percent each; a scale is set by hand to the meter. Common practice, no source. */
  private static final double SCALE_OFF = 0.05;

  private PowerLint() {}

  static List<Lint> of(Craft craft) {
    List<Lint> found = new ArrayList<>();
    if (craft.electrics().sheet().isEmpty()) {
      return found;
    }
    VoltageSource source = craft.told(BoardSettings.VOLTAGE_SOURCE);
    boolean divider = craft.electrics().wiring().divider().isPresent();
    double scale = craft.told(BoardSettings.VOLTAGE_SCALE);
    double right = SenseChain.rightScale(craft);
    if (source == VoltageSource.DIVIDER && !divider) {
      found.add(new Lint(Severity.WRONG, "The voltage is taken from the board's divider, and the board has none on its sheet",
          "Choose the source that it has", List.of(BoardSettings.VOLTAGE_SOURCE), COMPLAINT));
    } else if (source == VoltageSource.NONE) {
      found.add(new Lint(Severity.DOUBTFUL, "No voltage is read, so nothing warns of a low pack", "Choose the source that it has",
          List.of(BoardSettings.VOLTAGE_SOURCE), COMPLAINT));
    } else if (source == VoltageSource.DIVIDER && Math.abs(scale / right - 1) > SCALE_OFF) {
      found.add(new Lint(Severity.WRONG, String.format(Locale.ROOT, "The voltage scale is %.3g, and the divider is %.3g to one: a pack of 16.0 V shows as %.1f V", scale, right,
          16 * scale / right), String.format(Locale.ROOT, "Enter %.4g, then trim it with two readings against the meter", right), List.of(BoardSettings.VOLTAGE_SCALE),
          COMPLAINT));
    }
    int told = craft.told(BoardSettings.CELLS);
    int cells = craft.electrics().sheet().pack().cells();
    if (told != 0 && told != cells) {
      found.add(new Lint(told > cells ? Severity.WRONG : Severity.DOUBTFUL, "It is told " + told + " cells, and flies with " + cells
          + (told > cells ? ": it warns at once" : ": it warns too late"), "Enter " + cells, List.of(BoardSettings.CELLS), COMPLAINT));
    }
    return found;
  }
}
