package ablemedic.settings;

import ablemedic.catalogue.Words;
import ablemedic.configuration.Setting;
import ablemedic.craft.Craft;
import ablemedic.craft.DriveSettings;
import ablemedic.craft.FcSettings;
import ablemedic.craft.UartSettings;
import ablemedic.firmware.Ability;
import ablemedic.firmware.FirmwareDialect;
import ablemedic.requirement.Severity;
import ablemedic.requirement.Violation;
import ablemedic.uart.CraftLine;
import ablemedic.uart.CraftLines;
import ablemedic.wiring.UartFunction;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * What a craft needs of its firmware: the jobs and formats of the parts that are joined, the protocol of its motors.
 */
public final class BuildNeeds {
    private static final Words WORDS = SettingsAndFirmware.WORDS.name("build");

    private BuildNeeds() {}

    /** How a version stands to a need. */
    public enum Met {
        /** It has it. */
        YES,
        /** It has it where the build has it in. */
        IF_BUILT_IN,
        /** It does not have it. */
        NO,
        /** The family's table does not say. */
        NOT_SAID
    }

    /**
     * One need.
     *
     * @param label in words
     * @param versions of the family that have it; empty where none has, or its table does not say
     * @param taken settings that go with it where it is left out, in words
     */
    public record Need(String label, Met met, List<String> versions, List<String> taken) {}

    /** What a craft needs, and how a version stands to it. */
    public static List<Need> of(Craft craft, FirmwareDialect family, String version) {
        List<Need> needs = new ArrayList<>();
        for (String what : needed(craft)) {
            Optional<List<String>> able = family.versionsAble(what);
            boolean has = able.filter(versions -> versions.contains(version)).isPresent();
            boolean optional = has && family.mayLeaveOut(what, version);
            Met met = able.isEmpty() ? Met.NOT_SAID : !has ? Met.NO : optional ? Met.IF_BUILT_IN : Met.YES;
            needs.add(new Need(
                    Ability.KNOWN.get(what), met, able.orElse(List.of()), optional ? taken(what, craft) : List.of()));
        }
        return List.copyOf(needs);
    }

    /** What a version that is on the board lacks of what the craft needs. */
    public static List<Violation> violations(Craft craft, FirmwareDialect family, String version) {
        return of(craft, family, version).stream()
                .filter(need -> need.met() == Met.NO)
                .map(need -> new Violation(
                        "build-" + need.label().replace(' ', '-'),
                        Severity.CANNOT_WORK,
                        WORDS.with("dialect", family.label())
                                .with("version", version)
                                .with("need", need.label())
                                .line("lacks"),
                        WORDS.with("versions", String.join(" / ", need.versions()))
                                .line(need.versions().isEmpty() ? "no-version" : "versions"),
                        List.of(),
                        List.of(),
                        "",
                        List.of()))
                .toList();
    }

    private static Set<String> needed(Craft craft) {
        Set<String> needed = new LinkedHashSet<>();
        CraftLines.onSheet(craft).map(CraftLines::joined).orElse(List.of()).forEach(line -> addLine(needed, line));
        needed.add(Ability.of(craft.setting(DriveSettings.PROTOCOL)));
        if (craft.setting(DriveSettings.TWO_WAY)) {
            needed.add("two-way-motors");
        }
        if (craft.setting(UartSettings.SOFT)) {
            needed.add("soft-serial");
        }
        if (craft.setting(FcSettings.COMPASS)) {
            needed.add(Ability.COMPASS);
        }
        return needed;
    }

    private static void addLine(Set<String> needed, CraftLine line) {
        if (line.job() != UartFunction.RECEIVER) {
            needed.add(Ability.of(line.job()));
        }
        needed.add(Ability.of(line.format()));
    }

    /** The settings of a job that a build without it has no name for. */
    private static List<String> taken(String what, Craft craft) {
        List<String> taken = new ArrayList<>();
        for (UartFunction job : UartFunction.values()) {
            if (Ability.of(job).equals(what)) {
                UartSettings.uartsWith(job, craft).forEach(uart -> taken.add(said(UartSettings.jobsOf(uart), craft)));
                taken.add(said(UartSettings.format(job), craft));
            }
        }
        return taken;
    }

    private static <T> String said(Setting<T> setting, Craft craft) {
        return setting.label() + ": " + craft.configuration().said(setting);
    }
}
