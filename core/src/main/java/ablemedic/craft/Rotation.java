package ablemedic.craft;

import java.util.Arrays;
import java.util.List;
import java.util.regex.Pattern;

/**
 * A turn in whole quarter turns, as it stands between a board and its craft: it takes a vector in board axes to craft
 * axes (x forward, y right, z down). Written as roll, pitch and yaw in degrees, the roll is made first, then the pitch,
 * then the yaw, each about the craft's own fixed axes.
 *
 * @param rows the matrix row by row; every entry is -1, 0 or 1
 */
public record Rotation(List<Integer> rows) {
    private static final Pattern WRITTEN = Pattern.compile("( *-?\\d{1,4} */){2} *-?\\d{1,4} *");
    public static final Rotation NONE = yaw(0);
    public static final Rotation UPSIDE_DOWN = of(180, 0, 0);

    public Rotation {
        rows = List.copyOf(rows);
        if (rows.size() != 9
                || determinant(rows) != 1
                || rows.stream().mapToInt(Math::abs).sum() != 3) {
            throw new IllegalArgumentException("not a turn in whole quarter turns: " + rows);
        }
    }

    /** About the down axis: 90 turns the board's arrow from forward to right. */
    public static Rotation yaw(int degrees) {
        return of(0, 0, degrees);
    }

    /** From angles that are multiples of 90 degrees. */
    public static Rotation of(int rollDeg, int pitchDeg, int yawDeg) {
        int[] r = {1, 0, 0, 0, cos(rollDeg), -sin(rollDeg), 0, sin(rollDeg), cos(rollDeg)};
        int[] p = {cos(pitchDeg), 0, sin(pitchDeg), 0, 1, 0, -sin(pitchDeg), 0, cos(pitchDeg)};
        int[] y = {cos(yawDeg), -sin(yawDeg), 0, sin(yawDeg), cos(yawDeg), 0, 0, 0, 1};
        return new Rotation(boxed(multiply(y, multiply(p, r))));
    }

    /** Reads {@code roll/pitch/yaw}, as {@link Angles#written} writes it. */
    static Rotation parse(String written) {
        if (!WRITTEN.matcher(written).matches()) {
            throw CraftRefusals.rejected("", "alignment", written);
        }
        String[] angles = written.split("/", -1);
        return of(
                Integer.parseInt(angles[0].strip()),
                Integer.parseInt(angles[1].strip()),
                Integer.parseInt(angles[2].strip()));
    }

    /** This turn made after the other. */
    public Rotation after(Rotation other) {
        return new Rotation(boxed(multiply(ints(), other.ints())));
    }

    public Rotation inverse() {
        int[] m = ints();
        return new Rotation(List.of(m[0], m[3], m[6], m[1], m[4], m[7], m[2], m[5], m[8]));
    }

    /** The entry in a row and a column, counted from 0. */
    public int at(int row, int column) {
        return rows.get(3 * row + column);
    }

    /** The vector turned. */
    public double[] turn(double[] v) {
        double[] turned = new double[3];
        for (int i = 0; i < 3; i++) {
            turned[i] = at(i, 0) * v[0] + at(i, 1) * v[1] + at(i, 2) * v[2];
        }
        return turned;
    }

    /** The angles to enter, each 0, 90, 180 or 270; those with the fewest other than 0, roll before pitch. */
    public Angles angles() {
        Angles best = null;
        for (int pitch = 0; pitch < 360; pitch += 90) {
            for (int roll = 0; roll < 360; roll += 90) {
                for (int yaw = 0; yaw < 360; yaw += 90) {
                    Angles angles = new Angles(roll, pitch, yaw);
                    if (of(roll, pitch, yaw).equals(this) && (best == null || angles.nonZero() < best.nonZero())) {
                        best = angles;
                    }
                }
            }
        }
        return best;
    }

    /** All 24 turns. */
    public static List<Rotation> all() {
        return java.util.stream.IntStream.range(0, 64)
                .mapToObj(i -> of(90 * (i / 16), 90 * (i / 4 % 4), 90 * (i % 4)))
                .distinct()
                .toList();
    }

    /** Alignment angles in degrees. */
    public record Angles(int rollDeg, int pitchDeg, int yawDeg) {
        /** What the three numbers mean, for whoever enters them. */
        public static final String ORDER =
                SettingWords.of("alignment").line("order").plain();

        int nonZero() {
            return (rollDeg == 0 ? 0 : 1) + (pitchDeg == 0 ? 0 : 1) + (yawDeg == 0 ? 0 : 1);
        }

        String written() {
            return rollDeg + "/" + pitchDeg + "/" + yawDeg;
        }

        @Override
        public String toString() {
            return "roll " + rollDeg + "°, pitch " + pitchDeg + "°, yaw " + yawDeg + "°";
        }
    }

    private int[] ints() {
        return rows.stream().mapToInt(Integer::intValue).toArray();
    }

    private static int[] multiply(int[] a, int[] b) {
        int[] c = new int[9];
        for (int i = 0; i < 3; i++) {
            for (int j = 0; j < 3; j++) {
                for (int k = 0; k < 3; k++) {
                    c[3 * i + j] += a[3 * i + k] * b[3 * k + j];
                }
            }
        }
        return c;
    }

    private static List<Integer> boxed(int[] m) {
        return Arrays.stream(m).boxed().toList();
    }

    private static int determinant(List<Integer> m) {
        return m.get(0) * (m.get(4) * m.get(8) - m.get(5) * m.get(7))
                - m.get(1) * (m.get(3) * m.get(8) - m.get(5) * m.get(6))
                + m.get(2) * (m.get(3) * m.get(7) - m.get(4) * m.get(6));
    }

    private static int sin(int degrees) {
        return cos(degrees - 90);
    }

    private static int cos(int degrees) {
        return switch (Math.floorMod(degrees, 360)) {
            case 0 -> 1;
            case 90, 270 -> 0;
            case 180 -> -1;
            default -> throw CraftRefusals.rejected("", "alignment", degrees + "°");
        };
    }
}
