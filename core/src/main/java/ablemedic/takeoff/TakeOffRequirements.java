package ablemedic.takeoff;

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
                            new Requirement(
                                    "gain",
                                    craft -> tuned(
                                            craft,
                                            FcSettings.GAIN,
                                            "Its gains are ",
                                            ", as for another size of craft",
                                            TakeOffSeen.ID)),
                            new Requirement(
                                    "filter",
                                    craft -> tuned(
                                            craft,
                                            FcSettings.FILTER,
                                            "The gyro's filter cuts off at ",
                                            ", as for another size of craft",
                                            Shaking.ID))),
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

    private static List<Violation> alignment(Craft craft) {
        if (craft.misalignment().equals(Rotation.NONE)) {
            return List.of();
        }
        Rotation told = craft.told(FcSettings.ALIGNMENT);
        return List.of(Violation.of(
                "alignment",
                Severity.HAZARD,
                "The FC is configured as turned " + told.angles() + ", and is mounted turned "
                        + craft.mounted().angles(),
                "Enter the board alignment " + FcSettings.ALIGNMENT.form().written(craft.mounted()),
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
                "outputs",
                Severity.HAZARD,
                "With the output order " + craft.told(FcSettings.OUTPUT_ORDER) + " and "
                        + craft.told().said(FcSettings.NUMBERING) + " the FC turns other motors than it means",
                "Enter the output order " + order,
                TakeOffSeen.ID,
                List.of(FcSettings.OUTPUT_ORDER, FcSettings.NUMBERING),
                edits));
    }

    private static List<Violation> spins(Craft craft) {
        SpinConvention told = craft.told(FcSettings.SPINS);
        Set<Corner> against = Corner.ALL.stream()
                .filter(corner -> craft.arm(corner).motor().spin() != told.at(corner))
                .collect(Collectors.toSet());
        List<String> names = against.stream().sorted().map(craft::name).toList();
        if (against.isEmpty()) {
            return List.of();
        }
        Edit reverse = Edit.reverse(against, names);
        return List.of(
                against.size() == Corner.ALL.size()
                        ? Violation.of(
                                "spins",
                                Severity.HAZARD,
                                "The FC is configured for “" + told.label()
                                        + "”, and all four motors turn the other way",
                                "Enter “" + told.other().label() + "”",
                                TakeOffSeen.ID,
                                List.of(FcSettings.SPINS),
                                List.of(Edit.set(FcSettings.SPINS, told.other()), reverse))
                        : Violation.of(
                                "spins",
                                Severity.HAZARD,
                                "With “" + told.label() + "” the motor at " + String.join(", ", names)
                                        + " turns the wrong way",
                                "See which way it turns, props off, and reverse it",
                                TakeOffSeen.ID,
                                List.of(FcSettings.SPINS),
                                List.of(reverse)));
    }

    private static List<Violation> stickOrder(Craft craft) {
        StickOrder expects = craft.told(FcSettings.STICK_ORDER);
        StickOrder sends = craft.told(RadioSettings.STICK_ORDER);
        return expects.equals(sends)
                ? List.of()
                : List.of(Violation.of(
                        "stick-order",
                        Severity.HAZARD,
                        "The FC expects the channels as " + expects + ", and the radio sends " + sends,
                        "Set the FC to " + sends,
                        TakeOffSeen.ID,
                        List.of(FcSettings.STICK_ORDER, RadioSettings.STICK_ORDER),
                        List.of(
                                Edit.set(FcSettings.STICK_ORDER, sends),
                                Edit.set(RadioSettings.STICK_ORDER, expects))));
    }

    private static List<Violation> sense(Craft craft, Stick stick) {
        Setting<Boolean> reversed = RadioSettings.reversed(stick);
        return !craft.told(reversed)
                ? List.of()
                : List.of(Violation.of(
                        "stick-sense-" + stick.label(),
                        Severity.HAZARD,
                        "The radio has " + stick.label() + " reversed: pushed " + stick.positive()
                                + ", its bar goes down",
                        "Turn its sense round at the radio",
                        TakeOffSeen.ID,
                        List.of(reversed),
                        List.of(Edit.set(reversed, false))));
    }

    private static List<Violation> trim(Craft craft, Stick stick) {
        Setting<Double> trim = RadioSettings.trim(stick);
        return Math.abs(craft.told(trim)) <= TRIM_US
                ? List.of()
                : List.of(Violation.of(
                        "trim-" + stick.label(),
                        Severity.CANNOT_WORK,
                        "The " + stick.label() + " stick left alone stands "
                                + craft.told().said(trim) + " from the middle",
                        "Trim it to 1500 µs at the radio",
                        "sticks-wrong",
                        List.of(trim),
                        List.of(Edit.set(trim, 0.0))));
    }

    private static List<Violation> travel(Craft craft, Stick stick) {
        Setting<Double> travel = RadioSettings.travel(stick);
        return Math.abs(craft.told(travel) - 100) <= TRAVEL_OFF
                ? List.of()
                : List.of(Violation.of(
                        "travel-" + stick.label(),
                        Severity.CANNOT_WORK,
                        "The " + stick.label() + " stick has a travel of "
                                + craft.told().said(travel) + ": its ends are not 1000 and 2000 µs",
                        "Set the travel so that it ends at 1000 and 2000 µs",
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
        String works = "the hardest working motor needs " + Math.round(100 * trim.used()) + " % of what it can give";
        return List.of(
                trim.canLevel()
                        ? Violation.doubt(
                                "balance",
                                "It balances so far from the centre of thrust that " + works,
                                "Move the battery towards it",
                                TakeOffSeen.ID)
                        : Violation.of(
                                "balance",
                                Severity.HAZARD,
                                "It balances so far from the centre of thrust that it can't be held level: " + works,
                                "Move the battery until it balances under the centre of thrust",
                                TakeOffSeen.ID,
                                List.of(),
                                List.of(Edit.balance(centre))));
    }

    private static List<Violation> level(Craft craft) {
        Tilt off = craft.told(FcSettings.LEVEL_OFF);
        return Math.max(Math.abs(off.rollDeg()), Math.abs(off.pitchDeg())) <= LEVEL_DEG
                ? List.of()
                : List.of(Violation.of(
                        "level",
                        Severity.CANNOT_WORK,
                        "Its level is off by " + craft.told().said(FcSettings.LEVEL_OFF) + ": it slides",
                        "Calibrate level on a flat surface",
                        TakeOffSeen.ID,
                        List.of(FcSettings.LEVEL_OFF),
                        List.of(Edit.doing(
                                FcSettings.LEVEL_OFF,
                                Tilt.NONE,
                                "Calibrate level on a flat surface",
                                3,
                                "No strap under it, hands off.",
                                Edit.SAVE))));
    }

    private static List<Violation> tuned(
            Craft craft, Setting<Double> setting, String what, String why, String complaint) {
        double value = craft.told(setting);
        return value <= OTHER_SIZE && value >= 1 / OTHER_SIZE
                ? List.of()
                : List.of(Violation.of(
                        setting == FcSettings.GAIN ? "gain" : "filter",
                        Severity.CANNOT_WORK,
                        what + craft.told().said(setting) + why,
                        "Enter what suits this size",
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
                        "hover",
                        Severity.HAZARD,
                        "By its sheet it does not take off as it should: it "
                                + seen.stream()
                                        .sorted()
                                        .filter(manner -> manner != Manner.FLIES)
                                        .findFirst()
                                        .orElseThrow()
                                        .label(),
                        "Look through mass, thrust, motors and props on the sheet",
                        TakeOffSeen.ID,
                        List.of(),
                        List.of()));
    }
}
