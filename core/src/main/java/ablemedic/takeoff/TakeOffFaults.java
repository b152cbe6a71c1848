package ablemedic.takeoff;

import ablemedic.craft.Corner;
import ablemedic.craft.Craft;
import ablemedic.craft.FcSettings;
import ablemedic.craft.MotorNumbering;
import ablemedic.craft.RadioSettings;
import ablemedic.craft.Rotation;
import ablemedic.craft.SpinConvention;
import ablemedic.craft.Stick;
import ablemedic.diagnosis.Fault;
import ablemedic.diagnosis.Fix;
import ablemedic.family.CraftFault;
import ablemedic.family.Odds;
import ablemedic.family.SettingTrouble;
import java.util.ArrayList;
import java.util.List;
import java.util.function.BiFunction;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;

/** All faults of take-off. */
final class TakeOffFaults {
    private final List<Fault<Craft>> faults = new ArrayList<>();

    private TakeOffFaults() {}

    static List<Fault<Craft>> all() {
        TakeOffFaults all = new TakeOffFaults();
        all.outputs();
        all.directions();
        all.props();
        all.drives();
        all.board();
        all.mount();
        all.level();
        all.sticks();
        all.handling();
        return List.copyOf(all.faults);
    }

    private void outputs() {
        List<Corner> rest = new ArrayList<>();
        permute(rest);
    }

    private void permute(List<Corner> chosen) {
        if (chosen.size() < 4) {
            for (Corner corner : Corner.ALL) {
                if (!chosen.contains(corner)) {
                    chosen.add(corner);
                    permute(chosen);
                    chosen.remove(corner);
                }
            }
            return;
        }
        List<Corner> moved = List.copyOf(chosen);
        long stays =
                Corner.ALL.stream().filter(c -> moved.get(c.ordinal()) == c).count();
        if (stays == 4) {
            return;
        }
        int shift = moved.get(0).ordinal();
        boolean shifted = Corner.ALL.stream().allMatch(c -> moved.get(c.ordinal()) == c.turned(shift));
        String id = "outputs-"
                + moved.stream().map(c -> String.valueOf(c.ordinal() + 1)).collect(Collectors.joining());
        if (stays == 2) {
            List<Corner> swapped =
                    Corner.ALL.stream().filter(c -> moved.get(c.ordinal()) != c).toList();
            add(
                    id,
                    "outputs-swapped",
                    "outputs",
                    TakeOffOdds.OUTPUTS_SWAPPED,
                    c -> Effects.outputsMoved(c, moved),
                    Fixes::outputs,
                    c -> "The outputs " + c.name(swapped.get(0)) + " and " + c.name(swapped.get(1)) + " are swapped");
        } else if (shifted) {
            String how =
                    switch (shift) {
                        case 1 -> "one corner on, clockwise";
                        case 2 -> "two corners on";
                        default -> "one corner on, counter-clockwise";
                    };
            add(
                    id,
                    "outputs-shifted",
                    "outputs",
                    TakeOffOdds.OUTPUTS_SHIFTED,
                    c -> Effects.outputsMoved(c, moved),
                    Fixes::outputs,
                    c -> "All outputs are " + how);
        } else if (follows(moved, MotorNumbering.REAR_RIGHT_FIRST)
                || follows(moved, MotorNumbering.FRONT_RIGHT_FIRST)) {
            add(
                    id,
                    "outputs-of-other-school",
                    "outputs",
                    TakeOffOdds.OUTPUTS_OF_OTHER_SCHOOL,
                    c -> Effects.outputsMoved(c, moved),
                    Fixes::outputs,
                    c -> follows(moved, c.told(FcSettings.NUMBERING))
                            ? "The board is wired by the other numbering school than the firmware counts by"
                            : "The firmware counts by the other numbering school than the board is wired by");
        } else {
            add(
                    id,
                    "outputs-mixed",
                    "outputs",
                    TakeOffOdds.OUTPUTS_MIXED,
                    c -> Effects.outputsMoved(c, moved),
                    Fixes::outputs,
                    c -> "Outputs are mixed up: "
                            + Corner.ALL.stream()
                                    .filter(meant -> moved.get(meant.ordinal()) != meant)
                                    .map(meant -> c.name(meant) + " drives " + c.name(moved.get(meant.ordinal())))
                                    .collect(Collectors.joining(", ")));
        }
    }

    /**
     * Whether each corner is reached that the other numbering school means by its number. Wired by one school under a
     * firmware of the other, or flashed the other way round: each is the inverse of the other, and either is two
     * schools that met.
     */
    private static boolean follows(List<Corner> moved, MotorNumbering told) {
        MotorNumbering other = told == MotorNumbering.REAR_RIGHT_FIRST
                ? MotorNumbering.FRONT_RIGHT_FIRST
                : MotorNumbering.REAR_RIGHT_FIRST;
        return Corner.ALL.stream().allMatch(c -> moved.get(c.ordinal()) == other.corner(told.number(c)));
    }

    private void directions() {
        for (Corner corner : Corner.ALL) {
            add(
                    "motor-reversed-" + at(corner),
                    "motor-reversed",
                    "spin " + corner,
                    TakeOffOdds.MOTOR_REVERSED,
                    Effects.motorReversed(corner, false),
                    (sound, faulty) -> Fixes.motorDirection(sound, corner, false),
                    c -> "The " + c.name(corner) + " motor turns the wrong way");
            add(
                    "motor-and-prop-reversed-" + at(corner),
                    "motor-reversed",
                    "spin " + corner,
                    TakeOffOdds.MOTOR_AND_PROP_REVERSED,
                    Effects.motorReversed(corner, true),
                    (sound, faulty) -> Fixes.motorDirection(sound, corner, true),
                    c -> "The " + c.name(corner) + " motor turns the wrong way, with the prop for that way");
        }
        add(
                "all-reversed",
                "all-reversed",
                "school",
                TakeOffOdds.ALL_REVERSED,
                c -> Effects.allReversed(c, false),
                (sound, faulty) -> Fixes.allDirections(sound, "all motors as the sheet says"),
                c -> "All four motors turn the wrong way");
        add(
                "all-and-props-reversed",
                "other-school",
                "school",
                TakeOffOdds.ALL_REVERSED,
                c -> Effects.allReversed(c, true),
                (sound, faulty) -> {
                    List<Fix<Craft>> fixes = new ArrayList<>(Fixes.spinSchool(faulty));
                    fixes.addAll(Fixes.allDirections(sound, fixes.get(0).remedy()));
                    return fixes;
                },
                c -> "All four turn the other school's way, and the board was not told");
        told(
                Fixes.SPINS,
                "school-told-wrong",
                "other-school",
                "school",
                TakeOffOdds.SCHOOL_TOLD_WRONG,
                SpinConvention::other,
                (sound, faulty) -> Fixes.spinSchool(faulty),
                c -> "The board was told the other spin school");
    }

    private void props() {
        for (Corner corner : Corner.ALL) {
            add(
                    "prop-hand-" + at(corner),
                    "prop-wrong-hand",
                    "prop " + corner,
                    TakeOffOdds.PROP_WRONG_HAND,
                    Effects.propOfWrongHand(corner),
                    (sound, faulty) -> Fixes.prop(sound, faulty, corner),
                    c -> "The " + c.name(corner) + " prop is of the wrong hand");
            add(
                    "prop-upside-down-" + at(corner),
                    "prop-upside-down",
                    "prop " + corner,
                    TakeOffOdds.PROP_UPSIDE_DOWN,
                    Effects.propUpsideDown(corner),
                    (sound, faulty) -> Fixes.prop(sound, faulty, corner),
                    c -> "The " + c.name(corner) + " prop is on upside down");
            add(
                    "prop-damaged-" + at(corner),
                    "prop-damaged",
                    "prop " + corner,
                    TakeOffOdds.PROP_DAMAGED,
                    Effects.propDamaged(corner),
                    (sound, faulty) -> Fixes.prop(sound, faulty, corner),
                    c -> "The " + c.name(corner) + " prop is damaged");
        }
    }

    private void drives() {
        for (Corner corner : Corner.ALL) {
            drive("motor-dead-", "motor-dead", corner, TakeOffOdds.MOTOR_DEAD, Effects.motorDead(corner), "is dead");
            drive("motor-weak-", "motor-weak", corner, TakeOffOdds.MOTOR_WEAK, Effects.motorWeak(corner), "is weak");
            drive(
                    "motor-late-",
                    "motor-late",
                    corner,
                    TakeOffOdds.MOTOR_LATE,
                    Effects.motorLate(corner),
                    "starts late or stutters");
        }
    }

    private void drive(
            String prefix, String kind, Corner corner, Odds odds, UnaryOperator<Craft> effect, String trouble) {
        add(
                prefix + at(corner),
                kind,
                "drive " + corner,
                odds,
                effect,
                (sound, faulty) -> Fixes.motorPart(sound, corner, trouble),
                c -> "The " + c.name(corner) + " motor " + trouble);
    }

    private void board() {
        for (boolean upsideDown : new boolean[] {false, true}) {
            for (int yaw = 0; yaw < 360; yaw += 90) {
                if (!upsideDown && yaw == 0) {
                    continue;
                }
                Rotation turn = upsideDown ? Rotation.yaw(yaw).after(Rotation.UPSIDE_DOWN) : Rotation.yaw(yaw);
                boolean oddly = upsideDown && yaw != 0;
                String how =
                        (upsideDown ? "upside down" : "") + (oddly ? " and " : "") + (yaw == 0 ? "" : yaw + "° round");
                String name = (upsideDown ? "upside-down" : "") + (oddly ? "-" : "") + (yaw == 0 ? "" : yaw);
                add(
                        "board-" + name,
                        "board-turned",
                        "board seat",
                        oddly ? TakeOffOdds.BOARD_TURNED_ODDLY : TakeOffOdds.BOARD_TURNED,
                        Effects.boardTurned(turn),
                        Fixes::alignment,
                        c -> "The board sits " + how + " from where the sheet has it, and was not told");
                told(
                        Fixes.ALIGNMENT,
                        "told-" + name,
                        "alignment-told-wrong",
                        "alignment",
                        oddly ? TakeOffOdds.BOARD_TURNED_ODDLY : TakeOffOdds.ALIGNMENT_TOLD_WRONG,
                        turn::after,
                        Fixes::alignment,
                        c -> "The board's alignment setting is " + how + " off");
            }
        }
    }

    private void mount() {
        add(
                "board-loose",
                "board-loose",
                "board mount",
                TakeOffOdds.BOARD_LOOSE,
                Effects::boardLoose,
                (sound, faulty) -> Fixes.mount(),
                c -> "The board is loose in its mount");
    }

    private void level() {
        level("right", 1, 0, "right side down");
        level("left", -1, 0, "left side down");
        level("back", 0, 1, "nose up");
        level("front", 0, -1, "nose down");
    }

    private void level(String name, int roll, int pitch, String how) {
        told(
                Fixes.LEVEL,
                "level-off-" + name,
                "level-off",
                "level",
                TakeOffOdds.LEVEL_OFF,
                was -> Effects.levelOff(roll, pitch),
                (sound, faulty) -> Fixes.level(faulty),
                c -> "Level was calibrated with the " + how);
    }

    private void sticks() {
        Stick[] sticks = Stick.values();
        for (int i = 0; i < 4; i++) {
            for (int j = i + 1; j < 4; j++) {
                Stick one = sticks[i];
                Stick other = sticks[j];
                told(
                        Fixes.RADIO_ORDER,
                        "sticks-" + one.label() + "-" + other.label(),
                        "stick-order",
                        "stick order",
                        TakeOffOdds.STICKS,
                        order -> Effects.exchanged(order, one, other),
                        Fixes::stickOrder,
                        c -> "The radio has " + one.label() + " and " + other.label() + " exchanged");
            }
        }
        told(
                Fixes.RADIO_ORDER,
                "radio-other-order",
                "stick-order",
                "stick order",
                TakeOffOdds.STICK_ORDER,
                Effects::otherUsual,
                Fixes::stickOrder,
                c -> "The radio sends " + Effects.otherUsual(c.told(RadioSettings.STICK_ORDER)) + ", the board expects "
                        + c.told(FcSettings.STICK_ORDER));
        told(
                Fixes.BOARD_ORDER,
                "board-other-order",
                "stick-order",
                "stick order",
                TakeOffOdds.STICK_ORDER,
                Effects::otherUsual,
                Fixes::stickOrder,
                c -> "The board expects " + Effects.otherUsual(c.told(FcSettings.STICK_ORDER)) + ", the radio sends "
                        + c.told(RadioSettings.STICK_ORDER));
        for (Stick stick : List.of(Stick.ROLL, Stick.PITCH, Stick.YAW)) {
            told(
                    Fixes.sense(stick),
                    "stick-reversed-" + stick.label(),
                    "stick-reversed",
                    "sense " + stick.label(),
                    TakeOffOdds.STICKS,
                    was -> !was,
                    Fixes.stickSense(stick),
                    c -> "The sense of " + stick.label() + " is reversed on the radio");
        }
    }

    private void handling() {
        told(
                Fixes.GAIN,
                "gain-too-high",
                "gain-too-high",
                "gain",
                TakeOffOdds.GAIN,
                Effects::gainTooHigh,
                Fixes.gain(),
                c -> "The rate gains are far too high for a craft of this size");
        told(
                Fixes.FILTER,
                "filter-too-open",
                "filter-wrong",
                "filter",
                TakeOffOdds.FILTER,
                Effects::filterTooOpen,
                Fixes.filter(),
                c -> "The gyro's filter lets noise through to the motors");
        told(
                Fixes.FILTER,
                "filter-too-low",
                "filter-wrong",
                "filter",
                TakeOffOdds.FILTER,
                Effects::filterTooLow,
                Fixes.filter(),
                c -> "The gyro's filter is cut off so low that it lags behind");
        balance("front", 1, 0);
        balance("rear", -1, 0);
        balance("right", 0, 1);
        balance("left", 0, -1);
        add(
                "overloaded",
                "overloaded",
                "load",
                TakeOffOdds.OVERLOADED,
                Effects::overloaded,
                Fixes::load,
                c -> "It is much heavier than its build sheet says");
    }

    private void balance(String side, int forward, int right) {
        add(
                "balance-" + side,
                "balance-off",
                "balance",
                TakeOffOdds.BALANCE,
                Effects.balanceOff(forward, right),
                Fixes::balance,
                c -> "It is heavy towards the " + side);
    }

    private <T> void told(
            SettingTrouble<T> trouble,
            String id,
            String kind,
            String site,
            Odds odds,
            UnaryOperator<T> change,
            BiFunction<Craft, Craft, List<Fix<Craft>>> fixing,
            Function<Craft, String> description) {
        faults.add(trouble.wrong(id, kind, site, odds, change, description, fixing));
    }

    private void add(
            String id,
            String kind,
            String site,
            Odds odds,
            UnaryOperator<Craft> effect,
            BiFunction<Craft, Craft, List<Fix<Craft>>> fixing,
            Function<Craft, String> description) {
        faults.add(new CraftFault(id, kind, site, description, odds, effect, fixing));
    }

    private static String at(Corner corner) {
        return TakeOffSeen.id(corner);
    }
}
