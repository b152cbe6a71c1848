package ablemedic.craft;

import ablemedic.catalogue.Names;
import ablemedic.configuration.Device;
import ablemedic.configuration.Setting;
import ablemedic.configuration.ValueForm;
import ablemedic.configuration.ValueForm.Choice;
import ablemedic.configuration.ValueForm.Count;
import ablemedic.configuration.ValueForm.Range;
import java.util.List;
import java.util.Optional;

/** What the FC is told to do when the radio link is lost for good, and what a return home hangs on. */
public final class FailsafeSettings {
    private static final String FAILSAFE = "failsafe";
    private static final String HOME = "return-home";

    /** What it does once the guard time is over. */
    public enum AfterGuardTime {
        DROP,
        LAND,
        RETURN_HOME;

        public String label() {
            return Names.of(this);
        }
    }

    /** When a board notes where home is. Both are conventions. */
    public enum HomeAt {
        ARMING,
        POWER;

        public String label() {
            return Names.of(this);
        }
    }

    /** How long frames must be missing until the board calls the link lost; 0.1 to 0.3 s is usual. Common practice. */
    public static final Setting<Double> DETECTS =
            SettingWords.setting(Device.FLIGHT_BOARD, FAILSAFE, "failsafe-detects", 0.2, new Range(0, 10, "s"));
    /** What it does once the guard time is over. */
    public static final Setting<AfterGuardTime> STAGE_2 = SettingWords.setting(
            Device.FLIGHT_BOARD,
            FAILSAFE,
            "failsafe-stage-2",
            AfterGuardTime.DROP,
            Choice.of(AfterGuardTime.class, AfterGuardTime::label));
    /** How long it holds its fallback values first; 1 to 1.5 s is usual. Common practice. */
    public static final Setting<Double> GUARD =
            SettingWords.setting(Device.FLIGHT_BOARD, FAILSAFE, "failsafe-guard", 1.0, new Range(0, 20, "s"));
    /** Throttle of a landing. */
    public static final Setting<Double> LANDING_THROTTLE =
            SettingWords.setting(Device.FLIGHT_BOARD, FAILSAFE, "failsafe-throttle", 20.0, new Range(0, 100, "%"));

    /** After which a landing ends with the motors off. */
    public static final Setting<Double> LANDING_TIME =
            SettingWords.setting(Device.FLIGHT_BOARD, FAILSAFE, "failsafe-landing-time", 60.0, new Range(0, 600, "s"));
    /** Nearer to home than this it lands instead of returning; 10 m for a first try. Common practice. */
    public static final Setting<Double> LEAST_DISTANCE = home("return-least-distance", 10.0, new Range(0, 1000, "m"));
    /** The height that a return climbs to first; 30 m for a first try. Common practice. */
    public static final Setting<Double> CLIMB_TO = home("return-climb", 30.0, new Range(0, 500, "m"));
    /** Satellites that it wants; 8. Common practice. */
    public static final Setting<Integer> LEAST_SATELLITES =
            home("return-satellites", 8, new Count(0, 40, n -> Optional.empty()));
    /** When it notes where home is. */
    public static final Setting<HomeAt> HOME_AT =
            home("return-home-at", HomeAt.ARMING, Choice.of(HomeAt.class, HomeAt::label));
    /** How far what it takes for north is turned from north. */
    public static final Setting<Double> COMPASS_OFF =
            SettingWords.setting(Device.POSITIONING, HOME, "compass-off", 0.0, new Range(-180, 180, "°"));

    /** All of them, in the order in which a person goes over them. */
    public static final List<Setting<?>> ALL = List.of(
            DETECTS,
            GUARD,
            STAGE_2,
            LANDING_THROTTLE,
            LANDING_TIME,
            LEAST_DISTANCE,
            CLIMB_TO,
            LEAST_SATELLITES,
            HOME_AT,
            COMPASS_OFF);

    private FailsafeSettings() {}

    private static <T> Setting<T> home(String id, T usual, ValueForm<T> form) {
        return SettingWords.setting(Device.FLIGHT_BOARD, HOME, id, usual, form);
    }
}
