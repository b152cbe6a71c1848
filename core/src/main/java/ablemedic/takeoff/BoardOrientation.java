package ablemedic.takeoff;

import ablemedic.craft.Rotation;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;

/**
 * From how the computer's picture followed three motions of the hand, or from how the board is seen to sit: the turn
 * that the board was not told of, and the alignment to enter.
 */
public final class BoardOrientation {
  private BoardOrientation() {}

  /** The six ways to turn a craft by hand, and the six ways its picture can follow. */
  public enum Motion {
    RIGHT_DOWN(0, 1, "right side down"),
    LEFT_DOWN(0, -1, "left side down"),
    NOSE_UP(1, 1, "nose up"),
    NOSE_DOWN(1, -1, "nose down"),
    NOSE_RIGHT(2, 1, "nose to the right"),
    NOSE_LEFT(2, -1, "nose to the left");

    private final int axis;
    private final int sign;
    private final String label;

    Motion(int axis, int sign, String label) {
      this.axis = axis;
      this.sign = sign;
      this.label = label;
    }

    public String label() {
      return label;
    }

    /** What the picture shows of this motion when the board takes the craft to be turned so. */
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
      return Arrays.stream(values()).filter(m -> m.axis == axis && m.sign == sign).findFirst().orElseThrow();
    }
  }

  /** Where the arrow printed on the board points. */
  public enum Arrow {
    FORWARD(0, "forward"), RIGHT(90, "right"), BACK(180, "back"), LEFT(270, "left");

    private final int yawDeg;
    private final String label;

    Arrow(int yawDeg, String label) {
      this.yawDeg = yawDeg;
      this.label = label;
    }

    public String label() {
      return label;
    }

    /** How a board sits whose arrow points here, face up or face down. */
    public Rotation mounted(boolean faceDown) {
      return faceDown ? Rotation.yaw(yawDeg).after(Rotation.UPSIDE_DOWN) : Rotation.yaw(yawDeg);
    }
  }

  /**
   * What follows from the motions.
   *
   * @param misalignment   the turn the board was not told of, when it is settled
   * @param mounted        how the board really sits
   * @param alignment      the angles to enter
   * @param contradictions what cannot be, in words; then nothing else follows
   * @param missing        what has still to be tried, in words
   */
  public record Solution(
      Optional<Rotation> misalignment,
      Optional<Rotation> mounted,
      Optional<Rotation.Angles> alignment,
      List<String> contradictions,
      List<String> missing) {}

  /**
   * Works out the turn.
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
        contradictions.add("“" + byAxis[hand.axis].label + "” and “" + hand.label
            + "” are the same turn in two senses, but the picture did not answer alike: try both again.");
      }
      for (int axis = 0; axis < 3; axis++) {
        if (axis != hand.axis && columns[axis] != null && columns[axis][entry.getValue().axis] != 0) {
          contradictions.add("“" + byAxis[axis].label + "” and “" + hand.label
              + "” cannot both show as the same kind of turn: one of them was misread.");
        }
      }
      columns[hand.axis] = column;
      byAxis[hand.axis] = hand;
    }
    if (!contradictions.isEmpty()) {
      return new Solution(Optional.empty(), Optional.empty(), Optional.empty(), contradictions, List.of());
    }
    List<Integer> open = java.util.stream.IntStream.range(0, 3).filter(i -> columns[i] == null).boxed().toList();
    if (open.size() > 1) {
      String what = open.size() == 3 ? "Two motions about different axes." : "One more motion, about another axis than “"
          + Arrays.stream(byAxis).filter(java.util.Objects::nonNull).findFirst().orElseThrow().label + "”.";
      return new Solution(Optional.empty(), Optional.empty(), Optional.empty(), List.of(), List.of(what));
    }
    if (open.size() == 1) {
      int i = open.get(0);
      columns[i] = cross(columns[(i + 1) % 3], columns[(i + 2) % 3]);
    }
    Optional<Rotation> turn = Rotation.all().stream().filter(r -> matches(r, columns)).findFirst();
    if (turn.isEmpty()) {
      return new Solution(Optional.empty(), Optional.empty(), Optional.empty(), List.of(
          "Together the three motions would make a mirror image, which no mounting can: the sense of one was misread."),
          List.of());
    }
    Rotation mounted = turn.get().inverse().after(told);
    return new Solution(turn, Optional.of(mounted), Optional.of(mounted.angles()), List.of(), List.of());
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
