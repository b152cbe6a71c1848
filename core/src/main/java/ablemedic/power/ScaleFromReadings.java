package ablemedic.power;

import ablemedic.craft.Craft;
import ablemedic.electrics.Electrics;
import ablemedic.electrics.Inner;
import ablemedic.electrics.Wiring.At;
import ablemedic.reading.Estimate;
import ablemedic.reading.Meter;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * What is behind a wrong voltage, from one reading against the meter or from two at different packs, and the scale to
 * enter. New scale = old · true / shown; two readings part scale from offset, shown = a·true + b. A source that does not
 * follow the pack gets no scale: it is a wire on the wrong pad.
 */
public final class ScaleFromReadings {
  /** What is shown follows the pack when it moves by at least this share of what the pack moved. */
  private static final double FOLLOWS = 0.2;
  /** Steps of the shown value: it is read to a tenth of a volt. */
  private static final double SHOWN_STEP_V = 0.05;
  /** Packs closer than this cannot part scale from offset, volts. */
  private static final double APART_V = 0.5;

  /** The highest pack that is reckoned with, volts: fourteen high-voltage cells and some. */
  public static final double HIGHEST_V = 65;
  /** The highest voltage that a screen is taken to show, volts. */
  public static final double HIGHEST_SHOWN_V = 80;

  private ScaleFromReadings() {}

  /** The pack on the meter and on the screen at one moment, volts. */
  public record Pair(double trueV, double shownV) {}

  /** A cause with its belief, 0 to 1, and what it would show. */
  public record Cause(String what, double belief, String why) {}

  /**
   * The answer.
   *
   * @param causes    ranked, best first
   * @param newScale  the scale to enter; nothing where a scale would hide the fault
   * @param offsetV   what is shown at a pack of nothing, from two readings, volts
   * @param refusal   why no scale is given; empty where one is
   */
  public record Answer(List<Cause> causes, Optional<Estimate> newScale, Optional<Estimate> offsetV, String refusal) {}

  /**
   * @param pairs     one or two; of more the first and last are taken; up to {@link #HIGHEST_V} and
   *                  {@link #HIGHEST_SHOWN_V}
   * @param oldScale  that is set now, greater than 0
   * @param craft    the craft as on its sheet; one without parts and leads stands for a usual one
   */
  public static Answer of(List<Pair> pairs, double oldScale, Craft craft, Meter meter) {
    Pair first = pairs.get(0);
    Pair last = pairs.get(pairs.size() - 1);
    boolean two = pairs.size() > 1 && Math.abs(first.trueV() - last.trueV()) >= APART_V;
    double slope = two ? (last.shownV() - first.shownV()) / (last.trueV() - first.trueV()) : Double.NaN;
    Optional<Estimate> offset = two ? Optional.of(offset(first, last, meter)) : Optional.empty();
    List<Cause> causes = VoltageCauses.of(pairs, oldScale, craft, meter);
    Optional<Double> rail = rail(first.shownV(), craft.electrics(), two && slope < FOLLOWS);
    if (first.shownV() < 0.3) {
      return new Answer(causes, Optional.empty(), offset,
          "Nothing is shown: no scale makes something of it. Look for the sense lead, the source and the divider.");
    }
    if (two && slope < FOLLOWS || rail.isPresent() && !two) {
      return new Answer(causes, Optional.empty(), offset, two
          ? "What is shown does not follow the pack: it is a regulated source" + rail.map(r -> " of "
              + PowerFaults.number(r) + " V").orElse("") + ". A scale would only hide a wire on the wrong pad."
          : "What is shown is a regulated voltage of this craft. Take a second reading at another pack before any scale is "
              + "trusted.");
    }
    if (offset.isPresent() && Math.abs(offset.get().value()) > Math.max(0.3, offset.get().expanded())) {
      Estimate scale = slopeScale(first, last, oldScale, meter);
      return new Answer(causes, Optional.of(scale), offset,
          "The offset is real: look for the ground drop before the scale is entered.");
    }
    Estimate scale = Estimate.exactly(oldScale).times(meter.ofVolts(first.trueV())).over(shown(first));
    if (two) {
      Estimate other = Estimate.exactly(oldScale).times(meter.ofVolts(last.trueV())).over(shown(last));
      scale = new Estimate((scale.value() + other.value()) / 2, Math.hypot(scale.u(), other.u()) / 2);
    }
    return new Answer(causes, Optional.of(scale), offset, "");
  }

  private static Estimate shown(Pair pair) {
    return Estimate.within(pair.shownV(), SHOWN_STEP_V);
  }

  /** Intercept of the line through both readings, volts. */
  private static Estimate offset(Pair a, Pair b, Meter meter) {
    double run = b.trueV() - a.trueV();
    double slope = (b.shownV() - a.shownV()) / run;
    double value = a.shownV() - slope * a.trueV();
    double[] sensitivities = {b.trueV() / run, -a.trueV() / run, -slope * b.trueV() / run, slope * a.trueV() / run};
    double[] u = {shown(a).u(), shown(b).u(), meter.ofVolts(a.trueV()).u(), meter.ofVolts(b.trueV()).u()};
    double[][] independent = new double[u.length][u.length];
    for (int i = 0; i < u.length; i++) {
      independent[i][i] = 1;
    }
    return new Estimate(value, Estimate.combined(sensitivities, u, independent));
  }

  /** Scale from the rise alone: old · Δtrue / Δshown. */
  private static Estimate slopeScale(Pair a, Pair b, double oldScale, Meter meter) {
    Estimate trueRise = meter.ofVolts(b.trueV()).minus(meter.ofVolts(a.trueV()));
    return Estimate.exactly(oldScale).times(trueRise).over(shown(b).minus(shown(a)));
  }

  /** The regulated voltage of the craft that this looks like. */
  private static Optional<Double> rail(double shownV, Electrics electrics, boolean steady) {
    List<Double> rails = new ArrayList<>(electrics.wiring().all(Inner.Regulator.class).stream()
        .map(At::of).map(Inner.Regulator::volts).distinct().toList());
    if (rails.isEmpty()) {
      rails.addAll(List.of(3.3, 5.0, 9.0, 12.0));
    }
    return rails.stream().filter(r -> Math.abs(shownV - r) < (steady ? 0.05 : 0.03) * r).findFirst();
  }
}
