package ablemedic.settings;

import ablemedic.catalogue.Param;
import ablemedic.craft.ArmingSettings;
import ablemedic.craft.Craft;
import ablemedic.craft.ModeRange;
import ablemedic.diagnosis.Fault;
import ablemedic.family.FaultBuilder;
import ablemedic.family.FaultList;
import ablemedic.family.Odds;
import ablemedic.family.SettingTrouble;
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
    private final FaultList faults = new FaultList();

    private ArmingFaults(Craft sound) {
        this.sound = sound;
    }

    static List<Fault<Craft>> of(Craft sound) {
        ArmingFaults all = new ArmingFaults(sound);
        if (sound.setting(ArmingSettings.BY) == ArmingSettings.Way.SWITCH
                && !sound.setting(ArmingSettings.ARM).isNone()) {
            all.switches();
        }
        all.waiting();
        all.handling();
        return all.faults.all();
    }

    private <T> FaultBuilder wrong(String kind, SettingTrouble<T> trouble, Odds prior, UnaryOperator<T> change) {
        return faults.add(SettingsAndFirmware.WORDS.fault(kind))
                .sets(trouble, sound, change)
                .prior(prior);
    }

    private void switches() {
        ModeRange range = sound.setting(ArmingSettings.ARM);
        int on = sound.setting(ArmingSettings.RADIO_ON);
        int channel = sound.setting(ArmingSettings.RADIO_CHANNEL);
        wrong("arm-range-lost", ARM, SettingsOdds.MODE_LOST, was -> ModeRange.NONE)
                .kind("mode-lost")
                .with("right", Param.written(range.toString()))
                .fix("set", 3);
        if (on + OUT_OF_REACH_US < 2150) {
            wrong(
                            "mode-out-of-reach",
                            ARM,
                            SettingsOdds.MODE_OUT_OF_REACH,
                            was -> new ModeRange(was.channel(), on + OUT_OF_REACH_US, 2150))
                    .id("arm-range-out-of-reach")
                    .with("on", new Param.Count(on))
                    .with("right", Param.written(range.toString()))
                    .fix("set", 3);
        }
        wrong(
                        "switch-on-other-channel",
                        CHANNEL,
                        SettingsOdds.SWITCH_ELSEWHERE,
                        was -> was == 0 || was == 18 ? 5 : was + 1)
                .id("arm-channel-other")
                .with("right", new Param.Count(channel))
                .fix("set", 3);
        int tooShort = Math.max(850, range.fromUs() - OUT_OF_REACH_US);
        wrong("switch-does-not-reach", ON, SettingsOdds.SWITCH_SHORT, was -> tooShort)
                .id("arm-switch-short")
                .with("short", new Param.Count(tooShort))
                .with("from", new Param.Count(range.fromUs()))
                .with("right", new Param.Count(on))
                .fix("set", 3);
    }

    private void waiting() {
        int limit = sound.setting(ArmingSettings.THROTTLE_LOW);
        wrong("throttle-not-down", DOWN, SettingsOdds.THROTTLE, was -> limit + TRIMMED_US)
                .with("sends", new Param.Count(limit + TRIMMED_US))
                .with("limit", new Param.Count(limit))
                .with("right", new Param.Count(sound.setting(ArmingSettings.RADIO_THROTTLE_DOWN)))
                .fix("set", 3);
        if (!sound.setting(ArmingSettings.WAITS_FOR_FIX)) {
            wrong("waits-for-fix", WAITS, SettingsOdds.WAITS, was -> true).fix("set", 2);
        }
        wrong("level-not-calibrated", CALIBRATED, SettingsOdds.NOT_CALIBRATED, was -> false)
                .fix("set", 3);
    }

    private void handling() {
        wrong("computer-joined", COMPUTER, SettingsOdds.WITH_COMPUTER, was -> true)
                .id("armed-with-computer")
                .fix("set", 1);
        double limit = sound.setting(ArmingSettings.TILT);
        if (limit + STEEPER_DEG < 90) {
            wrong("stands-steep", STANDS, SettingsOdds.STANDS_STEEP, was -> limit + STEEPER_DEG)
                    .with("limit", Param.whole(Math.round(limit), ""))
                    .fix("set", 1);
        }
        wrong("switch-on-at-power", AT_POWER, SettingsOdds.ON_AT_POWER, was -> true)
                .id("arm-switch-on-at-power")
                .fix("set", 1);
    }
}
