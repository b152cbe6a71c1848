package ablemedic.power;

import ablemedic.electrics.Electrics;
import ablemedic.electrics.Harm;
import ablemedic.electrics.Lead;
import ablemedic.electrics.Pad;
import ablemedic.reading.Meter;

/** From the current sensor to the board. */
final class CurrentChain {
  private static final double LOST_OHMS = 20_000;
  private static final double POOR_OHMS = 500;

  private CurrentChain() {}

  /** The share of the sensor's reading that reaches the board, 0 when its lead is off. */
  static double share(Electrics electrics) {
    double sensed = electrics.harm(Harm.Kind.CURRENT_SENSED, "", 1);
    for (Lead lead : electrics.sheet().leads()) {
      if (electrics.sheet().pad(lead.from()).kind() == Pad.Kind.CURRENT) {
        double ohms = PackOut.of(electrics, Meter.USUAL).ohms(electrics.wiring().node(lead.from()),
            electrics.wiring().node(lead.to()));
        return ohms > LOST_OHMS ? 0 : ohms > POOR_OHMS ? 0.8 * sensed : sensed;
      }
    }
    return 0;
  }
}
