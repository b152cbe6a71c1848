package ablemedic.power;

import ablemedic.electrics.Electrics;
import ablemedic.electrics.Harm;
import ablemedic.electrics.Inner;
import ablemedic.electrics.Told.Source;
import ablemedic.electrics.Wiring.At;

/**
 * From the pack to the number on the screen: lead, divider, converter, scale. V_pad = V_adc·(R1+R2)/R2; what is shown is
 * V_adc times the scale that was told.
 */
public final class SenseChain {
  /** Reference of the converter, volts: common practice for 12 bit at 3.3 V. */
  public static final double REFERENCE_V = 3.3;
  /** Steps of the converter. */
  public static final int STEPS = 4096;

  private final Electrics electrics;
  private final Powered powered;

  private SenseChain(Electrics electrics, Powered powered) {
    this.electrics = electrics;
    this.powered = powered;
  }

  /** The chain while the pack rests at a voltage, motors stopped. */
  public static SenseChain at(Electrics electrics, double restingV) {
    return new SenseChain(electrics, Powered.idle(electrics, restingV));
  }

  /** What a meter shows at the pack plug, volts. */
  public double trueV() {
    return powered.plugV();
  }

  /** Voltage at the sense pad against the board's own ground, volts; 0 without a divider. */
  public double padV() {
    return electrics.wiring().divider().map(d -> powered.between(
        Circuits.node(electrics.wiring(), d, d.of().sense()), Circuits.node(electrics.wiring(), d, d.of().minus())))
        .orElse(0.0);
  }

  /** Voltage at the converter, volts, never above its reference. */
  public double converterV() {
    double ratio = electrics.wiring().divider().map(At::of).map(Inner.Divider::ratio).orElse(1.0);
    double v = padV() / ratio * electrics.harm(Harm.Kind.SENSED, "", 1);
    return Math.max(0, Math.min(REFERENCE_V, v));
  }

  /** What the board shows, volts. */
  public double shownV() {
    return switch (electrics.told().source()) {
      case NONE -> 0;
      case CONTROLLERS -> trueV();
      case DIVIDER -> converterV() * electrics.told().scale();
    };
  }

  /** The most that the chain can show, volts: the reference times the scale. */
  public double fullScaleV() {
    return REFERENCE_V * electrics.told().scale();
  }

  /** How many cells the board takes the pack to have. */
  public int cells() {
    return electrics.told().cells() > 0 ? electrics.told().cells() : CellGuess.of(shownV());
  }
}
