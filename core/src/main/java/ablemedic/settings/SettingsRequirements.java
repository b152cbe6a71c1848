package ablemedic.settings;

import ablemedic.catalogue.Param;
import ablemedic.catalogue.Words;
import ablemedic.configuration.Setting;
import ablemedic.craft.Craft;
import ablemedic.craft.DriveSettings;
import ablemedic.craft.FcSettings;
import ablemedic.craft.FirmwareSettings;
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
import java.util.stream.Stream;

/** What arming, modes, motor protocol and build of a craft must satisfy. Limits are common practice with no source. */
final class SettingsRequirements {
    private static final double LOW_IDLE = 3;
    private static final double HIGH_IDLE = 10;
    private static final double USUAL_IDLE = 5.5;
    private static final String MOTORS = "motors-start";
    private static final String ODD = "settings-odd";
    static final List<Requirement> ALL = Stream.of(
                    List.of(new Requirement("firmware", SettingsRequirements::firmware)),
                    ArmingRequirements.ALL,
                    List.of(
                            new Requirement("motor-protocol", SettingsRequirements::protocol),
                            new Requirement("idle", SettingsRequirements::idle),
                            new Requirement("build", SettingsRequirements::build)))
            .flatMap(List::stream)
            .toList();

    private SettingsRequirements() {}

    private static List<Violation> firmware(Craft craft) {
        List<Violation> found = new ArrayList<>();
        if (!FirmwareSettings.starts(craft)) {
            found.add(Violation.cannotWork(
                    SettingsAndFirmware.WORDS
                            .requirement("firmware-image")
                            .with("image", Param.written(craft.configuration().said(FirmwareSettings.IMAGE))),
                    "flash-failed",
                    List.of(FirmwareSettings.IMAGE),
                    Edit.doing(
                            FirmwareSettings.IMAGE,
                            FirmwareSettings.Image.WHOLE,
                            SettingsAndFirmware.WORDS.requirement("firmware-image"),
                            15)));
        }
        if (craft.setting(FirmwareSettings.STALE)) {
            found.add(Violation.cannotWork(
                    SettingsAndFirmware.WORDS.requirement("firmware-stale"),
                    ODD,
                    List.of(FirmwareSettings.STALE),
                    Edit.doing(
                            FirmwareSettings.STALE,
                            false,
                            SettingsAndFirmware.WORDS.requirement("firmware-stale"),
                            20)));
        }
        return found;
    }

    private static List<Violation> protocol(Craft craft) {
        MotorProtocol spoken = craft.setting(DriveSettings.PROTOCOL);
        MotorProtocol known = craft.setting(DriveSettings.KNOWN);
        List<Violation> found = new ArrayList<>();
        if (!spoken.isKnownTo(known)) {
            found.add(Violation.cannotWork(
                    SettingsAndFirmware.WORDS
                            .requirement("motor-protocol")
                            .with("sends", Param.written(spoken.label()))
                            .with("known", Param.written(known.label())),
                    MOTORS,
                    List.of(DriveSettings.PROTOCOL, DriveSettings.KNOWN),
                    Edit.set(DriveSettings.PROTOCOL, known),
                    Edit.set(DriveSettings.KNOWN, spoken)));
        }
        if (spoken.isDigital() && craft.setting(DriveSettings.TWO_WAY) && !craft.setting(DriveSettings.ANSWERS)) {
            found.add(Violation.cannotWork(
                    SettingsAndFirmware.WORDS.requirement("motor-two-way"),
                    MOTORS,
                    List.of(DriveSettings.TWO_WAY, DriveSettings.ANSWERS),
                    Edit.set(DriveSettings.TWO_WAY, false),
                    Edit.doing(
                            DriveSettings.ANSWERS, true, SettingsAndFirmware.WORDS.requirement("motor-two-way"), 20)));
        }
        if (spoken.needsEndPoints() && !craft.setting(DriveSettings.ENDS)) {
            List<Edit> edits = new ArrayList<>(List.of(Edit.doing(
                    DriveSettings.ENDS,
                    true,
                    SettingsAndFirmware.WORDS.requirement("motor-ends").with("sends", Param.written(spoken.label())),
                    5)));
            Arrays.stream(MotorProtocol.values())
                    .filter(other -> !other.needsEndPoints() && other.isKnownTo(known))
                    .findFirst()
                    .ifPresent(other -> edits.add(Edit.set(DriveSettings.PROTOCOL, other)));
            found.add(Violation.of(
                    SettingsAndFirmware.WORDS.requirement("motor-ends").with("sends", Param.written(spoken.label())),
                    Severity.CANNOT_WORK,
                    MOTORS,
                    List.of(DriveSettings.ENDS, DriveSettings.PROTOCOL),
                    edits));
        }
        return found;
    }

    private static List<Violation> idle(Craft craft) {
        double idle = craft.setting(DriveSettings.IDLE);
        if (idle >= LOW_IDLE && idle <= HIGH_IDLE) {
            return List.of();
        }
        Words words = SettingsAndFirmware.WORDS
                .requirement("idle")
                .with("idle", Param.written(craft.configuration().said(DriveSettings.IDLE)))
                .with("low", Param.when(idle < LOW_IDLE));
        return List.of(
                idle < LOW_IDLE
                        ? Violation.cannotWork(
                                words, MOTORS, List.of(DriveSettings.IDLE), Edit.set(DriveSettings.IDLE, USUAL_IDLE))
                        : Violation.doubt(words, MOTORS, DriveSettings.IDLE));
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
            boolean soft = craft.setting(UartSettings.SOFT)
                    && lines.joined().stream().anyMatch(line -> lines.portOf(line)
                            .filter(lines.board()::isSoft)
                            .isPresent());
            if (soft && !craft.setting(FirmwareSettings.SOFT_BUILT)) {
                found.add(left(
                        FirmwareSettings.SOFT_BUILT,
                        SettingsAndFirmware.WORDS
                                .requirement("soft-serial")
                                .title()
                                .plain(),
                        "soft-serial"));
            }
        });
        if (!FirmwareSettings.readsCompass(craft)) {
            found.add(Violation.of(
                    SettingsAndFirmware.WORDS.requirement("build-compass"),
                    Severity.CANNOT_WORK,
                    "no-return",
                    List.of(FirmwareSettings.COMPASS_BUILT, FcSettings.COMPASS),
                    List.of(
                            flash(
                                    FirmwareSettings.COMPASS_BUILT,
                                    SettingsAndFirmware.WORDS
                                            .requirement("compass")
                                            .title()
                                            .plain()),
                            Edit.set(FcSettings.COMPASS, false))));
        }
        return found;
    }

    private static Violation left(Setting<Boolean> built, String what, String id) {
        Words words = SettingsAndFirmware.WORDS.requirement("build").with("function", Param.written(what));
        return Violation.cannotWork(
                "build-" + id, words.line("cause"), words.line("remedy"), ODD, List.of(built), flash(built, what));
    }

    private static Edit flash(Setting<Boolean> built, String what) {
        return Edit.doing(
                built, true, SettingsAndFirmware.WORDS.requirement("build").with("function", Param.written(what)), 15);
    }
}
