package ablemedic.craft;

import ablemedic.catalogue.Names;
import ablemedic.configuration.Device;
import ablemedic.configuration.Setting;
import ablemedic.configuration.ValueForm;
import ablemedic.configuration.ValueForm.Choice;
import ablemedic.configuration.ValueForm.Count;
import ablemedic.configuration.ValueForm.Range;
import ablemedic.configuration.ValueForm.Words;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** What an FC waits for before it arms, the switches that it is told, and how the pilot goes about it. */
public final class ArmingSettings {
    private static final String ARMING = "arming";
    private static final String MODES = "modes";
    private static final ValueForm<ModeRange> RANGE =
            new Words<>(ModeRange.FORM, ModeRange::written, ModeRange::parse, ModeRange::toString);

    /** By what it is armed. Both are conventions. */
    public enum Way {
        SWITCH,
        STICKS;

        public String label() {
            return Names.of(this);
        }
    }

    /** By what it is armed. */
    public static final Setting<Way> BY = board(ARMING, "arm-by", Way.SWITCH, Choice.of(Way.class, Way::label));
    /** Where it is armed. */
    public static final Setting<ModeRange> ARM = board(MODES, "mode-arm", new ModeRange(5, 1700, 2100), RANGE);
    /** Where it levels itself. */
    public static final Setting<ModeRange> LEVEL = board(MODES, "mode-level", new ModeRange(6, 1700, 2100), RANGE);
    /** Where its sounder calls. */
    public static final Setting<ModeRange> SOUNDER = board(MODES, "mode-sounder", ModeRange.NONE, RANGE);
    /** Every switch that has a range. */
    public static final List<Setting<ModeRange>> SWITCHES = List.of(ARM, LEVEL, SOUNDER);
    /**
     * Tilt above which it does not arm. Schools: 25 (usual, safest), 45 (rough ground), 180 (so that it can right
     * itself). Common practice.
     */
    public static final Setting<Double> TILT = board(ARMING, "arm-tilt", 25.0, new Range(1, 180, "°"));
    /** The throttle counts as down below this, microseconds. */
    public static final Setting<Integer> THROTTLE_LOW =
            board(ARMING, "throttle-low", 1050, new Count(900, 1500, n -> Optional.of(n + " µs")));
    /** Whether it waits for a fix of its position. */
    public static final Setting<Boolean> WAITS_FOR_FIX =
            board(ARMING, "arm-waits-for-fix", false, UartSettings.onOff());
    /** Whether level was ever calibrated since it was last erased. */
    public static final Setting<Boolean> CALIBRATED =
            board(ARMING, "level-calibrated", true, SettingWords.choice("level-calibrated", true, "yes", "no"));

    /** Whether the computer's program is joined while the pilot tries to arm. */
    public static final Setting<Boolean> WITH_COMPUTER = SettingWords.setting(
            Device.COMPUTER,
            ARMING,
            "armed-with-computer",
            false,
            SettingWords.choice("armed-with-computer", false, "yes", "no"));
    /** Whether the switch that arms already stands on when the craft gets its power. */
    public static final Setting<Boolean> ON_AT_POWER = SettingWords.setting(
            Device.RADIO, ARMING, "arm-on-at-power", false, SettingWords.choice("arm-on-at-power", false, "on", "off"));
    /** How far from level it stands where it is armed: on a slope, in grass, on its back. */
    public static final Setting<Double> STANDS =
            SettingWords.setting(Device.PLACE, ARMING, "arm-stands", 0.0, new Range(0, 180, "°"));
    /** The channel that the radio's arm switch is on; 0 for none. */
    public static final Setting<Integer> RADIO_CHANNEL = SettingWords.setting(
            Device.RADIO,
            ARMING,
            "radio-arm-channel",
            5,
            new Count(0, 18, n -> Optional.of(n == 0 ? "none" : "channel " + n)));
    /** The channel that the radio's switch of self-level is on; 0 for none. */
    public static final Setting<Integer> RADIO_LEVEL_CHANNEL = SettingWords.setting(
            Device.RADIO,
            ARMING,
            "radio-level-channel",
            6,
            new Count(0, 18, n -> Optional.of(n == 0 ? "none" : "channel " + n)));
    /** What the arm switch sends when it is on, microseconds. */
    public static final Setting<Integer> RADIO_ON = SettingWords.setting(
            Device.RADIO, ARMING, "radio-arm-on", 2000, new Count(800, 2200, n -> Optional.of(n + " µs")));
    /** What the throttle stick sends at its lower end, microseconds. */
    public static final Setting<Integer> RADIO_THROTTLE_DOWN = SettingWords.setting(
            Device.RADIO, ARMING, "radio-throttle-down", 1000, new Count(800, 2200, n -> Optional.of(n + " µs")));

    /** Those that a board lists and that come of something done with it, so that entering them does nothing. */
    public static final Set<Setting<?>> DONE_NOT_ENTERED = Set.of(CALIBRATED);

    /** All of them, in the order in which a person goes over them. */
    public static final List<Setting<?>> ALL = List.of(
            BY,
            ARM,
            LEVEL,
            SOUNDER,
            TILT,
            THROTTLE_LOW,
            WAITS_FOR_FIX,
            CALIBRATED,
            WITH_COMPUTER,
            ON_AT_POWER,
            STANDS,
            RADIO_CHANNEL,
            RADIO_ON,
            RADIO_LEVEL_CHANNEL,
            RADIO_THROTTLE_DOWN);

    private ArmingSettings() {}

    private static <T> Setting<T> board(String group, String id, T usual, ValueForm<T> form) {
        return SettingWords.setting(Device.FLIGHT_BOARD, group, id, usual, form);
    }
}
