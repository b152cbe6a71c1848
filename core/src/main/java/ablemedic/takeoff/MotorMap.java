package ablemedic.takeoff;

import ablemedic.catalogue.Param;
import ablemedic.catalogue.Words;
import ablemedic.craft.Corner;
import ablemedic.craft.Craft;
import ablemedic.craft.FcSettings;
import ablemedic.craft.FrameShape;
import ablemedic.craft.MotorNumbering;
import ablemedic.craft.OutputOrder;
import ablemedic.craft.Spin;
import ablemedic.craft.SpinConvention;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * From what was seen to spin when each output was driven alone: the wires, the order string to enter, the motors to
 * reverse and the props to move.
 */
public final class MotorMap {
    private MotorMap() {}

    /**
     * What one output did.
     *
     * @param output 1 to 4
     * @param corner the corner that turned, where it was seen
     * @param spin which way it turned, where it was seen
     */
    public record Seen(int output, Optional<Corner> corner, Optional<Spin> spin) {
        public Seen {
            if (output < 1 || output > 4) {
                throw new IllegalArgumentException("outputs are numbered 1 to 4, not " + output);
            }
        }
    }

    /**
     * What follows.
     *
     * @param wiring corner of each output, 1 to 4, when all are known
     * @param inferred outputs whose corner was not seen and follows from the others
     * @param orders the order string for each numbering convention, when the wiring is known
     * @param reverse motors that turn against the convention
     * @param contradictions what cannot be, in words; then nothing else follows
     * @param missing what has still to be seen, in words
     */
    public record Solution(
            Optional<List<Corner>> wiring,
            List<Integer> inferred,
            Map<MotorNumbering, OutputOrder> orders,
            List<Corner> reverse,
            List<String> contradictions,
            List<String> missing) {}

    /** Where a prop of the wrong hand should go. */
    public record PropMove(Corner from, Corner to) {}

    /** Works out everything that the sightings allow. */
    public static Solution solve(List<Seen> seen, FrameShape shape, SpinConvention convention) {
        Corner[] corners = new Corner[4];
        List<String> contradictions = new ArrayList<>();
        Map<Corner, Spin> spins = new EnumMap<>(Corner.class);
        for (Seen s : seen) {
            s.corner().ifPresent(corner -> place(corners, s.output(), corner, shape, contradictions));
            if (s.corner().isPresent() && s.spin().isPresent()) {
                spins.put(s.corner().get(), s.spin().get());
            }
        }
        for (int output = 1; output <= 4; output++) {
            int one = output;
            if (seen.stream()
                            .filter(s -> s.output() == one)
                            .map(Seen::spin)
                            .flatMap(Optional::stream)
                            .distinct()
                            .count()
                    > 1) {
                contradictions.add(words().with("output", Param.whole(one, ""))
                        .line("both-ways")
                        .plain());
            }
        }
        if (!contradictions.isEmpty()) {
            return new Solution(Optional.empty(), List.of(), Map.of(), List.of(), contradictions, List.of());
        }
        List<Integer> inferred = inferLast(corners, seen, spins);
        List<String> missing = missing(corners, spins, shape);
        List<Corner> reverse = Corner.ALL.stream()
                .filter(c -> spins.containsKey(c) && spins.get(c) != convention.at(c))
                .toList();
        if (Arrays.asList(corners).contains(null)) {
            return new Solution(Optional.empty(), inferred, Map.of(), reverse, List.of(), missing);
        }
        Map<MotorNumbering, OutputOrder> orders = new EnumMap<>(MotorNumbering.class);
        List<Corner> wiring = List.of(corners);
        for (MotorNumbering numbering : MotorNumbering.values()) {
            orders.put(numbering, order(wiring, numbering));
        }
        return new Solution(Optional.of(wiring), inferred, orders, reverse, List.of(), missing);
    }

    /** The order to enter so that each of the firmware's motors is the right corner. */
    public static OutputOrder order(List<Corner> wiring, MotorNumbering numbering) {
        return new OutputOrder(List.of(1, 2, 3, 4).stream()
                .map(motor -> wiring.indexOf(numbering.corner(motor)) + 1)
                .toList());
    }

    /** The order that a craft needs as it is wired. */
    static OutputOrder order(Craft craft) {
        return order(craft.outputs(), craft.setting(FcSettings.NUMBERING));
    }

    /**
     * Props to exchange so that each has the hand its corner needs, pair by pair; a prop left over has no partner and
     * must be replaced.
     *
     * @param hands the hand of the prop at each corner, as far as it was looked at
     */
    public static List<PropMove> propMoves(Map<Corner, Spin> hands, SpinConvention convention) {
        List<Corner> clockwiseTooMany = wrong(hands, convention, Spin.CLOCKWISE);
        List<Corner> counterTooMany = wrong(hands, convention, Spin.COUNTER_CLOCKWISE);
        List<PropMove> moves = new ArrayList<>();
        for (int i = 0; i < Math.min(clockwiseTooMany.size(), counterTooMany.size()); i++) {
            moves.add(new PropMove(clockwiseTooMany.get(i), counterTooMany.get(i)));
            moves.add(new PropMove(counterTooMany.get(i), clockwiseTooMany.get(i)));
        }
        return moves;
    }

    private static List<Corner> wrong(Map<Corner, Spin> hands, SpinConvention convention, Spin hand) {
        return Corner.ALL.stream()
                .filter(c -> hands.get(c) == hand && convention.at(c) != hand)
                .toList();
    }

    private static Words words() {
        return TakeOffWords.WORDS.name("motor-map");
    }

    private static void place(
            Corner[] corners, int output, Corner corner, FrameShape shape, List<String> contradictions) {
        int at = Arrays.asList(corners).indexOf(corner);
        if (at >= 0 && at != output - 1) {
            contradictions.add(words().with("one", Param.whole(at + 1, ""))
                    .with("other", Param.whole(output, ""))
                    .with("corner", Param.written(shape.name(corner)))
                    .line("one-motor")
                    .plain());
        }
        if (corners[output - 1] != null && corners[output - 1] != corner) {
            contradictions.add(words().with("output", Param.whole(output, ""))
                    .with("one", Param.written(shape.name(corners[output - 1])))
                    .with("other", Param.written(shape.name(corner)))
                    .line("two-motors")
                    .plain());
        }
        corners[output - 1] = corner;
    }

    private static List<Integer> inferLast(Corner[] corners, List<Seen> seen, Map<Corner, Spin> spins) {
        List<Corner> left = Corner.ALL.stream()
                .filter(c -> !Arrays.asList(corners).contains(c))
                .toList();
        if (left.size() != 1) {
            return List.of();
        }
        int output = Arrays.asList(corners).indexOf(null) + 1;
        corners[output - 1] = left.get(0);
        seen.stream()
                .filter(s -> s.output() == output)
                .findFirst()
                .flatMap(Seen::spin)
                .ifPresent(spin -> spins.put(left.get(0), spin));
        return List.of(output);
    }

    private static List<String> missing(Corner[] corners, Map<Corner, Spin> spins, FrameShape shape) {
        List<String> missing = new ArrayList<>();
        for (int i = 0; i < 4; i++) {
            if (corners[i] == null) {
                missing.add(words().with("output", Param.whole(i + 1, ""))
                        .line("which-corner")
                        .plain());
            } else if (!spins.containsKey(corners[i])) {
                missing.add(words().with("corner", Param.written(shape.name(corners[i])))
                        .line("which-way")
                        .plain());
            }
        }
        return missing;
    }
}
