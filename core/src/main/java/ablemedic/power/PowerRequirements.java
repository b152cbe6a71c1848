package ablemedic.power;

import ablemedic.catalogue.Param;
import ablemedic.catalogue.Words;
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
        List<String> fitting = fitting(sheet, fed);
        List<Edit> edits = fitting.stream()
                .map(pad -> Edit.move(fed.at(), fed.from(), pad))
                .toList();
        Words words = Power.WORDS
                .requirement("supply")
                .with("part", Param.part(fed.part().id(), fed.part().label()))
                .with("destroys", Param.when(fed.destroys()))
                .with("usb", Param.when(fed.usb()))
                .with("most", Param.number(fed.part().archetype().highestV(), "V"))
                .with("least", Param.number(fed.part().archetype().lowestV(), "V"))
                .with("from", Param.written(fed.from()))
                .with("volts", new Param.Quantity(fed.destroys() ? fed.mostV() : fed.leastV(), "V", 1))
                .with("fits", Param.when(!fitting.isEmpty()))
                .with("pads", Param.written(String.join(" or ", fitting)));
        return new Violation(
                "supply-" + fed.at(),
                fed.destroys() ? Severity.HAZARD : Severity.CANNOT_WORK,
                words.line("cause"),
                words.line("remedy"),
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
                double most = pad.volts() == 0 ? sheet.battery().fullV() : pad.volts();
                double least = pad.volts() == 0 ? sheet.battery().cells() * floor(sheet) : pad.volts();
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
        VoltageSource source = craft.setting(FcSettings.VOLTAGE_SOURCE);
        if (craft.electrics().sheet().isEmpty()
                || source == VoltageSource.CONTROLLERS
                || source == VoltageSource.DIVIDER
                        && craft.electrics().wiring().divider().isPresent()) {
            return List.of();
        }
        Words words = Power.WORDS.requirement("voltage-source").with("none", Param.when(source == VoltageSource.NONE));
        return List.of(
                source == VoltageSource.NONE
                        ? Violation.doubt(words, COMPLAINT, FcSettings.VOLTAGE_SOURCE)
                        : Violation.cannotWork(
                                words,
                                COMPLAINT,
                                List.of(FcSettings.VOLTAGE_SOURCE),
                                Edit.set(FcSettings.VOLTAGE_SOURCE, VoltageSource.CONTROLLERS),
                                Edit.set(FcSettings.VOLTAGE_SOURCE, VoltageSource.NONE)));
    }

    private static List<Violation> scale(Craft craft) {
        double scale = craft.setting(FcSettings.VOLTAGE_SCALE);
        double right = SenseChain.rightScale(craft);
        if (craft.electrics().sheet().isEmpty()
                || craft.setting(FcSettings.VOLTAGE_SOURCE) != VoltageSource.DIVIDER
                || Math.abs(scale / right - 1) <= SCALE_OFF) {
            return List.of();
        }
        return List.of(Violation.cannotWork(
                Power.WORDS
                        .requirement("voltage-scale")
                        .with("scale", Param.number(Math.round(scale * 100) / 100.0, ""))
                        .with("right", Param.number(Math.round(right * 100) / 100.0, ""))
                        .with("exact", Param.number(Math.round(right * 1000) / 1000.0, ""))
                        .with("shown", new Param.Quantity(16 * scale / right, "V", 1)),
                COMPLAINT,
                List.of(FcSettings.VOLTAGE_SCALE),
                Edit.set(FcSettings.VOLTAGE_SCALE, Math.round(right * 1000) / 1000.0)));
    }

    private static List<Violation> cells(Craft craft) {
        int told = craft.setting(FcSettings.CELLS);
        int cells = craft.electrics().sheet().battery().cells();
        if (craft.electrics().sheet().isEmpty() || told == 0 || told == cells) {
            return List.of();
        }
        return List.of(Violation.cannotWork(
                Power.WORDS
                        .requirement("cells")
                        .with("set", Param.whole(told, ""))
                        .with("cells", Param.whole(cells, ""))
                        .with("early", Param.when(told > cells)),
                COMPLAINT,
                List.of(FcSettings.CELLS),
                Edit.set(FcSettings.CELLS, cells),
                Edit.set(FcSettings.CELLS, 0)));
    }

    private static List<Violation> sensor(Craft craft) {
        boolean wired = craft.electrics().sheet().wires().stream()
                .anyMatch(wire -> craft.electrics().sheet().pad(wire.from()).kind() == Pad.Kind.CURRENT);
        return craft.electrics().sheet().isEmpty() || craft.setting(FcSettings.CURRENT_READ) || !wired
                ? List.of()
                : List.of(
                        Violation.doubt(Power.WORDS.requirement("current-sensor"), COMPLAINT, FcSettings.CURRENT_READ));
    }

    private static List<Violation> current(Craft craft) {
        List<Violation> found = new ArrayList<>();
        double scale = craft.setting(FcSettings.CURRENT_SCALE);
        if (craft.setting(FcSettings.CURRENT_READ) && Math.abs(scale - 1) > CURRENT_OFF) {
            found.add(Violation.cannotWork(
                    Power.WORDS.requirement("current-scale").with("times", new Param.Quantity(scale, "", 2)),
                    COMPLAINT,
                    List.of(FcSettings.CURRENT_SCALE),
                    Edit.set(FcSettings.CURRENT_SCALE, 1.0)));
        }
        double rest = craft.setting(FcSettings.CURRENT_AT_REST);
        if (craft.setting(FcSettings.CURRENT_READ) && Math.abs(rest) > AT_REST_A) {
            found.add(Violation.cannotWork(
                    Power.WORDS
                            .requirement("current-at-rest")
                            .with("rest", Param.written(craft.configuration().said(FcSettings.CURRENT_AT_REST))),
                    COMPLAINT,
                    List.of(FcSettings.CURRENT_AT_REST),
                    Edit.set(FcSettings.CURRENT_AT_REST, 0.0)));
        }
        return found;
    }

    /** The voltage of an empty cell: less harms it even under load. */
    private static double floor(ElectricSheet sheet) {
        return sheet.battery().chemistry().restingV(0);
    }

    private static List<Violation> alarms(Craft craft) {
        double floor = floor(craft.electrics().sheet());
        double early = floor + WARN_BEFORE;
        double warn = craft.setting(FcSettings.WARN_CELL);
        double lowest = craft.setting(FcSettings.LOWEST_CELL);
        List<Violation> found = new ArrayList<>();
        if (lowest < floor - 1e-9) {
            found.add(Violation.of(
                    Power.WORDS
                            .requirement("lowest-cell")
                            .with("set", Param.written(craft.configuration().said(FcSettings.LOWEST_CELL)))
                            .with("floor", Param.number(floor, "V")),
                    Severity.HAZARD,
                    "",
                    List.of(FcSettings.LOWEST_CELL),
                    List.of(Edit.set(FcSettings.LOWEST_CELL, floor))));
        }
        if (warn < lowest) {
            found.add(Violation.cannotWork(
                    Power.WORDS
                            .requirement("warn-cell")
                            .with("warn", Param.written(craft.configuration().said(FcSettings.WARN_CELL)))
                            .with("lowest", Param.written(craft.configuration().said(FcSettings.LOWEST_CELL))),
                    "",
                    List.of(FcSettings.WARN_CELL, FcSettings.LOWEST_CELL),
                    Edit.set(FcSettings.WARN_CELL, Math.min(4.4, Math.max(early, lowest + 0.1))),
                    Edit.set(FcSettings.LOWEST_CELL, Math.max(floor, Math.min(lowest, warn - 0.1)))));
        } else if (warn < early - 1e-9) {
            found.add(Violation.doubt(
                    Power.WORDS
                            .requirement("warn-cell-low")
                            .with("warn", Param.written(craft.configuration().said(FcSettings.WARN_CELL))),
                    "",
                    FcSettings.WARN_CELL));
        }
        return found;
    }
}
