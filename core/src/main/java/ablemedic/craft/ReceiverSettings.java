package ablemedic.craft;

import ablemedic.catalogue.Names;
import ablemedic.configuration.Device;
import ablemedic.configuration.Setting;
import ablemedic.configuration.ValueForm.Choice;
import ablemedic.configuration.ValueForm.Range;
import java.util.List;

/** What a receiver is told to do when it hears nothing. */
public final class ReceiverSettings {
    private static final String FAILSAFE = "failsafe";

    /** What receivers do when they hear nothing. */
    public enum WhenLost {
        NO_FRAMES,
        FLAG,
        HOLD,
        PRESETS;

        public String label() {
            return Names.of(this);
        }
    }

    /** What it does when it hears nothing. */
    public static final Setting<WhenLost> WHEN_LOST = SettingWords.setting(
            Device.RECEIVER,
            FAILSAFE,
            "receiver-failsafe",
            WhenLost.NO_FRAMES,
            Choice.of(WhenLost.class, WhenLost::label));
    /** How long it takes to notice; 0.1 to 1 s is usual. Common practice. */
    public static final Setting<Double> NOTICES =
            SettingWords.setting(Device.RECEIVER, FAILSAFE, "receiver-notices", 0.5, new Range(0, 10, "s"));
    /** Whether its presets keep the arm switch on. */
    public static final Setting<Boolean> PRESET_ARM = SettingWords.setting(
            Device.RECEIVER, FAILSAFE, "preset-arm", false, SettingWords.choice("preset-arm", false, "on", "off"));
    /** Throttle of its presets. */
    public static final Setting<Double> PRESET_THROTTLE =
            SettingWords.setting(Device.RECEIVER, FAILSAFE, "preset-throttle", 0.0, new Range(0, 100, "%"));

    /** All of them, in the order in which a person goes over them. */
    public static final List<Setting<?>> ALL = List.of(WHEN_LOST, NOTICES, PRESET_ARM, PRESET_THROTTLE);

    private ReceiverSettings() {}
}
