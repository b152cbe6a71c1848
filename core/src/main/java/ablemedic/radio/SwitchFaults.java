package ablemedic.radio;

import ablemedic.catalogue.Param;
import ablemedic.craft.ArmingSettings;
import ablemedic.craft.Craft;
import ablemedic.craft.LinkSettings;
import ablemedic.craft.LinkSettings.Frames;
import ablemedic.craft.ModeRange;
import ablemedic.family.FaultList;
import ablemedic.family.SettingTrouble;

/**
 * The faults of switches that do nothing, or that arm at the wrong end. That the arm switch's range is gone or out of
 * reach is with those of arming.
 */
final class SwitchFaults {
    static final SettingTrouble<Frames> FRAMES = SettingTrouble.of(LinkSettings.FRAMES);
    static final SettingTrouble<Integer> CHANNELS = SettingTrouble.of(LinkSettings.CHANNELS);
    static final SettingTrouble<ModeRange> ARM = SettingTrouble.of(ArmingSettings.ARM);
    static final SettingTrouble<ModeRange> LEVEL = SettingTrouble.of(ArmingSettings.LEVEL);
    static final SettingTrouble<Integer> LEVEL_CHANNEL = SettingTrouble.of(ArmingSettings.RADIO_LEVEL_CHANNEL);

    private static final int STICKS = 4;
    private static final int LAST = 18;
    private static final int MIDDLE_US = 1500;

    private SwitchFaults() {}

    static void addTo(FaultList faults, Craft sound) {
        if (sound.setting(LinkSettings.FRAMES) != Frames.SHORT_WITHOUT_SWITCHES) {
            faults.add(Radio.WORDS.fault("frames-short"))
                    .sets(FRAMES, sound, was -> Frames.SHORT_WITHOUT_SWITCHES)
                    .prior(RadioOdds.FRAMES)
                    .with("right", Param.written(sound.configuration().said(LinkSettings.FRAMES)))
                    .with(
                            "bind",
                            Param.written(sound.setting(LinkSettings.BINDS_BY).how()))
                    .fix("set", 3);
        }
        ModeRange level = sound.setting(ArmingSettings.LEVEL);
        ModeRange arm = sound.setting(ArmingSettings.ARM);
        int highest = Math.max(level.channel(), arm.channel());
        if (highest > STICKS && sound.setting(LinkSettings.CHANNELS) >= highest) {
            faults.add(Radio.WORDS.fault("too-few-channels"))
                    .sets(CHANNELS, sound, was -> highest - 1)
                    .prior(RadioOdds.CHANNELS)
                    .with("sends", new Param.Count(highest - 1))
                    .with("needs", new Param.Count(highest))
                    .with("right", Param.written(sound.configuration().said(LinkSettings.CHANNELS)))
                    .fix("set", 2);
        }
        if (sound.setting(ArmingSettings.BY) == ArmingSettings.Way.SWITCH
                && arm.holds(sound.setting(ArmingSettings.RADIO_ON))
                && sound.setting(ArmingSettings.RADIO_ON) > MIDDLE_US) {
            faults.add(Radio.WORDS.fault("arms-at-wrong-end"))
                    .sets(ARM, sound, was -> new ModeRange(arm.channel(), 900, 1300))
                    .prior(RadioOdds.WRONG_END)
                    .with("right", Param.written(arm.toString()))
                    .fix("set", 2);
        }
        if (level.isNone()) {
            return;
        }
        faults.add(Radio.WORDS.fault("level-range-lost"))
                .kind("mode-lost")
                .sets(LEVEL, sound, was -> ModeRange.NONE)
                .prior(RadioOdds.LEVEL_LOST)
                .with("right", Param.written(level.toString()))
                .fix("set", 2);
        if (sound.setting(ArmingSettings.RADIO_LEVEL_CHANNEL) == level.channel()) {
            faults.add(Radio.WORDS.fault("level-channel-other"))
                    .kind("switch-on-other-channel")
                    .sets(LEVEL_CHANNEL, sound, was -> was == LAST ? STICKS + 1 : was + 1)
                    .prior(RadioOdds.LEVEL_ELSEWHERE)
                    .with("right", new Param.Count(level.channel()))
                    .fix("set", 2);
        }
    }
}
