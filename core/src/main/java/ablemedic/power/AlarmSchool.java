package ablemedic.power;

import ablemedic.craft.BoardSettings;
import ablemedic.craft.Craft;
import ablemedic.speciality.Lint;
import ablemedic.speciality.Lint.Severity;
import java.util.List;

/** The alarms of a craft against the school by which its packs are flown. */
public final class AlarmSchool {
  private static final double NEAR_V = 0.02;

  private AlarmSchool() {}

  /** What a craft is told of its alarms that does not go with a school; nothing where it does. */
  public static List<Lint> lint(Craft craft, LandingSchool school) {
    double warns = craft.told(BoardSettings.WARN_CELL);
    if (warns > school.warnV() - NEAR_V) {
      return List.of();
    }
    return List.of(new Lint(Severity.DOUBTFUL, "It warns at " + craft.told().said(BoardSettings.WARN_CELL) + ", and its packs are flown by “" + school.label() + "”",
        "Warn at " + school.warnV() + " V a cell, critical at " + school.criticalV(), List.of(BoardSettings.WARN_CELL, BoardSettings.LOWEST_CELL), ""));
  }
}
