package ablemedic.radio;

import ablemedic.craft.Craft;
import ablemedic.craft.FailsafeSettings;
import ablemedic.craft.FailsafeSettings.AfterGuardTime;
import ablemedic.craft.ReceiverSettings;
import ablemedic.craft.ReceiverSettings.WhenLost;

/**
 * What motors do on the bench, props off, armed and on a third of throttle, when the radio is switched off. A return
 * home has no fix there, and lands. The chain is common practice with no source.
 *
 * @param does what is seen
 * @param afterS when it begins, seconds after the radio went off; infinite where nothing changes
 */
public record RadioOff(Does does, double afterS) {
    /** What is seen. */
    public enum Does {
        STOP,
        IDLE,
        BRIEF,
        LAND,
        ON;

        public String label() {
            return Radio.WORDS.name("does").name(this);
        }
    }

    /** So long the test waits. */
    private static final double WAITED_S = 30;
    /** Less throttle than this is idling, percent. */
    private static final double IDLING = 5;

    /** As receiver and FC of a craft are configured. */
    public static RadioOff of(Craft craft) {
        WhenLost lost = craft.setting(ReceiverSettings.WHEN_LOST);
        double noticed = craft.setting(ReceiverSettings.NOTICES);
        if (lost == WhenLost.HOLD) {
            return new RadioOff(Does.ON, Double.POSITIVE_INFINITY);
        } else if (lost == WhenLost.PRESETS) {
            return new RadioOff(
                    !craft.setting(ReceiverSettings.PRESET_ARM)
                            ? Does.STOP
                            : craft.setting(ReceiverSettings.PRESET_THROTTLE) < IDLING ? Does.IDLE : Does.LAND,
                    noticed);
        }
        double second = noticed
                + (lost == WhenLost.FLAG ? 0 : craft.setting(FailsafeSettings.DETECTS))
                + craft.setting(FailsafeSettings.GUARD);
        double landing = craft.setting(FailsafeSettings.LANDING_TIME);
        return new RadioOff(
                craft.setting(FailsafeSettings.STAGE_2) == AfterGuardTime.DROP || landing == 0
                        ? Does.STOP
                        : landing < WAITED_S ? Does.BRIEF : Does.LAND,
                second);
    }
}
