package ablemedic.settings;

import ablemedic.configuration.Setting;
import ablemedic.craft.ArmingSettings;
import ablemedic.craft.Craft;
import ablemedic.craft.DriveSettings;
import ablemedic.craft.FcSettings;
import ablemedic.craft.FirmwareSettings;
import ablemedic.craft.ModeRange;
import ablemedic.craft.MotorProtocol;
import ablemedic.craft.UartSettings;
import ablemedic.requirement.Edit;
import ablemedic.requirement.Requirement;
import ablemedic.requirement.Severity;
import ablemedic.requirement.Violation;
import ablemedic.uart.CraftLines;
import ablemedic.wiring.UartFunction;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/** What arming, modes, motor protocol and build of a craft must satisfy. Limits are common practice with no source. */
final class SettingsRequirements {
    private static final double SAFE_TILT = 45;
    private static final double LOW_IDLE = 3;
    private static final double HIGH_IDLE = 10;
    private static final double USUAL_IDLE = 5.5;
    /** A throttle that counts as down above this arms a craft that lifts at once, microseconds. */
    private static final int HIGH_THROTTLE_US = 1150;

    private static final int USUAL_LOW_US = 1050;
    private static final int DOWN_US = 1000;
    /** A throttle that counts as down so near above what the stick sends does not at the next trim, microseconds. */
    private static final int ROOM_US = 50;

    private static final int ON_US = 2000;
    private static final int SWITCH_FROM_US = 1700;
    private static final int SWITCH_TO_US = 2100;
    private static final String MOTORS = "motors-start";
    private static final String ODD = "settings-odd";

    static final List<Requirement> ALL = List.of(
            new Requirement("firmware", SettingsRequirements::firmware),
            new Requirement("arming-tilt", SettingsRequirements::tilt),
            new Requirement("arming-fix", SettingsRequirements::fix),
            new Requirement("calibrated", SettingsRequirements::calibrated),
            new Requirement("throttle-low", SettingsRequirements::throttle),
            new Requirement("arm-switch", SettingsRequirements::armSwitch),
            new Requirement("handling", SettingsRequirements::handling),
            new Requirement("sounder", SettingsRequirements::overlaps),
            new Requirement("motor-protocol", SettingsRequirements::protocol),
            new Requirement("idle", SettingsRequirements::idle),
            new Requirement("build", SettingsRequirements::build));

    private SettingsRequirements() {}

    private static String said(Craft craft, Setting<?> setting) {
        return craft.told().said(setting);
    }

    private static List<Violation> firmware(Craft craft) {
        List<Violation> found = new ArrayList<>();
        if (!FirmwareSettings.starts(craft)) {
            found.add(Violation.cannotWork(
                    "firmware-image",
                    "What the last flash left is " + said(craft, FirmwareSettings.IMAGE) + ": the FC does not start",
                    "Write the version for this target with a full erase",
                    "flash-failed",
                    List.of(FirmwareSettings.IMAGE),
                    Edit.doing(
                            FirmwareSettings.IMAGE,
                            FirmwareSettings.Image.WHOLE,
                            "Flash the version for this target with a full erase",
                            15,
                            "Restore the settings.")));
        }
        if (craft.told(FirmwareSettings.STALE)) {
            found.add(Violation.cannotWork(
                    "firmware-stale",
                    "Settings that an older version left behind overrule what is set for the UARTs",
                    "Erase in full and restore",
                    ODD,
                    List.of(FirmwareSettings.STALE),
                    Edit.doing(
                            FirmwareSettings.STALE,
                            false,
                            "Erase the FC in full and restore its settings",
                            20,
                            "Export the settings first.")));
        }
        return found;
    }

    private static List<Violation> tilt(Craft craft) {
        double limit = craft.told(ArmingSettings.TILT);
        double stands = craft.told(ArmingSettings.STANDS);
        List<Violation> found = new ArrayList<>();
        if (limit > SAFE_TILT) {
            found.add(Violation.doubt(
                    "arming-tilt",
                    "It arms up to a tilt of " + said(craft, ArmingSettings.TILT) + ", on its back as well",
                    "25° unless it must right itself after a crash; 45° on rough ground",
                    "",
                    ArmingSettings.TILT));
        }
        if (stands > limit && limit < 180) {
            List<Edit> edits = new ArrayList<>(
                    List.of(Edit.doing(ArmingSettings.STANDS, 0.0, "Set it on level ground before arming", 1)));
            if (stands < SAFE_TILT) {
                edits.add(Edit.set(ArmingSettings.TILT, SAFE_TILT));
            }
            found.add(Violation.of(
                    "arming-stands",
                    Severity.CANNOT_WORK,
                    "It stands at " + said(craft, ArmingSettings.STANDS) + " where it is armed, and arms up to "
                            + said(craft, ArmingSettings.TILT),
                    "Set it on level ground, or allow 45° for rough ground",
                    ArmingChecks.COMPLAINT,
                    List.of(ArmingSettings.STANDS, ArmingSettings.TILT),
                    edits));
        }
        return found;
    }

    private static List<Violation> fix(Craft craft) {
        Optional<CraftLines> lines = CraftLines.onSheet(craft);
        return craft.told(ArmingSettings.WAITS_FOR_FIX)
                        && lines.isPresent()
                        && lines.get().of(UartFunction.GNSS).isEmpty()
                ? List.of(Violation.cannotWork(
                        "arming-fix",
                        "It waits for a fix before it arms, and has no GNSS module",
                        "Switch the wait off",
                        ArmingChecks.COMPLAINT,
                        List.of(ArmingSettings.WAITS_FOR_FIX),
                        Edit.set(ArmingSettings.WAITS_FOR_FIX, false)))
                : List.of();
    }

    private static List<Violation> calibrated(Craft craft) {
        return craft.told(ArmingSettings.CALIBRATED)
                ? List.of()
                : List.of(Violation.cannotWork(
                        "calibrated",
                        "Level was not calibrated since the last erase",
                        "Alignment first, then calibrate level on a flat surface",
                        ArmingChecks.COMPLAINT,
                        List.of(ArmingSettings.CALIBRATED),
                        Edit.doing(
                                ArmingSettings.CALIBRATED,
                                true,
                                "Calibrate level on a flat surface",
                                3,
                                "Alignment first. No strap under it, hands off.",
                                Edit.SAVE)));
    }

    private static List<Violation> throttle(Craft craft) {
        int down = craft.told(ArmingSettings.RADIO_THROTTLE_DOWN);
        int low = craft.told(ArmingSettings.THROTTLE_LOW);
        List<Violation> found = new ArrayList<>();
        if (low > HIGH_THROTTLE_US) {
            found.add(Violation.of(
                    "throttle-high",
                    Severity.HAZARD,
                    "The throttle counts as down below " + said(craft, ArmingSettings.THROTTLE_LOW)
                            + ": it arms with the throttle up",
                    "Enter 1050 µs",
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
                    "throttle-down",
                    Severity.CANNOT_WORK,
                    "The throttle stick down sends " + said(craft, ArmingSettings.RADIO_THROTTLE_DOWN)
                            + ", and counts as down below " + said(craft, ArmingSettings.THROTTLE_LOW),
                    "Bring its lower end down at the radio: trim, then travel",
                    ArmingChecks.COMPLAINT,
                    List.of(ArmingSettings.RADIO_THROTTLE_DOWN, ArmingSettings.THROTTLE_LOW),
                    edits));
        }
        return found;
    }

    private static List<Violation> armSwitch(Craft craft) {
        if (craft.told(ArmingSettings.BY) != ArmingSettings.Way.SWITCH) {
            return List.of();
        }
        ModeRange arm = craft.told(ArmingSettings.ARM);
        int channel = craft.told(ArmingSettings.RADIO_CHANNEL);
        int on = craft.told(ArmingSettings.RADIO_ON);
        ModeRange over = over(channel == 0 ? 5 : channel, on);
        if (arm.isNone()) {
            return List.of(Violation.cannotWork(
                    "arm-switch-none",
                    "No switch arms it",
                    "Set a range that arms over what the arm switch sends",
                    ArmingChecks.COMPLAINT,
                    List.of(ArmingSettings.ARM, ArmingSettings.BY),
                    Edit.set(ArmingSettings.ARM, over),
                    Edit.set(ArmingSettings.BY, ArmingSettings.Way.STICKS)));
        } else if (arm.channel() != channel) {
            return List.of(Violation.cannotWork(
                    "arm-switch-channel",
                    "It arms on " + arm + ", and the radio has its arm switch on "
                            + said(craft, ArmingSettings.RADIO_CHANNEL),
                    "Put both on one channel",
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
                    "arm-switch-always",
                    Severity.HAZARD,
                    "It arms on " + arm + (arm.holds(on) ? ": wherever the switch stands" : ": with the switch off"),
                    "Begin the range above the middle of the switch",
                    ArmingChecks.COMPLAINT,
                    List.of(ArmingSettings.ARM),
                    List.of(Edit.set(ArmingSettings.ARM, over))));
        } else if (!arm.holds(on)) {
            return List.of(Violation.cannotWork(
                    "arm-switch-reach",
                    "It arms on " + arm + ", and the switch sends " + said(craft, ArmingSettings.RADIO_ON),
                    "Set the range over what the switch sends",
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
        if (craft.told(ArmingSettings.WITH_COMPUTER)) {
            found.add(Violation.cannotWork(
                    "handling-computer",
                    "USB is plugged in while it is to arm",
                    "Unplug USB before arming",
                    ArmingChecks.COMPLAINT,
                    List.of(ArmingSettings.WITH_COMPUTER),
                    Edit.doing(ArmingSettings.WITH_COMPUTER, false, "Unplug USB before arming", 1)));
        }
        if (craft.told(ArmingSettings.ON_AT_POWER)) {
            found.add(Violation.cannotWork(
                    "handling-switch",
                    "The arm switch stands on when the battery goes in",
                    "Arm switch off before the battery goes in",
                    ArmingChecks.COMPLAINT,
                    List.of(ArmingSettings.ON_AT_POWER),
                    Edit.doing(ArmingSettings.ON_AT_POWER, false, "Arm switch off before the battery goes in", 1)));
        }
        return found;
    }

    private static List<Violation> overlaps(Craft craft) {
        return List.of(ArmingSettings.LEVEL, ArmingSettings.SOUNDER).stream()
                .filter(other -> craft.told(ArmingSettings.ARM).overlaps(craft.told(other)))
                .map(other -> Violation.doubt(
                        "overlap-" + other.id(),
                        "The " + other.label() + " lies on the switch that arms: " + craft.told(other),
                        "Give it a channel of its own, unless it is meant",
                        "",
                        other,
                        ArmingSettings.ARM))
                .toList();
    }

    private static List<Violation> protocol(Craft craft) {
        MotorProtocol spoken = craft.told(DriveSettings.PROTOCOL);
        MotorProtocol known = craft.told(DriveSettings.KNOWN);
        List<Violation> found = new ArrayList<>();
        if (!spoken.isKnownTo(known)) {
            found.add(Violation.cannotWork(
                    "motor-protocol",
                    "The FC speaks " + spoken.label() + ", and the ESCs know " + known.label() + " at most",
                    "Choose " + known.label(),
                    MOTORS,
                    List.of(DriveSettings.PROTOCOL, DriveSettings.KNOWN),
                    Edit.set(DriveSettings.PROTOCOL, known),
                    Edit.set(DriveSettings.KNOWN, spoken)));
        }
        if (spoken.isDigital() && craft.told(DriveSettings.TWO_WAY) && !craft.told(DriveSettings.ANSWERS)) {
            found.add(Violation.cannotWork(
                    "motor-two-way",
                    "The two-way motor protocol is on, and the ESCs do not answer",
                    "Switch it off, or give the ESCs firmware for it",
                    MOTORS,
                    List.of(DriveSettings.TWO_WAY, DriveSettings.ANSWERS),
                    Edit.set(DriveSettings.TWO_WAY, false),
                    Edit.doing(DriveSettings.ANSWERS, true, "Give the ESCs firmware that answers", 20)));
        }
        if (spoken.needsEndPoints() && !craft.told(DriveSettings.ENDS)) {
            List<Edit> edits = new ArrayList<>(List.of(Edit.doing(
                    DriveSettings.ENDS,
                    true,
                    "Calibrate the throttle endpoints of the ESCs",
                    5,
                    "Props off. Full throttle, battery in, wait for the beeps, throttle down.")));
            Arrays.stream(MotorProtocol.values())
                    .filter(other -> !other.needsEndPoints() && other.isKnownTo(known))
                    .findFirst()
                    .ifPresent(other -> edits.add(Edit.set(DriveSettings.PROTOCOL, other)));
            found.add(Violation.of(
                    "motor-ends",
                    Severity.CANNOT_WORK,
                    spoken.label() + " needs throttle endpoints, and the ESCs were not calibrated",
                    "Props off: calibrate the endpoints",
                    MOTORS,
                    List.of(DriveSettings.ENDS, DriveSettings.PROTOCOL),
                    edits));
        }
        return found;
    }

    private static List<Violation> idle(Craft craft) {
        double idle = craft.told(DriveSettings.IDLE);
        return idle >= LOW_IDLE && idle <= HIGH_IDLE
                ? List.of()
                : List.of(
                        idle < LOW_IDLE
                                ? Violation.cannotWork(
                                        "idle",
                                        "The idle is " + said(craft, DriveSettings.IDLE)
                                                + ": some motors do not keep turning",
                                        "About 5.5 %; one percent above where the latest motor starts",
                                        MOTORS,
                                        List.of(DriveSettings.IDLE),
                                        Edit.set(DriveSettings.IDLE, USUAL_IDLE))
                                : Violation.doubt(
                                        "idle",
                                        "The idle is " + said(craft, DriveSettings.IDLE),
                                        "About 5.5 %; one percent above where the latest motor starts",
                                        MOTORS,
                                        DriveSettings.IDLE));
    }

    /** What is configured needs what the build on the FC holds. */
    private static List<Violation> build(Craft craft) {
        List<Violation> found = new ArrayList<>();
        CraftLines.onSheet(craft).ifPresent(lines -> {
            for (UartFunction job : UartFunction.values()) {
                if (FirmwareSettings.canBeLeftOut(job)
                        && lines.of(job).isPresent()
                        && !FirmwareSettings.holds(craft, job)) {
                    found.add(left(FirmwareSettings.built(job), job.label(), job.id()));
                }
            }
            boolean soft = craft.told(UartSettings.SOFT)
                    && lines.joined().stream().anyMatch(line -> lines.portOf(line)
                            .filter(lines.board()::isSoft)
                            .isPresent());
            if (soft && !craft.told(FirmwareSettings.SOFT_BUILT)) {
                found.add(left(FirmwareSettings.SOFT_BUILT, "soft serial", "soft-serial"));
            }
        });
        if (!FirmwareSettings.readsCompass(craft)) {
            found.add(Violation.of(
                    "build-compass",
                    Severity.CANNOT_WORK,
                    "It is configured to use a compass, and the build on the FC leaves it out",
                    "Flash a build with the compass, or switch the compass off",
                    "no-return",
                    List.of(FirmwareSettings.COMPASS_BUILT, FcSettings.COMPASS),
                    List.of(
                            flash(FirmwareSettings.COMPASS_BUILT, "the compass"),
                            Edit.set(FcSettings.COMPASS, false))));
        }
        return found;
    }

    private static Violation left(Setting<Boolean> built, String what, String id) {
        return Violation.cannotWork(
                "build-" + id,
                "The build on the FC leaves out: " + what,
                "Flash a build that holds it",
                ODD,
                List.of(built),
                flash(built, what));
    }

    private static Edit flash(Setting<Boolean> built, String what) {
        return Edit.doing(
                built,
                true,
                "Flash a build that holds " + what,
                15,
                "Export the settings first: what is left out takes its settings with it.",
                "Restore the settings after.");
    }
}
