package ablemedic.craft;

import ablemedic.configuration.Device;
import ablemedic.configuration.Setting;
import ablemedic.configuration.ValueForm.Range;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Stream;

/** What the pilot's radio can be told. */
public final class RadioSettings {
    private static final String STICKS = "sticks";
    private static final String LINK = "link";

    /** The channel order that it sends. */
    public static final Setting<StickOrder> STICK_ORDER =
            SettingWords.setting(Device.RADIO, STICKS, "radio-stick-order", StickOrder.AETR, StickOrder.FORM);

    private static final List<Setting<Boolean>> REVERSED = Arrays.stream(Stick.values())
            .map(stick -> SettingWords.setting(
                    Device.RADIO,
                    STICKS,
                    "radio-reversed-" + stick.label(),
                    SettingWords.of("radio-reversed", stick.label()),
                    false,
                    SettingWords.choice("radio-reversed", false, "on", "off")))
            .toList();

    private static final List<Setting<Double>> TRIM = Arrays.stream(Stick.values())
            .map(stick -> SettingWords.setting(
                    Device.RADIO,
                    STICKS,
                    "radio-trim-" + stick.label(),
                    SettingWords.of("radio-trim", stick.label()),
                    0.0,
                    new Range(-300, 300, "µs")))
            .toList();
    private static final List<Setting<Double>> TRAVEL = Arrays.stream(Stick.values())
            .map(stick -> SettingWords.setting(
                    Device.RADIO,
                    STICKS,
                    "radio-travel-" + stick.label(),
                    SettingWords.of("radio-travel", stick.label()),
                    100.0,
                    new Range(10, 150, "%")))
            .toList();

    /** Whether the module that the receiver listens to is on and set to its protocol. */
    public static final Setting<Boolean> MODULE =
            SettingWords.setting(Device.RADIO, LINK, "radio-module", true, UartSettings.onOff());
    /** Whether the receiver was bound to this radio. */
    public static final Setting<Boolean> BOUND =
            SettingWords.setting(Device.RADIO, LINK, "bound", true, SettingWords.choice("bound", true, "yes", "no"));
    /** Whether telemetry is on for this model. */
    public static final Setting<Boolean> TELEMETRY =
            SettingWords.setting(Device.RADIO, LINK, "radio-telemetry", true, UartSettings.onOff());
    /** Whether the radio discovered what the receiver sends of the board. */
    public static final Setting<Boolean> SENSORS = SettingWords.setting(
            Device.RADIO, LINK, "sensors", true, SettingWords.choice("sensors", true, "yes", "no"));

    /** All of them, in the order in which a person goes over them. */
    public static final List<Setting<?>> ALL = Stream.of(
                    Stream.of(STICK_ORDER),
                    REVERSED.stream(),
                    TRIM.stream(),
                    TRAVEL.stream(),
                    Stream.of(MODULE, BOUND, TELEMETRY, SENSORS))
            .<Setting<?>>flatMap(all -> all)
            .toList();

    private RadioSettings() {}

    /** Whether the sense of a stick is turned round. */
    public static Setting<Boolean> reversed(Stick stick) {
        return REVERSED.get(stick.ordinal());
    }

    /** How far a stick left alone stands from the middle. */
    public static Setting<Double> trim(Stick stick) {
        return TRIM.get(stick.ordinal());
    }

    /** How far a stick goes, percent of 500 µs to either side. */
    public static Setting<Double> travel(Stick stick) {
        return TRAVEL.get(stick.ordinal());
    }
}
