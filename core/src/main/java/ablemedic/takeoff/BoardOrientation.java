package ablemedic.takeoff;

import ablemedic.catalogue.Param;
import ablemedic.catalogue.Words;
import ablemedic.craft.Rotation;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.IntStream;

/**
 * From how the computer's picture followed three motions of the hand, or from how the board is seen to sit: the turn
 * that the board was not told of, and the alignment to enter.
 */
public final class BoardOrientation {
    private BoardOrientation() {}

    /** The six ways to turn a craft by hand, and the six ways its picture can follow. */
    public enum Motion {
        RIGHT_DOWN(0, 1),
        LEFT_DOWN(0, -1),
        NOSE_UP(1, 1),
        NOSE_DOWN(1, -1),
        NOSE_RIGHT(2, 1),
        NOSE_LEFT(2, -1);

        private final int axis;
        private final int sign;

        Motion(int axis, int sign) {
            this.axis = axis;
            this.sign = sign;
        }

        public String label() {
            return TakeOffWords.name("motion", this);
        }

        /** About which of its own axes a board feels this motion when it takes the craft to be turned so. */
        public Motion through(Rotation misalignment) {
            for (int row = 0; row < 3; row++) {
                int entry = misalignment.at(row, axis);
                if (entry != 0) {
                    return of(row, entry * sign);
                }
            }
            throw new IllegalStateException("a turn has an entry in every column");
        }

        private static Motion of(int axis, int sign) {
            return Arrays.stream(values())
                    .filter(m -> m.axis == axis && m.sign == sign)
                    .findFirst()
                    .orElseThrow();
        }
    }

    /**
     * The kinds of picture that a computer draws of a craft, which answer differently to a board that lies face down.
     */
    public enum Picture {
        /**
         * Drawn from the attitude: a craft in space that the viewer follows from behind, its nose away when it is
         * switched on.
         */
        ATTITUDE,
        /** Bars or curves of the turning rates, each by its own axis. */
        RATES;

        public String label() {
            return TakeOffWords.name("picture", this);
        }

        /**
         * What is seen of a motion of the hand when the board takes the craft to be turned so. A drawn craft turns
         * about the same axis in space as the real one, and what it is turned by in heading is not seen; so face down,
         * all three motions look right, and only that it lies on its back tells. Bars show what the board feels, pitch
         * and yaw reversed.
         */
        public Motion shows(Motion hand, Rotation misalignment) {
            return hand.through(this == RATES || misalignment.at(0, 2) != 0 ? misalignment : headingOf(misalignment));
        }

        /** The turn in heading between the craft and the drawn one: the drawn nose is the first row of the turn. */
        private static Rotation headingOf(Rotation misalignment) {
            return Rotation.yaw(
                    -(int) Math.round(Math.toDegrees(Math.atan2(misalignment.at(0, 1), misalignment.at(0, 0)))));
        }
    }

    /** How the drawn craft lies while the real one lies flat. */
    public enum Lie {
        LEVEL,
        OVER,
        RIGHT_DOWN,
        LEFT_DOWN,
        NOSE_UP,
        NOSE_DOWN;

        public String label() {
            return TakeOffWords.name("lie", this);
        }

        /** By where its own down, right and nose stand in space: the rows of the turn against straight down. */
        public static Lie of(Rotation misalignment) {
            if (misalignment.at(2, 2) != 0) {
                return misalignment.at(2, 2) > 0 ? LEVEL : OVER;
            }
            if (misalignment.at(1, 2) != 0) {
                return misalignment.at(1, 2) > 0 ? RIGHT_DOWN : LEFT_DOWN;
            }
            return misalignment.at(0, 2) > 0 ? NOSE_DOWN : NOSE_UP;
        }
    }

    /** Where the arrow printed on the board points. */
    public enum Arrow {
        FORWARD(0),
        RIGHT(90),
        BACK(180),
        LEFT(270);

        private final int yawDeg;

        Arrow(int yawDeg) {
            this.yawDeg = yawDeg;
        }

        public String label() {
            return TakeOffWords.name("arrow", this);
        }

        /** What it is named by in outcomes, face up or face down. */
        String id(boolean faceDown) {
            return TakeOffSeen.id(this) + (faceDown ? "-down" : "");
        }

        /** The same for a mounting; nothing for one on edge. */
        static Optional<String> idOf(Rotation mounted) {
            for (boolean down : new boolean[] {false, true}) {
                for (Arrow arrow : values()) {
                    if (arrow.mounted(down).equals(mounted)) {
                        return Optional.of(arrow.id(down));
                    }
                }
            }
            return Optional.empty();
        }

        /** How an FC is mounted whose arrow points here, face up or face down. */
        public Rotation mounted(boolean faceDown) {
            return faceDown ? Rotation.yaw(yawDeg).after(Rotation.UPSIDE_DOWN) : Rotation.yaw(yawDeg);
        }
    }

    /**
     * What follows from the motions.
     *
     * @param misalignment the turn the board was not told of, when it is settled
     * @param mounted how the board really sits
     * @param alignment the angles to enter
     * @param contradictions what cannot be, in words; then nothing else follows
     * @param missing what has still to be tried, in words
     */
    public record Solution(
            Optional<Rotation> misalignment,
            Optional<Rotation> mounted,
            Optional<Rotation.Angles> alignment,
            List<String> contradictions,
            List<String> missing) {}

    /**
     * Works out the turn from a craft that is drawn from its attitude.
     *
     * @param seen what the drawn craft did for each motion of the hand
     * @param lie how it lies while the real one lies flat, where that was looked at
     * @param told the alignment that is set now
     */
    public static Solution solve(Map<Motion, Motion> seen, Optional<Lie> lie, Rotation told) {
        List<Rotation> turns = Rotation.all().stream()
                .filter(turn -> turn.at(0, 2) == 0)
                .filter(turn -> lie.isEmpty() || Lie.of(turn) == lie.get())
                .filter(turn -> seen.entrySet().stream()
                        .allMatch(e -> Picture.ATTITUDE.shows(e.getKey(), turn) == e.getValue()))
                .toList();
        if (turns.size() == 1) {
            return settled(turns.get(0), told);
        }
        return new Solution(
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                turns.isEmpty() ? List.of(said("impossible")) : List.of(),
                turns.isEmpty() ? List.of() : lie.isEmpty() ? List.of(said("lie")) : List.of(said("more")));
    }

    private static Solution settled(Rotation turn, Rotation told) {
        Rotation mounted = turn.inverse().after(told);
        return new Solution(
                Optional.of(turn), Optional.of(mounted), Optional.of(mounted.angles()), List.of(), List.of());
    }

    /**
     * Works out the turn from bars or curves of the rates.
     *
     * @param seen what the picture did for each motion of the hand
     * @param told the alignment that is set now
     */
    public static Solution solve(Map<Motion, Motion> seen, Rotation told) {
        int[][] columns = new int[3][];
        List<String> contradictions = new ArrayList<>();
        Motion[] byAxis = new Motion[3];
        for (Map.Entry<Motion, Motion> entry : new TreeMap<>(seen).entrySet()) {
            Motion hand = entry.getKey();
            int[] column = new int[3];
            column[entry.getValue().axis] = entry.getValue().sign * hand.sign;
            if (columns[hand.axis] != null && !Arrays.equals(columns[hand.axis], column)) {
                contradictions.add(said("senses", byAxis[hand.axis], hand));
            }
            for (int axis = 0; axis < 3; axis++) {
                if (axis != hand.axis && columns[axis] != null && columns[axis][entry.getValue().axis] != 0) {
                    contradictions.add(said("same", byAxis[axis], hand));
                }
            }
            columns[hand.axis] = column;
            byAxis[hand.axis] = hand;
        }
        if (!contradictions.isEmpty()) {
            return new Solution(Optional.empty(), Optional.empty(), Optional.empty(), contradictions, List.of());
        }
        List<Integer> open =
                IntStream.range(0, 3).filter(i -> columns[i] == null).boxed().toList();
        if (open.size() > 1) {
            String what = open.size() == 3
                    ? said("two")
                    : words().with(
                                    "motion",
                                    Param.written(Arrays.stream(byAxis)
                                            .filter(Objects::nonNull)
                                            .findFirst()
                                            .orElseThrow()
                                            .label()))
                            .line("other-axis")
                            .plain();
            return new Solution(Optional.empty(), Optional.empty(), Optional.empty(), List.of(), List.of(what));
        }
        if (open.size() == 1) {
            int i = open.get(0);
            columns[i] = cross(columns[(i + 1) % 3], columns[(i + 2) % 3]);
        }
        Optional<Rotation> turn =
                Rotation.all().stream().filter(r -> matches(r, columns)).findFirst();
        if (turn.isEmpty()) {
            return new Solution(
                    Optional.empty(), Optional.empty(), Optional.empty(), List.of(said("mirror")), List.of());
        }
        return settled(turn.get(), told);
    }

    private static Words words() {
        return TakeOffWords.WORDS.name("orientation");
    }

    private static String said(String line) {
        return words().line(line).plain();
    }

    private static String said(String line, Motion one, Motion other) {
        return words().with("one", Param.written(one.label()))
                .with("other", Param.written(other.label()))
                .line(line)
                .plain();
    }

    private static boolean matches(Rotation r, int[][] columns) {
        for (int column = 0; column < 3; column++) {
            for (int row = 0; row < 3; row++) {
                if (r.at(row, column) != columns[column][row]) {
                    return false;
                }
            }
        }
        return true;
    }

    private static int[] cross(int[] a, int[] b) {
        return new int[] {a[1] * b[2] - a[2] * b[1], a[2] * b[0] - a[0] * b[2], a[0] * b[1] - a[1] * b[0]};
    }
}
