package ablemedic.takeoff;

import ablemedic.catalogue.Param;
import ablemedic.catalogue.Words;
import ablemedic.configuration.Setting;
import ablemedic.craft.Corner;
import ablemedic.craft.Craft;
import ablemedic.craft.FcSettings;
import ablemedic.craft.MotorNumbering;
import ablemedic.craft.OutputOrder;
import ablemedic.craft.Point;
import ablemedic.craft.RadioSettings;
import ablemedic.craft.Rotation;
import ablemedic.craft.SpinConvention;
import ablemedic.craft.Stick;
import ablemedic.craft.StickOrder;
import ablemedic.craft.Tilt;
import ablemedic.requirement.Edit;
import ablemedic.requirement.Requirement;
import ablemedic.requirement.Severity;
import ablemedic.requirement.Violation;
import ablemedic.takeoff.Sight.Manner;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** What a craft must satisfy to take off level: mount, outputs, directions, sticks, gains and mass. */
final class TakeOffRequirements {
    /** A level error that a calibration on a table leaves behind is smaller, degrees. Common practice, no source. */
    private static final double LEVEL_DEG = 3;
    /**
     * Gains further than this from those that suit the craft were made for another size. Common practice, no source.
     */
    private static final double OTHER_SIZE = 2.5;
    /** More trim than this is felt as a turn that nobody asked for, microseconds. Common practice, no source. */
    private static final double TRIM_US = 8;
    /** Travel that ends further from 1000 and 2000 µs than this, percent. Common practice, no source. */
    private static final double TRAVEL_OFF = 5;

    private static final List<Requirement> BEFORE_HOVER = Stream.concat(
                    Stream.of(
                            new Requirement("alignment", TakeOffRequirements::alignment),
                            new Requirement("outputs", TakeOffRequirements::outputs),
                            new Requirement("spins", TakeOffRequirements::spins),
                            new Requirement("stick-order", TakeOffRequirements::stickOrder),
                            new Requirement("balance", TakeOffRequirements::balance),
                            new Requirement("level", TakeOffRequirements::level),
                            new Requirement("gain", craft -> tuned(craft, FcSettings.GAIN, "gain", TakeOffSeen.ID)),
                            new Requirement("filter", craft -> tuned(craft, FcSettings.FILTER, "filter", Shaking.ID))),
                    Arrays.stream(Stick.values())
                            .map(stick ->
                                    new Requirement("stick-sense-" + stick.label(), craft -> sense(craft, stick))))
            .toList();

    static final List<Requirement> ALL = Stream.of(
                    BEFORE_HOVER,
                    Arrays.stream(Stick.values())
                            .flatMap(stick -> Stream.of(
                                    new Requirement("trim-" + stick.label(), craft -> trim(craft, stick)),
                                    new Requirement("travel-" + stick.label(), craft -> travel(craft, stick))))
                            .toList(),
                    List.of(new Requirement("hover", TakeOffRequirements::hover)))
            .<Requirement>flatMap(List::stream)
            .toList();

    private TakeOffRequirements() {}

    private static Words words(String entry) {
        return TakeOffWords.WORDS.requirement(entry);
    }

    private static Words words(String entry, Stick stick) {
        return words(entry).with("stick", Param.written(stick.label()));
    }

    private static List<Violation> alignment(Craft craft) {
        if (craft.misalignment().equals(Rotation.NONE)) {
            return List.of();
        }
        Rotation told = craft.setting(FcSettings.ALIGNMENT);
        return List.of(Violation.of(
                words("alignment")
                        .with("set", Param.written(told.angles().toString()))
                        .with("mounted", Param.written(craft.mounted().angles().toString()))
                        .with("right", Param.written(FcSettings.ALIGNMENT.form().written(craft.mounted()))),
                Severity.HAZARD,
                TakeOffSeen.ID,
                List.of(FcSettings.ALIGNMENT),
                List.of(Edit.set(FcSettings.ALIGNMENT, craft.mounted()), Edit.mounted(told))));
    }

    private static List<Violation> outputs(Craft craft) {
        if (Corner.ALL.stream().allMatch(corner -> craft.reached(corner) == corner)) {
            return List.of();
        }
        OutputOrder order = MotorMap.order(craft);
        List<Edit> edits = new ArrayList<>(List.of(Edit.set(FcSettings.OUTPUT_ORDER, order)));
        Arrays.stream(MotorNumbering.values())
                .filter(other -> {
                    Craft renumbered = craft.with(FcSettings.NUMBERING, other);
                    return Corner.ALL.stream().allMatch(corner -> renumbered.reached(corner) == corner);
                })
                .forEach(other -> edits.add(Edit.set(FcSettings.NUMBERING, other)));
        return List.of(Violation.of(
                words("outputs")
                        .with("set", Param.written(craft.configuration().said(FcSettings.OUTPUT_ORDER)))
                        .with("numbering", Param.written(craft.configuration().said(FcSettings.NUMBERING)))
                        .with("right", Param.written(order.toString())),
                Severity.HAZARD,
                TakeOffSeen.ID,
                List.of(FcSettings.OUTPUT_ORDER, FcSettings.NUMBERING),
                edits));
    }

    private static List<Violation> spins(Craft craft) {
        SpinConvention told = craft.setting(FcSettings.SPINS);
        Set<Corner> against = Corner.ALL.stream()
                .filter(corner -> craft.arm(corner).motor().spin() != told.at(corner))
                .collect(Collectors.toSet());
        List<String> names = against.stream().sorted().map(craft::name).toList();
        if (against.isEmpty()) {
            return List.of();
        }
        Edit reverse = Edit.reverse(against, names);
        Words words = words("spins")
                .with("all", Param.when(against.size() == Corner.ALL.size()))
                .with("set", Param.written(told.label()))
                .with("right", Param.written(told.other().label()))
                .with("corners", Param.written(String.join(", ", names)));
        return List.of(
                against.size() == Corner.ALL.size()
                        ? Violation.of(
                                words,
                                Severity.HAZARD,
                                TakeOffSeen.ID,
                                List.of(FcSettings.SPINS),
                                List.of(Edit.set(FcSettings.SPINS, told.other()), reverse))
                        : Violation.of(
                                words, Severity.HAZARD, TakeOffSeen.ID, List.of(FcSettings.SPINS), List.of(reverse)));
    }

    private static List<Violation> stickOrder(Craft craft) {
        StickOrder expects = craft.setting(FcSettings.STICK_ORDER);
        StickOrder sends = craft.setting(RadioSettings.STICK_ORDER);
        return expects.equals(sends)
                ? List.of()
                : List.of(Violation.of(
                        words("stick-order")
                                .with("set", Param.written(expects.toString()))
                                .with("right", Param.written(sends.toString())),
                        Severity.HAZARD,
                        TakeOffSeen.ID,
                        List.of(FcSettings.STICK_ORDER, RadioSettings.STICK_ORDER),
                        List.of(
                                Edit.set(FcSettings.STICK_ORDER, sends),
                                Edit.set(RadioSettings.STICK_ORDER, expects))));
    }

    private static List<Violation> sense(Craft craft, Stick stick) {
        Setting<Boolean> reversed = RadioSettings.reversed(stick);
        return !craft.setting(reversed)
                ? List.of()
                : List.of(Violation.of(
                        "stick-sense-" + stick.label(),
                        words("stick-sense", stick).with("positive", Param.written(stick.positive())),
                        Severity.HAZARD,
                        TakeOffSeen.ID,
                        List.of(reversed),
                        List.of(Edit.set(reversed, false))));
    }

    private static List<Violation> trim(Craft craft, Stick stick) {
        Setting<Double> trim = RadioSettings.trim(stick);
        return Math.abs(craft.setting(trim)) <= TRIM_US
                ? List.of()
                : List.of(Violation.of(
                        "trim-" + stick.label(),
                        words("trim", stick)
                                .with("off", Param.written(craft.configuration().said(trim))),
                        Severity.CANNOT_WORK,
                        "sticks-wrong",
                        List.of(trim),
                        List.of(Edit.set(trim, 0.0))));
    }

    private static List<Violation> travel(Craft craft, Stick stick) {
        Setting<Double> travel = RadioSettings.travel(stick);
        return Math.abs(craft.setting(travel) - 100) <= TRAVEL_OFF
                ? List.of()
                : List.of(Violation.of(
                        "travel-" + stick.label(),
                        words("travel", stick)
                                .with(
                                        "travel",
                                        Param.written(craft.configuration().said(travel))),
                        Severity.CANNOT_WORK,
                        "sticks-wrong",
                        List.of(travel),
                        List.of(Edit.set(travel, 100.0))));
    }

    private static List<Violation> balance(Craft craft) {
        Trim trim = Trim.of(craft.airframe());
        Point centre = craft.airframe().centreOfThrust();
        if (trim.canLevel() && !trim.isTight()) {
            return List.of();
        }
        Words words = words("balance")
                .with("level", Param.when(trim.canLevel()))
                .with("share", Param.whole(Math.round(100 * trim.used()), "%"));
        return List.of(
                trim.canLevel()
                        ? Violation.doubt(words, TakeOffSeen.ID)
                        : Violation.of(
                                words, Severity.HAZARD, TakeOffSeen.ID, List.of(), List.of(Edit.balance(centre))));
    }

    private static List<Violation> level(Craft craft) {
        Tilt off = craft.setting(FcSettings.LEVEL_OFF);
        return Math.max(Math.abs(off.rollDeg()), Math.abs(off.pitchDeg())) <= LEVEL_DEG
                ? List.of()
                : List.of(Violation.of(
                        words("level")
                                .with("off", Param.written(craft.configuration().said(FcSettings.LEVEL_OFF))),
                        Severity.CANNOT_WORK,
                        TakeOffSeen.ID,
                        List.of(FcSettings.LEVEL_OFF),
                        List.of(Edit.doing(FcSettings.LEVEL_OFF, Tilt.NONE, words("level"), 3))));
    }

    private static List<Violation> tuned(Craft craft, Setting<Double> setting, String entry, String complaint) {
        double value = craft.setting(setting);
        return value <= OTHER_SIZE && value >= 1 / OTHER_SIZE
                ? List.of()
                : List.of(Violation.of(
                        words(entry)
                                .with("set", Param.written(craft.configuration().said(setting))),
                        Severity.CANNOT_WORK,
                        complaint,
                        List.of(setting),
                        List.of(Edit.set(setting, 1.0))));
    }

    /** What the rules above leave: a craft that would not fly for another reason, such as its weight. */
    private static List<Violation> hover(Craft craft) {
        if (BEFORE_HOVER.stream().anyMatch(rule -> rule.of(craft).stream()
                .anyMatch(one -> one.severity().isBinding()))) {
            return List.of();
        }
        Set<Manner> seen = Sightings.of(craft).stream().map(Sight::manner).collect(Collectors.toSet());
        return seen.equals(Set.of(Manner.FLIES))
                ? List.of()
                : List.of(Violation.of(
                        words("hover")
                                .with(
                                        "seen",
                                        Param.written(seen.stream()
                                                .sorted()
                                                .filter(manner -> manner != Manner.FLIES)
                                                .findFirst()
                                                .orElseThrow()
                                                .label())),
                        Severity.HAZARD,
                        TakeOffSeen.ID,
                        List.of(),
                        List.of()));
    }
}
