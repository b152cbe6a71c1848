package ablemedic.power;

import ablemedic.craft.Craft;
import ablemedic.craft.FcSettings;
import ablemedic.requirement.Violation;
import java.util.List;

/** The alarms of a craft against the school by which its packs are flown. */
public final class AlarmConvention {
    private static final double NEAR_V = 0.02;

    private AlarmConvention() {}

    /** What of its alarms conflicts with a convention; nothing where they agree. */
    public static List<Violation> violations(Craft craft, LandingVoltageRule school) {
        double warns = craft.told(FcSettings.WARN_CELL);
        if (warns > school.warnV() - NEAR_V) {
            return List.of();
        }
        return List.of(Violation.doubt(
                "landing-warning",
                "It warns at " + craft.told().said(FcSettings.WARN_CELL) + ", and its batteries are flown by “"
                        + school.label() + "”",
                "Warn at " + school.warnV() + " V a cell, critical at " + school.criticalV(),
                "",
                FcSettings.WARN_CELL,
                FcSettings.LOWEST_CELL));
    }
}
