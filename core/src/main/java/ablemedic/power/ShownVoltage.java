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
import ablemedic.reading.Meter;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * What the craft shows of its battery, beside a meter at the battery's plug. What the meter shows is told with it;
 * until then the battery is known only by how charged it is.
 *
 * @param charge 0 to 1
 * @param meterV what the meter shows, volts
 */
record ShownVoltage(String id, double charge, Meter meter, OptionalDouble meterV) implements Check<Craft> {
    private static final Words WORDS = Power.WORDS.check("shown-voltage");
    private static final Scale SHOWN =
            new Scale(WORDS.line("measure").plain(), "V", 0, ScaleFromReadings.HIGHEST_SHOWN_V, 0.5, List.of());
    private static final Scale TOLD = new Scale(WORDS.line("tell").plain(), "V", 0.5, ScaleFromReadings.HIGHEST_V);
    private static final double HALF = 0.5;
    private static final double BLUNDER = 0.05;
    /** Divider resistors of 1 % each and the converter's reference. Common practice. */
    private static final double CHAIN_SHARE = 0.012;

    private static final double STEP_V = 0.06;
    private static final double PACK_SHARE = 0.02;

    ShownVoltage(String id, double charge, Meter meter) {
        this(id, charge, meter, OptionalDouble.empty());
    }

    @Override
    public String key() {
        return meterV.isPresent() ? id + " with " + meterV.getAsDouble() : id;
    }

    @Override
    public String kind() {
        return "shown-voltage";
    }

    @Override
    public Text title(Craft sound) {
        return words().line("do");
    }

    @Override
    public List<Text> steps(Craft sound) {
        return words().steps("do");
    }

    private Words words() {
        return WORDS.with("charge", new Param.Choice(charge > HALF ? "full" : "low"))
                .with("measured", Param.when(meterV.isPresent()))
                .with("volts", new Param.Quantity(meterV.orElse(0), "V", 2));
    }

    @Override
    public Answers answers() {
        return SHOWN;
    }

    @Override
    public Facet<Craft, ?> reads() {
        return SenseChain.SENSED;
    }

    @Override
    public Distribution outlook(Craft craft) {
        SenseChain.Sensed sensed = SenseChain.SENSED.of(craft);
        SenseChain.Sensed measured = meterV.isPresent() ? sensed.withBatteryAsOnSheet() : sensed;
        Optional<SenseChain> found = meterV.isPresent()
                ? measured.atPlug(meterV.getAsDouble())
                : Optional.of(measured.at(sensed.electrics().sheet().battery().restingV(charge)));
        if (found.isEmpty()) {
            return Distribution.broad(SHOWN);
        }
        SenseChain chain = found.get();
        double resting = meterV.orElse(chain.restingV());
        double shown = chain.shownV();
        double batteryU = meterV.isPresent() ? meter.ofVolts(resting).u() : PACK_SHARE * resting;
        double follows = resting == 0 || chain.converterV() >= SenseChain.REFERENCE_V ? 0 : shown / resting;
        return new Gaussian(SHOWN, shown, Math.hypot(follows * batteryU, CHAIN_SHARE * shown + STEP_V), BLUNDER);
    }

    @Override
    public double minutes() {
        return 1;
    }

    @Override
    public double risk() {
        return 0.15;
    }

    @Override
    public BenchNeeds needs() {
        return BenchNeeds.POWERED;
    }

    @Override
    public Optional<Scale> toTell() {
        return Optional.of(TOLD);
    }

    @Override
    public Optional<String> unlikely(Craft sound, double volts) {
        return Optional.of(BatteryEntry.atRest(sound.electrics().sheet().battery(), volts)
                        .why())
                .filter(why -> !why.isEmpty());
    }

    @Override
    public Check<Craft> told(double volts) {
        return new ShownVoltage(id, charge, meter, OptionalDouble.of(volts));
    }
}
