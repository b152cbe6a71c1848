package ablemedic.radio;

import ablemedic.configuration.Setting;
import ablemedic.craft.Craft;
import ablemedic.craft.FailsafeSettings;
import ablemedic.craft.FailsafeSettings.HomeAt;
import ablemedic.craft.FailsafeSettings.Stage2;
import ablemedic.craft.ReceiverSettings;
import ablemedic.craft.ReceiverSettings.WhenLost;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/**
 * The safest failsafe of a craft by the school that its owner holds to, each setting with its reason. The throttle of a
 * landing is computed from mass, thrust and drag; the rest is common practice with no source.
 *
 * @param cannot why the school cannot be had on this craft; empty where it can
 */
public record SafestFailsafe(List<Told> settings, String school, String cannot) {
    /**
     * Share of its weight that a landing carries: so much less than all of it that a craft five percent lighter than
     * entered does not climb.
     */
    static final double CARRIED = 0.95;

    private static final double GUARD_S = 1;
    private static final double HEIGHT_M = 60;
    private static final double SPARE = 1.3;
    private static final double LANDING_S = 60;
    private static final double LEAST_M = 10;
    private static final double CLIMB_M = 30;

    /** A setting, what it stands at and what it should. */
    public record Told(Setting<?> setting, String now, String safest, boolean differs, String why) {}

    public static SafestFailsafe of(Craft craft, Stage2 school) {
        Gathered all = new Gathered(craft);
        Fall fall = Fall.of(craft.airframe());
        WhenLost lost = craft.told(ReceiverSettings.WHEN_LOST) == WhenLost.FLAG ? WhenLost.FLAG : WhenLost.NO_FRAMES;
        all.add(
                ReceiverSettings.WHEN_LOST,
                lost,
                "One box decides: the receiver tells the board that the link is lost, and nothing else.");
        all.add(
                FailsafeSettings.GUARD,
                GUARD_S,
                "Long enough for a gap of the link, short enough to stay near: ten metres at ten metres a second.");
        all.add(
                FailsafeSettings.STAGE_2,
                school,
                switch (school) {
                    case DROP ->
                        String.format(
                                Locale.ROOT,
                                "It falls where it is, within seconds: from 20 m at %.0f m/s with %.0f J. For races, fields and places where it must not drift.",
                                fall.speedAfter(20, 0),
                                fall.energyJ(fall.speedAfter(20, 0)));
                    case LAND ->
                        "It comes down on its motors and drifts with the wind. For open, soft ground without people.";
                    case RETURN_HOME ->
                        "It comes back by itself, if all of its terms hold. For craft with positioning, tried out near by first.";
                });
        if (school != Stage2.DROP) {
            double sink = fall.carried(CARRIED).terminalMs();
            all.add(
                    FailsafeSettings.LANDING_THROTTLE,
                    landingThrottle(craft),
                    String.format(
                            Locale.ROOT,
                            "It sinks at about %.0f m/s on that; hovering takes %.0f %%. Five percent lighter it would hover, five percent heavier it sinks at %.0f m/s.",
                            sink,
                            100 * craft.airframe().hoverThrottle(),
                            fall.carried(CARRIED - 0.05).terminalMs()));
            all.add(
                    FailsafeSettings.LANDING_TIME,
                    Math.max(LANDING_S, (double) Math.round(SPARE * HEIGHT_M / sink)),
                    String.format(
                            Locale.ROOT,
                            "Longer than it sinks from %.0f m, also where it is lighter than entered: motors that stop in the air are the greater harm.",
                            HEIGHT_M));
        }
        if (school == Stage2.RETURN_HOME) {
            all.add(FailsafeSettings.LEAST_DISTANCE, LEAST_M, "So that a first try can be made near by.");
            all.add(FailsafeSettings.CLIMB_TO, CLIMB_M, "Above trees and houses; more where something higher stands.");
            all.add(
                    FailsafeSettings.LEAST_SATELLITES,
                    LostLink.Home.ENOUGH,
                    "With fewer, home may be tens of metres wrong.");
            all.add(FailsafeSettings.HOME_AT, HomeAt.ARMING, "Where it takes off, not where it was plugged in.");
        }
        boolean missing = school == Stage2.RETURN_HOME && !RadioChain.of(craft).hasPositioning();
        return new SafestFailsafe(
                List.copyOf(all.told),
                school.label(),
                missing ? "No positioning module is entered for this craft: it would land each time." : "");
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
                    craft.told().said(setting),
                    setting.form().said(safest),
                    !craft.told(setting).equals(safest),
                    why));
        }
    }
}
