package ablemedic.takeoff;

import static ablemedic.diagnosis.Prediction.from;

import ablemedic.catalogue.Param;
import ablemedic.catalogue.Words;
import ablemedic.craft.Craft;
import ablemedic.craft.Point;
import ablemedic.diagnosis.Answers.Scale;
import ablemedic.diagnosis.BenchNeeds;
import ablemedic.diagnosis.Facet;
import ablemedic.diagnosis.Gaussian;
import ablemedic.family.Observer;
import java.util.function.ToDoubleFunction;

/** Scales, and the balance on two fingertips. */
final class WeightChecks {
    /** Handheld scales and a balance on fingertips. Common practice, no source. */
    private static final double SCALES_SHARE = 0.02;

    private static final double BALANCE_MM = 4;
    private static final double MM_A_METRE = 1000;
    private static final Facet<Craft, Point> BALANCE =
            Facet.of("balance-point", c -> c.airframe().balance());

    private final TakeOffChecks checks;

    WeightChecks(TakeOffChecks checks) {
        this.checks = checks;
    }

    void add() {
        checks.ask("weigh")
                .with("mass", craft -> Param.whole(Math.round(craft.airframe().massG()), "g"))
                .shows(
                        words -> scale(words, "kg", 0.02, 20),
                        scale -> from(
                                Facet.of("mass", (Craft c) -> c.airframe().massG() / 1000),
                                kg -> new Gaussian(scale, kg, SCALES_SHARE * kg, Observer.READS.slips())))
                .needs(BenchNeeds.BATTERY_OUT)
                .minutes(1)
                .add();
        balance("balance-forward", Point::forwardMm);
        balance("balance-right", Point::rightMm);
    }

    private static Scale scale(Words words, String unit, double low, double high) {
        return new Scale(words.line("measure").plain(), unit, low, high);
    }

    private void balance(String entry, ToDoubleFunction<Point> along) {
        checks.ask(entry)
                .kind("balance-point")
                .shows(
                        words -> scale(words, "m", -0.2, 0.2),
                        scale -> from(
                                BALANCE,
                                at -> new Gaussian(
                                        scale,
                                        along.applyAsDouble(at) / MM_A_METRE,
                                        BALANCE_MM / MM_A_METRE,
                                        Observer.READS.slips())))
                .needs(BenchNeeds.BATTERY_OUT)
                .minutes(1.2)
                .add();
    }
}
