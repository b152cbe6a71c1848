package ablemedic.radio;

import ablemedic.catalogue.Param;
import ablemedic.catalogue.Words;
import ablemedic.configuration.Setting;
import ablemedic.craft.Craft;
import ablemedic.craft.FailsafeSettings;
import ablemedic.craft.FailsafeSettings.AfterGuardTime;
import ablemedic.craft.FailsafeSettings.HomeAt;
import ablemedic.craft.ReceiverSettings;
import ablemedic.craft.ReceiverSettings.WhenLost;
import java.util.ArrayList;
import java.util.List;

/**
 * The safest failsafe of a craft by the convention that its owner holds to, each setting with its reason. The throttle
 * of a landing is computed from mass, thrust and drag; the rest is common practice with no source.
 *
 * @param cannot why the convention cannot be had on this craft; empty where it can
 */
public record SafestFailsafe(List<Told> settings, String convention, String cannot) {
    /**
     * Share of its weight that a landing carries: so much less than all of it that a craft five percent lighter than
     * entered does not climb.
     */
    static final double CARRIED = 0.95;

    private static final double GUARD_S = 1;
    private static final double HEIGHT_M = 60;
    private static final double SPARE = 1.3;
    private static final Words WORDS = Radio.WORDS.name("safest");
    private static final double LANDING_S = 60;
    private static final double LEAST_M = 10;
    private static final double CLIMB_M = 30;

    /** A setting, what it stands at and what it should. */
    public record Told(Setting<?> setting, String now, String safest, boolean differs, String why) {}

    public static SafestFailsafe of(Craft craft, AfterGuardTime convention) {
        Gathered all = new Gathered(craft);
        Fall fall = Fall.of(craft.airframe());
        WhenLost lost = craft.setting(ReceiverSettings.WHEN_LOST) == WhenLost.FLAG ? WhenLost.FLAG : WhenLost.NO_FRAMES;
        all.add(ReceiverSettings.WHEN_LOST, lost, said("lost"));
        all.add(FailsafeSettings.GUARD, GUARD_S, said("guard"));
        all.add(
                FailsafeSettings.STAGE_2,
                convention,
                switch (convention) {
                    case DROP ->
                        WORDS.with("speed", new Param.Quantity(fall.speedAfter(20, 0), "m/s", 0))
                                .with("energy", new Param.Quantity(fall.energyJ(fall.speedAfter(20, 0)), "J", 0))
                                .line("drop")
                                .plain();
                    case LAND -> said("land");
                    case RETURN_HOME -> said("return-home");
                });
        if (convention != AfterGuardTime.DROP) {
            double sink = fall.carried(CARRIED).terminalMs();
            all.add(
                    FailsafeSettings.LANDING_THROTTLE,
                    landingThrottle(craft),
                    WORDS.with("sink", new Param.Quantity(sink, "m/s", 0))
                            .with(
                                    "hover",
                                    new Param.Quantity(100 * craft.airframe().hoverThrottle(), "%", 0))
                            .with(
                                    "heavier",
                                    new Param.Quantity(
                                            fall.carried(CARRIED - 0.05).terminalMs(), "m/s", 0))
                            .line("throttle")
                            .plain());
            all.add(
                    FailsafeSettings.LANDING_TIME,
                    Math.max(LANDING_S, (double) Math.round(SPARE * HEIGHT_M / sink)),
                    WORDS.with("height", new Param.Quantity(HEIGHT_M, "m", 0))
                            .line("time")
                            .plain());
        }
        if (convention == AfterGuardTime.RETURN_HOME) {
            all.add(FailsafeSettings.LEAST_DISTANCE, LEAST_M, said("least"));
            all.add(FailsafeSettings.CLIMB_TO, CLIMB_M, said("climb"));
            all.add(FailsafeSettings.LEAST_SATELLITES, LostLink.Home.ENOUGH, said("satellites"));
            all.add(FailsafeSettings.HOME_AT, HomeAt.ARMING, said("home"));
        }
        boolean missing = convention == AfterGuardTime.RETURN_HOME
                && !RadioChain.of(craft).hasPositioning();
        return new SafestFailsafe(List.copyOf(all.told), convention.label(), missing ? said("missing") : "");
    }

    private static String said(String line) {
        return WORDS.line(line).plain();
    }

    /** The throttle of a landing, percent to a tenth: thrust goes with its square. */
    static double landingThrottle(Craft craft) {
        return Math.floor(1000 * craft.airframe().hoverThrottle() * Math.sqrt(CARRIED)) / 10;
    }

    /** The settings as they are gathered. */
    private static final class Gathered {
        private final Craft craft;
        private final List<Told> told = new ArrayList<>();

        private Gathered(Craft craft) {
            this.craft = craft;
        }

        private <T> void add(Setting<T> setting, T safest, String why) {
            told.add(new Told(
                    setting,
                    craft.configuration().said(setting),
                    setting.form().said(safest),
                    !craft.setting(setting).equals(safest),
                    why));
        }
    }
}
