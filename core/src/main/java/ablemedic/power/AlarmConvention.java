package ablemedic.power;

import ablemedic.catalogue.Param;
import ablemedic.craft.Craft;
import ablemedic.craft.FcSettings;
import ablemedic.requirement.Violation;
import java.util.List;

/** The alarms of a craft against the rule by which its batteries are flown. */
public final class AlarmConvention {
    private static final double NEAR_V = 0.02;

    private AlarmConvention() {}

    /** What of its alarms conflicts with a convention; nothing where they agree. */
    public static List<Violation> violations(Craft craft, LandingVoltageRule rule) {
        double warns = craft.setting(FcSettings.WARN_CELL);
        if (warns > rule.warnV() - NEAR_V) {
            return List.of();
        }
        return List.of(Violation.doubt(
                Power.WORDS
                        .requirement("landing-warning")
                        .with("warn", Param.written(craft.configuration().said(FcSettings.WARN_CELL)))
                        .with("rule", Param.written(rule.label()))
                        .with("warnAt", Param.number(rule.warnV(), "V"))
                        .with("critical", Param.number(rule.criticalV(), "V")),
                "",
                FcSettings.WARN_CELL,
                FcSettings.LOWEST_CELL));
    }
}
