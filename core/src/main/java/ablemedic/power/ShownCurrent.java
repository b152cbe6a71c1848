package ablemedic.power;

import ablemedic.catalogue.Param;
import ablemedic.catalogue.Text;
import ablemedic.catalogue.Words;
import ablemedic.craft.Craft;
import ablemedic.craft.FcSettings;
import ablemedic.diagnosis.Answers;
import ablemedic.diagnosis.Answers.Scale;
import ablemedic.diagnosis.BenchNeeds;
import ablemedic.diagnosis.Check;
import ablemedic.diagnosis.Distribution;
import ablemedic.diagnosis.Facet;
import ablemedic.diagnosis.Gaussian;
import ablemedic.physics.Powered;
import java.util.List;

/** What the craft shows of its current with the motors stopped. */
record ShownCurrent(String id) implements Check<Craft> {
    private static final Words WORDS = Power.WORDS.check("shown-current");
    private static final Scale SHOWN = new Scale(WORDS.line("measure").plain(), "A", -20, 200, 0.3, List.of());

    /** Current that the FC computes while another flows, amperes. */
    static double shown(SenseChain.Sensed craft, double trueA) {
        return craft.told().get(FcSettings.CURRENT_READ)
                ? trueA * CurrentChain.share(craft.electrics()) * craft.told().get(FcSettings.CURRENT_SCALE)
                        + craft.told().get(FcSettings.CURRENT_AT_REST)
                : 0;
    }

    @Override
    public String kind() {
        return "shown-current";
    }

    @Override
    public Text title(Craft sound) {
        return WORDS.line("do");
    }

    @Override
    public List<Text> steps(Craft sound) {
        return WORDS.with(
                        "rest",
                        new Param.Quantity(Powered.onBench(sound.electrics()).batteryA(), "A", 1))
                .steps("do");
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
        double shown = Math.min(
                SHOWN.high(),
                shown(
                        SenseChain.SENSED.of(craft),
                        Powered.onBench(craft.electrics()).batteryA()));
        return new Gaussian(SHOWN, shown, 0.35 + 0.1 * Math.abs(shown), 0.05);
    }

    @Override
    public double minutes() {
        return 0.5;
    }

    @Override
    public double risk() {
        return 0.15;
    }

    @Override
    public BenchNeeds needs() {
        return BenchNeeds.POWERED;
    }
}
