package ablemedic.app.chart;

import ablemedic.craft.Corner;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;

/** What changed from one revision of a build sheet to the next, in words. */
final class SheetChanges {
  private SheetChanges() {}

  /** One entry that changed. */
  record Change(String what, String before, String after) {}

  static List<Change> between(BuildSheet before, BuildSheet after) {
    List<Change> changes = new ArrayList<>();
    add(changes, "frame shape", before.shape().label(), after.shape().label());
    add(changes, "motor places", before.motors(), after.motors());
    add(changes, "all-up mass", grams(before.massG()), grams(after.massG()));
    add(changes, "mass of a motor", grams(before.motorMassG()), grams(after.motorMassG()));
    add(changes, "prop diameter", before.propDiameterMm() + " mm", after.propDiameterMm() + " mm");
    add(changes, "thrust to weight", before.thrustToWeight(), after.thrustToWeight());
    add(changes, "balance point", before.balance(), after.balance());
    for (Corner corner : Corner.ALL) {
      int c = corner.ordinal();
      add(changes, "motor and prop " + after.shape().name(corner),
          before.propSpins().get(c).label(), after.propSpins().get(c).label());
    }
    for (int output = 1; output <= 4; output++) {
      add(changes, "output " + output, before.shape().name(before.wiring().get(output - 1)),
          after.shape().name(after.wiring().get(output - 1)));
    }
    add(changes, "board seat", angles(before.mounted()), angles(after.mounted()));
    add(changes, "numbering school", before.numbering().label(), after.numbering().label());
    add(changes, "output order", before.outputOrder(), after.outputOrder());
    add(changes, "direction of motors", before.toldSpins().label(), after.toldSpins().label());
    add(changes, "board alignment", angles(before.toldAlignment()), angles(after.toldAlignment()));
    add(changes, "channel order of the board", before.boardSticks(), after.boardSticks());
    add(changes, "channel order of the radio", before.radioSticks(), after.radioSticks());
    add(changes, "reversed sticks", before.reversedSticks(), after.reversedSticks());
    add(changes, "mode at take-off", before.mode().label(), after.mode().label());
    add(changes, "rate gain", before.gain(), after.gain());
    return changes;
  }

  private static String grams(double g) {
    return Math.round(g) + " g";
  }

  private static String angles(BuildSheet.Turn turn) {
    return "roll " + turn.rollDeg() + "°, pitch " + turn.pitchDeg() + "°, yaw " + turn.yawDeg() + "°";
  }

  private static void add(List<Change> changes, String what, Object before, Object after) {
    if (!Objects.equals(before, after)) {
      changes.add(new Change(what, String.valueOf(before), String.valueOf(after)));
    }
  }
}
