package ablemedic.power;

import ablemedic.catalogue.Param;
import ablemedic.catalogue.Text;
import ablemedic.catalogue.Words;
import ablemedic.craft.Craft;
import ablemedic.diagnosis.Answers;
import ablemedic.diagnosis.Answers.Scale;
import ablemedic.diagnosis.BenchNeeds;
import ablemedic.diagnosis.Check;
import ablemedic.diagnosis.Distribution;
import ablemedic.diagnosis.Facet;
import ablemedic.diagnosis.Gaussian;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * What the craft counted of a battery, beside what the charger put back.
 *
 * @param backAh what the charger put back, ampere-hours
 */
record CountedCharge(String id, OptionalDouble backAh) implements Check<Craft> {
    private static final Words WORDS = Power.WORDS.check("counted-charge");
    private static final Scale COUNTED = new Scale(WORDS.line("measure").plain(), "Ah", 0, 200, 0.05, List.of());
    private static final Scale TOLD = new Scale(WORDS.line("tell").plain(), "Ah", 0.02, 100);
    private static final double SHARE = 0.05;
    private static final double FLIGHT_H = 0.08;

    CountedCharge(String id) {
        this(id, OptionalDouble.empty());
    }

    @Override
    public String key() {
        return backAh.isPresent() ? id + " with " + backAh.getAsDouble() : id;
    }

    @Override
    public String kind() {
        return "counted-charge";
    }

    @Override
    public Text title(Craft sound) {
        return WORDS.with("measured", Param.when(backAh.isPresent()))
                .with("back", new Param.Quantity(backAh.orElse(0) * 1000, "mAh", 0))
                .line("do");
    }

    @Override
    public List<Text> steps(Craft sound) {
        return WORDS.steps("do");
    }

    @Override
    public Answers answers() {
        return COUNTED;
    }

    @Override
    public Facet<Craft, ?> reads() {
        return SenseChain.SENSED;
    }

    @Override
    public Distribution outlook(Craft craft) {
        double back = backAh.orElse(0.75 * craft.electrics().sheet().battery().capacityMah() / 1000);
        double meanA = back / FLIGHT_H;
        double counted = Math.max(0, ShownCurrent.shown(SenseChain.SENSED.of(craft), meanA) * FLIGHT_H);
        double known = backAh.isPresent() ? 0 : 0.15 * counted;
        return new Gaussian(COUNTED, counted, Math.hypot(SHARE * counted + 0.01, known), 0.05);
    }

    @Override
    public double minutes() {
        return 1;
    }

    @Override
    public double risk() {
        return 0;
    }

    @Override
    public BenchNeeds needs() {
        return BenchNeeds.NOTHING;
    }

    @Override
    public Optional<Scale> toTell() {
        return Optional.of(TOLD);
    }

    @Override
    public Optional<String> unlikely(Craft sound, double ampereHours) {
        return Optional.of(BatteryEntry.charge(sound.electrics().sheet().battery(), 1000 * ampereHours)
                        .why())
                .filter(why -> !why.isEmpty());
    }

    @Override
    public Check<Craft> told(double ampereHours) {
        return new CountedCharge(id, OptionalDouble.of(ampereHours));
    }
}
