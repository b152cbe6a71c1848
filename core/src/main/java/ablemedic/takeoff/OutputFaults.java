package ablemedic.takeoff;

import ablemedic.catalogue.Param;
import ablemedic.craft.Corner;
import ablemedic.craft.Craft;
import ablemedic.craft.FcSettings;
import ablemedic.craft.MotorNumbering;
import ablemedic.craft.OutputOrder;
import ablemedic.family.FaultBuilder;
import ablemedic.family.Odds;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/** The outputs that drive another motor than the firmware means: every way to exchange four. */
final class OutputFaults {
    private static final double ENTER_MINUTES = 4;
    private static final double SOLDER_MINUTES = 20;

    private final TakeOffFaults faults;

    OutputFaults(TakeOffFaults faults) {
        this.faults = faults;
    }

    void add() {
        permute(new ArrayList<>());
    }

    private void permute(List<Corner> chosen) {
        if (chosen.size() == Corner.ALL.size()) {
            moved(List.copyOf(chosen));
            return;
        }
        for (Corner corner : Corner.ALL) {
            if (!chosen.contains(corner)) {
                chosen.add(corner);
                permute(chosen);
                chosen.remove(corner);
            }
        }
    }

    private void moved(List<Corner> moved) {
        List<Corner> wrong =
                Corner.ALL.stream().filter(c -> moved.get(c.ordinal()) != c).toList();
        if (wrong.isEmpty()) {
            return;
        }
        int shift = moved.get(0).ordinal();
        if (wrong.size() == 2) {
            declare(moved("outputs-swapped", moved, TakeOffOdds.OUTPUTS_SWAPPED)
                    .with("one", c -> Param.written(c.name(wrong.get(0))))
                    .with("other", c -> Param.written(c.name(wrong.get(1)))));
        } else if (Corner.ALL.stream().allMatch(c -> moved.get(c.ordinal()) == c.turned(shift))) {
            declare(moved("outputs-shifted", moved, TakeOffOdds.OUTPUTS_SHIFTED).with("shift", new Param.Count(shift)));
        } else if (follows(moved, MotorNumbering.REAR_RIGHT_FIRST)
                || follows(moved, MotorNumbering.FRONT_RIGHT_FIRST)) {
            declare(moved("outputs-of-other-school", moved, TakeOffOdds.OUTPUTS_OF_OTHER_CONVENTION)
                    .with("wired", c -> Param.when(follows(moved, c.setting(FcSettings.NUMBERING)))));
        } else {
            declare(moved("outputs-mixed", moved, TakeOffOdds.OUTPUTS_MIXED)
                    .with("moved", craft -> Param.written(arrows(craft, moved, wrong))));
        }
    }

    private FaultBuilder moved(String entry, List<Corner> moved, Odds prior) {
        String numbers =
                moved.stream().map(c -> String.valueOf(c.ordinal() + 1)).collect(Collectors.joining());
        return faults.add(entry, "outputs-" + numbers)
                .site("outputs")
                .prior(prior)
                .changes(craft -> Effects.outputsMoved(craft, moved));
    }

    /**
     * Whether each corner is reached that the other motor numbering means by its number. Wired for one under a firmware
     * with the other, or flashed the other way round: each is the inverse of the other.
     */
    private static boolean follows(List<Corner> moved, MotorNumbering set) {
        MotorNumbering other = set == MotorNumbering.REAR_RIGHT_FIRST
                ? MotorNumbering.FRONT_RIGHT_FIRST
                : MotorNumbering.REAR_RIGHT_FIRST;
        return Corner.ALL.stream().allMatch(c -> moved.get(c.ordinal()) == other.corner(set.number(c)));
    }

    private static String arrows(Craft craft, List<Corner> moved, List<Corner> wrong) {
        return wrong.stream()
                .map(meant -> shortName(craft, meant) + "→" + shortName(craft, moved.get(meant.ordinal())))
                .collect(Collectors.joining(", "));
    }

    private static String shortName(Craft craft, Corner corner) {
        return craft.airframe().shape().shortName(corner);
    }

    private static void declare(FaultBuilder fault) {
        fault.with(
                        "order",
                        (sound, faulty) -> Param.written(MotorMap.order(faulty).toString()))
                .with(
                        "was",
                        (sound, faulty) -> Param.written(faulty.configuration().said(FcSettings.OUTPUT_ORDER)))
                .with(
                        "numbering",
                        (sound, faulty) -> Param.written(faulty.configuration().said(FcSettings.NUMBERING)))
                .with("wiring", (sound, faulty) -> Param.written(wiring(faulty, MotorMap.order(faulty))))
                .fixedBy(
                        TakeOffWords.WORDS.fix("order"),
                        (sound, faulty) -> remedy(faulty),
                        (sound, faulty) -> craft -> craft.with(FcSettings.OUTPUT_ORDER, MotorMap.order(faulty)),
                        ENTER_MINUTES)
                .with("moves", (sound, faulty) -> Param.written(moves(sound, faulty)))
                .with("before", (sound, faulty) -> Param.written(wires(faulty)))
                .with("after", (sound, faulty) -> Param.written(wires(sound)))
                .with(
                        "kept",
                        (sound, faulty) -> Param.written(
                                sound.setting(FcSettings.OUTPUT_ORDER).toString()))
                .fixedBy(
                        TakeOffWords.WORDS.fix("leads"),
                        (sound, faulty) -> remedy(faulty),
                        (sound, faulty) -> craft -> craft.withOutputs(sound.outputs()),
                        SOLDER_MINUTES)
                .add();
    }

    private static String remedy(Craft faulty) {
        return "output-order " + MotorMap.order(faulty);
    }

    /** Which motor is on which output once an order is entered. */
    private static String wiring(Craft craft, OutputOrder order) {
        return Corner.ALL.stream()
                .map(corner -> TakeOffWords.WORDS
                        .fix("order")
                        .with("motor", Param.whole(craft.motor(corner), ""))
                        .with("corner", Param.written(craft.name(corner)))
                        .with("output", Param.whole(order.outputOf(craft.motor(corner)), ""))
                        .line("motor")
                        .plain())
                .collect(Collectors.joining("; "));
    }

    private static String moves(Craft sound, Craft faulty) {
        return Corner.ALL.stream()
                .filter(corner -> faulty.outputAt(corner) != sound.outputAt(corner))
                .map(corner -> TakeOffWords.WORDS
                        .fix("leads")
                        .with("corner", Param.written(sound.name(corner)))
                        .with("from", Param.whole(faulty.outputAt(corner), ""))
                        .with("to", Param.whole(sound.outputAt(corner), ""))
                        .line("move")
                        .plain())
                .collect(Collectors.joining("; "));
    }

    private static String wires(Craft craft) {
        return IntStream.rangeClosed(1, Corner.ALL.size())
                .mapToObj(output -> output + " " + shortName(craft, craft.wiredTo(output)))
                .collect(Collectors.joining(", "));
    }
}
