package ablemedic.radio;

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
        if (sound.told(LinkSettings.FRAMES) != Frames.SHORT_WITHOUT_SWITCHES) {
            faults.entered(
                    FRAMES,
                    LinkSettings.FRAMES,
                    sound,
                    "frames-short",
                    "frames-short",
                    RadioOdds.FRAMES,
                    was -> Frames.SHORT_WITHOUT_SWITCHES,
                    "The module sends its short frames, in which this pair loses its switches",
                    "Set the frame mode to " + sound.told().said(LinkSettings.FRAMES),
                    3,
                    "At the module, in the settings of the model: sixteen channels. Frames come half as often; the switches come at all.",
                    sound.told(LinkSettings.BINDS_BY).how());
        }
        ModeRange level = sound.told(ArmingSettings.LEVEL);
        ModeRange arm = sound.told(ArmingSettings.ARM);
        int highest = Math.max(level.channel(), arm.channel());
        if (highest > STICKS && sound.told(LinkSettings.CHANNELS) >= highest) {
            faults.entered(
                    CHANNELS,
                    LinkSettings.CHANNELS,
                    sound,
                    "too-few-channels",
                    "too-few-channels",
                    RadioOdds.CHANNELS,
                    was -> highest - 1,
                    "The radio sends " + (highest - 1) + " channels, and a switch is on channel " + highest,
                    "Let the radio send " + sound.told().said(LinkSettings.CHANNELS) + " channels",
                    2,
                    "In the model's settings of its module: range of channels 1 to "
                            + sound.told().said(LinkSettings.CHANNELS) + ".");
        }
        if (sound.told(ArmingSettings.BY) == ArmingSettings.Way.SWITCH
                && arm.holds(sound.told(ArmingSettings.RADIO_ON))
                && sound.told(ArmingSettings.RADIO_ON) > MIDDLE_US) {
            faults.entered(
                    ARM,
                    ArmingSettings.ARM,
                    sound,
                    "arms-at-wrong-end",
                    "arms-at-wrong-end",
                    RadioOdds.WRONG_END,
                    was -> new ModeRange(arm.channel(), 900, 1300),
                    "The range that arms lies at the other end of the switch: off arms it",
                    "Lay the range that arms over the switch's other end: " + arm,
                    2,
                    "Props off. On the board's page of modes: " + arm
                            + " arms it. Up and away from you is off, on every craft alike.",
                    SettingTrouble.SAVE);
        }
        if (level.isNone()) {
            return;
        }
        faults.entered(
                LEVEL,
                ArmingSettings.LEVEL,
                sound,
                "level-range-lost",
                "mode-lost",
                RadioOdds.LEVEL_LOST,
                was -> ModeRange.NONE,
                "No switch levels it: the range of self-level is gone",
                "Tell the board that " + level + " levels it",
                2,
                "On the board's page of modes: " + level + " levels it.",
                SettingTrouble.SAVE);
        if (sound.told(ArmingSettings.RADIO_LEVEL_CHANNEL) == level.channel()) {
            faults.entered(
                    LEVEL_CHANNEL,
                    ArmingSettings.RADIO_LEVEL_CHANNEL,
                    sound,
                    "level-channel-other",
                    "switch-on-other-channel",
                    RadioOdds.LEVEL_ELSEWHERE,
                    was -> was == LAST ? STICKS + 1 : was + 1,
                    "The radio has its switch of self-level on another channel than the board is told",
                    "Put the switch of self-level on channel " + level.channel(),
                    2,
                    "In the radio's model, its page of channels: the switch on channel " + level.channel() + ".",
                    "Flip it: its mark enters the range.");
        }
    }
}
