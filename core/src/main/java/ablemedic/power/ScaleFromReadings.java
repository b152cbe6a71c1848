package ablemedic.power;

import ablemedic.catalogue.Param;
import ablemedic.catalogue.Text;
import ablemedic.catalogue.Words;
import ablemedic.craft.Craft;
import ablemedic.reading.Estimate;
import ablemedic.reading.Meter;
import ablemedic.wiring.Electrics;
import ablemedic.wiring.InnerCircuit;
import ablemedic.wiring.Wiring.At;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * What is behind a wrong voltage, and the scale to enter, from readings beside the meter. One reading gives no scale: a
 * sense wire on a regulated voltage shows a number as plausible as a wrong scale does. Two at different batteries part
 * scale from offset, shown = a·true + b, and new scale = old · true / shown. A source that does not follow the battery
 * gets no scale: it is a wire on the wrong pad.
 */
public final class ScaleFromReadings {
    /** What is shown follows the battery when it moves by at least this share of what the battery moved. */
    private static final double FOLLOWS = 0.2;
    /** Steps of the shown value: it is read to a tenth of a volt. */
    private static final double SHOWN_STEP_V = 0.05;
    /** Batteries closer than this cannot part scale from offset, volts. */
    private static final double APART_V = 0.5;

    /** Less than this is nothing, volts. */
    private static final double NOTHING_V = 0.3;
    /** How near to a regulated voltage a shown one is taken for it, as a share. Common practice. */
    private static final double NEAR_RAIL = 0.04;

    /** The highest battery that is reckoned with, volts: fourteen high-voltage cells and some. */
    public static final double HIGHEST_V = 65;
    /** The highest voltage that a screen is taken to show, volts. */
    public static final double HIGHEST_SHOWN_V = 80;

    private ScaleFromReadings() {}

    /** The battery on the meter and on the screen at one moment, volts. */
    public record Pair(double trueV, double shownV) {}

    /** A cause with its belief, 0 to 1, and what it would show. */
    public record Cause(String what, double belief, String why) {}

    /**
     * The answer.
     *
     * @param causes ranked, best first
     * @param newScale the scale to enter; nothing where a scale would hide the fault
     * @param offsetV what is shown at a pack of nothing, from two readings, volts
     * @param advice why no scale is given, or what comes before it is entered; empty where it can be entered
     */
    public record Answer(List<Cause> causes, Optional<Estimate> newScale, Optional<Estimate> offsetV, String advice) {}

    /**
     * @param pairs one or two; of more the first and last are taken; up to {@link #HIGHEST_V} and
     *     {@link #HIGHEST_SHOWN_V}
     * @param oldScale that is set now, greater than 0
     * @param craft the craft as on its sheet; one without parts and wires stands for a usual one
     */
    public static Answer of(List<Pair> pairs, double oldScale, Craft craft, Meter meter) {
        Pair first = pairs.get(0);
        Pair last = pairs.get(pairs.size() - 1);
        List<Cause> causes = VoltageCauses.of(pairs, oldScale, craft, meter);
        if (pairs.stream().anyMatch(pair -> pair.shownV() < NOTHING_V)) {
            return without(causes, words().line("nothing"));
        }
        Optional<Double> rail = rail(first.shownV(), craft.electrics());
        if (pairs.size() < 2) {
            return without(
                    causes,
                    rail.map(r -> words().with("volts", Param.number(r, "V")).line("rail"))
                            .orElseGet(() -> words().line("one")));
        }
        if (Math.abs(last.trueV() - first.trueV()) < APART_V) {
            return without(causes, words().line("alike"));
        }
        double slope = (last.shownV() - first.shownV()) / (last.trueV() - first.trueV());
        Estimate offset = offset(first, last, meter);
        if (slope < FOLLOWS) {
            return new Answer(
                    causes,
                    Optional.empty(),
                    Optional.of(offset),
                    words().with("near", Param.when(rail.isPresent()))
                            .with("volts", Param.number(rail.orElse(0.0), "V"))
                            .line("fixed")
                            .plain());
        }
        if (Math.abs(offset.value()) > Math.max(0.3, offset.expanded())) {
            return new Answer(
                    causes,
                    Optional.of(slopeScale(first, last, oldScale, meter)),
                    Optional.of(offset),
                    words().line("offset").plain());
        }
        return new Answer(causes, Optional.of(meanScale(first, last, oldScale, meter)), Optional.of(offset), "");
    }

    private static Answer without(List<Cause> causes, Text advice) {
        return new Answer(causes, Optional.empty(), Optional.empty(), advice.plain());
    }

    /** What it says of readings. */
    static Words words() {
        return Power.WORDS.catalogue("instruments").of("scale-from-readings");
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
        return new Estimate(value, uncertainty(sensitivities, a, b, meter));
    }

    /**
     * Of what follows from both shown values and both of the meter, in this order: one meter errs alike in part (GUM
     * 5.2).
     */
    private static double uncertainty(double[] sensitivities, Pair a, Pair b, Meter meter) {
        double[] u = {
            shown(a).u(),
            shown(b).u(),
            meter.ofVolts(a.trueV()).u(),
            meter.ofVolts(b.trueV()).u()
        };
        double alike = meter.correlation(a.trueV(), b.trueV());
        return Estimate.combined(
                sensitivities, u, new double[][] {{1, 0, 0, 0}, {0, 1, 0, 0}, {0, 0, 1, alike}, {0, 0, alike, 1}});
    }

    /** The mean of what each reading gives: old · true / shown. */
    private static Estimate meanScale(Pair a, Pair b, double old, Meter meter) {
        double one = old * a.trueV() / a.shownV();
        double other = old * b.trueV() / b.shownV();
        return new Estimate(
                (one + other) / 2,
                uncertainty(
                        new double[] {
                            -one / a.shownV() / 2, -other / b.shownV() / 2, old / a.shownV() / 2, old / b.shownV() / 2
                        },
                        a,
                        b,
                        meter));
    }

    /** Scale from the rise alone: old · Δtrue / Δshown. */
    private static Estimate slopeScale(Pair a, Pair b, double old, Meter meter) {
        double rise = b.shownV() - a.shownV();
        double scale = old * (b.trueV() - a.trueV()) / rise;
        return new Estimate(
                scale, uncertainty(new double[] {scale / rise, -scale / rise, -old / rise, old / rise}, a, b, meter));
    }

    /** The regulated voltage that this looks like, one of the craft or one that such boards have. */
    private static Optional<Double> rail(double shownV, Electrics electrics) {
        return Stream.concat(
                        electrics.wiring().all(InnerCircuit.Regulator.class).stream()
                                .map(At::of)
                                .map(InnerCircuit.Regulator::volts),
                        SenseChain.USUAL_RAILS.stream())
                .filter(r -> Math.abs(shownV - r) < NEAR_RAIL * r)
                .findFirst();
    }
}
