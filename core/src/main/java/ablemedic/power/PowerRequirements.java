package ablemedic.power;

import ablemedic.craft.Craft;
import ablemedic.craft.FcSettings;
import ablemedic.craft.VoltageSource;
import ablemedic.requirement.Edit;
import ablemedic.requirement.Requirement;
import ablemedic.requirement.Severity;
import ablemedic.requirement.Violation;
import ablemedic.wiring.ElectricSheet;
import ablemedic.wiring.ElectricSheet.Fed;
import ablemedic.wiring.Pad;
import ablemedic.wiring.Part;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/** What supplies, sensors and alarms of a craft must satisfy. */
final class PowerRequirements {
    private static final String COMPLAINT = "voltage";
    /**
     * Parts of a divider are good to a percent each; a scale is set by hand to the meter. Common practice, no source.
     */
    private static final double SCALE_OFF = 0.05;
    /**
     * A current further from the real one than this misleads, as a share; and at rest, amperes. Common practice, no
     * source.
     */
    private static final double CURRENT_OFF = 0.2;

    private static final double AT_REST_A = 0.5;
    /** Warning before the floor, volts a cell. Common practice, no source. */
    private static final double WARN_BEFORE = 0.2;

    static final List<Requirement> ALL = List.of(
            new Requirement("supply", PowerRequirements::supplies),
            new Requirement("voltage-source", PowerRequirements::source),
            new Requirement("voltage-scale", PowerRequirements::scale),
            new Requirement("cells", PowerRequirements::cells),
            new Requirement("current-sensor", PowerRequirements::sensor),
            new Requirement("current-scale", PowerRequirements::current),
            new Requirement("alarms", PowerRequirements::alarms));

    private PowerRequirements() {}

    private static List<Violation> supplies(Craft craft) {
        ElectricSheet sheet = craft.electrics().sheet();
        return sheet.fed().stream()
                .filter(fed -> fed.destroys() || fed.starves())
                .map(fed -> supply(sheet, fed))
                .toList();
    }

    private static Violation supply(ElectricSheet sheet, Fed fed) {
        String volts = String.format(Locale.ROOT, "%.1f V", fed.destroys() ? fed.mostV() : fed.leastV());
        List<String> fitting = fitting(sheet, fed);
        String remedy = fitting.isEmpty()
                ? "Feed it from a regulator that it stands"
                : "Move its supply wire to " + String.join(" or ", fitting);
        List<Edit> edits = fitting.stream()
                .map(pad -> Edit.move(fed.at(), fed.from(), pad))
                .toList();
        String cause = fed.destroys()
                ? fed.part().label() + " stands " + fed.part().archetype().highestV() + " V at most, and " + fed.from()
                        + " feeds it " + volts + ": that destroys it" + (fed.usb() ? ", by USB alone too" : "")
                : fed.part().label() + " needs " + fed.part().archetype().lowestV() + " V, and " + fed.from()
                        + " feeds it " + volts;
        return new Violation(
                "supply-" + fed.at(),
                fed.destroys() ? Severity.HAZARD : Severity.CANNOT_WORK,
                cause,
                remedy,
                List.of(),
                List.of(fed.from(), fed.at()),
                "no-power",
                edits);
    }

    /** Pads that feed what a part stands and needs, with room for its wire; the first of each board. */
    private static List<String> fitting(ElectricSheet sheet, Fed fed) {
        List<String> pads = new ArrayList<>();
        for (Part part : sheet.parts()) {
            for (Pad pad : part.archetype().pads()) {
                double most = pad.volts() == 0 ? sheet.pack().fullV() : pad.volts();
                double least = pad.volts() == 0 ? sheet.pack().cells() * floor(sheet) : pad.volts();
                if (pad.kind() == Pad.Kind.FEED
                        && !part.equals(fed.part())
                        && most <= fed.part().archetype().highestV()
                        && least >= fed.part().archetype().lowestV()
                        && sheet.hasRoom(part.address(pad.name()))) {
                    pads.add(part.address(pad.name()));
                    break;
                }
            }
        }
        return pads;
    }

    private static List<Violation> source(Craft craft) {
        VoltageSource source = craft.told(FcSettings.VOLTAGE_SOURCE);
        if (craft.electrics().sheet().isEmpty()
                || source == VoltageSource.CONTROLLERS
                || source == VoltageSource.DIVIDER
                        && craft.electrics().wiring().divider().isPresent()) {
            return List.of();
        }
        return List.of(
                source == VoltageSource.NONE
                        ? Violation.doubt(
                                "voltage-source",
                                "No voltage is read, so nothing warns of a low battery",
                                "Choose the source that it has",
                                COMPLAINT,
                                FcSettings.VOLTAGE_SOURCE)
                        : Violation.of(
                                "voltage-source",
                                Severity.CANNOT_WORK,
                                "The voltage is taken from the FC's divider, and the FC on the sheet has none",
                                "Choose the source that it has",
                                COMPLAINT,
                                List.of(FcSettings.VOLTAGE_SOURCE),
                                List.of(
                                        Edit.set(FcSettings.VOLTAGE_SOURCE, VoltageSource.CONTROLLERS),
                                        Edit.set(FcSettings.VOLTAGE_SOURCE, VoltageSource.NONE))));
    }

    private static List<Violation> scale(Craft craft) {
        double scale = craft.told(FcSettings.VOLTAGE_SCALE);
        double right = SenseChain.rightScale(craft);
        if (craft.electrics().sheet().isEmpty()
                || craft.told(FcSettings.VOLTAGE_SOURCE) != VoltageSource.DIVIDER
                || Math.abs(scale / right - 1) <= SCALE_OFF) {
            return List.of();
        }
        return List.of(Violation.of(
                "voltage-scale",
                Severity.CANNOT_WORK,
                String.format(
                        Locale.ROOT,
                        "The voltage scale is %.3g, and the divider is %.3g to one: a battery of 16.0 V shows as %.1f V",
                        scale,
                        right,
                        16 * scale / right),
                String.format(Locale.ROOT, "Enter %.4g, then trim it with two readings against the meter", right),
                COMPLAINT,
                List.of(FcSettings.VOLTAGE_SCALE),
                List.of(Edit.set(FcSettings.VOLTAGE_SCALE, Math.round(right * 1000) / 1000.0))));
    }

    private static List<Violation> cells(Craft craft) {
        int told = craft.told(FcSettings.CELLS);
        int cells = craft.electrics().sheet().pack().cells();
        if (craft.electrics().sheet().isEmpty() || told == 0 || told == cells) {
            return List.of();
        }
        return List.of(Violation.of(
                "cells",
                Severity.CANNOT_WORK,
                "It is configured for " + told + " cells, and flies with " + cells
                        + (told > cells ? ": it warns at once" : ": it warns too late"),
                "Enter " + cells,
                COMPLAINT,
                List.of(FcSettings.CELLS),
                List.of(Edit.set(FcSettings.CELLS, cells), Edit.set(FcSettings.CELLS, 0))));
    }

    private static List<Violation> sensor(Craft craft) {
        boolean wired = craft.electrics().sheet().leads().stream()
                .anyMatch(lead -> craft.electrics().sheet().pad(lead.from()).kind() == Pad.Kind.CURRENT);
        return craft.electrics().sheet().isEmpty() || craft.told(FcSettings.CURRENT_READ) || !wired
                ? List.of()
                : List.of(Violation.doubt(
                        "current-sensor",
                        "A current sensor is wired to the FC, and it is not read",
                        "Switch it on, unless it is meant",
                        COMPLAINT,
                        FcSettings.CURRENT_READ));
    }

    private static List<Violation> current(Craft craft) {
        List<Violation> found = new ArrayList<>();
        double scale = craft.told(FcSettings.CURRENT_SCALE);
        if (craft.told(FcSettings.CURRENT_READ) && Math.abs(scale - 1) > CURRENT_OFF) {
            found.add(Violation.of(
                    "current-scale",
                    Severity.CANNOT_WORK,
                    String.format(Locale.ROOT, "It shows %.2f times the real current", scale),
                    "Trim the scale by what the charger puts back",
                    COMPLAINT,
                    List.of(FcSettings.CURRENT_SCALE),
                    List.of(Edit.set(FcSettings.CURRENT_SCALE, 1.0))));
        }
        double rest = craft.told(FcSettings.CURRENT_AT_REST);
        if (craft.told(FcSettings.CURRENT_READ) && Math.abs(rest) > AT_REST_A) {
            found.add(Violation.of(
                    "current-at-rest",
                    Severity.CANNOT_WORK,
                    "It shows " + craft.told().said(FcSettings.CURRENT_AT_REST) + " more than flows",
                    "Enter 0",
                    COMPLAINT,
                    List.of(FcSettings.CURRENT_AT_REST),
                    List.of(Edit.set(FcSettings.CURRENT_AT_REST, 0.0))));
        }
        return found;
    }

    /** The voltage of an empty cell: less harms it even under load. */
    private static double floor(ElectricSheet sheet) {
        return sheet.pack().chemistry().restingV(0);
    }

    private static List<Violation> alarms(Craft craft) {
        double floor = floor(craft.electrics().sheet());
        double early = floor + WARN_BEFORE;
        double warn = craft.told(FcSettings.WARN_CELL);
        double lowest = craft.told(FcSettings.LOWEST_CELL);
        List<Violation> found = new ArrayList<>();
        if (lowest < floor - 1e-9) {
            found.add(Violation.of(
                    "lowest-cell",
                    Severity.HAZARD,
                    "It calls a battery critical at " + craft.told().said(FcSettings.LOWEST_CELL) + ": below " + floor
                            + " V a cell is harmed even under load",
                    "Enter " + floor + " V a cell",
                    "",
                    List.of(FcSettings.LOWEST_CELL),
                    List.of(Edit.set(FcSettings.LOWEST_CELL, floor))));
        }
        if (warn < lowest) {
            found.add(Violation.of(
                    "warn-cell",
                    Severity.CANNOT_WORK,
                    "It warns at " + craft.told().said(FcSettings.WARN_CELL)
                            + ", after it calls the battery critical at "
                            + craft.told().said(FcSettings.LOWEST_CELL),
                    "The warning comes first: 3.7 or 3.5 V a cell",
                    "",
                    List.of(FcSettings.WARN_CELL, FcSettings.LOWEST_CELL),
                    List.of(
                            Edit.set(FcSettings.WARN_CELL, Math.min(4.4, Math.max(early, lowest + 0.1))),
                            Edit.set(FcSettings.LOWEST_CELL, Math.max(floor, Math.min(lowest, warn - 0.1))))));
        } else if (warn < early - 1e-9) {
            found.add(Violation.doubt(
                    "warn-cell-low",
                    "It warns at " + craft.told().said(FcSettings.WARN_CELL),
                    "3.7 V a cell for a long battery life, 3.5 V to use it",
                    "",
                    FcSettings.WARN_CELL));
        }
        return found;
    }
}
