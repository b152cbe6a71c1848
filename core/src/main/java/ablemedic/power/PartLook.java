package ablemedic.power;

import ablemedic.diagnosis.Answers.Choices;
import ablemedic.diagnosis.Outlook;
import ablemedic.diagnosis.Outlook.Ways;
import ablemedic.electrics.Electrics;
import ablemedic.electrics.Harm;
import ablemedic.electrics.Wiring;
import java.util.Arrays;
import java.util.Locale;
import java.util.Map;

/** What a close look at a part shows of the harm at it. How often each can be seen is common practice with no source. */
final class PartLook {
  /** Something that can be seen. */
  enum Sign {
    CLEAN("nothing, it looks sound"), JOINT("a bad joint, or a lead off"), BRIDGE("a bridge between two pads"),
    BURNT("burnt or cracked"), BURST("a burst capacitor"), CROSSED("plus and minus crossed");

    private final String label;

    Sign(String label) {
      this.label = label;
    }

    String label() {
      return label;
    }

    String id() {
      return name().toLowerCase(Locale.ROOT);
    }
  }

  private PartLook() {}

  static Outlook outlook(Choices answers, Electrics electrics, String partId) {
    double[] p = new double[Sign.values().length];
    Arrays.fill(p, 0.012);
    for (Map.Entry<Harm, Double> one : electrics.harm().entrySet()) {
      see(p, electrics, partId, one.getKey());
    }
    double seen = 0;
    for (int i = 1; i < p.length; i++) {
      seen += p[i];
    }
    p[0] = Math.max(0.03, 1 - seen);
    double total = seen + p[0];
    return Ways.of(answers, Arrays.stream(p).map(x -> x / total).toArray());
  }

  private static void see(double[] p, Electrics electrics, String partId, Harm harm) {
    boolean here = harm.where().equals(partId) || harm.where().startsWith(partId + ".");
    switch (harm.kind()) {
      case LINK -> electrics.wiring().links().stream().filter(l -> l.id().equals(harm.where())).findFirst()
          .filter(l -> at(electrics, l.a(), partId) || at(electrics, l.b(), partId))
          .ifPresent(l -> p[(l.kind() == Wiring.Kind.TRACE ? Sign.BURNT : Sign.JOINT).ordinal()] += visible(l.kind()));
      case BRIDGE -> p[Sign.BRIDGE.ordinal()] += here ? 0.7 : 0;
      case CROSSED -> p[Sign.CROSSED.ordinal()] += here ? 0.85 : 0;
      case DRIVE_SHORT -> p[Sign.BURNT.ordinal()] += here ? 0.6 : 0;
      case REGULATOR, DRAW -> p[Sign.BURNT.ordinal()] += here ? 0.2 : 0;
      case CAPACITOR -> p[Sign.BURST.ordinal()] += here ? 0.85 : 0;
      default -> { }
    }
  }

  private static double visible(Wiring.Kind kind) {
    return switch (kind) {
      case JOINT, LEAD -> 0.5;
      case PIN -> 0.25;
      case WIRE -> 0.3;
      case TRACE -> 0.2;
    };
  }

  private static boolean at(Electrics electrics, int node, String partId) {
    return electrics.wiring().points().get(node).pad().startsWith(partId + ".");
  }
}
