package ablemedic.settings;

import ablemedic.catalogue.Param;
import ablemedic.catalogue.Words;
import ablemedic.configuration.Setting;
import ablemedic.craft.ArmingSettings;
import ablemedic.craft.Craft;
import ablemedic.craft.ModeRange;
import ablemedic.requirement.Edit;
import ablemedic.requirement.Requirement;
import ablemedic.requirement.Severity;
import ablemedic.requirement.Violation;
import ablemedic.uart.CraftLines;
import ablemedic.wiring.UartFunction;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** What has to hold so that a craft arms when it should, and only then. */
final class ArmingRequirements {
    private static final double SAFE_TILT = 45;

    /** A throttle that counts as down above this arms a craft that lifts at once, microseconds. */
    private static final int HIGH_THROTTLE_US = 1150;

    private static final int USUAL_LOW_US = 1050;
    private static final int DOWN_US = 1000;

    /** A throttle that counts as down so near above what the stick sends does not at the next trim, microseconds. */
    private static final int ROOM_US = 50;

    private static final int ON_US = 2000;
    private static final int SWITCH_FROM_US = 1700;
    private static final int SWITCH_TO_US = 2100;
    static final List<Requirement> ALL = List.of(
            new Requirement("arming-tilt", ArmingRequirements::tilt),
            new Requirement("arming-fix", ArmingRequirements::fix),
            new Requirement("calibrated", ArmingRequirements::calibrated),
            new Requirement("throttle-low", ArmingRequirements::throttle),
            new Requirement("arm-switch", ArmingRequirements::armSwitch),
            new Requirement("handling", ArmingRequirements::handling),
            new Requirement("sounder", ArmingRequirements::overlaps));

    private ArmingRequirements() {}

    private static List<Violation> tilt(Craft craft) {
        double limit = craft.setting(ArmingSettings.TILT);
        double stands = craft.setting(ArmingSettings.STANDS);
        List<Violation> found = new ArrayList<>();
        if (limit > SAFE_TILT) {
            found.add(Violation.doubt(
                    SettingsAndFirmware.WORDS
                            .requirement("arming-tilt")
                            .with("tilt", Param.written(craft.configuration().said(ArmingSettings.TILT))),
                    "",
                    ArmingSettings.TILT));
        }
        if (stands > limit && limit < 180) {
            List<Edit> edits = new ArrayList<>(List.of(
                    Edit.doing(ArmingSettings.STANDS, 0.0, SettingsAndFirmware.WORDS.requirement("arming-stands"), 1)));
            if (stands < SAFE_TILT) {
                edits.add(Edit.set(ArmingSettings.TILT, SAFE_TILT));
            }
            found.add(Violation.of(
                    SettingsAndFirmware.WORDS
                            .requirement("arming-stands")
                            .with("stands", Param.written(craft.configuration().said(ArmingSettings.STANDS)))
                            .with("tilt", Param.written(craft.configuration().said(ArmingSettings.TILT))),
                    Severity.CANNOT_WORK,
                    ArmingChecks.COMPLAINT,
                    List.of(ArmingSettings.STANDS, ArmingSettings.TILT),
                    edits));
        }
        return found;
    }

    private static List<Violation> fix(Craft craft) {
        Optional<CraftLines> lines = CraftLines.onSheet(craft);
        return craft.setting(ArmingSettings.WAITS_FOR_FIX)
                        && lines.isPresent()
                        && lines.get().of(UartFunction.GNSS).isEmpty()
                ? List.of(Violation.cannotWork(
                        SettingsAndFirmware.WORDS.requirement("arming-fix"),
                        ArmingChecks.COMPLAINT,
                        List.of(ArmingSettings.WAITS_FOR_FIX),
                        Edit.set(ArmingSettings.WAITS_FOR_FIX, false)))
                : List.of();
    }

    private static List<Violation> calibrated(Craft craft) {
        return craft.setting(ArmingSettings.CALIBRATED)
                ? List.of()
                : List.of(Violation.cannotWork(
                        SettingsAndFirmware.WORDS.requirement("calibrated"),
                        ArmingChecks.COMPLAINT,
                        List.of(ArmingSettings.CALIBRATED),
                        Edit.doing(
                                ArmingSettings.CALIBRATED,
                                true,
                                SettingsAndFirmware.WORDS.requirement("calibrated"),
                                3)));
    }

    private static List<Violation> throttle(Craft craft) {
        int down = craft.setting(ArmingSettings.RADIO_THROTTLE_DOWN);
        int low = craft.setting(ArmingSettings.THROTTLE_LOW);
        List<Violation> found = new ArrayList<>();
        if (low > HIGH_THROTTLE_US) {
            found.add(Violation.of(
                    SettingsAndFirmware.WORDS
                            .requirement("throttle-high")
                            .with("limit", Param.written(craft.configuration().said(ArmingSettings.THROTTLE_LOW))),
                    Severity.HAZARD,
                    ArmingChecks.COMPLAINT,
                    List.of(ArmingSettings.THROTTLE_LOW),
                    List.of(Edit.set(ArmingSettings.THROTTLE_LOW, USUAL_LOW_US))));
        }
        if (down >= low) {
            List<Edit> edits = new ArrayList<>(
                    List.of(Edit.set(ArmingSettings.RADIO_THROTTLE_DOWN, Math.min(DOWN_US, low - ROOM_US))));
            if (down + ROOM_US <= HIGH_THROTTLE_US) {
                edits.add(Edit.set(ArmingSettings.THROTTLE_LOW, down + ROOM_US));
            }
            found.add(Violation.of(
                    SettingsAndFirmware.WORDS
                            .requirement("throttle-down")
                            .with(
                                    "sends",
                                    Param.written(craft.configuration().said(ArmingSettings.RADIO_THROTTLE_DOWN)))
                            .with("limit", Param.written(craft.configuration().said(ArmingSettings.THROTTLE_LOW))),
                    Severity.CANNOT_WORK,
                    ArmingChecks.COMPLAINT,
                    List.of(ArmingSettings.RADIO_THROTTLE_DOWN, ArmingSettings.THROTTLE_LOW),
                    edits));
        }
        return found;
    }

    private static List<Violation> armSwitch(Craft craft) {
        if (craft.setting(ArmingSettings.BY) != ArmingSettings.Way.SWITCH) {
            return List.of();
        }
        ModeRange arm = craft.setting(ArmingSettings.ARM);
        int channel = craft.setting(ArmingSettings.RADIO_CHANNEL);
        int on = craft.setting(ArmingSettings.RADIO_ON);
        ModeRange over = over(channel == 0 ? 5 : channel, on);
        if (arm.isNone()) {
            return List.of(Violation.cannotWork(
                    SettingsAndFirmware.WORDS.requirement("arm-switch-none"),
                    ArmingChecks.COMPLAINT,
                    List.of(ArmingSettings.ARM, ArmingSettings.BY),
                    Edit.set(ArmingSettings.ARM, over),
                    Edit.set(ArmingSettings.BY, ArmingSettings.Way.STICKS)));
        } else if (arm.channel() != channel) {
            return List.of(Violation.cannotWork(
                    SettingsAndFirmware.WORDS
                            .requirement("arm-switch-channel")
                            .with("range", Param.written(arm.toString()))
                            .with("channel", Param.written(craft.configuration().said(ArmingSettings.RADIO_CHANNEL))),
                    ArmingChecks.COMPLAINT,
                    List.of(ArmingSettings.ARM, ArmingSettings.RADIO_CHANNEL),
                    channel == 0
                            ? new Edit[] {Edit.set(ArmingSettings.RADIO_CHANNEL, arm.channel())}
                            : new Edit[] {
                                Edit.set(ArmingSettings.RADIO_CHANNEL, arm.channel()),
                                Edit.set(ArmingSettings.ARM, new ModeRange(channel, arm.fromUs(), arm.toUs()))
                            }));
        } else if (arm.holds(DOWN_US)) {
            return List.of(Violation.of(
                    SettingsAndFirmware.WORDS
                            .requirement("arm-switch-always")
                            .with("range", Param.written(arm.toString()))
                            .with("always", Param.when(arm.holds(on))),
                    Severity.HAZARD,
                    ArmingChecks.COMPLAINT,
                    List.of(ArmingSettings.ARM),
                    List.of(Edit.set(ArmingSettings.ARM, over))));
        } else if (!arm.holds(on)) {
            return List.of(Violation.cannotWork(
                    SettingsAndFirmware.WORDS
                            .requirement("arm-switch-reach")
                            .with("range", Param.written(arm.toString()))
                            .with("sends", Param.written(craft.configuration().said(ArmingSettings.RADIO_ON))),
                    ArmingChecks.COMPLAINT,
                    List.of(ArmingSettings.ARM, ArmingSettings.RADIO_ON),
                    Edit.set(ArmingSettings.ARM, over),
                    Edit.set(ArmingSettings.RADIO_ON, arm.holds(ON_US) ? ON_US : (arm.fromUs() + arm.toUs()) / 2)));
        }
        return List.of();
    }

    /** A range on a channel that holds what a switch sends. */
    private static ModeRange over(int channel, int on) {
        return on >= SWITCH_FROM_US && on <= SWITCH_TO_US
                ? new ModeRange(channel, SWITCH_FROM_US, SWITCH_TO_US)
                : new ModeRange(channel, Math.max(1100, on - 200), Math.min(2200, Math.max(1300, on + 200)));
    }

    private static List<Violation> handling(Craft craft) {
        List<Violation> found = new ArrayList<>();
        if (craft.setting(ArmingSettings.WITH_COMPUTER)) {
            found.add(Violation.cannotWork(
                    SettingsAndFirmware.WORDS.requirement("handling-computer"),
                    ArmingChecks.COMPLAINT,
                    List.of(ArmingSettings.WITH_COMPUTER),
                    Edit.doing(
                            ArmingSettings.WITH_COMPUTER,
                            false,
                            SettingsAndFirmware.WORDS
                                    .requirement("handling-computer")
                                    .line("remedy"),
                            1)));
        }
        if (craft.setting(ArmingSettings.ON_AT_POWER)) {
            found.add(Violation.cannotWork(
                    SettingsAndFirmware.WORDS.requirement("handling-switch"),
                    ArmingChecks.COMPLAINT,
                    List.of(ArmingSettings.ON_AT_POWER),
                    Edit.doing(
                            ArmingSettings.ON_AT_POWER,
                            false,
                            SettingsAndFirmware.WORDS
                                    .requirement("handling-switch")
                                    .line("remedy"),
                            1)));
        }
        return found;
    }

    private static List<Violation> overlaps(Craft craft) {
        return Stream.of(ArmingSettings.LEVEL, ArmingSettings.SOUNDER)
                .filter(other -> craft.setting(ArmingSettings.ARM).overlaps(craft.setting(other)))
                .map(other -> overlap(craft, other))
                .toList();
    }

    private static Violation overlap(Craft craft, Setting<ModeRange> other) {
        Words words = SettingsAndFirmware.WORDS
                .requirement("overlap")
                .with("mode", Param.written(other.label()))
                .with("range", Param.written(craft.setting(other).toString()));
        return Violation.doubt(
                "overlap-" + other.id(), words.line("cause"), words.line("remedy"), "", other, ArmingSettings.ARM);
    }
}
