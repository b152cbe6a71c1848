package ablemedic.settings;

import ablemedic.configuration.Setting;
import ablemedic.craft.ArmingSettings;
import ablemedic.craft.Craft;
import ablemedic.craft.ModeRange;
import ablemedic.diagnosis.Fault;
import ablemedic.family.Odds;
import ablemedic.family.SettingTrouble;
import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;

/**
 * The faults that keep a craft from arming and are its own; those of receiver, sticks and board are in the families of
 * those.
 */
final class ArmingFaults {
    static final SettingTrouble<ModeRange> ARM = SettingTrouble.of(ArmingSettings.ARM);
    static final SettingTrouble<Integer> CHANNEL = SettingTrouble.of(ArmingSettings.RADIO_CHANNEL);
    static final SettingTrouble<Integer> ON = SettingTrouble.of(ArmingSettings.RADIO_ON);
    static final SettingTrouble<Integer> DOWN = SettingTrouble.of(ArmingSettings.RADIO_THROTTLE_DOWN);
    static final SettingTrouble<Boolean> WAITS = SettingTrouble.of(ArmingSettings.WAITS_FOR_FIX);
    static final SettingTrouble<Boolean> CALIBRATED = SettingTrouble.of(ArmingSettings.CALIBRATED);
    static final SettingTrouble<Boolean> COMPUTER = SettingTrouble.of(ArmingSettings.WITH_COMPUTER);
    static final SettingTrouble<Double> STANDS = SettingTrouble.of(ArmingSettings.STANDS);
    static final SettingTrouble<Boolean> AT_POWER = SettingTrouble.of(ArmingSettings.ON_AT_POWER);

    /** How far a trimmed throttle stands above its limit, microseconds. */
    private static final int TRIMMED_US = 40;

    private static final int OUT_OF_REACH_US = 60;
    /** How much further from level than it arms a craft in grass or on a slope stands, degrees. */
    private static final double STEEPER_DEG = 8;

    private final Craft sound;
    private final List<Fault<Craft>> faults = new ArrayList<>();

    private ArmingFaults(Craft sound) {
        this.sound = sound;
    }

    static List<Fault<Craft>> of(Craft sound) {
        ArmingFaults all = new ArmingFaults(sound);
        if (sound.told(ArmingSettings.BY) == ArmingSettings.Way.SWITCH
                && !sound.told(ArmingSettings.ARM).isNone()) {
            all.switches();
        }
        all.waiting();
        all.handling();
        return List.copyOf(all.faults);
    }

    private void switches() {
        ModeRange range = sound.told(ArmingSettings.ARM);
        int on = sound.told(ArmingSettings.RADIO_ON);
        add(
                ARM,
                ArmingSettings.ARM,
                "arm-range-lost",
                "mode-lost",
                SettingsOdds.MODE_LOST,
                was -> ModeRange.NONE,
                "No switch arms it: the range of the arm switch is gone",
                "Tell the board that " + range + " arms it",
                3,
                "On the board's page of modes: " + range + " arms it.",
                "Flip the switch: its mark enters the range, and leaves it.",
                SettingTrouble.SAVE);
        if (on + OUT_OF_REACH_US < 2150) {
            add(
                    ARM,
                    ArmingSettings.ARM,
                    "arm-range-out-of-reach",
                    "mode-out-of-reach",
                    SettingsOdds.MODE_OUT_OF_REACH,
                    was -> new ModeRange(was.channel(), on + OUT_OF_REACH_US, 2150),
                    "The arm switch sends " + on + " µs, and the range that arms begins above it",
                    "Lay the range that arms over what the switch sends: " + range,
                    3,
                    "On the board's page of modes: " + range + " arms it.",
                    SettingTrouble.SAVE);
        }
        add(
                CHANNEL,
                ArmingSettings.RADIO_CHANNEL,
                "arm-channel-other",
                "switch-on-other-channel",
                SettingsOdds.SWITCH_ELSEWHERE,
                was -> was == 0 || was == 18 ? 5 : was + 1,
                "The radio has its arm switch on another channel than the board is told",
                "Put the radio's arm switch on channel " + sound.told(ArmingSettings.RADIO_CHANNEL),
                3,
                "In the radio's model, its page of channels: the arm switch on channel "
                        + sound.told(ArmingSettings.RADIO_CHANNEL) + ".",
                "Flip it: its mark enters the range that arms.");
        add(
                ON,
                ArmingSettings.RADIO_ON,
                "arm-switch-short",
                "switch-does-not-reach",
                SettingsOdds.SWITCH_SHORT,
                was -> Math.max(850, range.fromUs() - OUT_OF_REACH_US),
                "The arm switch sends " + Math.max(850, range.fromUs() - OUT_OF_REACH_US)
                        + " µs, and the range that arms begins at " + range.fromUs(),
                "Give the arm switch its full travel: " + on + " µs",
                3,
                "In the radio's outputs: travel of its channel to " + on + " µs.",
                "Flip it: its mark enters the range that arms.");
    }

    private void waiting() {
        int limit = sound.told(ArmingSettings.THROTTLE_LOW);
        add(
                DOWN,
                ArmingSettings.RADIO_THROTTLE_DOWN,
                "throttle-not-down",
                "throttle-not-down",
                SettingsOdds.THROTTLE,
                was -> limit + TRIMMED_US,
                "The throttle stick sends " + (limit + TRIMMED_US) + " µs when it is down, and counts as down below "
                        + limit,
                "Bring the throttle's lower end to " + sound.told(ArmingSettings.RADIO_THROTTLE_DOWN) + " µs",
                3,
                "At the radio: throttle trim all the way down, then the travel of its lower end, until the bar stands at "
                        + sound.told(ArmingSettings.RADIO_THROTTLE_DOWN) + " µs.");
        if (!sound.told(ArmingSettings.WAITS_FOR_FIX)) {
            add(
                    WAITS,
                    ArmingSettings.WAITS_FOR_FIX,
                    "waits-for-fix",
                    "waits-for-fix",
                    SettingsOdds.WAITS,
                    was -> true,
                    "It waits for a fix that it never gets",
                    "Switch the wait for a fix off",
                    2,
                    "Among the settings of arming or positioning. Whoever wants return home keeps it, and arms outdoors after the fix.",
                    SettingTrouble.SAVE);
        }
        add(
                CALIBRATED,
                ArmingSettings.CALIBRATED,
                "level-not-calibrated",
                "level-not-calibrated",
                SettingsOdds.NOT_CALIBRATED,
                was -> false,
                "Level was not calibrated since the last erase",
                "Calibrate level on a flat surface",
                3,
                "Alignment first. Lay the craft on a surface that a spirit level shows flat, no strap under it; run the calibration, hands off.",
                SettingTrouble.SAVE);
    }

    private void handling() {
        add(
                COMPUTER,
                ArmingSettings.WITH_COMPUTER,
                "armed-with-computer",
                "computer-joined",
                SettingsOdds.WITH_COMPUTER,
                was -> true,
                "The computer's program is joined, and that alone keeps it from arming",
                "Take the computer out before arming",
                1,
                "Disconnect the program, pull the plug. Props off as long as it is at the bench.");
        double limit = sound.told(ArmingSettings.TILT);
        if (limit + STEEPER_DEG < 90) {
            add(
                    STANDS,
                    ArmingSettings.STANDS,
                    "stands-steep",
                    "stands-steep",
                    SettingsOdds.STANDS_STEEP,
                    was -> limit + STEEPER_DEG,
                    "It stands further from level than the " + Math.round(limit) + "° up to which it arms",
                    "Set it on level ground before arming",
                    1,
                    "Flat ground, a board or a landing pad; out of the grass. Or allow more tilt: 45° on rough ground, if the owner wants it.");
        }
        add(
                AT_POWER,
                ArmingSettings.ON_AT_POWER,
                "arm-switch-on-at-power",
                "switch-on-at-power",
                SettingsOdds.ON_AT_POWER,
                was -> true,
                "The arm switch stood on when the pack went in",
                "Arm switch off, then on",
                1,
                "Throttle down, switch off, wait two seconds, switch on. Off before the pack goes in, every time.");
    }

    private <T> void add(
            SettingTrouble<T> trouble,
            Setting<T> setting,
            String id,
            String kind,
            Odds odds,
            UnaryOperator<T> change,
            String description,
            String title,
            double minutes,
            String... steps) {
        faults.add(trouble.wrong(
                id,
                kind,
                "setting " + setting.id(),
                odds,
                change,
                any -> description,
                trouble.entered(
                        "set", setting.id() + " " + sound.told().written(setting), title, List.of(steps), minutes)));
    }
}
