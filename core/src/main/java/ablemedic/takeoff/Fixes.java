package ablemedic.takeoff;

import ablemedic.craft.Arm;
import ablemedic.craft.BoardMount;
import ablemedic.craft.Corner;
import ablemedic.craft.Craft;
import ablemedic.craft.FcSettings;
import ablemedic.craft.Motor;
import ablemedic.craft.OutputOrder;
import ablemedic.craft.Prop;
import ablemedic.craft.RadioSettings;
import ablemedic.craft.Rotation;
import ablemedic.craft.Spin;
import ablemedic.craft.SpinConvention;
import ablemedic.craft.Stick;
import ablemedic.craft.StickOrder;
import ablemedic.craft.Tilt;
import ablemedic.diagnosis.Fix;
import ablemedic.diagnosis.Fix.Value;
import ablemedic.family.SettingTrouble;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.function.BiFunction;
import java.util.stream.Collectors;

/** The ways to put each fault of take-off right, worked out in the labels and numbers of the craft at hand. */
final class Fixes {
    static final SettingTrouble<SpinConvention> SPINS = SettingTrouble.of(FcSettings.SPINS);
    static final SettingTrouble<Rotation> ALIGNMENT = SettingTrouble.of(FcSettings.ALIGNMENT);
    static final SettingTrouble<Tilt> LEVEL = SettingTrouble.of(FcSettings.LEVEL_OFF);
    static final SettingTrouble<Double> GAIN = SettingTrouble.of(FcSettings.GAIN);
    static final SettingTrouble<Double> FILTER = SettingTrouble.of(FcSettings.FILTER);
    static final SettingTrouble<StickOrder> BOARD_ORDER = SettingTrouble.of(FcSettings.STICK_ORDER);
    static final SettingTrouble<StickOrder> RADIO_ORDER = SettingTrouble.of(RadioSettings.STICK_ORDER);
    private static final SettingTrouble<OutputOrder> OUTPUT_ORDER = SettingTrouble.of(FcSettings.OUTPUT_ORDER);
    private static final List<SettingTrouble<Boolean>> SENSES = Arrays.stream(Stick.values())
            .map(stick -> SettingTrouble.of(RadioSettings.reversed(stick)))
            .toList();

    private Fixes() {}

    static SettingTrouble<Boolean> sense(Stick stick) {
        return SENSES.get(stick.ordinal());
    }

    static List<Fix<Craft>> outputs(Craft sound, Craft faulty) {
        OutputOrder order = MotorMap.order(faulty);
        String remedy = "output order " + order;
        String numbering = faulty.told().said(FcSettings.NUMBERING);
        String moves = Corner.ALL.stream()
                .filter(corner -> faulty.outputAt(corner) != sound.outputAt(corner))
                .map(corner -> "the lead of the " + sound.name(corner) + " motor from output " + faulty.outputAt(corner)
                        + " to output " + sound.outputAt(corner))
                .collect(Collectors.joining("; "));
        return List.of(
                OUTPUT_ORDER.entering(
                        "order",
                        remedy,
                        "Enter the output order " + order,
                        List.of(
                                "In the firmware's output settings enter " + order + " (numbering school: " + numbering
                                        + ").",
                                wiringTold(faulty, order),
                                SettingTrouble.SAVE),
                        4,
                        faulty,
                        order),
                new Fix<>(
                        "leads",
                        remedy,
                        "Move the signal leads",
                        List.of(
                                "Take the pack out.",
                                "Move " + moves + ".",
                                "Leave the output order at " + sound.told(FcSettings.OUTPUT_ORDER) + "."),
                        List.of(new Value("signal leads", leads(faulty), leads(sound))),
                        20,
                        craft -> craft.withWiring(sound.wiring())));
    }

    private static String wiringTold(Craft craft, OutputOrder order) {
        return Corner.ALL.stream()
                .map(corner -> {
                    int motor = craft.motor(corner);
                    return "motor " + motor + " (" + craft.name(corner) + ") is on output " + order.outputOf(motor);
                })
                .collect(Collectors.joining("; ", "With it ", "."));
    }

    private static String leads(Craft craft) {
        return List.of(1, 2, 3, 4).stream()
                .map(output -> output + " " + craft.airframe().shape().shortName(craft.wiredTo(output)))
                .collect(Collectors.joining(", "));
    }

    static List<Fix<Craft>> motorDirection(Craft sound, Corner corner, boolean propToo) {
        Spin spin = sound.arm(corner).motor().spin();
        String at = sound.name(corner);
        String remedy = "motor " + at + " " + spin.label();
        List<Value> values = new ArrayList<>();
        values.add(new Value("motor " + at, spin.reversed().label(), spin.label()));
        if (propToo) {
            values.add(new Value("prop " + at, spin.reversed().label(), spin.label()));
        }
        String prop = "Then fit a " + spin.label() + " prop at the " + at + " motor, leading edge into the turn.";
        return List.of(
                direction(
                        "controller",
                        remedy,
                        "Reverse the " + at + " motor by the board's command",
                        List.of(
                                "Props off. Send the board's command to reverse motor "
                                        + sound.motor(corner) + " (" + at + "); the speed controller must speak a "
                                        + "digital protocol.",
                                prop),
                        values,
                        3,
                        corner,
                        spin),
                direction(
                        "esc",
                        remedy,
                        "Reverse the " + at + " motor in its speed controller's settings",
                        List.of(
                                "Props off, pack in. Set the direction of the " + at
                                        + " speed controller to reversed and save.",
                                prop),
                        values,
                        5,
                        corner,
                        spin),
                direction(
                        "leads",
                        remedy,
                        "Swap any two of the three leads of the " + at + " motor",
                        List.of(
                                "Pack out. Unsolder any two of the three leads between the " + at
                                        + " motor and its speed controller and exchange them.",
                                "Short test before the pack goes in again.",
                                prop),
                        values,
                        15,
                        corner,
                        spin));
    }

    private static Fix<Craft> direction(
            String id,
            String remedy,
            String title,
            List<String> steps,
            List<Value> values,
            double minutes,
            Corner corner,
            Spin spin) {
        return new Fix<>(
                id, remedy, title, steps, values, minutes, craft -> craft.withArm(corner, arm -> turned(arm, spin)));
    }

    /** The arm with motor and prop for a way of turning. */
    private static Arm turned(Arm arm, Spin spin) {
        return arm.with(arm.motor().turning(spin))
                .with(new Prop(spin, arm.prop().upsideDown(), arm.prop().damaged()));
    }

    static List<Fix<Craft>> spinSchool(Craft faulty) {
        SpinConvention actual = faulty.told(FcSettings.SPINS).other();
        String remedy = "board told " + actual.label();
        return List.of(SPINS.entering(
                "tell",
                remedy,
                "Tell the board that the " + actual.label(),
                List.of(
                        "Set the board's direction of motors to: " + actual.label() + ".",
                        SettingTrouble.SAVE,
                        "Check each prop by eye: "
                                + Corner.ALL.stream()
                                        .map(c -> faulty.name(c) + " "
                                                + actual.at(c).label())
                                        .collect(Collectors.joining(", "))
                                + "."),
                2,
                faulty,
                actual));
    }

    static List<Fix<Craft>> allDirections(Craft sound, String remedy) {
        SpinConvention school = sound.told(FcSettings.SPINS);
        return List.of(new Fix<>(
                "reverse",
                remedy,
                "Reverse all four motors",
                List.of(
                        "Props off. Reverse each of the four motors, by the board's command, in the speed controllers' settings "
                                + "or by swapping any two of the three leads.",
                        "Spin each alone: "
                                + Corner.ALL.stream()
                                        .map(c -> sound.name(c) + " "
                                                + school.at(c).label())
                                        .collect(Collectors.joining(", "))
                                + ".",
                        "Fit each prop with its leading edge into the turn."),
                List.of(new Value("direction of motors", school.other().label(), school.label())),
                12,
                craft -> {
                    Craft fixed = craft;
                    for (Corner corner : Corner.ALL) {
                        Spin spin = sound.arm(corner).motor().spin();
                        fixed = fixed.withArm(corner, arm -> turned(arm, spin));
                    }
                    return fixed;
                }));
    }

    static List<Fix<Craft>> prop(Craft sound, Craft faulty, Corner corner) {
        Prop right = sound.arm(corner).prop();
        Prop wrong = faulty.arm(corner).prop();
        String at = sound.name(corner);
        String hand = right.hand().label();
        return List.of(new Fix<>(
                "fit",
                "prop " + at,
                "Fit a sound " + hand + " prop at the " + at + " motor",
                List.of(
                        "Pack out. Take the " + at + " prop off.",
                        "Fit a whole " + hand
                                + " prop, top side up, leading edge into the turn. A prop of this hand sits at "
                                + twins(sound, corner) + " too: if one of those is wrong as well, exchange them.",
                        "Tighten the nut and turn the prop by hand: nothing touches."),
                List.of(new Value("prop " + at, condition(wrong), condition(right))),
                3,
                craft -> craft.withArm(
                        corner, arm -> arm.with(Prop.good(arm.motor().spin())))));
    }

    private static String twins(Craft sound, Corner corner) {
        return sound.name(corner.opposite());
    }

    private static String condition(Prop prop) {
        return prop.hand().label() + (prop.upsideDown() ? ", upside down" : "") + (prop.damaged() ? ", damaged" : "");
    }

    static List<Fix<Craft>> motorPart(Craft sound, Corner corner, String was) {
        String at = sound.name(corner);
        return List.of(new Fix<>(
                "replace",
                "motor " + at + " sound",
                "Put the " + at + " drive in order",
                List.of(
                        "Pack out. Look at the joints of the three leads of the " + at
                                + " motor and of its signal lead.",
                        "Exchange the signal lead with that of a neighbour and spin both alone: if the trouble stays at the "
                                + at
                                + " motor, exchange the motor with the neighbour's: if it moves with the motor, replace the motor, else the "
                                + "speed controller.",
                        "Short test before the pack goes in again."),
                List.of(new Value("drive " + at, was, "sound")),
                30,
                craft -> craft.withArm(
                        corner, arm -> arm.with(Motor.good(arm.motor().spin())))));
    }

    static List<Fix<Craft>> alignment(Craft sound, Craft faulty) {
        Rotation seat = faulty.mounted();
        Rotation.Angles angles = seat.angles();
        String remedy = "alignment " + angles;
        List<Fix<Craft>> fixes = new ArrayList<>();
        fixes.add(ALIGNMENT.entering(
                "alignment",
                remedy,
                "Enter the board alignment " + angles,
                List.of(
                        "In the board's alignment settings enter " + angles + " (roll first, then pitch, then yaw).",
                        SettingTrouble.SAVE,
                        "Lay the craft flat and calibrate level again.",
                        "Tilt it by hand: the picture must follow in all three motions."),
                4,
                faulty,
                seat));
        if (!seat.equals(sound.mounted())) {
            fixes.add(new Fix<>(
                    "turn",
                    remedy,
                    "Turn the board to sit as the sheet says",
                    List.of(
                            "Pack out. Undo the stack and turn the board until it sits as on the build sheet ("
                                    + sound.mounted().angles() + ").",
                            "No wire pinched when the plate closes. Short test before the pack goes in again."),
                    List.of(new Value(
                            "board seat",
                            angles.toString(),
                            sound.mounted().angles().toString())),
                    25,
                    craft -> craft.withMounted(sound.mounted())));
        }
        return fixes;
    }

    static List<Fix<Craft>> mount() {
        return List.of(new Fix<>(
                "fasten",
                "board fast in its mount",
                "Fasten the board",
                List.of(
                        "Pack out. Look at each post of the stack: a screw that worked loose, a rubber that tore or is missing.",
                        "Replace what is torn, then tighten each screw snug, not crushing: soft mounts may give under a finger, all alike.",
                        "No wire touches the board or is pinched when the plate closes. Short test before the pack goes in again."),
                List.of(new Value("board mount", "loose", "fast")),
                8,
                craft -> craft.withSeat(BoardMount.firm(craft.mounted()))));
    }

    static List<Fix<Craft>> level(Craft faulty) {
        return List.of(LEVEL.entering(
                "calibrate",
                "level calibrated",
                "Calibrate level on a flat surface",
                List.of(
                        "Lay the craft on a surface that a spirit level shows flat, with no strap, pack or lead under it.",
                        "Run the level calibration without touching the craft.",
                        "The picture must now lie level; turn the craft half round and look again."),
                3,
                faulty,
                Tilt.NONE));
    }

    static List<Fix<Craft>> stickOrder(Craft sound, Craft faulty) {
        StickOrder sent = faulty.told(RadioSettings.STICK_ORDER);
        StickOrder usual = sound.told(RadioSettings.STICK_ORDER);
        String remedy = "sticks in order " + sent;
        List<Fix<Craft>> fixes = new ArrayList<>();
        fixes.add(BOARD_ORDER.entering(
                "board",
                remedy,
                "Set the board's channel order to " + sent,
                List.of(
                        "In the receiver settings set the channel order to " + sent + ".",
                        SettingTrouble.SAVE,
                        "Move each stick alone: its own bar moves, and no other."),
                2,
                faulty,
                sent));
        if (!sent.equals(usual)) {
            fixes.add(RADIO_ORDER.entering(
                    "radio",
                    remedy,
                    "Set the radio's channel order to " + usual,
                    List.of(
                            "In the radio's model set the channel order to " + usual + ".",
                            "Move each stick alone: its own bar moves, and no other."),
                    3,
                    faulty,
                    usual));
        }
        return fixes;
    }

    static BiFunction<Craft, Craft, List<Fix<Craft>>> stickSense(Stick stick) {
        return sense(stick)
                .entered(
                        "radio",
                        stick.label() + " the right way round",
                        "Reverse " + stick.label() + " on the radio",
                        List.of(
                                "In the radio's outputs turn the sense of " + stick.label() + " round.",
                                "Push the stick " + stick.positive() + ": its bar goes up."),
                        2);
    }

    static BiFunction<Craft, Craft, List<Fix<Craft>>> gain() {
        return GAIN.entered(
                "gain",
                "gain as usual",
                "Set the rate gains back to those of its size",
                List.of(
                        "Set the rate gains of roll, pitch and yaw to the values that suit a craft of this size.",
                        SettingTrouble.SAVE,
                        "First hover: land after ten seconds and touch the motors; they stay cool."),
                4);
    }

    static BiFunction<Craft, Craft, List<Fix<Craft>>> filter() {
        return FILTER.entered(
                "filter",
                "filter as usual",
                "Set the gyro's filter back to that of its size",
                List.of(
                        "Set the filter's cut-off to the value that suits a craft of this size.",
                        SettingTrouble.SAVE,
                        "First hover: land after ten seconds and touch the motors; they stay cool."),
                4);
    }

    static List<Fix<Craft>> balance(Craft sound, Craft faulty) {
        var is = faulty.airframe().balance();
        var want = sound.airframe().balance();
        String shift = shift(want.forwardMm() - is.forwardMm(), "forward", "back")
                + shift(want.rightMm() - is.rightMm(), "to the right", "to the left");
        return List.of(new Fix<>(
                "move",
                "balance point",
                "Move the pack until it balances",
                List.of(
                        "Move the pack or the heaviest part until the balance point lies" + shift
                                + " of where it is now.",
                        "Balance it on two fingertips under the middle of the motors."),
                List.of(new Value("balance point", place(is), place(want))),
                4,
                craft -> craft.withAirframe(craft.airframe().withBalance(want))));
    }

    private static String shift(double mm, String positive, String negative) {
        long rounded = Math.round(Math.abs(mm));
        return rounded == 0 ? "" : " " + rounded + " mm " + (mm > 0 ? positive : negative);
    }

    private static String place(ablemedic.craft.Point p) {
        return Math.round(p.forwardMm()) + " mm forward, " + Math.round(p.rightMm()) + " mm right";
    }

    static List<Fix<Craft>> load(Craft sound, Craft faulty) {
        String was = Math.round(faulty.airframe().massG()) + " g";
        String right = Math.round(sound.airframe().massG()) + " g";
        return List.of(new Fix<>(
                "load",
                "mass as built",
                "Bring it back to " + right,
                List.of(
                        "Weigh it again with the pack and parts that the build sheet names.",
                        "If it is meant to be heavier, correct the build sheet instead: its hover and its gains follow from it."),
                List.of(new Value("all-up mass", was, right)),
                5,
                craft -> craft.withAirframe(
                        craft.airframe().withMassG(sound.airframe().massG()))));
    }
}
